#include "tone/facets.h"

#include "curve/foot.h"
#include "curve/polygon.h"
#include "pixel/colour_space.h"
#include "tone/calm.h"
#include "tone/fill.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <random>
#include <set>

namespace softrope::tone {

using curve::Vec2;
using pixel::Picture;
using pixel::Rgba;

namespace {

std::vector<Vec2> cornersOf(const Mesh& m, int face)
{
    std::vector<Vec2> out;
    for (const int p : m.faces[static_cast<std::size_t>(face)]) out.push_back(m.points[static_cast<std::size_t>(p)]);
    return out;
}

// Colours as three floats with prefix sums along rows, so that the spread under a triangle costs a few steps a row.
struct Spread {
    int width = 0, height = 0;
    std::vector<std::array<double, 4>> sums; // l, a, b, squares; one more column

    explicit Spread(const LabPicture& p) : width(p.width), height(p.height), sums(static_cast<std::size_t>(p.width + 1) * static_cast<std::size_t>(p.height))
    {
        for (int y = 0; y < height; ++y) {
            std::array<double, 4> s{};
            auto* row = sums.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(width + 1);
            row[0] = s;
            for (int x = 0; x < width; ++x) {
                const double l = static_cast<double>(p.at(x, y).l), a = static_cast<double>(p.at(x, y).a), b = static_cast<double>(p.at(x, y).b);
                s[0] += l;
                s[1] += a;
                s[2] += b;
                s[3] += l * l + a * a + b * b;
                row[x + 1] = s;
            }
        }
    }
    // Sum of squared distances from the mean colour under the triangle.
    double under(const std::array<Vec2, 3>& t) const
    {
        double top = std::min({t[0].y, t[1].y, t[2].y}), bottom = std::max({t[0].y, t[1].y, t[2].y});
        std::array<double, 4> s{};
        double n = 0;
        for (int y = std::max(0, static_cast<int>(std::floor(top - 0.5))); y <= std::min(height - 1, static_cast<int>(bottom)); ++y) {
            const double level = y + 0.5;
            double cuts[2];
            int k = 0;
            for (int i = 0, j = 2; i < 3 && k < 2; j = i++)
                if ((t[static_cast<std::size_t>(i)].y > level) != (t[static_cast<std::size_t>(j)].y > level)) {
                    const Vec2 p = t[static_cast<std::size_t>(i)], q = t[static_cast<std::size_t>(j)];
                    cuts[k++] = (q.x - p.x) * (level - p.y) / (q.y - p.y) + p.x;
                }
            if (k < 2) continue;
            const int x0 = std::clamp(static_cast<int>(std::ceil(std::min(cuts[0], cuts[1]) - 0.5)), 0, width),
                      x1 = std::clamp(static_cast<int>(std::ceil(std::max(cuts[0], cuts[1]) - 0.5)), 0, width);
            if (x1 <= x0) continue;
            const auto* row = sums.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(width + 1);
            for (std::size_t c = 0; c < 4; ++c) s[c] += row[x1][c] - row[x0][c];
            n += x1 - x0;
        }
        return n > 0 ? std::max(0.0, s[3] - (s[0] * s[0] + s[1] * s[1] + s[2] * s[2]) / n) : 0;
    }
};

// Points at least `radius(p)` apart, edges first.
struct Sampler {
    int width, height;
    const std::vector<std::pair<float, int>>& edges; // strongest first
    const std::vector<int>& order;                   // all px, shuffled
    const pixel::Raster<float>& detail;              // 0..1
    double weight;

