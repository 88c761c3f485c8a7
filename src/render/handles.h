// Cairo's surfaces and contexts, let go of by themselves.
#pragma once

#include "curve/affine.h"

#include <cairo.h>

namespace softrope::render {

struct SurfaceHandle {
    cairo_surface_t* surface = nullptr;
    explicit SurfaceHandle(cairo_surface_t* s) : surface(s) {}
    SurfaceHandle(const SurfaceHandle&) = delete;
    SurfaceHandle& operator=(const SurfaceHandle&) = delete;
    ~SurfaceHandle()
    {
        if (surface) cairo_surface_destroy(surface);
    }
    bool good() const { return surface && cairo_surface_status(surface) == CAIRO_STATUS_SUCCESS; }
};

struct ContextHandle {
    cairo_t* cr;
    explicit ContextHandle(cairo_surface_t* s) : cr(cairo_create(s)) {}
    ContextHandle(const ContextHandle&) = delete;
    ContextHandle& operator=(const ContextHandle&) = delete;
    ~ContextHandle() { cairo_destroy(cr); }
};

// Px of a picture in a PDF to one px of the sheet: 300 to the inch.
constexpr double pdfDensity = 300.0 / 96;

inline cairo_matrix_t matrix(const curve::Affine& m)
{
    cairo_matrix_t c;
    cairo_matrix_init(&c, m.a, m.b, m.c, m.d, m.e, m.f);
    return c;
}

// From what is drawn to the pixels (or points) of the surface.
inline curve::Affine toDevice(cairo_t* cr)
{
    cairo_matrix_t m;
    cairo_get_matrix(cr, &m);
    return {m.xx, m.yx, m.xy, m.yy, m.x0, m.y0};
}

} // namespace softrope::render
