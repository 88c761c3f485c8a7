#include "app/widgets/typeface_list.h"

#include "app/theme/language.h"
#include "app/theme/theme.h"

#include <QApplication>
#include <QFontDatabase>
#include <QFrame>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QScreen>
#include <QVBoxLayout>

namespace softrope::app {

TypefaceButton::TypefaceButton(QWidget* parent) : QPushButton(parent)
{
    setObjectName("typeface"); // of the look of a choice
    setToolTip(tr("Another typeface: shown on the sheet while it is pointed at"));
    connect(this, &QPushButton::clicked, this, &TypefaceButton::openList);
}

void TypefaceButton::setFamilies(std::function<QStringList()> used, std::function<QStringList()> all)
{
    used_ = std::move(used);
    all_ = std::move(all);
}

void TypefaceButton::setFamily(const QString& family, bool here)
{
    family_ = family;
    const QString words = here ? family : tr("%1 (missing)").arg(family);
    setText(fontMetrics().elidedText(words, Qt::ElideRight, std::max(60, width() - 20)));
    setAccessibleDescription(words);
}

void TypefaceButton::openList()
{
    if (!popup_) {
        popup_ = new QFrame(this, Qt::Popup);
        popup_->setFrameShape(QFrame::StyledPanel);
        auto* column = new QVBoxLayout(popup_);
        column->setContentsMargins(8, 8, 8, 8);
        search_ = new QLineEdit;
        search_->setPlaceholderText(tr("Search typefaces"));
        search_->setAccessibleName(tr("Search typefaces"));
        search_->setClearButtonEnabled(true);
        list_ = new QListWidget;
        list_->setAccessibleName(tr("Typefaces"));
        list_->setMouseTracking(true);
        list_->setUniformItemSizes(true);
        list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        column->addWidget(search_);
        column->addWidget(list_);
        connect(search_, &QLineEdit::textChanged, this, &TypefaceButton::seek);
        connect(list_, &QListWidget::itemEntered, list_, [this](QListWidgetItem* i) { list_->setCurrentItem(i); });
        connect(list_, &QListWidget::currentItemChanged, this,
                [this](QListWidgetItem* i) { emit pointedAt(i ? i->data(Qt::UserRole).toString() : QString()); });
        connect(list_, &QListWidget::itemClicked, this, &TypefaceButton::take);
        search_->installEventFilter(this);
        popup_->installEventFilter(this);
    }
    fill();
    search_->clear();
    seek({});
    popup_->resize(300, 420);
    QPoint at = mapToGlobal(QPoint(width() - popup_->width(), height()));
    if (const QScreen* s = screen()) {
        const QRect room = s->availableGeometry();
        at.setX(std::clamp(at.x(), room.left(), std::max(room.left(), room.right() - popup_->width())));
        at.setY(std::clamp(at.y(), room.top(), std::max(room.top(), room.bottom() - popup_->height())));
    }
    popup_->move(at);
    popup_->show();
    search_->setFocus();
}

void TypefaceButton::fill()
{
    const QSignalBlocker quiet(list_);
    list_->clear();
    const QStringList used = used_ ? used_() : QStringList(), all = all_ ? all_() : QStringList();
    const auto put = [&](const QString& name, bool first) {
        auto* i = new QListWidgetItem(name, list_);
        i->setData(Qt::UserRole, name);
        i->setSizeHint({0, 34});
        i->setToolTip(first ? tr("%1, used in this drawing").arg(name) : name);
        // Faces of signs cannot write their own names.
        if (!QFontDatabase::writingSystems(name).contains(QFontDatabase::Latin)) return;
        QFont own(name);
        own.setPixelSize(19);
        i->setFont(own);
    };
    for (const QString& name : used) put(name, true);
    for (const QString& name : all)
        if (!used.contains(name)) put(name, false);
}

// Those that are not sought are hidden: the list is made once each time it opens.
void TypefaceButton::seek(const QString& sought)
{
    QListWidgetItem *mine = nullptr, *first = nullptr;
    {
        const QSignalBlocker quiet(list_);
        for (int k = 0; k < list_->count(); ++k) {
            QListWidgetItem* i = list_->item(k);
            const QString name = i->data(Qt::UserRole).toString();
            i->setHidden(!name.contains(sought, Qt::CaseInsensitive));
            if (i->isHidden()) continue;
            if (!first) first = i;
            if (name == family_) mine = i;
        }
        list_->setCurrentItem(mine ? mine : sought.isEmpty() ? nullptr : first);
        list_->scrollToItem(list_->currentItem());
    }
    if (!sought.isEmpty()) emit pointedAt(list_->currentItem() ? list_->currentItem()->data(Qt::UserRole).toString() : QString());
}

void TypefaceButton::take()
{
    const QString name = list_->currentItem() ? list_->currentItem()->data(Qt::UserRole).toString() : QString();
    popup_->hide();
    if (!name.isEmpty()) emit chosen(name);
}

bool TypefaceButton::eventFilter(QObject* o, QEvent* e)
{
    if (o == popup_ && e->type() == QEvent::Hide) emit pointedAt({});
    if (o == search_ && e->type() == QEvent::KeyPress) {
        auto* k = static_cast<QKeyEvent*>(e);
        if (k->key() == Qt::Key_Down || k->key() == Qt::Key_Up || k->key() == Qt::Key_PageDown || k->key() == Qt::Key_PageUp) {
            QApplication::sendEvent(list_, k);
            return true;
        }
        if (k->key() == Qt::Key_Return || k->key() == Qt::Key_Enter) {
            take();
            return true;
        }
    }
    return QPushButton::eventFilter(o, e);
}

} // namespace softrope::app
