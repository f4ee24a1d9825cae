#include "app/issue/issue_station.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QUrl>
#include <QVBoxLayout>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/review/open_points.h"
#include "shop/issue.h"
#include "shop/verify.h"

namespace anagraph::app {

using theme::text;

IssueStation::IssueStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    editions_ = new QListWidget(this);
    build_commands();
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(20, 18, 20, 18);
    across->setSpacing(20);

    auto* left = new QVBoxLayout;
    left->setSpacing(10);
    auto* head = new QFrame(this);
    head->setObjectName(QStringLiteral("card"));
    auto* facts = new QVBoxLayout(head);
    facts->setContentsMargins(16, 12, 16, 12);
    header_ = new QLabel(head);
    header_->setWordWrap(true);
    header_->setTextFormat(Qt::PlainText);
    header_->setAccessibleName(tr("What is printed on every page"));
    facts->addWidget(header_);
    facts->addWidget(quiet_label(tr("Press the guide's name above to change these."), head));
    left->addWidget(head);
    what_title_ = title_label(QString(), this);
    left->addWidget(what_title_);
    what_ = new QListWidget(this);
    what_->setWordWrap(true);
    what_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    what_->setAccessibleName(tr("What the edition says or what stands in its way"));
    left->addWidget(what_, 1);
    auto* sign = new QHBoxLayout;
    sign->addWidget(new QLabel(tr("Checked by"), this));
    checker_ = new QLineEdit(this);
    checker_->setPlaceholderText(tr("a second person, by post: checker"));
    checker_->setAccessibleName(tr("Checked by"));
    sign->addWidget(checker_, 1);
    left->addLayout(sign);
    left->addWidget(new CommandRow(*commands_, this));
    bar_ = new WorkBar(work_, tr("Progress"), new CommandButton(*commands_, *commands_->find(QStringLiteral("issue.cancel")), this), this);
    connect(&work_, &Work::busy_changed, this, [this] { commands_->refresh(); });
    left->addWidget(bar_);
    across->addLayout(left, 3);

    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addWidget(title_label(tr("Editions"), this));
    editions_->setWordWrap(true);
    editions_->setAccessibleName(tr("Editions"));
    right->addWidget(editions_, 1);
    verdict_ = quiet_label(QString(), this);
    right->addWidget(verdict_);
    across->addLayout(right, 2);

    connect(checker_, &QLineEdit::textChanged, commands_, &Commands::refresh);
    connect(editions_, &QListWidget::currentRowChanged, commands_, &Commands::refresh);
    connect(&session_, &Session::changed, this, &IssueStation::refresh);
    setFocusProxy(checker_);
}

void IssueStation::showEvent(QShowEvent*) {
    refresh();
    checker_->setFocus();
}

void IssueStation::refresh() {
    if (!isVisible() || !session_.has_guide()) return;
    const auto& p = session_.procedure();
    const auto or_none = [](const std::string& value, const QString& none) { return value.empty() ? none : text(value); };
    header_->setText(tr("Guide number: %1\nInterval: %2\nWorkshop note: %3")
                         .arg(or_none(p.header.number, tr("not given yet")), or_none(p.header.interval, tr("none")),
                             or_none(p.header.site_note, tr("none"))));
    const auto editions = session_.library().editions(session_.guide());
    if (!editions) {
        session_.tell(text(editions.error().message));
        return;
    }
    editions_->clear();
    for (auto it = editions->rbegin(); it != editions->rend(); ++it) {
        auto* item = new QListWidgetItem(tr("Edition %1 · %2\nchecked by %3 · %4%5")
                                             .arg(it->edition.number)
                                             .arg(text(it->edition.issued).left(10), text(it->edition.checker), text(it->sha256).left(8),
                                                 it == editions->rbegin() ? tr(" · current") : QString()),
            editions_);
        item->setData(Qt::UserRole, it->edition.number);
    }
    if (editions_->count() > 0) editions_->setCurrentRow(0);
    const auto ready = shop::readiness(session_.library(), session_.guide());
    if (!ready) {
        session_.tell(text(ready.error().message));
        return;
    }
    next_edition_ = ready->next;
    what_->clear();
    something_to_issue_ = ready->reasons.empty();
    const auto line = [&](const QString& words, const char* mark) {
        new QListWidgetItem(QString::fromUtf8(mark) + QStringLiteral("  ") + words, what_);
    };
    if (!ready->reasons.empty()) {
        what_title_->setText(ready->current ? tr("Edition %1 is current").arg(editions->back().edition.number)
                                            : tr("Before edition %1 can go out").arg(ready->next));
        for (const auto& r : ready->reasons) line(text(r), ready->current ? "·" : "✕");
        commands_->refresh();
        return;
    }
    if (editions->empty()) {
        what_title_->setText(tr("Edition %1 will say").arg(ready->next));
        line(theme::counted(static_cast<qsizetype>(p.steps.size()), tr("1 step, after the safety statement"),
                 tr("%1 steps, after the safety statement")),
            "▪");
    } else {
        what_title_->setText(tr("What changed since edition %1, as the learner will read it").arg(editions->back().edition.number));
        for (const auto& d : ready->changes)
            line(text(d.text) + (d.read_again ? tr(" (read again)") : QString()), d.read_again ? "◆" : "▪");
    }
    commands_->refresh();
    for (const auto& point : core::open_points(p))
        if (point.station == core::Station::Figures) line(tr("Goes out like this: %1").arg(text(point.text)), "?");
}

