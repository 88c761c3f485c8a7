#include "app/window/shelf_dialog.h"

#include "app/theme/images.h"
#include "app/theme/theme.h"
#include "app/widgets/widgets.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace softrope::app {

namespace {
constexpr QSize iconSize(150, 112);
}

ShelfDialog::~ShelfDialog()
{
    closed_.stop();
}

ShelfDialog::ShelfDialog(Jobs& jobs, QWidget* parent) : QDialog(parent), jobs_(jobs)
{
    setWindowTitle(tr("Picture shelf"));
    resize(640, 470);
    auto* column = new QVBoxLayout(this);
    field_ = new QLineEdit;
    field_->setPlaceholderText(tr("Search: lantern, round, night …"));
    field_->setClearButtonEnabled(true);
    field_->setAccessibleName(tr("Search the shelf"));
    column->addWidget(field_);
    list_ = new QListWidget;
    list_->setViewMode(QListView::IconMode);
    list_->setIconSize(iconSize);
    list_->setUniformItemSizes(true);
    list_->setGridSize({172, 148});
    list_->setMovement(QListView::Static);
    list_->setResizeMode(QListView::Adjust);
    list_->setAccessibleName(tr("Pictures"));
    column->addWidget(list_, 1);
    words_ = new QLabel;
    words_->setFont(typeface("control", true));
    origin_ = new QLabel;
    origin_->setWordWrap(true);
    column->addWidget(words_);
    column->addWidget(origin_);
    auto* acts = new QHBoxLayout;
    acts->addStretch();
    auto* leave = new QPushButton(tr("Leave"));
    bring_ = new QPushButton(tr("Bring in"));
    bring_->setDefault(true);
    acts->addWidget(leave);
    acts->addWidget(bring_);
    column->addLayout(acts);
    connect(field_, &QLineEdit::textChanged, this, &ShelfDialog::filter);
    connect(list_, &QListWidget::currentRowChanged, this, [this] { tell(); });
    connect(list_, &QListWidget::itemActivated, this, [this] { take(); });
    connect(bring_, &QAbstractButton::clicked, this, &ShelfDialog::take);
    connect(leave, &QAbstractButton::clicked, this, &QDialog::reject);
    filter({});
}

void ShelfDialog::filter(const QString& words)
{
    list_->clear();
    for (const demo::ShelfPicture& p : demo::searchShelf(words.toStdString())) {
        auto* item = new QListWidgetItem(tr(p.title.c_str()), list_);
        item->setData(Qt::UserRole, QString::fromStdString(p.id));
        // The small picture is made in the background; until then there is a plain field.
        const QString key = QString::fromStdString(p.id);
        if (const auto made = small_.find(key); made != small_.end()) {
            item->setIcon(made->second);
            continue;
        }
        QPixmap plain(iconSize);
        plain.fill(colours().cardInset);
        item->setIcon(plain);
        small_[key] = plain; // asked for once
        jobs_.run<pixel::Picture>(
            Lane::working, this,
            [p](const Progress& at) {
                demo::PhotoOptions o;
                o.width = 90; // 112 high
                o.cancelled = [&at] { return at.cancelled(); };
                return p.make(o);
            },
            [this, id = QString::fromStdString(p.id)](const std::optional<pixel::Picture>& made) {
                if (!made || made->empty()) return;
                small_[id] = framedPicture(imageOf(*made), iconSize);
                for (int k = 0; k < list_->count(); ++k)
                    if (list_->item(k)->data(Qt::UserRole).toString() == id) list_->item(k)->setIcon(small_[id]);
            },
            Jobs::For::anyPiece, closed_);
    }
    if (list_->count()) list_->setCurrentRow(0);
    tell();
}

void ShelfDialog::hideEvent(QHideEvent* e)
{
    closed_.stop();
    QDialog::hideEvent(e);
}

void ShelfDialog::tell()
{
    const QListWidgetItem* now = list_->currentItem();
    bring_->setEnabled(now != nullptr);
    words_->setText(now ? now->text() : list_->count() ? QString() : tr("Nothing on the shelf goes by these words."));
    origin_->clear();
    if (!now) return;
    for (const demo::ShelfPicture& p : demo::shelf())
        if (QString::fromStdString(p.id) == now->data(Qt::UserRole).toString())
            origin_->setText(tr("Origin: %1. Licence: %2.").arg(QString::fromStdString(p.origin), QString::fromStdString(p.licence)));
}

void ShelfDialog::take()
{
    if (const QListWidgetItem* now = list_->currentItem()) {
        emit chosen(now->data(Qt::UserRole).toString());
        accept();
    }
}

} // namespace softrope::app
