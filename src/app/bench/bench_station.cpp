#include "app/bench/bench_station.h"

#include <QDateTime>
#include <QDropEvent>
#include <QHBoxLayout>
#include <QImageReader>
#include <QMimeData>
#include <QVBoxLayout>

#include "app/film/coming_films.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/base/letters.h"
#include "publish/pack_files.h"
#include "store/files.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kSecondMs = 1000;
constexpr int kRightShare = 42;  // of a hundred, for the picture
constexpr double kLineSize = 17;
constexpr double kDoneSize = 12;  // of a line that is done: there to be seen, not to be read

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
    auto* label = large_label(parent, done ? kDoneSize : kLineSize, next);
    label->setText((done ? QStringLiteral("✓ ") : QString()) + words);
    label->setStyleSheet(QStringLiteral("color: %1; %2")
                             .arg(theme::colour(done ? "second" : "ink").name(),
                                 next ? QStringLiteral("border: 0px solid %1; border-left: 6px solid %1; padding-left: 8px;")
                                            .arg(theme::colour("accent").name())
                                      : QString()));
    return label;
}

/// Something to look at, and what was said of it; null: nothing yet.
QLabel* check_label(const core::BenchCheck& c, const core::RunCheck* said, QWidget* parent) {
    auto* label = large_label(parent, 15);
    QString words = QObject::tr("Look: %1").arg(text(c.look));
    if (!c.good.empty()) words += QObject::tr("\nGood: %1").arg(text(c.good));
    if (!c.stop.empty()) words += QObject::tr("\nStop: %1").arg(text(c.stop));
    if (said != nullptr) {
        words += said->good ? QObject::tr("\n✓ It is good.") : QObject::tr("\n✗ Not good.");
        if (!said->words.empty()) words += QLatin1Char(' ') + text(said->words);
    }
    label->setText(words);
    label->setStyleSheet(QStringLiteral("background: %1; border: 1px solid %2; padding: 8px;")
                             .arg(theme::colour("sheet").name(), theme::colour("rule").name()));
    return label;
}

