#include "app/services/session.h"
#include "app/services/frame_meter.h"
#include "words/said.h"

#include <QDateTime>
#include <QSettings>

namespace softrope::app {

Session::Session(QObject* parent) : QObject(parent)
{
    historyLimit_ = static_cast<std::size_t>(std::clamp(QSettings().value("history/megabytes", 1024).toInt(), 16, 65536)) << 20;
    connect(&keeper_, &Keeper::kept, this, &Session::keptChanged);
    connect(&keeper_, &Keeper::problem, this, &Session::problem);
    connect(&jobs_, &Jobs::failed, this, &Session::problem);
    start(art::newDocument(), {});
}

Session::~Session()
{
    jobs_.stop();
    jobs_.waitForAll(-1);
}

void Session::start(const art::Document& d, const QString& path, bool recovered)
{
    jobs_.nextPiece();
    art::Selection s;
    for (const art::LayerPtr& l : d.layers)
        if (!l->locked) s.layer = l->id;
    history_ = art::History({d, s});
    history_.setLimit(historyLimit_);
    toldDropped_ = false;
    lastAxes.clear();
    seams.clear();
    axisChoice.reset();
    repeat.reset();
    inkInHand = {};
    nextFill.reset();
    otherSide = false;
    shadeLook = 0;
    ownMark.clear();
    history_.pick(s);
    saved_ = d;
    path_ = path;
    recovered_ = recovered;
    keeper_.begin(d, !recovered);
    emit started();
    emit documentChanged();
    emit selectionChanged();
    emit keptChanged();
}

void Session::take(const art::Document& d, const QString& name, const QString& burst)
{
    take(d, selection(), name, burst);
}

void Session::take(const art::Document& d, const art::Selection& s, const QString& name, const QString& burst)
{
    const FrameMeter::Part spent(words::marked("change"));
    history_.take({d, s}, name.toStdString(), burst.toStdString());
    if (history_.dropped() > 0 && !toldDropped_) {
        toldDropped_ = true;
        emit problem(tr("There are very many steps: the oldest can no longer be taken back."));
    }
    emit documentChanged();
    emit selectionChanged();
}

void Session::derive(const art::Document& d)
{
    if (d == document()) return;
    const bool untouched = !changed();
    history_.derive(d);
    if (untouched) saved_ = d; // nobody changed anything
    deriving_ = true;
    emit documentChanged();
    emit selectionChanged();
    deriving_ = false;
}

void Session::pick(const art::Selection& s)
{
    if (s == selection()) return;
    history_.pick(s);
    emit selectionChanged();
}

void Session::pickItems(const std::vector<art::Id>& items)
{
    art::Selection s = selection();
    s.items = items;
    s.nodes.clear();
    if (items.size() == 1)
        if (const art::Layer* l = document().layerOf(items.front()); l && !l->locked) s.layer = l->id;
    pick(s);
}

void Session::setHistoryLimit(std::size_t bytes)
{
    historyLimit_ = bytes;
    history_.setLimit(bytes);
}

void Session::undo()
{
    if (!history_.undo()) return;
    emit documentChanged();
    emit selectionChanged();
}

void Session::redo()
{
    if (!history_.redo()) return;
    emit documentChanged();
    emit selectionChanged();
}

void Session::goTo(std::size_t entry)
{
    if (entry == history_.position() || !history_.goTo(entry)) return;
    emit documentChanged();
    emit selectionChanged();
}

QString Session::keptText() const
{
    const qint64 at = keeper_.keptAt();
    if (at == 0) return changed() ? tr("not kept yet") : QString();
    const qint64 s = (QDateTime::currentMSecsSinceEpoch() - at) / 1000;
    if (s < 50) return tr("kept just now");
    if (s < 3600) return tr("kept %1 min ago").arg(std::max<qint64>(1, s / 60));
    return tr("kept %1 h ago").arg(s / 3600);
}

void Session::save(const QString& path, const std::function<void(const QString&)>& then)
{
    keeper_.save(path, [this, d = document(), of = piece(), path, then](const QString& trouble) {
        if (trouble.isEmpty() && of == piece()) {
            path_ = path;
            saved_ = d;
            recovered_ = false;
            emit keptChanged();
        }
        then(trouble);
    });
}

} // namespace softrope::app