    double radius(double r0, int at) const { return std::max(1.5, r0 * (1 - 0.82 * weight * static_cast<double>(detail.data[static_cast<std::size_t>(at)]))); }
    std::vector<Vec2> points(double r0, std::size_t enough) const
    {
        const double cell = std::max(1.5, r0);
        const int cw = static_cast<int>(width / cell) + 1, ch = static_cast<int>(height / cell) + 1;
        std::vector<std::vector<Vec2>> grid(static_cast<std::size_t>(cw) * static_cast<std::size_t>(ch));
        std::vector<Vec2> out;
        const auto offer = [&](Vec2 p, double r) {
            const int ci = std::clamp(static_cast<int>(p.x / cell), 0, cw - 1), cj = std::clamp(static_cast<int>(p.y / cell), 0, ch - 1);
            for (int j = std::max(0, cj - 1); j <= std::min(ch - 1, cj + 1); ++j)
                for (int i = std::max(0, ci - 1); i <= std::min(cw - 1, ci + 1); ++i)
                    for (const Vec2 q : grid[static_cast<std::size_t>(j) * static_cast<std::size_t>(cw) + static_cast<std::size_t>(i)])
                        if (distance(p, q) < r) return;
            grid[static_cast<std::size_t>(cj) * static_cast<std::size_t>(cw) + static_cast<std::size_t>(ci)].push_back(p);
            out.push_back(p);
        };
        const double w = width, h = height;
        for (const Vec2 c : {Vec2{0, 0}, Vec2{w, 0}, Vec2{w, h}, Vec2{0, h}}) offer(c, 0.1);
        for (const auto& [strength, at] : edges) {
            if (out.size() > enough) return out;
            const Vec2 p{at % width + 0.5, at / width + 0.5};
            const double r = 0.8 * radius(r0, at);
            if (p.x < 0.6 * r || p.y < 0.6 * r || p.x > w - 0.6 * r || p.y > h - 0.6 * r) continue;
            offer(p, r);
        }
        // The frame, at the spacing of what is beside it.
        const auto side = [&](Vec2 a, Vec2 b) {
            for (double s = 0; s < distance(a, b);) {
                const Vec2 p = a + s / distance(a, b) * (b - a);
                const int at = std::clamp(static_cast<int>(p.y), 0, height - 1) * width + std::clamp(static_cast<int>(p.x), 0, width - 1);
                offer(p, 0.75 * radius(r0, at));
                s += radius(r0, at);
            }
        };
        side({0, 0}, {w, 0});
        side({w, 0}, {w, h});
        side({w, h}, {0, h});
        side({0, h}, {0, 0});
        for (const int at : order) {
            if (out.size() > enough) return out;
            const Vec2 p{at % width + 0.5, at / width + 0.5};
            const double r = radius(r0, at);
            if (p.x < 0.5 * r || p.y < 0.5 * r || p.x > w - 0.5 * r || p.y > h - 0.5 * r) continue;
            offer(p, r);
        }
        return out;
    }
};

// Delaunay triangles of the points.
std::vector<std::vector<int>> triangles(const std::vector<Vec2>& points, double w, double h)
{
    cv::Subdiv2D plane(cv::Rect2f(-2, -2, static_cast<float>(w + 4), static_cast<float>(h + 4)));
    std::map<int, int> of;
    for (std::size_t k = 0; k < points.size(); ++k)
        of[plane.insert(cv::Point2f(static_cast<float>(points[k].x), static_cast<float>(points[k].y)))] = static_cast<int>(k);
    std::vector<cv::Vec6f> list;
    plane.getTriangleList(list);
    std::vector<std::vector<int>> out;
    for (const cv::Vec6f& t : list) {
        std::vector<int> face;
        for (int c = 0; c < 3; ++c) {
            int edge = 0, vertex = 0;
            const cv::Point2f p(t[2 * c], t[2 * c + 1]);
            if (p.x < -1 || p.y < -1 || static_cast<double>(p.x) > w + 1 || static_cast<double>(p.y) > h + 1) break;
            if (plane.locate(p, edge, vertex) != cv::Subdiv2D::PTLOC_VERTEX) break;
            const auto at = of.find(vertex);
            if (at == of.end()) break;
            face.push_back(at->second);
        }
        if (face.size() != 3) continue;
        const Vec2 a = points[static_cast<std::size_t>(face[0])], b = points[static_cast<std::size_t>(face[1])], c = points[static_cast<std::size_t>(face[2])];
        const double area = cross(b - a, c - a);
        if (std::abs(area) < 1e-6) continue;
        if (area < 0) std::swap(face[1], face[2]);
        out.push_back(std::move(face));
    }
    return out;
}

// Each point moves to where the colours under the triangles round it spread least, as long as none folds over.
void settle(std::vector<Vec2>& points, const std::vector<std::vector<int>>& faces, const Spread& spread, const std::function<bool()>& cancelled)
{
    std::vector<std::vector<int>> facesOf(points.size());
    for (std::size_t f = 0; f < faces.size(); ++f)
        for (const int p : faces[f]) facesOf[static_cast<std::size_t>(p)].push_back(static_cast<int>(f));
    const auto cost = [&](std::size_t k, Vec2 at) {
        double sum = 0;
        for (const int f : facesOf[k]) {
            std::array<Vec2, 3> t{};
            for (std::size_t c = 0; c < 3; ++c) {
                const auto p = static_cast<std::size_t>(faces[static_cast<std::size_t>(f)][c]);
                t[c] = p == k ? at : points[p];
            }
            const double twice = cross(t[1] - t[0], t[2] - t[0]);
            const double longest = std::max({distance(t[0], t[1]), distance(t[1], t[2]), distance(t[2], t[0])});
            if (twice < 0.12 * longest * longest) return 1e300; // no needles
            sum += spread.under(t);
        }
        return sum;
    };
    for (int round = 0; round < 4; ++round) {
        for (std::size_t k = 0; k < points.size(); ++k) {
            if (cancelled && (k & 63) == 0 && cancelled()) return;
            const Vec2 now = points[k];
            const bool atSide = now.x <= 0 || now.x >= spread.width, atTop = now.y <= 0 || now.y >= spread.height;
            if (atSide && atTop) continue;
            double reach = 1e300;
            for (const int f : facesOf[k])
                for (const int p : faces[static_cast<std::size_t>(f)])
                    if (static_cast<std::size_t>(p) != k) reach = std::min(reach, distance(now, points[static_cast<std::size_t>(p)]));
            const double step = reach * (round < 2 ? 0.25 : 0.1);
            double least = cost(k, now);
            if (least > 1e299) least = 1e299; // a needle may move in any case
            Vec2 best = now;
            for (int d = 0; d < 8; ++d) {
                Vec2 to = now + step * Vec2{std::cos(d * curve::pi / 4), std::sin(d * curve::pi / 4)};
                if (atSide) to.x = now.x;
                if (atTop) to.y = now.y;
                to.x = std::clamp(to.x, 0.0, static_cast<double>(spread.width));
                to.y = std::clamp(to.y, 0.0, static_cast<double>(spread.height));
                if (!atSide && (to.x < 1 || to.x > spread.width - 1)) continue;
                if (!atTop && (to.y < 1 || to.y > spread.height - 1)) continue;
                if (const double c = cost(k, to); c < 0.98 * least) {
                    least = c;
                    best = to;
                }
            }
            points[k] = best;
        }
    }
}

} // namespace

Mesh meshOf(const Picture& given, const MeshOptions& options)
{
    Mesh mesh;
    if (given.empty()) return mesh;
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double v) {
        if (options.progress) options.progress(v);
    };
    // Where the pieces lie is found on a picture of moderate size.
    const double scale = std::max(1.0, std::sqrt(static_cast<double>(given.width) * given.height / 4e5));
    const int w = std::max(1, static_cast<int>(std::lround(given.width / scale))), h = std::max(1, static_cast<int>(std::lround(given.height / scale)));
    Picture small = opaque(given);
    if (scale > 1) {
        const cv::Mat from(given.height, given.width, CV_8UC4, small.data.data());
        Picture to(w, h);
        cv::Mat into(h, w, CV_8UC4, to.data.data());
        cv::resize(from, into, into.size(), 0, 0, cv::INTER_AREA);
        small = std::move(to);
    }
    if (w < 4 || h < 4) {
        mesh.points = {{0, 0},
                       {static_cast<double>(given.width), 0},
                       {static_cast<double>(given.width), static_cast<double>(given.height)},
                       {0, static_cast<double>(given.height)}};
        mesh.faces = {{0, 1, 2, 3}};
        mesh.colours = {colourUnder(given, mesh.points, options.colour)};
        return mesh;
    }
    const LabPicture lab = labPicture(small);
    cv::Mat colours(h, w, CV_32FC3, const_cast<pixel::Lab*>(lab.data.data())), calm, dx, dy;
    cv::GaussianBlur(colours, calm, {}, 1.2);
    cv::Scharr(calm, dx, CV_32F, 1, 0, 1 / 32.0);
    cv::Scharr(calm, dy, CV_32F, 0, 1, 1 / 32.0);
    pixel::Raster<float> strength(w, h), detail(w, h);
    std::vector<Vec2> way(strength.data.size());
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const cv::Vec3f a = dx.at<cv::Vec3f>(y, x), b = dy.at<cv::Vec3f>(y, x);
            // The direction of the steepest change over all three channels (Di Zenzo 1986).
            const double xx = static_cast<double>(a.dot(a)), yy = static_cast<double>(b.dot(b)), xy = static_cast<double>(a.dot(b));
            const double angle = 0.5 * std::atan2(2 * xy, xx - yy);
            strength.at(x, y) = static_cast<float>(std::sqrt(std::max(0.0, 0.5 * (xx + yy + std::hypot(xx - yy, 2 * xy)))));
            way[static_cast<std::size_t>(y) * static_cast<std::size_t>(w) + static_cast<std::size_t>(x)] = {std::cos(angle), std::sin(angle)};
        }
    std::vector<std::pair<float, int>> edges;
    for (int y = 1; y + 1 < h; ++y)
        for (int x = 1; x + 1 < w; ++x) {
            const float s = strength.at(x, y);
            if (s < 2) continue;
            const Vec2 g = way[static_cast<std::size_t>(y) * static_cast<std::size_t>(w) + static_cast<std::size_t>(x)];
            const int u = static_cast<int>(std::lround(g.x)), v = static_cast<int>(std::lround(g.y));
            if (s >= strength.at(x + u, y + v) && s > strength.at(x - u, y - v)) edges.push_back({s, y * w + x});
        }
    std::sort(edges.begin(), edges.end(), [](const auto& a, const auto& b) { return a.first != b.first ? a.first > b.first : a.second < b.second; });
    {
        cv::Mat from(h, w, CV_32F, strength.data.data()), to(h, w, CV_32F, detail.data.data());
        cv::GaussianBlur(cv::min(from, 12.0F), to, {}, std::max(3.0, 0.012 * (w + h)));
        double least = 0, most = 0;
        cv::minMaxLoc(to, &least, &most);
        to = (to - least) / std::max(1.0, most - least);
        cv::sqrt(cv::max(to, 0.0F), to);
    }
    tell(0.2);
    if (stopped()) return {};
    std::vector<int> order(strength.data.size());
    for (std::size_t k = 0; k < order.size(); ++k) order[k] = static_cast<int>(k);
    std::mt19937 random(options.seed);
    std::shuffle(order.begin(), order.end(), random);
    const Sampler sampler{w, h, edges, order, detail, std::clamp(options.detail, 0.0, 1.0)};
    const int wanted = std::clamp(options.count, 2, 20000);
    // Two triangles to a point inside: the spacing that gives as many pieces as were asked for.
    double low = 1, high = w + h;
    std::vector<Vec2> points;
    for (int step = 0; step < 14; ++step) {
        if (stopped()) return {};
        const double r = std::sqrt(low * high);
        points = sampler.points(r, static_cast<std::size_t>(wanted) * 2 + 8);
        std::size_t frame = 0;
        for (const Vec2 p : points) frame += p.x <= 0 || p.y <= 0 || p.x >= w || p.y >= h;
        const auto pieces = 2.0 * static_cast<double>(points.size()) - static_cast<double>(frame) - 2;
        if (std::abs(pieces - wanted) <= std::max(1.0, 0.02 * wanted)) break;
        (pieces > wanted ? low : high) = r;
    }
    tell(0.5);
    mesh.faces = triangles(points, w, h);
    const Spread spread(lab);
    settle(points, mesh.faces, spread, options.cancelled);
    if (stopped()) return {};
    tell(0.8);
    const double sx = static_cast<double>(given.width) / w, sy = static_cast<double>(given.height) / h;
    mesh.points = points;
    mesh.colours.resize(mesh.faces.size());
    tbb::parallel_for(std::size_t{0}, mesh.faces.size(),
                      [&](std::size_t f) { mesh.colours[f] = colourUnder(small, cornersOf(mesh, static_cast<int>(f)), options.colour); });
    for (Vec2& p : mesh.points) p = {p.x * sx, p.y * sy};
    tell(1);
    return mesh;
}

