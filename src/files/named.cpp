#include "files/named.h"

#include "files/xml.h"

#include <vector>

namespace softrope::files {

Named::Named(pugi::xml_node root)
{
    // By hand, not by recursion: hostile files nest deeply.
    std::vector<pugi::xml_node> open{root};
    while (!open.empty()) {
        const pugi::xml_node n = open.back();
        open.pop_back();
        if (const char* id = n.attribute("id").value(); *id) byId_.emplace(id, n);
        if (localName(n) == "style") style(n);
        // The first is taken next: of style sheets the later one wins.
        for (pugi::xml_node c = n.last_child(); c; c = c.previous_sibling())
            if (c.type() == pugi::node_element) open.push_back(c);
    }
}

void Named::style(pugi::xml_node n)
{
    const std::string_view type = n.attribute("type").value(), media = n.attribute("media").value();
    if ((!type.empty() && type != "text/css") || (!media.empty() && media != "all" && media != "screen")) return;
    std::string css;
    for (const pugi::xml_node c : n.children())
        if (c.type() == pugi::node_pcdata || c.type() == pugi::node_cdata) css += c.value();
    styles_.add(css);
}

pugi::xml_node Named::find(std::string_view id) const
{
    const auto at = byId_.find(id);
    return at == byId_.end() ? pugi::xml_node() : at->second;
}

pugi::xml_node Named::referredBy(pugi::xml_node n) const
{
    const std::string_view to = hrefOf(n);
    return to.empty() || to.front() != '#' ? pugi::xml_node() : find(to.substr(1));
}

} // namespace softrope::files
