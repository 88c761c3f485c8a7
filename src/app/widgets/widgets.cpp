#include "app/widgets/widgets.h"

#include "app/theme/theme.h"

#include <QColorDialog>
#include <QEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>
#include <optional>

namespace softrope::app {

void tellKeysOf(QWidget* w, const char* command)
{
    w->setProperty(commandProperty, command);
}

namespace {

void focusRing(QPainter& p, const QRectF& r, double radius)
{
    p.setPen(QPen(colours().focusRing, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(r.adjusted(1, 1, -1, -1), radius, radius);
}

void keyFrame(QPainter& p, const QRectF& r, const QString& key, const QColor& line)
{
    p.setFont(typeface("key"));
    p.setPen(QPen(colours().lineStrong, 1));
    p.setBrush(colours().card);
    p.drawRoundedRect(r, 3, 3);
    p.setPen(line);
    p.drawText(r, Qt::AlignCenter, key);
}

double keyWidth(const QString& key)
{
    return key.isEmpty() ? 0 : std::max(17.0, QFontMetricsF(typeface("key")).horizontalAdvance(key) + 9);
}

} // namespace

QLabel* label(const QString& text, const char* role, bool muted)
{
    auto* l = new QLabel(text);
    l->setFont(typeface(role));
    l->setTextFormat(Qt::PlainText);
    l->setProperty("muted", muted);
    retint(l);
    return l;
}

QLabel* iconLabel(const QString& name, int size)
{
    auto* l = new QLabel;
    l->setProperty("icon", name);
    l->setProperty("iconSize", size);
    retint(l);
    return l;
}

void retint(QWidget* root)
{
    QList<QLabel*> all = root->findChildren<QLabel*>();
    if (auto* self = qobject_cast<QLabel*>(root)) all << self;
    for (QLabel* l : all) {
        if (l->property("icon").isValid()) l->setPixmap(iconPixmap(l->property("icon").toString(), colours().text, l->property("iconSize").toInt(), 2));
        if (!l->property("muted").isValid()) continue;
        QPalette p = l->palette();
        p.setColor(QPalette::WindowText, l->property("muted").toBool() ? colours().textMuted : colours().text);
        l->setPalette(p);
    }
}

// -- pill ---------------------------------------------------------------------------------------------------------

Pill::Pill(const QString& iconName, const QString& text, const QString& key, Kind kind, QWidget* parent)
    : QAbstractButton(parent), icon_(iconName), key_(key), kind_(kind)
{
    setText(text);
    setAccessibleName(text);
    setFocusPolicy(Qt::TabFocus);
    setAttribute(Qt::WA_Hover);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

QSize Pill::sizeHint() const
{
    const QFontMetricsF m(typeface("control"));
    double w = kind_ == Kind::segment ? 12 : 20;
    if (!icon_.isEmpty()) w += 16 + (words_ && !text().isEmpty() ? 7 : 0);
    if (words_ && !text().isEmpty()) w += m.horizontalAdvance(text());
    if (!key_.isEmpty()) w += 8 + keyWidth(key_);
    return {static_cast<int>(std::ceil(w)), 30};
}

void Pill::setIconName(const QString& name)
{
    icon_ = name;
    update();
}
void Pill::setKey(const QString& key)
{
    key_ = key;
    updateGeometry();
}
void Pill::setWordsShown(bool shown)
{
    words_ = shown;
    updateGeometry();
    update();
}

bool Pill::event(QEvent* e)
{
    if (e->type() == QEvent::HoverEnter || e->type() == QEvent::HoverLeave) update();
    return QAbstractButton::event(e);
}

void Pill::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const QRectF r = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    QColor ground = kind_ == Kind::main ? c.accent : kind_ == Kind::segment ? QColor(Qt::transparent) : c.card;
    QColor ink = kind_ == Kind::main ? c.onAccent : c.text;
    if (underMouse() && isEnabled()) ground = kind_ == Kind::main ? c.accentHover : c.hover;
    if (isDown()) ground = kind_ == Kind::main ? c.accentPressed : c.pressed;
    if (isChecked()) ground = c.cardInset;
    if (!isEnabled()) ink = c.disabledText;
    const bool framed = kind_ == Kind::plain;
    p.setBrush(ground);
    p.setPen(framed ? QPen(c.lineStrong, 1, isEnabled() ? Qt::SolidLine : Qt::DotLine) : QPen(Qt::NoPen));
    p.drawRoundedRect(r, 5, 5);
    if (isChecked()) p.fillRect(QRectF(r.left() + 3, r.bottom() - 2, r.width() - 6, 2), c.accent);
    double x = kind_ == Kind::segment ? 6 : 10;
    const double down = isDown() ? 1 : 0;
    const double middle = height() / 2.0 + down;
    const double keyRoom = key_.isEmpty() ? 0 : keyWidth(key_) + 8;
    const double textWidth = words_ ? QFontMetricsF(typeface("control")).horizontalAdvance(text()) : 0;
    const double iconRoom = icon_.isEmpty() ? 0 : 16 + (textWidth > 0 ? 7 : 0);
    // Centred when given more room than needed.
    x = std::max(x, (width() - iconRoom - textWidth - keyRoom) / 2);
    if (!icon_.isEmpty()) {
        p.drawPixmap(QPointF(x, middle - 8), iconPixmap(icon_, ink, 16, devicePixelRatioF()));
        x += iconRoom;
    }
    if (words_ && !text().isEmpty()) {
        p.setFont(typeface("control"));
        p.setPen(ink);
        p.drawText(QRectF(x, down, textWidth + 2, height()), Qt::AlignVCenter | Qt::AlignLeft, text());
        x += textWidth;
    }
    if (!key_.isEmpty()) keyFrame(p, QRectF(x + 8, middle - 8, keyWidth(key_), 16), key_, ink);
    if (hasFocus()) focusRing(p, rect(), 6);
}

// -- tile ---------------------------------------------------------------------------------------------------------

Tile::Tile(const QString& iconName, const QString& name, const QString& key, QWidget* parent) : QAbstractButton(parent), icon_(iconName), key_(key)
{
    setText(name);
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::TabFocus);
    setAttribute(Qt::WA_Hover);
    setAccessibleName(name);
}

namespace {
constexpr double leastName = 0.8; // of the usual size of letters
}

QFont Tile::nameFont(int room) const
{
    QFont f = typeface("tool-name", isChecked());
    const double wide = QFontMetricsF(f).horizontalAdvance(text());
    if (wide > room) f.setPixelSize(static_cast<int>(f.pixelSize() * std::max(leastName, room / wide)));
    return f;
}

QSize Tile::minimumSizeHint() const
{
    const double wide = QFontMetricsF(typeface("tool-name", true)).horizontalAdvance(text());
    return {static_cast<int>(std::ceil(wide * leastName)), 48};
}

bool Tile::event(QEvent* e)
{
    if (e->type() == QEvent::HoverEnter || e->type() == QEvent::HoverLeave) update();
    return QAbstractButton::event(e);
}

void Tile::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const QRectF r = QRectF(rect()).adjusted(1, 1, -1, -1);
    const QColor ink = isChecked() ? c.accent : c.text;
    if (isChecked() || isDown() || underMouse()) {
        p.setBrush(isChecked() ? c.accentWash : isDown() ? c.pressed : c.hover);
        p.setPen(isChecked() ? QPen(c.accent, 1.5) : QPen(Qt::NoPen));
        p.drawRoundedRect(r, 6, 6);
    }
    const double iconX = width() / 2.0 - 13 - (key_.size() > 1 ? 9 : 3);
    p.drawPixmap(QPointF(iconX, height() / 2.0 - 22), iconPixmap(icon_, ink, 26, devicePixelRatioF()));
    p.setFont(nameFont(width() - 4));
    p.setPen(ink);
    p.drawText(QRectF(0, height() / 2.0 + 6, width(), 17), Qt::AlignCenter, text());
    const double w = keyWidth(key_);
    keyFrame(p, QRectF(width() - w - 5, 5, w, 16), key_, ink);
    if (hasFocus()) focusRing(p, rect(), 7);
}

// -- number field -------------------------------------------------------------------------------------------------

NumberField::NumberField(double least, double most, int decimals, const QString& unit, QWidget* parent)
    : QLineEdit(parent), least_(least), most_(most), decimals_(decimals), unit_(unit)
{
    setAlignment(Qt::AlignRight);
    setFixedHeight(28);
    connect(this, &QLineEdit::returnPressed, this, [this] {
        take();
        selectAll();
    });
}

void NumberField::setValue(double v)
{
    value_ = v;
    if (!hasFocus() || !isModified()) show();
}

void NumberField::show()
{
    QString t = QString::number(value_, 'f', decimals_);
    if (t.contains('.')) {
        while (t.endsWith('0')) t.chop(1);
        if (t.endsWith('.')) t.chop(1);
    }
    if (t == "-0") t = "0";
    setText(unit_.isEmpty() ? t : t + ' ' + unit_);
    setModified(false);
}

namespace {

// Lengths in px (CSS Values and Units 3, 6.2); nothing for what is none.
std::optional<double> lengthOf(const QString& unit)
{
    static const std::map<QString, double> lengths{{"px", 1}, {"mm", 96 / 25.4}, {"cm", 960 / 25.4}, {"in", 96}, {"\"", 96}, {"pt", 96.0 / 72}, {"pc", 16}};
    const auto found = lengths.find(unit);
    return found == lengths.end() ? std::nullopt : std::optional(found->second);
}

} // namespace

std::optional<double> NumberField::evaluate(const QString& given, const QString& unit)
{
    // sum := product (("+" | "-") product)*;  product := atom (("*" | "/") atom)*;  atom := number | "(" sum ")" | "-" atom
    struct Parser {
        QString s;
        std::optional<double> own; // px of the field's unit, where it is a length
        qsizetype i = 0;
        bool good = true;
        QChar peek() const { return i < s.size() ? s[i] : QChar(); }
        double atom(int depth)
        {
            if (depth > 50) good = false;
            if (!good) return 0;
            if (peek() == '-') {
                ++i;
                return -atom(depth + 1);
            }
            if (peek() == '(') {
                ++i;
                const double v = sum(depth + 1);
                if (peek() != ')') good = false;
                ++i;
                return v;
            }
            const qsizetype from = i;
            while (peek().isDigit() || peek() == '.') ++i;
            bool ok = false;
            const double v = s.mid(from, i - from).toDouble(&ok);
            good = good && ok;
            return v * unit();
        }
        // What stands after a number, in the field's own unit. Of a field that shows no length any word says nothing.
        double unit()
        {
            const qsizetype from = i;
            while (peek().isLetter() || peek() == '%' || peek() == QChar(0xB0) || peek() == '"') ++i;
            const QString name = s.mid(from, i - from).toLower();
            if (name.isEmpty() || !own) return 1;
            const auto length = lengthOf(name);
            if (!length) good = false;
            return good ? *length / *own : 1;
        }
        double product(int depth)
        {
            double v = atom(depth);
            while (good && (peek() == '*' || peek() == '/')) {
                const bool times = s[i++] == '*';
                const double w = atom(depth);
                v = times ? v * w : v / w;
            }
            return v;
        }
        double sum(int depth)
        {
            double v = product(depth);
            while (good && (peek() == '+' || peek() == '-')) {
                const bool plus = s[i++] == '+';
                const double w = product(depth);
                v = plus ? v + w : v - w;
            }
            return v;
        }
    };
    QString s = given.trimmed();
    s.remove(' ');
    s.replace(',', '.');
    Parser p{s, lengthOf(unit)};
    const double v = p.sum(0);
    if (!p.good || p.i != s.size() || !std::isfinite(v)) return std::nullopt;
    return v;
}

void NumberField::take()
{
    const auto v = evaluate(text(), meant_.isEmpty() ? unit_ : meant_);
    setModified(false);
    if (!v) {
        show();
        return;
    }
    const double now = std::clamp(*v, least_, most_);
    const bool news = std::abs(now - value_) > 1e-12;
    value_ = now;
    show();
    if (news) emit changed(now);
}

void NumberField::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Up || e->key() == Qt::Key_Down) {
        const double step = e->modifiers().testFlag(Qt::ShiftModifier) ? 10 : e->modifiers().testFlag(Qt::AltModifier) ? 0.1 : 1;
        setText(QString::number(evaluate(text(), meant_.isEmpty() ? unit_ : meant_).value_or(value_) + (e->key() == Qt::Key_Up ? step : -step), 'f', 4));
        take();
        return;
    }
    if (e->key() == Qt::Key_Escape) {
        show();
        if (parentWidget()) parentWidget()->setFocus();
        clearFocus();
        return;
    }
    QLineEdit::keyPressEvent(e);
}

