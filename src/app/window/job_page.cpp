#include "app/window/job_page.h"

#include "app/commands/other_words.h"
#include "app/services/recent.h"
#include "app/theme/theme.h"
#include "app/widgets/widgets.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTextBrowser>
#include <QUrl>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr int stepRole = Qt::UserRole, commandRole = Qt::UserRole + 1, mostCommands = 12;
constexpr QSize pictureSize(560, 380);

bool matches(const QString& text, const QStringList& words)
{
    return std::all_of(words.begin(), words.end(), [&](const QString& w) { return text.contains(w, Qt::CaseInsensitive); });
}

} // namespace

JobPage::JobPage(Session& session, const Commands& commands, QWidget* parent) : QDialog(parent), session_(session), commands_(commands)
{
    setObjectName("job-page");
    setWindowTitle(tr("How the job goes"));
    resize(860, 620);
    field_ = new QLineEdit;
    field_->setObjectName("job-search");
    field_->setPlaceholderText(tr("What do you want to do?"));
    field_->setClearButtonEnabled(true);
    list_ = new QListWidget;
    list_->setObjectName("job-steps");
    list_->setAccessibleName(tr("Steps and commands"));
    list_->setFont(typeface("body"));
    list_->setFixedWidth(250);
    list_->setWordWrap(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setSpacing(1);
    page_ = new QTextBrowser;
    page_->setAccessibleName(tr("The step"));
    page_->setOpenLinks(false);
    act_ = new QPushButton(tr("Show me"));
    act_->setObjectName("show-me");
    act_->setToolTip(tr("Plays the act in a window of its own, on a copy of the demo"));
    act_->setDefault(true);
    auto* leave = new QPushButton(tr("Leave"));
    leave->setAutoDefault(false);
    auto* left = new QVBoxLayout;
    left->addWidget(field_);
    left->addWidget(list_, 1);
    auto* acts = new QHBoxLayout;
    acts->addStretch();
    acts->addWidget(act_);
    acts->addWidget(leave);
    auto* right = new QVBoxLayout;
    right->addWidget(page_, 1);
    right->addLayout(acts);
    auto* row = new QHBoxLayout(this);
    row->addLayout(left);
    row->addLayout(right, 1);
    connect(field_, &QLineEdit::textChanged, this, &JobPage::filter);
    connect(list_, &QListWidget::currentRowChanged, this, &JobPage::refresh);
    connect(list_, &QListWidget::itemActivated, this, [this](const QListWidgetItem* i) {
        if (const QString command = i->data(commandRole).toString(); !command.isEmpty()) emit runs(command);
    });
    connect(act_, &QAbstractButton::clicked, this, [this] {
        const QListWidgetItem* i = list_->currentItem();
        if (!i) return;
        if (const QString command = i->data(commandRole).toString(); !command.isEmpty())
            emit runs(command);
        else
            emit shows(shown());
    });
    connect(leave, &QAbstractButton::clicked, this, &QDialog::close);
    // Drawn from the demo as it is: never out of date.
    for (const JobStep& s : jobSteps())
        if (const QString file = demoFile(s.picture); !file.isEmpty())
            session_.jobs().run<QImage>(
                Lane::working, this, [file](const Progress&) { return recentPicture(file, pictureSize); },
                [this, id = s.id](const std::optional<QImage>& made) {
                    if (!made || made->isNull()) return;
                    pictures_[id] = *made;
                    if (shown() == id) refresh();
                },
                Jobs::For::anyPiece, closed_);
    filter({});
}

JobPage::~JobPage()
{
    closed_.stop();
}

void JobPage::showStep(StepId step)
{
    field_->clear();
    for (int row = 0; row < list_->count(); ++row)
        if (list_->item(row)->data(stepRole).toInt() == static_cast<int>(step)) list_->setCurrentRow(row);
    show();
    raise();
    activateWindow();
    list_->setFocus();
}

StepId JobPage::shown() const
{
    const QListWidgetItem* i = list_->currentItem();
    return i ? static_cast<StepId>(i->data(stepRole).toInt()) : StepId::place;
}

void JobPage::filter(const QString& text)
{
    const QStringList words = text.split(' ', Qt::SkipEmptyParts);
    list_->clear();
    int number = 0;
    for (const JobStep& s : jobSteps()) {
        ++number;
        if (!matches(QStringList{s.title, s.what, s.wrong, s.helps, s.words}.join(' '), words)) continue;
        // "Trace: what is seen becomes lines" in two lines.
        auto* i = new QListWidgetItem(QString("%1  %2\n     %3").arg(number).arg(s.title.section(": ", 0, 0), s.title.section(": ", 1)), list_);
        i->setData(Qt::AccessibleTextRole, QString("%1 %2").arg(number).arg(s.title));
        i->setData(stepRole, static_cast<int>(s.id));
    }
    if (!words.isEmpty()) {
        int left = mostCommands;
        for (const Command& c : commands_) {
            if (!matches(nameOf(c.group) + ' ' + c.name + ' ' + otherWords(c.id), words)) continue;
            if (left-- <= 0) break;
            const QString keys = commands_.keysOf(c);
            auto* i = new QListWidgetItem(keys.isEmpty() ? c.name : QString("%1 (%2)").arg(c.name, keys), list_);
            i->setData(stepRole, -1);
            i->setData(commandRole, c.id);
            if (c.can && !c.can()) i->setFlags(i->flags() & ~Qt::ItemIsEnabled);
        }
    }
    list_->setCurrentRow(list_->count() > 0 ? 0 : -1);
    refresh();
}

void JobPage::refresh()
{
    const QListWidgetItem* item = list_->currentItem();
    const QString command = item ? item->data(commandRole).toString() : QString();
    act_->setText(command.isEmpty() ? tr("Show me") : tr("Do it"));
    act_->setEnabled(item && (item->flags() & Qt::ItemIsEnabled));
    if (!item) {
        page_->setHtml("<p>" + tr("Nothing is called so. Try another word.").toHtmlEscaped() + "</p>");
        return;
    }
    if (const Command* c = commands_.find(command)) {
        page_->setHtml(QString("<h2>%1</h2><p>%2</p>").arg(c->name.toHtmlEscaped(), tr("A command of the menu %1.").arg(nameOf(c->group)).toHtmlEscaped()));
        return;
    }
    const auto& all = jobSteps();
    const auto step = std::find_if(all.begin(), all.end(), [&](const JobStep& s) { return s.id == shown(); });
    if (step == all.end()) return;
    QString html = "<h2>" + step->title.toHtmlEscaped() + "</h2>";
    if (const auto picture = pictures_.find(step->id); picture != pictures_.end()) {
        const QUrl name("step.png");
        const QSize size = picture->second.size().scaled(QSize(500, 300), Qt::KeepAspectRatio);
        page_->document()->addResource(QTextDocument::ImageResource, name,
                                       picture->second.scaled(size * devicePixelRatioF(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
        html += QString("<p><img src='step.png' width='%1' height='%2'></p>").arg(size.width()).arg(size.height());
    }
    const auto part = [&](const QString& head, const QString& text) { html += "<h4>" + head.toHtmlEscaped() + "</h4><p>" + text.toHtmlEscaped() + "</p>"; };
    part(tr("What to do"), step->what);
    part(tr("What goes wrong"), step->wrong);
    part(tr("What helps"), step->helps);
    page_->setHtml(html);
}

} // namespace softrope::app
