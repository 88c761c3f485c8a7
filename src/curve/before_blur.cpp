#include "curve/before_blur.h"

#include "curve/blurred_pair.h"
#include "curve/needle.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace softrope::curve {

namespace {

// Tuned on letters drawn sharp and then blurred, grained and packed as scans (docs/quality.md): true corners come out with radii below 2.6 px
// in 95 of 100, small rounds with 4 px and more.
namespace tuned {
constexpr double near = 2.6;           // sigmas from the tip within which the blur is reckoned with
constexpr double side = 7;             // px of the sides that are looked at beyond the blur
constexpr double sideOfNeedle = 14;    // and for the needles of sharp pictures
constexpr double share = 0.6;          // of the way to the next corner
constexpr double nearer = 0.67;        // of the sides, where the whole of them says nothing
constexpr double unlike = 0.15;        // px: a fit worse than this says nothing
constexpr double needle = 120;         // degrees: sharper corners may be needles
constexpr double mostEaten = 8.5;      // px of a tip: of what lost more there is too little left to tell it by
constexpr double farOut = 1.5;         // of the recession that a tip may lie from the samples,
constexpr double beside = 0.5;         // and px for their noise
constexpr double asGood = 1.25;        // of a round's misfit that a corner's may be, to be one after all,
constexpr double asGoodIfSoft = 1.08;  // where most are round,
constexpr double asNoise = 1.8;        // and of the samples' noise;
constexpr double roundFor = 6;         // px: a larger round is one for certain
constexpr double doubt = 0.075;        // px that the smallest round is larger for each degree that a corner turns
constexpr double clear = 50;           // less than this
constexpr std::size_t manyCorners = 4; // say whether a line's corners are soft:
constexpr double softRadius = 2.5;     // px that half of them have at least,
constexpr double smallestSoft = 2;     // px: of the smallest round then
constexpr double sharpNeedle = 155;    // degrees: sharper corners of sharp pictures are looked at as needles, the others may be
constexpr double sharpSmall = 1.8;     // rounds of so many px and more
constexpr double leastDepth = 0.28;    // that lie so many from their tips,
constexpr double leastSoftDepth = 0.2; // or so many where half of them lie
constexpr double softDepth = 0.28;     // that many from theirs
constexpr double sharpRound = 4;       // (those of less than this only
constexpr double sharpBetter = 1.35;   // where a corner's misfit is so many times theirs: near a corner sides may bend as well),
constexpr double sharpLarge = 8;       // (the blur has changed nothing of larger ones),
constexpr double sharpOff = 1.5;       // where they lie so many recessions of a corner's tip from the samples
constexpr double sharpAbout = 6;       // that many px to either side
constexpr double tightHalf = 3;        // px to either side of a turn that may be two corners,
constexpr double tightSide = 4;        // px of the sides that tell it
constexpr double tightTurn = 60;       // degrees
constexpr double tightUnlike = 0.04;   // px: a fit of two worse than this says nothing,
constexpr double tightBetter = 0.75;   // or one not clearly better than that of a round
constexpr double pairUnlike = 0.1;     // px: a fit of two that were found worse than this says nothing,
constexpr double pairBetter = 0.7;     // or one not clearly better than that of one
constexpr double betterIfSoft = 0.4;   // where most corners are round
constexpr double bluntEnd = 100;       // degrees: sharper corners may be blunt ends
constexpr double halfBlunt = 2.5;      // sigmas to either side, at which their two corners are looked for first
constexpr double bluntCorner = 25;     // degrees that each turns at least
} // namespace tuned

// Turns so tight and so sharp that they may be two corners, where none was found.
std::vector<Corner> tightTurns(const Samples& s, const std::vector<Corner>& found)
{
    const long n = s.count(), half = std::lround(tuned::tightHalf / s.step), side = std::lround(tuned::tightSide / s.step);
    std::vector<double> turns(static_cast<std::size_t>(n), 0);
    const auto ends = [&](long i) { return s.closed || (i >= half + side && i + half + side < n); };
    for (long i = 0; i < n; ++i)
        if (ends(i)) turns[static_cast<std::size_t>(i)] = turn(s[i - half] - s[i - half - side], s[i + half + side] - s[i + half]);
    std::vector<Corner> out;
    for (long i = 0; i < n; ++i) {
        const double here = std::abs(turns[static_cast<std::size_t>(i)]);
        if (here < radians(tuned::tightTurn) || !ends(i)) continue;
        bool top = true;
        for (long k = i - half; k <= i + half && top; ++k) {
            const double other = std::abs(turns[static_cast<std::size_t>(s.wrapped(k))]);
            top = other < here || (other == here && k >= i);
        }
        const auto near = [&](const Corner& c) {
            const long d = std::abs(c.index - i);
            return (s.closed ? std::min(d, n - d) : d) < half + side;
        };
        if (!top || std::any_of(found.begin(), found.end(), near)) continue;
        out.push_back({i, s[i], here, angleOf(s[i - half] - s[i - half - side]), angleOf(s[i + half + side] - s[i + half])});
    }
    return out;
}

bool told(const std::optional<BlurredCorner>& c)
{
    return c && c->rms <= tuned::unlike && c->before > 0 && c->after > 0;
}

class BeforeBlur {
public:
    BeforeBlur(Samples& s, const std::vector<Corner>& found, const Blur& blur, double smallestTurn, double smallestRound,
               const std::function<bool()>& cancelled)
        : s_(s), was_(s), found_(found), blur_(blur), sharp_(showsCorners(blur.sigma)), smallestTurn_(smallestTurn), smallestRound_(smallestRound),
          cancelled_(cancelled)
    {
    }

