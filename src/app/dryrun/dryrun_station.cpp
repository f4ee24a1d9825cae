#include "app/dryrun/dryrun_station.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QVBoxLayout>
#include <algorithm>

#include "app/dryrun/kit_dialog.h"
#include "app/dryrun/relations_dialog.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/dryrun/dry_run.h"
#include "core/edits/change_label.h"
#include "core/procedure/text.h"
#include "core/procedure/variant_view.h"
#include "core/review/taught.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kSide = 286;
constexpr int kSideEdge = 14;

const char* sign_of(core::Weight weight) {
    switch (weight) {
        case core::Weight::Stop:
            return "✕";
        case core::Weight::Warn:
            return "!";
        case core::Weight::Note:
            return "·";
    }
    return "";
}

/// What a fix writes and takes out, as lines of the guide: what the author will see of it.
QString told_of(const core::Procedure& before, const core::Procedure& after) {
    QStringList out;
    for (const auto& step : after.steps) {
        const auto* old = before.find(step.id);
        const int number = static_cast<int>(&step - after.steps.data()) + 1;
        if (old == nullptr) continue;
        for (const auto& line : step.lines)
            if (std::find(old->lines.begin(), old->lines.end(), line) == old->lines.end())
                out << QObject::tr("Step %1 gains: %2").arg(number).arg(text(core::rendered(after, line)));
        for (const auto& line : old->lines)
            if (std::find(step.lines.begin(), step.lines.end(), line) == step.lines.end())
                out << QObject::tr("Step %1 loses: %2").arg(number).arg(text(core::rendered(before, line)));
        for (const auto& c : step.cautions)
            if (std::find(old->cautions.begin(), old->cautions.end(), c) == old->cautions.end())
                out << QObject::tr("Step %1 gains the caution: %2").arg(number).arg(text(core::rendered(after, c.text)));
        if (step.states != old->states) out << QObject::tr("Step %1 asks for level ground.").arg(number);
    }
    for (std::size_t i = 0; i < after.steps.size() && i < before.steps.size(); ++i)
        if (after.steps[i].id != before.steps[i].id && after.steps.size() == before.steps.size()) {
            out << QObject::tr("The steps change places.");
            break;
        }
    return out.join(QLatin1Char('\n'));
}

}  // namespace

DryRunStation::DryRunStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    list_ = new QListWidget(this);
    view_ = new ThreadView(this);
    build_commands();
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    auto* left = new QVBoxLayout;
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(0);
    left->addWidget(view_, 1);
    auto* foot = new QVBoxLayout;
    foot->setContentsMargins(16, 8, 16, 10);
    foot->setSpacing(8);
    told_ = quiet_label(QString(), this);
    told_->setAccessibleDescription(tr("The machine at this place"));
    foot->addWidget(told_);
    foot->addWidget(new CommandRow(*commands_, this));
    left->addLayout(foot);
    across->addLayout(left, 1);
    across->addWidget(build_side());

    connect(view_, &ThreadView::stood, this, [this](int step) {
        told_->setText(view_->told());
        const auto& steps = view_->shown().threads.steps;
        const auto& id = steps[static_cast<std::size_t>(step)];
        if (id == session_.step()) return;  // played down a step, it is told many times a second
        session_.set_step(id);
        commands_->refresh();
    });
    connect(view_, &ThreadView::finding_clicked, this, [this](int finding) {
        for (std::size_t i = 0; i < rows_.size(); ++i)
            if (rows_[i].kind == Row::Kind::Finding && rows_[i].index == static_cast<std::size_t>(finding))
                list_->setCurrentRow(static_cast<int>(i));
    });
    connect(list_, &QListWidget::currentRowChanged, this, &DryRunStation::row_chosen);
    connect(list_, &QListWidget::itemDoubleClicked, this, [this] { commands_->perform(*commands_->find(QStringLiteral("dryrun.go"))); });
    connect(&session_, &Session::changed, this, &DryRunStation::refresh);
    connect(&session_, &Session::guide_opened, this, [this] {
        variant_.clear();
        walked_.reset();
    });
    setFocusProxy(list_);
}

QWidget* DryRunStation::build_side() {
    auto* side = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    side->setFixedWidth(kSide);
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(kSideEdge, 14, kSideEdge, 12);
    down->setSpacing(8);
    title_ = title_label(QString(), side);
    title_->setWordWrap(true);
    down->addWidget(title_);
    list_->setParent(side);
    list_->setWordWrap(true);
    list_->setSpacing(3);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    list_->setAccessibleName(tr("What was found"));
    down->addWidget(list_, 1);
    fix_words_ = quiet_label(QString(), side);
    fix_words_->setAccessibleDescription(tr("What the fix does"));
    down->addWidget(fix_words_);
    return side;
}

