#include "app/sheet/sheet_station.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "app/sheet/guide_dialogs.h"
#include "app/sheet/methods_form.h"
#include "app/sheet/replace_dialog.h"
#include "app/sheet/translation_dialog.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/dryrun/dry_run.h"
#include "core/editing/draft_lines.h"
#include "core/editing/split_line.h"
#include "core/edits/change_label.h"
#include "core/review/open_points.h"
#include "core/tape/logging.h"
#include "core/tape/takes.h"
#include "shop/spelling.h"

namespace anagraph::app {

using theme::text;

namespace {
constexpr int kReadAfterMs = 250;               // after the last change
constexpr int kFindingRole = Qt::UserRole + 1;  // which finding a row of the list is; -1 for an open point
constexpr int kNarrowSide = 240;
constexpr int kWideSide = 316;
}  // namespace

SheetStation::SheetStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    // what the editor says follows the typing at a little distance
    reading_ = new QTimer(this);
    reading_->setSingleShot(true);
    reading_->setInterval(kReadAfterMs);
    connect(reading_, &QTimer::timeout, this, &SheetStation::read);
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    auto* page = new QWidget(scroll_);
    page->setObjectName(QStringLiteral("station"));
    stack_ = new QVBoxLayout(page);
    stack_->setContentsMargins(20, 16, 20, 30);
    stack_->setSpacing(12);
    safety_ = new QLabel(page);
    safety_->setWordWrap(true);
    safety_->setTextFormat(Qt::RichText);
    safety_->setContentsMargins(14, 10, 14, 10);
    safety_->setStyleSheet(
        QStringLiteral("border: 2px solid %1; background: %2;").arg(theme::colour("ink").name(), theme::colour("white").name()));
    stack_->addWidget(safety_);
    stack_->addStretch(1);
    scroll_->setWidget(page);
    auto* cards = new QVBoxLayout;
    cards->setSpacing(0);
    cards->addWidget(scroll_, 1);
    auto* bar = new QFrame(this);
    bar->setObjectName(QStringLiteral("panel"));
    auto* under_cards = new QVBoxLayout(bar);
    under_cards->setContentsMargins(16, 6, 16, 6);
    build_commands();
    under_cards->addWidget(new CommandRow(*commands_, bar));
    cards->addWidget(bar);
    across->addLayout(cards, 1);

    auto* side = side_ = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(16, 16, 16, 16);
    points_title_ = title_label(QString(), side);
    down->addWidget(points_title_);
    points_ = new QListWidget(side);
    points_->setWordWrap(true);
    points_->setFrameShape(QFrame::NoFrame);
    points_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    points_->setAccessibleName(tr("Open points of the sheet"));
    down->addWidget(points_, 1);
    down->addStretch(0);
    down->addWidget(quiet_label(
        tr("Enter in a line begins the next one; type { to name a figure or an item; Backspace in an empty line removes it."), side));
    connect(points_, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) {
        session_.set_step(core::StepId(item->data(Qt::UserRole).toString().toStdString()));
        const int i = item->data(kFindingRole).toInt();
        const bool at_line = i >= 0 && found_[static_cast<std::size_t>(i)].part == core::StepPart::Line;
        if (auto* c = current()) c->focus_line(at_line ? static_cast<int>(found_[static_cast<std::size_t>(i)].index) : 0);
    });
    across->addWidget(side);
    connect(&session_, &Session::changed, this, &SheetStation::refresh);
    connect(&session_, &Session::step_changed, this, &SheetStation::mark_current);
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        if (now != nullptr && isAncestorOf(now)) commands_->refresh();
    });
    refresh();
}

/// Keeps what a form gave, if it was not called off.
void SheetStation::perform(const step_forms::Answer& answer) {
    if (answer) session_.perform(*answer);
}

void SheetStation::take(step_forms::Answer (*ask)(Session&, QWidget*)) {
    leave_field();
    perform(ask(session_, this));
}

/// A form about the line, caution or check in hand.
void SheetStation::with_number(int (StepCard::*which)() const, step_forms::Answer (*ask)(Session&, int, QWidget*)) {
    auto* c = current();
    const int number = c == nullptr ? -1 : (c->*which)();
    leave_field();
    perform(ask(session_, number, this));
}

