#include "app/card.h"

#include "app/place_acts.h"
#include "app/theme.h"
#include "art/edits.h"
#include "curve/edit.h"
#include "curve/reduce.h"
#include "curve/tolerances.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

using curve::Vec2;

namespace {

const art::Item* pickedLine(const Session& s)
{
    if (s.selection().items.size() != 1) return nullptr;
    const art::Item* i = s.document().item(s.selection().items.front());
    return i && i->artwork() ? i : nullptr;
}

int openCount(const art::Artwork& a)
{
    int n = 0;
    for (const curve::Path& p : a.paths)
        if (!p.closed) n += 2;
    return n;
}

// Distances of the raw samples from the fitted path, evenly over the stroke.
std::vector<double> profile(const art::Artwork& a)
{
    std::vector<double> out;
    if (!a.drawn || a.paths.empty()) return out;
    const auto& samples = a.drawn->samples;
    const std::size_t stride = std::max<std::size_t>(1, samples.size() / 120);
    for (std::size_t i = 0; i < samples.size(); i += stride)
        if (const auto n = curve::nearest(a.paths.front(), samples[i].at)) out.push_back(n->distance);
    return out;
}

double sheetUnit(art::Unit u) { return u == art::Unit::mm ? 96 / 25.4 : u == art::Unit::in ? 96 : 1; }

} // namespace

