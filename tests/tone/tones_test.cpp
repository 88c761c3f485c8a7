// Tone separation on pictures with known regions.
#include "curve/comb.h"
#include "tone/region_map.h"
#include "tone/tones.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

#include <map>
#include <random>

using namespace softrope;
using curve::Vec2;
using pixel::Picture;
using pixel::Rgba;

namespace {

// A disc on halves of two colours, antialiased by area, with noise.
Picture scene(int size, double noise, unsigned seed = 1)
{
    std::mt19937 random(seed);
    std::normal_distribution<double> grain(0, noise);
    const Rgba colours[3] = {{240, 220, 180, 255}, {40, 90, 120, 255}, {180, 40, 50, 255}};
    Picture p(size, size);
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x) {
            double sum[3] = {};
            for (int v = 0; v < 4; ++v)
                for (int u = 0; u < 4; ++u) {
                    const Vec2 at{x + (u + 0.5) / 4, y + (v + 0.5) / 4};
                    const Rgba c = distance(at, {size * 0.5, size * 0.5}) < size * 0.3 ? colours[2] : at.x < size * 0.5 ? colours[0] : colours[1];
                    sum[0] += c.r / 16.0;
                    sum[1] += c.g / 16.0;
                    sum[2] += c.b / 16.0;
                }
            const auto put = [&](double s) { return static_cast<std::uint8_t>(std::clamp(s + grain(random), 0.0, 255.0)); };
            p.at(x, y) = {put(sum[0]), put(sum[1]), put(sum[2]), 255};
        }
    return p;
}

} // namespace

TEST_CASE("three flat colours become three regions with subpixel borders and few nodes")
{
    for (const double noise : {0.0, 6.0}) {
        INFO("noise " << noise);
        tone::TonesOptions o;
        o.count = 3;
        const tone::Tones t = tone::separate(scene(200, noise), o);
        CHECK(t.flat);
        CHECK(t.regions == 3);
        REQUIRE(t.colours.size() == 3);
        CHECK(t.nodes <= 24);
        // The disc, painted last, is a disc: area by the handbook within half a percent.
        const double r = 60;
        bool found = false;
        for (const tone::ToneShape& s : t.shapes) {
            double area = 0;
            for (const curve::Path& p : s.outline) area += curve::area(p);
            if (std::abs(s.colour.r - 180) < 12 && std::abs(s.colour.g - 40) < 12) {
                found = true;
                CHECK(area == Approx(curve::pi * r * r).epsilon(0.005));
            }
        }
        CHECK(found);
        double sum = 0;
        for (const double share : t.shares) sum += share;
        CHECK(sum == Approx(1));
    }
}

TEST_CASE("the regions of a map cover the picture once: areas add up to it, junctions are shared")
{
    std::mt19937 random(5);
    tone::Labels labels(60, 40);
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 60; ++x) labels.at(x, y) = static_cast<std::uint8_t>((x / 7 + y / 5 + (random() % 9 == 0)) % 4);
    const std::vector<Rgba> colours{{0, 0, 0, 255}, {255, 0, 0, 255}, {0, 255, 0, 255}, {0, 0, 255, 255}};
    Picture p(60, 40);
    for (std::size_t k = 0; k < p.data.size(); ++k) p.data[k] = colours[labels.data[k]];
    const tone::RegionMap map = tone::mapRegions(labels, p, colours, {});
    const auto bordersOf = tone::bordersByRegion(map);
    std::vector<char> in(map.regions.size(), 0);
    double total = 0;
    for (std::size_t r = 0; r < map.regions.size(); ++r) {
        in[r] = 1;
        for (const curve::Path& one : tone::outlineOf(map, in, bordersOf, {static_cast<int>(r)})) total += curve::area(one);
        in[r] = 0;
    }
    CHECK(total == Approx(60 * 40).epsilon(1e-9));
    for (const tone::Border& b : map.borders) {
        if (b.from < 0) continue;
        CHECK(b.path.nodes.front().at == map.junctions[static_cast<std::size_t>(b.from)]);
        CHECK(b.path.nodes.back().at == map.junctions[static_cast<std::size_t>(b.to)]);
    }
    // As many regions as OpenCV finds components, label by label, by four neighbours.
    int components = 0;
    for (int label = 0; label < 4; ++label) {
        cv::Mat mask(40, 60, CV_8U);
        for (int y = 0; y < 40; ++y)
            for (int x = 0; x < 60; ++x) mask.at<std::uint8_t>(y, x) = labels.at(x, y) == label;
        cv::Mat out;
        components += cv::connectedComponents(mask, out, 4) - 1;
    }
    CHECK(static_cast<int>(map.regions.size()) == components);
}

