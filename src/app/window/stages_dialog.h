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
