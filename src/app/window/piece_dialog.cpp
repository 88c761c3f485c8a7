#include "app/window/piece_dialog.h"

#include "app/theme/theme.h"
#include "app/widgets/widgets.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace softrope::app {

namespace {
constexpr QSize iconSize(168, 126);
}

PieceDialog::PieceDialog(Jobs& jobs, const QString& title, std::vector<Piece> pieces, QWidget* parent) : QDialog(parent), pieces_(std::move(pieces))
{
    setWindowTitle(title);
    resize(620, 460);
    auto* column = new QVBoxLayout(this);
    list_ = new QListWidget;
    list_->setObjectName("pieces");
    list_->setAccessibleName(title);
    list_->setViewMode(QListView::IconMode);
    list_->setIconSize(iconSize);
    list_->setGridSize({188, 164});
    list_->setMovement(QListView::Static);
    list_->setResizeMode(QListView::Adjust);
    list_->setUniformItemSizes(true);
    list_->setFont(typeface("body"));
    for (const Piece& p : pieces_) {
        auto* item = new QListWidgetItem(p.title, list_);
        QPixmap plain(iconSize);
        plain.fill(colours().sheet);
        item->setIcon(plain);
    }
    for (std::size_t k = 0; k < pieces_.size(); ++k) {
        if (!pieces_[k].picture) continue;
        jobs.run<QImage>(
            Lane::working, this, [make = pieces_[k].picture](const Progress&) { return make(); },
            [this, k](const std::optional<QImage>& made) {
                if (!made || made->isNull()) return;
                list_->item(static_cast<int>(k))->setIcon(framedPicture(*made, iconSize));
            },
            Jobs::For::anyPiece, closed_);
    }
    detail_ = label({}, "small");
    column->addWidget(list_, 1);
    column->addWidget(detail_);
    auto* acts = new QHBoxLayout;
    acts->addStretch();
    auto* leave = new QPushButton(tr("Leave"));
    auto* open = new QPushButton(tr("Open it"));
    open->setDefault(true);
    open->setEnabled(!pieces_.empty());
    acts->addWidget(leave);
    acts->addWidget(open);
    column->addLayout(acts);
    connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
        detail_->setText(row >= 0 && row < static_cast<int>(pieces_.size()) ? pieces_[static_cast<std::size_t>(row)].detail : QString());
    });
    connect(list_, &QListWidget::itemActivated, this, [this] { take(); });
    connect(open, &QAbstractButton::clicked, this, &PieceDialog::take);
    connect(leave, &QAbstractButton::clicked, this, &QDialog::reject);
    if (list_->count()) list_->setCurrentRow(0);
}

PieceDialog::~PieceDialog()
{
    closed_.stop();
}

void PieceDialog::take()
{
    const int row = list_->currentRow();
    if (row < 0) return;
    accept();
    emit chosen(row);
}

} // namespace softrope::app
