#include "app/services/care.h"

#include "art/edits.h"

namespace softrope::app {

void landWithCare(Session& session, const QString& step, const QString& burst, std::function<std::optional<art::Document>(const Progress&)> work,
                  std::function<void(const art::Document&)> landed, std::function<bool()> busy)
{
    session.jobs().run<std::optional<art::Document>>(Lane::working, &session, std::move(work),
                                                     [&session, d = session.document(), step, burst, landed = std::move(landed),
                                                      busy = std::move(busy)](const std::optional<std::optional<art::Document>>& careful) {
                                                         const bool untouched = careful && *careful && !(busy && busy()) && session.document() == d;
                                                         if (untouched) session.take(**careful, step, burst);
                                                         session.endBurst();
                                                         if (untouched && landed) landed(**careful);
                                                     });
}

void fitWithCare(Session& session, art::Id line, const QString& step, const QString& burst, std::function<void(std::size_t, double)> landed,
                 std::function<bool()> busy)
{
    const art::Document d = session.document();
    const art::Item* i = d.item(line);
    if (!i || !i->artwork() || !i->artwork()->hand() || i->artwork()->hand()->samples.size() <= longStroke) {
        session.endBurst();
        return;
    }
    const auto stray = std::make_shared<double>(0);
    landWithCare(
        session, step, burst,
        [d, line, stray, slack = i->artwork()->hand()->slack](const Progress&) {
            art::Document careful = art::withSlack(d, line, slack).document;
            *stray = art::strayOf(*careful.item(line)->artwork()).value_or(0);
            return careful;
        },
        [line, stray, landed = std::move(landed)](const art::Document& careful) {
            std::size_t nodes = 0;
            for (const curve::Path& p : careful.item(line)->artwork()->paths) nodes += p.nodes.size();
            if (landed) landed(nodes, *stray);
        },
        std::move(busy));
}

} // namespace softrope::app
