#include "curve/chain.h"

#include <Eigen/Cholesky>
#include <Eigen/Core>

#include <algorithm>
#include <array>

namespace softrope::curve {

Cubic Chain::cubic(std::size_t k) const
{
    const ChainNode &u = nodes[k], &v = nodes[next(k)];
    if (pieces[k].line) return straight(u.at, v.at);
    return {u.at, u.at + direction(u.out) * pieces[k].a, v.at - direction(v.in) * pieces[k].b, v.at};
}

std::array<double, 4> convexity(const Cubic& c)
{
    const Vec2 chord = unit(c.p3 - c.p0), out = unit(c.p1 - c.p0), in = unit(c.p3 - c.p2);
    return {cross(chord, c.p1 - c.p0), cross(chord, c.p2 - c.p0), cross(c.p2 - c.p0, out), cross(in, c.p3 - c.p1)};
}

Run runOf(const Chain& chain, std::size_t k, const Samples& s)
{
    Run r{chain.nodes[k].sample, chain.nodes[chain.next(k)].sample};
    if (chain.closed && r.last <= r.first) r.last += s.count();
    return r;
}

namespace {

// A cubic in powers of t, in which it and its derivatives are asked for at thousands of places (Horner's scheme).
struct Powers {
    Vec2 a, b, c, d; // of t^3, t^2, t, 1
    explicit Powers(const Cubic& q) : a(q.p3 - q.p0 + 3 * (q.p1 - q.p2)), b(3 * (q.p0 - 2 * q.p1 + q.p2)), c(3 * (q.p1 - q.p0)), d(q.p0) {}
    Vec2 at(double t) const { return ((a * t + b) * t + c) * t + d; }
    Vec2 first(double t) const { return (a * (3 * t) + b * 2) * t + c; }
    Vec2 second(double t) const { return a * (6 * t) + b * 2; }
};

// Without hypot's care for numbers whose squares no double holds: it costs several times as much, and nothing here is near them.
double quickLength(Vec2 v)
{
    return std::sqrt(dot(v, v));
}

// Foot of p on c by Newton steps from the guess t.
double foot(const Powers& c, Vec2 p, double t, int steps)
{
    for (int k = 0; k < steps; ++k) {
        const Vec2 r = c.at(t) - p, d = c.first(t);
        const double dd = dot(d, d);
        const double full = dd + dot(r, c.second(t));
        const double slope = full > 0.3 * dd ? full : dd;
        if (!(slope > 0)) break;
        const double step = std::clamp(-dot(r, d) / slope, -0.2, 0.2);
        t = std::clamp(t + step, 0.0, 1.0);
        if (std::abs(step) < 1e-6) break;
    }
    return t;
}

double lineDistance(Vec2 a, Vec2 b, Vec2 p)
{
    const Vec2 v = b - a;
    const double n2 = squaredLength(v);
    const double t = n2 > 0 ? std::clamp(dot(p - a, v) / n2, 0.0, 1.0) : 0.0;
    return distance(p, a + v * t);
}

} // namespace

PieceError errorOf(const Chain& chain, std::size_t k, const ChainSource& source, bool all)
{
    PieceError e;
    const Samples& s = source.samples;
    const Run run = runOf(chain, k, s);
    const Cubic c = chain.cubic(k);
    const Powers powers(c);
    const long n = run.last - run.first;
    const long stride = std::max(1L, n / 96);
    double t = 0;
    for (long i = run.first; i <= run.last; i += stride) {
        const auto w = static_cast<std::size_t>(s.wrapped(i));
        if (!all && source.weight[w] == 0) continue;
        double d = 0;
        if (chain.pieces[k].line) {
            d = lineDistance(c.p0, c.p3, s[i]);
        } else {
            const double guess = n > 0 ? static_cast<double>(i - run.first) / static_cast<double>(n) : 0.5;
            t = foot(powers, s[i], i == run.first ? guess : std::clamp(t + static_cast<double>(stride) / static_cast<double>(std::max(1L, n)), 0.0, 1.0), 5);
            d = quickLength(powers.at(t) - s[i]);
            if (d > 0.2) {
                // A doubtful foot is tried again from the even guess.
                const double u = foot(powers, s[i], guess, 8);
                const double d2 = quickLength(powers.at(u) - s[i]);
                if (d2 < d) {
                    d = d2;
                    t = u;
                }
            }
        }
        e.sumOfSquares += d * d;
        ++e.count;
        if (d > e.furthest) {
            e.furthest = d;
            e.worst = i;
        }
    }
    // The other way round, cheaply: a curve much longer than its samples' line wanders off between them.
    if (!chain.pieces[k].line) {
        constexpr int chords = 8;
        double curveLength = 0;
        Vec2 from = c.p0;
        for (int i = 1; i <= chords; ++i) {
            const Vec2 to = powers.at(static_cast<double>(i) / chords);
            curveLength += distance(from, to);
            from = to;
        }
        const double walked = static_cast<double>(n) * s.step;
        if (curveLength > 1.1 * walked + 2 * s.step) {
            e.furthest = std::max(e.furthest, curveLength - walked);
            e.worst = (run.first + run.last) / 2;
        }
    }
    return e;
}

namespace {

// Where each unknown of the window sits in the parameter vector; -1 = held.
struct Slots {
    int at = -1;
    int in = -1, out = -1;
    bool inFromLine = false, outFromLine = false; // the angle is that of the line before / after
};

class Window {
public:
    Window(Chain& chain, std::size_t first, std::size_t count, const ChainSource& source, const Fairness* fairness)
        : chain_(chain), source_(source), fairness_(fairness), first_(first), count_(count)
    {
        nodes_.resize(count + 1);
        handle_.resize(count);
        for (std::size_t j = 0; j <= count; ++j) {
            place(j);
            anchor_.push_back(node(j).at);
        }
        for (std::size_t j = 0; j < count; ++j)
            if (!piece(j).line) {
                handle_[j] = size_;
                size_ += 2;
            }
    }

