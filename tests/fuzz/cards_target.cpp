// What is kept as JSON or CSS: palettes, process cards, plans of delivery, recorded strokes.
#include "files/palettes.h"
#include "files/process_cards.h"
#include "files/strokes.h"
#include "fuzz/target.h"

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const std::string_view text = fuzz::textOf(data, size);
    const files::PaletteResult p = files::readPalette(text);
    fuzz::must(p.ok() || !p.problem.empty(), "a refusal says why");
    if (p.ok()) {
        fuzz::must(p.colours.size() <= files::mostInks, "no more colours than can be shown");
        (void)files::writeCssPalette(p.colours);
        fuzz::must(files::readTokenPalette(files::writeTokenPalette(p.colours)).ok() || p.colours.empty(), "a palette written can be read");
    }
    const files::ProcessResult card = files::readProcess(text, "card");
    if (card.ok()) fuzz::must(files::readProcess(files::processText(card.process), "card").ok(), "a card written can be read");
    const files::StrokesResult strokes = files::readStrokes(text, "strokes");
    fuzz::must(strokes.ok() || !strokes.problem.empty(), "a refusal says why");
    return 0;
}
