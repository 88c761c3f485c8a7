// The paper in a picture: pages rendered through a known camera.
#include "pixel/paper.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <random>

using namespace softrope;
using pixel::Corner;

namespace {

// A pinhole camera over a page that lies on a desk: the page's plane turned by three angles. Standard projective geometry.
struct Seen {
    double wide, high;           // of the page, any unit
    double turn, tilt, lean;     // radians
    double far = 2.4, focal = 1; // of the picture's longer side
    int width = 800, height = 600;

    Corner at(double u, double v) const // -0.5..0.5 over the page
    {
        const double x = u * wide, y = v * high;
        const double x1 = std::cos(turn) * x - std::sin(turn) * y, y1 = std::sin(turn) * x + std::cos(turn) * y;
        const double y2 = std::cos(tilt) * y1, z2 = std::sin(tilt) * y1;
        const double x3 = std::cos(lean) * x1 + std::sin(lean) * z2, z3 = -std::sin(lean) * x1 + std::cos(lean) * z2;
        const double unit = std::max(width, height), k = focal * unit / (far + z3);
        return {width / 2.0 + k * x3, height / 2.0 + k * y2};
    }
    pixel::Corners corners() const { return {at(-0.5, -0.5), at(0.5, -0.5), at(0.5, 0.5), at(-0.5, 0.5)}; }
};

bool inside(const pixel::Corners& c, double x, double y)
{
    for (std::size_t i = 0; i < 4; ++i) {
        const Corner a = c[i], b = c[(i + 1) % 4];
        if ((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x) < 0) return false;
    }
    return true;
}

// Light paper on a darker, grained desk, both under uneven light, with pencil strokes across the page.
pixel::Grey photographed(const Seen& s, unsigned seed, double desk = 110)
{
    pixel::Grey g(s.width, s.height);
    const pixel::Corners c = s.corners();
    std::mt19937 random(seed);
    std::normal_distribution<double> grain(0, 4);
    for (int y = 0; y < s.height; ++y)
        for (int x = 0; x < s.width; ++x) {
            double in = 0;
            for (const double dy : {0.25, 0.75})
                for (const double dx : {0.25, 0.75}) in += inside(c, x + dx, y + dy) ? 0.25 : 0;
            const bool stroke = in == 1 && ((x + 2 * y) % 140 < 3 || (3 * x - y) % 210 < 3);
            const double light = 1 - 0.25 * x / s.width - 0.1 * y / s.height;
            g.at(x, y) = static_cast<std::uint8_t>(
                std::clamp((in * (stroke ? 90 : 235) + (1 - in) * (desk + 12 * std::sin(y * 0.3))) * light + grain(random), 0.0, 255.0));
        }
    return g;
}

double furthest(const pixel::Corners& a, const pixel::Corners& b)
{
    double worst = 0;
    for (std::size_t i = 0; i < 4; ++i) worst = std::max(worst, std::hypot(a[i].x - b[i].x, a[i].y - b[i].y));
    return worst;
}

} // namespace

TEST_CASE("the paper's corners are found, crooked and seen askew")
{
    unsigned seed = 1;
    for (const Seen& s : {Seen{1.4, 1, 0.05, 0, 0}, Seen{1, 1.3, -0.12, 0.35, 0.1}, Seen{1.414, 1, 0.2, -0.3, 0.3}, Seen{1, 1, 0, 0.5, 0}}) {
        const auto found = pixel::paperCorners(photographed(s, seed++));
        REQUIRE(found);
        INFO("off " << furthest(*found, s.corners()));
        CHECK(furthest(*found, s.corners()) < 2.5);
    }
}

TEST_CASE("a squared page has the proportions of the paper")
{
    for (const double ratio : {1.0, 1.414, 0.707}) {
        const Seen s{ratio > 1 ? 1.3 : 1.3 * ratio, ratio > 1 ? 1.3 / ratio : 1.3, 0.1, 0.4, 0.25};
        const pixel::PageSize size = pixel::squareSize(s.corners(), s.width, s.height);
        CHECK(static_cast<double>(size.width) / size.height == Approx(ratio).epsilon(0.02));
    }
    // Seen squarely, the lengths of its sides.
    const pixel::PageSize flat = pixel::squareSize({{{10, 20}, {210, 20}, {210, 120}, {10, 120}}}, 400, 300);
    CHECK(flat.width == 200);
    CHECK(flat.height == 100);
}

TEST_CASE("squaring puts every place of the page where it belongs")
{
    const Seen s{1.4, 1, 0.15, 0.4, -0.2};
    pixel::Picture p(s.width, s.height, {90, 90, 90, 255});
    const auto mark = [&](double u, double v) {
        const Corner c = s.at(u, v);
        for (int y = -3; y <= 3; ++y)
            for (int x = -3; x <= 3; ++x) p.at(static_cast<int>(c.x) + x, static_cast<int>(c.y) + y) = {255, 0, 0, 255};
    };
    mark(-0.25, -0.25);
    mark(0.3, 0.2);
    const pixel::Picture page = pixel::squared(p, s.corners());
    for (const auto& [u, v] : {std::pair{-0.25, -0.25}, std::pair{0.3, 0.2}}) {
        const double x = (u + 0.5) * page.width, y = (v + 0.5) * page.height;
        CHECK(page.at(static_cast<int>(x), static_cast<int>(y)).r > 200);
        const Corner back = pixel::fromSquared(s.corners(), s.width, s.height, {x, y});
        CHECK(std::hypot(back.x - s.at(u, v).x, back.y - s.at(u, v).y) < 0.1);
    }
}

TEST_CASE("where there is no paper to be seen, none is found, and nonsense changes nothing")
{
    CHECK_FALSE(pixel::paperCorners(pixel::Grey(400, 300, 230)));
    CHECK_FALSE(pixel::paperCorners(pixel::Grey(4, 4, 230)));
    // Light, but round.
    pixel::Grey disc(400, 400, 60);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 400; ++x)
            if (std::hypot(x - 200, y - 200) < 150) disc.at(x, y) = 230;
    CHECK_FALSE(pixel::paperCorners(disc));
    const pixel::Picture p(50, 40, {1, 2, 3, 255});
    CHECK(pixel::squared(p, {{{0, 0}, {10, 0}, {0, 10}, {10, 10}}}) == p);
    CHECK(pixel::squared(p, {{{0, 0}, {NAN, 0}, {20, 20}, {0, 20}}}) == p);
    CHECK(pixel::squared({}, {{{0, 0}, {20, 0}, {20, 20}, {0, 20}}}).empty());
}