    std::vector<Corner> run()
    {
        measure();
        takeTightTurns();
        takePairs();
        for (std::size_t k = 0; k < found_.size() && !stopped(); ++k)
            if (!paired_[k]) take(k);
        std::sort(out_.begin(), out_.end(), [](const Corner& a, const Corner& b) { return a.index < b.index; });
        constexpr long apart = 2; // samples: two that came to lie in one place are one
        out_.erase(std::unique(out_.begin(), out_.end(), [](const Corner& a, const Corner& b) { return b.index - a.index < apart; }), out_.end());
        return std::move(out_);
    }

private:
    Samples& s_;
    const Samples was_; // as they were handed in: what is measured
    const std::vector<Corner>& found_;
    const Blur blur_;
    const bool sharp_; // the picture shows its corners as they are
    const double smallestTurn_;
    double smallestRound_;
    bool soft_ = false; // most corners are small rounds
    const std::function<bool()>& cancelled_;
    std::vector<char> paired_;                           // by corner found
    std::vector<std::optional<BlurredCorner>> measured_; // ... but for those that may be one of a pair
    std::vector<Corner> out_;

    bool stopped() const { return cancelled_ && cancelled_(); }
    long samplesOf(double px) const { return std::lround(px / was_.step); }

    // How far one may look before and after corner k, up to a reach: to the end of the line, or a part of the way to the next corner.
    static long within(long reach, long way, bool end) { return std::min(reach, end ? way : std::lround(tuned::share * static_cast<double>(way))); }
    long gap(std::size_t from, std::size_t to) const
    {
        return found_.size() == 1 ? was_.count() : was_.wrapped(found_[to % found_.size()].index - found_[from % found_.size()].index);
    }
    long before(std::size_t k, long reach) const
    {
        const bool end = k == 0 && !was_.closed;
        return within(reach, end ? found_[k].index : gap(k + found_.size() - 1, k), end);
    }
    long after(std::size_t k, long reach) const
    {
        const bool end = k + 1 == found_.size() && !was_.closed;
        return within(reach, end ? was_.count() - 1 - found_[k].index : gap(k, k + 1), end);
    }
    long reachOf(const Corner& c) const
    {
        return samplesOf((tuned::near + outreach(c.turn)) * blur_.sigma + (sharp_ && !isShown(c) ? tuned::sideOfNeedle : tuned::side));
    }
    // A sharp picture shows all corners but needles as they are,
    bool isShown(const Corner& c) const { return sharp_ && c.turn < radians(tuned::sharpNeedle); }
    // and a round where the samples lie farther from its tip than the blur takes a corner's.
    bool isBeyondTip(const Corner& c) const
    {
        double off = 1e300;
        const long about = samplesOf(tuned::sharpAbout);
        for (long i = c.index - about; i <= c.index + about; ++i)
            if (was_.closed || (i >= 0 && i < was_.count())) off = std::min(off, distance(was_[i], c.point));
        return off >= tuned::sharpOff * blur_.sigma * recession(c.turn);
    }
    long pairSide() const { return samplesOf(pairNear * blur_.sigma + tuned::side); }

