#include "app/commands/other_words.h"

#include "app/theme/words.h"

#include <map>

namespace softrope::app {

QString otherWords(const QString& command)
{
    static const std::map<QString, QString> all{
        {"mirror", tr("flip reflect symmetry")},
        {"copy-across", tr("flip reflect symmetry")},
        {"weld", tr("merge halves stitch sew")},
        {"union", tr("unite merge add combine fuse boolean")},
        {"difference", tr("subtract minus cut out punch boolean")},
        {"intersection", tr("common overlap boolean")},
        {"exclude", tr("xor knock out boolean")},
        {"split", tr("divide break pieces fragment boolean")},
        {"offset", tr("inset outset expand contract grow shrink contour")},
        {"trace-shapes", tr("vectorize silhouette threshold outline")},
        {"trace-lines", tr("vectorize centerline skeleton ink pencil")},
        {"trace-tones", tr("posterize vectorize colours quantize")},
        {"fairer", tr("smooth relax clean up curve")},
        {"extremes", tr("add nodes bounds")},
        {"line-to-shape", tr("expand line to outline thick")},
        {"clean-page", tr("deskew perspective whiten levels contrast crop")},
        {"straighten-auto", tr("deskew rotate level")},
        {"find-axis", tr("symmetry centre line")},
        {"areas-under-lines", tr("fill regions flatting base colours")},
        {"close-wider-gaps", tr("gap tolerance leak")},
        {"join-near", tr("connect ends close path")},
        {"close-line", tr("close path")},
        {"reverse", tr("flip direction")},
        {"flatten", tr("expand transparency simplify")},
        {"edge-light", tr("highlight rim light shine")},
        {"core-shade", tr("shadow")},
        {"fade", tr("gradient mask transparency")},
        {"scatter-picked", tr("grain texture halftone dots noise stipple")},
        {"palette-shelf", tr("swatches colour scheme")},
        {"palette-picture", tr("eyedropper extract swatches")},
        {"swap-paint", tr("invert fill stroke")},
        {"alike-fill", tr("select same colour")},
        {"alike-line", tr("select same stroke")},
        {"alike-weight", tr("select same width thickness")},
        {"put-inside", tr("clip mask clipping inside")},
        {"take-out", tr("release mask unclip")},
        {"group", tr("combine together")},
        {"letters-united", tr("outline text convert type to shapes")},
        {"letters-apart", tr("outline text convert type to shapes")},
        {"deliver", tr("export all package files")},
        {"export", tr("save as png pdf svg")},
        {"mend-all", tr("fix repair preflight")},
        {"stages", tr("versions snapshots")},
        {"keep-stage", tr("version snapshot")},
        {"history", tr("undo list steps states")},
        {"parts", tr("symbols library components")},
        {"centre-guides", tr("centre lines rulers")},
        {"snapping", tr("magnet snap align")},
        {"whole-sheet", tr("fit page zoom all")},
        {"about-piece", tr("document properties metadata author licence title")},
    };
    const auto found = all.find(command);
    return found == all.end() ? QString() : found->second;
}

} // namespace softrope::app
