// Process cards: looked at, changed, own ones added. A change of a card that ships makes an own one of its id.
#pragma once

#include "app/services/proofing.h"
#include "app/widgets/widgets.h"

#include <QDialog>

class QCheckBox;
class QListWidget;
class QPushButton;

namespace softrope::app {

class ProcessDialog : public QDialog {
    Q_OBJECT
public:
    ProcessDialog(Proofing& proofing, QWidget* parent);

private:
    struct Number {
        NumberField* field;
        double proof::Process::*of;
    };
    Proofing& proofing_;
    QListWidget* list_;
    QLineEdit *name_, *about_, *sizes_;
    std::vector<Number> numbers_;
    NumberField* inks_;
    QCheckBox* flat_;
    QPushButton* remove_;
    bool filling_ = false;

    const proof::Process* now() const;
    void refresh(const std::string& show);
    void fill();
    void take(const std::function<void(proof::Process&)>& change);
};

} // namespace softrope::app
