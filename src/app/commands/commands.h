// Commands: everything that can be done by name, with its key. Menus, palette and the page of shortcuts read this list.
#pragma once

#include <QDialog>
#include <QString>

#include <functional>
#include <vector>

class QLineEdit;
class QListWidget;

namespace softrope::app {

struct Command {
    QString id, name, keys, group;
    std::function<void()> run;
    std::function<bool()> can; // empty = always
};

// Finds commands by any words of their names; Enter runs the first.
class CommandPalette : public QDialog {
    Q_OBJECT
public:
    CommandPalette(const std::vector<Command>& commands, QWidget* parent);

protected:
    bool eventFilter(QObject*, QEvent*) override;

private:
    const std::vector<Command>& commands_;
    QLineEdit* field_;
    QListWidget* list_;
    std::vector<const Command*> shown_;
    void filter(const QString& words);
    void runCurrent();
};

// All keys on one page.
class ShortcutPage : public QDialog {
    Q_OBJECT
public:
    ShortcutPage(const std::vector<Command>& commands, QWidget* parent);
};

} // namespace softrope::app
