// The window: menu row, course, bench over tray, card and layers, reading strip.
#pragma once

#include "app/canvas/proof_marks.h"
#include "app/canvas/replay.h"
#include "app/cards/card.h"
#include "app/commands/desk.h"
#include "app/services/acts.h"
#include "app/services/areas.h"
#include "app/services/far_off.h"
#include "app/services/jobs.h"
#include "app/services/proofing.h"
#include "app/services/survey.h"
#include "app/services/tracer.h"
#include "app/tools/desk.h"
#include "app/tools/tone/tone_desk.h"
#include "app/window/course.h"
#include "app/window/deliver_dialog.h"
#include "app/window/drop_follower.h"
#include "app/window/held_keys.h"
#include "app/window/history_dialog.h"
#include "app/window/job_page.h"
#include "app/window/layer_list.h"
#include "app/window/notices.h"
#include "app/window/parts_dialog.h"
#include "app/window/proof_shelf.h"
#include "app/window/reading_strip.h"
#include "app/window/sight_line.h"
#include "app/window/stages_dialog.h"
#include "app/window/tray.h"
#include "app/window/welcome.h"

class QSplitter;
class QMenu;
class QMenuBar;

namespace softrope::app {

class Window : public QWidget {
    Q_OBJECT
public:
    Window();
    ~Window() override;

    // What other windows are asked for; without them (as in tests) a drawing takes the place of the one that is open.
    struct Others {
        std::function<Window*()> another{};               // a new window, shown
        std::function<bool(const QString& path)> raise{}; // the one that has the file open comes to the front; false when there is none
        std::function<void()> quit{};
        std::function<void(Window* but)> follow{}; // the theme has changed
        std::function<bool()> inFront{};           // this one
    };
    void setOthers(Others others) { others_ = std::move(others); }
    // Nothing was drawn, opened or brought in yet.
    bool untouched() const;
    // Shows the act in this window, on that piece: it is kept nowhere, and the window closes at the end without asking.
    void play(const art::Document& piece, const JobStep& step, double speed = 1);
    void followTheme();