TEST_CASE("the borders of flat regions bend evenly")
{
    // A leaning ellipse on a ground of another colour, grained: no inflection, and curvature goes on at the nodes.
    constexpr int w = 360, h = 260;
    Picture p(w, h);
    for (const unsigned seed : {1U, 2U, 3U, 4U, 5U, 6U}) {
        std::mt19937 random(seed);
        std::normal_distribution<double> grain(0, 8);
        const curve::Affine back = curve::scaling(1 / 150.0, 1 / 70.0) * curve::rotation(-0.35) * curve::translation({-0.5 * w, -0.5 * h});
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x) {
                int in = 0;
                for (int v = 0; v < 4; ++v)
                    for (int u = 0; u < 4; ++u) in += length(back * Vec2{x + (u + 0.5) / 4, y + (v + 0.5) / 4}) < 1;
                const auto put = [&](double a, double b) { return static_cast<std::uint8_t>(std::clamp(a + (b - a) * in / 16 + grain(random), 0.0, 255.0)); };
                p.at(x, y) = {put(240, 40), put(220, 90), put(180, 120), 255};
            }
        tone::TonesOptions o;
        o.count = 2;
        const tone::Tones t = tone::separate(p, o);
        REQUIRE(t.regions == 2);
        for (const tone::ToneShape& s : t.shapes)
            for (const curve::Path& path : s.outline) {
                CHECK(curve::inflectionsOf(path).empty());
                for (std::size_t k = 0; path.nodes.size() > 1 && k < path.pieceCount(); ++k) {
                    if (path.nodes[k].kind != curve::NodeKind::smooth) continue;
                    const double a = curve::curvature(path.piece((k + path.pieceCount() - 1) % path.pieceCount()), 1), b = curve::curvature(path.piece(k), 0);
                    CHECK(std::abs(a - b) < 0.15 * (std::abs(a) + std::abs(b)));
                }
            }
    }
}

TEST_CASE("a blurred edge makes no band of its own, and specks go to what surrounds them")
{
    // Black to white over 8 px passes through the grey that is a colour elsewhere.
    Picture p(120, 80, Rgba{255, 255, 255, 255});
    for (int y = 0; y < 80; ++y)
        for (int x = 0; x < 120; ++x) {
            const auto v = static_cast<std::uint8_t>(std::clamp((x - 36) * 32, 0, 255));
            p.at(x, y) = {v, v, v, 255};
            if (x > 80 && y > 40) p.at(x, y) = {128, 128, 128, 255};
        }
    p.at(20, 20) = {255, 255, 255, 255};
    tone::TonesOptions o;
    o.count = 3;
    const tone::Tones t = tone::separate(p, o);
    CHECK(t.regions == 3);
    CHECK(t.nodes <= 16);
}

TEST_CASE("empty, tiny and one-coloured pictures, and stopping")
{
    tone::TonesOptions o;
    CHECK(tone::separate({}, o).shapes.empty());
    CHECK(tone::separate(Picture(1, 1, Rgba{9, 9, 9, 255}), o).shapes.size() == 1);
    const tone::Tones one = tone::separate(Picture(50, 30, Rgba{200, 10, 10, 255}), o);
    REQUIRE(one.shapes.size() == 1);
    CHECK(curve::area(one.shapes.front().outline.front()) == Approx(1500));
    o.cancelled = [] { return true; };
    CHECK(tone::separate(scene(60, 0), o).shapes.empty());
}

TEST_CASE("clusters cost no more than OpenCV's k-means on the same pixels")
{
    const Picture p = scene(120, 25, 4);
    tone::LabPicture lab(p.width, p.height);
    cv::Mat points(p.width * p.height, 3, CV_32F);
    for (int k = 0; k < points.rows; ++k) {
        const pixel::Lab c = pixel::labOf(p.data[static_cast<std::size_t>(k)]);
        lab.data[static_cast<std::size_t>(k)] = c;
        points.at<float>(k, 0) = c.l;
        points.at<float>(k, 1) = c.a;
        points.at<float>(k, 2) = c.b;
    }
    const tone::Palette palette = tone::findPalette(lab, 6);
    double ours = 0;
    for (const pixel::Lab c : lab.data) {
        float least = 1e12F;
        for (const pixel::Lab q : palette.colours) least = std::min(least, pixel::squaredDistance(c, q));
        ours += least;
    }
    cv::setRNGSeed(3);
    cv::Mat which, centres;
    const double theirs =
        cv::kmeans(points, 6, which, cv::TermCriteria(cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 100, 1e-4), 5, cv::KMEANS_PP_CENTERS, centres);
    CHECK(ours < 1.1 * theirs);
}

