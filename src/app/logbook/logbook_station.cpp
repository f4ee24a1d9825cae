#include "app/logbook/logbook_station.h"

#include <QEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/logbook/paper_dialog.h"
#include "app/logbook/samples_dialog.h"
#include "app/theme/controls.h"
#include "app/theme/form.h"
#include "app/theme/theme.h"
#include "core/base/letters.h"
#include "shop/calendar_in.h"
#include "shop/store_need.h"
#include "store/files.h"

namespace anagraph::app {

using theme::text;
using theme::today;

namespace {

constexpr int kRight = 400;
constexpr std::int64_t kMostRun = 64 << 20;  // bytes

/// A day to show how days are written.
core::Day first_of_august() {
    using namespace std::chrono;
    return sys_days(year_month_day(today()).year() / August / 1);
}
QString on_hint() { return QObject::tr("today; or as in %1").arg(text(today() - std::chrono::days(2))); }

/// A quantity as it was typed into a field; the sentence where it is none.
core::Result<core::Quantity> quantity_in(const QLineEdit* field) { return core::Quantity::parse(words_of(field)); }

}  // namespace

LogbookStation::LogbookStation(Session& session, QWidget* parent) : QWidget(parent), session_(session), work_(this) {
    setObjectName(QStringLiteral("station"));
    fleet_ = new FleetView(this);
    entries_ = new QListWidget(this);
    build_commands();
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(20, 16, 20, 14);
    across->setSpacing(20);
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    left->addWidget(title_label(tr("Machines"), this));
    left->addWidget(fleet_, 1);
    said_ = quiet_label(QString(), this);
    said_->setAccessibleDescription(tr("What was done"));
    left->addWidget(said_);
    bar_ =
        new WorkBar(work_, tr("Progress"), new CommandButton(*commands_, *commands_->find(QStringLiteral("logbook.cancel")), this), this);
    connect(&work_, &Work::busy_changed, this, [this] { commands_->refresh(); });
    left->addWidget(bar_);
    left->addWidget(new CommandRow(*commands_, this));
    across->addLayout(left, 1);

    auto* side = new QWidget(this);
    side->setFixedWidth(kRight);
    auto* right = new QVBoxLayout(side);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(8);
    title_ = title_label(QString(), side);
    title_->setWordWrap(true);
    right->addWidget(title_);
    auto* scroll = new QScrollArea(side);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setAccessibleName(tr("The machine in hand"));
    about_ = new QLabel(scroll);
    about_->setWordWrap(true);
    about_->setTextFormat(Qt::RichText);
    about_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    about_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    scroll->setWidget(about_);
    right->addWidget(scroll, 3);
    right->addWidget(title_label(tr("Entries"), side));
    entries_->setAccessibleName(tr("Entries of the machine, newest first"));
    entries_->setWordWrap(true);
    entries_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    right->addWidget(entries_, 4);
    across->addWidget(side);

    connect(fleet_, &FleetView::chosen, this, [this] {
        entry_in_hand_ = false;
        show_machine();
    });
    connect(entries_, &QListWidget::currentRowChanged, commands_, &Commands::refresh);
    connect(fleet_, &FleetView::pulled, this, &LogbookStation::show_cost);
    connect(fleet_, &FleetView::dropped, this, [this](const QString& rule, core::Day day) { plan(rule, day, tr("pulled on the fleet")); });
    fleet_->installEventFilter(this);
    entries_->installEventFilter(this);
    connect(&session_, &Session::author_changed, commands_, &Commands::refresh);
    setFocusProxy(fleet_);
}

void LogbookStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

/// What has the keys is in hand: the machine, or one of its entries.
bool LogbookStation::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::FocusIn) {
        entry_in_hand_ = watched == entries_;
        commands_->refresh();
    }
    return QWidget::eventFilter(watched, event);
}

Hand LogbookStation::in_hand() const {
    if (entry_in_hand_ && entry() != nullptr) return Hand::Entry;
    return fleet_->machine().isEmpty() ? Hand::Nothing : Hand::Machine;
}

