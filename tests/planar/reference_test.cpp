// Set operations on seeded random shapes against two general path libraries (npm canvaskit-wasm, paper; recorded by
// reference_areas.cjs, so that the tests need no npm).
#include "shapes.h"

#include "planar/planar.h"

#include <catch2/catch.hpp>

#include <fstream>
#include <map>
#include <sstream>

using namespace softrope;
using namespace softrope::curve;

namespace {

constexpr int pairs = 20;

std::pair<Path, Path> pairOf(int k)
{
    shapes::Random random(static_cast<unsigned>(500 + k));
    Path a = shapes::blob(random, {450, 500}, 200, 5 + k % 5), b = shapes::blob(random, {random(480, 620), random(400, 600)}, 180, 6 + k % 4);
    return {a, b};
}

} // namespace

// Hidden from ordinary runs: writes the shapes for the reference libraries.
TEST_CASE("write the shapes for the reference libraries", "[.shapes]")
{
    std::ofstream out("reference_shapes.txt");
    out.precision(12);
    const auto put = [&](const Path& p) {
        out << "|M" << p.nodes.front().at.x << ' ' << p.nodes.front().at.y;
        for (std::size_t k = 0; k < p.pieceCount(); ++k) {
            const Cubic c = p.piece(k);
            out << 'C' << c.p1.x << ' ' << c.p1.y << ' ' << c.p2.x << ' ' << c.p2.y << ' ' << c.p3.x << ' ' << c.p3.y;
        }
        out << 'Z';
    };
    for (int k = 0; k < pairs; ++k) {
        const auto [a, b] = pairOf(k);
        out << "pair" << k;
        put(a);
        put(b);
        out << '\n';
    }
    CHECK(out.good());
}

TEST_CASE("Set operations agree with general path libraries")
{
    std::ifstream in(std::string(SOFT_ROPE_SOURCE) + "/tests/planar/reference_areas.txt");
    const std::map<std::string, planar::Operation> operations{{"union", planar::Operation::unite},
                                                              {"difference", planar::Operation::difference},
                                                              {"intersection", planar::Operation::intersection},
                                                              {"exclude", planar::Operation::exclude}};
    int lines = 0;
    for (std::string line; std::getline(in, line); ++lines) {
        std::istringstream s(line);
        std::string name, op;
        double first = 0, second = 0;
        s >> name >> op >> first >> second;
        const auto [a, b] = pairOf(std::stoi(name.substr(4)));
        double ours = 0;
        for (const Path& p : planar::combine({{{a}, false}, {{b}, false}}, operations.at(op))) ours += area(p);
        INFO(name << ' ' << op << ": " << ours << ", " << first << ", " << second);
        // The libraries work in single precision and by scan lines here: 2 px2 of some 100,000.
        CHECK((std::abs(ours - first) < 2 || std::abs(ours - second) < 2));
        CHECK(std::abs(ours - first) < 30);
    }
    CHECK(lines == 4 * pairs);
}