Card::Card(Session& session, Canvas& canvas, QWidget* parent) : QWidget(parent), session_(session), canvas_(canvas)
{
    setAccessibleName(tr("Card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(1, 1, 1, 1);
    column->setSpacing(0);
    area_ = new QScrollArea;
    area_->setFrameShape(QFrame::NoFrame);
    area_->setWidgetResizable(true);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(area_, 1);
    bottom_ = new QWidget;
    bottom_->setFixedHeight(48);
    auto* row = new QHBoxLayout(bottom_);
    row->setContentsMargins(14, 4, 14, 6);
    bottomText_ = label({}, "small", false);
    bottomText_->setWordWrap(true);
    bottomAct_ = new Pill({}, {});
    row->addWidget(bottomText_, 1);
    row->addWidget(bottomAct_);
    column->addWidget(bottom_);
    connect(bottomAct_, &QAbstractButton::clicked, this, [this] {
        const auto run = bottomRun_;
        if (run) run();
    });
    rebuild();
}

void Card::setStep(int step)
{
    step_ = step;
    rebuild();
}

void Card::setTask(const QString& name, double progress, std::function<void()> stop)
{
    task_ = name;
    taskProgress_ = progress;
    taskStop_ = std::move(stop);
    updateBottom();
    update();
}

QString Card::contextNow() const
{
    const auto& s = session_.selection();
    if (s.items.size() > 1) return "several";
    if (const art::Item* i = pickedLine(session_)) {
        const art::Artwork& a = *i->artwork();
        return QString("line %1 %2 %3 %4").arg(i->id).arg(openCount(a) > 0).arg(a.drawn != nullptr).arg(!s.nodes.empty());
    }
    if (s.items.size() == 1) return QString("reference %1").arg(s.items.front());
    if (step_ == 0) {
        const art::Item* r = referenceInHand(session_.document(), s);
        return QString("place %1").arg(r ? r->id : 0);
    }
    return "tool " + (canvas_.tool() ? canvas_.tool()->id() : QString());
}

void Card::refresh()
{
    if (contextNow() != context_) {
        rebuild();
        return;
    }
    for (const auto& u : updaters_) u();
    updateBottom();
}

void Card::rebuild()
{
    context_ = contextNow();
    updaters_.clear();
    auto* body = new QWidget;
    column_ = new QVBoxLayout(body);
    column_->setContentsMargins(14, 11, 12, 12);
    column_->setSpacing(7);
    if (context_.startsWith("line")) buildLine();
    else if (context_ == "several") buildSeveral();
    else if (context_.startsWith("reference")) buildReference(session_.selection().items.front());
    else if (context_.startsWith("place")) buildPlace();
    else buildTool();
    column_->addStretch();
    // The old body may hold the widget whose signal is being handled: it is let go later.
    if (QWidget* old = area_->takeWidget()) old->deleteLater();
    area_->setWidget(body);
    body_ = body;
    for (const auto& u : updaters_) u();
    updateBottom();
}

// -- parts --------------------------------------------------------------------------------------------------------

void Card::heading(const QString& iconName, const QString& name, std::function<void(QString)> rename)
{
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    auto* icon = new QLabel;
    icon->setPixmap(iconPixmap(iconName, colours().accent, 20, 2));
    row->addWidget(icon);
    if (rename) {
        auto* field = new QLineEdit(name);
        field->setFont(typeface("title"));
        field->setFrame(false);
        field->setStyleSheet("QLineEdit { background: transparent; border: none; padding: 0; } QLineEdit:focus { border-bottom: 2px solid " + colours().focusRing.name() + "; }");
        field->setToolTip(tr("Click to rename"));
        connect(field, &QLineEdit::editingFinished, this, [field, rename] {
            if (field->isModified()) {
                field->setModified(false);
                rename(field->text());
            }
        });
        row->addWidget(field, 1);
    } else {
        row->addWidget(label(name, "title", false), 1);
    }
    column_->addLayout(row);
}

void Card::chips(std::function<QString()> text)
{
    auto* l = label({}, "small");
    l->setWordWrap(true);
    column_->addWidget(l);
    updaters_.push_back([l, text] { l->setText(text()); });
}

QWidget* Card::row(const QString& text, QWidget* field, QWidget* more)
{
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(7);
    QLabel* l = label(text, "control");
    l->setBuddy(field);
    field->setAccessibleName(text);
    r->addWidget(l);
    r->addStretch();
    r->addWidget(field);
    if (more) r->addWidget(more);
    column_->addWidget(w);
    return w;
}

void Card::rule()
{
    auto* line = new QWidget;
    line->setFixedHeight(1);
    line->setStyleSheet("background: " + colours().line.name());
    column_->addWidget(line);
}

void Card::lookFields(std::function<art::Stroke()> get, std::function<void(const std::function<void(art::Stroke&)>&, const QString&)> set, bool ends)
{
    auto* weight = new NumberField(0.1, 1000, 2);
    weight->setFixedWidth(66);
    row(tr("Weight"), weight, label(tr("px"), "small"));
    connect(weight, &NumberField::changed, this, [set](double v) { set([v](art::Stroke& s) { s.width = v; }, "Weight"); });
    auto* colour = new Swatch;
    row(tr("Colour"), colour);
    connect(colour, &Swatch::picked, this, [set](const QColor& c) {
        set([c](art::Stroke& s) { s.colour = art::Colour{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())}; }, "Line colour");
    });
    auto* opacity = new NumberField(0, 100, 0, "%");
    opacity->setFixedWidth(66);
    row(tr("Opacity"), opacity);
    connect(opacity, &NumberField::changed, this, [set](double v) { set([v](art::Stroke& s) { s.opacity = v / 100; }, "Line opacity"); });
    const auto choice = [this](const std::vector<std::pair<QString, QString>>& options, std::function<int()> now, std::function<void(int)> take, const QString& name) {
        auto* w = new QWidget;
        auto* r = new QHBoxLayout(w);
        r->setContentsMargins(0, 0, 0, 0);
        r->setSpacing(2);
        std::vector<Pill*> pills;
        for (std::size_t i = 0; i < options.size(); ++i) {
            auto* pill = new Pill(options[i].first, options[i].first.isEmpty() ? options[i].second : QString(), {}, Pill::Kind::segment);
            pill->setToolTip(options[i].second);
            pill->setAccessibleName(options[i].second);
            pill->setCheckable(true);
            r->addWidget(pill);
            pills.push_back(pill);
            connect(pill, &QAbstractButton::clicked, this, [take, i] { take(static_cast<int>(i)); });
        }
        row(name, w);
        updaters_.push_back([pills, now] {
            for (std::size_t i = 0; i < pills.size(); ++i) pills[i]->setChecked(now() == static_cast<int>(i));
        });
    };
    if (ends)
        choice({{"end-round", tr("Round ends")}, {"end-blunt", tr("Flat ends")}}, [get] { return static_cast<int>(get().cap); },
               [set](int i) { set([i](art::Stroke& s) { s.cap = static_cast<art::Cap>(i); }, "Ends"); }, tr("Ends"));
    choice({{"", tr("Round")}, {"", tr("Sharp")}, {"", tr("Bevel")}}, [get] { return static_cast<int>(get().join); }, [set](int i) { set([i](art::Stroke& s) { s.join = static_cast<art::Join>(i); }, "Corners"); },
           tr("Corners"));
    auto* keeps = new QCheckBox(tr("Keeps its width when scaled"));
    keeps->setFont(typeface("small"));
    column_->addWidget(keeps);
    connect(keeps, &QCheckBox::clicked, this, [set](bool on) { set([on](art::Stroke& s) { s.keepsWidth = on; }, "Keep width"); });
    updaters_.push_back([=] {
        const art::Stroke s = get();
        weight->setValue(s.width);
        opacity->setValue(s.opacity * 100);
        colour->setColour(s.colour ? QColor(s.colour->r, s.colour->g, s.colour->b) : QColor());
        keeps->setChecked(s.keepsWidth);
    });
}

void Card::alignRow()
{
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(4);
    auto* centre = new Pill({}, tr("Centre on sheet"));
    r->addWidget(centre);
    r->addStretch();
    connect(centre, &QAbstractButton::clicked, this, [this] {
        const auto items = session_.selection().items;
        const art::Document d = art::alignedToSheet(art::alignedToSheet(session_.document(), items, art::Side::centre), items, art::Side::middle);
        session_.take(d, "Centre on sheet");
    });
    column_->addWidget(w);
}

// -- line ---------------------------------------------------------------------------------------------------------

void Card::slackSection()
{
    const art::Item* item = pickedLine(session_);
    const art::Id id = item->id;
    const bool drawn = item->artwork()->drawn != nullptr;
    auto* head = new QWidget;
    auto* r = new QHBoxLayout(head);
    r->setContentsMargins(0, 0, 0, 0);
    QLabel* what = label(drawn ? tr("Slack: how far it may stray") : tr("Fewer nodes: how far it may move"), "small");
    what->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    r->addWidget(what, 1);
    auto* figure = label({}, "control", false);
    r->addWidget(figure);
    column_->addWidget(head);
    auto* slider = new Slider(drawn ? 0.1 : 0, drawn ? 8 : 8, 6);
    slider->setAccessibleName(tr("Slack"));
    slider->setFixedHeight(30);
    column_->addWidget(slider);
    auto* below = new QWidget;
    auto* b = new QHBoxLayout(below);
    b->setContentsMargins(0, 0, 0, 0);
    auto* nodes = label({}, "control", false);
    auto* off = label({}, "control", false);
    b->addWidget(nodes);
    b->addStretch();
    b->addWidget(off);
    column_->addWidget(below);
    StrayLine* stray = nullptr;
    if (drawn) {
        stray = new StrayLine;
        stray->setToolTip(tr("Distance from what was drawn, along the line"));
        column_->addWidget(stray);
    }
    connect(slider, &Slider::moved, this, [this, id, drawn](double v) {
        if (drawn) {
            session_.take(art::withSlack(session_.document(), id, v), "Slack", QString("slack %1").arg(id));
            return;
        }
        const art::Item* i = session_.document().item(id);
        if (!i) return;
        if (reduce_.item != id || i->artwork()->paths != reduce_.to) reduce_ = {id, i->artwork()->paths, i->artwork()->paths, 0};
        curve::Paths fewer;
        for (const curve::Path& p : reduce_.from) {
            curve::ReduceOptions o;
            o.slack = v;
            fewer.push_back(v > 0.02 ? curve::reduce(p, o).path : p);
        }
        reduce_.to = fewer;
        reduce_.slack = v;
        session_.take(art::withPaths(session_.document(), id, fewer), "Fewer nodes", QString("reduce %1").arg(id));
    });
    connect(slider, &Slider::settled, this, [this] { session_.endBurst(); });
    updaters_.push_back([this, id, drawn, slider, figure, nodes, off, stray] {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->artwork()) return;
        const art::Artwork& a = *i->artwork();
        const std::size_t now = curve::nodeCount(a.paths);
        if (drawn && a.drawn) {
            slider->setValue(a.drawn->slack);
            figure->setText(pxText(a.drawn->slack));
            const std::vector<double> d = profile(a);
            const double worst = art::strayOf(a).value_or(0);
            nodes->setText(QString("%1 → %2 nodes").arg(a.drawn->samples.size()).arg(now));
            off->setText(tr("%1 off at most").arg(pxText(worst)));
            if (stray) stray->setProfile(d, std::max(a.drawn->slack, worst));
        } else {
            const bool mine = reduce_.item == id && a.paths == reduce_.to;
            slider->setValue(mine ? reduce_.slack : 0);
            figure->setText(mine ? pxText(reduce_.slack) : tr("none"));
            nodes->setText(mine && reduce_.slack > 0 ? QString("%1 → %2 nodes").arg(curve::nodeCount(reduce_.from)).arg(now) : QString("%1 nodes").arg(now));
            double worst = 0;
            if (mine && now < 3000)
                for (std::size_t k = 0; k < std::min(reduce_.from.size(), a.paths.size()); ++k) worst = std::max(worst, curve::furthestFrom(reduce_.from[k], a.paths[k], 2));
            off->setText(mine && reduce_.slack > 0 ? tr("largest move %1").arg(pxText(worst)) : QString());
        }
    });
}

