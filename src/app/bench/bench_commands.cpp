// What is done at the Bench: a run is begun, goes on, is asked about, signed and put into the logbook.
#include <QCompleter>
#include <QDir>
#include <QFileDialog>
#include <QTemporaryFile>
#include <QUuid>

#include "app/bench/bench_station.h"
#include "app/bench/camera_dialog.h"
#include "app/people/key_forms.h"
#include "app/running/settings.h"
#include "app/theme/form.h"
#include "app/theme/theme.h"
#include "core/base/letters.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kPhotographQuality = 92;
const QString kPortSetting = QStringLiteral("wrench/port");

}  // namespace

bool BenchStation::happen(const std::vector<core::BenchBody>& bodies) {
    if (!run_) return false;
    const core::StepId before = step() == nullptr ? core::StepId() : step()->id;
    if (auto done = run_->add(session_.library(), bodies, clock_()); !done) {
        say(text(done.error().message));
        show_run();
        return false;
    }
    if (step() == nullptr || step()->id != before) plate_ = 0;
    say({});
    show_run();
    return true;
}

void BenchStation::way_on() {
    const int row = list_->currentRow();
    if (!run_ && row >= 0 && row < static_cast<int>(start_.waiting.size())) return go_on_with(static_cast<std::size_t>(row));
    if (!run_) return begin_run();
    if (run_->bench().at() == core::Bench::At::Ended) return hand_in();
    const auto on = run_->bench().way_on(clock_());
    if (!on) return say(text(on.error().message));
    (void)happen(*on);
}

QString BenchStation::way_on_words() const {
    if (!run_) return in_hand() == Hand::Run ? tr("Go on") : tr("Begin a run");
    const auto now = clock_();
    switch (run_->bench().press(now)) {
        case core::BenchPress::BeginWork:
            return tr("Begin the work");
        case core::BenchPress::GoOn:
            return tr("Go on");
        case core::BenchPress::NextLine:
            return tr("Done, next line");
        case core::BenchPress::LastLine:
            return tr("Done");
        case core::BenchPress::StartClock:
            return tr("Start the clock");
        case core::BenchPress::EndWait:
            return tr("The wait is over");
        case core::BenchPress::Meanwhile:
            return tr("Meanwhile");
        case core::BenchPress::KeepWaiting:
            return tr("Wait %1").arg(text(core::clock_text(run_->bench().own_clock(now)->left.value_or(0))));
        case core::BenchPress::NextStep:
            return tr("To the next step");
        case core::BenchPress::EndRun:
            return tr("End the run");
        case core::BenchPress::HandIn:
            return tr("Put into the logbook");
        case core::BenchPress::CloseStep:
            break;
    }
    return tr("Done, go on");
}

void BenchStation::tick() {
    if (!run_ || run_->bench().at() == core::Bench::At::Ended) return second_.stop();
    const auto now = clock_();
    const auto& b = run_->bench();
    if (isVisible() && pages_->currentIndex() == Work) {
        clocks_->show_clocks(b, now);
        commands_->refresh();
    }
    // whatever station is looked at meanwhile, the work goes on
    if (b.at() != core::Bench::At::Working) return;
    if (auto alive = session_.library().bench_is_alive(b.about().id, now); !alive) say(text(alive.error().message));
}

void BenchStation::go_on_with(std::size_t run) {
    run_ = std::move(start_.waiting[run]);
    say(text(run_->edition_trouble()));
    show_run();
}

QString BenchStation::begin(const shop::BenchEdition& edition, core::RunBegun about) {
    about.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    auto run = shop::RunAtBench::begin(session_.library(), edition, std::move(about), clock_());
    if (!run) return text(run.error().message);
    run_ = std::move(*run);
    return {};
}

