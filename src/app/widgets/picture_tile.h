// A small picture with a name under it that can be pressed.
#pragma once

#include <QAbstractButton>
#include <QImage>

namespace softrope::app {

class PictureTile : public QAbstractButton {
    Q_OBJECT
public:
    // On paper: its words are dark in both themes.
    PictureTile(const QString& name, QSize picture, QWidget* parent = nullptr);
    void setPicture(const QImage& image);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QSize size_;
    QImage picture_;
};

} // namespace softrope::app
