// A finding in the card's list: its mark, what is wrong, where, and the repair.
#pragma once

#include "app/widgets/told.h"
#include "app/widgets/widgets.h"

namespace softrope::app {

class FindingRow : public QAbstractButton, public Told {
    Q_OBJECT
public:
    struct Shown {
        int number = 0;
        bool kite = false, inHand = false;
        QString what, where, act; // no act: nothing can be done here
        friend bool operator==(const Shown&, const Shown&) = default;
    };
    explicit FindingRow(QWidget* parent = nullptr);
    void show(const Shown& s);
    const Shown& shown() const { return shown_; }
    QSize sizeHint() const override { return {220, height_}; }
    QAccessible::Role toldRole() const override { return QAccessible::ListItem; }
    QString toldText() const override { return shown_.where; }

signals:
    void mends();
    void menuWanted(const QPoint& global);

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void contextMenuEvent(QContextMenuEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

private:
    Shown shown_;
    Pill* act_;
    int height_ = 46;
    QRect whatBox() const;
    void place();
};

} // namespace softrope::app
