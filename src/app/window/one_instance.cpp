#include "app/window/one_instance.h"

#include <QDir>
#include <QElapsedTimer>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLocalSocket>
#include <QStandardPaths>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr qint64 mostBytes = 1'000'000; // of a call
constexpr char taken[] = "taken\n";

// In the folder that the session keeps for this person alone; nobody else can stand in for the program there.
QString usualName()
{
    const QString own = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    return own.isEmpty() ? QString() : own + "/soft-rope.socket";
}

QByteArray written(const Call& call)
{
    return QJsonDocument(QJsonObject{{"files", QJsonArray::fromStringList(call.files)}, {"new", call.newFrom}}).toJson(QJsonDocument::Compact) + '\n';
}

Call read(const QByteArray& line)
{
    const QJsonObject all = QJsonDocument::fromJson(line).object();
    Call call;
    call.newFrom = all["new"].toString();
    for (const QJsonValue& v : all["files"].toArray())
        if (QDir::isAbsolutePath(v.toString())) call.files << v.toString();
    return call;
}

} // namespace

OneInstance::OneInstance(const QString& name, QObject* parent) : QObject(parent), name_(name.isEmpty() ? usualName() : name)
{
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    connect(&server_, &QLocalServer::newConnection, this, &OneInstance::answer);
}

bool OneInstance::handOver(const Call& call, int ms) const
{
    QElapsedTimer clock;
    clock.start();
    const auto left = [&] { return static_cast<int>(std::max<qint64>(1, ms - clock.elapsed())); };
    if (name_.isEmpty()) return false;
    QLocalSocket socket;
    socket.connectToServer(name_);
    if (!socket.waitForConnected(left())) return false;
    socket.write(written(call));
    if (!socket.waitForBytesWritten(left())) return false;
    // One that is stuck does not answer; then this one starts after all.
    while (!socket.canReadLine() && clock.elapsed() < ms)
        if (!socket.waitForReadyRead(left())) break;
    return socket.readLine() == taken;
}

bool OneInstance::listen()
{
    if (name_.isEmpty()) return false;
    if (server_.listen(name_)) return true;
    if (server_.serverError() != QAbstractSocket::AddressInUseError) return false;
    // Of a program that was killed; one that lives would have taken the call.
    QLocalServer::removeServer(name_);
    return server_.listen(name_);
}

void OneInstance::answer()
{
    while (QLocalSocket* socket = server_.nextPendingConnection()) {
        connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
        const auto take = [this, socket] {
            if (socket->bytesAvailable() > mostBytes) {
                socket->abort();
                return;
            }
            if (!socket->canReadLine()) return;
            const Call call = read(socket->readLine());
            socket->write(taken);
            socket->flush();
            socket->disconnectFromServer();
            emit called(call);
        };
        connect(socket, &QLocalSocket::readyRead, this, take);
        take();
    }
}

} // namespace softrope::app
