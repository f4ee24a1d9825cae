#include "app/bench/bench_station.h"

#include <QCompleter>
#include <QDateTime>
#include <QHBoxLayout>
#include <QSettings>
#include <QUuid>
#include <QVBoxLayout>

#include "app/people/key_forms.h"
#include "app/theme/controls.h"
#include "app/theme/form.h"
#include "app/theme/theme.h"
#include "core/base/letters.h"
#include "publish/pack_files.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kSecondMs = 1000;
constexpr int kRightShare = 42;  // of a hundred, for the picture
constexpr double kLineSize = 17;
const QString kPortSetting = QStringLiteral("wrench/port");

QFont large(double points, bool bold = false) {
    QFont font = theme::font("text", bold);
    font.setPointSizeF(points);
    return font;
}

QLabel* large_label(QWidget* parent, double points, bool bold = false) {
    auto* label = new QLabel(parent);
    label->setFont(large(points, bold));
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    return label;
}

/// A line of a step as it stands: done, next, or still to come.
QLabel* line_label(const QString& words, bool done, bool next, QWidget* parent) {
    auto* label = large_label(parent, kLineSize, next);
    label->setText((done ? QStringLiteral("✓ ") : QString()) + words);
    label->setStyleSheet(
        QStringLiteral("color: %1; %2")
            .arg(theme::colour(done ? "second" : "ink").name(),
                next ? QStringLiteral("border-left: 6px solid %1; padding-left: 8px;").arg(theme::colour("accent").name()) : QString()));
    return label;
}

QListWidget* large_list(const QString& name, QWidget* parent) {
    auto* list = new QListWidget(parent);
    list->setAccessibleName(name);
    list->setFont(large(14));
    list->setWordWrap(true);
    list->setSpacing(3);
    list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return list;
}

/// A signal word with its sign, and what it warns of.
class CautionBox : public QWidget {
public:
    CautionBox(const core::BenchCaution& caution, QWidget* parent) : QWidget(parent), signal_(caution.signal) {
        auto* across = new QHBoxLayout(this);
        across->setContentsMargins(kSign + 14, 8, 12, 8);
        auto* words = large_label(this, 14);
        words->setText(text(caution.text));
        across->addWidget(words, 1);
        setMinimumHeight(46);
        setAccessibleName(theme::signal_word(signal_) + QStringLiteral(": ") + words->text());
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.fillRect(rect(), theme::colour("sheet"));
        theme::draw_signal(p, QRectF(0, 0, kSign, height()), signal_);
        p.setPen(QPen(theme::colour("ink"), 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(1, 1, -1, -1));
    }

private:
    static constexpr int kSign = 118;
    core::Signal signal_;
};

}  // namespace

BenchStation::BenchStation(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), clock_([] { return QDateTime::currentSecsSinceEpoch(); }), work_(this) {
    setObjectName(QStringLiteral("station"));
    wrench_ = new WrenchPort(this);
    connect(wrench_, &WrenchPort::reading, this, &BenchStation::take_wrench);
    connect(wrench_, &WrenchPort::trouble, this, &BenchStation::say);
    build_commands();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 12, 20, 14);
    down->setSpacing(10);
    about_ = quiet_label(QString(), this);
    about_->setAccessibleName(tr("The run"));
    down->addWidget(about_);
    pages_ = new QStackedWidget(this);
    pages_->addWidget(start_page());
    pages_->addWidget(before_page());
    pages_->addWidget(work_page());
    pages_->addWidget(end_page());
    down->addWidget(pages_, 1);
    said_ = large_label(this, 14, true);
    said_->setAccessibleName(tr("What is to be done"));
    down->addWidget(said_);
    bar_ = new WorkBar(work_, tr("Progress"), new CommandButton(*commands_, *commands_->find(QStringLiteral("bench.cancel")), this), this);
    connect(&work_, &Work::busy_changed, this, [this] { commands_->refresh(); });
    down->addWidget(bar_);
    down->addWidget(new CommandRow(*commands_, this, true));
    second_.setInterval(kSecondMs);
    connect(&second_, &QTimer::timeout, this, &BenchStation::tick);
    second_.start();
    setFocusProxy(pages_);
}

