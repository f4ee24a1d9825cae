#include "app/tape/tape_station.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QScrollBar>
#include <QStandardPaths>
#include <QUrl>
#include <QVBoxLayout>
#include <QWheelEvent>
#include <algorithm>

#include "app/film/coming_films.h"
#include "app/hearing/hearing.h"
#include "app/tape/heard_panel.h"
#include "app/tape/step_commands.h"
#include "app/tape/takes_dialog.h"
#include "app/tape/word_commands.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/work/work_bar.h"
#include "core/edits/change_label.h"
#include "core/edits/translation.h"
#include "core/tape/draft.h"
#include "core/tape/logging.h"
#include "core/tape/takes.h"
#include "core/tape/undone.h"
#include "shop/reshoot.h"

namespace anagraph::app {

using theme::text;

TapeStation::TapeStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    build();
    connect(&session_, &Session::guide_opened, this, [this] {
        step_commands::drop_bracket(*hand_);
        film_->open(nullptr);
        reload_recordings();
    });
    connect(&session_, &Session::library_changed, this, [this] {
        film_->open(nullptr);  // a recording may lie somewhere else now, or have been brought in anew
        tape_->set_job({});
        reload_recordings();
    });
    connect(&session_, &Session::changed, this, &TapeStation::reload_tape);
    connect(&session_, &Session::heard, this, &TapeStation::reload_tape);
    connect(&session_.hearing().work(), &Work::busy_changed, commands_, &Commands::refresh);
    connect(&session_.coming().work(), &Work::busy_changed, commands_, &Commands::refresh);
    connect(&session_, &Session::step_changed, this, &TapeStation::show_step);
    reload_recordings();
}

void TapeStation::build() {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);

    auto* left = new QWidget(this);
    left->setObjectName(QStringLiteral("panel"));
    left->setFixedWidth(476);
    auto* down = new QVBoxLayout(left);
    down->setContentsMargins(0, 0, 0, 0);
    down->setSpacing(0);
    recordings_ = new QComboBox(left);
    recordings_->setAccessibleName(tr("Recording"));
    recordings_->setFocusPolicy(Qt::TabFocus);
    auto* pick = new QHBoxLayout;
    pick->setContentsMargins(12, 8, 12, 8);
    pick->addWidget(recordings_);
    down->addLayout(pick);
    tape_ = new TapeView(session_, left);
    down->addWidget(tape_, 1);
    across->addWidget(left);

    auto* right = new QWidget(this);
    auto* stack = new QVBoxLayout(right);
    stack->setContentsMargins(14, 14, 14, 14);
    stack->setSpacing(10);
    film_ = new FilmView(right);
    hand_ = std::make_unique<TapeHand>(session_, *film_, *tape_, *this);
    build_commands();
    stack->addWidget(film_, 5);
    auto* under_film = new QHBoxLayout;
    under_film->addWidget(new CommandRow(*commands_, right), 1);
    clock_ = new QLabel(right);
    clock_->setTextFormat(Qt::RichText);
    clock_->setAccessibleDescription(tr("Moment of the recording"));
    under_film->addWidget(clock_, 0, Qt::AlignTop);
    stack->addLayout(under_film);
    stack->addWidget(new WorkBar(session_.hearing().work(), tr("Hearing progress"),
        new CommandButton(*commands_, *commands_->find(QStringLiteral("tape.stop-hearing")), this), right));
    auto* coming = new WorkBar(session_.coming().work(), tr("How far the film is that comes"),
        new CommandButton(*commands_, *commands_->find(QStringLiteral("tape.stop-coming")), this), right);
    coming->set_words(tr("The film comes to this computer"));
    stack->addWidget(coming);
    stack->addWidget(build_step_panel(), 3);
    across->addWidget(right, 1);

    connect(film_, &FilmView::moved, this, &TapeStation::follow);
    connect(tape_, &TapeView::moment_clicked, this,
        [this](const core::RecordingId& id, const core::FrameTime& at) { show_moment(id, at, false); });
    connect(tape_, &TapeView::step_clicked, this, [this](const core::StepId& id) { session_.set_step(id); });
    connect(recordings_, &QComboBox::activated, this,
        [this](int i) { open_recording(core::RecordingId(recordings_->itemData(i).toString().toStdString())); });
}

