// Colours, lengths and shorthand of CSS, beside examples of the standards.
#include "files/css_colour.h"
#include "files/lengths.h"
#include "files/markers.h"
#include "files/svg_style.h"

#include <catch2/catch.hpp>
#include <pugixml.hpp>

using namespace softrope;
using files::cssColourFrom;

TEST_CASE("colours of CSS Color Level 4")
{
    struct Example {
        const char* text;
        art::Colour colour;
        double opacity;
    };
    const Example examples[] = {
        // From the standard: sections 4.2, 5.1, 5.2, 7 (hsl), 6.1.
        {"#00ff00", {0, 255, 0}, 1},
        {"#0000ffcc", {0, 0, 255}, 0.8},
        {"#123", {0x11, 0x22, 0x33}, 1},
        {"#00fc", {0, 0, 255}, 0.8},
        {"rgb(146.064 107.457 131.223)", {146, 107, 131}, 1},
        {"rgb(255, 0, 0)", {255, 0, 0}, 1},
        {"rgb(100%, 0%, 0%)", {255, 0, 0}, 1},
        {"rgba(0, 0, 255, 0.5)", {0, 0, 255}, 0.5},
        {"rgb(0 0 255 / 50%)", {0, 0, 255}, 0.5},
        {"hsl(120deg 100% 50%)", {0, 255, 0}, 1},
        {"hsl(120, 100%, 25%)", {0, 128, 0}, 1},
        {"hsla(240, 100%, 50%, 0.2)", {0, 0, 255}, 0.2},
        {"hsl(0.5turn 100% 50%)", {0, 255, 255}, 1},
        {"HSL(-240 100% 50%)", {0, 255, 0}, 1},
        {" RebeccaPurple", {0x66, 0x33, 0x99}, 1},
        {"transparent", {0, 0, 0}, 0},
        {"Teal", {0, 128, 128}, 1},
        {"#a8422c icc-color(swop, 1, 2, 3, 4)", {0xa8, 0x42, 0x2c}, 1},
    };
    for (const Example& e : examples) {
        INFO(e.text);
        const auto c = cssColourFrom(e.text);
        REQUIRE(c.has_value() == (e.opacity >= 0));
        if (!c) continue;
        CHECK(c->colour == e.colour);
        CHECK(c->opacity == Approx(e.opacity).margin(0.001));
    }
    for (const char* none : {"", "#12", "#12345", "#ggg", "rgb(1,2)", "rgb(1,2,3,4,5)", "rgb(a,b,c)", "hsl()", "url(#a)", "rgb(1,2,3"})
        CHECK_FALSE(cssColourFrom(none));
}

TEST_CASE("lengths and what they are shares of (CSS Values Level 4, 6, and SVG 1.1, 7.10)")
{
    files::Lengths by;
    by.width = 300;
    by.height = 400;
    by.font = 20;
    CHECK(*by.across("50%") == 150);
    CHECK(*by.down("25%") == 100);
    CHECK(*by.other("10%") == Approx(std::sqrt((300.0 * 300 + 400.0 * 400) / 2) / 10));
    CHECK(*by.other("1.5em") == 30);
    CHECK(*by.other("2ex") == 20);
    CHECK(*by.other("2rem") == 32);
    CHECK(*by.other("1in") == 96);
    CHECK(*by.other("40Q") == Approx(96 / 2.54));
    CHECK_FALSE(by.other("5 furlongs"));
    CHECK(files::lengthsIn("3, 5% 2em", by) == std::vector<double>{3, *by.other("5%"), 40});
    CHECK(files::lengthsIn(" ", by)->empty());
    CHECK_FALSE(files::lengthsIn("3 x", by));
}

TEST_CASE("shorthand and what inherits what: markers, font sizes, dashes")
{
    pugi::xml_document xml;
    REQUIRE(xml.load_string(
        "<svg font-size='10' style='marker-end:url(#old);marker:url(#k)'><g font-size='200%'><path font-size='1.5em' stroke-width='2em' "
        "stroke-dasharray='1em, 3' marker-start='none'/><text font-size='larger'/><path marker='none' stroke-dasharray='nonsense'/></g></svg>"));
    files::Style root, group;
    root.apply(xml.child("svg"));
    CHECK(root.markers[2] == "k"); // the shorthand is said later
    group = root;
    group.apply(xml.child("svg").child("g"));
    files::Style path = group;
    path.apply(xml.child("svg").child("g").child("path"));
    CHECK(path.lengths.font == 30);
    CHECK(path.strokeWidth == 60);
    CHECK(path.dashes == std::vector<double>{30, 3});
    CHECK(path.markers[0].empty());
    CHECK(path.markers[1] == "k");
    files::Style text = group;
    text.apply(xml.child("svg").child("g").child("text"));
    CHECK(text.lengths.font == Approx(24));
    files::Style last = group;
    last.apply(xml.child("svg").child("g").last_child());
    CHECK(last.markers[2].empty());
    CHECK(last.dashes.empty());
}

TEST_CASE("markers stand at every node, turned half-way between its two sides")
{
    const auto open = files::markerPlaces({curve::polyline({{0, 0}, {10, 0}, {10, 10}}, false)});
    REQUIRE(open.size() == 3);
    CHECK(open[0].at == files::MarkerPlace::At::start);
    CHECK(open[0].angle == Approx(0).margin(1e-12));
    CHECK(open[1].angle == Approx(curve::pi / 4));
    CHECK(open[2].at == files::MarkerPlace::At::end);
    CHECK(open[2].angle == Approx(curve::pi / 2));
    const auto closed = files::markerPlaces({curve::rectangle({0, 0}, {10, 10})});
    REQUIRE(closed.size() == 5);
    CHECK(closed[0].angle == Approx(closed[4].angle));
    // Pieces without length take the direction of the next.
    CHECK(files::markerPlaces({curve::polyline({{0, 0}, {0, 0}, {0, 5}}, false)})[0].angle == Approx(curve::pi / 2));
    CHECK(files::markerPlaces({curve::polyline({{3, 3}}, false)}).size() == 2);
    CHECK(files::markerPlaces({}).empty());
}