QWidget* BenchStation::start_page() {
    auto* page = new QWidget(this);
    auto* across = new QHBoxLayout(page);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(24);
    auto* left = new QVBoxLayout;
    left->addWidget(title_label(tr("Work at the machine"), page));
    list_ = large_list(tr("Runs under way, and editions to work by"), page);
    left->addWidget(list_, 1);
    across->addLayout(left, 5);
    auto* right = new QVBoxLayout;
    right->addWidget(title_label(tr("How far the learners are"), page));
    auto* scroll = new QScrollArea(page);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    progress_ = new ProgressView(scroll);
    scroll->setWidget(progress_);
    right->addWidget(scroll, 1);
    across->addLayout(right, 6);
    page->setFocusProxy(list_);
    connect(list_, &QListWidget::currentRowChanged, commands_, &Commands::refresh);
    connect(list_, &QListWidget::itemActivated, this, [this] { way_on(); });
    return page;
}

QWidget* BenchStation::before_page() {
    auto* page = new QWidget(this);
    auto* down = new QVBoxLayout(page);
    down->setContentsMargins(0, 0, 0, 0);
    down->addWidget(title_label(tr("Before the work"), page));
    before_ = large_label(page, 14);
    down->addWidget(before_);
    kit_ = large_list(tr("Kit and protective gear, to be ticked"), page);
    down->addWidget(kit_, 1);
    page->setFocusProxy(kit_);
    connect(kit_, &QListWidget::itemChanged, this, [this](const QListWidgetItem* item) {
        const bool there = item->checkState() == Qt::Checked;
        const auto words = item->data(Qt::UserRole).toString().toStdString();
        (void)happen({words.empty() ? core::BenchBody(core::LockedOff{there}) : core::BenchBody(core::KitTicked{words, there})});
    });
    return page;
}

QWidget* BenchStation::work_page() {
    auto* page = new QWidget(this);
    auto* across = new QHBoxLayout(page);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(16);
    discs_ = new StepDiscs(page);
    connect(discs_, &StepDiscs::chosen, this, [this](const QString& id) { (void)happen({core::StepTaken{id.toStdString()}}); });
    across->addWidget(discs_);
    scroll_ = new QScrollArea(page);
    scroll_->setFrameShape(QFrame::NoFrame);
    scroll_->setWidgetResizable(true);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll_->setFocusPolicy(Qt::StrongFocus);
    scroll_->setAccessibleName(tr("The step in hand"));
    across->addWidget(scroll_, 100 - kRightShare);
    auto* right = new QVBoxLayout;
    picture_ = new BenchPicture(page);
    right->addWidget(picture_, 1);
    picture_words_ = quiet_label(QString(), page);
    right->addWidget(picture_words_);
    clocks_ = new ClockView(page);
    right->addWidget(clocks_);
    across->addLayout(right, kRightShare);
    page->setFocusProxy(scroll_);
    return page;
}

QWidget* BenchStation::end_page() {
    auto* page = new QWidget(this);
    auto* down = new QVBoxLayout(page);
    down->setContentsMargins(0, 0, 0, 0);
    down->addWidget(title_label(tr("At the end"), page));
    verdict_ = large_label(page, 18, true);
    down->addWidget(verdict_);
    steps_ = large_list(tr("The steps, and how each was done"), page);
    down->addWidget(steps_, 1);
    page->setFocusProxy(steps_);
    connect(steps_, &QListWidget::currentRowChanged, commands_, &Commands::refresh);
    return page;
}

void BenchStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void BenchStation::say(const QString& words) {
    said_->setText(words);
    said_->setVisible(!words.isEmpty());
}

Hand BenchStation::in_hand() const {
    if (!run_) {
        const int row = list_ == nullptr ? -1 : list_->currentRow();
        if (row < 0) return Hand::Nothing;
        return row < static_cast<int>(waiting_.size()) ? Hand::Run : Hand::Job;
    }
    switch (run_->bench().at()) {
        case core::Bench::At::Before:
            return Hand::Kit;
        case core::Bench::At::Working:
            return Hand::AtWork;
        case core::Bench::At::Paused:
            return Hand::Paused;
        case core::Bench::At::Ended:
            break;
    }
    return Hand::RunDone;
}

