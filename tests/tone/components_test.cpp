// Connected regions against OpenCV's, and what must hold for any stack on any picture.
#include "tone/components.h"
#include "tone/stack.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

#include <map>
#include <random>

using namespace softrope;
using curve::Vec2;
using pixel::Picture;
using pixel::Rgba;

TEST_CASE("regions are those that OpenCV finds, label by label, by four neighbours")
{
    std::mt19937 random(8);
    for (const int labels : {2, 3, 7}) {
        tone::Labels l(83, 61);
        for (int y = 0; y < l.height; ++y)
            for (int x = 0; x < l.width; ++x)
                // Blobs and single px both.
                l.at(x, y) = static_cast<std::uint8_t>(random() % 5 == 0 ? static_cast<int>(random()) % labels : (x / 9 + y / 6) % labels);
        for (std::uint8_t& v : l.data) v = static_cast<std::uint8_t>(v % labels);
        const tone::Components ours = tone::componentsOf(l);
        std::size_t n = 0, px = 0;
        for (const std::size_t p : ours.pixels) px += p;
        CHECK(px == l.data.size());
        for (int label = 0; label < labels; ++label) {
            cv::Mat mask(l.height, l.width, CV_8U), theirs;
            for (int y = 0; y < l.height; ++y)
                for (int x = 0; x < l.width; ++x) mask.at<std::uint8_t>(y, x) = l.at(x, y) == label;
            n += static_cast<std::size_t>(cv::connectedComponents(mask, theirs, 4) - 1);
            // The same px belong together: ours to theirs is one to one.
            std::map<int, int> to;
            for (int y = 0; y < l.height; ++y)
                for (int x = 0; x < l.width; ++x) {
                    if (!mask.at<std::uint8_t>(y, x)) continue;
                    const auto [at, fresh] = to.emplace(theirs.at<int>(y, x), ours.id.at(x, y));
                    if (at->second != ours.id.at(x, y)) FAIL("two regions where there is one");
                    CHECK(ours.label[static_cast<std::size_t>(at->second)] == label);
                }
        }
        CHECK(ours.pixels.size() == n);
    }
}

TEST_CASE("regions are numbered as they are met, and odd shapes of rasters are no trouble")
{
    tone::Labels l(4, 2);
    l.data = {0, 1, 1, 0, 0, 0, 1, 0};
    const tone::Components c = tone::componentsOf(l);
    CHECK(c.id.data == std::vector<int>{0, 1, 1, 2, 0, 0, 1, 2});
    CHECK(c.pixels == std::vector<std::size_t>{3, 3, 2});
    CHECK(tone::componentsOf({}).pixels.empty());
    CHECK(tone::componentsOf(tone::Labels(1, 50, 3)).pixels == std::vector<std::size_t>{50});
    CHECK(tone::componentsOf(tone::Labels(50, 1, 3)).pixels == std::vector<std::size_t>{50});
    // A spiral is one region, and what it winds round another.
    tone::Labels spiral(9, 9, 0);
    int x = 0, y = 0, dx = 1, dy = 0;
    for (int k = 0; k < 41; ++k) {
        spiral.at(x, y) = 1;
        const auto blocked = [&](int u, int v) { return !spiral.inside(u, v) || spiral.at(u, v) == 1; };
        if (blocked(x + dx, y + dy) || (spiral.inside(x + 2 * dx, y + 2 * dy) && spiral.at(x + 2 * dx, y + 2 * dy) == 1)) std::tie(dx, dy) = std::pair{-dy, dx};
        if (blocked(x + dx, y + dy)) break;
        x += dx;
        y += dy;
    }
    const tone::Components wound = tone::componentsOf(spiral);
    CHECK(wound.pixels.size() == 2);
}

