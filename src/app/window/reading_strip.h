// Readings of the step along the lower edge; for a moment in their place what has just happened, with an act if there is one.
#pragma once

#include "app/steps/step.h"
#include "app/widgets/told.h"
#include <QTimer>
#include <QWidget>
#include <functional>

namespace softrope::app {

class ReadingStrip : public QWidget, public Told {
    Q_OBJECT
public:
    explicit ReadingStrip(QWidget* parent = nullptr);
    void setReadings(std::vector<Reading> readings, const QString& zoom);
    QAccessible::Role toldRole() const override { return QAccessible::StatusBar; }
    QString toldText() const override;
    // The act that is offered now, done; false when there is none.
    bool doOffered();
    // Shown for 6 s in place of the readings, with an act beside it if there is one.
    void say(const QString& text, const QString& act = {}, std::function<void()> run = {});
    const QStringList& said() const { return said_; }
    // As `say`, but nothing that happened.
    void tell(const QString& text);
    // For "What happened" only.
    void note(const QString& text) { said_ << text; }
    QString shown() const { return message_; }

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    std::vector<Reading> readings_;
    QString zoom_, message_, act_;
    std::function<void()> run_;
    QRectF actBox_;
    QTimer timer_;
    QStringList said_;
};

} // namespace softrope::app
