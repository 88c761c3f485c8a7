#include "art/edits.h"

#include <list>
#include <mutex>

namespace softrope::art {

namespace {

// What an outline depends on; the last few dozen are kept, since the same lines are painted again and again.
struct Key {
    curve::Paths paths;
    double width = 0;
    curve::Swell swell;
    bool round = true;
    friend bool operator==(const Key& a, const Key& b) { return a.width == b.width && a.round == b.round && a.swell == b.swell && a.paths == b.paths; }
};

class Kept {
public:
    std::shared_ptr<const curve::Paths> find(const Key& key)
    {
        const std::lock_guard lock(mutex_);
        for (auto i = all_.begin(); i != all_.end(); ++i)
            if (i->first == key) {
                all_.splice(all_.begin(), all_, i);
                return i->second;
            }
        return nullptr;
    }
    void keep(Key key, std::shared_ptr<const curve::Paths> outline)
    {
        const std::lock_guard lock(mutex_);
        all_.emplace_front(std::move(key), std::move(outline));
        if (all_.size() > 256) all_.pop_back();
    }

private:
    std::mutex mutex_;
    std::list<std::pair<Key, std::shared_ptr<const curve::Paths>>> all_;
};

Kept& kept()
{
    static Kept k;
    return k;
}

} // namespace

std::shared_ptr<const curve::Paths> swelledOutlines(const Artwork& a)
{
    static const auto none = std::make_shared<const curve::Paths>();
    if (!a.stroke.swell || !(a.stroke.width > 0)) return none;
    Key key{a.paths, a.stroke.width, *a.stroke.swell, a.stroke.cap == Cap::round};
    if (auto found = kept().find(key)) return found;
    auto out = std::make_shared<curve::Paths>();
    for (const curve::Path& p : a.paths)
        for (curve::Path& o : curve::swelledOutline(p, a.stroke.width, *a.stroke.swell, key.round)) out->push_back(std::move(o));
    kept().keep(std::move(key), out);
    return out;
}

Document withLinesAsShapes(const Document& d, const std::vector<Id>& items)
{
    return withItemsChanged(d, items, [](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        if (!a || !a->stroke.colour || !(a->stroke.width > 0)) return;
        Artwork even = *a;
        if (!even.stroke.swell) even.stroke.swell = curve::tidied({});
        const auto outline = swelledOutlines(even);
        if (outline->empty()) return;
        a->paths = *outline;
        a->fill = {};
        a->fill.colour = a->stroke.colour;
        a->fill.ink = a->stroke.ink;
        a->fill.opacity = a->stroke.opacity;
        a->stroke.colour.reset();
        a->stroke.swell.reset();
        forgetSources(*a);
    });
}

} // namespace softrope::art