QWidget* TapeStation::build_step_panel() {
    auto* card = new QFrame(this);
    card->setObjectName(QStringLiteral("card"));
    auto* down = new QVBoxLayout(card);
    down->setContentsMargins(14, 10, 14, 12);
    down->setSpacing(6);
    auto* head = new QHBoxLayout;
    number_ = new QLabel(card);
    number_->setFont(theme::font("large"));
    heading_ = new QLineEdit(card);
    heading_->setObjectName(QStringLiteral("heading"));
    heading_->setPlaceholderText(tr("what is done, as an order"));
    heading_->setAccessibleName(tr("Heading of the step"));
    span_ = quiet_label(QString(), card);
    span_->setWordWrap(false);
    head->addWidget(number_);
    head->addWidget(heading_, 1);
    head->addWidget(span_);
    down->addLayout(head);
    heard_ = new HeardPanel(session_, card);
    down->addWidget(heard_, 1);
    why_ = quiet_label(QString(), card);
    why_->setObjectName(QStringLiteral("why"));
    // always the same room, so that nothing moves from line to line
    why_->setFixedHeight(2 * QFontMetrics(theme::font("text")).lineSpacing() + 2);
    why_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    down->addWidget(why_);
    connect(heading_, &QLineEdit::editingFinished, this, &TapeStation::rename_step);
    connect(heading_, &QLineEdit::returnPressed, this, [this] { setFocus(); });
    connect(heard_, &HeardPanel::moment_clicked, this, [this](const core::FrameTime& at) { film_->show_time(at); });
    setFocusPolicy(Qt::StrongFocus);
    return card;
}

void TapeStation::reload_recordings() {
    const core::RecordingId now(recordings_->currentData().toString().toStdString());
    recordings_->clear();
    const auto order = session_.tape_order();
    int chosen = 0;
    for (std::size_t i = 0; i < order.size(); ++i) {
        const auto entry = session_.library().recording(order[i]);
        if (!entry) continue;
        const auto* use = session_.procedure().find(order[i]);
        const QString name = use == nullptr || use->title.empty() ? text(entry->name) : text(use->title);
        recordings_->addItem(tr("%1 of %2 · %3").arg(i + 1).arg(order.size()).arg(name), text(order[i].text()));
        if (order[i] == now) chosen = recordings_->count() - 1;
    }
    reload_tape();
    if (recordings_->count() > 0 && recording() == nullptr && isVisible())
        open_recording(core::RecordingId(recordings_->itemData(chosen).toString().toStdString()));
    else if (recordings_->count() > 0)
        recordings_->setCurrentIndex(chosen);
}

void TapeStation::reload_tape() {
    std::vector<const LoadedRecording*> job;
    for (const auto& id : session_.tape_order())
        if (const auto* r = session_.recording(id)) job.push_back(r);
    tape_->set_job(std::move(job));
    tape_->set_headings(headings());
    refresh();
}

std::vector<TapeView::Heading> TapeStation::headings() {
    std::vector<TapeView::Heading> out;
    std::vector<core::HeardTape> heard;
    const auto order = session_.tape_order();
    for (std::size_t i = 0; i < order.size(); ++i) {
        const auto* r = session_.recording(order[i]);
        if (r == nullptr) continue;
        const auto* use = session_.procedure().find(order[i]);
        TapeView::Heading h;
        h.name = QStringLiteral("%1 · %2").arg(i + 1).arg(use == nullptr || use->title.empty() ? text(r->entry.name) : text(use->title));
        const auto length = core::FrameTime(static_cast<std::int64_t>(r->index.end.seconds() - r->index.start().seconds()), 1);
        h.relation = text(core::clock_text(length, false));
        if (use != nullptr && use->alongside) {
            const auto with = std::find(order.begin(), order.end(), use->alongside->with) - order.begin() + 1;
            h.relation = tr("same moments as recording %1 · %2").arg(with).arg(h.relation);
        }
        if (!r->narration.empty())
            h.relation = r->other_language.empty() ? tr("%1 · read in English").arg(h.relation)
                                                   : tr("not read: it sounds %1, and only English is read · %2")
                                                         .arg(text(core::language_words(r->other_language)), h.relation);
        if (r->away) h.relation = tr("the original is missing · %1").arg(h.relation);
        if (r->reading) h.relation = tr("being read … · %1").arg(h.relation);
        heard.push_back({order[i], &r->marks});
        QStringList open;
        for (const auto& u : core::undone_after(session_.procedure(), heard)) open << text(core::state_text(u));
        if (!open.isEmpty())
            h.undone = (i + 1 < order.size() ? tr("The job goes on with: %1") : tr("The job is left open: %1"))
                           .arg(open.join(QStringLiteral(", ")));
        out.push_back(std::move(h));
    }
    return out;
}

