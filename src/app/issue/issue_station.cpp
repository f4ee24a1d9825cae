#include "app/issue/issue_station.h"

#include <QDesktopServices>
#include <QFormLayout>
#include <QFutureWatcher>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QUrl>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "app/theme/theme.h"
#include "core/procedure/open_points.h"
#include "shop/issue.h"

namespace anagraph::app {

using theme::text;

IssueStation::IssueStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(20, 18, 20, 18);
    across->setSpacing(20);

    auto* left = new QVBoxLayout;
    left->setSpacing(10);
    auto* head = new QFrame(this);
    head->setObjectName(QStringLiteral("card"));
    auto* form = new QFormLayout(head);
    form->setContentsMargins(16, 12, 16, 12);
    number_ = new QLineEdit(head);
    interval_ = new QLineEdit(head);
    interval_->setPlaceholderText(tr("every 100 h or 12 months, whichever comes first"));
    site_note_ = new QLineEdit(head);
    site_note_->setPlaceholderText(tr("what the shop adds to the safety statement"));
    number_->setAccessibleName(tr("Number of the guide"));
    interval_->setAccessibleName(tr("When it is done"));
    site_note_->setAccessibleName(tr("Note of the shop"));
    form->addRow(tr("&Number of the guide"), number_);
    form->addRow(tr("&When it is done"), interval_);
    form->addRow(tr("Note of the &shop"), site_note_);
    left->addWidget(head);
    what_title_ = titled(QString(), this);
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
    issue_ = new KeyButton(tr("Issue"), QKeySequence(Qt::CTRL | Qt::Key_Return), this, true);
    sign->addWidget(issue_);
    left->addLayout(sign);
    work_ = new QWidget(this);
    auto* work = new QHBoxLayout(work_);
    work->setContentsMargins(0, 0, 0, 0);
    work_words_ = new QLabel(work_);
    bar_ = new QProgressBar(work_);
    bar_->setRange(0, 1000);
    bar_->setTextVisible(false);
    auto* cancel = new KeyButton(tr("Cancel"), Qt::Key_Escape, this);
    work->addWidget(work_words_);
    work->addWidget(bar_, 1);
    work->addWidget(cancel);
    work_->hide();
    left->addWidget(work_);
    across->addLayout(left, 3);

    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addWidget(titled(tr("Editions"), this));
    editions_ = new QListWidget(this);
    editions_->setWordWrap(true);
    editions_->setAccessibleName(tr("Editions"));
    right->addWidget(editions_, 1);
    verdict_ = second(QString(), this);
    right->addWidget(verdict_);
    auto* row = new QHBoxLayout;
    auto* open = new KeyButton(tr("Open pack"), QKeySequence(Qt::CTRL | Qt::Key_P), this);
    auto* verify = new KeyButton(tr("Verify"), QKeySequence(Qt::CTRL | Qt::Key_Y), this);
    row->addWidget(open);
    row->addWidget(verify);
    row->addStretch(1);
    right->addLayout(row);
    across->addLayout(right, 2);

    connect(issue_, &QPushButton::clicked, this, &IssueStation::issue);
    connect(open, &QPushButton::clicked, this, &IssueStation::open_pack);
    connect(verify, &QPushButton::clicked, this, &IssueStation::verify_pack);
    connect(cancel, &QPushButton::clicked, this, [this] { if (stop_) *stop_ = true; });
    connect(checker_, &QLineEdit::textChanged, this, &IssueStation::show_ready);
    for (auto* edit : {number_, interval_, site_note_}) connect(edit, &QLineEdit::editingFinished, this, &IssueStation::save_header);
    connect(&session_, &Session::changed, this, &IssueStation::refresh);
    setFocusProxy(checker_);
    show_ready();
}

IssueStation::~IssueStation() {
    if (stop_) *stop_ = true;
    QThreadPool::globalInstance()->waitForDone();
}

void IssueStation::showEvent(QShowEvent*) {
    refresh();
    checker_->setFocus();
}

void IssueStation::show_ready() {
    const bool signed_off = !checker_->text().trimmed().isEmpty();
    issue_->setEnabled(!issuing_ && something_to_issue_ && signed_off);
    issue_->setToolTip(!something_to_issue_ ? tr("The list above says what stands in the way.") : signed_off ? tr("Freezes the edition and writes its pack (Ctrl+Enter)")
                                                                                                             : tr("Write who checked it first."));
}

void IssueStation::save_header() {
    core::Header h = session_.procedure().header;
    h.number = number_->text().trimmed().toStdString();
    h.interval = interval_->text().trimmed().toStdString();
    h.site_note = site_note_->text().trimmed().toStdString();
    if (!(h == session_.procedure().header)) session_.perform(core::Change{"change the guide's head", {core::SetHeader{std::move(h)}}});
}