void BenchStation::begin_run() {
    const int row = list_->currentRow() - static_cast<int>(start_.waiting.size());
    if (row < 0 || row >= static_cast<int>(start_.editions.size())) return;
    const auto edition = start_.editions[static_cast<std::size_t>(row)];
    const auto log = session_.library().logbook();
    if (!log) return say(text(log.error().message));
    Form form(tr("Begin a run: %1 %2, edition %3").arg(text(edition.machine), text(edition.title)).arg(edition.edition), this, 620);
    QStringList names, posts, variants;
    for (const auto& m : log->machines())
        if (!m.out) names << text(m.about.name) << text(m.about.serial);
    names.removeAll(QString());
    if (const auto records = session_.library().records())
        for (const auto& l : records->learners())
            if (!l.left) posts << text(l.name);
    auto* machine = form.line(tr("&Machine"), "", tr("its name or serial, or the code of its label"));
    machine->setCompleter(new QCompleter(names, machine));
    for (const auto& v : edition.variants) variants << text(v);
    auto* variant = edition.variants.size() > 1 ? form.choice(tr("&Variant"), variants) : nullptr;
    if (variant != nullptr)
        connect(machine, &QLineEdit::textChanged, variant, [variant, &log](const QString& typed) {
            if (const auto* m = shop::machine_named(*log, typed.toStdString()); m != nullptr)
                if (const int at = variant->findText(text(m->about.variant)); at >= 0) variant->setCurrentIndex(at);
        });
    auto* who = form.line(tr("&Who works"), "", tr("learner 07"));
    who->setCompleter(new QCompleter(posts, who));
    auto* assessor = form.line(tr("&Assessed by"), session_.author().toStdString(), tr("may stay empty"));
    if (!form.ask([&] {
            const auto* m = shop::machine_named(*log, words_of(machine));
            if (m == nullptr) return tr("The logbook knows no machine \u201C%1\u201D; add it there first.").arg(machine->text().trimmed());
            core::RunBegun about;
            about.machine = m->about.name;
            about.serial = m->about.serial;
            about.variant = variant == nullptr ? edition.variants.front() : variant->currentText().toStdString();
            about.who = words_of(who);
            about.assessor = words_of(assessor);
            return begin(edition, std::move(about));
        }))
        return;
    say({});
    show_run();
}

void BenchStation::write_reading() {
    const auto* w = run_->bench().wanted_now();
    if (w == nullptr) return;
    Form form(tr("Write down: %1").arg(text(w->what)), this);
    if (!w->value.empty()) form.words(tr("It should be %1.").arg(text(w->value)));
    auto* value = form.line(tr("&Reading"), "", w->unit == nullptr ? QString() : tr("24.8, or 18.3 lbf.ft"));
    const std::string at = step()->id.text();
    if (form.ask([&] {
            const auto q = core::reading_typed(*w, words_of(value));
            if (!q) return text(q.error().message);
            const auto done = run_->add(
                session_.library(), {core::ReadingTaken{at, w->figure, w->figure.empty() ? w->what : "", *q, "typed", ""}}, clock_());
            return done ? QString() : text(done.error().message);
        })) {
        show_run();
        say(text(run_->bench().outside(*step())));
    }
}

void BenchStation::look(bool good) {
    const auto* s = step();
    const auto at = run_->bench().check_now().value_or(0);
    const std::string id = s->id.text();
    const auto& check = s->checks[at];
    if (good && check.write.empty()) {
        (void)happen({core::CheckLooked{id, static_cast<std::int64_t>(at), true, ""}});
        return;
    }
    Form form(good ? tr("Write down: %1").arg(text(check.write)) : tr("Not good: %1").arg(text(check.look)), this);
    auto* words = form.line(tr("&What do you see"), "", tr("in a word or two"));
    if (form.ask([&] { return words_of(words).empty() ? tr("Say what you see.") : QString(); }))
        (void)happen({core::CheckLooked{id, static_cast<std::int64_t>(at), good, words_of(words)}});
}

void BenchStation::give_reason() {
    Form form(tr("Why it stays as it is"), this);
    form.words(tr("Both readings are kept, and this reason with them."));
    auto* because = form.line(tr("&Reason"), "", tr("the instructor has seen it"));
    if (form.ask([&] { return words_of(because).empty() ? tr("Give the reason.") : QString(); }))
        (void)happen({core::ReasonGiven{step()->id.text(), words_of(because)}});
}

void BenchStation::stop(core::StepState how) {
    const bool stops = how == core::StepState::Stopped;
    Form form(stops ? tr("Stop, and ask") : tr("Leave the step out"), this);
    if (stops) form.words(tr("A run with a step that stopped is no service. It can be done again later, or the run ended."));
    auto* because = form.line(tr("&Why"), "", stops ? tr("the thread is crossed") : tr("done last week"));
    if (form.ask([&] { return words_of(because).empty() ? tr("Say why.") : QString(); }))
        if (happen({core::StepClosed{step()->id.text(), how, words_of(because)}}) && !stops) way_on();
}

