// What tools are: small state machines over pointer and key events that produce edits. They hold no artwork.
#pragma once

#include "app/canvas/marks.h"
#include "app/canvas/settings.h"
#include "app/services/session.h"
#include "app/theme/words.h"
#include "art/edited.h"
#include "art/ends.h"
#include "art/hit.h"
#include "art/snap.h"

#include "curve/tolerances.h"

#include <QCursor>
#include <QKeyEvent>

#include <algorithm>
#include <optional>
#include <type_traits>
#include <utility>

namespace softrope::app {

// The pointer, on the sheet and on the screen.
struct Pointer {
    curve::Vec2 sheet;
    QPointF screen;
    Qt::KeyboardModifiers modifiers;
    float pressure = 1;
    float tiltX = 0, tiltY = 0;
    bool pen = false;
    double time = 0; // s
    bool shift() const { return modifiers.testFlag(Qt::ShiftModifier); }
    bool alt() const { return modifiers.testFlag(Qt::AltModifier); }
    bool control() const { return modifiers.testFlag(Qt::ControlModifier); }
};

// What tools are given to work with; the canvas provides it.
class Bench {
public:
    virtual ~Bench() = default;
    virtual Session& session() = 0;
    // Screen px as sheet px.
    virtual double px(double screen) const = 0;
    // A way as the screen shows it, as it is on the sheet: the view may be turned.
    virtual curve::Vec2 wayOnSheet(curve::Vec2 screen) const = 0;
    // Items drawn live on top instead of from the cached picture, until released; the document does not change.
    virtual void hold(std::vector<art::ItemPtr> items) = 0;
    // The same for very many that are moved by one map: they are painted once, and their picture moves.
    virtual void carry(const std::vector<art::Id>& items, const curve::Affine& by) = 0;
    virtual void release() = 0;
    virtual void update() = 0;
    virtual void say(const QString& text) = 0;
    // A click on a mark that no tool put there: true when it was taken.
    virtual bool takesClick(curve::Vec2 at) = 0;
    // Something locked was clicked: says so and offers to unlock it (a layer or an item).
    virtual void clicksLocked(art::Id locked) = 0;
    // Looks for the next line: weight, colour, ends; carried on until changed.
    virtual art::Stroke& look() = 0;
    virtual bool snapping() const = 0;
    // As it is kept; one value for the whole program.
    template <class T> T setting(const Setting<T>& s) const
    {
        return static_cast<T>(std::clamp(kept(s.key, static_cast<double>(s.otherwise)), s.least, s.most));
    }
    template <class T> void setSetting(const Setting<T>& s, std::type_identity_t<T> value)
    {
        keep(s.key, std::clamp(static_cast<double>(value), s.least, s.most));
    }

protected:
    virtual double kept(const char* key, double otherwise) const = 0;
    virtual void keep(const char* key, double value) = 0;

public:
    const art::Document& document() { return session().document(); }
    const art::Selection& selection() { return session().selection(); }
    // The composition aids that are shown.
    art::Aids aids() const;
    // Snapped unless Ctrl suspends it.
    art::Snap snap(const Pointer& p, std::vector<art::Id> without = {});
};

// The topmost item under a point, locked ones included; reach in sheet px. Areas count inside, lines near their path.
art::ItemPtr itemAt(const art::Document& d, curve::Vec2 p, double reach);
// Whether the thing cannot be worked on by hand; then that is said, with what helps.
bool refused(Bench& bench, art::Id item);
// A sentence for a refusal; empty for none.
QString refusalText(art::Refusal why);
// What fills the shapes that are drawn next, as its ink is mixed now; nothing when no fill is in hand.
std::optional<art::Paint> fillInHand(Bench& bench);
// A closed shape just drawn takes the fill in hand; open lines, guides and what has a fill stay as they are.
void fillWhenClosed(Bench& bench, art::Artwork& a);
// The layer new work goes on; when it cannot take any, says why and gives 0.
art::Id layerForWork(Bench& bench);

class Tool {
public:
    Tool(Bench& bench, QString id, QString name, QString icon, QString key, QString hint)
        : bench_(bench), id_(std::move(id)), name_(std::move(name)), icon_(std::move(icon)), key_(std::move(key)), hint_(std::move(hint))
    {
    }
    virtual ~Tool() = default;
    Tool(const Tool&) = delete;
    Tool& operator=(const Tool&) = delete;

    const QString& id() const { return id_; }
    const QString& name() const { return name_; }
    const QString& icon() const { return icon_; }
    const QString& key() const { return key_; }
    const QString& hint() const { return hint_; }

    virtual void press(const Pointer&) {}
    virtual void drag(const Pointer&) {}
    virtual void lift(const Pointer&) {}
    virtual void hover(const Pointer&) {}
    virtual void doubleClick(const Pointer&) {}
    virtual bool key(const QKeyEvent&) { return false; }
    // Words are being typed: keys come here before any command (but for those with Ctrl or Alt that mean nothing in words), Escape too.
    virtual bool typing() const { return false; }
    // From an input method: what is settled, and what is still being made up.
    virtual void compose(const QString& settled, const QString& underWay)
    {
        Q_UNUSED(settled);
        Q_UNUSED(underWay);
    }
    // Both ends of the caret while typing; sheet px.
    virtual std::optional<std::pair<curve::Vec2, curve::Vec2>> caret() const { return std::nullopt; }
    // Ends or drops what is in hand; false when there was nothing, so that the next step (Pick) is due.
    virtual bool escape() { return false; }
    // Taken up: tools that work on everything let go of what is picked, so that the card is theirs.
    virtual void taken() {}
    // The stroke in hand is given up, because the piece changed under it or a second button was pressed; what is picked stays.
    virtual void drop() { escape(); }
    virtual void leave() { escape(); }
    // The document changed under the tool (undo, another piece).
    virtual void changed() {}
    virtual void paint(Marks&) {}
    virtual QCursor cursor() const { return drawingCursor(false); }
    // Whether it draws lines that may close: an ink taken meanwhile fills them.
    virtual bool drawsShapes() const { return false; }
    // Whether nodes of the picked item are shown.
    virtual bool showsNodes() const { return false; }
    virtual bool marksPicked() const { return false; }

protected:
    Bench& bench_;

private:
    QString id_, name_, icon_, key_, hint_;
};

} // namespace softrope::app
