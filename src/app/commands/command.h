// Commands: everything that can be done by name, with its key. Menus, the search and the page of keys read this list.
#pragma once

#include <QObject>
#include <QString>

#include <functional>
#include <vector>

namespace softrope::app {

// Where a command stands: the menus, and two groups without one.
enum class Group { file, edit, line, area, shade, sheet, view, help, tools, steps };
QString nameOf(Group group);

struct Command {
    QString id, name;
    QString keys; // until somebody gives it others; empty = none
    Group group;
    std::function<void()> run;
    std::function<bool()> can = {}; // empty = always
    // Keys of the tray go by place, and some keys are held: they cannot be given away.
    bool fixedKeys = false;
};

class Commands : public QObject {
    Q_OBJECT
public:
    void add(Command c) { all_.push_back(std::move(c)); }
    // Its keys are looked after elsewhere and stay.
    void fixKeys(const QString& id);
    // Such keys have come to lie elsewhere.
    void moveFixedKeys(const QString& id, const QString& keys);
    auto begin() const { return all_.begin(); }
    auto end() const { return all_.end(); }
    const Command* find(const QString& id) const;
    // Runs it, if it can be run now.
    bool run(const QString& id) const;

    // As they are now: given by somebody (kept in the settings), or as they came.
    QString keysOf(const Command& c) const;
    bool changed(const Command& c) const { return keysOf(c) != c.keys; }
    // The command that has these keys now, other than `but`; null for none.
    const Command* holderOf(const QString& keys, const QString& but = {}) const;
    // Gives the keys (empty = none) to the command; whoever had them has none then.
    void setKeys(const QString& id, const QString& keys);
    void reset(const QString& id);
    void resetAll();

signals:
    void keysChanged();

private:
    std::vector<Command> all_;
    void keep(const Command& c, const QString& keys);
};

} // namespace softrope::app
