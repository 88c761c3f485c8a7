#include "app/window/windows.h"

#include "app/services/recent.h"
#include "app/window/window.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QScreen>

#include <algorithm>

namespace softrope::app {

namespace {

void bringToFront(QWidget& w)
{
    w.setWindowState(w.windowState() & ~Qt::WindowMinimized);
    w.raise();
    w.activateWindow();
}

} // namespace

Windows::Windows(QObject* parent) : QObject(parent)
{
    sweep_.setInterval(200);
    connect(&sweep_, &QTimer::timeout, this, [this] {
        const auto ended = [](Window* w) {
            if (!w->session().jobs().waitForAll(0)) return false;
            delete w;
            return true;
        };
        closed_.erase(std::remove_if(closed_.begin(), closed_.end(), ended), closed_.end());
        if (closed_.empty()) sweep_.stop();
    });
}

Windows::~Windows()
{
    for (Window* w : open_) delete w;
    for (Window* w : closed_) delete w;
}

Window& Windows::another()
{
    auto* w = new Window;
    w->setOthers({.another = [this] { return &shown(); },
                  .raise = [this](const QString& path) { return raise(path); },
                  .quit = [this] { quit(); },
                  .follow =
                      [this](Window* but) {
                          for (Window* other : open_)
                              if (other != but) other->followTheme();
                      },
                  .inFront = [this, w] { return front() == w; }});
    connect(w, &Window::closed, this, [this, w] { closed(w); });
    connect(w, &Window::stayed, this, [this] { quitting_ = false; });
    open_.push_back(w);
    return *w;
}

Window& Windows::shown()
{
    constexpr int beside = 28; // px
    const Window* before = front();
    Window& w = another();
    if (before) {
        w.resize(before->size());
        // Beside it, but no further than the screen reaches.
        const QRect room = before->screen()->availableGeometry();
        const QPoint last(std::max(room.left(), room.right() - w.width() - 8), std::max(room.top(), room.bottom() - w.height() - 32));
        const QPoint at = before->pos() + QPoint(beside, beside);
        w.move(std::min(at.x(), last.x()), std::min(at.y(), last.y()));
    }
    w.show();
    return w;
}

Window* Windows::front() const
{
    const auto active = std::find(open_.begin(), open_.end(), QApplication::activeWindow());
    if (active != open_.end()) return *active;
    return open_.empty() ? nullptr : open_.back();
}

void Windows::open(const QStringList& paths)
{
    Window* w = front() ? front() : &shown();
    if (!paths.isEmpty()) {
        w->openFiles(paths);
        return;
    }
    bringToFront(*w);
}

bool Windows::raise(const QString& path)
{
    const QString whole = QFileInfo(path).canonicalFilePath();
    if (whole.isEmpty()) return false;
    for (Window* w : open_) {
        if (w->session().path().isEmpty() || QFileInfo(w->session().path()).canonicalFilePath() != whole) continue;
        bringToFront(*w);
        return true;
    }
    return false;
}

QStringList Windows::openFiles()
{
    QStringList paths;
    for (Window* w : open_)
        if (!w->session().path().isEmpty()) paths << w->session().path();
    return paths;
}

void Windows::quit()
{
    keepOpenNow(openFiles());
    quitting_ = true;
    goOnQuitting();
}

void Windows::goOnQuitting()
{
    if (Window* w = front(); w && quitting_) w->close();
}

void Windows::closed(Window* w)
{
    if (!quitting_ && open_.size() == 1) keepOpenNow(openFiles());
    open_.erase(std::remove(open_.begin(), open_.end(), w), open_.end());
    closed_.push_back(w);
    w->hide();
    sweep_.start();
    if (quitting_) QTimer::singleShot(0, this, &Windows::goOnQuitting);
}

bool Windows::workEnded(int ms)
{
    QElapsedTimer clock;
    clock.start();
    bool ended = true;
    for (const auto* some : {&open_, &closed_})
        for (Window* w : *some) {
            w->session().jobs().stop();
            ended = w->session().jobs().waitForAll(static_cast<int>(std::max<qint64>(0, ms - clock.elapsed()))) && ended;
        }
    return ended;
}

} // namespace softrope::app
