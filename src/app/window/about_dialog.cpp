#include "app/window/about_dialog.h"

#include "app/theme/theme.h"
#include "app/widgets/widgets.h"
#include "art/edits.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace softrope::app {

AboutDialog::AboutDialog(Session& session, QWidget* parent) : QDialog(parent), session_(session)
{
    setWindowTitle(tr("About this piece"));
    setObjectName("about-piece");
    resize(460, 360);
    const art::Document& d = session.document();
    const auto text = [](const std::string& s) { return QString::fromStdString(s); };
    title_ = new QLineEdit(text(d.title));
    title_->setObjectName("title");
    // The same hand as last time, until it says otherwise.
    const bool first = d.about == art::About{};
    author_ = new QLineEdit(first ? QSettings().value("about/author").toString() : text(d.about.author));
    author_->setObjectName("author");
    licence_ = new QComboBox;
    licence_->setObjectName("licence");
    licence_->setEditable(true);
    licence_->addItems({QString(), tr("All rights reserved"), "https://creativecommons.org/licenses/by/4.0/", "https://creativecommons.org/licenses/by-sa/4.0/",
                        "https://creativecommons.org/publicdomain/zero/1.0/"});
    licence_->setCurrentText(first ? QSettings().value("about/licence").toString() : text(d.about.licence));
    description_ = new QPlainTextEdit(text(d.about.description));
    description_->setObjectName("description");
    description_->setTabChangesFocus(true);
    auto* form = new QFormLayout;
    form->addRow(tr("&Title"), title_);
    form->addRow(tr("&Author"), author_);
    form->addRow(tr("&Licence"), licence_);
    form->addRow(tr("&Description"), description_);
    auto* buttons = new QDialogButtonBox;
    buttons->addButton(tr("Keep"), QDialogButtonBox::AcceptRole);
    buttons->addButton(tr("Leave"), QDialogButtonBox::RejectRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &AboutDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(form, 1);
    auto* note = label(tr("Written into SVG and PDF files as their metadata."), "small");
    column->addWidget(note);
    column->addWidget(buttons);
    title_->setFocus();
    title_->selectAll();
}

void AboutDialog::accept()
{
    const art::About about{author_->text().trimmed().toStdString(), licence_->currentText().trimmed().toStdString(),
                           description_->toPlainText().trimmed().toStdString()};
    const art::Document now = art::withAbout(art::withTitle(session_.document(), title_->text().trimmed().toStdString()), about);
    QSettings kept;
    kept.setValue("about/author", author_->text().trimmed());
    kept.setValue("about/licence", licence_->currentText().trimmed());
    if (!(now == session_.document())) session_.take(now, tr("About this piece"));
    QDialog::accept();
}

} // namespace softrope::app
