// Facets: chords over an outline, shades by a click; corners, cuts and merges on a mesh.
#include "app/theme/theme.h"
#include "app/tools/desk.h"
#include "app/tools/tone/tone_tools.h"
#include "art/facets.h"
#include "art/tree.h"
#include "curve/foot.h"
#include "curve/polygon.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

bool hasPieces(const art::Item& i)
{
    return i.group() && (i.group()->facets() || i.group()->mesh());
}

} // namespace

const art::Item* piecesInHand(const art::Document& d, const art::Selection& s)
{
    const art::Item *picked = nullptr, *near = nullptr, *top = nullptr;
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where& w) {
        if (s.has(i.id)) picked = hasPieces(i) ? &i : w.parent && hasPieces(*w.parent) ? w.parent : picked;
        if (!hasPieces(i)) return;
        if (w.layer->id == s.layer) near = &i;
        if (w.shown && !w.locked) top = &i;
    });
    return picked ? picked : near ? near : top;
}

namespace {

using curve::Vec2;

class FacetTool : public Tool {
public:
    explicit FacetTool(Bench& b)
        : Tool(b, "facets", tr("Facets"), "facets", "H",
               tr("<b>Facets</b>: drag from corner to corner to cut; a click changes a piece's shade, a drag inside turns it, Shift locks it. On a mesh: drag "
                  "corners."))
    {
    }

    void press(const Pointer& p) override
    {
        down_ = true;
        from_ = to_ = p.sheet;
        act_ = Act::none;
        const art::Item* i = item();
        if (!i) return;
        if (refused(bench_, i->id)) return;
        if (const tone::Mesh* mesh = meshOf(i)) {
            point_ = tone::pointNear(*mesh, p.sheet, bench_.px(10));
            piece_ = tone::faceAt(*mesh, p.sheet);
            act_ = point_ >= 0 ? Act::corner : piece_ < 0 ? Act::none : nearBorder(*mesh, piece_, p.sheet) ? Act::cut : Act::merge;
            return;
        }
        if (const auto end = endNear(p.sheet)) {
            from_ = *end;
            act_ = Act::chord;
        } else if ((piece_ = pieceAt(p.sheet)) >= 0) {
            act_ = Act::turn;
        }
    }
    void drag(const Pointer& p) override
    {
        to_ = p.sheet;
        const art::Item* i = item();
        if (!down_ || !i) return;
        moved_ = moved_ || distance(from_, to_) > bench_.px(5);
        if (act_ == Act::chord)
            if (const auto end = endNear(to_)) to_ = *end;
        if (act_ == Act::corner && meshOf(i)) preview_ = tone::withPointMoved(*meshOf(i), point_, to_);
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        const art::Item* i = item();
        const bool moved = moved_;
        const Act act = act_;
        down_ = moved_ = false;
        act_ = Act::none;
        preview_.reset();
        bench_.update();
        if (!i) {
            bench_.say(tr("There are no facets yet. Pick an outline, or a picture, and make them on the card."));
            return;
        }
        const art::Document& d = bench_.document();
        const tone::Mesh none, &mesh = meshOf(i) ? *meshOf(i) : none;
        switch (act) {
        case Act::none: break;
        case Act::corner:
            if (moved) takeMesh(*i, tone::withPointMoved(mesh, point_, to_), tr("Move corner"), tr("A piece would fold over there."));
            break;
        case Act::cut: {
            if (!moved) break;
            takeMesh(*i, tone::withFaceSplit(mesh, piece_, from_, to_), tr("Split piece"), tr("A cut runs from border to border of one piece."));
            break;
        }
        case Act::merge: {
            const int other = tone::faceAt(mesh, to_);
            if (moved && other >= 0 && other != piece_)
                takeMesh(*i, tone::withFacesMerged(mesh, piece_, other), tr("Merge pieces"), tr("These two have no border in common."));
            break;
        }
        case Act::chord: {
            if (!moved) break;
            tone::FacetPlan plan = i->group()->facets()->plan;
            const tone::Chord c{from_, to_}, back{to_, from_};
            const auto same = std::find_if(plan.chords.begin(), plan.chords.end(), [&](const tone::Chord& o) { return o == c || o == back; });
            const bool goes = same != plan.chords.end(); // drawn once more
            if (goes)
                plan.chords.erase(same);
            else
                plan.chords.push_back(c);
            const art::Document next = art::withFacetPlan(d, i->id, plan);
            if (next.item(i->id)->group()->items.size() == i->group()->items.size()) {
                bench_.say(goes ? tr("Without that cut nothing changes.") : tr("That line cuts no piece in two."));
                break;
            }
            const art::Id id = i->id;
            bench_.session().take(next, goes ? tr("Drop cut") : tr("Cut facet"));
            sayTiny(*bench_.document().item(id));
            break;
        }
        case Act::turn: {
            const auto pieces = art::facetsOf(*i->group());
            if (piece_ < 0 || piece_ >= static_cast<int>(pieces.size())) break;
            const tone::Facet& f = pieces[static_cast<std::size_t>(piece_)];
            const auto k = static_cast<std::size_t>(piece_);
            if (p.shift())
                bench_.session().take(art::withFacetHeld(d, i->id, k, f.shade, f.turn, !f.locked), f.locked ? tr("Unlock facet") : tr("Lock facet"));
            else if (moved)
                bench_.session().take(art::withFacetHeld(d, i->id, k, f.shade, std::atan2(to_.y - from_.y, to_.x - from_.x), f.locked), tr("Turn facet"));
            else
                bench_.session().take(art::withFacetHeld(d, i->id, k, (f.shade + 1) % 3, f.turn, f.locked), tr("Shade facet"));
            break;
        }
        }
    }
    void hover(const Pointer& p) override
    {
        to_ = p.sheet;
        bench_.update();
    }
    bool escape() override
    {
        const bool had = down_;
        down_ = moved_ = false;
        act_ = Act::none;
        preview_.reset();
        bench_.update();
        return had;
    }
    void changed() override
    {
        ends_.clear();
        pieces_.clear();
        shownOf_ = nullptr;
    }

