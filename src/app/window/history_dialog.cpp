#include "app/window/history_dialog.h"

#include "app/theme/theme.h"
#include "app/widgets/widgets.h"
#include "app/window/small_picture.h"

#include <QListWidget>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr QSize iconSize(80, 60);
constexpr std::size_t drawnAround = 30; // states on either side of the present one whose pictures are made
constexpr std::size_t mostListed = 400; // they are told anew with every change

} // namespace

HistoryDialog::HistoryDialog(Session& session, QWidget* parent) : QDialog(parent), session_(session)
{
    setObjectName("history");
    setWindowTitle(tr("History"));
    resize(330, 520);
    auto* column = new QVBoxLayout(this);
    auto* told = label(tr("A click goes to how it was then. Nothing is lost until something else is done from there."), "small");
    told->setWordWrap(true);
    column->addWidget(told);
    list_ = new QListWidget;
    list_->setObjectName("states");
    list_->setAccessibleName(tr("History"));
    list_->setIconSize(iconSize);
    list_->setUniformItemSizes(true);
    list_->setFont(typeface("body"));
    column->addWidget(list_, 1);
    const auto go = [this](int row) {
        if (row >= 0) session_.goTo(list_->item(row)->data(Qt::UserRole).toULongLong());
    };
    connect(list_, &QListWidget::itemClicked, this, [this, go](const QListWidgetItem* i) { go(list_->row(i)); });
    connect(list_, &QListWidget::currentRowChanged, this, go);
    soon_.setSingleShot(true);
    soon_.setInterval(120);
    connect(&soon_, &QTimer::timeout, this, &HistoryDialog::draw);
    connect(&session_, &Session::documentChanged, this, &HistoryDialog::refresh);
    connect(&session_, &Session::started, this, [this] {
        small_.clear();
        refresh();
    });
    refresh();
}

HistoryDialog::~HistoryDialog()
{
    drawing_.stop();
}

void HistoryDialog::refresh()
{
    const QSignalBlocker still(list_);
    const auto entries = session_.history().entries();
    const std::size_t now = session_.history().position();
    // Of very many, those round the present one.
    const std::size_t from = entries.size() > mostListed ? std::min(now > mostListed / 2 ? now - mostListed / 2 : 0, entries.size() - mostListed) : 0;
    const std::size_t to = std::min(entries.size(), from + mostListed);
    while (list_->count() > static_cast<int>(to - from)) delete list_->takeItem(list_->count() - 1);
    while (list_->count() < static_cast<int>(to - from)) list_->addItem(new QListWidgetItem);
    QPixmap plain(iconSize);
    plain.fill(colours().sheet);
    for (std::size_t k = from; k < to; ++k) {
        QListWidgetItem* i = list_->item(static_cast<int>(k - from));
        const QString name = k == 0 && entries[k].name.empty() ? tr("As it was opened") : QString::fromStdString(entries[k].name);
        i->setText(name);
        i->setData(Qt::UserRole, QVariant::fromValue<qulonglong>(k));
        QFont f = typeface("body", k == now);
        i->setFont(f);
        i->setForeground(k > now ? colours().textMuted : colours().text);
        const auto picture = small_.find(entries[k].serial);
        i->setIcon(plainIcon(picture != small_.end() ? picture->second : plain));
        i->setData(Qt::AccessibleDescriptionRole, k == now ? tr("the present state") : k > now ? tr("taken back") : QString());
    }
    list_->setCurrentRow(static_cast<int>(now - from));
    list_->scrollToItem(list_->currentItem());
    soon_.start();
}

void HistoryDialog::draw()
{
    drawing_.stop();
    drawing_ = {};
    const auto entries = session_.history().entries();
    const std::size_t now = session_.history().position();
    const std::size_t from = now > drawnAround ? now - drawnAround : 0, to = std::min(entries.size(), now + drawnAround + 1);
    // What is nothing's picture any more goes.
    std::map<std::uint64_t, QPixmap> still;
    std::vector<std::size_t> wanted;
    for (std::size_t k = 0; k < entries.size(); ++k)
        if (const auto p = small_.find(entries[k].serial); p != small_.end()) still.insert(*p);
    small_ = std::move(still);
    for (std::size_t k = from; k < to; ++k)
        if (!small_.count(entries[k].serial)) wanted.push_back(k);
    if (wanted.empty()) return;
    using Made = std::vector<std::pair<std::uint64_t, QImage>>;
    session_.jobs().run<Made>(
        Lane::working, this,
        // States are worked out from one another: in a history of its own, so that the present one stays as it is.
        [history = session_.history(), wanted, entries, pictures = &session_.pictures()](const Progress& p) mutable {
            Made made;
            for (const std::size_t k : wanted) {
                if (p.cancelled()) break;
                history.goTo(k);
                made.emplace_back(entries[k].serial,
                                  smallPicture(history.now().document, iconSize * 2, [pictures](const art::Reference& r) { return pictures->wait(r); }));
            }
            return made;
        },
        [this](const std::optional<Made>& made) {
            if (!made) return;
            for (const auto& [serial, image] : *made)
                if (!image.isNull()) small_[serial] = framedPicture(image, iconSize);
            const auto all = session_.history().entries();
            for (int row = 0; row < list_->count(); ++row)
                if (const std::size_t k = list_->item(row)->data(Qt::UserRole).toULongLong(); k < all.size())
                    if (const auto p = small_.find(all[k].serial); p != small_.end()) list_->item(row)->setIcon(plainIcon(p->second));
        },
        Jobs::For::thisPiece, drawing_);
}

} // namespace softrope::app
