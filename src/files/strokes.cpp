#include "files/strokes.h"

#include "words/said.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cmath>

namespace softrope::files {

namespace {

using Json = nlohmann::json;

double number(const Json& o, const char* key, double otherwise)
{
    const auto at = o.find(key);
    return at != o.end() && at->is_number() ? at->get<double>() : otherwise;
}

} // namespace

StrokesResult readStrokes(std::string_view json, const std::string& name)
{
    constexpr double rate = 120; // samples a second, where the file does not say
    StrokesResult out;
    const Json all = Json::parse(json, nullptr, false);
    const auto found = all.is_object() ? all.find("strokes") : all.end();
    if (all.is_object() && found != all.end() && found->is_array())
        for (const Json& s : *found) {
            if (!s.is_array()) continue;
            std::vector<art::HandSample> stroke;
            for (const Json& o : s) {
                if (!o.is_object()) continue;
                art::HandSample h;
                h.at = {number(o, "x", NAN), number(o, "y", NAN)};
                if (!isFinite(h.at)) continue;
                h.pressure = static_cast<float>(std::clamp(number(o, "pressure", 0.5), 0.0, 1.0));
                h.tiltX = static_cast<float>(number(o, "tilt-x", 0));
                h.tiltY = static_cast<float>(number(o, "tilt-y", 0));
                h.time = static_cast<float>(number(o, "time", static_cast<double>(stroke.size()) / rate));
                stroke.push_back(h);
            }
            if (stroke.size() > 1) out.strokes.push_back(std::move(stroke));
        }
    if (out.strokes.empty()) out.problem = words::said("%1 holds no recorded strokes.", {name});
    return out;
}

} // namespace softrope::files
