// What the core tells people: problems of files, names it gives. In English, until a program hands over a catalogue.
#pragma once

#include <functional>
#include <initializer_list>
#include <string>

namespace softrope::words {

// The text in the language in force, %1, %2 ... replaced by what is given, each once. Any thread.
std::string said(const char* english, std::initializer_list<std::string> with = {});
// The same with a number: %n is replaced, and "thing(s)" is one thing or several.
std::string counted(const char* english, long long n, std::initializer_list<std::string> with = {});
// Says nothing: marks a text that is said later for the translators.
constexpr const char* marked(const char* english)
{
    return english;
}

// Gives the text in another language, with its plural form for the number; without a number (-1) plainly. Called from any thread; an
// empty answer leaves the English. Set before the first text is said, or between two.
using Catalogue = std::function<std::string(const char* english, long long n)>;
void useCatalogue(Catalogue catalogue);

} // namespace softrope::words
