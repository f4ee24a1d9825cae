#include "app/house/recogniser_dialog.h"

#include <QDialogButtonBox>
#include <QVBoxLayout>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/work/work_bar.h"
#include "shop/hear.h"

namespace anagraph::app {

using theme::text;

RecogniserDialog::RecogniserDialog(const std::string& command, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("What listens to films without a narration"));
    setMinimumWidth(680);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(22, 18, 22, 18);
    down->setSpacing(10);
    down->addWidget(quiet_label(
        tr("Left empty, the program listens itself: a little English, with the words of the trade and of the guide in hand. Where the "
           "workshop has a better recogniser, write its command here. It is given a WAV file (16 kHz, one channel) and "
           "writes WebVTT or SRT to its standard output; {sound} and {text} in the command stand for the file it reads "
           "and one it writes."),
        this));
    command_ = new QLineEdit(text(command), this);
    command_->setAccessibleName(tr("Command of the recogniser"));
    command_->setPlaceholderText(tr("the program's own recogniser"));
    down->addWidget(command_);
    auto* across = new QHBoxLayout;
    try_ = new QPushButton(tr("&Try it"), this);
    try_->setToolTip(tr("Lets it listen to one spoken sentence that comes with the program."));
    try_->setAutoDefault(false);
    across->addWidget(try_);
    auto* stop = new QPushButton(tr("&Stop"), this);
    stop->setAutoDefault(false);
    auto* bar = new WorkBar(work_, tr("Progress of the trial"), stop, this);
    bar->set_words(tr("Listening"));
    across->addWidget(bar, 1);
    across->addStretch();
    down->addLayout(across);
    heard_ = new QLabel(this);
    heard_->setWordWrap(true);
    heard_->setAccessibleName(tr("What it heard"));
    heard_->setMinimumHeight(4 * fontMetrics().lineSpacing());
    heard_->setAlignment(Qt::AlignTop);
    heard_->setTextFormat(Qt::PlainText);
    down->addWidget(heard_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Keep it"));
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(try_, &QPushButton::clicked, this, &RecogniserDialog::try_it);
    connect(stop, &QPushButton::clicked, this, [this] { work_.cancel(); });
    connect(&work_, &Work::busy_changed, this, &RecogniserDialog::refresh);
    refresh();
}

void RecogniserDialog::refresh() { try_->setEnabled(!work_.busy()); }

void RecogniserDialog::try_it() {
    heard_->clear();
    work_.run([command = command()](const GoOn& go_on) { return shop::try_hearing_command(command, go_on); },
        [this](const core::Result<std::string>& heard) {
            heard_->setText(heard ? tr("Said: %1\nHeard: %2").arg(text(shop::words_to_try()), text(*heard)) : text(heard.error().message));
        });
}

}  // namespace anagraph::app
