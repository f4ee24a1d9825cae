#include "app/company/library_dialog.h"

#include <QDateTime>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/work/work_bar.h"
#include "store/place.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr std::int64_t kGigabyte = 1'000'000'000;
constexpr int kMostGigabytes = 100'000;

}  // namespace

LibraryDialog::LibraryDialog(Session& session, TakingAlong& along, QWidget* parent)
    : QDialog(parent), session_(session), along_(along), trouble_(new QLabel(this)) {
    setWindowTitle(tr("This library"));
    setMinimumWidth(720);
    build_commands();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(24, 20, 24, 18);
    down->setSpacing(10);
    const auto place = store::library_place(session_.home());
    auto* name = new QLabel(place ? text(store::shown(*place)) : text(session_.home()), this);
    name->setFont(theme::font("large"));
    name->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    name->setAccessibleName(tr("Where this library lives"));
    down->addWidget(name);
    if (place)
        down->addWidget(quiet_label(!place->server ? tr("All of it lies in this folder of this computer.")
                : place->bucket ? tr("Its films and packs lie in an object store: %1.").arg(text(store::shown(*place->bucket)))
                                : tr("Its films and packs lie in %1.").arg(text(place->folder)),
            this));
    if (session_.library().has_far_files()) add_films(down);
    if (session_.is_away())
        down->addWidget(
            quiet_label(tr("Its server cannot be reached; what goes along and where it lives can be changed when it is back."), this));
    else {
        if (session_.library().is_on_server()) add_along(down);
        add_move(down);
    }
    trouble_->setWordWrap(true);
    trouble_->setAccessibleName(tr("What is wrong"));
    trouble_->setStyleSheet(QStringLiteral("color: %1").arg(theme::colour("danger").name()));
    trouble_->hide();
    down->addWidget(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    commands_->refresh();
}

void LibraryDialog::build_commands() {
    commands_ = new Commands(tr("This library"), this);
    const QString along = tr("Taken along");
    commands_->add({"library.take-along", tr("Take along"), Qt::ALT | Qt::Key_T,
        tr("Copies the ticked guides with all that belongs to them to this computer; none ticked: the copy goes."), along, {},
        [this] { take(); }, [this] { return unless(guides_ != nullptr && !along_.work().busy(), tr("It is being copied.")); }});
    commands_->add({"library.stop", tr("Stop"), Qt::ALT | Qt::Key_S, tr("Stops copying; what was taken along before stays."), along, {},
        [this] { along_.stop(); }, [this] { return unless(along_.work().busy(), tr("Nothing is being copied.")); }});
    const QString away = tr("Move");
    commands_->add({"library.folder", tr("Choose folder"), Qt::ALT | Qt::Key_F, tr("A folder that is empty, or not there yet."), away, {},
        [this] { choose_folder(); }, [this] { return unless(to_ != nullptr, tr("Its server cannot be reached.")); }});
    commands_->add({"library.move", tr("Move it"), Qt::ALT | Qt::Key_M,
        tr("Copies all of it there, compares, and opens it there. The window is closed meanwhile; this library stays as it is."), away, {},
        [this] { move(); }, [this] { return unless(to_ != nullptr, tr("Its server cannot be reached.")); }});
}

void LibraryDialog::add_films(QVBoxLayout* down) {
    const auto here = session_.library().files_here();
    down->addSpacing(8);
    down->addWidget(title_label(tr("Films on this computer"), this));
    auto* across = new QHBoxLayout;
    across->addWidget(new QLabel(tr("%1 are here, of at most").arg(theme::bytes_in_words(here->held)), this));
    most_ = new QSpinBox(this);
    most_->setRange(1, kMostGigabytes);
    most_->setSuffix(tr(" GB"));
    most_->setValue(static_cast<int>(here->most / kGigabyte));
    most_->setAccessibleName(tr("The most that films take up on this computer, in gigabytes"));
    across->addWidget(most_);
    across->addStretch(1);
    down->addLayout(across);
    down->addWidget(quiet_label(tr("What is needed comes by itself; what was not used for longest goes first."), this));
    connect(most_, &QSpinBox::valueChanged, this, [this](int gigabytes) {
        if (auto kept = session_.library().keep_here_at_most(gigabytes * kGigabyte); !kept) {
            trouble_->setText(text(kept.error().message));
            trouble_->show();
        }
    });
}

void LibraryDialog::add_along(QVBoxLayout* down) {
    down->addSpacing(8);
    down->addWidget(title_label(tr("Taken along where the server is not"), this));
    guides_ = new QListWidget(this);
    guides_->setAccessibleName(tr("Guides that are taken along"));
    guides_->setMinimumHeight(150);
    const auto taken = store::taken_along(session_.home());
    const auto all = session_.library().guides();
    if (all)
        for (const auto& g : *all) {
            auto* row = new QListWidgetItem(QStringLiteral("%1 · %2").arg(text(g.machine), text(g.title)), guides_);
            row->setData(Qt::UserRole, text(g.id.text()));
            row->setFlags(row->flags() | Qt::ItemIsUserCheckable);
            row->setCheckState(
                std::find(taken.guides.begin(), taken.guides.end(), g.id) != taken.guides.end() ? Qt::Checked : Qt::Unchecked);
        }
    guides_->setCurrentRow(0);
    down->addWidget(guides_, 1);
    films_ = new QCheckBox(tr("The films themselves too, for stills and clips on the way; without, their small copies only"), this);
    films_->setChecked(taken.films);
    down->addWidget(films_);
    auto* across = new QHBoxLayout;
    across->addWidget(command_button(*commands_, QStringLiteral("library.take-along"), this));
    taken_ = quiet_label(QString(), this);
    across->addWidget(taken_, 1);
    down->addLayout(across);
    auto* bar =
        new WorkBar(along_.work(), tr("How far the copy is"), command_button(*commands_, QStringLiteral("library.stop"), this), this);
    bar->set_words(tr("It is being copied"));
    down->addWidget(bar);
    connect(&along_.work(), &Work::busy_changed, commands_, &Commands::refresh);
    connect(&along_, &TakingAlong::taken, this, &LibraryDialog::say_taken);
    connect(&along_, &TakingAlong::failed, this, [this](const QString& why) {
        trouble_->setText(why);
        trouble_->show();
    });
    say_taken();
}

void LibraryDialog::say_taken() {
    const auto taken = store::taken_along(session_.home());
    taken_->setText(taken.guides.empty()
            ? tr("Nothing is taken along yet.")
            : tr("%n guides are with you, as they were on %1; they are kept up to date.", "1 guide is with you, as it was on %1; it is kept up to date.", static_cast<int>(taken.guides.size()))
                  .arg(QDateTime::fromString(text(taken.at), Qt::ISODate).toLocalTime().toString(QStringLiteral("d MMMM, HH:mm"))));
}

void LibraryDialog::take() {
    trouble_->hide();
    std::vector<store::GuideId> ticked;
    for (int i = 0; i < guides_->count(); ++i)
        if (guides_->item(i)->checkState() == Qt::Checked)
            ticked.emplace_back(guides_->item(i)->data(Qt::UserRole).toString().toStdString());
    along_.take(ticked, films_->isChecked());
}

void LibraryDialog::add_move(QVBoxLayout* down) {
    down->addSpacing(8);
    down->addWidget(title_label(tr("Move it elsewhere"), this));
    auto* across = new QHBoxLayout;
    to_ = new QLineEdit(this);
    to_->setPlaceholderText(tr("a new folder, or the address of a database"));
    to_->setAccessibleName(tr("Where to: a folder, or the address of a database"));
    across->addWidget(to_, 1);
    across->addWidget(command_button(*commands_, QStringLiteral("library.folder"), this));
    across->addWidget(command_button(*commands_, QStringLiteral("library.move"), this));
    down->addLayout(across);
    down->addWidget(quiet_label(tr("An address looks like postgresql://HOST/DATABASE?objects=FOLDER. Everything comes along, and is "
                                   "compared where it arrived. The window is closed meanwhile, and nobody "
                                   "else may have the library open."),
        this));
    connect(to_, &QLineEdit::returnPressed, this, &LibraryDialog::move);
}

void LibraryDialog::choose_folder() {
    QFileDialog dialog(this, tr("A new folder for this library"));
    dialog.setFileMode(QFileDialog::Directory);
    dialog.setOption(QFileDialog::DontUseNativeDialog);
    dialog.setOption(QFileDialog::ShowDirsOnly);
    if (dialog.exec() == QDialog::Accepted) to_->setText(dialog.selectedFiles().front());
}

void LibraryDialog::move() {
    const QString to = to_->text().trimmed();
    const auto place = store::library_place(to.toStdString());
    const QString wrong = to.isEmpty()   ? tr("Say where it is to be moved.")
        : !place                         ? text(place.error().message)
        : place->text == session_.home() ? tr("It lives there already.")
                                         : QString();
    trouble_->setText(wrong);
    trouble_->setVisible(!wrong.isEmpty());
    if (!wrong.isEmpty()) return;
    move_to_ = text(place->text);
    accept();
}

}  // namespace anagraph::app
