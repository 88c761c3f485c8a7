// Edits that may take their time: small ones at once, large ones in the background with a way to stop them. Either way the result is
// one step, made from the document it lands in.
#pragma once

#include "app/services/session.h"

#include <functional>

namespace softrope::app {

// What an act leaves behind; without a document nothing happens but what is said.
struct Outcome {
    std::optional<art::Document> document;
    std::optional<art::Selection> selection; // the present one when left out
    QString said;
};

class Acts : public QObject {
    Q_OBJECT
public:
    explicit Acts(Session& session);

    using Work = std::function<Outcome(const art::Document&, const art::Selection&)>;
    // `nodes`: how much there is to do. `work` runs on any thread, touches nothing but what it is given, and may run again when the
    // document was changed meanwhile. Refused, and said, while another act is under way.
    void run(const QString& step, std::size_t nodes, Work work);
    // Up to so many nodes an act is done at once: a union of that many takes about 20 ms.
    static constexpr std::size_t atOnce = 4000;

    bool working() const { return working_; }
    const QString& name() const { return name_; }
    const Progress& progress() const { return progress_; }
    void stop();

signals:
    void changed(); // begun or ended
    void said(const QString& text);

private:
    Session& session_;
    bool working_ = false;
    QString name_;
    Progress progress_;

    void land(const QString& step, const Outcome& o);
    void begin(const QString& step, Work work);
};

// Nodes of the items, and of all the document shows.
std::size_t nodesOf(const art::Document& d, const std::vector<art::Id>& items);

} // namespace softrope::app
