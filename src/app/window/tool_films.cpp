#include "app/window/tool_films.h"

#include <algorithm>

namespace softrope::app {

namespace {

using When = FilmPath::When;
constexpr When stays = When::stays, before = When::before, after = When::after, drawn = When::drawn;

const std::vector<Film>& films()
{
    static const std::vector<Film> all{
        // -- always ----------------------------------------------------------------------------------------------------------------
        {"pick", {{before, "M40 30H80V70H40Z", true}, {after, "M80 30H120V70H80Z", true}, {after, "M74 24H126V76H74Z"}}, "M60 50L100 50"},
        // -- place -----------------------------------------------------------------------------------------------------------------
        {"place", {{stays, "M30 12H130V84H30Z"}, {before, "M36 18H76V50H36Z", true}, {after, "M50 24H110V72H50Z", true}}, "M76 50L110 72"},
        {"straighten",
         {{before, "M30 30L132 12L140 62L38 80Z"}, {before, "M46 62L126 46"}, {after, "M30 22H134V74H30Z"}, {after, "M44 60H122"}},
         "M46 62L126 46"},
        {"crop", {{stays, "M20 12H140V84H20Z"}, {after, "M50 26H116V74H50Z", true}, {drawn, "M50 26L116 74"}}},
        {"guide", {{stays, "M30 12H130V84H30Z"}, {after, "M10 74L150 24"}, {drawn, "M44 62L116 36"}}},
        {"round-guide", {{stays, "M30 12H130V84H30Z"}, {after, "M80 20A28 28 0 1 1 79.9 20Z"}, {drawn, "M80 48L108 48"}}},
        {"axis",
         {{stays, "M80 22C56 20 50 44 60 52C48 58 56 80 80 76"},
          {after, "M80 8V88"},
          {after, "M80 22C104 20 110 44 100 52C112 58 104 80 80 76"},
          {drawn, "M80 12V84"}}},
        {"ruler", {{stays, "M30 70L130 30"}, {after, "M30 64V76M130 24V36"}, {drawn, "M30 70L130 30"}}},
        // -- trace -----------------------------------------------------------------------------------------------------------------
        {"rope", {{stays, "M30 74C34 30 70 16 96 24C128 32 132 62 120 78", true}, {drawn, "M30 74C34 30 70 16 96 24C128 32 132 62 120 78"}}},
        {"pen", {{drawn, "M24 72C40 20 70 20 84 48C98 76 122 74 138 26"}, {stays, "M70 26L98 70"}}},
        {"freehand",
         {{before, "M24 60L36 48L44 54L56 38L66 44L80 34L92 42L104 36L116 48L126 44L138 58"},
          {after, "M24 60C50 32 108 28 138 58"},
          {drawn, "M24 60L36 48L44 54L56 38L66 44L80 34L92 42L104 36L116 48L126 44L138 58"}}},
        {"straights", {{drawn, "M26 70L60 22L102 30L136 74L26 70"}}},
        {"bow", {{before, "M26 66H134"}, {after, "M26 66C60 18 100 18 134 66"}}, "M80 66L80 30"},
        {"nodes", {{before, "M24 68C50 68 60 60 80 60C100 60 110 68 136 68"}, {after, "M24 68C50 68 52 28 80 28C108 28 110 68 136 68"}}, "M80 60L80 28"},
        {"redraw", {{stays, "M20 60H50M110 60H140"}, {before, "M50 60H110"}, {drawn, "M50 60C64 60 66 30 80 30C94 30 96 60 110 60"}}},
        // -- build -----------------------------------------------------------------------------------------------------------------
        {"circle", {{after, "M80 18A30 30 0 1 1 79.9 18Z"}, {drawn, "M80 48L110 48"}}},
        {"rectangle", {{after, "M40 24H120V72H40Z"}, {drawn, "M40 24L120 72"}}},
        {"line", {{stays, "M50 26A22 22 0 1 1 49.9 26Z"}, {drawn, "M50 26L136 26"}}},
        {"trim", {{stays, "M20 56H140M80 16V56"}, {before, "M80 56V84"}}, "M120 84L80 74"},
        {"join", {{before, "M24 66C50 66 60 40 74 38M86 36C104 34 112 60 136 62"}, {after, "M24 66C50 66 60 40 80 37C104 34 112 60 136 62"}}, "M74 38L86 36"},
        {"follow", {{stays, "M30 20L130 76M30 76L130 20M20 48H140"}, {drawn, "M30 20L80 48L130 20"}}},
        {"carve",
         {{stays, "M60 18A30 30 0 1 1 59.9 18ZM100 18A30 30 0 1 1 99.9 18Z"},
          {after, "M60 18A30 30 0 0 0 60 78A30 30 0 0 0 80 70.4A30 30 0 0 1 80 25.6A30 30 0 0 0 60 18Z", true},
          {after, "M80 25.6A30 30 0 0 1 80 70.4A30 30 0 0 1 80 25.6Z", true},
          {drawn, "M42 50L84 48"}}},
        // -- tone ------------------------------------------------------------------------------------------------------------------
        {"bound",
         {{before, "M20 12H140V84H20Z", true},
          {after, "M50 24C90 10 130 30 116 62C100 90 50 84 44 56C40 40 40 30 50 24Z", true},
          {drawn, "M50 24C90 10 130 30 116 62C100 90 50 84 44 56C40 40 40 30 50 24Z"}}},
        {"cut-here",
         {{stays, "M20 12H140V84H20Z"}, {before, "M20 60C60 50 100 70 140 56V84H20Z", true}, {after, "M20 40C60 28 100 52 140 34V84H20Z", true}},
         "M130 20L84 40"},
        {"patch",
         {{stays, "M20 60C60 50 100 70 140 56V84H20Z", true},
          {after, "M90 24C110 20 116 44 98 48C80 52 72 30 90 24Z", true},
          {drawn, "M90 24C110 20 116 44 98 48C80 52 72 30 90 24Z"}}},
        {"tone-edge",
         {{before, "M20 56C60 50 100 62 140 54V84H20Z", true}, {after, "M20 56C50 52 62 26 84 30C106 34 110 60 140 54V84H20Z", true}},
         "M84 60L84 30"},
        {"sweep",
         {{stays, "M20 70C60 62 100 76 140 68V84H20Z", true},
          {before, "M48 36h5v5h-5ZM70 28h4v4h-4ZM92 40h6v5h-6ZM112 30h4v5h-4Z", true},
          {drawn, "M40 40L62 28L84 40L106 28L124 38"}}},
        {"facets", {{stays, "M80 14L130 44L110 82H50L30 44Z", true}, {after, "M80 14L50 82M80 14L110 82M30 44H130M50 82L130 44"}, {drawn, "M80 14L110 82"}}},
        // -- colour ----------------------------------------------------------------------------------------------------------------
        {"drop", {{stays, "M80 20A30 28 0 1 1 79.9 20Z"}, {after, "M80 20A30 28 0 1 1 79.9 20Z", true}}, "M140 80L82 48"},
        {"take-ink", {{stays, "M24 24H64V72H24Z", true}, {stays, "M100 24H140V72H100Z"}, {after, "M100 24H140V72H100Z", true}}, "M110 84L44 48"},
        {"gradient", {{stays, "M24 24H136V72H24Z"}, {after, "M24 24H60V72H24Z", true}, {after, "M60 24H96V72H60Z", true}, {drawn, "M30 48H130"}}},
        {"alike", {{stays, "M24 30H52V66H24ZM66 30H94V66H66ZM108 30H136V66H108Z", true}, {after, "M19 25H57V71H19ZM103 25H141V71H103Z"}}, "M70 84L38 50"},
        {"text", {{after, "M36 70L50 28L64 70M41 56H59M76 70V44C76 38 92 38 92 44V70M106 28V70M106 48C112 40 124 42 124 50V70"}}, "M140 84L36 70"},
        {"repeats",
         {{stays, "M80 16L86 30H74Z", true},
          {after, "M108 32L104 46L96 36ZM112 62L98 62L104 50ZM92 82L82 72L94 68ZM52 32L64 36L56 46ZM48 62L56 50L62 62ZM68 82L66 68L78 72Z", true},
          {drawn, "M80 26C104 26 106 66 80 74"}}},
        // -- shade -----------------------------------------------------------------------------------------------------------------
        {"light",
         {{stays, "M80 26A28 28 0 1 1 79.9 26Z", true},
          {before, "M60 36A28 28 0 0 0 60 74A40 40 0 0 1 60 36Z", true},
          {after, "M100 36A28 28 0 0 1 100 74A40 40 0 0 0 100 36Z", true},
          {drawn, "M30 30C60 4 110 6 134 34"}}},
        {"crescent", {{stays, "M80 18A30 30 0 1 1 79.9 18Z"}, {after, "M100 26A30 30 0 0 1 60 70A36 36 0 0 0 100 26Z", true}, {drawn, "M110 60L92 50"}}},
        {"inside",
         {{stays, "M80 16A32 32 0 1 1 79.9 16Z"}, {after, "M50 56C70 46 90 66 110 54A32 32 0 0 1 50 56Z", true}, {drawn, "M36 60C70 46 90 66 124 50"}}},
        {"scatter",
         {{stays, "M30 20H130V76H30Z"},
          {after, "M44 34h4v4h-4ZM60 52h5v5h-5ZM76 32h4v4h-4ZM84 60h4v4h-4ZM100 42h5v5h-5ZM114 62h4v4h-4ZM118 30h4v4h-4ZM48 66h4v4h-4Z", true}},
         "M140 84L82 48"},
    };
    return all;
}

} // namespace

const Film* filmOf(const QString& tool)
{
    const auto& all = films();
    const auto found = std::find_if(all.begin(), all.end(), [&](const Film& f) { return tool == f.tool; });
    return found == all.end() ? nullptr : &*found;
}

} // namespace softrope::app
