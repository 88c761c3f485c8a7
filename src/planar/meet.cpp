#include "planar/encounter.h"

#include <algorithm>

namespace softrope::planar {

using namespace curve;

namespace {

// Spans of the two lists whose boxes meet, by a sweep along x.
template <class Take> void eachPair(std::vector<const Span*>& us, std::vector<const Span*>& vs, double touch, Take take)
{
    if (us.size() * vs.size() <= 64) {
        for (const Span* u : us)
            for (const Span* v : vs)
                if (u->box.grown(touch).meets(v->box)) take(u, v);
        return;
    }
    const auto byLeft = [](const Span* x, const Span* y) { return x->box.min.x < y->box.min.x; };
    std::sort(us.begin(), us.end(), byLeft);
    std::sort(vs.begin(), vs.end(), byLeft);
    std::vector<const Span*> openU, openV;
    const auto against = [&](std::vector<const Span*>& open, const Span* s, bool first) {
        for (std::size_t k = 0; k < open.size();) {
            if (open[k]->box.max.x + touch < s->box.min.x) {
                open[k] = open.back();
                open.pop_back();
                continue;
            }
            if (open[k]->box.min.y <= s->box.max.y + touch && s->box.min.y <= open[k]->box.max.y + touch) first ? take(s, open[k]) : take(open[k], s);
            ++k;
        }
    };
    for (std::size_t i = 0, j = 0; i < us.size() || j < vs.size();) {
        if (j == vs.size() || (i < us.size() && us[i]->box.min.x <= vs[j]->box.min.x)) {
            against(openV, us[i], true);
            openU.push_back(us[i++]);
        } else {
            against(openU, vs[j], false);
            openV.push_back(vs[j++]);
        }
    }
}

std::vector<const Span*> spansIn(const Strand& s, const Box& box)
{
    std::vector<const Span*> in;
    for (const Span& v : s.spans)
        if (v.box.meets(box)) in.push_back(&v);
    return in;
}

// The second span begins where the first ends and goes on in much the same direction: they meet nowhere else.
bool goesOn(const Span& first, const Span& second)
{
    return first.curve.p3 == second.curve.p0 && first.t1 == 1 && second.t0 == 0 && dot(first.along, second.along) > 0.5 && first.turn + second.turn < 0.5;
}

// The double point of a cubic that crosses itself: with B = a t^3 + b t^2 + c t + d and u = s + t, v = s t, the equation
// B(s) = B(t) becomes a (u^2 - v) + b u + c = 0, two linear equations after one elimination.
void doublePoint(const Piece& piece, int i, Meeting& found)
{
    if (piece.line) return;
    const Cubic& k = piece.curve;
    const Vec2 c = 3 * (k.p1 - k.p0), b = 3 * (k.p2 - 2 * k.p1 + k.p0), a = k.p3 - 3 * k.p2 + 3 * k.p1 - k.p0;
    const double ab = cross(a, b);
    if (ab == 0) return;
    const double u = -cross(a, c) / ab;
    const double v = u * u + (dot(a, b) * u + dot(a, c)) / squaredLength(a);
    const double d = u * u - 4 * v;
    if (!(d > 1e-12)) return;
    const double s = 0.5 * (u - std::sqrt(d)), t = 0.5 * (u + std::sqrt(d));
    if (s < 0 || t > 1 || (s < 1e-9 && t > 1 - 1e-9)) return;
    found.contacts.push_back({i, i, s, t, 0.5 * (at(k, s) + at(k, t))});
}

} // namespace

Meeting meet(const Strand& a, const Strand& b, double touch)
{
    if (!a.box.grown(touch).meets(b.box)) return {};
    std::vector<const Span*> us = spansIn(a, b.box.grown(touch)), vs = spansIn(b, a.box.grown(touch));
    if (us.empty() || vs.empty()) return {};
    Encounter e{a, b, touch, false};
    std::vector<SpanPair> pairs;
    eachPair(us, vs, touch, [&](const Span* u, const Span* v) { pairs.push_back({u, v}); });
    if (pairs.empty()) return {};
    meetNodes(e);
    findRuns(e);
    meetPieces(e, pairs);
    return std::move(e.found);
}

Meeting meetItself(const Strand& strand, double touch)
{
    Encounter e{strand, strand, touch, true};
    meetNodes(e);
    findRuns(e);
    std::vector<SpanPair> pairs;
    std::vector<const Span*> all = spansIn(strand, strand.box);
    const auto byLeft = [](const Span* x, const Span* y) { return x->box.min.x < y->box.min.x; };
    std::sort(all.begin(), all.end(), byLeft);
    std::vector<const Span*> open;
    for (const Span* s : all) {
        for (std::size_t k = 0; k < open.size();) {
            const Span* o = open[k];
            if (o->box.max.x + touch < s->box.min.x) {
                open[k] = open.back();
                open.pop_back();
                continue;
            }
            ++k;
            if (o->piece == s->piece || o->box.min.y > s->box.max.y + touch || s->box.min.y > o->box.max.y + touch) continue;
            const Span *first = o->piece < s->piece ? o : s, *second = first == o ? s : o;
            if (!goesOn(*first, *second) && !goesOn(*second, *first)) pairs.push_back({first, second});
        }
        open.push_back(s);
    }
    meetPieces(e, pairs);
    for (std::size_t i = 0; i < strand.pieces.size(); ++i) doublePoint(strand.pieces[i], static_cast<int>(i), e.found);
    return std::move(e.found);
}

} // namespace softrope::planar
