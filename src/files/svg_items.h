// Elements of a drawing as items: shapes, pictures, groups, what clip paths cut, and elements shown again.
#pragma once

#include "curve/affine.h"
#include "files/clip_paths.h"
#include "files/markers.h"
#include "files/recipes.h"
#include "files/svg_reading.h"
#include "files/svg_style.h"
#include "files/svg_words.h"

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

    // The elements read from now on lie in this one, which is read elsewhere; until it is left.
    void within(pugi::xml_node n) { round_.push_back(n); }
    void leave() { round_.pop_back(); }
    // What the document has no notion of is painted without it, and said, where it would else be kept whole as an island.
    void takeApart() { apart_ = true; }

private:
    Reading& reading_;
    bool inPart_ = false; // of a part that a recipe keeps: what lies in it has the ids of what it was made from
    bool apart_ = false;
    std::vector<pugi::xml_node> round_; // elements that the one being read lies in, outermost first; those that show it again among them
    std::size_t islandBytes_ = 0;
    std::optional<std::vector<TextLine>> words_; // of the text that is being drawn, where lettering can set it
    int again_ = 0;                              // elements shown again so far
    std::vector<pugi::xml_node> using_;          // those that are being shown again: none shows itself

    // What the element says of the item itself. Its effects are taken out of the style: they are not inherited.
    art::Item traitsOf(pugi::xml_node n, Style& style, const curve::Affine& m);
    art::Artwork artwork(pugi::xml_node n, curve::Paths paths, const Style& s, const curve::Affine& m);
    void put(pugi::xml_node n, art::Item i, List& to);

    // What of the element itself the document has no notion of: names for people and for the card; nothing when it has one.
    std::string beyond(pugi::xml_node n, const Style& style, bool clips) const; // `clips`: its clip path is an area
    bool island(pugi::xml_node n, const Style& style, const curve::Affine& parent, const std::string& what, List& to);
    void ownIsland(pugi::xml_node n, const Style& style, const curve::Affine& m, List& to);
    void drawn(pugi::xml_node n, const Style& style, const curve::Affine& parent, List& to, int depth);
    void unclipped(pugi::xml_node n, const Style& style, const curve::Affine& m, List& to, int depth);
    bool text(pugi::xml_node n, const Style& style, const curve::Affine& m, List& to, int depth);
    void shape(pugi::xml_node n, curve::Paths paths, Style s, const curve::Affine& m, List& to);
    // A shape whose line is stretched unevenly: area and line as areas of their own.
    void stretched(pugi::xml_node n, const curve::Paths& paths, Style s, const curve::Affine& m, List& to);
    void lined(pugi::xml_node n, curve::Paths paths, const Style& style, const curve::Affine& m, List& to);
    bool marked(pugi::xml_node n, const curve::Paths& paths, const Style& style, const curve::Affine& m, List& to, int depth);
    void markerAt(pugi::xml_node marker, const MarkerPlace& at, const Style& on, const curve::Affine& m, List& to, int depth);
    void chosen(pugi::xml_node n, const Style& style, const curve::Affine& m, List& to, int depth);

    void group(pugi::xml_node n, Style style, const curve::Affine& m, List& to, int depth);
    void together(pugi::xml_node n, art::Item i, List items, art::GroupRecipe live, bool isolated, List& to, int depth);
    void parent(pugi::xml_node n, art::Item i, const Style& style, const curve::Affine& m, List& to, int depth);

    void clipped(pugi::xml_node n, const Clip& clip, const Style& style, const curve::Affine& m, List& to, int depth);
    void clipInto(Clip clip, List in, art::Blend blend, List& to);
    void clipAll(const Clip& clip, List inside, List& to);

    void use(pugi::xml_node n, Style style, const curve::Affine& m, List& to, int depth);
    void innerView(pugi::xml_node n, Style style, const curve::Affine& m, List& to, int depth);
    // What the target shows in its view box, in a frame of that size.
    void frame(pugi::xml_node target, double w, double h, const Style& style, const curve::Affine& m, List& to, int depth);
    void view(pugi::xml_node target, pugi::xml_node sized, const Style& style, const curve::Affine& m, List& to, int depth);
};

} // namespace softrope::files