void BenchStation::note_finding() {
    QStringList urgencies;
    for (const auto& u : core::all_of<core::Urgency>()) urgencies << theme::capital(text(core::words_of(u.value)));
    Form form(tr("Found something"), this);
    auto* words = form.line(tr("&What"), "", tr("a chafed pipe, a cracked belt"));
    auto* urgency = form.choice(tr("Put &right"), urgencies, 1);
    const std::string at = step() == nullptr ? "" : step()->id.text();
    if (form.ask([&] { return words_of(words).empty() ? tr("Say what you found.") : QString(); }) &&
        happen({core::SomethingFound{
            at, words_of(words), core::all_of<core::Urgency>()[static_cast<std::size_t>(urgency->currentIndex())].value, {}}}))
        say(tr("Written down; it stays open in the logbook until it is put right."));
}

std::vector<core::FindingInLog> BenchStation::open_findings() const {
    std::vector<core::FindingInLog> out;
    const auto log = session_.library().logbook();
    if (!run_ || !log) return out;
    const auto& about = run_->bench().about();
    const auto* m = shop::machine_named(*log, about.serial.empty() ? about.machine : about.serial);
    for (const auto& f : log->findings())
        if (m != nullptr && !f.closed && f.what.machine == m->about.name) out.push_back(f);
    return out;
}

void BenchStation::put_right() {
    const auto open = open_findings();
    if (open.empty()) return say(tr("Nothing is open on this machine."));
    QStringList names;
    for (const auto& f : open) names << tr("%1: %2").arg(text(f.on), text(f.what.words));
    Form form(tr("Put right today"), this, 560);
    auto* which = form.choice(tr("&What"), names);
    auto* how = form.line(tr("&How"), "", tr("new hose fitted"));
    if (form.ask([&] {
            const auto done = session_.library().log(
                {core::FindingClosed{open[static_cast<std::size_t>(which->currentIndex())].entry, words_of(how), ""}},
                run_->bench().about().who);
            return done ? QString() : text(done.error().message);
        })) {
        show_run();
        say(tr("It is closed in the logbook."));
    }
}

void BenchStation::note_used() {
    QStringList items;
    for (const auto& k : run_->bench().sheet().kit) items << text(k).section(QLatin1Char(','), 0, 0);
    Form form(tr("What was used"), this);
    auto* item = form.line(tr("&Item"), "", tr("gear oil"));
    item->setCompleter(new QCompleter(items, item));
    auto* amount = form.line(tr("&Amount"), "", tr("1.7 L, or 1 x"));
    auto* number = form.line(tr("&Number"), "", tr("part number; may stay empty"));
    auto* batch = form.line(tr("&Batch"), "", tr("from the label; may stay empty"));
    if (form.ask([&] {
            const auto q = core::Quantity::parse(words_of(amount));
            if (!q) return text(q.error().message);
            const auto done =
                run_->add(session_.library(), {core::SomethingUsed{words_of(item), *q, words_of(number), words_of(batch)}}, clock_());
            return done ? QString() : text(done.error().message);
        })) {
        say(tr("Written down; the store counts it when the run is in the logbook."));
        show_run();
    }
}

void BenchStation::turn_step(int by) {
    const auto& all = run_->bench().sheet().steps;
    const auto at = std::find_if(all.begin(), all.end(), [&](const core::BenchStep& s) { return &s == step(); }) - all.begin() + by;
    if (at >= 0 && at < static_cast<std::ptrdiff_t>(all.size()))
        (void)happen({core::StepTaken{all[static_cast<std::size_t>(at)].id.text()}});
}

void BenchStation::keep_photograph(const QString& file) {
    if (!run_) return;
    const auto kept = run_->keep_photograph(session_.library(), file.toStdString(), clock_());
    show_run();
    say(kept ? tr("The photograph is kept with this step.") : text(kept.error().message));
}

void BenchStation::take_photograph() {
    CameraDialog dialog(this);
    if (dialog.exec() != QDialog::Accepted) return;
    if (dialog.photograph().isNull()) {
        for (const auto& file :
            QFileDialog::getOpenFileNames(this, tr("Photographs of this step"), QString(), tr("Pictures (*.jpg *.jpeg *.png)")))
            keep_photograph(file);
        return;
    }
    QTemporaryFile file(QDir::tempPath() + QStringLiteral("/photograph-XXXXXX.jpg"));
    if (!file.open() || !dialog.photograph().save(&file, "JPG", kPhotographQuality) || !file.flush())
        return say(tr("The photograph could not be written to %1: %2. Make room there and take it again.")
                       .arg(QDir::tempPath(), file.errorString()));
    keep_photograph(file.fileName());
}

