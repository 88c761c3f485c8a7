#include "art/aids.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace softrope::art {

using curve::Vec2;

namespace {

constexpr double phi = std::numbers::phi;

void straight(AidLines& to, Vec2 a, Vec2 b)
{
    to.lines.push_back(curve::polyline({a, b}, false));
}

curve::Path spiral(const GoldenSpiral& s)
{
    // Sixteen pieces a turn, by Hermite's ends: a logarithmic spiral meets its radius at one angle everywhere.
    constexpr int steps = 80;
    const double step = s.turn / 4, fall = std::pow(phi, -0.25);
    const double growth = std::log(fall) / step; // dr/dt = growth r
    curve::Path out;
    Vec2 arm = s.from - s.pole;
    const auto turned = [](Vec2 v, double by) { return linear(curve::rotation(by), v); };
    for (int k = 0; k <= steps; ++k) {
        // The derivative by the angle, and a third of the step along it.
        const Vec2 way = (growth * arm + perpendicular(arm)) * (step / 3);
        const Vec2 at = s.pole + arm;
        out.nodes.push_back({at, k == 0 ? at : at - way, k == steps ? at : at + way, curve::NodeKind::smooth});
        arm = fall * turned(arm, step);
    }
    return out;
}

} // namespace

GoldenSpiral goldenSpiral(const Sheet& sheet, int position)
{
    // In the largest golden rectangle in its middle: four lie as the sheet does, four stand across.
    const bool right = position & 1, low = position & 2, lies = (sheet.width >= sheet.height) != ((position & 4) != 0);
    const double across = lies ? std::min(sheet.width, sheet.height * phi) : std::min(sheet.height, sheet.width * phi), down = across / phi;
    // In a lying one, from its lower left corner, the pole is phi^2 / (1 + phi^2) of the way across and down.
    const double far = phi * phi / (1 + phi * phi);
    Vec2 pole{far * across, far * down}, from{0, down};
    double turn = curve::pi / 2; // up on the left, on to the right
    if (right) {
        pole.x = across - pole.x;
        from.x = across - from.x;
        turn = -turn;
    }
    if (low) {
        pole.y = down - pole.y;
        from.y = down - from.y;
        turn = -turn;
    }
    const auto placed = [&](Vec2 p) {
        const Vec2 q = p - Vec2{across / 2, down / 2};
        return Vec2{sheet.width / 2, sheet.height / 2} + (lies ? q : Vec2{q.y, q.x});
    };
    return {placed(pole), placed(from), lies ? turn : -turn};
}

AidLines aidLines(const Sheet& sheet, const Aids& aids)
{
    AidLines out;
    const double w = sheet.width, h = sheet.height, shorter = std::min(w, h);
    const Vec2 middle{w / 2, h / 2};
    if (aids.shows(Aid::thirds)) {
        for (const double k : {1.0 / 3, 2.0 / 3}) {
            straight(out, {k * w, 0}, {k * w, h});
            straight(out, {0, k * h}, {w, k * h});
            for (const double m : {1.0 / 3, 2.0 / 3}) out.points.push_back({k * w, m * h});
        }
    }
    if (aids.shows(Aid::centre)) {
        straight(out, {w / 2, 0}, {w / 2, h});
        straight(out, {0, h / 2}, {w, h / 2});
    }
    if (aids.shows(Aid::diagonals)) {
        straight(out, {0, 0}, {w, h});
        straight(out, {w, 0}, {0, h});
    }
    if (aids.shows(Aid::margins)) {
        const double m = std::clamp(aids.margin, 0.0, 0.45) * shorter;
        out.lines.push_back(curve::rectangle({m, m}, {w - m, h - m}));
        for (const Vec2 corner : {Vec2{m, m}, Vec2{w - m, m}, Vec2{w - m, h - m}, Vec2{m, h - m}}) out.points.push_back(corner);
    }
    if (aids.shows(Aid::spiral)) {
        const GoldenSpiral s = goldenSpiral(sheet, aids.position);
        out.lines.push_back(spiral(s));
        out.points.push_back(s.pole);
    }
    if (aids.shows(Aid::round)) out.lines.push_back(curve::circle(middle, shorter / 2));
    if (aids.shows(Aid::square)) out.lines.push_back(curve::rectangle(middle - Vec2{shorter, shorter} / 2, middle + Vec2{shorter, shorter} / 2));
    if (aids.shown & ~(1U << static_cast<unsigned>(Aid::spiral))) out.points.push_back(middle);
    return out;
}

} // namespace softrope::art