void DryRunStation::showEvent(QShowEvent*) {
    refresh();
    list_->setFocus();
}

std::string DryRunStation::variant() const {
    const auto& variants = session_.procedure().header.variants;
    const std::string chosen = variant_.toStdString();
    if (std::find(variants.begin(), variants.end(), chosen) != variants.end()) return chosen;
    return variants.empty() ? std::string() : variants.front();
}

void DryRunStation::refresh() {
    if (!isVisible() || !session_.has_guide()) return;
    const auto& p = session_.procedure();
    if (!walked_ || *walked_ != p) {
        walked_ = p;
        findings_ = core::dry_run(p);
        facts_ = core::worked_out(p);
        answers_.clear();
        for (const auto& s : p.steps)
            for (const auto& a : s.answered)
                if (core::rule_answered(a)) answers_.push_back({s.id, a});
        plan_.reset();
        fix_for_.reset();
        make_plan();
        fill_list();
    }
    commands_->refresh();
}

void DryRunStation::make_plan() {
    work_.run([p = session_.procedure(), v = variant(), people = people_](
                  const GoOn& go_on) { return core::plan(p, v, people, [&go_on] { return go_on(); }); },
        [this](core::Plan plan) {
            plan_ = std::move(plan);
            fill_list();
        });
}

void DryRunStation::show_in_view() {
    const auto& p = session_.procedure();
    ThreadView::Shown shown;
    shown.threads = core::threads_of(p, variant());
    for (const auto& id : shown.threads.steps) {
        const auto* s = p.find(id);
        shown.numbers.push_back(static_cast<int>(s - p.steps.data()) + 1);
        shown.headings.push_back(s->heading.empty() ? tr("(no heading yet)") : text(s->heading));
        shown.pinned.push_back(s->pinned);
    }
    shown.findings = findings_;
    shown.plan = plan_;
    view_->show(std::move(shown));
    told_->setText(view_->told());
}

void DryRunStation::add_row(Row row, const QString& words, const QString& spoken) {
    rows_.push_back(row);
    auto* item = new QListWidgetItem(words, list_);
    item->setData(Qt::AccessibleTextRole, spoken);
    // the list gives wrapped words less height than they need
    const QRect room(0, 0, kSide - 2 * kSideEdge - 44, 10000);
    item->setSizeHint(QSize(room.width(), list_->fontMetrics().boundingRect(room, Qt::TextWordWrap, words).height() + 14));
}

void DryRunStation::list_rows() {
    const auto& p = session_.procedure();
    list_->clear();
    rows_.clear();
    const auto number = [&](const core::StepId& id) { return static_cast<int>(p.find(id) - p.steps.data()) + 1; };
    for (std::size_t i = 0; i < findings_.size(); ++i) {
        const auto& f = findings_[i];
        QString where = tr("step %1").arg(number(f.step));
        for (const auto& v : f.variants) where += QStringLiteral(", ") + text(v);
        const QString name = theme::capital(text(core::words_of(f.rule)));
        add_row({Row::Kind::Finding, i}, tr("%1  %2 · %3\n%4").arg(QString::fromUtf8(sign_of(f.weight())), name, where, text(f.because)),
            tr("%1, %2, %3. %4").arg(theme::capital(text(core::words_of(f.weight()))), name, where, text(f.because)));
    }
    if (plan_ && plan_->suggestion) {
        const QString words = text(plan_->suggestion->because);
        add_row({Row::Kind::Suggestion, 0}, tr("↕  Another order\n%1").arg(words), tr("Another order. %1").arg(words));
    }
    for (std::size_t i = 0; i < facts_.size(); ++i) {
        const QString words = text(facts_[i].says) + QLatin1Char(' ') + text(facts_[i].because);
        add_row({Row::Kind::WorkedOut, i}, tr("?  Worked out\n%1").arg(words), tr("Worked out. %1").arg(words));
    }
    for (std::size_t i = 0; i < answers_.size(); ++i) {
        const auto& a = answers_[i];
        const QString name = theme::capital(text(core::words_of(*core::rule_answered(a.answer))));
        const QString words = tr("%1 · step %2\nKept: %3").arg(name).arg(number(a.step)).arg(text(a.answer.because));
        add_row({Row::Kind::Answered, i}, QStringLiteral("✓  ") + words, words);
    }
}

