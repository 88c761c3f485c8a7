#include "planar/kept.h"

#include "planar/box_index.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cstdint>
#include <cstring>
#include <iterator>
#include <span>
#include <tuple>
#include <unordered_map>

namespace softrope::planar {

using namespace curve;

namespace {

std::uint64_t contentOf(const Path& p)
{
    std::uint64_t h = p.closed ? 0x9E3779B97F4A7C15ull : 1;
    for (const Node& n : p.nodes)
        for (const double v : {n.at.x, n.at.y, n.in.x, n.in.y, n.out.x, n.out.y}) {
            std::uint64_t bits = 0;
            std::memcpy(&bits, &v, sizeof bits);
            h = (h ^ bits) * 0x100000001B3ull;
            h ^= h >> 29;
        }
    return h;
}

// The other way round: the strands have changed places.
void turn(std::span<Contact> contacts, std::span<Run> runs)
{
    for (Contact& c : contacts) {
        std::swap(c.a, c.b);
        std::swap(c.s, c.t);
        std::swap(c.nodeA, c.nodeB);
    }
    for (Run& r : runs) r = r.t0 < r.t1 ? Run{r.b, r.a, r.t0, r.t1, r.s0, r.s1} : Run{r.b, r.a, r.t1, r.t0, r.s1, r.s0};
}

struct Found {
    int i, j;
    Meeting what;
};

template <class T> bool earlier(const T& x, const T& y)
{
    return std::tie(x.i, x.j) < std::tie(y.i, y.j);
}

// Meetings with a fresh strand, j at `from` or after it; in order.
std::vector<Found> meetFresh(const std::vector<const Strand*>& strands, const std::vector<char>& isFresh, std::size_t from, double touch)
{
    std::vector<std::size_t> fresh;
    for (std::size_t k = 0; k < isFresh.size(); ++k)
        if (isFresh[k]) fresh.push_back(k);
    if (fresh.empty()) return {};
    std::vector<Box> boxes;
    boxes.reserve(strands.size());
    for (const Strand* s : strands) boxes.push_back(s->box.grown(touch));
    const BoxIndex boxed(boxes);
    std::vector<std::vector<Found>> found(fresh.size());
    tbb::parallel_for(std::size_t{0}, fresh.size(), [&](std::size_t n) {
        const std::size_t k = fresh[n];
        if (k >= from) {
            Meeting own = meetItself(*strands[k], touch);
            if (!own.contacts.empty()) found[n].push_back({static_cast<int>(k), static_cast<int>(k), std::move(own)});
        }
        boxed.meeting(boxes[k], [&](int near) {
            const auto other = static_cast<std::size_t>(near);
            const auto [i, j] = std::minmax(k, other);
            if (i == j || j < from || (isFresh[other] && other < k)) return;
            Meeting m = meet(*strands[i], *strands[j], touch);
            if (!m.contacts.empty()) found[n].push_back({static_cast<int>(i), static_cast<int>(j), std::move(m)});
        });
    });
    std::vector<Found> all;
    for (std::vector<Found>& ofOne : found) std::move(ofOne.begin(), ofOne.end(), std::back_inserter(all));
    std::sort(all.begin(), all.end(), earlier<Found>);
    return all;
}

} // namespace

Change KeptStrands::take(const Paths& paths, int first, bool closing)
{
    Change change;
    change.place.assign(all.size(), -1);
    change.fresh.assign(paths.size(), 0);
    std::vector<std::shared_ptr<KeptStrand>> now(paths.size());
    // Most stay in their place.
    for (std::size_t k = 0; k < paths.size() && k < all.size(); ++k)
        if (all[k]->path == paths[k]) {
            now[k] = all[k];
            change.place[k] = static_cast<int>(k);
        }
    std::unordered_multimap<std::uint64_t, std::size_t> before;
    for (std::size_t k = 0; k < all.size(); ++k)
        if (change.place[k] < 0) before.emplace(contentOf(all[k]->path), k);
    for (std::size_t k = 0; k < paths.size(); ++k) {
        if (!now[k]) {
            const auto [from, to] = before.equal_range(contentOf(paths[k]));
            const auto same = std::find_if(from, to, [&](const auto& e) { return all[e.second]->path == paths[k]; });
            if (same != to) {
                now[k] = all[same->second];
                change.place[same->second] = static_cast<int>(k);
                before.erase(same);
            } else {
                now[k] = std::make_shared<KeptStrand>(KeptStrand{paths[k], strandOf(paths[k], 0, closing)});
                change.fresh[k] = 1;
            }
        }
        // Kept strands may have moved to another place.
        for (Piece& p : now[k]->strand.pieces) p.path = first + static_cast<int>(k);
    }
    all = std::move(now);
    return change;
}

void KeptMeetings::update(const std::vector<const Strand*>& strands, const Change& change, std::size_t from, double touch)
{
    std::vector<Found> more = meetFresh(strands, change.fresh, from, touch);
    // Those that stay, at their places of now.
    std::size_t count = 0;
    for (const Met& m : met) {
        const int i = change.place[static_cast<std::size_t>(m.i)], j = change.place[static_cast<std::size_t>(m.j)];
        if (i < 0 || j < 0) continue;
        Met& to = met[count++];
        to = {std::min(i, j), std::max(i, j), m.contact, m.run, m.contacts, m.runs};
        if (i > j) turn({contacts.data() + to.contact, to.contacts}, {runs.data() + to.run, to.runs});
    }
    met.resize(count);
    if (!std::is_sorted(met.begin(), met.end(), earlier<Met>)) std::sort(met.begin(), met.end(), earlier<Met>);
    for (const Found& f : more) {
        met.push_back({f.i, f.j, contacts.size(), runs.size(), f.what.contacts.size(), f.what.runs.size()});
        contacts.insert(contacts.end(), f.what.contacts.begin(), f.what.contacts.end());
        runs.insert(runs.end(), f.what.runs.begin(), f.what.runs.end());
    }
    std::inplace_merge(met.begin(), met.begin() + static_cast<std::ptrdiff_t>(count), met.end(), earlier<Met>);
    sweep();
}

void KeptMeetings::sweep()
{
    constexpr std::size_t few = 1000;
    std::size_t used = 0, usedRuns = 0;
    for (const Met& m : met) {
        used += m.contacts;
        usedRuns += m.runs;
    }
    if (contacts.size() < 2 * used + few && runs.size() < 2 * usedRuns + few) return;
    std::vector<Contact> left;
    std::vector<Run> leftRuns;
    left.reserve(used);
    leftRuns.reserve(usedRuns);
    for (Met& m : met) {
        const auto contact = contacts.begin() + static_cast<std::ptrdiff_t>(m.contact);
        const auto run = runs.begin() + static_cast<std::ptrdiff_t>(m.run);
        m.contact = left.size();
        m.run = leftRuns.size();
        left.insert(left.end(), contact, contact + static_cast<std::ptrdiff_t>(m.contacts));
        leftRuns.insert(leftRuns.end(), run, run + static_cast<std::ptrdiff_t>(m.runs));
    }
    contacts = std::move(left);
    runs = std::move(leftRuns);
}

void KeptMeetings::list(std::vector<Between>& out) const
{
    out.reserve(out.size() + met.size());
    for (const Met& m : met) out.push_back({m.i, m.j, {contacts.data() + m.contact, m.contacts}, {runs.data() + m.run, m.runs}});
}

} // namespace softrope::planar