// -- the wrench

void BenchStation::take_wrench(const core::WrenchReading& reading) {
    if (!run_) return say(tr("%1 came from the wrench, but no run is in hand.").arg(text(core::display(reading.value))));
    const auto on = run_->bench().wrench_reading(reading.value, wrench_->name().toStdString(), clock_());
    if (!on) return say(text(on.error().message));
    if (happen(*on) && step() != nullptr) say(text(run_->bench().outside(*step())));
}

void BenchStation::connect_wrench() {
    if (wrench_->is_open()) {
        wrench_->close();
        refresh();
        return say(tr("The wrench is off the line; readings are typed."));
    }
    Settings settings;
    Form form(tr("Wrench on the line"), this);
    form.words(tr("A reading of the wrench is written down by itself, and a good one goes on."));
    auto* port = form.line(tr("&Port"), settings.value(kPortSetting).toString().toStdString(), tr("/dev/ttyUSB0"));
    port->setCompleter(new QCompleter(WrenchPort::ports(), port));
    if (port->text().isEmpty() && WrenchPort::ports().size() == 1) port->setText(WrenchPort::ports().first());
    if (!form.ask([&] { return wrench_->open(port->text().trimmed()); })) return;
    settings.setValue(kPortSetting, port->text().trimmed());
    refresh();
    say(tr("The wrench is on the line."));
}

// -- the end

void BenchStation::assess(core::Assessed how) {
    const auto* item = steps_->currentItem();
    if (item == nullptr) return;
    const int row = steps_->currentRow();
    if (happen({core::StepAssessed{item->data(Qt::UserRole).toString().toStdString(), how}}))
        steps_->setCurrentRow(std::min(row + 1, steps_->count() - 1));
}

void BenchStation::sign() {
    const auto run = run_->bench().run();
    QStringList posts;
    for (const auto& post : {run.who, run.assessor})
        if (!post.empty() &&
            std::none_of(run.signed_by.begin(), run.signed_by.end(), [&](const core::RunSigned& s) { return s.post == post; }))
            posts << text(post);
    if (posts.isEmpty()) return say(tr("Everybody who has to has signed."));
    Form form(tr("Sign the run"), this);
    form.words(tr("Whoever signs says that it happened as it stands here. After the first signature nothing of it can be changed."));
    auto* who = form.choice(tr("&Who signs"), posts);
    if (!form.ask()) return;
    core::RunSignedBy signature{who->currentText().toStdString(), "", ""};
    const auto records = session_.library().records();
    if (!records) return say(text(records.error().message));
    // who has a key signs with it; who has none signs by name
    if (records->key_of(signature.post) != nullptr) {
        const auto* key = key_forms::ask_key(ring_, who->currentText(), this);
        if (key == nullptr) return;
        signature.key = key->key();
        signature.signature = key->sign(core::signed_text(run));
    }
    (void)happen({signature});
}

void BenchStation::hand_in() {
    const auto taken = run_->hand_in(session_.library(), session_.author().toStdString());
    if (!taken) return say(text(taken.error().message));
    run_.reset();
    show_start();
    say(tr("The run on %1 is entry %2 of the logbook.").arg(text(taken->machine)).arg(taken->entry));
    emit session_.library_changed();
}

void BenchStation::give_up() {
    const int row = list_->currentRow();
    if (row < 0 || row >= static_cast<int>(start_.waiting.size())) return;
    Form form(tr("Give up this run"), this);
    form.words(
        tr("What was written down in it is lost; it cannot be brought back. A run that stopped belongs into the logbook: go on, stop and "
           "end it."));
    if (!form.ask()) return;
    if (auto gone = start_.waiting[static_cast<std::size_t>(row)].give_up(session_.library()); !gone)
        return say(text(gone.error().message));
    show_start();
    say(tr("The run was given up."));
}

void BenchStation::write_certificate(const QString& file) {
    bar_->set_words(tr("The certificate is being written to %1").arg(file));
    work_.run([run = run_->bench().run(), edition = run_->edition(), to = file.toStdString()](
                  const GoOn&) { return shop::write_certificate(run, edition, to); },
        [this, file](const core::Outcome& done) { say(done ? tr("The certificate is in %1.").arg(file) : text(done.error().message)); });
}

}  // namespace anagraph::app
