#include "curve/blurred_corner.h"

#include "curve/cubic.h"
#include "curve/marquardt.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

namespace {

// Tuned on letters drawn sharp and then blurred, grained and packed as scans (docs/quality.md): true corners come out with radii below 2.6 px
// in 95 of 100, small rounds with 4 px and more.
namespace tuned {
constexpr double near = 2.6;        // sigmas from the tip within which the blur is reckoned with
constexpr double step = 0.3;        // sigmas between the points of the sides
constexpr int rounds = 12;          // of the fit
constexpr double enough = 1e-3;     // of the squares: a round that gains less was the last
constexpr double calm = 4.2;        // of the samples' noise: what a px of bend over the whole side weighs like
constexpr double firstRadius = 1.5; // px: at none it has no slope
constexpr double leastRadius = 0.6; // px: nor hardly any below this
constexpr double needle = 120;      // degrees: sharper corners begin the fit where the blur says
constexpr double sharp = 0.8;       // px of sigma: a sharper picture shows its corners as they are
constexpr double largest = 20;      // px, of radii
constexpr double thin = 2.4;        // the needles of sharp pictures are too thin to be read so much farther than they are blunt
} // namespace tuned

// How many points lie on a side and on the arc.
struct Grid {
    int side = 0, arc = 0;
    double step = 0; // px

    Grid(const BlurredCorner& c, double half, double apart) : side(static_cast<int>((half - c.cut()) / apart)), step(apart)
    {
        if (c.cut() >= 0.01) arc = std::max(2, static_cast<int>(2 * c.cut() / step));
    }
};

// The sides and what rounds their tip.
std::vector<Vec2> lineOf(const BlurredCorner& c, const Grid& grid)
{
    const double cut = grid.arc > 0 ? c.cut() : 0;
    const Vec2 in = direction(c.in), out = direction(c.out);
    const Vec2 bentIn = perpendicular(in) * (c.bendIn / 2), bentOut = perpendicular(out) * (c.bendOut / 2);
    const auto before = [&](double along) { return c.tip - in * along + bentIn * (along * along); };
    const auto after = [&](double along) { return c.tip + out * along + bentOut * (along * along); };
    std::vector<Vec2> line;
    line.reserve(static_cast<std::size_t>(2 * std::max(0, grid.side) + grid.arc + 1));
    for (int i = grid.side; i > 0; --i) line.push_back(before(cut + i * grid.step));
    if (grid.arc == 0) {
        line.push_back(c.tip);
    } else {
        const Vec2 a = before(cut), b = after(cut), from = unit(in - bentIn * (2 * cut)), to = unit(out + bentOut * (2 * cut));
        const double reach = 4.0 / 3 * std::tan(std::abs(turn(from, to)) / 4) * distance(a, b) / 2 / std::max(0.05, std::sin(std::abs(turn(from, to)) / 2));
        const Cubic arc{a, a + from * reach, b - to * reach, b};
        for (int i = 0; i <= grid.arc; ++i) line.push_back(curve::at(arc, static_cast<double>(i) / grid.arc));
    }
    for (int i = 1; i <= grid.side; ++i) line.push_back(after(cut + i * grid.step));
    return line;
}

double recessionOf(double turn)
{
    // Of a wedge whose sides lie h from a point of its bisector, the point sees the share of two normal variables of correlation cos(turn) that are
    // both less than h: P(h) - 2 T(h, tan(turn / 2)) with Owen's T (Owen 1956, Tables for computing bivariate normal probabilities).
    const double half = turn / 2;
    const auto level = [&](double across) {
        constexpr int n = 64;
        double sum = 0;
        for (int i = 0; i <= n; ++i) {
            const double c = std::cos(half * i / n);
            sum += (i == 0 || i == n ? 1 : i % 2 == 1 ? 4 : 2) * std::exp(-across * across / (2 * c * c));
        }
        return 0.5 * std::erfc(-across / std::sqrt(2.0)) - sum * half / n / 3 / pi;
    };
    double least = 0, most = 3;
    for (int i = 0; i < 30; ++i) (level((least + most) / 2) < 0.5 ? least : most) = (least + most) / 2;
    return least / std::cos(half);
}

// px from the tip within which the blur or the arc shows.
double bluntness(const BlurredCorner& c, double sigma)
{
    return std::max((tuned::near + outreach(std::abs(c.turn()))) * sigma, c.cut() + sigma);
}

using Parameters = std::array<double, 7>; // tip, directions, bends, radius
constexpr Parameters little{0.01, 0.01, 0.002, 0.002, 0.0005, 0.0005, 0.05};

class Fitter {
public:
    Fitter(const Samples& s, const Blur& blur, long before, long after, bool pointed)
        : s_(s), sigma_(blur.sigma), calm_(tuned::calm * blur.noise), before_(before), after_(after), pointed_(pointed)
    {
    }