void Card::nodeSection()
{
    rule();
    auto* text = label({}, "small");
    column_->addWidget(text);
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(6);
    auto* smooth = new Pill("smooth", tr("Smooth"));
    auto* corner = new Pill("corner", tr("Corner"));
    for (Pill* p : {smooth, corner}) {
        p->setCheckable(true);
        p->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        p->setToolTip(tr("One more click on a picked node does the same (C)"));
        r->addWidget(p);
    }
    column_->addWidget(w);
    const auto make = [this](bool toSmooth) {
        const art::Selection s = session_.selection();
        const art::Item* i = pickedLine(session_);
        if (!i) return;
        curve::Paths all = i->artwork()->paths;
        for (const art::NodeRef n : s.nodes) all[n.path] = toSmooth ? curve::smoothed(all[n.path], n.node) : curve::cornered(all[n.path], n.node);
        session_.take(art::withPaths(session_.document(), i->id, all), toSmooth ? "Make smooth" : "Make corner");
    };
    connect(smooth, &QAbstractButton::clicked, this, [make] { make(true); });
    connect(corner, &QAbstractButton::clicked, this, [make] { make(false); });
    auto* open = new Pill("open-end", tr("Open here"));
    open->setToolTip(tr("The closed line is opened at the picked node"));
    column_->addWidget(open);
    connect(open, &QAbstractButton::clicked, this, [this] {
        const art::Item* i = pickedLine(session_);
        if (!i || session_.selection().nodes.size() != 1) return;
        const art::NodeRef n = session_.selection().nodes.front();
        curve::Paths all = i->artwork()->paths;
        all[n.path] = curve::openedAt(all[n.path], n.node);
        session_.take(art::withPaths(session_.document(), i->id, all), "Open line");
    });
    updaters_.push_back([this, text, smooth, corner, open] {
        const art::Item* i = pickedLine(session_);
        const auto& nodes = session_.selection().nodes;
        if (!i || nodes.empty()) return;
        const auto kindOf = [&](art::NodeRef n) { return i->artwork()->paths[n.path].nodes[n.node].kind; };
        const bool allSmooth = std::all_of(nodes.begin(), nodes.end(), [&](art::NodeRef n) { return kindOf(n) == curve::NodeKind::smooth; });
        const bool allCorner = std::all_of(nodes.begin(), nodes.end(), [&](art::NodeRef n) { return kindOf(n) == curve::NodeKind::corner; });
        smooth->setChecked(allSmooth);
        corner->setChecked(allCorner);
        const Vec2 at = i->artwork()->paths[nodes.front().path].nodes[nodes.front().node].at;
        text->setText(nodes.size() == 1 ? tr("Picked node at %1, %2").arg(at.x, 0, 'f', 1).arg(at.y, 0, 'f', 1) : tr("%1 nodes picked").arg(nodes.size()));
        open->setVisible(nodes.size() == 1 && i->artwork()->paths[nodes.front().path].closed);
    });
}