bool BenchStation::open_step() const {
    return run_ && run_->bench().at() == core::Bench::At::Working && step() != nullptr && !run_->bench().closed(step()->id);
}

void BenchStation::refresh() {
    if (!run_) return show_start();
    show_run();
}

void BenchStation::show_start() {
    pages_->setCurrentIndex(Start);
    about_->setText(
        tr("One step at a time, with what is read and seen written down as it happens. The same is in every pack, for a tablet without a "
           "network."));
    auto editions = shop::editions_for_bench(session_.library());
    auto waiting = shop::RunAtBench::under_way(session_.library());
    if (!editions) say(text(editions.error().message));
    if (!waiting) say(text(waiting.error().message));
    editions_ = editions ? std::move(*editions) : std::vector<shop::BenchEdition>{};
    waiting_ = waiting ? std::move(*waiting) : std::vector<shop::RunAtBench>{};
    const int row = list_->currentRow();
    const QSignalBlocker quiet(list_);
    list_->clear();
    for (const auto& w : waiting_) {
        const auto& b = w.bench();
        const auto& sheet = b.sheet();
        const QString at = b.at() == core::Bench::At::Ended ? tr("to be signed")
            : b.step() == nullptr                           ? tr("before the work")
                                                            : tr("step %1").arg(b.step()->number);
        list_->addItem(tr("Under way: %1 %2, %3, %4, %5")
                           .arg(text(sheet.machine), text(sheet.title),
                               text(b.about().machine.empty() ? b.about().serial : b.about().machine), text(b.about().who), at));
    }
    for (const auto& e : editions_) list_->addItem(tr("%1 %2, edition %3").arg(text(e.machine), text(e.title)).arg(e.edition));
    if (list_->count() > 0) list_->setCurrentRow(std::clamp(row, 0, list_->count() - 1));
    if (list_->count() == 0 && editions && waiting) say(tr("No edition is issued yet; issue a guide first."));
    const auto log = session_.library().logbook();
    const auto records = session_.library().records();
    if (log && records) {
        const auto runs = shop::runs_of(session_.library(), *log);
        std::vector<std::string> guides;
        QStringList names;
        for (const auto& e : editions_) guides.push_back(e.guide), names << text(e.machine + " " + e.title);
        progress_->show_progress(core::progress(*records, runs ? *runs : std::vector<core::RunInLog>{}, guides), names);
    }
    commands_->refresh();
}

void BenchStation::show_run() {
    const auto& b = run_->bench();
    const auto& about = b.about();
    QStringList parts{tr("%1 · %2").arg(text(b.sheet().machine), text(b.sheet().title)), tr("edition %1").arg(b.sheet().edition)};
    for (const auto& part :
        {about.variant, about.machine, about.serial.empty() ? "" : tr("serial %1").arg(text(about.serial)).toStdString(), about.who})
        if (!part.empty()) parts << text(part);
    if (wrench_->is_open()) parts << tr("wrench on the line");
    about_->setText(parts.join(QStringLiteral(" · ")));
    switch (b.at()) {
        case core::Bench::At::Before:
            show_before();
            break;
        case core::Bench::At::Working:
        case core::Bench::At::Paused:
            show_step();
            break;
        case core::Bench::At::Ended:
            show_end();
            break;
    }
    commands_->refresh();
}

