// The job in seven steps, from an illustrator's side: what to do, what goes wrong, what helps, and the act as a play of moves.
#pragma once

#include "app/steps/step.h"
#include "curve/vec.h"

#include <QString>

#include <vector>

namespace softrope::app {

struct Move {
    enum class Kind {
        say,   // text, over the bench, until the next
        run,   // the command of that id, until its work is done
        tool,  // taken in hand
        click, // at a place of the sheet
        drag,  // from a place, through others
        wait,  // ms
    } kind;
    QString text{};
    std::vector<curve::Vec2> at{}; // sheet px
    int ms = 0;
};

struct JobStep {
    StepId id;
    QString title, what, wrong, helps;
    QString words; // what people look for it by, besides
    QString piece;   // of the demo that the act begins with, "saltglass-moth.svg"; empty = an empty sheet
    QString picture; // of the demo too: what the page shows
    std::vector<Move> act;
};
// In the language in force when it is first asked for.
const std::vector<JobStep>& jobSteps();

// A file of the demo as it was made, not a copy that was drawn on: beside the program where it was built, or where an installation has it; where
// there is neither, what ./demo made. Empty where there is none.
QString demoFile(const QString& name);

} // namespace softrope::app
