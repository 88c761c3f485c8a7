#include "app/services/explaining.h"

#include <QSettings>

namespace softrope::app {

namespace {
constexpr const char* said = "hints/shown";
constexpr const char* pieces = "hints/pieces";
} // namespace

bool explains()
{
    const QSettings kept;
    return kept.value(said, kept.value(pieces).toInt() < piecesExplained).toBool();
}

void setExplains(bool on)
{
    QSettings().setValue(said, on);
}

void countPiece()
{
    QSettings kept;
    if (const int n = kept.value(pieces).toInt(); n < piecesExplained) kept.setValue(pieces, n + 1);
}

} // namespace softrope::app
