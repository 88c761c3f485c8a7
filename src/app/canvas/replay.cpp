#include "app/canvas/replay.h"

#include "files/bytes.h"
#include "files/strokes.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QPointingDevice>
#include <QTabletEvent>

namespace softrope::app {

Recording readRecording(const QString& path)
{
    Recording r;
    const files::TextResult text = files::readText(path.toStdString());
    files::StrokesResult read;
    if (text.ok()) read = files::readStrokes(text.text, QFileInfo(path).fileName().toStdString());
    r.strokes = std::move(read.strokes);
    r.problem = QString::fromStdString(text.ok() ? read.problem : text.problem);
    return r;
}

QByteArray writeRecording(const std::vector<std::vector<art::HandSample>>& strokes)
{
    QJsonArray all;
    for (const auto& stroke : strokes) {
        QJsonArray samples;
        for (const art::HandSample& s : stroke)
            samples.append(QJsonObject{{"x", s.at.x},
                                       {"y", s.at.y},
                                       {"pressure", static_cast<double>(s.pressure)},
                                       {"tilt-x", static_cast<double>(s.tiltX)},
                                       {"tilt-y", static_cast<double>(s.tiltY)},
                                       {"time", static_cast<double>(s.time)}});
        all.append(samples);
    }
    return QJsonDocument(QJsonObject{{"strokes", all}}).toJson(QJsonDocument::Compact);
}

void Replay::start(Recording recording, double speed, int loops)
{
    recording_ = std::move(recording);
    speed_ = std::max(0.05, speed);
    loops_ = loops;
    stroke_ = sample_ = 0;
    if (recording_.strokes.empty()) return;
    timer_.setInterval(4);
    disconnect(&timer_, nullptr, this, nullptr);
    connect(&timer_, &QTimer::timeout, this, &Replay::step);
    clock_.start();
    timer_.start();
}

void Replay::stop()
{
    if (!timer_.isActive()) return;
    timer_.stop();
    // A stroke broken off ends where the pen was.
    if (stroke_ < recording_.strokes.size() && sample_ > 0) send(QEvent::TabletRelease, recording_.strokes[stroke_][sample_ - 1]);
    emit finished();
}

void Replay::step()
{
    const double now = static_cast<double>(clock_.elapsed()) / 1000 * speed_;
    while (stroke_ < recording_.strokes.size()) {
        const auto& stroke = recording_.strokes[stroke_];
        if (sample_ < stroke.size()) {
            const art::HandSample& s = stroke[sample_];
            if (static_cast<double>(s.time - stroke.front().time) > now) return;
            send(sample_ == 0 ? QEvent::TabletPress : QEvent::TabletMove, s);
            ++sample_;
            continue;
        }
        send(QEvent::TabletRelease, stroke.back());
        ++stroke_;
        sample_ = 0;
        clock_.restart();
        return; // a breath between strokes
    }
    if (--loops_ == 0) {
        timer_.stop();
        emit finished();
        return;
    }
    stroke_ = sample_ = 0;
    clock_.restart();
}

void Replay::send(QEvent::Type type, const art::HandSample& s)
{
    static const QPointingDevice pen(
        "stand-in", 4711, QInputDevice::DeviceType::Stylus, QPointingDevice::PointerType::Pen,
        QInputDevice::Capability::Position | QInputDevice::Capability::Pressure | QInputDevice::Capability::XTilt | QInputDevice::Capability::YTilt, 1, 3);
    const QPointF at = canvas_.toWidget(s.at);
    const Qt::MouseButton button = type == QEvent::TabletMove ? Qt::NoButton : Qt::LeftButton;
    const Qt::MouseButtons buttons = type == QEvent::TabletRelease ? Qt::NoButton : Qt::LeftButton;
    QTabletEvent e(type, &pen, at, canvas_.mapToGlobal(at), static_cast<qreal>(s.pressure), s.tiltX, s.tiltY, 0, 0, 0, Qt::NoModifier, button, buttons);
    QCoreApplication::sendEvent(&canvas_, &e);
}

} // namespace softrope::app
