// The job page: seven steps, each with a picture from the demo, what to do, what goes wrong and what helps; found by any word, together
// with the commands. Stays open beside the bench.
#pragma once

#include "app/commands/command.h"
#include "app/services/session.h"
#include "app/window/job_steps.h"

#include <QDialog>
#include <QImage>

#include <map>

class QLineEdit;
class QListWidget;
class QPushButton;
class QTextBrowser;

namespace softrope::app {

class JobPage : public QDialog {
    Q_OBJECT
public:
    JobPage(Session& session, const Commands& commands, QWidget* parent);
    ~JobPage() override;
    void showStep(StepId step);
    StepId shown() const;

signals:
    void runs(const QString& command);
    void shows(StepId step); // the act, on a copy of the demo

private:
    Session& session_;
    const Commands& commands_;
    QLineEdit* field_;
    QListWidget* list_;
    QTextBrowser* page_;
    QPushButton* act_;
    std::map<StepId, QImage> pictures_;
    Progress closed_; // stops pictures that are still being drawn
    void filter(const QString& words);
    void refresh();
};

} // namespace softrope::app
