// All keys on one page, and the place to change them.
#pragma once

#include "app/commands/command.h"

#include <QDialog>

class QKeySequenceEdit;
class QLabel;
class QLineEdit;
class QPushButton;
class QTreeWidget;

namespace softrope::app {

class KeysPage : public QDialog {
    Q_OBJECT
public:
    KeysPage(Commands& commands, QWidget* parent);
    // F1 on the page itself ends it with this: how the job goes is wanted.
    static constexpr int jobWanted = 2;

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    Commands& commands_;
    QLineEdit* field_;
    QTreeWidget* tree_;
    QKeySequenceEdit* keys_;
    QPushButton *give_, *none_, *reset_;
    QLabel* says_;

    void fill();
    void tell();
    // Of the row in hand; null on headings and fixed keys.
    const Command* current() const;
};

} // namespace softrope::app
