#include "tone/region_map.h"

#include "curve/edit.h"
#include "curve/fit.h"
#include "curve/longest_first.h"
#include "tone/border_runs.h"
#include "tone/components.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace softrope::tone {

using curve::Node;
using curve::NodeKind;
using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

constexpr float alikeBelow = 30; // CIELAB: colours nearer than this are alike

struct Mapper {
    const Labels& labels;
    const pixel::Picture& picture;
    const std::vector<pixel::Rgba>& colours;
    const RegionMapOptions& options;
    RegionMap map{};
    pixel::Raster<int> region{};
    std::vector<char> seenAcross{}, seenDown{};       // crossings between (x, y) and (x + 1, y); between (x, y) and (x, y + 1)
    std::unordered_map<std::size_t, int> junctions{}; // by cell; few of many
    std::vector<std::pair<int, int>> junctionCells{}; // in their order
    int junctionOf(int i, int j) const
    {
        const auto found = junctions.find(cell(i, j));
        return found == junctions.end() ? -1 : found->second;
    }
    std::size_t cell(int i, int j) const { return static_cast<std::size_t>(j) * (static_cast<std::size_t>(w()) + 1) + static_cast<std::size_t>(i); }

    int w() const { return labels.width; }
    int h() const { return labels.height; }
    int at(int x, int y) const { return x < 0 || y < 0 || x >= w() || y >= h() ? beyond : region.at(x, y); }

    void findRegions()
    {
        Components found = componentsOf(labels);
        region = std::move(found.id);
        for (std::size_t k = 0; k < found.label.size(); ++k) map.regions.push_back({found.label[k], found.pixels[k]});
    }

    // -- crossings -------------------------------------------------------------------------------------------------------
    // Share of the way from the colour of region a to that of b at a pixel, 0..1.
    double share(int x, int y, int a, int b) const
    {
        const pixel::Rgba c = picture.at(x, y), p = colours[map.regions[static_cast<std::size_t>(a)].label],
                          q = colours[map.regions[static_cast<std::size_t>(b)].label];
        const double dr = q.r - p.r, dg = q.g - p.g, db = q.b - p.b, n = dr * dr + dg * dg + db * db;
        if (n < 1) return 0.5;
        return std::clamp(((c.r - p.r) * dr + (c.g - p.g) * dg + (c.b - p.b) * db) / n, 0.0, 1.0);
    }
    double crossing(int x0, int y0, int x1, int y1) const
    {
        const int a = at(x0, y0), b = at(x1, y1);
        if (a == beyond || b == beyond || !options.subpixel) return 0.5;
        if (options.crossing) return std::clamp(options.crossing(x0, y0, x1, y1), 0.02, 0.98);
        const double f0 = share(x0, y0, a, b), f1 = share(x1, y1, a, b);
        if (f1 - f0 < 0.08) return 0.5;
        return std::clamp((0.5 - f0) / (f1 - f0), 0.02, 0.98);
    }
    // A crossing: `down` = between (x, y) and (x, y + 1), else between (x, y) and (x + 1, y).
    struct Mark {
        int x = 0, y = 0;
        bool down = false;
    };
    Vec2 place(Mark m) const
    {
        return m.down ? Vec2{m.x + 0.5, m.y + 0.5 + crossing(m.x, m.y, m.x, m.y + 1)} : Vec2{m.x + 0.5 + crossing(m.x, m.y, m.x + 1, m.y), m.y + 0.5};
    }
    char& seen(Mark m)
    {
        const auto k = static_cast<std::size_t>(m.y + 1) * static_cast<std::size_t>(w() + 2) + static_cast<std::size_t>(m.x + 1);
        return m.down ? seenDown[k] : seenAcross[k];
    }

