#include "app/window/notices.h"

#include "app/theme/theme.h"
#include "app/widgets/widgets.h"

#include <QAccessible>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>

namespace softrope::app {

Notices::Notices(QWidget* bench) : QWidget(bench)
{
    setAttribute(Qt::WA_NoMousePropagation);
    setAccessibleName(tr("Notice"));
    setObjectName("notices");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(20, 10, 12, 10);
    row->setSpacing(14);
    auto* words = new QVBoxLayout;
    text_ = label({}, "control", false);
    text_->setWordWrap(true);
    text_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    more_ = label({}, "small");
    words->addWidget(text_);
    words->addWidget(more_);
    auto* done = new Pill({}, tr("Seen"));
    done->setToolTip(tr("Takes this notice away; What happened (F2) keeps it"));
    row->addLayout(words, 1);
    row->addWidget(done, 0, Qt::AlignVCenter);
    setFocusProxy(done);
    connect(done, &QAbstractButton::clicked, this, &Notices::seen);
    hide();
}

void Notices::add(const QString& text)
{
    if (text.isEmpty() || waiting_.contains(text)) return;
    waiting_ << text;
    show();
}

void Notices::seen()
{
    if (!waiting_.isEmpty()) waiting_.removeFirst();
    show();
    if (waiting_.isEmpty() && parentWidget()) parentWidget()->setFocus();
}

void Notices::show()
{
    if (waiting_.isEmpty()) {
        hide();
        return;
    }
    text_->setText(waiting_.front());
    more_->setText(waiting_.size() > 1 ? tr("%n more after this", nullptr, static_cast<int>(waiting_.size()) - 1) : QString());
    more_->setVisible(waiting_.size() > 1);
    QWidget::show();
    layOut();
    raise();
    QAccessibleEvent event(this, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

void Notices::layOut()
{
    if (!parentWidget() || isHidden()) return;
    const QSize bench = parentWidget()->size();
    const int w = std::min(560, bench.width() - 32);
    const int h = std::max(52, layout()->totalHeightForWidth(w));
    setGeometry((bench.width() - w) / 2, bench.height() - h - 16, w, h);
}

void Notices::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(marks().selection, 1.25));
    p.setBrush(colours().card);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.75, 0.75, -0.75, -0.75), 8, 8);
    p.setPen(Qt::NoPen);
    p.setBrush(marks().selection);
    p.drawRoundedRect(QRectF(7, 10, 4, height() - 20.0), 2, 2);
}

void Notices::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Escape || e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        seen();
    else
        QWidget::keyPressEvent(e);
}

} // namespace softrope::app