    void run(int rounds)
    {
        if (size_ == 0) return;
        gather();
        double lambda = 1e-3;
        double cost = measure();
        for (int round = 0; round < rounds; ++round) {
            assemble();
            bool better = false;
            for (int attempt = 0; attempt < 5 && !better; ++attempt) {
                Eigen::MatrixXd a = normal_;
                for (int i = 0; i < size_; ++i) a(i, i) += lambda * (normal_(i, i) + 1e-6) + 1e-9;
                const Eigen::LLT<Eigen::MatrixXd> solved(a);
                const Eigen::VectorXd step = solved.solve(gradient_);
                if (solved.info() != Eigen::Success || !step.allFinite()) {
                    lambda *= 10;
                    continue;
                }
                const Saved before = save();
                apply(step);
                const double now = measure();
                if (now < cost) {
                    better = true;
                    const double gain = (cost - now) / (cost + 1e-12);
                    cost = now;
                    lambda = std::max(1e-7, lambda * 0.3);
                    if (gain < 5e-4) round = rounds;
                } else {
                    restore(before);
                    lambda *= 6;
                }
            }
            if (!better) break;
        }
        for (std::size_t j = 1; j < count_; ++j) reassign(j);
    }

private:
    struct Point {
        Vec2 at;
        std::size_t piece = 0;
        double t = 0;
        double weight = 1;
        double t0 = 0; // foot before the step that is being tried
    };
    struct Saved {
        std::vector<ChainNode> nodes;
        std::vector<ChainPiece> pieces;
    };

    Chain& chain_;
    const ChainSource& source_;
    const Fairness* fairness_;
    std::size_t first_, count_;
    std::vector<Slots> nodes_;
    std::vector<int> handle_;
    int size_ = 0;
    double reach_ = 4; // px a node may move in one step
    std::vector<Point> points_;
    std::vector<Vec2> anchor_; // where the nodes stood at the start
    Eigen::MatrixXd normal_;
    Eigen::VectorXd gradient_;

    std::size_t index(std::size_t j) const { return (first_ + j) % chain_.nodes.size(); }
    ChainNode& node(std::size_t j) { return chain_.nodes[index(j)]; }
    ChainPiece& piece(std::size_t j) { return chain_.pieces[index(j)]; }

