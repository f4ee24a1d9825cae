#include "app/issue/issue_station.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>

#include "app/film/coming_films.h"
#include "app/people/hand_out_form.h"
#include "app/people/key_forms.h"
#include "app/sheet/step_forms.h"
#include "app/theme/controls.h"
#include "app/theme/form.h"
#include "app/theme/theme.h"
#include "core/base/letters.h"
#include "publish/pack_source.h"
#include "shop/handout.h"
#include "shop/issue.h"
#include "shop/verify.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kLeft = 342;

QString with_whom(const std::vector<std::string>& holders) {
    QStringList names;
    for (const auto& h : holders) names << text(h);
    return names.isEmpty() ? QObject::tr("Nobody in the register has it.")
                           : QObject::tr("It is with: %1.").arg(names.join(QStringLiteral(", ")));
}

}  // namespace

IssueStation::IssueStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    life_ = new LifeLine(this);
    places_ = new QListWidget(this);
    checker_ = new QLineEdit(this);
    build_commands();
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(20, 16, 20, 14);
    across->setSpacing(20);
    build_left(across);

    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    verdict_ = new QLabel(this);
    verdict_->setWordWrap(true);
    verdict_->setTextFormat(Qt::PlainText);
    verdict_->setAccessibleDescription(tr("What is true of the pack"));
    verdict_->hide();
    right->addWidget(verdict_);
    panel_ = new PlacePanel(this);
    edition_panel_ = new EditionPanel(this);
    panels_ = new QStackedWidget(this);
    panels_->addWidget(panel_);
    panels_->addWidget(edition_panel_);
    right->addWidget(panels_, 1);
    bar_ = new WorkBar(work_, tr("Progress"), new CommandButton(*commands_, *commands_->find(QStringLiteral("issue.cancel")), this), this);
    connect(&work_, &Work::busy_changed, this, [this] { commands_->refresh(); });
    right->addWidget(bar_);
    right->addWidget(new CommandRow(*commands_, this));
    across->addLayout(right, 1);

    connect(checker_, &QLineEdit::textChanged, commands_, &Commands::refresh);
    for (QListWidget* list : {static_cast<QListWidget*>(life_), places_}) {
        list->installEventFilter(this);
        connect(list, &QListWidget::currentRowChanged, this, [this, list] { take_in_hand(*list); });
        connect(list, &QListWidget::itemClicked, this, [this, list] { take_in_hand(*list); });
    }
    connect(&session_, &Session::guide_opened, checker_, &QLineEdit::clear);  // it was said of another guide
    connect(&session_, &Session::changed, this, &IssueStation::refresh);
    connect(&session_, &Session::author_changed, this, [this] {
        take_in_hand(*places_);
        refresh();
        to_first_open();
    });
    setFocusProxy(places_);
}

void IssueStation::build_left(QHBoxLayout* across) {
    auto* side = new QWidget(this);
    side->setFixedWidth(kLeft);
    auto* left = new QVBoxLayout(side);
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(8);
    left->addWidget(title_label(tr("Editions"), side));
    left->addWidget(life_, 1);
    places_title_ = title_label(QString(), side);
    places_title_->setWordWrap(true);
    left->addWidget(places_title_);
    places_->setAccessibleName(tr("Places to look at"));
    places_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    places_->setTextElideMode(Qt::ElideRight);
    left->addWidget(places_, 4);
    checked_by_ = new QWidget(side);
    auto* sign = new QHBoxLayout(checked_by_);
    sign->setContentsMargins(0, 0, 0, 0);
    sign->addWidget(new QLabel(tr("Checked by"), checked_by_));
    checker_->setPlaceholderText(tr("a second person, by post"));
    checker_->setAccessibleName(tr("Checked by"));
    sign->addWidget(checker_, 1);
    left->addWidget(checked_by_);
    across->addWidget(side);
}

void IssueStation::take_in_hand(QListWidget& list) {
    edition_in_hand_ = &list == life_ && life_->edition() > 0;
    verdict_->hide();  // it was about what was in hand before
    if (&list == life_ && !edition_in_hand_ && life_->currentRow() >= 0) return show_stage();
    if (!edition_in_hand_) {
        const QSignalBlocker quiet(life_);
        life_->setCurrentRow(-1);
    }
    show_in_hand();
}