Rgba colourUnder(const Picture& picture, const std::vector<Vec2>& polygon, PieceColour how)
{
    std::vector<pixel::OkLab> seen;
    pixel::OkLab sum;
    double n = 0;
    const auto take = [&](int x, int y) {
        Rgba c = picture.at(x, y);
        const auto onWhite = [&](std::uint8_t v) { return static_cast<std::uint8_t>((v * c.a + 255 * (255 - c.a) + 127) / 255); };
        c = {onWhite(c.r), onWhite(c.g), onWhite(c.b), 255};
        const pixel::OkLab o = pixel::okLabOf(c);
        if (how == PieceColour::median) seen.push_back(o);
        sum.l += o.l;
        sum.a += o.a;
        sum.b += o.b;
        n += 1;
    };
    eachInside({polygon}, picture.width, picture.height, take);
    if (n == 0 && !picture.empty() && !polygon.empty()) { // thinner than a px
        Vec2 middle;
        for (const Vec2 p : polygon) middle += p / static_cast<double>(polygon.size());
        take(std::clamp(static_cast<int>(middle.x), 0, picture.width - 1), std::clamp(static_cast<int>(middle.y), 0, picture.height - 1));
    }
    if (n == 0) return {128, 128, 128, 255};
    if (how == PieceColour::mean) return pixel::rgbOf(pixel::OkLab{sum.l / n, sum.a / n, sum.b / n});
    const auto median = [&](double pixel::OkLab::*part) {
        const auto middle = seen.begin() + static_cast<std::ptrdiff_t>(seen.size() / 2);
        std::nth_element(seen.begin(), middle, seen.end(), [part](const pixel::OkLab& a, const pixel::OkLab& b) { return a.*part < b.*part; });
        return (*middle).*part;
    };
    return pixel::rgbOf(pixel::OkLab{median(&pixel::OkLab::l), median(&pixel::OkLab::a), median(&pixel::OkLab::b)});
}