    void place(std::size_t j)
    {
        const ChainNode& n = node(j);
        const bool outer = j == 0 || j == count_;
        Slots& slot = nodes_[j];
        if (!outer && !n.pinned) {
            slot.at = size_;
            size_ += 2;
        }
        const bool lineBefore = j > 0 && piece(j - 1).line, lineAfter = j < count_ && piece(j).line;
        if (n.smooth) {
            // At the window's rim the tangent belongs to the outside too, unless the open line ends here.
            if (outer) return;
            if (lineBefore)
                slot.outFromLine = true;
            else if (lineAfter)
                slot.inFromLine = true;
            else
                slot.in = slot.out = size_++;
            return;
        }
        if (j > 0 && !lineBefore) slot.in = size_++;
        if (j < count_ && !lineAfter) slot.out = size_++;
    }

    void gather()
    {
        const Samples& s = source_.samples;
        for (std::size_t j = 0; j < count_; ++j) {
            const Run run = runOf(chain_, index(j), s);
            const long n = run.last - run.first;
            const long stride = std::max(1L, n / 24);
            const Powers c(chain_.cubic(index(j)));
            for (long i = run.first; i <= run.last; i += stride) {
                const double w = source_.weight[static_cast<std::size_t>(s.wrapped(i))];
                if (w == 0) continue;
                Point p;
                p.piece = j;
                p.weight = w * static_cast<double>(stride);
                p.at = s[i];
                p.t = n > 0 ? static_cast<double>(i - run.first) / static_cast<double>(n) : 0.5;
                if (!piece(j).line) p.t = foot(c, s[i], p.t, 8);
                points_.push_back(p);
            }
        }
    }

    // Moves the feet to the curve as it is now and sums the squared distances.
    double measure()
    {
        alignLines();
        double sum = 0;
        for (std::size_t k = 0; k < points_.size();) {
            const std::size_t j = points_[k].piece;
            const Cubic c = chain_.cubic(index(j));
            const Powers powers(c);
            const Vec2 along = unit(c.p3 - c.p0);
            const bool line = piece(j).line;
            for (; k < points_.size() && points_[k].piece == j; ++k) {
                Point& p = points_[k];
                p.t0 = p.t;
                if (line) {
                    const double d = cross(along, p.at - c.p0);
                    sum += p.weight * d * d;
                } else {
                    p.t = foot(powers, p.at, p.t, 2);
                    sum += p.weight * squaredLength(p.at - powers.at(p.t));
                }
            }
        }
        return sum + priors(nullptr) + (fairness_ ? evenness(false) : 0);
    }

    // Weak pulls that keep the handles of nearly straight pieces from drifting, with a weight far below a sample's.
    double priors(void (Window::*add)(int, double, double))
    {
        double sum = 0;
        for (std::size_t j = 1; j < count_; ++j) {
            if (nodes_[j].at < 0) continue;
            // A corner whose sides are nearly in line has no place of its own but where it was found.
            // Evenness is not to move it either.
            const double pull = node(j).smooth ? 1e-3 : fairness_ ? 5 : 0.03;
            const Vec2 off = node(j).at - anchor_[j];
            sum += pull * squaredLength(off);
            if (add) {
                (this->*add)(nodes_[j].at, pull, -off.x);
                (this->*add)(nodes_[j].at + 1, pull, -off.y);
            }
        }
        for (std::size_t j = 0; j < count_; ++j) {
            if (piece(j).line) continue;
            const Cubic c = chain_.cubic(index(j));
            const double third = distance(c.p0, c.p3) / 3;
            constexpr double pull = 2e-4;
            for (int side = 0; side < 2; ++side) {
                const double off = (side == 0 ? piece(j).a : piece(j).b) - third;
                sum += pull * off * off;
                if (add) (this->*add)(handle_[j] + side, pull, -off);
            }
        }
        return sum;
    }

    void addPrior(int slot, double weight, double residual)
    {
        normal_(slot, slot) += weight;
        gradient_(slot) += weight * residual;
    }

    // A piece moves with eight things: the two ends, the two handle lengths, the two angles. Each of these hangs on at
    // most four unknowns of the window (an angle taken from a straight hangs on the straight's ends).
    enum Mover { x0, y0, x3, y3, handleA, handleB, angleOut, angleIn, movers };
    struct Link {
        int slot[4];
        double factor[4];
        int count = 0;
        void add(int to, double k)
        {
            slot[count] = to;
            factor[count++] = k;
        }
    };
    using Links = std::array<Link, movers>;

