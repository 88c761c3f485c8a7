#include "app/commands/next_acts.h"

#include "app/theme/words.h"

#include <algorithm>
#include <iterator>

namespace softrope::app {

namespace {

struct NextAct {
    const char* said; // translated where it is said
    const char* command;
};
constexpr NextAct nextActs[] = {
    {"Nothing is picked.", "pick-all"},
    {"This takes more than is picked.", "pick-all"},
    {"What is picked is locked.", "unlock-picked"},
    {"What is picked is hidden.", "show-all"},
    {"This is worked out by a live part. Set that first, to change its pieces by hand.", "set-parts"},
    {"Pick a closed outline first.", "tool-pick"},
    {"Pick one area or several first.", "tool-pick"},
    {"Pick one shape first.", "tool-pick"},
    {"Pick what goes inside, and the area or group it goes into.", "tool-pick"},
    {"Pick a live shape with what it is to take in.", "tool-pick"},
    {"Pick words first.", "tool-pick"},
    {"There is nothing to paste: copy a picture or a drawing first.", "bring-picture"},
    {"There is nothing to paste: copy a drawing first.", "open"},
    {"There is no picture to clean.", "bring-picture"},
    {"There is no picture to straighten.", "bring-picture"},
    {"The list of recent pieces is empty.", "open"},
    {"No ink is in hand.", "tool-take-ink"},
    {"There are no facets of an outline.", "facets-outline"},
    {"There is nothing painted to flatten.", "step-colour"},
    {"Nothing is painted in the working colours.", "will-be-dark"},
};

} // namespace

QString actAfter(const QString& said)
{
    const auto at = std::find_if(std::begin(nextActs), std::end(nextActs), [&](const NextAct& a) { return tr(a.said) == said; });
    return at == std::end(nextActs) ? QString() : QString(at->command);
}

QStringList sentencesWithActs()
{
    QStringList all;
    for (const NextAct& a : nextActs) all << a.said;
    return all;
}

} // namespace softrope::app
