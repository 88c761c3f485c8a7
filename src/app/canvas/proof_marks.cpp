#include "app/canvas/proof_marks.h"

#include "app/services/proofing.h"
#include "app/theme/words.h"
#include "app/widgets/finding_mark.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

constexpr double whisker = 38, half = 14; // screen px
constexpr std::size_t most = 200;         // more marks than this say nothing

// Where the mark stands seen from its fault: away from the middle of the pane first, then wherever there is room.
QPointF placeFor(QPointF fault, const QRectF& pane, const std::vector<QPointF>& taken, const std::vector<QPointF>& faults)
{
    const QPointF away = fault - pane.center();
    const double first = std::atan2(away.y(), away.x());
    QPointF best = fault + QPointF(whisker, 0);
    double least = 1e300;
    for (int k = 0; k < 16; ++k) {
        const double angle = first + (k % 2 ? 1 : -1) * ((k + 1) / 2) * curve::pi / 8, reach = k < 12 ? whisker : 1.6 * whisker;
        const QPointF at = fault + reach * QPointF(std::cos(angle), std::sin(angle));
        double cost = 0.02 * k;
        if (!pane.adjusted(half, half, -half, -half).contains(at)) cost += 4;
        for (const QPointF& t : taken) cost += std::max(0.0, 1 - std::hypot(t.x() - at.x(), t.y() - at.y()) / (2.4 * half)) * 3;
        for (const QPointF& t : faults) cost += std::max(0.0, 1 - std::hypot(t.x() - at.x(), t.y() - at.y()) / (1.4 * half));
        if (cost < least) {
            least = cost;
            best = at;
        }
        if (cost < 0.02 * k + 1e-9) break;
    }
    return best;
}

std::vector<QPointF> markPlaces(const Proofing& proofing, const curve::Affine& toScreen, const QRectF& pane)
{
    std::vector<QPointF> faults, places;
    const auto& found = proofing.found();
    const std::size_t n = std::min(found.size(), most);
    for (std::size_t k = 0; k < n; ++k) faults.push_back(toQt(toScreen * found[k].at));
    for (std::size_t k = 0; k < n; ++k) {
        std::vector<QPointF> near;
        for (const QPointF& p : places)
            if (std::hypot(p.x() - faults[k].x(), p.y() - faults[k].y()) < 2 * whisker + 4 * half) near.push_back(p);
        places.push_back(pane.contains(faults[k]) ? placeFor(faults[k], pane, near, faults) : QPointF(-1e6, -1e6));
    }
    return places;
}

QColor colourOf(const proof::Finding& f)
{
    return f.mending != proof::Mending::none ? marks().tagFinding : colours().warn;
}

} // namespace

void ProofMarks::paint(Marks& m, const Proofing& proofing)
{
    QPainter& p = m.painter();
    const QRectF pane = m.pane();
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    places_ = markPlaces(proofing, m.toScreen(), pane);
    const std::vector<QPointF>& places = places_;
    const auto& found = proofing.found();
    for (std::size_t k = 0; k < places.size(); ++k) {
        const QPointF fault = m.at(found[k].at);
        if (!pane.contains(fault)) continue;
        for (const auto& [width, colour] : {std::pair{4.0, marks().halo}, {1.5, colourOf(found[k])}}) {
            p.setPen(QPen(colour, width));
            p.drawLine(fault, places[k]);
        }
        m.dot(found[k].at, colourOf(found[k]), 2.5);
    }
    for (std::size_t k = 0; k < places.size(); ++k) {
        const bool inHand = proofing.inHand() == k;
        if (!inHand) paintMark(p, places[k], found[k].mending != proof::Mending::none, static_cast<int>(k) + 1, false);
    }
    if (const auto k = proofing.inHand(); k && *k < places.size()) {
        paintMark(p, places[*k], found[*k].mending != proof::Mending::none, static_cast<int>(*k) + 1, true);
        // The lens stands in the corner that is farthest from the fault.
        const QPointF fault = m.at(found[*k].at);
        constexpr double r = Proofing::lensSide / 2.0;
        QPointF at;
        double far = -1;
        for (const double x : {pane.left() + r + 18, pane.right() - r - 18})
            for (const double y : {pane.top() + r + 56, pane.bottom() - r - 18})
                if (const double d = std::hypot(x - fault.x(), y - fault.y()); d > far) {
                    far = d;
                    at = {x, y};
                }
        const QColor line = colourOf(found[*k]);
        p.setPen(QPen(line, 1));
        p.drawLine(fault, at);
        m.ring(found[*k].at, line, 12);
        QPainterPath round;
        round.addEllipse(at, r, r);
        p.fillPath(round, colours().sheetTrue);
        p.save();
        p.setClipPath(round);
        if (!proofing.lens().isNull()) p.drawImage(at - QPointF(r, r), proofing.lens());
        // The fault measured, where it has two ends.
        if (const proof::Finding& f = found[*k]; f.on.size() == 2) {
            const double zoom = Proofing::lensZoom(f);
            const auto in = [&](curve::Vec2 q) { return at + QPointF((q.x - f.at.x) * zoom, (q.y - f.at.y) * zoom); };
            p.setPen(QPen(line, 2));
            p.drawLine(in(f.on[0]), in(f.on[1]));
            p.setBrush(marks().halo);
            for (const curve::Vec2 q : f.on) p.drawEllipse(in(q), 3, 3);
        }
        p.restore();
        p.setPen(QPen(marks().halo, 5));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(at, r, r);
        p.setPen(QPen(line, 2.5));
        p.drawEllipse(at, r, r);
        const QString words = QString::fromStdString(proof::said(found[*k], proofing.process().id.empty() ? 0 : proofing.mm()));
        QFont font = typeface("small", true);
        p.setFont(font);
        const QString text = QFontMetricsF(font).elidedText(words, Qt::ElideRight, 2 * r + 80);
        const double width = QFontMetricsF(font).horizontalAdvance(text) + 16;
        QRectF tag(at.x() - width / 2, at.y() + r - 26, width, 20);
        tag.moveLeft(std::clamp(tag.left(), pane.left() + 6, std::max(pane.left() + 6, pane.right() - 6 - width)));
        p.setPen(QPen(marks().halo, 1.5));
        p.setBrush(line);
        p.drawRoundedRect(tag, 4, 4);
        p.setPen(marks().tagText);
        p.drawText(tag, Qt::AlignCenter, text);
    }
    p.restore();
}

std::optional<std::size_t> ProofMarks::at(QPointF p) const
{
    for (std::size_t k = places_.size(); k-- > 0;)
        if (std::hypot(places_[k].x() - p.x(), places_[k].y() - p.y()) <= half + 2) return k;
    return std::nullopt;
}

} // namespace softrope::app
