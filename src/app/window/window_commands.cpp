// What the commands may ask of the window, and the menus made from them.
#include "app/tools/hand_keys.h"
#include "app/window/about_dialog.h"
#include "app/window/pen_dialog.h"
#include "app/window/shelf_dialog.h"
#include "app/window/window.h"

#include <QMenuBar>

namespace softrope::app {

void Window::makeCommands()
{
    acting_.reset(new CommandDesk{*this, session_, *canvas_, acts_, survey_, tracer_, areas_, proofing_, farOff_, desk_, *replay_, commands_});
    CommandDesk& at = *acting_;
    at.say = [this](const QString& text) { say(text); };
    at.warn = [this](const QString& text) { warn(text); };
    at.setStep = [this](StepId id) { setStep(id); };
    at.step = [this] { return course_->current(); };
    at.busy = [this] { return busy_; };
    at.begin = [this](const QString& name, const Progress& p) { setBusy(name, p); };
    at.end = [this] { endBusy(); };
    at.askFile = [this](bool open, const QString& title, const QString& filter, const QString& name) { return askFile(open, title, filter, name); };
    at.files = {.newPiece = [this] { leaveThen([this] { begin(art::newDocument(), {}); }); },
                .stages = [this] { showStages(); },
                .parts = [this] { showParts(); },
                .keepPart = [this] { showParts().keepPicked(); },
                .processCards = [this] { showProcesses(); },
                .deliver = [this] { showDeliver(); },
                .openDemo = [this] { openDemo(); },
                .openAside = [this] { openAside(); },
                .openRecent = [this] { openRecent(); },
                .history = [this] { showHistory(); },
                .save = [this] { save(); },
                .saveAs = [this] { saveAs(); },
                .about = [this] { AboutDialog(session_, this).exec(); },
                .pen = [this] { PenDialog(this).exec(); },
                .shelf =
                    [this] {
                        ShelfDialog dialog(session_.jobs(), this);
                        connect(&dialog, &ShelfDialog::chosen, this, [this](const QString& id) { bringFromShelf(id); });
                        dialog.exec();
                    },
                .newWindow =
                    [this] {
                        if (others_.another) others_.another();
                    },
                .closeWindow = [this] { close(); },
                .quit =
                    [this] {
                        if (others_.quit)
                            others_.quit();
                        else
                            close();
                    },
                .beginFrom = [this](const QString& id) { beginFrom(id); },
                .job = [this](std::optional<StepId> step) { showJob(step); },
                .open = [this](const QString& path) { openDrawing(path); },
                .bring = [this](const QStringList& paths) { bringPictures(paths); },
                .openAny = [this](const QStringList& paths) { openFiles(paths); },
                .exportTo = [this](const QString& path, int width) { exportTo(path, width); },
                .exportFlat = [this](const QString& path) { exportFlat(path); },
                .scan = [this](const QString& page, int dotsPerInch, quint64 seed) { scanPage(page, dotsPerInch, seed); },
                .addPicture = [this](const std::shared_ptr<const art::PictureFile>& file, const QString& name) { addReference(file, name, nullptr); },
                .suggestedName = [this] { return nameForFile(); }};
    at.parts = {.refresh = [this] { refresh(); },
                .toggleAreas =
                    [this] {
                        areasShown_ = !areasShown_;
                        sight_->setAreasShown(areasShown_);
                        canvas_->update();
                    },
                .toggleMarks = [this] { showMarks(!marksShown_); },
                .toggleSide = [this] { setSideLeft(across_->indexOf(canvas_->parentWidget()) == 0); },
                .seeLarge =
                    [this] {
                        setStep(StepId::proof);
                        shelf_->enlargeNext();
                    },
                .revealPicked = [this] { layers_->tree().reveal(session_.selection().items); },
                .focusNext = [this] { focusNextPart(); },
                .layOut = [this] { layOut(); },
                .moveHandKeys = [this] { moveHandKeys(); },
                .useTheme = [this](Theme theme) { makeTheme(theme); },
                .useLanguage = [this](const QString& code) { chooseLanguage(code); },
                .doOffered = [this] { return strip_->doOffered(); },
                .saidSoFar = [this] { return strip_->said(); }};
    for (const auto add : {addFileCommands, addEditCommands, addLineCommands, addAreaCommands, addShadeCommands, addWordCommands, addArrangeCommands,
                           addIslandCommands, addInkCommands, addSheetCommands, addProofCommands, addViewCommands, addHelpCommands})
        add(at);
}

// The tools' keys, and those that are held, have come to lie under the other hand.
void Window::moveHandKeys()
{
    for (const auto& [id, key] : {std::pair{"peek", handKeys().peek}, {"squint", handKeys().squint}}) commands_.moveFixedKeys(id, QString(QLatin1Char(key)));
    sight_->tellHeldKeys();
    tray_->setStep(course_->current());
    layOut();
}

void Window::focusNextPart()
{
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
}

void Window::makeMenus()
{
    std::map<Group, QMenu*> menus;
    for (const Group g : {Group::file, Group::edit, Group::line, Group::area, Group::shade, Group::sheet, Group::view, Group::help})
        menus[g] = menu_->addMenu(nameOf(g));
    // Commands that stand in a menu of their own, by the beginning of their ids.
    struct Sub {
        QString prefix, name;
        Group in;
        QMenu* menu = nullptr;
    };
    std::vector<Sub> subs{{"scan-", tr("Scan a page"), Group::file},    {"template-", tr("New from a template"), Group::file},
                          {"theme-", tr("Theme"), Group::view},         {"text-", tr("Text size"), Group::view},
                          {"language-", tr("Language"), Group::view},   {"align-each-", tr("Align to each other"), Group::line},
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