void Card::buildLine()
{
    const art::Item* item = pickedLine(session_);
    const art::Id id = item->id;
    const bool open = openCount(*item->artwork()) > 0;
    heading(open ? "open-end" : "closed", QString::fromStdString(item->name.empty() ? "Line" : item->name),
            [this, id](const QString& name) { session_.take(art::withItemChanged(session_.document(), id, [&](art::Item& i) { i.name = name.toStdString(); }), "Rename"); });
    chips([this, id] {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->artwork()) return QString();
        const int ends = openCount(*i->artwork());
        const art::Layer* l = session_.document().layerOf(id);
        return (ends ? tr("open, %1 ends").arg(ends) : tr("closed")) + " · " + tr("on %1").arg(QString::fromStdString(l ? l->name : ""));
    });
    slackSection();
    rule();
    lookFields(
        [this, id] {
            const art::Item* i = session_.document().item(id);
            return i && i->artwork() ? i->artwork()->stroke : art::Stroke{};
        },
        [this, id](const std::function<void(art::Stroke&)>& change, const QString& name) {
            session_.take(art::withItemChanged(session_.document(), id, [&](art::Item& i) { change(std::get<art::Artwork>(i.is).stroke); }), name, name + QString::number(id));
            // The last look carries on to the next line.
            change(canvas_.look());
        },
        open);
    auto* fill = new Swatch;
    auto* none = new Pill({}, tr("None"), {}, Pill::Kind::segment);
    none->setToolTip(tr("Takes the fill away"));
    row(tr("Fill"), fill, none);
    const auto setFill = [this, id](std::optional<art::Colour> c) {
        session_.take(art::withItemChanged(session_.document(), id, [&](art::Item& i) { std::get<art::Artwork>(i.is).fill.colour = c; }), c ? "Fill" : "Remove fill");
    };
    connect(fill, &Swatch::picked, this, [setFill](const QColor& c) { setFill(art::Colour{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())}); });
    connect(none, &QAbstractButton::clicked, this, [setFill] { setFill(std::nullopt); });
    updaters_.push_back([this, id, fill] {
        const art::Item* i = session_.document().item(id);
        if (i && i->artwork()) fill->setColour(i->artwork()->fill.colour ? QColor(i->artwork()->fill.colour->r, i->artwork()->fill.colour->g, i->artwork()->fill.colour->b) : QColor());
    });
    if (!session_.selection().nodes.empty()) nodeSection();
    else alignRow();
}

