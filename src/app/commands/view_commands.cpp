// The commands of the view, of steps and tools, of theme and language.
#include "app/commands/desk.h"
#include "app/services/explaining.h"
#include "app/services/frame_meter.h"
#include "app/theme/language.h"
#include "app/theme/text_size.h"
#include "app/tools/hand_keys.h"
#include "app/widgets/frame_strip.h"

#include <QLocale>
#include <QPointer>
#include <QScreen>

#include <algorithm>
#include <memory>

namespace softrope::app {

void addViewCommands(CommandDesk& at)
{
    using enum Group;
    const auto change = [&at](const std::function<void(View&)>& act) {
        View v = at.canvas.view();
        act(v);
        at.canvas.setView(v);
    };
    at.add("next-view", tr("Next view: Over, Beside, Alone"), "V", view, [change] {
        change([](View& v) { v.show = v.show == Show::over ? Show::beside : v.show == Show::beside ? Show::alone : Show::over; });
    });
    at.add("hide-reference", tr("Hide or show the reference"), "X", view, [change] { change([](View& v) { v.referenceHidden = !v.referenceHidden; }); });
    at.add("far-off", tr("How far off the picked line is; once more, how it bends"), "E", view, [&at] { at.farOff.next(); });
    at.add("veil-less", tr("Less of the reference"), "[", view, [change] { change([](View& v) { v.veil = std::max(0.0, v.veil - 0.05); }); });
    at.add("veil-more", tr("More of the reference"), "]", view, [change] { change([](View& v) { v.veil = std::min(1.0, v.veil + 0.05); }); });
    at.add("whole-sheet", tr("Whole sheet"), "0", view, [&at] { at.canvas.fitSheet(); });
    at.add("fit-picked", tr("Fit what is picked"), "9", view, [&at] { at.canvas.fitSelection(); });
    at.add("hundred", tr("100 %"), "8", view, [&at] { at.canvas.zoomTo(1); });
    at.add("zoom-in", tr("Zoom in"), "Ctrl++", view, [&at] { at.canvas.zoomBy(1.25); });
    at.add("zoom-out", tr("Zoom out"), "Ctrl+-", view, [&at] { at.canvas.zoomBy(0.8); });
    at.add("pen-touch", tr("Touch of the pen…"), "Ctrl+Alt+Shift+W", view, [&at] { at.files.pen(); });
    at.add("explain", tr("Explain the tools: moving pictures and hints, or none"), "Ctrl+Alt+Shift+H", view, [&at] {
        setExplains(!explains());
        at.parts.layOut();
        at.say(explains() ? tr("The pointer on a tool shows what it does.") : tr("Tools stand still, and have no hints."));
    });
    at.add("side-left", tr("Card and layers at the left or right hand"), "Alt+Home", view, [&at] { at.parts.toggleSide(); });
    at.add("draw-left", tr("Keys for who draws with the left hand, or with the right"), "Alt+Shift+Home", view, [&at] {
        setDrawsWithLeft(!drawsWithLeft());
        at.parts.moveHandKeys();
        at.say(drawsWithLeft() ? tr("The tools' keys lie at the right: %1.").arg(handKeys().tray)
                               : tr("The tools' keys lie at the left: %1.").arg(handKeys().tray));
    });
    constexpr double step = 15; // degrees
    at.add("turn-left", tr("Turn the view left"), "Alt+9", view, [&at] { at.canvas.turnBy(-curve::radians(step)); });
    at.add("turn-right", tr("Turn the view right"), "Alt+0", view, [&at] { at.canvas.turnBy(curve::radians(step)); });
    at.add("upright", tr("View upright again"), "Alt+End", view, [&at] { at.canvas.turnBy(-at.canvas.view().turn); });
    at.add("next-end", tr("Next open end"), ".", view, [&at, next = std::make_shared<std::size_t>(0)] {
        const auto& ends = at.survey.now().ends;
        if (ends.empty()) {
            at.say(tr("No line has an open end."));
            return;
        }
        at.show(ends[(*next)++ % ends.size()].at);
    });
    at.add("theme-day", tr("Day"), "F7", view, [&at] { at.parts.useTheme(Theme::day); });
    at.add("theme-evening", tr("Evening"), "F8", view, [&at] { at.parts.useTheme(Theme::evening); });
    at.add("theme-desktop", tr("As the desktop"), "F9", view, [&at] { at.parts.useTheme(Theme::desktop); });
    at.add("theme-contrast", tr("High contrast"), "Ctrl+Shift+F9", view, [&at] { at.parts.useTheme(Theme::contrast); });
    for (const int percent : textSizes)
        at.add(QString("text-%1").arg(percent), tr("Text and controls at %1 %").arg(percent), percent == 100 ? "Ctrl+Alt+Shift+0" : "", view, [&at, percent] {
            if (const int most = largestTextSize(at.window.screen()->availableSize(), at.window.minimumSizeHint()); percent > most) {
                at.say(tr("This screen has room for %1 % at most.").arg(most));
                return;
            }
            setTextSize(percent);
            at.say(tr("Text and controls are at %1 % when the program is started next.").arg(percent));
        });
    at.add("language-desktop", tr("Language: as the desktop"), "", view, [&at] { at.parts.useLanguage({}); });
    for (const QString& code : languages()) {
        // In its own words, so that it is found by who needs it.
        QString name = QLocale(code).nativeLanguageName();
        name[0] = name[0].toUpper();
        at.add("language-" + code, tr("Language: %1").arg(name), "", view, [&at, code] { at.parts.useLanguage(code); });
    }
    // For who works on the program itself.
    at.add("frame-meter", tr("Frame meter"), "Ctrl+Alt+Shift+B", view, [&at, meter = new FrameMeter(&at.window), strip = QPointer<FrameStrip>()]() mutable {
        meter->watch(!meter->watching());
        delete strip;
        if (!meter->watching()) return;
        strip = new FrameStrip(*meter, &at.canvas);
        strip->move(12, 60); // below the sight line
        strip->show();
    });
    at.add("next-part", tr("Next part of the window"), "F6", view, [&at] { at.parts.focusNext(); });
    for (const char* id : {"delete", "pick-next", "pick-before"}) at.commands.fixKeys(id); // they belong to the bench

    for (std::size_t i = 0; i < app::steps().size(); ++i)
        at.add(QString("step-") + app::steps()[i]->key, tr("Step %1: %2").arg(i + 1).arg(app::steps()[i]->name()), QString::number(i + 1), steps,
               [&at, id = app::steps()[i]->id] { at.setStep(id); });
    for (const auto& t : at.canvas.tools()) {
        const Tool* tool = t.get();
        // Tools that stand in no tray have keys like other commands.
        const bool fixed = tool->id() == "pick" || std::any_of(app::steps().begin(), app::steps().end(), [&](const auto& s) { return s->has(tool->id()); });
        at.commands.add({"tool-" + tool->id(),
                         tool->name(),
                         tool->key(),
                         tools,
                         [&at, tool] {
                             // A tool of several steps is taken in the present one if that has it.
                             if (tool->id() != "pick" && !app::step(at.step()).has(tool->id()))
                                 for (const auto& s : app::steps())
                                     if (s->has(tool->id())) {
                                         at.setStep(s->id);
                                         break;
                                     }
                             at.canvas.takeTool(tool->id());
                         },
                         {},
                         fixed});
    }
    at.commands.add({"peek",
                     tr("Peek: only the reference, while held (Alt: only the artwork)"),
                     QString(QLatin1Char(handKeys().peek)),
                     view,
                     [&at] {
                         View v = at.canvas.view();
                         v.peekReference = !v.peekReference;
                         at.canvas.setView(v);
                     },
                     {},
                     true});
    at.commands.add({"squint",
                     tr("Squint: blurred, while held"),
                     QString(QLatin1Char(handKeys().squint)),
                     view,
                     [&at] {
                         View v = at.canvas.view();
                         v.squint = !v.squint;
                         at.canvas.setView(v);
                     },
                     {},
                     true});

    at.add("show-areas", tr("Show the areas, or hide them"), "Ctrl+Shift+A", view, [&at] { at.parts.toggleAreas(); });
}

} // namespace softrope::app
