// One running program a person: later calls hand over what they were asked to open, over a socket that only that person can reach.
#pragma once

#include <QLocalServer>
#include <QObject>
#include <QStringList>

namespace softrope::app {

struct Call {
    QStringList files; // whole paths
    QString newFrom;   // a template's id; empty = none
};

class OneInstance : public QObject {
    Q_OBJECT
public:
    // `name`: of the socket; the usual one where it is empty.
    explicit OneInstance(const QString& name = {}, QObject* parent = nullptr);
    // True when a program that runs already has taken the call; waits for it so many ms at most.
    bool handOver(const Call& call, int ms = 2500) const;
    // From now on calls come in here. False when no socket can be made; the program then runs by itself.
    bool listen();

signals:
    void called(const Call& call);

private:
    QString name_;
    QLocalServer server_;
    void answer();
};

} // namespace softrope::app
