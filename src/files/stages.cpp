#include "files/stages.h"

#include "art/tree.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <algorithm>
#include <map>

namespace softrope::files {

using art::Id;

namespace {

constexpr const char* pictureNow = "rope:picture-now:";

std::string listed(const std::vector<Id>& ids)
{
    std::string out;
    for (const Id id : ids) out += (out.empty() ? "" : " ") + std::to_string(id);
    return out;
}

std::vector<Id> idsIn(pugi::xml_node n, const char* name)
{
    std::vector<Id> out;
    for (const double v : numbers(n.attribute(name).value())) out.push_back(v >= 1 && v < 1e15 ? static_cast<Id>(v) : 0);
    return out;
}

// The things of the layer from that one on, as many as there are.
std::vector<art::ItemPtr> runFrom(const art::Document& now, Id first, Id count)
{
    const art::Layer* l = now.layerOf(first);
    if (!l) return {};
    const auto at = std::find_if(l->items.begin(), l->items.end(), [first](const art::ItemPtr& i) { return i->id == first; });
    const auto most = static_cast<Id>(l->items.end() - at);
    return {at, at + static_cast<std::ptrdiff_t>(std::min(count, most))};
}

} // namespace

void writeStage(pugi::xml_node root, const art::Stage& stage, const art::Document& now, const PictureLink& link)
{
    art::Document d = art::documentOf(stage);
    std::vector<Id> layers, items;
    for (art::LayerPtr& l : d.layers) {
        const art::Layer* same = now.layer(l->id);
        if (same && (same == l.get() || *same == *l)) {
            layers.push_back(l->id);
            art::Layer empty;
            empty.id = l->id;
            l = art::shared(std::move(empty));
            continue;
        }
        if (!same) continue;
        // A run of things that are as they are now, in the same order, is one empty group that says how many.
        std::map<Id, std::size_t> there;
        for (std::size_t k = 0; k < same->items.size(); ++k) there[same->items[k]->id] = k;
        art::Layer copy = *l;
        copy.items.clear();
        std::size_t next = same->items.size(); // where the run goes on
        for (const art::ItemPtr& i : l->items) {
            const auto at = there.find(i->id);
            if (at == there.end() || !(same->items[at->second] == i)) {
                copy.items.push_back(i);
                next = same->items.size();
                continue;
            }
            if (at->second == next) {
                ++items.back();
            } else {
                items.insert(items.end(), {i->id, 1});
                art::Item empty;
                empty.id = i->id;
                empty.is = art::Group{};
                copy.items.push_back(art::shared(std::move(empty)));
            }
            next = at->second + 1;
        }
        l = art::shared(std::move(copy));
    }
    std::map<const art::PictureFile*, Id> pictures;
    art::eachItem(now, {}, [&](const art::Item& i, const art::Where&) {
        if (i.reference() && i.reference()->picture) pictures.emplace(i.reference()->picture.get(), i.id);
    });
    const PictureLink here = [&](const art::PictureFile& f) {
        const auto at = pictures.find(&f);
        return at != pictures.end() ? pictureNow + std::to_string(at->second) : link ? link(f) : std::string();
    };
    pugi::xml_node n = root.append_child("rope:stage");
    set(n, "id", std::to_string(stage.id));
    set(n, "name", stage.name);
    set(n, "kept", std::to_string(stage.kept));
    set(n, "layers-as-now", listed(layers));
    set(n, "items-as-now", listed(items));
    n.append_child(pugi::node_pcdata).set_value(writeWorkingSvg(d, here).c_str());
}

std::optional<art::Stage> readStage(pugi::xml_node n, const art::Document& now, const PictureOpener& open)
{
    const PictureOpener here = [&](const std::string& address) -> std::optional<std::vector<std::byte>> {
        if (address.rfind(pictureNow, 0) != 0) return open ? open(address) : std::nullopt;
        const art::Item* i = now.item(std::strtoull(address.c_str() + std::string(pictureNow).size(), nullptr, 10));
        return i && i->reference() && i->reference()->picture ? std::optional(i->reference()->picture->bytes) : std::nullopt;
    };
    SvgResult r = readSvg(n.text().get(), here, {.stages = false});
    if (!r.ok() || !r.working) return std::nullopt;
    const std::vector<Id> layers = idsIn(n, "layers-as-now"), runs = idsIn(n, "items-as-now");
    std::map<Id, Id> items; // the first of a run, and how many it is
    for (std::size_t k = 0; k + 1 < runs.size(); k += 2) items[runs[k]] = runs[k + 1];
    // Pictures are the very same again.
    std::vector<art::Shared<art::PictureFile>> pictures;
    art::eachItem(now, {}, [&](const art::Item& i, const art::Where&) {
        if (i.reference() && i.reference()->picture) pictures.push_back(i.reference()->picture);
    });
    art::Document d = art::rebuilt(r.document, [&](const art::ItemPtr& i, const art::Where&) {
        if (const auto run = items.find(i->id); run != items.end()) return art::Rebuild::by(runFrom(now, run->first, run->second));
        if (!i->reference()) return art::Rebuild::below();
        const auto same = std::find(pictures.begin(), pictures.end(), i->reference()->picture);
        if (same == pictures.end()) return art::Rebuild::stay();
        art::Item shared = *i;
        std::get<art::Reference>(shared.is).picture = *same;
        return art::Rebuild::by(art::shared(std::move(shared)));
    });
    for (art::LayerPtr& l : d.layers)
        if (std::find(layers.begin(), layers.end(), l->id) != layers.end())
            for (const art::LayerPtr& other : now.layers)
                if (other->id == l->id) l = other;
    art::Stage s;
    s.id = std::min<Id>(n.attribute("id").as_ullong(0), Id{1} << 52);
    s.name = n.attribute("name").value();
    s.kept = std::max<std::int64_t>(0, n.attribute("kept").as_llong(0));
    s.content = d;
    return s;
}

} // namespace softrope::files