    // -- cells: the squares between four pixel centres; (i, j) has the pixels (i - 1, j - 1) .. (i, j) --------------------------
    enum Side { top, right, bottom, left };
    Mark markOf(int i, int j, Side s) const
    {
        switch (s) {
        case top: return {i - 1, j - 1, false};
        case bottom: return {i - 1, j, false};
        case left: return {i - 1, j - 1, true};
        case right: return {i, j - 1, true};
        }
        return {};
    }
    bool crossed(int i, int j, Side s) const
    {
        const int tl = at(i - 1, j - 1), tr = at(i, j - 1), bl = at(i - 1, j), br = at(i, j);
        switch (s) {
        case top: return tl != tr;
        case bottom: return bl != br;
        case left: return tl != bl;
        case right: return tr != br;
        }
        return false;
    }
    int count(int i, int j) const { return crossed(i, j, top) + crossed(i, j, right) + crossed(i, j, bottom) + crossed(i, j, left); }
    // Two regions that meet in a chequer: the one that holds together; 0 = the top left corner's, 1 = the top right one's,
    // -1 = neither, a junction.
    int holds(int i, int j) const
    {
        const int tl = at(i - 1, j - 1), tr = at(i, j - 1), bl = at(i - 1, j), br = at(i, j);
        if (tl == br && tr == bl) {
            // By the mean of the four.
            const double mean = 0.25 * (share(i - 1, j - 1, tl, tr) + share(i, j - 1, tl, tr) + share(i - 1, j, tl, tr) + share(i, j, tl, tr));
            return mean < 0.5 ? 0 : 1;
        }
        return tl == br ? 0 : tr == bl ? 1 : -1;
    }
    bool junction(int i, int j) const
    {
        const int n = count(i, j);
        return n == 3 || (n == 4 && holds(i, j) < 0);
    }
    // Where a border that comes in by one side goes out.
    Side leaves(int i, int j, Side in) const
    {
        if (count(i, j) == 4) {
            const bool first = holds(i, j) == 0; // the top left corner holds on to the bottom right one: the others are cut off
            switch (in) {
            case top: return first ? right : left;
            case right: return first ? top : bottom;
            case bottom: return first ? left : right;
            case left: return first ? bottom : top;
            }
        }
        for (const Side s : {top, right, bottom, left})
            if (s != in && crossed(i, j, s)) return s;
        return in;
    }

    void findJunctions()
    {
        for (int j = 0; j <= h(); ++j)
            for (int i = 0; i <= w(); ++i) {
                if (!junction(i, j)) continue;
                Vec2 sum;
                int n = 0;
                for (const Side s : {top, right, bottom, left})
                    if (crossed(i, j, s)) {
                        const Mark m = markOf(i, j, s);
                        const bool frame = at(m.x, m.y) == beyond || (m.down ? at(m.x, m.y + 1) : at(m.x + 1, m.y)) == beyond;
                        // On the picture's edge the border inside says where.
                        if ((i == 0 || j == 0 || i == w() || j == h()) && frame) continue;
                        sum += place(m);
                        ++n;
                    }
                Vec2 p = n ? sum / n : Vec2{static_cast<double>(i), static_cast<double>(j)};
                if (i == 0) p.x = 0;
                if (j == 0) p.y = 0;
                if (i == w()) p.x = w();
                if (j == h()) p.y = h();
                junctions[cell(i, j)] = static_cast<int>(map.junctions.size());
                junctionCells.emplace_back(i, j);
                map.junctions.push_back(p);
            }
    }

    // Follows a border from a crossing of cell (i, j) outwards by that side.
    void follow(int i, int j, Side out, int from)
    {
        Border b;
        b.from = from;
        Mark m = markOf(i, j, out);
        const Mark first = m;
        Vec2 way{static_cast<double>(out == right) - (out == left), static_cast<double>(out == bottom) - (out == top)};
        // The region on the side that a quarter turn from x to y points to.
        const int one = at(m.x, m.y), two = m.down ? at(m.x, m.y + 1) : at(m.x + 1, m.y);
        const bool firstIsLeft = m.down ? way.x < 0 : way.y > 0;
        b.left = firstIsLeft ? one : two;
        b.right = firstIsLeft ? two : one;
        if (from >= 0) b.points.push_back(map.junctions[static_cast<std::size_t>(from)]);
        while (true) {
            seen(m) = 1;
            b.points.push_back(place(m));
            i += static_cast<int>(way.x);
            j += static_cast<int>(way.y);
            if (i < 0 || j < 0 || i > w() || j > h()) break; // cannot happen: the frame closes all
            if (const int k = junctionOf(i, j); k >= 0) {
                b.to = k;
                b.points.push_back(map.junctions[static_cast<std::size_t>(k)]);
                break;
            }
            // The picture's corner is a corner of the border.
            if ((i == 0 || i == w()) && (j == 0 || j == h())) b.points.push_back({static_cast<double>(i), static_cast<double>(j)});
            const Side in = way.x > 0 ? left : way.x < 0 ? right : way.y > 0 ? top : bottom;
            const Side next = leaves(i, j, in);
            m = markOf(i, j, next);
            way = {static_cast<double>(next == right) - (next == left), static_cast<double>(next == bottom) - (next == top)};
            if (from < 0 && m.x == first.x && m.y == first.y && m.down == first.down) break;
            if (seen(m)) break;
        }
        map.borders.push_back(std::move(b));
    }

