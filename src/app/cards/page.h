// A page of the card: what it is shown for, what it lays out, and the one next useful act in the bottom row. One file a page.
#pragma once

#include "app/cards/fields.h"
#include "app/tools/step_id.h"

#include <QVariant>

#include <memory>

namespace softrope::app {

class Tool;

// What a page is chosen by.
struct Context {
    enum class Picked { nothing, line, group, picture, island, several };
    StepId step = StepId::place;
    Tool* tool = nullptr; // in hand; may be none
    Picked picked = Picked::nothing;
    art::Id item = 0;      // the one thing that is picked
    bool nodes = false;    // some of its nodes are
    bool mirrored = false; // the layer drawn on
    art::Id picture = 0;   // the reference in hand, in the steps that work on one

    bool holds(const char* tool_) const;
};
Context contextOf(const CardDesk& at, StepId step);
// The one picked line or area; nothing when another number of things, or a picture, is picked.
const art::Item* pickedLine(const Session& s);

struct Bottom {
    QString text, act; // no act: the row is left to the open ends, or hidden
    std::function<void()> run;
    double progress = -1; // 0 to 1 while something is being worked out
};

class CardPage {
public:
    // What the page looks like depends on nothing else; it is laid out anew when the key changes.
    using Key = QVariantList;

    virtual ~CardPage() = default;
    virtual bool wants(const Context& c) const = 0;
    virtual Key key(const Context& c) const = 0;
    virtual void build(Fields& f, const Context& c) = 0;
    virtual Bottom bottom(const Context&) { return {}; }

protected:
    explicit CardPage(CardDesk& at) : at_(at), session_(at.session), canvas_(at.canvas), tracer_(at.tracer), areas_(at.areas), desk_(at.tones) {}
    CardDesk& at_;
    Session& session_;
    Canvas& canvas_;
    Tracer& tracer_;
    Areas& areas_;
    ToneDesk& desk_;
};

// All of them; the first that wants the context is shown, and the last wants every one.
std::vector<std::unique_ptr<CardPage>> makePages(CardDesk& at);

std::unique_ptr<CardPage> makeProofPage(CardDesk& at);
std::unique_ptr<CardPage> makeColourPage(CardDesk& at);
std::unique_ptr<CardPage> makeLetteringPage(CardDesk& at);
std::unique_ptr<CardPage> makeRepeatPage(CardDesk& at);
std::unique_ptr<CardPage> makeCrescentPage(CardDesk& at);
std::unique_ptr<CardPage> makeScatterPage(CardDesk& at);
std::unique_ptr<CardPage> makeShadedPage(CardDesk& at);
std::unique_ptr<CardPage> makeLightPage(CardDesk& at);
std::unique_ptr<CardPage> makeFacetPage(CardDesk& at);
std::unique_ptr<CardPage> makePatchPage(CardDesk& at);
std::unique_ptr<CardPage> makeTonePage(CardDesk& at);
std::unique_ptr<CardPage> makeSeveralPage(CardDesk& at);
std::unique_ptr<CardPage> makeLinePage(CardDesk& at);
std::unique_ptr<CardPage> makeGroupPage(CardDesk& at);
std::unique_ptr<CardPage> makeIslandPage(CardDesk& at);
std::unique_ptr<CardPage> makeReferencePage(CardDesk& at);
std::unique_ptr<CardPage> makePlacePage(CardDesk& at);
std::unique_ptr<CardPage> makeTracePage(CardDesk& at);
std::unique_ptr<CardPage> makeAxisPage(CardDesk& at);
std::unique_ptr<CardPage> makeBuildPage(CardDesk& at);
std::unique_ptr<CardPage> makeToolPage(CardDesk& at);

} // namespace softrope::app
