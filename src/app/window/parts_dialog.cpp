#include "app/window/parts_dialog.h"

#include "app/commands/part_acts.h"
#include "app/theme/theme.h"
#include "app/widgets/widgets.h"
#include "app/window/small_picture.h"
#include "art/parts.h"

#include <QDateTime>
#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr QSize iconSize(104, 92);

// Dragged onto the sheet, a part goes by its id.
class PartsList : public QListWidget {
protected:
    QStringList mimeTypes() const override { return {partMime}; }
    QMimeData* mimeData(const QList<QListWidgetItem*>& items) const override
    {
        auto* m = new QMimeData;
        if (!items.isEmpty()) m->setData(partMime, items.front()->data(Qt::UserRole).toString().toUtf8());
        return m;
    }
};

// A name and tags; nothing when it was left.
std::optional<std::pair<QString, QStringList>> askName(QWidget* parent, const QString& title, const QString& name, const QStringList& tags)
{
    QDialog ask(parent);
    ask.setWindowTitle(title);
    auto* form = new QFormLayout(&ask);
    auto* first = new QLineEdit(name);
    auto* second = new QLineEdit(tags.join(' '));
    first->setAccessibleName(tr("Name"));
    second->setAccessibleName(tr("Tags"));
    second->setPlaceholderText(tr("Words to find it by"));
    form->addRow(tr("Name"), first);
    form->addRow(tr("Tags"), second);
    auto* box = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    form->addRow(box);
    QObject::connect(box, &QDialogButtonBox::accepted, &ask, &QDialog::accept);
    QObject::connect(box, &QDialogButtonBox::rejected, &ask, &QDialog::reject);
    const auto ready = [&] { box->button(QDialogButtonBox::Ok)->setEnabled(!first->text().trimmed().isEmpty()); };
    QObject::connect(first, &QLineEdit::textChanged, &ask, ready);
    ready();
    if (ask.exec() != QDialog::Accepted) return std::nullopt;
    return std::pair(first->text().trimmed(), second->text().split(' ', Qt::SkipEmptyParts));
}

std::vector<std::string> wordsOf(const QStringList& tags)
{
    std::vector<std::string> out;
    for (const QString& t : tags) out.push_back(t.toStdString());
    return out;
}

} // namespace

PartsDialog::PartsDialog(Session& session, Acts& acts, Canvas& canvas, QWidget* parent) : QDialog(parent), session_(session), acts_(acts), canvas_(canvas)
{
    setObjectName("parts");
    setWindowTitle(tr("Parts"));
    resize(470, 440);
    auto* column = new QVBoxLayout(this);
    search_ = new QLineEdit;
    search_->setPlaceholderText(tr("Search by name or tag"));
    search_->setClearButtonEnabled(true);
    search_->setAccessibleName(tr("Search the parts"));
    column->addWidget(search_);
    list_ = new PartsList;
    list_->setAccessibleName(tr("Parts"));
    list_->setViewMode(QListView::IconMode);
    list_->setIconSize(iconSize);
    list_->setGridSize({124, 124});
    list_->setMovement(QListView::Static);
    list_->setDragEnabled(true);
    list_->setDragDropMode(QAbstractItemView::DragOnly);
    list_->setResizeMode(QListView::Adjust);
    list_->setUniformItemSizes(true);
    list_->setFont(typeface("body"));
    column->addWidget(list_, 1);
    told_ = label({}, "small");
    told_->setWordWrap(true);
    column->addWidget(told_);
    auto* buttons = new QHBoxLayout;
    put_ = new QPushButton(tr("Put on the sheet"));
    auto* keep = new QPushButton(tr("Keep what is picked"));
    name_ = new QPushButton(tr("Name and tags"));
    remove_ = new QPushButton(tr("Remove"));
    for (QPushButton* b : {put_, keep, name_, remove_}) {
        b->setAutoDefault(false);
        buttons->addWidget(b);
    }
    column->addLayout(buttons);
    const auto put = [this] {
        if (const files::Part* p = now()) putPart(acts_, canvas_, QString::fromStdString(p->id), canvas_.view().centre);
    };
    connect(put_, &QAbstractButton::clicked, this, put);
    connect(list_, &QListWidget::itemActivated, this, put);
    connect(keep, &QAbstractButton::clicked, this, &PartsDialog::keepPicked);
    connect(name_, &QAbstractButton::clicked, this, &PartsDialog::rename);
    connect(remove_, &QAbstractButton::clicked, this, [this] {
        const files::Part* p = now();
        if (!p) return;
        const files::FileResult r = files::removePart(*p);
        canvas_.say(r.ok() ? tr("Removed; it is kept in the folder of parts, under earlier.") : QString::fromStdString(r.problem));
        read();
    });
    connect(search_, &QLineEdit::textChanged, this, [this] { filter(); });
    connect(list_, &QListWidget::currentRowChanged, this, [this] { tell(); });
    read();
}

