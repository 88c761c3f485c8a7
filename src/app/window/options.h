// The options of soft-rope on a command line: read by main.cpp, written into the manual and the shells' completion.
#pragma once

namespace softrope::app {

struct CommandLineOption {
    const char* name;
    const char* value; // what follows it; empty = nothing does
    const char* text;
    const char* otherwise = ""; // where it is left out
};

constexpr CommandLineOption commandLineOptions[] = {
    {"size", "WxH", "Size of the window, as 1280x800."},
    {"theme", "THEME", "day, evening, contrast or desktop."},
    {"step", "N", "Start in this step, 1 Place to 7 Proof."},
    {"new", "TEMPLATE", "Begin a new drawing from this template: square, wide, a4, shirt, badge or icon."},
    {"run", "IDS", "Run these commands (ids, parted by commas) after the start."},
    {"screenshot", "FILE", "Save a picture of the window there once all is painted, and end."},
    {"replay", "FILE", "Play the recorded strokes of this file through the tablet stand-in."},
    {"replay-speed", "FACTOR", "How fast, 1 = as recorded.", "1"},
    {"replay-loops", "N", "How often, 0 = without end.", "1"},
    {"own-process", "", "Start by itself, though Soft Rope is running already."},
};

} // namespace softrope::app
