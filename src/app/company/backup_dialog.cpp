#include "app/company/backup_dialog.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/work/work_bar.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kMostDays = 365;

}  // namespace

BackupDialog::BackupDialog(BackingUp& backing_up, QWidget* parent)
    : QDialog(parent),
      backing_up_(backing_up),
      commands_(new Commands(tr("Backup"), this)),
      folder_(new QLineEdit(this)),
      every_(new QSpinBox(this)),
      there_(new QListWidget(this)),
      trouble_(new QLabel(this)) {
    setWindowTitle(tr("Backup"));
    setMinimumWidth(720);
    const auto chosen = [this] { return unless(!folder_->text().trimmed().isEmpty(), tr("Choose a folder first.")); };
    commands_->add({"backup.folder", tr("Choose folder"), Qt::ALT | Qt::Key_F, tr("On another disk, or on a stick."), tr("Backup"), {},
        [this] { choose_folder(); }});
    commands_->add({"backup.now", tr("Back up now"), Qt::ALT | Qt::Key_B, tr("Makes one beside your work and tries it."), tr("Backup"), {},
        [this] { make(); }, chosen});
    commands_->add({"backup.stop", tr("Stop"), Qt::ALT | Qt::Key_S, tr("Stops it; the backups before it stay."), tr("Backup"), {},
        [this] { backing_up_.stop(); }, [this] { return unless(backing_up_.work().busy(), tr("None is being made.")); }});
    const auto wish = backing_up_.wish();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(24, 20, 24, 18);
    down->setSpacing(10);
    down->addWidget(title_label(tr("Backups of this library"), this));
    auto* across = new QHBoxLayout;
    folder_->setText(wish.folder);
    folder_->setPlaceholderText(tr("a folder on another disk, or on a stick"));
    folder_->setAccessibleName(tr("Where the backups go"));
    across->addWidget(folder_, 1);
    across->addWidget(command_button(*commands_, QStringLiteral("backup.folder"), this));
    down->addLayout(across);
    auto* often = new QHBoxLayout;
    auto* words = new QLabel(tr("One every"), this);
    often->addWidget(words);
    every_->setRange(1, kMostDays);
    every_->setValue(wish.every);
    every_->setSuffix(tr(" days"));
    every_->setAccessibleName(tr("How many days from one backup to the next"));
    words->setBuddy(every_);
    often->addWidget(every_);
    often->addWidget(quiet_label(tr("It is made while you work, when it is due and the folder is there."), this), 1);
    down->addLayout(often);
    down->addSpacing(6);
    there_->setAccessibleName(tr("Backups that are there"));
    there_->setSelectionMode(QAbstractItemView::NoSelection);
    there_->setFocusPolicy(Qt::NoFocus);
    there_->setMinimumHeight(130);
    down->addWidget(there_, 1);
    down->addWidget(quiet_label(tr("Each was tried by opening it; the last three stay. On another computer: anagraph FILE.zip"), this));
    auto* bar =
        new WorkBar(backing_up_.work(), tr("How far the backup is"), command_button(*commands_, QStringLiteral("backup.stop"), this), this);
    bar->set_words(tr("It is being made and tried"));
    bar->setVisible(backing_up_.work().busy());
    down->addWidget(bar);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    trouble_->setAccessibleName(tr("What is wrong"));
    trouble_->hide();
    down->addWidget(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    auto* last = new QHBoxLayout;
    last->addWidget(command_button(*commands_, QStringLiteral("backup.now"), this));
    last->addStretch(1);
    last->addWidget(buttons);
    down->addLayout(last);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(folder_, &QLineEdit::textChanged, this, &BackupDialog::keep);
    connect(every_, &QSpinBox::valueChanged, this, &BackupDialog::keep);
    connect(&backing_up_, &BackingUp::made, this, &BackupDialog::show_there);
    connect(&backing_up_, &BackingUp::failed, this, [this](const QString& why) {
        trouble_->setText(why);
        trouble_->show();
    });
    connect(&backing_up_.work(), &Work::busy_changed, commands_, &Commands::refresh);
    show_there();
    commands_->refresh();
    folder_->setFocus();
}

void BackupDialog::keep() {
    backing_up_.set_wish({folder_->text().trimmed(), every_->value()});
    show_there();
    commands_->refresh();
}

void BackupDialog::choose_folder() {
    QFileDialog dialog(this, tr("A folder for backups"));
    dialog.setFileMode(QFileDialog::Directory);
    dialog.setOption(QFileDialog::DontUseNativeDialog);
    dialog.setOption(QFileDialog::ShowDirsOnly);
    if (dialog.exec() == QDialog::Accepted) folder_->setText(dialog.selectedFiles().front());
}

void BackupDialog::make() {
    trouble_->hide();
    keep();
    backing_up_.make();
}

void BackupDialog::show_there() {
    there_->clear();
    for (const auto& b : backing_up_.there()) {
        const std::chrono::year_month_day day(b.day);
        const QDate date(static_cast<int>(day.year()), static_cast<int>(static_cast<unsigned>(day.month())),
            static_cast<int>(static_cast<unsigned>(day.day())));
        there_->addItem(
            tr("%1, %2 · %3")
                .arg(date.toString(QStringLiteral("d MMMM yyyy")), theme::bytes_in_words(b.bytes), QFileInfo(text(b.file)).fileName()));
    }
    if (there_->count() == 0) there_->addItem(folder_->text().trimmed().isEmpty() ? tr("None is made.") : tr("None is there yet."));
}

}  // namespace anagraph::app
