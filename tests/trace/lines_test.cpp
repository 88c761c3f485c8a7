#include "trace/lines.h"

#include "curve/curve.h"
#include "curve/foot.h"
#include "line_drawing.h"
#include "trace/skeleton_graph.h"
#include "trace/thinning.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

#include <random>

using namespace softrope;
using curve::Vec2;

TEST_CASE("crossing lines run straight through each other, each with its width")
{
    const curve::Path a = curve::polyline({{60, 80}, {340, 320}}, false), b = curve::polyline({{50, 260}, {350, 150}}, false);
    const trace::Lines l = trace::lines(Drawing().line(a, 9).line(b, 5).grey(), {});
    REQUIRE(l.strokes.size() == 2);
    const trace::Stroke *sa = strokeFor(l, a, 1), *sb = strokeFor(l, b, 1);
    REQUIRE(sa);
    REQUIRE(sb);
    CHECK(sa->width == Approx(9).margin(0.4));
    CHECK(sb->width == Approx(5).margin(0.4));
    CHECK(sa->path.nodes.size() == 2);
    CHECK(sb->path.nodes.size() == 2);
}

TEST_CASE("a line that runs into another ends on its middle")
{
    const curve::Path bar = curve::polyline({{60, 300}, {340, 300}}, false), stem = curve::polyline({{200, 90}, {200, 300}}, false);
    const trace::Lines l = trace::lines(Drawing().line(bar, 10).line(stem, 8).grey(), {});
    REQUIRE(l.strokes.size() == 2);
    REQUIRE(strokeFor(l, bar, 1));
    const trace::Stroke* s = strokeFor(l, stem, 1.2);
    REQUIRE(s);
    const double end = std::min(distance(s->path.nodes.front().at, {200, 300}), distance(s->path.nodes.back().at, {200, 300}));
    CHECK(end < 0.8);
}

TEST_CASE("rings are closed, corners are corners, and ends reach as far as they were drawn")
{
    const curve::Path ring = curve::circle({120, 120}, 60), hook = curve::polyline({{220, 120}, {350, 120}, {350, 300}}, false);
    const trace::Lines l = trace::lines(Drawing().line(ring, 7).line(hook, 7).grey(), {});
    REQUIRE(l.strokes.size() == 2);
    const trace::Stroke *r = strokeFor(l, ring, 0.6), *h = strokeFor(l, hook, 1);
    REQUIRE(r);
    REQUIRE(h);
    CHECK(r->path.closed);
    CHECK_FALSE(h->path.closed);
    CHECK(h->path.nodes.size() == 3);
    CHECK(h->path.nodes[1].kind == curve::NodeKind::corner);
}

TEST_CASE("paler ink is traced beside black ink, unless ink alone is asked for, and a pencil below the ink is left out")
{
    const curve::Path black = curve::polyline({{40, 80}, {360, 110}}, false), grey = curve::polyline({{60, 340}, {140, 60}, {340, 330}}, false);
    Drawing drawn;
    drawn.line(grey, 6, {165, 165, 165}).line(black, 6);
    for (int k = 0; k < 4; ++k) drawn.line(curve::polyline({{40, 10.0 + 10 * k}, {360, 12.0 + 10 * k}}, false), 4);
    pixel::Grey page = drawn.grey();
    const trace::Lines both = trace::lines(page, {});
    CHECK(both.medium == trace::Medium::ink);
    CHECK(strokeFor(both, black, 1));
    const trace::Stroke* pale = strokeFor(both, grey, 1);
    REQUIRE(pale);
    CHECK(pale->width == Approx(6).margin(0.5));
    trace::LinesOptions inkAlone;
    inkAlone.medium = trace::Medium::ink;
    CHECK(trace::lines(page, inkAlone).strokes.size() == 5);

    // The same pale line as a pencil leaves it, broken by the grain of the paper.
    std::mt19937 random(3);
    std::uniform_real_distribution<double> pressed(0.4, 1);
    for (int y = 126; y < page.height; y += 3)
        for (int x = 0; x + 3 <= page.width; x += 3) {
            const double share = pressed(random);
            for (int k = 0; k < 9; ++k) {
                std::uint8_t& v = page.at(x + k % 3, std::min(page.height - 1, y + k / 3));
                v = static_cast<std::uint8_t>(std::lround(255 + share * (v - 255)));
            }
        }
    const trace::Lines inked = trace::lines(page, {});
    CHECK(inked.medium == trace::Medium::ink);
    CHECK(strokeFor(inked, black, 1));
    for (const trace::Stroke& s : inked.strokes) CHECK(curve::bounds(s.path).max.y < 130);
}

