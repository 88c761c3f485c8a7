// Shaping and outlines against other programs: hb-shape (HarfBuzz's own tool) for glyphs and advances, FreeType for outlines.
#include "letter/letter_faces.h"
#include "letter/shape.h"

#include <catch2/catch.hpp>
#include <ft2build.h>
#include <nlohmann/json.hpp>
#include FT_FREETYPE_H
#include FT_OUTLINE_H

#include <cmath>
#include <cstdio>

using namespace softrope;
using letter::Type;

namespace {

struct Shaped {
    unsigned id;
    double advance, dx, dy;
};
// What hb-shape gives, in the face's units.
std::vector<Shaped> byTool(const std::string& file, const std::string& text, const std::string& features = {})
{
    const std::string command =
        "hb-shape --no-glyph-names --no-clusters --output-format=json" + (features.empty() ? "" : " --features=" + features) + " '" + file + "' '" + text + "'";
    std::FILE* in = ::popen(command.c_str(), "r");
    REQUIRE(in);
    std::string out;
    char part[4096];
    while (const std::size_t n = std::fread(part, 1, sizeof part, in)) out.append(part, n);
    REQUIRE(::pclose(in) == 0);
    std::vector<Shaped> glyphs;
    for (const auto& g : nlohmann::json::parse(out)) glyphs.push_back({g["g"], g["ax"], g["dx"], g["dy"]});
    return glyphs;
}

void compare(const Type& t, const std::string& text, const std::string& features = {})
{
    INFO(t.family << ": " << text);
    const auto face = letter::faceOf(t);
    REQUIRE(face);
    const letter::Family* f = letter::family(t.family);
    const auto listed =
        std::find_if(f->faces.begin(), f->faces.end(), [&](const letter::Listed& l) { return l.weight == t.weight && !l.italic && l.width == 100; });
    REQUIRE(listed != f->faces.end());
    const auto theirs = byTool(listed->place.file, text, features);
    const letter::ShapedLine ours = letter::shaped(text, t, face);
    REQUIRE(ours.glyphs.size() == theirs.size());
    const double em = face->unitsPerEm();
    for (std::size_t k = 0; k < theirs.size(); ++k) {
        INFO("glyph " << k);
        CHECK(ours.glyphs[k].id == theirs[k].id);
        CHECK(ours.glyphs[k].advance * em == Approx(theirs[k].advance).margin(1e-6));
        CHECK(ours.glyphs[k].dx * em == Approx(theirs[k].dx).margin(1e-6));
        CHECK(-ours.glyphs[k].dy * em == Approx(theirs[k].dy).margin(1e-6));
    }
}

// An outline as FreeType decomposes it, as cubics, in 1/64 of the face's units: unscaled it rounds to whole ones.
curve::Paths byFreeType(FT_Face face, unsigned glyph)
{
    REQUIRE(FT_Load_Glyph(face, glyph, FT_LOAD_NO_HINTING | FT_LOAD_NO_BITMAP) == 0);
    struct Sink {
        curve::Paths paths;
        curve::Vec2 here;
        static curve::Vec2 at(const FT_Vector* v) { return {static_cast<double>(v->x) / 64, -static_cast<double>(v->y) / 64}; }
        void cubic(curve::Vec2 a, curve::Vec2 b, curve::Vec2 p)
        {
            paths.back().nodes.back().out = a;
            paths.back().nodes.push_back({p, b, p});
            here = p;
        }
    } sink;
    FT_Outline_Funcs f{};
    f.move_to = [](const FT_Vector* to, void* s) {
        Sink& k = *static_cast<Sink*>(s);
        k.here = Sink::at(to);
        k.paths.push_back({{curve::cornerAt(k.here)}, true});
        return 0;
    };
    f.line_to = [](const FT_Vector* to, void* s) {
        static_cast<Sink*>(s)->cubic(static_cast<Sink*>(s)->here, Sink::at(to), Sink::at(to));
        return 0;
    };
    f.conic_to = [](const FT_Vector* c, const FT_Vector* to, void* s) {
        Sink& k = *static_cast<Sink*>(s);
        const curve::Vec2 q = Sink::at(c), p = Sink::at(to);
        k.cubic(lerp(k.here, q, 2.0 / 3), lerp(p, q, 2.0 / 3), p);
        return 0;
    };
    f.cubic_to = [](const FT_Vector* a, const FT_Vector* b, const FT_Vector* to, void* s) {
        static_cast<Sink*>(s)->cubic(Sink::at(a), Sink::at(b), Sink::at(to));
        return 0;
    };
    REQUIRE(FT_Outline_Decompose(&face->glyph->outline, &f, &sink) == 0);
    return sink.paths;
}

} // namespace

