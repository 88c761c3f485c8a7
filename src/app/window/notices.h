// What must not be missed: a failure stays on the bench until somebody has seen it. One at a time, the oldest first.
#pragma once

#include <QStringList>
#include <QWidget>

class QLabel;

namespace softrope::app {

class Notices : public QWidget {
    Q_OBJECT
public:
    explicit Notices(QWidget* bench);

    void add(const QString& text);
    // The one shown now; empty when there is none.
    QString text() const { return waiting_.value(0); }
    qsizetype count() const { return waiting_.size(); }
    // Seen: the next one is shown.
    void seen();
    // Lies over the lower middle of the bench.
    void layOut();

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QStringList waiting_;
    QLabel *text_, *more_;
    void show();
};

} // namespace softrope::app
