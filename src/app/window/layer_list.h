// The list of layers, opened to the things on them: order, show and lock, names, what lies in what.
#pragma once

#include "app/window/layer_model.h"

#include <QLabel>
#include <QTreeView>

#include <functional>
#include <set>

namespace softrope::app {

// The rows themselves.
class LayerTree : public QTreeView {
    Q_OBJECT
public:
    explicit LayerTree(Session& session, QWidget* parent = nullptr);

    LayerModel& rows() { return model_; }
    // Takes over the document and what is picked in it.
    void refresh();
    // Opens what the rows of these lie in and brings the first into sight.
    void reveal(const std::vector<art::Id>& items);
    // Where things on a row can be clicked, viewport px; empty when the row is not in sight.
    QRect rowBox(art::Id id) const;
    QRect showBox(const QRect& row) const { return {row.right() - 56, row.top() + 6, 17, 17}; }
    QRect lockBox(const QRect& row) const { return {row.right() - 29, row.top() + 6, 17, 17}; }
    // The small picture of a row; asks for it when there is none yet.
    QImage thumbnail(const QModelIndex& at);

signals:
    void said(const QString& text);
    // What applies to the things on these rows is wanted at a place of the screen.
    void menuWanted(const QPoint& global, softrope::art::Id layer, const std::vector<softrope::art::Id>& items);

protected:
    void mousePressEvent(QMouseEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;
    void contextMenuEvent(QContextMenuEvent* e) override;
    void drawBranches(QPainter* painter, const QRect& rect, const QModelIndex& index) const override;
    void drawRow(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void startDrag(Qt::DropActions actions) override;

private:
    struct Small {
        QImage image;
        std::shared_ptr<const void> of; // kept, so that the address stays its own
    };
    Session& session_;
    LayerModel model_;
    std::set<art::Id> open_;
    std::map<const void*, Small> small_;
    std::vector<std::pair<const void*, std::function<Small()>>> wanted_;
    bool working_ = false, following_ = false;

    void pickRows();
    void toggleShown(art::Id id);
    void toggleLocked(art::Id id);
    // Turns over a trait of a layer or an item; the name of the step by what it was, and whether a layer's.
    void toggle(art::Id id, bool art::Layer::*ofLayer, bool art::Item::*ofItem, std::optional<bool> art::Traits::*trait,
                const std::function<QString(bool, bool)>& nameOf);
    void draw();
};

class LayerList : public QWidget {
    Q_OBJECT
public:
    explicit LayerList(Session& session, QWidget* parent = nullptr);
    void refresh();
    LayerTree& tree() { return *tree_; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Session& session_;
    QLabel* title_;
    LayerTree* tree_;
};

} // namespace softrope::app
