#include "app/window/stages_dialog.h"

#include "app/commands/stage_acts.h"
#include "app/theme/theme.h"
#include "app/widgets/widgets.h"
#include "app/window/small_picture.h"
#include "art/stages.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace softrope::app {

namespace {

constexpr QSize iconSize(150, 112);

} // namespace

StagesDialog::StagesDialog(Session& session, Canvas& canvas, QWidget* parent) : QDialog(parent), session_(session), canvas_(canvas)
{
    setObjectName("stages");
    setWindowTitle(tr("Stages"));
    resize(560, 430);
    auto* column = new QVBoxLayout(this);
    auto* told = label(tr("How the work was, kept by name in the file. Nothing you do later changes a stage."), "small");
    told->setWordWrap(true);
    column->addWidget(told);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Stages"));
    list_->setViewMode(QListView::IconMode);
    list_->setIconSize(iconSize);
    list_->setGridSize({172, 164});
    list_->setMovement(QListView::Static);
    list_->setResizeMode(QListView::Adjust);
    list_->setUniformItemSizes(true);
    list_->setWordWrap(true);
    list_->setFont(typeface("body"));
    list_->setEditTriggers(QAbstractItemView::EditKeyPressed | QAbstractItemView::SelectedClicked);
    column->addWidget(list_, 1);
    auto* acts = new QHBoxLayout;
    auto* keep = new QPushButton(tr("Keep a stage"));
    compare_ = new QPushButton(tr("Compare"));
    compare_->setToolTip(tr("Beside the work as it is now; again to end it"));
    back_ = new QPushButton(tr("Go back to it"));
    back_->setToolTip(tr("The work becomes what it was then; Undo leads forward again"));
    open_ = new QPushButton(tr("Open as new"));
    open_->setToolTip(tr("As a piece by itself"));
    remove_ = new QPushButton(tr("Remove"));
    for (QPushButton* b : {keep, compare_, back_, open_, remove_}) {
        b->setAutoDefault(false);
        acts->addWidget(b);
    }
    column->addLayout(acts);
    connect(keep, &QAbstractButton::clicked, this, [this] { keepStage(canvas_); });
    connect(compare_, &QAbstractButton::clicked, this, [this] { compareStage(canvas_, now()); });
    connect(list_, &QListWidget::itemActivated, this, [this] { compareStage(canvas_, now()); });
    connect(back_, &QAbstractButton::clicked, this, [this] {
        const art::Stage* s = art::stageOf(session_.document(), now());
        if (!s) return;
        const QString name = stageName(*s);
        const art::Edited e = art::backAt(session_.document(), now());
        session_.take(e.document, tr("Back to %1").arg(name));
        canvas_.say(tr("As it was at %1. Undo leads forward again.").arg(name));
    });
    connect(open_, &QAbstractButton::clicked, this, [this] {
        if (const art::Stage* s = art::stageOf(session_.document(), now())) emit opensAsNew(art::documentOf(*s));
    });
    connect(remove_, &QAbstractButton::clicked, this, [this] {
        if (!now()) return;
        if (canvas_.comparing() == now()) compareStage(canvas_, now());
        session_.take(art::withoutStage(session_.document(), now()), tr("Remove stage"));
    });
    connect(list_, &QListWidget::currentRowChanged, this, [this] {
        for (QPushButton* b : {compare_, back_, open_, remove_}) b->setEnabled(now() != 0);
    });
    connect(list_, &QListWidget::itemChanged, this, &StagesDialog::rename);
    connect(&session_, &Session::documentChanged, this, [this] { refresh(); });
    refresh();
}

StagesDialog::~StagesDialog()
{
    closed_.stop();
}

art::Id StagesDialog::now() const
{
    const QListWidgetItem* item = list_->currentItem();
    return item ? item->data(Qt::UserRole).toULongLong() : 0;
}

// Newest first.
void StagesDialog::refresh()
{
    const QSignalBlocker quiet(list_);
    const art::Id picked = now();
    const auto& stages = session_.document().stages;
    list_->clear();
    for (auto s = stages.rbegin(); s != stages.rend(); ++s) {
        auto* item = new QListWidgetItem(stageName(**s), list_);
        item->setFlags(item->flags() | Qt::ItemIsEditable);
        item->setToolTip(stageTime(**s));
        item->setData(Qt::UserRole, static_cast<qulonglong>((*s)->id));
        if (!small_.count((*s)->id)) ask(**s);
        item->setIcon(plainIcon(small_[(*s)->id]));
        if ((*s)->id == picked) list_->setCurrentItem(item);
    }
    if (!list_->currentItem() && list_->count()) list_->setCurrentRow(0);
    for (QPushButton* b : {compare_, back_, open_, remove_}) b->setEnabled(now() != 0);
}

void StagesDialog::ask(const art::Stage& s)
{
    QPixmap plain(iconSize);
    plain.fill(colours().cardInset);
    small_[s.id] = plain; // asked for once
    session_.jobs().run<QImage>(
        Lane::working, this,
        [d = art::documentOf(s), pictures = &session_.pictures()](const Progress&) {
            return smallPicture(d, iconSize, [pictures](const art::Reference& r) { return pictures->get(r); });
        },
        [this, id = s.id](const std::optional<QImage>& made) {
            if (!made || made->isNull()) return;
            small_[id] = framedPicture(*made, iconSize);
            for (int k = 0; k < list_->count(); ++k)
                if (list_->item(k)->data(Qt::UserRole).toULongLong() == id) list_->item(k)->setIcon(plainIcon(small_[id]));
        },
        Jobs::For::thisPiece, closed_);
}

void StagesDialog::rename(QListWidgetItem* item)
{
    const art::Id id = item->data(Qt::UserRole).toULongLong();
    const art::Stage* s = art::stageOf(session_.document(), id);
    if (!s || item->text() == stageName(*s)) return;
    session_.take(art::withStageNamed(session_.document(), id, item->text().trimmed().toStdString()), tr("Rename"));
}

} // namespace softrope::app
