// A hand on the bench: pointer and key events as a person makes them, in sheet px.
#pragma once

#include "app/widgets/widgets.h"
#include "app/window/window.h"
#include "art/edits.h"

#include <catch2/catch.hpp>

#include <QAbstractButton>
#include <QApplication>
#include <QMouseEvent>
#include <QtTest/QTest>

#include <functional>
#include <optional>

namespace hand {

using softrope::app::Window;
using softrope::curve::Vec2;

inline void settle(int ms = 30)
{
    QTest::qWait(ms);
}

// As long as a crowded machine may need.
inline bool waitFor(const std::function<bool()>& what, int ms = 180000)
{
    return QTest::qWaitFor(what, ms);
}

// All that was begun in the background has ended and was taken up.
inline void idle(Window& w)
{
    REQUIRE(waitFor([&] {
        QCoreApplication::processEvents();
        return w.session().jobs().waitForAll(0) && !w.working();
    }));
    settle(5);
}

// A plain area put on the document; its id.
inline softrope::art::Id put(softrope::art::Document& d, softrope::curve::Path p, softrope::art::Colour c, const char* name = "")
{
    softrope::art::Item i;
    i.name = name;
    softrope::art::Artwork a;
    a.setPaths({std::move(p)});
    a.fill.colour = c;
    a.stroke.colour.reset();
    i.is = std::move(a);
    const softrope::art::Added made = softrope::art::withItem(d, 0, std::move(i));
    d = made.document;
    return made.id;
}

// A control that can be seen now, by its words or its accessible name; null when there is none.
template <class W = QAbstractButton> W* seen(const QWidget& root, const QString& name)
{
    for (W* w : root.findChildren<W*>()) {
        const auto* button = qobject_cast<const QAbstractButton*>(w);
        if (w->isVisible() && ((button && button->text() == name) || w->accessibleName() == name)) return w;
    }
    return nullptr;
}
// The same, waited for: cards and notices follow what they tell of, a busy machine's later.
template <class W = QAbstractButton> W* shown(const QWidget& root, const QString& name)
{
    INFO(name.toStdString());
    settle();
    REQUIRE(waitFor([&] { return seen<W>(root, name) != nullptr; }));
    return seen<W>(root, name);
}
inline void push(const QWidget& root, const QString& words)
{
    QTest::mouseClick(shown(root, words), Qt::LeftButton);
}

// A number typed into the field of that name; the hand goes back to the bench.
inline void enter(Window& w, const QString& name, const QString& value)
{
    auto* f = shown<softrope::app::NumberField>(w, name);
    f->setFocus();
    f->selectAll();
    QTest::keyClicks(f, value);
    QTest::keyClick(f, Qt::Key_Return);
    settle();
    w.canvas().setFocus();
}

struct Hand {
    Window& window;
    Qt::KeyboardModifiers held = Qt::NoModifier;

    explicit Hand(Window& w, QSize size = {1280, 800}) : window(w)
    {
        w.resize(size);
        w.show();
        REQUIRE(QTest::qWaitForWindowExposed(&w));
        w.activateWindow();
        REQUIRE(QTest::qWaitForWindowActive(&w));
        w.canvas().setFocus();
        settle(80);
    }
    softrope::app::Canvas& canvas() { return window.canvas(); }
    const softrope::art::Document& document() { return window.session().document(); }

    void send(QEvent::Type type, QPointF at, Qt::MouseButton button, Qt::MouseButtons buttons)
    {
        QMouseEvent e(type, at, canvas().mapToGlobal(at), button, buttons, held);
        QCoreApplication::sendEvent(&canvas(), &e);
    }
    QPointF on(Vec2 sheet) { return canvas().toWidget(sheet); }

    void press(Vec2 p) { send(QEvent::MouseButtonPress, on(p), Qt::LeftButton, Qt::LeftButton); }
    void move(Vec2 p, bool down = true) { send(QEvent::MouseMove, on(p), Qt::NoButton, down ? Qt::LeftButton : Qt::NoButton); }
    void lift(Vec2 p) { send(QEvent::MouseButtonRelease, on(p), Qt::LeftButton, Qt::NoButton); }
    void click(Vec2 p)
    {
        move(p, false);
        press(p);
        lift(p);
    }
    void doubleClick(Vec2 p)
    {
        click(p);
        send(QEvent::MouseButtonDblClick, on(p), Qt::LeftButton, Qt::LeftButton);
        lift(p);
    }
    void drag(Vec2 from, Vec2 to, int steps = 8)
    {
        move(from, false);
        press(from);
        for (int i = 1; i <= steps; ++i) move(lerp(from, to, double(i) / steps));
        lift(to);
    }
    void stroke(const std::vector<Vec2>& line)
    {
        move(line.front(), false);
        press(line.front());
        for (const Vec2 p : line) move(p);
        lift(line.back());
        idle(window); // the careful fit follows the quick one
    }
    void key(Qt::Key k, Qt::KeyboardModifiers m = Qt::NoModifier)
    {
        QWidget* to = QApplication::focusWidget() ? QApplication::focusWidget() : &window.canvas();
        QTest::keyClick(to, k, m);
        settle(5);
    }
    // Several artworks in document order.
    std::vector<const softrope::art::Item*> lines()
    {
        std::vector<const softrope::art::Item*> out;
        for (const auto& l : document().layers)
            for (const auto& i : l->items)
                if (i->artwork()) out.push_back(i.get());
        return out;
    }
    const softrope::curve::Path& path(std::size_t i) { return lines().at(i)->artwork()->paths[0]; }
};

// Saved, exported and opened in the background: waited for here. A message when it could not be done.
inline QString saved(softrope::app::Session& session, const QString& path)
{
    std::optional<QString> trouble;
    session.save(path, [&](const QString& t) { trouble = t; });
    REQUIRE(waitFor([&] { return trouble.has_value(); }));
    return *trouble;
}
inline QString exported(Window& w, const QString& path, int width = 0)
{
    std::optional<QString> trouble;
    w.exportTo(path, width, [&](const QString& t) { trouble = t; });
    REQUIRE(waitFor([&] { return trouble.has_value(); }));
    return *trouble;
}
// Whether another piece is open afterwards.
inline bool opened(Window& w, const QString& path)
{
    const quint64 piece = w.session().piece();
    w.openDrawing(path);
    REQUIRE(waitFor([&] { return !w.busy(); }));
    return w.session().piece() != piece;
}

} // namespace hand
