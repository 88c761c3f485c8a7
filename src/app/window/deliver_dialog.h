// Deliver: what, in which variants and formats, how named, where; a live list of the files with their sizes; all of it in one act.
#pragma once

#include "app/services/proofing.h"
#include "app/widgets/widgets.h"
#include "deliver/files.h"

#include <QDialog>
#include <QTimer>

class QCheckBox;
class QComboBox;
class QListWidget;
class QPushButton;
class QTreeWidget;

namespace softrope::app {

class DeliverDialog : public QDialog {
    Q_OBJECT
public:
    DeliverDialog(Session& session, Proofing& proofing, QWidget* parent);
    ~DeliverDialog() override;
    // The list of files is that of the plan as it stands.
    bool upToDate() const { return !making_.busy() && ready_; }
    QString folder() const { return folder_->text(); }

signals:
    void delivered(const QString& folder, int files);
    void said(const QString& text);
    void opensAsNew(const art::Document& d);

private:
    Session& session_;
    Proofing& proofing_;
    deliver::Plan plan_;
    std::vector<std::pair<QCheckBox*, deliver::Variant>> variants_;
    std::vector<std::pair<QCheckBox*, deliver::Format>> formats_;
    QComboBox* scope_;
    QLineEdit *png_, *icons_, *names_, *folder_;
    QCheckBox *ground_, *marks_, *sheet_;
    NumberField* bleed_;
    QListWidget* pictures_;
    QTreeWidget* files_;
    QLabel* sum_;
    QPushButton* deliver_;
    bool filling_ = false, ready_ = false;
    deliver::Made made_;
    struct Small {
        deliver::Variant variant;
        QImage image;
        bool corrected = false;
    };
    Latest<quint64, deliver::Made> making_;
    Latest<quint64, std::vector<Small>> painting_;
    QTimer beat_; // while the files are made
    quint64 asked_ = 0;

    void fill();
    void read();
    void make();
    void showPictures(const std::vector<Small>& small);
    void showFiles(deliver::Made made);
    void write();
    void keepPlan();
    void correct();
    deliver::Asked asked() const;
};

} // namespace softrope::app
