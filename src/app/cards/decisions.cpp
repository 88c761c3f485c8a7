// What was decided about narrow gaps and thin areas, one row each: seen where it is, and turned over.
#include "app/cards/sections.h"
#include "app/services/areas.h"
#include "app/theme/theme.h"

#include <QBoxLayout>

namespace softrope::app {

namespace {

using Decision = Areas::Decision;
constexpr std::size_t mostRows = 8;

QString wordsOf(const Decision& d)
{
    switch (d.what) {
    case Decision::What::gapClosed: return tr("Gap %1, closed").arg(pxText(d.width));
    case Decision::What::gapOpen: return tr("Gap %1, left open").arg(pxText(d.width));
    case Decision::What::sliverJoined: return tr("Sliver %1, joined").arg(pxText(d.width));
    case Decision::What::sliverKept: return tr("Sliver %1, kept").arg(pxText(d.width));
    }
    return {};
}

QString actOf(const Decision& d)
{
    switch (d.what) {
    case Decision::What::gapClosed: return tr("Open it");
    case Decision::What::gapOpen: return tr("Close it");
    case Decision::What::sliverJoined: return tr("Keep it");
    case Decision::What::sliverKept: return tr("Let it join");
    }
    return {};
}

QString tipOf(const Decision& d)
{
    switch (d.what) {
    case Decision::What::gapClosed: return tr("Areas run through this gap again");
    case Decision::What::gapOpen: return tr("The gap counts as closed again");
    case Decision::What::sliverJoined: return tr("The thin area is an area by itself");
    case Decision::What::sliverKept: return tr("The thin area belongs to its neighbour again");
    }
    return {};
}

} // namespace

QVariantList decisionsKey(const Areas& areas)
{
    const auto all = areas.decisions();
    QVariantList key;
    for (std::size_t k = 0; k < std::min(all.size(), mostRows); ++k) key << static_cast<int>(all[k].what);
    return key << qulonglong(all.size());
}

void decisionList(Fields& f)
{
    CardDesk& at = f.at;
    const std::size_t all = at.areas.decisions().size(), rows = std::min(all, mostRows);
    for (std::size_t k = 0; k < rows; ++k) {
        auto* row = new QWidget;
        auto* r = new QHBoxLayout(row);
        r->setContentsMargins(0, 0, 0, 0);
        r->setSpacing(4);
        auto* where = new Pill({}, {}, {}, Pill::Kind::segment);
        where->setToolTip(tr("Shows it on the sheet"));
        auto* act = new Pill({}, {}, {}, Pill::Kind::plain);
        r->addWidget(where);
        r->addStretch(1);
        r->addWidget(act);
        f.add(row);
        // By its place in the list as it is now: the list may have been worked out anew.
        const auto mine = [&at, k]() -> std::optional<Decision> {
            const auto now = at.areas.decisions();
            return k < now.size() ? std::optional(now[k]) : std::nullopt;
        };
        QObject::connect(where, &QAbstractButton::clicked, [&at, mine] {
            if (const auto d = mine()) at.show(d->at);
        });
        QObject::connect(act, &QAbstractButton::clicked, [&at, mine] {
            if (const auto d = mine()) at.areas.turnOver(*d);
        });
        f.follow([mine, where, act] {
            const auto d = mine();
            if (!d) return; // laid out anew in a moment
            where->setText(wordsOf(*d));
            where->setAccessibleName(wordsOf(*d));
            act->setText(actOf(*d));
            act->setAccessibleName(actOf(*d));
            act->setToolTip(tipOf(*d));
            where->updateGeometry();
            act->updateGeometry();
        });
    }
    if (all > rows) f.note(tr("and %n more", nullptr, static_cast<int>(all - rows)));
}

} // namespace softrope::app