curve::Path outlineOf(const Mesh& mesh, int face, double gap)
{
    std::vector<Vec2> ring = cornersOf(mesh, face);
    const double by = gap / 2;
    if (by <= 0) return curve::polyline(ring, true);
    const std::size_t n = ring.size();
    bool convex = true;
    for (std::size_t k = 0; k < n; ++k) convex = convex && cross(ring[(k + 1) % n] - ring[k], ring[(k + 2) % n] - ring[(k + 1) % n]) >= -1e-9;
    if (convex) {
        // What is left on the inner side of every border, moved in.
        std::vector<Vec2> left = ring;
        for (std::size_t k = 0; k < n && !left.empty(); ++k) {
            const Vec2 a = ring[k], way = ring[(k + 1) % n] - a;
            const double l = length(way);
            if (l < 1e-12) continue;
            const Vec2 inwards = Vec2{-way.y, way.x} / l;
            std::vector<Vec2> next;
            for (std::size_t i = 0; i < left.size(); ++i) {
                const Vec2 p = left[i], q = left[(i + 1) % left.size()];
                const double dp = dot(p - a, inwards) - by, dq = dot(q - a, inwards) - by;
                if (dp >= 0) next.push_back(p);
                if ((dp > 0 && dq < 0) || (dp < 0 && dq > 0)) next.push_back(lerp(p, q, dp / (dp - dq)));
            }
            left = std::move(next);
        }
        return left.size() < 3 ? curve::Path{} : curve::polyline(left, true);
    }
    std::vector<Vec2> moved;
    for (std::size_t k = 0; k < n; ++k) {
        const Vec2 before = ring[k] - ring[(k + n - 1) % n], after = ring[(k + 1) % n] - ring[k];
        const double lb = length(before), la = length(after);
        if (lb < 1e-12 || la < 1e-12) continue;
        const Vec2 nb = Vec2{-before.y, before.x} / lb, na = Vec2{-after.y, after.x} / la, sum = nb + na;
        const double q = dot(sum, sum);
        moved.push_back(ring[k] + (q > 0.1 ? std::min(2 * by / q, 4 * by) * sum : by * nb));
    }
    if (moved.size() < 3 || curve::polygonArea(moved) < 0.02 * curve::polygonArea(ring)) return {};
    return curve::polyline(moved, true);
}

