// Style sheets of drawings: Selectors Level 3 (type, class, id, descendant, child) and the order of CSS Cascading Level 4, against the
// specificities of the specification's own examples; and against rsvg-convert's pictures where it is there.
#include "art/inks.h"
#include "art/tree.h"
#include "files/bytes.h"
#include "files/css.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/outside.h"
#include "render/render.h"

#include <catch2/catch.hpp>
#include <pugixml.hpp>

#include <random>

using namespace softrope;

namespace {

std::string fillOf(const std::string& css, const std::string& body)
{
    const files::SvgResult r = files::readSvg("<svg xmlns='http://www.w3.org/2000/svg' width='90' height='90'><style>" + css + "</style>" + body + "</svg>");
    REQUIRE(r.ok());
    std::string out = "nothing";
    art::eachArtwork(r.document, {},
                     [&](const art::Item&, const art::Artwork& a, const art::Where&) { out = a.fill.colour ? art::text(*a.fill.colour) : "none"; });
    return out;
}

const std::string shape = "<path id='x' class='a  b' d='M0 0h9v9z'/>";
const std::string in = "<g id='g' class='outer'><g class='inner'>" + shape + "</g></g>";

} // namespace

TEST_CASE("the more specific rule wins, of two alike the later one")
{
    CHECK(fillOf("path{fill:#000001}", shape) == "#000001");
    CHECK(fillOf("path{fill:#000001} *{fill:#000002}", shape) == "#000001");
    CHECK(fillOf(".a{fill:#000001} path{fill:#000002}", shape) == "#000001");
    CHECK(fillOf("#x{fill:#000001} path.a.b{fill:#000002}", shape) == "#000001");
    CHECK(fillOf(".a{fill:#000001} .b{fill:#000002}", shape) == "#000002");
    CHECK(fillOf("path.a{fill:#000001} .b{fill:#000002}", shape) == "#000001");
    CHECK(fillOf("g g path{fill:#000001} g path{fill:#000002}", in) == "#000001");
    CHECK(fillOf("rect, .b , circle{fill:#000003}", shape) == "#000003");
}

TEST_CASE("descendants and children are told apart")
{
    CHECK(fillOf(".outer path{fill:#000001}", in) == "#000001");
    CHECK(fillOf(".outer > path{fill:#000001}", in) == "#000000");
    CHECK(fillOf(".outer>.inner > path{fill:#000001}", in) == "#000001");
    CHECK(fillOf("svg > g path{fill:#000001}", in) == "#000001");
    CHECK(fillOf("path path{fill:#000001}", in) == "#000000");
    // A child of a descendant: the near one is none, the far one is.
    CHECK(fillOf("#g > g path{fill:#000001}", "<g id='g'><g><g>" + shape + "</g></g></g>") == "#000001");
}

TEST_CASE("attributes are weakest, the element's own style strongest, and importance goes above both")
{
    const std::string attribute = "<path class='a' fill='#000009' d='M0 0h9v9z'/>", own = "<path class='a' style='fill:#000008' d='M0 0h9v9z'/>",
                      both = "<path class='a' style='fill:#000008 !important' d='M0 0h9v9z'/>";
    CHECK(fillOf("*{fill:#000001}", attribute) == "#000001");
    CHECK(fillOf(".a{fill:#000001}", own) == "#000008");
    CHECK(fillOf(".a{fill:#000001!important}", own) == "#000001");
    CHECK(fillOf(".a{fill:#000001 ! important}", both) == "#000008");
    CHECK(fillOf(".a{fill:#000001 !important} #q{fill:#000002} path{fill:#000003}", "<path id='q' class='a' d='M0 0h9v9z'/>") == "#000001");
    // Inherited by what says nothing itself; currentColor is the colour said on the same element.
    CHECK(fillOf("g{fill:#000004}", "<g>" + shape + "</g>") == "#000004");
    CHECK(fillOf(".a{fill:currentColor;color:#000005}", shape) == "#000005");
    CHECK(fillOf(".a{fill:inherit} g{fill:#000006}", "<g>" + shape + "</g>") == "#000006");
}

