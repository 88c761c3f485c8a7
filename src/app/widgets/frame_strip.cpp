#include "app/widgets/frame_strip.h"

#include "app/theme/theme.h"
#include "app/theme/words.h"

#include <QPainter>

#include <algorithm>
#include <map>
#include <string>

namespace softrope::app {

namespace {

constexpr int bar = 3, high = 64, words = 132, margin = 10;
constexpr double due = 16, most = 64; // ms: of one frame of the screen, and what the strip is high

} // namespace

FrameStrip::FrameStrip(const FrameMeter& meter, QWidget* parent) : QWidget(parent), meter_(meter)
{
    setAttribute(Qt::WA_TransparentForMouseEvents);
    setAccessibleName(tr("Frame meter"));
    resize(sizeHint());
}

QSize FrameStrip::sizeHint() const
{
    return {static_cast<int>(FrameMeter::kept) * bar + words + 3 * margin, high + 2 * margin};
}

void FrameStrip::paintEvent(QPaintEvent*)
{
    const Palette& c = colours();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(c.line, 1));
    p.setBrush(c.card);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
    p.setRenderHint(QPainter::Antialiasing, false);
    // Each name has its colour from its place among them.
    std::map<std::string, double> worst;
    for (const FrameMeter::Frame& f : meter_.frames())
        for (const FrameMeter::Spent& s : f.spent) worst[s.what] = std::max(worst[s.what], s.ms);
    const auto colourOf = [&](const std::string& what) {
        return QColor::fromHsv(
            static_cast<int>(360 * std::distance(worst.begin(), worst.find(what)) / std::max<std::ptrdiff_t>(1, static_cast<std::ptrdiff_t>(worst.size()))),
            150, 190);
    };
    const double scale = high / most;
    int x = margin;
    const int foot = margin + high;
    for (const FrameMeter::Frame& f : meter_.frames()) {
        p.fillRect(QRectF(x, foot - std::min(f.ms, most) * scale, bar - 1, std::min(f.ms, most) * scale), f.ms > due ? c.text : c.textMuted);
        double y = 0;
        for (const FrameMeter::Spent& s : f.spent) {
            const double top = std::min(most, y + s.ms);
            p.fillRect(QRectF(x, foot - top * scale, bar - 1, (top - y) * scale), colourOf(s.what));
            y = top;
        }
        x += bar;
    }
    p.setPen(QPen(c.accent, 1));
    p.drawLine(margin, foot - static_cast<int>(due * scale), margin + static_cast<int>(FrameMeter::kept) * bar, foot - static_cast<int>(due * scale));
    p.setFont(typeface("small"));
    const int lineHigh = p.fontMetrics().height(), left = 2 * margin + static_cast<int>(FrameMeter::kept) * bar;
    const auto late = std::count_if(meter_.frames().begin(), meter_.frames().end(), [](const FrameMeter::Frame& f) { return f.ms > due; });
    p.setPen(c.text);
    p.drawText(QRect(left, margin, words, lineHigh), Qt::AlignLeft, tr("%1 of %2 over 16 ms").arg(late).arg(meter_.frames().size()));
    // What took longest, by its worst frame.
    std::vector<std::pair<double, std::string>> names;
    for (const auto& [what, ms] : worst) names.emplace_back(ms, what);
    std::sort(names.rbegin(), names.rend());
    for (std::size_t k = 0; k < names.size() && static_cast<int>(k + 2) * lineHigh <= high; ++k) {
        const int y = margin + static_cast<int>(k + 1) * lineHigh;
        p.fillRect(QRect(left, y + 3, 8, lineHigh - 6), colourOf(names[k].second));
        p.drawText(QRect(left + 14, y, words - 14, lineHigh), Qt::AlignLeft,
                   QString("%1  %2 ms").arg(tr(names[k].second.c_str())).arg(names[k].first, 0, 'f', 1));
    }
}

} // namespace softrope::app