int faceAt(const Mesh& mesh, Vec2 p)
{
    for (std::size_t f = 0; f < mesh.faces.size(); ++f)
        if (curve::insidePolygon(cornersOf(mesh, static_cast<int>(f)), p)) return static_cast<int>(f);
    return -1;
}

int pointNear(const Mesh& mesh, Vec2 p, double reach)
{
    int best = -1;
    for (std::size_t k = 0; k < mesh.points.size(); ++k)
        if (const double d = distance(mesh.points[k], p); d <= reach) {
            reach = d;
            best = static_cast<int>(k);
        }
    return best;
}

namespace {

bool crossing(Vec2 a, Vec2 b, Vec2 c, Vec2 d)
{
    return cross(b - a, c - a) * cross(b - a, d - a) < 0 && cross(d - c, a - c) * cross(d - c, b - c) < 0;
}

bool simple(const std::vector<Vec2>& ring)
{
    const std::size_t n = ring.size();
    if (n < 3 || curve::polygonArea(ring) <= 1e-9) return false;
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = i + 2; j < n; ++j)
            if (!(i == 0 && j + 1 == n) && crossing(ring[i], ring[(i + 1) % n], ring[j], ring[(j + 1) % n])) return false;
    return true;
}

} // namespace

Mesh withPointMoved(const Mesh& mesh, int point, Vec2 to)
{
    Mesh out = mesh;
    if (point < 0 || static_cast<std::size_t>(point) >= mesh.points.size() || !curve::isFinite(to)) return out;
    out.points[static_cast<std::size_t>(point)] = to;
    for (std::size_t f = 0; f < out.faces.size(); ++f)
        if (std::find(out.faces[f].begin(), out.faces[f].end(), point) != out.faces[f].end() && !simple(cornersOf(out, static_cast<int>(f)))) return mesh;
    return out;
}