void NumberField::focusOutEvent(QFocusEvent* e)
{
    if (isModified()) take();
    QLineEdit::focusOutEvent(e);
}

// -- slider -------------------------------------------------------------------------------------------------------

Slider::Slider(double least, double most, double sag, QWidget* parent) : QWidget(parent), least_(least), most_(most), sag_(sag), value_(least)
{
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_Hover);
    setCursor(Qt::PointingHandCursor);
}

void Slider::setValue(double v)
{
    value_ = std::clamp(v, least_, most_);
    update();
}

void Slider::takeTold(double v)
{
    setValue(v);
    emit moved(value_);
    emit settled();
}

QPointF Slider::bead() const
{
    const double t = most_ > least_ ? (value_ - least_) / (most_ - least_) : 0;
    const double x = 9 + t * (width() - 18);
    return {x, height() / 2.0 - sag_ / 2 + sag_ * 4 * t * (1 - t)};
}

void Slider::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const double y = height() / 2.0 - sag_ / 2;
    QPainterPath track(QPointF(9, y));
    track.quadTo(QPointF(width() / 2.0, y + 2 * sag_), QPointF(width() - 9, y));
    p.setPen(QPen(c.lineStrong, 2, Qt::SolidLine, Qt::RoundCap));
    p.drawPath(track);
    const double r = 7 + (underMouse() ? 1 : 0);
    p.setBrush(dragging_ ? c.text : c.card);
    p.setPen(QPen(isEnabled() ? c.text : c.disabledText, 2, isEnabled() ? Qt::SolidLine : Qt::DotLine));
    p.drawEllipse(bead(), r, r);
    if (hasFocus()) focusRing(p, rect(), 6);
}

