#include "cli/written.h"

#include "cli/streams.h"
#include "deliver/files.h"
#include "proof/process.h"
#include "render/render.h"

#include <ctime>
#include <filesystem>

namespace softrope::cli {

namespace {

// As the reference shows it, one at a time.
std::shared_ptr<const pixel::Picture> decode(const art::Reference& r)
{
    const auto picture = pictureOf(r);
    return picture ? std::make_shared<pixel::Picture>(render::lit(*picture, r.flattenLight, r.liftPaper)) : nullptr;
}

std::string textOf(const std::vector<std::byte>& bytes)
{
    return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}

std::string today()
{
    char text[16] = {};
    const std::time_t now = std::time(nullptr);
    std::tm local{};
    if (localtime_r(&now, &local)) std::strftime(text, sizeof text, "%Y-%m-%d", &local);
    return text;
}

} // namespace

std::string formatOf(const std::string& name)
{
    std::string format = std::filesystem::path(name).extension().string();
    for (char& c : format) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return format == ".svg" || format == ".pdf" || format == ".png" ? format.substr(1) : std::string();
}

std::string writtenAs(const art::Document& d, const std::string& format, const Written& how)
{
    if (format == "svg") return files::writeCleanSvg(d, 3, how.text ? files::WordsAs::text : files::WordsAs::outlines);
    render::Options o;
    o.references = how.references;
    o.pictures = decode;
    if (format == "pdf") return textOf(render::renderPdf(d, o));
    return textOf(files::writePng(render::renderSheet(d, how.width > 0 ? how.width : render::usualWidth(d.sheet), o)));
}

std::string inTheWay(const art::Document& d, const deliver::Plan& plan, const std::string& folder)
{
    std::error_code e;
    for (const std::string& name : deliver::namesOf(d, plan, {}))
        if (std::filesystem::exists(std::filesystem::path(folder) / name, e)) return name + " is in " + folder + " already; --replace writes over it.";
    return {};
}

Delivered delivered(const art::Document& d, const deliver::Plan& plan, const std::string& folder, const std::string& date, bool replace)
{
    Delivered out;
    const auto refused = [&](Exit code, const std::string& why) {
        out.code = code;
        out.problem = why;
        return out;
    };
    if (plan.scope == deliver::Scope::picked) return refused(badInput, "on the command line nothing is picked; the plan's scope must be sheet or layers.");
    deliver::Asked asked;
    asked.mmPerPx = proof::mmPerPx(d, {});
    asked.date = date.empty() ? today() : date;
    // Seen before they are made, which may take minutes.
    if (const std::string why = replace ? std::string() : inTheWay(d, plan, folder); !why.empty()) return refused(badOutput, why);
    const deliver::Made made = deliver::made(d, plan, asked);
    if (!made.ok()) return refused(badOutput, made.problem);
    if (made.files.empty()) return refused(badUse, "the plan asks for no files.");
    if (const files::FileResult w = deliver::writeInto(folder, made.files, replace); !w.ok()) return refused(badOutput, w.problem);
    for (const deliver::MadeFile& f : made.files) out.list.push_back({{"name", f.name}, {"bytes", f.bytes.size()}});
    return out;
}

} // namespace softrope::cli
