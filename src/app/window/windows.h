// The windows of the program: one piece each. Drawings open beside one another; quitting asks window by window.
#pragma once

#include <QObject>
#include <QStringList>
#include <QTimer>

#include <vector>

namespace softrope::app {

class Window;

class Windows : public QObject {
    Q_OBJECT
public:
    explicit Windows(QObject* parent = nullptr);
    // Waits a moment for work under way. What does not end is left: the process is about to end, and says so to `ended`.
    ~Windows() override;
    // A new one with an empty piece, not shown yet.
    Window& another();
    // Shown beside the one in front, as large as that.
    Window& shown();
    // Not those that were closed.
    const std::vector<Window*>& all() const { return open_; }
    Window* front() const; // the active one, else the one used last; null for none
    // Each drawing in a window of its own, pictures in the one in front; without files that one comes to the front.
    void open(const QStringList& paths);
    // The window that has this file open is brought to the front; false when there is none.
    bool raise(const QString& path);
    // Every window is asked to close, the one in front first; one that stays ends it. What was open is kept to be gone on with.
    void quit();
    // False when work that nobody waits for any more still runs after that many ms.
    bool workEnded(int ms);

private:
    std::vector<Window*> open_;
    std::vector<Window*> closed_; // until their work has ended
    QTimer sweep_;
    bool quitting_ = false;
    void closed(Window* w);
    void goOnQuitting();
    QStringList openFiles();
};

} // namespace softrope::app