Mesh withFacesMerged(const Mesh& mesh, int one, int other)
{
    if (one == other || one < 0 || other < 0 || static_cast<std::size_t>(std::max(one, other)) >= mesh.faces.size()) return mesh;
    // Their borders without those they share, chained up again: exactly one ring must come of it.
    std::set<std::pair<int, int>> sides;
    for (const int face : {one, other}) {
        const auto& corners = mesh.faces[static_cast<std::size_t>(face)];
        for (std::size_t k = 0; k < corners.size(); ++k) {
            const int a = corners[k], b = corners[(k + 1) % corners.size()];
            if (!sides.erase({b, a})) sides.insert({a, b});
        }
    }
    std::map<int, int> next;
    for (const auto& [a, b] : sides)
        if (!next.emplace(a, b).second) return mesh;
    if (next.empty()) return mesh;
    std::vector<int> ring{next.begin()->first};
    while (ring.size() <= next.size()) {
        const auto at = next.find(ring.back());
        if (at == next.end()) return mesh;
        if (at->second == ring.front()) break;
        ring.push_back(at->second);
    }
    if (ring.size() != next.size()) return mesh;
    Mesh out = mesh;
    const auto sizeOf = [&](int f) { return std::abs(curve::polygonArea(cornersOf(mesh, f))); };
    const double a = sizeOf(one), b = sizeOf(other);
    const pixel::OkLab x = pixel::okLabOf(mesh.colours[static_cast<std::size_t>(one)]), y = pixel::okLabOf(mesh.colours[static_cast<std::size_t>(other)]);
    const double t = b / std::max(a + b, 1e-12);
    out.faces[static_cast<std::size_t>(one)] = ring;
    if (!simple(cornersOf(out, one))) return mesh;
    out.colours[static_cast<std::size_t>(one)] = pixel::rgbOf(pixel::OkLab{x.l + t * (y.l - x.l), x.a + t * (y.a - x.a), x.b + t * (y.b - x.b)});
    out.faces.erase(out.faces.begin() + other);
    out.colours.erase(out.colours.begin() + other);
    return out;
}

