#include "app/window/demonstration.h"

#include "app/theme/theme.h"
#include "app/theme/words.h"
#include "app/widgets/drawn_pointer.h"
#include "app/widgets/widgets.h"
#include "app/window/window.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr int glideTime = 650, clickTime = 180, legTime = 260, afterRun = 250; // ms
constexpr qint64 longestRun = 60'000;

} // namespace

// The drawn pointer, over the bench.
class Demonstration::Pointer : public QWidget {
public:
    explicit Pointer(QWidget* bench) : QWidget(bench)
    {
        setObjectName("shown-pointer");
        setAttribute(Qt::WA_TransparentForMouseEvents);
        resize(40, 44);
    }
    void moveTip(QPointF at)
    {
        tip = at;
        move((at - QPointF(8, 8)).toPoint());
        raise();
    }
    void setDown(bool on)
    {
        down_ = on;
        update();
    }
    QPointF tip;

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        paintPointer(p, {8, 8}, 1, down_);
    }

private:
    bool down_ = false;
};

// What is said of it, with the way to stop.
class Demonstration::Caption : public QWidget {
public:
    Caption(QWidget* bench, const QString& title) : QWidget(bench)
    {
        setObjectName("shown-caption");
        setAttribute(Qt::WA_NoMousePropagation);
        auto* row = new QHBoxLayout(this);
        row->setContentsMargins(14, 8, 8, 8);
        row->setSpacing(12);
        auto* column = new QVBoxLayout;
        column->setSpacing(1);
        column->addWidget(label(title, "small"));
        text_ = label(QString(), "title", false);
        column->addWidget(text_);
        row->addLayout(column, 1);
        stop_ = new Pill({}, tr("Stop"), "Esc");
        row->addWidget(stop_);
    }
    void say(const QString& text)
    {
        text_->setText(text);
        setAccessibleName(text);
        place();
    }
    void place()
    {
        setFixedWidth(std::min(parentWidget()->width() - 24, 620));
        adjustSize();
        move((parentWidget()->width() - width()) / 2, parentWidget()->height() - height() - 14);
        raise();
    }
    Pill& button() { return *stop_; }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(colours().lineStrong, 1));
        p.setBrush(colours().card);
        p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    }

private:
    QLabel* text_;
    Pill* stop_;
};

Demonstration::Demonstration(Window& window, const JobStep& step, double speed)
    : QObject(&window), window_(window), moves_(step.act), speed_(std::max(0.01, speed))
{
    pointer_ = new Pointer(&window.canvas());
    pointer_->moveTip({window.canvas().width() * 0.6, window.canvas().height() * 0.7});
    pointer_->show();
    caption_ = new Caption(&window.canvas(), tr("Shown on a copy of the demo. Nothing of yours is changed."));
    caption_->say(step.title);
    caption_->show();
    connect(&caption_->button(), &QAbstractButton::clicked, this, &Demonstration::stop);
    qApp->installEventFilter(this);
    tick_.setInterval(16);
    connect(&tick_, &QTimer::timeout, this, &Demonstration::step);
    clock_.start();
    tick_.start();
}

Demonstration::~Demonstration()
{
    qApp->removeEventFilter(this);
}

void Demonstration::stop()
{
    if (!playing()) return;
    tick_.stop();
    window_.canvas().endStroke();
    emit ended();
}

// The hand watches: what it does to the window meanwhile is let go, but for the caption and Esc.
bool Demonstration::eventFilter(QObject* o, QEvent* e)
{
    if (!playing() || !e->spontaneous()) return false;
    auto* w = qobject_cast<QWidget*>(o);
    if (!w || w->window() != &window_ || (caption_ && (w == caption_ || caption_->isAncestorOf(w)))) return false;
    switch (e->type()) {
    case QEvent::KeyPress:
        if (static_cast<QKeyEvent*>(e)->key() == Qt::Key_Escape) stop();
        return true;
    case QEvent::KeyRelease:
    case QEvent::MouseButtonPress:
    case QEvent::MouseButtonRelease:
    case QEvent::MouseButtonDblClick:
    case QEvent::MouseMove:
    case QEvent::Wheel:
    case QEvent::TabletPress:
    case QEvent::TabletMove:
    case QEvent::TabletRelease:
    case QEvent::Shortcut:
    case QEvent::ShortcutOverride: return true;
    default: return false;
    }
}

void Demonstration::next()
{
    ++at_;
    begun_ = false;
    leg_ = 0;
    clock_.restart();
}

bool Demonstration::glide(QPointF to, int ms)
{
    const double t = std::min(1.0, static_cast<double>(clock_.elapsed()) * speed_ / ms), eased = t * t * (3 - 2 * t);
    pointer_->moveTip(from_ + (to - from_) * eased);
    return t >= 1;
}

void Demonstration::press(QEvent::Type type, QPointF at)
{
    const bool down = type != QEvent::MouseButtonRelease;
    if (type != QEvent::MouseMove) pointer_->setDown(down);
    Canvas& bench = window_.canvas();
    QMouseEvent e(type, at, bench.mapToGlobal(at), type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton, down ? Qt::LeftButton : Qt::NoButton,
                  Qt::NoModifier);
    QApplication::sendEvent(&bench, &e);
}

void Demonstration::step()
{
    if (at_ >= moves_.size()) {
        stop();
        return;
    }
    const Move& m = moves_[at_];
    const auto gone = static_cast<double>(clock_.elapsed()) * speed_;
    const auto place = [this](curve::Vec2 p) { return window_.canvas().toWidget(p); };
    const bool first = !begun_;
    begun_ = true;
    switch (m.kind) {
    case Move::Kind::say:
        caption_->say(m.text);
        next();
        break;
    case Move::Kind::run:
        if (first) window_.run(m.text);
        if ((!window_.working() && gone >= afterRun) || clock_.elapsed() > longestRun) next();
        break;
    case Move::Kind::tool:
        window_.canvas().takeTool(m.text);
        next();
        break;
    case Move::Kind::wait:
        if (gone >= m.ms) next();
        break;
    case Move::Kind::click:
        if (first) from_ = pointer_->tip;
        if (leg_ == 0 && glide(place(m.at.front()), glideTime)) {
            leg_ = 1;
            clock_.restart();
            press(QEvent::MouseButtonPress, pointer_->tip);
        } else if (leg_ == 1 && gone >= clickTime) {
            press(QEvent::MouseButtonRelease, pointer_->tip);
            next();
        }
        break;
    case Move::Kind::drag:
        if (first) from_ = pointer_->tip;
        if (!glide(place(m.at[leg_]), leg_ == 0 ? glideTime : legTime)) {
            if (leg_ > 0) press(QEvent::MouseMove, pointer_->tip);
            break;
        }
        press(leg_ == 0 ? QEvent::MouseButtonPress : QEvent::MouseMove, pointer_->tip);
        from_ = pointer_->tip;
        clock_.restart();
        if (++leg_ < m.at.size()) break;
        press(QEvent::MouseButtonRelease, pointer_->tip);
        next();
        break;
    }
    if (caption_) caption_->raise();
}

} // namespace softrope::app
