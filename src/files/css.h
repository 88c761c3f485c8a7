// Style sheets inside a drawing: rules whose selectors name types, classes, ids and * (Selectors Level 3), alone, below or right below
// one another, weighed as CSS Cascading Level 4 has it.
#pragma once

#include <cstdint>
#include <deque>
#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace pugi {
class xml_node;
}

namespace softrope::files {

struct Declaration {
    std::string_view name, value;
    bool important = false;
};
// "fill: red; stroke: none !important": what is no declaration is passed over. The views are of `css`.
std::vector<Declaration> declarationsIn(std::string_view css);

class StyleSheet {
public:
    // Takes over the rules of one style element; later ones win. Nothing in it is fetched from elsewhere.
    void add(std::string_view css);
    bool empty() const { return rules_.empty(); }
    // What is said of the element, the weakest first; important ones among them. The views live as long as the sheet.
    std::vector<Declaration> of(pugi::xml_node n) const;
    // Rules that were not understood: selectors of other kinds, @-rules.
    int leftOut() const { return leftOut_; }

private:
    struct Compound {
        std::string type, id; // empty: any
        std::vector<std::string> classes;
        bool child = false; // stands right below the one before it, not anywhere below
        bool matches(pugi::xml_node n) const;
    };
    struct Rule {
        std::vector<Compound> chain; // outermost first
        std::vector<Declaration> says;
        std::uint32_t weight = 0; // specificity: ids, classes, types
    };
    std::deque<std::string> texts_; // what the declarations are views of
    std::vector<Rule> rules_;
    std::map<std::string, std::vector<std::size_t>, std::less<>> byId_, byClass_, byType_; // by what the innermost asks for
    std::vector<std::size_t> any_;
    int leftOut_ = 0;

    static bool selector(std::string_view text, Rule& to);
    void rule(std::string_view selectors, std::string_view body);
    static bool matches(const Rule& r, pugi::xml_node n);
};

} // namespace softrope::files
