#include "app/window/reading_strip.h"

#include "app/theme/theme.h"
#include <QMouseEvent>
#include <QPainter>

namespace softrope::app {

ReadingStrip::ReadingStrip(QWidget* parent) : QWidget(parent)
{
    setFixedHeight(28);
    setAccessibleName(tr("Readings"));
    timer_.setSingleShot(true);
    timer_.setInterval(6000);
    connect(&timer_, &QTimer::timeout, this, [this] {
        message_.clear();
        run_ = {};
        update();
    });
}

void ReadingStrip::setReadings(std::vector<Reading> readings, const QString& zoom)
{
    readings_ = std::move(readings);
    zoom_ = zoom;
    update();
}

void ReadingStrip::tell(const QString& text)
{
    message_ = text;
    act_.clear();
    run_ = {};
    timer_.start();
    update();
}

void ReadingStrip::say(const QString& text, const QString& act, std::function<void()> run)
{
    tell(text);
    act_ = act;
    run_ = std::move(run);
    said_ << text;
}

void ReadingStrip::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    p.fillRect(rect(), c.desk);
    p.setPen(QPen(c.line, 1));
    p.drawLine(QPointF(0, 0.5), QPointF(width(), 0.5));
    const QFont f = typeface("small"), strong = typeface("control");
    const QFontMetricsF mf(f), ms(strong);
    const double h = height();
    const double zoomWidth = ms.horizontalAdvance(zoom_) + 40;
    p.drawPixmap(QPointF(width() - zoomWidth + 8, h / 2 - 8), iconPixmap("zoom", c.text, 16, devicePixelRatioF()));
    p.setFont(strong);
    p.setPen(c.text);
    p.drawText(QRectF(width() - zoomWidth + 28, 0, zoomWidth - 28, h), Qt::AlignVCenter, zoom_);
    const double end = width() - zoomWidth - 8;
    double x = 14;
    if (!message_.isEmpty()) {
        p.setFont(f);
        const QString shown = mf.elidedText(message_, Qt::ElideRight, end - x - 90);
        p.drawText(QRectF(x, 0, end - x, h), Qt::AlignVCenter, shown);
        x += mf.horizontalAdvance(shown) + 12;
        actBox_ = {};
        if (run_) {
            actBox_ = QRectF(x, 4, ms.horizontalAdvance(act_) + 18, h - 8);
            p.setPen(QPen(c.lineStrong, 1));
            p.setBrush(c.card);
            p.drawRoundedRect(actBox_, 4, 4);
            p.setPen(c.text);
            p.setFont(strong);
            p.drawText(actBox_, Qt::AlignCenter, act_);
        }
        return;
    }
    for (std::size_t i = 0; i < readings_.size(); ++i) {
        const Reading& r = readings_[i];
        double w = 0;
        if (!r.icon.isEmpty()) w += 22;
        if (!r.before.isEmpty()) w += mf.horizontalAdvance(r.before) + 5;
        w += ms.horizontalAdvance(r.figure);
        if (!r.after.isEmpty()) w += mf.horizontalAdvance(r.after) + 5;
        if (x + w > end) break; // whole readings only, dropped from the right
        if (!r.icon.isEmpty()) {
            p.drawPixmap(QPointF(x, h / 2 - 8), iconPixmap(r.icon, c.text, 16, devicePixelRatioF()));
            x += 22;
        }
        const auto put = [&](const QString& text, const QFont& font, const QFontMetricsF& m, const QColor& ink) {
            p.setFont(font);
            p.setPen(ink);
            p.drawText(QRectF(x, 0, m.horizontalAdvance(text) + 2, h), Qt::AlignVCenter, text);
            x += m.horizontalAdvance(text) + 5;
        };
        if (!r.before.isEmpty()) put(r.before, f, mf, c.textMuted);
        put(r.figure, strong, ms, c.text);
        if (!r.after.isEmpty()) put(r.after, f, mf, c.textMuted);
        x += 8;
        p.setPen(QPen(c.line, 1));
        p.drawLine(QPointF(x, 7), QPointF(x, h - 7));
        x += 14;
    }
}

void ReadingStrip::mousePressEvent(QMouseEvent* e)
{
    if (run_ && actBox_.contains(e->position())) doOffered();
}

bool ReadingStrip::doOffered()
{
    if (!run_) return false;
    const auto act = run_;
    message_.clear();
    run_ = {};
    act();
    update();
    return true;
}

QString ReadingStrip::toldText() const
{
    if (!message_.isEmpty()) return act_.isEmpty() ? message_ : tr("%1 %2 is offered.").arg(message_, act_);
    QStringList all;
    for (const Reading& r : readings_) all << QStringList{r.before, r.figure, r.after}.join(' ').simplified();
    return all.join(", ");
}

} // namespace softrope::app
