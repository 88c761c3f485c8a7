#include "demo/photo.h"

#include "demo/random.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <functional>

namespace softrope::demo {

namespace {

struct Vec3 {
    double x = 0, y = 0, z = 0;
};
Vec3 operator+(Vec3 a, Vec3 b)
{
    return {a.x + b.x, a.y + b.y, a.z + b.z};
}
Vec3 operator-(Vec3 a, Vec3 b)
{
    return {a.x - b.x, a.y - b.y, a.z - b.z};
}
Vec3 operator*(double k, Vec3 a)
{
    return {k * a.x, k * a.y, k * a.z};
}
Vec3 operator*(Vec3 a, Vec3 b)
{
    return {a.x * b.x, a.y * b.y, a.z * b.z};
}
double dot(Vec3 a, Vec3 b)
{
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
double length(Vec3 a)
{
    return std::sqrt(dot(a, a));
}
Vec3 unit(Vec3 a)
{
    return (1 / std::max(1e-12, length(a))) * a;
}

// Of two lengths; the library's own guards against overflow, which costs ten times as much.
double hypot(double a, double b)
{
    return std::sqrt(a * a + b * b);
}

// -- distance fields -----------------------------------------------------------------------------------------------------------------

double ellipsoid(Vec3 p, Vec3 r)
{
    const double k0 = length({p.x / r.x, p.y / r.y, p.z / r.z}), k1 = length({p.x / (r.x * r.x), p.y / (r.y * r.y), p.z / (r.z * r.z)});
    return k1 < 1e-9 ? -std::min({r.x, r.y, r.z}) : k0 * (k0 - 1) / k1;
}
double cylinder(Vec3 p, double radius, double half, double round)
{
    const double a = hypot(p.x, p.z) - radius + round, b = std::abs(p.y) - half + round;
    return std::min(std::max(a, b), 0.0) + hypot(std::max(a, 0.0), std::max(b, 0.0)) - round;
}
double torus(Vec3 p, double radius, double thick) // in the x-y plane
{
    return hypot(hypot(p.x, p.y) - radius, p.z) - thick;
}
double softMin(double a, double b, double k)
{
    const double h = std::max(k - std::abs(a - b), 0.0) / k;
    return std::min(a, b) - h * h * k / 4;
}

// What the light falls on.
struct Surface {
    double distance = 1e9;
    Vec3 colour{0.5, 0.5, 0.5};
    double gloss = 0; // 0..1
    Vec3 glow{};      // light of its own
};
Surface nearer(const Surface& a, const Surface& b)
{
    return a.distance < b.distance ? a : b;
}

struct Lamp {
    Vec3 at;
    Vec3 light;
};
struct Scene {
    // Rays are marched by the distance alone; colours are asked for where one ends.
    std::function<Surface(Vec3, bool coloured)> surface;
    std::vector<Lamp> lamps;
    Vec3 ambient{0.02, 0.025, 0.04};
    std::function<Vec3(Vec3 from, Vec3 way)> sky; // where nothing is hit: far, out of focus
    Vec3 eye{0, 0.1, -4.4};
    double zoom = 1.75;
};

// The moth of the market painted on a round side: 1 inside the drawing.
double mothMark(double u, double v)
{
    u = std::abs(u);
    const auto blob = [&](double x, double y, double rx, double ry, double turn) {
        const double c = std::cos(turn), s = std::sin(turn), a = c * (u - x) + s * (v - y), b = -s * (u - x) + c * (v - y);
        return hypot(a / rx, b / ry) < 1;
    };
    const bool eye = hypot(u - 0.21, v + 0.06) < 0.05 || hypot(u - 0.16, v - 0.17) < 0.035;
    const bool wing = blob(0.22, -0.07, 0.24, 0.13, -0.45) || blob(0.16, 0.16, 0.15, 0.1, 0.5);
    const bool body = blob(0, 0.03, 0.035, 0.2, 0);
    const bool feeler = std::abs(hypot(u - 0.24, v + 0.16) - 0.23) < 0.014 && v < -0.2 && u < 0.2;
    return (wing && !eye) || body || feeler ? 1 : 0;
}

// Out-of-focus lamps of the stalls behind, and the counter's edge.
Vec3 stalls(Vec3 way, std::uint64_t seed)
{
    Random r(seed * 77 + 5);
    Vec3 light = (0.5 + 0.5 * way.y) * Vec3{0.01, 0.014, 0.03} + Vec3{0.010, 0.008, 0.010};
    for (int k = 0; k < 9; ++k) {
        const double x = r.between(-0.42, 0.42), y = r.between(-0.35, 0.45), size = r.between(0.03, 0.075), strength = r.between(0.10, 0.4);
        const double d = hypot(way.x / way.z - x, way.y / way.z - y) / size;
        light = light + (strength / (1 + std::exp(14 * (d - 1)))) * Vec3{0.9, 0.45, 0.14};
    }
    return light;
}

Scene lantern(std::uint64_t seed)
{
    Scene s;
    s.surface = [](Vec3 p, bool coloured) {
        Surface all;
        // Paper over ribs, lit from within: brighter where it is seen square on, darker at the ribs.
        const double ribs = 0.012 * std::cos(28 * p.y);
        Surface paper;
        paper.distance = ellipsoid(p, {0.84, 1.0, 0.84}) + ribs;
        if (coloured) {
            const double shine = std::exp(-1.7 * (p.x * p.x + 0.9 * (p.y + 0.08) * (p.y + 0.08)));
            const double angle = std::atan2(p.x, -p.z);
            const bool moth = p.z < 0 && mothMark(angle * 0.9, -p.y - 0.02) > 0;
            paper.colour = moth ? Vec3{0.30, 0.06, 0.05} : Vec3{0.9, 0.62, 0.32};
            const double rib = 0.78 + 0.22 * std::cos(28 * p.y);
            paper.glow = (moth ? 0.10 : 1.0) * rib * (0.16 + 1.1 * shine) * Vec3{1.0, 0.50, 0.13};
        }
        all = nearer(all, paper);
        for (const double side : {1.0, -1.0}) {
            Surface cap;
            cap.distance = cylinder(p - Vec3{0, side * 1.02, 0}, 0.40 - 0.07 * side * (p.y - side), 0.14, 0.03);
            cap.colour = {0.06, 0.035, 0.03};
            cap.gloss = 0.5;
            all = nearer(all, cap);
        }
        Surface cord;
        cord.distance = std::min(cylinder(p - Vec3{0, 1.9, 0}, 0.02, 0.8, 0.01), cylinder(p - Vec3{0, -1.28, 0}, 0.02, 0.14, 0.01));
        cord.colour = {0.03, 0.02, 0.02};
        all = nearer(all, cord);
        Surface tassel;
        tassel.distance =
            (cylinder(p - Vec3{0, -1.7, 0}, 0.09 + 0.10 * std::clamp(-1.4 - p.y, 0.0, 0.6), 0.3, 0.03) + 0.01 * std::sin(40 * std::atan2(p.x, p.z))) * 0.7;
        tassel.colour = {0.45, 0.06, 0.05};
        return nearer(all, tassel);
    };
    s.lamps = {{{-2.2, 2.4, -3}, {1.5, 1.3, 1.2}}, {{0, -1.2, -1.6}, {0.5, 0.3, 0.12}}};
    s.sky = [seed](Vec3, Vec3 way) {
        const double halo = std::exp(-5 * (way.x * way.x + way.y * way.y) / (way.z * way.z));
        Vec3 c = stalls(way, seed) + (0.10 * halo) * Vec3{1, 0.5, 0.18};
        const double counter = -0.42 - way.y / way.z;
        return counter > 0 ? (0.35 + 0.65 * std::exp(-18 * counter)) * Vec3{0.03, 0.02, 0.018} : c;
    };
    s.eye = {0, -0.25, -6.1};
    return s;
}

// Things on a table under one lamp.
Scene onTable(const std::function<Surface(Vec3, bool coloured)>& thing, Vec3 table, Vec3 wall, std::uint64_t seed)
{
    Random r(seed * 31 + 9);
    Scene s;
    s.surface = [thing, table, wall](Vec3 p, bool coloured) {
        Surface all = thing(p, coloured);
        Surface ground;
        ground.distance = p.y + 1;
        if (coloured) ground.colour = (0.9 + 0.1 * std::sin(7 * p.z + 1.5 * std::sin(3 * p.x))) * table;
        ground.gloss = 0.15;
        all = nearer(all, ground);
        Surface back;
        back.distance = 3.2 - p.z;
        back.colour = wall;
        return nearer(all, back);
    };
    s.lamps = {{{-2.6 + r.between(-0.3, 0.3), 3.4, -2.4}, {11, 9.6, 8}}, {{3.2, 1.4, -3.0}, {1.1, 1.5, 2.2}}};
    s.ambient = {0.05, 0.055, 0.07};
    s.sky = [wall](Vec3, Vec3) { return 0.3 * wall; };
    s.eye = {0, 0.45, -5.4};
    return s;
}

Scene sceneOf(const std::string& name, std::uint64_t seed)
{
    if (name == "lantern") return lantern(seed);
    if (name == "jar")
        return onTable(
            [](Vec3 p, bool) {
                Surface s;
                s.distance = softMin(cylinder(p - Vec3{0, -0.3, 0}, 0.62, 0.7, 0.2), cylinder(p - Vec3{0, 0.62, 0}, 0.34, 0.22, 0.06), 0.2);
                s.colour = std::abs(p.y + 0.25) < 0.1 ? Vec3{0.75, 0.7, 0.6} : p.y > 0.3 ? Vec3{0.12, 0.2, 0.32} : Vec3{0.42, 0.36, 0.28};
                s.gloss = 0.9;
                Surface lid;
                lid.distance = softMin(cylinder(p - Vec3{0, 0.9, 0}, 0.4, 0.07, 0.05), ellipsoid(p - Vec3{0, 1.05, 0}, {0.12, 0.12, 0.12}), 0.08);
                lid.colour = {0.12, 0.2, 0.32};
                lid.gloss = 0.9;
                return nearer(s, lid);
            },
            {0.35, 0.2, 0.12}, {0.45, 0.5, 0.52}, seed);
    if (name == "teapot")
        return onTable(
            [](Vec3 p, bool) {
                Surface s;
                double d = ellipsoid(p - Vec3{0, -0.25, 0}, {0.85, 0.72, 0.85});
                const Vec3 q = p - Vec3{-0.92, -0.1, 0};
                d = softMin(d, torus(q, 0.42, 0.09), 0.1);
                const double t = std::clamp((p.x - 0.6) / 0.8, 0.0, 1.0);
                const Vec3 spout{0.6 + 0.8 * t, -0.35 + 0.75 * t * t, 0};
                d = softMin(d, length(p - spout) - (0.2 - 0.1 * t), 0.12);
                s.distance = 0.8 * d;
                s.colour = std::abs(p.y + 0.1) < 0.06 ? Vec3{0.9, 0.82, 0.6} : Vec3{0.1, 0.36, 0.33};
                s.gloss = 0.8;
                Surface lid;
                lid.distance = std::min(ellipsoid(p - Vec3{0, 0.38, 0}, {0.42, 0.13, 0.42}), ellipsoid(p - Vec3{0, 0.58, 0}, {0.11, 0.11, 0.11}));
                lid.colour = {0.7, 0.22, 0.12};
                lid.gloss = 0.8;
                return nearer(s, lid);
            },
            {0.5, 0.4, 0.3}, {0.62, 0.5, 0.36}, seed);
    if (name == "mushroom")
        return onTable(
            [](Vec3 p, bool coloured) {
                Surface cap;
                cap.distance = 0.9 * std::max(ellipsoid(p - Vec3{0, 0.25, 0}, {1.0, 0.72, 1.0}), 0.2 - p.y);
                if (coloured) {
                    const double spot = std::cos(5 * std::atan2(p.x, -p.z)) * std::cos(9 * p.y);
                    cap.colour = spot > 0.62 ? Vec3{0.92, 0.88, 0.78} : Vec3{0.7, 0.12, 0.07};
                }
                cap.gloss = 0.6;
                Surface stem;
                stem.distance = cylinder(p - Vec3{0, -0.4, 0}, 0.26 + 0.08 * std::clamp(-p.y, 0.0, 1.0), 0.66, 0.1);
                stem.colour = {0.85, 0.8, 0.68};
                return nearer(cap, stem);
            },
            {0.2, 0.26, 0.12}, {0.24, 0.3, 0.28}, seed);
    if (name == "shell")
        return onTable(
            [](Vec3 p, bool coloured) {
                Surface s;
                const double a = std::atan2(p.x, p.y + 0.9);
                const double fan = ellipsoid(p - Vec3{0, -0.1, 0}, {0.95, 0.85, 0.36}) + 0.03 * std::cos(22 * a);
                s.distance = 0.7 * fan;
                if (coloured) s.colour = 0.5 * (1 + std::cos(11 * hypot(p.x, p.y + 0.9))) > 0.45 ? Vec3{0.88, 0.66, 0.52} : Vec3{0.7, 0.38, 0.3};
                s.gloss = 0.5;
                return s;
            },
            {0.72, 0.66, 0.52}, {0.3, 0.45, 0.52}, seed);
    if (name == "moon") {
        Scene s;
        s.surface = [](Vec3 p, bool coloured) {
            // The roofs of the market against the sky.
            Surface all;
            for (const auto& [x, w, top] : {std::tuple{-1.5, 0.55, -0.5}, {-0.6, 0.5, -0.8}, {0.35, 0.6, -0.6}, {1.35, 0.55, -0.9}}) {
                Surface stall;
                const double u = std::abs(p.x - x) / w;
                stall.distance = 0.6 * std::max({p.y - top + 0.45 * u, std::abs(p.x - x) - w, std::abs(p.z - 1) - 0.4});
                const bool stripe = coloured && std::fmod(std::abs(p.x - x) * 9, 2.0) < 1;
                stall.colour = stripe ? Vec3{0.16, 0.05, 0.06} : Vec3{0.2, 0.17, 0.14};
                stall.glow = p.y < top - 0.5 ? Vec3{0.5, 0.26, 0.08} : Vec3{};
                all = nearer(all, stall);
            }
            return all;
        };
        s.lamps = {{{1.2, 4, -4}, {1.2, 1.4, 2.0}}};
        s.sky = [](Vec3, Vec3 way) {
            const double x = way.x / way.z - 0.13, y = way.y / way.z - 0.2, d = hypot(x, y);
            Vec3 c = (0.9 - way.y) * Vec3{0.02, 0.03, 0.075} + std::exp(-6 * d) * Vec3{0.12, 0.13, 0.16};
            const double sea = std::sin(9 * x + 2 * std::sin(5 * y)) * std::sin(11 * y + 3 * x);
            if (d < 0.115) c = (sea > 0.25 ? 0.62 : 0.86) * Vec3{1, 0.96, 0.84};
            return c;
        };
        s.eye = {0, 0, -5};
        return s;
    }
    return {};
}

Vec3 normalAt(const Scene& s, Vec3 p)
{
    constexpr double e = 1e-3;
    // Four samples at the corners of a tetrahedron.
    const Vec3 k[4] = {{1, -1, -1}, {-1, -1, 1}, {-1, 1, -1}, {1, 1, 1}};
    Vec3 n;
    for (const Vec3& d : k) n = n + s.surface(p + e * d, false).distance * d;
    return unit(n);
}

// 0 = in shadow, 1 = lit; soft by how near the ray passes by (after Quilez's published note, from memory).
double lit(const Scene& s, Vec3 from, Vec3 way, double far)
{
    double least = 1;
    for (double t = 0.03; t < far;) {
        const double d = s.surface(from + t * way, false).distance;
        if (d < 1e-4) return 0;
        least = std::min(least, 10 * d / t);
        t += std::clamp(d, 0.02, 0.4);
    }
    return std::clamp(least, 0.0, 1.0);
}

Vec3 see(const Scene& s, Vec3 from, Vec3 way)
{
    double t = 0.5;
    for (int step = 0; step < 160 && t < 14; ++step) {
        const Vec3 p = from + t * way;
        const double distance = s.surface(p, false).distance;
        if (distance < 5e-4 * t) {
            const Surface hit = s.surface(p, true);
            const Vec3 n = normalAt(s, p);
            Vec3 light = s.ambient * hit.colour + hit.glow;
            for (const Lamp& lamp : s.lamps) {
                const Vec3 to = lamp.at - p, l = unit(to);
                const double falls = std::max(0.0, dot(n, l)) / std::max(0.2, dot(to, to));
                if (falls <= 0) continue;
                const double shade = lit(s, p + 2e-3 * n, l, length(to));
                const Vec3 half = unit(l - way);
                const double shine = hit.gloss * std::pow(std::max(0.0, dot(n, half)), 12 + 90 * hit.gloss) / std::max(0.2, dot(to, to));
                light = light + shade * (falls * (lamp.light * hit.colour) + (1.4 * shine) * lamp.light);
            }
            return light;
        }
        t += std::max(0.7 * distance, 1e-3);
    }
    return s.sky ? s.sky(from, way) : Vec3{};
}

} // namespace

std::vector<std::string> photoScenes()
{
    return {"lantern", "jar", "teapot", "mushroom", "moon", "shell"};
}

pixel::Picture photo(const std::string& name, const PhotoOptions& o)
{
    const Scene s = sceneOf(name, o.seed);
    const int w = std::clamp(o.width, 16, 8000), h = w * 5 / 4;
    if (!s.surface) return {};
    cv::Mat light(h, w, CV_32FC3);
    std::atomic<int> rows{0};
    tbb::parallel_for(0, h, [&](int y) {
        if (o.cancelled && o.cancelled()) return;
        if (o.progress) o.progress(static_cast<double>(rows++) / h);
        for (int x = 0; x < w; ++x) {
            Vec3 sum;
            for (const auto& [dx, dy] : {std::pair{0.25, 0.25}, {0.75, 0.75}}) {
                const double u = (x + dx) / w - 0.5, v = 0.5 - (y + dy) / h;
                sum = sum + see(s, s.eye, unit({u, v * h / w, s.zoom}));
            }
            light.at<cv::Vec3f>(y, x) = {static_cast<float>(sum.x / 2), static_cast<float>(sum.y / 2), static_cast<float>(sum.z / 2)};
        }
    });
    if (o.cancelled && o.cancelled()) return {};
    cv::Mat seen;
    cv::GaussianBlur(light, seen, {}, std::max(0.3, 0.8 * o.blur * w / 960));
    pixel::Picture out(w, h);
    Random random(o.seed);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const cv::Vec3f c = seen.at<cv::Vec3f>(y, x);
            const double far = hypot((x - w / 2.0) / w, (y - h / 2.0) / h);
            std::uint8_t v[3];
            for (int k = 0; k < 3; ++k) {
                // Falling off to the corners, film-like shoulder, shot and read noise, sRGB.
                double l = static_cast<double>(c[k]) * (1 - 0.5 * far * far);
                l = 1 - std::exp(-1.25 * l);
                l += o.grain * (0.004 + 0.02 * std::sqrt(std::max(0.0, l))) * random.normal() * 0.7;
                const double e = l <= 0.0031308 ? 12.92 * l : 1.055 * std::pow(l, 1 / 2.4) - 0.055;
                v[k] = static_cast<std::uint8_t>(std::clamp(255 * e + 0.5, 0.0, 255.0));
            }
            out.at(x, y) = {v[0], v[1], v[2], 255};
        }
    return out;
}

} // namespace softrope::demo
