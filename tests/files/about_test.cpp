// What is said of a piece, and pages of PDF files.
#include "render/outside.h"

#include "art/edits.h"
#include "files/bytes.h"
#include "files/pdf_pages.h"
#include "files/svg.h"
#include "render/page.h"
#include "render/render.h"

#include <catch2/catch.hpp>
#include <pugixml.hpp>

using namespace softrope;

namespace {

art::Document piece()
{
    art::Document d = art::newDocument();
    d.sheet.width = d.sheet.height = 144;
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::circle({72, 72}, 40)});
    a.fill.colour = art::Colour{200, 30, 60};
    a.stroke.colour.reset();
    i.is = a;
    d = art::withItem(d, d.layers.front()->id, i).document;
    d = art::withTitle(d, "Lamp & moth");
    return art::withAbout(d, {"Ida <Saltglass>", "https://creativecommons.org/licenses/by/4.0/", "A lamp,\nand a moth."});
}

std::vector<std::byte> read(const std::string& path)
{
    return files::bytesOf(files::readText(path).text);
}

} // namespace

TEST_CASE("title, author, licence and description are kept in both kinds of SVG and come back")
{
    const art::Document d = piece();
    for (const std::string& text : {files::writeWorkingSvg(d), files::writeCleanSvg(d)}) {
        const files::SvgResult r = files::readSvg(text);
        REQUIRE(r.ok());
        CHECK(r.document.title == d.title);
        CHECK(r.document.about == d.about);
        CHECK(r.leftOut.empty());
    }
    CHECK(files::readSvg(files::writeWorkingSvg(d)).document == d);
    // As RDF that any reader of metadata understands.
    pugi::xml_document xml;
    REQUIRE(xml.load_string(files::writeCleanSvg(d).c_str()));
    const pugi::xml_node work = xml.child("svg").child("metadata").child("rdf:RDF").child("cc:Work");
    CHECK(std::string(work.child("dc:title").text().get()) == d.title);
    CHECK(std::string(work.child("cc:license").attribute("rdf:resource").value()) == d.about.licence);
    // A licence in words, and nothing at all.
    art::Document worded = d;
    worded.about = {"", "All rights reserved", ""};
    CHECK(files::readSvg(files::writeCleanSvg(worded)).document.about == worded.about);
    worded.about = {};
    CHECK(files::writeCleanSvg(worded).find("metadata") == std::string::npos);
}

TEST_CASE("metadata of other programs is read, whatever its prefixes")
{
    const files::SvgResult r = files::readSvg(R"(<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><metadata>
<r:RDF xmlns:r="http://www.w3.org/1999/02/22-rdf-syntax-ns#" xmlns:d="http://purl.org/dc/elements/1.1/"><r:Description r:about="">
<d:creator><r:Seq><r:li>Ida</r:li><r:li>Ole</r:li></r:Seq></d:creator><d:title><r:Alt><r:li xml:lang="en">Moth</r:li></r:Alt></d:title>
<d:rights>Free for the market</d:rights></r:Description></r:RDF></metadata><path d="M0 0H5V5Z"/></svg>)");
    REQUIRE(r.ok());
    CHECK(r.document.about.author == "Ida, Ole");
    CHECK(r.document.about.licence == "Free for the market");
    CHECK(r.document.title == "Moth");
}

TEST_CASE("a PDF tells what is said of the piece")
{
    const outside::Folder folder;
    const std::string pdf = folder.at("lamp.pdf"), told = folder.at("told.txt");
    REQUIRE(files::saveAtomically(pdf, render::renderPdf(piece(), render::Options{})).ok());
    REQUIRE(std::system(("pdfinfo '" + pdf + "' > '" + told + "'").c_str()) == 0);
    const std::string text = files::readText(told).text;
    CHECK(text.find("Lamp & moth") != std::string::npos);
    CHECK(text.find("Ida <Saltglass>") != std::string::npos);
    CHECK(text.find("creativecommons.org") != std::string::npos);
}

TEST_CASE("pages of a PDF come in as pictures of 300 dots an inch that look like what was drawn")
{
    const art::Document one = piece();
    art::Document two = one;
    two.sheet.width = 288;
    const auto pdf = render::renderPdf(std::vector<art::Document>{one, two}, render::Options{});
    REQUIRE(files::isPdf(pdf));
    const files::PdfResult all = files::pdfPages(pdf, "lamp.pdf");
    REQUIRE(all.ok());
    CHECK(all.pages == 2);
    const files::PictureResult page = files::pdfPage(pdf, "lamp.pdf", 0);
    REQUIRE(page.ok());
    CHECK(page.dotsPerInch == 300);
    CHECK(page.picture.width == 450); // 144 px of CSS are an inch and a half
    art::Document onWhite = one;
    onWhite.sheet.hasBackground = true;
    CHECK(outside::differenceOffEdges(page.picture, render::renderSheet(onWhite, 450, {})) < 1);
    CHECK(files::pdfPage(pdf, "lamp.pdf", 1).picture.width == 900);
    CHECK(files::smallPdfPage(pdf, 1, 100).width == 100);
    CHECK(files::pdfPage(pdf, "lamp.pdf", 2).problem.find("no page 3") != std::string::npos);
    CHECK_FALSE(files::pdfPage(pdf, "lamp.pdf", -1).ok());
}

TEST_CASE("a PDF that is locked, broken or none is refused with a sentence")
{
    const outside::Folder folder;
    const auto pdf = render::renderPdf(piece(), render::Options{});
    REQUIRE(files::saveAtomically(folder.at("open.pdf"), pdf).ok());
    REQUIRE(std::system(("qpdf --encrypt secret owner 256 -- '" + folder.at("open.pdf") + "' '" + folder.at("locked.pdf") + "'").c_str()) == 0);
    CHECK(files::pdfPages(read(folder.at("locked.pdf")), "locked.pdf").problem.find("password") != std::string::npos);
    CHECK_FALSE(files::pdfPage(read(folder.at("locked.pdf")), "locked.pdf", 0).ok());
    CHECK(files::smallPdfPage(read(folder.at("locked.pdf")), 0, 50).empty());
    CHECK_FALSE(files::isPdf(files::bytesOf("no pdf")));
    CHECK_FALSE(files::pdfPages(files::bytesOf("%PDF-1.4 and nothing"), "x.pdf").ok());
    CHECK_FALSE(files::pdfPages({}, "x.pdf").ok());
    // Cut and changed at many places: a picture or a sentence, nothing else.
    for (std::size_t k = 10; k < pdf.size(); k += pdf.size() / 23) {
        auto cut = pdf;
        cut.resize(k);
        const files::PictureResult part = files::pdfPage(cut, "cut.pdf", 0, 40);
        CHECK(part.ok() != part.picture.empty());
        auto changed = pdf;
        changed[k] = std::byte{'9'};
        const files::PictureResult other = files::pdfPage(changed, "changed.pdf", 0, 40);
        CHECK(other.ok() != other.picture.empty());
    }
}
