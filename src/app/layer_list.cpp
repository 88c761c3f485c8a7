// The layer list: thumbnail, name, show, lock.
#include "app/chrome.h"
#include "app/theme.h"
#include "art/edits.h"
#include "art/tones.h"
#include "render/render.h"

#include <QContextMenuEvent>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

class LayerRow : public QWidget {
public:
    LayerRow(Session& session, const art::LayerPtr& layer, bool current) : session_(session), layer_(layer), current_(current)
    {
        setFixedHeight(30);
        setAttribute(Qt::WA_Hover);
        setAccessibleName(QString::fromStdString(layer->name));
        setToolTip(QString("%1%2%3").arg(QString::fromStdString(layer->name), layer->shown ? "" : ", hidden", layer->locked ? ", locked" : ""));
        art::Document only;
        only.sheet = session.document().sheet;
        only.layers = {layer};
        if (!layer->shown || layer->opacity < 1) {
            auto copy = std::make_shared<art::Layer>(*layer);
            copy->shown = true;
            copy->opacity = 1;
            only.layers = {copy};
        }
        const double ratio = 2;
        const double scale = std::min(28 / only.sheet.width, 21 / only.sheet.height) * ratio;
        // Thin lines would vanish at this size: they are drawn at least a pixel wide.
        only.layers = {thick(*only.layers.front(), 1.1 / scale * ratio)};
        const render::Surface s =
            render::renderView(only, curve::scaling(scale, scale), static_cast<int>(only.sheet.width * scale), static_cast<int>(only.sheet.height * scale), {});
        if (s.width > 0)
            thumb_ = QImage(reinterpret_cast<const uchar*>(s.pixels.data()), s.width, s.height, static_cast<qsizetype>(s.width) * 4,
                            QImage::Format_ARGB32_Premultiplied)
                         .copy();
        thumb_.setDevicePixelRatio(ratio);
        pictured_ = !layer->items.empty() && layer->items.front()->reference();
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        const Palette& c = colours();
        if (current_) {
            p.fillRect(rect(), c.cardInset);
            p.fillRect(QRectF(0, 0, 3, height()), c.accent);
        } else if (underMouse()) {
            p.fillRect(rect(), c.hover);
        }
        const QRectF box(10, 3.5, 30, 23);
        p.setPen(QPen(c.line, 1));
        p.setBrush(c.sheetTrue);
        p.drawRect(box);
        if (pictured_)
            p.drawPixmap(QPointF(17, 7), iconPixmap("reference", c.textMuted, 16, devicePixelRatioF()));
        else if (!thumb_.isNull())
            p.drawImage(QPointF(box.center().x() - thumb_.width() / 4.0, box.center().y() - thumb_.height() / 4.0), thumb_);
        p.setFont(typeface("body", false));
        QFont name = typeface("body");
        if (current_) name.setWeight(QFont::Bold);
        p.setFont(name);
        p.setPen(layer_->shown ? c.text : c.textMuted);
        p.drawText(QRectF(49, 0, width() - 49 - 64, height()), Qt::AlignVCenter,
                   QFontMetricsF(name).elidedText(QString::fromStdString(layer_->name), Qt::ElideRight, width() - 49 - 66));
        p.drawPixmap(showBox().topLeft(), iconPixmap(layer_->shown ? "show" : "hide", layer_->shown ? c.text : c.disabledText, 17, devicePixelRatioF()));
        p.drawPixmap(lockBox().topLeft(), iconPixmap(layer_->locked ? "lock" : "unlock", layer_->locked ? c.text : c.disabledText, 17, devicePixelRatioF()));
    }
    void mousePressEvent(QMouseEvent* e) override
    {
        const QPointF at = e->position();
        const art::Id id = layer_->id;
        Session& s = session_;
        if (e->button() != Qt::LeftButton) return;
        // The row may be gone once the list is refilled: nothing of it is touched after the edit.
        if (showBox().adjusted(-5, -6, 5, 6).contains(at)) {
            s.take(art::withLayer(s.document(), id, [](art::Layer& l) { l.shown = !l.shown; }), layer_->shown ? "Hide layer" : "Show layer");
        } else if (lockBox().adjusted(-5, -6, 5, 6).contains(at)) {
            s.take(art::withLock(s.document(), id, !layer_->locked), layer_->locked ? "Unlock layer" : "Lock layer");
        } else {
            art::Selection pick = s.selection();
            pick.layer = id;
            s.pick(pick);
        }
    }
    void mouseDoubleClickEvent(QMouseEvent* e) override
    {
        if (e->position().x() < width() - 60) rename();
    }
    void contextMenuEvent(QContextMenuEvent* e) override
    {
        Session& s = session_;
        const art::Id id = layer_->id;
        QMenu menu;
        menu.addAction(QObject::tr("Rename…"), this, [this] { rename(); });
        menu.addAction(QObject::tr("Move up"), &s, [&s, id] { s.take(art::withLayerMoved(s.document(), id, 1), "Move layer"); });
        menu.addAction(QObject::tr("Move down"), &s, [&s, id] { s.take(art::withLayerMoved(s.document(), id, -1), "Move layer"); });
        QMenu* opacity = menu.addMenu(QObject::tr("Opacity"));
        for (const int percent : {100, 75, 50, 25})
            opacity->addAction(QString("%1 %").arg(percent), &s, [&s, id, percent] {
                s.take(art::withLayer(s.document(), id, [percent](art::Layer& l) { l.opacity = percent / 100.0; }), "Layer opacity");
            });
        menu.addSeparator();
        menu.addAction(QObject::tr("Delete layer"), &s, [&s, id] {
            if (s.document().layers.size() > 1) s.take(art::withoutLayer(s.document(), id), "Delete layer");
        });
        menu.exec(e->globalPos());
    }

private:
    Session& session_;
    art::LayerPtr layer_;
    bool current_, pictured_ = false;
    QImage thumb_;

