// The real window for a benchmark of it; its settings and what it keeps lie in a folder that goes at the end.
#pragma once

#include "app/services/guard.h"
#include "app/theme/theme.h"
#include "app/window/window.h"

#include <QApplication>
#include <QMouseEvent>
#include <QTemporaryDir>

namespace bench {

class Interface {
public:
    Interface(int& argc, char** argv, QSize size) : application_(argc, argv)
    {
        softrope::app::applyTheme(softrope::app::Theme::day);
        window_ = std::make_unique<softrope::app::Window>();
        window_->resize(size);
        window_->show();
        QApplication::processEvents();
    }
    ~Interface()
    {
        window_->session().jobs().stop();
        window_->session().keeper().forget();
    }
    Interface(const Interface&) = delete;
    Interface& operator=(const Interface&) = delete;
    softrope::app::Window& window() { return *window_; }

private:
    struct Home {
        QTemporaryDir folder;
        Home()
        {
            qputenv("XDG_CONFIG_HOME", folder.path().toUtf8());
            qputenv("XDG_STATE_HOME", folder.path().toUtf8());
        }
    };
    const Home home_; // before the program looks
    softrope::app::Application application_;
    std::unique_ptr<softrope::app::Window> window_;
};

// What the mouse does on the bench, in px of its widget.
inline void send(softrope::app::Canvas& canvas, QEvent::Type type, QPointF at, Qt::MouseButton button, Qt::MouseButtons buttons)
{
    QMouseEvent e(type, at, canvas.mapToGlobal(at), button, buttons, Qt::NoModifier);
    QApplication::sendEvent(&canvas, &e);
}

} // namespace bench