void BenchStation::show_before() {
    pages_->setCurrentIndex(Before);
    const auto& b = run_->bench();
    QStringList words{
        tr("Lay out the kit, put on the gear, make the machine safe. The maker's current book, the site's lock-off rules and licensed "
           "practice come first.")};
    if (!run_->edition_trouble().empty()) words.prepend(text(run_->edition_trouble()));
    if (const auto log = session_.library().logbook()) {
        const auto* m = shop::machine_named(*log, b.about().serial.empty() ? b.about().machine : b.about().serial);
        for (const auto& f : log->findings())
            if (m != nullptr && !f.closed && f.what.machine == m->about.name)
                words << tr("Not put right since %1: %2.").arg(text(core::text_of(f.on)), text(f.what.words));
    }
    before_->setText(words.join(QLatin1Char('\n')));
    const QSignalBlocker quiet(kit_);
    const int row = std::max(0, kit_->currentRow());
    kit_->clear();
    const auto tick = [&](const QString& words_shown, const std::string& key, bool on) {
        auto* item = new QListWidgetItem(words_shown, kit_);
        item->setData(Qt::UserRole, text(key));
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(on ? Qt::Checked : Qt::Unchecked);
    };
    for (const auto& g : b.sheet().gear) tick(tr("Gear: %1").arg(text(g.words)), g.words, b.has(g.words));
    for (const auto& k : b.sheet().kit) tick(text(k.words), k.words, b.has(k.words));
    tick(tr("The machine is safe: isolated and locked off as the site's rules say."), "", b.locked_off());
    kit_->setCurrentRow(std::min(row, kit_->count() - 1));
    kit_->setFocus();
}

void BenchStation::show_step() {
    const bool again = pages_->currentIndex() == Work;
    pages_->setCurrentIndex(Work);
    const auto& b = run_->bench();
    const auto now = clock_();
    discs_->show_run(b, now);
    clocks_->show_clocks(b, now);
    const auto* s = b.step();
    auto* page = new QWidget(scroll_);
    auto* down = new QVBoxLayout(page);
    down->setContentsMargins(0, 0, 10, 0);
    down->setSpacing(8);
    const auto& e = b.entered(s->id);
    auto* heading = large_label(page, 24, true);
    heading->setText(tr("%1  %2").arg(s->number).arg(text(s->heading)));
    down->addWidget(heading);
    if (e.state) {
        auto* state = large_label(page, 14, true);
        state->setText(text(core::capitalised(std::string(core::spoken_name_of(*e.state)))) +
            (e.because.empty() ? QString() : QStringLiteral(": ") + text(e.because)));
        down->addWidget(state);
    }
    if (!s->states.empty()) {
        QStringList states;
        for (const auto& state : s->states) states << text(state);
        auto* label = large_label(page, 14, true);
        label->setText(tr("The machine: %1").arg(states.join(QStringLiteral(", "))));
        down->addWidget(label);
    }
    for (const auto& c : s->cautions) down->addWidget(new CautionBox(c, page));
    for (std::size_t i = 0; i < s->lines.size(); ++i)
        down->addWidget(
            line_label(tr("%1 %2").arg(i + 1).arg(text(s->lines[i])), e.state.has_value() || i < e.lines, !e.state && i == e.lines, page));
    for (const auto& w : s->wanted) {
        std::vector<core::RunReading> readings;
        for (const auto& r : e.readings)
            if (w.figure.empty() ? r.what == w.what : r.figure == w.figure) readings.push_back(r);
        down->addWidget(new WantedCard(w, std::move(readings), page));
    }
    for (std::size_t i = 0; i < s->checks.size(); ++i) {
        const auto& c = s->checks[i];
        const auto said = e.checks.find(i);
        auto* label = large_label(page, 15);
        QString words = tr("Look: %1").arg(text(c.look));
        if (!c.good.empty()) words += tr("\nGood: %1").arg(text(c.good));
        if (!c.stop.empty()) words += tr("\nStop: %1").arg(text(c.stop));
        if (said != e.checks.end())
            words += said->second.good ? tr("\n✓ It is good.") : tr("\n✗ Not good: %1").arg(text(said->second.words));
        label->setText(words);
        label->setStyleSheet(QStringLiteral("background: %1; border: 1px solid %2; padding: 8px;")
                                 .arg(theme::colour("sheet").name(), theme::colour("rule").name()));
        down->addWidget(label);
    }
    if (!e.evidence.empty()) {
        auto* label = large_label(page, 14);
        label->setText(
            theme::counted(static_cast<qsizetype>(e.evidence.size()), tr("1 photograph is kept."), tr("%1 photographs are kept.")));
        down->addWidget(label);
    }
    down->addStretch(1);
    page->setEnabled(b.at() == core::Bench::At::Working);
    scroll_->setWidget(page);
    if (!again) scroll_->setFocus();
    show_picture();
}

