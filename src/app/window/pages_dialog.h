// A choice among the pages of a PDF, by a strip of small pictures.
#pragma once

#include "app/services/jobs.h"

#include <QDialog>

#include <cstddef>
#include <memory>
#include <vector>

class QListWidget;
class QPushButton;

namespace softrope::app {

class PagesDialog : public QDialog {
    Q_OBJECT
public:
    PagesDialog(Jobs& jobs, const QString& name, std::shared_ptr<const std::vector<std::byte>> pdf, int pages, QWidget* parent);
    ~PagesDialog() override;
    std::vector<int> chosen() const; // from 0, in their order

private:
    QListWidget* list_;
    QPushButton* bring_;
    Progress closed_; // stops the pictures that are still being made
};

} // namespace softrope::app
