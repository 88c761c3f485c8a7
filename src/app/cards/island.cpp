// The page of a part of a foreign drawing that was kept whole.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "art/edits.h"

namespace softrope::app {

namespace {

// What of it the document has no notion of, in words.
QString wordsFor(const std::string& what)
{
    QStringList out;
    for (const QString& w : QString::fromStdString(what).split(' ', Qt::SkipEmptyParts))
        out << (w == "mask"        ? tr("a mask")
                : w == "filter"    ? tr("a filter")
                : w == "clip-path" ? tr("a compound clip path")
                : w == "text"      ? tr("words")
                : w == "image"     ? tr("a picture")
                : w == "pattern"   ? tr("a pattern")
                : w == "marker"    ? tr("markers on a line")
                                   : w);
    return out.join(", ");
}

class IslandPage : public CardPage {
public:
    explicit IslandPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.picked == Context::Picked::island; }
    Key key(const Context& c) const override { return {qulonglong(c.item)}; }
    void build(Fields& f, const Context& c) override
    {
        const art::Id id = c.item;
        const art::Item& island = *session_.document().item(id);
        f.heading("bound", island.name.empty() ? tr("Kept whole") : QString::fromStdString(island.name),
                  [this, id](const QString& name) { session_.take(art::withTraits(session_.document(), {id}, {.name = name.toStdString()}), tr("Rename")); });
        f.chips([this, id] {
            const art::Item* i = session_.document().item(id);
            return i && i->island() ? tr("kept whole: %1").arg(wordsFor(i->island()->source->what)) : QString();
        });
        f.note(tr("As it came from another drawing. It can be moved, sized, turned, hidden and delivered; what is in it can be changed once it is taken apart "
                  "or traced."));
        f.buttonRow({{"bound", tr("Take apart"), tr("What is readable of it becomes things on the sheet, the rest is listed"), "island-apart"},
                     {"follow", tr("Trace it"), tr("Its picture is laid in its place to be traced"), "island-trace"}});
        f.rule();
        effectFields(f);
        f.rule();
        sizeSection(f, false);
        alignRow(f);
    }
    Bottom bottom(const Context&) override
    {
        return {tr("Kept as it came."), tr("Take apart"), [this] { at_.run("island-apart"); }};
    }
};

} // namespace

std::unique_ptr<CardPage> makeIslandPage(CardDesk& at)
{
    return std::make_unique<IslandPage>(at);
}

} // namespace softrope::app
