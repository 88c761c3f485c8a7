#include "files/css.h"

#include "files/text.h"
#include "files/xml.h"

#include <pugixml.hpp>

#include <algorithm>
#include <cctype>
#include <utility>

namespace softrope::files {

namespace {

constexpr std::size_t longest = 30;      // compounds of a selector: they are kept track of in the bits of a word
constexpr std::size_t mostRules = 50000; // a hostile sheet says no more than that

bool inName(char c)
{
    return std::isalnum(static_cast<unsigned char>(c)) != 0 || c == '-' || c == '_' || static_cast<unsigned char>(c) >= 128;
}
std::string withoutComments(std::string_view css)
{
    std::string out;
    out.reserve(css.size());
    for (std::size_t at = 0; at < css.size();) {
        const auto open = css.find("/*", at);
        out += css.substr(at, open - at);
        if (open == std::string_view::npos) break;
        out += ' ';
        const auto close = css.find("*/", open + 2);
        if (close == std::string_view::npos) break;
        at = close + 2;
    }
    return out;
}

// The first place from `at` where `stop` holds of a character that is not quoted; the end where there is none.
template <typename Stop> std::size_t findUnquoted(std::string_view css, std::size_t at, const Stop& stop)
{
    char quote = 0;
    for (; at < css.size(); ++at) {
        const char c = css[at];
        if (quote) {
            if (c == quote) quote = 0;
        } else if (c == '"' || c == '\'') {
            quote = c;
        } else if (stop(c)) {
            break;
        }
    }
    return at;
}

// Where a block that begins behind its brace ends.
std::size_t endOfBlock(std::string_view css, std::size_t at)
{
    int depth = 1;
    return findUnquoted(css, at, [&](char c) {
        depth += c == '{' ? 1 : c == '}' ? -1 : 0;
        return depth == 0;
    });
}

// Where a declaration ends: a semicolon in an address is none.
std::size_t endOfDeclaration(std::string_view css)
{
    int round = 0;
    return findUnquoted(css, 0, [&](char c) {
        round = std::max(0, round + (c == '(' ? 1 : c == ')' ? -1 : 0));
        return c == ';' && round == 0;
    });
}

// The words of a class attribute.
std::vector<std::string_view> wordsOf(std::string_view text)
{
    std::vector<std::string_view> out;
    for (std::size_t at = 0; at < text.size();) {
        while (at < text.size() && isSpace(text[at])) ++at;
        const std::size_t from = at;
        while (at < text.size() && !isSpace(text[at])) ++at;
        if (at > from) out.push_back(text.substr(from, at - from));
    }
    return out;
}

} // namespace

std::vector<Declaration> declarationsIn(std::string_view css)
{
    std::vector<Declaration> out;
    while (!css.empty()) {
        const std::size_t end = endOfDeclaration(css);
        const std::string_view one = css.substr(0, end);
        css = end < css.size() ? css.substr(end + 1) : std::string_view{};
        const auto colon = one.find(':');
        if (colon == std::string_view::npos) continue;
        Declaration d{trimmed(one.substr(0, colon)), trimmed(one.substr(colon + 1))};
        if (const auto mark = d.value.rfind('!'); mark != std::string_view::npos && trimmed(d.value.substr(mark + 1)) == "important") {
            d.important = true;
            d.value = trimmed(d.value.substr(0, mark));
        }
        if (!d.name.empty() && !d.value.empty()) out.push_back(d);
    }
    return out;
}

bool StyleSheet::Compound::matches(pugi::xml_node n) const
{
    if (!type.empty() && localName(n) != type) return false;
    if (!id.empty() && id != n.attribute("id").value()) return false;
    if (classes.empty()) return true;
    const auto has = wordsOf(n.attribute("class").value());
    return std::all_of(classes.begin(), classes.end(), [&](const std::string& c) { return std::find(has.begin(), has.end(), c) != has.end(); });
}

bool StyleSheet::selector(std::string_view text, Rule& to)
{
    text = trimmed(text);
    bool child = false;
    while (!text.empty()) {
        Compound c;
        c.child = std::exchange(child, false);
        bool some = false;
        const auto name = [&] {
            std::size_t n = 0;
            while (n < text.size() && inName(text[n])) ++n;
            std::string out(text.substr(0, n));
            text.remove_prefix(n);
            return out;
        };
        if (text.front() == '*') {
            text.remove_prefix(1);
            some = true;
        } else if (inName(text.front())) {
            c.type = name();
            to.weight += 1;
            some = true;
        }
        while (!text.empty() && (text.front() == '.' || text.front() == '#')) {
            const bool id = text.front() == '#';
            text.remove_prefix(1);
            std::string called = name();
            if (called.empty() || (id && !c.id.empty())) return false;
            if (id)
                c.id = std::move(called);
            else
                c.classes.push_back(std::move(called));
            to.weight += id ? 1U << 20 : 1U << 10;
            some = true;
        }
        if (!some) return false;
        to.chain.push_back(std::move(c));
        const std::size_t before = text.size();
        text = trimmed(text);
        if (text.empty()) break;
        if (text.front() == '>') {
            child = true;
            text = trimmed(text.substr(1));
            if (text.empty()) return false;
        } else if (text.size() == before) {
            return false; // neither a space nor a combinator: something of another kind
        }
    }
    return !to.chain.empty() && to.chain.size() <= longest;
}

void StyleSheet::rule(std::string_view selectors, std::string_view body)
{
    const std::vector<Declaration> says = declarationsIn(body);
    while (true) {
        const auto comma = selectors.find(',');
        const std::string_view one = selectors.substr(0, comma);
        Rule r;
        r.says = says;
        // What is pointed at or pressed never is, in a drawing that lies still.
        const bool still =
            one.find(":hover") == std::string_view::npos && one.find(":active") == std::string_view::npos && one.find(":focus") == std::string_view::npos;
        if (still) {
            if (rules_.size() >= mostRules || !selector(one, r)) {
                ++leftOut_;
            } else {
                const Compound& last = r.chain.back();
                const std::size_t at = rules_.size();
                if (!last.id.empty())
                    byId_[last.id].push_back(at);
                else if (!last.classes.empty())
                    byClass_[last.classes.front()].push_back(at);
                else if (!last.type.empty())
                    byType_[last.type].push_back(at);
                else
                    any_.push_back(at);
                rules_.push_back(std::move(r));
            }
        }
        if (comma == std::string_view::npos) return;
        selectors.remove_prefix(comma + 1);
    }
}

void StyleSheet::add(std::string_view css)
{
    texts_.push_back(withoutComments(css));
    std::string_view left = texts_.back();
    while (true) {
        left = trimmed(left);
        for (const std::string_view mark : {"<!--", "-->"})
            if (left.substr(0, mark.size()) == mark) left = trimmed(left.substr(mark.size()));
        if (left.empty()) return;
        const auto open = left.find('{'), stop = left.find(';');
        if (left.front() == '@' && stop < open) {
            if (left.substr(0, 8) != "@charset" && left.substr(0, 10) != "@namespace") ++leftOut_;
            left.remove_prefix(stop + 1);
            continue;
        }
        if (open == std::string_view::npos) {
            ++leftOut_;
            return;
        }
        const std::size_t end = endOfBlock(left, open + 1);
        if (left.front() == '@')
            ++leftOut_;
        else
            rule(left.substr(0, open), left.substr(open + 1, end - open - 1));
        left.remove_prefix(std::min(left.size(), end + 1));
    }
}

// From the root down, with what of the chain each element ends: no way back is ever tried, however deep it nests.
bool StyleSheet::matches(const Rule& r, pugi::xml_node n)
{
    if (!r.chain.back().matches(n)) return false;
    if (r.chain.size() == 1) return true;
    std::vector<pugi::xml_node> line;
    for (pugi::xml_node a = n; a && a.type() == pugi::node_element; a = a.parent()) line.push_back(a);
    std::uint32_t above = 0, parent = 0; // bit k: the chain up to k ends at some element above, at the parent
    for (auto a = line.rbegin(); a != line.rend(); ++a) {
        std::uint32_t here = 0;
        for (std::size_t k = 0; k < r.chain.size(); ++k) {
            const std::uint32_t needed = k == 0 ? 0 : 1U << (k - 1);
            if (k > 0 && !((r.chain[k].child ? parent : above) & needed)) continue;
            if (r.chain[k].matches(*a)) here |= 1U << k;
        }
        parent = here;
        if (std::next(a) == line.rend()) break;
        above |= here;
    }
    return (parent >> (r.chain.size() - 1)) & 1U;
}

std::vector<Declaration> StyleSheet::of(pugi::xml_node n) const
{
    std::vector<std::size_t> found;
    const auto look = [&](const std::vector<std::size_t>& in) {
        for (const std::size_t k : in)
            if (matches(rules_[k], n)) found.push_back(k);
    };
    const auto named = [&](const auto& map, std::string_view name) {
        if (const auto at = map.find(name); at != map.end()) look(at->second);
    };
    look(any_);
    if (!byType_.empty()) named(byType_, localName(n));
    if (!byId_.empty()) named(byId_, n.attribute("id").value());
    if (!byClass_.empty()) {
        auto classes = wordsOf(n.attribute("class").value());
        std::sort(classes.begin(), classes.end());
        classes.erase(std::unique(classes.begin(), classes.end()), classes.end());
        for (const std::string_view c : classes) named(byClass_, c);
    }
    std::sort(found.begin(), found.end(), [&](std::size_t a, std::size_t b) { return std::pair(rules_[a].weight, a) < std::pair(rules_[b].weight, b); });
    std::vector<Declaration> out;
    for (const std::size_t k : found) out.insert(out.end(), rules_[k].says.begin(), rules_[k].says.end());
    return out;
}

} // namespace softrope::files