TEST_CASE("as many colours as the picture needs")
{
    tone::TonesOptions o;
    o.count = 0;
    const tone::Tones flat = tone::separate(scene(200, 0), o);
    CHECK(flat.colours.size() == 3);
    CHECK(flat.regions == 3);
    CHECK(tone::separate(scene(200, 6), o).colours.size() == 3);
    // A shade from black to white needs several, one colour two at most.
    Picture shade(200, 40);
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 200; ++x)
            shade.at(x, y) = {static_cast<std::uint8_t>(x * 255 / 199), static_cast<std::uint8_t>(x * 255 / 199), static_cast<std::uint8_t>(x * 255 / 199),
                              255};
    const std::size_t n = tone::separate(shade, o).colours.size();
    CHECK(n >= 4);
    CHECK(n <= 8);
    CHECK(tone::separate(Picture(40, 30, Rgba{90, 10, 10, 255}), o).shapes.size() == 1);
}

namespace {

// A soft shading with a grainy texture on one half, and two small glints that stand out.
Picture photoLike(int width, int height, double scale, unsigned seed = 3)
{
    std::mt19937 random(seed);
    std::normal_distribution<double> grain(0, 5);
    Picture p(width, height);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const double u = x / scale, v = y / scale;
            const double shade = 70 + 90 * std::exp(-((u - 150) * (u - 150) + (v - 120) * (v - 120)) / 9000);
            const double weave = u > 200 ? 9 * std::sin(u * 1.3) * std::sin(v * 1.1) : 0;
            const bool glint = std::hypot(u - 60, v - 60) < 2.2 || std::hypot(u - 250, v - 180) < 2.2;
            const auto put = [&](double s) { return static_cast<std::uint8_t>(std::clamp(s + weave + grain(random), 0.0, 255.0)); };
            p.at(x, y) = glint ? Rgba{250, 248, 240, 255} : Rgba{put(shade), put(shade * 0.8), put(shade * 0.6), 255};
        }
    return p;
}

} // namespace

TEST_CASE("what stands out stays, texture goes, and crisp keeps more than calm")
{
    const Picture p = photoLike(300, 240, 1);
    tone::TonesOptions o;
    o.count = 6;
    std::map<double, std::size_t> nodes;
    for (const double crisp : {0.0, 0.5, 1.0}) {
        o.crisp = crisp;
        const tone::Tones t = tone::separate(p, o);
        REQUIRE_FALSE(t.flat);
        nodes[crisp] = t.nodes;
        // Both glints have a light shape of their own at all settings, whatever their size.
        int glints = 0;
        for (const Vec2 at : {Vec2{60.5, 60.5}, Vec2{250.5, 180.5}})
            for (const tone::ToneShape& s : t.shapes)
                if (s.colour.r > 190 && s.colour.g > 180)
                    for (const curve::Path& path : s.outline)
                        if (curve::bounds(path).contains(at) && curve::bounds(path).width() < 12) {
                            ++glints;
                            break;
                        }
        INFO("crisp " << crisp);
        CHECK(glints >= 2);
    }
    CHECK(nodes[0.0] <= nodes[0.5]);
    CHECK(nodes[0.5] < nodes[1.0]);
}

TEST_CASE("a picture with more px has about the nodes of what is seen in it")
{
    tone::TonesOptions o;
    o.count = 3;
    const tone::Tones one = tone::separate(photoLike(1500, 1200, 5), o);
    const tone::Tones four = tone::separate(photoLike(2250, 1800, 7.5), o);
    REQUIRE_FALSE(one.flat);
    REQUIRE_FALSE(four.flat);
    INFO(one.nodes << " and " << four.nodes);
    CHECK(static_cast<double>(four.nodes) < 1.3 * static_cast<double>(one.nodes));
    // It still covers the whole picture.
    curve::Box box;
    for (const tone::ToneShape& s : four.shapes)
        for (const curve::Path& path : s.outline) {
            box.add(curve::bounds(path).min);
            box.add(curve::bounds(path).max);
        }
    CHECK(box.width() == Approx(2250).margin(1));
    CHECK(box.height() == Approx(1800).margin(1));
}
