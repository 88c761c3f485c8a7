#include "app/widgets/finding_row.h"

#include "app/theme/theme.h"
#include "app/widgets/finding_mark.h"

#include <QContextMenuEvent>
#include <QPainter>

namespace softrope::app {

FindingRow::FindingRow(QWidget* parent) : QAbstractButton(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAttribute(Qt::WA_Hover);
    act_ = new Pill({}, {}, {}, Pill::Kind::plain, this);
    connect(act_, &QAbstractButton::clicked, this, &FindingRow::mends);
}

void FindingRow::show(const Shown& s)
{
    if (s == shown_) return;
    shown_ = s;
    setAccessibleName(QString("%1. %2").arg(s.number).arg(s.what));
    setToolTip(s.where.isEmpty() ? s.what : s.what + '\n' + s.where);
    act_->setVisible(!s.act.isEmpty());
    act_->setText(s.act);
    act_->setAccessibleName(QString("%1: %2").arg(s.act, s.what));
    place();
    update();
}

QRect FindingRow::whatBox() const
{
    constexpr int left = 42;
    const int right = shown_.act.isEmpty() ? width() - 4 : act_->x() - 6;
    return {left, 5, std::max(40, right - left), height_ - 27};
}

// What is wrong has as many lines as it needs.
void FindingRow::place()
{
    const QSize size = act_->sizeHint();
    act_->setGeometry(width() - size.width() - 2, (height_ - size.height()) / 2, size.width(), size.height());
    const int needs = QFontMetrics(typeface("control", true)).boundingRect(QRect(0, 0, whatBox().width(), 200), Qt::TextWordWrap, shown_.what).height();
    const int tall = std::max(46, needs + 28);
    if (tall != height_) {
        height_ = tall;
        act_->move(act_->x(), (height_ - size.height()) / 2);
        updateGeometry();
    }
}

void FindingRow::resizeEvent(QResizeEvent*)
{
    place();
}

void FindingRow::contextMenuEvent(QContextMenuEvent* e)
{
    emit menuWanted(e->globalPos());
}

void FindingRow::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Up || e->key() == Qt::Key_Down)
        focusNextPrevChild(e->key() == Qt::Key_Down);
    else
        QAbstractButton::keyPressEvent(e);
}

void FindingRow::paintEvent(QPaintEvent*)
{
    const Palette& c = colours();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (shown_.inHand || underMouse()) p.fillRect(rect(), shown_.inHand ? c.cardInset : c.hover);
    if (shown_.inHand) p.fillRect(QRectF(0, 0, 3, height()), c.accent);
    p.setPen(QPen(c.line, 1));
    p.drawLine(QPointF(8, height() - 0.5), QPointF(width(), height() - 0.5));
    paintMark(p, {21, height() / 2.0}, shown_.kite, shown_.number, shown_.inHand);
    const QRect what = whatBox(), where(what.left(), height_ - 24, what.width(), 17);
    const QFont small = typeface("small");
    p.setPen(c.text);
    p.setFont(typeface("control", true));
    p.drawText(what, Qt::AlignVCenter | Qt::TextWordWrap, shown_.what);
    p.setPen(c.textMuted);
    p.setFont(small);
    p.drawText(where, Qt::AlignVCenter, QFontMetricsF(small).elidedText(shown_.where, Qt::ElideRight, where.width()));
    if (hasFocus()) {
        p.setPen(QPen(c.focusRing, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
    }
}

} // namespace softrope::app
