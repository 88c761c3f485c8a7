// Very many things moved together: they are painted once, behind the interface, and their picture moves.
#pragma once

#include "app/services/session.h"
#include "curve/affine.h"
#include "curve/box.h"

#include <QImage>
#include <QPainter>

#include <vector>

namespace softrope::app {

class Carried : public QObject {
    Q_OBJECT
public:
    explicit Carried(Session& session) : session_(session) {}

    // The things as they lie in the document; nothing is painted anew while they are the same ones. Whether they are others.
    bool take(const std::vector<art::Id>& items);
    void moveTo(const curve::Affine& by) { by_ = by; }
    void drop();
    bool any() const { return !items_.empty(); }
    // Round them where they are now.
    curve::Box box() const;
    // Until their picture is there, their frame.
    void paint(QPainter& p, const QRectF& pane, const curve::Affine& toScreen, double ratio);

signals:
    void ready();

private:
    Session& session_;
    std::vector<art::Id> items_;
    art::Document of_;   // the document they were taken from
    art::Document only_; // with nothing but them
    curve::Box box_;     // as they lie there
    curve::Affine by_;
    QImage image_;
    curve::Affine toImage_;
    curve::Box covered_; // sheet px, as they lie there
    bool working_ = false;
    quint64 turn_ = 0; // pictures of others come too late

    void want(const curve::Affine& toScreen, const curve::Box& seen, double ratio);
};

} // namespace softrope::app
