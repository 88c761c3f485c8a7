#include "art/join.h"

#include "art/edits.h"

#include <algorithm>
#include <set>
#include <tuple>

namespace softrope::art {

namespace {

// The nearest two ends within reach that can be joined, by a sweep along x.
struct EndPair {
    OpenEnd first, second;
    double apart = 0;
};
std::vector<EndPair> endPairs(const Document& d, double reach)
{
    std::vector<OpenEnd> ends = openEnds(d);
    std::sort(ends.begin(), ends.end(), [](const OpenEnd& a, const OpenEnd& b) { return std::tie(a.at.x, a.at.y) < std::tie(b.at.x, b.at.y); });
    std::vector<EndPair> pairs;
    for (std::size_t i = 0; i < ends.size(); ++i)
        for (std::size_t k = i + 1; k < ends.size() && ends[k].at.x - ends[i].at.x <= reach; ++k)
            if (const double apart = distance(ends[i].at, ends[k].at); apart <= reach) pairs.push_back({ends[i], ends[k], apart});
    std::stable_sort(pairs.begin(), pairs.end(), [](const EndPair& a, const EndPair& b) { return a.apart < b.apart; });
    return pairs;
}

} // namespace

int endPairCount(const Document& d, double tolerance)
{
    std::set<std::tuple<Id, std::size_t, bool>> used;
    const auto key = [](const OpenEnd& e) { return std::tuple{e.item, e.path, e.atStart}; };
    int n = 0;
    for (const EndPair& p : endPairs(d, tolerance)) {
        if (used.count(key(p.first)) || used.count(key(p.second))) continue;
        used.insert(key(p.first));
        used.insert(key(p.second));
        ++n;
    }
    return n;
}

Joined withAllEndsJoined(const Document& d, double tolerance)
{
    Joined out{d, 0};
    while (true) {
        // Each join renumbers paths: the pairs are looked for anew. A pair that cannot be joined (the ends of a single straight, a
        // locked layer) is passed over.
        bool joined = false;
        for (const EndPair& p : endPairs(out.document, tolerance)) {
            const Document next = withEndsJoined(out.document, p.first, p.second);
            if (next == out.document) continue;
            out.document = next;
            ++out.pairs;
            joined = true;
            break;
        }
        if (!joined) return out;
    }
}

} // namespace softrope::art
