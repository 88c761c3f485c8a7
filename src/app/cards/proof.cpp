// What the proof found, one row each, and what is in order; the process it is measured against.
#include "app/cards/page.h"
#include "app/services/proofing.h"
#include "app/theme/theme.h"
#include "app/theme/words.h"
#include "app/widgets/finding_row.h"

#include <QComboBox>
#include <QMenu>
#include <QSignalBlocker>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr std::size_t mostRows = 40;

using proof::Fault;
using proof::Finding;

QString whereOf(const art::Document& d, const Finding& f)
{
    QStringList names;
    for (const art::Id id : f.items)
        if (const art::Item* i = d.item(id)) {
            const QString name = i->name.empty() ? tr("Line") : QString::fromStdString(i->name);
            if (!names.contains(name)) names << name;
        }
    const bool node = f.kind == Fault::kink || f.kind == Fault::doubledNode || f.kind == Fault::needlessNode;
    if (node) names << tr("node %1").arg(f.node + 1);
    return names.join(" · ");
}

class ProofPage : public CardPage {
public:
    explicit ProofPage(CardDesk& at) : CardPage(at), proofing_(at.proofing) {}
    bool wants(const Context& c) const override { return c.step == StepId::proof && c.picked == Context::Picked::nothing; }
    Key key(const Context&) const override
    {
        QVariantList k{qulonglong(std::min(proofing_.found().size(), mostRows)), qulonglong(proofing_.left()), qulonglong(proofing_.cards().cards.size()),
                       proofing_.everLooked(), proofing_.process().id.empty()};
        // Which kinds are in order decides how many chips there are.
        for (const QString& chip : inOrder()) k << chip;
        return k;
    }
    void build(Fields& f, const Context&) override
    {
        f.heading("proof", tr("Proof"));
        f.chips([this] { return summary(); });
        process(f);
        // Above the findings, so that it is in sight however many there are.
        std::vector<CardButton> acts;
        if (proofing_.left() > 0)
            acts.emplace_back(QString(), tr("Tell %n again", nullptr, static_cast<int>(proofing_.left())),
                              tr("Findings that were said to be meant are told again"), "tell-all-again");
        acts.emplace_back(QString("export"), tr("Deliver…"), tr("Every file the client needs, in one act"), "deliver");
        f.buttonRow(acts);
        f.rule();
        rows_.clear();
        const std::size_t rows = std::min(proofing_.found().size(), mostRows);
        for (std::size_t k = 0; k < rows; ++k) row(f, k);
        if (proofing_.found().size() > rows) f.note(tr("and %n more", nullptr, static_cast<int>(proofing_.found().size() - rows)));
        std::vector<QWidget*> chips;
        for (const QString& text : inOrder()) {
            auto* chip = label(text, "small");
            chip->setObjectName("chip");
            chip->setContentsMargins(6, 2, 6, 2);
            chip->setFrameShape(QFrame::StyledPanel);
            chips.push_back(chip);
        }
        if (!chips.empty()) f.flow(chips, 6);
        f.follow([this] { update(); });
    }
    Bottom bottom(const Context&) override
    {
        const auto n = static_cast<int>(proofing_.mendable());
        if (n == 0) return {};
        return {tr("%n can be mended safely", nullptr, n), tr("Mend all %1").arg(n), [this] { proofing_.mendAll(); }};
    }

private:
    Proofing& proofing_;
    std::vector<FindingRow*> rows_;

