#include "trace/level_lines.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace softrope::trace {

namespace {

using curve::Vec2;

// Cells lie between four pixel centres; cell (x, y) has pixel (x, y) at its upper left, from -1 on.
class Marcher {
public:
    Marcher(const pixel::Grey& g, double level, double outside)
        : g_(g), level_(level), outside_(outside), seen_(static_cast<std::size_t>(g.width + 1) * static_cast<std::size_t>(g.height), false)
    {
    }

    std::vector<LevelLine> run(double smallest, const std::function<bool()>& cancelled)
    {
        std::vector<LevelLine> lines;
        const std::vector<std::vector<int>> steps = stepsDown(cancelled);
        for (int y = 0; y < g_.height; ++y) {
            if (cancelled && (y & 63) == 0 && cancelled()) break;
            for (const int x : steps[static_cast<std::size_t>(y)]) {
                if (seen_[slot(x, y)]) continue;
                LevelLine line = follow(x, y);
                if (line.points.size() > 2 && std::abs(line.area) >= smallest) lines.push_back(std::move(line));
            }
        }
        return lines;
    }

private:
    const pixel::Grey& g_;
    double level_, outside_;
    std::vector<bool> seen_; // light-to-dark steps (from pixel x to x + 1) that a line has passed

    // Of each row, the px after which it is dark; most of a page is looked at here alone.
    std::vector<std::vector<int>> stepsDown(const std::function<bool()>& cancelled) const
    {
        std::vector<std::vector<int>> out(static_cast<std::size_t>(g_.height));
        const int cut = static_cast<int>(std::ceil(level_)); // darker than this
        const bool darkOutside = outside_ < level_;
        tbb::parallel_for(tbb::blocked_range<int>(0, g_.height, 64), [&](const tbb::blocked_range<int>& rows) {
            if (cancelled && cancelled()) return;
            for (int y = rows.begin(); y < rows.end(); ++y) {
                const std::uint8_t* row = g_.row(y);
                bool before = darkOutside;
                for (int x = 0; x < g_.width; ++x) {
                    const bool now = row[x] < cut;
                    if (now && !before) out[static_cast<std::size_t>(y)].push_back(x - 1);
                    before = now;
                }
                if (darkOutside && !before) out[static_cast<std::size_t>(y)].push_back(g_.width - 1);
            }
        });
        return out;
    }

    std::size_t slot(int x, int y) const { return static_cast<std::size_t>(y) * static_cast<std::size_t>(g_.width + 1) + static_cast<std::size_t>(x + 1); }
    double value(int x, int y) const { return g_.inside(x, y) ? static_cast<double>(g_.at(x, y)) : outside_; }
    bool dark(int x, int y) const { return value(x, y) < level_; }
    double share(double a, double b) const { return std::clamp((level_ - a) / (b - a), 0.0, 1.0); }

    enum Side { top, right, bottom, left };

    // The line enters a cell through one side and leaves through another, keeping dark ground on its right.
    LevelLine follow(int startX, int startY)
    {
        // A light-to-dark step from left to right is crossed upwards: into the cell above it, through its bottom.
        LevelLine line;
        int x = startX, y = startY - 1;
        Side in = bottom;
        do {
            if (in == bottom && !dark(x, y + 1) && dark(x + 1, y + 1)) seen_[slot(x, y + 1)] = true;
            line.points.push_back(crossing(x, y, in));
            const Side out = leave(x, y, in);
            switch (out) {
            case top:
                --y;
                in = bottom;
                break;
            case bottom:
                ++y;
                in = top;
                break;
            case left:
                --x;
                in = right;
                break;
            case right:
                ++x;
                in = left;
                break;
            }
        } while (!(x == startX && y == startY - 1 && in == bottom));
        Vec2 last = line.points.back();
        const Vec2 origin = line.points.front();
        for (const Vec2 p : line.points) {
            line.area += 0.5 * cross(last - origin, p - origin);
            last = p;
        }
        return line;
    }

    Vec2 crossing(int x, int y, Side side) const
    {
        const double cx = x + 0.5, cy = y + 0.5;
        switch (side) {
        case top: return {cx + share(value(x, y), value(x + 1, y)), cy};
        case bottom: return {cx + share(value(x, y + 1), value(x + 1, y + 1)), cy + 1};
        case left: return {cx, cy + share(value(x, y), value(x, y + 1))};
        case right: return {cx + 1, cy + share(value(x + 1, y), value(x + 1, y + 1))};
        }
        return {};
    }

    Side leave(int x, int y, Side in) const
    {
        const bool a = dark(x, y), b = dark(x + 1, y), c = dark(x + 1, y + 1), d = dark(x, y + 1);
        const bool crossed[4] = {a != b, b != c, c != d, d != a};
        const int count = crossed[0] + crossed[1] + crossed[2] + crossed[3];
        if (count == 2) {
            for (int s = 0; s < 4; ++s)
                if (crossed[s] && s != in) return static_cast<Side>(s);
        }
        const bool middle = (value(x, y) + value(x + 1, y) + value(x + 1, y + 1) + value(x, y + 1)) / 4 < level_;
        // The middle joins the corners of its own kind: the line turns round a corner of the other kind.
        const bool joinA = a != middle; // corners a and c stand alone, else b and d
        switch (in) {
        case top: return joinA ? left : right;
        case right: return joinA ? bottom : top;
        case bottom: return joinA ? right : left;
        case left: return joinA ? top : bottom;
        }
        return in;
    }
};

} // namespace

std::vector<LevelLine> levelLines(const pixel::Grey& grey, double level, double smallest, double outside, const std::function<bool()>& cancelled)
{
    if (grey.empty()) return {};
    // A level equal to a grey value would put crossings on pixel centres; a hair beside it keeps lines simple.
    const double nudged = level == std::floor(level) ? level + 1e-3 : level;
    return Marcher(grey, nudged, outside).run(smallest, cancelled);
}

} // namespace softrope::trace
