// The card: what is picked, or the tool in hand, or the step; and in its bottom row the one next useful act.
#pragma once

#include "app/cards/page.h"

#include <QScrollArea>

namespace softrope::app {

class Card : public QWidget {
    Q_OBJECT
public:
    Card(Session& session, Canvas& canvas, Tracer& tracer, Areas& areas, ToneDesk& tones, Survey& survey, Proofing& proofing, QWidget* parent = nullptr);
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
    void showEvent(QShowEvent*) override;

private:
    CardDesk at_;
    std::vector<std::unique_ptr<CardPage>> pages_;
    StepId step_ = StepId::place;
    CardPage* page_ = nullptr;
    CardPage::Key key_;
    std::unique_ptr<Fields> fields_;
    bool stale_ = true; // not built for what is shown
    int builtFor_ = -1; // px, its width then
    QScrollArea* area_;
    QVBoxLayout* bodies_; // the body in force
    QWidget* bottom_;
    QBoxLayout* row_;
    QLabel* bottomText_;
    Pill* bottomAct_;
    Bottom shown_;
    std::size_t nextEnd_ = 0;
    // Long work of the window.
    QString task_;
    double taskProgress_ = 0;
    std::function<void()> taskStop_;

    CardPage* pageFor(const Context& c) const;
    void rebuild();
    Bottom bottomNow();
    Bottom openEnds();
    void updateBottom();
};

} // namespace softrope::app