void Card::buildSeveral()
{
    heading("alike", tr("Several things"));
    chips([this] { return tr("%1 picked").arg(session_.selection().items.size()); });
    lookFields(
        [this] {
            for (const art::Id id : session_.selection().items)
                if (const art::Item* i = session_.document().item(id); i && i->artwork()) return i->artwork()->stroke;
            return art::Stroke{};
        },
        [this](const std::function<void(art::Stroke&)>& change, const QString& name) {
            session_.take(art::withItemsChanged(session_.document(), session_.selection().items,
                                                [&](art::Item& i) {
                                                    if (art::Artwork* a = std::get_if<art::Artwork>(&i.is)) change(a->stroke);
                                                }),
                          name, name + " several");
            change(canvas_.look());
        },
        true);
    rule();
    alignRow();
}

// -- tool ---------------------------------------------------------------------------------------------------------

void Card::buildTool()
{
    Tool* t = canvas_.tool();
    if (!t) return;
    heading(t->icon(), t->name());
    if (t->id() == "freehand") {
        for (const auto& [name, key, most, otherwise, sag] : {std::tuple{tr("Slack"), "freehand-slack", 8.0, curve::defaultSlack, 6.0}, {tr("Steadying"), "freehand-steadying", 1.0, 0.3, 0.0}}) {
            auto* head = new QWidget;
            auto* r = new QHBoxLayout(head);
            r->setContentsMargins(0, 0, 0, 0);
            r->addWidget(label(name, "small"));
            r->addStretch();
            auto* figure = label({}, "control", false);
            r->addWidget(figure);
            column_->addWidget(head);
            auto* slider = new Slider(most > 1 ? 0.1 : 0, most, sag);
            slider->setAccessibleName(name);
            slider->setFixedHeight(30);
            column_->addWidget(slider);
            const QString setting = key;
            const bool px = most > 1;
            connect(slider, &Slider::moved, this, [this, setting](double v) {
                canvas_.setToolSetting(setting, v);
                refresh();
            });
            const double start = otherwise;
            updaters_.push_back([this, slider, figure, setting, start, px] {
                const double v = canvas_.toolSetting(setting.toUtf8().constData(), start);
                slider->setValue(v);
                figure->setText(px ? pxText(v) : QString("%1 %").arg(std::lround(v * 100)));
            });
        }
        auto* note = label(tr("Slack is in screen px here: zoom in to draw finer."), "small");
        note->setWordWrap(true);
        column_->addWidget(note);
        rule();
    }
    column_->addWidget(label(tr("The next line"), "small"));
    lookFields([this] { return canvas_.look(); }, [this](const std::function<void(art::Stroke&)>& change, const QString&) {
        change(canvas_.look());
        refresh();
    }, true);
    auto* snap = new QCheckBox(tr("Snap to nodes, ends, lines and guides"));
    snap->setFont(typeface("small"));
    snap->setToolTip(tr("Ctrl suspends it while held"));
    snap->setChecked(canvas_.snapping());
    column_->addWidget(snap);
    connect(snap, &QCheckBox::clicked, this, [this](bool on) { canvas_.setSnapping(on); });
}

