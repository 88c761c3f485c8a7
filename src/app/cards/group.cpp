// The page of a picked group.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "art/edits.h"

namespace softrope::app {

namespace {

class GroupPage : public CardPage {
public:
    explicit GroupPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.picked == Context::Picked::group; }
    Key key(const Context& c) const override { const art::Group* g = session_.document().item(c.item)->group();
        return {qulonglong(c.item), g->derived(), g->use() != nullptr}; }
    void build(Fields& f, const Context& c) override
    {
        const art::Id id = c.item;
        const art::Item& group = *session_.document().item(id);
        f.heading("layer", group.name.empty() ? tr("Group") : QString::fromStdString(group.name),
                  [this, id](const QString& name) { session_.take(art::withTraits(session_.document(), {id}, {.name = name.toStdString()}), tr("Rename")); });
        f.chips([this, id] {
            const art::Item* i = session_.document().item(id);
            if (!i || !i->group()) return QString();
            const std::size_t n = i->group()->items.size();
            return (i->group()->derived() ? tr("live · ") : QString()) + tr("%n thing(s)", nullptr, static_cast<int>(n)) +
                   tr(", %1 nodes").arg(art::nodeCount(*i));
        });
        if (group.group()->use()) {
            f.note(tr("A copy of the part %1").arg(QString::fromStdString(group.group()->use()->part)));
            f.buttonRow({{{}, tr("Update from part"), tr("As the part is now, where this one lies"), "update-use"},
                         {{}, tr("All uses"), tr("Every copy of the part on this sheet"), "update-uses"}});
            f.buttonRow({{{}, tr("Update the part from here"), tr("The part becomes what this is; what it was is kept"), "give-part"}});
            f.rule();
        }
        effectFields(f);
        f.rule();
        sizeSection(f, false);
        alignRow(f);
        f.rule();
        frameSection(f, false);
        f.note(group.group()->derived() ? tr("Its pieces are worked out. Set it to change them by hand.")
                                        : tr("Click once more to pick what is in it; Esc leads back."));
    }
    Bottom bottom(const Context& c) override
    {
        Bottom b;
        const art::Group* g = session_.document().item(c.item)->group();
        if (!g) return b;
        const bool live = g->derived();
        b.text = live ? tr("Worked out from its recipe.") : tr("One thing, with all that is in it.");
        b.act = live ? tr("Set") : tr("Ungroup");
        b.run = [this, live] { at_.run(live ? "set-parts" : "ungroup"); };
        return b;
    }
};

} // namespace

std::unique_ptr<CardPage> makeGroupPage(CardDesk& at)
{
    return std::make_unique<GroupPage>(at);
}

} // namespace softrope::app