    void linkAngle(Link& link, std::size_t j, bool outgoing)
    {
        const Slots& slot = nodes_[j];
        const int own = outgoing ? slot.out : slot.in;
        if (own >= 0) {
            link.add(own, 1);
            return;
        }
        if (!(outgoing ? slot.outFromLine : slot.inFromLine)) return;
        const std::size_t u = outgoing ? j - 1 : j, v = u + 1;
        const Vec2 d = node(v).at - node(u).at;
        const double len = std::max(length(d), 1e-6);
        const Vec2 side = perpendicular(d / len) / len;
        if (nodes_[v].at >= 0) {
            link.add(nodes_[v].at, side.x);
            link.add(nodes_[v].at + 1, side.y);
        }
        if (nodes_[u].at >= 0) {
            link.add(nodes_[u].at, -side.x);
            link.add(nodes_[u].at + 1, -side.y);
        }
    }

    Links linksOf(std::size_t j)
    {
        Links l;
        if (nodes_[j].at >= 0) {
            l[x0].add(nodes_[j].at, 1);
            l[y0].add(nodes_[j].at + 1, 1);
        }
        if (nodes_[j + 1].at >= 0) {
            l[x3].add(nodes_[j + 1].at, 1);
            l[y3].add(nodes_[j + 1].at + 1, 1);
        }
        if (piece(j).line) return l;
        l[handleA].add(handle_[j], 1);
        l[handleB].add(handle_[j] + 1, 1);
        linkAngle(l[angleOut], j, true);
        linkAngle(l[angleIn], j + 1, false);
        return l;
    }

    void assemble()
    {
        normal_.setZero(size_, size_);
        gradient_.setZero(size_);
        std::size_t at = 0;
        while (at < points_.size()) {
            const std::size_t j = points_[at].piece;
            double h[movers][movers] = {}, g[movers] = {};
            const Cubic c = chain_.cubic(index(j));
            const Powers powers(c);
            const bool line = piece(j).line;
            const Vec2 uo = direction(node(j).out), ui = direction(node(j + 1).in);
            const Vec2 turnOut = perpendicular(uo) * piece(j).a, turnIn = perpendicular(ui) * piece(j).b;
            const Vec2 v = c.p3 - c.p0;
            const double len2 = std::max(squaredLength(v), 1e-12);
            const Vec2 across = perpendicular(v / std::sqrt(len2));
            for (; at < points_.size() && points_[at].piece == j; ++at) {
                const Point& p = points_[at];
                const Vec2 s = p.at;
                double row[movers];
                double residual = 0;
                if (line) {
                    const double t = dot(s - c.p0, v) / len2;
                    residual = dot(across, s - c.p0);
                    row[x0] = across.x * (1 - t);
                    row[y0] = across.y * (1 - t);
                    row[x3] = across.x * t;
                    row[y3] = across.y * t;
                    row[handleA] = row[handleB] = row[angleOut] = row[angleIn] = 0;
                } else {
                    const double t = p.t, u = 1 - t;
                    const Vec2 along = powers.first(t);
                    const double speed = quickLength(along);
                    Vec2 n = speed > 0 ? perpendicular(along / speed) : Vec2{};
                    const Vec2 off = s - powers.at(t);
                    if (t <= 0 || t >= 1) {
                        const double far = length(off);
                        if (far > 1e-9) n = off / far;
                    }
                    residual = dot(n, off);
                    const double b0 = u * u * u, b1 = 3 * u * u * t, b2 = 3 * u * t * t, b3 = t * t * t;
                    row[x0] = n.x * (b0 + b1);
                    row[y0] = n.y * (b0 + b1);
                    row[x3] = n.x * (b2 + b3);
                    row[y3] = n.y * (b2 + b3);
                    row[handleA] = b1 * dot(n, uo);
                    row[handleB] = -b2 * dot(n, ui);
                    row[angleOut] = b1 * dot(n, turnOut);
                    row[angleIn] = -b2 * dot(n, turnIn);
                }
                for (int a = 0; a < movers; ++a) {
                    const double wa = p.weight * row[a];
                    g[a] += wa * residual;
                    for (int b = 0; b < movers; ++b) h[a][b] += wa * row[b]; // both halves: a loop of one length is done by twos
                }
            }
            const Links links = linksOf(j);
            for (std::size_t a = 0; a < movers; ++a)
                for (int k = 0; k < links[a].count; ++k) {
                    const int row = links[a].slot[k];
                    gradient_(row) += links[a].factor[k] * g[a];
                    for (std::size_t b = 0; b < movers; ++b)
                        for (int m = 0; m < links[b].count; ++m) normal_(row, links[b].slot[m]) += links[a].factor[k] * links[b].factor[m] * h[a][b];
                }
        }
        priors(&Window::addPrior);
        if (fairness_) evenness(true);
    }