    void paint(Marks& m) override
    {
        const art::Item* i = item();
        if (!i) return;
        if (const tone::Mesh* mesh = meshOf(i)) {
            paintMesh(m, preview_ ? *preview_ : *mesh);
            return;
        }
        const auto& pieces = piecesOf(*i);
        for (const tone::Facet& f : pieces) {
            m.line(f.outline, marks().geometry, 1);
            if (f.tiny) {
                m.ring(f.inner, marks().tagFinding, 9);
                m.chip(f.inner, tr("small piece, %1 px²").arg(std::lround(f.area)), Marks::Chip::fault);
            }
            if (f.locked) m.dot(f.inner, marks().geometry, 4);
        }
        for (const Vec2 e : ends_) m.dot(e, marks().geometry, 2.5);
        if (const auto end = endNear(to_)) m.ring(*end, marks().selection, 7);
        if (act_ == Act::chord && moved_) m.segment(from_, to_, marks().geometry, 2);
        if (act_ == Act::turn && moved_) m.segment(from_, to_, marks().selection, 2);
    }

private:
    enum class Act { none, corner, cut, merge, chord, turn };
    Act act_ = Act::none;
    bool down_ = false, moved_ = false;
    Vec2 from_, to_;
    int point_ = -1, piece_ = -1;
    std::optional<tone::Mesh> preview_;
    std::vector<Vec2> ends_;
    std::vector<tone::Facet> pieces_;
    const art::Facets* shownOf_ = nullptr;

    const art::Item* item() const { return piecesInHand(bench_.document(), bench_.selection()); }
    static const tone::Mesh* meshOf(const art::Item* i) { return i && i->group()->mesh() ? &i->group()->mesh()->mesh : nullptr; }
    const std::vector<tone::Facet>& piecesOf(const art::Item& i)
    {
        const art::Facets* f = i.group()->facets();
        if (shownOf_ != f || ends_.empty()) {
            shownOf_ = f;
            pieces_ = art::facetsOf(*i.group());
            ends_ = tone::chordEnds(f->plan.outline, f->plan.chords);
        }
        return pieces_;
    }
    int pieceAt(Vec2 p)
    {
        const auto& pieces = piecesOf(*item());
        for (std::size_t k = 0; k < pieces.size(); ++k)
            if (curve::insidePaths(pieces[k].outline, p)) return static_cast<int>(k);
        return -1;
    }
    std::optional<Vec2> endNear(Vec2 p)
    {
        const art::Item* i = item();
        if (!i || !i->group()->facets()) return std::nullopt;
        piecesOf(*i);
        std::optional<Vec2> best;
        double least = bench_.px(9);
        for (const Vec2 e : ends_)
            if (distance(e, p) < least) {
                least = distance(e, p);
                best = e;
            }
        return best;
    }
    bool nearBorder(const tone::Mesh& mesh, int face, Vec2 p) const
    {
        const auto& ring = mesh.faces[static_cast<std::size_t>(face)];
        for (std::size_t k = 0; k < ring.size(); ++k) {
            const Vec2 a = mesh.points[static_cast<std::size_t>(ring[k])], b = mesh.points[static_cast<std::size_t>(ring[(k + 1) % ring.size()])];
            if (curve::distanceToSegment(p, a, b) < bench_.px(6)) return true;
        }
        return false;
    }
    void takeMesh(const art::Item& i, const tone::Mesh& next, const QString& name, const QString& refused)
    {
        if (next == i.group()->mesh()->mesh) {
            bench_.say(refused);
            return;
        }
        bench_.session().take(art::withMeshChanged(bench_.document(), i.id, next, i.group()->mesh()->gap), name);
    }
    void sayTiny(const art::Item& i)
    {
        int tiny = 0;
        for (const tone::Facet& f : art::facetsOf(*i.group())) tiny += f.tiny;
        if (tiny) bench_.say(tr("%n pieces are much smaller than the rest.", nullptr, tiny));
    }
    void paintMesh(Marks& m, const tone::Mesh& mesh)
    {
        QPainter& p = m.painter();
        QPainterPath sides;
        for (const auto& f : mesh.faces) {
            for (std::size_t k = 0; k < f.size(); ++k) {
                const int a = f[k], b = f[(k + 1) % f.size()];
                if (a > b) continue; // each side once, nearly
                sides.moveTo(m.at(mesh.points[static_cast<std::size_t>(a)]));
                sides.lineTo(m.at(mesh.points[static_cast<std::size_t>(b)]));
            }
        }
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(marks().geometry, 1));
        p.drawPath(sides);
        const int near = tone::pointNear(mesh, to_, bench_.px(10));
        if (near >= 0) m.ring(mesh.points[static_cast<std::size_t>(near)], marks().selection, 7);
        if (mesh.points.size() < 800)
            for (const Vec2 q : mesh.points) m.dot(q, marks().geometry, 2.5);
        if (moved_ && (act_ == Act::cut || act_ == Act::merge)) m.segment(from_, to_, marks().selection, 2, act_ == Act::cut ? Qt::SolidLine : Qt::DotLine);
    }
};

} // namespace

std::unique_ptr<Tool> makeFacetTool(Desk& desk)
{
    return std::make_unique<FacetTool>(desk.bench);
}

} // namespace softrope::app