const core::Machine* LogbookStation::machine() const { return log_.machine(fleet_->machine().toStdString()); }

const core::EntryRead* LogbookStation::entry() const {
    const int row = entries_->currentRow();
    return row < 0 || row >= static_cast<int>(shown_.size()) ? nullptr : &shown_[static_cast<std::size_t>(row)];
}

QString LogbookStation::told() const { return title_->text() + QLatin1Char('\n') + without_markup(about_->text()); }

void LogbookStation::refresh() {
    auto log = session_.library().logbook();
    if (!log) return say(text(log.error().message));
    log_ = std::move(*log);
    read_ = core::entries_read(log_);
    to_order_.clear();
    if (const auto needs = shop::store_needs(session_.library(), log_, today()))
        for (const auto& sentence : core::to_order(*needs)) to_order_ << text(sentence);
    waiting_ = static_cast<qsizetype>(shop::waiting_runs(session_.library()).size());
    if (waiting_ > 0)
        say(tr("%n runs came back over the desk: take them in.", "1 run came back over the desk: take it in.", static_cast<int>(waiting_)));
    fleet_->show_fleet(core::fleet(log_, today()), today());
}

void LogbookStation::show_entry(std::int64_t number) {
    const auto it = std::find_if(read_.begin(), read_.end(), [&](const core::EntryRead& e) { return e.number == number; });
    if (it == read_.end()) return;
    fleet_->choose(text(it->machine));
    for (std::size_t i = 0; i < shown_.size(); ++i)
        if (shown_[i].number == number) entries_->setCurrentRow(static_cast<int>(i));
    entries_->setFocus();
}

void LogbookStation::show_machine() {
    const QSignalBlocker quiet(entries_);
    entries_->clear();
    shown_.clear();
    const auto* m = machine();
    if (m == nullptr) {
        title_->setText(tr("The logbook"));
        about_->setText(
            tr("Every machine with its readings, services, findings and what is due. Entries are only added; a mistake is struck, and "
               "stays to be seen."));
        return commands_->refresh();
    }
    title_->setText(text(m->about.name));
    const auto block = [](const QString& head, const QStringList& sentences) {
        if (sentences.isEmpty()) return QString();
        QString out = QStringLiteral("<p style='margin: 0 0 9px 0'><b>%1</b>").arg(head.toHtmlEscaped());
        for (const auto& s : sentences) out += QStringLiteral("<br>") + s.toHtmlEscaped();
        return out + QStringLiteral("</p>");
    };
    const auto listed = [](const std::vector<core::Words>& sentences) {
        QStringList out;
        for (const auto& sentence : sentences) out << text(sentence);
        return out;
    };
    QStringList about, due, findings, fitted;
    for (const auto& part : {m->about.type, m->about.variant,
             m->about.serial.empty() ? "" : tr("serial %1").arg(text(m->about.serial)).toStdString(), m->place})
        if (!part.empty()) about << text(part);
    if (m->out) about << tr("out of service: %1").arg(text(m->because));
    for (const auto& s : core::due_sentences(*m, today())) due << theme::capital(text(s));
    for (const auto& f : log_.findings())
        if (!f.closed && f.what.machine == m->about.name)
            findings << tr("%1: %2 (%3)").arg(text(f.on), text(f.what.words), text(core::words_of(f.what.urgency)));
    for (const auto& u : log_.units())
        if (u.fitted() && u.stretches.back().machine == m->about.name)
            fitted << tr("%1, serial %2, since %3").arg(text(u.about.name), text(u.about.serial), text(u.stretches.back().from));
    QStringList meters;
    for (const auto& meter : m->meters)
        if (!meter.points.empty())
            meters << tr("%1, read on %2")
                          .arg(text(core::amount_words(meter.points.back().shown, *meter.unit, 8)), text(meter.points.back().on));
    about_->setText(block(tr("Machine"), {about.join(QStringLiteral(", "))}) + block(tr("Meter"), meters) + block(tr("Due"), due) +
        block(tr("Not put right yet"), findings) + block(tr("Fitted"), fitted) +
        block(tr("Samples"), listed(core::sample_sentences(log_, m->about.name))) +
        block(tr("To order, with the work of the next 30 days"), to_order_));
    std::copy_if(
        read_.rbegin(), read_.rend(), std::back_inserter(shown_), [&](const core::EntryRead& e) { return e.machine == m->about.name; });
    for (const auto& e : shown_) {
        QString words = QStringLiteral("%1  %2").arg(text(core::Words::day(e.on)), theme::capital(text(e.kind)));
        if (!e.what.empty()) words += QStringLiteral(": ") + text(e.what);
        if (!e.reading.empty()) words += QStringLiteral(", ") + text(e.reading);
        if (e.struck) words += tr(" (struck)");
        auto* item = new QListWidgetItem(words, entries_);
        if (e.struck) {
            QFont font = item->font();
            font.setStrikeOut(true);
            item->setFont(font);
        }
    }
    commands_->refresh();
}

