#include "cli/facts.h"

#include <nlohmann/json.hpp>

#include <iostream>

namespace softrope::cli {

namespace {

struct Told {
    bool json = false, onOutput = false;
    std::string command;
    Json facts = Json::object();
};

Told& told()
{
    static Told t;
    return t;
}

} // namespace

void tellAsJson(const std::string& command)
{
    told().json = true;
    told().command = command;
}

bool asJson()
{
    return told().json;
}

std::string amountOf(std::size_t n, const std::string& thing)
{
    return std::to_string(n) + ' ' + thing + (n == 1 ? "" : "s");
}

void say(const std::string& line)
{
    if (!told().json) std::cerr << line << '\n';
}

void tell(const std::string& name, Json value)
{
    told().facts[name] = std::move(value);
}

void resultOnOutput()
{
    told().onOutput = true;
}

int finish(int code)
{
    if (!told().json) return code;
    Json all;
    all["command"] = told().command;
    all["code"] = code;
    for (const auto& [name, value] : told().facts.items()) all[name] = value;
    (told().onOutput ? std::cerr : std::cout) << all.dump(1, ' ', false, Json::error_handler_t::replace) << std::endl;
    return code;
}

} // namespace softrope::cli