void SheetStation::choose_methods() {
    leave_field();
    const auto* step = session_.procedure().find(session_.step());
    if (step == nullptr) return;
    MethodsForm form(session_, *step, this);
    if (form.exec() != QDialog::Accepted) return;
    core::Step next = *step;
    next.methods = form.methods();
    if (next != *step)
        session_.perform(core::Change{core::change_label("choose methods"), {core::Put<core::Step>{std::move(next), std::nullopt}}});
}

void SheetStation::draft() {
    leave_field();
    if (session_.perform(core::draft_all_lines(session_.procedure(), session_.tape_lines(session_.tape_order()))))
        session_.tell(tr("Drafted from the tape: shape it, and say of each check what is good. Undo takes all of it back."));
}

/// Plays the tape where what is in hand was said, or where the step begins.
void SheetStation::hear() {
    const auto part = current() == nullptr ? core::PartOfStep{} : current()->part_in_hand();
    leave_field();
    const auto& p = session_.procedure();
    const auto* step = p.find(session_.step());
    if (step == nullptr || step->takes.empty()) {
        session_.tell(tr("The step has no stretch of the tape yet."));
        return;
    }
    std::vector<core::RecordingId> recordings;
    for (const auto& take : step->takes) recordings.push_back(take.recording);
    const auto said = core::where_said(p, *step, part, session_.tape_lines(recordings));
    const auto& at = said ? *said : step->takes.front();
    if (const auto* r = session_.recording(at.recording); !said && r != nullptr && r->reading)
        session_.tell(tr("What is said on this recording is still being read; the step plays from its beginning."));
    else if (!said && part.part != core::StepPart::Step)
        session_.tell(tr("This was not heard on the tape in these words; the step plays from its beginning."));
    session_.show_moment(at.recording, at.from, true);
}

void SheetStation::look_back() {
    const int line = line_in_hand();
    leave_field();
    perform(guide_dialogs::line_history(session_, line, this));
}

void SheetStation::translate() {
    leave_field();
    TranslationDialog(session_, this).exec();
}

// The cards come first where it is narrow.
void SheetStation::resizeEvent(QResizeEvent*) { side_->setFixedWidth(std::clamp(width() / 4, kNarrowSide, kWideSide)); }

void SheetStation::showEvent(QShowEvent*) {
    refresh();
    if (auto* c = current()) {
        c->focus_heading();
        QMetaObject::invokeMethod(
            this,
            [this] {
                if (auto* card = current()) scroll_->ensureWidgetVisible(card, 0, 40);
            },
            Qt::QueuedConnection);
    }
}

void SheetStation::show_line(int line) {
    auto* c = current();
    if (c == nullptr) return;
    if (line >= 0 && c->line(line) != nullptr)
        c->focus_line(line);
    else
        c->focus_heading();
}

StepCard* SheetStation::current() {
    const auto it = std::find_if(cards_.begin(), cards_.end(), [&](StepCard* c) { return c->step() == session_.step(); });
    return it == cards_.end() ? nullptr : *it;
}

void SheetStation::refresh() {
    const auto& p = session_.procedure();
    safety_->setText(
        QStringLiteral("<b>%1</b> &nbsp; %2").arg(tr("READ FIRST"), text(std::string(core::safety_statement())).toHtmlEscaped()));
    const bool same = cards_.size() == p.steps.size() &&
        std::equal(cards_.begin(), cards_.end(), p.steps.begin(), [](StepCard* c, const core::Step& s) { return c->step() == s.id; });
    if (!same) {
        // cards are kept by step, so that a moved step keeps its fields and the typing in them
        std::vector<StepCard*> next;
        for (const auto& s : p.steps) {
            const auto it = std::find_if(cards_.begin(), cards_.end(), [&](StepCard* c) { return c != nullptr && c->step() == s.id; });
            if (it != cards_.end()) {
                next.push_back(*it);
                *it = nullptr;
            } else {
                auto* card = new StepCard(session_, s.id, scroll_->widget());
                connect(card, &StepCard::entered, this, &SheetStation::mark_current);
                next.push_back(card);
            }
        }
        // what goes may give the keys to another card while it does: the list is whole by then
        std::swap(cards_, next);
        for (auto* c : next)
            if (c != nullptr) {
                c->hide();
                c->deleteLater();
            }
        for (std::size_t i = 0; i < cards_.size(); ++i) stack_->insertWidget(static_cast<int>(i) + 1, cards_[i]);
    }
    for (auto* c : cards_) c->refresh();
    list_points();
    if (isVisible()) reading_->start();
}