QListWidget* large_list(const QString& name, QWidget* parent) {
    auto* list = new QListWidget(parent);
    list->setAccessibleName(name);
    list->setFont(large(14));
    list->setWordWrap(true);
    list->setSpacing(3);
    list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list->setStyleSheet(QStringLiteral("QListWidget::indicator { width: 26px; height: 26px; }"));
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

BenchStation::BenchStation(Session& session, QWidget* parent) : QWidget(parent), session_(session), work_(this) {
    set_clock({});
    setObjectName(QStringLiteral("station"));
    setAcceptDrops(true);
    wrench_ = new WrenchPort(this);
    connect(wrench_, &WrenchPort::reading, this, &BenchStation::take_wrench);
    connect(wrench_, &WrenchPort::trouble, this, &BenchStation::say);
    build_commands();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 12, 20, 14);
    down->setSpacing(10);
    about_ = quiet_label(QString(), this);
    about_->setAccessibleDescription(tr("The run"));
    down->addWidget(about_);
    pages_ = new QStackedWidget(this);
    pages_->addWidget(start_page());
    pages_->addWidget(before_page());
    pages_->addWidget(work_page());
    pages_->addWidget(end_page());
    down->addWidget(pages_, 1);
    said_ = large_label(this, 14, true);
    said_->setAccessibleDescription(tr("What is to be done"));
    down->addWidget(said_);
    bar_ = new WorkBar(work_, tr("Progress"), new CommandButton(*commands_, *commands_->find(QStringLiteral("bench.cancel")), this), this);
    connect(&work_, &Work::busy_changed, this, [this] { commands_->refresh(); });
    down->addWidget(bar_);
    down->addWidget(new CommandRow(*commands_, this, true));
    second_.setInterval(kSecondMs);
    connect(&second_, &QTimer::timeout, this, &BenchStation::tick);
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
    scroll->setAccessibleName(tr("Learners and guides"));
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
    right->addWidget(picture_);
    picture_words_ = quiet_label(QString(), page);
    right->addWidget(picture_words_);
    right->addStretch(1);
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

namespace {

QStringList pictures_in(const QMimeData& data) {
    QStringList out;
    for (const auto& url : data.urls())
        if (const QString file = url.toLocalFile(); !file.isEmpty() && QImageReader(file).canRead()) out << file;
    return out;
}

}  // namespace

void BenchStation::dragEnterEvent(QDragEnterEvent* event) {
    if (open_step() && !pictures_in(*event->mimeData()).isEmpty()) event->acceptProposedAction();
}

void BenchStation::dropEvent(QDropEvent* event) {
    if (!open_step()) return;
    event->acceptProposedAction();
    for (const auto& file : pictures_in(*event->mimeData())) keep_photograph(file);
}

void BenchStation::say(const QString& words) {
    said_->setText(words);
    said_->setVisible(!words.isEmpty());
}

Hand BenchStation::in_hand() const {
    if (!run_) {
        const int row = list_ == nullptr ? -1 : list_->currentRow();
        if (row < 0) return Hand::Nothing;
        return row < static_cast<int>(start_.waiting.size()) ? Hand::Run : Hand::Job;
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

void BenchStation::set_clock(std::function<core::Moment()> clock) {
    clock_ = clock ? std::move(clock) : [] { return QDateTime::currentSecsSinceEpoch(); };
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
    auto start = shop::bench_start(session_.library());
    if (!start) say(text(start.error().message));
    start_ = start ? std::move(*start) : shop::BenchStart{};
    if (!start_.troubles.empty()) say(text(start_.troubles.front()));
    const int row = list_->currentRow();
    const QSignalBlocker quiet(list_);
    list_->clear();
    for (const auto& w : start_.waiting) {
        const auto& b = w.bench();
        const auto& sheet = b.sheet();
        const QString at = b.at() == core::Bench::At::Ended ? tr("to be signed")
            : b.step() == nullptr                           ? tr("before the work")
                                                            : tr("step %1").arg(b.step()->number);
        list_->addItem(tr("Under way: %1 %2, %3, %4, %5")
                           .arg(text(sheet.machine), text(sheet.title),
                               text(b.about().machine.empty() ? b.about().serial : b.about().machine), text(b.about().who), at));
    }
    QStringList names;
    for (const auto& e : start_.editions) names << text(e.machine + " " + e.title);
    for (const auto& e : start_.editions) list_->addItem(tr("%1 %2, edition %3").arg(text(e.machine), text(e.title)).arg(e.edition));
    if (list_->count() > 0) list_->setCurrentRow(std::clamp(row, 0, list_->count() - 1));
    if (list_->count() == 0 && start && start_.troubles.empty()) say(tr("No edition is issued yet; issue a guide first."));
    progress_->show_progress(start_.progress, names);
    commands_->refresh();
}

void BenchStation::show_run() {
    second_.start();
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
    for (const auto& f : open_findings()) words << tr("Not put right since %1: %2.").arg(text(f.on), text(f.what.words));
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
    for (const auto& g : b.sheet().gear) tick(tr("Gear: %1").arg(text(g)), g, b.has(g));
    for (const auto& k : b.sheet().kit) tick(text(k), k, b.has(k));
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
    QWidget* next = nullptr;
    auto* page = step_page(*b.step(), next);
    page->setEnabled(b.at() == core::Bench::At::Working);
    scroll_->setWidget(page);
    if (next != nullptr) QTimer::singleShot(0, next, [this, next] { scroll_->ensureWidgetVisible(next, 0, 12); });
    if (!again) scroll_->setFocus();
    show_picture();
}

QWidget* BenchStation::step_page(const core::BenchStep& s, QWidget*& next) {
    auto* page = new QWidget(scroll_);
    auto* down = new QVBoxLayout(page);
    down->setContentsMargins(0, 0, 10, 0);
    down->setSpacing(8);
    const auto& e = run_->bench().entered(s.id);
    const auto add = [&](QWidget* widget, bool is_next = false) {
        down->addWidget(widget);
        if (is_next && next == nullptr) next = widget;
    };
    const auto words = [&](const QString& said, double points, bool bold) {
        auto* label = large_label(page, points, bold);
        label->setText(said);
        return label;
    };
    add(words(tr("%1  %2").arg(s.number).arg(text(s.heading)), 24, true));
    if (e.state)
        add(words(theme::capital(text(core::words_of(*e.state))) + (e.because.empty() ? QString() : QStringLiteral(": ") + text(e.because)),
            14, true));
    QStringList states;
    for (const auto& state : s.states) states << text(state);
    if (!states.isEmpty()) add(words(tr("The machine: %1").arg(states.join(QStringLiteral(", "))), 14, true));
    for (const auto& c : s.cautions) add(new CautionBox(c, page));
    for (std::size_t i = 0; i < s.lines.size(); ++i) {
        const bool now = !e.state && i == e.lines;
        add(line_label(tr("%1 %2").arg(i + 1).arg(text(s.lines[i])), e.state.has_value() || i < e.lines, now, page), now);
    }
    for (const auto& w : s.wanted)
        add(new WantedCard(w, run_->bench().readings_of(s, w), page), run_->bench().good_readings(s, w) < w.times);
    for (std::size_t i = 0; i < s.checks.size(); ++i) {
        const auto said = e.checks.find(i);
        add(check_label(s.checks[i], said == e.checks.end() ? nullptr : &said->second, page), said == e.checks.end());
    }
    if (!e.evidence.empty())
        add(words(tr("%n photographs are kept.", "1 photograph is kept.", static_cast<int>(e.evidence.size())), 14, false));
    down->addStretch(1);
    return page;
}

void BenchStation::show_picture() {
    const auto* s = step();
    std::string file;
    const core::Plate* shown = nullptr;
    if (s != nullptr && !s->plates.empty()) {
        const auto& p = run_->edition().procedure;
        plate_ = std::min(plate_, s->plates.size() - 1);
        const auto folder = session_.library().pack_folder(store::GuideId(run_->bench().about().guide), run_->edition().number);
        for (std::size_t i = 0; folder && i < p.steps.size(); ++i)
            for (std::size_t k = 0; k < p.steps[i].plates.size(); ++k)
                if (p.steps[i].id == s->id && p.steps[i].plates[k].id == s->plates[plate_]) {
                    shown = &p.steps[i].plates[k];
                    file = *folder + "/" + publish::still_name(i + 1, k + 1);
                }
    }
    if (!file.empty() && session_.coming().bring_folder(store::parent_of(store::parent_of(file)), this, [this] {
            shown_picture_.clear();
            show_picture();
        }))
        return;
    if (file == shown_picture_) return;  // a step is drawn anew with every touch, its picture is not
    shown_picture_ = file;
    QStringList words;
    if (shown == nullptr) {
        picture_->clear();
    } else {
        picture_->show_plate(run_->edition().procedure, *shown, text(file));
        if (!shown->caption.empty()) words << text(shown->caption);
        if (s->plates.size() > 1) words << tr("picture %1 of %2").arg(plate_ + 1).arg(s->plates.size());
    }
    picture_words_->setText(words.join(QStringLiteral(" · ")));
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
        QString words = tr("%1  %2: %3").arg(on_sheet->number).arg(text(on_sheet->heading), text(core::words_of(s.state)));
        if (entered.began && entered.ended)
            words += tr(", %1").arg(text(core::clock_text(*entered.ended - *entered.began - entered.paused)));
        if (!s.because.empty()) words += tr(" (%1)").arg(text(s.because));
        if (s.assessed != core::Assessed::Not) words += tr(" · %1").arg(text(core::words_of(s.assessed)));
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

}  // namespace anagraph::app