QString LogbookStation::enter(core::LogBody body) {
    const auto log = session_.library().log({std::move(body)}, session_.author().toStdString());
    if (!log) return text(log.error().message);
    say(tr("Entry %1 is written.").arg(log->all().back().number));
    return {};
}

void LogbookStation::add_machine() {
    Form form(tr("Add machine"), this);
    auto* name = form.line(tr("&Name"), "", tr("as it is called: PT60 no. 3"));
    auto* type = form.line(tr("&Type"), "", tr("PT60"));
    auto* variant = form.line(tr("&Variant"), "", tr("may stay empty"));
    auto* serial = form.line(tr("&Serial"), "", tr("from its plate"));
    auto* place = form.line(tr("&Place"), machine() == nullptr ? "" : machine()->place, tr("pump bay"));
    auto* on = form.line(tr("S&ince"), "", on_hint());
    if (!form.ask([&] {
            return enter(core::MachineAdded{
                words_of(name), words_of(type), words_of(variant), words_of(serial), words_of(place), theme::kept_day(on->text())});
        }))
        return;
    const QString added = name->text().trimmed();
    refresh();
    fleet_->choose(added);
}

void LogbookStation::read_meter() {
    Form form(tr("Read the meter of %1").arg(fleet_->machine()), this);
    auto* reading = form.line(tr("&Reading"), "", tr("302 h"));
    auto* on = form.line(tr("&Day"), "", on_hint());
    auto* old = form.line(tr("&Old meter"), "", tr("where the meter was replaced: what the old one showed last"));
    const std::string name = fleet_->machine().toStdString();
    if (form.ask([&] {
            const auto q = quantity_in(reading);
            if (!q) return text(q.error().message);
            if (words_of(old).empty()) return enter(core::MeterRead{name, *q, theme::kept_day(on->text())});
            const auto last = quantity_in(old);
            return last ? enter(core::MeterReplaced{name, *last, *q, theme::kept_day(on->text())}) : text(last.error().message);
        }))
        refresh();
}

void LogbookStation::enter_service() {
    const auto* m = machine();
    if (m == nullptr) return;
    Form form(tr("Service of %1").arg(text(m->about.name)), this);
    auto* what = form.line(tr("&What"), m->rules.empty() ? "" : m->rules.front().what.what, tr("as its rule names it: 100 h service"));
    auto* on = form.line(tr("&Day"), "", on_hint());
    auto* reading = form.line(tr("&Reading"), "", tr("302 h; may stay empty"));
    if (form.ask([&] {
            core::ServiceDone done{m->about.name, words_of(what), "", theme::kept_day(on->text()), {}};
            if (!words_of(reading).empty()) {
                const auto q = quantity_in(reading);
                if (!q) return text(q.error().message);
                done.reading = *q;
            }
            return enter(done);
        }))
        refresh();
}