PartsDialog::~PartsDialog()
{
    closed_.stop();
}

const files::Part* PartsDialog::now() const
{
    const QListWidgetItem* item = list_->currentItem();
    return item ? files::partOf(parts_, item->data(Qt::UserRole).toString().toStdString()) : nullptr;
}

void PartsDialog::read()
{
    parts_ = files::listParts();
    filter();
    if (!parts_.trouble.empty()) told_->setText(tr("Cannot be read: %1").arg(QString::fromStdString(parts_.trouble.front())));
}

void PartsDialog::filter()
{
    const QString picked = list_->currentItem() ? list_->currentItem()->data(Qt::UserRole).toString() : QString();
    list_->clear();
    for (const files::Part& p : parts_.parts) {
        if (!p.matches(search_->text().toStdString())) continue;
        auto* item = new QListWidgetItem(tr(p.name.c_str()), list_);
        const QString id = QString::fromStdString(p.id), file = QString::fromStdString(p.file);
        item->setData(Qt::UserRole, id);
        const QString key = file + QString::number(QFileInfo(file).lastModified().toMSecsSinceEpoch());
        item->setData(Qt::UserRole + 1, key);
        if (!small_.count(key)) picture(p, key);
        item->setIcon(plainIcon(small_[key]));
        if (id == picked) list_->setCurrentItem(item);
    }
    if (!list_->currentItem() && list_->count()) list_->setCurrentRow(0);
    tell();
}

void PartsDialog::picture(const files::Part& p, const QString& key)
{
    QPixmap plain(iconSize);
    plain.fill(colours().cardInset);
    small_[key] = plain; // asked for once
    session_.jobs().run<QImage>(
        Lane::working, this,
        [p](const Progress&) {
            const files::OpenedPart opened = files::readPart(p);
            return opened.ok() ? smallPicture(opened.document, iconSize * 0.9) : QImage();
        },
        [this, key](const std::optional<QImage>& made) {
            if (!made || made->isNull()) return;
            small_[key] = framedPicture(*made, iconSize);
            for (int k = 0; k < list_->count(); ++k)
                if (list_->item(k)->data(Qt::UserRole + 1).toString() == key) list_->item(k)->setIcon(plainIcon(small_[key]));
        },
        Jobs::For::anyPiece, closed_);
}

void PartsDialog::tell()
{
    const files::Part* p = now();
    put_->setEnabled(p);
    name_->setEnabled(p);
    remove_->setEnabled(p && !p->ships);
    QStringList tags;
    if (p)
        for (const std::string& t : p->tags) tags << QString::fromStdString(t);
    told_->setText(!p         ? tr("Nothing is called that.")
                   : p->ships ? tr("Comes with the program · %1").arg(tags.join(", "))
                              : tr("Your own · %1").arg(tags.isEmpty() ? tr("no tags") : tags.join(", ")));
}

void PartsDialog::keepPicked()
{
    if (session_.selection().items.empty()) {
        canvas_.say(tr("Pick what is to be kept first."));
        return;
    }
    const art::Item* one = session_.document().item(session_.selection().items.front());
    if (const auto asked = askName(this, tr("Keep as a part"), one ? QString::fromStdString(one->name) : QString(), {})) keep(asked->first, asked->second);
}

bool PartsDialog::keep(const QString& name, const QStringList& tags)
{
    const art::Document made = art::partFrom(session_.document(), session_.selection().items, name.toStdString());
    if (art::bounds(made).empty()) {
        canvas_.say(tr("There is nothing in it that is seen."));
        return false;
    }
    const files::KeptPart kept = files::keepPart(made, name.toStdString(), wordsOf(tags));
    canvas_.say(kept.ok() ? tr("%1 is a part now.").arg(name) : QString::fromStdString(kept.problem));
    if (kept.ok()) {
        search_->clear();
        read();
        for (int k = 0; k < list_->count(); ++k)
            if (list_->item(k)->data(Qt::UserRole).toString().toStdString() == kept.id) list_->setCurrentRow(k);
    }
    return kept.ok();
}

void PartsDialog::rename()
{
    const files::Part* p = now();
    if (!p) return;
    QStringList tags;
    for (const std::string& t : p->tags) tags << QString::fromStdString(t);
    const auto asked = askName(this, tr("Name and tags"), QString::fromStdString(p->name), tags);
    if (!asked) return;
    const files::KeptPart kept = files::renamePart(*p, asked->first.toStdString(), wordsOf(asked->second));
    if (!kept.ok()) canvas_.say(QString::fromStdString(kept.problem));
    read();
}

} // namespace softrope::app