void TapeStation::open_recording(const core::RecordingId& id) {
    const auto* r = session_.recording(id);
    if (r == nullptr) return;
    step_commands::drop_bracket(*hand_);
    if (r->coming) session_.coming().bring(id);
    film_->open(r);
    recordings_->setCurrentIndex(recordings_->findData(text(id.text())));
    follow();
}

void TapeStation::go_to_recording(int by) {
    const int next = recordings_->currentIndex() + by;
    if (next >= 0 && next < recordings_->count()) open_recording(core::RecordingId(recordings_->itemData(next).toString().toStdString()));
}

void TapeStation::show_moment(const core::RecordingId& id, const core::FrameTime& at, bool play) {
    if (recording() == nullptr || recording()->entry.id != id) open_recording(id);
    film_->pause();
    film_->show_time(at);
    if (play) film_->toggle_play();
}

void TapeStation::showEvent(QShowEvent*) {
    // a guide without recordings shows the one that was chosen on the Shelf meanwhile
    if (session_.procedure().recordings.empty()) reload_recordings();
    if (recording() == nullptr && recordings_->count() > 0)
        open_recording(core::RecordingId(recordings_->currentData().toString().toStdString()));
    setFocus();
}

void TapeStation::hideEvent(QHideEvent*) { film_->pause(); }

void TapeStation::wheelEvent(QWheelEvent* event) {
    if ((event->modifiers() & Qt::ControlModifier) != 0) tape_->set_zoom(tape_->zoom() * (event->angleDelta().y() > 0 ? 1.2 : 1 / 1.2));
}

void TapeStation::follow() {
    if (recording() == nullptr) {
        clock_->clear();
        return;
    }
    const auto at = film_->time();
    tape_->set_moment(recording()->entry.id, at);
    const QString clock = text(core::clock_text(at));
    const auto dot = clock.lastIndexOf(QLatin1Char('.'));
    clock_->setText(
        QStringLiteral("<span style='font-size:18pt'>%1</span><span style='font-size:12pt'>%2</span> <span style='color:%3'>%4</span>")
            .arg(clock.left(dot), clock.mid(dot), theme::colour("second").name(),
                tr("of %1").arg(text(core::clock_text(recording()->index.end, false)))));
    const auto* step = hand_->step();
    if (step != nullptr && step->id != session_.step())
        session_.set_step(step->id);  // shows it
    else
        show_step();
}

void TapeStation::refresh() {
    if (recording() != nullptr) tape_->set_open_bracket(hand_->opened);
    show_step();
}

void TapeStation::show_step() {
    const auto* step = hand_->step();
    const auto& steps = session_.procedure().steps;
    const auto& opened = hand_->opened;
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return step != nullptr && s.id == step->id; });
    number_->setText(step == nullptr ? (opened ? tr("…") : QStringLiteral("–")) : QString::number(it - steps.begin() + 1));
    show_text(heading_, step == nullptr ? QString() : text(step->heading));
    heading_->setEnabled(step != nullptr);
    heading_->setPlaceholderText(step != nullptr ? tr("what is done, as an order")
            : !opened                            ? tr("no step at this moment")
            : hand_->take_of.empty()             ? tr("a step is open: close it where it ends")
                                                 : tr("another take is open: close it where it ends"));
    QString span = opened ? tr("opened at %1").arg(text(core::clock_text(*opened))) : QString();
    if (step != nullptr) {
        const auto& take = hand_->take();
        span = text(core::clock_text(take.from)) + QStringLiteral(" – ") + text(core::clock_text(take.to));
        if (step->takes.size() > 1)
            span = tr("take %1 of %2 · %3")
                       .arg(core::take_at(*step, hand_->id(), hand_->now()).value_or(0) + 1)
                       .arg(step->takes.size())
                       .arg(span);
    }
    span_->setText(span);
    std::vector<const core::Mark*> marks;
    const auto here = hand_->marks();
    if (step == nullptr) {
        marks = here;
    } else {
        const auto& take = hand_->take();
        for (const auto& m : recording()->marks)
            if (core::said_between(m, take.from, take.to)) marks.push_back(&m);
    }
    heard_->show_step(step, recording(), std::move(marks));
    QStringList why;
    for (const auto* m : here)
        if (!m->because.empty()) why << tr("%1: %2").arg(tape_view::mark_words(*m), text(m->because));
    const QString whole = why.isEmpty() ? QString() : tr("This line: %1").arg(why.join(QStringLiteral("  ·  ")));
    why_->setToolTip(whole);
    why_->setAccessibleDescription(whole);
    why_->setText(QFontMetrics(theme::font("text")).elidedText(whole, Qt::ElideRight, static_cast<int>(why_->width() * 1.85)));
    commands_->refresh();
}

