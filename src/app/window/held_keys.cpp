#include "app/window/held_keys.h"

#include "app/tools/hand_keys.h"

namespace softrope::app {

namespace {

Qt::KeyboardModifiers plain(const QKeyEvent& e)
{
    return e.modifiers() & ~Qt::KeypadModifier;
}

} // namespace

void HeldKeys::peek(bool on, bool artwork)
{
    peeking_ = on;
    View v = canvas_.view();
    v.peekReference = on && !artwork;
    v.peekArtwork = on && artwork;
    canvas_.setView(v);
}

void HeldKeys::squint(bool on)
{
    squinting_ = on;
    View v = canvas_.view();
    v.squint = on;
    canvas_.setView(v);
}

bool HeldKeys::pressed(const QKeyEvent& e)
{
    const auto mods = plain(e);
    if (e.key() == handKeys().peek && (mods == Qt::NoModifier || mods == Qt::AltModifier)) {
        peekKey_ = e.key();
        if (!e.isAutoRepeat()) peek(true, mods == Qt::AltModifier);
        return true;
    }
    if (e.key() == handKeys().squint && mods == Qt::NoModifier) {
        squintKey_ = e.key();
        if (!e.isAutoRepeat()) squint(true);
        return true;
    }
    if (toolKey_ != 0 && e.key() == toolKey_) return true; // repeats
    if (mods != Qt::NoModifier || e.text().isEmpty() || toolKey_ != 0) return false;
    const QString tool = toolFor_(e);
    if (tool.isEmpty()) return false;
    toolKey_ = e.key();
    toolBefore_ = canvas_.tool() ? canvas_.tool()->id() : QString("pick");
    heldFor_.start();
    canvas_.takeTool(tool);
    canvas_.setFocus();
    return true;
}

bool HeldKeys::released(const QKeyEvent& e)
{
    if (e.isAutoRepeat()) return e.key() == toolKey_ || e.key() == peekKey_ || e.key() == squintKey_;
    if (e.key() == peekKey_ && peeking_) {
        peek(false, false);
        return true;
    }
    if (e.key() == squintKey_ && squinting_) {
        squint(false);
        return true;
    }
    if (toolKey_ == 0 || e.key() != toolKey_) return false;
    toolKey_ = 0;
    if (heldFor_.elapsed() > tap) canvas_.takeTool(toolBefore_);
    return true;
}

void HeldKeys::letGo()
{
    if (peeking_) peek(false, false);
    if (squinting_) squint(false);
    if (toolKey_ == 0) return;
    toolKey_ = 0;
    if (heldFor_.elapsed() > tap) canvas_.takeTool(toolBefore_);
}

} // namespace softrope::app
