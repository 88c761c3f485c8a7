#include "app/window/tool_film.h"

#include "app/canvas/marks.h"
#include "app/services/explaining.h"
#include "app/theme/theme.h"
#include "app/widgets/drawn_pointer.h"
#include "files/path_data.h"

#include <QEvent>
#include <QPainter>
#include <QSettings>
#include <QStyle>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr int rest = 600;                    // ms of the pointer on the tile
constexpr qint64 loop = 2800;                // ms
constexpr double begins = 0.14, acts = 0.62; // shares of the loop: the pointer sets out, and has done its act
constexpr int margin = 8, words = 20;        // px

QPainterPath pathOf(const char* data)
{
    return painterPath(files::parsePathData(data).paths, {});
}

} // namespace

bool ToolFilm::wanted()
{
    return explains();
}

ToolFilm::ToolFilm(QWidget* window) : QWidget(window)
{
    setObjectName("tool-film");
    setAttribute(Qt::WA_TransparentForMouseEvents);
    setFocusPolicy(Qt::NoFocus);
    resize(static_cast<int>(filmWidth) + 2 * margin, static_cast<int>(filmHeight) + words + 3 * margin);
    hide();
    wait_.setSingleShot(true);
    wait_.setInterval(rest);
    connect(&wait_, &QTimer::timeout, this, &ToolFilm::begin);
    tick_.setInterval(33);
    connect(&tick_, &QTimer::timeout, this, qOverload<>(&QWidget::update));
}

void ToolFilm::watch(QWidget* tile, const QString& tool)
{
    if (!filmOf(tool)) return;
    tile->setProperty("film", tool);
    tile->installEventFilter(this);
}

bool ToolFilm::eventFilter(QObject* o, QEvent* e)
{
    auto* tile = qobject_cast<QWidget*>(o);
    switch (e->type()) {
    case QEvent::Enter:
        tile_ = tile;
        if (wanted() && style()->styleHint(QStyle::SH_Widget_Animation_Duration, nullptr, this) > 0) wait_.start();
        break;
    case QEvent::Leave:
    case QEvent::Hide:
    case QEvent::MouseButtonPress:
    case QEvent::KeyPress:
        if (tile_ == tile) end();
        break;
    case QEvent::ToolTip: // the film tells it
        return isVisible() || wait_.isActive();
    default: break;
    }
    return false;
}

void ToolFilm::begin()
{
    const Film* film = tile_ ? filmOf(tile_->property("film").toString()) : nullptr;
    if (!film || !tile_->isVisible()) return;
    paths_.clear();
    way_ = pathOf(film->way);
    draws_ = false;
    for (const FilmPath& p : film->paths) {
        paths_.push_back({p.when, p.area, pathOf(p.data)});
        if (p.when == FilmPath::When::drawn) {
            draws_ = true;
            way_ = paths_.back().path;
        }
    }
    tip_ = tile_->toolTip();
    const QPoint over = tile_->mapTo(parentWidget(), QPoint(tile_->width() / 2, 0));
    move(std::clamp(over.x() - width() / 2, 4, std::max(4, parentWidget()->width() - width() - 4)), std::max(4, over.y() - height() - 6));
    clock_.start();
    tick_.start();
    show();
    raise();
}

void ToolFilm::end()
{
    wait_.stop();
    tick_.stop();
    hide();
}

void ToolFilm::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(colours().lineStrong, 1));
    p.setBrush(colours().card);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    p.setPen(colours().text);
    p.setFont(typeface("small", true));
    p.drawText(QRect(margin, height() - words - margin, width() - 2 * margin, words), Qt::AlignCenter, tip_);
    p.translate(margin, margin);
    p.setPen(Qt::NoPen);
    p.setBrush(colours().sheet);
    p.drawRoundedRect(QRectF(0, 0, filmWidth, filmHeight), 4, 4);
    const double t = static_cast<double>(clock_.elapsed() % loop) / loop;
    const double gone = std::clamp((t - begins) / (acts - begins), 0.0, 1.0), eased = gone * gone * (3 - 2 * gone);
    const bool done = gone >= 1;
    for (const bool areas : {true, false})
        for (const Shown& s : paths_) {
            if (s.area != areas) continue;
            if ((s.when == FilmPath::When::before && done) || (s.when == FilmPath::When::after && !done)) continue;
            if (s.area) {
                QColor c = s.when == FilmPath::When::stays ? marks().artLine : colours().teal;
                c.setAlphaF(s.when == FilmPath::When::stays ? 0.22F : 0.45F);
                p.fillPath(s.path, c);
                continue;
            }
            p.setBrush(Qt::NoBrush);
            const bool own = s.when == FilmPath::When::after || s.when == FilmPath::When::drawn;
            p.setPen(QPen(own ? colours().teal : marks().artLine, own ? 2.4 : 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            if (s.when != FilmPath::When::drawn) {
                p.drawPath(s.path);
                continue;
            }
            if (done && std::any_of(paths_.begin(), paths_.end(), [](const Shown& o) { return o.when == FilmPath::When::after; })) continue;
            QPolygonF line;
            constexpr int steps = 60;
            for (int k = 0; k <= steps; ++k)
                if (const double at = static_cast<double>(k) / steps; at <= eased) line << s.path.pointAtPercent(at);
            p.drawPolyline(line);
        }
    if (way_.isEmpty()) return;
    const QPointF tip = way_.pointAtPercent(eased);
    const bool pressed = (draws_ && gone > 0 && !done) || (t > acts - 0.03 && t < acts + 0.05);
    paintPointer(p, tip, 0.7, pressed);
}

} // namespace softrope::app
