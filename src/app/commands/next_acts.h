// What helps when something could not be done: the act that is offered beside the words.
#pragma once

#include <QString>
#include <QStringList>

namespace softrope::app {

// The command that helps after these words, in the language in force; empty for none. Words come from tools, cards and lists alike and
// carry nothing but themselves, so that they are what is looked up.
QString actAfter(const QString& said);

// The sentences that have one, in English: for tests, which look whether each is said somewhere and its command is there.
QStringList sentencesWithActs();

} // namespace softrope::app
