// Text: words typed on the sheet, straight, on an arc round a centre, or on a line.
#include "app/tools/colour/ink_hand.h"
#include "app/tools/colour/typed_words.h"
#include "app/tools/desk.h"
#include "art/edits.h"
#include "art/lettering.h"
#include "art/tree.h"
#include "letter/faces.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QInputMethod>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

using art::Lettering;
using curve::Vec2;
using Way = Lettering::Way;

class TextTool : public Tool {
public:
    explicit TextTool(Bench& b)
        : Tool(b, "text", tr("Text"), "text", "H",
               tr("<b>Text</b>: click and type. On an arc: drag from its centre to where the words stand. On a line: click it. Click words to change them."))
    {
    }

    bool typing() const override { return typing_; }
    QCursor cursor() const override { return {Qt::IBeamCursor}; }
    bool marksPicked() const override { return !typing_; }

    void press(const Pointer& p) override
    {
        now_ = start_ = p;
        act_ = Act::none;
        if (beadAt(p.sheet)) {
            act_ = Act::bead;
            return;
        }
        if (const auto hit = wordsAt(p.sheet)) {
            begin(hit->item);
            words_.put(hit->at, p.shift() && typing_);
            act_ = Act::mark;
            return;
        }
        end();
        const Way way = wayInHand();
        pending_ = {};
        pending_.way = way;
        if (way == Way::along) {
            placeOnLine(p.sheet);
        } else if (way == Way::arc) {
            act_ = Act::arc;
            pending_.place = curve::translation(bench_.snap(p).point);
        } else {
            pending_.place = curve::translation(bench_.snap(p).point);
            beginNew();
        }
    }
    void drag(const Pointer& p) override
    {
        now_ = p;
        if (act_ == Act::mark) {
            if (const auto at = placeIn(current(), p.sheet)) words_.put(*at, true);
        } else if (act_ == Act::bead) {
            showBeadMoved();
        }
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        now_ = p;
        const Act act = act_;
        act_ = Act::none;
        if (act == Act::arc) {
            const Vec2 centre{pending_.place.e, pending_.place.f};
            if (distance(centre, p.sheet) < bench_.px(6)) {
                bench_.say(tr("Drag from the centre of the arc to where the words are to stand."));
                return;
            }
            pending_ = arcTo(pending_, p);
            beginNew();
        } else if (act == Act::bead) {
            bench_.release();
            const Lettering moved = beadMoved();
            change([&](Lettering& l) { l = moved; }, tr("Move words"), {});
        }
    }
    void hover(const Pointer& p) override
    {
        now_ = p;
        bench_.update();
    }
    void doubleClick(const Pointer& p) override
    {
        if (const auto hit = wordsAt(p.sheet)) {
            begin(hit->item);
            words_.markWord(current().words, hit->at);
        }
    }
    bool key(const QKeyEvent& e) override
    {
        if (!typing_) return false;
        const std::string words = current().words;
        const bool control = e.modifiers().testFlag(Qt::ControlModifier);
        if (e.key() == Qt::Key_Escape) {
            end();
            return true;
        }
        if (e.key() == Qt::Key_Backspace || e.key() == Qt::Key_Delete) {
            const std::string left = words_.erased(words, e.key() == Qt::Key_Delete, control);
            if (left != words) write(left, Kind::erase);
            return true;
        }
        if (control && e.key() == Qt::Key_A) {
            words_.markAll(words);
            return true;
        }
        if (control && (e.key() == Qt::Key_C || e.key() == Qt::Key_X)) {
            if (!words_.marks()) return true;
            const auto [from, to] = words_.marked();
            QGuiApplication::clipboard()->setText(QString::fromStdString(words.substr(from, to - from)));
            if (e.key() == Qt::Key_X) write(words_.typed(words, {}), Kind::apart);
            return true;
        }
        if (control && e.key() == Qt::Key_V) {
            paste();
            return true;
        }
        if (const auto laid = art::layoutOf(current(), lineNow()); laid && words_.move(e, words, *laid)) {
            kind_ = Kind::apart;
            return true;
        }
        if (e.key() == Qt::Key_Return || e.key() == Qt::Key_Enter) {
            write(words_.typed(words, "\n"), Kind::space);
            return true;
        }
        const QString text = e.text();
        if (control || text.isEmpty() || !text.front().isPrint()) return false;
        write(words_.typed(words, text.toStdString()), text.front().isSpace() ? Kind::space : Kind::letter);
        return true;
    }
    void compose(const QString& settled, const QString& underWay) override
    {
        bench_.release();
        if (!settled.isEmpty()) write(words_.typed(current().words, settled.toStdString()), Kind::letter);
        underWay_ = underWay;
        if (underWay.isEmpty()) return;
        // Seen where it will stand, and not in the document yet.
        TypedWords there = words_;
        Lettering l = current();
        l.words = there.typed(l.words, underWay.toStdString());
        show(l);
    }
    std::optional<std::pair<Vec2, Vec2>> caret() const override
    {
        const Lettering l = current();
        const auto laid = typing_ ? art::layoutOf(l, lineNow()) : std::nullopt;
        if (!laid) return std::nullopt;
        const letter::Stop* s = letter::stopOf(*laid, words_.caret);
        if (!s) return std::nullopt;
        const letter::Rail rail = art::railOf(l, lineNow());
        const curve::Affine m = rail.at({s->x, laid->lines[s->line].baseline});
        return std::pair{m * Vec2{0, -laid->ascent}, m * Vec2{0, laid->descent}};
    }
    bool escape() override
    {
        const bool had = typing_ || act_ != Act::none;
        end();
        return had;
    }
    void drop() override
    {
        act_ = Act::none;
        bench_.release();
    }
    void leave() override { end(); }
    void taken() override
    {
        // Words that are picked are taken up.
        const auto& picked = bench_.selection().items;
        if (picked.size() == 1 && letteringOf(picked.front())) {
            begin(picked.front());
            words_.markAll(current().words);
        }
    }
    void changed() override
    {
        if (item_ && !letteringOf(item_)) { // undone, or let go
            item_ = 0;
            pending_.words.clear();
            if (!typing_) return;
            typing_ = pendingPlaced_;
        }
        words_.keepWithin(current().words);
    }

