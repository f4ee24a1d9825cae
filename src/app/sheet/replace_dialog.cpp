#include "app/sheet/replace_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/editing/replace_words.h"
#include "store/library.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kRestMs = 250;

}  // namespace

ReplaceDialog::ReplaceDialog(Session& session, QWidget* parent) : QDialog(parent), session_(session) {
    setWindowTitle(tr("Replace words in the whole guide"));
    setMinimumWidth(480);
    auto* form = new QFormLayout(this);
    form->setContentsMargins(20, 16, 20, 16);
    words_ = new QLineEdit(this);
    words_->setPlaceholderText(tr("words as they stand"));
    by_ = new QLineEdit(this);
    by_->setPlaceholderText(tr("what stands there instead; empty removes them"));
    everywhere_ = new QCheckBox(tr("in the other guides of the library too"), this);
    count_ = quiet_label(QString(), this);
    form->addRow(tr("&Words"), words_);
    form->addRow(tr("&By"), by_);
    form->addRow(QString(), everywhere_);
    form->addRow(count_);
    end_form(form, this);
    ok_ = findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok);
    rest_.setSingleShot(true);
    rest_.setInterval(kRestMs);
    connect(&rest_, &QTimer::timeout, this, &ReplaceDialog::look);
    connect(words_, &QLineEdit::textChanged, this, [this] {
        looked_ = false;
        looking_.drop();
        show_count();
        if (everywhere_->isChecked()) rest_.start();
    });
    connect(everywhere_, &QCheckBox::toggled, this, &ReplaceDialog::look);
    show_count();
}

void ReplaceDialog::show_count() {
    const std::string words = words_->text().toStdString();
    QString said = tr("It stands in %n places of this guide.", "It stands in 1 place of this guide.", static_cast<int>(core::times_said(session_.procedure(), words)));
    if (everywhere_->isChecked() && !looked_) said += QLatin1Char(' ') + tr("The other guides are being looked through …");
    if (everywhere_->isChecked() && looked_) {
        said += QLatin1Char(' ') +
            tr("In %1 other guides: %2 places. One undo takes all of it back; issued editions stay as they are.")
                .arg(others_.guides.size())
                .arg(others_.times());
        for (const auto& trouble : others_.unreadable) said += QLatin1Char('\n') + text(trouble);
    }
    count_->setText(words.empty() ? QString() : said);
    ok_->setEnabled(!words.empty() && (looked_ || !everywhere_->isChecked()));
}

void ReplaceDialog::look() {
    looking_.drop();
    others_ = {};
    looked_ = false;
    const std::string words = words_->text().toStdString();
    if (everywhere_->isChecked() && !words.empty())
        looking_.run(
            [folder = session_.library().place(), words, own = session_.guide()](
                const GoOn& go_on) -> core::Result<shop::GuidesWithWords> {
                const auto library = store::Library::read(folder);
                if (!library) return tl::make_unexpected(library.error());
                return shop::guides_with_words(**library, words, own, go_on);
            },
            [this](core::Result<shop::GuidesWithWords>& found) {
                looked_ = found.has_value();
                if (found) others_ = std::move(*found);
                show_count();
                if (!found) count_->setText(text(found.error().message));
            });
    show_count();
}

void ReplaceDialog::replace() {
    const std::string words = words_->text().toStdString();
    const std::string by = by_->text().toStdString();
    if (!everywhere_->isChecked() || others_.guides.empty()) {
        session_.perform(core::replace_words(session_.procedure(), words, by));
        return;
    }
    auto changes = shop::replacements(session_.library(), others_.guides, words, by);
    const auto own = core::times_said(session_.procedure(), words) > 0 ? core::replace_words(session_.procedure(), words, by)
                                                                       : core::Result<core::Change>(core::Change{});
    if (!changes || !own) {
        session_.tell(text((changes ? own.error() : changes.error()).message));
        return;
    }
    if (session_.perform_everywhere(*own, std::move(*changes)))
        session_.tell(tr("Replaced in %n other guides.", "Replaced in 1 other guide.", static_cast<int>(others_.guides.size())));
}

}  // namespace anagraph::app
