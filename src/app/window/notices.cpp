#include "app/window/notices.h"

#include "app/theme/theme.h"
#include "app/widgets/widgets.h"

#include <QAccessible>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

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
    seen_ = new Pill({}, tr("Seen"));
    seen_->setToolTip(tr("Takes this notice away; What happened (F2) keeps it"));
    one_ = new Pill({}, {}, {}, Pill::Kind::main);
    other_ = new Pill({}, {});
    row->addLayout(words, 1);
    for (Pill* p : {seen_, other_, one_}) row->addWidget(p, 0, Qt::AlignVCenter);
    connect(seen_, &QAbstractButton::clicked, this, &Notices::seen);
    connect(one_, &QAbstractButton::clicked, this, [this] { answer(0); });
    connect(other_, &QAbstractButton::clicked, this, [this] { answer(1); });
    hide();
}

void Notices::add(const QString& text)
{
    if (!text.isEmpty()) put({text, {}});
}

void Notices::ask(const QString& text, const Answer& one, const Answer& other)
{
    put({text, {one, other}});
}

void Notices::put(Notice notice)
{
    if (std::any_of(waiting_.begin(), waiting_.end(), [&](const Notice& n) { return n.text == notice.text; })) return;
    waiting_.push_back(std::move(notice));
    show();
}

void Notices::answer(std::size_t which)
{
    if (waiting_.empty() || which >= waiting_.front().answers.size()) return;
    const std::function<void()> run = waiting_.front().answers[which].run;
    seen();
    run();
}

void Notices::seen()
{
    if (!waiting_.empty()) waiting_.erase(waiting_.begin());
    show();
    if (waiting_.empty() && parentWidget()) parentWidget()->setFocus();
}

void Notices::show()
{
    if (waiting_.empty()) {
        hide();
        return;
    }
    const Notice& now = waiting_.front();
    text_->setText(now.text);
    const bool asks = !now.answers.empty();
    seen_->setVisible(!asks);
    for (Pill* p : {one_, other_}) p->setVisible(asks);
    if (asks)
        for (const auto& [pill, answer] : {std::pair{one_, now.answers[0]}, {other_, now.answers[1]}}) {
            pill->setText(answer.text);
            pill->setAccessibleName(answer.text);
            pill->setToolTip(answer.tip);
            pill->updateGeometry();
        }
    setFocusProxy(asks ? one_ : seen_);
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
    const bool asks = !waiting_.empty() && !waiting_.front().answers.empty();
    if (e->key() == Qt::Key_Escape || ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) && !asks))
        seen();
    else
        QWidget::keyPressEvent(e);
}

} // namespace softrope::app
