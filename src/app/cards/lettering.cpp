// Words: how those in hand are set and where they stand; with nothing picked, how the next ones will be.
#include "art/lettering.h"
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/widgets/typeface_list.h"
#include "art/edits.h"
#include "letter/faces.h"

#include <QComboBox>
#include <QFontDatabase>

#include <cmath>

namespace softrope::app {

namespace {

using art::Lettering;
using Way = Lettering::Way;

constexpr double unitPx[] = {1, 96.0 / 72, 96 / 25.4}; // letter::SizeUnit

// Qt shows the list's names; the program's own faces are told to it once.
void knowShippedFaces()
{
    static bool known = false;
    if (known) return;
    known = true;
    for (const letter::Family& f : letter::families())
        for (const letter::Listed& face : f.faces)
            if (face.ships) QFontDatabase::addApplicationFont(QString::fromStdString(face.place.file));
}

QStringList allFamilies()
{
    QStringList out;
    for (const letter::Family& f : letter::families()) out << QString::fromStdString(f.name);
    return out;
}

QStringList usedFamilies(const art::Document& d)
{
    QStringList out;
    for (const art::Item* i : art::letterings(d)) {
        const QString name = QString::fromStdString(i->artwork()->lettering()->type.family);
        if (!name.isEmpty() && !out.contains(name)) out << name;
    }
    return out;
}

class LetteringPage : public CardPage {
public:
    explicit LetteringPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.holds("text") || (c.picked == Context::Picked::line && !c.nodes && lettering(c.item)); }
    Key key(const Context& c) const override
    {
        const Lettering l = now(c.item);
        return {qulonglong(lettering(c.item) ? c.item : 0), int(l.way), QString::fromStdString(l.type.family), l.type.italic, art::hasTypeface(l)};
    }
    void build(Fields& f, const Context& c) override
    {
        const art::Id id = lettering(c.item) ? c.item : 0;
        f.heading("text", tr("Text"));
        f.chips([this, id] { return id ? nameOf(id) : tr("How the next words are set"); });
        const bool here = art::hasTypeface(now(id));
        if (!here) f.note(refusalText(art::Refusal::noTypeface));
        typefaceRows(f, id);
        if (here) {
            settingRows(f, id);
        }
        if (!id) return;
        f.rule();
        f.buttonRow({{{}, tr("To shapes"), tr("One united shape of all letters"), "letters-united"},
                     {{}, tr("Letters apart"), tr("A shape for each letter, in a group"), "letters-apart"}});
        f.rule();
        lookFields(
            f, [this, id] { return session_.document().item(id) ? session_.document().item(id)->artwork()->stroke : art::Stroke{}; },
            [this, id](const std::function<void(art::Stroke&)>& act, const QString& name) {
                session_.take(art::withItemChanged(session_.document(), id, [&](art::Item& i) { act(std::get<art::Artwork>(i.is).stroke); }), name,
                              name + QString::number(id));
            },
            false);
        effectFields(f);
        f.rule();
        alignRow(f);
    }

private:
    const Lettering* lettering(art::Id id) const
    {
        const art::Item* i = id ? session_.document().item(id) : nullptr;
        return i && i->artwork() ? i->artwork()->lettering() : nullptr;
    }
    QString nameOf(art::Id id) const { return lettering(id) ? QString::fromStdString(session_.document().item(id)->name) : QString(); }
    Lettering now(art::Id id) const
    {
        if (const Lettering* l = lettering(id)) return *l;
        Lettering next;
        next.type = session_.nextType;
        next.way = static_cast<Way>(canvas_.setting(settings::wordsWay));
        next.over = canvas_.setting(settings::wordsInside);
        return next;
    }
    void change(art::Id id, const std::function<void(Lettering&)>& act, const QString& name, const QString& burst = {})
    {
        Lettering next = now(id);
        act(next);
        next.type = letter::bounded(next.type);
        // What is set now is what comes next, but for the lines' alignment on arcs.
        letter::Type type = next.type;
        if (next.way != Way::straight) type.align = session_.nextType.align;
        session_.nextType = type;
        keepType(type);
        if (!id) {
            canvas_.setSetting(settings::wordsWay, static_cast<int>(next.way));
            canvas_.setSetting(settings::wordsInside, next.over);
            canvas_.update();
            at_.rebuild();
            return;
        }
        const art::Edited e = art::withLetteringChanged(session_.document(), {id}, act);
        if (e.done())
            session_.take(e.document, name, burst);
        else
            canvas_.say(refusalText(e.why));
    }
    void number(Fields& f, art::Id id, const QString& name, const NumberRange& range, const std::function<double(const Lettering&)>& get,
                const std::function<void(Lettering&, double)>& set)
    {
        f.number(
            name, range, [this, id, get] { return get(now(id)); },
            [this, id, set, name](double v) {
                change(
                    id, [&](Lettering& l) { set(l, v); }, name, name + QString::number(id));
            });
    }
    void flag(Fields& f, art::Id id, const QString& name, const QString& tip, bool letter::Type::*which)
    {
        f.tickBox(
            name, tip, [this, id, which] { return now(id).type.*which; },
            [this, id, which, name](bool on) {
                change(
                    id, [&](Lettering& l) { l.type.*which = on; }, name);
            });
    }