// -- place --------------------------------------------------------------------------------------------------------

void Card::buildReference(art::Id id)
{
    const art::Item* item = session_.document().item(id);
    if (!item || !item->reference()) return;
    heading("reference", QString::fromStdString(item->name),
            [this, id](const QString& name) { session_.take(art::withItemChanged(session_.document(), id, [&](art::Item& i) { i.name = name.toStdString(); }), "Rename"); });
    chips([this, id] {
        const art::Item* i = session_.document().item(id);
        const art::Layer* l = session_.document().layerOf(id);
        if (!i || !i->reference() || !l) return QString();
        const art::PictureFile* f = i->reference()->picture.get();
        return tr("%1 × %2 px · %3").arg(f ? f->width : 0).arg(f ? f->height : 0).arg(l->locked ? tr("locked") : tr("free to move"));
    });
    const auto change = [this, id](const std::function<void(art::Reference&)>& act, const QString& name) {
        session_.take(withReferenceChanged(session_.document(), id, act), name, name + QString::number(id));
    };
    const auto value = [this, id]() -> art::Reference {
        const art::Item* i = session_.document().item(id);
        return i && i->reference() ? *i->reference() : art::Reference{};
    };
    auto* x = new NumberField(-1e5, 1e5, 1);
    auto* y = new NumberField(-1e5, 1e5, 1);
    for (NumberField* f : {x, y}) f->setFixedWidth(72);
    row(tr("Middle"), x, y);
    auto* size = new NumberField(0.1, 10000, 1, "%");
    auto* turn = new NumberField(-360, 360, 2, "°");
    for (NumberField* f : {size, turn}) f->setFixedWidth(84);
    row(tr("Size"), size);
    row(tr("Turn"), turn);
    connect(x, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.centre.x = v; }, "Move picture"); });
    connect(y, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.centre.y = v; }, "Move picture"); });
    connect(size, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.scale = v / 100; }, "Size picture"); });
    connect(turn, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.turn = curve::radians(v); }, "Turn picture"); });
    updaters_.push_back([=] {
        const art::Reference r = value();
        x->setValue(r.centre.x);
        y->setValue(r.centre.y);
        size->setValue(r.scale * 100);
        turn->setValue(curve::degrees(r.turn));
    });
    auto* acts = new QWidget;
    auto* a = new QHBoxLayout(acts);
    a->setContentsMargins(0, 0, 0, 0);
    a->setSpacing(6);
    auto* straighten = new Pill("straighten-reference", tr("Straighten"));
    straighten->setToolTip(tr("Finds the turn from the picture itself"));
    auto* fit = new Pill("fit", tr("Fit to sheet"));
    a->addWidget(straighten);
    a->addWidget(fit);
    a->addStretch();
    column_->addWidget(acts);
    connect(straighten, &QAbstractButton::clicked, this, [this, id] { straightenByItself(canvas_, id); });
    connect(fit, &QAbstractButton::clicked, this, [this, change] {
        const art::Sheet sheet = session_.document().sheet;
        change(
            [sheet](art::Reference& r) {
                const curve::Box part = art::shownPart(r);
                r.centre = {sheet.width / 2, sheet.height / 2};
                r.scale = std::min(sheet.width / std::max(1.0, part.width()), sheet.height / std::max(1.0, part.height()));
            },
            "Fit picture to sheet");
    });
    rule();
    const auto slider = [&](const QString& name, double least, std::function<double(const art::Reference&)> get, std::function<void(art::Reference&, double)> set) {
        auto* head = new QWidget;
        auto* r = new QHBoxLayout(head);
        r->setContentsMargins(0, 0, 0, 0);
        r->addWidget(label(name, "small"));
        r->addStretch();
        auto* figure = label({}, "control", false);
        r->addWidget(figure);
        column_->addWidget(head);
        auto* s = new Slider(least, 1, 0);
        s->setAccessibleName(name);
        column_->addWidget(s);
        connect(s, &Slider::moved, this, [change, set, name](double v) { change([set, v](art::Reference& ref) { set(ref, std::round(v * 50) / 50); }, name); });
        connect(s, &Slider::settled, this, [this] { session_.endBurst(); });
        updaters_.push_back([value, get, s, figure] {
            s->setValue(get(value()));
            figure->setText(QString("%1 %").arg(std::lround(get(value()) * 100)));
        });
    };
    slider(tr("Flatten light"), 0, [](const art::Reference& r) { return r.flattenLight; }, [](art::Reference& r, double v) { r.flattenLight = v; });
    slider(tr("Lift paper to white"), 0, [](const art::Reference& r) { return r.liftPaper; }, [](art::Reference& r, double v) { r.liftPaper = v; });
    slider(tr("Shows at"), 0.05, [](const art::Reference& r) { return r.dim; }, [](art::Reference& r, double v) { r.dim = v; });
}

