// Every setting of the tools, in one place.
#pragma once

#include "app/canvas/setting.h"
#include "curve/tolerances.h"

namespace softrope::app::settings {

constexpr Setting<bool> touch{"touch", true};                                         // figures lock where they touch
constexpr Setting<double> joinReach{"join-reach", curve::joinReach, 0, 200, "px", 1}; // ends as near as this join at once
constexpr Setting<int> leftover{"leftover", 1, 0, 2};                                 // what becomes of construction lines: art::Leftover
constexpr Setting<bool> carveDrops{"carve-drops", false};                             // Carve takes areas away
constexpr Setting<bool> combineLive{"combine-live", true};                            // combined shapes keep their parts
constexpr Setting<int> figureKind{"figure-kind", 0, 0, 3};                            // circle, ellipse, polygon, leaf
constexpr Setting<int> polygonSides{"polygon-sides", 6, 3, 200};
constexpr Setting<double> leafWidth{"leaf-width", 45, 2, 100, "%"}; // of its length
constexpr Setting<double> rectangleRadius{"rectangle-radius", 0, 0, 10000, "px", 1};
constexpr Setting<double> lineStep{"line-step", 15, 0.5, 90, "°", 1};  // angle steps with Shift
constexpr Setting<bool> lineGuide{"line-guide", false};                // lines are guides
constexpr Setting<double> weldReach{"weld-reach", 4, 0, 100, "px", 1}; // ends as near to the axis as this are welded
constexpr Setting<double> offsetBy{"offset-by", 8, -1000, 1000, "px", 1};
constexpr Setting<bool> offsetMitred{"offset-mitred", false};
constexpr Setting<int> shapePaint{"shape-paint", 0x2E6B66, 0, 0xFFFFFF}; // colour of the next shape
constexpr Setting<double> freehandSlack{"freehand-slack", curve::defaultSlack, 0.1, 50, "px", 1};
constexpr Setting<double> freehandSteadying{"freehand-steadying", 0.3, 0, 1, "", 2};
constexpr Setting<double> fairerSlack{"fairer-slack", 0.5, 0.05, 20, "px", 2}; // how far a line may move to bend evenly
constexpr Setting<bool> ropeLine{"rope-line", false};                          // along dark lines, else along edges
constexpr Setting<double> ropeWidth{"rope-width", 1.5, 0.5, 5, "px", 1};       // finest detail
constexpr Setting<double> ropeSlack{"rope-slack", 1.0, 0.1, 4, "px", 1};
constexpr Setting<double> edgeBrush{"edge-brush", 14, 1, 500, "px"};
constexpr Setting<double> sweepBrush{"sweep-brush", 24, 1, 500, "px"};
constexpr Setting<double> patchStrength{"patch-strength", 18, -255, 255}; // levels that a new patch is lighter by
constexpr Setting<double> patchSoft{"patch-soft", 12, 0, 500, "px"};      // soft edge of a new patch
constexpr Setting<double> patchBrush{"patch-brush", 24, 1, 500, "px"};
constexpr Setting<double> balance{"balance", 50, 1, 99, "%"}; // wanted share of dark
constexpr Setting<int> facetPieces{"facet-pieces", 14, 2, 200};
constexpr Setting<int> meshPieces{"mesh-pieces", 300, 4, 5000};
constexpr Setting<double> meshDetail{"mesh-detail", 0.7, 0, 1, "", 2}; // how much finer where there is detail
constexpr Setting<int> meshColour{"mesh-colour", 0, 0, 2};             // mean, median, inks
constexpr Setting<double> meshGap{"mesh-gap", 0, 0, 50, "px", 1};
constexpr Setting<double> loupeMean{"loupe-mean", 0, 0, 200, "px"}; // radius of the disc whose mean is taken
constexpr Setting<bool> gradientRadial{"gradient-radial", false};
constexpr Setting<int> paintWhere{"paint-where", 0, 0, 2};                         // fill, line, both
constexpr Setting<int> crescentKind{"crescent-kind", 0, 0, 2};                     // art::Crescent::Kind of the next one
constexpr Setting<double> crescentWidth{"crescent-width", 14, 0.1, 2000, "px", 1}; // of the next one by a click
constexpr Setting<double> bandFrom{"band-from", 4, 0, 2000, "px", 1};              // the rim that a band leaves
constexpr Setting<int> shadeLook{"shade-look", 0, 0, 3};                           // by its side, or a ready look
constexpr Setting<bool> gradientFades{"gradient-fades", false};                    // in Shade: the drag makes the shade's own colour run out
constexpr Setting<int> scatterMark{"scatter-mark", 0, 0, 5};
constexpr Setting<double> scatterSpacing{"scatter-spacing", 12, 0.5, 1000, "px", 1};
constexpr Setting<double> scatterLeast{"scatter-least", 2, 0.1, 1000, "px", 1};
constexpr Setting<double> scatterMost{"scatter-most", 4, 0.1, 1000, "px", 1};
constexpr Setting<int> scatterTurn{"scatter-turn", 0, 0, 3};
constexpr Setting<int> scatterFall{"scatter-fall", 0, 0, 3};
constexpr Setting<double> scatterFade{"scatter-fade", 100, 1, 100, "%"};
constexpr Setting<int> wordsWay{"words-way", 0, 0, 2};      // art::Lettering::Way of the next words
constexpr Setting<bool> wordsInside{"words-inside", false}; // of the next ones on an arc
constexpr Setting<int> repeatWay{"repeat-way", 0, 0, 2};    // art::Repeat::Way of the next one
constexpr Setting<int> repeatCount{"repeat-count", 8, 2, 360};
constexpr Setting<int> repeatColumns{"repeat-columns", 3, 1, 100};
constexpr Setting<int> repeatRows{"repeat-rows", 3, 1, 100};
constexpr Setting<bool> repeatUpright{"repeat-upright", false};
constexpr Setting<bool> repeatAlternate{"repeat-alternate", false};
constexpr Setting<double> frameMargin{"frame-margin", 24, 0, 5000, "px", 1};
constexpr Setting<int> fitThen{"fit-then", 1, 0, 2}; // art::Fitting::Then
constexpr Setting<bool> sizeEvenly{"size-evenly", true};
constexpr Setting<bool> sizeEach{"size-each", false};
constexpr Setting<bool> svgText{"svg-text", false};                  // words in exported SVG are text
constexpr Setting<int> aids{"aids", 0, 0, 127};                      // art::Aids::shown
constexpr Setting<double> aidMargin{"aid-margin", 6, 0, 45, "%", 1}; // of the sheet's shorter side
constexpr Setting<int> aidPosition{"aid-position", 0, 0, 7};         // of the golden spiral
constexpr Setting<double> aidStrength{"aid-strength", 60, 5, 100, "%"};
constexpr Setting<bool> linesOnTop{"lines-on-top", false}; // in Colour and Shade: lines are seen above areas
constexpr Setting<int> flattenSteps{"flatten-steps", 12, 2, 64};
constexpr Setting<int> dropsFlow{"drops-flow", 0, 0, 2};      // when a line between drops goes: ask, flow on, stay
constexpr Setting<bool> paletteShelf{"palette-shelf", false}; // shown though there are inks already
constexpr Setting<bool> paletteLays{"palette-lays", true};    // a palette taken from it paints what is there
constexpr Setting<int> harmony{"harmony", 0, 0, 4};

} // namespace softrope::app::settings
