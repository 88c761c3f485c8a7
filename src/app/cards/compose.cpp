// Composing what is picked: its size, a frame behind it, fitting it into a shape.
#include "app/cards/sections.h"

#include "app/theme/theme.h"
#include "app/tools/frame_names.h"
#include "art/frames.h"

namespace softrope::app {

void sizeSection(Fields& f, bool several)
{
    CardDesk& at = f.at;
    auto* w = new NumberField(0.01, 1e5, 2);
    auto* h = new NumberField(0.01, 1e5, 2);
    for (NumberField* field : {w, h}) field->setFixedWidth(70);
    f.row(tr("Size"), w, h);
    w->setAccessibleName(tr("Width of all"));
    h->setAccessibleName(tr("Height of all"));
    const auto resize = [&at, several](double to, bool wide) {
        std::optional<double> width, height;
        (wide ? width : height) = to;
        const art::Edited e = art::withSize(at.session.document(), at.session.selection().items, width, height, at.canvas.setting(settings::sizeEvenly),
                                            several && at.canvas.setting(settings::sizeEach));
        if (e.done())
            at.session.take(e.document, tr("Size"));
        else
            at.canvas.say(refusalText(e.why));
        at.refresh();
    };
    QObject::connect(w, &NumberField::changed, [resize](double v) { resize(v, true); });
    QObject::connect(h, &NumberField::changed, [resize](double v) { resize(v, false); });
    f.follow([&at, several, w, h] {
        // Each by itself: the first tells.
        std::vector<art::Id> items = at.session.selection().items;
        if (several && at.canvas.setting(settings::sizeEach) && !items.empty()) items.erase(items.begin() + 1, items.end());
        const curve::Box b = art::bounds(at.session.document(), items);
        w->setValue(b.empty() ? 0 : b.width());
        h->setValue(b.empty() ? 0 : b.height());
    });
    const auto tick = [&](const QString& name, const QString& tip, const Setting<bool>& setting) {
        f.tickBox(
            name, tip, [&at, setting] { return at.canvas.setting(setting); },
            [&at, setting](bool on) {
                at.canvas.setSetting(setting, on);
                at.refresh();
            });
    };
    tick(tr("Evenly"), tr("Width and height keep their proportion"), settings::sizeEvenly);
    if (several) tick(tr("Each by itself"), tr("Every one of them gets that size"), settings::sizeEach);
}

void frameSection(Fields& f, bool several)
{
    CardDesk& at = f.at;
    f.note(tr("Frame and backdrop"));
    f.buttonRow({{"circle", tr("Round"), tr("A circle behind it"), "frame-circle"}, {{}, tr("Dome"), tr("A half circle behind it"), "frame-dome"}});
    f.buttonRow({{{}, tr("Shield"), tr("A shield of straights behind it"), "frame-shield"},
                 {"rectangle", tr("Square"), tr("A square with round corners behind it"), "frame-square"}});
    f.settingField(tr("Margin"), settings::frameMargin);
    if (!several) return;
    f.segments(
        tr("Fitted in, it is"),
        {{tr("Loose"), tr("Only moved and sized")},
         {tr("Clipped"), tr("Inside the shape, which clips it")},
         {tr("Cut"), tr("Cut off along the shape for good")}},
        [&at] { return at.canvas.setting(settings::fitThen); },
        [&at](int k) {
            at.canvas.setSetting(settings::fitThen, k);
            at.refresh();
        });
    f.buttonRow({{"fit", tr("Fit in"), tr("As large as the lowest shape and the margin allow"), "fit-in"},
                 {{}, tr("Cover"), tr("Over all of the lowest shape"), "fit-over"},
                 {{}, tr("As it is"), tr("Into the lowest shape without another size"), "fit-keep"}});
}

} // namespace softrope::app
