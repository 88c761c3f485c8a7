// The words of the program in the desktop's language, or in one that was chosen.
#pragma once

#include <QString>
#include <QStringList>

namespace softrope::app {

// Loads the words of the language: a code as "de", or empty for the setting ("language"), which is empty for the desktop's. English,
// with its plurals, where there is no other. What is shown already keeps its words.
void useLanguage(const QString& code = {});
// Codes of the languages that came with the program.
QStringList languages();

// A language for tests: every text with accents and 40 % longer, so that one that has no room, or cannot be translated, shows.
constexpr const char* pseudoLanguage = "qps";
QString pretended(const QString& text, int n = -1);

} // namespace softrope::app
