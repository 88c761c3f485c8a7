// What must not be missed: a failure stays on the bench until somebody has seen it. One at a time, the oldest first.
#pragma once

#include <QString>
#include <QWidget>

#include <functional>
#include <vector>

class QLabel;

namespace softrope::app {

class Pill;

class Notices : public QWidget {
    Q_OBJECT
public:
    explicit Notices(QWidget* bench);

    void add(const QString& text);
    // A question that waits for one of two answers; Esc leaves it open: it is asked again another time.
    struct Answer {
        QString text, tip;
        std::function<void()> run;
    };
    void ask(const QString& text, const Answer& one, const Answer& other);
    // The one shown now; empty when there is none.
    QString text() const { return waiting_.empty() ? QString() : waiting_.front().text; }
    qsizetype count() const { return static_cast<qsizetype>(waiting_.size()); }
    // Seen: the next one is shown.
    void seen();
    // Lies over the lower middle of the bench.
    void layOut();

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    struct Notice {
        QString text;
        std::vector<Answer> answers; // none: to be seen only
    };
    std::vector<Notice> waiting_;
    QLabel *text_, *more_;
    Pill *seen_, *one_, *other_;
    void put(Notice notice);
    void answer(std::size_t which);
    void show();
};

} // namespace softrope::app
