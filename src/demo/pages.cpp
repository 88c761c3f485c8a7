#include "demo/pages.h"

#include "art/edits.h"
#include "demo/random.h"
#include "words/said.h"

#include <array>

namespace softrope::demo {

using curve::Cubic;
using curve::Node;
using curve::NodeKind;
using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

// A path from its first point and triples of control points.
Path through(Vec2 start, const std::vector<std::array<Vec2, 3>>& pieces)
{
    Path p;
    p.nodes.push_back(curve::cornerAt(start));
    for (const auto& c : pieces) {
        p.nodes.back().out = c[0];
        Node n = curve::cornerAt(c[2]);
        n.in = c[1];
        p.nodes.push_back(n);
    }
    for (std::size_t i = 1; i + 1 < p.nodes.size(); ++i) {
        const Vec2 a = p.nodes[i].at - p.nodes[i].in, b = p.nodes[i].out - p.nodes[i].at;
        if (squaredLength(a) > 0 && squaredLength(b) > 0 && std::abs(curve::turn(a, b)) < 0.05) p.nodes[i].kind = NodeKind::smooth;
    }
    return p;
}

Paths withMirror(const Paths& half)
{
    Paths all = half;
    const curve::Affine flip{-1, 0, 0, 1, 1080, 0};
    for (const Path& p : half) all.push_back(curve::transformed(p, flip));
    return all;
}

Paths lantern()
{
    Paths p;
    p.push_back(curve::ellipse({540, 560}, 250, 300));
    for (const double w : {90.0, 175.0}) {
        p.push_back(through({540 - w * 0.35, 268}, {{{{540 - w, 380}, {540 - w, 740}, {540 - w * 0.35, 852}}}}));
        p.push_back(through({540 + w * 0.35, 268}, {{{{540 + w, 380}, {540 + w, 740}, {540 + w * 0.35, 852}}}}));
    }
    p.push_back(curve::polyline({{440, 240}, {640, 240}, {640, 285}, {440, 285}}, true));
    p.push_back(curve::polyline({{455, 842}, {625, 842}, {610, 890}, {470, 890}}, true));
    p.push_back(through({500, 240}, {{{{490, 150}, {590, 150}, {580, 240}}}}));
    p.push_back(curve::polyline({{540, 890}, {540, 980}}, false));
    return p;
}

Paths teapot()
{
    Paths p;
    p.push_back(curve::circle({540, 600}, 230));
    p.push_back(curve::circle({540, 352}, 34));
    p.push_back(through({390, 430}, {{{{450, 385}, {630, 385}, {690, 430}}}}));
    p.push_back(through({752, 520}, {{{{850, 500}, {860, 400}, {930, 380}}}, {{{950, 376}, {960, 390}, {950, 405}}}, {{{900, 470}, {900, 620}, {760, 660}}}}));
    p.push_back(through({330, 510}, {{{{220, 440}, {140, 520}, {170, 620}}}, {{{190, 690}, {260, 720}, {335, 690}}}}));
    p.push_back(curve::polyline({{420, 800}, {400, 850}, {680, 850}, {660, 800}}, false));
    return p;
}

} // namespace