TEST_CASE("lines are shaped as HarfBuzz's own tool shapes them, in Latin, Arabic and Devanagari")
{
    compare(letters::type("DejaVu Sans"), "Saltglass Night Market");
    compare(letters::type("DejaVu Sans"), "AVATAR To Ty We LT \u201cP.\u201d"); // kerning pairs
    compare(letters::type("DejaVu Sans"), "office affluent fjord");             // ligatures
    compare(letters::type("EB Garamond"), "Quince & fig, stall 1234");
    compare(letters::type("Amiri"), "\u0633\u0648\u0642 \u0627\u0644\u0644\u064a\u0644");                                          // joined, right to left
    compare(letters::type("Amiri"), "\u0628\u0650\u0633\u0652\u0645\u0650");                                                       // vowel marks placed
    compare(letters::type("Lohit Devanagari"), "\u0930\u093e\u0924\u094d\u0930\u093f \u0915\u094d\u0937\u0947\u0924\u094d\u0930"); // conjuncts
    Type t = letters::type("DejaVu Sans");
    t.kerning = false;
    compare(t, "AVATAR", "-kern");
    t.ligatures = false;
    compare(t, "office", "-kern,-liga,-clig");
    Type g = letters::type("EB Garamond");
    g.smallCaps = g.oldFigures = true;
    compare(g, "Market 1987", "+smcp,+onum");
    CHECK(letter::faceOf(g)->offers("smcp"));
    CHECK_FALSE(letter::faceOf(letters::type("Bebas Neue", 1, 700))->offers("smcp"));
}

TEST_CASE("outlines are FreeType's, node for node, in faces of cubics and of quadratics")
{
    FT_Library library{};
    REQUIRE(FT_Init_FreeType(&library) == 0);
    for (const char* family : {"DejaVu Sans", "EB Garamond", "Roboto Slab"}) {
        const auto face = letter::faceOf(letters::type(family));
        REQUIRE(face);
        const letter::Family* f = letter::family(family);
        const auto plain =
            std::find_if(f->faces.begin(), f->faces.end(), [](const letter::Listed& l) { return l.weight == 400 && l.width == 100 && !l.italic; });
        REQUIRE(plain != f->faces.end());
        FT_Face ft{};
        REQUIRE(FT_New_Face(library, plain->place.file.c_str(), plain->place.index, &ft) == 0);
        const double em = face->unitsPerEm();
        REQUIRE(FT_Set_Char_Size(ft, 0, face->unitsPerEm() * 64, 72, 72) == 0);
        std::size_t nodes = 0;
        for (const char32_t c : U"SQg&@48\u00e9\u00df") {
            if (!c) continue;
            const unsigned glyph = FT_Get_Char_Index(ft, c);
            const curve::Paths theirs = byFreeType(ft, glyph);
            const auto ours = face->outline(glyph);
            INFO(family << " glyph " << glyph);
            REQUIRE(ours->size() == theirs.size());
            for (std::size_t p = 0; p < theirs.size(); ++p) {
                // FreeType comes back to its start by a piece of its own, ours by the last node's.
                CHECK(std::abs(curve::area((*ours)[p])) * em * em == Approx(std::abs(curve::area(theirs[p]))).margin(0.02 * curve::arcLength(theirs[p])));
                for (const curve::Node& n : (*ours)[p].nodes) {
                    ++nodes;
                    const bool there =
                        std::any_of(theirs[p].nodes.begin(), theirs[p].nodes.end(), [&](const curve::Node& o) { return distance(o.at, n.at * em) < 0.04; });
                    CHECK(there);
                }
            }
        }
        CHECK(nodes > 80);
        FT_Done_Face(ft);
    }
    FT_Done_FreeType(library);
}

