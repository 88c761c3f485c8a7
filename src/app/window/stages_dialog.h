// The stages kept beside the work: their pictures, going back to one, comparing it with now, opening it as a piece by itself. Stays
// open beside the bench.
#pragma once

#include "app/canvas/canvas.h"
#include "app/services/session.h"

#include <QDialog>
#include <QPixmap>

#include <map>

class QListWidget;
class QListWidgetItem;
class QPushButton;

namespace softrope::app {

// What it is called, and when it was kept.
QString stageName(const art::Stage& s);
QString stageTime(const art::Stage& s);
// A stage of the document as it is now, under the next number; said.
void keepStage(Session& session, Bench& bench);
// The stage beside the work as it is now, until it is asked for again.
void compareStage(Session& session, Canvas& canvas, art::Id stage);

class StagesDialog : public QDialog {
    Q_OBJECT
public:
    StagesDialog(Session& session, Canvas& canvas, QWidget* parent);
    ~StagesDialog() override;

signals:
    void opensAsNew(const art::Document& d);

private:
    Session& session_;
    Canvas& canvas_;
    QListWidget* list_;
    QPushButton *compare_, *back_, *open_, *remove_;
    std::map<art::Id, QPixmap> small_;
    Progress closed_; // stops the pictures that are still being made
    art::Id now() const;
    void refresh();
    void ask(const art::Stage& s);
    void rename(QListWidgetItem* item);
};

} // namespace softrope::app