    void traceBorders()
    {
        const auto n = static_cast<std::size_t>(w() + 2) * static_cast<std::size_t>(h() + 2);
        seenAcross.assign(n, 0);
        seenDown.assign(n, 0);
        for (int k = 0; const auto& [i, j] : junctionCells) {
            for (const Side s : {top, right, bottom, left})
                if (crossed(i, j, s) && !seen(markOf(i, j, s))) follow(i, j, s, k);
            ++k;
        }
        // All borders at junctions have been followed: what is left runs round.
        for (int j = 0; j <= h(); ++j)
            for (int i = 0; i <= w(); ++i)
                for (const Side s : {right, bottom})
                    if (crossed(i, j, s) && !seen(markOf(i, j, s))) follow(i, j, s, -1);
    }

    // -- fitting -----------------------------------------------------------------------------------------------------------
    std::vector<pixel::Lab> labs{}; // of the colours
    // How far a border may stray, in shares of the slack.
    double leeway(const Border& b) const
    {
        if (!options.gradual) return 1;
        const pixel::Lab x = labs[map.regions[static_cast<std::size_t>(b.left)].label], y = labs[map.regions[static_cast<std::size_t>(b.right)].label];
        return static_cast<double>(std::clamp(alikeBelow / std::max(1.0F, std::sqrt(pixel::squaredDistance(x, y))), 1.0F, 3.0F));
    }

    void fitBorders()
    {
        for (const pixel::Rgba c : colours) labs.push_back(pixel::labOf(c));
        curve::FitOptions f;
        f.slack = 0.75 * options.slack;
        f.grain = std::clamp(options.blur / 0.6, 1.0, 4.0);
        f.rounding = 0.55 + 1.3 * options.blur;
        f.spacing = 0.5;
        f.straightWithin = 0.5;
        f.even = 0.33;
        f.strict = false;
        f.quick = options.quick;
        // Of thousands of borders nobody sees how evenly each bends, and evenness would cost more than all the rest; nor of short ones.
        constexpr std::size_t few = 400, leastPoints = 64;
        const bool fair = map.borders.size() <= few;
        f.cancelled = options.cancelled;
        constexpr double unlike = 1.6; // times as much leeway: one of them would be drawn too loosely, or with too many nodes
        const std::vector<BorderRun> runs = runsOf(map, [&](const Border& a, const Border& b) {
            // (Of flat colours every border is known to a fraction of a px, and so is where three meet.)
            const double x = leeway(a), y = leeway(b);
            return options.gradual && std::max(x, y) < unlike * std::min(x, y);
        });
        std::vector<std::size_t> lengths;
        for (const BorderRun& r : runs) {
            lengths.push_back(0);
            for (const BorderRun::Part& p : r.parts) lengths.back() += map.borders[static_cast<std::size_t>(p.border)].points.size();
        }
        std::vector<Path> lines(runs.size()); // of those that go on through junctions
        curve::longestFirst(
            runs.size(), [&](std::size_t k) { return lengths[k]; },
            [&](std::size_t k) {
                if (options.cancelled && options.cancelled()) return;
                curve::FitOptions own = f;
                double least = 3;
                for (const BorderRun::Part& p : runs[k].parts) least = std::min(least, leeway(map.borders[static_cast<std::size_t>(p.border)]));
                own.slack *= least;
                own.fair = fair && lengths[k] >= leastPoints;
                if (runs[k].parts.size() > 1) {
                    lines[k] = fitRun(runs[k], own);
                    if (cutUp(runs[k], lines[k])) return;
                    lines[k] = {};
                }
                for (const BorderRun::Part& p : runs[k].parts) fitBorder(map.borders[static_cast<std::size_t>(p.border)], own);
            });
        // What ends on a line that goes on ends where that lies now; a line that goes on itself as a whole.
        for (std::size_t k = 0; k < runs.size(); ++k) {
            if (runs[k].closed || lines[k].nodes.empty()) continue;
            const Vec2 start = map.junctions[static_cast<std::size_t>(junctionAt(runs[k].parts.front(), false))],
                       end = map.junctions[static_cast<std::size_t>(junctionAt(runs[k].parts.back(), true))];
            if (start == lines[k].nodes.front().at && end == lines[k].nodes.back().at) continue;
            put(lines[k].nodes.front(), start);
            put(lines[k].nodes.back(), end);
            cutUp(runs[k], lines[k]);
        }
        for (Border& b : map.borders) {
            if (b.left == beyond || b.right == beyond) {
                b.path = frameOf(b);
            } else if (b.from >= 0 && !b.path.nodes.empty()) {
                put(b.path.nodes.front(), map.junctions[static_cast<std::size_t>(b.from)]);
                put(b.path.nodes.back(), map.junctions[static_cast<std::size_t>(b.to)]);
            }
        }
    }