/// What waits for the checker first: a place that changed before one that did not.
void IssueStation::to_first_open() {
    if (!review_) return;
    const auto& places = review_->places;
    const auto it = std::find_if(places.begin(), places.end(), [](const shop::PlaceInReview& p) { return !p.passed; });
    if (it != places.end()) places_->setCurrentRow(static_cast<int>(it - places.begin()));
}

void IssueStation::showEvent(QShowEvent*) {
    refresh();
    to_first_open();
    // an author names who checked; a checker walks the places
    if (checked_by_->isVisibleTo(this) && !not_by_me().isEmpty())
        checker_->setFocus();
    else
        places_->setFocus();
}

// What has the keys is in hand.
bool IssueStation::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::FocusIn) {
        const bool edition = watched == life_ && life_->edition() > 0;
        if (edition != edition_in_hand_) take_in_hand(edition ? *life_ : *places_);
    }
    return QWidget::eventFilter(watched, event);
}

Hand IssueStation::in_hand() const {
    if (edition_in_hand_ && chosen_edition() > 0) return Hand::Edition;
    return place() != nullptr ? Hand::Place : Hand::Nothing;
}

void IssueStation::refresh() {
    if (!isVisible() || !session_.has_guide()) return;
    auto review = shop::review(session_.library(), session_.guide(), session_.author().toStdString());
    auto facts = review ? shop::house_facts(session_.library(), session_.guide()) : tl::make_unexpected(review.error());
    const auto ready = facts ? shop::readiness(session_.library(), session_.guide()) : tl::make_unexpected(facts.error());
    if (!ready) {
        session_.tell(text(ready.error().message));
        return;
    }
    review_ = std::move(*review);
    facts_ = std::move(*facts);
    not_ready_ = ready->reasons.empty() ? QString() : text(ready->reasons.front());
    taught_.clear();
    gaps_.clear();
    for (const auto& gap : ready->gaps) gaps_ << text(core::words_of(gap));
    for (const auto& sentence : ready->taught) taught_ << text(sentence);
    const bool signs = facts_->records.signs();
    checked_by_->setVisible(!signs && ready->reasons.empty() && review_->checks.empty());
    // who really checked it as it stands, whatever was typed before
    if (!review_->checks.empty()) checker_->setText(text(review_->checks.back().by));
    const int kept_edition = life_->edition();
    life_->show_life(shop::life(*facts_, *review_, session_.author().toStdString()));
    life_->setMaximumHeight(std::min(life_->whole_height(), height() * 3 / 5));
    life_->setMinimumHeight(std::min(life_->whole_height(), height() / 2));
    if (kept_edition > 0) {
        const QSignalBlocker quiet(life_);
        life_->choose_edition(kept_edition);
    }
    list_places();
    show_in_hand();
}

void IssueStation::list_places() {
    const QSignalBlocker quiet(places_);
    const QString kept = places_->currentItem() == nullptr ? QString() : places_->currentItem()->data(Qt::UserRole).toString();
    places_->clear();
    int open = -1;
    for (const auto& p : review_->places) {
        const QString title = text(p.place.title);
        auto* item = new QListWidgetItem(QStringLiteral("%1  %2").arg(p.passed ? QStringLiteral("✓")
                                                 : p.place.changed             ? QStringLiteral("◆")
                                                                               : QStringLiteral("·"),
                                             title),
            places_);
        item->setData(Qt::UserRole, text(p.place.id));
        item->setToolTip(title);
        item->setData(Qt::AccessibleTextRole,
            title + (p.place.changed ? tr(", changed") : QString()) + (p.passed ? tr(", passed") : tr(", not passed yet")));
        if (open < 0 && !p.passed) open = places_->count() - 1;
        if (text(p.place.id) == kept) places_->setCurrentItem(item);
    }
    // what is passed needs nobody's eyes while something else does
    const auto* now = place();
    if (now == nullptr || (now->passed && open >= 0)) places_->setCurrentRow(std::max(0, open));
    const auto changed = std::count_if(review_->places.begin(), review_->places.end(), [](const auto& p) { return p.place.changed; });
    places_title_->setText(!review_->before ? tr("Places of the guide")
            : changed == 0                  ? tr("Nothing has changed")
                                            : tr("%n places changed", "1 place changed", static_cast<int>(changed)));
}

void IssueStation::show_in_hand() {
    if (!review_) return;
    if (in_hand() == Hand::Edition)
        show_edition();
    else
        show_place();
    commands_->refresh();
}

