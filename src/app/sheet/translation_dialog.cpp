#include "app/sheet/translation_dialog.h"

#include <QDialogButtonBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "app/command/command_row.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;
using State = core::TranslatedLine::State;

TranslationDialog::TranslationDialog(Session& session, QWidget* parent) : QDialog(parent), session_(session) {
    setWindowTitle(tr("Translation"));
    resize(1100, 660);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    auto* across = new QHBoxLayout;
    across->addWidget(quiet_label(tr("Language"), this));
    language_ = new QComboBox(this);
    language_->setEditable(true);
    language_->setAccessibleName(tr("Language, as its two letters: de, fr, nl"));
    for (const auto& l : core::languages_of(session.procedure())) language_->addItem(text(l));
    for (const auto& offered : core::kOfferedLanguages)
        if (const QString code = text(std::string(offered.code));
            offered.code != session.procedure().header.language && language_->findText(code) < 0)
            language_->addItem(code);
    language_->setFixedWidth(90);
    across->addWidget(language_);
    counted_ = quiet_label(QString(), this);
    counted_->setWordWrap(false);
    across->addWidget(counted_, 1);
    auto* commands = new Commands(tr("Translation"), this);
    commands->add({"translation.next-open", tr("Next open"), Qt::CTRL | Qt::Key_N,
        tr("Goes to the next line that is not translated, or whose original has changed since."), tr("Lines"), {},
        [this] { next_open(); }});
    across->addWidget(command_button(*commands, QStringLiteral("translation.next-open"), this));
    down->addLayout(across);
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    down->addWidget(scroll_, 1);
    trouble_ = new QLabel(this);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    down->addWidget(trouble_);
    down->addWidget(
        quiet_label(tr("{figure:…} and {item:…} stay as they are: figures are never typed twice, and an item's name is translated "
                       "once, below. Each line is kept when you leave it."),
            this));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(language_, &QComboBox::currentTextChanged, this, &TranslationDialog::show_lines);
    show_lines();
    if (!rows_.empty()) rows_.front().edit->setFocus();
}

void TranslationDialog::show_lines() {
    rows_.clear();
    const std::string language = language_->currentText().trimmed().toLower().toStdString();
    lines_ = core::translation(session_.procedure(), language);
    auto* page = new QWidget(scroll_);
    auto* grid = new QGridLayout(page);
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(2, 1);
    grid->setVerticalSpacing(6);
    for (std::size_t i = 0; i < lines_.size(); ++i) {
        const auto& line = lines_[i];
        auto* where = quiet_label(text(line.what), page);
        where->setWordWrap(false);
        auto* original = new QLabel(text(line.of), page);
        original->setWordWrap(true);
        original->setTextFormat(Qt::PlainText);
        Row r{new QLabel(page), new QLineEdit(text(line.text), page)};
        r.edit->setAccessibleName(tr("%1: %2").arg(text(line.what), text(line.of)));
        r.mark->setFixedWidth(96);
        const int row = static_cast<int>(i);
        grid->addWidget(where, row, 0, Qt::AlignTop);
        grid->addWidget(original, row, 1, Qt::AlignTop);
        grid->addWidget(r.edit, row, 2, Qt::AlignTop);
        grid->addWidget(r.mark, row, 3, Qt::AlignTop);
        connect(r.edit, &QLineEdit::editingFinished, this, [this, i] { write(i); });
        connect(r.edit, &QLineEdit::returnPressed, this, [this, i] {
            if (i + 1 < rows_.size()) rows_[i + 1].edit->setFocus();
        });
        rows_.push_back(r);
    }
    scroll_->setWidget(page);
    count();
}

void TranslationDialog::count() {
    int missing = 0;
    int old = 0;
    for (std::size_t i = 0; i < lines_.size(); ++i) {
        const auto& line = lines_[i];
        missing += line.state == State::Missing ? 1 : 0;
        old += line.state == State::OutOfDate ? 1 : 0;
        // shape and word, not colour alone
        rows_[i].mark->setText(line.state == State::Current ? tr("✓ current")
                : line.state == State::OutOfDate            ? tr("≠ out of date")
                                                            : tr("○ missing"));
        rows_[i].edit->setToolTip(line.state == State::OutOfDate ? tr("It was made from: %1").arg(text(line.was)) : QString());
    }
    counted_->setText(tr("%1 missing, %2 out of date, of %3").arg(missing).arg(old).arg(lines_.size()));
}

void TranslationDialog::write(std::size_t i) {
    auto& line = lines_[i];
    const std::string words = rows_[i].edit->text().trimmed().toStdString();
    const std::string language = language_->currentText().trimmed().toLower().toStdString();
    if (words == line.text) return;
    if (language.size() != 2) {
        trouble_->setText(tr("Enter the language by its two letters, as in de, fr or nl."));
        return;
    }
    const auto change = core::translate(session_.procedure(), line, language, words);
    trouble_->setText(change ? QString() : text(change.error().message));
    if (!change || !session_.perform(*change)) return;
    // the same text elsewhere in the step has it now too
    const auto now = core::translation(session_.procedure(), language);
    if (now.size() == lines_.size()) lines_ = now;
    for (std::size_t k = 0; k < lines_.size(); ++k)
        if (!rows_[k].edit->hasFocus()) rows_[k].edit->setText(text(lines_[k].text));
    count();
}

void TranslationDialog::next_open() {
    const auto here = std::find_if(rows_.begin(), rows_.end(), [](const Row& r) { return r.edit->hasFocus(); }) - rows_.begin();
    const auto n = static_cast<std::ptrdiff_t>(rows_.size());
    for (std::ptrdiff_t k = 1; k <= n; ++k) {
        const auto i = static_cast<std::size_t>((here + k) % n);
        if (lines_[i].state == State::Current) continue;
        rows_[i].edit->setFocus();
        scroll_->ensureWidgetVisible(rows_[i].edit);
        return;
    }
    trouble_->setText(tr("Everything is translated."));
}

}  // namespace anagraph::app
