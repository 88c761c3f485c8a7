#include "words/said.h"

#include <memory>
#include <mutex>

namespace softrope::words {

namespace {

std::mutex guard;
std::shared_ptr<const Catalogue> used;

std::string inForce(const char* english, long long n)
{
    std::shared_ptr<const Catalogue> now;
    {
        const std::lock_guard<std::mutex> lock(guard);
        now = used;
    }
    std::string text = now ? (*now)(english, n) : std::string();
    return text.empty() ? english : text;
}

void replace(std::string& text, const std::string& what, const std::string& by)
{
    for (std::size_t at = text.find(what); at != std::string::npos; at = text.find(what, at + by.size())) text.replace(at, what.size(), by);
}

// What is put in is not looked at again: a file may be called "%2".
std::string filled(const std::string& text, std::initializer_list<std::string> with)
{
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const std::size_t which = text[i] == '%' && i + 1 < text.size() ? static_cast<std::size_t>(text[i + 1] - '1') : with.size();
        if (which < with.size()) {
            out += with.begin()[which];
            ++i;
        } else {
            out += text[i];
        }
    }
    return out;
}

} // namespace

std::string said(const char* english, std::initializer_list<std::string> with)
{
    return filled(inForce(english, -1), with);
}

std::string counted(const char* english, long long n, std::initializer_list<std::string> with)
{
    std::string text = inForce(english, n);
    replace(text, "(s)", n == 1 ? "" : "s");
    replace(text, "%n", std::to_string(n));
    return filled(text, with);
}

void useCatalogue(Catalogue catalogue)
{
    const std::lock_guard<std::mutex> lock(guard);
    used = catalogue ? std::make_shared<const Catalogue>(std::move(catalogue)) : nullptr;
}

} // namespace softrope::words
