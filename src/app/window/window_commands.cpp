// The window's commands and the menus made from them.
#include "app/commands/keys_page.h"
#include "app/commands/search.h"
#include "app/theme/language.h"
#include "app/theme/theme.h"
#include "app/tools/place/place_acts.h"
#include "app/window/window.h"
#include "art/build.h"
#include "art/drops.h"
#include "art/edits.h"
#include "curve/arcs.h"
#include "curve/tolerances.h"
#include "demo/pages.h"

#include <QApplication>
#include <QFileDialog>
#include <QFileInfo>
#include <QMenuBar>
#include <QMessageBox>
#include <QSettings>

#include <algorithm>

namespace softrope::app {

bool Window::run(const QString& id)
{
    const Command* c = commands_.find(id);
    if (!c || (c->can && !c->can())) return false;
    const auto act = c->run;
    act();
    return true;
}

bool Window::takePicked(const QString& name, const std::function<art::Edited(const art::Document&, const std::vector<art::Id>&)>& act)
{
    if (session_.selection().items.empty()) {
        say(refusalText(art::Refusal::nothingPicked));
        return false;
    }
    const art::Edited e = act(session_.document(), session_.selection().items);
    if (e.done())
        session_.take(e, name);
    else
        say(refusalText(e.why));
    return e.done();
}

void Window::beginTrace(TraceSettings::What what)
{
    setStep(StepId::trace);
    canvas_->takeTool("pick");
    session_.pickItems({});
    tracer_.begin(what);
}

void Window::takeTrace()
{
    const art::Id layer = layerForWork(*canvas_);
    if (layer == 0) return;
    if (tracer_.working()) {
        say(tr("Still tracing; it can be taken when the last pass is done."));
        return;
    }
    tracer_.take(layer, canvas_->look().colour.value_or(art::Colour{0, 0, 0}));
    canvas_->takeTool("pick");
}

void Window::makeCommands()
{
    const auto add = [this](const char* id, const QString& name, const char* keys, Group group, std::function<void()> act, std::function<bool()> can = {}) {
        commands_.add({id, name, keys, group, std::move(act), std::move(can)});
    };
    const auto picked = [this] { return !session_.selection().items.empty(); };
    using enum Group;
    add("new", tr("New sheet"), "Ctrl+N", file, [this] { leaveThen([this] { begin(art::newDocument(), {}); }); });
    add("open", tr("Open…"), "Ctrl+O", file, [this] {
        const QString path = askFile(true, tr("Open"), tr("Drawings (*.svg);;All files (*)"));
        if (!path.isEmpty()) openDrawing(path);
    });
    add("open-demo", tr("Open a piece of the demo…"), "Ctrl+Alt+O", file, [this] { openDemo(); });
    add("open-aside", tr("Open what was put aside…"), "Ctrl+Shift+O", file, [this] { openAside(); });
    add("save", tr("Save"), "Ctrl+S", file, [this] { save(); });
    add("save-as", tr("Save as…"), "Ctrl+Shift+S", file, [this] { saveAs(); });
    add("bring-picture", tr("Bring in pictures…"), "Ctrl+I", file, [this] {
        const QStringList paths = QFileDialog::getOpenFileNames(this, tr("Bring in pictures"), QSettings().value("folder").toString(),
                                                                tr("Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif);;All files (*)"));
        if (!paths.isEmpty()) bringPictures(paths);
    });
    add("export", tr("Export…"), "Ctrl+E", file, [this] {
        const QString path = askFile(false, tr("Export"), tr("Clean SVG (*.svg);;PDF (*.pdf);;PNG (*.png)"), nameForFile() + "-clean.svg");
        if (!path.isEmpty()) exportTo(path);
    });
    add("export-large", tr("Export PNG at twice the size…"), "Ctrl+Shift+E", file, [this] {
        const QString path = askFile(false, tr("Export PNG"), tr("PNG (*.png)"), nameForFile() + ".png");
        if (!path.isEmpty()) exportTo(path, static_cast<int>(session_.document().sheet.width * 2));
    });
    int scanKey = 0;
    for (const demo::Page& page : demo::pages())
        for (const int dpi : {150, 300}) {
            const QString id = QString("scan-%1-%2").arg(QString::fromStdString(page.id)).arg(dpi);
            commands_.add({id, tr("Scan a page: %1, %2 dpi").arg(QString::fromStdString(page.title)).arg(dpi), QString("Ctrl+Alt+%1").arg(++scanKey), file,
                           [this, page, dpi] {
                               QSettings kept;
                               const quint64 seed = kept.value("scanner/seed", 1).toULongLong();
                               kept.setValue("scanner/seed", seed + 1);
                               scanPage(QString::fromStdString(page.id), dpi, seed);
                           },
                           [this] { return !busy_; }});
        }
    add("quit", tr("Quit"), "Ctrl+Q", file, [this] { close(); });

    add(
        "undo", tr("Undo"), "Ctrl+Z", edit,
        [this] {
            const QString name = QString::fromStdString(session_.history().undoName());
            session_.undo();
            strip_->say(tr("Took back: %1.").arg(name.toLower()));
        },
        [this] { return session_.history().canUndo(); });
    add(
        "redo", tr("Redo"), "Ctrl+Shift+Z", edit, [this] { session_.redo(); }, [this] { return session_.history().canRedo(); });
    add(
        "copy", tr("Copy"), "Ctrl+C", edit, [this] { copyPicked(); }, picked);
    add("paste", tr("Paste"), "Ctrl+V", edit, [this] { pasteAnything(); });
    add(
        "duplicate", tr("Duplicate"), "Ctrl+D", edit,
        [this] {
            const art::Taken c = art::withCopies(session_.document(), session_.selection().items);
            art::Selection s = session_.selection();
            s.items = c.items;
            session_.take(art::transformed(c.document, c.items, curve::translation({12, 12})), s, tr("Duplicate"));
        },
        picked);
    add(
        "delete", tr("Delete"), "Del", edit, [this] { deletePicked(); }, picked);
    add("pick-all", tr("Pick everything"), "Ctrl+A", edit, [this] {
        std::vector<art::Id> all;
        for (const art::LayerPtr& l : session_.document().layers)
            if (l->shown && !l->locked)
                for (const art::ItemPtr& i : l->items)
                    if (i->shown && !i->locked) all.push_back(i->id);
        session_.pickItems(all);
    });
    for (const int by : {1, -1})
        add(by > 0 ? "pick-next" : "pick-before", by > 0 ? tr("Pick the next thing") : tr("Pick the one before"), by > 0 ? "Tab" : "Shift+Tab", edit,
            [this, by] {
                std::vector<art::Id> all;
                // Beside what is picked: in a group, its things.
                const art::Item* in = session_.selection().items.empty() ? nullptr : session_.document().parentOf(session_.selection().items.front());
                art::eachItem(session_.document(), {false, false, true, true}, [&](const art::Item& i, const art::Where& w) {
                    if (w.parent == in) all.push_back(i.id);
                });
                if (all.empty()) return;
                const auto& now = session_.selection().items;
                const auto at = now.empty() ? all.end() : std::find(all.begin(), all.end(), now.front());
                const auto n = static_cast<std::ptrdiff_t>(all.size());
                const std::ptrdiff_t next = at == all.end() ? (by > 0 ? 0 : n - 1) : ((at - all.begin()) + by + n) % n;
                session_.pickItems({all[static_cast<std::size_t>(next)]});
            });
    add("find-command", tr("Find a command…"), "Ctrl+K", edit, [this] {
        auto* p = new CommandSearch(commands_, this);
        p->setAttribute(Qt::WA_DeleteOnClose);
        p->move(mapToGlobal(QPoint((width() - p->width()) / 2, 70)));
        p->show();
    });

    add("next-leak", tr("Show the next leak of a colour drop"), "Ctrl+Shift+.", line, [this] {
        const auto open = art::leaks(session_.document());
        if (open.empty()) {
            say(tr("No colour drop is open."));
            return;
        }
        View v = canvas_->view();
        v.centre = open[nextEnd_++ % open.size()].at;
        v.zoom = std::max(v.zoom, 3.0);
        canvas_->setView(v);
    });
    add("trace-shapes", tr("Trace shapes of the picture"), "Ctrl+T", line, [this] { beginTrace(TraceSettings::What::shapes); });
    add("trace-lines", tr("Trace lines of the picture"), "Ctrl+L", line, [this] { beginTrace(TraceSettings::What::lines); });
    add("trace-tones", tr("Separate the picture into tones"), "Ctrl+Shift+L", line, [this] { beginTrace(TraceSettings::What::tones); });
    add(
        "take-trace", tr("Take what was traced"), "Ctrl+Return", line, [this] { takeTrace(); }, [this] { return tracer_.active(); });
    add(
        "leave-trace", tr("Drop the traced preview"), "Ctrl+Shift+T", line, [this] { tracer_.end(); }, [this] { return tracer_.active(); });
    add(
        "line-to-shape", tr("Line to shape"), "Shift+L", line,
        [this] { takePicked(tr("Line to shape"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withLinesAsShapes(d, items); }); },
        picked);
    add(
        "extremes", tr("Nodes at the extremes"), "Shift+X", line,
        [this] {
            takePicked(tr("Nodes at the extremes"), [](const art::Document& d, const std::vector<art::Id>& items) {
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
    add(
        "reverse", tr("Turn line round"), "Ctrl+R", line,
        [this] {
            takePicked(tr("Turn line round"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withLinesTurnedRound(d, items); });
        },
        picked);
    add(
        "close-line", tr("Close line with a straight"), "Shift+C", line,
        [this] { takePicked(tr("Close line"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withLinesClosed(d, items); }); },
        picked);
    add("join-near", tr("Join all ends that nearly meet"), "Shift+J", line, [this] {
        const double reach = canvas_->setting(settings::joinReach);
        const auto [d, joined] = art::withAllEndsJoined(session_.document(), reach);
        if (joined == 0) {
            say(tr("No two open ends are within %1 of each other.").arg(pxText(reach)));
            return;
        }
        session_.take(d, tr("Join ends"));
        say(tr("Joined %1 pairs of ends. Ctrl+Z takes them apart.").arg(joined));
    });
    add(
        "copy-look", tr("Take this line's look for the next ones"), "Shift+T", line,
        [this] {
            if (const art::Item* i = session_.document().item(session_.selection().items.front()); i && i->artwork()) canvas_->look() = i->artwork()->stroke;
        },
        picked);
    add(
        "put-look", tr("Give the kept look to what is picked"), "Shift+P", line,
        [this] {
            takePicked(tr("Give look"), [look = canvas_->look()](const art::Document& d, const std::vector<art::Id>& items) {
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
            commands_.add({QString(sheetToo ? "align-%1" : "align-each-%1").arg(a.id), name,
                           QString(sheetToo ? "Alt+Shift+%1" : "Ctrl+Alt+Shift+%1").arg(a.key), line,
                           [this, name, align, side = a.side] {
                               takePicked(name, [align, side](const art::Document& d, const std::vector<art::Id>& items) { return align(d, items, side); });
                           },
                           [this, sheetToo] { return session_.selection().items.size() > (sheetToo ? 0U : 1U); }});
        }

    add("add-layer", tr("Add layer"), "Ctrl+Shift+N", sheet, [this] {
        art::Added a =
            art::withNewLayer(session_.document(), tr("Layer %1").arg(session_.document().layers.size() + 1).toStdString(), session_.selection().layer);
        art::Selection s = session_.selection();
        s.layer = a.id;
        session_.take(a.document, s, tr("Add layer"));
    });
    for (const int by : {1, -1})
        add(by > 0 ? "layer-up" : "layer-down", by > 0 ? tr("Move layer up") : tr("Move layer down"), by > 0 ? "Ctrl+Alt+Up" : "Ctrl+Alt+Down", sheet,
            [this, by] { session_.take(art::withLayerMoved(session_.document(), session_.selection().layer, by), tr("Move layer")); });
    add("centre-guides", tr("Centre guides"), "Ctrl+Alt+Shift+G", sheet, [this] {
        const art::Sheet s = session_.document().sheet;
        art::Document d = art::withGuide(session_.document(), {s.width / 2, s.height / 2}, 0).document;
        session_.take(art::withGuide(d, {s.width / 2, s.height / 2}, curve::pi / 2).document, tr("Centre guides"));
    });
    add("drop-guides", tr("Drop all guides"), "Ctrl+Alt+G", sheet, [this] {
        art::Document d = session_.document();
        d.guides.clear();
        session_.take(d, tr("Drop guides"));
    });
    add("straighten-auto", tr("Straighten the picture by itself"), "Ctrl+Alt+S", sheet, [this] {
        if (const art::Item* i = referenceInHand(session_.document(), session_.selection()))
            straightenByItself(*canvas_, i->id);
        else
            say(tr("There is no picture to straighten."));
    });
    add("snapping", tr("Snapping on or off"), "Ctrl+Alt+N", sheet, [this] {
        canvas_->setSnapping(!canvas_->snapping());
        say(canvas_->snapping() ? tr("Snapping is on.") : tr("Snapping is off."));
    });

    const auto change = [this](const std::function<void(View&)>& act) {
        View v = canvas_->view();
        act(v);
        canvas_->setView(v);
    };
    add("next-view", tr("Next view: Over, Beside, Alone"), "V", view, [change] {
        change([](View& v) { v.show = v.show == Show::over ? Show::beside : v.show == Show::beside ? Show::alone : Show::over; });
    });
    add("hide-reference", tr("Hide or show the reference"), "X", view, [change] { change([](View& v) { v.referenceHidden = !v.referenceHidden; }); });
    add("far-off", tr("How far off: the picked line against what was drawn, or the picture's edge"), "E", view, [this] { farOff_.show(!farOff_.shown()); });
    add("veil-less", tr("Less of the reference"), "[", view, [change] { change([](View& v) { v.veil = std::max(0.0, v.veil - 0.05); }); });
    add("veil-more", tr("More of the reference"), "]", view, [change] { change([](View& v) { v.veil = std::min(1.0, v.veil + 0.05); }); });
    add("whole-sheet", tr("Whole sheet"), "0", view, [this] { canvas_->fitSheet(); });
    add("fit-picked", tr("Fit what is picked"), "9", view, [this] { canvas_->fitSelection(); });
    add("hundred", tr("100 %"), "8", view, [this] { canvas_->zoomTo(1); });
    add("zoom-in", tr("Zoom in"), "Ctrl++", view, [this] { canvas_->zoomBy(1.25); });
    add("zoom-out", tr("Zoom out"), "Ctrl+-", view, [this] { canvas_->zoomBy(0.8); });
    add("next-end", tr("Next open end"), ".", view, [this] {
        const auto& ends = survey_.now().ends;
        if (ends.empty()) {
            say(tr("No line has an open end."));
            return;
        }
        // The one after what is in the middle of the view now.
        View v = canvas_->view();
        v.centre = ends[nextEnd_++ % ends.size()].at;
        canvas_->setView(v);
    });
    makeArrangeCommands();
    makeBuildCommands();
    makeColourCommands();
    add("theme-day", tr("Day"), "F7", view, [this] { makeTheme(Theme::day); });
    add("theme-evening", tr("Evening"), "F8", view, [this] { makeTheme(Theme::evening); });
    add("theme-desktop", tr("As the desktop"), "F9", view, [this] { makeTheme(Theme::desktop); });
    add("language-desktop", tr("Language: as the desktop"), "", view, [this] { chooseLanguage({}); });
    for (const QString& code : languages()) {
        // In its own words, so that it is found by who needs it.
        QString name = QLocale(code).nativeLanguageName();
        name[0] = name[0].toUpper();
        add(("language-" + code).toUtf8().constData(), tr("Language: %1").arg(name), "", view, [this, code] { chooseLanguage(code); });
    }
    add("next-part", tr("Next part of the window"), "F6", view, [this] {
        const std::vector<QWidget*> parts{course_, canvas_, tray_, card_, layers_};
        std::size_t at = 0;
        for (std::size_t i = 0; i < parts.size(); ++i)
            if (parts[i] == focusWidget() || (focusWidget() && parts[i]->isAncestorOf(focusWidget()))) at = i + 1;
        QWidget* next = parts[at % parts.size()];
        if (next->focusPolicy() != Qt::NoFocus) {
            next->setFocus(Qt::TabFocusReason);
            return;
        }
        for (QWidget* w : next->findChildren<QWidget*>())
            if (w->focusPolicy() & Qt::TabFocus && w->isVisible()) {
                w->setFocus(Qt::TabFocusReason);
                return;
            }
    });

    for (const char* id : {"delete", "pick-next", "pick-before"}) commands_.fixKeys(id); // they belong to the bench
    for (std::size_t i = 0; i < app::steps().size(); ++i)
        add((QString("step-") + app::steps()[i]->key).toUtf8().constData(), tr("Step %1: %2").arg(i + 1).arg(app::steps()[i]->name()),
            QString::number(i + 1).toUtf8().constData(), steps, [this, id = app::steps()[i]->id] { setStep(id); });
    for (const auto& t : canvas_->tools()) {
        const Tool* tool = t.get();
        const bool fixed = tool->id() != "part";
        commands_.add({"tool-" + tool->id(),
                       tool->name(),
                       tool->key(),
                       tools,
                       [this, tool] {
                           // A tool of several steps is taken in the present one if that has it.
                           if (tool->id() != "pick" && !app::step(course_->current()).has(tool->id()))
                               for (const auto& s : app::steps())
                                   if (s->has(tool->id())) {
                                       setStep(s->id);
                                       break;
                                   }
                           canvas_->takeTool(tool->id());
                       },
                       {},
                       fixed});
    }
    commands_.add({"peek",
                   tr("Peek: only the reference, while held (Alt: only the artwork)"),
                   "W",
                   view,
                   [this] {
                       View v = canvas_->view();
                       v.peekReference = !v.peekReference;
                       canvas_->setView(v);
                   },
                   {},
                   true});
    commands_.add({"squint",
                   tr("Squint: blurred, while held"),
                   "Q",
                   view,
                   [this] {
                       View v = canvas_->view();
                       v.squint = !v.squint;
                       canvas_->setView(v);
                   },
                   {},
                   true});
    add("replay", tr("Tablet stand-in: play recorded strokes…"), "F4", help, [this] {
        const QString path = askFile(true, tr("Recorded strokes"), tr("Strokes (*.json);;All files (*)"));
        if (path.isEmpty()) return;
        const Recording r = readRecording(path);
        if (!r.problem.isEmpty())
            say(r.problem);
        else
            replay_->start(r);
    });
    add(
        "replay-stop", tr("Tablet stand-in: stop"), "Shift+F4", help, [this] { replay_->stop(); }, [this] { return replay_->running(); });
    add("keys", tr("Keys"), "F1", help, [this] {
        KeysPage page(commands_, this);
        page.exec();
    });
    add("do-offered", tr("Do what the strip offers"), "Ctrl+Alt+Return", help, [this] {
        if (!strip_->doOffered()) say(tr("Nothing is offered now."));
    });
    add("happened", tr("What happened"), "F2", help, [this] {
        QMessageBox box(this);
        box.setWindowTitle(tr("What happened"));
        const QStringList all = strip_->said();
        box.setText(all.isEmpty() ? tr("Nothing yet.") : all.mid(std::max<qsizetype>(0, all.size() - 20)).join('\n'));
        box.exec();
    });
    add("about", tr("About Soft Rope"), "Shift+F1", help, [this] {
        QMessageBox box(this);
        box.setWindowTitle(tr("About Soft Rope"));
        box.setText(tr("Soft Rope %1\nClean vector artwork from sketches and reference pictures.\n\nFree software under the GNU General Public Licence, "
                       "version 3 or later.")
                        .arg(QApplication::applicationVersion()));
        box.exec();
    });
}

void Window::makeMenus()
{
    std::map<Group, QMenu*> menus;
    for (const Group g : {Group::file, Group::edit, Group::line, Group::area, Group::sheet, Group::view, Group::help}) menus[g] = menu_->addMenu(nameOf(g));
    // Commands that stand in a menu of their own, by the beginning of their ids.
    struct Sub {
        QString prefix, name;
        Group in;
        QMenu* menu = nullptr;
    };
    std::vector<Sub> subs{{"scan-", tr("Scan a page"), Group::file},
                          {"theme-", tr("Theme"), Group::view},
                          {"language-", tr("Language"), Group::view},
                          {"align-each-", tr("Align to each other"), Group::line},
                          {"align-", tr("Align to sheet"), Group::line}};
    const QStringList separated{"export", "quit", "copy", "find-command", "keys", "centre-guides", "whole-sheet"};
    for (const Command& c : commands_) {
        QMenu* menu = menus.count(c.group) ? menus[c.group] : nullptr;
        QString text = c.name;
        for (Sub& s : subs)
            if (c.id.startsWith(s.prefix)) {
                if (!s.menu) s.menu = menus[s.in]->addMenu(s.name);
                menu = s.menu;
                // "Align to sheet: left" is "Left" there.
                text = c.name.mid(c.name.indexOf(':') + 1).trimmed();
                text[0] = text[0].toUpper();
                break;
            }
        auto* action = new QAction(text, this);
        action->setObjectName(c.id);
        action->setMenuRole(QAction::NoRole);
        action->setShortcutContext(Qt::WindowShortcut);
        connect(action, &QAction::triggered, this, [this, id = c.id] { run(id); });
        if (menu) {
            if (separated.contains(c.id)) menu->addSeparator();
            menu->addAction(action);
            connect(menu, &QMenu::aboutToShow, this, [action, can = c.can] { action->setEnabled(!can || can()); });
            connect(menu, &QMenu::aboutToHide, this, [action] { action->setEnabled(true); });
        }
        addAction(action);
        actions_[c.id] = action;
    }
    connect(&commands_, &Commands::keysChanged, this, &Window::giveKeys);
    giveKeys();
}

void Window::giveKeys()
{
    for (const Command& c : commands_) {
        QAction* action = actions_[c.id];
        const QString keys = commands_.keysOf(c);
        // Keys that can be held, and those that belong to the bench, are looked after by the event filter.
        if (c.fixedKeys)
            action->setText(keys.isEmpty() ? action->text() : action->text().section('\t', 0, 0) + '\t' + keys);
        else
            action->setShortcut(QKeySequence(keys));
    }
}

} // namespace softrope::app
