// Pages: their sizes as general programs read them, bleed, crop marks, EPS.
#include "render/page.h"

#include "art/edits.h"
#include "art/pieces.h"
#include "files/bytes.h"
#include "files/pictures.h"

#include <cstdlib>
#include <filesystem>
#include <regex>
#include <sys/wait.h>
#include <unistd.h>

using namespace pieces;
namespace fs = std::filesystem;

namespace {

struct Folder {
    fs::path at = fs::temp_directory_path() / ("soft-rope-pages-" + std::to_string(::getpid()));
    Folder() { fs::create_directories(at); }
    ~Folder()
    {
        std::error_code e;
        fs::remove_all(at, e);
    }
    std::string run(const std::string& command) const
    {
        const std::string out = (at / "out.txt").string();
        CHECK(WEXITSTATUS(std::system(("cd '" + at.string() + "' && " + command + " > out.txt 2>/dev/null").c_str())) == 0);
        return files::readText(out).text;
    }
    void put(const std::string& name, const std::vector<std::byte>& bytes) const { files::saveAtomically((at / name).string(), bytes); }
    // Points, by pdfinfo.
    std::pair<double, double> sizeOf(const std::string& pdf) const
    {
        const std::string info = run("pdfinfo " + pdf);
        std::smatch m;
        REQUIRE(std::regex_search(info, m, std::regex("Page size:\\s+([0-9.]+) x ([0-9.]+) pts")));
        return {std::stod(m[1]), std::stod(m[2])};
    }
    pixel::Picture picture(const std::string& pdf, int dpi) const
    {
        run("pdftoppm -r " + std::to_string(dpi) + " -png -singlefile " + pdf + " page");
        return files::readPictureFile((at / "page.png").string()).picture;
    }
};

// 400 x 300 px, a red square in the upper left corner, blue ground.
Document sheet(bool ground)
{
    Sheet s;
    s.width = 400;
    s.height = 300;
    s.hasBackground = ground;
    s.background = {0, 0, 200};
    Document d = newDocument(s);
    d.title = "Night market";
    return withItem(d, 0, square({0, 0}, 100, {200, 0, 0})).document;
}

} // namespace

TEST_CASE("a page is as large as the sheet, at 96 px to the inch or as large as the piece is made")
{
    const Folder f;
    f.put("a.pdf", render::renderPdf(sheet(false), {}));
    CHECK(f.sizeOf("a.pdf") == std::pair{300.0, 225.0});
    CHECK(f.run("pdfinfo a.pdf").find("Night market") != std::string::npos);
    render::Page real;
    real.ptPerPx = 1.5;
    f.put("b.pdf", render::renderPdf(sheet(false), real, {}));
    CHECK(f.sizeOf("b.pdf") == std::pair{600.0, 450.0});
    render::Page part;
    part.area.add(Vec2{50, 50});
    part.area.add(Vec2{250, 150});
    f.put("c.pdf", render::renderPdf(sheet(false), part, {}));
    CHECK(f.sizeOf("c.pdf") == std::pair{150.0, 75.0});
    const pixel::Picture p = f.picture("c.pdf", 96);
    CHECK(p.at(20, 20) == pixel::Rgba{200, 0, 0, 255});
    CHECK(p.at(80, 20) == pixel::Rgba{255, 255, 255, 255});
}

TEST_CASE("the bleed takes the ground and what lies beyond the sheet with it")
{
    const Folder f;
    render::Page page;
    page.bleed = 20;                                                                     // px
    Document d = withItem(sheet(true), 0, square({380, 100}, 60, {0, 160, 0})).document; // over the right edge
    f.put("a.pdf", render::renderPdf(d, page, {}));
    CHECK(f.sizeOf("a.pdf") == std::pair{330.0, 255.0});
    const pixel::Picture p = f.picture("a.pdf", 96);
    CHECK(p.at(5, 200) == pixel::Rgba{0, 0, 200, 255});   // ground in the bleed
    CHECK(p.at(25, 25) == pixel::Rgba{200, 0, 0, 255});   // the sheet begins 20 px in
    CHECK(p.at(430, 140) == pixel::Rgba{0, 160, 0, 255}); // beyond the sheet
}

TEST_CASE("crop marks stand outside the bleed and point at the sheet's edges")
{
    const Folder f;
    render::Page page;
    page.bleed = 20;
    page.cropMarks = true;
    f.put("a.pdf", render::renderPdf(sheet(true), page, {}));
    const auto [w, h] = f.sizeOf("a.pdf");
    CHECK(w == Approx(330 + 2 * 20.25).margin(0.1));  // 13.5 pt long, 6.75 pt away
    const pixel::Picture p = f.picture("a.pdf", 288); // four dots a point
    const double scale = 4, margin = 20.25 + 15;      // points
    const auto darkAt = [&](double x, double y) {
        int least = 255;
        for (int dx = -2; dx <= 2; ++dx)
            for (int dy = -2; dy <= 2; ++dy) least = std::min<int>(least, p.at(static_cast<int>(x * scale) + dx, static_cast<int>(y * scale) + dy).g);
        return least < 160;
    };
    CHECK(darkAt(margin, 6));       // above the left edge
    CHECK(darkAt(margin + 300, 6)); // above the right one
    CHECK(darkAt(6, margin));       // beside the upper edge
    CHECK(darkAt(6, margin + 225));
    CHECK_FALSE(darkAt(margin + 150, 6));
    CHECK_FALSE(darkAt(margin - 20, 6));
    (void)h;
}

TEST_CASE("an EPS says its box and shows the same")
{
    const Folder f;
    const auto bytes = render::renderEps(sheet(true), {}, {});
    const std::string text(reinterpret_cast<const char*>(bytes.data()), bytes.size());
    CHECK(text.rfind("%!PS-", 0) == 0);
    CHECK(text.substr(0, text.find('\n')).find(" EPSF-3.0") != std::string::npos);
    CHECK(text.find("%%BoundingBox: 0 0 300 225") != std::string::npos); // Encapsulated PostScript 3.0, section 3.1
    f.put("a.eps", bytes);
    f.run("gs -q -dSAFER -dBATCH -dNOPAUSE -dEPSCrop -sDEVICE=png16m -r96 -sOutputFile=page.png a.eps");
    const pixel::Picture p = files::readPictureFile((f.at / "page.png").string()).picture;
    REQUIRE(p.width == 400);
    CHECK(p.at(50, 50) == pixel::Rgba{200, 0, 0, 255});
    CHECK(p.at(300, 200) == pixel::Rgba{0, 0, 200, 255});
}

TEST_CASE("several pages are several pages, each of its own size")
{
    const Folder f;
    Document wide = sheet(false);
    wide.sheet.width = 800;
    f.put("a.pdf", render::renderPdf({sheet(false), wide, sheet(true)}, {}));
    CHECK(f.run("qpdf --show-npages a.pdf") == "3\n");
    const std::string info = f.run("pdfinfo -f 1 -l 3 a.pdf");
    CHECK(std::regex_search(info, std::regex("Page\\s+2 size:\\s+600 x 225")));
}