    // -- evenness -----------------------------------------------------------------------------------------------------------

    // Samples that a piece stands for: what its terms weigh.
    double mass(std::size_t j)
    {
        const Run run = runOf(chain_, index(j), source_.samples);
        return static_cast<double>(run.last - run.first + 1);
    }

    using Moves = std::array<double, movers>;
    Moves movesOf(std::size_t j)
    {
        const ChainNode &u = node(j), &v = node(j + 1);
        return {u.at.x, u.at.y, v.at.x, v.at.y, piece(j).a, piece(j).b, u.out, v.in};
    }
    static Cubic cubicOf(const Moves& m)
    {
        const Vec2 p0{m[x0], m[y0]}, p3{m[x3], m[y3]};
        return {p0, p0 + direction(m[angleOut]) * m[handleA], p3 - direction(m[angleIn]) * m[handleB], p3};
    }
    // The piece, and the piece after a small move of each of the things it moves with.
    struct Around {
        Cubic here;
        std::array<Cubic, movers> moved{};
    };
    static double moveBy(std::size_t k) { return k >= angleOut ? 1e-5 : 1e-4; }
    Around aroundOf(std::size_t j, bool withMoves)
    {
        Around out{chain_.cubic(index(j)), {}};
        if (!withMoves) return out;
        const Moves m = movesOf(j);
        out.here = cubicOf(m);
        for (std::size_t k = 0; k < movers; ++k) {
            Moves moved = m;
            moved[k] += moveBy(k);
            out.moved[k] = cubicOf(moved);
        }
        return out;
    }
    // What of(cubic) is, and how it changes with the piece's moves, by small differences.
    template <class Of> static double differentiate(const Around& p, Of of, Moves* slope)
    {
        const double value = of(p.here);
        if (slope)
            for (std::size_t k = 0; k < movers; ++k) (*slope)[k] = (of(p.moved[k]) - value) / moveBy(k);
        return value;
    }

    void scatter(std::size_t j, const Moves& slope, double factor, std::vector<std::pair<int, double>>& row)
    {
        const Links links = linksOf(j);
        for (std::size_t a = 0; a < movers; ++a)
            for (int k = 0; k < links[a].count; ++k) row.emplace_back(links[a].slot[k], factor * links[a].factor[k] * slope[a]);
    }
    // A term that ought to be zero.
    double term(double value, double weight, const std::vector<std::pair<int, double>>& row, bool add)
    {
        if (add)
            for (const auto& [a, ra] : row) {
                gradient_(a) -= weight * ra * value;
                for (const auto& [b, rb] : row) normal_(a, b) += weight * ra * rb;
            }
        return weight * value * value;
    }

    static constexpr double flatBend = 0.05; // px of sagitta: what bends less counts as straight

    // How far the piece is from bending to one side alone, px.
    double sides(std::size_t j, const Around& p, int side, bool add)
    {
        constexpr double firm = 40; // samples' worth for each of the piece's own
        double sum = 0;
        for (std::size_t k = 0; k < 4; ++k) {
            const auto lacking = [side, k](const Cubic& c) { return 2e-3 * distance(c.p0, c.p3) - side * convexity(c)[k]; };
            Moves slope;
            const double off = differentiate(p, lacking, add ? &slope : nullptr);
            if (off <= 0) continue;
            std::vector<std::pair<int, double>> row;
            if (add) scatter(j, slope, 1, row);
            sum += term(off, firm * mass(j), row, add);
        }
        return sum;
    }

