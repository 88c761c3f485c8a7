// What is said of a piece: title, author, licence, description. A step like any other; it goes into what is exported.
#pragma once

#include "app/services/session.h"

#include <QDialog>

class QComboBox;
class QLineEdit;
class QPlainTextEdit;

namespace softrope::app {

class AboutDialog : public QDialog {
    Q_OBJECT
public:
    AboutDialog(Session& session, QWidget* parent);
    void accept() override;

private:
    Session& session_;
    QLineEdit *title_, *author_;
    QComboBox* licence_;
    QPlainTextEdit* description_;
};

} // namespace softrope::app
