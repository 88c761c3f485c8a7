// The proof shelf under the bench: the piece at its real sizes, and in the other ways it will be seen. All live; a click shows one large; a
// picture dragged out of the window is a file.
#pragma once

#include "app/services/proofing.h"
#include "app/widgets/told.h"
#include "deliver/seen.h"

#include <QDialog>
#include <QLabel>
#include <QPointer>
#include <QWidget>

class QScrollArea;

namespace softrope::app {

// One picture of the shelf.
class ShelfPicture : public QWidget, public Told {
    Q_OBJECT
public:
    ShelfPicture(const QString& id, const QString& name, int side, QWidget* parent = nullptr);
    const QString& id() const { return id_; }
    const QString& name() const { return name_; }
    void setName(const QString& name);
    // Shown pixel for pixel, or fitted.
    void setPicture(const QImage& image);
    const QImage& picture() const { return picture_; }
    void setFault(bool on);
    void setSide(int side);
    QAccessible::Role toldRole() const override { return QAccessible::Button; }
    QString toldText() const override { return name_; }
    QSize sizeHint() const override;

signals:
    void chosen();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QString id_, name_;
    int side_;
    QImage picture_;
    bool fault_ = false;
    std::optional<QPoint> pressed_;
    void dragOut();
};

class ProofShelf : public QWidget {
    Q_OBJECT
public:
    ProofShelf(Session& session, Proofing& proofing);
    // Pictures are made only while on.
    void setWatched(bool on);
    bool upToDate() const { return made_ == wanted_; }
    bool working() const { return watched_ && !upToDate(); }
    ShelfPicture* picture(const QString& id) const; // "size-64", "one-ink"; nothing for what is none
    std::vector<ShelfPicture*> pictures() const;
    // One picture in a window of its own.
    QDialog* enlarge(const QString& id);
    // The one after that which is large, the first of the other ways when none is.
    void enlargeNext();

signals:
    void changed();

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    struct Made {
        QString id;
        QImage image;
    };
    Session& session_;
    Proofing& proofing_;
    QScrollArea* area_;
    std::vector<ShelfPicture*> sizes_, ways_;
    QLabel *first_, *second_;
    bool watched_ = false, twice_ = false;
    quint64 wanted_ = 1, made_ = 0;
    Latest<quint64, std::vector<Made>> making_, slow_;
    QPointer<QDialog> large_;
    QLabel* largeLabel_ = nullptr;
    QString largeId_;
    void want();
    void make();
    void layOut();
    void tellFaults();
    void makeLarge();
    deliver::SeenOptions options() const;
};

} // namespace softrope::app
