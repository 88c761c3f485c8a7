#include "letter/face.h"

#include <hb-ot.h>
#include <hb.h>

#include <map>
#include <mutex>
#include <vector>

namespace softrope::letter {

using curve::Vec2;

struct Face::Store {
    std::mutex lock;
    std::map<GlyphId, std::shared_ptr<const curve::Paths>> outlines;
};

namespace {

// Gathers what HarfBuzz draws, in the face's units with y up.
struct Drawing {
    curve::Paths paths;
    double toEm = 1;

    Vec2 point(float x, float y) const { return {static_cast<double>(x) * toEm, -static_cast<double>(y) * toEm}; }
    void begin(Vec2 p)
    {
        paths.emplace_back();
        paths.back().closed = true;
        paths.back().nodes.push_back(curve::cornerAt(p));
    }
    void cubic(Vec2 a, Vec2 b, Vec2 p)
    {
        if (paths.empty()) begin({});
        auto& nodes = paths.back().nodes;
        nodes.back().out = a;
        nodes.push_back({p, b, p, curve::NodeKind::corner});
    }
    void end()
    {
        if (paths.empty()) return;
        auto& nodes = paths.back().nodes;
        // Back at the start: the first node takes the last one's handle.
        if (nodes.size() > 1 && distance(nodes.back().at, nodes.front().at) < 1e-9) {
            nodes.front().in = nodes.back().in;
            nodes.pop_back();
        }
        if (nodes.size() < 2) {
            paths.pop_back();
            return;
        }
        for (curve::Node& n : nodes) n.kind = smooth(n) ? curve::NodeKind::smooth : curve::NodeKind::corner;
    }
    static bool smooth(const curve::Node& n)
    {
        const Vec2 in = n.at - n.in, out = n.out - n.at;
        const double lengths = length(in) * length(out);
        return lengths > 0 && dot(in, out) > 0 && std::abs(cross(in, out)) < 0.01 * lengths; // half a degree
    }
};

hb_draw_funcs_t* drawFunctions()
{
    static hb_draw_funcs_t* const made = [] {
        hb_draw_funcs_t* f = hb_draw_funcs_create();
        hb_draw_funcs_set_move_to_func(
            f,
            [](hb_draw_funcs_t*, void* d, hb_draw_state_t*, float x, float y, void*) {
                static_cast<Drawing*>(d)->begin(static_cast<Drawing*>(d)->point(x, y));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_line_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t* s, float x, float y, void*) {
                Drawing& d = *static_cast<Drawing*>(data);
                const Vec2 p = d.point(x, y);
                d.cubic(d.point(s->current_x, s->current_y), p, p);
            },
            nullptr, nullptr);
        hb_draw_funcs_set_quadratic_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t* s, float cx, float cy, float x, float y, void*) {
                Drawing& d = *static_cast<Drawing*>(data);
                const Vec2 from = d.point(s->current_x, s->current_y), q = d.point(cx, cy), p = d.point(x, y);
                d.cubic(lerp(from, q, 2.0 / 3), lerp(p, q, 2.0 / 3), p);
            },
            nullptr, nullptr);
        hb_draw_funcs_set_cubic_to_func(
            f,
            [](hb_draw_funcs_t*, void* data, hb_draw_state_t*, float ax, float ay, float bx, float by, float x, float y, void*) {
                Drawing& d = *static_cast<Drawing*>(data);
                d.cubic(d.point(ax, ay), d.point(bx, by), d.point(x, y));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_close_path_func(
            f, [](hb_draw_funcs_t*, void* d, hb_draw_state_t*, void*) { static_cast<Drawing*>(d)->end(); }, nullptr, nullptr);
        hb_draw_funcs_make_immutable(f);
        return f;
    }();
    return made;
}

} // namespace

std::shared_ptr<const Face> Face::open(const FacePlace& place)
{
    hb_blob_t* blob = hb_blob_create_from_file_or_fail(place.file.c_str());
    if (!blob) return nullptr;
    hb_face_t* face = hb_face_create(blob, static_cast<unsigned>(place.index));
    hb_blob_destroy(blob);
    if (hb_face_get_glyph_count(face) == 0 || hb_face_get_upem(face) == 0) {
        hb_face_destroy(face);
        return nullptr;
    }
    std::shared_ptr<Face> out(new Face);
    out->store_ = std::make_unique<Store>();
    out->unitsPerEm_ = static_cast<int>(hb_face_get_upem(face));
    out->font_ = hb_font_create(face);
    hb_face_destroy(face);
    std::vector<hb_variation_t> axes;
    if (place.weight > 0) axes.push_back({HB_OT_TAG_VAR_AXIS_WEIGHT, static_cast<float>(place.weight)});
    if (place.width > 0) axes.push_back({HB_OT_TAG_VAR_AXIS_WIDTH, static_cast<float>(place.width)});
    if (!axes.empty()) hb_font_set_variations(out->font_, axes.data(), static_cast<unsigned>(axes.size()));
    const double em = out->unitsPerEm_;
    hb_font_extents_t extents{};
    if (hb_font_get_h_extents(out->font_, &extents)) {
        out->ascent_ = extents.ascender / em;
        out->descent_ = -extents.descender / em;
    }
    hb_font_make_immutable(out->font_);
    return out;
}

Face::~Face()
{
    hb_font_destroy(font_);
}

bool Face::has(char32_t character) const
{
    hb_codepoint_t glyph = 0;
    return hb_font_get_nominal_glyph(font_, character, &glyph) && glyph != 0;
}

bool Face::offers(const char* feature) const
{
    const hb_tag_t wanted = hb_tag_from_string(feature, -1);
    for (const hb_tag_t table : {HB_OT_TAG_GSUB, HB_OT_TAG_GPOS}) {
        hb_tag_t tags[64];
        for (unsigned from = 0;;) {
            unsigned count = 64;
            const unsigned all = hb_ot_layout_table_get_feature_tags(hb_font_get_face(font_), table, from, &count, tags);
            for (unsigned k = 0; k < count; ++k)
                if (tags[k] == wanted) return true;
            from += count;
            if (count == 0 || from >= all) break;
        }
    }
    return false;
}

std::shared_ptr<const curve::Paths> Face::outline(GlyphId glyph) const
{
    const std::lock_guard hold(store_->lock);
    auto& known = store_->outlines[glyph];
    if (known) return known;
    Drawing d;
    d.toEm = 1.0 / unitsPerEm_;
    hb_font_get_glyph_shape(font_, glyph, drawFunctions(), &d);
    known = std::make_shared<const curve::Paths>(std::move(d.paths));
    return known;
}

} // namespace softrope::letter
