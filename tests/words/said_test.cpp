// What the core tells, in English and in the language of a catalogue.
#include "words/said.h"

#include <catch2/catch.hpp>

using namespace softrope;

TEST_CASE("texts are filled in, each place once, and numbers take their plural")
{
    CHECK(words::said("There is no file %1.", {"moth.svg"}) == "There is no file moth.svg.");
    CHECK(words::said("%1 was loaded only in part, %2 of %3 rows.", {"a %2", "12", "8200"}) == "a %2 was loaded only in part, 12 of 8200 rows.");
    CHECK(words::said("100 % of it") == "100 % of it");
    CHECK(words::counted("%n text(s)", 1) == "1 text");
    CHECK(words::counted("%n text(s)", 2) == "2 texts");
    CHECK(words::counted("%n %1 element(s)", 0, {"blob"}) == "0 blob elements");
}

TEST_CASE("a catalogue gives another language, and what it does not know stays English")
{
    words::useCatalogue([](const std::string& english, long long n) {
        return english == "%n text(s)" ? std::string(n == 1 ? "%n Text" : "%n Texte") : english == "%1 is empty." ? std::string("%1 ist leer.") : std::string();
    });
    CHECK(words::counted("%n text(s)", 1) == "1 Text");
    CHECK(words::counted("%n text(s)", 5) == "5 Texte");
    CHECK(words::said("%1 is empty.", {"moth.svg"}) == "moth.svg ist leer.");
    CHECK(words::said("Stopped.") == "Stopped.");
    words::useCatalogue({});
    CHECK(words::said("%1 is empty.", {"moth.svg"}) == "moth.svg is empty.");
}