/// What is open comes first; then what the editor found.
void SheetStation::list_points() {
    const auto& p = session_.procedure();
    points_->clear();
    int count = 0;
    for (const auto& point : core::open_points(p)) {
        if (point.station != core::Station::Sheet) continue;
        auto* item = new QListWidgetItem(text(point.text), points_);
        item->setData(Qt::UserRole, text(point.step.text()));
        item->setData(kFindingRole, -1);
        ++count;
    }
    for (std::size_t i = 0; i < found_.size(); ++i) {
        const auto& f = found_[i];
        const auto step = std::find_if(p.steps.begin(), p.steps.end(), [&](const core::Step& s) { return s.id == f.step; });
        if (step == p.steps.end()) continue;
        const QString where = f.part == core::StepPart::Line ? tr("Step %1, line %2").arg(step - p.steps.begin() + 1).arg(f.index + 1)
                                                             : tr("Step %1").arg(step - p.steps.begin() + 1);
        auto* item = new QListWidgetItem(QStringLiteral("%1: %2").arg(where, text(f.why)), points_);
        item->setData(Qt::UserRole, text(f.step.text()));
        item->setData(kFindingRole, static_cast<int>(i));
    }
    const auto advice = static_cast<qsizetype>(found_.size());
    const QString open = p.steps.empty() ? tr("No steps yet")
        : count == 0                     ? tr("Nothing open here")
                                         : tr("%n points open", "1 point open", static_cast<int>(count));
    points_->setVisible(points_->count() > 0);
    points_title_->setText(advice == 0 ? open : tr("%1, %2").arg(open, tr("%n to look at", "1 to look at", static_cast<int>(advice))));
}

void SheetStation::read() {
    // a dictionary is opened when it is first needed, not when the window opens
    const auto& language = session_.procedure().header.language;
    if (spelt_in_ != language) speller_ = shop::dictionary(language).value_or(core::Speller{});
    spelt_in_ = language;
    const auto house = session_.library().house();
    found_ = core::findings(session_.procedure(), house ? house->rules_off : std::vector<std::string>{}, speller_);
    const auto of_the_order = core::dry_run(session_.procedure());
    const auto& back = session_.came_back();
    const auto taught = core::taught(session_.procedure(), back.runs, back.wrong);
    for (auto* card : cards_) {
        std::vector<core::OrderFinding> order_here;
        for (const auto& f : of_the_order)
            if (f.step == card->step() && f.weight() != core::Weight::Note) order_here.push_back(f);
        std::vector<core::Finding> here;
        for (const auto& f : found_)
            if (f.step == card->step()) here.push_back(f);
        const auto of_runs = std::find_if(taught.begin(), taught.end(), [&](const core::StepTaught& t) { return t.step == card->step(); });
        card->show_findings(here, order_here, of_runs == taught.end() ? nullptr : &*of_runs);
    }
    list_points();
    commands_->refresh();
}

/// The finding a key is meant for: the one chosen in the list, or the first of the line or step in hand.
const core::Finding* SheetStation::finding_in_hand(int line) {
    if (has_keys(points_) && points_->currentItem() != nullptr)
        if (const int i = points_->currentItem()->data(kFindingRole).toInt(); i >= 0 && static_cast<std::size_t>(i) < found_.size())
            return &found_[static_cast<std::size_t>(i)];
    const core::Finding* first = nullptr;
    for (const auto& f : found_) {
        if (f.step != session_.step()) continue;
        if (line >= 0 && f.part == core::StepPart::Line && f.index == static_cast<std::size_t>(line)) return &f;
        if (first == nullptr) first = &f;
    }
    return first;
}

void SheetStation::mend() {
    const int line = line_in_hand();
    leave_field();
    const auto* f = finding_in_hand(line);
    if (f == nullptr || !f->fix) {
        session_.tell(f == nullptr ? tr("The editor found nothing here.") : tr("You decide how to put this right: %1").arg(text(f->why)));
        return;
    }
    const core::Change fix = *f->fix;
    session_.perform(fix);
    read();
    if (auto* c = current(); c != nullptr && line >= 0) c->focus_line(line);
}

