// Finds commands by any words of their names; Enter runs the first.
#pragma once

#include "app/commands/command.h"

#include <QDialog>

class QLineEdit;
class QListWidget;

namespace softrope::app {

class CommandSearch : public QDialog {
    Q_OBJECT
public:
    CommandSearch(const Commands& commands, QWidget* parent);

protected:
    bool eventFilter(QObject*, QEvent*) override;
    void paintEvent(QPaintEvent*) override;

private:
    const Commands& commands_;
    QLineEdit* field_;
    QListWidget* list_;
    std::vector<const Command*> shown_;
    void filter(const QString& words);
    void runCurrent();
};

} // namespace softrope::app
