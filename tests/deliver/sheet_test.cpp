// The delivery sheet: what stands on it, and its figures against published ones.
#include "deliver/sheet_page.h"

#include "art/inks.h"
#include "art/lettering.h"
#include "art/pieces.h"
#include "demo/night_market.h"
#include "files/bytes.h"
#include "render/page.h"

#include <cstdlib>
#include <filesystem>
#include <sys/wait.h>
#include <unistd.h>

using namespace pieces;

namespace {

// All words of the pages.
std::string wordsOn(const std::vector<Document>& pages)
{
    std::string all;
    for (const Document& d : pages)
        for (const Item* i : letterings(d)) all += i->artwork()->lettering()->words + '\n';
    return all;
}
bool says(const std::string& all, const std::string& what)
{
    return all.find(what) != std::string::npos;
}
Document inked(const std::vector<std::pair<std::string, Colour>>& inks)
{
    Document d = withItem(newDocument(), 0, square({100, 100}, 800, {20, 30, 40})).document;
    d.title = "Paper moth";
    for (const auto& [name, c] : inks) d = withInk(d, name, c).document;
    return d;
}

} // namespace

TEST_CASE("the sheet is one A4 page with the mark, its variants, sizes, clear space, inks, date")
{
    deliver::Plan plan;
    plan.variants = {deliver::Variant::full, deliver::Variant::lineOnly};
    const auto pages = deliver::deliverySheet(inked({{"Soot", {36, 48, 46}}}), plan, {"2026-11-28", 0.1});
    REQUIRE(pages.size() == 1);
    // ISO 216: 210 x 297 mm.
    CHECK(pages[0].sheet.width == Approx(210 * 96 / 25.4));
    CHECK(pages[0].sheet.height == Approx(297 * 96 / 25.4));
    const std::string all = wordsOn(pages);
    for (const char* what :
         {"Paper moth", "Delivery sheet", "Full colour", "Line only", "Sizes", "30 mm", "Inks", "Soot", "2026-11-28", "page 1 of 1", "Width 80.0 mm"}) {
        INFO(what);
        CHECK(says(all, what));
    }
    CHECK_FALSE(says(all, "Reversed"));
    // Everything lies on the page.
    const curve::Box seen = bounds(pages[0]);
    CHECK(seen.min.x > 20);
    CHECK(seen.max.x < pages[0].sheet.width - 20);
    CHECK(seen.max.y < pages[0].sheet.height - 10);
}

TEST_CASE("inks stand with hex, OKLCH and CMYK")
{
    // OKLCH of the sRGB primaries: CSS Color 4, section 9.2 and its sample values (red oklch(62.8% 0.258 29.23), blue 45.2% 0.313 264.05).
    // CMYK by grey removal: the worked example of plain conversion, (255, 128, 0) is C 0 M 50 Y 100 K 0.
    const std::string all = wordsOn(deliver::deliverySheet(
        inked({{"Red", {255, 0, 0}}, {"Blue", {0, 0, 255}}, {"Amber", {255, 128, 0}}, {"Black", {0, 0, 0}}, {"Grey", {128, 128, 128}}}), {}, {}));
    for (const char* what : {"Red   #ff0000", "oklch(62.8% 0.258 29)", "C 0  M 100  Y 100  K 0", "oklch(45.2% 0.313 264)", "C 100  M 100  Y 0  K 0",
                             "C 0  M 50  Y 100  K 0", "C 0  M 0  Y 0  K 100", "C 0  M 0  Y 0  K 50"}) {
        INFO(what);
        CHECK(says(all, what));
    }
}

TEST_CASE("a drawing without inks lists its colours, most of it first")
{
    Document d = withItem(newDocument(), 0, square({0, 0}, 100, {1, 2, 3})).document;
    d = withItem(d, 0, square({200, 200}, 600, {200, 100, 50})).document;
    const std::string all = wordsOn(deliver::deliverySheet(d, {}, {}));
    REQUIRE(says(all, "#c86432"));
    REQUIRE(says(all, "#010203"));
    CHECK(all.find("#c86432") < all.find("#010203"));
    CHECK(says(all, "Untitled"));
}

TEST_CASE("many inks go on to further pages, none is lost, and the file has as many")
{
    std::vector<std::pair<std::string, Colour>> inks;
    for (int k = 0; k < 90; ++k) inks.push_back({"Ink " + std::to_string(k), {static_cast<std::uint8_t>(k), 90, 120}});
    const auto pages = deliver::deliverySheet(inked(inks), {}, {"2026-11-28"});
    REQUIRE(pages.size() > 1);
    const std::string all = wordsOn(pages);
    for (const auto& [name, c] : inks) CHECK(says(all, name + "   "));
    CHECK(says(all, "page 2 of " + std::to_string(pages.size())));
    for (const Document& p : pages) CHECK(bounds(p).max.y < p.sheet.height);
    const auto bytes = render::renderPdf(pages, {});
    const auto file = std::filesystem::temp_directory_path() / ("soft-rope-sheet-" + std::to_string(::getpid()) + ".pdf");
    files::saveAtomically(file.string(), bytes);
    const auto count = file.string() + ".txt";
    CHECK(WEXITSTATUS(std::system(("qpdf --show-npages '" + file.string() + "' > '" + count + "'").c_str())) == 0);
    CHECK(files::readText(count).text == std::to_string(pages.size()) + "\n");
    std::filesystem::remove(file);
    std::filesystem::remove(count);
}

TEST_CASE("an empty drawing, and one with a picture only, have a sheet all the same")
{
    CHECK(deliver::deliverySheet(newDocument(), {}, {}).size() == 1);
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 64;
    file->format = "png";
    file->bytes.assign(9, std::byte{7});
    const auto pages = deliver::deliverySheet(withReference(newDocument(), file, "Photo").document, {}, {});
    REQUIRE(pages.size() == 1);
    eachItem(pages[0], {}, [](const Item& i, const Where&) { CHECK_FALSE(i.reference()); });
}
