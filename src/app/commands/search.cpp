#include "app/commands/search.h"

#include "app/commands/other_words.h"
#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr int keysRole = Qt::UserRole, groupRole = Qt::UserRole + 1;

// A row: the group in small, the name, and the keys as caps at the right end.
class Row : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {200, 30}; }
    void paint(QPainter* p, const QStyleOptionViewItem& o, const QModelIndex& i) const override
    {
        const Palette& c = colours();
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const bool can = i.flags() & Qt::ItemIsEnabled, now = o.state & QStyle::State_Selected;
        const QRectF r = QRectF(o.rect).adjusted(4, 1, -4, -1);
        if (now) {
            p->setPen(Qt::NoPen);
            p->setBrush(c.accentWash);
            p->drawRoundedRect(r, 5, 5);
        }
        const QFont small = typeface("small"), body = typeface("body");
        p->setFont(small);
        p->setPen(c.textMuted);
        p->drawText(QRectF(r.left() + 10, r.top(), 52, r.height()), Qt::AlignVCenter, i.data(groupRole).toString());
        double right = r.right() - 10;
        const QString keys = i.data(keysRole).toString();
        if (!keys.isEmpty()) {
            const double w = QFontMetricsF(small).horizontalAdvance(keys) + 14;
            const QRectF cap(right - w, r.center().y() - 9, w, 18);
            p->setPen(QPen(c.lineStrong, 1));
            p->setBrush(c.card);
            p->drawRoundedRect(cap, 4, 4);
            p->setPen(c.text);
            p->drawText(cap, Qt::AlignCenter, keys);
            right = cap.left() - 10;
        }
        p->setFont(body);
        p->setPen(can ? c.text : c.disabledText);
        const double left = r.left() + 66;
        p->drawText(QRectF(left, r.top(), right - left, r.height()), Qt::AlignVCenter,
                    QFontMetricsF(body).elidedText(i.data().toString(), Qt::ElideRight, right - left));
        p->restore();
    }
};

} // namespace

CommandSearch::CommandSearch(const Commands& commands, QWidget* parent) : QDialog(parent, Qt::Popup), commands_(commands)
{
    setAccessibleName(tr("Find a command"));
    setFixedSize(520, 400);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 10, 10, 8);
    column->setSpacing(6);
    field_ = new QLineEdit;
    field_->setPlaceholderText(tr("What do you want to do?"));
    field_->setFont(typeface("title"));
    field_->setMinimumHeight(36);
    list_ = new QListWidget;
    list_->setFrameShape(QFrame::NoFrame);
    list_->setItemDelegate(new Row(list_));
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setUniformItemSizes(true);
    list_->setAccessibleName(tr("Commands"));
    list_->setStyleSheet("background: transparent");
    column->addWidget(field_);
    column->addWidget(list_, 1);
    field_->installEventFilter(this);
    connect(field_, &QLineEdit::textChanged, this, &CommandSearch::filter);
    connect(list_, &QListWidget::itemActivated, this, [this] { runCurrent(); });
    connect(list_, &QListWidget::itemClicked, this, [this] { runCurrent(); });
    filter({});
    field_->setFocus();
}

void CommandSearch::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.fillRect(rect(), colours().card);
    p.setPen(QPen(colours().lineStrong, 1));
    p.drawRect(rect().adjusted(0, 0, -1, -1));
}

void CommandSearch::filter(const QString& words)
{
    list_->clear();
    shown_.clear();
    const QStringList parts = words.toLower().split(' ', Qt::SkipEmptyParts);
    for (const Command& c : commands_) {
        const QString text = (nameOf(c.group) + ' ' + c.name + ' ' + otherWords(c.id)).toLower();
        if (!std::all_of(parts.begin(), parts.end(), [&](const QString& p) { return text.contains(p); })) continue;
        const QString keys = commands_.keysOf(c);
        auto* item = new QListWidgetItem(c.name);
        item->setData(keysRole, keys);
        item->setData(groupRole, nameOf(c.group));
        item->setData(Qt::AccessibleTextRole, keys.isEmpty() ? c.name : c.name + ", " + keys);
        if (c.can && !c.can()) item->setFlags(Qt::NoItemFlags);
        list_->addItem(item);
        shown_.push_back(&c);
    }
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->flags() != Qt::NoItemFlags) {
            list_->setCurrentRow(i);
            break;
        }
}

void CommandSearch::runCurrent()
{
    const int row = list_->currentRow();
    if (row < 0 || row >= static_cast<int>(shown_.size()) || list_->item(row)->flags() == Qt::NoItemFlags) return;
    const auto run = shown_[static_cast<std::size_t>(row)]->run;
    accept();
    // After the search is gone: a command may open something itself.
    QTimer::singleShot(0, parentWidget(), run);
}

bool CommandSearch::eventFilter(QObject*, QEvent* e)
{
    if (e->type() != QEvent::KeyPress) return false;
    auto* key = static_cast<QKeyEvent*>(e);
    if (key->key() == Qt::Key_Down || key->key() == Qt::Key_Up) {
        const int step = key->key() == Qt::Key_Down ? 1 : -1;
        list_->setCurrentRow(std::clamp(list_->currentRow() + step, 0, std::max(0, list_->count() - 1)));
        return true;
    }
    if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
        runCurrent();
        return true;
    }
    return false;
}

} // namespace softrope::app
