#include "cli/commands.h"

#include "art/edits.h"
#include "art/traced.h"
#include "art/tree.h"
#include "cli/areas.h"
#include "cli/deliver.h"
#include "cli/letter.h"
#include "cli/proof.h"
#include "cli/rope.h"
#include "cli/streams.h"
#include "curve/tolerances.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/strokes.h"
#include "files/svg.h"
#include "render/render.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <filesystem>
#include <iostream>
#include <iterator>

namespace softrope::cli {

namespace {

// As the reference shows it, one at a time.
std::shared_ptr<const pixel::Picture> decode(const art::Reference& r)
{
    const auto picture = pictureOf(r);
    return picture ? std::make_shared<pixel::Picture>(render::lit(*picture, r.flattenLight, r.liftPaper)) : nullptr;
}

struct FitArgs {
    std::string in, out;
    double slack = curve::defaultSlack, steadying = art::Hand{}.steadying;
};

// Recorded strokes as the Freehand tool takes them at a scale of 1 : 1.
int fitStrokes(const FitArgs& a)
{
    const files::TextResult text = readAll(a.in);
    if (!text.ok()) return fail(badInput, text.problem);
    const files::StrokesResult read = files::readStrokes(text.text, a.in);
    if (!read.ok()) return fail(badInput, read.problem);
    art::Document d = art::newDocument();
    std::vector<art::Item> items;
    curve::Box all;
    for (const auto& stroke : read.strokes) {
        art::Hand drawn;
        drawn.samples = stroke;
        drawn.slack = a.slack;
        drawn.steadying = a.steadying;
        art::FittedStroke f = art::fitStroke(drawn, art::closesItself(stroke, art::closingReach));
        if (f.path.nodes.size() < 2) continue;
        for (const art::HandSample& s : stroke) all.add(s.at);
        art::Item i;
        i.name = "Line";
        art::Artwork w;
        w.setPaths({std::move(f.path)});
        i.is = std::move(w);
        items.push_back(std::move(i));
    }
    constexpr double margin = 20; // px round the strokes
    d.sheet.width = std::max(d.sheet.width, all.empty() ? 0 : all.max.x + margin);
    d.sheet.height = std::max(d.sheet.height, all.empty() ? 0 : all.max.y + margin);
    const art::Id layer = d.layers.front()->id;
    return write(a.out, files::writeCleanSvg(art::withItems(d, layer, std::move(items)).document));
}

struct OutlineArgs {
    std::string in, out, threshold = "auto";
    double slack = 0.5, speck = 8, hole = 8;
    bool lightOnDark = false, extremes = false;
};

int outline(const OutlineArgs& a)
{
    trace::OutlineOptions o;
    o.slack = a.slack;
    o.smallestSpeck = a.speck;
    o.smallestHole = a.hole;
    o.lightOnDark = a.lightOnDark;
    o.extremes = a.extremes;
    if (a.threshold != "auto") {
        char* end = nullptr;
        const double cut = std::strtod(a.threshold.c_str(), &end);
        if (end == a.threshold.c_str() || *end != 0 || !(cut >= 0 && cut <= 255))
            return fail(badUse, "--threshold takes auto or a number from 0 to 255, not '" + a.threshold + "'.");
        o.cut = cut;
    }
    files::PictureResult p = readPicture(a.in);
    if (!p.ok()) return fail(badInput, p.problem);
    const pixel::Grey grey = pixel::greyOf(p.picture);
    p.picture = {};
    const trace::Outline found = trace::outline(grey, o);
    return writeOnPicture(a.out, grey.width, grey.height, "Shapes", art::itemsOf(found, {}, art::Colour{0, 0, 0}));
}

struct LinesArgs {
    std::string in, out, medium = "auto";
    double slack = 1, gather = 1, shortest = 6;
    bool swell = false;
};

int lines(const LinesArgs& a)
{
    trace::LinesOptions o;
    o.slack = a.slack;
    o.gather = a.gather;
    o.shortest = a.shortest;
    o.medium = a.medium == "ink" ? trace::Medium::ink : (a.medium == "pencil" ? trace::Medium::pencil : trace::Medium::find);
    files::PictureResult p = readPicture(a.in);
    if (!p.ok()) return fail(badInput, p.problem);
    const pixel::Grey grey = pixel::greyOf(p.picture);
    p.picture = {};
    return writeOnPicture(a.out, grey.width, grey.height, "Lines", art::itemsOf(trace::lines(grey, o), {}, art::Colour{0, 0, 0}, a.swell));
}

struct TonesArgs {
    std::string in, out;
    int count = 8;
    double slack = 1, smallest = -1, crisp = -1;
    bool lightness = false;
};

int tones(const TonesArgs& a)
{
    tone::TonesOptions o;
    o.count = a.count;
    o.slack = a.slack;
    o.smallest = a.smallest;
    o.crisp = a.crisp;
    o.lightness = a.lightness;
    files::PictureResult p = readPicture(a.in);
    if (!p.ok()) return fail(badInput, p.problem);
    const tone::Tones found = tone::separate(p.picture, o);
    if (a.out != "-") std::cerr << found.colours.size() << " colours, " << found.regions << " areas, " << found.nodes << " nodes\n";
    return writeOnPicture(a.out, p.picture.width, p.picture.height, "Tones", art::itemsOf(found, {}));
}

int reduce(const std::string& in, const std::string& out, double slack)
{
    const files::TextResult text = readAll(in);
    if (!text.ok()) return fail(badInput, text.problem);
    const files::ReducedSvg r = files::reduceSvg(text.text, slack);
    if (!r.ok()) return fail(badInput, r.problem);
    if (out != "-") std::cerr << r.nodesBefore << " -> " << r.nodesAfter << " nodes, largest move " << r.furthest << " px\n";
    return write(out, r.text);
}

struct ExportArgs {
    std::string in, out, format;
    int width = 0;
    bool references = false, text = false;
};

int exportTo(const ExportArgs& a)
{
    std::string format = a.format.empty() ? std::filesystem::path(a.out).extension().string() : '.' + a.format;
    for (char& c : format) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    if (format != ".svg" && format != ".pdf" && format != ".png")
        return fail(badUse, "the output must end in .svg, .pdf or .png, or --format must name one of them.");
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    for (const std::string& what : r.leftOut) std::cerr << "different: " << what << '\n';
    if (format == ".svg") return write(a.out, files::writeCleanSvg(r.document, 3, a.text ? files::WordsAs::text : files::WordsAs::outlines));
    render::Options o;
    o.references = a.references;
    o.pictures = decode;
    const auto bytes = format == ".pdf"
                           ? render::renderPdf(r.document, o)
                           : files::writePng(render::renderSheet(r.document, a.width > 0 ? a.width : render::usualWidth(r.document.sheet), o));
    if (bytes.empty()) return fail(badOutput, "the picture could not be made: there is not enough memory.");
    return write(a.out, std::string_view(reinterpret_cast<const char*>(bytes.data()), bytes.size()));
}

int info(const std::string& in)
{
    const files::SvgResult r = readDrawing(in);
    if (!r.ok()) return fail(badInput, r.problem);
    nlohmann::ordered_json j;
    j["title"] = r.document.title;
    j["sheet"] = {{"width", r.document.sheet.width}, {"height", r.document.sheet.height}};
    std::size_t paths = 0, nodes = 0, open = 0, closed = 0, references = 0, islands = 0;
    j["layers"] = nlohmann::ordered_json::array();
    for (const art::LayerPtr& l : r.document.layers) {
        std::size_t layerPaths = 0, layerNodes = 0;
        art::Document only = r.document;
        only.layers = {l};
        art::eachItem(only, {}, [&](const art::Item& i, const art::Where&) {
            if (i.reference()) ++references;
            if (i.island()) ++islands;
            if (!i.artwork()) return;
            for (const curve::Path& p : i.artwork()->paths) {
                ++layerPaths;
                layerNodes += p.nodes.size();
                ++(p.closed ? closed : open);
            }
        });
        j["layers"].push_back(
            {{"name", l->name}, {"shown", l->shown}, {"locked", l->locked}, {"items", l->items.size()}, {"paths", layerPaths}, {"nodes", layerNodes}});
        paths += layerPaths;
        nodes += layerNodes;
    }
    j["paths"] = paths;
    j["nodes"] = nodes;
    j["open"] = open;
    j["closed"] = closed;
    j["references"] = references;
    j["islands"] = islands;
    j["left_out"] = r.leftOut;
    std::cout << j.dump(2, ' ', false, nlohmann::json::error_handler_t::replace) << '\n';
    return done;
}

} // namespace

int run(int argc, char** argv)
{
    CLI::App app{"Soft Rope without a screen: pictures to outlines, fewer nodes, export."};
    app.footer("Examples:\n"
               "  soft-rope-cli outline moth.png -o moth.svg --slack 0.8\n"
               "  soft-rope-cli lines page.jpg -o page.svg --medium pencil\n"
               "  soft-rope-cli tones photo.jpg -o tones.svg --count 5\n"
               "  soft-rope-cli reduce traced.svg -o tidy.svg --slack 0.5\n"
               "  soft-rope-cli fit strokes.json -o lines.svg --slack 1.5\n"
               "  soft-rope-cli rope photo.jpg --holds holds.json -o edge.svg\n"
               "  soft-rope-cli combine teapot.svg -o one.svg --op union\n"
               "  soft-rope-cli areas lines.svg -o areas.svg --gap 2\n"
               "  soft-rope-cli mirror half-moth.svg -o moth.svg --axis x=540 --weld 4\n"
               "  soft-rope-cli flatten shaded.svg -o flat.svg --steps 12\n"
               "  soft-rope-cli letter \"NIGHT MARKET\" --face \"Roboto Slab\" --size 60 --arc 300,300,220,-90 --align centre -o words.svg\n"
               "  soft-rope-cli export moth.svg -o moth.png --width 2048\n"
               "  soft-rope-cli proof moth.svg --process enamel-badge --mend -o mended.svg\n"
               "  soft-rope-cli deliver moth.svg --plan plan.json -o for-the-client\n"
               "  soft-rope-cli info moth.svg | grep nodes\n"
               "  cat moth.png | soft-rope-cli outline - -o - > moth.svg\n"
               "Exit codes: 0 done, 1 unusable input, 2 wrong command line, 3 output not written, 4 faults were found.");
    app.require_subcommand(1);
    int code = done;

    OutlineArgs o;
    CLI::App* outlineCommand = app.add_subcommand("outline", "Dark shapes on light ground become closed paths");
    outlineCommand->add_option("picture", o.in, "PNG, JPEG, WebP, TIFF, BMP or GIF; - reads standard input")->required();
    outlineCommand->add_option("-o,--out", o.out, "SVG to write; - writes standard output")->required();
    outlineCommand->add_option("--slack", o.slack, "how far a curve may stray, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    outlineCommand->add_option("--threshold", o.threshold, "auto, or 0-255: darker is inside")->capture_default_str();
    outlineCommand->add_option("--smallest-speck", o.speck, "smaller dark islands are left out, px2")->capture_default_str()->check(CLI::Range(0.0, 1e9));
    outlineCommand->add_option("--smallest-hole", o.hole, "smaller light holes are filled, px2")->capture_default_str()->check(CLI::Range(0.0, 1e9));
    outlineCommand->add_flag("--light-on-dark", o.lightOnDark, "trace the light parts");
    outlineCommand->add_flag("--extremes", o.extremes, "nodes where a shape is furthest left, right, up and down");
    outlineCommand->callback([&] { code = outline(o); });

    LinesArgs l;
    CLI::App* linesCommand = app.add_subcommand("lines", "Ink and pencil lines become strokes along their middle");
    linesCommand->add_option("picture", l.in, "PNG, JPEG, WebP, TIFF, BMP or GIF; - reads standard input")->required();
    linesCommand->add_option("-o,--out", l.out, "SVG to write; - writes standard output")->required();
    linesCommand->add_option("--slack", l.slack, "how far a curve may stray, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    linesCommand->add_option("--medium", l.medium, "auto, ink or pencil")->capture_default_str()->check(CLI::IsMember({"auto", "ink", "pencil"}));
    linesCommand->add_option("--gather", l.gather, "how far apart passes of one pencil line may lie, 0-3")->capture_default_str()->check(CLI::Range(0.0, 3.0));
    linesCommand->add_option("--shortest", l.shortest, "shorter marks are left out, px")->capture_default_str()->check(CLI::Range(0.0, 1e6));
    linesCommand->add_flag("--swell", l.swell, "lines whose width varies become shapes that follow it");
    linesCommand->callback([&] { code = lines(l); });

    TonesArgs t;
    CLI::App* tonesCommand = app.add_subcommand("tones", "A photo or flat picture becomes few flat colour regions that abut");
    tonesCommand->add_option("picture", t.in, "PNG, JPEG, WebP, TIFF, BMP or GIF; - reads standard input")->required();
    tonesCommand->add_option("-o,--out", t.out, "SVG to write; - writes standard output")->required();
    tonesCommand->add_option("--count", t.count, "colours, 2-16; 0 = as many as it needs")->capture_default_str()->check(CLI::Range(0, 16));
    tonesCommand->add_option("--slack", t.slack, "how far a border may stray, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    tonesCommand->add_option("--crisp", t.crisp, "0 calm, few large areas, to 1 crisp; left out, by the picture's grain")->check(CLI::Range(0.0, 1.0));
    tonesCommand->add_option("--smallest", t.smallest, "smaller areas go to a neighbour, px2; left out, the picture decides")->check(CLI::Range(0.0, 1e9));
    tonesCommand->add_flag("--lightness", t.lightness, "by lightness alone");
    tonesCommand->callback([&] { code = tones(t); });

    RopeArgs ro;
    CLI::App* ropeCommand = app.add_subcommand("rope", "A rope laid through holds, as clicks of the Rope tool lay it");
    ropeCommand->add_option("picture", ro.in, "PNG, JPEG, WebP, TIFF, BMP or GIF; - reads standard input")->required();
    ropeCommand->add_option("--holds", ro.holds, "JSON: {\"holds\": [[x, y], ...], \"closed\": true}, px of the picture")->required();
    ropeCommand->add_option("-o,--out", ro.out, "SVG to write; - writes standard output")->required();
    ropeCommand->add_option("--follow", ro.follow, "edge, or line: the middle of dark lines")->capture_default_str()->check(CLI::IsMember({"edge", "line"}));
    ropeCommand->add_option("--slack", ro.slack, "how far a curve may stray, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    ropeCommand->callback([&] { code = rope(ro); });

    std::string in, out;
    double slack = 0.5;
    CLI::App* reduceCommand = app.add_subcommand("reduce", "The same paths with fewer nodes");
    reduceCommand->add_option("drawing", in, "SVG; - reads standard input")->required();
    reduceCommand->add_option("-o,--out", out, "SVG to write; - writes standard output")->required();
    reduceCommand->add_option("--slack", slack, "how far a curve may stray, units of the drawing")->capture_default_str()->check(CLI::Range(1e-6, 1e6));
    reduceCommand->callback([&] { code = reduce(in, out, slack); });

    FitArgs fi;
    CLI::App* fitCommand = app.add_subcommand("fit", "Recorded strokes become smooth lines, as the Freehand tool draws them");
    fitCommand->add_option("strokes", fi.in, "JSON of recorded strokes; - reads standard input")->required();
    fitCommand->add_option("-o,--out", fi.out, "SVG to write; - writes standard output")->required();
    fitCommand->add_option("--slack", fi.slack, "how far a curve may stray from what was drawn, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    fitCommand->add_option("--steadying", fi.steadying, "how far the hand's tremor is calmed, 0-1")->capture_default_str()->check(CLI::Range(0.0, 1.0));
    fitCommand->callback([&] { code = fitStrokes(fi); });

    ExportArgs e;
    CLI::App* exportCommand = app.add_subcommand("export", "A drawing as clean SVG, PDF or PNG");
    exportCommand->add_option("drawing", e.in, "SVG; - reads standard input")->required();
    exportCommand->add_option("-o,--out", e.out, "file to write: .svg, .pdf or .png")->required();
    exportCommand->add_option("--format", e.format, "svg, pdf or png, where the name does not say");
    exportCommand->add_option("--width", e.width, "width of the PNG, px")->check(CLI::Range(1, 30000));
    exportCommand->add_flag("--references", e.references, "with the reference pictures");
    exportCommand->add_flag("--text", e.text, "words in SVG as text instead of outlines");
    exportCommand->callback([&] { code = exportTo(e); });

    CombineArgs c;
    CLI::App* combineCommand = app.add_subcommand("combine", "All shapes of a drawing become one");
    combineCommand->add_option("drawing", c.in, "SVG; - reads standard input")->required();
    combineCommand->add_option("-o,--out", c.out, "SVG to write; - writes standard output")->required();
    combineCommand->add_option("--op", c.operation, "difference: the first without the others; exclude: where an odd number lie")
        ->required()
        ->check(CLI::IsMember({"union", "difference", "intersection", "exclude"}));
    combineCommand->callback([&] { code = combine(c); });

    AreasArgs ar;
    CLI::App* areasCommand = app.add_subcommand("areas", "Every area that the lines of a drawing enclose becomes a shape");
    areasCommand->add_option("drawing", ar.in, "SVG; - reads standard input")->required();
    areasCommand->add_option("-o,--out", ar.out, "SVG to write; - writes standard output")->required();
    areasCommand->add_option("--gap", ar.gap, "ends that come this near count as meeting, px")->capture_default_str()->check(CLI::Range(0.0, 1000.0));
    areasCommand->callback([&] { code = areas(ar); });

    MirrorArgs mi;
    CLI::App* mirrorCommand = app.add_subcommand("mirror", "A half-drawn drawing becomes whole: mirrored and welded at the axis");
    mirrorCommand->add_option("drawing", mi.in, "SVG; - reads standard input")->required();
    mirrorCommand->add_option("-o,--out", mi.out, "SVG to write; - writes standard output")->required();
    mirrorCommand->add_option("--axis", mi.axis, "auto (found from the picture or the lines), x=PX, or two points X1,Y1,X2,Y2")->capture_default_str();
    mirrorCommand->add_option("--weld", mi.weld, "ends this near the axis are put on it, px")->capture_default_str()->check(CLI::Range(0.0, 1000.0));
    mirrorCommand->callback([&] { code = mirror(mi); });

    FlattenArgs fl;
    CLI::App* flattenCommand = app.add_subcommand("flatten", "Blends, opacity, gradients and blur become opaque areas that abut");
    flattenCommand->add_option("drawing", fl.in, "SVG; - reads standard input")->required();
    flattenCommand->add_option("-o,--out", fl.out, "SVG to write; - writes standard output")->required();
    flattenCommand->add_option("--steps", fl.steps, "flat steps of each gradient and blur")->capture_default_str()->check(CLI::Range(2, 64));
    flattenCommand->add_flag("--inks", fl.inks, "every area takes the nearest ink of the drawing");
    flattenCommand->add_option("--slack", fl.slack, "how far the steps of a blur may stray, px")->capture_default_str()->check(CLI::Range(0.01, 100.0));
    flattenCommand->add_option("--overlap", fl.overlap, "how far an area reaches under the next, px")->capture_default_str()->check(CLI::Range(0.0, 100.0));
    flattenCommand->callback([&] { code = flatten(fl); });

    LetterArgs le;
    CLI::App* letterCommand = app.add_subcommand("letter", "Words become the outlines of their letters, straight or on an arc");
    letterCommand->add_option("words", le.words, "what is set; \\n begins a new line")->required();
    letterCommand->add_option("--face", le.face, "the typeface's family; left out, the first that ships");
    letterCommand->add_option("-o,--out", le.out, "SVG to write; - writes standard output")->required();
    letterCommand->add_option("--size", le.size, "px of the em")->capture_default_str()->check(CLI::Range(0.5, 20000.0));
    letterCommand->add_option("--weight", le.weight, "100 thin, 400 regular, 700 bold, 900 black; the nearest that the family has")
        ->capture_default_str()
        ->check(CLI::Range(1.0, 1000.0));
    letterCommand->add_option("--tracking", le.tracking, "space between letters, 1/1000 em")->capture_default_str()->check(CLI::Range(-500.0, 5000.0));
    letterCommand->add_option("--leading", le.leading, "from line to line, times the size")->capture_default_str()->check(CLI::Range(0.1, 10.0));
    letterCommand->add_option("--align", le.align, "start, centre or end")->capture_default_str()->check(CLI::IsMember({"start", "centre", "end"}));
    letterCommand->add_option("--arc", le.arc, "CX,CY,R,START: round a centre; START in degrees, 0 at the right, clockwise, -90 on top");
    letterCommand->add_flag("--inside", le.inside, "on the inside of the arc, running the other way");
    letterCommand->add_flag("--italic", le.italic, "the slanted face");
    letterCommand->add_flag("--small-caps", le.smallCaps, "small capitals, where the face has them");
    letterCommand->add_flag("--working", le.working, "a working file that keeps the words, not outlines alone");
    letterCommand->callback([&] { code = letter(le); });
    CLI::App* facesCommand = app.add_subcommand("faces", "The typefaces that words can be set in, one family a line");
    facesCommand->callback([&] { code = faces(); });

    ProofArgs pr;
    CLI::App* proofCommand = app.add_subcommand("proof", "Faults of a drawing as JSON, found and mended; exit code 4 when there are any");
    proofCommand->add_option("drawing", pr.in, "SVG; - reads standard input")->required();
    proofCommand->add_option("--process", pr.process, "a process card: its name, or a JSON file");
    proofCommand->add_option("--gap", pr.gap, "narrowest gap between areas of one colour, px")->check(CLI::Range(0.0, 1000.0));
    proofCommand->add_option("--line", pr.line, "thinnest line or part, px")->check(CLI::Range(0.0, 1000.0));
    proofCommand->add_option("--width", pr.width, "real width of the sheet, mm")->check(CLI::Range(0.1, 100000.0));
    proofCommand->add_flag("--mend", pr.mend, "mends what can be mended; with -o")->needs(proofCommand->add_option("-o,--out", pr.out, "SVG to write; - writes standard output"));
    proofCommand->callback([&] { code = proof(pr); });
    CLI::App* processesCommand = app.add_subcommand("processes", "The process cards there are, one a line");
    processesCommand->callback([&] { code = processes(); });

    DeliverArgs de;
    CLI::App* deliverCommand = app.add_subcommand("deliver", "Every file a client needs, and a sheet that shows them, into one new folder");
    deliverCommand->add_option("drawing", de.in, "SVG; - reads standard input")->required();
    deliverCommand->add_option("--plan", de.plan, "JSON: variants, formats, sizes; left out, the plan the drawing keeps, or the usual one");
    deliverCommand->add_option("-o,--out", de.out, "folder; what lies in it stays")->required();
    deliverCommand->add_option("--width", de.width, "real width of the sheet, mm")->check(CLI::Range(0.1, 100000.0));
    deliverCommand->add_option("--date", de.date, "as it is written on the sheet; left out, today");
    deliverCommand->add_flag("--replace", de.replace, "files of the same names are written over");
    deliverCommand->callback([&] { code = deliver(de); });

    std::string about;
    CLI::App* infoCommand = app.add_subcommand("info", "Layers, paths and nodes of a drawing, as JSON");
    infoCommand->add_option("drawing", about, "SVG; - reads standard input")->required();
    infoCommand->callback([&] { code = info(about); });

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        const int shown = app.exit(error);
        return shown == 0 ? done : badUse;
    } catch (const std::bad_alloc&) {
        return fail(badInput, "there is not enough memory for this input.");
    } catch (const std::exception& error) {
        return fail(badInput, std::string("stopped: ") + error.what());
    }
    return code;
}

} // namespace softrope::cli
