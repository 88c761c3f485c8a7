// Closing the hairline between two areas: the border of the one becomes that of the other, and the rest stays.
#include "proof/close.h"

#include "proof/drawings.h"

using namespace drawings;

namespace {

// Left of a border, in straights; the border has its own nodes.
Path leftOf(const std::vector<Vec2>& border)
{
    std::vector<Vec2> all{{100, border.front().y}};
    all.insert(all.end(), border.begin(), border.end());
    all.push_back({100, border.back().y});
    return curve::polyline(all, true);
}
Path rightOf(std::vector<Vec2> border, double by)
{
    for (Vec2& p : border) p.x += by;
    std::vector<Vec2> all{{600, border.front().y}};
    all.insert(all.end(), border.begin(), border.end());
    all.push_back({600, border.back().y});
    return curve::polyline(all, true);
}
bool has(const Path& p, Vec2 at)
{
    return std::any_of(p.nodes.begin(), p.nodes.end(), [&](const curve::Node& n) { return distance(n.at, at) < 1e-9; });
}

const std::vector<Vec2> border{{300, 100}, {320, 150}, {290, 220}, {310, 300}};

} // namespace

TEST_CASE("the moved outline takes the other's border node by node, whichever way either runs")
{
    const Path left = leftOf(border);
    for (const bool turnLeft : {false, true})
        for (const bool turnRight : {false, true}) {
            const Path kept = turnLeft ? curve::reversed(left) : left, moved = turnRight ? curve::reversed(rightOf(border, 0.3)) : rightOf(border, 0.3);
            const auto closed = proof::withSliverClosed({moved}, {kept}, {300.15, 101}, {305, 185}, {310.15, 299});
            REQUIRE(closed);
            REQUIRE(closed->size() == 1);
            const Path& p = closed->front();
            CHECK(p.closed);
            CHECK(p.nodes.size() == 6);
            for (const Vec2 q : border) CHECK(has(p, q));
            CHECK(has(p, {600, 100}));
            CHECK(has(p, {600, 300}));
            CHECK(std::abs(curve::area(p)) == Approx(std::abs(curve::area(rightOf(border, 0)))));
        }
}

TEST_CASE("where the neighbour has more or fewer nodes along the strip, its nodes count")
{
    // The moved one knows only the ends of the border and strays from it by little.
    const std::vector<Vec2> fine{{300, 100}, {300.1, 140}, {299.9, 180}, {300.1, 220}, {300, 300}};
    const Path kept = leftOf(fine), moved = curve::polyline({{600, 100}, {300.4, 100}, {300.4, 300}, {600, 300}}, true);
    const auto closed = proof::withSliverClosed({moved}, {kept}, {300.2, 101}, {300.2, 200}, {300.2, 299});
    REQUIRE(closed);
    for (const Vec2 q : fine) CHECK(has(closed->front(), q));
    CHECK(closed->front().nodes.size() == 7);
    // And the other way round.
    const auto coarse = proof::withSliverClosed({rightOf(fine, 0.3)}, {leftOf({{300, 100}, {300, 300}})}, {300.15, 101}, {300.15, 200}, {300.15, 299});
    REQUIRE(coarse);
    CHECK(coarse->front().nodes.size() == 4);
}

TEST_CASE("a strip that ends in the middle of an edge is closed there, the rest of the edge stays")
{
    // The neighbour is shorter than the moved one's side.
    const Path kept = curve::rectangle({100, 150}, {300, 250}), moved = curve::rectangle({300.3, 100}, {600, 300});
    const auto closed = proof::withSliverClosed({moved}, {kept}, {300.15, 151}, {300.15, 200}, {300.15, 249});
    REQUIRE(closed);
    const Path& p = closed->front();
    CHECK(has(p, {300, 150}));
    CHECK(has(p, {300, 250}));
    CHECK(has(p, {300.3, 100}));
    CHECK(has(p, {300.3, 300}));
    // Nothing moved by more than the strip is wide.
    CHECK(curve::furthestFrom(p, moved) <= 0.31);
}

TEST_CASE("curved borders are shared exactly")
{
    const curve::Cubic piece{{300, 100}, {340, 160}, {260, 240}, {300, 300}};
    Path kept, moved;
    kept.closed = moved.closed = true;
    kept.nodes = {curve::cornerAt({100, 100}), {piece.p0, piece.p0, piece.p1}, {piece.p3, piece.p2, piece.p3}, curve::cornerAt({100, 300})};
    const Vec2 by{0.25, 0.1};
    moved.nodes = {
        {piece.p0 + by, piece.p0 + by, piece.p1 + by}, {piece.p3 + by, piece.p2 + by, piece.p3 + by}, curve::cornerAt({600, 300}), curve::cornerAt({600, 100})};
    const auto closed =
        proof::withSliverClosed({moved}, {kept}, lerp(piece.p0, piece.p0 + by, 0.5), at(piece, 0.5) + by * 0.5, lerp(piece.p3, piece.p3 + by, 0.5));
    REQUIRE(closed);
    bool shared_ = false;
    for (std::size_t k = 0; k < closed->front().pieceCount(); ++k) {
        const curve::Cubic c = closed->front().piece(k);
        shared_ = shared_ || c == piece || curve::reversed(c) == piece;
    }
    CHECK(shared_);
}

TEST_CASE("only the outline at the strip changes, and what is no strip is refused")
{
    const Path left = leftOf(border), right = rightOf(border, 0.3), other = curve::circle({500, 200}, 30);
    const auto closed = proof::withSliverClosed({other, right}, {curve::circle({150, 200}, 20), left}, {300.15, 101}, {305, 185}, {310.15, 299});
    REQUIRE(closed);
    CHECK(closed->at(0) == other);
    CHECK_FALSE(closed->at(1) == right);
    Path open = left;
    open.closed = false;
    CHECK_FALSE(proof::withSliverClosed({right}, {open}, {300.15, 101}, {305, 185}, {310.15, 299}));
    CHECK_FALSE(proof::withSliverClosed({right}, {left}, {300.15, 185}, {300.15, 185}, {300.15, 186})); // no length
    CHECK_FALSE(proof::withSliverClosed({right}, {left}, {400, 101}, {400, 185}, {400, 299}));          // nowhere near
    CHECK_FALSE(proof::withSliverClosed({}, {left}, {300, 101}, {300, 185}, {300, 299}));
}