TEST_CASE("specks go to a neighbour that is not one itself")
{
    // Salt and pepper on halves.
    std::mt19937 random(4);
    tone::Labels l(120, 80);
    tone::LabPicture p(120, 80);
    const std::vector<pixel::Lab> colours{{20, 0, 0}, {50, 0, 0}, {90, 0, 0}};
    for (int y = 0; y < 80; ++y)
        for (int x = 0; x < 120; ++x) {
            l.at(x, y) = x < 60 ? 0 : 2;
            if (random() % 12 == 0) l.at(x, y) = 1;
            p.at(x, y) = colours[l.at(x, y)];
        }
    tone::sweepSpecks(l, p, colours, 12);
    const tone::Components c = tone::componentsOf(l);
    CHECK(c.pixels.size() == 2);
    for (const std::size_t n : c.pixels) CHECK(n > 4000);
    // Nothing is swept below the limit of one px.
    tone::Labels one(3, 3, 0);
    one.at(1, 1) = 1;
    tone::LabPicture grey(3, 3);
    tone::sweepSpecks(one, grey, {{0, 0, 0}, {9, 0, 0}}, 1);
    CHECK(one.at(1, 1) == 1);
}

TEST_CASE("for any stack the shapes cover the picture, borders are shared, no area is smaller than asked for")
{
    std::mt19937 random(21);
    std::uniform_real_distribution<double> u(0, 1);
    for (int round = 0; round < 12; ++round) {
        const int w = 60 + static_cast<int>(random() % 60), h = 50 + static_cast<int>(random() % 50);
        Picture p(w, h);
        const double fx = 0.05 + 0.2 * u(random), fy = 0.05 + 0.2 * u(random), noise = round % 3 ? 6 : 0;
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x) {
                const double v = 128 + 90 * std::sin(fx * x) * std::cos(fy * y) + noise * (u(random) - 0.5);
                const auto g = static_cast<std::uint8_t>(std::clamp(v, 0.0, 255.0));
                p.at(x, y) = {g, static_cast<std::uint8_t>(g / 2 + 60), 90, 255};
            }
        tone::Stack s;
        s.cuts = tone::cutsFor(tone::countsOf(tone::levelsOf(p).level), 2 + round % 5);
        s.smallest = 10 + 20 * u(random);
        s.slack = 0.5 + u(random);
        if (round % 2) s.patches = {{curve::circle({w * u(random), h * u(random)}, 20), 80 * (u(random) - 0.5), 6}};
        INFO("round " << round);
        const tone::Tones t = tone::separate(p, s);
        REQUIRE(t.colours.size() == s.cuts.size() + 1);
        curve::Box box;
        double painted = 0;
        for (const tone::ToneShape& shape : t.shapes) {
            box.add(curve::bounds(shape.outline));
            for (const curve::Path& q : shape.outline) {
                CHECK(q.closed);
                CHECK(curve::isFinite(q));
                painted += curve::area(q);
            }
        }
        // Painted one over the other they cover at least the picture, and reach its edge on all sides; a curve that ends there may bulge by
        // a tenth of a px.
        CHECK(painted > 0.999 * w * h);
        CHECK(box.min.x == Approx(0).margin(0.2));
        CHECK(box.min.y == Approx(0).margin(0.2));
        CHECK(box.max.x == Approx(w).margin(0.2));
        CHECK(box.max.y == Approx(h).margin(0.2));
        // The labels themselves: nothing below the smallest area.
        const tone::Components c = tone::componentsOf(tone::carefulTones(tone::levelsOf(p), s));
        for (const std::size_t n : c.pixels) CHECK(static_cast<double>(n) >= std::min(s.smallest, 0.02 * w * h));
    }
}

TEST_CASE("a stack moves with the corner of its picture")
{
    tone::Stack s;
    s.cuts = {100};
    s.bound = curve::rectangle({10, 10}, {30, 30});
    s.patches = {{curve::circle({20, 20}, 5), 9, 1}};
    s.pushes = {{{{1, 2}}, 3, 0}};
    s.sweeps = {{{{4, 5}}, 3}};
    const tone::Stack moved = tone::shifted(s, {100, -7});
    CHECK(curve::bounds(moved.bound).min == Vec2{110, 3});
    CHECK(curve::bounds(moved.patches[0].outline).centre().x == Approx(120));
    CHECK(moved.pushes[0].way[0] == Vec2{101, -5});
    CHECK(moved.sweeps[0].way[0] == Vec2{104, -2});
    const tone::Stack back = tone::shifted(moved, {-100, 7});
    CHECK(back.pushes == s.pushes);
    CHECK(distance(curve::bounds(back.patches[0].outline).centre(), {20, 20}) < 1e-9);
    CHECK(back.patches[0].strength == 9);
}
