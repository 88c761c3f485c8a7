// A setting that is kept between runs: its key, what it is until somebody changes it, and its range. Read by tools, drawn by cards.
#pragma once

namespace softrope::app {

template <class T> struct Setting {
    const char* key;
    T otherwise;
    double least = -1e300, most = 1e300; // a kept value outside is brought back
    const char* unit = "";
    int decimals = 0; // as it is shown
};

} // namespace softrope::app