Paths mothHalf()
{
    Paths p;
    // Upper wing, lower wing, body, head, antenna, two veins, the eye spots.
    p.push_back(through({526, 420}, {{{{470, 330}, {350, 200}, {190, 182}}},
                                     {{{140, 178}, {136, 220}, {148, 280}}},
                                     {{{168, 380}, {228, 470}, {320, 512}}},
                                     {{{400, 546}, {480, 516}, {522, 492}}}}));
    p.push_back(through({520, 520}, {{{{440, 536}, {330, 540}, {292, 612}}}, {{{252, 690}, {298, 800}, {372, 826}}}, {{{440, 848}, {500, 720}, {528, 636}}}}));
    p.push_back(through({540, 366}, {{{{516, 370}, {512, 400}, {516, 432}}}, {{{500, 476}, {506, 566}, {518, 660}}}, {{{524, 712}, {533, 742}, {540, 762}}}}));
    p.push_back(through({540, 302}, {{{{516, 302}, {508, 320}, {512, 342}}}, {{{516, 360}, {528, 366}, {540, 366}}}}));
    p.push_back(through({530, 304}, {{{{504, 240}, {456, 190}, {404, 162}}}}));
    p.push_back(through({506, 440}, {{{{430, 384}, {330, 356}, {206, 350}}}}));
    p.push_back(through({510, 470}, {{{{440, 452}, {350, 448}, {262, 454}}}}));
    p.push_back(curve::circle({300, 290}, 44));
    p.push_back(curve::circle({300, 290}, 20));
    p.push_back(curve::circle({386, 676}, 40));
    return p;
}

Paths moth()
{
    return withMirror(mothHalf());
}

std::vector<Page> pages()
{
    Paths half = mothHalf();
    half.push_back(curve::polyline({{540, 120}, {540, 900}}, false));
    return {{"moth", words::said("Moth emblem"), moth(), 11},
            {"moth-half", words::said("Moth, half drawn"), half, 12},
            {"lantern", words::said("Paper lantern"), lantern(), 13},
            {"teapot", words::said("Round teapot"), teapot(), 14}};
}

Page page(const std::string& id)
{
    for (const Page& p : pages())
        if (p.id == id) return p;
    return {};
}

art::Document pencilled(const Page& page)
{
    art::Document d = art::newDocument();
    Random random(page.seed);
    for (const Path& line : page.lines) {
        const int passes = random.unit() < 0.45 ? 3 : 2;
        const double length = curve::arcLength(line);
        for (int pass = 0; pass < passes; ++pass) {
            // The hand's wander: two slow waves, other ones in each pass, and a little overshoot at the ends.
            const double w1 = random.between(60, 140), w2 = random.between(20, 45), a1 = random.between(0.5, 1.4), a2 = random.between(0.2, 0.5);
            const double f1 = random.between(0, 6.3), f2 = random.between(0, 6.3), side = random.between(-0.8, 0.8);
            std::vector<Vec2> points;
            double walked = 0;
            const double skip = line.closed ? 0 : random.between(0, 6), stop = length - (line.closed ? 0 : random.between(0, 6));
            for (std::size_t i = 0; i < line.pieceCount(); ++i) {
                const Cubic c = line.piece(i);
                const int n = std::max(4, static_cast<int>(curve::arcLength(c) / 3));
                const double step = curve::arcLength(c) / n;
                for (int k = 0; k < n; ++k) {
                    const double t = static_cast<double>(k) / n;
                    const Vec2 across = curve::perpendicular(curve::tangentAt(c, t));
                    const double off = side + a1 * std::sin(walked / w1 * 6.283 + f1) + a2 * std::sin(walked / w2 * 6.283 + f2);
                    if (walked >= skip && walked <= stop) points.push_back(curve::at(c, t) + across * off);
                    walked += step;
                }
            }
            // A pencil presses unevenly: the pass is drawn in runs of changing strength.
            for (std::size_t i = 0; i + 1 < points.size(); i += 9) {
                art::Item item;
                art::Artwork a;
                const std::size_t end = std::min(points.size(), i + 10);
                curve::Path part = curve::polyline({points.begin() + static_cast<long>(i), points.begin() + static_cast<long>(end)}, false);
                if (line.closed && end == points.size()) part.nodes.push_back(curve::cornerAt(points.front()));
                a.setPaths({std::move(part)});
                a.stroke.colour = art::Colour{52, 50, 48};
                a.stroke.width = random.between(1.5, 2.5);
                item.opacity = random.between(0.5, 0.85);
                item.is = a;
                d = art::withItem(d, 0, item).document;
            }
        }
    }
    return d;
}

} // namespace softrope::demo
