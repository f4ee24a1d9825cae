#include "app/window/said_dialog.h"

#include <QDialogButtonBox>
#include <QKeyEvent>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

SaidDialog::SaidDialog(const std::string& library, QWidget* parent) : QDialog(parent), search_(library) {
    setWindowTitle(tr("Find what was said"));
    resize(760, 520);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(16, 16, 16, 14);
    down->setSpacing(10);
    words_ = new QLineEdit(this);
    words_->setPlaceholderText(tr("words, in any order"));
    words_->setAccessibleName(tr("Words to find"));
    words_->installEventFilter(this);
    down->addWidget(words_);
    list_ = new QListWidget(this);
    list_->setWordWrap(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setAccessibleName(tr("Lines found"));
    down->addWidget(list_, 1);
    count_ = second(tr("Every recording of the library is searched."), this);
    down->addWidget(count_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("&Go there"));
    down->addWidget(buttons);
    connect(words_, &QLineEdit::textChanged, this, &SaidDialog::search);
    connect(&search_, &SaidSearch::found, this, &SaidDialog::show_found);
    connect(&search_, &SaidSearch::failed, this, [this](const QString&, const QString& sentence) { count_->setText(sentence); });
    connect(list_, &QListWidget::itemActivated, this, &SaidDialog::accept);
    connect(buttons, &QDialogButtonBox::accepted, this, &SaidDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
}

void SaidDialog::search() {
    looking_ = true;
    go_there_ = false;
    search_.look_for(words_->text());
}

void SaidDialog::show_found(const QString& words, const std::vector<store::SaidLine>& lines) {
    looking_ = false;
    found_ = lines;
    list_->clear();
    QStringList rows;
    for (const auto& f : found_) rows << tr("%1   %2   %3").arg(text(core::clock_text(f.line.start, false)), text(f.name), text(f.line.text));
    list_->addItems(rows);
    if (list_->count() > 0) list_->setCurrentRow(0);
    const auto n = static_cast<qsizetype>(found_.size());
    count_->setText(words.trimmed().isEmpty() ? tr("Every recording of the library is searched.") : n == 0               ? tr("Nobody said that.")
                                                                                                  : n == SaidSearch::kMost ? tr("The first %1 lines.").arg(SaidSearch::kMost)
                                                                                                                           : theme::counted(n, tr("1 line"), tr("%1 lines")));
    if (go_there_) accept();
}

// The arrows choose a line while the words are being typed.
bool SaidDialog::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if ((key == Qt::Key_Down || key == Qt::Key_Up) && list_->count() > 0) {
            list_->setCurrentRow(std::clamp(list_->currentRow() + (key == Qt::Key_Down ? 1 : -1), 0, list_->count() - 1));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void SaidDialog::accept() {
    // a quick hand presses Enter before the lines are there: it goes to the first as soon as they are
    go_there_ = looking_;
    if (!looking_ && list_->currentRow() >= 0) QDialog::accept();
}

}  // namespace anagraph::app