    QRectF showBox() const { return {width() - 56.0, 6.5, 17, 17}; }
    QRectF lockBox() const { return {width() - 29.0, 6.5, 17, 17}; }
    static art::LayerPtr thick(const art::Layer& l, double least)
    {
        auto copy = std::make_shared<art::Layer>(l);
        for (art::ItemPtr& i : copy->items)
            if (const art::Artwork* a = i->artwork(); a && a->stroke.colour && a->stroke.width < least) {
                auto wide = std::make_shared<art::Item>(*i);
                std::get<art::Artwork>(wide->is).stroke.width = least;
                i = wide;
            }
        return copy;
    }
    void rename()
    {
        Session& s = session_;
        const art::Id id = layer_->id;
        bool ok = false;
        const QString name =
            QInputDialog::getText(window(), QObject::tr("Rename layer"), QObject::tr("Name"), QLineEdit::Normal, QString::fromStdString(layer_->name), &ok);
        if (ok && !name.trimmed().isEmpty())
            s.take(art::withLayer(s.document(), id, [&](art::Layer& l) { l.name = name.trimmed().toStdString(); }), "Rename layer");
    }
};

} // namespace

LayerList::LayerList(Session& session, QWidget* parent) : QWidget(parent), session_(session)
{
    setMinimumHeight(106);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(1, 8, 1, 8);
    column->setSpacing(2);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(13, 0, 8, 2);
    title_ = label(tr("Layers"), "step", false);
    auto* add = new Pill("add", tr("Add"), {}, Pill::Kind::segment);
    add->setToolTip(tr("A new layer above this one (Ctrl+Shift+N)"));
    head->addWidget(title_);
    head->addStretch();
    head->addWidget(add);
    column->addLayout(head);
    area_ = new QScrollArea;
    area_->setWidgetResizable(true);
    area_->setFrameShape(QFrame::NoFrame);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    rows_ = new QVBoxLayout(inside);
    rows_->setContentsMargins(0, 0, 0, 0);
    rows_->setSpacing(0);
    rows_->addStretch();
    area_->setWidget(inside);
    column->addWidget(area_, 1);
    connect(add, &QAbstractButton::clicked, this, [this] {
        art::Added a = art::withNewLayer(session_.document(), "Layer " + std::to_string(session_.document().layers.size() + 1), session_.selection().layer);
        art::Selection s = session_.selection();
        s.layer = a.id;
        session_.take(a.document, s, "Add layer");
    });
    refresh();
}

void LayerList::refresh()
{
    const art::Document& d = session_.document();
    const art::Id current = session_.selection().layer;
    const bool same = filled_ && current == current_ && d.layers == shown_.layers && d.sheet == shown_.sheet;
    if (same) return;
    // Only rows whose layer changed are made anew: thumbnails cost.
    if (filled_ && current == current_ && d.layers.size() == shown_.layers.size() && d.sheet == shown_.sheet) {
        const std::size_t n = d.layers.size();
        for (std::size_t i = 0; i < n; ++i) {
            if (d.layers[i] == shown_.layers[i]) continue;
            const int at = static_cast<int>(n - 1 - i);
            QLayoutItem* old = rows_->takeAt(at);
            old->widget()->hide(); // gone from sight at once, though its event may still be running
            old->widget()->deleteLater();
            delete old;
            auto* row = new LayerRow(session_, d.layers[i], d.layers[i]->id == current);
            rows_->insertWidget(at, row);
            row->show();
        }
    } else {
        while (rows_->count() > 1) {
            QLayoutItem* old = rows_->takeAt(0);
            old->widget()->hide(); // gone from sight at once, though its event may still be running
            old->widget()->deleteLater();
            delete old;
        }
        int at = 0;
        for (auto l = d.layers.rbegin(); l != d.layers.rend(); ++l) {
            auto* row = new LayerRow(session_, *l, (*l)->id == current);
            rows_->insertWidget(at++, row);
            row->show();
        }
    }
    title_->setText(tr("Layers  %1").arg(d.layers.size()));
    shown_ = d;
    current_ = current;
    filled_ = true;
}

void LayerList::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(colours().line, 1));
    p.setBrush(colours().card);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
}

} // namespace softrope::app
