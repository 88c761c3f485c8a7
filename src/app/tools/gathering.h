// What Carve and Follow have in hand, for the card; and what both do when it is taken.
#pragma once

#include "app/canvas/tool.h"

#include <functional>

namespace softrope::app {

class Areas;

class Gathering {
public:
    virtual ~Gathering() = default;
    virtual std::size_t gathered() const = 0; // areas or pieces
    virtual const curve::Paths& outline() const = 0;
    virtual bool closed() const = 0;
    virtual bool letGo() = 0; // of the last one
    virtual bool take() = 0;
    void onChange(std::function<void()> tell) { told_ = std::move(tell); }

protected:
    // Enter takes, Backspace lets go of the last one.
    bool gatherKey(const QKeyEvent& e)
    {
        if (e.key() == Qt::Key_Return || e.key() == Qt::Key_Enter) {
            take();
            return true;
        }
        return e.key() == Qt::Key_Backspace && letGo();
    }
    void tell() const
    {
        if (told_) told_();
    }

private:
    std::function<void()> told_;
};

// The paint of the next shape.
QColor paintOf(Bench& bench);
// Puts the outline on the drawing layer, does with its lines what the card says, and calls `done` before the step is taken.
bool takeShape(Bench& bench, const curve::Paths& outline, const std::vector<art::Id>& lines, const std::function<void()>& done, const QString& step);
// Gaps that count as closed, and slivers with their width.
void paintGaps(Marks& m, const Areas& areas);
// Gaps that are not closed and would make areas, and those that were closed one by one; a click turns one over (Areas::turnGapAt).
void paintWiderGaps(Marks& m, const Areas& areas);
constexpr double gapMarkReach = 12; // screen px

} // namespace softrope::app
