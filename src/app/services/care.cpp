#include "app/services/care.h"

#include "art/edits.h"

#include <QTimer>

namespace softrope::app {

namespace {

struct Landing {
    art::Document before, careful;
    QString step, burst;
    std::function<void(const art::Document&)> landed;
};

void land(Session& session, Landing l)
{
    constexpr int again = 30; // ms
    if (session.handBusy() && session.document() == l.before) {
        QTimer::singleShot(again, &session, [&session, l = std::move(l)] { land(session, l); });
        return;
    }
    const bool untouched = session.document() == l.before;
    if (untouched) session.take(l.careful, l.step, l.burst);
    session.endBurst();
    if (untouched && l.landed) l.landed(l.careful);
}

} // namespace

void landWithCare(Session& session, const QString& step, const QString& burst, std::function<std::optional<art::Document>(const Progress&)> work,
                  std::function<void(const art::Document&)> landed)
{
    session.jobs().run<std::optional<art::Document>>(
        Lane::working, &session, std::move(work),
        [&session, d = session.document(), step, burst, landed = std::move(landed)](const std::optional<std::optional<art::Document>>& careful) {
            if (careful && *careful)
                land(session, {d, **careful, step, burst, landed});
            else
                session.endBurst();
        });
}

void fitWithCare(Session& session, art::Id line, const QString& step, const QString& burst, std::function<void(std::size_t, double)> landed)
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
        });
}

} // namespace softrope::app