    void typefaceRows(Fields& f, art::Id id)
    {
        auto* face = new TypefaceButton;
        face->setFixedWidth(158);
        face->setFamilies([this] { return usedFamilies(session_.document()); },
                          [] {
                              knowShippedFaces();
                              return allFamilies();
                          });
        f.row(tr("Typeface"), face);
        QObject::connect(face, &TypefaceButton::pointedAt, [this, id](const QString& family) {
            if (family.isEmpty() || !id) {
                canvas_.showInstead(std::nullopt);
                return;
            }
            canvas_.showInstead(art::withLetteringChanged(session_.document(), {id}, [&](Lettering& l) { l.type.family = family.toStdString(); }).document);
        });
        QObject::connect(face, &TypefaceButton::chosen, [this, id](const QString& family) {
            change(
                id, [&](Lettering& l) { l.type.family = family.toStdString(); }, tr("Typeface"));
        });
        f.follow([this, id, face] {
            const Lettering l = now(id);
            const letter::Family* family = letter::family(l.type.family);
            face->setFamily(QString::fromStdString(family ? family->name : l.type.family), family != nullptr);
        });
        const letter::Family* family = letter::family(now(id).type.family);
        if (!family) return;
        bool variable = false;
        for (const letter::Listed& one : family->faces) variable = variable || one.variable;
        if (variable) {
            const letter::Listed& axes = family->faces.front();
            if (axes.lightest < axes.heaviest)
                number(
                    f, id, tr("Thickness"), {axes.lightest, axes.heaviest, 0, {}}, [](const Lettering& l) { return l.type.weight; },
                    [](Lettering& l, double v) { l.type.weight = v; });
            if (axes.narrowest < axes.widest)
                number(
                    f, id, tr("Breadth"), {axes.narrowest, axes.widest, 0, "%"}, [](const Lettering& l) { return l.type.width; },
                    [](Lettering& l, double v) { l.type.width = v; });
            return;
        }
        auto* style = new QComboBox;
        style->setFixedWidth(158);
        for (const letter::Listed& one : family->faces) style->addItem(QString::fromStdString(one.style));
        f.row(tr("Style"), style);
        QObject::connect(style, &QComboBox::activated, [this, id](int k) {
            change(
                id,
                [k](Lettering& l) {
                    const letter::Family* its = letter::family(l.type.family);
                    if (!its || k >= static_cast<int>(its->faces.size())) return;
                    const letter::Listed& one = its->faces[static_cast<std::size_t>(k)];
                    l.type.weight = one.weight;
                    l.type.width = one.width;
                    l.type.italic = one.italic;
                },
                tr("Style"));
        });
        f.follow([this, id, style] {
            const auto which = letter::listedOf(now(id).type);
            if (which) style->setCurrentIndex(static_cast<int>(*which));
        });
    }

    void settingRows(Fields& f, art::Id id)
    {
        auto* size = new NumberField(0.1, 20000, 2);
        size->setFixedWidth(76);
        auto* unit = new QComboBox;
        unit->setFixedWidth(58);
        unit->addItems({tr("px"), tr("pt"), tr("mm")});
        unit->setAccessibleName(tr("Unit of the size"));
        f.row(tr("Size"), size, unit);
        QObject::connect(size, &NumberField::changed, [this, id](double v) {
            change(
                id, [v](Lettering& l) { l.type.size = v * unitPx[static_cast<int>(l.type.unit)]; }, tr("Size"), "words-size" + QString::number(id));
        });
        QObject::connect(unit, &QComboBox::activated, [this, id](int k) {
            change(
                id, [k](Lettering& l) { l.type.unit = static_cast<letter::SizeUnit>(k); }, tr("Unit"));
        });
        f.follow([this, id, size, unit] {
            const letter::Type t = now(id).type;
            size->setValue(t.size / unitPx[static_cast<int>(t.unit)]);
            unit->setCurrentIndex(static_cast<int>(t.unit));
        });
        if (id && now(id).way == Way::straight)
            number(
                f, id, tr("Wide as seen"), {0.5, 1e6, 1, tr("px")},
                [this, id](const Lettering&) {
                    const curve::Box b = curve::bounds(session_.document().item(id)->artwork()->paths);
                    return b.empty() ? 0 : b.width();
                },
                [](Lettering& l, double v) {
                    if (const auto to = art::sizeForWidth(l, v)) l.type.size = *to;
                });
        number(
            f, id, tr("Tracking"), {-500, 5000, 0, {}}, [](const Lettering& l) { return l.type.tracking; },
            [](Lettering& l, double v) { l.type.tracking = v; });
        number(
            f, id, tr("Leading"), {0.1, 10, 2, {}}, [](const Lettering& l) { return l.type.leading; }, [](Lettering& l, double v) { l.type.leading = v; });
        f.segments(
            tr("Alignment"),
            {{tr("Left"), tr("Lines begin where they were put")},
             {tr("Centre"), tr("Lines have their middle where they were put")},
             {tr("Right"), tr("Lines end where they were put")}},
            [this, id] { return static_cast<int>(now(id).type.align); },
            [this, id](int k) {
                if (id && now(id).way == Way::straight)
                    keepInPlace(id, static_cast<letter::Align>(k));
                else
                    change(
                        id, [k](Lettering& l) { l.type.align = static_cast<letter::Align>(k); }, tr("Alignment"));
            });
        wayRows(f, id);
        f.rule();
        flag(f, id, tr("Centred by what is seen"), tr("By the ink of a line, not by the room of its letters"), &letter::Type::byInk);
        flag(f, id, tr("Kerning"), tr("Pairs of letters stand as near as the typeface asks"), &letter::Type::kerning);
        flag(f, id, tr("Ligatures"), tr("Letters that run into one another become one"), &letter::Type::ligatures);
        const auto face = letter::faceOf(now(id).type);
        if (face && face->offers("smcp")) flag(f, id, tr("Small capitals"), tr("For the small letters"), &letter::Type::smallCaps);
        if (face && face->offers("onum")) flag(f, id, tr("Old-style figures"), tr("Figures with heights like small letters"), &letter::Type::oldFigures);
    }
    // Lines that are aligned otherwise stay where they are seen.
    void keepInPlace(art::Id id, letter::Align align)
    {
        change(
            id,
            [&](Lettering& l) {
                const auto before = art::letteringPaths(l, {});
                l.type.align = align;
                const auto after = art::letteringPaths(l, {});
                if (!before || !after || before->empty()) return;
                const double by = curve::bounds(*before).centre().x - curve::bounds(*after).centre().x;
                const double down = curve::bounds(*before).centre().y - curve::bounds(*after).centre().y;
                l.place = curve::translation({by, down}) * l.place;
            },
            tr("Alignment"));
    }