Mesh withFaceSplit(const Mesh& mesh, int face, Vec2 from, Vec2 to)
{
    if (face < 0 || static_cast<std::size_t>(face) >= mesh.faces.size()) return mesh;
    Mesh out = mesh;
    // A place on the border: a corner of the face, or a new point that the face beyond gets as well.
    const auto place = [&](Vec2 p) {
        const std::vector<int> ring = out.faces[static_cast<std::size_t>(face)];
        double least = 1e300;
        std::size_t side = 0;
        double where = 0;
        for (std::size_t k = 0; k < ring.size(); ++k) {
            const Vec2 a = out.points[static_cast<std::size_t>(ring[k])], b = out.points[static_cast<std::size_t>(ring[(k + 1) % ring.size()])];
            const double t = curve::footOnSegment(p, a, b);
            if (const double d = distance(p, a + t * (b - a)); d < least) {
                least = d;
                side = k;
                where = t;
            }
        }
        const int a = ring[side], b = ring[(side + 1) % ring.size()];
        if (where < 0.12) return a;
        if (where > 0.88) return b;
        const int added = static_cast<int>(out.points.size());
        out.points.push_back(lerp(out.points[static_cast<std::size_t>(a)], out.points[static_cast<std::size_t>(b)], where));
        for (auto& other : out.faces)
            for (std::size_t k = 0; k < other.size(); ++k) {
                const int u = other[k], v = other[(k + 1) % other.size()];
                if ((u == a && v == b) || (u == b && v == a)) {
                    other.insert(other.begin() + static_cast<std::ptrdiff_t>(k) + 1, added);
                    break;
                }
            }
        return added;
    };
    const int a = place(from), b = place(to);
    const std::vector<int> ring = out.faces[static_cast<std::size_t>(face)];
    const auto ia = std::find(ring.begin(), ring.end(), a) - ring.begin(), ib = std::find(ring.begin(), ring.end(), b) - ring.begin();
    const auto n = static_cast<std::ptrdiff_t>(ring.size());
    if (a == b || (ia + 1) % n == ib || (ib + 1) % n == ia) return mesh;
    const auto part = [&](std::ptrdiff_t s, std::ptrdiff_t e) {
        std::vector<int> half;
        for (std::ptrdiff_t k = s;; k = (k + 1) % n) {
            half.push_back(ring[static_cast<std::size_t>(k)]);
            if (k == e) return half;
        }
    };
    out.faces[static_cast<std::size_t>(face)] = part(ia, ib);
    out.faces.push_back(part(ib, ia));
    out.colours.push_back(out.colours[static_cast<std::size_t>(face)]);
    if (!simple(cornersOf(out, face)) || !simple(cornersOf(out, static_cast<int>(out.faces.size()) - 1))) return mesh;
    return out;
}

} // namespace softrope::tone