/// The list anew, and the picture with what it marks. What is in hand stays in hand, wherever it stands now; who has not chosen yet
/// begins at the top.
void DryRunStation::fill_list() {
    const int kept = list_->currentRow();
    const QString kept_words = list_->currentItem() == nullptr ? QString() : list_->currentItem()->text();
    {
        const QSignalBlocker quiet(list_);
        list_rows();
        const auto same = kept <= 0 ? QList<QListWidgetItem*>() : list_->findItems(kept_words, Qt::MatchExactly);
        if (list_->count() > 0) list_->setCurrentRow(same.isEmpty() ? std::clamp(kept, 0, list_->count() - 1) : list_->row(same.front()));
    }
    const auto heavy =
        std::count_if(findings_.begin(), findings_.end(), [](const core::OrderFinding& f) { return f.weight() != core::Weight::Note; });
    title_->setText(session_.procedure().steps.empty() ? tr("Nothing to walk yet")
            : heavy == 0                               ? tr("The order works")
                                                       : tr("%n findings to decide", "1 finding to decide", static_cast<int>(heavy)));
    show_in_view();
    row_chosen();
}

std::optional<DryRunStation::Row> DryRunStation::row() const {
    const int at = list_->currentRow();
    return at < 0 || at >= static_cast<int>(rows_.size()) ? std::nullopt : std::optional(rows_[static_cast<std::size_t>(at)]);
}

const core::OrderFinding* DryRunStation::finding() const {
    const auto r = row();
    return r && r->kind == Row::Kind::Finding && r->index < findings_.size() ? &findings_[r->index] : nullptr;
}

const core::WorkedOut* DryRunStation::fact() const {
    const auto r = row();
    return r && r->kind == Row::Kind::WorkedOut && r->index < facts_.size() ? &facts_[r->index] : nullptr;
}

const core::Step* DryRunStation::step() const { return session_.procedure().find(session_.step()); }

Hand DryRunStation::in_hand() const {
    const auto r = row();
    if (!r) return Hand::Nothing;
    switch (r->kind) {
        case Row::Kind::Finding:
            return Hand::Finding;
        case Row::Kind::Answered:
            return Hand::Answered;
        case Row::Kind::WorkedOut:
            return Hand::WorkedOut;
        case Row::Kind::Suggestion:
            return Hand::Suggestion;
    }
    return Hand::Nothing;
}

void DryRunStation::row_chosen() {
    const auto r = row();
    view_->choose_finding(r && r->kind == Row::Kind::Finding ? static_cast<int>(r->index) : -1);
    if (r && r->kind == Row::Kind::Answered) session_.set_step(answers_[r->index].step);
    look_for_fix();
    commands_->refresh();
}

/// Many ways are walked to find one that mends: beside the window, and dropped when another finding is in hand.
void DryRunStation::look_for_fix() {
    const auto* f = finding();
    if (f != nullptr && fix_for_ && fix_for_->same_as(*f)) return show_fix();
    fix_.reset();
    fix_work_.drop();
    fix_for_ = f == nullptr ? std::nullopt : std::optional(*f);
    if (f != nullptr)
        fix_work_.run([p = session_.procedure(), found = *f](const GoOn&) { return core::fix_for(p, found); },
            [this](std::optional<core::Change> fix) {
                fix_ = std::move(fix);
                show_fix();
                commands_->refresh();
            });
    show_fix();
}

void DryRunStation::show_fix() {
    QString words;
    const auto& p = session_.procedure();
    if (const auto* f = finding()) {
        words = text(core::reason_of(f->rule));
        if (fix_)
            if (const auto after = core::apply(p, *fix_))
                words = tr("Fix: %1.\n%2").arg(theme::label_words(fix_->label), told_of(p, *after));
    } else if (row() && row()->kind == Row::Kind::Suggestion && plan_ && plan_->suggestion) {
        words = tr("The dry run finds nothing in that order that it does not find in this one.%1")
                    .arg(plan_->optimal ? tr(" No order is shorter.") : QString());
    } else if (fact() != nullptr) {
        words = tr("The dry run goes by this until you say otherwise.");
    }
    fix_words_->setText(words);
    fix_words_->setVisible(!words.isEmpty());
}

void DryRunStation::next_open() {
    const int count = list_->count();
    for (int by = 1; by <= count; ++by) {
        const int at = (std::max(0, list_->currentRow()) + by) % count;
        const auto& r = rows_[static_cast<std::size_t>(at)];
        if (r.kind == Row::Kind::Finding && findings_[r.index].weight() != core::Weight::Note) {
            list_->setCurrentRow(at);
            list_->setFocus();
            return;
        }
    }
}

// -- what can be done ------------------------------------------------------------------------------------------------------