void Card::buildPlace()
{
    if (const art::Item* picture = referenceInHand(session_.document(), session_.selection())) {
        buildReference(picture->id);
        rule();
    } else {
        heading("place", tr("Place"));
        auto* text = label(tr("Bring in the sketch or photo to work from. It is fitted to the sheet, dimmed and locked."), "small");
        text->setWordWrap(true);
        column_->addWidget(text);
        auto* w = new QWidget;
        auto* r = new QHBoxLayout(w);
        r->setContentsMargins(0, 0, 0, 0);
        auto* choose = new Pill({}, tr("Choose a picture"));
        auto* paste = new Pill({}, tr("Paste"));
        r->addWidget(choose);
        r->addWidget(paste);
        r->addStretch();
        column_->addWidget(w);
        connect(choose, &QAbstractButton::clicked, this, &Card::asksForPicture);
        connect(paste, &QAbstractButton::clicked, this, &Card::asksForPaste);
        rule();
    }
    column_->addWidget(label(tr("Sheet"), "small"));
    auto* presets = new QWidget;
    auto* p = new QHBoxLayout(presets);
    p->setContentsMargins(0, 0, 0, 0);
    p->setSpacing(4);
    struct Preset {
        QString name, tip;
        double w, h;
        art::Unit unit;
    };
    constexpr double mm = 96 / 25.4;
    for (const Preset& s : {Preset{tr("Square"), "1080 × 1080 px", 1080, 1080, art::Unit::px}, Preset{tr("Wide"), "1920 × 1080 px", 1920, 1080, art::Unit::px}, Preset{tr("A4"), "210 × 297 mm", 210 * mm, 297 * mm, art::Unit::mm}}) {
        auto* pill = new Pill({}, s.name);
        pill->setToolTip(s.tip);
        p->addWidget(pill);
        connect(pill, &QAbstractButton::clicked, this, [this, s] {
            art::Sheet sheet = session_.document().sheet;
            sheet.width = s.w;
            sheet.height = s.h;
            sheet.unit = s.unit;
            session_.take(art::withSheet(session_.document(), sheet), "Sheet size");
            canvas_.fitSheet();
        });
    }
    p->addStretch();
    column_->addWidget(presets);
    auto* width = new NumberField(0.01, 1e5, 2);
    auto* height = new NumberField(0.01, 1e5, 2);
    for (NumberField* f : {width, height}) f->setFixedWidth(68);
    auto* unit = new QComboBox;
    unit->addItems({"px", "mm", "in"});
    unit->setFixedWidth(58);
    unit->setAccessibleName(tr("Unit"));
    auto* w = new QWidget;
    auto* sizes = new QHBoxLayout(w);
    sizes->setContentsMargins(0, 0, 0, 0);
    sizes->setSpacing(5);
    width->setAccessibleName(tr("Sheet width"));
    height->setAccessibleName(tr("Sheet height"));
    sizes->addWidget(width);
    sizes->addWidget(label("×", "small"));
    sizes->addWidget(height);
    sizes->addWidget(unit);
    sizes->addStretch();
    column_->addWidget(w);
    const auto resize = [this](double px, bool wide) {
        art::Sheet s = session_.document().sheet;
        (wide ? s.width : s.height) = px * sheetUnit(s.unit);
        session_.take(art::withSheet(session_.document(), s), "Sheet size");
    };
    connect(width, &NumberField::changed, this, [resize](double v) { resize(v, true); });
    connect(height, &NumberField::changed, this, [resize](double v) { resize(v, false); });
    connect(unit, &QComboBox::activated, this, [this](int i) {
        art::Sheet s = session_.document().sheet;
        s.unit = static_cast<art::Unit>(i);
        session_.take(art::withSheet(session_.document(), s), "Sheet unit");
    });
    updaters_.push_back([this, width, height, unit] {
        const art::Sheet& s = session_.document().sheet;
        width->setValue(s.width / sheetUnit(s.unit));
        height->setValue(s.height / sheetUnit(s.unit));
        unit->setCurrentIndex(static_cast<int>(s.unit));
    });
}