    Session& session() { return session_; }
    Canvas& canvas() { return *canvas_; }
    Tracer& tracer() { return tracer_; }
    Areas& areas() { return areas_; }
    ToneDesk& desk() { return desk_; }
    Survey& survey() { return survey_; }
    Proofing& proofing() { return proofing_; }
    const ProofMarks& proofMarks() const { return proofMarks_; }
    ProofShelf& shelf() { return *shelf_; }
    FarOff& farOff() { return farOff_; }
    Commands& commands() { return commands_; }
    CommandDesk& commandDesk() { return *acting_; }
    Replay& replay() { return *replay_; }
    // The tip of a control as it is shown, with the keys its command has now.
    QString tipOf(const QWidget& w) const;
    // Runs the command of that id, if it can be run now.
    bool run(const QString& command) { return commands_.run(command); }
    void setStep(StepId step);
    StepId step() const { return course_->current(); }
    // Drawings are opened (the first one takes the place of an untouched piece), pictures are brought in.
    void openFiles(const QStringList& paths);
    // In the background; what could not be read or was left out is said on a notice.
    void openDrawing(const QString& path, const std::function<void()>& then = {});
    void bringPictures(const QStringList& paths);
    // Returns a page of the paper pile as scanned. A step by itself once it is there.
    void scanPage(const QString& page, int dotsPerInch, quint64 seed);
    // In the background; `then` is told a message when it failed (it is on a notice as well).
    void exportFlat(const QString& path, const std::function<void(const QString& trouble)>& then = {});
    void exportTo(const QString& path, int width = 0, const std::function<void(const QString& trouble)>& then = {});
    bool busy() const { return busy_; }
    // Anything under way whose end would change what is seen.
    bool working() const
    {
        return busy_ || saving_ > 0 || acts_.working() || tracer_.working() || areas_.working() || desk_.working() || proofing_.working() || shelf_->working();
    }
    // A picture of the shelf, by its id, that many px wide; 0 = as it is.
    void bringFromShelf(const QString& id, int width = 0);
    void offerRecovered();
    const QString& lastSaid() const { return lastSaid_; }
    Notices& notices() { return *notices_; }

signals:
    void idle();
    void closed(); // after all was asked
    void stayed(); // asked to close, and did not

protected:
    void closeEvent(QCloseEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    bool eventFilter(QObject*, QEvent*) override;
    void paintEvent(QPaintEvent*) override;
    void showEvent(QShowEvent*) override;
    void changeEvent(QEvent*) override;

private:
    Session session_;
    Acts acts_{session_};
    Survey survey_{session_};
    Proofing proofing_{session_, acts_};
    ProofMarks proofMarks_;
    Tracer tracer_{session_};
    Areas areas_{session_};
    FarOff farOff_{session_};
    Deriver deriver_{session_, areas_};
    ToneDesk desk_{session_, deriver_};
    std::optional<Desk> tools_;
    Canvas* canvas_;
    Course* course_;
    SightLine* sight_;
    Tray* tray_;
    ProofShelf* shelf_;
    Card* card_;
    LayerList* layers_;
    ReadingStrip* strip_;
    QMenuBar* menu_;
    QLabel* title_;
    Pill *undo_, *redo_, *export_;
    QSplitter *across_, *down_;
    Welcome* welcome_ = nullptr;
    QWidget* recovered_ = nullptr;
    QPointer<StagesDialog> stages_;
    QPointer<HistoryDialog> history_;
    QPointer<JobPage> job_;
    QPointer<PartsDialog> parts_;
    QPointer<DeliverDialog> deliver_;
    Notices* notices_;
    Replay* replay_;
    Commands commands_;
    std::unique_ptr<CommandDesk> acting_;
    std::map<QString, QAction*> actions_;
    Others others_;
    QString stamp_; // of the file as it was opened or saved last
    bool busy_ = false, leaving_ = false;
    int saving_ = 0;
    bool dirty_ = false;
    bool shownOnce_ = false;
    bool counted_ = false; // as a piece that was worked on (explaining.h)
    bool areasShown_ = false, marksShown_ = true;
    QString lastSaid_;
    std::unique_ptr<HeldKeys> held_;
    QTimer soon_;

    void makeCommands();
    void watchAreas();
    bool showsWiderGaps() const;
    void setDropsFlow(int how);
    void tellDrops(const art::FollowedDrops& f);
    void weighDocument();
    art::Id underPointer_ = 0;
    art::Document weighed_;
    bool weighing_ = false;
    double darkShare_ = -1; // of what is drawn; negative = not known
    Situation situation();
    void tellEnds();
    void focusNextPart();
    void moveHandKeys();
    void makeMenus();
    void giveKeys(); // to the actions
    void say(const QString& text, art::Id locked = 0);
    bool showTip(QWidget* w, const QPoint& at) const;
    void refresh();
    void refreshCourse();
    void refreshReadings();
    void layOut();
    void placeWelcome();
    // Asks what to do with unsaved work; goes on only when there is none any more, or it may go.
    void leaveThen(const std::function<void()>& go);
    void save(const std::function<void()>& then = {});
    void saveAs(const std::function<void()>& then = {});
    void saveTo(const QString& path, const std::function<void()>& then);
    QString nameForFile() const;
    void exportBy(const QString& path, const std::function<void(const QString&)>& then,
                  std::function<std::vector<std::byte>(const art::Document&, const Progress&)> make);
    void tellExport(const QString& path, const QString& trouble, const std::function<void(const QString&)>& then);
    // Another piece takes the place of this one, seen as it was left.
    void begin(const art::Document& d, const QString& path, bool recovered = false);
    void openDemo();
    void openRecent();
    void beginFrom(const QString& templateId);
    // The pages of a PDF that are asked for come in as pictures.
    void bringPages(const QString& name, const std::shared_ptr<const std::vector<std::byte>>& pdf, int pages);
    void noteOpen(const QString& path) const;
    // True when the piece may be written there: nobody else has changed its file since, or it was asked about.
    bool mayWriteOver(const QString& path);
    // Another window has it open, and is in front now.
    bool isOpenElsewhere(const QString& path);
    void setSideLeft(bool left);
    void showStages();
    void showHistory();
    void showJob(std::optional<StepId> at);
    // Plays the act in another window, on a copy of the demo.
    void showAct(StepId step);
    void showMarks(bool on);
    void showProcesses();
    void showDeliver();
    PartsDialog& showParts();
    void openAside();
    void openKept(const files::RecoveryEntry& entry, bool discard, const std::function<void()>& then);
    void rememberView(const QString& path) const;
    bool recallView(const QString& path);
    void warn(const QString& text); // stays until it is seen
    void addReference(const std::shared_ptr<const art::PictureFile>& file, const QString& name, PictureStore::Picture decoded);
    void setBusy(const QString& name, const Progress& progress);
    void endBusy();
    QString askFile(bool open, const QString& title, const QString& filter, const QString& suggestion = {});
    void makeTheme(Theme t);
    void chooseLanguage(const QString& code); // empty = the desktop's
};

} // namespace softrope::app