    void wayRows(Fields& f, art::Id id)
    {
        // Words go onto a line by clicking it.
        const bool line = !id || now(id).way == Way::along;
        std::vector<Option> ways{{tr("Straight"), tr("On a straight baseline")}, {tr("Arc"), tr("Round a centre")}};
        if (line) ways.push_back({tr("On a line"), tr("On a line or a shape's outline, which they follow")});
        f.segments(
            tr("Words stand"), ways, [this, id] { return static_cast<int>(now(id).way); },
            [this, id](int k) {
                change(
                    id,
                    [k, id](Lettering& l) {
                        const Way way = static_cast<Way>(k);
                        if (!id || l.way == way || way == Way::along) {
                            l.way = way;
                            return;
                        }
                        // Where they stood, as near as may be: the arc's top, or the middle of the words on their line.
                        const curve::Affine at = art::railOf(l, l.was).at({});
                        if (way == Way::arc) {
                            l.radius = std::max(l.radius, 1.5 * l.type.size);
                            l.angle = -curve::pi / 2;
                            l.over = false;
                            l.place = at * curve::translation({0, l.radius});
                            l.type.align = letter::Align::centre;
                        } else {
                            l.place = at;
                            l.shift = 0;
                            l.spread = 0;
                        }
                        l.way = way;
                    },
                    tr("Words stand"));
            });
        const Way way = now(id).way;
        if (way == Way::straight) return;
        const bool arc = way == Way::arc;
        f.tickBox(
            arc ? tr("Inside the arc") : tr("On the other side"),
            arc ? tr("Heads towards the centre, as at the foot of a badge") : tr("The words run back along the line"), [this, id] { return now(id).over; },
            [this, id](bool on) {
                change(
                    id, [on](Lettering& l) { l.over = on; }, tr("Other side"));
            });
        if (!id) return;
        if (arc) {
            number(
                f, id, tr("Radius"), {1, 1e6, 1, tr("px")}, [](const Lettering& l) { return l.radius; }, [](Lettering& l, double v) { l.radius = v; });
            number(
                f, id, tr("Middle at"), {-360, 360, 1, "°"},
                [](const Lettering& l) { return std::round(std::remainder(-curve::degrees(l.angle), 360) * 10) / 10; },
                [](Lettering& l, double v) { l.angle = -curve::radians(v); });
            number(
                f, id, tr("Spread over"), {0, 360, 1, "°"}, [](const Lettering& l) { return curve::degrees(l.spread); },
                [](Lettering& l, double v) { l.spread = curve::radians(v); });
        } else {
            number(
                f, id, tr("Place along"), {0, 100, 1, "%"}, [](const Lettering& l) { return 100 * l.start; },
                [](Lettering& l, double v) { l.start = v / 100; });
            number(
                f, id, tr("Spread over"), {0, 100, 1, "%"}, [](const Lettering& l) { return 100 * l.spread; },
                [](Lettering& l, double v) { l.spread = v / 100; });
        }
        number(
            f, id, tr("Above the line"), {-1e5, 1e5, 1, tr("px")}, [](const Lettering& l) { return l.shift; }, [](Lettering& l, double v) { l.shift = v; });
    }
};

} // namespace

std::unique_ptr<CardPage> makeLetteringPage(CardDesk& at)
{
    return std::make_unique<LetteringPage>(at);
}

} // namespace softrope::app
