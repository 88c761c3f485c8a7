// Every state the piece went through, with its picture: a click goes there, and forward again. Stays open beside the bench.
#pragma once

#include "app/services/session.h"

#include <QDialog>
#include <QPixmap>
#include <QTimer>

#include <map>

class QListWidget;

namespace softrope::app {

class HistoryDialog : public QDialog {
    Q_OBJECT
public:
    HistoryDialog(Session& session, QWidget* parent);
    ~HistoryDialog() override;

private:
    Session& session_;
    QListWidget* list_;
    std::map<std::uint64_t, QPixmap> small_; // by the state's serial
    Progress drawing_;                       // stops pictures that are not asked for any more
    QTimer soon_;
    void refresh();
    void draw(); // the pictures near the present state
};

} // namespace softrope::app
