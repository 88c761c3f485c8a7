#include "files/pdf_pages.h"

#include "words/said.h"

#include <poppler-document.h>
#include <poppler-global.h>
#include <poppler-image.h>
#include <poppler-page-renderer.h>
#include <poppler-page.h>

#include <algorithm>
#include <cmath>
#include <cstring>
#include <memory>

namespace softrope::files {

namespace {

std::unique_ptr<poppler::document> opened(const std::vector<std::byte>& bytes)
{
    poppler::set_debug_error_function([](const std::string&, void*) {}, nullptr); // what it thinks of a file is not for the terminal
    // It takes a length that is an int.
    if (bytes.empty() || bytes.size() > 0x7FFFFFFFU) return nullptr;
    return std::unique_ptr<poppler::document>(poppler::document::load_from_raw_data(reinterpret_cast<const char*>(bytes.data()), static_cast<int>(bytes.size())));
}

struct Drawn {
    pixel::Picture picture;
    double dotsPerInch = 0;
};

Drawn drawn(const poppler::document& document, int page, double dotsPerInch)
{
    const std::unique_ptr<poppler::page> p(document.create_page(page));
    if (!p) return {};
    const poppler::rectf box = p->page_rect(); // points
    if (!(box.width() > 0 && box.height() > 0) || !std::isfinite(box.width() * box.height())) return {};
    const double most = std::sqrt(static_cast<double>(mostPixels) * 0.99 / (box.width() / 72 * (box.height() / 72)));
    Drawn out;
    out.dotsPerInch = std::min(dotsPerInch, most);
    poppler::page_renderer renderer;
    renderer.set_render_hint(poppler::page_renderer::antialiasing);
    renderer.set_render_hint(poppler::page_renderer::text_antialiasing);
    renderer.set_image_format(poppler::image::format_rgb24);
    const poppler::image image = renderer.render_page(p.get(), out.dotsPerInch, out.dotsPerInch);
    if (!image.is_valid()) return {};
    out.picture = pixel::Picture(image.width(), image.height());
    for (int y = 0; y < image.height(); ++y) {
        const auto* from = reinterpret_cast<const unsigned char*>(image.const_data()) + static_cast<std::ptrdiff_t>(y) * image.bytes_per_row();
        pixel::Rgba* row = out.picture.row(y);
        for (int x = 0; x < image.width(); ++x) row[x] = {from[3 * x], from[3 * x + 1], from[3 * x + 2], 255};
    }
    return out;
}

} // namespace

bool isPdf(const std::vector<std::byte>& bytes)
{
    constexpr char mark[] = {'%', 'P', 'D', 'F', '-'};
    const auto* data = reinterpret_cast<const char*>(bytes.data());
    const char* end = data + std::min<std::size_t>(bytes.size(), 1024);
    return std::search(data, end, mark, mark + sizeof mark) != end;
}

PdfResult pdfPages(const std::vector<std::byte>& bytes, const std::string& name)
{
    PdfResult r;
    const auto document = opened(bytes);
    if (!document)
        r.problem = words::said("%1 is no PDF that can be read.", {name});
    else if (document->is_locked())
        r.problem = words::said("%1 is locked with a password. Open it elsewhere and save it without one.", {name});
    else if (document->pages() < 1)
        r.problem = words::said("%1 has no pages.", {name});
    else
        r.pages = document->pages();
    return r;
}

PictureResult pdfPage(const std::vector<std::byte>& bytes, const std::string& name, int page, double dotsPerInch)
{
    PictureResult r;
    const PdfResult all = pdfPages(bytes, name);
    r.problem = all.problem;
    if (!r.ok()) return r;
    if (page < 0 || page >= all.pages) {
        r.problem = words::said("%1 has no page %2.", {name, std::to_string(page + 1)});
        return r;
    }
    Drawn d = drawn(*opened(bytes), page, dotsPerInch);
    if (d.picture.empty()) {
        r.problem = words::said("Page %2 of %1 cannot be drawn.", {name, std::to_string(page + 1)});
        return r;
    }
    r.picture = std::move(d.picture);
    r.dotsPerInch = d.dotsPerInch;
    r.format = "png";
    return r;
}

pixel::Picture smallPdfPage(const std::vector<std::byte>& bytes, int page, int width)
{
    const auto document = opened(bytes);
    if (!document || document->is_locked() || page < 0 || page >= document->pages()) return {};
    const std::unique_ptr<poppler::page> p(document->create_page(page));
    if (!p || !(p->page_rect().width() > 0)) return {};
    return drawn(*document, page, width * 72 / p->page_rect().width()).picture;
}

} // namespace softrope::files
