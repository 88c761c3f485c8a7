#include "deliver/files.h"

#include "art/arrange.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "deliver/sheet_page.h"
#include "files/pictures.h"
#include "files/shared_folder.h"
#include "files/svg.h"
#include "render/page.h"
#include "words/said.h"

#include <algorithm>
#include <filesystem>
#include <set>
#include <unistd.h>

namespace softrope::deliver {

namespace fs = std::filesystem;
using art::Document;

namespace {

void replaceAll(std::string& text, const std::string& what, const std::string& with)
{
    for (std::size_t at = text.find(what); at != std::string::npos; at = text.find(what, at + with.size())) text.replace(at, what.size(), with);
}

// One subject of the delivery: the sheet, what is picked, or a layer. Worked out when its first file is made.
struct Subject {
    std::string layer;
    std::function<Document()> document;
};

Document pickedOnly(const Document& d, const std::vector<art::Id>& picked)
{
    Document only = art::fragmentOf(d, picked);
    only.title = d.title;
    only.about = d.about;
    // Mirrored layers show their other half of it as well.
    for (art::LayerPtr& l : only.layers)
        if (const art::Layer* was = d.layer(l->id); was && was->mirror) {
            art::Layer mirrored = *l;
            mirrored.mirror = was->mirror;
            l = art::shared(std::move(mirrored));
        }
    only = art::withBothHalves(only);
    const curve::Box seen = art::bounds(only);
    return seen.empty() ? only : art::withSheetAt(only, seen);
}

std::vector<Subject> subjectsOf(const Document& d, const Plan& plan, const Asked& asked)
{
    if (plan.scope == Scope::picked) return {{{}, [&d, picked = asked.picked] { return pickedOnly(d, picked); }}};
    if (plan.scope == Scope::sheet) return {{{}, [&d] { return d; }}};
    std::vector<Subject> out;
    for (const art::LayerPtr& l : d.layers) {
        const bool draws = std::any_of(l->items.begin(), l->items.end(), [](const art::ItemPtr& i) { return art::nodeCount(*i) > 0; });
        if (!l->shown || !draws) continue;
        out.push_back({files::plainName(l->name), [&d, l] {
                           Document only = d;
                           only.layers = {l};
                           only.stages.clear(); // a variant corrected by hand is of the whole
                           return only;
                       }});
    }
    return out;
}

std::string titleOf(const Document& d)
{
    const std::string title = files::plainName(d.title);
    return title.empty() ? "mark" : title;
}

std::string baseName(const Document& d, const Plan& plan, const Asked& asked, const std::string& layer, Variant v)
{
    std::string name = plan.names;
    replaceAll(name, "{title}", titleOf(d));
    replaceAll(name, "{variant}", v == Variant::full ? "" : idOf(v));
    replaceAll(name, "{layer}", layer);
    replaceAll(name, "{date}", asked.date);
    name = files::plainName(name);
    return name.empty() ? "mark" : name;
}

// What one variant of one subject brings: a name, and how it is made.
struct Job {
    std::string name;
    std::function<std::vector<std::byte>()> make;
};

// A square picture of that many px with the mark in the middle of it.
pixel::Picture iconOf(const Document& d, int size, const render::Options& o)
{
    const curve::Vec2 middle{d.sheet.width / 2, d.sheet.height / 2};
    const double half = std::max(middle.x, middle.y);
    return render::renderSheet(art::withSheetAt(art::withBothHalves(d), {middle - curve::Vec2{half, half}, middle + curve::Vec2{half, half}}), size, o);
}

class Making {
public:
    Making(const Document& d, const Plan& plan, const Asked& asked) : d_(d), plan_(plan), asked_(asked)
    {
        for (const Subject& s : subjectsOf(d, plan, asked))
            for (const Variant v : plan.variants) variant(s, v);
        if (plan.sheet) {
            add(titleOf(d) + "-delivery-sheet", ".pdf", [this] {
                render::Options o;
                o.references = false;
                return render::renderPdf(deliverySheet(d_, plan_, {asked_.date, asked_.mmPerPx}, asked_.cancelled), o);
            });
        }
    }
    std::vector<Job> jobs;

private:
    const Document& d_;
    const Plan& plan_;
    const Asked& asked_;
    std::set<std::string> names_;

