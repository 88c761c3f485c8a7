#include "app/commands/part_acts.h"

#include "art/parts.h"
#include "files/part_folder.h"

#include <QFileInfo>

#include <map>

namespace softrope::app {

namespace {

// Uses among what is picked, by what they are copies of.
std::map<std::string, std::vector<art::Id>> usesAmong(const art::Document& d, const std::vector<art::Id>& picked)
{
    std::map<std::string, std::vector<art::Id>> out;
    for (const art::Id id : picked)
        if (const art::Item* i = d.item(id); i && i->group() && i->group()->use()) out[i->group()->use()->part].push_back(id);
    return out;
}

// How much there is to do, before it is read: so many bytes a node.
std::size_t nodesIn(const files::Part& part)
{
    constexpr qint64 bytes = 50;
    return static_cast<std::size_t>(QFileInfo(QString::fromStdString(part.file)).size() / bytes);
}

QString missing(const std::string& id)
{
    return tr("The part %1 is not on this machine.").arg(QString::fromStdString(id));
}

} // namespace

void putPart(Acts& acts, Bench& bench, const QString& id, curve::Vec2 middle)
{
    const auto part = files::findPart(id.toStdString());
    if (!part) {
        bench.say(missing(id.toStdString()));
        return;
    }
    const art::Id layer = layerForWork(bench);
    if (!layer) return;
    acts.run(tr("Put %1").arg(QString::fromStdString(part->name)), nodesIn(*part),
             [part = *part, layer, middle](const art::Document& d, const art::Selection& picked) {
                 const files::OpenedPart opened = files::readPart(part);
                 if (!opened.ok()) return Outcome{{}, {}, QString::fromStdString(opened.problem)};
                 const art::Taken t = art::withPart(d, opened.document, part.id, middle, {layer});
                 if (t.items.empty()) return Outcome{{}, {}, t.why == art::Refusal::doesNotFit ? tr("The part holds nothing.") : refusalText(t.why)};
                 art::Selection s = picked;
                 s.items = t.items;
                 s.nodes.clear();
                 return Outcome{t.document, s, {}};
             });
}

void updateUses(Acts& acts, Bench& bench, bool all)
{
    std::vector<files::Part> parts;
    std::size_t nodes = 0;
    for (const auto& [id, uses] : usesAmong(bench.document(), bench.selection().items)) {
        const auto part = files::findPart(id);
        if (!part) {
            bench.say(missing(id));
            return;
        }
        nodes += nodesIn(*part) * (all ? art::usesOf(bench.document(), id).size() : uses.size());
        parts.push_back(*part);
    }
    if (parts.empty()) {
        bench.say(tr("Pick a part on the sheet first."));
        return;
    }
    acts.run(tr("Update from part"), nodes, [parts, all](const art::Document& before, const art::Selection& picked) {
        art::Document d = before;
        std::size_t done = 0;
        for (const files::Part& part : parts) {
            const files::OpenedPart opened = files::readPart(part);
            if (!opened.ok()) return Outcome{{}, {}, QString::fromStdString(opened.problem)};
            const std::vector<art::Id> uses = all ? art::usesOf(d, part.id) : usesAmong(d, picked.items)[part.id];
            const art::Edited e = art::withUsesUpdated(d, uses, opened.document);
            if (!e.done()) return Outcome{{}, {}, refusalText(e.why)};
            d = e.document;
            done += uses.size();
        }
        return Outcome{d, {}, tr("%n use(s) brought up to the part.", nullptr, static_cast<int>(done))};
    });
}

void giveToPart(Bench& bench)
{
    const art::Document& d = bench.document();
    const auto picked = usesAmong(d, bench.selection().items);
    if (picked.size() != 1 || picked.begin()->second.size() != 1) {
        bench.say(tr("Pick one part on the sheet first."));
        return;
    }
    const auto& [id, uses] = *picked.begin();
    const art::Document made = art::partFromUse(d, uses.front());
    // A part that is not here any more is made anew under its name.
    const auto part = files::findPart(id);
    const files::KeptPart kept = part ? files::changePart(*part, made) : files::keepPart(made, id, {});
    if (!kept.ok()) {
        bench.say(QString::fromStdString(kept.problem));
        return;
    }
    const std::size_t others = art::usesOf(d, id).size() - 1;
    bench.say(others ? tr("The part is as it is here now. %n other use(s) on this sheet: All uses brings them up to it.", nullptr, static_cast<int>(others))
                     : tr("The part is as it is here now. What it was is kept in its folder."));
}

} // namespace softrope::app
