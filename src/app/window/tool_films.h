// What each tool does, as a small film: paths in a box of 160 x 96, and the way of the pointer.
#pragma once

#include <QString>

#include <vector>

namespace softrope::app {

struct FilmPath {
    enum class When { stays, before, after, drawn } when; // drawn: the pointer draws it as it goes
    const char* data;                                     // SVG path data
    bool area = false;
};
struct Film {
    const char* tool;
    std::vector<FilmPath> paths;
    const char* way = ""; // of the pointer where nothing is drawn; its end is where it clicks
};
// Null where there is none for the tool.
const Film* filmOf(const QString& tool);
constexpr double filmWidth = 160, filmHeight = 96;

} // namespace softrope::app