    void paint(Marks& m) override
    {
        if (act_ == Act::arc) {
            const Vec2 centre{pending_.place.e, pending_.place.f};
            const double r = distance(centre, now_.sheet);
            m.line({curve::circle(centre, r)}, marks().geometry, 1, Qt::DashLine);
            m.segment(centre, now_.sheet, marks().selection, 1);
            m.dot(now_.sheet, marks().selection, 5);
            m.chip(now_.sheet, tr("radius %1 px").arg(std::lround(r)));
            return;
        }
        if (!typing_ && act_ == Act::none && wayInHand() == Way::along)
            if (const auto line = lineAt(now_.sheet)) m.line({*line->path}, marks().geometry, 2);
        const auto shown = inHand();
        if (!shown) return;
        const Lettering l = act_ == Act::bead ? beadMoved() : *shown;
        const curve::Path& line = lineNow();
        paintRail(m, l, line);
        if (!typing_ || act_ == Act::bead) return;
        const auto laid = art::layoutOf(l, line);
        if (!laid) return;
        paintMarked(m, *laid, art::railOf(l, line));
        if (const auto c = caret()) {
            m.segment(c->first, c->second, marks().halo, 4);
            m.segment(c->first, c->second, marks().selection, 2);
        }
    }

private:
    enum class Act { none, mark, arc, bead } act_ = Act::none;
    enum class Kind { letter, space, erase, apart }; // what was typed last: a step is a word
    Pointer start_, now_;
    bool typing_ = false, pendingPlaced_ = false;
    art::Id item_ = 0;  // the words being typed, once there are any
    Lettering pending_; // where words will stand that are not there yet
    TypedWords words_;
    Kind kind_ = Kind::apart;
    QString underWay_;
    int word_ = 0;

    const Lettering* letteringOf(art::Id id) const
    {
        const art::Item* i = bench_.document().item(id);
        return i && i->artwork() ? i->artwork()->lettering() : nullptr;
    }
    Way wayInHand() const { return static_cast<Way>(bench_.setting(settings::wordsWay)); }
    Lettering current() const
    {
        if (const Lettering* l = item_ ? letteringOf(item_) : nullptr) return *l;
        Lettering l = pending_;
        l.type = bench_.session().nextType;
        if (l.way != Way::straight) l.type.align = letter::Align::centre;
        return l;
    }
    // The words that are typed, or the picked ones.
    std::optional<Lettering> inHand() const
    {
        if (typing_) return current();
        const auto& picked = bench_.selection().items;
        const Lettering* l = picked.size() == 1 ? letteringOf(picked.front()) : nullptr;
        return l ? std::optional(*l) : std::nullopt;
    }
    const curve::Path& lineNow() const
    {
        const art::Id id = typing_ ? item_ : bench_.selection().items.size() == 1 ? bench_.selection().items.front() : 0;
        const Lettering* l = id ? letteringOf(id) : nullptr;
        return art::lineOf(bench_.document(), l ? *l : pending_);
    }

