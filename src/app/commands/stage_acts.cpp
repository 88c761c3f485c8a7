#include "app/commands/stage_acts.h"

#include "art/stages.h"

#include <QDateTime>
#include <QLocale>

namespace softrope::app {

QString stageName(const art::Stage& s)
{
    return s.name.empty() ? tr("Stage") : QString::fromStdString(s.name);
}

QString stageTime(const art::Stage& s)
{
    return QLocale().toString(QDateTime::fromSecsSinceEpoch(s.kept), QLocale::ShortFormat);
}

void keepStage(Bench& bench)
{
    Session& session = bench.session();
    const QString name = tr("Stage %1").arg(session.document().stages.size() + 1);
    const art::Added a = art::withStage(session.document(), name.toStdString(), QDateTime::currentSecsSinceEpoch());
    if (!a.id) {
        bench.say(tr("There are %1 stages already: remove one first.").arg(art::mostStages));
        return;
    }
    session.take(a.document, tr("Keep a stage"));
    bench.say(tr("%1 is kept beside the work, and saved with it.").arg(name));
}

void compareStage(Canvas& canvas, art::Id stage)
{
    const art::Stage* s = art::stageOf(canvas.session().document(), stage);
    View v = canvas.view();
    if (!s || canvas.comparing() == stage) {
        canvas.compare(0, {}, {});
        v.show = Show::over;
        canvas.setView(v);
        canvas.fitSheet();
        return;
    }
    canvas.compare(stage, art::documentOf(*s), stageName(*s));
    v.show = Show::beside;
    canvas.setView(v);
    canvas.fitSheet();
    canvas.say(tr("%1 on one side, the work as it is now on the other.").arg(stageName(*s)));
}

void compareLastStage(Canvas& canvas)
{
    const auto& stages = canvas.session().document().stages;
    if (stages.empty())
        canvas.say(tr("There is no stage yet: Edit, Keep a stage."));
    else
        compareStage(canvas, canvas.comparing() ? canvas.comparing() : stages.back()->id);
}

} // namespace softrope::app