    void add(const std::string& base, const std::string& end, std::function<std::vector<std::byte>()> make)
    {
        std::string name = base + end;
        for (int n = 2; !names_.insert(name).second; ++n) name = base + '-' + std::to_string(n) + end;
        jobs.push_back({name, std::move(make)});
    }
    void variant(const Subject& s, Variant v)
    {
        // Worked out once, when the first file of it is made.
        auto kept = std::make_shared<std::optional<Document>>();
        const auto document = [this, kept, subject = s.document, v]() -> const Document& {
            if (!*kept) {
                *kept = variantOf(subject(), v, plan_.inking, asked_.cancelled);
                if (plan_.ground && !(*kept)->sheet.hasBackground) {
                    (*kept)->sheet.hasBackground = true;
                    (*kept)->sheet.background = plan_.inking.paper;
                }
            }
            return **kept;
        };
        const std::string base = baseName(d_, plan_, asked_, s.layer, v);
        render::Options o;
        o.references = false;
        o.cancelled = asked_.cancelled;
        render::Page page;
        page.bleed = plan_.bleed / asked_.mmPerPx;
        page.cropMarks = plan_.cropMarks;
        page.ptPerPx = asked_.mmPerPx * 72 / 25.4;
        for (const Format f : plan_.formats) switch (f) {
            case Format::svg: add(base, ".svg", [document] { return files::bytesOf(files::writeCleanSvg(document())); }); break;
            case Format::svgText:
                add(base + "-text", ".svg", [document] { return files::bytesOf(files::writeCleanSvg(document(), 3, files::WordsAs::text)); });
                break;
            case Format::pdf: add(base, ".pdf", [document, page, o] { return render::renderPdf(document(), page, o); }); break;
            case Format::eps: add(base, ".eps", [document, page, o] { return render::renderEps(document(), page, o); }); break;
            case Format::png:
                for (const int px : plan_.pngWidths)
                    add(base + '-' + std::to_string(px), ".png", [this, document, px, o] {
                        const double inches = d_.sheet.width * asked_.mmPerPx / 25.4;
                        return files::writePng(render::renderSheet(document(), px, o), inches > 0 ? px / inches : 96);
                    });
                break;
            }
        for (const int px : plan_.iconSizes)
            add(base + "-icon-" + std::to_string(px), ".png", [document, px, o] { return files::writePng(iconOf(document(), px, o)); });
    }
};

} // namespace

std::vector<std::string> namesOf(const Document& d, const Plan& plan, const Asked& asked)
{
    std::vector<std::string> names;
    for (const Job& j : Making(d, plan, asked).jobs) names.push_back(j.name);
    return names;
}

Made made(const Document& d, const Plan& plan, const Asked& asked)
{
    Made out;
    Making making(d, plan, asked);
    for (std::size_t k = 0; k < making.jobs.size(); ++k) {
        if (asked.cancelled && asked.cancelled()) return {};
        if (asked.progress) asked.progress(static_cast<double>(k) / static_cast<double>(making.jobs.size()));
        MadeFile f{making.jobs[k].name, making.jobs[k].make()};
        if (asked.cancelled && asked.cancelled()) return {};
        if (f.bytes.empty()) return {{}, words::said("%1 could not be made: there is not enough memory.", {f.name})};
        out.files.push_back(std::move(f));
    }
    if (asked.progress) asked.progress(1);
    return out;
}

files::FileResult writeInto(const std::string& folder, const std::vector<MadeFile>& all, bool replace)
{
    std::error_code trouble;
    fs::path target = fs::absolute(folder, trouble).lexically_normal();
    if (!target.has_filename()) target = target.parent_path(); // it was said with a slash at its end
    const bool there = fs::exists(target, trouble);
    if (there && !fs::is_directory(target, trouble)) return {words::said("%1 is a file, not a folder.", {folder})};
    if (there && !replace)
        for (const MadeFile& f : all)
            if (fs::exists(target / f.name, trouble)) return {words::said("%1 is in %2 already; nothing was written.", {f.name, folder})};
    fs::create_directories(target.parent_path(), trouble);
    const fs::path aside = target.parent_path() / ("." + target.filename().string() + "-" + std::to_string(::getpid()));
    fs::remove_all(aside, trouble);
    if (!fs::create_directory(aside, trouble)) return {words::said("%1 cannot be written: %2", {folder, trouble.message()})};
    for (const MadeFile& f : all)
        if (const files::FileResult r = files::saveAtomically((aside / f.name).string(), f.bytes); !r.ok()) {
            fs::remove_all(aside, trouble);
            return r;
        }
    if (!there) {
        fs::rename(aside, target, trouble);
    } else {
        for (const MadeFile& f : all)
            if (!trouble) fs::rename(aside / f.name, target / f.name, trouble);
    }
    const std::string why = trouble ? trouble.message() : std::string();
    fs::remove_all(aside, trouble);
    if (!why.empty()) return {words::said("%1 cannot be written: %2", {folder, why})};
    return {};
}

} // namespace softrope::deliver
