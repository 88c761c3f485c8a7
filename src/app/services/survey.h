// What the course, the readings and the rings on the bench tell of the piece: counted once a change, of a large piece in the background.
#pragma once

#include "app/services/session.h"
#include "art/drops.h"
#include "art/ends.h"

namespace softrope::app {

struct Findings {
    int pictures = 0, lines = 0;
    std::size_t nodes = 0;
    std::size_t filled = 0, bare = 0; // areas with a colour, and of these those without an ink
    std::vector<art::OpenEnd> ends;
    // The two open ends nearest to each other; nothing below two.
    struct Gap {
        art::OpenEnd first, second;
        double width = 0; // px
    };
    std::optional<Gap> gap;
    std::vector<art::Leak> leaks;
    std::size_t shades = 0, clipped = 0; // things inside areas, and of these the ones that reach beyond
    std::vector<art::Id> against;        // shades that ignore the light
};
// Any thread.
Findings findingsIn(const art::Document& d);

class Survey : public QObject {
    Q_OBJECT
public:
    explicit Survey(Session& session);
    // Of the present state; of a large piece it may be a moment behind.
    const Findings& now() const { return now_; }
    bool upToDate() const { return !counting_.busy(); }
    // Up to so many nodes it is counted at once.
    static constexpr std::size_t atOnce = 5000;

signals:
    void changed();

private:
    Session& session_;
    Findings now_;
    quint64 revision_ = 0;
    Latest<quint64, Findings> counting_;
    void count();
};

} // namespace softrope::app
