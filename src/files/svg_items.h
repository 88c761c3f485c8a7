// Elements of a drawing as items: shapes, pictures, groups, what clip paths cut, and elements shown again.
#pragma once

#include "curve/affine.h"
#include "files/recipes.h"
#include "files/svg_reading.h"
#include "files/svg_style.h"

namespace softrope::files {

class Items {
public:
    explicit Items(Reading& reading) : reading_(reading) {}
    using List = std::vector<art::ItemPtr>;

    // The element, inheriting `style`, with its user space mapped to the sheet by `parent`, appended to `to`: none, one or several. `depth`
    // counts the groups around it.
    void element(pugi::xml_node n, Style style, const curve::Affine& parent, List& to, int depth);
    void children(pugi::xml_node n, const Style& style, const curve::Affine& m, List& to, int depth);
    // Artwork of one of our own elements; what recipes keep is written so too.
    art::Artwork ours(pugi::xml_node n, const Style& style, const curve::Affine& m);
    recipes::PartReader partReader();

    struct Clip {
        curve::Paths paths;
        bool evenOdd = false;
    };

private:
    Reading& reading_;
    bool inPart_ = false;               // of a part that a recipe keeps: what lies in it has the ids of what it was made from
    int again_ = 0;                     // elements shown again so far
    std::vector<pugi::xml_node> using_; // those that are being shown again: none shows itself

    // What the element says of the item itself. Its effects are taken out of the style: they are not inherited.
    art::Item traitsOf(pugi::xml_node n, Style& style, const curve::Affine& m);
    art::Artwork artwork(pugi::xml_node n, curve::Paths paths, const Style& s, const curve::Affine& m);
    void put(pugi::xml_node n, art::Item i, List& to);

    void unclipped(pugi::xml_node n, const Style& style, const curve::Affine& m, List& to, int depth);
    void shape(pugi::xml_node n, curve::Paths paths, Style s, const curve::Affine& m, List& to);

    void group(pugi::xml_node n, Style style, const curve::Affine& m, List& to, int depth);
    void together(pugi::xml_node n, art::Item i, List items, art::GroupRecipe live, bool isolated, List& to, int depth);
    void parent(pugi::xml_node n, art::Item i, const Style& style, const curve::Affine& m, List& to, int depth);

    bool clipped(pugi::xml_node n, const Style& style, const curve::Affine& m, List& to, int depth);
    void clipInto(Clip clip, List in, art::Blend blend, List& to);
    void clipAll(const Clip& clip, List inside, List& to);

    void use(pugi::xml_node n, Style style, const curve::Affine& m, List& to, int depth);
    void innerView(pugi::xml_node n, Style style, const curve::Affine& m, List& to, int depth);
    void view(pugi::xml_node target, pugi::xml_node sized, const Style& style, const curve::Affine& m, List& to, int depth);
};

} // namespace softrope::files
