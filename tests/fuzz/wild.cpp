// Real drawings changed at random, by the thousand: what is a drawing still, and what is not quite one any more.
//
//     wild mutate FOLDER ROUNDS [SEED]    elements moved, doubled, dropped, their attributes swapped, numbers made extreme: opened, painted small,
//                                         exported, read again
//     wild edit FOLDER ROUNDS [SEED]      opened as they are, then edits by chance; every fiftieth document goes through its file and back
//
//     wild same FOLDER ROUNDS [SEED]      so many of them, by chance: whether the working file gives back the same document
//
// It ends with the counts; what took over 5 s is named. What was being done is on disk before it is done, in wild-last.svg, for when it ends
// with less. Run it in the sanitize preset to look for what breaks, in the release preset for times and memory.
#include "art/arrange.h"
#include "art/combine.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/islands.h"
#include "art/shades.h"
#include "art/tree.h"
#include "curve/strokes.h"
#include "files/bytes.h"
#include "files/svg.h"
#include "files/take_apart.h"
#include "render/render.h"

#include <pugixml.hpp>
#include <sys/resource.h>

#include <cstdio>
#include <ctime>
#include <filesystem>
#include <sstream>
#include <string>
#include <vector>

using namespace softrope;

namespace {

constexpr double slow = 5; // s

// Of the processor, so that a busy machine makes nothing slow.
double now()
{
    return static_cast<double>(std::clock()) / CLOCKS_PER_SEC;
}

struct Counts {
    long rounds = 0, opened = 0, refused = 0, slow = 0, wrong = 0;
};

std::vector<std::string> filesIn(const std::string& folder)
{
    std::vector<std::string> out;
    for (const auto& f : std::filesystem::directory_iterator(folder))
        if (f.path().extension() == ".svg" && f.file_size() < 300000) out.push_back(f.path());
    std::sort(out.begin(), out.end());
    return out;
}

void keep(const std::string& text)
{
    if (std::FILE* f = std::fopen("wild-last.svg", "wb")) {
        std::fwrite(text.data(), 1, text.size(), f);
        std::fclose(f);
    }
}

// -- drawings that are changed as text ------------------------------------------------------------------------------------------------------

std::string number(strokes::Random& r)
{
    static const char* const odd[] = {"0",    "-1", "1e9", "-1e9", "1e308", "1e-308", "nan",  "inf",     "50%",   "-20%", "3em",
                                      "1e+",  "+",  "",    "1e39", "0.5",   "none",   "auto", "url(#a)", "1 2 3", "2,2",  "9999999999999999999",
                                      "0x10", "red"};
    return odd[r.below(static_cast<int>(std::size(odd)))];
}

void mutate(pugi::xml_document& xml, strokes::Random& r)
{
    std::vector<pugi::xml_node> all;
    std::vector<pugi::xml_node> open{xml.document_element()};
    while (!open.empty() && all.size() < 5000) {
        const pugi::xml_node n = open.back();
        open.pop_back();
        all.push_back(n);
        for (const pugi::xml_node c : n.children())
            if (c.type() == pugi::node_element) open.push_back(c);
    }
    const auto any = [&] { return all[static_cast<std::size_t>(r.below(static_cast<int>(all.size())))]; };
    const auto attribute = [&](pugi::xml_node n) {
        const auto count = std::distance(n.attributes_begin(), n.attributes_end());
        auto a = n.attributes_begin();
        if (count > 0) std::advance(a, r.below(static_cast<int>(count)));
        return count > 0 ? pugi::xml_attribute(*a) : pugi::xml_attribute();
    };
    for (int k = 0, n = 1 + r.below(5); k < n; ++k) {
        pugi::xml_node a = any(), b = any();
        pugi::xml_attribute x = attribute(a), y = attribute(b);
        switch (r.below(8)) {
        case 0:
            if (x && y) {
                const std::string v = x.value();
                x.set_value(y.value());
                y.set_value(v.c_str());
            }
            break;
        case 1:
            if (x) x.set_value(number(r).c_str());
            break;
        case 2: // one number of several
            if (x) {
                std::string v = x.value();
                const auto at = v.find_first_of("0123456789", static_cast<std::size_t>(r.below(static_cast<int>(v.size()) + 1)));
                if (at != std::string::npos) v.replace(at, 1 + static_cast<std::size_t>(r.below(3)), number(r));
                x.set_value(v.c_str());
            }
            break;
        case 3:
            if (x) a.remove_attribute(x);
            break;
        case 4: b.append_copy(a); break;
        case 5:
            if (y && !a.attribute(y.name())) a.append_attribute(y.name()) = y.value();
            break;
        case 6: // refers to itself or to anything
            for (const char* name : {"xlink:href", "mask", "clip-path", "filter", "fill"})
                if (pugi::xml_attribute old = a.attribute(name)) {
                    const std::string id = b.attribute("id").value();
                    old.set_value((std::string(name) == "xlink:href" ? '#' + id : "url(#" + id + ')').c_str());
                }
            break;
        default: a.set_name(b.name()); break;
        }
    }
}

bool through(const std::string& text, Counts& c)
{
    const files::SvgResult r = files::readSvg(text);
    if (!r.ok()) {
        ++c.refused;
        return !r.problem.empty();
    }
    ++c.opened;
    (void)render::renderSheet(r.document, 64, {});
    return files::readSvg(files::writeCleanSvg(r.document)).ok();
}

void mutateAll(const std::vector<std::string>& from, long rounds, strokes::Random& r, Counts& c)
{
    while (c.rounds < rounds) {
        const std::string text = files::readText(from[static_cast<std::size_t>(r.below(static_cast<int>(from.size())))]).text;
        // Each gives a few: reading it is the smaller part.
        for (int k = 0; k < 4 && c.rounds < rounds; ++k, ++c.rounds) {
            pugi::xml_document xml;
            if (!xml.load_buffer(text.data(), text.size()) || !xml.document_element()) break;
            mutate(xml, r);
            std::ostringstream out;
            xml.save(out, "", pugi::format_raw);
            keep(out.str());
            const double start = now();
            if (!through(out.str(), c)) {
                ++c.wrong;
                files::saveAtomically("wild-wrong-" + std::to_string(c.rounds) + ".svg", out.str());
            }
            const double took = now() - start;
            if (took > slow) {
                ++c.slow;
                std::printf("round %ld took %.1f s\n", c.rounds, took);
                files::saveAtomically("wild-slow-" + std::to_string(c.rounds) + ".svg", out.str());
            }
        }
    }
}

// -- documents that are edited --------------------------------------------------------------------------------------------------------------

std::vector<art::Id> someOf(const art::Document& d, strokes::Random& r)
{
    std::vector<art::Id> all;
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where&) { all.push_back(i.id); });
    std::vector<art::Id> out;
    for (int k = 0, n = all.empty() ? 0 : 1 + r.below(3); k < n; ++k) out.push_back(all[static_cast<std::size_t>(r.below(static_cast<int>(all.size())))]);
    return out;
}