    static void put(Node& n, Vec2 to)
    {
        const Vec2 by = to - n.at;
        n.at = to;
        n.in += by;
        n.out += by;
    }

    int junctionAt(const BorderRun::Part& part, bool end) const
    {
        const Border& b = map.borders[static_cast<std::size_t>(part.border)];
        return end != part.back ? b.to : b.from;
    }

    // Borders that go on into one another as one line.
    Path fitRun(const BorderRun& run, const curve::FitOptions& f) const
    {
        std::vector<Vec2> row;
        for (std::size_t k = 0; k < run.parts.size(); ++k) {
            std::vector<Vec2> points = map.borders[static_cast<std::size_t>(run.parts[k].border)].points;
            if (run.parts[k].back) std::reverse(points.begin(), points.end());
            // Next to a junction a pixel is a mixture of three: its crossings say little, and where the line goes on the junction itself no more.
            const bool first = k == 0 && !run.closed, last = k + 1 == run.parts.size() && !run.closed;
            points.erase(points.begin() + (first ? 1 : 0), points.begin() + 2);
            points.erase(points.end() - 2, points.end() - (last ? 1 : 0));
            row.insert(row.end(), points.begin(), points.end());
        }
        return curve::fit(row, run.closed, f).path;
    }
    // Gives each border its part of the line, and puts the junctions between them on it; whether that could be done.
    bool cutUp(const BorderRun& run, const Path& line)
    {
        if (line.nodes.size() < 2) return false;
        std::vector<std::size_t> through;
        std::vector<Vec2> places;
        for (std::size_t k = run.closed ? 0 : 1; k < run.parts.size(); ++k) {
            through.push_back(static_cast<std::size_t>(junctionAt(run.parts[k], false)));
            places.push_back(map.junctions[through.back()]);
        }
        constexpr double near = 0.3; // px
        const std::vector<Path> parts = partsAt(line, places, near);
        if (parts.size() != run.parts.size()) return false;
        for (std::size_t k = 0; k < parts.size(); ++k) {
            const bool back = run.parts[k].back;
            map.borders[static_cast<std::size_t>(run.parts[k].border)].path = back ? curve::reversed(parts[k]) : parts[k];
        }
        for (std::size_t k = 0; k < through.size(); ++k) map.junctions[through[k]] = parts[run.closed ? k : k + 1].nodes.front().at;
        return true;
    }

    void fitBorder(Border& b, const curve::FitOptions& f) const
    {
        std::vector<Vec2> row = b.points;
        if (b.from >= 0 && row.size() > 8) { // (as above)
            row.erase(row.begin() + 1);
            row.erase(row.end() - 2);
        }
        const bool closed = b.from < 0;
        if (row.size() < 3 || (!closed && row.size() < 4)) {
            b.path = curve::polyline(closed ? row : std::vector<Vec2>{row.front(), row.back()}, closed);
            return;
        }
        b.path = curve::fit(row, closed, f).path;
        if (!closed && b.path.nodes.size() < 2) b.path = curve::polyline({row.front(), row.back()}, false);
    }

    // Along the picture's edge: straights from corner to corner.
    Path frameOf(const Border& b) const
    {
        std::vector<Vec2> corners;
        const auto isCorner = [&](Vec2 p) { return (p.x == 0 || p.x == w()) && (p.y == 0 || p.y == h()); };
        if (b.from >= 0) corners.push_back(b.points.front());
        for (std::size_t k = b.from >= 0 ? 1 : 0; k + (b.from >= 0 ? 1 : 0) < b.points.size(); ++k)
            if (isCorner(b.points[k])) corners.push_back(b.points[k]);
        if (b.from >= 0) corners.push_back(b.points.back());
        corners.erase(std::unique(corners.begin(), corners.end()), corners.end());
        return curve::polyline(corners, b.from < 0);
    }
};

} // namespace

RegionMap mapRegions(const Labels& labels, const pixel::Picture& picture, const std::vector<pixel::Rgba>& colours, const RegionMapOptions& options)
{
    Mapper m{labels, picture, colours, options};
    m.map.width = labels.width;
    m.map.height = labels.height;
    if (labels.empty()) return std::move(m.map);
    m.findRegions();
    m.findJunctions();
    m.traceBorders();
    m.fitBorders();
    return std::move(m.map);
}