void TapeStation::step_lines(int by) {
    const auto line = hand_->line();
    const long now = line ? static_cast<long>(*line) : -1;
    const long next = std::clamp(now + by, 0L, static_cast<long>(recording()->narration.size()) - 1);
    film_->pause();
    film_->show_time(recording()->narration[static_cast<std::size_t>(next)].start);
}

void TapeStation::next_open() {
    const auto order = session_.tape_order();
    if (order.empty()) return;
    if (recording() == nullptr) open_recording(order.front());
    auto place = std::find(order.begin(), order.end(), recording()->entry.id);
    for (std::size_t tried = 0; tried <= order.size(); ++tried) {
        const auto* r = session_.recording(*place);
        if (r == nullptr) return;
        for (const auto* m : core::open_marks(session_.procedure(), *place, r->marks))
            if (tried > 0 || film_->time() < m->at) {
                show_moment(*place, m->at, false);
                return;
            }
        place = place + 1 == order.end() ? order.begin() : place + 1;
    }
    session_.tell(tr("Nothing is open on the tape: every figure, slip and unseen moment has been decided on."));
}

void TapeStation::rename_step() {
    const auto* step = hand_->step();
    if (step == nullptr || step->heading == heading_->text().trimmed().toStdString()) return;
    core::Step s = *step;
    s.heading = heading_->text().trimmed().toStdString();
    session_.perform(core::Change{core::change_label("write a heading"), {core::Put<core::Step>{std::move(s), std::nullopt}}});
}

void TapeStation::confirm_and_go_on() {
    if (const auto* step = hand_->step();
        step != nullptr && step->drafted && !session_.perform(core::confirm_step(session_.procedure(), step->id)))
        return;
    for (const auto& s : session_.procedure().steps)
        if (s.drafted && !s.takes.empty()) {
            show_moment(s.takes.front().recording, s.takes.front().from, false);
            return;
        }
    session_.tell(tr("Every drafted step is confirmed."));
}

void TapeStation::compare_takes() {
    film_->pause();
    TakesDialog(session_, hand_->step()->id, this).exec();
    setFocus();
}

void TapeStation::to_the_other_camera() {
    const auto other = word_commands::same_moment_elsewhere(*hand_);
    show_moment(other->first, other->second, false);
}

void TapeStation::toggle_folds() {
    tape_->fold_all(!tape_->folded());
    if (tape_->folded() && tape_->shut_folds() == 0)
        session_.tell(tr("There is nothing to fold: no stretch of talk or silence is long enough."));
    refresh();
}

void TapeStation::write_reshoot() {
    const auto points = shop::gather_reshoot(session_.library(), session_.guide());
    if (!points) {
        session_.tell(text(points.error().message));
        return;
    }
    const QString start = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + QLatin1Char('/') +
        tr("reshoot list, %1.html").arg(text(session_.procedure().header.machine).replace(QLatin1Char('/'), QLatin1Char(' ')));
    const QString chosen = QFileDialog::getSaveFileName(this, tr("Save the reshoot list as"), start, tr("Web page (*.html)"));
    if (chosen.isEmpty()) return;
    // the dialog has asked whether an old list may be written over
    auto place = store::Destination::file(chosen.toStdString(), {}, true);
    if (!place) {
        session_.tell(text(place.error().message));
        return;
    }
    const auto count = static_cast<qsizetype>(points->size());
    writing_reshoot_ = true;
    commands_->refresh();
    // the stills are decoded beside the window
    Work::once(
        this,
        [p = session_.procedure(), list = *points, to = std::make_shared<store::Destination>(std::move(*place))] {
            return shop::write_reshoot(p, list, *to);
        },
        [this, chosen, count](const core::Outcome& done) {
            writing_reshoot_ = false;
            commands_->refresh();
            if (!done) {
                session_.tell(text(done.error().message));
                return;
            }
            session_.tell(tr("%n points to reshoot or look up: ", "1 point to reshoot or look up: ", static_cast<int>(count)) + chosen);
            QDesktopServices::openUrl(QUrl::fromLocalFile(chosen));
        });
}

}  // namespace anagraph::app