    BlurredCorner run(const Corner& found)
    {
        corner_ = {found.point, found.inAngle, found.outAngle, 0, 0, pointed_ ? 0 : tuned::firstRadius, 0, found.index, before_, after_};
        // A needle's sides were drawn on from where they are round already: its tip lies as far out as the blur has eaten it.
        if (found.turn > radians(tuned::needle))
            corner_.tip = s_[found.index] + unit(direction(found.inAngle) - direction(found.outAngle)) * (outreach(found.turn) * sigma_);
        const auto further = [this](const BlurredCorner& c, const Eigen::Matrix<double, 7, 1>& step) {
            Parameters by{};
            for (std::size_t p = 0; p < 7; ++p) by[p] = step(static_cast<Eigen::Index>(p));
            const BlurredCorner next = moved(c, by);
            return isFinite(next.tip) && std::isfinite(next.turn()) ? std::optional(next) : std::nullopt;
        };
        // A radius that is at its least already stays, so that it does not hold up the others.
        const auto held = [](const BlurredCorner& c, const Eigen::Matrix<double, 7, 1>& step) {
            constexpr int radius = 6;
            return c.radius <= tuned::leastRadius && step(radius) < 0 ? radius : -1;
        };
        const std::vector<double> e = marquardt<7>(
            corner_, tuned::rounds, tuned::enough, [this](const BlurredCorner& c) { return errors(c); }, [this](const BlurredCorner& c) { return slopes(c); },
            further, held);
        const double now = squares(e);
        corner_.rms = std::sqrt(now / static_cast<double>(e.size()));
        double nearest = 1e300;
        const long from = found.index - before_, to = found.index + after_;
        for (long i = from; i <= to; ++i)
            if (const double d = distance(s_[i], corner_.tip); d < nearest) {
                nearest = d;
                corner_.index = i;
            }
        corner_.before = corner_.index - from;
        corner_.after = to - corner_.index;
        return corner_;
    }

private:
    const Samples& s_;
    double sigma_, calm_;
    long before_, after_;
    bool pointed_;
    BlurredCorner corner_;

    BlurredCorner moved(BlurredCorner c, const Parameters& by) const
    {
        c.tip = c.tip + Vec2{by[0], by[1]};
        c.in += by[2];
        c.out += by[3];
        c.bendIn += by[4];
        c.bendOut += by[5];
        c.radius = pointed_ ? 0 : std::clamp(c.radius + by[6], tuned::leastRadius, tuned::largest);
        return c;
    }
    // Far from the tip, the distance from the side; near it, from the half level. The last two keep bends calm that no sample asks for.
    std::vector<double> errors(const BlurredCorner& c) const
    {
        const double blunt = bluntness(c, sigma_);
        const std::vector<Vec2> line = lineOf(c, gridOf(c));
        const Vec2 in = direction(c.in), out = direction(c.out);
        std::vector<double> all;
        all.reserve(static_cast<std::size_t>(before_ + after_ + 3));
        for (long i = c.index - before_; i <= c.index + after_; ++i)
            all.push_back(distance(s_[i], c.tip) < blunt ? offHalfLevel(line, s_[i], sigma_)
                          : i < c.index                  ? offSide(s_[i] - c.tip, in, c.bendIn)
                                                         : offSide(s_[i] - c.tip, out, c.bendOut));
        all.push_back(calmIn() * c.bendIn);
        all.push_back(calmOut() * c.bendOut);
        return all;
    }
    Grid gridOf(const BlurredCorner& c) const { return {c, bluntness(c, sigma_) + levelReach * sigma_, tuned::step * sigma_}; }
    static double offSide(Vec2 p, Vec2 way, double bend)
    {
        const double along = dot(p, way);
        return (cross(way, p) - bend * along * along / 2) / std::sqrt(1 + bend * bend * along * along);
    }
    double calmIn() const { return calm(before_); }
    double calmOut() const { return calm(after_); }
    double calm(long samples) const
    {
        const double reach = static_cast<double>(samples) * s_.step;
        return calm_ * reach * reach / 2;
    }

    // What the errors change by as each parameter does.
    Eigen::Matrix<double, Eigen::Dynamic, 7> slopes(const BlurredCorner& c) const
    {
        const double blunt = bluntness(c, sigma_);
        const Grid grid = gridOf(c);
        const std::vector<Vec2> line = lineOf(c, grid);
        std::array<BlurredCorner, 7> near;
        std::array<std::array<Vec2, 2>, 7> ways; // of their sides
        SweptLine<7> swept(line);
        for (std::size_t p = 0; p < 7; ++p) {
            Parameters by{};
            by[p] = little[p];
            near[p] = moved(c, by);
            ways[p] = {direction(near[p].in), direction(near[p].out)};
            swept.move(p, lineOf(near[p], grid), little[p]);
        }
        const Vec2 in = direction(c.in), out = direction(c.out);
        Eigen::Matrix<double, Eigen::Dynamic, 7> all(before_ + after_ + 3, 7);
        for (long i = c.index - before_, row = 0; i <= c.index + after_; ++i, ++row) {
            const Vec2 at = s_[i];
            if (distance(at, c.tip) < blunt) {
                const auto slopes = swept.slopes(at, sigma_);
                for (std::size_t p = 0; p < 7; ++p) all(row, static_cast<Eigen::Index>(p)) = slopes[p];
                continue;
            }
            const bool before = i < c.index;
            const double here = offSide(at - c.tip, before ? in : out, before ? c.bendIn : c.bendOut);
            for (std::size_t p = 0; p < 7; ++p) {
                const BlurredCorner& n = near[p];
                const double there = offSide(at - n.tip, ways[p][before ? 0 : 1], before ? n.bendIn : n.bendOut);
                all(row, static_cast<Eigen::Index>(p)) = (there - here) / little[p];
            }
        }
        for (const Eigen::Index last : {before_ + after_ + 1, before_ + after_ + 2}) all.row(last).setZero();
        all(before_ + after_ + 1, 4) = calmIn();
        all(before_ + after_ + 2, 5) = calmOut();
        return all;
    }
};

} // namespace

