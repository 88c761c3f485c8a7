#include "app/steps/step.h"

#include "app/canvas/tool.h"

#include "app/tools/hand_keys.h"
#include "app/tools/table.h"
#include "art/edits.h"

#include <algorithm>

namespace softrope::app {

const std::vector<std::unique_ptr<Step>>& steps()
{
    static const auto all = [] {
        std::vector<std::unique_ptr<Step>> list;
        for (const auto make : {makePlaceStep, makeTraceStep, makeBuildStep, makeToneStep, makeColourStep, makeShadeStep, makeProofStep})
            list.push_back(make());
        return list;
    }();
    return all;
}

const Step& step(StepId id)
{
    return **std::find_if(steps().begin(), steps().end(), [id](const auto& s) { return s->id == id; });
}

std::vector<QString> Step::tools() const
{
    std::vector<QString> ids;
    for (const ToolEntry& t : toolTable())
        if (t.step == id) ids.emplace_back(t.id);
    return ids;
}

bool Step::has(const QString& tool) const
{
    const auto ids = tools();
    return std::find(ids.begin(), ids.end(), tool) != ids.end();
}

QString Step::keyOf(const QString& tool) const
{
    const auto ids = tools();
    const auto at = std::find(ids.begin(), ids.end(), tool) - ids.begin();
    return at < static_cast<std::ptrdiff_t>(ids.size()) ? handKeys().tray.mid(static_cast<int>(at), 1) : tool == "pick" ? QString("Esc") : QString();
}

std::vector<Reading> Step::lineReadings(const Situation& s)
{
    std::vector<Reading> r;
    const art::Document& d = s.session.document();
    const std::size_t all = s.findings.nodes;
    std::size_t mine = 0;
    double off = -1;
    for (const art::Id id : s.session.selection().items)
        if (const art::Item* i = d.item(id); i && i->artwork()) {
            mine += curve::nodeCount(i->artwork()->paths);
            off = std::max(off, art::strayOf(*i->artwork()).value_or(-1));
        }
    const bool one = s.session.selection().items.size() == 1;
    r.push_back({"nodes",
                 {},
                 QString::number(mine ? mine : all),
                 !mine ? tr("nodes on the sheet")
                 : one ? tr("nodes in this line, %1 on the sheet").arg(all)
                       : tr("nodes picked, %1 on the sheet").arg(all)});
    if (off >= 0) r.push_back({"", tr("Furthest off"), pxText(off), {}});
    return r;
}

std::vector<Reading> Step::endReadings(const Situation& s)
{
    std::vector<Reading> r = lineReadings(s);
    r.push_back({"open-end", {}, QString::number(s.findings.ends.size()), tr("open ends")});
    if (s.findings.gap) r.push_back({"", tr("Smallest gap"), pxText(s.findings.gap->width), {}});
    return r;
}

} // namespace softrope::app
