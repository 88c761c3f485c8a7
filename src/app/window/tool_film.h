// The film of a tool, over its tile: shown after the pointer has rested there, until it goes.
#pragma once

#include "app/window/tool_films.h"

#include <QElapsedTimer>
#include <QPainterPath>
#include <QPointer>
#include <QTimer>
#include <QWidget>

namespace softrope::app {

class ToolFilm : public QWidget {
    Q_OBJECT
public:
    explicit ToolFilm(QWidget* window);
    // Follows the tile from now on; its tip is told under the film.
    void watch(QWidget* tile, const QString& tool);
    // Off for those who want things to stand still ("hints/films"), and where the desktop asks for that.
    static bool wanted();

protected:
    bool eventFilter(QObject*, QEvent*) override;
    void paintEvent(QPaintEvent*) override;

private:
    struct Shown {
        FilmPath::When when;
        bool area;
        QPainterPath path;
    };
    QPointer<QWidget> tile_;
    std::vector<Shown> paths_;
    QPainterPath way_; // of the pointer
    bool draws_ = false;
    QString tip_;
    QTimer wait_, tick_;
    QElapsedTimer clock_;
    void begin();
    void end();
};

} // namespace softrope::app
