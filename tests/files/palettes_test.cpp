// Palettes in open formats.
#include "files/palettes.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

using namespace softrope;
using namespace softrope::files;
using art::Colour;

namespace {

const std::vector<NamedColour> market{{"Brine", {46, 107, 100}}, {"Night sky", {20, 24, 51}}, {"Lamp", {222, 160, 60}}, {"Will be dark", {126, 44, 232}}};

} // namespace

TEST_CASE("palettes come back as they were written, in both formats")
{
    CHECK(readPalette(writeCssPalette(market)).colours == market);
    CHECK(readPalette(writeTokenPalette(market)).colours == market);
    CHECK(writeCssPalette(market).find("--night-sky: #141833;") != std::string::npos);
}

TEST_CASE("names that are the same once written stay apart, and odd ones become names")
{
    const std::vector<NamedColour> odd{{"A b", {1, 2, 3}}, {"a-B!", {4, 5, 6}}, {"{}.$", {7, 8, 9}}, {"", {1, 1, 1}}};
    for (const std::string& text : {writeCssPalette(odd), writeTokenPalette(odd)}) {
        const PaletteResult r = readPalette(text);
        REQUIRE(r.ok());
        REQUIRE(r.colours.size() == 4);
        for (std::size_t k = 0; k < 4; ++k) CHECK(r.colours[k].colour == odd[k].colour);
        CHECK(r.colours[0].name != r.colours[1].name);
    }
}

TEST_CASE("custom properties as the standards write them")
{
    // CSS Color Module Level 4: the same orange in its notations (rgb 255 165 0).
    const PaletteResult r = readCssPalette(R"(
        /* --not: #fff; */
        @media screen { :root { --short: #f60; --hex: #ffa500; --long:#FFA500ff; --fn: rgb(255, 165, 0);
          --share: rgb(100% 64.7% 0%); --name: orange; --hue: hsl(38.8 100% 50%); --ok: oklch(79.27% 0.171 70.67); --alias: var(--hex, red) } }
        a { color: var(--hex); margin--: 3px; --size: 12px; --loop: var(--loop2); --loop2: var(--loop) }
    )");
    REQUIRE(r.ok());
    REQUIRE(r.colours.size() == 9);
    CHECK(r.colours[0] == NamedColour{"Short", {255, 102, 0}});
    for (std::size_t k = 1; k < 9; ++k) {
        INFO(r.colours[k].name);
        CHECK(std::abs(r.colours[k].colour.r - 255) <= 1);
        CHECK(std::abs(r.colours[k].colour.g - 165) <= 1);
        CHECK(r.colours[k].colour.b <= 2);
    }
    CHECK(r.leftOut == std::vector<std::string>{"Size", "Loop", "Loop2"});
}

TEST_CASE("design tokens: groups, inherited types, aliases, both ways of writing a value")
{
    const PaletteResult r = readTokenPalette(R"({
      "$description": "a market",
      "night": { "$type": "color",
        "sky":  { "$value": { "colorSpace": "srgb", "components": [0, 0.5, 1], "alpha": 0.5 } },
        "old":  { "$value": "#336699" },
        "same": { "$value": "{night.old}" },
        "deep": { "star": { "$value": { "colorSpace": "oklch", "components": [0.7, 0.1, "none"] } } } },
      "step":  { "$type": "dimension", "$value": { "value": 4, "unit": "px" } },
      "odd":   { "$type": "color", "$value": { "colorSpace": "xyz-d65", "components": [0.1, 0.2, 0.3], "hex": "#123456" } },
      "lost":  { "$type": "color", "$value": "{nowhere}" } })");
    REQUIRE(r.ok());
    REQUIRE(r.colours.size() == 5);
    CHECK(r.colours[0] == NamedColour{"Sky", {0, 128, 255}});
    CHECK(r.colours[1] == NamedColour{"Old", {0x33, 0x66, 0x99}});
    CHECK(r.colours[2].colour == Colour{0x33, 0x66, 0x99});
    CHECK(r.colours[3].name == "Star");
    CHECK(r.colours[4] == NamedColour{"Odd", {0x12, 0x34, 0x56}});
    CHECK(r.leftOut == std::vector<std::string>{"Lost"});
}

TEST_CASE("written tokens have the form of the standard")
{
    const auto json = nlohmann::json::parse(writeTokenPalette(market));
    CHECK(json.at("$type") == "color");
    const auto& value = json.at("brine").at("$value");
    CHECK(value.at("colorSpace") == "srgb");
    REQUIRE(value.at("components").size() == 3);
    CHECK(value.at("components")[0].get<double>() == Approx(46 / 255.0).margin(1e-4));
    CHECK(value.at("hex") == "#2e6b64");
}

TEST_CASE("broken, empty and huge palettes give a sentence, not a crash")
{
    CHECK_FALSE(readPalette("").ok());
    CHECK_FALSE(readPalette("{ \"a\": ").ok());
    CHECK_FALSE(readPalette("{}").ok());
    CHECK_FALSE(readPalette("{\"a\": {\"$type\": 5, \"$value\": []}}").ok());
    CHECK_FALSE(readPalette("--a: ; --b: rgb(; --c").ok());
    CHECK_FALSE(readPalette("/* never closed --a: #fff").ok());
    std::string deep, many = ":root {";
    for (int k = 0; k < 5000; ++k) deep += "{\"a\":";
    CHECK_FALSE(readPalette(deep).ok());
    for (int k = 0; k < 2000; ++k) many += "--c" + std::to_string(k) + ": #00" + std::to_string(1000 + k) + ";";
    const PaletteResult r = readPalette(many);
    CHECK(r.colours.size() == mostInks);
    CHECK(r.leftOut.size() == 1);
}
