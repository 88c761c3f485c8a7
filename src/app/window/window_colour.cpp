// The commands of the Tone and Colour steps, and live parts that follow what is drawn.
#include "app/tools/colour/ink_hand.h"
#include "app/tools/place/place_acts.h"
#include "app/tools/tone/tone_tools.h"
#include "app/widgets/ink_widgets.h"
#include "app/window/shelf_dialog.h"
#include "app/window/window.h"
#include "art/drops.h"
#include "art/facets.h"
#include "art/tones.h"
#include "art/tree.h"
#include "files/bytes.h"
#include "files/palettes.h"
#include "files/recovery.h"
#include "render/render.h"
#include "tone/palette.h"

#include <QFileInfo>

#include <algorithm>
#include <cmath>

namespace softrope::app {

// -- live parts ---------------------------------------------------------------------------------------------------------------------

void Window::watchAreas()
{
    bool drops = false;
    art::eachArtwork(session_.document(), {}, [&](const art::Item&, const art::Artwork& a, const art::Where&) { drops = drops || a.drop(); });
    areas_.setWatched(app::step(course_->current()).watchesAreas() || drops);
}

void Window::tellDrops(const art::FollowedDrops& f)
{
    if (f.opened)
        say(f.opened == 1 ? tr("A colour drop's area opened: it stays as it was, the ring shows where. Close the gap, or drop again.")
                          : tr("%1 colour drops' areas opened: they stay as they were, rings show where.").arg(f.opened));
    else if (f.closed)
        say(f.closed == 1 ? tr("The drop's area is closed again.") : tr("%1 drops' areas are closed again.").arg(f.closed));
}

// Dark against light of what is drawn, from a small render in the background.
void Window::weighDocument()
{
    if (course_->current() != StepId::colour || weighing_ || weighed_ == session_.document()) return;
    weighing_ = true;
    struct Result {
        art::Document of;
        double dark = -1;
    };
    session_.jobs().run<Result>(
        Lane::working, this,
        [d = session_.document()](const Progress&) {
            const pixel::Picture p = render::renderSheet(d, 160, {});
            double dark = 0, all = 0;
            for (const pixel::Rgba c : p.data) {
                if (c.a < 128) continue;
                all += 1;
                dark += pixel::quickLabOf(c).l < 50;
            }
            return Result{d, all > 0 ? dark / all : -1};
        },
        [this](const std::optional<Result>& r) {
            weighing_ = false;
            if (!r) return;
            weighed_ = r->of;
            darkShare_ = r->dark;
            refreshReadings();
        });
}

// -- readings -----------------------------------------------------------------------------------------------------------------------

// -- acts -----------------------------------------------------------------------------------------------------------------------------

void Window::cutFacets()
{
    const art::Document& d = session_.document();
    const int pieces = canvas_->setting(settings::facetPieces);
    const auto& items = session_.selection().items;
    const art::Item* shape = items.size() == 1 ? d.item(items.front()) : nullptr;
    const bool closed = shape && shape->artwork() && !shape->artwork()->paths.empty() && shape->artwork()->paths.front().closed;
    const art::Item* now = piecesInHand(d, session_.selection());
    if (closed && !(now && d.parentOf(shape->id) == now)) {
        tone::FacetPlan plan;
        plan.outline = shape->artwork()->paths;
        plan.chords = tone::proposeChords(plan.outline, pieces, plan.seed);
        const art::Ink* ink = inkInHand(*canvas_);
        const art::Id named = shape->artwork()->fill.ink.ink ? shape->artwork()->fill.ink.ink : shape->artwork()->fill.colour || !ink ? 0 : ink->id;
        const art::Added a = art::withFacets(d, shape->id, plan, named);
        if (!a.id) return;
        art::Selection s = session_.selection();
        s.items = {a.id};
        s.nodes.clear();
        const std::size_t n = a.document.item(a.id)->group()->items.size();
        session_.take(a.document, s, tr("Facets"));
        setStep(StepId::tone);
        canvas_->takeTool("facets");
        say(tr("Cut into %1 pieces. Drag from corner to corner for more. Ctrl+Z takes them away.").arg(n));
        return;
    }
    if (now && now->group()->facets()) {
        tone::FacetPlan plan = now->group()->facets()->plan;
        plan.chords = tone::proposeChords(plan.outline, std::max(2, static_cast<int>(now->group()->items.size())), ++plan.seed);
        plan.held.clear();
        session_.take(art::withFacetPlan(d, now->id, plan), tr("Propose cuts"));
        return;
    }
    say(tr("Pick a closed outline first."));
}

void Window::meshPicture()
{
    const art::Item* i = desk_.picture();
    if (!i || busy_) {
        say(i ? tr("Other work is under way.") : tr("There is no picture to lay pieces over."));
        return;
    }
    struct Result {
        tone::Mesh mesh;
    };
    tone::MeshOptions o;
    o.count = canvas_->setting(settings::meshPieces);
    o.detail = canvas_->setting(settings::meshDetail);
    const int colour = canvas_->setting(settings::meshColour);
    o.colour = colour == 1 ? tone::PieceColour::median : tone::PieceColour::mean;
    const Progress progress;
    setBusy(tr("Laying pieces"), progress);
    session_.jobs().run<Result>(
        Lane::working, this,
        [shelf = &session_.pictures(), r = *i->reference(), o](const Progress& p) mutable {
            const auto picture = shelf->wait(r);
            if (!picture) return Result{};
            o.cancelled = [&p] { return p.cancelled(); };
            o.progress = [&p](double v) { p.share->store(v); };
            const art::ShownPixels part = art::shownPixels(picture, r);
            return Result{art::transformed(tone::meshOf(*part.pixels, o), art::placement(r) * curve::translation(part.offset))};
        },
        [this, colour](const std::optional<Result>& done) {
            endBusy();
            const Result r = done.value_or(Result{});
            if (r.mesh.faces.empty()) {
                say(tr("Stopped. No pieces were made."));
                return;
            }
            const art::Item* on = desk_.picture();
            // Over the picture, and over its tones.
            const art::Item* under = desk_.item() ? desk_.item() : on;
            const art::Layer* above = under ? session_.document().layerOf(under->id) : nullptr;
            const art::Added a = art::withMesh(session_.document(), r.mesh, canvas_->setting(settings::meshGap), colour == 2, above ? above->id : 0);
            art::Selection s = session_.selection();
            s.items = {a.id};
            session_.take(a.document, s, tr("Pieces"));
            canvas_->takeTool("facets");
            say(tr("%1 pieces. Drag corners, split and merge. Ctrl+Z takes them away.").arg(r.mesh.faces.size()));
        },
        Jobs::For::thisPiece, progress);
}

void Window::loadPalette(const QString& path)
{
    const files::TextResult text = files::readText(path.toStdString());
    const files::PaletteResult p = text.ok() ? files::readPalette(text.text) : files::PaletteResult{{}, {}, text.problem};
    if (!p.ok()) {
        say(QString::fromStdString(p.problem));
        return;
    }
    art::Document d = session_.document();
    for (const files::NamedColour& c : p.colours) d = art::withInk(d, c.name, c.colour).document;
    session_.take(d, tr("Load palette"));
    say(p.leftOut.empty() ? tr("Loaded %1 inks.").arg(p.colours.size())
                          : tr("Loaded %1 inks; left out, as they are no colours: %2.")
                                .arg(p.colours.size())
                                .arg(QString::fromStdString(p.leftOut.front()) + (p.leftOut.size() > 1 ? " …" : "")));
}

QString Window::savePalette(const QString& path)
{
    std::vector<files::NamedColour> list;
    for (const art::Ink& i : session_.document().inks)
        if (i.meaning == art::Meaning::paint) list.push_back({i.name, i.colour});
    if (list.empty()) return tr("There are no inks to save.");
    const files::FileResult r =
        files::saveAtomically(path.toStdString(), path.endsWith(".css") ? files::writeCssPalette(list) : files::writeTokenPalette(list));
    return QString::fromStdString(r.problem);
}

void Window::paletteFromPicture()
{
    const art::Item* i = referenceInHand(session_.document(), session_.selection());
    if (!i || busy_) {
        say(i ? tr("Other work is under way.") : tr("There is no picture to take inks from."));
        return;
    }
    const Progress progress;
    setBusy(tr("Taking inks"), progress);
    session_.jobs().run<std::vector<art::Colour>>(
        Lane::working, this,
        [shelf = &session_.pictures(), r = *i->reference()](const Progress&) {
            std::vector<art::Colour> out;
            const auto picture = shelf->wait(r);
            if (!picture || picture->empty()) return out;
            const tone::Levels small = tone::levelsOf(*picture, 4e5);
            tone::LabPicture lab(small.colours.width, small.colours.height);
            for (std::size_t k = 0; k < lab.data.size(); ++k) lab.data[k] = pixel::quickLabOf(small.colours.data[k]);
            for (const pixel::Lab c : tone::findPalette(lab, 6).colours) {
                const pixel::Rgba q = pixel::rgbOf(c);
                out.push_back({q.r, q.g, q.b});
            }
            return out;
        },
        [this, name = i->name](const std::optional<std::vector<art::Colour>>& found) {
            endBusy();
            if (!found) return;
            const std::vector<art::Colour>& list = *found;
            art::Document d = session_.document();
            for (const art::Colour c : list) d = art::withInk(d, name + " 1", c).document;
            session_.take(d, tr("Inks from the picture"));
            say(tr("Took %1 inks from the picture. Ctrl+Z drops them.").arg(list.size()));
        },
        Jobs::For::thisPiece, progress);
}

// What is picked is covered with it, and what is drawn next too.
void Window::useWorkingColour(art::Meaning meaning)
{
    art::Document d = art::withWorkingInks(session_.document());
    const art::Id ink = art::workingInk(d, meaning);
    const art::Paint paint = art::paintOf(d, {ink, 0});
    const auto& items = session_.selection().items;
    if (!items.empty()) d = art::withPaint(d, items, paint, art::Part::area);
    session_.take(d, meaning == art::Meaning::willBeDark ? tr("Will be dark") : tr("Will be light"));
    takeInk(*canvas_, {ink, 0});
    canvas_->setSetting(settings::shapePaint, static_cast<double>(paint.colour->r << 16 | paint.colour->g << 8 | paint.colour->b));
    if (items.empty()) say(tr("In hand for closed shapes: carve or draw them, then turn them into their tones at the end."));
}

void Window::turnWorkingColours()
{
    const art::Document& d = session_.document();
    std::optional<art::Ends> ends;
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where&) {
        if (i.group() && i.group()->tones())
            if (const auto of = art::toneEnds(*i.group())) ends = of; // of the topmost
    });
    const art::Ends to = ends.value_or(art::Ends{{20, 22, 28}, {250, 246, 236}});
    const art::Turned t = art::withWorkingColoursTurned(d, {to.dark, {}}, {to.light, {}});
    if (t.items == 0) {
        say(tr("Nothing is painted in the working colours."));
        return;
    }
    session_.take(t.document, tr("Turn working colours"));
    say(tr("%1 shapes have their tones now. Hold W to compare with the picture; Ctrl+Z takes it back.").arg(t.items));
}

