#include "app/theme/theme.h"

#include <QApplication>
#include <QFile>
#include <QFontDatabase>
#include <QIcon>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QPainter>
#include <QPalette>
#include <QPixmapCache>
#include <QScreen>
#include <QStyle>
#include <QStyleFactory>
#include <QSvgRenderer>

namespace softrope::app {

namespace {

struct Tokens {
    QJsonObject root;
    std::map<QString, QFont> fonts;
    Palette palette;
    MarkColours marks;
    Theme theme = Theme::day;
    bool loaded = false;
};

Tokens& tokens()
{
    static Tokens t;
    return t;
}

// Tokens write #RRGGBBAA; Qt reads #AARRGGBB.
QColor colour(const QJsonValue& v)
{
    const QString s = v.toString();
    if (s.size() == 9) return QColor('#' + s.mid(7, 2) + s.mid(1, 6));
    return QColor(s);
}

void load(Tokens& t)
{
    if (t.loaded) return;
    t.loaded = true;
    QFile file(":/tokens.json");
    if (file.open(QIODevice::ReadOnly)) t.root = QJsonDocument::fromJson(file.readAll()).object();
    for (const char* weight : {"Regular", "Medium", "SemiBold", "Bold"}) QFontDatabase::addApplicationFont(QString(":/fonts/Inter-%1.otf").arg(weight));
}

Palette readPalette(const QJsonObject& c, bool evening)
{
    Palette p;
    p.evening = evening;
    p.desk = colour(c["desk"]);
    p.bench = colour(c["bench"]);
    p.sheet = colour(c["sheet"]);
    p.sheetTrue = colour(c["sheet-true"]);
    p.card = colour(c["card"]);
    p.cardInset = colour(c["card-inset"]);
    p.line = colour(c["line"]);
    p.lineStrong = colour(c["line-strong"]);
    p.text = colour(c["text"]);
    p.textMuted = colour(c["text-muted"]);
    p.accent = colour(c["accent"]);
    p.accentWash = colour(c["accent-wash"]);
    p.onAccent = colour(c["on-accent"]);
    p.accentHover = colour(c["accent-hover"]);
    p.accentPressed = colour(c["accent-pressed"]);
    p.hemp = colour(c["hemp"]);
    p.rope = colour(c["rope"]);
    p.ropeGap = colour(c["rope-gap"]);
    p.teal = colour(c["teal"]);
    p.tealWash = colour(c["teal-wash"]);
    p.warn = colour(c["warn"]);
    p.focusRing = colour(c["focus-ring"]);
    p.disabledText = colour(c["disabled-text"]);
    p.hover = colour(c["hover"]);
    p.pressed = colour(c["pressed"]);
    return p;
}

MarkColours readMarks(const QJsonObject& c)
{
    MarkColours m;
    m.artLine = colour(c["art-line-default"]);
    m.selection = colour(c["selection"]);
    m.geometry = colour(c["geometry"]);
    m.nodeFill = colour(c["node-fill"]);
    m.nodeLine = colour(c["node-line"]);
    m.nodePicked = colour(c["node-picked"]);
    m.openEnd = colour(c["open-end"]);
    m.ghost = colour(c["ghost"]);
    m.guide = colour(c["guide"]);
    m.axis = colour(c["axis"]);
    m.tagText = colour(c["tag-text"]);
    m.tagGeometry = colour(c["tag-geometry"]);
    m.tagFinding = colour(c["tag-finding"]);
    m.tagPlain = colour(c["tag-plain"]);
    m.halo = colour(c["halo"]);
    return m;
}

bool desktopWantsContrast()
{
    return QIcon::themeName().contains("HighContrast", Qt::CaseInsensitive) || qEnvironmentVariable("GTK_THEME").contains("HighContrast", Qt::CaseInsensitive);
}

bool desktopIsDark()
{
    const QPalette p = QApplication::style()->standardPalette();
    return p.color(QPalette::Window).lightness() < p.color(QPalette::WindowText).lightness();
}

QString styleSheet(const Palette& p)
{
    return QString(R"(
QToolTip { background: %1; color: %2; border: 1px solid %3; padding: 3px 6px; }
QMenu { background: %4; color: %2; border: 1px solid %3; padding: 4px; }
QMenu::item { padding: 5px 22px 5px 14px; border-radius: 4px; }
QMenu::item:selected { background: %5; }
QMenu::item:disabled { color: %6; }
QMenu::separator { height: 1px; background: %7; margin: 4px 8px; }
QMenuBar { background: transparent; color: %2; }
QMenuBar::item { padding: 5px 9px; border-radius: 5px; background: transparent; }
QMenuBar::item:selected { background: %5; }
QLineEdit, QSpinBox, QDoubleSpinBox, QComboBox, QPushButton#typeface { background: %4; color: %2; border: 1px solid %3; border-radius: 5px; padding: 3px 7px; min-height: 20px; selection-background-color: %8; selection-color: %9; }
QPushButton#typeface { text-align: left; }
QLineEdit:focus, QComboBox:focus, QPushButton#typeface:focus { border: 2px solid %10; padding: 2px 6px; }
QComboBox::drop-down { border: none; width: 22px; }
QComboBox::down-arrow { image: url(:/style/unfold-on-%11.svg); width: 12px; height: 12px; }
QComboBox QAbstractItemView { background: %4; color: %2; selection-background-color: %5; selection-color: %2; border: 1px solid %3; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
QScrollBar::handle:vertical { background: %7; border-radius: 4px; min-height: 24px; margin: 1px 2px; }
QScrollBar::add-line, QScrollBar::sub-line, QScrollBar::add-page, QScrollBar::sub-page { background: none; border: none; height: 0; }
QCheckBox { color: %2; spacing: 7px; }
QListView { background: %4; color: %2; border: 1px solid %3; border-radius: 5px; outline: none; }
QListView::item { padding: 4px 8px; border-radius: 4px; }
QListView::item:selected { background: %5; color: %2; }
)")
        .arg(p.card.name(), p.text.name(), p.lineStrong.name(), p.card.name(), p.cardInset.name(), p.disabledText.name(), p.line.name(), p.accent.name(),
             p.onAccent.name())
        .arg(p.focusRing.name(), p.card.lightness() < p.text.lightness() ? QString("dark") : QString("light"));
}

} // namespace

const Palette& colours()
{
    return tokens().palette;
}
const MarkColours& marks()
{
    return tokens().marks;
}
Theme theme()
{
    return tokens().theme;
}

void applyTheme(Theme theme)
{
    Tokens& t = tokens();
    load(t);
    t.theme = theme;
    t.fonts.clear();
    QApplication::setStyle(QStyleFactory::create("Fusion"));
    const bool asDesktop = theme == Theme::desktop || theme == Theme::contrast;
    const bool evening = theme == Theme::evening || (asDesktop && desktopIsDark());
    const bool contrast = theme == Theme::contrast || (theme == Theme::desktop && desktopWantsContrast());
    const QJsonObject colours = t.root["colour"].toObject();
    t.palette = readPalette(colours[QString(contrast ? "contrast-" : "") + (evening ? "evening" : "day")].toObject(), evening);
    t.marks = readMarks(colours["canvas"].toObject()["values"].toObject());
    const Palette& p = t.palette;
    QPalette q;
    q.setColor(QPalette::Window, p.desk);
    q.setColor(QPalette::WindowText, p.text);
    q.setColor(QPalette::Base, p.card);
    q.setColor(QPalette::AlternateBase, p.cardInset);
    q.setColor(QPalette::Text, p.text);
    q.setColor(QPalette::Button, p.card);
    q.setColor(QPalette::ButtonText, p.text);
    q.setColor(QPalette::Highlight, p.accent);
    q.setColor(QPalette::HighlightedText, p.onAccent);
    q.setColor(QPalette::PlaceholderText, p.textMuted);
    q.setColor(QPalette::ToolTipBase, p.card);
    q.setColor(QPalette::ToolTipText, p.text);
    q.setColor(QPalette::Disabled, QPalette::Text, p.disabledText);
    q.setColor(QPalette::Disabled, QPalette::ButtonText, p.disabledText);
    q.setColor(QPalette::Disabled, QPalette::WindowText, p.disabledText);
    QApplication::setPalette(q);
    QApplication::setFont(typeface("body"));
    qApp->setStyleSheet(styleSheet(p));
    QPixmapCache::clear();
}

QFont typeface(const char* role, bool strong)
{
    Tokens& t = tokens();
    const QString key = QString(role) + (strong ? "+" : "");
    const auto known = t.fonts.find(key);
    if (known != t.fonts.end()) return known->second;
    const QJsonObject spec = t.root["type"].toObject()["scale-px"].toObject()[role].toObject();
    QFont f;
    f.setFamilies({t.root["type"].toObject()["family"].toString("Inter"), "Noto Sans", "sans-serif"});
    f.setPixelSize(static_cast<int>(std::lround(spec["size"].toDouble(13))));
    const int weight = spec["weight"].toInt(400);
    const int strongWeight = spec.contains("weight-current") ? spec["weight-current"].toInt() : spec.contains("weight-on") ? spec["weight-on"].toInt() : 700;
    f.setWeight(static_cast<QFont::Weight>(strong ? strongWeight : weight));
    t.fonts[key] = f;
    return f;
}

QPixmap iconPixmap(const QString& name, const QColor& colour, int size, qreal ratio)
{
    const QString key = QString("%1/%2/%3/%4").arg(name, colour.name(QColor::HexArgb)).arg(size).arg(ratio);
    QPixmap pixmap;
    if (QPixmapCache::find(key, &pixmap)) return pixmap;
    QFile file(":/icons/" + name + ".svg");
    if (!file.open(QIODevice::ReadOnly)) return {};
    QByteArray svg = file.readAll();
    svg.replace("currentColor", colour.name().toLatin1());
    QSvgRenderer renderer(svg);
    const int px = std::max(1, static_cast<int>(std::lround(size * ratio)));
    pixmap = QPixmap(px, px);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    renderer.render(&painter, QRectF(0, 0, px, px));
    painter.end();
    pixmap.setDevicePixelRatio(ratio);
    QPixmapCache::insert(key, pixmap);
    return pixmap;
}

QCursor drawingCursor(bool ringed)
{
    QPixmap pixmap(32, 32);
    pixmap.fill(Qt::transparent);
    QPainter p(&pixmap);
    p.setRenderHint(QPainter::Antialiasing);
    // Twice: a halo of paper first, so that it shows on dark ground.
    for (const auto& [colour, width] : {std::pair{marks().halo, 3.5}, {marks().nodeLine, 1.5}}) {
        p.setPen(QPen(colour, width, Qt::SolidLine, Qt::RoundCap));
        for (const QPointF& d : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)}) p.drawLine(QPointF(16, 16) + d * 3, QPointF(16, 16) + d * 10);
        if (ringed) p.drawEllipse(QPointF(25, 25), 4.5, 4.5);
    }
    p.end();
    return QCursor(pixmap, 16, 16);
}

} // namespace softrope::app