TEST_CASE("weights of a variable face come from its axis, and are drawn heavier")
{
    const auto areaAt = [](double weight) {
        const auto face = letter::faceOf(letters::type("Inter", 100, weight));
        REQUIRE(face);
        const auto s = letter::shaped("I", letters::type("Inter", 100, weight), face);
        return std::abs(curve::area(face->outline(s.glyphs.at(0).id)->at(0)));
    };
    const double light = areaAt(300), between = areaAt(550), black = areaAt(900);
    CHECK(light < between);
    CHECK(between < black);
    CHECK(black > 2 * light);
}

TEST_CASE("mixed lines run both ways, characters that a face lacks come from another, and bad bytes are shown")
{
    const Type t = letters::type("DejaVu Sans");
    const auto face = letter::faceOf(t);
    // Latin with a Devanagari word, which DejaVu Sans has not.
    const letter::ShapedLine mixed = letter::shaped("stall \u0930\u093e\u0924", t, face);
    CHECK(mixed.missing.empty());
    CHECK(mixed.glyphs.front().face == face);
    CHECK(mixed.glyphs.back().face != face);
    // An Arabic word within a Latin line stands where it is read, its letters from the right.
    const letter::ShapedLine both = letter::shaped("a \u0633\u0648\u0642 b", t, face);
    CHECK_FALSE(both.rightToLeft);
    CHECK(both.glyphs.front().from == 0);
    CHECK(both.glyphs.back().to == 10);
    CHECK(both.glyphs[2].from > both.glyphs[4].from);
    CHECK(letter::shaped("\u0633\u0648\u0642 a", t, face).rightToLeft);
    // Numbers in a line that runs from the right stay from the left (UAX #9, rule L2).
    const letter::ShapedLine numbers = letter::shaped("\u0633 12", t, face);
    CHECK(numbers.glyphs[0].from < numbers.glyphs[1].from);
    CHECK(letter::shaped("a\xff\xc3", t, face).glyphs.size() == 3);
    CHECK(letter::shaped("", t, face).glyphs.empty());
    // A place that stays free for ever (Unicode 15, 23.7, noncharacters): no face has it.
    CHECK(letter::shaped("\xF3\xBF\xBF\xBE", t, face).missing.size() == 1);
}

TEST_CASE("tracking is in thousandths of the em, goes between letters only, parts ligatures and leaves joined scripts whole")
{
    Type t = letters::type("DejaVu Sans");
    const auto face = letter::faceOf(t);
    const double plain = letter::shaped("STALL", t, face).width;
    t.tracking = 190;
    CHECK(letter::shaped("STALL", t, face).width == Approx(plain + 4 * 0.19));
    CHECK(letter::shaped("fi", t, face).glyphs.size() == 2);
    const Type amiri = letters::type("Amiri");
    Type wide = amiri;
    wide.tracking = 190;
    const char* word = "\u0633\u0648\u0642";
    CHECK(letter::shaped(word, wide, letter::faceOf(wide)).width == Approx(letter::shaped(word, amiri, letter::faceOf(amiri)).width));
}

TEST_CASE("the ships' faces are there, each with its licence, and unknown families are none")
{
    std::size_t ships = 0;
    for (const letter::Family& f : letter::families()) ships += f.ships();
    CHECK(ships == 4);
    CHECK(letter::family("")->ships());
    CHECK(letter::family("No Such Face") == nullptr);
    CHECK(letter::faceOf(letters::type("No Such Face")) == nullptr);
    CHECK(letter::Face::open({SOFT_ROPE_SOURCE "/README.md"}) == nullptr);
    CHECK(letter::Face::open({"nowhere.otf"}) == nullptr);
}
