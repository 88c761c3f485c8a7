#include "app/widgets/picture_tile.h"

#include "app/theme/theme.h"

#include <QPainter>

#include <algorithm>

namespace softrope::app {

namespace {
constexpr int round = 6, margin = 5, least = 64, widest = 90; // px
}

PictureTile::PictureTile(const QString& name, QSize picture, QWidget* parent) : QAbstractButton(parent), size_(picture)
{
    setText(name);
    setAccessibleName(name);
    setCursor(Qt::PointingHandCursor);
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_Hover);
    setFont(typeface("small"));
}

void PictureTile::setPicture(const QImage& image)
{
    picture_ = image;
    update();
}

QSize PictureTile::sizeHint() const
{
    const int words = std::min(fontMetrics().horizontalAdvance(text()) + 4, std::max(widest, size_.width() + 2 * round)); // not to the last px
    return {std::max({size_.width(), words, least}) + 2 * margin, size_.height() + fontMetrics().height() + 3 * margin};
}

void PictureTile::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    if (underMouse() || isDown() || hasFocus()) {
        QColor wash = colours().teal;
        wash.setAlphaF(isDown() ? 0.24F : 0.12F);
        p.setPen(hasFocus() ? QPen(colours().teal, 2) : QPen(Qt::NoPen));
        p.setBrush(wash);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), round, round);
    }
    const QRect room((width() - size_.width()) / 2, margin, size_.width(), size_.height());
    if (!picture_.isNull()) {
        QSizeF size = picture_.size();
        size.scale(room.size(), Qt::KeepAspectRatio);
        QRectF at(QPointF(), size);
        at.moveCenter(QRectF(room).center());
        if (picture_.format() != QImage::Format_ARGB32_Premultiplied || !picture_.hasAlphaChannel()) p.fillRect(at, Qt::white);
        p.drawImage(at, picture_);
    }
    p.setPen(marks().artLine);
    const QRect words(margin, room.bottom() + margin, width() - 2 * margin, fontMetrics().height());
    p.drawText(words, Qt::AlignCenter, fontMetrics().elidedText(text(), Qt::ElideMiddle, words.width()));
}

} // namespace softrope::app
