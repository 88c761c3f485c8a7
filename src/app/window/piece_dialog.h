// A choice of pieces with their pictures: what was put aside, the pieces of the demo.
#pragma once

#include "app/services/jobs.h"

#include <QDialog>
#include <QImage>

#include <functional>

class QLabel;
class QListWidget;
class QPushButton;

namespace softrope::app {

class PieceDialog : public QDialog {
    Q_OBJECT
public:
    struct Piece {
        QString title, detail;
        std::function<QImage()> picture; // any thread; may be slow
    };
    PieceDialog(Jobs& jobs, const QString& title, std::vector<Piece> pieces, QWidget* parent);
    ~PieceDialog() override;

signals:
    void chosen(int piece);

private:
    std::vector<Piece> pieces_;
    QListWidget* list_;
    QLabel* detail_;
    Progress closed_; // stops the pictures that are still being made
    void take();
};

} // namespace softrope::app
