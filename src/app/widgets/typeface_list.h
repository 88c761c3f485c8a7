// A button that shows a typeface's name, and the list that it opens: every family in its own face, those in use first, searched by typing.
#pragma once

#include <QPushButton>
#include <QStringList>

class QFrame;
class QLineEdit;
class QListWidget;

namespace softrope::app {

class TypefaceButton : public QPushButton {
    Q_OBJECT
public:
    explicit TypefaceButton(QWidget* parent = nullptr);
    // What the list offers, asked for when it opens: those in use, then all by name.
    void setFamilies(std::function<QStringList()> used, std::function<QStringList()> all);
    void setFamily(const QString& family, bool here);
    const QString& family() const { return family_; }
    void openList();
    QListWidget* list() const { return list_; }
    QLineEdit* search() const { return search_; }

signals:
    void pointedAt(const QString& family); // empty: at none any more
    void chosen(const QString& family);

protected:
    bool eventFilter(QObject* o, QEvent* e) override;

private:
    QString family_;
    std::function<QStringList()> used_, all_;
    QFrame* popup_ = nullptr;
    QLineEdit* search_ = nullptr;
    QListWidget* list_ = nullptr;
    void fill();
    void seek(const QString& sought);
    void take();
};

} // namespace softrope::app
