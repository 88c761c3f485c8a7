// Writes the demo document and the scanned pages into a folder. Nothing is written again that is there already.
#include "demo/night_market.h"
#include "demo/scanner.h"
#include "files/bytes.h"
#include "files/part_folder.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <filesystem>
#include <iostream>

int main(int argc, char** argv)
{
    using namespace softrope;
    if (argc != 2 || argv[1][0] == '-') {
        std::cerr << "usage: soft-rope-demo FOLDER\n";
        return 2;
    }
    const std::filesystem::path folder = argv[1];
    std::error_code e;
    std::filesystem::create_directories(folder, e);
    const auto encode = [](const pixel::Picture& p) { return files::writePng(p); };
    if (!std::filesystem::exists(folder / "saltglass-moth.svg")) {
        const files::FileResult r = files::saveAtomically((folder / "saltglass-moth.svg").string(), files::writeWorkingSvg(demo::nightMarketMoth(encode)));
        if (!r.ok()) {
            std::cerr << r.problem << '\n';
            return 3;
        }
    }
    for (const auto& [name, make] : {std::pair<const char*, art::Document (*)()>{"saltglass-teapot.svg", &demo::nightMarketTeapot},
                                     {"saltglass-whole-moth.svg", &demo::nightMarketWholeMoth},
                                     {"saltglass-moth-in-ink.svg", &demo::nightMarketInks},
                                     {"saltglass-faulty-moth.svg", &demo::nightMarketFaultyMoth},
                                     {"saltglass-crystal.svg", &demo::nightMarketCrystal},
                                     {"saltglass-lit-moth.svg", &demo::nightMarketLitMoth},
                                     {"saltglass-jar.svg", &demo::nightMarketJar},
                                     {"saltglass-badge.svg", &demo::nightMarketBadge},
                                     {"saltglass-parts.svg", &demo::nightMarketParts}}) {
        if (std::filesystem::exists(folder / name)) continue;
        const files::FileResult r = files::saveAtomically((folder / name).string(), files::writeWorkingSvg(make()));
        if (!r.ok()) {
            std::cerr << r.problem << '\n';
            return 3;
        }
    }
    if (!std::filesystem::exists(folder / "saltglass-lantern.svg")) {
        const auto jpeg = [](const pixel::Picture& p) { return files::writeJpeg(p, 82); };
        const auto read = [](const std::vector<std::byte>& b) { return files::readPicture(b, "The photo").picture; };
        const files::FileResult r =
            files::saveAtomically((folder / "saltglass-lantern.svg").string(), files::writeWorkingSvg(demo::nightMarketLantern(jpeg, read)));
        if (!r.ok()) {
            std::cerr << r.problem << '\n';
            return 3;
        }
    }
    for (const auto& [name, page, seed] :
         {std::tuple<const char*, const char*, std::uint64_t>{"moth-scan.png", "moth", 4}, {"moth-half-scan.png", "moth-half", 6}}) {
        if (std::filesystem::exists(folder / name)) continue;
        demo::ScanOptions o;
        o.seed = seed;
        const files::FileResult r = files::saveAtomically((folder / name).string(), files::writePng(demo::scan(demo::page(page), o).picture, o.dotsPerInch));
        if (!r.ok()) {
            std::cerr << r.problem << '\n';
            return 3;
        }
    }
    if (!std::filesystem::exists(folder / "glass-tongs.png")) {
        const files::FileResult r = files::saveAtomically((folder / "glass-tongs.png").string(), files::writePng(demo::tongsPicture()));
        if (!r.ok()) {
            std::cerr << r.problem << '\n';
            return 3;
        }
    }
    std::filesystem::create_directories(folder / "parts", e);
    for (const demo::ShippedPart& p : demo::shippedParts()) {
        const std::filesystem::path file = folder / "parts" / (std::string(p.id) + ".svg");
        if (std::filesystem::exists(file)) continue;
        const files::FileResult r = files::saveAtomically(file.string(), files::partText(p.part, p.part.title, p.tags));
        if (!r.ok()) {
            std::cerr << r.problem << '\n';
            return 3;
        }
    }
    return 0;
}
