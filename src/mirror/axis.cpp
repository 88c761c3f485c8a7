#include "mirror/axis.h"

#include "curve/wide.h"

#include <algorithm>
#include <cmath>

namespace softrope::mirror {

using namespace curve;

namespace {

constexpr int mapSize = 200; // cells along the longer side of the votes' map

// Two maps of doubled edge angles, blurred: what lies near a place, and in which direction it runs.
struct Field {
    int width = 0, height = 0;
    double cell = 1; // px
    Vec2 origin;
    struct Mean {
        float c = 0, s = 0;
    };
    std::vector<Mean> means; // side by side: each look-up reads both

    Vec2 cellOf(Vec2 p) const { return (p - origin) / cell; }
    // Bilinear; zero outside.
    Vec2 at(Vec2 q) const
    {
        if (!(q.x >= 0 && q.y >= 0 && q.x < width - 1 && q.y < height - 1)) return {};
        const int x = static_cast<int>(q.x), y = static_cast<int>(q.y);
        const double u = q.x - x, v = q.y - y;
        const Mean* above = &means[static_cast<std::size_t>(y) * static_cast<std::size_t>(width) + static_cast<std::size_t>(x)];
        const Mean* below = above + width;
        const double a = (1 - u) * (1 - v), b = u * (1 - v), d = (1 - u) * v, e = u * v;
        return {a * above[0].c + b * above[1].c + d * below[0].c + e * below[1].c, a * above[0].s + b * above[1].s + d * below[0].s + e * below[1].s};
    }
};

// Edges in rows, for a quick look at very many axes.
struct Rows {
    static constexpr std::size_t lanes = 8; // the rows are as long as a whole number of them
    std::vector<float> x, y, c, s;          // places in cells, and doubled directions
    void add(Vec2 place, Vec2 doubled)
    {
        x.push_back(static_cast<float>(place.x));
        y.push_back(static_cast<float>(place.y));
        c.push_back(static_cast<float>(doubled.x));
        s.push_back(static_cast<float>(doubled.y));
    }
};

// What the edges find at their mirror images, in the nearest cells; beyond the map what its rim holds, which is next to nothing.
SOFT_ROPE_WIDE double sumNear(const Field& f, const Affine& m, Vec2 turned, const Rows& r)
{
    constexpr std::size_t lanes = Rows::lanes;
    const auto a = static_cast<float>(m.a), b = static_cast<float>(m.b), c = static_cast<float>(m.c), d = static_cast<float>(m.d);
    const auto e = static_cast<float>(m.e + 0.5), g = static_cast<float>(m.f + 0.5); // rounded down it is the nearest
    const auto tx = static_cast<float>(turned.x), ty = static_cast<float>(turned.y);
    const auto right = static_cast<float>(f.width - 1), low = static_cast<float>(f.height - 1);
    const float *x = r.x.data(), *y = r.y.data(), *dx = r.c.data(), *dy = r.s.data();
    const Field::Mean* means = f.means.data();
    float sum[lanes] = {};
    for (std::size_t k = 0; k + lanes <= r.x.size(); k += lanes)
        for (std::size_t l = 0; l < lanes; ++l) {
            const float qx = std::min(std::max(a * x[k + l] + c * y[k + l] + e, 0.0F), right);
            const float qy = std::min(std::max(b * x[k + l] + d * y[k + l] + g, 0.0F), low);
            const Field::Mean& there = means[static_cast<int>(qy) * f.width + static_cast<int>(qx)];
            sum[l] += there.c * (tx * dx[k + l] + ty * dy[k + l]) + there.s * (ty * dx[k + l] - tx * dy[k + l]);
        }
    double all = 0;
    for (const float v : sum) all += static_cast<double>(v);
    return all;
}

void blur(std::vector<float>& m, int w, int h, int radius)
{
    std::vector<float> line;
    const auto pass = [&](std::size_t from, std::size_t step, int n) {
        line.assign(static_cast<std::size_t>(n), 0);
        double sum = 0;
        for (int k = -radius; k < n + radius; ++k) {
            if (k + radius < n) sum += m[from + static_cast<std::size_t>(k + radius) * step];
            if (k - radius - 1 >= 0) sum -= m[from + static_cast<std::size_t>(k - radius - 1) * step];
            if (k >= 0 && k < n) line[static_cast<std::size_t>(k)] = static_cast<float>(sum / (2 * radius + 1));
        }
        for (int k = 0; k < n; ++k) m[from + static_cast<std::size_t>(k) * step] = line[static_cast<std::size_t>(k)];
    };
    for (int round = 0; round < 3; ++round) {
        for (int y = 0; y < h; ++y) pass(static_cast<std::size_t>(y) * static_cast<std::size_t>(w), 1, w);
        for (int x = 0; x < w; ++x) pass(static_cast<std::size_t>(x), static_cast<std::size_t>(w), h);
    }
}

struct Vote {
    double angle = 0, offset = 0, score = -1; // offset of the axis from the middle, along its normal
};

struct Finder {
    const std::vector<EdgePoint>& edges;
    Vec2 middle{};
    double reach = 0; // px
    Field field{};
    std::vector<Vec2> places{}, doubled{}; // of the edges: in cells, and twice the direction

