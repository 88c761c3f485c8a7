#include "art/hit.h"

#include "art/tree.h"
#include "curve/edit.h"
#include "curve/polygon.h"

#include <algorithm>

namespace softrope::art {

using curve::Vec2;

bool covers(const Artwork& a, Vec2 p)
{
    return curve::insidePaths(a.paths, p, a.fill.evenOdd ? curve::Rule::evenOdd : curve::Rule::nonzero);
}

namespace {

// `most`: stops after so many.
class Finder {
public:
    Finder(Vec2 p, double reach, std::size_t most) : p_(p), reach_(reach), most_(most) {}

    void in(const std::vector<ItemPtr>& items)
    {
        for (auto i = items.rbegin(); i != items.rend() && out.size() < most_; ++i) {
            const Item& item = **i;
            if (!item.shown || !bounds(item).grown(reach_).contains(p_)) continue;
            std::visit(Each{[&](const Artwork& a) { artwork(*i, a); },
                            [&](const Reference& r) {
                                const auto back = curve::inverse(placement(r));
                                if (back && shownPart(r).contains(*back * p_)) out.push_back(*i);
                            },
                            [&](const Group& g) { in(*g.items); },
                            [&](const Island& k) {
                                const auto back = curve::inverse(k.place);
                                if (back && k.source->box.contains(*back * p_)) out.push_back(*i);
                            }},
                       item.is);
        }
    }
    std::vector<ItemPtr> out;

private:
    Vec2 p_;
    double reach_;
    std::size_t most_;

    void artwork(const ItemPtr& i, const Artwork& a)
    {
        const double half = a.stroke.colour ? a.stroke.width / 2 : 0;
        const bool onLine = std::any_of(a.paths.begin(), a.paths.end(), [&](const curve::Path& path) {
            const auto n = curve::nearest(path, p_);
            return n && n->distance <= std::max(reach_, half);
        });
        // The line lies over what is inside, that over the fill.
        if (onLine) out.push_back(i);
        const bool within = (a.fill.colour || !a.inside.empty()) && covers(a, p_);
        if (within && out.size() < most_) in(a.inside);
        if (within && !onLine && a.fill.colour) out.push_back(i);
    }
};

std::vector<ItemPtr> found(const Document& d, Vec2 p, double reach, std::size_t most)
{
    Finder f(p, reach, most);
    for (auto l = d.layers.rbegin(); l != d.layers.rend() && f.out.size() < most; ++l)
        if ((*l)->shown) f.in((*l)->items);
    return std::move(f.out);
}

} // namespace

std::vector<ItemPtr> thingsAt(const Document& d, Vec2 p, double reach)
{
    return found(d, p, reach, static_cast<std::size_t>(-1));
}

ItemPtr thingAt(const Document& d, Vec2 p, double reach)
{
    const std::vector<ItemPtr> all = found(d, p, reach, 1);
    return all.empty() ? nullptr : all.front();
}

Id pickedBy(const Document& d, Id thing, const std::vector<Id>& picked)
{
    std::vector<Id> way;
    for (const Item* i : d.ancestorsOf(thing)) way.push_back(i->id);
    way.push_back(thing);
    const auto isPicked = [&](Id id) { return std::find(picked.begin(), picked.end(), id) != picked.end(); };
    for (std::size_t k = way.size(); k-- > 0;) {
        if (isPicked(way[k])) return way[std::min(k + 1, way.size() - 1)];
        // Something beside it is picked: one is in that group already.
        if (k > 0)
            for (const Id id : picked)
                if (const Item* parent = d.parentOf(id); parent && parent->id == way[k - 1]) return way[k];
    }
    return way.front();
}

Id levelUp(const Document& d, const std::vector<Id>& picked)
{
    for (const Id id : picked)
        if (const Item* parent = d.parentOf(id)) return parent->id;
    return 0;
}

} // namespace softrope::art