const shop::PlaceInReview* IssueStation::place() const {
    const int row = places_->currentRow();
    return !review_ || row < 0 || row >= static_cast<int>(review_->places.size()) ? nullptr
                                                                                  : &review_->places[static_cast<std::size_t>(row)];
}

void IssueStation::show_place() {
    panels_->setCurrentWidget(panel_);
    const auto* p = place();
    if (p == nullptr) return panel_->show_words(tr("Nothing to look at"), {}, {});
    const auto* before = review_->before ? &*review_->before : nullptr;
    const auto seen = core::place_seen(p->place, before, review_->now, session_.procedure(), facts_->records, facts_->editions);
    const QString where = tr("place %1 of %2%3")
                              .arg(places_->currentRow() + 1)
                              .arg(places_->count())
                              .arg(p->passed                                  ? tr(", passed")
                                      : p->place.changed && before != nullptr ? tr(", changed")
                                                                              : QString());
    panel_->show_place(text(p->place.title), where, seen, before == nullptr ? 0 : before->number);
}

/// What stands between here and the next edition.
void IssueStation::show_stage() {
    if (!review_) return;
    panels_->setCurrentWidget(panel_);
    QStringList said;
    for (const auto& reason : review_->reasons) said << text(reason);
    if (!not_ready_.isEmpty() && !said.contains(not_ready_)) said.prepend(not_ready_);
    if (const QString why = not_by_me(); !why.isEmpty()) said << why;
    if (said.isEmpty()) said << tr("Nothing stands in the way: pass the places, and check the guide.");
    if (!taught_.isEmpty()) said << tr("The next edition says what runs at the machine taught:") << taught_;
    if (!gaps_.isEmpty()) said << tr("What is not translated as it stands goes out in the original:") << gaps_;
    panel_->show_words(tr("Before the next edition"), {}, said);
    commands_->refresh();
}

void IssueStation::show_edition() {
    const int number = chosen_edition();
    const auto* e = facts_->editions.find(number);
    if (e == nullptr) return;
    QStringList said;
    if (const auto* w = facts_->records.withdrawal(facts_->editions.guide, number)) said << tr("Withdrawn: %1").arg(text(w->because));
    said << tr("Issued %1 by %2, checked by %3; %4.")
                .arg(text(e->issued).left(10), text(e->author), text(e->checker),
                    e->signers.empty() ? tr("not signed") : tr("signed by both"));
    if (number == facts_->editions.editions.front().number) said << tr("The first edition.");
    said << with_whom(core::holders_of(facts_->records, facts_->editions.guide, number));
    EditionPanel::Shown shown{number, said, {}, chosen_pack(), {}, 0};
    if (const auto* before = facts_->editions.before(number)) {
        shown.before = before->number;
        shown.changes = core::drawn_changes(*before, *e);
        if (const auto folder = session_.library().pack_folder(session_.guide(), before->number); folder)
            shown.folder_before = text(*folder);
    }
    for (const QString& folder : {shown.folder, shown.folder_before})
        if (!folder.isEmpty() && session_.coming().bring_folder(folder.toStdString(), this, [this] { show_edition(); })) return;
    edition_panel_->show_edition(shown);
    panels_->setCurrentWidget(edition_panel_);
}

QString IssueStation::not_by_me() const { return review_ ? text(review_->not_by(session_.author().toStdString())) : QString(); }

void IssueStation::next_place(int from) {
    for (int i = 1; i <= places_->count(); ++i) {
        const int row = (from + i) % places_->count();
        if (!review_->places[static_cast<std::size_t>(row)].passed) return places_->setCurrentRow(row);
    }
}

void IssueStation::pass_place() {
    const auto* p = place();
    if (p == nullptr) return;
    const int row = places_->currentRow();
    if (auto done = shop::pass_places(session_.library(), session_.guide(), {p->place.id}, session_.author().toStdString()); !done)
        return session_.tell(text(done.error().message));
    refresh();
    next_place(row);
}

void IssueStation::take_pass_back() {
    const auto* p = place();
    if (p == nullptr) return;
    if (auto done = shop::take_pass_back(session_.library(), session_.guide(), p->place.id, session_.author().toStdString()); !done)
        return session_.tell(text(done.error().message));
    refresh();
}

void IssueStation::comment() {
    const auto* p = place();
    if (p == nullptr || p->place.step.empty()) return;
    session_.set_step(p->place.step);
    if (auto change = step_forms::comment(session_, -1, this)) session_.perform(*change);
}