    Finder(const std::vector<EdgePoint>& e, int blurRadius, const Box& box) : edges(e)
    {
        middle = box.centre();
        reach = 0.5 * std::hypot(box.width(), box.height());
        field.cell = std::max(box.width(), box.height()) / mapSize;
        const double margin = 8 * field.cell;
        field.origin = box.min - Vec2{margin, margin};
        field.width = static_cast<int>(std::ceil(box.width() / field.cell)) + 17;
        field.height = static_cast<int>(std::ceil(box.height() / field.cell)) + 17;
        const auto n = static_cast<std::size_t>(field.width) * static_cast<std::size_t>(field.height);
        std::vector<float> c(n, 0), s(n, 0);
        places.reserve(edges.size());
        doubled.reserve(edges.size());
        for (const EdgePoint& p : edges) {
            const Vec2 d = direction(2 * p.angle) * p.weight;
            doubled.push_back(d);
            const Vec2 q = places.emplace_back(field.cellOf(p.at));
            const auto k = static_cast<std::size_t>(std::lround(q.y)) * static_cast<std::size_t>(field.width) + static_cast<std::size_t>(std::lround(q.x));
            c[k] += static_cast<float>(d.x);
            s[k] += static_cast<float>(d.y);
        }
        blur(c, field.width, field.height, blurRadius);
        blur(s, field.width, field.height, blurRadius);
        field.means.resize(n);
        for (std::size_t k = 0; k < n; ++k) field.means[k] = {c[k], s[k]};
    }

    Axis axisOf(double angle, double offset) const { return {middle + offset * perpendicular(direction(angle)), angle}; }

    // What every step-th edge finds at its mirror image; a direction a becomes 2 angle - a.
    double score(double angle, double offset, std::size_t step = 1) const
    {
        const Affine m = mirrored(angle, offset);
        const Vec2 turned = direction(4 * angle);
        double sum = 0;
        for (std::size_t k = 0; k < edges.size(); k += step) {
            const Vec2 there = field.at(m * places[k]), d = doubled[k];
            sum += there.x * (turned.x * d.x + turned.y * d.y) + there.y * (turned.y * d.x - turned.x * d.y);
        }
        return sum;
    }
    // To see which axes are worth that.
    double roughScore(double angle, double offset, const Rows& some) const { return sumNear(field, mirrored(angle, offset), direction(4 * angle), some); }
    Rows every(std::size_t step) const
    {
        Rows some;
        for (std::size_t k = 0; k < edges.size(); k += step) some.add(places[k], doubled[k]);
        while (some.x.size() % Rows::lanes != 0) some.add({}, {}); // of no weight
        return some;
    }
    // From cell to cell.
    Affine mirrored(double angle, double offset) const { return reflection({field.cellOf(axisOf(angle, offset).through), angle}); }
    double own() const
    {
        double sum = 0;
        for (std::size_t k = 0; k < edges.size(); ++k) sum += dot(field.at(places[k]), doubled[k]);
        return sum;
    }

    // By what every step-th edge says.
    Vote refined(Vote v, double angleStep, double offsetStep, std::size_t step = 1) const
    {
        v.score = score(v.angle, v.offset, step);
        for (int k = 0; k < 60 && (angleStep > radians(0.02) || offsetStep > 0.02 * field.cell); ++k) {
            bool better = false;
            for (const auto& [da, dr] : {std::pair{angleStep, 0.0}, std::pair{-angleStep, 0.0}, std::pair{0.0, offsetStep}, std::pair{0.0, -offsetStep}}) {
                const double s = score(v.angle + da, v.offset + dr, step);
                if (s <= v.score) continue;
                v = {v.angle + da, v.offset + dr, s};
                better = true;
            }
            if (better) continue;
            angleStep *= 0.5;
            offsetStep *= 0.5;
        }
        return v;
    }
};

} // namespace

Affine reflection(const Axis& a)
{
    const double c = std::cos(2 * a.angle), s = std::sin(2 * a.angle);
    return {c, s, s, -c, a.through.x - c * a.through.x - s * a.through.y, a.through.y - s * a.through.x + c * a.through.y};
}

double lineAngle(double angle)
{
    double a = std::remainder(angle, pi);
    if (a <= -pi / 2) a += pi;
    return a;
}

std::vector<EdgePoint> edgePoints(const pixel::Grey& picture, std::size_t most)
{
    // Working px of about 400 a side: enough for one part in a hundred, and calm.
    const int shrink = std::max(1, static_cast<int>(std::ceil(std::max(picture.width, picture.height) / 400.0)));
    const int w = picture.width / shrink, h = picture.height / shrink;
    if (w < 8 || h < 8) return {};
    std::vector<float> small(static_cast<std::size_t>(w) * static_cast<std::size_t>(h));
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            double sum = 0;
            for (int v = 0; v < shrink; ++v)
                for (int u = 0; u < shrink; ++u) sum += picture.at(x * shrink + u, y * shrink + v);
            small[static_cast<std::size_t>(y) * static_cast<std::size_t>(w) + static_cast<std::size_t>(x)] = static_cast<float>(sum / (shrink * shrink));
        }
    blur(small, w, h, 1);
    std::vector<EdgePoint> all;
    const auto px = [&](int x, int y) { return small[static_cast<std::size_t>(y) * static_cast<std::size_t>(w) + static_cast<std::size_t>(x)]; };
    // A frame of 2 % is left out: page borders and scanner shadows are no drawing. So is what the blur took in from beyond the border.
    const int margin = std::max(4, std::min(w, h) / 50);
    for (int y = margin; y < h - margin; ++y)
        for (int x = margin; x < w - margin; ++x) {
            const double gx = px(x + 1, y) - px(x - 1, y), gy = px(x, y + 1) - px(x, y - 1), g = std::hypot(gx, gy);
            if (g < 4) continue;
            all.push_back({Vec2{x + 0.5, y + 0.5} * shrink, std::atan2(gy, gx) + pi / 2, g});
        }
    std::sort(all.begin(), all.end(), [](const EdgePoint& a, const EdgePoint& b) { return a.weight > b.weight; });
    // Strong edges count alike, and very weak ones not at all.
    if (all.size() > 20) {
        const double cap = all[all.size() / 20].weight;
        while (!all.empty() && all.back().weight < 0.15 * cap) all.pop_back();
        for (EdgePoint& e : all) e.weight = std::min(1.0, e.weight / cap);
    }
    if (all.size() > most) {
        std::vector<EdgePoint> fewer;
        for (std::size_t k = 0; k < most; ++k) fewer.push_back(all[k * all.size() / most]);
        all = std::move(fewer);
    }
    return all;
}

