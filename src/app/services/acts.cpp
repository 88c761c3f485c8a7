#include "app/services/acts.h"

#include "art/tree.h"

namespace softrope::app {

Acts::Acts(Session& session) : session_(session)
{
    connect(&session_, &Session::started, this, &Acts::stop);
}

void Acts::run(const QString& step, std::size_t nodes, Work work)
{
    if (working_) {
        emit said(tr("%1 is still being worked on.").arg(name_));
        return;
    }
    if (nodes <= atOnce)
        land(step, work(session_.document(), session_.selection()));
    else
        begin(step, std::move(work));
}

void Acts::land(const QString& step, const Outcome& o)
{
    if (o.document && !(*o.document == session_.document())) session_.take(*o.document, o.selection.value_or(session_.selection()), step);
    if (!o.said.isEmpty()) emit said(o.said);
}

void Acts::begin(const QString& step, Work work)
{
    working_ = true;
    name_ = step;
    const art::Document d = session_.document();
    const art::Selection s = session_.selection();
    progress_ = session_.jobs().run<Outcome>(
        Lane::working, this, [d, s, work](const Progress&) { return work(d, s); },
        [this, d, s, step, work](const std::optional<Outcome>& o) {
            working_ = false;
            if (progress_.cancelled()) {
                emit said(tr("Stopped. Nothing was changed."));
            } else if (o) {
                if (!(session_.document() == d) || !(session_.selection() == s)) {
                    begin(step, work);
                    return;
                }
                land(step, *o);
            }
            emit changed();
        });
    emit changed();
}

void Acts::stop()
{
    if (working_) progress_.stop();
}

std::size_t nodesOf(const art::Document& d, const std::vector<art::Id>& items)
{
    std::size_t n = 0;
    for (const art::Id id : items)
        if (const art::Item* i = d.item(id)) n += art::nodeCount(*i);
    return n;
}

} // namespace softrope::app
