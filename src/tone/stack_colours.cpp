// Stacks cut by colour: the palette found, split, merged.
#include "tone/calm.h"
#include "tone/labels.h"
#include "tone/palette.h"
#include "tone/stack.h"

#include <algorithm>
#include <cmath>

namespace softrope::tone {

using pixel::Lab;
using pixel::Rgba;

namespace {

Lab mean(const std::vector<Lab>& of, Lab otherwise)
{
    double l = 0, a = 0, b = 0;
    for (const Lab c : of) {
        l += static_cast<double>(c.l);
        a += static_cast<double>(c.a);
        b += static_cast<double>(c.b);
    }
    const auto n = static_cast<double>(of.size());
    return of.empty() ? otherwise : Lab{static_cast<float>(l / n), static_cast<float>(a / n), static_cast<float>(b / n)};
}

} // namespace

Stack withColours(const Levels& levels, Stack stack, int count)
{
    const Palette found = findPalette(labPicture(levels.colours), std::clamp(count, 2, static_cast<int>(mostColours)));
    stack.colours.clear();
    for (const Lab c : found.colours) stack.colours.push_back(pixel::rgbOf(c));
    // Dark first, as tones are.
    std::stable_sort(stack.colours.begin(), stack.colours.end(), [](Rgba a, Rgba b) { return pixel::labOf(a).l < pixel::labOf(b).l; });
    while (stack.colours.size() < 2) stack.colours.push_back(stack.colours.empty() ? Rgba{0, 0, 0, 255} : Rgba{255, 255, 255, 255});
    stack.paint.clear();
    stack.pushes.clear();
    return stack;
}

Stack withoutColours(const Levels& levels, Stack stack)
{
    const int tones = static_cast<int>(toneCount(stack));
    stack.colours.clear();
    stack.paint.clear();
    stack.pushes.clear();
    stack.cuts = cutsFor(countsOf(levels.level), tones);
    return stack;
}

Stack withColourAdded(Stack stack, Rgba colour)
{
    if (stack.colours.size() >= mostColours) return stack;
    stack.colours.push_back(colour);
    return stack;
}

Stack withColourSplit(const Levels& levels, Stack stack, std::size_t k)
{
    constexpr std::size_t most = 20000; // px looked at
    if (k >= stack.colours.size() || stack.colours.size() >= mostColours) return stack;
    const Labels tones = quickTones(levels, stack);
    std::vector<Lab> mine;
    for (std::size_t i = 0; i < tones.data.size(); ++i)
        if (tones.data[i] == k) mine.push_back(pixel::quickLabOf(levels.colours.data[i]));
    if (mine.size() > most) {
        const std::size_t every = mine.size() / most + 1;
        std::vector<Lab> some;
        for (std::size_t i = 0; i < mine.size(); i += every) some.push_back(mine[i]);
        mine = std::move(some);
    }
    // Two means, begun from the two that lie apart: farthest from the mean, and farthest from that (Lloyd 1982).
    const Lab middle = mean(mine, pixel::labOf(stack.colours[k]));
    const auto farthest = [&](Lab from) {
        return mine.empty() ? from : *std::max_element(mine.begin(), mine.end(), [&](Lab a, Lab b) {
            return pixel::squaredDistance(a, from) < pixel::squaredDistance(b, from);
        });
    };
    Lab one = farthest(middle), other = farthest(one);
    if (pixel::squaredDistance(one, other) < 1) return stack;
    for (int round = 0; round < 12; ++round) {
        std::vector<Lab> near, far;
        for (const Lab c : mine) (pixel::squaredDistance(c, one) <= pixel::squaredDistance(c, other) ? near : far).push_back(c);
        one = mean(near, one);
        other = mean(far, other);
    }
    if (one.l > other.l) std::swap(one, other);
    stack.colours[k] = pixel::rgbOf(one);
    stack.colours.push_back(pixel::rgbOf(other));
    if (k < stack.paint.size()) stack.paint[k].reset();
    return stack;
}

Stack withColoursMerged(Stack stack, std::size_t into, std::size_t gone, const std::vector<double>& shares)
{
    if (into == gone || into >= stack.colours.size() || gone >= stack.colours.size() || stack.colours.size() <= 2) return stack;
    const Lab a = pixel::labOf(stack.colours[into]), b = pixel::labOf(stack.colours[gone]);
    const double wa = into < shares.size() ? shares[into] : 1, wb = gone < shares.size() ? shares[gone] : 1;
    const auto part = static_cast<float>(wa + wb > 0 ? wb / (wa + wb) : 0.5);
    stack.colours[into] = pixel::rgbOf(Lab{a.l + part * (b.l - a.l), a.a + part * (b.a - a.a), a.b + part * (b.b - a.b)});
    stack.colours.erase(stack.colours.begin() + static_cast<std::ptrdiff_t>(gone));
    stack.paint.resize(std::max(stack.paint.size(), gone + 1));
    stack.paint.erase(stack.paint.begin() + static_cast<std::ptrdiff_t>(gone));
    const auto last = static_cast<int>(gone);
    for (Push& p : stack.pushes) p.tone = p.tone == last ? static_cast<int>(into) - (into > gone) : p.tone - (p.tone > last);
    return stack;
}

} // namespace softrope::tone
