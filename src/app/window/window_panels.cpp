// The panels that float over the bench: the way in of an empty piece, and work recovered from the last time.
#include "app/theme/theme.h"
#include "app/window/window.h"
#include "files/svg.h"

#include <QApplication>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QPainter>
#include <QVBoxLayout>

namespace softrope::app {

namespace {

// The panel of an empty piece, and that of a recovered one, floating over the bench.
class Panel : public QWidget {
public:
    explicit Panel(QWidget* parent) : QWidget(parent) { setAttribute(Qt::WA_NoMousePropagation); }
    bool framed = false;

protected:
    void paintEvent(QPaintEvent*) override
    {
        if (!framed) return;
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(colours().lineStrong, 1));
        p.setBrush(colours().card);
        p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    }
};

} // namespace

void Window::placeWelcome()
{
    bool empty = session_.document().layers.size() <= 1 && session_.path().isEmpty() && !session_.history().canUndo();
    for (const art::LayerPtr& l : session_.document().layers) empty = empty && l->items.empty();
    empty = empty && canvas_->tool() && (canvas_->tool()->id() == "pick" || canvas_->tool()->id() == "place");
    if (!empty) {
        if (welcome_) welcome_->hide();
        return;
    }
    if (!welcome_) {
        auto* panel = new Panel(canvas_);
        auto* column = new QVBoxLayout(panel);
        column->setSpacing(10);
        auto* icon = new QLabel;
        icon->setPixmap(iconPixmap("place", colours().textMuted, 48, 2));
        icon->setAlignment(Qt::AlignCenter);
        // This panel lies on paper: its words keep the paper's ink in both themes.
        auto* text = label(tr("Drop a sketch or photo here"), "title", false);
        auto* more = label(tr("or start drawing: press 2, then S"), "small", false);
        for (QLabel* l : {text, more}) {
            l->setAlignment(Qt::AlignCenter);
            QPalette q = l->palette();
            q.setColor(QPalette::WindowText, marks().artLine);
            l->setPalette(q);
        }
        auto* first = new QHBoxLayout;
        auto* choose = new Pill("reference", tr("Choose a picture"), {}, Pill::Kind::main);
        auto* paste = new Pill({}, tr("Paste"));
        auto* scan = new Pill("place", tr("Scan a page"));
        auto* demo = new Pill("open-end", tr("Open the demo"));
        demo->setIconName("layer");
        auto* second = new QHBoxLayout;
        for (auto* r : {first, second}) {
            r->setSpacing(8);
            r->addStretch();
        }
        first->addWidget(choose);
        first->addWidget(paste);
        second->addWidget(scan);
        second->addWidget(demo);
        for (auto* r : {first, second}) r->addStretch();
        column->addWidget(icon);
        column->addWidget(text);
        column->addLayout(first);
        column->addLayout(second);
        column->addWidget(more);
        connect(choose, &QAbstractButton::clicked, this, [this] { run("bring-picture"); });
        connect(paste, &QAbstractButton::clicked, this, &Window::pasteAnything);
        connect(scan, &QAbstractButton::clicked, this, [this, scan] {
            QMenu menu;
            for (const Command& c : commands_)
                if (c.id.startsWith("scan-")) menu.addAction(c.name.mid(c.name.indexOf(':') + 2), this, [this, id = c.id] { run(id); });
            menu.exec(scan->mapToGlobal(QPoint(0, scan->height() + 2)));
        });
        connect(demo, &QAbstractButton::clicked, this, [this] {
            // Beside the program, where ./demo puts it; else where an installation has it.
            for (const QString& path : {QApplication::applicationDirPath() + "/demo/saltglass-moth.svg",
                                        QApplication::applicationDirPath() + "/../share/soft-rope/saltglass-moth.svg"})
                if (QFileInfo::exists(path)) {
                    openDrawing(path);
                    return;
                }
            scanPage("moth", 150, 4);
        });
        welcome_ = panel;
    }
    welcome_->adjustSize();
    const QPointF middle = canvas_->toWidget({session_.document().sheet.width / 2, session_.document().sheet.height / 2});
    welcome_->move(static_cast<int>(middle.x() - welcome_->width() / 2.0), static_cast<int>(middle.y() - welcome_->height() / 2.0));
    welcome_->show();
}

void Window::offerRecovered()
{
    const auto left = files::leftBehind();
    if (left.empty()) return;
    const files::RecoveryEntry& entry = left.front();
    auto* panel = new Panel(canvas_);
    panel->framed = true;
    panel->setObjectName("recovered");
    auto* row = new QHBoxLayout(panel);
    row->setContentsMargins(14, 12, 14, 12);
    row->setSpacing(12);
    if (!entry.picture.empty()) {
        auto* picture = new QLabel;
        picture->setPixmap(QPixmap(QString::fromStdString(entry.picture)).scaled(96, 72, Qt::KeepAspectRatio, Qt::SmoothTransformation));
        picture->setStyleSheet("background: white; border: 1px solid " + colours().line.name());
        row->addWidget(picture);
    }
    auto* text = new QVBoxLayout;
    text->addWidget(label(tr("Work of the last time was kept"), "title", false));
    text->addWidget(
        label(QString("%1 · %2").arg(entry.title.empty() ? tr("Untitled") : QString::fromStdString(entry.title), QString::fromStdString(entry.when)), "small"));
    if (left.size() > 1) text->addWidget(label(tr("and %1 more").arg(left.size() - 1), "small"));
    auto* acts = new QHBoxLayout;
    auto* open = new Pill({}, tr("Open it"), {}, Pill::Kind::main);
    auto* aside = new Pill({}, tr("Put it aside"));
    acts->addWidget(open);
    acts->addWidget(aside);
    acts->addStretch();
    text->addLayout(acts);
    row->addLayout(text);
    recovered_ = panel;
    const auto gone = [this] {
        recovered_->deleteLater();
        recovered_ = nullptr;
        QTimer::singleShot(0, this, &Window::offerRecovered);
    };
    connect(open, &QAbstractButton::clicked, this, [this, entry, gone] {
        const files::TextResult kept = files::readText(entry.document);
        const files::SvgResult r = files::readSvg(kept.text);
        if (!kept.ok() || !r.ok()) {
            say(tr("What was kept cannot be read: %1").arg(QString::fromStdString(kept.ok() ? r.problem : kept.problem)));
            return;
        }
        if (!mayLeave()) return;
        session_.start(r.document, QString::fromStdString(entry.original), true);
        session_.keep(true); // under our own name before the old entry goes
        files::discard(entry);
        canvas_->fitSheet();
        setStep(1);
        say(tr("Opened what was kept. Save it to keep it for good."));
        gone();
    });
    connect(aside, &QAbstractButton::clicked, this, [entry, gone] {
        files::discard(entry);
        gone();
    });
    panel->adjustSize();
    panel->move((canvas_->width() - panel->width()) / 2, 56);
    panel->show();
    panel->raise();
}

} // namespace softrope::app
