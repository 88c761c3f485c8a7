// The demo document: a scan of the moth sketch as reference, part of it traced.
#pragma once

#include "art/document.h"
#include "pixel/raster.h"

#include <functional>
#include <string>
#include <vector>

namespace softrope::demo {

// `encode` turns a picture into PNG bytes (the core does not encode pictures itself).
art::Document nightMarketMoth(const std::function<std::vector<std::byte>(const pixel::Picture&)>& encode);

// A round teapot from circles that touch and lines that overlap; the construction stays under its carved shapes.
art::Document nightMarketTeapot();
// The half-drawn moth, mirrored and welded, with colour areas under its lines; the halves are kept on a hidden layer.
art::Document nightMarketWholeMoth();
// A night photo of a paper lantern, cut into five live tones with a patch, and the market's inks. `encode` gives the bytes of a JPEG,
// `decode` what anyone sees who reads them.
art::Document nightMarketLantern(const std::function<std::vector<std::byte>(const pixel::Picture&)>& encode,
                                 const std::function<pixel::Picture(const std::vector<std::byte>&)>& decode);
// The welded moth with colour drops in the market's inks.
art::Document nightMarketInks();
// The moth in ink with seven faults in it that the proof mends, and one to look at.
art::Document nightMarketFaultyMoth();
// The moth by lantern light: edge lights and core shades in its areas, the body's shadow on the wings, one look for each, a backdrop.
art::Document nightMarketLitMoth();
// A lidded jar of moss: scatter that thins out, fades, a cast of the lid, everything kept live.
art::Document nightMarketJar();
// The market's round badge: words on two arcs round a lantern over waves, in linked inks.
art::Document nightMarketBadge();
// An outline cut into facets, shaded by the tints of one ink.
art::Document nightMarketCrystal();
// A sheet of the parts that ship: each as it is, and a lamp cord and a border made of them.
art::Document nightMarketParts();

// A picture of a pair of glass tongs, dark on pale paper under uneven light, `size` px square: what the badge's emblem is traced from.
pixel::Picture tongsPicture(int size = 900);

// A part that ships: its name in the folder of parts, its tags, itself.
struct ShippedPart {
    const char* id;
    std::vector<std::string> tags;
    art::Document part;
};
std::vector<ShippedPart> shippedParts();

} // namespace softrope::demo
