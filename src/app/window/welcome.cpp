#include "app/window/welcome.h"

#include "app/theme/theme.h"
#include "app/theme/words.h"
#include "app/widgets/picture_tile.h"
#include "app/widgets/widgets.h"
#include "art/templates.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr QSize pieceSize(84, 63), sheetSize(44, 44);
constexpr int mostPieces = 5;

// This panel lies on paper: its words keep the paper's ink in both themes.
QLabel* onPaper(const QString& text, const char* style)
{
    QLabel* l = label(text, style, false);
    l->setAlignment(Qt::AlignCenter);
    QPalette q = l->palette();
    q.setColor(QPalette::WindowText, marks().artLine);
    l->setPalette(q);
    return l;
}

QHBoxLayout* middle(std::initializer_list<QWidget*> widgets)
{
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    row->addStretch();
    for (QWidget* w : widgets) row->addWidget(w);
    row->addStretch();
    return row;
}

// The sheet as it lies, with its edge where it is round.
QImage sheetPicture(const art::Template& t)
{
    const double scale = 2; // for screens of twice the px
    QImage image(sheetSize * scale, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    const double fit = 0.86 * std::min(image.width() / t.width, image.height() / t.height);
    QRectF sheet(0, 0, t.width * fit, t.height * fit);
    sheet.moveCenter(QRectF(image.rect()).center());
    p.setPen(QPen(marks().artLine, 2));
    p.setBrush(Qt::white);
    if (t.round)
        p.drawEllipse(sheet);
    else
        p.drawRect(sheet);
    return image;
}

} // namespace

Welcome::Welcome(Jobs& jobs, QWidget* parent) : QWidget(parent), jobs_(jobs)
{
    setObjectName("welcome");
    setAttribute(Qt::WA_NoMousePropagation);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    auto* icon = new QLabel;
    icon->setPixmap(iconPixmap("place", colours().textMuted, 48, 2));
    icon->setAlignment(Qt::AlignCenter);
    auto* choose = new Pill("reference", tr("Choose a picture"), {}, Pill::Kind::main);
    auto* paste = new Pill({}, tr("Paste"));
    auto* scan = new Pill("place", tr("Scan a page"));
    auto* demo = new Pill("layer", tr("Open the demo"));
    auto* how = new Pill({}, tr("How the job goes"));
    column->addWidget(icon);
    column->addWidget(onPaper(tr("Drop a sketch or photo here"), "title"));
    column->addLayout(middle({choose, paste}));
    column->addLayout(middle({scan, demo, how}));
    column->addWidget(onPaper(tr("or start drawing: press 2, then S"), "small"));

    sheets_ = new QWidget;
    auto* sheetColumn = new QVBoxLayout(sheets_);
    sheetColumn->setContentsMargins(0, 4, 0, 0);
    sheetColumn->setSpacing(2);
    sheetColumn->addWidget(onPaper(tr("A sheet to begin with"), "small"));
    auto* sheetRow = new QHBoxLayout;
    sheetRow->setSpacing(2);
    sheetRow->addStretch();
    for (const art::Template& t : art::templates()) {
        auto* tile = new PictureTile(tr(t.name), sheetSize);
        tile->setPicture(sheetPicture(t));
        tile->setToolTip(tr(t.size));
        connect(tile, &QAbstractButton::clicked, this, [this, id = QString(t.id)] { emit asks("template-" + id); });
        sheetRow->addWidget(tile);
    }
    sheetRow->addStretch();
    sheetColumn->addLayout(sheetRow);
    column->addWidget(sheets_);

    pieces_ = new QWidget;
    auto* pieceColumn = new QVBoxLayout(pieces_);
    pieceColumn->setContentsMargins(0, 4, 0, 0);
    pieceColumn->setSpacing(2);
    pieceColumn->addWidget(onPaper(tr("Go on with"), "small"));
    pieceRow_ = new QHBoxLayout;
    pieceRow_->setSpacing(2);
    pieceColumn->addLayout(pieceRow_);
    column->addWidget(pieces_);

    connect(choose, &QAbstractButton::clicked, this, [this] { emit asks("bring-picture"); });
    connect(paste, &QAbstractButton::clicked, this, [this] { emit asks("paste"); });
    connect(scan, &QAbstractButton::clicked, this, [this, scan] { emit asksToScan(scan->mapToGlobal(QPoint(0, scan->height() + 2))); });
    connect(demo, &QAbstractButton::clicked, this, [this] { emit asks("open-demo"); });
    connect(how, &QAbstractButton::clicked, this, [this] { emit asks("job"); });
    refresh();
}

Welcome::~Welcome()
{
    closed_.stop();
}

void Welcome::refresh()
{
    recentState_ = recentState();
    recent_ = recentPieces();
    last_ = openLastTime();
    shownPieces_ = -1;
}

void Welcome::fillPieces(int most)
{
    if (most == shownPieces_) return;
    shownPieces_ = most;
    while (QLayoutItem* i = pieceRow_->takeAt(0)) {
        delete i->widget();
        delete i;
    }
    pieceRow_->addStretch();
    int left = most;
    // All that was open at once comes back at once.
    if (last_.size() > 1 && left > 0) {
        auto* all = new Pill("layer", tr("All of last time (%1)").arg(last_.size()));
        connect(all, &QAbstractButton::clicked, this, [this] { emit opens(last_); });
        pieceRow_->addWidget(all);
        --left;
    }
    for (const RecentPiece& p : recent_) {
        if (left-- <= 0) break;
        auto* tile = new PictureTile(p.title.isEmpty() ? QFileInfo(p.path).completeBaseName() : p.title, pieceSize);
        tile->setToolTip(p.path);
        connect(tile, &QAbstractButton::clicked, this, [this, path = p.path] { emit opens({path}); });
        jobs_.run<QImage>(
            Lane::working, tile, [path = p.path](const Progress&) { return recentPicture(path, 2 * pieceSize); },
            [tile](const std::optional<QImage>& made) {
                if (made && !made->isNull()) tile->setPicture(*made);
            },
            Jobs::For::anyPiece, closed_);
        pieceRow_->addWidget(tile);
    }
    pieceRow_->addStretch();
}

void Welcome::fit(QSize room)
{
    if (recentState_ != recentState()) refresh();
    const bool any = !recent_.empty();
    fillPieces(any ? std::clamp(room.width() / (pieceSize.width() + 14), 1, mostPieces) : 0);
    pieces_->setVisible(any);
    sheets_->setVisible(true);
    layout()->activate();
    if (sizeHint().height() > room.height()) pieces_->hide();
    layout()->activate();
    if (sizeHint().height() > room.height()) sheets_->hide();
    layout()->activate();
    adjustSize();
}

} // namespace softrope::app