art::Document edited(const art::Document& d, strokes::Random& r)
{
    const std::vector<art::Id> some = someOf(d, r);
    if (some.empty()) return d;
    const art::Item* one = d.item(some.front());
    const auto far = [&] { return 400 * (r.unit() - 0.5); };
    switch (r.below(20)) {
    case 0: return art::transformed(d, some, curve::translation({far(), far()}));
    case 1: return art::transformed(d, some, curve::rotation(far() / 50) * curve::scaling(0.3 + r.unit(), 0.3 + r.unit()));
    case 2: return art::withTraits(d, some, {.opacity = r.unit(), .blend = static_cast<art::Blend>(r.below(art::blends)), .blur = r.unit() * 4});
    case 3: return art::withTraits(d, some, {.shown = r.below(3) > 0, .locked = r.below(6) == 0});
    case 4: return art::withCopies(d, {some.front()}).document;
    case 5: return art::withoutItems(d, {some.front()});
    case 6: return art::withGroup(d, some).document;
    case 7: return art::withoutGroups(d, some).document;
    case 8: return art::moved(d, {some.front()}, {.layer = 0, .parent = some.back()});
    case 9: return art::movedOut(d, some);
    case 10: return art::withLinesAsShapes(d, some);
    case 11: return art::withCombined(d, some, static_cast<planar::Operation>(r.below(4)), r.below(2) > 0).document;
    case 12:
        return art::withGradient(d, some, r.below(2) ? art::Gradient::Kind::linear : art::Gradient::Kind::radial, {far(), far()}, {far(), far()},
                                 {{0, {200, 40, 20}, 1, {}}, {1, {20, 40, 90}, r.unit(), {}}});
    case 13: return art::withPaintsSwapped(d, some);
    case 14: return art::withPutInside(d, {some.front()}, {some.back()}).document;
    case 15: return art::withSet(d, some);
    case 16:
        return art::withArtworkChanged(d, some, [&](art::Artwork& a) {
            a.stroke.colour = art::Colour{10, 20, 30};
            a.stroke.dashes = {r.unit() * 20, r.unit() * 20};
            a.stroke.cap = static_cast<art::Cap>(r.below(3));
        });
    case 17: return one->island() ? art::withIslandApart(d, one->id, files::takenApart(*one->island()).items).document : d;
    case 18: return art::withPasted(d, art::fragmentOf(d, some), {.layer = d.layers.front()->id}).document;
    default: return art::withOrder(d, some, static_cast<art::Way>(r.below(4)));
    }
}