void IssueStation::issue() {
    auto request = shop::prepare_issue(
        session_.library(), session_.guide(), session_.author().toStdString(), checker_->text().trimmed().toStdString());
    if (!request) {
        session_.tell(text(request.error().message));
        return;
    }
    QMessageBox ask(QMessageBox::Question, tr("Issue edition %1").arg(request->pack.edition.number),
        tr("Edition %1 is frozen for ever and handed out. Issue it?").arg(request->pack.edition.number), QMessageBox::Yes | QMessageBox::No,
        this);
    ask.setDefaultButton(QMessageBox::Yes);
    if (ask.exec() != QMessageBox::Yes) return;
    bar_->set_words(tr("Issuing edition %1").arg(request->pack.edition.number));
    // what is issued was fixed above; whatever guide is in hand by the end, this one gets the edition
    const auto fixed = std::make_shared<const shop::IssueRequest>(std::move(*request));
    work_.run([fixed](const GoOn& go_on) { return shop::make_pack(*fixed, go_on); },
        [this, fixed](core::Result<shop::MadePack>& pack) {
            const auto hash = pack ? shop::enter_edition(session_.library(), *fixed, std::move(*pack)) : tl::make_unexpected(pack.error());
            if (!hash) {
                session_.tell(text(hash.error().message));
            } else {
                verdict_->setText(tr("Edition %1 is issued: %2")
                                      .arg(fixed->pack.edition.number)
                                      .arg(text(publish::edition_mark(fixed->pack.edition, *hash))));
                for (const auto& remark : fixed->remarks) session_.tell(text(remark));
                emit session_.library_changed();
            }
            refresh();
        });
}

int IssueStation::chosen_edition() const {
    const auto* item = editions_->currentItem();
    return item == nullptr ? 0 : item->data(Qt::UserRole).toInt();
}

QString IssueStation::chosen_pack() const {
    if (chosen_edition() == 0) return {};
    const auto folder = session_.library().pack_folder(session_.guide(), chosen_edition());
    return folder ? text(*folder) : QString();
}

void IssueStation::open_pack() {
    if (!QDesktopServices::openUrl(QUrl::fromLocalFile(chosen_pack() + QStringLiteral("/guide.html"))))
        session_.tell(tr("No browser could be started; open %1/guide.html yourself.").arg(chosen_pack()));
}

void IssueStation::verify_pack() {
    verdict_->clear();
    bar_->set_words(tr("Every file of the pack is being read"));
    work_.run([pack = chosen_pack().toStdString(), library = session_.library().folder()](
                  const GoOn& go_on) { return shop::verify(pack, {library, library}, go_on); },
        [this](const core::Result<shop::PackVerdict>& v) { verdict_->setText(text(v ? v->words : v.error().message)); });
}

void IssueStation::copy_pack() {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Choose the folder to copy the pack into"));
    if (!folder.isEmpty()) copy_pack_into(folder);
}

void IssueStation::copy_pack_into(const QString& folder) {
    const int number = chosen_edition();
    const auto guide = session_.guide();
    const QString to = QStringLiteral("%1/%2-%3").arg(folder, text(guide.text())).arg(number);
    verdict_->clear();
    bar_->set_words(tr("Edition %1 is being copied to %2").arg(number).arg(to));
    work_.run(
        [library = session_.library().folder(), guide, number, to = to.toStdString()](const GoOn& go_on) -> core::Outcome {
            const auto opened = store::Library::read(library);
            if (!opened) return tl::make_unexpected(opened.error());
            return shop::deliver(**opened, guide, number, to, go_on);
        },
        [this, number, to](const core::Outcome& done) {
            verdict_->setText(done ? tr("Edition %1 is in %2.").arg(number).arg(to) : text(done.error().message));
        });
}

}  // namespace anagraph::app
