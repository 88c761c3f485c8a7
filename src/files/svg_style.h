// What SVG elements inherit: presentation attributes and style declarations, lengths and transforms.
#pragma once

#include "art/document.h"
#include "curve/affine.h"
#include "files/css.h"
#include "files/lengths.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace pugi {
class xml_node;
}

namespace softrope::files {

struct Style {
    struct Paint {
        std::optional<art::Colour> colour; // with a server: what is painted where there is none of that name
        std::string server;                // name of a gradient or pattern
        double opacity = 1;                // of the colour itself
    };
    Paint fill{art::Colour{0, 0, 0}, {}}, stroke;
    art::Colour current{0, 0, 0};
    double currentOpacity = 1;
    double fillOpacity = 1, strokeOpacity = 1, strokeWidth = 1;
    std::vector<double> dashes; // px
    double dashFrom = 0, mitreLimit = 4;
    bool evenOdd = false, lineFirst = false;
    bool hidden = false;    // by visibility: what lies in it may show itself
    bool leftOut = false;   // by display, with all in it
    bool evenWidth = false; // the line is not scaled with its shape
    std::string markers[3]; // names: at the start, in the middle, at the end
    Lengths lengths;
    struct Type {
        enum class Anchor { start, middle, end };
        std::string family;               // as it is written: several by commas
        double weight = 400, spacing = 0; // spacing: px between letters
        bool italic = false, smallCaps = false, kerning = true, ligatures = true;
        Anchor anchor = Anchor::start;
        bool beyond = false; // something is said of the setting that lettering has not
    } type;
    // Not inherited: whoever goes down takes them out first.
    double opacity = 1;
    art::Blend blend = art::Blend::normal;
    bool isolated = false;
    std::string filter, clip, mask; // names
    art::Cap cap = art::Cap::flat;
    art::Join join = art::Join::mitre;

    const StyleSheet* sheet = nullptr; // the document's, where it has one
    // Takes over what is said of the element: by attributes, the style sheet, its own style, then by what is important of the two
    // (CSS Cascading Level 4, 6).
    void apply(pugi::xml_node n);
    // Whether what blends in the element stays in it (Compositing and Blending Level 1, 3.4.2; clip paths aside, as viewers have it).
    bool isolates() const { return isolated || opacity < 1 || blend != art::Blend::normal || !filter.empty() || !mask.empty(); }

private:
    void set(std::string_view name, std::string_view value);
    Paint paint(std::string_view value, const Paint& before) const;
};

// What style sheets and the element's own style say of it, the weakest first.
std::vector<Declaration> declaredOf(pugi::xml_node n, const StyleSheet* sheet);
// What is said of one property of the element, in the same order; empty where nothing is.
std::string propertyOf(pugi::xml_node n, std::string_view name, const StyleSheet* sheet);
// matrix, translate, scale, rotate, skewX, skewY in sequence (SVG 1.1, 7.6); the identity where it cannot be read.
curve::Affine transformOf(std::string_view text);

} // namespace softrope::files