    static constexpr std::size_t looks = 6; // along a piece
    // By how much the curvature changes from each look to the next, times the chord.
    static std::array<double, looks> changesOf(const Cubic& c)
    {
        const double chord = distance(c.p0, c.p3);
        std::array<double, looks> out{};
        double before = curvature(c, 0);
        for (std::size_t k = 0; k < looks; ++k) {
            const double after = curvature(c, static_cast<double>(k + 1) / looks);
            out[k] = chord * (after - before);
            before = after;
        }
        return out;
    }
    double changes(std::size_t j, const Around& p, bool add)
    {
        double sum = 0;
        const double weight = mass(j) / looks;
        const auto here = changesOf(p.here);
        std::array<std::array<double, looks>, movers> moved{};
        if (add)
            for (std::size_t k = 0; k < movers; ++k) moved[k] = changesOf(p.moved[k]);
        for (std::size_t k = 0; k < looks; ++k) {
            std::vector<std::pair<int, double>> row;
            if (add) {
                Moves slope;
                for (std::size_t m = 0; m < movers; ++m) slope[m] = (moved[m][k] - here[k]) / moveBy(m);
                scatter(j, slope, fairness_->change, row);
            }
            sum += term(fairness_->change * here[k], weight, row, add);
        }
        return sum;
    }

    // Curvature that falls towards the end at which it is greatest: its crest belongs into the node.
    double crests(std::size_t j, const Around& p, bool add)
    {
        constexpr double inside = 0.12;
        const Cubic& c = p.here;
        const double k0 = std::abs(curvature(c, 0)), k1 = std::abs(curvature(c, 1));
        const double end = k0 > k1 ? 0 : 1, near = k0 > k1 ? inside : 1 - inside;
        const double chord = std::max(1.0, distance(c.p0, c.p3));
        const double scale = fairness_->jump / (std::abs(curvature(c, near)) + std::max(k0, k1) + 8 * flatBend / (chord * chord));
        const auto over = [end, near](const Cubic& q) { return std::abs(curvature(q, near)) - std::abs(curvature(q, end)); };
        Moves slope;
        const double value = scale * differentiate(p, over, add ? &slope : nullptr);
        if (value <= 0) return 0;
        std::vector<std::pair<int, double>> row;
        if (add) scatter(j, slope, scale, row);
        return term(value, mass(j), row, add);
    }

    double jumps(std::size_t j, const Around& last, const Around& p, bool add) // at the node between pieces j - 1 and j
    {
        const double least = std::min(distance(node(j - 1).at, node(j).at), distance(node(j).at, node(j + 1).at));
        const double flat = 8 * flatBend / std::max(1.0, least * least);
        Moves before, after;
        const double k0 = differentiate(
            last, [](const Cubic& c) { return curvature(c, 1); }, add ? &before : nullptr);
        const double k1 = differentiate(
            p, [](const Cubic& c) { return curvature(c, 0); }, add ? &after : nullptr);
        const double scale = fairness_->jump / (std::abs(k0) + std::abs(k1) + flat);
        std::vector<std::pair<int, double>> row;
        if (add) {
            scatter(j, after, scale, row);
            scatter(j - 1, before, -scale, row);
        }
        return term(scale * (k1 - k0), std::min(mass(j - 1), mass(j)), row, add);
    }

    double evenness(bool add)
    {
        double sum = 0;
        Around last{};
        for (std::size_t j = 0; j < count_; ++j) {
            if (piece(j).line) continue;
            const Around p = aroundOf(j, add);
            if (!fairness_->side.empty() && fairness_->side[index(j)] != 0) sum += sides(j, p, fairness_->side[index(j)], add);
            if (fairness_->change > 0) sum += changes(j, p, add);
            if (fairness_->jump > 0) sum += crests(j, p, add);
            if (fairness_->jump > 0 && j > 0 && node(j).smooth && !piece(j - 1).line) sum += jumps(j, last, p, add);
            last = p;
        }
        return sum;
    }