    // Two at once where the blur has run them into one another, if they lie nearer to the samples than `most`, and both are corners.
    bool takesPair(const Corner& a, const Corner& b, long ahead, long behind, double most, double smallest)
    {
        const auto pair = fitBlurredPair(was_, a, b, blur_, ahead, behind);
        if (!pair || pair->rms > most || std::min(std::abs(pair->firstTurn()), std::abs(pair->secondTurn())) < smallest) return false;
        sharpen(s_, *pair, blur_.sigma);
        const double way = angleOf(pair->second - pair->first);
        const auto index = [&](long k) { return was_.closed ? was_.wrapped(k) : k; };
        out_.push_back({index(pair->from), pair->first, std::abs(pair->firstTurn()), pair->in, way, true});
        out_.push_back({index(pair->to), pair->second, std::abs(pair->secondTurn()), way, pair->out, true});
        return true;
    }
    // The two corners of the end that one corner may be.
    bool takesBluntEnd(const Corner& c, long ahead, long behind, double most, double smallest)
    {
        const long half = samplesOf(tuned::halfBlunt * blur_.sigma);
        Corner a = c, b = c;
        a.index -= half;
        b.index += half;
        return takesPair(a, b, ahead - half, behind - half, most, smallest);
    }

    void takeTightTurns()
    {
        for (const Corner& c : tightTurns(was_, found_)) {
            if (stopped()) break;
            const long room = was_.closed ? (was_.count() - 1) / 2 : std::min(c.index, was_.count() - 1 - c.index), reach = std::min(room, pairSide());
            if (reach <= samplesOf(tuned::halfBlunt * blur_.sigma)) continue;
            const auto round = fitBlurredCorner(was_, c, blur_, reach, reach);
            const double unlike = std::max(tuned::tightUnlike, blur_.noise),
                         most = std::min(unlike, round ? (soft_ ? tuned::betterIfSoft : tuned::tightBetter) * round->rms : unlike);
            takesBluntEnd(c, reach, reach, most, radians(tuned::bluntCorner));
        }
    }

    void takePairs()
    {
        paired_.assign(found_.size(), 0);
        for (std::size_t k = 0; k < found_.size() && found_.size() > 2 && !sharp_; ++k) {
            const std::size_t next = (k + 1) % found_.size();
            if (paired_[k] || paired_[next] || (next == 0 && !was_.closed) || stopped()) continue;
            if (static_cast<double>(gap(k, next)) * was_.step > pairReach(blur_.sigma)) continue;
            if (takesPair(found_[k], found_[next], before(k, pairSide()), after(next, pairSide()), tuned::pairUnlike, smallestTurn_))
                paired_[k] = paired_[next] = 1;
        }
    }

    bool mayBePaired(std::size_t k) const
    {
        const auto near = [this](std::size_t from, std::size_t to) { return static_cast<double>(gap(from, to)) * was_.step <= pairReach(blur_.sigma); };
        return found_.size() > 1 && (near(k, k + 1) || near(k + found_.size() - 1, k));
    }
    // Alone, with the radius that it seems to have.
    std::optional<BlurredCorner> alone(std::size_t k) const
    {
        const Corner& c = found_[k];
        if (isShown(c) && !isBeyondTip(c)) return std::nullopt;
        const long ahead = before(k, reachOf(c)), behind = after(k, reachOf(c));
        const auto whole = fitBlurredCorner(was_, c, blur_, ahead, behind, sharp_ && !isShown(c));
        if (told(whole) || sharp_ || c.turn >= radians(tuned::bluntEnd)) return whole;
        // Sides that bend away soon after are no sides as far as that: a nearer look.
        const auto shorter = [](long samples) { return std::lround(tuned::nearer * static_cast<double>(samples)); };
        const auto nearer = fitBlurredCorner(was_, c, blur_, shorter(ahead), shorter(behind));
        return told(nearer) ? nearer : whole;
    }

    // Those that are no pairs for certain, and what all of them say of the smallest round.
    void measure()
    {
        measured_.resize(found_.size());
        std::vector<double> seen; // of a soft corner's roundness
        for (std::size_t k = 0; k < found_.size() && !stopped(); ++k) {
            if (!sharp_ && mayBePaired(k)) continue;
            const auto& m = measured_[k] = alone(k);
            if (isShown(found_[k]))
                seen.push_back(told(m) ? std::min(m->radius / tuned::softRadius, depthOf(*m) / tuned::softDepth) : 0);
            else if (told(m) && !sharp_)
                seen.push_back(m->radius / tuned::softRadius);
        }
        if (seen.size() < tuned::manyCorners) return;
        const auto middle = seen.begin() + static_cast<long>(seen.size() / 2);
        std::nth_element(seen.begin(), middle, seen.end());
        soft_ = *middle >= 1;
        if (soft_) smallestRound_ = std::min(smallestRound_, tuned::smallestSoft);
    }
    // How far a round lies from the tip of its corner, px: what can be seen of it.
    static double depthOf(const BlurredCorner& c) { return c.radius * (1 / std::cos(std::min(std::abs(c.turn()) / 2, radians(80))) - 1); }