    void begin(art::Id item)
    {
        if (refused(bench_, item)) return;
        item_ = item;
        pending_ = *letteringOf(item);
        pending_.words.clear();
        pendingPlaced_ = false;
        if (bench_.selection().items != std::vector<art::Id>{item}) bench_.session().pickItems({item});
        typing_ = true;
        kind_ = Kind::apart;
    }
    void beginNew()
    {
        if (!layerForWork(bench_)) return;
        bench_.session().pickItems({});
        item_ = 0;
        pendingPlaced_ = true;
        words_ = {};
        typing_ = true;
        kind_ = Kind::apart;
        std::string& family = bench_.session().nextType.family;
        if (const letter::Family* first = letter::family({}); first && (family.empty() || !letter::family(family))) family = first->name;
    }
    void end()
    {
        if (!underWay_.isEmpty()) QGuiApplication::inputMethod()->reset();
        underWay_.clear();
        bench_.release();
        if (typing_) bench_.session().endBurst();
        act_ = Act::none;
        typing_ = pendingPlaced_ = false;
        item_ = 0;
        bench_.update();
    }

    void paste()
    {
        QString text = QGuiApplication::clipboard()->text();
        text.replace("\r\n", "\n").replace('\r', '\n').replace('\t', ' ');
        text.removeIf([](QChar c) { return c != '\n' && c.category() == QChar::Other_Control; });
        constexpr int most = 20000;
        if (text.size() > most) {
            text.truncate(most);
            bench_.say(tr("Only the first %1 characters were put in.").arg(most));
        }
        if (!text.isEmpty()) write(words_.typed(current().words, text.toStdString()), Kind::apart);
    }

    // The words as they are now, one step a word.
    void write(const std::string& words, Kind kind)
    {
        const bool goesOn = kind == kind_ || (kind == Kind::space && kind_ == Kind::letter);
        if (!goesOn || kind == Kind::apart) ++word_;
        kind_ = kind;
        change([&](Lettering& l) { l.words = words; }, tr("Type"), QString("type-%1").arg(word_));
    }
    void change(const std::function<void(Lettering&)>& act, const QString& name, const QString& burst)
    {
        Session& s = bench_.session();
        const art::Id item = item_ ? item_ : !typing_ && s.selection().items.size() == 1 ? s.selection().items.front() : 0;
        if (item) {
            Lettering next = *letteringOf(item);
            act(next);
            if (next.words.empty()) { // the place stays, for other words
                pending_ = next;
                item_ = 0;
                pendingPlaced_ = true;
                s.take(art::withoutItems(s.document(), {item}), name, burst);
                return;
            }
            const art::Edited e = art::withLetteringChanged(s.document(), {item}, act);
            if (e.done())
                s.take(e, name, burst);
            else
                bench_.say(refusalText(e.why));
            words_.keepWithin(current().words);
            return;
        }
        Lettering l = current();
        act(l);
        if (l.words.empty()) return;
        const art::Id layer = layerForWork(bench_);
        if (!layer) return;
        const art::Added made = art::withLettering(s.document(), layer, l, nextFill());
        if (!made.id) {
            bench_.say(refusalText(made.why));
            return;
        }
        item_ = made.id;
        art::Selection picked = s.selection();
        picked.items = {made.id};
        picked.nodes.clear();
        s.take(made.document, picked, name, burst);
        sayMissing(l);
    }
    art::Fill nextFill()
    {
        art::Fill fill;
        const art::Paint paint = fillInHand(bench_).value_or(paintInHand(bench_));
        fill.colour = paint.colour.value_or(bench_.look().colour.value_or(art::Colour{0, 0, 0}));
        fill.ink = paint.ink;
        return fill;
    }
    void sayMissing(const Lettering& l)
    {
        const auto laid = art::layoutOf(l, lineNow());
        if (laid && !laid->missing.empty()) bench_.say(tr("No typeface on this machine has some of these characters."));
    }
    void show(const Lettering& l)
    {
        const art::Item* i = bench_.document().item(item_);
        const auto paths = art::letteringPaths(l, lineNow());
        if (!paths) return;
        art::Item preview;
        if (i) {
            preview = *i;
        } else { // the first word, not in the document yet
            art::Artwork a;
            a.fill = nextFill();
            a.stroke.colour.reset();
            preview.id = bench_.document().nextId;
            preview.is = std::move(a);
        }
        std::get<art::Artwork>(preview.is).setPaths(*paths);
        bench_.hold({art::shared(std::move(preview))});
    }

