#include "app/commands/commands.h"

#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>

#include <map>

namespace softrope::app {

CommandPalette::CommandPalette(const std::vector<Command>& commands, QWidget* parent) : QDialog(parent, Qt::Popup), commands_(commands)
{
    setMinimumSize(440, 380);
    setAccessibleName(tr("Find a command"));
    auto* column = new QVBoxLayout(this);
    field_ = new QLineEdit;
    field_->setPlaceholderText(tr("What do you want to do?"));
    field_->setMinimumHeight(30);
    list_ = new QListWidget;
    list_->setFont(typeface("body"));
    column->addWidget(field_);
    column->addWidget(list_, 1);
    field_->installEventFilter(this);
    connect(field_, &QLineEdit::textChanged, this, &CommandPalette::filter);
    connect(list_, &QListWidget::itemActivated, this, [this] { runCurrent(); });
    connect(list_, &QListWidget::itemClicked, this, [this] { runCurrent(); });
    filter({});
    field_->setFocus();
}

void CommandPalette::filter(const QString& words)
{
    list_->clear();
    shown_.clear();
    const QStringList parts = words.toLower().split(' ', Qt::SkipEmptyParts);
    for (const Command& c : commands_) {
        const QString text = (c.group + ' ' + c.name).toLower();
        if (!std::all_of(parts.begin(), parts.end(), [&](const QString& p) { return text.contains(p); })) continue;
        auto* item = new QListWidgetItem(c.name + (c.keys.isEmpty() ? QString() : "   " + c.keys));
        item->setToolTip(c.group);
        if (c.can && !c.can()) item->setFlags(Qt::NoItemFlags);
        list_->addItem(item);
        shown_.push_back(&c);
    }
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->flags() != Qt::NoItemFlags) {
            list_->setCurrentRow(i);
            break;
        }
}

void CommandPalette::runCurrent()
{
    const int row = list_->currentRow();
    if (row < 0 || row >= static_cast<int>(shown_.size()) || list_->item(row)->flags() == Qt::NoItemFlags) return;
    const auto run = shown_[static_cast<std::size_t>(row)]->run;
    accept();
    // After the palette is gone: a command may open something itself.
    QTimer::singleShot(0, parentWidget(), run);
}

bool CommandPalette::eventFilter(QObject*, QEvent* e)
{
    if (e->type() != QEvent::KeyPress) return false;
    auto* key = static_cast<QKeyEvent*>(e);
    if (key->key() == Qt::Key_Down || key->key() == Qt::Key_Up) {
        const int step = key->key() == Qt::Key_Down ? 1 : -1;
        list_->setCurrentRow(std::clamp(list_->currentRow() + step, 0, list_->count() - 1));
        return true;
    }
    if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
        runCurrent();
        return true;
    }
    return false;
}

ShortcutPage::ShortcutPage(const std::vector<Command>& commands, QWidget* parent) : QDialog(parent)
{
    setWindowTitle(tr("Keys"));
    resize(760, 560);
    std::map<QString, QString> groups;
    std::vector<QString> order;
    for (const Command& c : commands) {
        if (c.keys.isEmpty()) continue;
        if (!groups.count(c.group)) order.push_back(c.group);
        groups[c.group] += QString("<tr><td style='padding:2px 14px 2px 0'><b>%1</b></td><td>%2</td></tr>").arg(c.keys.toHtmlEscaped(), c.name.toHtmlEscaped());
    }
    groups["While drawing"] =
        "<tr><td><b>Ctrl</b> held&nbsp;&nbsp;</td><td>no snapping</td></tr><tr><td><b>Shift</b> held</td><td>steps of 15°, or along one axis</td></tr>"
        "<tr><td><b>Alt</b> held</td><td>breaks the handles apart; sizes from the middle</td></tr><tr><td><b>Enter</b></td><td>finish the line</td></tr>"
        "<tr><td><b>Backspace</b></td><td>take back the last node</td></tr><tr><td><b>C</b></td><td>in Nodes: smooth or corner</td></tr>"
        "<tr><td><b>Esc</b></td><td>let go, then Pick</td></tr><tr><td><b>Space</b> held</td><td>move the sheet</td></tr><tr><td><b>Z</b> held</td><td>drag to "
        "zoom</td></tr>";
    order.emplace_back("While drawing");
    QString left, right;
    int i = 0;
    for (const QString& g : order) (i++ % 2 ? right : left) += "<h3>" + g + "</h3><table>" + groups[g] + "</table>";
    auto* text = new QLabel("<table width='100%'><tr><td valign='top' width='50%'>" + left + "</td><td valign='top'>" + right + "</td></tr></table>");
    text->setFont(typeface("body"));
    text->setMargin(14);
    auto* area = new QScrollArea;
    area->setWidget(text);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    auto* column = new QVBoxLayout(this);
    column->addWidget(area);
}

} // namespace softrope::app
