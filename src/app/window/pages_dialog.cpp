#include "app/window/pages_dialog.h"

#include "app/theme/images.h"
#include "app/theme/theme.h"
#include "app/widgets/widgets.h"
#include "files/pdf_pages.h"

#include <QDialogButtonBox>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {
constexpr QSize iconSize(120, 160);
constexpr int drawnAhead = 200; // pages whose pictures are made
} // namespace

PagesDialog::PagesDialog(Jobs& jobs, const QString& name, std::shared_ptr<const std::vector<std::byte>> pdf, int pages, QWidget* parent) : QDialog(parent)
{
    setWindowTitle(tr("Pages of %1").arg(name));
    setObjectName("pdf-pages");
    resize(640, 320);
    auto* column = new QVBoxLayout(this);
    list_ = new QListWidget;
    list_->setObjectName("pages");
    list_->setAccessibleName(windowTitle());
    list_->setViewMode(QListView::IconMode);
    list_->setIconSize(iconSize);
    list_->setGridSize({iconSize.width() + 16, iconSize.height() + 32});
    list_->setMovement(QListView::Static);
    list_->setFlow(QListView::LeftToRight);
    list_->setWrapping(false);
    list_->setUniformItemSizes(true);
    list_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    list_->setFont(typeface("body"));
    for (int k = 0; k < pages; ++k) {
        QPixmap plain(iconSize);
        plain.fill(colours().sheet);
        list_->addItem(new QListWidgetItem(QIcon(plain), tr("Page %1").arg(k + 1)));
    }
    for (int k = 0; k < std::min(pages, drawnAhead); ++k)
        jobs.run<QImage>(
            Lane::working, this, [pdf, k](const Progress&) { return imageOf(files::smallPdfPage(*pdf, k, 2 * iconSize.width())); },
            [this, k](const std::optional<QImage>& made) {
                if (made && !made->isNull()) list_->item(k)->setIcon(framedPicture(*made, iconSize));
            },
            Jobs::For::anyPiece, closed_);
    column->addWidget(list_, 1);
    column->addWidget(label(tr("Each page comes in as a picture of 300 dots an inch. Shift and Ctrl pick several."), "small"));
    auto* buttons = new QDialogButtonBox;
    bring_ = buttons->addButton(tr("Bring in"), QDialogButtonBox::AcceptRole);
    buttons->addButton(tr("Leave"), QDialogButtonBox::RejectRole);
    bring_->setDefault(true);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(list_, &QListWidget::itemActivated, this, &QDialog::accept);
    connect(list_, &QListWidget::itemSelectionChanged, this, [this] { bring_->setEnabled(!list_->selectedItems().isEmpty()); });
    list_->setCurrentRow(0);
}

PagesDialog::~PagesDialog()
{
    closed_.stop();
}

std::vector<int> PagesDialog::chosen() const
{
    std::vector<int> rows;
    for (const QListWidgetItem* i : list_->selectedItems()) rows.push_back(list_->row(i));
    std::sort(rows.begin(), rows.end());
    return rows;
}

} // namespace softrope::app
