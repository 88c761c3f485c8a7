// What commands work on, and what they may ask of the window.
#pragma once

#include "app/canvas/canvas.h"
#include "app/canvas/replay.h"
#include "app/commands/command.h"
#include "app/services/acts.h"
#include "app/services/areas.h"
#include "app/services/far_off.h"
#include "app/services/proofing.h"
#include "app/services/survey.h"
#include "app/services/tracer.h"
#include "app/steps/step.h"
#include "app/theme/theme.h"
#include "app/tools/tone/tone_desk.h"

namespace softrope::app {

struct CommandDesk {
    QWidget& window; // dialogs belong to it
    Session& session;
    Canvas& canvas;
    Acts& acts;
    Survey& survey;
    Tracer& tracer;
    Areas& areas;
    Proofing& proofing;
    FarOff& farOff;
    ToneDesk& tones;
    Replay& replay;
    Commands& commands;

    std::function<void(const QString&)> say{}, warn{}; // a warning stays until it is seen
    std::function<void(StepId)> setStep{};
    std::function<StepId()> step{};
    // Long work of which there is one at a time, shown on the card with a way to stop it.
    std::function<bool()> busy{};
    std::function<void(const QString&, const Progress&)> begin{};
    std::function<void()> end{};
    // A name from the file dialog; empty when it was left.
    std::function<QString(bool open, const QString& title, const QString& filter, const QString& suggestion)> askFile{};

    // What comes in and goes out.
    struct Files {
        std::function<void()> newPiece{}, stages{}, parts{}, keepPart{}, processCards{}, deliver{}, openDemo{}, openAside{}, openRecent{}, history{}, save{},
            saveAs{}, about{}, pen{}, shelf{}, newWindow{}, closeWindow{}, quit{};
        std::function<void(const QString& templateId)> beginFrom{};
        std::function<void(std::optional<StepId>)> job{}; // the job page, at that step
        std::function<void(const QString& path)> open{};
        std::function<void(const QStringList&paths)> bring{}, openAny{};
        std::function<void(const QString& path, int width)> exportTo{};
        std::function<void(const QString& path)> exportFlat{};
        std::function<void(const QString& page, int dotsPerInch, quint64 seed)> scan{};
        std::function<void(const std::shared_ptr<const art::PictureFile>&, const QString& name)> addPicture{};
        std::function<QString()> suggestedName{};
    } files{};
    // Parts of the window.
    struct Parts {
        std::function<void()> refresh{}, toggleAreas{}, toggleMarks{}, toggleSide{}, seeLarge{}, revealPicked{}, focusNext{}, layOut{}, moveHandKeys{};
        std::function<void(Theme)> useTheme{};
        std::function<void(const QString& code)> useLanguage{};
        std::function<bool()> doOffered{}; // what the reading strip offers; false when it offers nothing
        std::function<QStringList()> saidSoFar{};
    } parts{};

    void add(const QString& id, const QString& name, const QString& keys, Group group, std::function<void()> run, std::function<bool()> can = {});
    // Conditions of commands.
    std::function<bool()> picked() const;
    std::function<bool()> several() const;
    // Shows the place in the middle of the bench, at least so near.
    void show(curve::Vec2 place, double zoom = 0);
};

// The act on what is picked, as a step; refused, and said, when it cannot be done. Whether it was.
bool takePicked(CommandDesk& at, const QString& name, const std::function<art::Edited(const art::Document&, const std::vector<art::Id>&)>& act);

// All of them, in the order of the menus.
void addFileCommands(CommandDesk& at);
void addEditCommands(CommandDesk& at);
void addLineCommands(CommandDesk& at);
void addAreaCommands(CommandDesk& at);
void addShadeCommands(CommandDesk& at);
void addWordCommands(CommandDesk& at);
void addArrangeCommands(CommandDesk& at);
void addIslandCommands(CommandDesk& at);
void addInkCommands(CommandDesk& at);
void addSheetCommands(CommandDesk& at);
void addProofCommands(CommandDesk& at);
void addViewCommands(CommandDesk& at);
void addHelpCommands(CommandDesk& at);

} // namespace softrope::app
