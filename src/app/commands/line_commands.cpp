// The commands of lines: tracing, joining, nodes, looks, aligning.
#include "app/commands/desk.h"
#include "art/arrange.h"
#include "art/build.h"
#include "art/drops.h"
#include "art/edits.h"
#include "art/ends.h"
#include "curve/arcs.h"
#include "curve/tolerances.h"

#include <algorithm>
#include <memory>
#include <set>

namespace softrope::app {

namespace {

void beginTrace(CommandDesk& at, TraceSettings::What what)
{
    at.setStep(StepId::trace);
    at.canvas.takeTool("pick");
    at.session.pickItems({});
    at.tracer.begin(what);
}

void takeTrace(CommandDesk& at)
{
    const art::Id layer = layerForWork(at.canvas);
    if (layer == 0) return;
    if (at.tracer.working()) {
        at.say(tr("Still tracing; it can be taken when the last pass is done."));
        return;
    }
    at.tracer.take(layer, at.canvas.look().colour.value_or(art::Colour{0, 0, 0}));
    at.canvas.takeTool("pick");
}

// Of the picked lines and those in picked groups, or of all that are ringed: their ends are meant. Picked ones whose ends were meant already
// are minded again.
void leaveOpen(CommandDesk& at)
{
    const art::Document& d = at.session.document();
    const std::set<art::Id> picked(at.session.selection().items.begin(), at.session.selection().items.end());
    const auto isPicked = [&](art::Id line) {
        const std::vector<const art::Item*> round = d.ancestorsOf(line);
        return picked.count(line) > 0 || std::any_of(round.begin(), round.end(), [&](const art::Item* i) { return picked.count(i->id) > 0; });
    };
    std::set<art::Id> lines;
    if (picked.empty()) {
        for (const art::OpenEnd& e : at.survey.now().ends)
            if (d.item(e.item)) lines.insert(e.item);
    } else {
        for (const art::OpenEnd& e : art::allEnds(d))
            if (isPicked(e.item)) lines.insert(e.item);
    }
    if (lines.empty()) {
        at.say(picked.empty() ? tr("No line has an open end.") : tr("Nothing that is picked has an open end."));
        return;
    }
    const bool meant = std::any_of(lines.begin(), lines.end(), [&](art::Id id) { return !d.item(id)->artwork()->openMeant; });
    at.session.take(art::withArtworkChanged(d, {lines.begin(), lines.end()}, [meant](art::Artwork& a) { a.openMeant = meant; }),
                    meant ? tr("Leave open") : tr("Mind ends"));
    const int n = static_cast<int>(lines.size());
    at.say(meant ? tr("%n line(s) may stay open: their ends are no longer counted or ringed.", nullptr, n)
                 : tr("The ends of %n line(s) count again.", nullptr, n));
}

} // namespace

void addLineCommands(CommandDesk& at)
{
    using enum Group;
    const auto picked = at.picked();
    const auto several = at.several();
    at.add("next-leak", tr("Show the next leak of a colour drop"), "Ctrl+Shift+.", line, [&at, next = std::make_shared<std::size_t>(0)] {
        const auto open = art::leaks(at.session.document());
        if (open.empty()) {
            at.say(tr("No colour drop is open."));
            return;
        }
        at.show(open[(*next)++ % open.size()].at, 3);
    });
    at.add("trace-shapes", tr("Trace shapes of the picture"), "Ctrl+T", line, [&at] { beginTrace(at, TraceSettings::What::shapes); });
    at.add("trace-lines", tr("Trace lines of the picture"), "Ctrl+L", line, [&at] { beginTrace(at, TraceSettings::What::lines); });
    at.add("trace-tones", tr("Separate the picture into tones"), "Ctrl+Shift+L", line, [&at] { beginTrace(at, TraceSettings::What::tones); });
    at.add(
        "take-trace", tr("Take what was traced"), "Ctrl+Return", line, [&at] { takeTrace(at); }, [&at] { return at.tracer.active(); });
    at.add(
        "leave-trace", tr("Drop the traced preview"), "Ctrl+Shift+T", line, [&at] { at.tracer.end(); }, [&at] { return at.tracer.active(); });
    at.add(
        "line-to-shape", tr("Line to shape"), "Shift+L", line,
        [&at] {
            takePicked(at, tr("Line to shape"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withLinesAsShapes(d, items); });
        },
        picked);
    at.add(
        "extremes", tr("Nodes at the extremes"), "Shift+X", line,
        [&at] {
            takePicked(at, tr("Nodes at the extremes"), [](const art::Document& d, const std::vector<art::Id>& items) {
                art::Document out = d;
                for (const art::Id id : items)
                    if (const art::Item* i = out.item(id); i && i->artwork()) {
                        curve::Paths paths;
                        for (const curve::Path& p : i->artwork()->paths) paths.push_back(curve::withNodesAtExtremes(p));
                        if (paths != i->artwork()->paths) out = art::withPaths(out, id, std::move(paths));
                    }
                return out;
            });
        },
        picked);
    at.add(
        "fairer", tr("Fairer: bend the line as evenly as its slack allows"), "Shift+F", line,
        [&at] {
            const double slack = at.canvas.setting(settings::fairerSlack);
            at.acts.run(tr("Fairer"), nodesOf(at.session.document(), at.session.selection().items), [slack](const art::Document& d, const art::Selection& s) {
                const art::FairerLines f = art::withLinesFairer(d, s.items, slack);
                if (!f.edited.done()) return Outcome{{}, {}, refusalText(f.edited.why)};
                if (f.edited.document == d) return Outcome{{}, {}, tr("They bend as evenly as they can within that slack.")};
                return Outcome{f.edited.document, {}, tr("Inflections %1 → %2, largest move %3.").arg(f.before).arg(f.after).arg(pxText(f.furthest))};
            });
        },
        picked);
    at.add(
        "reverse", tr("Turn line round"), "Ctrl+R", line,
        [&at] {
            takePicked(at, tr("Turn line round"),
                       [](const art::Document& d, const std::vector<art::Id>& items) { return art::withLinesTurnedRound(d, items); });
        },
        picked);
    at.add(
        "close-line", tr("Close line with a straight"), "Shift+C", line,
        [&at] { takePicked(at, tr("Close line"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withLinesClosed(d, items); }); },
        picked);
    at.add("join-near", tr("Join all ends that nearly meet"), "Shift+J", line, [&at] {
        const double reach = at.canvas.setting(settings::joinReach);
        const auto [d, joined] = art::withAllEndsJoined(at.session.document(), reach);
        if (joined == 0) {
            at.say(tr("No two open ends are within %1 of each other.").arg(pxText(reach)));
            return;
        }
        at.session.take(d, tr("Join ends"));
        at.say(tr("Joined %1 pairs of ends. Ctrl+Z takes them apart.").arg(joined));
    });
    at.add("leave-open", tr("Leave open ends open"), "Alt+.", line, [&at] { leaveOpen(at); });
    at.add(
        "copy-look", tr("Take this line's look for the next ones"), "Shift+T", line,
        [&at] {
            if (const art::Item* i = at.session.document().item(at.session.selection().items.front()); i && i->artwork())
                at.canvas.look() = i->artwork()->stroke;
        },
        picked);
    at.add(
        "put-look", tr("Give the kept look to what is picked"), "Shift+P", line,
        [&at] {
            takePicked(at, tr("Give look"), [look = at.canvas.look()](const art::Document& d, const std::vector<art::Id>& items) {
                return art::withArtworkChanged(d, items, [&](art::Artwork& a) { a.stroke = look; });
            });
        },
        picked);
    struct Alignment {
        const char* id;
        QString name;
        const char* key;
        art::Side side;
    };
    for (const Alignment& a : {Alignment{"left", tr("left"), "Left", art::Side::left},
                               {"centre", tr("centre"), "C", art::Side::centre},
                               {"right", tr("right"), "Right", art::Side::right},
                               {"top", tr("top"), "Up", art::Side::top},
                               {"middle", tr("middle"), "M", art::Side::middle},
                               {"bottom", tr("bottom"), "Down", art::Side::bottom}})
        for (const bool sheetToo : {true, false}) {
            const QString name = (sheetToo ? tr("Align to sheet: %1") : tr("Align to each other: %1")).arg(a.name);
            const auto align = sheetToo ? art::alignedToSheet : art::alignedToEachOther;
            at.commands.add(
                {QString(sheetToo ? "align-%1" : "align-each-%1").arg(a.id), name, QString(sheetToo ? "Alt+Shift+%1" : "Ctrl+Alt+Shift+%1").arg(a.key), line,
                 [&at, name, align, side = a.side] {
                     takePicked(at, name, [align, side](const art::Document& d, const std::vector<art::Id>& items) { return align(d, items, side); });
                 },
                 [&at, sheetToo] { return at.session.selection().items.size() > (sheetToo ? 0U : 1U); }});
        }

    at.add("add-layer", tr("Add layer"), "Ctrl+Shift+N", sheet, [&at] {
        art::Added a =
            art::withNewLayer(at.session.document(), tr("Layer %1").arg(at.session.document().layers.size() + 1).toStdString(), at.session.selection().layer);
        art::Selection s = at.session.selection();
        s.layer = a.id;
        at.session.take(a.document, s, tr("Add layer"));
    });
    at.add(
        "spread-across", tr("Even spaces across"), "Ctrl+Alt+Shift+A", line,
        [&at] {
            takePicked(at, tr("Even spaces"),
                       [](const art::Document& d, const std::vector<art::Id>& items) { return art::distributed(d, items, art::Along::across); });
        },
        several);
    at.add(
        "spread-down", tr("Even spaces down"), "Ctrl+Alt+Shift+S", line,
        [&at] {
            takePicked(at, tr("Even spaces"),
                       [](const art::Document& d, const std::vector<art::Id>& items) { return art::distributed(d, items, art::Along::down); });
        },
        several);
    at.add(
        "guides-only", tr("Make guides of what is picked, or lines again"), "Ctrl+Alt+L", line,
        [&at] {
            takePicked(at, tr("Guides"), [](const art::Document& d, const std::vector<art::Id>& items) {
                return art::withItemsChanged(d, items, [](art::Item& i) {
                    if (art::Artwork* a = std::get_if<art::Artwork>(&i.is)) a->guide = !a->guide;
                });
            });
        },
        picked);
}

} // namespace softrope::app
