// What all commands share: exit codes, standard streams, messages.
#pragma once

#include "art/art.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <memory>
#include <string>
#include <string_view>
#include <vector>

namespace softrope::cli {

enum Exit { done = 0, badInput = 1, badUse = 2, badOutput = 3, faultsFound = 4, stopped = 130 };

// Says why on standard error and gives the code back.
int fail(Exit code, const std::string& message);
// The name "-" stands for the standard stream.
std::string standardInput();
files::TextResult readAll(const std::string& name);
// Of a PDF the page, from 1; 0 for its only one.
files::PictureResult readPicture(const std::string& name, int page = 0);
// The decoded picture of a reference, squared to its paper but not lit; nothing where it cannot be read.
std::shared_ptr<const pixel::Picture> pictureOf(const art::Reference& r);
// Of a drawing; a picture is refused as one.
files::TextResult readDrawingText(const std::string& name);
files::SvgResult readDrawing(const std::string& in);
int write(const std::string& name, std::string_view content);
// A drawing of a picture's size with these things in one layer; written as clean SVG.
art::Document onPicture(int width, int height, const std::string& layerName, std::vector<art::Item> items);
int writeOnPicture(const std::string& name, int width, int height, const std::string& layerName, std::vector<art::Item> items);

} // namespace softrope::cli
