#include "cli/streams.h"

#include "art/edits.h"
#include "art/tree.h"
#include "cli/facts.h"
#include "files/pdf_pages.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <iostream>
#include <iterator>
#include <utility>

namespace softrope::cli {

namespace {

// By the first bytes; nothing for what may be a drawing.
std::string_view pictureKindOf(std::string_view bytes)
{
    constexpr std::pair<std::string_view, std::string_view> kinds[] = {{"\x89PNG", "PNG"}, {"\xFF\xD8\xFF", "JPEG"}, {"%PDF", "PDF"},   {"GIF8", "GIF"},
                                                                       {"BM", "BMP"},      {"RIFF", "WebP"},         {"II*\0", "TIFF"}, {"MM\0*", "TIFF"}};
    for (const auto& [begins, kind] : kinds)
        if (bytes.substr(0, begins.size()) == begins) return kind;
    return {};
}

} // namespace

int fail(Exit code, const std::string& message)
{
    say("soft-rope-cli: " + message);
    tell("problem", message);
    return code;
}

std::string standardInput()
{
    return {std::istreambuf_iterator<char>(std::cin), std::istreambuf_iterator<char>()};
}

files::TextResult readAll(const std::string& name)
{
    if (name != "-") return files::readText(name);
    return {standardInput(), {}};
}

int write(const std::string& name, std::string_view content)
{
    if (name == "-") {
        resultOnOutput();
        std::cout.write(content.data(), static_cast<std::streamsize>(content.size())).flush();
        return std::cout ? done : fail(badOutput, "standard output cannot be written.");
    }
    const files::FileResult r = files::saveAtomically(name, content);
    if (!r.ok()) return fail(badOutput, r.problem);
    tell("out", name);
    tell("bytes", content.size());
    return done;
}

files::TextResult readDrawingText(const std::string& name)
{
    files::TextResult text = readAll(name);
    if (const std::string_view kind = pictureKindOf(text.text); text.ok() && !kind.empty())
        text.problem =
            (name == "-" ? "standard input" : name) + " is a picture (" + std::string(kind) + "), not a drawing; outline, lines and tones make one of it.";
    return text;
}

files::SvgResult readDrawing(const std::string& in)
{
    const files::TextResult text = readDrawingText(in);
    if (text.ok()) return files::readSvg(text.text);
    files::SvgResult r;
    r.problem = text.problem;
    return r;
}

files::PictureResult readPicture(const std::string& name, int page)
{
    const bool standard = name == "-";
    const std::string called = standard ? "standard input" : std::filesystem::path(name).filename().string();
    std::string text;
    if (standard) {
        text = standardInput();
    } else {
        constexpr std::size_t beginning = 1024; // that tell a PDF
        text.resize(beginning);
        std::ifstream file(name, std::ios::binary);
        file.read(text.data(), static_cast<std::streamsize>(beginning));
        text.resize(static_cast<std::size_t>(file.gcount()));
    }
    const bool pdf = files::isPdf(files::bytesOf(text));
    if (!pdf && page == 0) return standard ? files::readPicture(files::bytesOf(text), called) : files::readPictureFile(name);
    files::PictureResult r;
    if (!pdf) {
        r.problem = called + " is no PDF: it has no pages.";
        return r;
    }
    if (!standard) {
        files::TextResult all = files::readText(name);
        r.problem = all.problem;
        if (!r.ok()) return r;
        text = std::move(all.text);
    }
    const std::vector<std::byte> bytes = files::bytesOf(text);
    const files::PdfResult all = files::pdfPages(bytes, called);
    if (all.ok() && all.pages > 1 && page == 0) {
        r.problem = called + " has " + std::to_string(all.pages) + " pages: say with --page which one is meant.";
        return r;
    }
    return files::pdfPage(bytes, called, std::max(page, 1) - 1);
}

std::shared_ptr<const pixel::Picture> pictureOf(const art::Reference& r)
{
    if (!r.picture) return nullptr;
    files::PictureResult p = files::readPicture(r.picture->bytes, "picture");
    if (!p.ok()) return nullptr;
    return std::make_shared<const pixel::Picture>(r.paper ? pixel::squared(p.picture, *r.paper) : std::move(p.picture));
}

art::Document onPicture(int width, int height, const std::string& layerName, std::vector<art::Item> items)
{
    art::Document d = art::newDocument();
    d.sheet.width = width;
    d.sheet.height = height;
    const art::Id layer = d.layers.front()->id;
    d = art::withLayer(d, layer, [&](art::Layer& l) { l.name = layerName; });
    return art::withItems(d, layer, std::move(items)).document;
}

int writeOnPicture(const std::string& name, int width, int height, const std::string& layerName, std::vector<art::Item> items)
{
    return write(name, files::writeCleanSvg(onPicture(width, height, layerName, std::move(items))));
}

} // namespace softrope::cli