    void take(std::size_t k)
    {
        const Corner& c = found_[k];
        const long ahead = before(k, reachOf(c)), behind = after(k, reachOf(c));
        const auto m = !sharp_ && mayBePaired(k) ? alone(k) : measured_[k];
        if (isShown(c)) {
            const bool round = told(m) && (soft_ ? m->radius >= tuned::smallestSoft && depthOf(*m) >= tuned::leastSoftDepth
                                                 : m->radius >= tuned::sharpSmall && depthOf(*m) >= tuned::leastDepth);
            const bool small = !soft_ && round && m->radius < tuned::sharpRound;
            const auto pointed = round ? fitBlurredCorner(was_, c, blur_, ahead, behind, true) : std::nullopt;
            if (!round || (pointed && (small ? pointed->rms < tuned::sharpBetter * m->rms : explainsAsWell(*pointed, *m))))
                out_.push_back(c);
            else if (m->radius <= tuned::sharpLarge)
                sharpen(s_, *m, blur_.sigma);
            return;
        }
        // What looks like one that turns back may be the blunt end of a serif: two, a little apart.
        if (c.turn > radians(tuned::bluntEnd) && !sharp_) {
            const double most = std::min(tuned::pairUnlike, m ? (soft_ ? tuned::betterIfSoft : tuned::pairBetter) * m->rms : tuned::pairUnlike);
            if (takesBluntEnd(c, ahead, behind, most, std::max(smallestTurn_, radians(tuned::bluntCorner)))) return;
        }
        // A needle close between two corners is their blunt end, seen as one.
        const bool needle = std::max(c.turn, m ? std::abs(m->turn()) : 0) > radians(tuned::needle);
        const bool atEnd = !was_.closed && (k == 0 || k + 1 == found_.size());
        if (needle && !sharp_ && !atEnd && std::max(ahead, behind) < reachOf(c)) return;
        if (!told(m) || outreach(std::abs(m->turn())) * blur_.sigma > tuned::mostEaten) {
            const auto tip = needle ? drawnOn(was_, c, blur_.sigma, before(k, samplesOf(needleFar)), after(k, samplesOf(needleFar))) : std::nullopt;
            if (tip) sharpen(s_, *tip, blur_.sigma);
            out_.push_back(tip ? Corner{c.index, tip->tip, std::abs(tip->turn()), tip->in, tip->out, true} : c);
            return;
        }
        if (std::abs(m->turn()) >= smallestTurn_) takeMeasured(c, *m, ahead, behind);
    }

    // A round, or the corner that explains its samples as well.
    void takeMeasured(const Corner& c, BlurredCorner m, long ahead, long behind)
    {
        const bool round = m.radius > smallestRound_ + tuned::doubt * std::max(0.0, tuned::clear - degrees(std::abs(m.turn())));
        if (round && m.radius > tuned::roundFor) {
            sharpen(s_, m, blur_.sigma);
            return;
        }
        const auto pointed = fitBlurredCorner(was_, c, blur_, ahead, behind, true);
        if (round && !(told(pointed) && explainsAsWell(*pointed, m) && std::abs(pointed->turn()) >= smallestTurn_ && isNear(*pointed))) {
            sharpen(s_, m, blur_.sigma);
            return;
        }
        m.radius = 0;
        if (told(pointed)) m = *pointed;
        if (std::abs(m.turn()) < smallestTurn_) return;
        if (!isNear(m)) {
            out_.push_back(c);
            return;
        }
        sharpen(s_, m, blur_.sigma);
        out_.push_back({was_.closed ? was_.wrapped(m.index) : m.index, m.tip, std::abs(m.turn()), m.in, m.out, true});
    }
    // About as well as the round does, and as well as the samples' noise lets anything.
    bool explainsAsWell(const BlurredCorner& pointed, const BlurredCorner& round) const
    {
        return pointed.rms < std::min((soft_ ? tuned::asGoodIfSoft : tuned::asGood) * round.rms, tuned::asNoise * blur_.noise);
    }
    // A tip farther out than any blur eats is the fit's, not the picture's.
    bool isNear(const BlurredCorner& c) const
    {
        return distance(c.tip, was_[c.index]) <= tuned::farOut * blur_.sigma * recession(std::abs(c.turn())) + tuned::beside;
    }
};

} // namespace

std::vector<Corner> beforeBlur(Samples& s, const std::vector<Corner>& found, const Blur& blur, double smallestTurn, double smallestRound,
                               const std::function<bool()>& cancelled)
{
    return BeforeBlur(s, found, blur, smallestTurn, smallestRound, cancelled).run();
}

} // namespace softrope::curve
