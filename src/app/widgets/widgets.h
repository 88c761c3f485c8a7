// The small parts the window is built of: buttons, number fields, sliders. Each paints itself from the palette.
#pragma once

#include "app/widgets/told.h"
#include <QAbstractButton>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QPixmap>
#include <QWidget>

#include <functional>
#include <optional>
#include <vector>

class QHBoxLayout;

namespace softrope::app {

// The tip of the widget is shown with the keys that the command has now.
void tellKeysOf(QWidget* w, const char* command);
constexpr const char* commandProperty = "command";

// A button of the sight line, the card and the menu row: icon, words, key in a small frame.
class Pill : public QAbstractButton {
    Q_OBJECT
public:
    enum class Kind { plain, segment, main };
    Pill(const QString& iconName, const QString& text, const QString& key = {}, Kind kind = Kind::plain, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    void setIconName(const QString& name);
    void setWordsShown(bool shown); // the picture and the key stay
    void setKey(const QString& key);

protected:
    void paintEvent(QPaintEvent*) override;
    bool event(QEvent*) override;

private:
    QString icon_, key_;
    Kind kind_;
    bool words_ = true;
};

// A tool of the tray.
class Tile : public QAbstractButton {
    Q_OBJECT
public:
    Tile(const QString& iconName, const QString& name, const QString& key, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {80, 56}; }
    // With room for the name, in smaller letters than usual.
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    bool event(QEvent*) override;

private:
    QString icon_, key_;
    QFont nameFont(int room) const; // smaller where the name is long
};

// Takes numbers and sums ("12/2", "3*4+1"), lengths in any unit ("20 mm", "1 in + 4 px"); the arrow keys change by 1, with Shift by 10, with Alt by 0.1.
class NumberField : public QLineEdit {
    Q_OBJECT
public:
    NumberField(double least, double most, int decimals, const QString& unit = {}, QWidget* parent = nullptr);
    double value() const { return value_; }
    void setValue(double v); // shows it, without telling
    // Of a field that does not show its unit: what a number without one means, "mm".
    void setMeant(const QString& unit) { meant_ = unit; }
    // The value of a sum of + - * / and brackets; nothing when it is none. Lengths become such of the unit, where that is one of px, mm, cm, in,
    // pt, pc.
    static std::optional<double> evaluate(const QString& sum, const QString& unit = {});
signals:
    void changed(double value);

protected:
    void keyPressEvent(QKeyEvent*) override;
    void focusOutEvent(QFocusEvent*) override;

private:
    double value_ = 0, least_, most_;
    int decimals_;
    QString unit_, meant_;
    void take();
    void show();
};

// A slider whose track can be a sagging line: left taut, right loose.
class Slider : public QWidget, public Told {
    Q_OBJECT
public:
    Slider(double least, double most, double sag, QWidget* parent = nullptr);
    double value() const { return value_; }
    void setValue(double v); // without telling
    // How its figure is written; else plainly.
    void setWords(std::function<QString(double)> words) { words_ = std::move(words); }
    QAccessible::Role toldRole() const override { return QAccessible::Slider; }
    QString toldText() const override { return words_ ? words_(value_) : QString::number(value_, 'g', 4); }
    std::optional<Number> toldNumber() const override { return Number{value_, least_, most_, (most_ - least_) / 50}; }
    void takeTold(double v) override;
    QSize sizeHint() const override { return {120, 24}; }
    QSize minimumSizeHint() const override { return {60, 24}; }
signals:
    void moved(double value);
    void settled();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void enterEvent(QEnterEvent*) override { update(); }
    void leaveEvent(QEvent*) override { update(); }

private:
    double least_, most_, sag_, value_;
    std::function<QString(double)> words_;
    bool dragging_ = false;
    QPointF bead() const;
    void setByPointer(double x);
};

// Distance from what was drawn, along a line's length; dashed limit on top, bead at the worst place.
class StrayLine : public QWidget, public Told {
    Q_OBJECT
public:
    explicit StrayLine(QWidget* parent = nullptr);
    void setProfile(std::vector<double> distances, double limit);
    QAccessible::Role toldRole() const override { return QAccessible::Chart; }
    QString toldText() const override;
    QSize sizeHint() const override { return {120, 26}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<double> distances_;
    double limit_ = 1;
};

// A swatch with its name beside it; a click asks for a colour.
class Swatch : public QAbstractButton, public Told {
    Q_OBJECT
public:
    explicit Swatch(QWidget* parent = nullptr);
    void setColour(const QColor& c);
    QAccessible::Role toldRole() const override { return QAccessible::Button; }
    QString toldText() const override { return colour_.isValid() ? colour_.name() : tr("none"); }
    QSize sizeHint() const override { return {98, 26}; }
signals:
    void picked(const QColor& c);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QColor colour_;
};

QLabel* label(const QString& text, const char* role = "small", bool muted = true);
// A label that shows an icon of data/icons.
QLabel* iconLabel(const QString& name, int size);
// Gives all labels below the colours of the theme in force.
void retint(QWidget* root);

// A picture in the middle of a field of that size, so that nothing moves when pictures arrive.
QPixmap framedPicture(const QImage& picture, QSize size);

} // namespace softrope::app