void IssueStation::refresh() {
    if (!isVisible() || !session_.has_guide()) return;
    const auto& p = session_.procedure();
    const std::pair<QLineEdit*, const std::string&> fields[] = {{number_, p.header.number}, {interval_, p.header.interval}, {site_note_, p.header.site_note}};
    for (const auto& [edit, value] : fields)
        if (!edit->hasFocus()) edit->setText(text(value));
    const auto editions = session_.library().editions(session_.guide());
    if (!editions) {
        session_.tell(text(editions.error().message));
        return;
    }
    editions_->clear();
    for (auto it = editions->rbegin(); it != editions->rend(); ++it) {
        auto* item = new QListWidgetItem(tr("Edition %1 · %2\nchecked by %3 · %4%5").arg(it->edition.number).arg(text(it->edition.issued).left(10), text(it->edition.checker), text(it->sha256).left(8), it == editions->rbegin() ? tr(" · current") : QString()), editions_);
        item->setData(Qt::UserRole, it->edition.number);
    }
    if (editions_->count() > 0) editions_->setCurrentRow(0);
    const int next = editions->empty() ? 1 : editions->back().edition.number + 1;
    issue_->set_words(tr("Issue edition %1").arg(next));
    what_->clear();
    const auto reasons = core::reasons_not_to_issue(p);
    something_to_issue_ = reasons.empty();
    const auto line = [&](const QString& words, const char* mark) { new QListWidgetItem(QString::fromUtf8(mark) + QStringLiteral("  ") + words, what_); };
    if (!reasons.empty()) {
        what_title_->setText(tr("Before edition %1 can go out").arg(next));
        for (const auto& r : reasons) line(text(r), "✕");
        show_ready();
        return;
    }
    if (editions->empty()) {
        what_title_->setText(tr("Edition 1 will say"));
        line(theme::counted(static_cast<qsizetype>(p.steps.size()), tr("1 step, after the safety statement"), tr("%1 steps, after the safety statement")), "▪");
    } else {
        what_title_->setText(tr("What changed since edition %1, as the learner will read it").arg(next - 1));
        for (const auto& d : core::differences(editions->back().edition.procedure, p)) line(text(d.text) + (d.read_again ? tr(" (read again)") : QString()), d.read_again ? "◆" : "▪");
        something_to_issue_ = what_->count() > 0;
        if (!something_to_issue_) line(tr("Nothing changed since edition %1, so there is nothing to issue.").arg(next - 1), "·");
    }
    show_ready();
    for (const auto& point : core::open_points(p))
        if (point.station == core::Station::Figures) line(tr("Printed as what it is: %1").arg(text(point.text)), "?");
}

void IssueStation::issue() {
    if (issuing_ || !session_.has_guide()) return;
    auto request = shop::prepare_issue(session_.library(), session_.guide(), session_.author().toStdString(), checker_->text().trimmed().toStdString());
    if (!request) {
        session_.tell(text(request.error().message));
        return;
    }
    QMessageBox ask(QMessageBox::Question, tr("Issue edition %1").arg(request->edition.number), tr("Edition %1 is frozen for ever and handed out. Issue it?").arg(request->edition.number), QMessageBox::Yes | QMessageBox::No, this);
    ask.setDefaultButton(QMessageBox::Yes);
    if (ask.exec() != QMessageBox::Yes) return;
    issuing_ = true;
    show_ready();
    work_->show();
    bar_->setValue(0);
    stop_ = std::make_shared<std::atomic<bool>>(false);
    const auto shared = std::make_shared<publish::PackRequest>(std::move(*request));
    const auto progress = [this, stop = stop_](const std::string& what, double share) {
        QMetaObject::invokeMethod(
            this, [this, what, share] {
                work_words_->setText(text(what));
                bar_->setValue(static_cast<int>(share * 1000));
            },
            Qt::QueuedConnection);
        return !stop->load();
    };
    auto* watcher = new QFutureWatcher<std::shared_ptr<core::Outcome>>(this);
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher, shared] {
        const auto done = watcher->result();
        watcher->deleteLater();
        issuing_ = false;
        work_->hide();
        if (!*done) {
            session_.tell(text(done->error().message));
        } else if (const auto hash = shop::enter_edition(session_.library(), session_.guide(), *shared); !hash) {
            session_.tell(text(hash.error().message));
        } else {
            verdict_->setText(tr("Edition %1 is issued: %2").arg(shared->edition.number).arg(text(publish::edition_mark(shared->edition, *hash))));
            emit session_.library_changed();
        }
        refresh();
    });
    watcher->setFuture(QtConcurrent::run([shared, progress] { return std::make_shared<core::Outcome>(publish::write_pack(*shared, progress)); }));
}

QString IssueStation::chosen_pack() const {
    const auto* item = editions_->currentItem();
    return item == nullptr ? QString() : text(session_.library().edition_folder(session_.guide(), item->data(Qt::UserRole).toInt()));
}

void IssueStation::open_pack() {
    if (chosen_pack().isEmpty())
        session_.tell(tr("No edition is issued yet."));
    else if (!QDesktopServices::openUrl(QUrl::fromLocalFile(chosen_pack() + QStringLiteral("/guide.html"))))
        session_.tell(tr("No browser could be started; open %1/guide.html yourself.").arg(chosen_pack()));
}

void IssueStation::verify_pack() {
    if (chosen_pack().isEmpty()) {
        session_.tell(tr("No edition is issued yet."));
        return;
    }
    verdict_->setText(tr("Every file of the pack is being read …"));
    using Verdict = core::Result<publish::Verification>;
    auto* watcher = new QFutureWatcher<std::shared_ptr<Verdict>>(this);
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher] {
        const Verdict& v = *watcher->result();
        watcher->deleteLater();
        QStringList troubles;
        if (v)
            for (const auto& t : v->troubles) troubles << text(t);
        verdict_->setText(!v ? text(v.error().message) : v->good ? tr("The pack is what was issued: %1.").arg(text(v->edition))
                                                                 : troubles.join(QLatin1Char('\n')));
    });
    watcher->setFuture(QtConcurrent::run([folder = chosen_pack().toStdString()] { return std::make_shared<Verdict>(publish::verify_pack(folder)); }));
}

}  // namespace anagraph::app
