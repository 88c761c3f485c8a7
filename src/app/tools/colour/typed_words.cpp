#include "app/tools/colour/typed_words.h"

#include <QString>
#include <QTextBoundaryFinder>

#include <algorithm>

namespace softrope::app {

namespace {

// Steps over words in UTF-8 by boundaries that are found in UTF-16.
std::size_t boundary(const std::string& words, std::size_t from, bool ahead, QTextBoundaryFinder::BoundaryType type)
{
    const QString all = QString::fromStdString(words);
    const auto at = QString::fromStdString(words.substr(0, from)).size();
    QTextBoundaryFinder finder(type, all);
    finder.setPosition(at);
    auto to = ahead ? finder.toNextBoundary() : finder.toPreviousBoundary();
    // Over the spaces between words.
    while (type == QTextBoundaryFinder::Word && to > 0 && to < all.size() && all.at(ahead ? to - 1 : to).isSpace())
        to = ahead ? finder.toNextBoundary() : finder.toPreviousBoundary();
    if (to < 0) return ahead ? words.size() : 0;
    return all.left(to).toStdString().size();
}

} // namespace

void TypedWords::put(std::size_t at, bool marking)
{
    caret = at;
    if (!marking) anchor = at;
    column_.reset();
}

void TypedWords::keepWithin(const std::string& words)
{
    for (std::size_t* at : {&caret, &anchor}) {
        *at = std::min(*at, words.size());
        while (*at > 0 && *at < words.size() && (static_cast<unsigned char>(words[*at]) & 0xC0) == 0x80) --*at;
    }
}

std::string TypedWords::typed(const std::string& words, const std::string& text)
{
    const auto [from, to] = marked();
    std::string out = words.substr(0, from) + text + words.substr(to);
    put(from + text.size(), false);
    return out;
}

std::string TypedWords::erased(const std::string& words, bool ahead, bool word)
{
    if (!marks()) put(boundary(words, caret, ahead, word ? QTextBoundaryFinder::Word : QTextBoundaryFinder::Grapheme), true);
    return typed(words, {});
}

void TypedWords::markWord(const std::string& words, std::size_t at)
{
    const bool within = at < words.size() && words[at] != ' ' && words[at] != '\n';
    anchor = within && (at == 0 || words[at - 1] == ' ' || words[at - 1] == '\n') ? at : boundary(words, at, false, QTextBoundaryFinder::Word);
    caret = anchor;
    while (caret < words.size() && words[caret] != ' ' && words[caret] != '\n') ++caret;
    column_.reset();
}

void TypedWords::markAll(const std::string& words)
{
    anchor = 0;
    caret = words.size();
    column_.reset();
}

bool TypedWords::move(const QKeyEvent& e, const std::string& words, const letter::Layout& laid)
{
    const bool marking = e.modifiers().testFlag(Qt::ShiftModifier), control = e.modifiers().testFlag(Qt::ControlModifier);
    const std::size_t line = letter::lineOf(laid, caret);
    const bool back = laid.lines[line].rightToLeft; // then left leads on
    switch (e.key()) {
    case Qt::Key_Left:
    case Qt::Key_Right: {
        const bool ahead = (e.key() == Qt::Key_Right) != back;
        if (marks() && !marking)
            put(ahead ? marked().second : marked().first, false);
        else
            put(boundary(words, caret, ahead, control ? QTextBoundaryFinder::Word : QTextBoundaryFinder::Grapheme), marking);
        return true;
    }
    case Qt::Key_Home: put(control ? 0 : laid.lines[line].from, marking); return true;
    case Qt::Key_End: put(control ? words.size() : laid.lines[line].to, marking); return true;
    case Qt::Key_Up:
    case Qt::Key_Down: {
        const letter::Stop* now = letter::stopOf(laid, caret);
        const double x = column_ ? *column_ : now ? now->x : 0;
        const bool down = e.key() == Qt::Key_Down;
        if (down ? line + 1 < laid.lines.size() : line > 0)
            put(letter::stopAt(laid, {x, laid.lines[down ? line + 1 : line - 1].baseline - 0.3 * laid.size}), marking);
        else
            put(down ? words.size() : 0, marking);
        column_ = x;
        return true;
    }
    default: return false;
    }
}

} // namespace softrope::app
