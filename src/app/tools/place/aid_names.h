// Composition aids as they are spoken of.
#pragma once

#include "app/theme/language.h"
#include "art/aids.h"

namespace softrope::app {

inline QString aidName(art::Aid a)
{
    switch (a) {
    case art::Aid::thirds: return tr("Thirds");
    case art::Aid::centre: return tr("Centre lines");
    case art::Aid::diagonals: return tr("Diagonals");
    case art::Aid::margins: return tr("Margins");
    case art::Aid::spiral: return tr("Golden spiral");
    case art::Aid::round: return tr("Round frame");
    case art::Aid::square: return tr("Square frame");
    }
    return {};
}

} // namespace softrope::app
