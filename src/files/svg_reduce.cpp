#include "curve/reduce.h"
#include "files/path_data.h"
#include "files/svg.h"
#include "files/svg_style.h"
#include "words/said.h"

#include <pugixml.hpp>

#include <algorithm>
#include <sstream>

namespace softrope::files {

namespace {

struct Walk {
    double slack;
    ReducedSvg& out;

    void visit(pugi::xml_node n, double scale, int depth)
    {
        if (depth > 200) return;
        for (pugi::xml_node c : n.children()) {
            if (c.type() != pugi::node_element) continue;
            const double here = scale * curve::meanScale(transformOf(c.attribute("transform").value()));
            const std::string name = c.name();
            if (name == "path" || name == "svg:path")
                path(c, here);
            else
                visit(c, here, depth + 1);
        }
    }

    void path(pugi::xml_node n, double scale)
    {
        ParsedPaths p = parsePathData(n.attribute("d").value());
        if (p.fault || !(scale > 0)) return;
        curve::Paths fewer;
        bool changed = false;
        for (const curve::Path& one : p.paths) {
            curve::ReduceOptions o;
            o.slack = slack / scale;
            const curve::Reduced r = curve::reduce(one, o);
            out.nodesBefore += one.nodes.size();
            out.nodesAfter += r.path.nodes.size();
            out.furthest = std::max(out.furthest, r.furthest * scale);
            changed = changed || r.path.nodes.size() != one.nodes.size();
            fewer.push_back(r.path);
        }
        if (!changed) return;
        const int decimals = std::clamp(3 + static_cast<int>(std::ceil(std::log10(std::max(scale, 1e-6)))), 1, 9);
        n.attribute("d").set_value(pathData(fewer, decimals).c_str());
        // What we know beyond SVG no longer fits the new nodes.
        n.remove_attribute("rope:kinds");
        n.remove_attribute("rope:samples");
    }
};

} // namespace

ReducedSvg reduceSvg(std::string_view text, double slack)
{
    ReducedSvg out;
    pugi::xml_document xml;
    const auto parsed = xml.load_buffer(text.data(), text.size(), pugi::parse_full);
    if (!parsed) {
        out.problem = text.empty() ? words::said("The file is empty.")
                                   : words::said("The file is broken: %1 at byte %2.", {parsed.description(), std::to_string(parsed.offset)});
        return out;
    }
    pugi::xml_node svg = xml.child("svg");
    if (!svg) svg = xml.child("svg:svg");
    if (!svg) {
        out.problem = words::said("The file is not an SVG drawing.");
        return out;
    }
    Walk{slack, out}.visit(svg, 1, 0);
    std::ostringstream s;
    xml.save(s, "", pugi::format_raw, pugi::encoding_utf8);
    out.text = s.str();
    return out;
}

} // namespace softrope::files
