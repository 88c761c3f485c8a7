// The canvas: shows the sheet through the view, hands pointer and keys to the tool in hand.
//
// The artwork is painted off the interface thread into a picture somewhat larger than the pane; while panning and
// zooming that picture is moved and stretched, and a sharp one follows. What a tool holds is drawn on top, live.
#pragma once

#include "app/canvas/carried.h"
#include "app/canvas/tool.h"
#include "app/canvas/view.h"
#include "art/followers.h"

#include <QElapsedTimer>
#include <QImage>
#include <QWidget>

#include <array>
#include <map>

class QTabletEvent;

namespace softrope::app {

// How a part is dragged onto the sheet: by its id.
inline constexpr const char* partMime = "application/x-soft-rope-part";

class Canvas : public QWidget, public Bench {
    Q_OBJECT
public:
    explicit Canvas(Session& session, QWidget* parent = nullptr);
    ~Canvas() override;

    // -- Bench ----------------------------------------------------------------------------------------------------
    Session& session() override { return session_; }
    double px(double screen) const override { return screen / view_.zoom; }
    curve::Vec2 wayOnSheet(curve::Vec2 screen) const override { return linear(curve::rotation(-view_.turn), screen); }
    void hold(std::vector<art::ItemPtr> items) override;
    void carry(const std::vector<art::Id>& items, const curve::Affine& by) override;
    void release() override;
    void update() override { QWidget::update(); }
    void say(const QString& text) override { emit said(text, 0); }
    bool takesClick(curve::Vec2 at) override { return clicks_ && clicks_(at); }
    void clicksLocked(art::Id locked) override;
    art::Stroke& look() override { return look_; }
    bool snapping() const override { return snapping_; }

    void setSnapping(bool on);
    // While placing, references show where they lie; otherwise they end with the sheet.
    void setPlacing(bool on);
    // Drawn lines are seen above everything.
    void setLinesOnTop(bool on);
    // Rings at open ends: of the whole piece (`ends`, as the survey has them), or only of what is picked.
    void setEnds(std::vector<art::OpenEnd> ends, bool all);
    // Painted over the artwork, under what the tool in hand shows.
    void setPreview(std::function<void(Marks&)> paint) { preview_ = std::move(paint); }

    // What an act would bring, in teal over the artwork while the act is pointed at; nothing = no longer.
    struct Foreseen {
        curve::Paths outlines;
        QString words;
    };
    // Things as they will be once what is held has landed (drops that follow a line), in place of the document's own until then.
    void setFollowing(std::vector<art::ItemPtr> items);
    const std::vector<art::ItemPtr>& held() const { return held_; }
    void foresee(std::optional<Foreseen> outcome);
    // Another look of the piece in its place, for as long as it is not changed; nothing = the piece itself again.
    void showInstead(std::optional<art::Document> look);
    // In Beside, that document stands in the place of the reference, under its name; 0 = the reference again.
    void compare(art::Id stage, art::Document d, const QString& name);
    art::Id comparing() const { return comparing_; }

    // Asked first by Pick about each click.
    void setClicks(std::function<bool(curve::Vec2)> take) { clicks_ = std::move(take); }

    // -- tools ----------------------------------------------------------------------------------------------------
    void addTool(std::unique_ptr<Tool> tool);
    Tool* tool() const { return tool_; }
    Tool* toolNamed(const QString& id) const;
    const std::vector<std::unique_ptr<Tool>>& tools() const { return tools_; }
    void takeTool(const QString& id);
    void escape(); // ends the stroke in hand, then brings Pick
    // The stroke in hand of whatever tool: ended where the pointer is (the focus went), or given up (the piece changed, a second button).
    void endStroke();
    void dropStroke();
    bool inStroke() const { return pressed_; }
    // The tool in hand takes words: keys are letters.
    bool typing() const { return tool_ && tool_->typing(); }
    QVariant inputMethodQuery(Qt::InputMethodQuery query) const override;
    // Space and Z, as if they were let go.
    void letKeysGo();

