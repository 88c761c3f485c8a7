// How the next repeat lies, as the card and the tool have it.
#pragma once

#include "app/canvas/tool.h"
#include "art/repeat.h"

namespace softrope::app {

inline art::Repeat nextRepeat(const Bench& bench)
{
    art::Repeat r;
    r.way = static_cast<art::Repeat::Way>(bench.setting(settings::repeatWay));
    r.count = bench.setting(settings::repeatCount);
    r.columns = bench.setting(settings::repeatColumns);
    r.rows = bench.setting(settings::repeatRows);
    r.upright = bench.setting(settings::repeatUpright);
    r.alternate = bench.setting(settings::repeatAlternate);
    return r;
}

inline void keepNextRepeat(Bench& bench, const art::Repeat& r)
{
    bench.setSetting(settings::repeatWay, static_cast<int>(r.way));
    bench.setSetting(settings::repeatCount, r.count);
    bench.setSetting(settings::repeatColumns, r.columns);
    bench.setSetting(settings::repeatRows, r.rows);
    bench.setSetting(settings::repeatUpright, r.upright);
    bench.setSetting(settings::repeatAlternate, r.alternate);
}

} // namespace softrope::app
