// Drawings of the proof's tests: blobs, rings, abutting areas, lines; each kind of fault planted in them, beside innocent look-alikes.
#pragma once

#include "art/pieces.h"
#include "art/tree.h"
#include "curve/edit.h"
#include "curve/reduce.h"
#include "curve/strokes.h"
#include "proof/mend.h"

namespace drawings {

using namespace softrope;
using namespace pieces;
using curve::Path;
using curve::Vec2;
using proof::Fault;
using proof::Finding;

inline Document with(std::vector<Item> items)
{
    const Document d = newDocument();
    return withItems(d, d.layers[0]->id, std::move(items)).document;
}
// A smooth closed outline of n nodes whose directions are those of the chords beside them.
inline Path blob(Vec2 c, double radius, int n, strokes::Random& r)
{
    std::vector<Vec2> at;
    for (int k = 0; k < n; ++k) at.push_back(c + curve::direction(2 * curve::pi * k / n) * radius * r.between(0.85, 1.15));
    Path p;
    p.closed = true;
    for (int k = 0; k < n; ++k) {
        const Vec2 before = at[static_cast<std::size_t>((k + n - 1) % n)], after = at[static_cast<std::size_t>((k + 1) % n)],
                   q = at[static_cast<std::size_t>(k)];
        const Vec2 along = unit(after - before);
        p.nodes.push_back({q, q - along * distance(before, q) * 0.33, q + along * distance(after, q) * 0.33, curve::NodeKind::smooth});
    }
    return p;
}
inline Item bare(Path p, double width = 4, Colour c = {20, 30, 30})
{
    Artwork a;
    a.setPaths({std::move(p)});
    a.stroke.colour = c;
    a.stroke.width = width;
    Item i;
    i.name = "Line";
    i.is = std::move(a);
    return i;
}
inline std::vector<Finding> of(const std::vector<Finding>& all, Fault k)
{
    std::vector<Finding> out;
    std::copy_if(all.begin(), all.end(), std::back_inserter(out), [k](const Finding& f) { return f.kind == k; });
    return out;
}
inline proof::Limits usual()
{
    proof::Limits l;
    l.gap = 1.5;
    l.line = 1;
    return l;
}
inline std::vector<Finding> look(const Document& d, const proof::Limits& l = usual())
{
    return proof::findings(d, l);
}
// The only finding, of that kind.
inline Finding only(const Document& d, Fault k, const proof::Limits& l = usual())
{
    const auto all = look(d, l);
    for (const Finding& f : all) INFO(proof::nameOf(f.kind) << " at " << f.at.x << ' ' << f.at.y);
    REQUIRE(all.size() == 1);
    CHECK(proof::nameOf(all[0].kind) == std::string(proof::nameOf(k)));
    return all[0];
}
inline const Artwork& artworkAt(const Document& d, std::size_t k)
{
    return *d.layers[0]->items[k]->artwork();
}

} // namespace drawings