    // -- view -----------------------------------------------------------------------------------------------------
    const View& view() const { return view_; }
    void setView(const View& view);
    void fitSheet();
    void fitSelection();
    void zoomBy(double factor);
    void zoomTo(double zoom);
    void turnBy(double angle); // radians, clockwise, about the pointer or the middle
    curve::Vec2 pointerOnSheet() const { return pointer_.sheet; }
    QPointF toWidget(curve::Vec2 sheet) const;      // in the pane where the artwork is
    double lastFrame() const { return lastFrame_; } // ms of the interface thread for the last picture
    bool settled() const;                           // nothing left to refine

signals:
    void toolChanged();
    void viewChanged();
    void said(const QString& text, quint64 locked);
    void partDropped(const QString& part, softrope::curve::Vec2 at);
    void filesDropped(const QStringList& paths);
    void pictureDropped(const QImage& picture);
    void pointerMoved();
    // What a tool holds is another thing or looks otherwise, or nothing is held any more.
    void heldChanged();
    // What applies at a place is wanted.
    void menuWanted(const QPoint& global, softrope::curve::Vec2 sheet);
    void refined();

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void contextMenuEvent(QContextMenuEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void tabletEvent(QTabletEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void keyReleaseEvent(QKeyEvent*) override;
    void inputMethodEvent(QInputMethodEvent*) override;
    void leaveEvent(QEvent*) override;
    void focusOutEvent(QFocusEvent*) override;
    bool event(QEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    // One pane's picture of the artwork, and how it was looked at when it was made.
    struct Base {
        QImage image;
        curve::Affine toImage; // sheet px to image px
        quint64 made = 0;      // version it shows
        quint64 wanted = 0;
        bool working = false;
        quint64 failed = 0; // version that could not be drawn
        double cost = 0;    // ms it took
    };
    struct Pane {
        QRectF rect;
        bool reference, artwork;
    };

    Session& session_;
    View view_;
    std::vector<std::unique_ptr<Tool>> tools_;
    Tool* tool_ = nullptr;
    std::function<bool(curve::Vec2)> clicks_;
    std::function<void(Marks&)> preview_;
    QString borrowedFrom_; // the tool that comes back after a stroke with the pen's other end or its button
    void borrow(const QString& id);
    void giveBack();
    art::Stroke look_;
    bool snapping_ = true, placing_ = true, linesOnTop_ = false;
    std::map<QString, double> settings_;
    double kept(const char* key, double otherwise) const override;
    void keep(const char* key, double value) override;
    std::vector<art::OpenEnd> ends_;
    bool allEnds_ = true;
    std::vector<art::ItemPtr> held_, lingering_;
    Carried carried_{session_};
    // What is held and not carried.
    const std::vector<art::ItemPtr>& heldOneByOne() const;
    bool carries_ = false; // else what is carried has landed, and stays in sight until the picture has it
    quint64 version_ = 1, lingerUntil_ = 0;
    std::optional<art::Document> instead_;
    art::Id comparing_ = 0;
    art::Document compared_;
    QString comparedName_;
    std::optional<Foreseen> foreseen_;
    std::vector<art::ItemPtr> following_;
    std::optional<std::pair<art::Document, art::Followers>> followersOf_; // of the document that is held from
    art::Document shownDocument() const;
    std::array<Base, 2> bases_;
    Pointer pointer_;
    bool toolActs_ = false; // it is the tool itself that changes the document
    bool inside_ = false, pressed_ = false, panning_ = false, spaceHeld_ = false, zoomDrag_ = false, zHeld_ = false;
    QPointF panFrom_;
    QElapsedTimer clock_;
    double lastFrame_ = 0;
    double split_ = 0.5; // where the two panes of Beside meet
    bool dragSplit_ = false;
    QPointF swipe_;

    std::vector<Pane> panes() const;
    // Whether a stage stands in the pane of the reference.
    bool comparesIn(const Pane& pane) const { return comparing_ != 0 && pane.reference && !pane.artwork && view_.show == Show::beside && !view_.peekReference; }
    QRectF paneAt(QPointF p) const;
    Pointer pointerFrom(QPointF at, Qt::KeyboardModifiers m) const;
    void invalidate();
    void refresh(std::size_t which, const Pane& pane);
    void paintPane(QPainter& p, std::size_t which, const Pane& pane);
    void paintOverlay(QPainter& p, const Pane& pane);
    void paintHeld(QPainter& p, const art::Item& i, const curve::Affine& toScreen, double opacity);
    void paintEnds(Marks& m);
    void paintGhosts(Marks& m);
    // What a weld would make of the ends at the axis; kept while the document stays.
    const std::vector<mirror::Seam>& seamsOf(const art::Layer& layer);
    std::map<art::Id, std::vector<mirror::Seam>> seams_;
    std::vector<mirror::Seam> seamsChosen_;
    quint64 seamsFor_ = 0;
    // What every frame asks for, gathered once for each document and selection.
    struct Gathered {
        quint64 version = 0;
        std::vector<art::LayerPtr> layers; // whose things these are: they live as long
        std::vector<art::Id> ids;
        std::vector<const art::Item*> picked;
        curve::Box around;                                       // what is picked
        std::map<art::Id, std::vector<const art::Item*>> guides; // that are seen, by layer
    };
    const Gathered& gathered();
    Gathered gathered_;
    // Whether the outlines of what is picked are in the cached picture, because there are very many.
    bool picksInPicture() const;
    void picksChanged();
    bool pickedInPicture_ = false; // it was so at the last change
    curve::Box paneBox() const;
    void dispatch(Qt::MouseButton button, bool down, const Pointer& p);
    void updateCursor();
    // Input methods are asked for letters only while some are wanted: else they would keep the keys of tools.
    void updateTyping();
    void changeView(const View& v);
    // Mouse and pen alike: panning, zooming and the divider first, then the tool.
    void pointerDown(Qt::MouseButton button, const Pointer& p);
    void pointerMove(const Pointer& p);
    void pointerUp(Qt::MouseButton button, const Pointer& p);
    std::optional<std::size_t> dividerAt(QPointF p) const;
};

} // namespace softrope::app
