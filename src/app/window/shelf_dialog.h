// The picture shelf: a stand-in for collections of pictures elsewhere. Searched by words; each picture says where it is from and
// under which licence it may be used.
#pragma once

#include "app/services/jobs.h"
#include "demo/shelf.h"

#include <QDialog>
#include <QPixmap>

#include <map>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace softrope::app {

class ShelfDialog : public QDialog {
    Q_OBJECT
public:
    ShelfDialog(Jobs& jobs, QWidget* parent);
    ~ShelfDialog() override;

protected:
    void hideEvent(QHideEvent*) override;
signals:
    void chosen(const QString& id);

private:
    QLineEdit* field_;
    QListWidget* list_;
    QLabel *words_, *origin_;
    QPushButton* bring_;
    Jobs& jobs_;
    std::map<QString, QPixmap> small_;
    Progress closed_; // stops the small pictures that are still being made
    void filter(const QString& words);
    void tell();
    void take();
};

} // namespace softrope::app