void Window::pickAlike(art::Alike in)
{
    const auto& items = session_.selection().items;
    if (items.empty()) return;
    const auto all = art::alike(session_.document(), items.front(), in);
    session_.pickItems(all);
    say(all.size() == 1 ? tr("Nothing else is like it.") : tr("%1 are alike.").arg(all.size()));
}

void Window::makeColourCommands()
{
    const auto add = [this](const QString& id, const QString& name, const QString& keys, Group group, std::function<void()> act,
                            std::function<bool()> can = {}) {
        commands_.add({id, name, keys, group, std::move(act), std::move(can)});
    };
    using enum Group;
    const auto picked = [this] { return !session_.selection().items.empty(); };
    add("picture-shelf", tr("Picture shelf…"), "Ctrl+Shift+I", file, [this] {
        ShelfDialog dialog(session_.jobs(), this);
        connect(&dialog, &ShelfDialog::chosen, this, [this](const QString& id) { bringFromShelf(id); });
        dialog.exec();
    });
    for (const int n : {2, 3, 5})
        add(QString("tones-%1").arg(n), tr("Cut the picture into %1 tones").arg(n), QString("Ctrl+Alt+Shift+%1").arg(n), sheet, [this, n] {
            setStep(StepId::tone);
            desk_.begin(n);
        });
    add("set-tones", tr("Make areas of the tones"), "Ctrl+Shift+Return", sheet, [this] { desk_.set(); });
    add("revive-tones", tr("Tones live again"), "Ctrl+Alt+Shift+L", sheet, [this] { desk_.revive(); });
    add("will-be-dark", tr("Working colour: will be dark"), "Ctrl+Alt+9", sheet, [this] { useWorkingColour(art::Meaning::willBeDark); });
    add("will-be-light", tr("Working colour: will be light"), "Ctrl+Alt+0", sheet, [this] { useWorkingColour(art::Meaning::willBeLight); });
    add("turn-working", tr("Turn working colours into their tones"), "Ctrl+Alt+T", sheet, [this] { turnWorkingColours(); });
    add("facets-outline", tr("Cut the picked outline into facets"), "Ctrl+Alt+F2", area, [this] { cutFacets(); });
    add("facets-shuffle", tr("Shuffle facets"), "Ctrl+Alt+F3", area, [this] {
        const art::Item* i = piecesInHand(session_.document(), session_.selection());
        if (!i || !i->group()->facets()) {
            say(tr("There are no facets of an outline."));
            return;
        }
        session_.take(art::withFacetsShuffled(session_.document(), i->id, i->group()->facets()->plan.seed + 1), tr("Shuffle facets"));
    });
    add("facets-picture", tr("Lay a mesh of pieces over the picture"), "Ctrl+Alt+F4", area, [this] { meshPicture(); });
    add(
        "set-drops", tr("Set colour drops"), "Ctrl+Alt+F5", area,
        [this] { takePicked(tr("Set drops"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withSet(d, items); }); }, picked);
    add("add-ink", tr("Add the colour in hand as an ink"), "Ctrl+Alt+I", area, [this] {
        const art::Paint now = paintInHand(*canvas_);
        const art::Colour c = now.colour.value_or(art::Colour{46, 107, 102});
        const art::Added a = art::withInk(session_.document(), tr("Ink %1").arg(session_.document().inks.size() + 1).toStdString(), c);
        session_.take(a.document, tr("Add ink"));
        takeInk(*canvas_, {a.id, 0});
    });
    for (int k = 0; k < 9; ++k)
        add(QString("ink-%1").arg(k + 1), tr("Ink %1 in hand").arg(k + 1), QString("Shift+%1").arg(k + 1), area, [this, k] {
            const auto& inks = session_.document().inks;
            if (k >= static_cast<int>(inks.size())) return;
            const art::Ink ink = inks[static_cast<std::size_t>(k)];
            takeInk(*canvas_, {ink.id, 0});
            if (!session_.selection().items.empty())
                session_.take(art::withPaint(session_.document(), session_.selection().items, paintInHand(*canvas_), whereInHand(*canvas_)),
                              tr("Paint %1").arg(QString::fromStdString(ink.name)));
            refresh();
        });
    add("palette-load", tr("Load a palette…"), "Ctrl+Alt+P", file, [this] {
        const QString path = askFile(true, tr("Load a palette"), tr("Palettes (*.css *.json);;All files (*)"));
        if (!path.isEmpty()) loadPalette(path);
    });
    for (const auto& [id, name, filter, keys, end] :
         {std::tuple{"palette-css", tr("Save inks as CSS custom properties…"), tr("CSS (*.css)"), "Ctrl+Alt+K", "css"},
          {"palette-json", tr("Save inks as design tokens…"), tr("Design tokens (*.json)"), "Ctrl+Alt+J", "json"}}) {
        const QString ending = end, title = name, kinds = filter;
        add(id, name, keys, file, [this, title, kinds, ending] {
            QString path = askFile(false, title, kinds, "inks." + ending);
            if (path.isEmpty()) return;
            if (!path.endsWith('.' + ending)) path += '.' + ending;
            const QString trouble = savePalette(path);
            say(trouble.isEmpty() ? tr("Saved the inks as %1.").arg(QFileInfo(path).fileName()) : trouble);
        });
    }
    add("palette-picture", tr("Take inks from the picture"), "Ctrl+Alt+Shift+P", area, [this] { paletteFromPicture(); });
    add(
        "swap-paint", tr("Swap fill and line"), "Shift+Y", area,
        [this] { takePicked(tr("Swap paint"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withPaintsSwapped(d, items); }); },
        picked);
    add(
        "alike-fill", tr("Pick all with the same fill"), "Shift+G", edit, [this] { pickAlike(art::Alike::fill); }, picked);
    add(
        "alike-line", tr("Pick all with the same line colour"), "Alt+Shift+G", edit, [this] { pickAlike(art::Alike::line); }, picked);
    add(
        "alike-weight", tr("Pick all with the same weight"), "Alt+G", edit, [this] { pickAlike(art::Alike::weight); }, picked);
}

} // namespace softrope::app