void Slider::setByPointer(double x)
{
    const double t = std::clamp((x - 9) / std::max(1.0, width() - 18.0), 0.0, 1.0);
    value_ = least_ + t * (most_ - least_);
    update();
    emit moved(value_);
}

void Slider::mousePressEvent(QMouseEvent* e)
{
    dragging_ = true;
    setByPointer(e->position().x());
}
void Slider::mouseMoveEvent(QMouseEvent* e)
{
    if (dragging_) setByPointer(e->position().x());
}
void Slider::mouseReleaseEvent(QMouseEvent*)
{
    dragging_ = false;
    update();
    emit settled();
}

void Slider::keyPressEvent(QKeyEvent* e)
{
    const double step = (most_ - least_) / (e->modifiers().testFlag(Qt::ShiftModifier) ? 10 : 50);
    double v = value_;
    switch (e->key()) {
    case Qt::Key_Left:
    case Qt::Key_Down: v -= step; break;
    case Qt::Key_Right:
    case Qt::Key_Up: v += step; break;
    case Qt::Key_Home: v = least_; break;
    case Qt::Key_End: v = most_; break;
    default: QWidget::keyPressEvent(e); return;
    }
    setValue(v);
    emit moved(value_);
    emit settled();
}

void Slider::wheelEvent(QWheelEvent* e)
{
    e->ignore();
} // scrolling the card must not change figures

