#include "app/services/care.h"

#include "art/edits.h"

namespace softrope::app {

void fitWithCare(Session& session, art::Id line, const QString& step, const QString& burst, std::function<void(std::size_t, double)> landed)
{
    const art::Document d = session.document();
    const art::Item* i = d.item(line);
    if (!i || !i->artwork() || !i->artwork()->hand() || i->artwork()->hand()->samples.size() <= longStroke) {
        session.endBurst();
        return;
    }
    struct Careful {
        art::Document document;
        std::size_t nodes = 0;
        double stray = 0;
    };
    session.jobs().run<Careful>(
        Lane::working, &session,
        [d, line, slack = i->artwork()->hand()->slack](const Progress&) {
            Careful c{art::withSlack(d, line, slack).document};
            const art::Artwork& a = *c.document.item(line)->artwork();
            for (const curve::Path& p : a.paths) c.nodes += p.nodes.size();
            c.stray = art::strayOf(a).value_or(0);
            return c;
        },
        [&session, d, step, burst, landed = std::move(landed)](const std::optional<Careful>& careful) {
            const bool untouched = careful && session.document() == d;
            if (untouched) session.take(careful->document, step, burst);
            session.endBurst();
            if (untouched && landed) landed(careful->nodes, careful->stray);
        });
}

} // namespace softrope::app
