#include "app/services/care.h"

#include "art/edits.h"

namespace softrope::app {

void fitWithCare(Session& session, art::Id line, const QString& step, const QString& burst)
{
    const art::Document d = session.document();
    const art::Item* i = d.item(line);
    if (!i || !i->artwork() || !i->artwork()->hand() || i->artwork()->hand()->samples.size() <= longStroke) {
        session.endBurst();
        return;
    }
    session.jobs().run<art::Document>(
        Lane::working, &session, [d, line, slack = i->artwork()->hand()->slack](const Progress&) { return art::withSlack(d, line, slack); },
        [&session, d, step, burst](const std::optional<art::Document>& careful) {
            if (careful && session.document() == d) session.take(*careful, step, burst);
            session.endBurst();
        });
}

} // namespace softrope::app
