#include "art/edits.h"
#include "art/hand_corners.h"
#include "curve/fit.h"
#include "curve/stray.h"

#include <algorithm>

namespace softrope::art {

using curve::Vec2;

bool closesItself(const std::vector<HandSample>& samples, double reach)
{
    if (samples.size() < 4) return false;
    double length = 0;
    curve::Box box;
    for (std::size_t i = 0; i < samples.size(); ++i) {
        if (i > 0) length += distance(samples[i - 1].at, samples[i].at);
        box.add(samples[i].at);
    }
    const double size = std::max(box.width(), box.height());
    return distance(samples.front().at, samples.back().at) <= reach && size > 2 * reach && length > 5 * reach;
}

std::vector<Vec2> steadied(const std::vector<HandSample>& samples, double strength, double grain)
{
    std::vector<Vec2> line;
    line.reserve(samples.size());
    for (const HandSample& s : samples)
        if (isFinite(s.at) && (line.empty() || line.back() != s.at)) line.push_back(s.at);
    const double sigma = 8 * std::clamp(strength, 0.0, 1.0) * grain; // px of arc length
    if (sigma < 0.25 * grain || line.size() < 5) return line;
    std::vector<double> along(line.size(), 0);
    for (std::size_t i = 1; i < line.size(); ++i) along[i] = along[i - 1] + distance(line[i - 1], line[i]);
    std::vector<Vec2> calm = line;
    for (std::size_t i = 1; i + 1 < line.size(); ++i) {
        // A window that shrinks towards the ends keeps them, and a weight even about the middle keeps straights.
        const double room = std::min({3 * sigma, along[i], along.back() - along[i]});
        if (room <= 0) continue;
        Vec2 sum;
        double weight = 0;
        const auto take = [&](std::size_t k) {
            const double u = (along[k] - along[i]) / sigma;
            // Samples are not evenly spaced: each stands for half the way to its neighbours.
            const double share = 0.5 * (along[std::min(k + 1, line.size() - 1)] - along[k == 0 ? 0 : k - 1]);
            const double w = share * std::exp(-0.5 * u * u);
            sum += line[k] * w;
            weight += w;
        };
        for (std::size_t k = i; k < line.size() && along[k] - along[i] <= room; ++k) take(k);
        for (std::size_t k = i; k-- > 0 && along[i] - along[k] <= room;) take(k);
        if (weight > 0) calm[i] = sum / weight;
    }
    return calm;
}

namespace {

double furthestOf(const Hand& drawn, const curve::Path& path)
{
    std::vector<Vec2> hand;
    hand.reserve(drawn.samples.size());
    for (const HandSample& s : drawn.samples) hand.push_back(s.at);
    double worst = 0;
    for (const curve::Place& p : curve::placesAlong(hand, path, drawn.slack))
        if (std::isfinite(p.distance)) worst = std::max(worst, p.distance);
    return worst;
}

// The part goes on from the path's end, with a corner between.
void append(curve::Path& path, curve::Path part)
{
    if (part.nodes.empty()) return;
    if (path.nodes.empty()) {
        path = std::move(part);
        return;
    }
    curve::Node& joint = path.nodes.back();
    joint.out = joint.at + (part.nodes.front().out - part.nodes.front().at);
    joint.kind = curve::NodeKind::corner;
    path.nodes.insert(path.nodes.end(), part.nodes.begin() + 1, part.nodes.end());
}

// The last node becomes the first.
void close(curve::Path& path)
{
    if (path.nodes.size() < 3) return;
    curve::Node& first = path.nodes.front();
    first.in = first.at + (path.nodes.back().in - path.nodes.back().at);
    first.kind = curve::NodeKind::corner;
    path.nodes.pop_back();
    path.closed = true;
}

// Takes points away from the end of a closing row until they lie before its start, as it went on from there.
void letGoOfOverlap(std::vector<Vec2>& points, double grain)
{
    constexpr double look = 12, apart = 6, most = 40; // grains
    if (points.size() < 8) return;
    std::size_t ahead = 1;
    while (ahead + 1 < points.size() / 4 && distance(points.front(), points[ahead]) < look * grain) ++ahead;
    const Vec2 way = unit(points[ahead] - points.front());
    double gone = 0;
    while (points.size() > 8 && gone < most * grain && dot(points.front() - points.back(), way) < apart * grain) {
        gone += distance(points.back(), points[points.size() - 2]);
        points.pop_back();
    }
}

// One stretch between two corners, or a whole stroke without any.
curve::Path fitStretch(const std::vector<HandSample>& samples, bool closed, bool cornersKnown, const Hand& drawn, double steadying, double slack, bool quick)
{
    std::vector<Vec2> points = steadied(samples, steadying, drawn.grain);
    // The last stretch to the start is left to the fit: the hand rarely meets it exactly, and often goes past it.
    if (closed) letGoOfOverlap(points, drawn.grain);
    curve::FitOptions o;
    o.slack = std::max(slack, 1e-3);
    o.grain = std::max(drawn.grain, 1e-3) * 2; // a hand trembles over more than a screen pixel
    o.rounding = o.grain;
    o.spacing = std::max(0.5 * o.grain, 0.25 * o.slack);
    o.cornerFrom = cornersKnown ? curve::radians(170) : curve::radians(35);
    o.quick = quick;
    return curve::fit(points, closed, o).path;
}

FittedStroke fitOnce(const Hand& drawn, const HandCorners& found, bool closes, double steadying, double slack, bool quick)
{
    FittedStroke out;
    out.samples = drawn.samples.size();
    if (found.stretches.empty()) {
        out.path = fitStretch(drawn.samples, closes, closes && !quick, drawn, steadying, slack, quick);
    } else {
        // Steadied and fitted by stretches: what is calmed as one loses its corners before they are looked for.
        for (const HandCorners::Stretch& s : found.stretches) {
            curve::Path part = s.straight ? curve::polyline({s.samples.front().at, s.samples.back().at}, false)
                                          : fitStretch(s.samples, false, true, drawn, steadying, slack, false);
            append(out.path, std::move(part));
        }
        if (closes) close(out.path);
    }
    out.furthest = furthestOf(drawn, out.path);
    return out;
}

} // namespace

FittedStroke fitStroke(const Hand& drawn, bool closes, bool quick)
{
    // Slack is promised against what the hand drew. Steadying moves the samples before they are fitted, so where both
    // together stray too far, each gives way in turn.
    FittedStroke best;
    const HandCorners found = quick ? HandCorners{} : handCorners(drawn, closes);
    // A tremor that is wider than the slack is not followed.
    constexpr double widest = 5; // of its root mean square
    const double most = std::max(drawn.slack, widest * found.tremor);
    for (const auto& [steadying, share] : {std::pair{1.0, 1.0}, {1.0, 0.75}, {0.6, 0.75}, {0.3, 0.75}, {0.0, 0.97}, {0.0, 0.7}}) {
        FittedStroke f = fitOnce(drawn, found, closes, drawn.steadying * steadying, drawn.slack * share, quick);
        if (best.path.empty() || f.furthest < best.furthest) best = std::move(f);
        if (best.furthest <= most || quick) break;
    }
    return best;
}

std::optional<double> strayOf(const Artwork& a)
{
    if (!a.hand() || a.paths.empty()) return std::nullopt;
    return furthestOf(*a.hand(), a.paths.front());
}

Edited withSlack(const Document& d, Id item, double slack, bool quick)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork() || !i->artwork()->hand() || i->artwork()->paths.size() != 1) return {d, Refusal::doesNotFit};
    Hand hand = *i->artwork()->hand();
    hand.slack = slack;
    curve::Path path = fitStroke(hand, i->artwork()->paths.front().closed, quick).path;
    return withDerived(d, item, {std::move(path)}, shared(std::move(hand)));
}

} // namespace softrope::art