void LogbookStation::add_rule() {
    Form form(tr("What is due on %1").arg(fleet_->machine()), this, 600);
    auto* what = form.line(tr("&What"), "", tr("100 h service"));
    auto* every = form.line(tr("&Every"), "", tr("100 h, 12 month: whichever comes first"));
    auto* first = form.line(tr("&First"), "", tr("of a new machine: 20 h; may stay empty"));
    auto* avoid = form.line(
        tr("&Keep free"), "", tr("%1..%2; may stay empty").arg(text(first_of_august()), text(first_of_august() + std::chrono::days(20))));
    auto* use = form.choice(tr("&Use"), {tr("as the book means it"), tr("hard: dust, heat, short runs")});
    if (form.ask([&] {
            core::RuleAdded rule{fleet_->machine().toStdString(), words_of(what), {}};
            for (const auto& part : every->text().split(QLatin1Char(','), Qt::SkipEmptyParts)) {
                const auto q = core::Quantity::parse(part.trimmed().toStdString());
                if (!q) return text(q.error().message);
                rule.every.push_back(*q);
            }
            if (!words_of(first).empty()) {
                const auto q = quantity_in(first);
                if (!q) return text(q.error().message);
                rule.first = *q;
            }
            for (const auto& part : avoid->text().split(QLatin1Char(','), Qt::SkipEmptyParts)) rule.avoid.push_back(theme::kept_days(part));
            rule.hard = use->currentIndex() == 1;
            return enter(rule);
        }))
        refresh();
}

void LogbookStation::note_finding() {
    Form form(tr("Finding on %1").arg(fleet_->machine()), this);
    auto* words = form.line(tr("&What"), "", tr("a chafed pipe"));
    QStringList names;
    for (const auto& u : core::all_of<core::Urgency>()) names << theme::capital(text(core::words_of(u.value)));
    auto* urgency = form.choice(tr("&When"), names, 1);
    if (form.ask([&] {
            return enter(core::FindingNoted{fleet_->machine().toStdString(), words_of(words),
                core::all_of<core::Urgency>()[static_cast<std::size_t>(urgency->currentIndex())].value, ""});
        }))
        refresh();
}

void LogbookStation::close_finding() {
    std::vector<std::int64_t> open;
    QStringList names;
    for (const auto& f : log_.findings())
        if (!f.closed && text(f.what.machine) == fleet_->machine()) {
            open.push_back(f.entry);
            names << text(f.what.words);
        }
    if (open.empty()) return;
    Form form(tr("What became of it"), this);
    auto* which = form.choice(tr("&Finding"), names);
    auto* because = form.line(tr("&Done"), "", tr("the pipe was renewed"));
    if (form.ask([&] { return enter(core::FindingClosed{open[static_cast<std::size_t>(which->currentIndex())], words_of(because), ""}); }))
        refresh();
}

void LogbookStation::move_machine() {
    const auto* m = machine();
    if (m == nullptr) return;
    Form form(tr("Where %1 is").arg(text(m->about.name)), this);
    auto* place = form.line(tr("&Place"), m->place, tr("pump bay"));
    auto* state = form.choice(tr("&State"), {tr("in service"), tr("out of service")}, m->out ? 1 : 0);
    auto* because = form.line(tr("&Why"), m->because, tr("where it is out of service: sold"));
    if (form.ask([&] {
            return enter(core::MachineMoved{m->about.name, words_of(place), "", state->currentIndex() == 1, words_of(because)});
        }))
        refresh();
}

std::vector<const core::RotatingUnit*> LogbookStation::units(bool fitted_here) const {
    std::vector<const core::RotatingUnit*> out;
    for (const auto& u : log_.units())
        if (fitted_here ? u.fitted() && text(u.stretches.back().machine) == fleet_->machine() : !u.fitted()) out.push_back(&u);
    return out;
}