void DryRunStation::go_there() {
    if (const auto* f = finding())
        emit line_asked(f->step, f->line ? static_cast<int>(*f->line) : -1);
    else if (const auto* s = step())
        emit line_asked(s->id, -1);
}

void DryRunStation::take_fix() {
    if (fix_) session_.perform(core::Change(*fix_));
}

void DryRunStation::keep_as_it_is() {
    const auto* f = finding();
    if (f == nullptr) return;
    bool ok = false;
    const auto copy = *f;
    const QString because = QInputDialog::getText(this, tr("Keep as it is"),
        tr("%1\n\nWhy is it kept as it is? (the reason is printed for the checker)").arg(text(copy.because)), QLineEdit::Normal, {}, &ok);
    if (ok) session_.perform(core::answer(session_.procedure(), copy, because.toStdString()));
}

void DryRunStation::ask_again() {
    const auto r = row();
    if (!r || r->kind != Row::Kind::Answered) return;
    const auto a = answers_[r->index];
    session_.perform(core::ask_again(session_.procedure(), a.step, a.answer));
}

void DryRunStation::confirm() {
    if (const auto* f = fact()) session_.perform(core::confirm(session_.procedure(), core::WorkedOut(*f)));
}

void DryRunStation::deny() {
    if (const auto* f = fact()) session_.perform(core::deny(session_.procedure(), core::WorkedOut(*f)));
}

void DryRunStation::take_suggestion() {
    if (plan_ && plan_->suggestion) session_.perform(core::Change(plan_->suggestion->change));
}

void DryRunStation::next_variant() {
    const auto& variants = session_.procedure().header.variants;
    const auto it = std::find(variants.begin(), variants.end(), variant());
    if (variants.empty()) return;
    variant_ = text(it + 1 == variants.end() || it == variants.end() ? variants.front() : *(it + 1));
    plan_.reset();
    make_plan();
    fill_list();
}

void DryRunStation::toggle_people() {
    people_ = people_ == 1 ? 2 : 1;
    plan_.reset();
    make_plan();
    fill_list();
}

void DryRunStation::pin() {
    const auto* s = step();
    if (s == nullptr) return;
    core::Step next = *s;
    next.pinned = !next.pinned;
    session_.perform(core::Change{next.pinned ? core::change_label("keep a step in its place") : core::change_label("let a step move"),
        {core::Put<core::Step>{std::move(next), std::nullopt}}});
}

void DryRunStation::set_time() {
    const auto* s = step();
    if (s == nullptr) return;
    bool ok = false;
    const auto copy = *s;
    const auto times = core::times_of(session_.procedure(), copy, variant());
    QString known = times.from == core::TimeFrom::Take ? tr("The film shows %1 of hands.").arg(text(core::time_text(times.hands)))
                                                       : tr("Empty: as the film shows it.");
    QString now = copy.hands.known() ? text(core::words_of(copy.hands)) : QString();
    for (const auto& t : core::taught(session_.procedure(), session_.came_back().runs)) {
        if (t.step != copy.id || !t.hands) continue;
        known += tr(" At the machine it took %1.").arg(text(t.time_words()));
        now = text(core::time_text(*t.hands));
    }
    const QString typed = QInputDialog::getText(this, tr("Hands-on time"),
        tr("How long are hands needed for “%1”? %2").arg(text(copy.heading), known), QLineEdit::Normal, now, &ok);
    if (!ok) return;
    session_.perform(core::with_hands_time(session_.procedure(), copy.id, typed.trimmed().toStdString()));
}

void DryRunStation::set_waits() {
    const auto* s = step();
    if (s == nullptr || s->waits.empty()) return;
    core::Step next = *s;
    const bool attended = !next.waits.front().attended;
    for (auto& w : next.waits) w.attended = attended;
    session_.perform(
        core::Change{attended ? core::change_label("somebody stays while it waits") : core::change_label("nobody is needed while it waits"),
            {core::Put<core::Step>{std::move(next), std::nullopt}}});
}

void DryRunStation::set_item() {
    const core::ItemId first = finding() != nullptr && !finding()->items.empty() ? finding()->items.front()
        : fact() != nullptr                                                      ? fact()->item.id
                                                                                 : core::ItemId();
    RelationsDialog dialog(session_.procedure(), first, this);
    if (dialog.exec() == QDialog::Accepted && !dialog.change().edits.empty()) session_.perform(dialog.change());
}

void DryRunStation::print_kit() {
    KitDialog dialog(session_.procedure(), variant(), this);
    dialog.exec();
    if (!dialog.trouble().isEmpty()) session_.tell(dialog.trouble());
}

}  // namespace anagraph::app
