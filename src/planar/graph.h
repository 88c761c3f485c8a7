// Vertices and edges of the map, and how they are linked into cycles.
//
// An edge is a stretch of one or more input pieces between two vertices. Half-edge 2 e runs along edge e, 2 e + 1 back;
// `next` leads round the area at its left (seen with y upwards; the cycle of an area has a positive area by Green's
// theorem then). Isolated vertices do not occur.
#pragma once

#include "planar/meet.h"

#include <cstdint>

namespace softrope::planar {

struct Source {
    int piece = 0;
    double t0 = 0, t1 = 1; // t0 > t1 where the edge runs against the piece
};

struct Edge {
    int from = 0, to = 0;
    int first = 0, count = 0; // its sources
};

constexpr int twin(int half)
{
    return half ^ 1;
}

struct Graph {
    std::vector<Piece> pieces;
    std::vector<curve::Vec2> vertices;
    std::vector<Edge> edges;
    std::vector<Source> sources;
    curve::Vec2 origin; // areas are summed about it, against cancellation far from the zero point

    // Outgoing half-edges in order of direction, vertex after vertex.
    std::vector<int> turnStart; // size vertices + 1
    std::vector<int> turn;

    std::vector<int> next, cycle, component; // of half-edges, of half-edges, of cycles
    std::vector<int> cycleStart;             // a half-edge of each cycle
    int components = 0;

    int start(int half) const { return half & 1 ? edges[static_cast<std::size_t>(half / 2)].to : edges[static_cast<std::size_t>(half / 2)].from; }
    int target(int half) const { return start(twin(half)); }
    const Edge& edge(int half) const { return edges[static_cast<std::size_t>(half / 2)]; }
    const Source& source(const Edge& e, int k) const { return sources[static_cast<std::size_t>(e.first + k)]; }
    const Piece& piece(const Source& s) const { return pieces[static_cast<std::size_t>(s.piece)]; }
    // The stretch of its first source, in the direction of the edge.
    curve::Cubic curveOf(const Edge& e) const;
};

// Fills turnStart and turn, in no order yet.
void gatherTurns(Graph& g);

// Fills next, cycle and component from the turn orders. False when Euler's count V - E + cycles = 2 x components does not
// hold: then the orders are not those of a drawing in the plane.
bool link(Graph& g);

} // namespace softrope::planar
