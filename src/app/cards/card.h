// The card: what is picked, or the tool in hand, or the step; and in its bottom row the one next useful act.
#pragma once

#include "app/canvas/canvas.h"
#include "app/services/jobs.h"
#include "app/tools/step_id.h"
#include "app/widgets/widgets.h"
#include "art/inks.h"

#include <QScrollArea>

namespace softrope::app {

class Areas;
class Survey;
class ToneDesk;
class Tracer;

struct CardButton {
    QString icon, text, tip;
    std::function<void()> run;
};

class Card : public QWidget {
    Q_OBJECT
public:
    Card(Session& session, Canvas& canvas, Tracer& tracer, Areas& areas, ToneDesk& desk, Survey& survey, QWidget* parent = nullptr);
    void setStep(StepId step);
    void refresh();
    // Long work takes the bottom row over; an empty name gives it back.
    void setTask(const QString& name, double progress, std::function<void()> stop);

signals:
    void asksForPicture();
    void asksForPaste();
    void asksToShow(curve::Vec2 place);
    void asksToTakeTrace();
    void asksToRun(const char* command);

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    Session& session_;
    Canvas& canvas_;
    Tracer& tracer_;
    Areas& areas_;
    ToneDesk& desk_;
    Survey& survey_;
    StepId step_ = StepId::place;
    QString context_;
    QScrollArea* area_;
    QWidget* body_ = nullptr;
    QWidget* bottom_;
    QLabel* bottomText_;
    Pill* bottomAct_;
    std::function<void()> bottomRun_;
    std::vector<std::function<void()>> updaters_;
    QString task_;
    double taskProgress_ = 0;
    std::function<void()> taskStop_;
    std::size_t nextEnd_ = 0;
    // What reducing started from, so that the slider can go back and forth.
    struct ReduceStart {
        art::Id item = 0;
        curve::Paths from, to;
        double slack = 0;
    } reduce_;
    Latest<std::pair<art::Id, double>, curve::Paths> reducing_;
    int reduceDrags_ = 0;

    QString contextNow() const;
    void rebuild();
    class QVBoxLayout* column_ = nullptr;
    void heading(const QString& icon, const QString& name, std::function<void(QString)> rename = {});
    void chips(std::function<QString()> text);
    QWidget* row(const QString& text, QWidget* field, QWidget* more = nullptr);
    // A slider under its name, with its figure at the right.
    struct SliderRow {
        Slider* slider;
        QLabel* figure;
    };
    SliderRow sliderRow(const QString& name, double least, double most, double sag, const QString& accessibleName = {});
    void rule();
    void buildLine();
    void buildSeveral();
    void buildReference(art::Id id);
    // What is picked when it is one group, or one picture.
    const art::Group* pickedGroup() const;
    bool pickedPicture() const;
    void buildGroup(art::Id id);
    void groupBottom(QString& text, QString& act);
    void effectFields();
    void buildPlace();
    void buildTool();
    void lookFields(std::function<art::Stroke()> get, std::function<void(const std::function<void(art::Stroke&)>&, const QString&)> set, bool ends);
    void alignRow();
    void nextLineFields(bool ends); // the look that the next line will have
    void updateBottom();
    void slackSection();
    void nodeSection();
    void swellFields(const std::function<art::Stroke()>& get, const std::function<void(const std::function<void(art::Stroke&)>&, const QString&)>& set);
    void roundSection(art::Id id);
    bool tracesNow() const;
    QString traceContext() const;
    void buildTrace();
    void traceBottom(QString& text, QString& act);
    void ropeSettings();
    bool tonesNow() const;
    QString toneContext() const;
    void buildTone();
    void patchSection();
    void workingSection();
    void facetSection();
    void toneBottom(QString& text, QString& act);
    std::size_t stackNodes() const;
    bool coloursNow() const;
    QString colourContext() const;
    // What is picked, as far as paint goes.
    struct PickedPaint {
        const art::Artwork* first = nullptr;
        const art::Gradient* gradient = nullptr; // the first there is
        bool drop = false;
    };
    PickedPaint pickedPaint() const;
    void buildColour();
    void inkRow(art::Id ink);
    void putOnPicked();
    void pickedPaintSection();
    void colourBottom(QString& text, QString& act);
    std::vector<art::InkShare> inkShares_;
    bool buildsNow() const;
    bool mirrored() const;
    void buildBuild();
    void areaSettings();
    void gatheringSection();
    void figureSection(const QString& id);
    void mirrorSection();
    void combineSection();
    void shapeSection(art::Id id);
    void buildBottom(QString& text, QString& act);
    int roomAcross() const; // px for what stands side by side
    void buttonRow(const std::vector<CardButton>& buttons);
    void tickBox(const QString& text, const QString& tip, std::function<bool()> get, std::function<void(bool)> set);
    template <class T> void settingField(const QString& name, const Setting<T>& setting);
    void note(const QString& text);
    // One of a few, side by side; `now` is the index in force, -1 for none.
    void segments(const QString& name, const std::vector<std::pair<QString, QString>>& options, std::function<int()> now, std::function<void(int)> take);
    void settingSlider(const QString& name, double least, double most, double sag, std::function<double()> get, std::function<void(double)> set,
                       std::function<QString(double)> text);
};

} // namespace softrope::app