TEST_CASE("a line just thick enough to be an area here and there stays one line beside thin ones")
{
    Drawing d;
    for (int k = 0; k < 6; ++k) d.line(curve::polyline({{40, 220.0 + 30 * k}, {360, 225.0 + 30 * k}}, false), 1.6);
    curve::Path thick;
    thick.nodes = {{{40, 60}, {40, 60}, {120, 200}, curve::NodeKind::corner}, {{360, 140}, {280, -20}, {360, 140}, curve::NodeKind::corner}};
    for (const double width : {7.0, 7.3, 7.6, 7.9}) {
        const trace::Lines l = trace::lines(Drawing(d).line(thick, width).grey(), {});
        INFO(width);
        CHECK(l.areas.empty());
        CHECK(l.strokes.size() == 7);
        CHECK(strokeFor(l, thick, 1.5));
    }
}

TEST_CASE("dots are dots and solid parts are areas in a drawing of lines")
{
    Drawing d;
    d.line(curve::polyline({{40, 40}, {360, 60}}, false), 6);
    d.line(curve::polyline({{40, 340}, {360, 350}}, false), 6);
    d.area(curve::circle({80, 150}, 5));
    d.area(curve::ellipse({250, 200}, 70, 45));
    const trace::Lines l = trace::lines(d.grey(), {});
    CHECK(l.strokes.size() == 2);
    REQUIRE(l.dots.size() == 1);
    CHECK(distance(curve::bounds(l.dots[0]).centre(), {80, 150}) < 0.7);
    REQUIRE(l.areas.size() == 1);
    CHECK(std::abs(curve::area(l.areas[0][0])) == Approx(curve::pi * 70 * 45).epsilon(0.02));
}

TEST_CASE("pencil lines are as wide as they were drawn, whatever we and a lens have softened them by")
{
    // Darkest in the middle, broken by the grain of the paper, then seen through a lens.
    std::mt19937 random(11);
    std::uniform_real_distribution<float> tooth(0, 1);
    for (const double width : {4.0, 6.0}) {
        cv::Mat page(400, 400, CV_32F);
        std::vector<curve::Path> truth;
        for (int k = 0; k < 5; ++k) truth.push_back(curve::polyline({{40, 60.0 + 70 * k}, {360, 80.0 + 60 * k}}, false));
        for (int y = 0; y < page.rows; ++y)
            for (int x = 0; x < page.cols; ++x) {
                double off = 1e9;
                for (const curve::Path& t : truth) off = std::min(off, curve::distanceToSegment({x + 0.5, y + 0.5}, t.nodes[0].at, t.nodes[1].at));
                const double pressed = 1 - std::pow(2 * off / width, 2);
                page.at<float>(y, x) = pressed > tooth(random) * tooth(random) ? 90.0F : 235.0F;
            }
        cv::GaussianBlur(page, page, {0, 0}, 0.8);
        pixel::Grey g(page.cols, page.rows);
        for (int y = 0; y < page.rows; ++y)
            for (int x = 0; x < page.cols; ++x) g.at(x, y) = static_cast<std::uint8_t>(page.at<float>(y, x));
        trace::LinesOptions o;
        o.medium = trace::Medium::pencil;
        const trace::Lines l = trace::lines(g, o);
        for (const curve::Path& t : truth) {
            const trace::Stroke* s = strokeFor(l, t, 2);
            REQUIRE(s);
            CAPTURE(width, s->width);
            CHECK(std::abs(s->width - width) < 0.12 * width);
        }
    }
}

