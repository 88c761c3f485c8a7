// The first page, on the sheet of an empty piece: ways to begin, sheets to begin with, pieces to go on with.
#pragma once

#include "app/services/jobs.h"
#include "app/services/recent.h"

#include <QWidget>

class QHBoxLayout;

namespace softrope::app {

class Welcome : public QWidget {
    Q_OBJECT
public:
    Welcome(Jobs& jobs, QWidget* parent);
    ~Welcome() override;
    // Fits itself to the room there is: pieces, then sheets, are left out where it is too low.
    void fit(QSize room);
    // Reads anew which pieces there are.
    void refresh();

signals:
    void asks(const QString& command);
    void asksToScan(const QPoint& at); // global
    void opens(const QStringList& paths);

private:
    Jobs& jobs_;
    QWidget *sheets_, *pieces_;
    QHBoxLayout* pieceRow_;
    Progress closed_;
    // As they were when the page came up: the files are not looked for with every move of the view.
    std::vector<RecentPiece> recent_;
    QStringList last_;
    unsigned recentState_ = 0;
    int shownPieces_ = -1;
    void fillPieces(int most);
};

} // namespace softrope::app
