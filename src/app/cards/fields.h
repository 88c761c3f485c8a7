// What a page of the card is laid out with: rows of fields, sliders, buttons, one below the other, each following the document.
#pragma once

#include "app/canvas/canvas.h"
#include "app/widgets/widgets.h"

#include <QVBoxLayout>

namespace softrope::app {

class Areas;
class Proofing;
class Survey;
class ToneDesk;
class Tracer;

// What the pages of a card work on and what they may ask of the window.
struct CardDesk {
    Session& session;
    Canvas& canvas;
    Tracer& tracer;
    Areas& areas;
    ToneDesk& tones;
    Survey& survey;
    Proofing& proofing;
    std::function<void()> refresh{}, rebuild{};
    std::function<void(const char*)> run{}; // a command, by its id
    std::function<void(curve::Vec2)> show{};
    std::function<void()> takeTrace{}, choosePicture{}, paste{};
};

struct CardButton {
    QString icon, text, tip;
    std::function<void()> run;
    const char* command = nullptr;                              // what it runs, when it runs one: its keys are told with the tip
    std::function<std::optional<Canvas::Foreseen>()> foresee{}; // its outcome, shown while it is pointed at

    CardButton(const QString& icon_, const QString& text_, const QString& tip_, std::function<void()> run_)
        : icon(icon_), text(text_), tip(tip_), run(std::move(run_))
    {
    }
    CardButton&& foreseeing(std::function<std::optional<Canvas::Foreseen>()> outcome) &&
    {
        foresee = std::move(outcome);
        return std::move(*this);
    }
    CardButton(const QString& icon_, const QString& text_, const QString& tip_, const char* command_) : icon(icon_), text(text_), tip(tip_), command(command_)
    {
    }
};

// One of a few, side by side.
struct Option {
    QString text, tip;
    const char* command = nullptr; // that does the same
};

struct NumberRange {
    double least, most;
    int decimals;
    QString unit;
};

class Fields {
public:
    // Laid out in a new body, hidden as yet; `room` px stand side by side. The body belongs to `parent` from the start: the style sheet
    // is gone through anew for everything in a widget that changes its parent.
    Fields(CardDesk& at, int room, QWidget* parent);

    CardDesk& at;
    QWidget* body() const { return body_; }
    // Called now and after every change of the document.
    void follow(std::function<void()> update) { updates_.push_back(std::move(update)); }
    void update() const;

    void add(QWidget* w) { column_->addWidget(w); }
    // Side by side as far as there is room, the rest below; those that may grow share what is left of a row.
    void flow(const std::vector<QWidget*>& widgets, int gap);
    void stretch() { column_->addStretch(); }
    void heading(const QString& icon, const QString& name, const std::function<void(QString)>& rename = {});
    void chips(const std::function<QString()>& text);
    void note(const QString& text);
    void rule();
    QWidget* row(const QString& text, QWidget* field, QWidget* more = nullptr);
    // A slider under its name, with its figure at the right.
    struct SliderRow {
        Slider* slider;
        QLabel* figure;
    };
    SliderRow sliderRow(const QString& name, double least, double most, double sag, const QString& accessibleName = {});
    void settingSlider(const QString& name, double least, double most, double sag, const std::function<double()>& get, const std::function<void(double)>& set,
                       const std::function<QString(double)>& text);
    // A number in a row of its own.
    void number(const QString& name, const NumberRange& range, const std::function<double()>& get, const std::function<void(double)>& set);
    template <class T> void settingField(const QString& name, const Setting<T>& setting);
    // Buttons side by side; what finds no room goes below.
    void buttonRow(const std::vector<CardButton>& buttons);
    void tickBox(const QString& text, const QString& tip, const std::function<bool()>& get, const std::function<void(bool)>& set);
    // One of a few, side by side; `now` is the index in force, -1 for none.
    void segments(const QString& name, const std::vector<Option>& options, const std::function<int()>& now, const std::function<void(int)>& take);

private:
    int room_;
    QWidget* body_;
    QVBoxLayout* column_;
    std::vector<std::function<void()>> updates_;
};

} // namespace softrope::app
