#include "app/window/process_dialog.h"

#include "app/theme/theme.h"
#include "app/theme/words.h"

#include <QCheckBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QListWidget>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalBlocker>

namespace softrope::app {

using proof::Process;

ProcessDialog::ProcessDialog(Proofing& proofing, QWidget* parent) : QDialog(parent), proofing_(proofing)
{
    setObjectName("processes");
    setWindowTitle(tr("Process cards"));
    resize(620, 430);
    auto* column = new QVBoxLayout(this);
    auto* told = label(tr("What a shop or a cutter can hold, at the real size. 0 asks for nothing."), "small");
    column->addWidget(told);
    auto* row = new QHBoxLayout;
    column->addLayout(row, 1);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Process cards"));
    list_->setFont(typeface("body"));
    row->addWidget(list_, 2);
    auto* form = new QFormLayout;
    row->addLayout(form, 3);
    name_ = new QLineEdit;
    about_ = new QLineEdit;
    sizes_ = new QLineEdit;
    const auto add = [&](const QString& text, QWidget* w) {
        w->setAccessibleName(text);
        form->addRow(text, w);
    };
    add(tr("Name"), name_);
    add(tr("About"), about_);
    const auto number = [&](const QString& text, double Process::*of, const QString& tip) {
        auto* field = new NumberField(0, 1e5, 2, "mm");
        field->setToolTip(tip);
        numbers_.push_back({field, of});
        add(text, field);
        connect(field, &NumberField::changed, this, [this, of](double v) { take([&](Process& p) { p.*of = v; }); });
    };
    number(tr("Thinnest line"), &Process::line, tr("Lines and parts of areas"));
    number(tr("Narrowest gap"), &Process::gap, tr("Between areas of one colour"));
    number(tr("Overlap"), &Process::overlap, tr("How far colours that abut must reach under each other"));
    number(tr("Bleed"), &Process::bleed, tr("Beyond the edge of the sheet"));
    number(tr("Smallest letters"), &Process::text, tr("Height of the em"));
    number(tr("Usual width"), &Process::width, tr("Of the finished piece"));
    inks_ = new NumberField(0, 99, 0);
    add(tr("Most inks"), inks_);
    flat_ = new QCheckBox(tr("Flat colour only"));
    flat_->setAccessibleName(tr("Flat colour only"));
    form->addRow(QString(), flat_);
    sizes_->setToolTip(tr("Widths of pictures made of it, px, by spaces"));
    add(tr("Picture sizes"), sizes_);
    connect(inks_, &NumberField::changed, this, [this](double v) { take([&](Process& p) { p.inks = static_cast<int>(v); }); });
    connect(flat_, &QCheckBox::toggled, this, [this](bool on) { take([&](Process& p) { p.flat = on; }); });
    connect(name_, &QLineEdit::editingFinished, this, [this] {
        if (!name_->text().trimmed().isEmpty()) take([&](Process& p) { p.name = name_->text().trimmed().toStdString(); });
    });
    connect(about_, &QLineEdit::editingFinished, this, [this] { take([&](Process& p) { p.about = about_->text().toStdString(); }); });
    connect(sizes_, &QLineEdit::editingFinished, this, [this] {
        std::vector<int> all;
        for (const QString& s : sizes_->text().split(QRegularExpression("[^0-9]+"), Qt::SkipEmptyParts))
            if (const int px = s.toInt(); px > 0 && px <= 30000) all.push_back(px);
        take([&](Process& p) { p.sizes = all; });
    });
    auto* acts = new QHBoxLayout;
    auto* copy = new QPushButton(tr("New from this"));
    remove_ = new QPushButton(tr("Remove"));
    remove_->setToolTip(tr("An own card is put aside; of a changed one that ships, the first comes back"));
    for (QPushButton* b : {copy, remove_}) {
        b->setAutoDefault(false);
        acts->addWidget(b);
    }
    acts->addStretch();
    column->addLayout(acts);
    connect(copy, &QAbstractButton::clicked, this, [this] {
        Process p = now() ? *now() : Process{};
        const std::string base = p.id.empty() ? "process" : p.id;
        const auto taken = [&](const std::string& id) {
            return std::any_of(proofing_.cards().cards.begin(), proofing_.cards().cards.end(), [&](const Process& c) { return c.id == id; });
        };
        int n = 2;
        for (p.id = base; taken(p.id); ++n) p.id = base + "-" + std::to_string(n);
        p.name = tr("%1 %2").arg(p.name.empty() ? tr("Process") : QString::fromStdString(p.name)).arg(n - 1).toStdString();
        if (const files::FileResult r = files::keepProcess(p); !r.ok()) emit proofing_.said(QString::fromStdString(r.problem));
        proofing_.readCards();
        refresh(p.id);
    });
    connect(remove_, &QAbstractButton::clicked, this, [this] {
        if (!now()) return;
        const std::string id = now()->id;
        if (const files::FileResult r = files::removeProcess(*now()); !r.ok()) emit proofing_.said(QString::fromStdString(r.problem));
        proofing_.readCards();
        refresh(id);
    });
    connect(list_, &QListWidget::currentRowChanged, this, &ProcessDialog::fill);
    refresh(proofing_.process().id);
}

const Process* ProcessDialog::now() const
{
    const int k = list_->currentRow();
    const auto& cards = proofing_.cards().cards;
    return k >= 0 && k < static_cast<int>(cards.size()) ? &cards[static_cast<std::size_t>(k)] : nullptr;
}

void ProcessDialog::refresh(const std::string& show)
{
    {
        const QSignalBlocker quiet(list_);
        list_->clear();
        for (const Process& p : proofing_.cards().cards) {
            new QListWidgetItem(QString::fromStdString(p.name), list_);
            if (p.id == show) list_->setCurrentRow(list_->count() - 1);
        }
        if (list_->currentRow() < 0 && list_->count()) list_->setCurrentRow(0);
    }
    fill();
}

void ProcessDialog::fill()
{
    const Process* p = now();
    filling_ = true;
    remove_->setEnabled(p && !p->ships);
    if (p) {
        name_->setText(QString::fromStdString(p->name));
        about_->setText(QString::fromStdString(p->about));
        about_->setCursorPosition(0);
        for (const Number& n : numbers_) n.field->setValue(p->*n.of);
        inks_->setValue(p->inks);
        flat_->setChecked(p->flat);
        QStringList sizes;
        for (const int px : p->sizes) sizes << QString::number(px);
        sizes_->setText(sizes.join(' '));
    }
    filling_ = false;
}

void ProcessDialog::take(const std::function<void(Process&)>& change)
{
    if (filling_ || !now()) return;
    Process p = *now();
    change(p);
    if (p == *now()) return;
    p.ships = false;
    if (const files::FileResult r = files::keepProcess(p); !r.ok()) {
        emit proofing_.said(QString::fromStdString(r.problem));
        return;
    }
    proofing_.readCards();
    refresh(p.id);
}

} // namespace softrope::app