std::vector<const core::SampleInLog*> LogbookStation::samples() const {
    std::vector<const core::SampleInLog*> out;
    for (const auto& s : log_.samples())
        if (!s.answer && text(s.what.machine) == fleet_->machine()) out.push_back(&s);
    return out;
}

void LogbookStation::add_unit() {
    Form form(tr("Add rotating unit"), this);
    auto* name = form.line(tr("&Name"), "", tr("injector set"));
    auto* serial = form.line(tr("&Serial"), "", tr("from its plate"));
    if (form.ask([&] { return enter(core::UnitAdded{words_of(name), words_of(serial)}); })) refresh();
}

void LogbookStation::fit_unit() {
    const auto all = units(false);
    if (all.empty()) return;
    QStringList names;
    for (const auto* u : all)
        names << tr("%1, serial %2, %3").arg(text(u->about.name), text(u->about.serial), text(core::words_of(u->place)));
    Form form(tr("Fit a unit to %1").arg(fleet_->machine()), this);
    auto* which = form.choice(tr("&Unit"), names);
    auto* reading = form.line(tr("&Reading"), "", tr("302 h"));
    auto* on = form.line(tr("&Day"), "", on_hint());
    if (form.ask([&] {
            const auto q = quantity_in(reading);
            if (!q) return text(q.error().message);
            return enter(core::UnitFitted{all[static_cast<std::size_t>(which->currentIndex())]->about.serial,
                fleet_->machine().toStdString(), *q, theme::kept_day(on->text())});
        }))
        refresh();
}

void LogbookStation::take_unit_off() {
    const auto all = units(true);
    if (all.empty()) return;
    QStringList names, places;
    for (const auto* u : all) names << tr("%1, serial %2").arg(text(u->about.name), text(u->about.serial));
    for (const auto& place : core::all_of<core::UnitPlace>()) places << theme::capital(text(core::words_of(place.value)));
    Form form(tr("Take a unit off %1").arg(fleet_->machine()), this);
    auto* which = form.choice(tr("&Unit"), names);
    auto* to = form.choice(tr("&Goes"), places);
    auto* reading = form.line(tr("&Reading"), "", tr("302 h"));
    auto* on = form.line(tr("&Day"), "", on_hint());
    if (form.ask([&] {
            const auto q = quantity_in(reading);
            if (!q) return text(q.error().message);
            return enter(core::UnitTakenOff{all[static_cast<std::size_t>(which->currentIndex())]->about.serial,
                core::all_of<core::UnitPlace>()[static_cast<std::size_t>(to->currentIndex())].value, *q, theme::kept_day(on->text())});
        }))
        refresh();
}

void LogbookStation::count_stock() {
    Form form(tr("Count the store"), this);
    auto* item = form.line(tr("&Item"), "", tr("gear oil 75W90"));
    auto* number = form.line(tr("&Number"), "", tr("part number; may stay empty"));
    auto* amount = form.line(tr("&Amount"), "", tr("4 L, or 3 x"));
    auto* least = form.line(tr("&Least"), "", tr("not to fall below; may stay empty"));
    if (form.ask([&] {
            const auto q = quantity_in(amount);
            if (!q) return text(q.error().message);
            core::StockCounted counted{words_of(item), words_of(number), *q};
            if (!words_of(least).empty()) {
                const auto l = quantity_in(least);
                if (!l) return text(l.error().message);
                counted.least = *l;
            }
            return enter(counted);
        }))
        refresh();
}

