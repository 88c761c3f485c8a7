#include "app/commands/keys_page.h"

#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace softrope::app {

KeysPage::KeysPage(Commands& commands, QWidget* parent) : QDialog(parent), commands_(commands)
{
    setWindowTitle(tr("Keys"));
    resize(620, 600);
    auto* column = new QVBoxLayout(this);
    field_ = new QLineEdit;
    field_->setPlaceholderText(tr("Search: a name, or a key"));
    field_->setAccessibleName(tr("Search the keys"));
    field_->setClearButtonEnabled(true);
    column->addWidget(field_);
    tree_ = new QTreeWidget;
    tree_->setColumnCount(2);
    tree_->setHeaderLabels({tr("What"), tr("Key")});
    tree_->setAccessibleName(tr("Keys"));
    tree_->setFont(typeface("body"));
    tree_->setUniformRowHeights(true);
    tree_->setStyleSheet("QTreeView::item { height: 24px; }");
    tree_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    tree_->setTextElideMode(Qt::ElideRight);
    tree_->header()->setStretchLastSection(false);
    tree_->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    tree_->header()->setSectionResizeMode(1, QHeaderView::Fixed);
    tree_->header()->resizeSection(1, 170);
    column->addWidget(tree_, 1);
    says_ = new QLabel;
    says_->setWordWrap(true);
    says_->setFont(typeface("small"));
    says_->setMinimumHeight(30);
    column->addWidget(says_);
    auto* row = new QHBoxLayout;
    keys_ = new QKeySequenceEdit;
    keys_->setAccessibleName(tr("New key"));
    give_ = new QPushButton(tr("Give it this key"));
    none_ = new QPushButton(tr("No key"));
    reset_ = new QPushButton(tr("As it came"));
    auto* all = new QPushButton(tr("All as they came"));
    for (QPushButton* b : {give_, none_, reset_, all}) {
        b->setAutoDefault(false);
        b->setMinimumHeight(28);
    }
    row->addWidget(keys_, 1);
    for (QPushButton* b : {give_, none_, reset_, all}) row->addWidget(b);
    column->addLayout(row);
    connect(field_, &QLineEdit::textChanged, this, &KeysPage::fill);
    connect(tree_, &QTreeWidget::currentItemChanged, this, [this] {
        keys_->clear();
        tell();
    });
    connect(keys_, &QKeySequenceEdit::keySequenceChanged, this, &KeysPage::tell);
    connect(give_, &QAbstractButton::clicked, this, [this] {
        if (const Command* c = current()) commands_.setKeys(c->id, keys_->keySequence().toString());
    });
    connect(none_, &QAbstractButton::clicked, this, [this] {
        if (const Command* c = current()) commands_.setKeys(c->id, {});
    });
    connect(reset_, &QAbstractButton::clicked, this, [this] {
        if (const Command* c = current()) commands_.reset(c->id);
    });
    connect(all, &QAbstractButton::clicked, this, [this] { commands_.resetAll(); });
    connect(&commands_, &Commands::keysChanged, this, &KeysPage::fill);
    fill();
}

const Command* KeysPage::current() const
{
    const QTreeWidgetItem* i = tree_->currentItem();
    const Command* c = i ? commands_.find(i->data(0, Qt::UserRole).toString()) : nullptr;
    return c && !c->fixedKeys ? c : nullptr;
}

void KeysPage::fill()
{
    const QString was = tree_->currentItem() ? tree_->currentItem()->data(0, Qt::UserRole).toString() : QString();
    tree_->clear();
    const QString words = field_->text().toLower();
    const auto wanted = [&](const QString& name, const QString& keys) { return name.toLower().contains(words) || keys.toLower().contains(words); };
    QTreeWidgetItem* again = nullptr;
    for (const Group g :
         {Group::file, Group::edit, Group::line, Group::area, Group::shade, Group::sheet, Group::view, Group::help, Group::steps, Group::tools}) {
        auto* heading = new QTreeWidgetItem({nameOf(g), {}});
        heading->setFirstColumnSpanned(true);
        heading->setFont(0, typeface("control", true));
        for (const Command& c : commands_) {
            const QString keys = commands_.keysOf(c);
            if (c.group != g || !wanted(c.name, keys)) continue;
            auto* row = new QTreeWidgetItem({c.name, keys});
            row->setData(0, Qt::UserRole, c.id);
            row->setToolTip(0, c.name);
            if (commands_.changed(c)) row->setFont(1, typeface("control", true));
            heading->addChild(row);
            if (c.id == was) again = row;
        }
        if (heading->childCount() == 0) {
            delete heading;
            continue;
        }
        tree_->addTopLevelItem(heading);
    }
    auto* drawing = new QTreeWidgetItem({tr("While drawing"), {}});
    drawing->setFont(0, typeface("control", true));
    for (const auto& [keys, what] : {std::pair{tr("Ctrl held"), tr("no snapping")},
                                     {tr("Shift held"), tr("steps of 15°, or along one axis")},
                                     {tr("Alt held"), tr("breaks the handles apart; sizes from the middle")},
                                     {tr("Enter"), tr("finish the line")},
                                     {tr("Backspace"), tr("take back the last node")},
                                     {tr("C"), tr("in Nodes: smooth or corner")},
                                     {tr("Arrows"), tr("move what is picked by 1 px; Shift 10, Alt 0.1")},
                                     {tr("Esc"), tr("let go, then Pick")},
                                     {tr("Space held"), tr("move the sheet")},
                                     {tr("Z held"), tr("drag to zoom")}})
        if (wanted(what, keys)) drawing->addChild(new QTreeWidgetItem({what, keys}));
    tree_->addTopLevelItem(drawing);
    tree_->expandAll();
    if (again) tree_->setCurrentItem(again);
    tell();
}

void KeysPage::tell()
{
    const Command* c = current();
    const QString keys = keys_->keySequence().toString();
    for (QWidget* w : std::initializer_list<QWidget*>{keys_, none_}) w->setEnabled(c);
    reset_->setEnabled(c && commands_.changed(*c));
    const Command* holder = c ? commands_.holderOf(keys, c->id) : nullptr;
    give_->setEnabled(c && !keys.isEmpty() && !(holder && holder->fixedKeys));
    if (!c)
        says_->setText(tree_->currentItem() && tree_->currentItem()->parent() ? tr("This key stays: it goes by place, or is held.")
                                                                              : tr("Pick a row, press a key in the field below, and give it."));
    else if (!holder)
        says_->setText(keys.isEmpty() ? tr("Press the new key for \"%1\".").arg(c->name) : tr("%1 is free.").arg(keys));
    else if (holder->fixedKeys)
        says_->setText(tr("%1 is the key of \"%2\", which stays.").arg(keys, holder->name));
    else
        says_->setText(tr("%1 is the key of \"%2\" now, which would have none.").arg(keys, holder->name));
}

void KeysPage::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_F1)
        done(jobWanted);
    else
        QDialog::keyPressEvent(e);
}

} // namespace softrope::app
