// Widgets of the palette: a row an ink, the steps of a tint scale, the tones of a stack, the stops of a gradient.
#pragma once

#include "app/widgets/told.h"
#include "art/inks.h"

#include <QAbstractButton>
#include <QWidget>

#include <functional>

namespace softrope::app {

// Swatch, name, what is painted with it, its key. A click takes the ink in hand, a double click on the name changes it, one on the
// swatch mixes it anew.
class InkRow : public QAbstractButton {
    Q_OBJECT
public:
    explicit InkRow(QWidget* parent = nullptr);
    void setInk(const art::Ink& ink, const art::InkShare& share, bool inHand, const QString& key);
    QSize sizeHint() const override { return {200, 38}; }
signals:
    void renamed(const QString& name);
    void mixed(const QColor& colour);
    void menuWanted(const QPoint& global);

protected:
    void paintEvent(QPaintEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void contextMenuEvent(QContextMenuEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QColor colour_;
    QString name_, use_, key_;
    bool inHand_ = false;
    art::Meaning meaning_ = art::Meaning::paint;
    void rename();
    void mix();
};

// A row of colours to take one of: tints, harmonies.
class ColourSteps : public QWidget, public Told {
    Q_OBJECT
public:
    explicit ColourSteps(const QString& name, QWidget* parent = nullptr);
    void setColours(const std::vector<QColor>& colours, const QStringList& names, int picked);
    QAccessible::Role toldRole() const override { return QAccessible::Slider; }
    QString toldText() const override { return names_.value(focused_); }
    std::optional<Number> toldNumber() const override
    {
        return Number{static_cast<double>(focused_), 0, std::max(0.0, static_cast<double>(colours_.size()) - 1), 1};
    }
    void takeTold(double index) override
    {
        focused_ = static_cast<int>(index);
        emit taken(focused_);
    }
    QSize sizeHint() const override { return {200, 26}; }
signals:
    void taken(int index);
    void kept(int index); // with Shift

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

private:
    std::vector<QColor> colours_;
    QStringList names_;
    int picked_ = -1, focused_ = 0;
    int at(QPointF p) const;
};

// A palette by its name and a strip of its colours; told of while the pointer or the focus is on it.
class PaletteStrip : public QAbstractButton {
    Q_OBJECT
public:
    PaletteStrip(const QString& name, std::vector<QColor> colours, const QStringList& inks, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {200, 26}; }
signals:
    void looked(bool at);

protected:
    void paintEvent(QPaintEvent*) override;
    void enterEvent(QEnterEvent*) override;
    void leaveEvent(QEvent*) override;
    void focusInEvent(QFocusEvent*) override;
    void focusOutEvent(QFocusEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    std::vector<QColor> colours_;
};

// Tones of a stack: paint, name, share as a bar and a figure. A click mixes the tone's paint.
class ToneRows : public QWidget, public Told {
    Q_OBJECT
public:
    explicit ToneRows(QWidget* parent = nullptr);
    struct Row {
        QColor colour;
        QString name;
        double share = 0;
        bool chosen = false; // not the mean of what lies there
    };
    void setRows(std::vector<Row> rows);
    QAccessible::Role toldRole() const override { return QAccessible::List; }
    QString toldText() const override;
    std::optional<Number> toldNumber() const override
    {
        return Number{static_cast<double>(focused_), 0, std::max(0.0, static_cast<double>(rows_.size()) - 1), 1};
    }
    void takeTold(double row) override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
signals:
    void mixed(int tone, const QColor& colour); // invalid: the mean again
    void pressed(int tone);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void focusInEvent(QFocusEvent*) override;
    void focusOutEvent(QFocusEvent*) override;

private:
    std::vector<Row> rows_;
    int focused_ = 0;
    void mix(int row);
};

// The stops of a gradient on a band: drag along, drag off to drop one, double click to mix one, click the band to add one.
class StopBand : public QWidget, public Told {
    Q_OBJECT
public:
    explicit StopBand(QWidget* parent = nullptr);
    void setGradient(const art::Gradient& g);
    int picked() const { return picked_; }
    QAccessible::Role toldRole() const override { return QAccessible::Slider; }
    QString toldText() const override;
    std::optional<Number> toldNumber() const override;
    void takeTold(double at) override { move(at, true); }
    QSize sizeHint() const override { return {200, 46}; }
signals:
    void changed(const std::vector<art::GradientStop>& stops, bool done);
    void pickedChanged();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    art::Gradient gradient_;
    int picked_ = 0;
    bool dragging_ = false, off_ = false;
    double xOf(double at) const;
    int stopAt(double x) const;
    void move(double at, bool done);
    void drop();
};

QColor qColour(art::Colour c);
art::Colour artColour(const QColor& c);

} // namespace softrope::app