    // -- places -----------------------------------------------------------------------------------------------------------------------

    struct Hit {
        art::Id item;
        std::size_t at;
    };
    // The place in the words nearest to a point that lies on their lines, or as far as the pointer was dragged.
    std::optional<std::size_t> placeIn(const Lettering& l, Vec2 p, bool onLines = false) const
    {
        const curve::Path& line = art::lineOf(bench_.document(), l);
        const auto laid = art::layoutOf(l, line);
        if (!laid) return std::nullopt;
        const letter::Rail rail = art::railOf(l, line);
        std::optional<std::size_t> best;
        double least = onLines ? 0.5 * laid->size : 1e300;
        for (const letter::Line& one : laid->lines) {
            const double x = rail.nearest(p, one.baseline, one.left, one.left + one.width);
            const auto back = curve::inverse(rail.at({x, one.baseline}));
            if (!back) continue;
            const Vec2 off = *back * p;
            const double above = std::max({0.0, -off.y - laid->ascent, off.y - laid->descent}), beside = std::abs(off.x);
            if (onLines && above > 0) continue;
            // Between two lines the nearer baseline's middle decides.
            const double away = beside + above + 0.01 * std::abs(off.y + 0.3 * laid->size);
            if (away >= least) continue;
            least = away;
            best = letter::stopAt(*laid, {x + off.x, one.baseline - 0.3 * laid->size});
        }
        return best;
    }
    std::optional<Hit> wordsAt(Vec2 p) const
    {
        if (typing_ && item_)
            if (const auto at = placeIn(current(), p, true)) return Hit{item_, *at};
        std::optional<Hit> out;
        art::eachArtwork(bench_.document(), {false, true, false, true}, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
            if (!a.lettering()) return;
            const curve::Box b = curve::bounds(a.paths);
            const double reach = a.lettering()->type.size;
            if (b.empty() || p.x < b.min.x - reach || p.y < b.min.y - reach || p.x > b.max.x + reach || p.y > b.max.y + reach) return;
            if (const auto at = placeIn(*a.lettering(), p, true)) out = Hit{i.id, *at}; // the topmost last
        });
        return out;
    }

    struct Found {
        art::Id item;
        std::size_t outline;
        const curve::Path* path;
        double along; // share of its length
    };
    std::optional<Found> lineAt(Vec2 p) const
    {
        std::optional<Found> out;
        double least = bench_.px(8);
        art::eachArtwork(bench_.document(), {false, true, false, true}, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
            if (a.lettering()) return;
            for (std::size_t k = 0; k < a.paths.size(); ++k) {
                const auto near = curve::nearest(a.paths->at(k), p);
                if (!near || near->distance > least) continue;
                least = near->distance;
                const curve::Measured m(a.paths->at(k));
                out = Found{i.id, k, &a.paths->at(k), m.length() > 0 ? m.along(*near) / m.length() : 0};
            }
        });
        return out;
    }
    void placeOnLine(Vec2 p)
    {
        const auto line = lineAt(p);
        if (!line) {
            bench_.say(tr("Click the line that the words are to stand on."));
            return;
        }
        pending_.line = line->item;
        pending_.outline = line->outline;
        pending_.was = *line->path;
        pending_.start = line->along;
        // Heads up, where the line runs the other way.
        const curve::Measured m(*line->path);
        pending_.over = !line->path->closed && m.at(line->along * m.length()).tangent.x < 0;
        beginNew();
    }
    // By steps of 15 degrees with Shift; up, down and level are caught from near, unless Ctrl lets it go.
    static double angleTo(Vec2 v, const Pointer& p)
    {
        const double angle = curve::angleOf(v), step = curve::radians(15), quarter = curve::pi / 2;
        if (p.shift()) return std::round(angle / step) * step;
        const double level = std::round(angle / quarter) * quarter;
        return !p.control() && std::abs(angle - level) < curve::radians(2.5) ? level : angle;
    }
    Lettering arcTo(Lettering l, const Pointer& p) const
    {
        const Vec2 centre{l.place.e, l.place.f}, v = bench_.snap(p).point - centre;
        l.radius = std::max(1.0, std::round(length(v) * 10) / 10);
        l.angle = angleTo(v, p);
        l.over = bench_.setting(settings::wordsInside);
        return l;
    }

    // -- the bead: where on an arc or a line the words are aligned ------------------------------------------------------------------------

    std::optional<Vec2> bead() const
    {
        const auto l = inHand();
        if (!l || l->way == Way::straight) return std::nullopt;
        const curve::Affine m = art::railOf(*l, lineNow()).at({});
        return Vec2{m.e, m.f};
    }
    bool beadAt(Vec2 p) const
    {
        const auto b = bead();
        return b && distance(*b, p) < bench_.px(9);
    }
    Lettering beadMoved() const
    {
        Lettering l = *inHand();
        if (l.way == Way::arc) {
            const auto back = curve::inverse(l.place);
            if (!back) return l;
            const Vec2 v = *back * now_.sheet;
            l.radius = std::max(1.0, std::round((length(v) + (l.over ? l.shift : -l.shift)) * 10) / 10);
            l.angle = angleTo(v, now_);
        } else if (const auto near = curve::nearest(lineNow(), now_.sheet)) {
            const curve::Measured m(lineNow());
            if (m.length() > 0) l.start = m.along(*near) / m.length();
        }
        return l;
    }
    void showBeadMoved()
    {
        const Lettering l = beadMoved();
        const art::Id was = item_;
        if (!item_ && bench_.selection().items.size() == 1) item_ = bench_.selection().items.front();
        show(l);
        item_ = was;
    }

    // -- painted --------------------------------------------------------------------------------------------------------------------------

    void paintRail(Marks& m, const Lettering& l, const curve::Path& line)
    {
        const letter::Rail rail = art::railOf(l, line);
        if (l.way == Way::along) {
            m.line({line}, marks().geometry, 1);
        } else if (l.way == Way::arc) {
            curve::Path ring = curve::circle({}, l.radius + (l.over ? -l.shift : l.shift));
            m.line({curve::transformed(ring, l.place)}, marks().geometry, 1, Qt::DashLine);
            m.dot({l.place.e, l.place.f}, marks().geometry, 3);
        } else if (typing_) {
            const auto laid = art::layoutOf(l, line);
            if (!laid) return;
            for (const letter::Line& one : laid->lines)
                m.segment((rail.at({one.left, one.baseline}) * Vec2{}), (rail.at({one.left + std::max(one.width, laid->size), one.baseline}) * Vec2{}),
                          marks().geometry, 1);
        }
        if (const auto b = l.way == Way::straight ? std::nullopt : std::optional(rail.at({}) * Vec2{})) {
            m.dot(*b, marks().halo, 6);
            m.ring(*b, marks().selection, 6);
            if (act_ == Act::bead)
                m.chip(*b, l.way == Way::arc ? tr("radius %1 px").arg(l.radius, 0, 'f', 1) : tr("%1 % along").arg(std::lround(100 * l.start)));
        }
    }
    void paintMarked(Marks& m, const letter::Layout& laid, const letter::Rail& rail)
    {
        if (!words_.marks()) return;
        const auto [from, to] = words_.marked();
        QPainterPath area;
        for (const letter::Letter& one : laid.letters) {
            if (one.to <= from || one.from >= to) continue;
            const curve::Affine at = rail.at({one.pen + one.advance / 2, laid.lines[one.line].baseline});
            const double half = one.advance / 2;
            QPolygonF quad;
            for (const Vec2 corner : {Vec2{-half, -laid.ascent}, Vec2{half, -laid.ascent}, Vec2{half, laid.descent}, Vec2{-half, laid.descent}})
                quad << m.at(at * corner);
            area.addPolygon(quad);
        }
        QColor wash = marks().selection;
        wash.setAlphaF(0.25F);
        m.painter().setPen(Qt::NoPen);
        m.painter().setBrush(wash);
        m.painter().drawPath(area);
        m.painter().setBrush(Qt::NoBrush);
    }
};

} // namespace

std::unique_ptr<Tool> makeText(Desk& desk)
{
    return std::make_unique<TextTool>(desk.bench);
}

} // namespace softrope::app
