#include "trace/measured.h"

#include "trace/centre_line.h"
#include "trace/ink_field.h"

#include <tbb/parallel_for.h>

#include <algorithm>

namespace softrope::trace {

using curve::Vec2;

namespace {

// Tuned on the centre lines of docs/quality.md: the least stray of the measured middle near ends, meetings and corners.
namespace tuned {
constexpr double clearOfMeeting = 1.0; // radii of a meeting's disc: widths within it are of two lines
constexpr std::size_t fewWidths = 3;   // fewer say nothing of the line's
constexpr double tipReach = 3;         // widths: where a free end's edge is looked for
constexpr double tipShare = 0.55;      // widths: the last half of a line, where the skeleton may turn into a corner,
constexpr double tipPixels = 0.5;      // and half a pixel
constexpr double insideMeeting = 0.8;  // radii: no section is the line's own there
constexpr double besideMeeting = 3.5;  // radii, and
constexpr double besidePixels = 4;     // px: how far off sections may still run into the other line,
constexpr double swollen = 1.13;       // known by their width over the usual,
constexpr double swollenPixels = 0.4;  // and some px of doubt
constexpr double askew = 1.4;          // a section over the line's thickness, else it does not lie across it
constexpr std::size_t ahead = 24;      // points beyond a gap that say where the line comes in
} // namespace tuned

class Measuring {
public:
    Measuring(const SkeletonGraph& g, const pixel::Raster<float>& field) : g_(g), field_(field) {}

    std::vector<Measured> all() const
    {
        std::vector<Measured> measured(g_.branches.size());
        tbb::parallel_for(std::size_t{0}, measured.size(), [&](std::size_t i) {
            if (!g_.branches[i].gone) measured[i] = of(g_.branches[i]);
        });
        return measured;
    }

private:
    Measured of(const Branch& b) const
    {
        const std::vector<CentrePoint> c = centred(b.points, b.radius, b.ring(), field_);
        std::vector<double> seen;
        for (std::size_t k = 0; k < c.size(); ++k)
            if (c[k].measured && clearOfMeetings(b, c[k].at, tuned::clearOfMeeting)) seen.push_back(c[k].width);
        if (seen.size() < tuned::fewWidths) {
            seen.clear();
            for (const CentrePoint& p : c)
                if (p.measured) seen.push_back(p.width);
        }
        Measured m;
        m.width = medianOf(seen, 2 * medianOf({b.radius.begin(), b.radius.end()}, 0.5));
        std::size_t first = 0, last = c.size();
        if (!b.ring()) {
            first = cutOff(b, c, m.width, false);
            last = c.size() - cutOff(b, c, m.width, true);
            if (last < first + 2) { // nothing to be sure of: the middle and its neighbours
                const std::size_t mid = c.size() / 2;
                first = mid > 0 ? mid - 1 : 0;
                last = std::min(c.size(), mid + 1);
            }
        }
        fill(m, b, c, first, last);
        return m;
    }

    bool clearOfMeetings(const Branch& b, Vec2 p, double share) const
    {
        for (const int m : {b.from, b.to}) {
            if (m < 0) continue;
            const Meeting& meet = g_.meetings[static_cast<std::size_t>(m)];
            if (distance(p, meet.at) < share * meet.radius) return false;
        }
        return true;
    }

    // How many points at an end are to be left out: inside a meeting's disc and as long as the line is wider than usual;
    // at a free end the last half width, where the skeleton may turn into a corner of the end.
    std::size_t cutOff(const Branch& b, const std::vector<CentrePoint>& c, double width, bool atEnd) const
    {
        const int meeting = atEnd ? b.to : b.from;
        const Meeting& meet = g_.meetings[static_cast<std::size_t>(meeting)];
        const std::size_t most = c.size() / 2;
        const auto point = [&](std::size_t k) { return c[atEnd ? c.size() - 1 - k : k]; };
        std::size_t k = 0;
        if (g_.free(meeting)) {
            const double tip = edgeAlong(field_, meet.at, unit(meet.at - point(std::min<std::size_t>(most, 4)).at), tuned::tipReach * width);
            while (k < most && distance(point(k).at, meet.at) + std::max(0.0, tip) < tuned::tipShare * width + tuned::tipPixels) ++k;
            while (k < most && !point(k).measured) ++k;
            return k;
        }
        while (k < most && distance(point(k).at, meet.at) < tuned::insideMeeting * meet.radius) ++k;
        const double far = tuned::besideMeeting * meet.radius + tuned::besidePixels;
        while (k < most && distance(point(k).at, meet.at) < far && (!point(k).measured || point(k).width > tuned::swollen * width + tuned::swollenPixels)) ++k;
        return k;
    }

    // Keeps what was measured and bridges what was not, and where the section is much longer than the line is thick
    // (round corners it does not lie across).
    void fill(Measured& m, const Branch& b, const std::vector<CentrePoint>& c, std::size_t first, std::size_t last) const
    {
        const auto plain = [&](std::size_t k) { return c[k].measured && c[k].width < tuned::askew * 2 * b.radius[k] + 1; };
        std::size_t k = first;
        while (k < last) {
            if (plain(k)) {
                m.points.push_back(c[k].at);
                m.widths.push_back(c[k].width);
                ++k;
                continue;
            }
            std::size_t to = k;
            std::vector<Vec2> after;
            while (to < last && !plain(to)) ++to;
            for (std::size_t i = to; i < std::min(last, to + tuned::ahead) && c[i].measured; ++i) after.push_back(c[i].at);
            if (m.points.size() > 3 && after.size() > 3) {
                const std::vector<Vec2> over = bridge(leaving(m.points, m.width), entering(after, m.width), m.width);
                m.points.insert(m.points.end(), over.begin(), over.end());
            } else {
                for (; k < to; ++k) m.points.push_back(c[k].at);
            }
            k = to;
        }
    }

    const SkeletonGraph& g_;
    const pixel::Raster<float>& field_;
};

} // namespace

std::vector<Measured> measureBranches(const SkeletonGraph& graph, const pixel::Raster<float>& field)
{
    return Measuring(graph, field).all();
}

} // namespace softrope::trace
