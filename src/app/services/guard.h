// The application object: whatever is thrown while an event is handled (a slot, a paint, a timer) becomes a message, and the program
// goes on with the piece as it was. Documents are values that are replaced whole, so half an edit cannot be left behind.
#pragma once

#include <QApplication>

namespace softrope::app {

class Application : public QApplication {
    Q_OBJECT
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override;

signals:
    void caught(const QString& text);
};

} // namespace softrope::app
