// Looks: colours, sizes and typeface, read once from data/tokens.json. No widget has a colour of its own.
#pragma once

#include <QColor>
#include <QCursor>
#include <QFont>
#include <QPixmap>
#include <QString>

#include <map>

namespace softrope::app {

enum class Theme { day, evening, desktop, contrast };

struct Palette {
    QColor desk, bench, sheet, sheetTrue, card, cardInset, line, lineStrong, text, textMuted;
    QColor accent, accentWash, onAccent, accentHover, accentPressed, hemp, rope, ropeGap, teal, tealWash, warn, focusRing, disabledText, hover, pressed;
    bool evening = false;
};

// Marks on the sheet: the same in both themes, since they lie on paper.
struct MarkColours {
    QColor artLine, selection, geometry, nodeFill, nodeLine, nodePicked, openEnd, ghost, guide, axis, tagText, tagGeometry, tagFinding, tagPlain, halo;
};

// The palette in force.
const Palette& colours();
const MarkColours& marks();
// Loads tokens and typeface (once) and puts the palette, style and style sheet on the application.
void applyTheme(Theme theme);
Theme theme();

// Type of the scale by its name in the tokens: "body", "control", "small" ...
QFont typeface(const char* role, bool strong = false);

// An icon of data/icons in a colour, at a size in logical px, sharp at the given device ratio. Cached.
QPixmap iconPixmap(const QString& name, const QColor& colour, int size, qreal ratio);
// The fine cross of the drawing tools; with a ring where a click closes or joins.
QCursor drawingCursor(bool ringed);

} // namespace softrope::app