void LogbookStation::take_sample() {
    Form form(tr("Sample of %1").arg(fleet_->machine()), this, 560);
    auto* fluid = form.line(tr("&Fluid"), "", tr("gear oil"));
    auto* number = form.line(tr("&Number"), "", tr("on the bottle"));
    auto* where = form.line(tr("&Where"), "", tr("mid-stream, warm"));
    auto* machine_reads = form.line(tr("&Meter"), "", tr("302 h; may stay empty"));
    auto* on_fluid = form.line(tr("&On the fluid"), "", tr("95 h; may stay empty"));
    auto* added = form.line(tr("&Added"), "", tr("fluid added since it was changed: 0.2 L; may stay empty"));
    if (form.ask([&] {
            core::SampleTaken sample{fleet_->machine().toStdString(), words_of(fluid), words_of(number), words_of(where), ""};
            for (const auto& [field, target] :
                {std::pair(machine_reads, &sample.on_machine), std::pair(on_fluid, &sample.on_fluid), std::pair(added, &sample.added)}) {
                if (words_of(field).empty()) continue;
                const auto q = quantity_in(field);
                if (!q) return text(q.error().message);
                *target = *q;
            }
            return enter(sample);
        }))
        refresh();
}

void LogbookStation::answer_sample() {
    const auto all = samples();
    if (all.empty()) return;
    QStringList names;
    for (const auto* s : all) names << tr("%1, %2 %3").arg(text(s->on), text(s->what.fluid), text(s->what.number));
    Form form(tr("What the laboratory found"), this, 560);
    auto* which = form.choice(tr("&Sample"), names);
    auto* values = form.line(tr("&Found"), "", tr("iron 12 ppm, water none"));
    auto* limits = form.line(tr("&Limits"), "", tr("iron 40 ppm; may stay empty"));
    const auto listed = [](const QLineEdit* field) {
        std::vector<std::string> out;
        for (const auto& part : field->text().split(QLatin1Char(','), Qt::SkipEmptyParts)) out.push_back(part.trimmed().toStdString());
        return out;
    };
    if (form.ask([&] {
            return enter(
                core::SampleAnswered{all[static_cast<std::size_t>(which->currentIndex())]->entry, listed(values), listed(limits), ""});
        }))
        refresh();
}

void LogbookStation::show_cost(const QString& rule, core::Day day) {
    if (machine() == nullptr) return;
    for (const auto& due : core::due_of_machine(*machine(), today()))
        if (text(due.rule) == rule) say(tr("%1 on %2: %3").arg(rule, text(day), text(core::cost_of(due, day))));
}

void LogbookStation::plan(const QString& rule, core::Day day, const QString& because) {
    const QString name = fleet_->machine();
    QString cost;
    for (const auto& due : core::due_of_machine(*machine(), today()))
        if (text(due.rule) == rule) cost = text(core::cost_of(due, day));
    if (const QString wrong =
            enter(core::ServicePlanned{name.toStdString(), rule.toStdString(), core::text_of(day), because.toStdString()});
        !wrong.isEmpty())
        return say(wrong);
    refresh();
    say(tr("%1 of %2 is planned for %3. %4").arg(rule, name, text(day), cost));
}

void LogbookStation::plan_service() {
    const auto* m = machine();
    if (m == nullptr || m->rules.empty()) return;
    QStringList rules;
    for (const auto& r : m->rules) rules << text(r.what.what);
    Form form(tr("Plan a service of %1").arg(fleet_->machine()), this, 560);
    auto* which = form.choice(tr("&What"), rules);
    auto* day = form.line(tr("&Day"), "", tr("as in %1").arg(text(today() + std::chrono::days(14))));
    auto* because = form.line(tr("&Why"), "", tr("before the trip; may stay empty"));
    QString chosen;
    core::Day on{};
    if (form.ask([&] {
            const auto parsed = core::parse_day(theme::kept_day(day->text()));
            if (!parsed) return text(parsed.error().message);
            on = *parsed;
            chosen = which->currentText();
            return on < today() ? tr("That day is over; plan it for one to come.") : QString();
        }))
        plan(chosen, on, because->text().trimmed());
}

