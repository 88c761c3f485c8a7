// Recorded strokes: what is read, what is left out, and what is said of files that hold none.
#include "files/strokes.h"

#include <catch2/catch.hpp>

using namespace softrope;

TEST_CASE("recorded strokes are read, with what a sample leaves out filled in")
{
    const auto r =
        files::readStrokes(R"({"strokes": [[{"x": 1, "y": 2, "pressure": 0.25, "tilt-x": 3, "tilt-y": -4, "time": 0.5}, {"x": 5, "y": 6}]]})", "a.json");
    REQUIRE(r.ok());
    REQUIRE(r.strokes.size() == 1);
    REQUIRE(r.strokes[0].size() == 2);
    CHECK(r.strokes[0][0].at == curve::Vec2{1, 2});
    CHECK(r.strokes[0][0].pressure == Approx(0.25));
    CHECK(r.strokes[0][0].tiltX == Approx(3));
    CHECK(r.strokes[0][0].tiltY == Approx(-4));
    CHECK(r.strokes[0][0].time == Approx(0.5));
    CHECK(r.strokes[0][1].pressure == Approx(0.5));
    CHECK(r.strokes[0][1].time == Approx(1.0 / 120));
}

TEST_CASE("samples that are no places and strokes of one sample are left out, and files without strokes say so")
{
    const auto r =
        files::readStrokes(R"({"strokes": [[{"x": 1, "y": 2}, {"x": "left"}, 7, {"x": 3, "y": 4, "pressure": 9}], [{"x": 0, "y": 0}], 5]})", "a.json");
    REQUIRE(r.strokes.size() == 1);
    CHECK(r.strokes[0].size() == 2);
    CHECK(r.strokes[0][1].pressure == 1);
    for (const char* text : {"", "{", "[]", "{}", R"({"strokes": 3})", R"({"strokes": [[]]})", "\xff\xfe"}) {
        INFO(text);
        CHECK(files::readStrokes(text, "moth.json").problem == "moth.json holds no recorded strokes.");
    }
}