void BenchStation::show_picture() {
    const auto* s = step();
    picture_->clear();
    picture_words_->clear();
    if (s == nullptr || s->plates.empty()) return;
    const auto& p = run_->edition().procedure;
    const auto folder = session_.library().pack_folder(store::GuideId(run_->bench().about().guide), run_->edition().number);
    if (!folder) return;
    plate_ = std::min(plate_, s->plates.size() - 1);
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        for (std::size_t k = 0; k < p.steps[i].plates.size(); ++k) {
            const auto& plate = p.steps[i].plates[k];
            if (plate.id != s->plates[plate_] || p.steps[i].id != s->id) continue;
            picture_->show_plate(p, plate, text(*folder + "/" + publish::still_name(i + 1, k + 1)));
            QStringList words;
            if (!plate.caption.empty()) words << text(plate.caption);
            if (s->plates.size() > 1) words << tr("picture %1 of %2").arg(plate_ + 1).arg(s->plates.size());
            picture_words_->setText(words.join(QStringLiteral(" · ")));
        }
}

void BenchStation::show_end() {
    pages_->setCurrentIndex(End);
    const auto run = run_->bench().run();
    verdict_->setText(run.whole() ? tr("The work is done.") : tr("The work stopped; it counts as no service."));
    const int row = steps_->currentRow();
    const QSignalBlocker quiet(steps_);
    steps_->clear();
    for (const auto& s : run.steps) {
        const auto* on_sheet = run_->bench().sheet().find(core::StepId(s.id));
        const auto& entered = run_->bench().entered(core::StepId(s.id));
        QString words =
            tr("%1  %2: %3").arg(on_sheet->number).arg(text(on_sheet->heading), text(std::string(core::spoken_name_of(s.state))));
        if (entered.began && entered.ended) words += tr(", %1").arg(clock_words(*entered.ended - *entered.began - entered.paused));
        if (!s.because.empty()) words += tr(" (%1)").arg(text(s.because));
        if (s.assessed != core::Assessed::Not) words += tr(" · %1").arg(text(std::string(core::spoken_name_of(s.assessed))));
        auto* item = new QListWidgetItem(words, steps_);
        item->setData(Qt::UserRole, text(s.id));
    }
    for (const auto& signature : run.signed_by) verdict_->setText(verdict_->text() + tr(" Signed by %1.").arg(text(signature.post)));
    steps_->setCurrentRow(std::clamp(row, 0, std::max(0, steps_->count() - 1)));
    steps_->setFocus();
}

QString BenchStation::told() const {
    QStringList out{about_->text()};
    for (const auto* label : pages_->currentWidget()->findChildren<QLabel*>()) out << label->text();
    for (const auto* card : pages_->currentWidget()->findChildren<WantedCard*>()) out << card->words();
    for (const auto* list : pages_->currentWidget()->findChildren<QListWidget*>())
        for (int i = 0; i < list->count(); ++i) out << list->item(i)->text();
    if (pages_->currentIndex() == Work) out << clocks_->words();
    if (pages_->currentIndex() == Start) out << progress_->words();
    return out.join(QLatin1Char('\n'));
}

// -- what happens

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
    if (!run_ && row >= 0 && row < static_cast<int>(waiting_.size())) return go_on_with(static_cast<std::size_t>(row));
    if (!run_) return begin_run();
    if (run_->bench().at() == core::Bench::At::Ended) return hand_in();
    const auto on = run_->bench().way_on(clock_());
    if (!on) return say(text(on.error().message));
    (void)happen(*on);
}

QString BenchStation::way_on_words() const {
    switch (in_hand()) {
        case Hand::Job:
            return tr("Begin a run");
        case Hand::Run:
        case Hand::Paused:
            return tr("Go on");
        case Hand::Kit:
            return tr("Begin the work");
        case Hand::RunDone:
            return tr("Put into the logbook");
        default:
            break;
    }
    if (step() == nullptr) return tr("Done, go on");
    const auto& b = run_->bench();
    const auto* s = step();
    const auto& e = b.entered(s->id);
    if (e.state) return tr("To the next step");
    if (e.lines + 1 < s->lines.size()) return tr("Done, next line");
    if (e.lines < s->lines.size()) return tr("Done");
    for (const auto& c : b.clocks(clock_()))
        if (c.step == s->id) return c.left && *c.left > 0 ? tr("Meanwhile") : tr("The wait is over");
    return e.waits_begun.size() < s->waits.size() ? tr("Start the clock") : tr("Done, go on");
}

