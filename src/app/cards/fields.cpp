#include "app/cards/fields.h"

#include "app/theme/theme.h"

#include <QCheckBox>
#include <QHBoxLayout>

namespace softrope::app {

namespace {

// While a button is pointed at or has the focus, the bench shows what it would bring.
class Foresight : public QObject {
public:
    Foresight(QWidget& of, Canvas& canvas, std::function<std::optional<Canvas::Foreseen>()> outcome)
        : QObject(&of), canvas_(canvas), outcome_(std::move(outcome))
    {
        of.installEventFilter(this);
    }
    bool eventFilter(QObject* watched, QEvent* e) override
    {
        switch (e->type()) {
        case QEvent::Enter:
        case QEvent::FocusIn: canvas_.foresee(outcome_()); break;
        case QEvent::Leave:
        case QEvent::FocusOut:
        case QEvent::Hide: canvas_.foresee(std::nullopt); break;
        default: break;
        }
        return QObject::eventFilter(watched, e);
    }

private:
    Canvas& canvas_;
    std::function<std::optional<Canvas::Foreseen>()> outcome_;
};

} // namespace

namespace {

constexpr int rowGap = 7;     // px between what stands side by side
constexpr int tickWidth = 24; // px of the box before its words

// In lines that have room: a tick box does not break its words itself.
QString brokenTo(const QString& text, const QFont& font, int room)
{
    const QFontMetrics m(font);
    QString out, line;
    for (const QString& word : text.split(' ')) {
        const QString longer = line.isEmpty() ? word : line + ' ' + word;
        if (!line.isEmpty() && m.horizontalAdvance(longer) > room) {
            out += line + '\n';
            line = word;
        } else {
            line = longer;
        }
    }
    return out + line;
}

} // namespace

Fields::Fields(CardDesk& at_, int room, QWidget* parent) : at(at_), room_(room), body_(new QWidget(parent)), column_(new QVBoxLayout(body_))
{
    body_->hide();
    column_->setContentsMargins(14, 11, 12, 12);
    column_->setSpacing(7);
}

void Fields::update() const
{
    for (const auto& u : updates_) u();
}

void Fields::heading(const QString& iconName, const QString& name, const std::function<void(QString)>& rename)
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
        field->setStyleSheet("QLineEdit { background: transparent; border: none; padding: 0; } QLineEdit:focus { border-bottom: 2px solid " +
                             colours().focusRing.name() + "; }");
        field->setToolTip(tr("Click to rename"));
        field->setAccessibleName(tr("Name"));
        QObject::connect(field, &QLineEdit::editingFinished, [field, rename] {
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

void Fields::chips(const std::function<QString()>& text)
{
    auto* l = label({}, "small");
    l->setWordWrap(true);
    add(l);
    follow([l, text] { l->setText(text()); });
}

void Fields::note(const QString& text)
{
    auto* l = label(text, "small");
    l->setWordWrap(true);
    add(l);
}

void Fields::rule()
{
    auto* line = new QWidget;
    line->setFixedHeight(1);
    line->setStyleSheet("background: " + colours().line.name());
    add(line);
}

QWidget* Fields::row(const QString& text, QWidget* field, QWidget* more)
{
    auto* w = new QWidget;
    QLabel* l = label(text, "control");
    l->setBuddy(field);
    l->setWordWrap(true);
    field->setAccessibleName(text);
    if (auto* second = qobject_cast<NumberField*>(more)) second->setAccessibleName(tr("%1, second").arg(text));
    const auto room = [](const QWidget& one) { return std::clamp(one.sizeHint().width(), one.minimumWidth(), one.maximumWidth()); };
    int wide = rowGap + room(*field);
    if (more) wide += rowGap + room(*more);
    // Below its words where they have no room beside it.
    int word = 0;
    for (const QString& one : text.split(' ')) word = std::max(word, l->fontMetrics().horizontalAdvance(one));
    const bool below = word + wide > room_;
    auto* outer = new QBoxLayout(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight, w);
    auto* r = new QHBoxLayout;
    for (QBoxLayout* b : {outer, static_cast<QBoxLayout*>(r)}) {
        b->setContentsMargins(0, 0, 0, 0);
        b->setSpacing(rowGap);
    }
    outer->addWidget(l, 1);
    r->addStretch();
    r->addWidget(field);
    if (more) r->addWidget(more);
    outer->addLayout(r);
    add(w);
    return w;
}

void Fields::flow(const std::vector<QWidget*>& widgets, int gap)
{
    QHBoxLayout* r = nullptr;
    int taken = 0;
    for (QWidget* one : widgets) {
        const int wide = std::max(one->sizeHint().width(), one->minimumWidth());
        if (!r || taken + gap + wide > room_) {
            auto* w = new QWidget;
            r = new QHBoxLayout(w);
            r->setContentsMargins(0, 0, 0, 0);
            r->setSpacing(gap);
            add(w);
            taken = -gap;
        }
        r->addWidget(one);
        taken += gap + wide;
    }
}

Fields::SliderRow Fields::sliderRow(const QString& name, double least, double most, double sag, const QString& accessibleName)
{
    auto* head = new QWidget;
    auto* r = new QHBoxLayout(head);
    r->setContentsMargins(0, 0, 0, 0);
    QLabel* what = label(name, "small");
    what->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    what->setWordWrap(true);
    r->addWidget(what, 1);
    SliderRow row{new Slider(least, most, sag), label({}, "control", false)};
    row.figure->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Preferred);
    r->addWidget(row.figure);
    add(head);
    row.slider->setAccessibleName(accessibleName.isEmpty() ? name : accessibleName);
    if (sag > 0) row.slider->setFixedHeight(30);
    add(row.slider);
    return row;
}

void Fields::settingSlider(const QString& name, double least, double most, double sag, const std::function<double()>& get,
                           const std::function<void(double)>& set, const std::function<QString(double)>& text)
{
    const SliderRow s = sliderRow(name, least, most, sag);
    Slider* const slider = s.slider;
    QLabel* const figure = s.figure;
    slider->setWords(text);
    QObject::connect(slider, &Slider::moved, [&at = at, set](double v) {
        set(v);
        at.refresh();
    });
    QObject::connect(slider, &Slider::settled, [&at = at] { at.session.endBurst(); }); // one drag, one step back
    follow([slider, figure, get, text] {
        slider->setValue(get());
        figure->setText(text(get()));
    });
}

void Fields::number(const QString& name, const NumberRange& range, const std::function<double()>& get, const std::function<void(double)>& set)
{
    const bool within = range.unit == "°" || range.unit == "%";
    auto* field = new NumberField(range.least, range.most, range.decimals, within ? range.unit : QString());
    field->setFixedWidth(70);
    row(name, field, within ? nullptr : label(range.unit, "small"));
    QObject::connect(field, &NumberField::changed, set);
    follow([field, get] { field->setValue(get()); });
}

template <class T> void Fields::settingField(const QString& name, const Setting<T>& setting)
{
    number(
        name, {double(setting.least), double(setting.most), setting.decimals, QString::fromUtf8(setting.unit)},
        [&at = at, setting] { return double(at.canvas.setting(setting)); },
        [&at = at, setting](double v) { at.canvas.setSetting(setting, static_cast<T>(v)); });
}
template void Fields::settingField(const QString&, const Setting<double>&);
template void Fields::settingField(const QString&, const Setting<int>&);

void Fields::buttonRow(const std::vector<CardButton>& buttons)
{
    std::vector<QWidget*> pills;
    for (const CardButton& b : buttons) {
        auto* pill = new Pill(b.icon, b.text);
        pill->setToolTip(b.tip);
        if (b.command) tellKeysOf(pill, b.command);
        pill->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        if (b.foresee) new Foresight(*pill, at.canvas, b.foresee);
        QObject::connect(pill, &QAbstractButton::clicked, b.command ? std::function<void()>([&at = at, id = b.command] { at.run(id); }) : b.run);
        pills.push_back(pill);
    }
    flow(pills, 6);
}

void Fields::tickBox(const QString& text, const QString& tip, const std::function<bool()>& get, const std::function<void(bool)>& set)
{
    auto* box = new QCheckBox;
    box->setFont(typeface("small"));
    box->setText(brokenTo(text, box->font(), room_ - tickWidth));
    box->setAccessibleName(text);
    box->setToolTip(tip);
    add(box);
    QObject::connect(box, &QCheckBox::clicked, [&at = at, set](bool on) {
        set(on);
        at.refresh();
    });
    follow([box, get] { box->setChecked(get()); });
}

void Fields::segments(const QString& name, const std::vector<Option>& options, const std::function<int()>& now, const std::function<void(int)>& take)
{
    std::vector<Pill*> pills;
    for (std::size_t i = 0; i < options.size(); ++i) {
        auto* pill = new Pill({}, options[i].text, {}, Pill::Kind::segment);
        pill->setCheckable(true);
        pill->setToolTip(options[i].tip);
        if (options[i].command) tellKeysOf(pill, options[i].command);
        pill->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        pills.push_back(pill);
        QObject::connect(pill, &QAbstractButton::clicked, [take, i] { take(static_cast<int>(i)); });
    }
    if (!name.isEmpty()) note(name);
    flow({pills.begin(), pills.end()}, 2);
    follow([pills, now] {
        for (std::size_t i = 0; i < pills.size(); ++i) pills[i]->setChecked(now() == static_cast<int>(i));
    });
}

} // namespace softrope::app