void IssueStation::hear() {
    const auto* p = place();
    if (p == nullptr) return;
    const auto seen = core::place_seen(p->place, nullptr, review_->now, session_.procedure(), facts_->records, facts_->editions);
    if (!seen.moments.empty()) session_.show_moment(seen.moments.front().recording, seen.moments.front().at, true);
}

void IssueStation::go_there() {
    const auto* p = place();
    if (p == nullptr) return;
    if (!p->place.figure.empty())
        emit figure_asked(p->place.figure);
    else
        emit step_asked(p->place.step);
}

void IssueStation::check() {
    Form form(tr("Check the guide"), this, 560);
    form.words(tr("You vouch for the guide as it stands now, every place of it. A change after this asks for the check of what changed."));
    auto* note = form.line(tr("&Note"), "", tr("kept with the check; may stay empty"));
    if (!form.ask()) return;
    if (auto done = shop::check_guide(session_.library(), session_.guide(), session_.author().toStdString(), words_of(note)); !done)
        return session_.tell(text(done.error().message));
    refresh();
}

void IssueStation::issue() {
    std::optional<shop::Signing> signing;
    if (facts_->records.signs()) {
        if (review_->checks.empty()) return;
        signing = key_forms::ask_signing(session_, ring_, text(review_->checks.back().by), this);
        if (!signing) return;
    }
    const auto& library = session_.library();
    auto request = signing
        ? shop::prepare_issue(library, session_.guide(), *signing)
        : shop::prepare_issue(library, session_.guide(), session_.author().toStdString(), checker_->text().trimmed().toStdString());
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
                const int number = fixed->pack.edition.number;
                show_verdict(tr("Edition %1 is issued").arg(number),
                    tr("Its mark, on every page: %1. Hand it out to those who work by it.")
                        .arg(text(publish::edition_mark(fixed->pack.edition, *hash))),
                    true);
                for (const auto& remark : fixed->remarks) session_.tell(text(remark));
                emit session_.library_changed();
                refresh();
                if (fixed->guide == session_.guide()) {
                    life_->choose_edition(number);
                    edition_in_hand_ = true;
                }
            }
            refresh();
        });
}

void IssueStation::show_verdict(const QString& headline, const QString& words, bool good) {
    verdict_->setTextFormat(Qt::RichText);
    verdict_->setText(QStringLiteral("<span style='font-size: 17pt; font-weight: bold; color: %1'>%2</span><br>%3")
                          .arg(theme::colour(good ? "good" : "danger").name(), headline.toHtmlEscaped(),
                              words.toHtmlEscaped().replace(QLatin1Char('\n'), QLatin1String("<br>"))));
    verdict_->show();
}

int IssueStation::chosen_edition() const {
    if (life_->edition() > 0) return life_->edition();
    return facts_ && !facts_->editions.editions.empty() ? facts_->editions.editions.back().number : 0;
}

QString IssueStation::chosen_pack() const {
    if (chosen_edition() == 0) return {};
    const auto folder = session_.library().pack_folder(session_.guide(), chosen_edition());
    return folder ? text(*folder) : QString();
}

void IssueStation::open_pack() {
    if (session_.coming().bring_folder(chosen_pack().toStdString(), this, [this] { open_pack(); })) return;
    if (!QDesktopServices::openUrl(QUrl::fromLocalFile(chosen_pack() + QStringLiteral("/guide.html"))))
        session_.tell(tr("No browser could be started; open %1/guide.html yourself.").arg(chosen_pack()));
}

void IssueStation::verify_pack() { verify_path(chosen_pack()); }

void IssueStation::verify_path(const QString& path) {
    verdict_->hide();
    const std::string library = session_.library().place();
    bar_->set_words(tr("Every file of the pack is being read"));
    work_.run(
        [pack = path.toStdString(), library](const GoOn& go_on) {
            return shop::verify(pack, {"", library, true}, go_on);
        },
        [this](const core::Result<shop::PackVerdict>& v) {
            using enum shop::PackTruth;
            if (!v) return show_verdict(tr("It could not be verified"), text(v.error().message), false);
            show_verdict(text(v->headline), text(v->words), (v->truth == Vouched || v->truth == Issued) && v->withdrawn.empty());
        });
}

void IssueStation::copy_pack(bool one_file) {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Choose the folder to copy the pack into"));
    if (!folder.isEmpty()) copy_pack_into(folder, one_file);
}