void BenchStation::tick() {
    if (!run_ || pages_->currentIndex() != Work || !isVisible()) return;
    const auto now = clock_();
    const auto& b = run_->bench();
    clocks_->show_clocks(b, now);
    commands_->refresh();
    if (b.at() != core::Bench::At::Working) return;
    if (auto alive = session_.library().bench_is_alive(b.about().id, now); !alive) say(text(alive.error().message));
}

void BenchStation::go_on_with(std::size_t run) {
    run_ = std::move(waiting_[run]);
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
    const int row = list_->currentRow() - static_cast<int>(waiting_.size());
    if (row < 0 || row >= static_cast<int>(editions_.size())) return;
    const auto edition = editions_[static_cast<std::size_t>(row)];
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

const core::BenchWanted* BenchStation::wanted() const {
    const auto* s = step();
    if (s == nullptr || s->wanted.empty()) return nullptr;
    for (const auto& w : s->wanted)
        if (run_->bench().good_readings(*s, w) < w.times) return &w;
    return &s->wanted.back();
}

void BenchStation::write_reading() {
    const auto* w = wanted();
    if (w == nullptr) return;
    Form form(tr("Write down: %1").arg(text(w->what)), this);
    if (!w->value.empty()) form.words(tr("It should be %1.").arg(text(w->value)));
    auto* value = form.line(tr("&Reading"), "", w->unit == nullptr ? QString() : tr("24.8, or 18.3 lbf.ft"));
    const std::string at = step()->id.text();
    if (form.ask([&] {
            // a number alone is in the unit that is asked for
            auto q = core::Quantity::parse(words_of(value));
            if (!q && w->unit != nullptr) q = core::Quantity::parse(words_of(value) + " " + std::string(w->unit->id));
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
    const auto& e = run_->bench().entered(s->id);
    // the next that nobody looked at, or else what was not good, or the last
    std::size_t at = s->checks.size() - 1;
    for (std::size_t i = s->checks.size(); i > 0; --i)
        if (const auto said = e.checks.find(i - 1); said != e.checks.end() && !said->second.good) at = i - 1;
    for (std::size_t i = s->checks.size(); i > 0; --i)
        if (!e.checks.contains(i - 1)) at = i - 1;
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
    for (const auto& u : core::all_of<core::Urgency>()) urgencies << text(core::capitalised(std::string(u.spoken)));
    Form form(tr("Found something"), this);
    auto* words = form.line(tr("&What"), "", tr("a chafed pipe, a cracked belt"));
    auto* urgency = form.choice(tr("Put &right"), urgencies, 1);
    const std::string at = step() == nullptr ? "" : step()->id.text();
    if (form.ask([&] { return words_of(words).empty() ? tr("Say what you found.") : QString(); }) &&
        happen({core::SomethingFound{
            at, words_of(words), core::all_of<core::Urgency>()[static_cast<std::size_t>(urgency->currentIndex())].value, {}}}))
        say(tr("Written down; it stays open in the logbook until it is put right."));
}

void BenchStation::note_used() {
    QStringList items;
    for (const auto& k : run_->bench().sheet().kit) items << text(k.words).section(QLatin1Char(','), 0, 0);
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
    QSettings settings;
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
    if (row < 0 || row >= static_cast<int>(waiting_.size())) return;
    Form form(tr("Give up this run"), this);
    form.words(
        tr("What was written down in it is lost; it cannot be brought back. A run that stopped belongs into the logbook: go on, stop and "
           "end it."));
    if (!form.ask()) return;
    if (auto gone = waiting_[static_cast<std::size_t>(row)].give_up(session_.library()); !gone) return say(text(gone.error().message));
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
