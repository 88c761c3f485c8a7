// Round corners of a picked line.
#include "app/cards/sections.h"

#include "art/edits.h"

#include <algorithm>
#include <memory>

namespace softrope::app {

void roundSection(Fields& f, art::Id id)
{
    CardDesk& at = f.at;
    const art::Item* item = at.session.document().item(id);
    if (!item || !item->artwork()) return;
    const art::Artwork& a = *item->artwork();
    const curve::Paths& sharp = a.rounding() ? a.rounding()->before : a.paths;
    std::size_t corners = 0;
    for (const curve::Path& p : sharp) corners += curve::cornerNodes(p).size();
    if (corners == 0) return;
    const curve::Box b = curve::bounds(sharp);
    const double most = std::clamp(0.5 * std::min(b.width(), b.height()), 4.0, 200.0);
    const Fields::SliderRow s =
        f.sliderRow(at.session.selection().nodes.empty() ? tr("Round all corners") : tr("Round picked corners"), 0, most, 0, tr("Round corners"));
    Slider* const slider = s.slider;
    QLabel* const figure = s.figure;
    auto* note = label({}, "small");
    f.add(note);
    const auto limited = std::make_shared<std::size_t>(0);
    QObject::connect(slider, &Slider::moved, [&at, id, limited](double v) {
        const art::Rounded r = art::withRoundCorners(at.session.document(), id, at.session.selection().nodes, v);
        *limited = r.limited;
        at.session.take(r.document, tr("Round corners"), QString("round %1").arg(id));
    });
    QObject::connect(slider, &Slider::settled, [&at] { at.session.endBurst(); });
    f.follow([&at, id, slider, figure, note, limited] {
        const art::Item* i = at.session.document().item(id);
        if (!i || !i->artwork()) return;
        const double r = art::cornerRadiusOf(*i->artwork(), at.session.selection().nodes);
        slider->setValue(r);
        figure->setText(r > 0 ? pxText(r) : tr("sharp"));
        note->setVisible(*limited > 0 && r > 0);
        note->setText(tr("%n corners have room for less only.", nullptr, static_cast<int>(*limited)));
    });
}

} // namespace softrope::app
