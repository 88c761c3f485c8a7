// The planar map: areas enclosed by overlapping paths, as an immutable value.
//
// Faces are numbered; face 0 is the outside. Edges know the stretches of the input pieces they are made of, so an outline
// of any choice of faces consists of sub-curves of the inputs, never refitted. Faces below the sliver limits belong to the
// neighbour with which they share the longest border (`joined`).
#pragma once

#include "planar/box_index.h"
#include "planar/graph.h"

#include <functional>
#include <memory>
#include <mutex>

namespace softrope::planar {

constexpr int outside = 0;

struct Face {
    double area = 0;        // px^2, by Green's theorem on the curves, holes taken off
    double width = 0;       // px: twice area by perimeter
    int outer = -1;         // its outer cycle, of the graph; none for the outside
    std::vector<int> holes; // more of its cycles
    curve::Box box;
    int joined = 0; // the face it belongs to; itself unless it is a sliver

    std::size_t cycles() const { return holes.size() + (outer >= 0 ? 1 : 0); }
    // The outer one first.
    int cycle(std::size_t k) const { return outer < 0 ? holes[k] : k == 0 ? outer : holes[k - 1]; }
};

// A line of our own that closes a gap.
struct Bridge {
    curve::Vec2 from, to;
    double width = 0; // px
};

class Map {
public:
    // Thin faces with the middle of their box within `near` px of one of `kept` stay.
    Map(Graph graph, std::vector<Bridge> bridges, const Tolerances& tol, const std::vector<curve::Vec2>& kept = {}, double near = 0);

    const Graph& graph() const { return graph_; }
    const std::vector<Face>& faces() const { return faces_; }
    const std::vector<Bridge>& bridges() const { return bridges_; }
    const Tolerances& tolerances() const { return tolerances_; }
    // Faces that are not slivers, without the outside.
    std::vector<int> areas() const;
    // Faces that were absorbed and are wide enough to be seen; what is thinner than five times the touch distance is rounding.
    std::vector<int> slivers() const;

    int faceOf(int half) const { return faceOfCycle_[static_cast<std::size_t>(graph_.cycle[static_cast<std::size_t>(half)])]; }
    int areaOf(int half) const { return faces_[static_cast<std::size_t>(faceOf(half))].joined; }
    // The area (sliver joined) that holds the point; outside when none does. Costs the faces whose boxes hold it, times their edges;
    // the first time in all, also the faces.
    int at(curve::Vec2 p) const;

    // Closed paths round the chosen faces, the inside at the left with y upwards, so that holes run the other way: the same
    // under either fill rule. `chosen` has one entry a face; slivers follow what they are joined to.
    curve::Paths outline(const std::vector<char>& chosen) const;
    curve::Paths outline(const std::vector<int>& areas) const;
    // That of each area by itself.
    std::vector<curve::Paths> outlines(const std::vector<int>& areas) const;
    // The curve of one edge.
    curve::Cubic curveOf(int edge) const { return graph_.curveOf(graph_.edges[static_cast<std::size_t>(edge)]); }

    // Walks all faces from the outside in: `cross` is told the winding number of a path changes by a step, `arrive` that
    // the counts now are those of a face.
    void walk(const std::function<void(int path, int step)>& cross, const std::function<void(int face)>& arrive) const;

private:
    void measure();
    void nest();
    void absorb(const std::vector<curve::Vec2>& kept, double near);
    bool holds(int cycle, curve::Vec2 p) const;

    Graph graph_;
    std::vector<Bridge> bridges_;
    Tolerances tolerances_;
    std::vector<Face> faces_;
    std::vector<int> faceOfCycle_;
    struct Measures {
        double area = 0, border = 0; // px^2, and px: the length of the edges that have another cycle on their other side
        curve::Box box;
    };
    std::vector<Measures> ofCycle_;
    std::vector<double> edgeLength_;
    // Of the faces, built when a point is first asked for: most maps are made to be looked at.
    struct Lazy {
        std::once_flag once;
        BoxIndex boxes;
    };
    std::shared_ptr<Lazy> index_ = std::make_shared<Lazy>();
    const BoxIndex& index() const;
};

using MapPtr = std::shared_ptr<const Map>;

} // namespace softrope::planar
