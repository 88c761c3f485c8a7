#include "app/window/tray.h"

#include "app/window/tool_film.h"
#include "app/steps/step.h"
#include "app/theme/theme.h"
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>

namespace softrope::app {

Tray::Tray(Canvas& canvas, QWidget* parent) : QWidget(parent), canvas_(canvas)
{
    setFixedHeight(68);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 3, 14, 3);
    row->setSpacing(2);
    hint_ = new QLabel;
    hint_->setProperty("muted", true);
    hint_->setFont(typeface("small"));
    hint_->setTextFormat(Qt::RichText);
    hint_->setWordWrap(true);
    hint_->setMinimumWidth(60);
    row->addWidget(hint_, 1);
    connect(&canvas, &Canvas::toolChanged, this, &Tray::showTool);
    setStep(StepId::place);
}

void Tray::setStep(StepId id_)
{
    step_ = id_;
    const Step& here = step(id_);
    auto* outer = static_cast<QHBoxLayout*>(layout());
    delete row_;
    tiles_.clear();
    row_ = new QWidget(this);
    auto* row = new QHBoxLayout(row_);
    row->setContentsMargins(0, 0, 14, 0);
    row->setSpacing(2);
    std::vector<QString> ids{"pick"};
    const auto tools = here.tools();
    ids.insert(ids.end(), tools.begin(), tools.end());
    for (const QString& id : ids) {
        const Tool* t = canvas_.toolNamed(id);
        if (!t) continue;
        const QString key = here.keyOf(id);
        auto* tile = new Tile(t->icon(), t->name(), key);
        tile->setToolTip(QString("%1 (%2)").arg(t->name(), key));
        tile->setFixedSize(std::max(tileWidth_, tile->minimumSizeHint().width()), 56);
        row->addWidget(tile);
        tiles_[id] = tile;
        if (film_) film_->watch(tile, id);
        connect(tile, &QAbstractButton::clicked, this, [this, id] {
            canvas_.takeTool(id);
            showTool();
        });
        if (id == "pick") {
            auto* line = new QWidget;
            line->setFixedSize(13, 44);
            line->setObjectName("divider");
            line->setStyleSheet(QString("#divider { border-right: 1px solid %1; margin-right: 6px; }").arg(colours().line.name()));
            row->addWidget(line);
        }
    }
    outer->insertWidget(0, row_);
    showTool();
}

void Tray::setFilm(ToolFilm* film)
{
    film_ = film;
    for (auto& [id, tile] : tiles_) film_->watch(tile, id);
}

void Tray::setTileWidth(int width)
{
    tileWidth_ = width;
    for (auto& [id, tile] : tiles_) tile->setFixedSize(std::max(width, tile->minimumSizeHint().width()), std::min(56, height() - 8));
}

void Tray::setHintShown(bool shown)
{
    hint_->setVisible(shown);
}

void Tray::showTool()
{
    const Tool* t = canvas_.tool();
    if (!t) return;
    for (auto& [id, tile] : tiles_) tile->setChecked(id == t->id());
    hint_->setText(t->hint());
    QPalette p = hint_->palette();
    p.setColor(QPalette::WindowText, colours().textMuted);
    hint_->setPalette(p);
}

void Tray::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.fillRect(rect(), colours().desk);
    p.setPen(QPen(colours().line, 1));
    p.drawLine(QPointF(0, 0.5), QPointF(width(), 0.5));
}

} // namespace softrope::app