void LogbookStation::keep_free() {
    Form form(tr("Days to keep %1 free").arg(fleet_->machine()), this, 560);
    form.words(tr("Nothing is due within them: a service that would fall there is pulled before them."));
    auto* from = form.line(tr("&From"), "", text(first_of_august()));
    auto* to = form.line(tr("&To"), "", tr("%1; empty: one day").arg(text(first_of_august() + std::chrono::days(20))));
    auto* words = form.line(tr("&What for"), "", tr("training trip; may stay empty"));
    if (form.ask([&] {
            return enter(core::KeptFree{
                fleet_->machine().toStdString(), theme::kept_day(from->text()), theme::kept_day(to->text()), words_of(words)});
        }))
        refresh();
}

void LogbookStation::take_calendar(const QString& file) {
    const auto bytes = store::read_file(file.toStdString(), kMostRun);
    const auto stretches = bytes ? shop::read_calendar(*bytes) : tl::make_unexpected(bytes.error());
    if (!stretches) return say(text(stretches.error().message));
    Form form(tr("Keep %1 free").arg(fleet_->machine()), this, 600);
    std::vector<core::LogBody> entries;
    QStringList shown;
    for (const auto& s : *stretches) {
        QString words = tr("%1 to %2  %3").arg(text(s.days.from), text(s.days.to), text(s.words));
        if (!s.doubt.empty()) words += QStringLiteral(" (") + text(s.doubt) + QLatin1Char(')');
        shown << words;
        entries.emplace_back(
            core::KeptFree{fleet_->machine().toStdString(), core::text_of(s.days.from), core::text_of(s.days.to), s.words});
    }
    constexpr qsizetype kMostShown = 20;
    const QString more = shown.size() > kMostShown ? tr("\nand %1 more").arg(shown.size() - kMostShown) : QString();
    form.words(shown.mid(0, kMostShown).join(QLatin1Char('\n')) + more);
    if (!form.ask([&] {
            const auto log = session_.library().log(entries, session_.author().toStdString());
            return log ? QString() : text(log.error().message);
        }))
        return;
    refresh();
    say(tr("%n stretches are kept free.", "1 stretch is kept free.", static_cast<int>(shown.size())));
}

void LogbookStation::keep_evidence() {
    const QString file = QFileDialog::getOpenFileName(
        this, tr("Photograph or receipt"), {}, tr("Pictures and papers (*.jpg *.jpeg *.png *.pdf);;All files (*)"));
    if (file.isEmpty()) return;
    QStringList sorts;
    for (const auto& s : core::all_of<core::EvidenceSort>()) sorts << theme::capital(text(core::words_of(s.value)));
    Form form(tr("Keep with %1").arg(fleet_->machine()), this, 560);
    auto* sort = form.choice(tr("&It is a"), sorts);
    auto* words = form.line(tr("&Of what"), "", tr("invoice of the oil; may stay empty"));
    auto* on = form.line(tr("&Day"), "", on_hint());
    if (!form.ask([&] {
            const core::EvidenceKept about{fleet_->machine().toStdString(), "",
                core::all_of<core::EvidenceSort>()[static_cast<std::size_t>(sort->currentIndex())].value, words_of(words),
                theme::kept_day(on->text())};
            const auto kept = shop::keep_evidence(session_.library(), about, file.toStdString(), session_.author().toStdString());
            return kept ? QString() : text(kept.error().message);
        }))
        return;
    refresh();
    say(tr("It is kept with the machine, and stands in its warranty file."));
}

void LogbookStation::show_samples() {
    SamplesDialog dialog(fleet_->machine(), core::sample_trends(log_, fleet_->machine().toStdString()),
        core::sample_sentences(log_, fleet_->machine().toStdString()), this);
    dialog.exec();
}

void LogbookStation::strike() {
    const auto* e = entry();
    if (e == nullptr) return;
    Form form(tr("Strike entry %1").arg(e->number), this, 560);
    form.words(tr("It stays to be seen, struck through, with who struck it and why; nothing counts it any more."));
    auto* because = form.line(tr("&Why"), "", tr("one digit too many"));
    if (form.ask([&] { return enter(core::EntryStruck{e->number, words_of(because)}); })) refresh();
}