TEST_CASE("comments, marked sections, several sheets, quotes and broken ends are read, what is not understood is counted")
{
    CHECK(fillOf("/* path{fill:red} */ path/* here */{/**/fill:#000001}", shape) == "#000001");
    CHECK(fillOf("<![CDATA[ path > b{} path{fill:#000002} ]]>", shape) == "#000002");
    CHECK(fillOf("path{fill:#000001}", "<defs><style>path{fill:#000003}</style></defs>" + shape) == "#000003");
    CHECK(fillOf("path{font-family:'a;fill:red}';fill:#000004}", shape) == "#000004");
    CHECK(fillOf("path{fill:#000005", shape) == "#000005");
    CHECK(fillOf("path:hover{fill:red} path{fill:#000006}", shape) == "#000006");
    files::StyleSheet s;
    s.add("@import url(elsewhere.css); @media print{path{fill:red}} a:first-child{x:y} a[b]{x:y} a+b{x:y} >a{x:y} a>{x:y} {x:y} a..b{x:y}");
    CHECK(s.leftOut() == 9);
    CHECK(s.empty());
    for (const char* broken : {"", "}", "{", "@", "@media", "a{", "a{b", "a{b:", "/*", "a{b:'", "a{b:(;", "..", "#", "a >", "\"{"}) {
        files::StyleSheet t;
        t.add(broken);
    }
}

TEST_CASE("a long chain of selectors over a deep drawing is soon looked through")
{
    std::string css, body = shape;
    for (int k = 0; k < 29; ++k) css += k % 3 ? "g " : "g > ";
    for (int k = 0; k < 200; ++k) body = "<g>" + body + "</g>";
    CHECK(fillOf(css + "path{fill:#000001}", body) == "#000001");
    CHECK(fillOf(css + "g g path{fill:#000001}", body) == "#000000"); // 32 are more than are kept track of
}

TEST_CASE("styled drawings look as rsvg-convert draws them, gradients' stops too")
{
    if (!outside::runs("rsvg-convert --version")) {
        WARN("rsvg-convert is not there");
        return;
    }
    std::mt19937 random(5);
    const auto upTo = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
    const char* const colours[] = {"#a8422c", "#2e6b66", "#dea03c", "navy", "url(#g)", "none"};
    const char* const heads[] = {"rect", ".a", ".b", "#r1", "#r5", "g rect", "g > rect", ".g .a", "#h > .b", "rect.a.b", "g, rect", "g"};
    const outside::Folder f;
    for (int drawing = 0; drawing < 12; ++drawing) {
        std::string css = ".s1{stop-color:#ffe6a0}.s2{stop-color:#402060;stop-opacity:.8}", body;
        for (int k = 0; k < 10; ++k) {
            css += std::string(heads[upTo(12)]) + "{fill:" + colours[upTo(6)] + (upTo(5) ? "" : "!important") + ";opacity:0." + std::to_string(5 + upTo(5)) +
                   "}\n";
            if (upTo(2)) css += std::string(heads[upTo(12)]) + " {stroke : " + colours[upTo(4)] + " ; stroke-width:" + std::to_string(2 + upTo(6)) + "}";
        }
        for (int k = 0; k < 12; ++k) {
            const bool group = upTo(3) == 0;
            if (group) body += upTo(2) ? "<g class='g'>" : "<g id='h'>";
            body += "<rect id='r" + std::to_string(k) + "' class='" + (upTo(2) ? "a" : "") + (upTo(2) ? " b" : "") + "' x='" + std::to_string(upTo(300)) +
                    "' y='" + std::to_string(upTo(200)) + "' width='90' height='70'" + (upTo(4) ? "" : " style='fill:teal'") +
                    (upTo(3) ? "" : " fill='#cc4466'") + "/>";
            if (group) body += "</g>";
        }
        const std::string svg = "<svg xmlns='http://www.w3.org/2000/svg' width='400' height='300'><style>" + css +
                                "</style><defs><linearGradient id='g'><stop class='s1'/><stop class='s2' offset='1'/></linearGradient></defs>"
                                "<path style='fill:#efe6d2!important' d='M0 0H400V300H0Z'/>" +
                                body + "</svg>";
        const files::SvgResult read = files::readSvg(svg);
        REQUIRE(read.ok());
        INFO(svg);
        CHECK(read.leftOut.empty());
        REQUIRE(files::saveAtomically(f.at("a.svg"), svg).ok());
        REQUIRE(outside::runs("rsvg-convert '" + f.at("a.svg") + "' -o '" + f.at("a.png") + "'"));
        CHECK(outside::differenceOffEdges(render::renderSheet(read.document, 400, {}), files::readPictureFile(f.at("a.png")).picture) <= 0.7);
    }
}