void SheetStation::let_stand() {
    const int line = line_in_hand();
    leave_field();
    const auto* f = finding_in_hand(line);
    if (f == nullptr) {
        session_.tell(tr("The editor found nothing here."));
        return;
    }
    const core::Finding finding = *f;
    bool ok = false;
    const QString because = QInputDialog::getText(this, tr("Keep as it is"),
        tr("%1\n\nWhy is it kept as it is? (the reason stays with the step)").arg(text(finding.why)), QLineEdit::Normal, QString(), &ok);
    if (!ok) return;
    session_.perform(core::answer(session_.procedure(), finding, because.toStdString()));
    read();
}

/// What is being typed is kept and read now.
void SheetStation::catch_up() {
    if (auto* field = qobject_cast<QLineEdit*>(window()->focusWidget()); field != nullptr && isAncestorOf(field))
        emit field->editingFinished();
    // a fix made from an older state of the guide would take back what came after it
    if (!reading_->isActive()) return;
    reading_->stop();
    read();
}

/// What is being typed counts before anything is done to it, and is out of its field.
void SheetStation::leave_field() {
    catch_up();
    auto* field = qobject_cast<QLineEdit*>(window()->focusWidget());
    if (field == nullptr || !isAncestorOf(field)) return;
    // the field would keep its words over what is done to them now
    if (auto* c = current(); c != nullptr && c->line_in_hand() >= 0) {
        tell_it_is_left(field);
        c->focus_heading();
    }
}

void SheetStation::split_step() {
    const int line = line_in_hand();
    leave_field();
    const auto change = core::split_at_line(session_.procedure(), session_.step(), line < 0 ? 0 : static_cast<std::size_t>(line));
    const auto before = session_.procedure().steps.size();
    if (session_.perform(change) && session_.procedure().steps.size() > before) {
        const auto& steps = session_.procedure().steps;
        const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == session_.step(); });
        session_.set_step((it + 1)->id);
        if (auto* c = current()) c->focus_heading();
    }
}

void SheetStation::merge_steps() {
    leave_field();
    if (session_.perform(core::merge_with_next(session_.procedure(), session_.step())))
        if (auto* c = current()) c->focus_heading();
}

void SheetStation::replace_words() {
    leave_field();
    ReplaceDialog dialog(session_, this);
    if (dialog.exec() == QDialog::Accepted) dialog.replace();
}

void SheetStation::mark_current() {
    for (auto* c : cards_) c->refresh();
    if (isVisible())
        if (auto* c = current()) scroll_->ensureWidgetVisible(c, 0, 30);
    commands_->refresh();
}

void SheetStation::next_open() {
    if (points_->count() == 0) {
        session_.tell(tr("Nothing is open on the sheet."));
        return;
    }
    points_->setCurrentRow((points_->currentRow() + 1) % points_->count());
    emit points_->itemActivated(points_->currentItem());
}

void SheetStation::move_step(int by) {
    const auto& steps = session_.procedure().steps;
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == session_.step(); });
    const auto to = it - steps.begin() + by;
    if (it == steps.end() || to < 0 || to >= static_cast<std::ptrdiff_t>(steps.size())) return;
    if (session_.perform(
            core::Change{core::change_label("move a step"), {core::MoveStep{session_.step(), static_cast<std::size_t>(to)}}})) {
        if (auto* c = current()) {
            c->focus_heading();
            QMetaObject::invokeMethod(
                this,
                [this] {
                    if (auto* card = current()) scroll_->ensureWidgetVisible(card, 0, 30);
                },
                Qt::QueuedConnection);
        }
    }
}

void SheetStation::add_step() {
    const auto& steps = session_.procedure().steps;
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == session_.step(); });
    core::Step s;
    s.id = core::fresh_id<core::StepId>("step", steps);
    const auto id = s.id;
    const std::size_t at = it == steps.end() ? steps.size() : static_cast<std::size_t>(it - steps.begin()) + 1;
    if (!session_.perform(core::Change{core::change_label("add a step"), {core::Put<core::Step>{std::move(s), at}}})) return;
    session_.set_step(id);
    if (auto* c = current()) c->focus_heading();
}

void SheetStation::remove_step() {
    if (session_.step().empty()) return;
    session_.perform(core::Change{core::change_label("remove a step"), {core::Remove<core::StepId>{session_.step()}}});
    if (auto* c = current()) c->focus_heading();
}

}  // namespace anagraph::app