QString LogbookStation::came_of(const core::Result<shop::TakenRun>& taken) const {
    if (!taken) return text(taken.error().message);
    return (taken->again ? tr("The run on %1 is in the logbook already, entry %2.") : tr("The run on %1 is entry %2."))
        .arg(text(taken->machine))
        .arg(taken->entry);
}

void LogbookStation::take_runs(const QStringList& files) {
    QStringList out;
    for (const auto& file : files) {
        const auto run = store::read_file(file.toStdString(), kMostRun);
        out << came_of(run ? shop::take_run(session_.library(), *run, session_.author().toStdString()) : tl::make_unexpected(run.error()));
    }
    refresh();
    say(out.join(QLatin1Char('\n')));
}

void LogbookStation::take_waiting_runs() {
    const auto all = shop::take_waiting_runs(session_.library(), session_.author().toStdString());
    refresh();
    if (!all) return say(text(all.error().message));
    QStringList out;
    for (const auto& run : *all) out << came_of(run.taken);
    say(out.join(QLatin1Char('\n')));
}

void LogbookStation::take_paper(const QString& file) {
    const auto table = store::read_file(file.toStdString(), kMostRun);
    auto paper = table ? core::read_paper(*table, log_) : tl::make_unexpected(table.error());
    if (!paper) return say(text(paper.error().message));
    PaperDialog dialog(session_, file, std::move(*paper), this);
    if (dialog.exec() != QDialog::Accepted) return;
    refresh();
    say(tr("%n services were taken in.", "1 service was taken in.", static_cast<int>(dialog.taken())));
}

void LogbookStation::write_history(shop::HistoryForm form, const QString& file) {
    bar_->set_words(tr("The logbook is being written to %1").arg(file));
    work_.run(
        [library = session_.library().place(), form, to = file.toStdString(), day = today()](const GoOn& go_on) -> core::Outcome {
            const auto opened = store::Library::read(library);
            if (!opened) return tl::make_unexpected(opened.error());
            return shop::write_history(**opened, form, to, day, go_on);
        },
        [this, file](const core::Outcome& done) { say(done ? tr("The logbook is in %1.").arg(file) : text(done.error().message)); });
}

void LogbookStation::write_warranty(const QString& file) {
    bar_->set_words(tr("The warranty file is being written to %1").arg(file));
    work_.run(
        [library = session_.library().place(), name = fleet_->machine().toStdString(), to = file.toStdString(), day = today()](
            const GoOn&) -> core::Outcome {
            const auto opened = store::Library::read(library);
            if (!opened) return tl::make_unexpected(opened.error());
            return shop::write_warranty(**opened, name, to, day);
        },
        [this, file](const core::Outcome& done) { say(done ? tr("The warranty file is in %1.").arg(file) : text(done.error().message)); });
}

void LogbookStation::write_sample_form(std::int64_t sample, const QString& file) {
    bar_->set_words(tr("The form is being written to %1").arg(file));
    work_.run(
        [library = session_.library().place(), sample, to = file.toStdString()](const GoOn&) -> core::Outcome {
            const auto opened = store::Library::read(library);
            if (!opened) return tl::make_unexpected(opened.error());
            return shop::write_sample_form(**opened, sample, to);
        },
        [this, file](const core::Outcome& done) { say(done ? tr("The form is in %1.").arg(file) : text(done.error().message)); });
}

void LogbookStation::write_labels(shop::LabelForm form, const QString& file) {
    bar_->set_words(tr("Labels are being written to %1").arg(file));
    work_.run(
        [library = session_.library().place(), name = fleet_->machine().toStdString(), form, to = file.toStdString(), day = today()](
            const GoOn&) -> core::Outcome {
            const auto opened = store::Library::read(library);
            if (!opened) return tl::make_unexpected(opened.error());
            return shop::write_label(**opened, name, form, to, day);
        },
        [this, file](const core::Outcome& done) { say(done ? tr("The labels are in %1.").arg(file) : text(done.error().message)); });
}

}  // namespace anagraph::app
