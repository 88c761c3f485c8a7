// A repeat: how many, how they lie; with the Repeat tool in hand and none picked, how the next one will be.
#include "art/repeat.h"
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/tools/colour/next_repeat.h"
#include "art/edits.h"

#include <cmath>

namespace softrope::app {

namespace {

using art::Repeat;
using Way = Repeat::Way;

class RepeatPage : public CardPage {
public:
    explicit RepeatPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return (c.picked == Context::Picked::group && repeat(c.item)) || (c.holds("repeats") && !repeat(c.item)); }
    Key key(const Context& c) const override { return {qulonglong(repeat(c.item) ? c.item : 0), int(now(c.item).way)}; }
    void build(Fields& f, const Context& c) override
    {
        const art::Id id = repeat(c.item) ? c.item : 0;
        if (id)
            f.heading("repeat", QString::fromStdString(session_.document().item(id)->name), [this, id](const QString& name) {
                session_.take(art::withTraits(session_.document(), {id}, {.name = name.toStdString()}), tr("Rename"));
            });
        else
            f.heading("repeat", tr("Repeat"));
        f.chips([this, id] { return id ? chipsOf(id) : tr("How the next ones lie"); });
        wayRows(f, id);
        numberRows(f, id);
        flag(f, id, tr("Upright"), tr("All lie as the first does; else they turn with the way"), &Repeat::upright);
        flag(f, id, tr("Every second one mirrored"), tr("Left and right by turns"), &Repeat::alternate);
        if (now(id).way == Way::grid) flag(f, id, tr("Staggered rows"), tr("Each second row half a step on"), &Repeat::stagger);
        if (!id) return;
        f.rule();
        f.note(tr("Click once more to pick one of them: what is done to it is done to all."));
        effectFields(f);
        f.rule();
        sizeSection(f, false);
        alignRow(f);
    }
    Bottom bottom(const Context& c) override
    {
        if (!repeat(c.item)) return {};
        return {tr("Worked out from the first."), tr("Set"), [this] { at_.run("set-parts"); }};
    }

private:
    const art::Item* item(art::Id id) const { return id ? session_.document().item(id) : nullptr; }
    const Repeat* repeat(art::Id id) const
    {
        const art::Item* i = item(id);
        return i && i->group() ? i->group()->repeat() : nullptr;
    }
    Repeat now(art::Id id) const
    {
        if (const Repeat* r = repeat(id)) return *r;
        return nextRepeat(canvas_);
    }
    QString chipsOf(art::Id id) const
    {
        const art::Item* i = item(id);
        if (!repeat(id)) return {};
        return tr("live · ") + tr("%n thing(s)", nullptr, static_cast<int>(i->group()->items.size())) + tr(", %1 nodes").arg(art::nodeCount(*i));
    }
    void change(art::Id id, const std::function<void(Repeat&)>& act, const QString& name, const QString& burst = {})
    {
        Repeat next = now(id);
        act(next);
        next = art::bounded(std::move(next));
        // What is set now is what comes next.
        keepNextRepeat(canvas_, next);
        if (!id) {
            at_.rebuild();
            return;
        }
        const art::Edited e = art::withRepeatChanged(session_.document(), id, act);
        if (e.done())
            session_.take(e.document, name, burst);
        else
            canvas_.say(refusalText(e.why));
    }
    void wayRows(Fields& f, art::Id id)
    {
        std::vector<Option> ways{{tr("Round"), tr("Round a centre")}, {tr("Along"), tr("Along a line")}, {tr("Rows"), tr("In rows and columns")}};
        f.segments(
            tr("Way"), ways, [this, id] { return static_cast<int>(now(id).way); },
            [this, id](int k) {
                const Way way = static_cast<Way>(k);
                if (id && way == Way::along && now(id).was.nodes.size() < 2) {
                    canvas_.say(tr("Take the Repeat tool with one thing picked, and click the line."));
                    at_.rebuild();
                    return;
                }
                const art::Sheet sheet = session_.document().sheet;
                change(
                    id,
                    [way, sheet](Repeat& r) {
                        // Round the middle of the sheet, unless it had a centre before.
                        if (way != r.way && way == Way::round) r.place = curve::translation({sheet.width / 2, sheet.height / 2});
                        r.way = way;
                    },
                    tr("Way"));
            });
    }
    void number(Fields& f, art::Id id, const QString& name, const NumberRange& range, const std::function<double(const Repeat&)>& get,
                const std::function<void(Repeat&, double)>& set)
    {
        f.number(
            name, range, [this, id, get] { return get(now(id)); },
            [this, id, set, name](double v) {
                change(
                    id, [&](Repeat& r) { set(r, v); }, name, name + QString::number(id));
            });
    }
    void numberRows(Fields& f, art::Id id)
    {
        const Way way = now(id).way;
        if (way == Way::grid) {
            number(
                f, id, tr("Columns"), {1, double(art::mostRows), 0, {}}, [](const Repeat& r) { return r.columns; },
                [](Repeat& r, double v) { r.columns = static_cast<int>(v); });
            number(
                f, id, tr("Rows"), {1, double(art::mostRows), 0, {}}, [](const Repeat& r) { return r.rows; },
                [](Repeat& r, double v) { r.rows = static_cast<int>(v); });
            if (!id) return;
            number(
                f, id, tr("From column to column"), {-1e5, 1e5, 1, tr("px")}, [](const Repeat& r) { return r.step.x; },
                [](Repeat& r, double v) { r.step.x = v; });
            number(
                f, id, tr("From row to row"), {-1e5, 1e5, 1, tr("px")}, [](const Repeat& r) { return r.step.y; }, [](Repeat& r, double v) { r.step.y = v; });
            return;
        }
        number(
            f, id, tr("Count"), {2, double(art::mostRepeats), 0, {}}, [](const Repeat& r) { return r.count; },
            [](Repeat& r, double v) { r.count = static_cast<int>(v); });
        if (!id) return;
        if (way == Way::round) {
            number(
                f, id, tr("Angle"), {-360, 360, 1, "°"}, [](const Repeat& r) { return curve::degrees(r.angle); },
                [](Repeat& r, double v) { r.angle = curve::radians(v); });
            f.number(
                tr("Radius"), {0, 1e5, 1, tr("px")},
                [this, id] {
                    const Repeat* r = repeat(id);
                    return r && !item(id)->group()->items.empty() ? art::radiusOf(*r, *item(id)->group()->items.front()) : 0;
                },
                [this, id](double v) {
                    const art::Edited e = art::withRepeatRadius(session_.document(), id, v);
                    if (e.done())
                        session_.take(e.document, tr("Radius"), tr("Radius") + QString::number(id));
                    else
                        canvas_.say(refusalText(e.why));
                });
        } else {
            number(
                f, id, tr("From"), {0, 100, 1, "%"}, [](const Repeat& r) { return 100 * r.from; },
                [](Repeat& r, double v) { r.from = std::min(v / 100, r.to - 1e-3); });
            number(
                f, id, tr("To"), {0, 100, 1, "%"}, [](const Repeat& r) { return 100 * r.to; },
                [](Repeat& r, double v) { r.to = std::max(v / 100, r.from + 1e-3); });
        }
    }
    void flag(Fields& f, art::Id id, const QString& name, const QString& tip, bool Repeat::*which)
    {
        f.tickBox(
            name, tip, [this, id, which] { return now(id).*which; },
            [this, id, which, name](bool on) {
                change(
                    id, [&](Repeat& r) { r.*which = on; }, name);
            });
    }
};

} // namespace

std::unique_ptr<CardPage> makeRepeatPage(CardDesk& at)
{
    return std::make_unique<RepeatPage>(at);
}

} // namespace softrope::app
