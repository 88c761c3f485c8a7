// What the files of the card share.
#pragma once

#include "app/services/session.h"

namespace softrope::app {

// The one picked line or area; nothing when another number of things, or a picture, is picked.
inline const art::Item* pickedLine(const Session& s)
{
    if (s.selection().items.size() != 1) return nullptr;
    const art::Item* i = s.document().item(s.selection().items.front());
    return i && i->artwork() ? i : nullptr;
}

// Ends of its open paths.
inline int openCount(const art::Artwork& a)
{
    int n = 0;
    for (const curve::Path& p : a.paths)
        if (!p.closed) n += 2;
    return n;
}

} // namespace softrope::app