void IssueStation::copy_pack_into(const QString& folder, bool one_file) {
    const int number = chosen_edition();
    const auto guide = session_.guide();
    const QString to = QStringLiteral("%1/%2-%3%4")
                           .arg(folder, text(guide.text()))
                           .arg(number)
                           .arg(one_file ? QLatin1String(publish::kPackEnding) : QString());
    verdict_->hide();
    bar_->set_words(tr("Edition %1 is being copied to %2").arg(number).arg(to));
    work_.run(
        [library = session_.library().place(), guide, number, to = to.toStdString()](const GoOn& go_on) -> core::Outcome {
            const auto opened = store::Library::read(library);
            if (!opened) return tl::make_unexpected(opened.error());
            return shop::deliver(**opened, guide, number, to, go_on);
        },
        [this, number, to](const core::Outcome& done) {
            if (done)
                show_verdict(tr("Copied"), tr("Edition %1 is in %2.").arg(number).arg(to), true);
            else
                show_verdict(tr("Not copied"), text(done.error().message), false);
        });
}

void IssueStation::export_as() {
    Form form(tr("Export edition %1").arg(chosen_edition()), this);
    QStringList names;
    for (const auto& f : core::all_of<shop::ExportForm>()) names << theme::capital(text(core::words_of(f.value)));
    auto* which = form.choice(tr("&As"), names);
    if (!form.ask()) return;
    const auto as = core::all_of<shop::ExportForm>()[static_cast<std::size_t>(which->currentIndex())].value;
    if (as == shop::ExportForm::Html) return copy_pack(false);
    std::uint64_t check = 0;
    if (as == shop::ExportForm::Check) {
        Form which_check(tr("Check of the learner"), this, 520);
        which_check.words(tr("The same number asks the same questions, so that a sheet can be printed again. Empty: the edition's own."));
        auto* number = which_check.line(tr("&Number"), "", tr("7"));
        const auto value = [number](bool* good) { return number->text().trimmed().toULongLong(good); };
        if (!which_check.ask([number, value] {
                bool good = false;
                value(&good);
                return good || number->text().trimmed().isEmpty() ? QString() : tr("A check is named by a whole number.");
            }))
            return;
        check = value(nullptr);
    }
    const QString name = QStringLiteral("%1-%2%3").arg(text(session_.guide().text())).arg(chosen_edition()).arg(text(shop::ending_of(as)));
    const QString file = QFileDialog::getSaveFileName(this, tr("Export"), name);
    if (!file.isEmpty()) export_to(as, file, check);
}

void IssueStation::export_to(shop::ExportForm form, const QString& file, std::uint64_t check) {
    const int number = chosen_edition();
    verdict_->hide();
    bar_->set_words(tr("Edition %1 is being written to %2").arg(number).arg(file));
    work_.run(
        [library = session_.library().place(), guide = session_.guide(), number, form, check, to = file.toStdString()](
            const GoOn& go_on) -> core::Outcome {
            const auto opened = store::Library::read(library);
            if (!opened) return tl::make_unexpected(opened.error());
            return shop::export_edition(**opened, guide, number, form, to, go_on, check);
        },
        [this, number, file](const core::Outcome& done) {
            if (done)
                show_verdict(tr("Exported"), tr("Edition %1 is in %2.").arg(number).arg(file), true);
            else
                show_verdict(tr("Not exported"), text(done.error().message), false);
        });
}

void IssueStation::hand_out() {
    if (people::hand_out(session_, session_.guide(), chosen_edition(), this)) refresh();
}

void IssueStation::withdraw() {
    const int number = chosen_edition();
    Form form(tr("Withdraw edition %1").arg(number), this, 600);
    form.words(tr("Nobody may work by it any more; this cannot be taken back. %1")
                   .arg(with_whom(core::holders_of(facts_->records, facts_->editions.guide, number))));
    auto* because = form.line(tr("&Why"), "", tr("the torque of the drain plug is wrong"));
    if (!form.ask([because] {
            return because->text().trimmed().isEmpty() ? tr("Say why it is withdrawn; its holders will read it.") : QString();
        }))
        return;
    const auto done = shop::withdraw(session_.library(), session_.guide(), number, words_of(because), session_.author().toStdString());
    if (!done) return session_.tell(text(done.error().message));
    show_verdict(tr("Edition %1 is withdrawn").arg(number), with_whom(*done) + (done->empty() ? QString() : tr(" Tell them.")), false);
    emit session_.library_changed();
    refresh();
}

}  // namespace anagraph::app
