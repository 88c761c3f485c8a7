// The folder of own parts, in a data folder of the test's own.
#include "files/part_folder.h"

#include "art/parts.h"
#include "art/pieces.h"
#include "files/svg.h"

#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <unistd.h>

using namespace pieces;
namespace fs = std::filesystem;

namespace {

struct Shelf {
    fs::path folder = fs::temp_directory_path() / ("soft-rope-parts-" + std::to_string(::getpid()));
    Shelf() { setenv("XDG_DATA_HOME", folder.c_str(), 1); }
    ~Shelf()
    {
        unsetenv("XDG_DATA_HOME");
        fs::remove_all(folder);
    }
    static const files::Part& named(const files::PartList& l, const std::string& id)
    {
        const files::Part* p = files::partOf(l, id);
        REQUIRE(p);
        return *p;
    }
};

Document bead()
{
    return partFrom(withItem(newDocument(), 0, square({10, 10}, 40)).document, {withItem(newDocument(), 0, square({10, 10}, 40)).id}, "Bead");
}

} // namespace

TEST_CASE("parts are kept as SVG files with title and description, listed, searched, changed and removed without loss")
{
    Shelf shelf;
    const files::KeptPart one = files::keepPart(bead(), "Glass jar & lid", {"round", "shelf"});
    REQUIRE(one.ok());
    CHECK(one.id == "glass-jar-lid");
    CHECK(files::keepPart(bead(), "Glass jar & lid", {}).id == "glass-jar-lid-2");
    CHECK_FALSE(files::keepPart(bead(), "  ", {}).ok());
    files::PartList list = files::listParts();
    const files::Part part = Shelf::named(list, "glass-jar-lid");
    CHECK(part.name == "Glass jar & lid");
    CHECK(part.tags == std::vector<std::string>{"round", "shelf"});
    CHECK(part.matches("GLASS sh"));
    CHECK_FALSE(part.matches("glass sea"));
    CHECK_FALSE(part.ships);
    const files::OpenedPart opened = files::readPart(part);
    REQUIRE(opened.ok());
    CHECK(opened.document.layers[0]->items.size() == 1);
    CHECK(files::readText(part.file).text.find("<desc>round shelf</desc>") != std::string::npos);
    // Changed: what it was is kept.
    const Document other = partFrom(withItem(newDocument(), 0, square({0, 0}, 90)).document, {withItem(newDocument(), 0, square({0, 0}, 90)).id}, "x");
    REQUIRE(files::changePart(part, other).ok());
    CHECK(files::readPart(part).document.sheet.width == 90);
    CHECK(Shelf::named(files::listParts(), part.id).tags == part.tags);
    REQUIRE(files::renamePart(part, "Jar", {"tall"}).ok());
    CHECK(Shelf::named(files::listParts(), part.id).name == "Jar");
    REQUIRE(files::removePart(part).ok());
    CHECK_FALSE(files::partOf(files::listParts(), part.id));
    CHECK(std::distance(fs::directory_iterator(shelf.folder / "soft-rope/parts/earlier"), {}) == 2);
}

TEST_CASE("the parts that ship are listed, not written to, and give way to own ones of their name")
{
    Shelf shelf;
    REQUIRE_FALSE(files::shippedParts().empty());
    const files::PartList list = files::listParts();
    for (const char* id : {"glass-bead", "paper-flag", "lamp-hook", "drop", "star", "wave"}) {
        const files::Part& p = Shelf::named(list, id);
        CHECK(p.ships);
        CHECK_FALSE(p.tags.empty());
        const files::OpenedPart opened = files::readPart(p);
        REQUIRE(opened.ok());
        CHECK_FALSE(opened.document.inks.empty());
        // Within its sheet, to a pixel.
        const curve::Box b = bounds(opened.document);
        CHECK(b.min.x > -2);
        CHECK(b.max.x < opened.document.sheet.width + 2);
        CHECK_FALSE(files::removePart(p).ok());
    }
    const files::Part star = Shelf::named(list, "star");
    const std::string before = files::readText(star.file).text;
    REQUIRE(files::changePart(star, bead()).ok());
    CHECK(files::readText(star.file).text == before);
    CHECK_FALSE(Shelf::named(files::listParts(), "star").ships);
}

TEST_CASE("broken files in the folder are told and passed over")
{
    Shelf shelf;
    REQUIRE(files::keepPart(bead(), "Good", {}).ok());
    std::ofstream(shelf.folder / "soft-rope/parts/bad.svg") << "no drawing";
    std::ofstream(shelf.folder / "soft-rope/parts/note.txt") << "no part";
    const files::PartList list = files::listParts();
    CHECK(list.trouble == std::vector<std::string>{"bad.svg"});
    CHECK(files::partOf(list, "good"));
    files::Part gone;
    gone.file = (shelf.folder / "none.svg").string();
    CHECK_FALSE(files::readPart(gone).ok());
    // Where nothing can be written it is said.
    std::ofstream(shelf.folder / "blocked") << "x";
    setenv("XDG_DATA_HOME", (shelf.folder / "blocked").c_str(), 1);
    CHECK_FALSE(files::keepPart(bead(), "Nowhere", {}).ok());
}

TEST_CASE("a part is found by its id alone, its head read from a large file too, and an id leads nowhere else")
{
    Shelf shelf;
    std::vector<Item> many;
    for (int k = 0; k < 2000; ++k) many.push_back(square({1.0 * k, 5}, 3));
    Document d = newDocument();
    d = withItems(d, d.layers.back()->id, std::move(many)).document;
    REQUIRE(files::keepPart(d, "Shelf of jars", {"glass"}).ok());
    REQUIRE(fs::file_size(shelf.folder / "soft-rope/parts/shelf-of-jars.svg") > 200000);
    const auto part = files::findPart("shelf-of-jars");
    REQUIRE(part);
    CHECK(part->name == "Shelf of jars");
    CHECK(part->tags == std::vector<std::string>{"glass"});
    CHECK(files::listParts().trouble.empty());
    std::ofstream(shelf.folder / "soft-rope/secret.svg") << "<svg xmlns='http://www.w3.org/2000/svg'/>";
    for (const char* id : {"../secret", "", ".hidden", "none", "earlier/shelf-of-jars"}) CHECK_FALSE(files::findPart(id));
}
