// The caret in words that are typed: where it stands, what is marked, and what keys do to both.
#pragma once

#include "letter/layout.h"

#include <QKeyEvent>

#include <optional>
#include <string>
#include <utility>

namespace softrope::app {

class TypedWords {
public:
    // Bytes of the words; `anchor` is where what is marked began.
    std::size_t caret = 0, anchor = 0;

    bool marks() const { return caret != anchor; }
    std::pair<std::size_t, std::size_t> marked() const { return std::minmax(caret, anchor); }
    void put(std::size_t at, bool marking);
    // Never beyond the words or within a character.
    void keepWithin(const std::string& words);

    // The words with a text in place of what is marked; the caret stands behind it.
    std::string typed(const std::string& words, const std::string& text);
    // Without what is marked, else the letter (or the whole word) before or behind the caret.
    std::string erased(const std::string& words, bool ahead, bool word);
    void markWord(const std::string& words, std::size_t at);
    void markAll(const std::string& words);
    // What an arrow or Home or End key does; false for others.
    bool move(const QKeyEvent& e, const std::string& words, const letter::Layout& laid);

private:
    std::optional<double> column_; // px: where Up and Down keep to
};

} // namespace softrope::app
