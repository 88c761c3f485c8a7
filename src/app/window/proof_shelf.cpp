#include "app/window/proof_shelf.h"

#include "app/theme/images.h"
#include "app/theme/theme.h"
#include "app/theme/words.h"
#include "app/widgets/widgets.h"
#include "deliver/plan.h"

#include <QApplication>
#include <QDir>
#include <QDrag>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollArea>
#include <QScrollBar>
#include <QTemporaryDir>
#include <QTimer>
#include <QVBoxLayout>

namespace softrope::app {

namespace {

constexpr int sizes[] = {128, 64, 48, 32, 24, 16};
constexpr int largeSide = 640;

} // namespace

// -- one picture --------------------------------------------------------------------------------------------------------------------

ShelfPicture::ShelfPicture(const QString& id, const QString& name, int side, QWidget* parent) : QWidget(parent), id_(id), side_(side)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setObjectName(id);
    setName(name);
    setSide(side);
}

void ShelfPicture::setName(const QString& name)
{
    name_ = name;
    setAccessibleName(name);
    setToolTip(tr("%1: click to see it large, drag it out for a file").arg(name));
    update();
}

void ShelfPicture::setSide(int side)
{
    side_ = side;
    setFixedSize(sizeHint());
    update();
}

QSize ShelfPicture::sizeHint() const
{
    const int words = static_cast<int>(QFontMetricsF(typeface("small")).horizontalAdvance(name_)) + 6;
    return {std::max(side_, words) + 2, side_ + 24};
}

void ShelfPicture::setPicture(const QImage& image)
{
    picture_ = image;
    update();
}

void ShelfPicture::setFault(bool on)
{
    if (fault_ == on) return;
    fault_ = on;
    update();
}

void ShelfPicture::paintEvent(QPaintEvent*)
{
    const Palette& c = colours();
    QPainter p(this);
    const QRect box((width() - side_) / 2, 1, side_, side_);
    p.fillRect(box, c.sheetTrue);
    if (!picture_.isNull()) {
        // Exactly as it is where it is no larger than the frame: a real size must show its own pixels.
        const QSizeF shown = QSizeF(picture_.size()) / picture_.devicePixelRatio();
        QRectF to(QPointF(0, 0), shown.width() <= side_ && shown.height() <= side_ ? shown : shown.scaled(QSizeF(side_, side_), Qt::KeepAspectRatio));
        to.moveCenter(QRectF(box).center());
        to.moveTopLeft(QPointF(std::round(to.left()), std::round(to.top())));
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.drawImage(to, picture_);
    }
    p.setPen(QPen(hasFocus() ? c.focusRing : c.line, hasFocus() ? 2 : 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(box).adjusted(-0.5, -0.5, 0.5, 0.5));
    if (fault_) {
        p.setRenderHint(QPainter::Antialiasing);
        const QPointF at(box.right() - 2, box.top() + 3);
        p.setPen(QPen(c.accent, 1.75));
        p.setBrush(c.card);
        p.drawPolygon(QPolygonF({at + QPointF(0, -7), at + QPointF(6, 0), at + QPointF(0, 7), at + QPointF(-6, 0)}));
    }
    p.setFont(typeface("small"));
    p.setPen(c.textMuted);
    p.drawText(QRectF(0, side_ + 4, width(), 18), Qt::AlignCenter, name_);
}

void ShelfPicture::mousePressEvent(QMouseEvent* e)
{
    if (e->button() == Qt::LeftButton) pressed_ = e->pos();
}

void ShelfPicture::mouseMoveEvent(QMouseEvent* e)
{
    if (!pressed_ || (e->pos() - *pressed_).manhattanLength() < QApplication::startDragDistance()) return;
    pressed_.reset();
    dragOut();
}

void ShelfPicture::mouseReleaseEvent(QMouseEvent* e)
{
    if (e->button() == Qt::LeftButton && pressed_ && rect().contains(e->pos())) emit chosen();
    pressed_.reset();
}

void ShelfPicture::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Space || e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        emit chosen();
    else if (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right)
        focusNextPrevChild(e->key() == Qt::Key_Right);
    else
        QWidget::keyPressEvent(e);
}

