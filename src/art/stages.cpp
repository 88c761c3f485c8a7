#include "art/stages.h"

#include "art/tree.h"

#include <algorithm>

namespace softrope::art {

namespace {

auto placeOf(const std::vector<Shared<Stage>>& stages, Id id)
{
    return std::find_if(stages.begin(), stages.end(), [id](const Shared<Stage>& s) { return s->id == id; });
}

} // namespace

Added withStage(const Document& d, const std::string& name, std::int64_t now)
{
    if (d.stages.size() >= mostStages) return {d, 0, Refusal::doesNotFit};
    Stage s;
    s.id = d.nextId;
    s.name = name;
    s.kept = now;
    s.content = d;
    s.content.stages.clear();
    Document out = d;
    ++out.nextId;
    out.stages.push_back(shared(std::move(s)));
    return {out, d.nextId, Refusal::none};
}

Document withoutStage(const Document& d, Id stage)
{
    Document out = d;
    std::erase_if(out.stages, [stage](const Shared<Stage>& s) { return s->id == stage; });
    return out;
}

Document withStageNamed(const Document& d, Id stage, const std::string& name)
{
    Document out = d;
    for (Shared<Stage>& s : out.stages)
        if (s->id == stage && s->name != name) {
            Stage renamed = *s;
            renamed.name = name;
            s = shared(std::move(renamed));
        }
    return out;
}

Edited backAt(const Document& d, Id stage)
{
    const Stage* s = stageOf(d, stage);
    if (!s) return {d, Refusal::nothingPicked};
    Document out = d;
    static_cast<Content&>(out) = s->content;
    out.stages = d.stages;
    return out;
}

Document documentOf(const Stage& stage)
{
    Document out;
    static_cast<Content&>(out) = stage.content;
    // Ids that were never given out in it.
    Id most = stage.id;
    for (const LayerPtr& l : out.layers) most = std::max(most, l->id);
    for (const Ink& i : out.inks) most = std::max(most, i.id);
    for (const NamedLook& l : out.looks) most = std::max(most, l.id);
    for (const Guide& g : out.guides) most = std::max(most, g.id);
    eachItem(out, {}, [&](const Item& i, const Where&) { most = std::max(most, i.id); });
    out.nextId = most + 1;
    return out;
}

const Stage* stageOf(const Document& d, Id stage)
{
    const auto at = placeOf(d.stages, stage);
    return at == d.stages.end() ? nullptr : at->get();
}

} // namespace softrope::art