    QString summary() const
    {
        if (!proofing_.everLooked()) return tr("Looking…");
        const std::size_t all = proofing_.found().size();
        if (all == 0) return tr("Nothing found. Ready to deliver.");
        std::size_t mend = 0;
        for (const Finding& f : proofing_.found()) mend += f.mending != proof::Mending::none;
        return tr("%1 to mend, %2 to look at").arg(mend).arg(all - mend) + (proofing_.upToDate() ? QString() : " …");
    }
    // What was looked for and not found, as few chips.
    QStringList inOrder() const
    {
        QStringList out;
        if (!proofing_.everLooked()) return out;
        for (const Fault kind :
             {Fault::endsUnjoined, Fault::sliver, Fault::doubledShape, Fault::kink, Fault::noInk, Fault::hiddenLeft, Fault::needlessNode, Fault::overshoot}) {
            if (kind == Fault::noInk && session_.document().inks.empty()) continue;
            const bool found = std::any_of(proofing_.found().begin(), proofing_.found().end(),
                                           [&](const Finding& f) { return f.kind == kind || (kind == Fault::endsUnjoined && f.kind == Fault::endsApart); });
            if (!found) out << QString::fromStdString(proof::absenceOf(kind));
        }
        return out;
    }
    void process(Fields& f)
    {
        auto* box = new QComboBox;
        box->setAccessibleName(tr("Process"));
        box->setToolTip(tr("What the shop or cutter can hold: thinnest line, narrowest gap, inks, sizes"));
        box->setFont(typeface("control"));
        box->addItem(tr("none"), QString());
        for (const proof::Process& p : proofing_.cards().cards) box->addItem(QString::fromStdString(p.name), QString::fromStdString(p.id));
        box->addItem(tr("Process cards…"), "…");
        QObject::connect(box, &QComboBox::activated, box, [this, box](int k) {
            const QString id = box->itemData(k).toString();
            if (id == "…") {
                at_.refresh();
                at_.run("process-cards");
            } else {
                proofing_.chooseProcess(id.toStdString());
            }
        });
        f.row(tr("Process"), box);
        if (!proofing_.process().id.empty()) {
            auto* width = new NumberField(0, 1e5, 1, "mm");
            width->setFixedWidth(86);
            width->setAccessibleName(tr("Real width"));
            width->setToolTip(tr("Width of the sheet as it is made, mm; all sizes are measured by it"));
            QObject::connect(width, &NumberField::changed, width, [this](double v) { proofing_.setWidth(v); });
            f.row(tr("Real width"), width);
            f.follow([this, width] { width->setValue(proofing_.mm() * session_.document().sheet.width); });
        }
        f.follow([this, box] {
            const QSignalBlocker quiet(box);
            box->setCurrentIndex(std::max(0, box->findData(QString::fromStdString(proofing_.process().id))));
        });
    }
    void row(Fields& f, std::size_t k)
    {
        auto* row = new FindingRow;
        rows_.push_back(row);
        f.add(row);
        QObject::connect(row, &QAbstractButton::clicked, row, [this, k] { show(k); });
        QObject::connect(row, &FindingRow::mends, row, [this, k] { proofing_.mend(k); });
        QObject::connect(row, &FindingRow::menuWanted, row, [this, k](const QPoint& global) {
            QMenu menu;
            menu.addAction(tr("Show"), &menu, [this, k] { show(k); });
            const std::string act = k < proofing_.found().size() ? proof::repairOf(proofing_.found()[k]) : std::string();
            if (!act.empty()) menu.addAction(QString::fromStdString(act), &menu, [this, k] { proofing_.mend(k); });
            menu.addAction(tr("Meant so"), &menu, [this, k] { proofing_.leave(k); });
            menu.exec(global);
        });
    }
    void show(std::size_t k)
    {
        proofing_.take(k);
        if (k < proofing_.found().size()) at_.show(proofing_.found()[k].at);
    }
    void update()
    {
        const double mm = proofing_.process().id.empty() ? 0 : proofing_.mm();
        for (std::size_t k = 0; k < std::min(rows_.size(), proofing_.found().size()); ++k) {
            const Finding& f = proofing_.found()[k];
            rows_[k]->show({static_cast<int>(k) + 1, f.mending != proof::Mending::none, proofing_.inHand() == k, QString::fromStdString(proof::said(f, mm)),
                            whereOf(session_.document(), f), QString::fromStdString(proof::repairOf(f))});
        }
    }
};

} // namespace

std::unique_ptr<CardPage> makeProofPage(CardDesk& at)
{
    return std::make_unique<ProofPage>(at);
}

} // namespace softrope::app