namespace {

// Where a line goes on through a junction there is no node.
void withoutSplits(Path& loop)
{
    for (std::size_t k = 0; k < loop.nodes.size() && loop.nodes.size() > 3;) {
        const std::size_t n = loop.nodes.size(), before = (k + n - 1) % n, after = (k + 1) % n;
        const auto one = whole(loop.piece(before), loop.piece(k));
        if (!one) {
            ++k;
            continue;
        }
        loop.nodes[before].out = one->p1;
        loop.nodes[after].in = one->p2;
        loop.nodes.erase(loop.nodes.begin() + static_cast<std::ptrdiff_t>(k));
    }
}

} // namespace

std::vector<std::vector<int>> bordersByRegion(const RegionMap& map)
{
    std::vector<std::vector<int>> of(map.regions.size());
    for (std::size_t k = 0; k < map.borders.size(); ++k)
        for (const int r : {map.borders[k].left, map.borders[k].right})
            if (r != beyond) of[static_cast<std::size_t>(r)].push_back(static_cast<int>(k));
    return of;
}

Paths outlineOf(const RegionMap& map, const std::vector<char>& in, const std::vector<std::vector<int>>& bordersOf, const std::vector<int>& members)
{
    // Directed so that the set lies at the left.
    struct Piece {
        int border;
        bool back;
        bool used = false;
    };
    std::vector<Piece> pieces;
    const auto inside = [&](int r) { return r != beyond && in[static_cast<std::size_t>(r)]; };
    for (const int r : members)
        for (const int k : bordersOf[static_cast<std::size_t>(r)]) {
            const Border& b = map.borders[static_cast<std::size_t>(k)];
            if (inside(b.left) == inside(b.right)) continue;
            pieces.push_back({k, !inside(b.left)});
        }
    Paths out;
    const auto start = [&](const Piece& p) {
        return p.back ? map.borders[static_cast<std::size_t>(p.border)].to : map.borders[static_cast<std::size_t>(p.border)].from;
    };
    const auto end = [&](const Piece& p) {
        return p.back ? map.borders[static_cast<std::size_t>(p.border)].from : map.borders[static_cast<std::size_t>(p.border)].to;
    };
    std::vector<std::pair<int, std::size_t>> byStart;
    for (std::size_t k = 0; k < pieces.size(); ++k) byStart.push_back({start(pieces[k]), k});
    std::sort(byStart.begin(), byStart.end());
    const auto add = [&](Path p) {
        if (p.nodes.size() < 2) return;
        curve::markKinds(p);
        out.push_back(std::move(p));
    };
    for (Piece& first : pieces) {
        if (first.used) continue;
        first.used = true;
        const Border& b = map.borders[static_cast<std::size_t>(first.border)];
        if (b.from < 0) {
            add(first.back ? curve::reversed(b.path) : b.path);
            continue;
        }
        Path loop;
        loop.closed = true;
        Piece* now = &first;
        while (true) {
            const Path& whole = map.borders[static_cast<std::size_t>(now->border)].path;
            const Path p = now->back ? curve::reversed(whole) : whole;
            if (loop.nodes.empty()) {
                loop.nodes = p.nodes;
            } else {
                loop.nodes.back().out = p.nodes.front().out;
                loop.nodes.back().kind = NodeKind::corner;
                loop.nodes.insert(loop.nodes.end(), p.nodes.begin() + 1, p.nodes.end());
            }
            const int at = end(*now);
            if (at == start(first)) break;
            Piece* next = nullptr;
            for (auto i = std::lower_bound(byStart.begin(), byStart.end(), std::pair{at, std::size_t{0}}); i != byStart.end() && i->first == at; ++i)
                if (!pieces[i->second].used) {
                    next = &pieces[i->second];
                    break;
                }
            if (!next) break;
            next->used = true;
            now = next;
        }
        if (loop.nodes.size() > 2) {
            loop.nodes.front().in = loop.nodes.back().in;
            loop.nodes.front().kind = NodeKind::corner;
            loop.nodes.pop_back();
        }
        withoutSplits(loop);
        // Straights that go straight on through a junction need no node there.
        for (std::size_t k = 0; k < loop.nodes.size() && loop.nodes.size() > 3;) {
            const std::size_t n = loop.nodes.size();
            const curve::Cubic before = loop.piece((k + n - 1) % n), after = loop.piece(k);
            const Vec2 chord = after.p3 - before.p0;
            if (curve::isStraight(before) && curve::isStraight(after) && dot(before.p3 - before.p0, after.p3 - after.p0) > 0 &&
                std::abs(cross(before.p3 - before.p0, chord)) < 0.02 * length(chord))
                loop.nodes.erase(loop.nodes.begin() + static_cast<std::ptrdiff_t>(k));
            else
                ++k;
        }
        add(std::move(loop));
    }
    return out;
}

} // namespace softrope::tone
