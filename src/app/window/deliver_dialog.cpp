#include "app/window/deliver_dialog.h"

#include "app/theme/images.h"
#include "app/theme/theme.h"
#include "app/theme/words.h"
#include "app/window/small_picture.h"
#include "files/shared_folder.h"
#include "render/render.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDate>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QGroupBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QListWidget>
#include <QLocale>
#include <QPushButton>
#include <QRegularExpression>
#include <QSettings>
#include <QSignalBlocker>
#include <QTreeWidget>

#include <algorithm>

namespace softrope::app {

namespace {

using deliver::Format;
using deliver::Variant;

constexpr QSize smallSize(116, 96);

QString listed(const std::vector<int>& sizes)
{
    QStringList out;
    for (const int px : sizes) out << QString::number(px);
    return out.join(' ');
}

std::vector<int> sizesIn(const QString& text, int most)
{
    std::vector<int> out;
    for (const QString& s : text.split(QRegularExpression("[^0-9]+"), Qt::SkipEmptyParts))
        if (const int px = s.toInt(); px > 0 && px <= most && out.size() < 32 && std::find(out.begin(), out.end(), px) == out.end()) out.push_back(px);
    return out;
}

QString nameOfFormat(Format f)
{
    switch (f) {
    case Format::svg: return tr("SVG, clean");
    case Format::svgText: return tr("SVG with words");
    case Format::pdf: return "PDF";
    case Format::eps: return "EPS";
    case Format::png: return "PNG";
    }
    return {};
}

} // namespace

DeliverDialog::DeliverDialog(Session& session, Proofing& proofing, QWidget* parent)
    : QDialog(parent), session_(session), proofing_(proofing), plan_(deliver::planOf(session.document())), making_(session.jobs(), this),
      painting_(session.jobs(), this, Lane::drawing)
{
    setObjectName("deliver");
    setWindowTitle(tr("Deliver"));
    resize(940, 640);
    auto* outer = new QHBoxLayout(this);
    auto* left = new QVBoxLayout;
    auto* right = new QVBoxLayout;
    outer->addLayout(left, 4);
    outer->addLayout(right, 5);
    const auto boxed = [&](const QString& title) {
        auto* box = new QGroupBox(title);
        auto* column = new QVBoxLayout(box);
        column->setSpacing(4);
        left->addWidget(box);
        return column;
    };
    const auto tick = [&](const QString& text, const QString& tip) {
        auto* t = new QCheckBox(text);
        t->setToolTip(tip);
        connect(t, &QCheckBox::toggled, this, &DeliverDialog::read);
        return t;
    };
    const auto field = [&](const QString& name, const QString& tip) {
        auto* f = new QLineEdit;
        f->setAccessibleName(name);
        f->setToolTip(tip);
        connect(f, &QLineEdit::editingFinished, this, &DeliverDialog::read);
        return f;
    };

    auto* what = boxed(tr("What"));
    scope_ = new QComboBox;
    scope_->setAccessibleName(tr("What"));
    scope_->addItems({tr("The sheet"), tr("What is picked"), tr("Each layer by itself")});
    connect(scope_, &QComboBox::activated, this, &DeliverDialog::read);
    what->addWidget(scope_);
    const std::map<Variant, QString> tips{{Variant::full, tr("As it is")},
                                          {Variant::oneInk, tr("Dark areas and lines in one colour; gaps keep them apart")},
                                          {Variant::reversed, tr("On a dark ground; light stays light")},
                                          {Variant::lineOnly, tr("Outlines and lines at one weight")},
                                          {Variant::flat, tr("Blends, gradients and blur worked out into flat areas")}};
    auto* grid = new QGridLayout;
    what->addLayout(grid);
    for (const Variant v : deliver::variants) {
        auto* t = tick(QString::fromStdString(deliver::nameOf(v)), tips.at(v));
        const int k = static_cast<int>(variants_.size());
        grid->addWidget(t, k / 2, k % 2);
        variants_.emplace_back(t, v);
    }

    auto* how = boxed(tr("How"));
    auto* rows = new QGridLayout;
    how->addLayout(rows);
    for (const Format f : deliver::formats) {
        auto* t = tick(nameOfFormat(f), {});
        const int k = static_cast<int>(formats_.size());
        rows->addWidget(t, k / 3, k % 3);
        formats_.emplace_back(t, f);
    }
    auto* form = new QFormLayout;
    how->addLayout(form);
    png_ = field(tr("PNG widths"), tr("px, by spaces"));
    icons_ = field(tr("Icons"), tr("Sides of square pictures, px, by spaces; empty = none"));
    form->addRow(tr("PNG widths"), png_);
    form->addRow(tr("Icons"), icons_);
    ground_ = tick(tr("On paper instead of nothing"), tr("Pictures and pages have a ground"));
    how->addWidget(ground_);
    auto* pages = new QHBoxLayout;
    bleed_ = new NumberField(0, 100, 1, "mm");
    bleed_->setFixedWidth(76);
    bleed_->setAccessibleName(tr("Bleed"));
    connect(bleed_, &NumberField::changed, this, &DeliverDialog::read);
    marks_ = tick(tr("Crop marks"), tr("Where pages are cut"));
    pages->addWidget(new QLabel(tr("Bleed")));
    pages->addWidget(bleed_);
    pages->addWidget(marks_);
    pages->addStretch();
    how->addLayout(pages);
    sheet_ = tick(tr("Delivery sheet"), tr("One page with the mark, its variants, sizes and inks"));
    how->addWidget(sheet_);

    auto* where = boxed(tr("Names and place"));
    auto* places = new QFormLayout;
    where->addLayout(places);
    names_ = field(tr("Names"), tr("{title}, {variant}, {layer} and {date} are replaced"));
    places->addRow(tr("Names"), names_);
    auto* line = new QHBoxLayout;
    folder_ = new QLineEdit;
    folder_->setAccessibleName(tr("Folder"));
    folder_->setToolTip(tr("A new folder, or one without files of these names"));
    auto* browse = new QPushButton(tr("Choose…"));
    browse->setAutoDefault(false);
    line->addWidget(folder_);
    line->addWidget(browse);
    places->addRow(tr("Folder"), line);
    left->addStretch();
    connect(browse, &QAbstractButton::clicked, this, [this] {
        const QString path = QFileDialog::getExistingDirectory(this, tr("Folder"), QFileInfo(folder_->text()).path());
        if (!path.isEmpty()) folder_->setText(path);
    });

    pictures_ = new QListWidget;
    pictures_->setAccessibleName(tr("Variants"));
    pictures_->setViewMode(QListView::IconMode);
    pictures_->setIconSize(smallSize);
    pictures_->setGridSize({smallSize.width() + 12, smallSize.height() + 34});
    pictures_->setMovement(QListView::Static);
    pictures_->setResizeMode(QListView::Adjust);
    pictures_->setFixedHeight(smallSize.height() + 52);
    pictures_->setWrapping(false);
    pictures_->setFont(typeface("small"));
    right->addWidget(pictures_);
    auto* hand = new QPushButton(tr("Correct by hand"));
    hand->setToolTip(tr("The variant opens as a piece of its own; kept as a stage of its name, it is delivered in place of the one worked out"));
    hand->setAutoDefault(false);
    auto* handRow = new QHBoxLayout;
    handRow->addWidget(hand);
    handRow->addStretch();
    right->addLayout(handRow);
    connect(hand, &QAbstractButton::clicked, this, &DeliverDialog::correct);
    files_ = new QTreeWidget;
    files_->setAccessibleName(tr("Files"));
    files_->setHeaderLabels({tr("File"), tr("Size")});
    files_->setRootIsDecorated(false);
    files_->header()->setStretchLastSection(false);
    files_->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    files_->header()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    files_->setFont(typeface("small"));
    right->addWidget(files_, 1);
    auto* foot = new QHBoxLayout;
    sum_ = label({}, "small");
    deliver_ = new QPushButton(tr("Deliver"));
    deliver_->setDefault(true);
    auto* close = new QPushButton(tr("Close"));
    close->setAutoDefault(false);
    foot->addWidget(sum_, 1);
    foot->addWidget(close);
    foot->addWidget(deliver_);
    right->addLayout(foot);
    connect(close, &QAbstractButton::clicked, this, &QDialog::close);
    connect(deliver_, &QAbstractButton::clicked, this, &DeliverDialog::write);
    connect(&session_, &Session::documentChanged, this, &DeliverDialog::make);
    connect(&beat_, &QTimer::timeout, this, [this] { sum_->setText(tr("Working it out, %1 %").arg(std::lround(100 * making_.progress()))); });
    connect(&session_, &Session::started, this, &QDialog::close);

    const std::string title = files::plainName(session_.document().title);
    const QString plain = title.empty() ? tr("mark") : QString::fromStdString(title);
    const QString base = session_.path().isEmpty() ? QSettings().value("folder", QDir::homePath()).toString() : QFileInfo(session_.path()).path();
    QString path = base + '/' + plain + '-' + QDate::currentDate().toString(Qt::ISODate);
    const QString first = path;
    for (int n = 2; QFileInfo::exists(path); ++n) path = QString("%1-%2").arg(first).arg(n);
    folder_->setText(path);
    if (session_.document().proofing.plan.empty()) {
        plan_.bleed = proofing_.process().bleed;
        plan_.iconSizes = proofing_.process().sizes;
    }
    fill();
    make();
}

DeliverDialog::~DeliverDialog()
{
    making_.drop();
    painting_.drop();
}

void DeliverDialog::fill()
{
    filling_ = true;
    const auto has = [](const auto& list, auto v) { return std::find(list.begin(), list.end(), v) != list.end(); };
    for (const auto& [t, v] : variants_) t->setChecked(has(plan_.variants, v));
    for (const auto& [t, f] : formats_) t->setChecked(has(plan_.formats, f));
    scope_->setCurrentIndex(static_cast<int>(plan_.scope));
    png_->setText(listed(plan_.pngWidths));
    icons_->setText(listed(plan_.iconSizes));
    ground_->setChecked(plan_.ground);
    marks_->setChecked(plan_.cropMarks);
    sheet_->setChecked(plan_.sheet);
    bleed_->setValue(plan_.bleed);
    names_->setText(QString::fromStdString(plan_.names));
    filling_ = false;
}

void DeliverDialog::read()
{
    if (filling_) return;
    deliver::Plan p = plan_;
    p.variants.clear();
    p.formats.clear();
    for (const auto& [t, v] : variants_)
        if (t->isChecked()) p.variants.push_back(v);
    for (const auto& [t, f] : formats_)
        if (t->isChecked()) p.formats.push_back(f);
    p.scope = static_cast<deliver::Scope>(scope_->currentIndex());
    p.pngWidths = sizesIn(png_->text(), 20000);
    p.iconSizes = sizesIn(icons_->text(), 2048);
    p.ground = ground_->isChecked();
    p.cropMarks = marks_->isChecked();
    p.sheet = sheet_->isChecked();
    p.bleed = bleed_->value();
    if (!names_->text().trimmed().isEmpty()) p.names = names_->text().trimmed().toStdString();
    if (p == plan_) return;
    plan_ = p;
    make();
}

deliver::Asked DeliverDialog::asked() const
{
    deliver::Asked a;
    a.picked = session_.selection().items;
    a.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    a.mmPerPx = proofing_.mm();
    return a;
}

void DeliverDialog::make()
{
    ready_ = false;
    deliver_->setEnabled(false);
    sum_->setText(tr("Working it out, %1 %").arg(0));
    deliver::Plan plan = plan_;
    if (proofing_.process().gap > 0) plan.inking.gap = proofing_.process().gap / proofing_.mm();
    // Names at once, sizes when the files are made.
    files_->clear();
    for (const std::string& n : deliver::namesOf(session_.document(), plan, asked()))
        files_->addTopLevelItem(new QTreeWidgetItem({QString::fromStdString(n), "…"}));
    ++asked_;
    painting_.want(
        asked_,
        [d = session_.document(), plan](const Progress&) {
            std::vector<Small> out;
            for (const Variant v : plan.variants) {
                const art::Document one = deliver::paintedVariant(d, v, plan.inking);
                const double k = std::min(smallSize.width() / one.sheet.width, smallSize.height() / one.sheet.height);
                render::Options o;
                o.references = false;
                const pixel::Picture picture = render::renderSheet(one, std::max(1, static_cast<int>(one.sheet.width * k)), o);
                out.push_back({v, imageOf(picture), deliver::isCorrected(d, v)});
            }
            return out;
        },
        [this](const std::vector<Small>& small) { showPictures(small); });
    making_.want(
        asked_,
        [d = session_.document(), plan, a = asked()](const Progress& p) mutable {
            a.cancelled = [p] { return p.cancelled(); };
            a.progress = [p](double share) { p.share->store(share); };
            return deliver::made(d, plan, a);
        },
        [this](deliver::Made m) { showFiles(std::move(m)); });
    beat_.start(120);
}

void DeliverDialog::showPictures(const std::vector<Small>& small)
{
    pictures_->clear();
    for (const Small& s : small) {
        QImage onPaper(s.image.size(), QImage::Format_RGB32);
        onPaper.fill(Qt::white);
        QPainter(&onPaper).drawImage(0, 0, s.image);
        const QString name = QString::fromStdString(deliver::nameOf(s.variant)) + (s.corrected ? tr(", by hand") : QString());
        auto* item = new QListWidgetItem(plainIcon(framedPicture(onPaper, smallSize)), name, pictures_);
        item->setData(Qt::UserRole, static_cast<int>(s.variant));
    }
    if (pictures_->count()) pictures_->setCurrentRow(0);
}

void DeliverDialog::showFiles(deliver::Made made)
{
    beat_.stop();
    made_ = std::move(made);
    files_->clear();
    qint64 all = 0;
    for (const deliver::MadeFile& f : made_.files) {
        all += static_cast<qint64>(f.bytes.size());
        auto* item = new QTreeWidgetItem({QString::fromStdString(f.name), QLocale().formattedDataSize(static_cast<qint64>(f.bytes.size()))});
        item->setTextAlignment(1, Qt::AlignRight | Qt::AlignVCenter);
        files_->addTopLevelItem(item);
    }
    ready_ = true;
    deliver_->setEnabled(!made_.files.empty());
    sum_->setText(!made_.problem.empty() ? QString::fromStdString(made_.problem)
                  : made_.files.empty()  ? tr("Nothing is asked for.")
                                         : tr("%n file(s), %1", nullptr, static_cast<int>(made_.files.size())).arg(QLocale().formattedDataSize(all)));
}

// Remembered with the document, not as a step of the work.
void DeliverDialog::keepPlan()
{
    art::Document d = session_.document();
    const std::string text = deliver::planText(plan_);
    if (d.proofing.plan == text) return;
    d.proofing.plan = text;
    session_.take(d, tr("Delivery plan"), "plan");
}

void DeliverDialog::write()
{
    if (!ready_ || made_.files.empty()) return;
    const QString folder = folder_->text().trimmed();
    if (folder.isEmpty()) return;
    deliver_->setEnabled(false);
    const auto count = static_cast<int>(made_.files.size());
    session_.jobs().run<std::string>(
        Lane::keeping, this, [folder, files = made_.files](const Progress&) { return deliver::writeInto(folder.toStdString(), files).problem; },
        [this, folder, count](const std::optional<std::string>& problem) {
            deliver_->setEnabled(true);
            if (!problem) return;
            if (!problem->empty()) {
                sum_->setText(QString::fromStdString(*problem));
                emit said(QString::fromStdString(*problem));
                return;
            }
            keepPlan();
            emit delivered(folder, count);
            close();
        });
}

void DeliverDialog::correct()
{
    const QListWidgetItem* item = pictures_->currentItem();
    if (!item) return;
    const auto v = static_cast<Variant>(item->data(Qt::UserRole).toInt());
    session_.jobs().run<art::Document>(
        Lane::working, this,
        [d = session_.document(), v, how = plan_.inking](const Progress& p) {
            art::Document one = deliver::variantOf(d, v, how, [p] { return p.cancelled(); });
            one.title = d.title;
            return one;
        },
        [this](const std::optional<art::Document>& one) {
            if (one) emit opensAsNew(*one);
        });
}

} // namespace softrope::app
