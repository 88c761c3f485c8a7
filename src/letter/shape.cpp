#include "letter/shape.h"

#include "letter/faces.h"
#include "letter/utf8.h"

#include <fribidi.h>
#include <hb.h>

#include <algorithm>
#include <limits>

namespace softrope::letter {

namespace {

struct Run {
    std::size_t from, to; // characters
    FriBidiLevel level;
    hb_script_t script;
    std::shared_ptr<const Face> face;
};

bool isMark(char32_t c)
{
    const hb_unicode_general_category_t k = hb_unicode_general_category(hb_unicode_funcs_get_default(), c);
    return k == HB_UNICODE_GENERAL_CATEGORY_NON_SPACING_MARK || k == HB_UNICODE_GENERAL_CATEGORY_ENCLOSING_MARK ||
           k == HB_UNICODE_GENERAL_CATEGORY_SPACING_MARK || k == HB_UNICODE_GENERAL_CATEGORY_FORMAT || k == HB_UNICODE_GENERAL_CATEGORY_CONTROL;
}

// Letters of these scripts hang together: space between them would tear them (CSS Text 3, 8.2).
bool joins(hb_script_t s)
{
    return s == HB_SCRIPT_ARABIC || s == HB_SCRIPT_SYRIAC || s == HB_SCRIPT_MONGOLIAN || s == HB_SCRIPT_NKO || s == HB_SCRIPT_PHAGS_PA ||
           s == HB_SCRIPT_MANDAIC || s == HB_SCRIPT_MANICHAEAN || s == HB_SCRIPT_ADLAM || s == HB_SCRIPT_HANIFI_ROHINGYA;
}

struct Levels {
    std::vector<FriBidiLevel> of;
    bool rightToLeft = false;
};

Levels levelsOf(const std::vector<FriBidiChar>& text)
{
    Levels out;
    const auto n = static_cast<FriBidiStrIndex>(text.size());
    std::vector<FriBidiCharType> types(text.size());
    std::vector<FriBidiBracketType> brackets(text.size());
    out.of.resize(text.size());
    fribidi_get_bidi_types(text.data(), n, types.data());
    fribidi_get_bracket_types(text.data(), n, types.data(), brackets.data());
    FriBidiParType way = FRIBIDI_PAR_ON;
    if (fribidi_get_par_embedding_levels_ex(types.data(), brackets.data(), n, &way, out.of.data()) == 0)
        std::fill(out.of.begin(), out.of.end(), FriBidiLevel{0});
    out.rightToLeft = FRIBIDI_IS_RTL(way);
    return out;
}

// What is common to all scripts goes with what stands before it, at the start with what comes after.
std::vector<hb_script_t> scriptsOf(const std::vector<FriBidiChar>& text)
{
    std::vector<hb_script_t> out;
    for (const FriBidiChar c : text) out.push_back(hb_unicode_script(hb_unicode_funcs_get_default(), c));
    const auto none = [](hb_script_t s) { return s == HB_SCRIPT_COMMON || s == HB_SCRIPT_INHERITED || s == HB_SCRIPT_UNKNOWN; };
    hb_script_t last = HB_SCRIPT_COMMON;
    for (hb_script_t& s : out) {
        if (none(s))
            s = last;
        else
            last = s;
    }
    const auto first = std::find_if_not(out.begin(), out.end(), none);
    std::fill(out.begin(), first, first == out.end() ? HB_SCRIPT_LATIN : *first);
    return out;
}

std::vector<Run> runsOf(const std::vector<FriBidiChar>& text, const Levels& levels, const Type& type, const std::shared_ptr<const Face>& face,
                        std::vector<char32_t>& missing)
{
    const std::vector<hb_script_t> scripts = scriptsOf(text);
    std::vector<Run> out;
    for (std::size_t k = 0; k < text.size(); ++k) {
        std::shared_ptr<const Face> its = face;
        if (isMark(text[k]) && !out.empty()) {
            its = out.back().face; // marks stay with their letter
        } else if (!face->has(text[k]) && !isMark(text[k])) {
            if (auto other = faceFor(text[k], type))
                its = std::move(other);
            else
                missing.push_back(text[k]);
        }
        if (!out.empty() && out.back().level == levels.of[k] && out.back().script == scripts[k] && out.back().face == its)
            out.back().to = k + 1;
        else
            out.push_back({k, k + 1, levels.of[k], scripts[k], std::move(its)});
    }
    return out;
}

// Rule L2 of UAX #9: from the highest level to the lowest odd one, what lies at that level or above is turned round.
void order(std::vector<Run>& runs)
{
    FriBidiLevel highest = 0, lowestOdd = std::numeric_limits<FriBidiLevel>::max();
    for (const Run& r : runs) {
        highest = std::max(highest, r.level);
        if (r.level % 2) lowestOdd = std::min(lowestOdd, r.level);
    }
    for (int level = highest; level >= lowestOdd; --level)
        for (auto from = runs.begin(); from != runs.end();) {
            from = std::find_if(from, runs.end(), [&](const Run& r) { return r.level >= level; });
            const auto to = std::find_if(from, runs.end(), [&](const Run& r) { return r.level < level; });
            std::reverse(from, to);
            from = to;
        }
}

std::vector<hb_feature_t> featuresOf(const Type& t)
{
    std::vector<hb_feature_t> out;
    const auto put = [&](const char* tag, bool on) {
        out.push_back({hb_tag_from_string(tag, -1), on ? 1U : 0U, HB_FEATURE_GLOBAL_START, HB_FEATURE_GLOBAL_END});
    };
    if (!t.kerning) put("kern", false);
    // Letters that are spaced stand alone (CSS Text 3, 8.2): only ligatures that the script demands stay.
    if (!t.ligatures || t.tracking != 0)
        for (const char* tag : {"liga", "clig"}) put(tag, false);
    if (t.smallCaps) put("smcp", true);
    if (t.oldFigures) put("onum", true);
    return out;
}

} // namespace

ShapedLine shaped(std::string_view line, const Type& type, const std::shared_ptr<const Face>& face)
{
    ShapedLine out;
    if (line.empty() || !face) return out;
    const std::vector<Character> all = characters(line);
    std::vector<FriBidiChar> text;
    for (const Character& c : all) text.push_back(c.code);
    const Levels levels = levelsOf(text);
    out.rightToLeft = levels.rightToLeft;
    std::vector<Run> runs = runsOf(text, levels, type, face, out.missing);
    order(runs);
    const std::vector<hb_feature_t> features = featuresOf(type);
    hb_buffer_t* buffer = hb_buffer_create();
    double pen = 0;
    for (const Run& r : runs) {
        hb_buffer_reset(buffer);
        hb_buffer_set_cluster_level(buffer, HB_BUFFER_CLUSTER_LEVEL_MONOTONE_GRAPHEMES);
        hb_buffer_add_utf32(buffer, text.data(), static_cast<int>(text.size()), static_cast<unsigned>(r.from), static_cast<int>(r.to - r.from));
        const bool back = r.level % 2 != 0;
        hb_buffer_set_direction(buffer, back ? HB_DIRECTION_RTL : HB_DIRECTION_LTR);
        hb_buffer_set_script(buffer, r.script);
        hb_buffer_set_language(buffer, hb_language_from_string("und", -1));
        hb_shape(r.face->font(), buffer, features.data(), static_cast<unsigned>(features.size()));
        unsigned count = 0;
        const hb_glyph_info_t* infos = hb_buffer_get_glyph_infos(buffer, &count);
        const hb_glyph_position_t* at = hb_buffer_get_glyph_positions(buffer, &count);
        const double em = r.face->unitsPerEm(), track = joins(r.script) ? 0 : type.tracking / 1000;
        for (unsigned k = 0; k < count; ++k) {
            Glyph g;
            g.face = r.face;
            g.id = infos[k].codepoint;
            g.pen = pen;
            g.dx = at[k].x_offset / em;
            g.dy = -at[k].y_offset / em;
            g.advance = at[k].x_advance / em;
            g.rightToLeft = back;
            // To the next cluster, in the order of the text.
            const unsigned cluster = infos[k].cluster;
            unsigned next = static_cast<unsigned>(r.to);
            for (unsigned n = 0; n < count; ++n) {
                const unsigned other = back ? (k >= n ? infos[k - n].cluster : cluster) : (k + n < count ? infos[k + n].cluster : cluster);
                if (other > cluster) {
                    next = other;
                    break;
                }
                if (back ? n >= k : k + n + 1 >= count) break;
            }
            g.from = all[cluster].at;
            g.to = next < all.size() ? all[next].at : line.size();
            // Space comes after a whole cluster, not between a letter and its mark.
            g.spaceAfter = (k + 1 == count || infos[k + 1].cluster != cluster) && !joins(r.script);
            if (g.spaceAfter) g.advance += track;
            pen += g.advance;
            out.glyphs.push_back(std::move(g));
        }
    }
    hb_buffer_destroy(buffer);
    // No space after the last letter: a centred line is centred by its letters.
    if (!out.glyphs.empty() && out.glyphs.back().spaceAfter && type.tracking != 0) {
        out.glyphs.back().advance -= type.tracking / 1000;
        pen -= type.tracking / 1000;
    }
    out.width = pen;
    return out;
}

} // namespace softrope::letter