TEST_CASE("thin lines of ink are as wide as they were drawn, however a lens has blurred them, beside wide lines or alone")
{
    const double blur = GENERATE(0.5, 0.7, 0.9);
    const bool beside = GENERATE(false, true);
    std::mt19937 random(7);
    std::normal_distribution<double> grain(0, 3);
    std::vector<std::pair<curve::Path, double>> truth;
    for (int k = 0; k < 6; ++k) truth.push_back({curve::polyline({{40, 40.0 + 50 * k}, {360, 70.0 + 45 * k}}, false), k % 2 ? 1.6 : 2.2});
    if (beside)
        for (int k = 0; k < 2; ++k) truth.push_back({curve::polyline({{40, 345.0 + 25 * k}, {360, 335.0 + 25 * k}}, false), 7});
    Drawing drawn;
    for (const auto& [line, width] : truth) drawn.line(line, width);
    pixel::Grey page = drawn.grey();
    cv::Mat seen(page.height, page.width, CV_8U, page.data.data());
    cv::GaussianBlur(seen, seen, {0, 0}, blur);
    for (std::uint8_t& v : page.data) v = static_cast<std::uint8_t>(std::clamp(45 + v * 190 / 255.0 + grain(random), 0.0, 255.0));
    const trace::Lines l = trace::lines(page, {});
    CHECK(l.medium == trace::Medium::ink);
    CHECK(l.strokes.size() == truth.size());
    for (const auto& [line, width] : truth) {
        const trace::Stroke* s = strokeFor(l, line, 1.5); // (blur takes as much of their ends)
        REQUIRE(s);
        CAPTURE(blur, beside, width, s->width);
        CHECK(std::abs(s->width - width) < std::min(0.2 * width, 0.4));
    }
}

TEST_CASE("a stroke of ink that tapers off is traced to where the scan shows it, thin there")
{
    // From 7 px to half a px over 150, beside lines that do not taper.
    const curve::Path truth = curve::polyline({{120, 200}, {270, 230}}, false);
    const Vec2 across = perpendicular(unit(truth.nodes[1].at - truth.nodes[0].at));
    std::vector<Vec2> edge;
    for (const auto& [node, half] : {std::pair{0, 3.5}, {1, 0.25}, {1, -0.25}, {0, -3.5}})
        edge.push_back(truth.nodes[static_cast<std::size_t>(node)].at + across * half);
    Drawing drawn;
    drawn.area(curve::polyline(edge, true));
    for (int k = 0; k < 3; ++k) drawn.line(curve::polyline({{40, 40.0 + 40 * k}, {360, 50.0 + 38 * k}}, false), 6);
    pixel::Grey page = drawn.grey();
    cv::Mat seen(page.height, page.width, CV_8U, page.data.data());
    cv::GaussianBlur(seen, seen, {0, 0}, 0.8);
    std::mt19937 random(5);
    std::normal_distribution<double> grain(0, 3);
    for (std::uint8_t& v : page.data) v = static_cast<std::uint8_t>(std::clamp(25 + v * 210 / 255.0 + grain(random), 0.0, 255.0));
    const trace::Lines l = trace::lines(page, {});
    CHECK(l.strokes.size() == 4);
    const trace::Stroke* s = strokeFor(l, truth, 12);
    REQUIRE(s);
    REQUIRE(s->widths.size() > 4);
    const bool turned = s->path.nodes.front().at.x > s->path.nodes.back().at.x;
    const double thick = turned ? s->widths.back() : s->widths.front();
    const double thin = turned ? s->widths.front() : s->widths.back();
    CHECK(thick == Approx(6.5).margin(1));
    CHECK(thin < 1.8);
}

TEST_CASE("several passes of a pencil become one line through their middle, lines apart stay apart")
{
    // Two passes that weave round each other, broken by the grain of the paper; a second line 40 px away.
    Drawing d;
    curve::Path one, two;
    std::vector<Vec2> a, b, middle;
    for (int i = 0; i <= 280; i += 4) {
        const double x = 60 + i, y = 150 + 30 * std::sin(i * 0.012), off = 2.6 * std::sin(i * 0.03);
        a.push_back({x, y + off});
        b.push_back({x, y - off});
        middle.push_back({x, y});
    }
    const art::Colour grey{120, 120, 120};
    d.line(curve::polyline(a, false), 2.5, grey).line(curve::polyline(b, false), 2.5, grey);
    const curve::Path other = curve::polyline({{60, 300}, {340, 290}}, false);
    d.line(other, 2.5, grey);
    pixel::Grey g = d.grey();
    std::mt19937 random(7);
    std::normal_distribution<double> grain(0, 6);
    std::uniform_real_distribution<double> pressed(0.5, 1.2);
    for (auto& v : g.data) v = static_cast<std::uint8_t>(std::clamp(240 - (255 - v) * pressed(random) + grain(random), 0.0, 255.0));
    const trace::Lines l = trace::lines(g, {});
    CHECK(l.medium == trace::Medium::pencil);
    CHECK(l.strokes.size() == 2);
    CHECK(strokeFor(l, curve::polyline(middle, false), 3));
    CHECK(strokeFor(l, other, 3));
    // Without gathering, the passes may stay apart.
    trace::LinesOptions apart;
    apart.gather = 0;
    CHECK(trace::lines(g, apart).strokes.size() >= 2);
}