std::vector<EdgePoint> edgePoints(const Paths& paths, std::size_t most)
{
    double total = 0;
    for (const Path& p : paths) total += arcLength(p);
    std::vector<EdgePoint> all;
    if (!(total > 0) || !std::isfinite(total)) return all;
    const double step = total / static_cast<double>(most);
    for (const Path& p : paths)
        for (std::size_t k = 0; k < p.pieceCount(); ++k) {
            const Cubic c = p.piece(k);
            const int n = std::max(1, static_cast<int>(arcLength(c) / step));
            for (int m = 0; m < n; ++m) {
                const double t = (m + 0.5) / n;
                all.push_back({at(c, t), angleOf(tangentAt(c, t)), arcLength(c) / n});
            }
        }
    return all;
}

std::optional<FoundAxis> findAxis(const std::vector<EdgePoint>& edges)
{
    Box box;
    for (const EdgePoint& e : edges) box.add(e.at);
    if (edges.size() < 8 || !(std::max(box.width(), box.height()) > 0)) return std::nullopt;

    const Finder coarse(edges, 3, box);
    const std::size_t step = std::max<std::size_t>(1, edges.size() / 700);
    const Rows some = coarse.every(step);
    std::vector<Vote> votes;
    const double offsetStep = 3 * coarse.field.cell, angleStep = radians(3);
    for (double angle = 0; angle < pi - 1e-9; angle += angleStep) {
        Vote best;
        for (double offset = -0.5 * coarse.reach; offset <= 0.5 * coarse.reach; offset += offsetStep) {
            const double s = coarse.roughScore(angle, offset, some);
            if (s > best.score) best = {angle, offset, s};
        }
        votes.push_back(best);
    }
    std::sort(votes.begin(), votes.end(), [](const Vote& a, const Vote& b) { return a.score > b.score; });
    votes.resize(std::min<std::size_t>(votes.size(), 8));
    // Some edges say where to look, all of them how good it is.
    for (Vote& v : votes) {
        v = coarse.refined(v, 0.5 * angleStep, 0.5 * offsetStep, step);
        v = coarse.refined(v, 0.05 * angleStep, 0.05 * offsetStep);
    }

    const auto upright = [](const Vote& v) { return std::abs(std::abs(lineAngle(v.angle)) - pi / 2); };
    double most = 0;
    for (const Vote& v : votes) most = std::max(most, v.score);
    const Vote* best = nullptr;
    for (const Vote& v : votes)
        if (v.score > 0.95 * most && (!best || upright(v) < upright(*best) - radians(3) || (upright(v) < upright(*best) + radians(3) && v.score > best->score)))
            best = &v;
    if (!best) return std::nullopt;
    const Finder fine(edges, 1, box);
    const Vote last = fine.refined(*best, radians(0.5), 0.5 * fine.field.cell);
    const double own = coarse.own();
    FoundAxis found;
    found.axis = coarse.axisOf(last.angle, last.offset);
    found.axis.angle = lineAngle(found.axis.angle);
    found.confidence = own > 0 ? std::clamp(coarse.score(last.angle, last.offset) / own, 0.0, 1.0) : 0;
    return found;
}

std::optional<FoundAxis> findAxis(std::vector<EdgePoint> edges, const Affine& toSheet)
{
    for (EdgePoint& e : edges) {
        e.at = toSheet * e.at;
        e.angle = angleOf(linear(toSheet, direction(e.angle)));
    }
    return findAxis(edges);
}

} // namespace softrope::mirror
