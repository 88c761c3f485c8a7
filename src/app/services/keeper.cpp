#include "app/services/keeper.h"

#include "app/services/session.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/render.h"

#include <QDateTime>
#include <QElapsedTimer>
#include <QSettings>
#include <utility>

namespace softrope::app {

Keeper::Keeper(Session& session, Jobs& jobs, PictureStore& pictures) : session_(session), jobs_(jobs), pictures_(pictures)
{
    // Four seconds: well under the ten that may be lost at most.
    setInterval(std::clamp(QSettings().value("keep/seconds", 4).toInt(), 1, 600) * 1000);
    connect(&timer_, &QTimer::timeout, this, [this] { keep(); });
}

void Keeper::setInterval(int ms)
{
    timer_.start(ms);
}

void Keeper::begin(const art::Document& d, bool kept)
{
    kept_ = kept ? d : art::Document{};
    keptAt_ = 0;
    toldTrouble_ = false;
}

void Keeper::keep(std::function<void(bool)> then)
{
    QElapsedTimer clock;
    clock.start();
    if (session_.document() == kept_ && !keeping_) {
        if (then) then(true);
        return;
    }
    if (keeping_) { // once more when that one is done
        if (then) next_.push_back(std::move(then));
        return;
    }
    keeping_ = true;
    struct Kept {
        QString trouble;
        std::size_t written = 0;
    };
    jobs_.run<Kept>(
        Lane::keeping, this,
        [d = session_.document(), original = session_.path().toStdString(), recovery = recovery_, pictures = &pictures_](const Progress&) {
            render::Options o;
            // Only what is decoded already: a small picture is not worth waiting for.
            o.pictures = [pictures](const art::Reference& r) { return pictures->get(r); };
            const pixel::Picture small = render::renderSheet(d, 240, o);
            const files::FileResult r = recovery->write(d, original, files::writePng(small, 96, files::Packing::quick));
            return Kept{QString::fromStdString(r.problem), recovery->written()};
        },
        [this, d = session_.document(), piece = session_.piece(), then](const std::optional<Kept>& k) {
            keeping_ = false;
            const bool safe = k && k->trouble.isEmpty();
            if (safe && piece == session_.piece()) {
                kept_ = d;
                keptAt_ = QDateTime::currentMSecsSinceEpoch();
                written_ = k->written;
                toldTrouble_ = false;
                emit kept();
            } else if (k && !safe && !toldTrouble_) {
                toldTrouble_ = true; // once, not every few seconds
                emit problem(k->trouble);
            }
            if (then) then(safe);
            if (next_.empty()) return;
            keep([asked = std::exchange(next_, {})](bool ok) {
                for (const auto& tell : asked) tell(ok);
            });
        },
        Jobs::For::anyPiece);
    cost_ = static_cast<double>(clock.nsecsElapsed()) / 1e6;
}

void Keeper::save(const QString& path, std::function<void(const QString&)> then)
{
    jobs_.run<QString>(
        Lane::keeping, this,
        [d = session_.document(), path, recovery = recovery_](const Progress&) {
            const files::FileResult r = files::saveAtomically(path.toStdString(), files::writeWorkingSvg(d));
            if (r.ok()) recovery->clear();
            return QString::fromStdString(r.problem);
        },
        [this, d = session_.document(), piece = session_.piece(), then](const std::optional<QString>& trouble) {
            if (trouble && trouble->isEmpty() && piece == session_.piece()) {
                kept_ = d;
                keptAt_ = QDateTime::currentMSecsSinceEpoch();
            }
            then(trouble.value_or(tr("It was not saved.")));
        },
        Jobs::For::anyPiece);
}

void Keeper::forget()
{
    timer_.stop();
    jobs_.waitFor(Lane::keeping);
    recovery_->clear();
}

} // namespace softrope::app