// -- bottom row ---------------------------------------------------------------------------------------------------

void Card::updateBottom()
{
    bottomRun_ = {};
    QString text, act;
    if (!task_.isEmpty()) {
        text = taskProgress_ >= 0 ? QString("%1, %2 %").arg(task_).arg(std::lround(taskProgress_ * 100)) : task_;
        act = tr("Stop");
        bottomRun_ = taskStop_;
    } else if (context_.startsWith("reference") || (context_.startsWith("place") && context_ != "place 0")) {
        const art::Item* i = referenceInHand(session_.document(), session_.selection());
        const art::Layer* l = i ? session_.document().layerOf(i->id) : nullptr;
        if (l) {
            const art::Id layer = l->id, item = i->id;
            text = l->locked ? tr("Locked: it cannot be moved by accident.") : tr("Free to move.");
            act = l->locked ? tr("Unlock") : tr("Dim and lock");
            bottomRun_ = [this, layer, item, locked = l->locked] {
                art::Document d = session_.document();
                if (!locked)
                    d = withReferenceChanged(d, item, [](art::Reference& r) { r.dim = std::min(r.dim, 0.5); });
                d = art::withLayer(d, layer, [&](art::Layer& changed) { changed.locked = !locked; });
                art::Selection s = session_.selection();
                s.items = locked ? std::vector<art::Id>{item} : std::vector<art::Id>{};
                session_.take(d, s, locked ? "Unlock" : "Dim and lock");
                if (locked) canvas_.takeTool("place");
            };
        }
    } else if (!context_.startsWith("place")) {
        const auto ends = art::openEnds(session_.document());
        // The nearest two ends that could be meant to meet.
        double best = 1e300;
        std::pair<art::OpenEnd, art::OpenEnd> gap;
        for (std::size_t i = 0; i < ends.size() && ends.size() < 400; ++i)
            for (std::size_t k = i + 1; k < ends.size(); ++k) {
                const bool sameEnd = ends[i].item == ends[k].item && ends[i].path == ends[k].path && ends[i].atStart == ends[k].atStart;
                const double d = distance(ends[i].at, ends[k].at);
                if (!sameEnd && d < best) {
                    best = d;
                    gap = {ends[i], ends[k]};
                }
            }
        if (best <= 4 * curve::joinReach) {
            text = tr("%1 ends are open; two are %2 apart.").arg(ends.size()).arg(pxText(best));
            act = tr("Close gap");
            bottomRun_ = [this, gap] {
                session_.take(art::withEndsJoined(session_.document(), gap.first, gap.second), "Join ends");
                canvas_.say("Joined 2 ends. Ctrl+Z takes it apart.");
            };
        } else if (!ends.empty()) {
            text = ends.size() == 1 ? tr("1 end is open on this sheet") : tr("%1 ends are open on this sheet").arg(ends.size());
            act = tr("Show next");
            bottomRun_ = [this, ends] { emit asksToShow(ends[nextEnd_++ % ends.size()].at); };
        }
    }
    bottom_->setVisible(!act.isEmpty());
    bottomText_->setText(text);
    if (bottomAct_->text() != act) {
        bottomAct_->setText(act);
        bottomAct_->setAccessibleName(act);
        bottomAct_->updateGeometry();
    }
    update();
}

void Card::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    p.setPen(QPen(colours().line, 1));
    p.setBrush(colours().card);
    p.drawRoundedRect(r, 8, 8);
    if (!bottom_->isVisible()) return;
    QPainterPath shape;
    shape.addRoundedRect(r, 8, 8);
    p.setClipPath(shape);
    const QRectF row(0, bottom_->geometry().top(), width(), height() - bottom_->geometry().top());
    p.fillRect(row, colours().cardInset);
    if (!task_.isEmpty()) p.fillRect(QRectF(row.left(), row.top(), row.width() * std::clamp(taskProgress_, 0.02, 1.0), 3), colours().teal);
}

} // namespace softrope::app