    Saved save()
    {
        Saved s;
        for (std::size_t j = 0; j <= count_; ++j) s.nodes.push_back(node(j));
        for (std::size_t j = 0; j < count_; ++j) s.pieces.push_back(piece(j));
        return s;
    }

    void restore(const Saved& s)
    {
        for (std::size_t j = 0; j <= count_; ++j) node(j) = s.nodes[j];
        for (std::size_t j = 0; j < count_; ++j) piece(j) = s.pieces[j];
        for (Point& p : points_) p.t = p.t0;
    }

    void apply(const Eigen::VectorXd& step)
    {
        for (std::size_t j = 0; j <= count_; ++j) {
            const Slots& slot = nodes_[j];
            ChainNode& n = node(j);
            if (slot.at >= 0) {
                const Vec2 move{step(slot.at), step(slot.at + 1)};
                const double len = length(move);
                n.at += len > reach_ ? move * (reach_ / len) : move;
            }
            const auto turned = [&](int k) { return std::clamp(step(k), -0.5, 0.5); };
            if (slot.in >= 0 && slot.in == slot.out) {
                n.in = n.out = n.in + turned(slot.in);
            } else {
                if (slot.in >= 0) n.in += turned(slot.in);
                if (slot.out >= 0) n.out += turned(slot.out);
            }
        }
        for (std::size_t j = 0; j < count_; ++j) {
            if (handle_[j] < 0 || piece(j).line) continue;
            const double chord = distance(node(j).at, node(j + 1).at);
            const double least = std::min(0.05 * chord, 1.0), most = 1.0 * chord + 0.5;
            piece(j).a = std::clamp(piece(j).a + step(handle_[j]), least, most);
            piece(j).b = std::clamp(piece(j).b + step(handle_[j] + 1), least, most);
        }
    }

    // Lines hand their direction to the smooth nodes at their ends.
    void alignLines()
    {
        for (std::size_t j = 0; j < count_; ++j) {
            if (!piece(j).line) continue;
            const double a = angleOf(node(j + 1).at - node(j).at);
            node(j).out = a;
            node(j + 1).in = a;
            if (j > 0 && node(j).smooth) node(j).in = a;
            if (j + 1 < count_ && node(j + 1).smooth) node(j + 1).out = a;
        }
    }

    // A node that has moved along the line takes over the sample nearest to it.
    void reassign(std::size_t j)
    {
        ChainNode& n = node(j);
        if (!n.smooth) return;
        const Samples& s = source_.samples;
        const Run before = runOf(chain_, index(j - 1), s), after = runOf(chain_, index(j), s);
        long best = before.last;
        double d = distance(s[best], n.at);
        for (const long dir : {-1L, 1L})
            for (long i = before.last + dir; i > before.first && i - before.last < after.last - after.first; i += dir) {
                const double e = distance(s[i], n.at);
                if (e < d) {
                    d = e;
                    best = i;
                } else if (e > d + 4 * s.step) {
                    break;
                }
            }
        n.sample = chain_.closed ? s.wrapped(best) : best;
    }
};

} // namespace

void settle(Chain& chain, std::size_t first, std::size_t count, const ChainSource& source, int rounds, const Fairness* fairness)
{
    if (chain.pieces.empty() || count == 0) return;
    Window(chain, first, std::min(count, chain.pieces.size()), source, fairness).run(rounds);
}

Path toPath(const Chain& chain)
{
    Path path;
    path.closed = chain.closed;
    const std::size_t n = chain.nodes.size();
    for (std::size_t k = 0; k < n; ++k) {
        const ChainNode& c = chain.nodes[k];
        Node node = cornerAt(c.at);
        const bool hasIn = chain.closed || k > 0, hasOut = chain.closed || k + 1 < n;
        if (hasIn) {
            const ChainPiece& p = chain.pieces[(k + chain.pieces.size() - 1) % chain.pieces.size()];
            if (!p.line) node.in = c.at - direction(c.in) * p.b;
        }
        if (hasOut && !chain.pieces[k].line) node.out = c.at + direction(c.out) * chain.pieces[k].a;
        node.kind = c.smooth && hasIn && hasOut ? NodeKind::smooth : NodeKind::corner;
        path.nodes.push_back(node);
    }
    return path;
}

} // namespace softrope::curve