// -- stray line ---------------------------------------------------------------------------------------------------

StrayLine::StrayLine(QWidget* parent) : QWidget(parent)
{
    setFixedHeight(26);
}

QString StrayLine::toldText() const
{
    const double worst = distances_.empty() ? 0 : *std::max_element(distances_.begin(), distances_.end());
    return tr("furthest off %1 of %2 px").arg(worst, 0, 'f', 1).arg(limit_, 0, 'f', 1);
}

void StrayLine::setProfile(std::vector<double> distances, double limit)
{
    distances_ = std::move(distances);
    limit_ = limit;
    update();
}

void StrayLine::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const double bottom = height() - 3, top = 4;
    p.setPen(QPen(c.accent, 1, Qt::DashLine));
    p.drawLine(QPointF(0, top), QPointF(width(), top));
    if (distances_.size() < 2 || limit_ <= 0) return;
    QPainterPath line(QPointF(0, bottom));
    std::size_t worst = 0;
    const auto at = [&](std::size_t i) {
        const double x = width() * static_cast<double>(i) / static_cast<double>(distances_.size() - 1);
        return QPointF(x, bottom - (bottom - top) * std::min(1.2, distances_[i] / limit_));
    };
    for (std::size_t i = 0; i < distances_.size(); ++i) {
        line.lineTo(at(i));
        if (distances_[i] > distances_[worst]) worst = i;
    }
    line.lineTo(QPointF(width(), bottom));
    p.setPen(QPen(c.teal, 1.25));
    p.setBrush(c.tealWash);
    p.drawPath(line);
    p.setBrush(c.teal);
    p.drawEllipse(at(worst), 3.5, 3.5);
}

