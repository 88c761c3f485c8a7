#include "app/window/job_steps.h"

#include "app/theme/words.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace softrope::app {

namespace {

using curve::Vec2;

Move say(const QString& text)
{
    return {Move::Kind::say, text};
}
Move run(const char* command)
{
    return {Move::Kind::run, command};
}
Move tool(const char* id)
{
    return {Move::Kind::tool, id};
}
Move click(Vec2 at)
{
    return {Move::Kind::click, {}, {at}};
}
Move drag(std::vector<Vec2> through)
{
    return {Move::Kind::drag, {}, std::move(through)};
}
Move wait(int ms)
{
    return {Move::Kind::wait, {}, {}, ms};
}

} // namespace

const std::vector<JobStep>& jobSteps()
{
    static const std::vector<JobStep> all{
        {StepId::place,
         tr("Place: put the sketch on the sheet"),
         tr("Bring the sketch or photo in: drop it on the sheet, choose a file, paste it, or scan a page. It is fitted, dimmed and locked in one act, so that "
            "no "
            "click ever moves it by accident. Clean the page squares it to its paper, evens the light and lifts the paper to white."),
         tr("Scans are crooked, grey and darker at one side; photos of a page lean backwards. Traced so, every straight leans and shadows become shapes."),
         tr("Clean first, then trace: each part of it can be changed on the card afterwards. Hold W to see only the picture. Drag the paper's corners where "
            "its "
            "edge was not seen."),
         tr("scan import photo straighten crop perspective"),
         "",
         "saltglass-moth.svg",
         {run("step-place"), run("scan-moth-half-150"), say(tr("A scanned page, crooked and grey.")), wait(1600), run("clean-page"),
          say(tr("Clean the page: straight, even, white.")), wait(2200), run("veil-less"), run("veil-less"),
          say(tr("Dimmed, so that what you draw stands out.")), wait(1800)}},
        {StepId::trace,
         tr("Trace: what is seen becomes lines"),
         tr("Let the program trace the whole picture: lines of pencil and ink, dark shapes, or tones. Or draw: the rope hugs an edge between your clicks, "
            "freehand "
            "calms the hand, straights are pulled into curves with Bow. Then look at the nodes: few and well placed is what makes a line easy to change."),
         tr("Too many nodes, because the slack was too small for a trembling hand; corners that were meant sharp come out round; a line ends just short of "
            "another and no area closes."),
         tr("Raise the slack on the card until the line calms down: the picture of how far off it is (E) tells what that costs. Redraw a part over the line "
            "instead of moving its nodes one by one. Every open end wears a ring; a click on it goes on from there."),
         tr("vectorize outline pencil ink pen bezier smooth simplify"),
         "",
         "saltglass-whole-moth.svg",
         {run("scan-moth-150"), run("clean-page"), run("step-trace"), say(tr("Trace lines: pencil strokes of several passes become one line.")),
          run("trace-lines"), wait(2200), run("take-trace"), say(tr("Taken: few nodes, smooth between corners.")), wait(1800), tool("freehand"),
          say(tr("Freehand: drawn with a shaky hand, calmed as it lands.")), drag({{640, 880}, {700, 850}, {770, 872}, {830, 846}, {900, 868}, {950, 850}}),
          wait(1800)}},
        {StepId::build,
         tr("Build: lines become closed shapes"),
         tr("Mirror a half drawing and weld it: the halves become one line at the axis. Put areas under everything that the lines enclose, or carve along an "
            "outline. Unite, cut and split shapes, live if you like, so that their parts can still be moved."),
         tr("Ends that nearly meet leave an area open; lines that cross leave stubs; halves drawn apart meet in a kink at the axis."),
         tr("The card says how wide a gap would close how many more areas: one click takes it. Trim takes stubs away up to the next crossing. The half-beads "
            "on "
            "the axis show which seams become smooth."),
         tr("mirror flip weld join unite merge boolean shape close"),
         "saltglass-moth.svg",
         "saltglass-teapot.svg",
         {run("step-build"), say(tr("Half a moth, mirrored while it is drawn.")), wait(1800), run("weld"),
          say(tr("Welded: the halves of this layer are one line.")), wait(1800), run("close-wider-gaps"), wait(900), run("areas-under-lines"),
          say(tr("Everything that the lines enclose is a shape now, under them.")), wait(2200)}},
        {StepId::tone,
         tr("Tone: a photo becomes a few flat tones"),
         tr("Choose how many tones, then drag the cuts between them on the histogram while you look at the sheet. A patch makes one spot lighter or darker; "
            "Sweep "
            "clears specks."),
         tr("Noise becomes a hundred specks; a face falls apart where the light is flat; too many tones, and nothing is said by any of them."),
         tr("Fewer tones say more: three, then four. Raise what is calmed before you touch single specks. Cover what is messy in the working colours and turn "
            "them at the end."),
         tr("posterize threshold separate levels screen print"),
         "saltglass-lantern.svg",
         "saltglass-lantern.svg",
         {run("step-tone"), say(tr("A photo in five tones, live.")), wait(1500), tool("cut-here"), say(tr("A click sets a cut at the tone under it.")),
          click({540, 600}), wait(2200)}},
        {StepId::colour,
         tr("Colour: inks in areas"),
         tr("Take a palette from the shelf or from a picture, then drop inks into the areas that lines enclose. An ink that is mixed anew changes everything "
            "painted with it. Pick all that is alike and change it at once."),
         tr("A drop runs out through a gap; colours that looked right apart fall together when seen from afar; one green is three greens."),
         tr("Squint (hold Q) shows whether light and dark still read. The leak is marked where it runs out. Paint with inks and their tints only: the list "
            "tells what is painted with none."),
         tr("fill paint swatch palette recolour"),
         "saltglass-moth-in-ink.svg",
         "saltglass-moth-in-ink.svg",
         {run("step-colour"), run("ink-2"), tool("drop"), say(tr("A click drops the ink in hand into an area.")), wait(900), click({300, 300}), wait(900),
          run("ink-5"), say(tr("Another ink, another area.")), click({430, 720}), wait(900), click({650, 720}), wait(1800)}},
        {StepId::shade,
         tr("Shade: one light for the whole drawing"),
         tr("Set where the light comes from. Drag an edge light or a core shade in an area: it lies inside it and never spills. Scatter gives grain and dots; "
            "one thing casts its shade on another."),
         tr("Every part is lit from another side; shades are so close to the colour beneath that nothing is seen of them in print."),
         tr("What ignores the light is found by F12 and turned by Shift+F12. Keep a look by name and give it to all that are alike: change it once and all "
            "follow. For print, flatten turns blends into plain areas."),
         tr("shadow highlight gradient light blend multiply"),
         "saltglass-lit-moth.svg",
         "saltglass-lit-moth.svg",
         {run("step-shade"), say(tr("One light, and everything follows it.")), wait(1400), tool("crescent"),
          say(tr("Dragged in from the border, a light or shade lies inside its area.")), drag({{700, 700}, {660, 690}, {630, 680}}), wait(1200),
          run("next-against"), say(tr("F12 shows what ignores the light.")), wait(1800)}},
        {StepId::proof,
         tr("Proof: see it as it will be, and deliver"),
         tr("Look at it at its real size, in one ink, reversed, and as people see it who see colours otherwise. Go through what the proof found; mend what can "
            "be "
            "mended. Then deliver: every file a client needs in one act."),
         tr("Lines too thin to print, gaps too narrow to cut, open ends, double shapes, a picture left underneath."),
         tr("Choose the process card of the print shop first: its limits are what is looked for. Mend all that is safe, then look at the rest one by one; what "
            "is "
            "meant so is said so, and not told again."),
         tr("check preflight print export pdf png eps"),
         "saltglass-faulty-moth.svg",
         "saltglass-badge.svg",
         {run("step-proof"), say(tr("The proof marks every fault it finds.")), wait(1500), run("next-finding"), wait(1300), run("next-finding"), wait(1300),
          run("mend-all"), say(tr("All that is safe was mended in one act.")), wait(2200)}},
    };
    return all;
}

QString demoFile(const QString& name)
{
    const QString here = QCoreApplication::applicationDirPath();
    for (const QString& folder : {here + "/share/", here + "/../share/soft-rope/", here + "/demo/"})
        if (QFileInfo(folder + name).isFile()) return folder + name;
    return {};
}

} // namespace softrope::app
