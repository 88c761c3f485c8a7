#include "page.h"

#include "words/version.h"

#include <algorithm>
#include <cctype>
#include <sstream>

namespace softrope::manual {

namespace {

// Plain text as man sets it: hyphens of options stay hyphens, a line never begins with a request.
std::string set(const std::string& text)
{
    std::string out;
    for (const char c : text) {
        if (c == '\\')
            out += "\\e";
        else if (c == '-')
            out += "\\-";
        else if ((c == '.' || c == '\'') && (out.empty() || out.back() == '\n'))
            out += std::string("\\&") + c;
        else
            out += c;
    }
    return out;
}

std::string upper(std::string text)
{
    for (char& c : text) c = static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    return text;
}

std::vector<std::string> namesOf(const Option& o)
{
    std::vector<std::string> all;
    std::istringstream in(o.names);
    for (std::string one; std::getline(in, one, ',');) all.push_back(one);
    return all;
}

std::string listed(const std::vector<Option>& options)
{
    std::string out;
    for (const Option& o : options) {
        out += ".TP\n";
        if (o.place) {
            out += ".I " + set(upper(o.names)) + "\n";
        } else {
            out += ".B ";
            bool first = true;
            for (const std::string& n : namesOf(o)) {
                out += (first ? "" : ", ") + set(n);
                first = false;
            }
            out += (o.value.empty() ? "" : " \\fI" + set(o.value) + "\\fR") + "\n";
        }
        out += set(o.means);
        if (!o.otherwise.empty()) out += std::string(o.means.empty() || o.means.back() == '.' ? "" : ".") + " Left out: " + set(o.otherwise) + ".";
        out += "\n";
    }
    return out;
}

std::string quoted(const std::string& text)
{
    std::string out;
    for (const char c : text) out += c == '\'' ? std::string("'\\''") : std::string(1, c);
    return "'" + out + "'";
}

std::string joined(const std::vector<std::string>& all, const char* between = " ")
{
    std::string out;
    for (const std::string& one : all) out += (out.empty() ? "" : between) + one;
    return out;
}

std::vector<std::string> optionNames(const std::vector<Option>& options, bool withValue)
{
    std::vector<std::string> all;
    for (const Option& o : options)
        if (!o.place && (!withValue || !o.value.empty()))
            for (const std::string& n : namesOf(o)) all.push_back(n);
    return all;
}

std::string functionName(const Program& p)
{
    std::string f = "_" + p.name;
    std::replace(f.begin(), f.end(), '-', '_');
    return f;
}

// What may follow an option, as words of the shell; empty = files.
std::string valuesOf(const Option& o)
{
    if (!o.choices.empty()) return joined(o.choices);
    if (o.names == "--process") return "$(soft-rope-cli processes 2>/dev/null | cut -f1)";
    if (o.names == "--theme") return "day evening desktop";
    if (o.names == "--step") return "1 2 3 4 5 6 7";
    if (o.names == "--new") return "square wide a4 shirt badge icon";
    return {};
}

bool takesFile(const Option& o)
{
    if (o.value == "FILE") return true;
    for (const std::string& n : namesOf(o))
        if (n == "--out" || n == "--holds" || n == "--plan") return true;
    return false;
}

std::string bashValues(const std::vector<Option>& options, const char* indent)
{
    std::string out;
    for (const Option& o : options) {
        if (o.place || o.value.empty()) continue;
        const std::string values = valuesOf(o);
        std::string what = ":"; // a number: nothing to offer
        if (!values.empty())
            what = "mapfile -t COMPREPLY < <(compgen -W \"" + values + "\" -- \"$cur\")";
        else if (takesFile(o))
            what = "compopt -o default";
        out += std::string(indent) + joined(namesOf(o), "|") + ") " + what + "; return ;;\n";
    }
    return out;
}

std::string zshText(const std::string& text)
{
    std::string out;
    for (const char c : text) {
        if (c == '[' || c == ']' || c == ':') out += '\\';
        out += c;
    }
    return out;
}

std::string zshOptions(const std::vector<Option>& options, const std::string& indent)
{
    std::string out;
    for (const Option& o : options) {
        if (o.place) continue;
        const std::string values = valuesOf(o);
        std::string action = ":";
        if (!o.choices.empty() || (!values.empty() && values[0] != '$'))
            action = ":(" + values + ")";
        else if (!values.empty())
            action = ":(${(f)\"" + values + "\"})";
        else if (takesFile(o))
            action = ":_files";
        const auto names = namesOf(o);
        const std::string end = "[" + zshText(o.means) + "]" + (o.value.empty() ? "" : ":" + zshText(o.value) + action);
        for (const std::string& n : names) out += " \\\n" + indent + quoted((names.size() > 1 ? "(" + joined(names) + ")" : "") + n + end);
    }
    return out + " \\\n" + indent + "'*:file:_files'\n";
}

} // namespace

std::string page(const Program& p, const std::string& date)
{
    std::string out = ".TH " + upper(set(p.name)) + " 1 " + date + " \"Soft Rope " + std::string(words::version()) + "\" \"User Commands\"\n.SH NAME\n" +
                      set(p.name) + " \\- " + set(p.does) + "\n.SH SYNOPSIS\n";
    if (p.commands.empty()) {
        out += ".B " + set(p.name) + "\n.RI [ OPTION \" ...] [\" FILE \" ...]\"\n";
    } else {
        out += ".B " + set(p.name) + "\n.I COMMAND\n.RI [ OPTION \" ...]\"\n";
    }
    out += ".SH DESCRIPTION\n" + p.about + ".SH OPTIONS\n" + listed(p.options);
    if (!p.commands.empty()) out += ".SH COMMANDS\n";
    for (const Command& c : p.commands) {
        out += ".SS " + set(c.name) + "\n" + set(c.does) + ".\n" + listed(c.options);
        if (!c.more.empty()) out += ".PP\n.nf\n" + set(c.more) + (c.more.back() == '\n' ? "" : "\n") + ".fi\n";
    }
    return out + p.ending + ".SH LICENCE\nGNU General Public License, version 3 or later.\n";
}

std::string bash(const Program& p)
{
    const std::string f = functionName(p);
    std::string out = "# Completion of " + p.name + " for bash; written by soft-rope-manual.\n" + f +
                      "()\n{\n    local cur=${COMP_WORDS[COMP_CWORD]} prev=${COMP_WORDS[COMP_CWORD-1]}\n";
    if (p.commands.empty()) {
        out += "    case $prev in\n" + bashValues(p.options, "        ") +
               "    esac\n    if [[ $cur == -* ]]; then\n        mapfile -t COMPREPLY < <(compgen -W \"" + joined(optionNames(p.options, false)) +
               "\" -- \"$cur\")\n    else\n        compopt -o default\n    fi\n}\n";
    } else {
        std::vector<std::string> names;
        for (const Command& c : p.commands) names.push_back(c.name);
        out += "    if [ \"$COMP_CWORD\" -eq 1 ]; then\n        mapfile -t COMPREPLY < <(compgen -W \"" + joined(names) + " " +
               joined(optionNames(p.options, false)) + "\" -- \"$cur\")\n        return\n    fi\n    local options=\n    case ${COMP_WORDS[1]} in\n";
        for (const Command& c : p.commands) {
            out += "    " + c.name + ")\n        options=\"" + joined(optionNames(c.options, false)) + "\"\n";
            if (const std::string values = bashValues(c.options, "            "); !values.empty()) out += "        case $prev in\n" + values + "        esac\n";
            out += "        ;;\n";
        }
        out += "    esac\n    if [[ $cur == -* ]]; then\n        mapfile -t COMPREPLY < <(compgen -W \"$options\" -- \"$cur\")\n    else\n        compopt -o "
               "default\n    fi\n}\n";
    }
    return out + "complete -F " + f + " " + p.name + "\n";
}

std::string zsh(const Program& p)
{
    std::string out = "#compdef " + p.name + "\n# Completion of " + p.name + " for zsh; written by soft-rope-manual.\n";
    if (p.commands.empty()) return out + "_arguments -s" + zshOptions(p.options, "    ");
    out += "local -a commands\ncommands=(\n";
    for (const Command& c : p.commands) out += "    " + quoted(zshText(c.name) + ":" + zshText(c.does)) + "\n";
    out += ")\nif (( CURRENT == 2 )); then\n    _describe command commands\n    return\nfi\nlocal command=$words[2]\nshift words\n(( CURRENT-- ))\ncase "
           "$command in\n";
    for (const Command& c : p.commands) out += "    " + c.name + ")\n        _arguments -s" + zshOptions(c.options, "            ") + "        ;;\n";
    return out + "esac\n";
}

} // namespace softrope::manual