// -- swatch -------------------------------------------------------------------------------------------------------

Swatch::Swatch(QWidget* parent) : QAbstractButton(parent)
{
    setFocusPolicy(Qt::TabFocus);
    connect(this, &QAbstractButton::clicked, this, [this] {
        const QColor c = QColorDialog::getColor(colour_.isValid() ? colour_ : Qt::black, window(), tr("Colour"));
        if (c.isValid()) emit picked(c);
    });
}

void Swatch::setColour(const QColor& c)
{
    colour_ = c;
    update();
}

void Swatch::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box(1.5, 3.5, 26, height() - 7);
    p.setPen(QPen(colours().lineStrong, 1));
    if (colour_.isValid()) {
        p.setBrush(colour_);
        p.drawRoundedRect(box, 4, 4);
    } else {
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(box, 4, 4);
        p.drawLine(box.bottomLeft() + QPointF(3, -3), box.topRight() + QPointF(-3, 3));
    }
    p.setFont(typeface("control"));
    p.setPen(colours().text);
    p.drawText(QRectF(36, 0, width() - 36, height()), Qt::AlignVCenter, colour_.isValid() ? colour_.name().toUpper() : tr("none"));
    if (hasFocus()) focusRing(p, rect(), 5);
}

QPixmap framedPicture(const QImage& picture, QSize size)
{
    QPixmap framed(size);
    framed.fill(colours().cardInset);
    const QImage small = picture.width() > size.width() || picture.height() > size.height() ? picture.scaled(size, Qt::KeepAspectRatio, Qt::SmoothTransformation) : picture;
    QPainter(&framed).drawImage((size.width() - small.width()) / 2, (size.height() - small.height()) / 2, small);
    return framed;
}

} // namespace softrope::app
