// Drawings as files: one in a format, or all of a delivery.
#pragma once

#include "art/document.h"
#include "cli/facts.h"
#include "deliver/plan.h"

#include <nlohmann/json.hpp>

#include <string>

namespace softrope::cli {

// "svg", "pdf" or "png" by the name's ending, in either case; empty for any other.
std::string formatOf(const std::string& name);
struct Written {
    int width = 0; // of a PNG, px; 0 = the usual
    bool references = false, text = false;
};
// Empty where there is not enough memory for it.
std::string writtenAs(const art::Document& d, const std::string& format, const Written& how);

// Says which file of a delivery is in the folder already; empty where none is.
std::string inTheWay(const art::Document& d, const deliver::Plan& plan, const std::string& folder);

struct Delivered {
    int code = 0; // streams.h
    std::string problem;
    Json list = Json::array(); // {"name", "bytes"}
};
// `date` as it stands on the delivery sheet; empty = today.
Delivered delivered(const art::Document& d, const deliver::Plan& plan, const std::string& folder, const std::string& date, bool replace);

} // namespace softrope::cli