bool showsCorners(double sigma)
{
    return sigma < tuned::sharp;
}

double recession(double turn)
{
    // Asked for at every place that may be a corner: worked out once for each degree.
    constexpr std::size_t sharpest = 176;
    static const auto byDegree = [] {
        std::array<double, sharpest + 1> out{};
        for (std::size_t k = 0; k < out.size(); ++k) out[k] = recessionOf(radians(static_cast<double>(k)));
        return out;
    }();
    const double at = std::clamp(degrees(turn), 0.0, static_cast<double>(sharpest));
    const std::size_t k = std::min(static_cast<std::size_t>(at), sharpest - 1);
    return std::lerp(byDegree[k], byDegree[k + 1], at - static_cast<double>(k));
}

Vec2 BlurredCorner::at(double along) const
{
    const bool back = along < 0;
    const Vec2 d = direction(back ? in : out);
    return tip + d * along + perpendicular(d) * ((back ? bendIn : bendOut) * along * along / 2);
}

double outreach(double turn)
{
    return 0.68 / std::cos(std::min(turn / 2, radians(88)));
}

std::optional<BlurredCorner> fitBlurredCorner(const Samples& s, const Corner& found, const Blur& blur, long before, long after, bool pointed)
{
    constexpr long least = 8;
    if (before < least || after < least || !(blur.sigma > 0)) return std::nullopt;
    BlurredCorner c = Fitter(s, blur, before, after, pointed).run(found);
    if (!std::isfinite(c.rms) || !isFinite(c.tip)) return std::nullopt;
    return c;
}

void sharpen(Samples& s, const BlurredCorner& c, double sigma)
{
    const auto put = [&](long k, Vec2 p) {
        if (s.closed || (k >= 0 && k < s.count())) s.points[static_cast<std::size_t>(s.wrapped(k))] = p;
    };
    const long reach = std::lround((showsCorners(sigma) ? tuned::thin : 1) * bluntness(c, sigma) / s.step);
    const long before = std::min(reach, c.before), after = std::min(reach, c.after);
    const double back = std::max(0.0, -dot(s[c.index - before] - c.tip, direction(c.in))),
                 on = std::max(0.0, dot(s[c.index + after] - c.tip, direction(c.out)));
    // Towards the ends over into the samples as they are, so that no step is left.
    const auto blended = [&](long k, double share, Vec2 to) { put(k, lerp(to, s[k], std::clamp(2 * share - 1, 0.0, 1.0))); };
    if (c.radius <= 0) {
        for (long k = 1; k <= before; ++k) {
            const double share = static_cast<double>(k) / static_cast<double>(before);
            blended(c.index - k, share, c.at(-back * share));
        }
        for (long k = 1; k <= after; ++k) {
            const double share = static_cast<double>(k) / static_cast<double>(after);
            blended(c.index + k, share, c.at(on * share));
        }
        put(c.index, c.tip);
        return;
    }
    // Evenly along the rounded line.
    const std::vector<Vec2> line = lineOf(c, {c, std::max(back, on), 0.25 * s.step});
    const auto nearestTo = [&](Vec2 p) { return std::min_element(line.begin(), line.end(), [&](Vec2 a, Vec2 b) { return distance(a, p) < distance(b, p); }); };
    const auto from = nearestTo(s[c.index - before]), to = nearestTo(s[c.index + after]);
    if (to - from < 2) return; // folded over: nothing to lay them on
    const Samples even = evenly({from, to + 1}, false, s.step);
    const long m = even.count() - 1;
    if (m < 1) return;
    for (long k = 0; k <= before + after; ++k) {
        const double x = static_cast<double>(k) * static_cast<double>(m) / static_cast<double>(before + after);
        const long i = std::min(m - 1, static_cast<long>(x));
        const double share =
            k < before ? 1 - static_cast<double>(k) / static_cast<double>(before) : static_cast<double>(k - before) / static_cast<double>(after);
        blended(c.index - before + k, share, lerp(even[i], even[i + 1], x - static_cast<double>(i)));
    }
}

} // namespace softrope::curve