// Tells what of it did not come back.
void tell(const art::Document& d, const art::Document& back)
{
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where&) {
        const art::Item* o = back.item(i.id);
        if (!o) {
            std::printf("item %llu is gone\n", static_cast<unsigned long long>(i.id));
            return;
        }
        if (*o == i) return;
        const art::Artwork *a = i.artwork(), *b = o->artwork();
        std::printf("item %llu: %s%s%s%s%s%s%s%s\n", static_cast<unsigned long long>(i.id), i.opacity != o->opacity ? "opacity " : "",
                    i.blur != o->blur ? "blur " : "", i.blend != o->blend ? "blend " : "",
                    i.shown != o->shown || i.locked != o->locked ? "shown or locked " : "", i.name != o->name ? "name " : "",
                    a && b && !(a->fill == b->fill) ? "fill " : "", a && b && !(a->stroke == b->stroke) ? "line " : "",
                    a && b && !(*a->paths == *b->paths) ? "paths " : "");
    });
}

void editAll(const std::vector<std::string>& from, long rounds, strokes::Random& r, Counts& c)
{
    while (c.rounds < rounds) {
        const std::string text = files::readText(from[static_cast<std::size_t>(r.below(static_cast<int>(from.size())))]).text;
        const files::SvgResult read = files::readSvg(text);
        if (!read.ok() || art::nodeCount(read.document) > 5000) continue;
        keep(text);
        ++c.opened;
        art::Document d = read.document;
        for (int k = 0; k < 50 && c.rounds < rounds; ++k, ++c.rounds) {
            const double start = now();
            art::Document next = edited(d, r);
            if (art::nodeCount(next) < 20000) d = std::move(next); // copies of copies
            if (now() - start > slow) ++c.slow;
        }
        (void)render::renderSheet(d, 64, {});
        const std::string working = files::writeWorkingSvg(d);
        if (const art::Document back = files::readSvg(working).document; !(back == d)) {
            ++c.wrong;
            tell(d, back);
            files::saveAtomically("wild-wrong-" + std::to_string(c.rounds) + ".svg", working);
        }
    }
}

void sameAll(const std::vector<std::string>& from, long rounds, strokes::Random& r, Counts& c)
{
    for (; c.rounds < rounds; ++c.rounds) {
        const std::string& name = from[static_cast<std::size_t>(r.below(static_cast<int>(from.size())))];
        const std::string text = files::readText(name).text;
        keep(text);
        const files::SvgResult read = files::readSvg(text);
        if (!read.ok()) {
            ++c.refused;
            continue;
        }
        ++c.opened;
        const art::Document back = files::readSvg(files::writeWorkingSvg(read.document)).document;
        if (back == read.document) continue;
        ++c.wrong;
        std::printf("%s\n", name.c_str());
        tell(read.document, back);
    }
}

} // namespace

int main(int count, char** arguments)
{
    if (count < 4) {
        std::fprintf(stderr, "wild mutate|edit|same FOLDER ROUNDS [SEED]\n");
        return 2;
    }
    const std::string how = arguments[1];
    const std::vector<std::string> from = filesIn(arguments[2]);
    if (from.empty()) {
        std::fprintf(stderr, "there are no drawings in %s\n", arguments[2]);
        return 2;
    }
    strokes::Random r(count > 4 ? static_cast<unsigned>(std::stoul(arguments[4])) : 1);
    Counts c;
    (how == "edit" ? editAll : how == "same" ? sameAll : mutateAll)(from, std::stol(arguments[3]), r, c);
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    std::printf("%ld rounds, %ld opened, %ld refused, %ld over 5 s, %ld wrong, %ld MB at most\n", c.rounds, c.opened, c.refused, c.slow, c.wrong,
                use.ru_maxrss / 1024);
    return c.slow || c.wrong ? 1 : 0;
}