// A file for whoever takes it; it lies among the temporary ones until the program ends.
void ShelfPicture::dragOut()
{
    if (picture_.isNull()) return;
    static QTemporaryDir folder;
    const QString path = folder.filePath(id_ + ".png");
    if (!picture_.save(path)) return;
    auto* mime = new QMimeData;
    mime->setUrls({QUrl::fromLocalFile(path)});
    mime->setImageData(picture_);
    auto* drag = new QDrag(this);
    drag->setMimeData(mime);
    drag->setPixmap(QPixmap::fromImage(picture_.scaled(64, 64, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
    drag->exec(Qt::CopyAction);
}

// -- the shelf ----------------------------------------------------------------------------------------------------------------------

ProofShelf::ProofShelf(Session& session, Proofing& proofing)
    : session_(session), proofing_(proofing), making_(session.jobs(), this, Lane::drawing), slow_(session.jobs(), this)
{
    setAccessibleName(tr("Proof shelf"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    area_ = new QScrollArea;
    area_->setFrameShape(QFrame::NoFrame);
    area_->setWidgetResizable(true);
    area_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area_->horizontalScrollBar()->setFixedHeight(8);
    area_->horizontalScrollBar()->setAccessibleName(tr("Proof shelf"));
    column->addWidget(area_);
    auto* body = new QWidget;
    auto* row = new QHBoxLayout(body);
    row->setContentsMargins(24, 5, 24, 2);
    row->setSpacing(14);
    const auto part = [&](const QString& title, QLabel*& heading) {
        auto* w = new QVBoxLayout;
        w->setSpacing(2);
        auto* top = new QHBoxLayout;
        heading = label(title, "control", false);
        top->addWidget(heading);
        top->addStretch();
        w->addLayout(top);
        auto* pictures = new QHBoxLayout;
        pictures->setSpacing(12);
        w->addLayout(pictures, 1);
        row->addLayout(w);
        return std::pair{top, pictures};
    };
    const auto [top, real] = part(tr("At its real size"), first_);
    auto* twice = new Pill({}, "2×", {}, Pill::Kind::segment);
    twice->setFixedHeight(20);
    twice->setCheckable(true);
    twice->setToolTip(tr("As screens of twice the pixels show them"));
    twice->setAccessibleName(tr("Twice the pixels"));
    connect(twice, &QAbstractButton::toggled, this, [this](bool on) {
        twice_ = on;
        want();
    });
    top->insertWidget(1, twice);
    for (const int px : sizes) {
        auto* p = new ShelfPicture(QString("size-%1").arg(px), QString::number(px), px);
        sizes_.push_back(p);
        real->addWidget(p, 0, Qt::AlignBottom);
    }
    auto* line = new QWidget;
    line->setFixedWidth(1);
    line->setObjectName("shelfLine");
    line->setStyleSheet(QString("#shelfLine { background: %1; }").arg(colours().line.name()));
    row->addWidget(line);
    const auto [head, others] = part(tr("Other ways it will be seen"), second_);
    (void)head;
    for (const deliver::Seen s : deliver::ways) {
        auto* p = new ShelfPicture(deliver::idOf(s), QString::fromStdString(deliver::nameOf(s)), 118);
        ways_.push_back(p);
        others->addWidget(p, 0, Qt::AlignBottom);
    }
    row->addStretch();
    area_->setWidget(body);
    for (ShelfPicture* p : pictures()) connect(p, &ShelfPicture::chosen, this, [this, p] { enlarge(p->id()); });
    connect(&session_, &Session::documentChanged, this, &ProofShelf::want);
    connect(&proofing_, &Proofing::changed, this, &ProofShelf::tellFaults);
}

std::vector<ShelfPicture*> ProofShelf::pictures() const
{
    std::vector<ShelfPicture*> all = sizes_;
    all.insert(all.end(), ways_.begin(), ways_.end());
    return all;
}

ShelfPicture* ProofShelf::picture(const QString& id) const
{
    for (ShelfPicture* p : pictures())
        if (p->id() == id) return p;
    return nullptr;
}

void ProofShelf::setWatched(bool on)
{
    watched_ = on;
    if (on) make();
}

void ProofShelf::want()
{
    ++wanted_;
    if (watched_) make();
}

deliver::SeenOptions ProofShelf::options() const
{
    deliver::SeenOptions o;
    o.inking = deliver::planOf(session_.document()).inking;
    if (proofing_.process().gap > 0) o.inking.gap = proofing_.process().gap / proofing_.mm();
    return o;
}

void ProofShelf::make()
{
    if (made_ == wanted_) return;
    const quint64 revision = wanted_;
    const int ratio = twice_ ? 2 : 1;
    deliver::SeenOptions o = options();
    // What takes its pixels from the piece as it is comes at once, what is worked out follows.
    making_.want(
        revision,
        [d = session_.document(), o, ratio](const Progress& p) mutable {
            o.cancelled = [p] { return p.cancelled(); };
            std::vector<Made> out;
            for (const int px : sizes) {
                QImage image = imageOf(deliver::atSize(d, px * ratio, o));
                image.setDevicePixelRatio(ratio);
                out.push_back({QString("size-%1").arg(px), image});
            }
            return out;
        },
        [this](const std::vector<Made>& made) {
            for (const Made& m : made) picture(m.id)->setPicture(m.image);
            emit changed();
        });
    const int side = std::max(80, ways_.front()->height() - 24);
    slow_.want(
        revision,
        [d = session_.document(), o, side, screen = devicePixelRatioF()](const Progress& p) mutable {
            o.cancelled = [p] { return p.cancelled(); };
            std::vector<Made> out;
            for (const deliver::Seen s : deliver::ways) {
                QImage image = imageOf(deliver::seenAs(d, s, static_cast<int>(side * screen), o));
                image.setDevicePixelRatio(screen);
                out.push_back({deliver::idOf(s), image});
            }
            return out;
        },
        [this, revision](const std::vector<Made>& made) {
            for (const Made& m : made) picture(m.id)->setPicture(m.image);
            made_ = revision;
            makeLarge();
            emit changed();
        });
    const auto ink = deliver::groundInk(session_.document(), o.inking.ink);
    picture(deliver::idOf(deliver::Seen::onInk))->setName(QString::fromStdString(deliver::nameOf(deliver::Seen::onInk, ink ? ink->name : std::string())));
}

// The size at which something is lost is marked.
void ProofShelf::tellFaults()
{
    for (ShelfPicture* p : sizes_) {
        const int px = p->id().mid(5).toInt();
        p->setFault(std::any_of(proofing_.found().begin(), proofing_.found().end(),
                                [px](const proof::Finding& f) { return f.kind == proof::Fault::lostSmall && f.wanted == px; }));
    }
}

QDialog* ProofShelf::enlarge(const QString& id)
{
    largeId_ = id;
    if (!large_) {
        large_ = new QDialog(window());
        large_->setObjectName("large");
        large_->setAttribute(Qt::WA_DeleteOnClose);
        auto* column = new QVBoxLayout(large_);
        largeLabel_ = new QLabel;
        largeLabel_->setAlignment(Qt::AlignCenter);
        largeLabel_->setMinimumSize(largeSide, largeSide);
        column->addWidget(largeLabel_);
    }
    const ShelfPicture* p = picture(id);
    large_->setWindowTitle(p ? p->name() : id);
    largeLabel_->setAccessibleName(large_->windowTitle());
    makeLarge();
    large_->show();
    large_->raise();
    return large_;
}

void ProofShelf::enlargeNext()
{
    const auto now = std::find_if(ways_.begin(), ways_.end(), [this](const ShelfPicture* p) { return large_ && p->id() == largeId_; });
    enlarge(now == ways_.end() || now + 1 == ways_.end() ? ways_.front()->id() : now[1]->id());
}

void ProofShelf::makeLarge()
{
    if (!large_ || largeId_.isEmpty()) return;
    session_.jobs().run<QImage>(
        Lane::working, large_,
        [d = session_.document(), id = largeId_, o = options(), ratio = devicePixelRatioF()](const Progress&) {
            const int side = static_cast<int>(largeSide * ratio);
            QImage image;
            if (id.startsWith("size-")) {
                // Its own pixels, each a square of several.
                image = imageOf(deliver::atSize(d, id.mid(5).toInt(), o));
                const int times = std::max(1, side / std::max(image.width(), image.height()));
                image = image.scaled(image.width() * times, image.height() * times, Qt::IgnoreAspectRatio, Qt::FastTransformation);
            } else {
                for (const deliver::Seen s : deliver::ways)
                    if (id == deliver::idOf(s)) image = imageOf(deliver::seenAs(d, s, side, o));
            }
            image.setDevicePixelRatio(ratio);
            return image;
        },
        [this](const std::optional<QImage>& image) {
            if (image && largeLabel_ && large_) largeLabel_->setPixmap(QPixmap::fromImage(*image));
        });
}

void ProofShelf::layOut()
{
    // A low window begins at 64.
    const bool low = height() < 180;
    sizes_.front()->setVisible(!low);
    for (ShelfPicture* p : ways_) p->setSide(low ? 78 : 118);
    // Once all have their sizes the body is as high as the shelf again.
    QTimer::singleShot(0, this, [this] {
        QWidget* body = area_->widget();
        body->layout()->invalidate();
        body->layout()->activate();
        body->resize(body->width(), std::max(area_->viewport()->height(), body->minimumSizeHint().height()));
        body->layout()->setGeometry(body->rect());
    });
}

void ProofShelf::resizeEvent(QResizeEvent*)
{
    layOut();
}

void ProofShelf::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.fillRect(rect(), colours().desk);
    p.setPen(QPen(colours().line, 1));
    p.drawLine(QPointF(0, 0.5), QPointF(width(), 0.5));
}

} // namespace softrope::app