TEST_CASE("uneven light and a dark margin round the page make no lines")
{
    const curve::Path line = curve::polyline({{100, 120}, {300, 280}}, false);
    pixel::Grey g = Drawing().line(line, 6).grey();
    for (int y = 0; y < g.height; ++y)
        for (int x = 0; x < g.width; ++x) {
            const double light = 0.55 + 0.45 * x / g.width;
            g.at(x, y) = static_cast<std::uint8_t>(g.at(x, y) * light);
            if (x < 14 || y > g.height - 16) g.at(x, y) = 25;
        }
    const trace::Lines l = trace::lines(g, {});
    CHECK(strokeFor(l, line, 1));
    CHECK(l.strokes.size() == 1);
}

TEST_CASE("empty, even and tiny pictures have no lines, and a stopped trace gives nothing")
{
    CHECK(trace::lines({}, {}).strokes.empty());
    CHECK(trace::lines(pixel::Grey(50, 50, 200), {}).strokes.empty());
    CHECK(trace::lines(pixel::Grey(1, 1, 0), {}).strokes.empty());
    trace::LinesOptions stop;
    stop.cancelled = [] { return true; };
    CHECK(trace::lines(Drawing().line(curve::polyline({{20, 20}, {300, 300}}, false), 6).grey(), stop).strokes.empty());
}

TEST_CASE("thinning keeps the pieces and the holes of random regions")
{
    // Counted by OpenCV's connected components before and after: 8-connected figures, 4-connected ground.
    std::mt19937 random(11);
    for (int round = 0; round < 20; ++round) {
        cv::Mat noise(120, 120, CV_32F), soft;
        std::uniform_real_distribution<float> any(0, 1);
        for (int i = 0; i < noise.rows * noise.cols; ++i) noise.ptr<float>()[i] = any(random);
        cv::GaussianBlur(noise, soft, {0, 0}, 2.5);
        pixel::Raster<std::uint8_t> region(120, 120);
        for (int i = 0; i < 120 * 120; ++i) region.data[static_cast<std::size_t>(i)] = soft.ptr<float>()[i] > 0.51F ? 255 : 0;
        const trace::Skeleton s = trace::thinned(region);
        const auto counts = [](std::vector<std::uint8_t> data) {
            for (auto& v : data) v = v ? 255 : 0;
            const cv::Mat m(120, 120, CV_8U, data.data());
            cv::Mat framed, labels;
            cv::copyMakeBorder(m, framed, 1, 1, 1, 1, cv::BORDER_CONSTANT, 0);
            const int figures = cv::connectedComponents(framed, labels, 8);
            const cv::Mat ground = 255 - framed;
            return std::pair{figures, cv::connectedComponents(ground, labels, 4)};
        };
        CHECK(counts(s.on.data) == counts(region.data));
        for (std::size_t i = 0; i < region.data.size(); ++i) CHECK_FALSE((s.on.data[i] && !region.data[i]));
    }
}

TEST_CASE("short spurs go, lines as long as they are wide stay, and the graph stays whole")
{
    pixel::Raster<std::uint8_t> region(120, 60);
    const auto box = [&](int x0, int y0, int x1, int y1) {
        for (int y = y0; y < y1; ++y)
            for (int x = x0; x < x1; ++x) region.at(x, y) = 255;
    };
    box(10, 30, 110, 37); // a bar
    box(50, 28, 53, 31);  // a bump on it
    box(80, 8, 85, 32);   // a line that runs into it
    trace::SkeletonGraph g = trace::graphOf(trace::thinned(region));
    trace::prune(g, 1.7, 0.55);
    std::size_t branches = 0;
    for (const trace::Branch& b : g.branches) branches += b.gone ? 0 : 1;
    CHECK(branches == 3);
    std::size_t meetings = 0;
    for (const trace::Meeting& m : g.meetings) meetings += m.branches.size() == 3 ? 1 : 0;
    CHECK(meetings == 1);
}
