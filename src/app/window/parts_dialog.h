// Own parts and those that ship: searched, dragged onto the sheet, kept from what is picked. Stays open beside the bench.
#pragma once

#include "app/canvas/canvas.h"
#include "app/services/acts.h"
#include "app/services/session.h"
#include "files/part_folder.h"

#include <QDialog>
#include <QPixmap>

#include <map>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace softrope::app {

class PartsDialog : public QDialog {
    Q_OBJECT
public:
    PartsDialog(Session& session, Acts& acts, Canvas& canvas, QWidget* parent);
    ~PartsDialog() override;
    // Asks for a name and tags and keeps what is picked.
    void keepPicked();
    // The same without asking.
    bool keep(const QString& name, const QStringList& tags);

private:
    Session& session_;
    Acts& acts_;
    Canvas& canvas_;
    QLineEdit* search_;
    QListWidget* list_;
    QLabel* told_;
    QPushButton *put_, *name_, *remove_;
    files::PartList parts_;
    std::map<QString, QPixmap> small_; // by file and when it was written
    Progress closed_;
    const files::Part* now() const;
    void read();
    void filter();
    void tell();
    void picture(const files::Part& p, const QString& key);
    void rename();
};

} // namespace softrope::app
