// Stacks cut by colour: found, moved, split, merged, and what patches, pushes and files make of them.
#include "tone/stack.h"

#include <catch2/catch.hpp>

#include <algorithm>
#include <cmath>

using namespace softrope;
using pixel::Picture;
using pixel::Rgba;
using tone::Stack;

namespace {

const Rgba red{200, 60, 50, 255}, blue{50, 70, 190, 255}, green{70, 160, 80, 255}, cream{240, 225, 190, 255};

// Four fields of one lightness or nearly so: cuts of lightness would not tell red from blue.
Picture fields()
{
    Picture p(200, 160);
    for (int y = 0; y < 160; ++y)
        for (int x = 0; x < 200; ++x) p.at(x, y) = y < 80 ? (x < 100 ? red : blue) : (x < 100 ? green : cream);
    return p;
}

double apart(Rgba a, Rgba b)
{
    return pixel::ciede2000(pixel::labOf(a), pixel::labOf(b));
}

} // namespace

TEST_CASE("a stack by colour has the picture's colours, dark first, and each px goes to the nearest")
{
    const tone::Levels l = tone::levelsOf(fields());
    Stack s;
    s.cuts = {128};
    s.pushes.push_back({{{1, 1}}, 3, 1});
    s = tone::withColours(l, s, 4);
    REQUIRE(s.colours.size() == 4);
    CHECK(tone::toneCount(s) == 4);
    CHECK(s.pushes.empty());
    for (const Rgba c : {red, blue, green, cream}) CHECK(std::any_of(s.colours.begin(), s.colours.end(), [&](Rgba o) { return apart(c, o) < 3; }));
    CHECK(apart(s.colours.back(), cream) < 3);
    const tone::Labels quick = tone::quickTones(l, s), careful = tone::carefulTones(l, s);
    CHECK(quick.at(20, 20) != quick.at(150, 20));
    long same = 0;
    for (std::size_t k = 0; k < quick.data.size(); ++k) same += quick.data[k] == careful.data[k];
    CHECK(same > 0.97 * 200 * 160);
    // Shapes: four, of a quarter each.
    const tone::Tones t = tone::separate(fields(), s);
    REQUIRE(t.shapes.size() == 4);
    for (const double share : t.shares) CHECK(share == Approx(0.25).margin(0.01));
    const Stack back = tone::withoutColours(l, s);
    CHECK(back.colours.empty());
    CHECK(back.cuts.size() == 3);
}

TEST_CASE("colours are merged in their mean, split in what differs most, added up to sixteen")
{
    const tone::Levels l = tone::levelsOf(fields());
    Stack s = tone::withColours(l, {}, 4);
    const auto at = [&](Rgba c) {
        return static_cast<std::size_t>(std::min_element(s.colours.begin(), s.colours.end(), [&](Rgba a, Rgba b) { return apart(a, c) < apart(b, c); }) -
                                        s.colours.begin());
    };
    s.paint.assign(4, std::nullopt);
    s.paint[at(cream)] = Rgba{1, 2, 3, 255};
    s.pushes = {{{{0, 0}}, 1, static_cast<int>(at(blue))}, {{{0, 0}}, 1, static_cast<int>(at(cream))}};
    const std::size_t into = at(red), gone = at(blue), cream0 = at(cream);
    Stack merged = tone::withColoursMerged(s, into, gone, {});
    REQUIRE(merged.colours.size() == 3);
    const std::size_t mergedAt = into - (into > gone), creamAt = cream0 - (cream0 > gone);
    CHECK(merged.pushes[0].tone == static_cast<int>(mergedAt));
    CHECK(merged.pushes[1].tone == static_cast<int>(creamAt));
    CHECK(*merged.paint[creamAt] == Rgba{1, 2, 3, 255});
    const tone::Labels labels = tone::quickTones(l, merged);
    CHECK(labels.at(20, 20) == labels.at(150, 20));
    // Split again: red and blue are two.
    const Stack split = tone::withColourSplit(l, merged, mergedAt);
    REQUIRE(split.colours.size() == 4);
    for (const Rgba c : {red, blue}) CHECK(std::any_of(split.colours.begin(), split.colours.end(), [&](Rgba o) { return apart(c, o) < 3; }));
    // Of one colour nothing can be split; fewer than two there never are; no more than sixteen.
    CHECK(tone::withColourSplit(l, split, 1).colours.size() == 4);
    Stack two = tone::withColours(l, {}, 2);
    CHECK(tone::withColoursMerged(two, 0, 1, {}).colours.size() == 2);
    for (int k = 0; k < 30; ++k) two = tone::withColourAdded(two, {static_cast<std::uint8_t>(8 * k), 0, 0, 255});
    CHECK(two.colours.size() == tone::mostColours);
    CHECK(tone::withColoursMerged(s, 9, 0, {}) == s);
}

TEST_CASE("a moved colour takes other px, a patch changes what counts, a push gives its way to a tone")
{
    const tone::Levels l = tone::levelsOf(fields());
    Stack s = tone::withColours(l, {}, 4);
    const auto toneAt = [&](const Stack& k, int x, int y) { return tone::quickTones(l, k).at(x, y); };
    const int reds = toneAt(s, 20, 20);
    // Red's colour moved to the far corner of the palette: what was red goes to what is nearest then.
    Stack moved = s;
    moved.colours[static_cast<std::size_t>(reds)] = {0, 0, 0, 255};
    CHECK(toneAt(moved, 20, 20) != reds);
    Stack pushed = s;
    pushed.pushes.push_back({{{150, 20}}, 10, reds});
    CHECK(toneAt(pushed, 150, 20) == reds);
    CHECK(toneAt(pushed, 180, 60) != reds);
    Stack patched = s;
    patched.patches.push_back({curve::rectangle({110, 90}, {200, 160}), -150, 0}); // dark cream is nearer to something else
    CHECK(toneAt(patched, 150, 120) != toneAt(s, 150, 120));
    CHECK(toneAt(patched, 20, 20) == toneAt(s, 20, 20));
    CHECK(tone::paintsOf(l, tone::quickTones(l, s), s).size() == 4);
    CHECK(tone::separate({}, s).shapes.empty());
}
