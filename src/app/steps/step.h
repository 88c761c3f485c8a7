// A step of the job: its tools, how far it is, its readings, and the services it watches. One file a step; all in one list.
#pragma once

#include "app/services/areas.h"
#include "app/services/survey.h"
#include "app/tools/step_id.h"

#include <memory>

namespace softrope::app {

class Canvas;
class Proofing;
class ToneDesk;

// What steps look at.
struct Situation {
    Session& session;
    const Findings& findings;
    Areas& areas;
    ToneDesk& tones;
    Canvas& canvas;
    Proofing& proofing;
    double darkShare = -1; // of what is drawn; negative = not known
};

// How far a step is, as its knot on the course shows it.
struct CourseState {
    enum class Knot { notBegun, underWay, settled, needsLook };
    Knot knot = Knot::notBegun;
    QString text;
};

// A figure of the reading strip with the words round it.
struct Reading {
    QString icon, before, figure, after;
};

class Step {
public:
    virtual ~Step() = default;

    StepId id;
    const char* key; // of its command and of its kept view
    // As the course shows it.
    virtual QString name() const = 0;
    virtual CourseState courseState(const Situation& s) const = 0;
    // Left to right in the order of worth: what has no room is dropped from the right.
    virtual std::vector<Reading> readings(const Situation& s) const = 0;

    // What it needs kept up to date while it is in force.
    virtual bool watchesAreas() const { return false; }
    virtual bool watchesTones() const { return false; }
    // The proof looks for faults, its marks and its shelf are shown.
    virtual bool proofs() const { return false; }
    // Strokes are shades in the areas in hand.
    virtual bool shades() const { return false; }
    // Rings at every open end; else only at those of what is picked.
    virtual bool ringsEnds() const { return false; }
    // References show beyond the sheet.
    virtual bool placesPictures() const { return false; }
    // The command that shows what its knot asks to be looked at.
    virtual const char* looksFor() const { return "next-end"; }

    // Ids in the order of the tray, Pick left out.
    std::vector<QString> tools() const;
    bool has(const QString& tool) const;
    // Keys of the tray go by place; empty when the step has no such tool.
    QString keyOf(const QString& tool) const;

protected:
    Step(StepId id_, const char* key_) : id(id_), key(key_) {}
    // Of drawn lines in general; and of their open ends, where these matter.
    static std::vector<Reading> lineReadings(const Situation& s);
    static std::vector<Reading> endReadings(const Situation& s);
};

// In the order of the job.
const std::vector<std::unique_ptr<Step>>& steps();
const Step& step(StepId id);

std::unique_ptr<Step> makePlaceStep();
std::unique_ptr<Step> makeTraceStep();
std::unique_ptr<Step> makeBuildStep();
std::unique_ptr<Step> makeToneStep();
std::unique_ptr<Step> makeColourStep();
std::unique_ptr<Step> makeShadeStep();
std::unique_ptr<Step> makeProofStep();

} // namespace softrope::app
