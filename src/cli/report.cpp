#include "cli/report.h"

#include "cli/streams.h"
#include "pixel/shrink.h"
#include "render/render.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cstdio>
#include <filesystem>

namespace softrope::cli {

namespace {

constexpr int side = 420; // px of the small pictures, at most twice that

std::string escaped(const std::string& text)
{
    std::string out;
    for (const char c : text) out += c == '&' ? "&amp;" : c == '<' ? "&lt;" : c == '>' ? "&gt;" : c == '"' ? "&quot;" : std::string(1, c);
    return out;
}

std::string inPage(const std::vector<std::byte>& bytes, const char* kind, const std::string& about)
{
    if (bytes.empty()) return "<div class=\"none\">cannot be shown</div>";
    return std::string("<img alt=\"") + escaped(about) + "\" src=\"data:image/" + kind + ";base64," + files::base64(bytes) + "\">";
}

std::string number(double v, const char* form)
{
    char text[40];
    std::snprintf(text, sizeof text, form, v);
    return text;
}

std::string before(const FolderEntry& e)
{
    const files::PictureResult p = files::readPictureFile(e.picture);
    if (!p.ok()) return inPage({}, "", "");
    const int step = std::max(1, std::max(p.picture.width, p.picture.height) / side);
    return inPage(files::writeJpeg(step > 1 ? pixel::shrunk(p.picture, step) : p.picture, 80), "jpeg", "picture");
}

std::string after(const FolderEntry& e, const std::string& folder)
{
    const files::SvgResult r = readDrawing((std::filesystem::path(folder) / e.drawing).string());
    if (!r.ok()) return inPage({}, "", "");
    const double scale = std::min(1.0, side / std::max(1.0, std::max(r.document.sheet.width, r.document.sheet.height)));
    return inPage(files::writePng(render::renderSheet(r.document, std::max(1, static_cast<int>(r.document.sheet.width * scale)), {})), "png", "drawing");
}

} // namespace

std::string reportPage(const FolderDone& done, const std::string& folder, As as)
{
    std::size_t nodes = 0, paths = 0, made = 0;
    std::string rows;
    for (const FolderEntry& e : done.entries) {
        const std::string name = escaped(std::filesystem::path(e.picture).filename().string());
        if (!e.done()) {
            rows += "<section class=\"fault\"><h2>" + name + "</h2><p>" + escaped(e.problem) + "</p></section>\n";
            continue;
        }
        ++made;
        nodes += e.nodes;
        paths += e.paths;
        rows += "<section><h2>" + name + " <small>" + std::to_string(e.width) + " &times; " + std::to_string(e.height) +
                " px</small></h2>\n<div class=\"pair\">" + before(e) + after(e, folder) + "</div>\n<p><a href=\"" + escaped(e.drawing) + "\">" +
                escaped(e.drawing) + "</a>: " + std::to_string(e.paths) + " paths, " + std::to_string(e.nodes) + " nodes" +
                (e.furthest >= 0 ? ", at most " + number(e.furthest, "%.2f") + " px off" : "") + ", " + number(e.seconds, "%.1f") + " s" +
                (e.skipped ? " (was up to date)" : "") + ".</p>" + (e.partly.empty() ? "" : "<p class=\"note\">" + escaped(e.partly) + "</p>") + "</section>\n";
    }
    return "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width\"><title>Traced as " +
           std::string(nameOf(as)) +
           "</title>\n<style>body{font:15px/1.45 sans-serif;margin:2em auto;max-width:920px;padding:0 1em;color:#1c2224;background:#f6f4ef}"
           "h1{font-size:1.5em}h2{font-size:1.05em;margin:0 0 .5em}small{font-weight:400;color:#5d6669}"
           "section{background:#fff;border:1px solid #d8d4ca;border-radius:6px;padding:1em;margin:1em 0}section.fault{border-color:#b3402e}"
           ".pair{display:grid;grid-template-columns:1fr 1fr;gap:1em}.pair img,.none{width:100%;height:auto;background:#fff;border:1px solid #e6e2d8}"
           ".none{display:grid;place-items:center;min-height:8em;color:#5d6669}.note{color:#8a5a00}p{margin:.6em 0 0}</style></head>\n<body>\n<h1>" +
           std::to_string(made) + " of " + std::to_string(done.entries.size()) + " pictures traced as " + nameOf(as) + "</h1>\n<p>" + std::to_string(paths) +
           " paths, " + std::to_string(nodes) + " nodes. The picture stands on the left, the drawing on the right.</p>\n" + rows + "</body></html>\n";
}

} // namespace softrope::cli
