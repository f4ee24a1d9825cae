#include "app/tape/tape_station.h"

#include <QDesktopServices>
#include <QFutureWatcher>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QScrollBar>
#include <QShortcut>
#include <QUrl>
#include <QVBoxLayout>
#include <QWheelEvent>
#include <QtConcurrent>
#include <algorithm>

#include "app/tape/heard_panel.h"
#include "app/theme/theme.h"
#include "core/procedure/draft.h"
#include "core/procedure/logging.h"
#include "core/procedure/takes.h"
#include "shop/reshoot.h"

namespace anagraph::app {

using theme::text;

TapeStation::TapeStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    build();
    connect(&session_, &Session::guide_opened, this, [this] {
        opened_.reset();
        film_->open(nullptr);
        reload_recordings();
    });
    connect(&session_, &Session::library_changed, this, &TapeStation::reload_recordings);
    connect(&session_, &Session::changed, this, &TapeStation::refresh);
    connect(&session_, &Session::step_changed, this, &TapeStation::refresh);
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
    pick->setSpacing(8);
    pick->addWidget(recordings_, 1);
    reshoot_ = new KeyButton(tr("Film again"), QKeySequence(Qt::CTRL | Qt::Key_R), this);
    reshoot_->setToolTip(tr("The list of what was not filmed, not seen or promised, as a page for paper or a phone (Ctrl+R)"));
    connect(reshoot_, &QPushButton::clicked, this, &TapeStation::write_reshoot);
    pick->addWidget(reshoot_);
    down->addLayout(pick);
    scroll_ = new QScrollArea(left);
    scroll_->setWidgetResizable(true);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll_->setFocusPolicy(Qt::NoFocus);
    tape_ = new TapeView(session_, scroll_);
    scroll_->setWidget(tape_);
    down->addWidget(scroll_, 1);
    across->addWidget(left);

    auto* right = new QWidget(this);
    auto* stack = new QVBoxLayout(right);
    stack->setContentsMargins(14, 14, 14, 14);
    stack->setSpacing(10);
    film_ = new FilmView(right);
    stack->addWidget(film_, 5);
    stack->addWidget(build_transport());
    stack->addWidget(build_step_panel(), 3);
    across->addWidget(right, 1);

    connect(film_, &FilmView::moved, this, &TapeStation::follow);
    connect(tape_, &TapeView::moment_clicked, this, [this](const core::FrameTime& at) {
        film_->pause();
        film_->show_time(at);
    });
    connect(tape_, &TapeView::step_clicked, this, [this](const core::StepId& id) { session_.set_step(id); });
    connect(recordings_, &QComboBox::activated, this, [this](int i) { open_recording(core::RecordingId(recordings_->itemData(i).toString().toStdString())); });
    const auto key = [this](const QKeySequence& sequence, auto&& action) {
        auto* shortcut = new QShortcut(sequence, this);
        shortcut->setContext(Qt::WidgetWithChildrenShortcut);
        connect(shortcut, &QShortcut::activated, this, action);
    };
    key(Qt::Key_Right, [this] { film_->step_frames(1); });
    key(Qt::Key_Left, [this] { film_->step_frames(-1); });
    key(Qt::Key_Down, [this] { step_lines(1); });
    key(Qt::Key_Up, [this] { step_lines(-1); });
    key(Qt::SHIFT | Qt::Key_Right, [this] { nudge_by_frames(1); });
    key(Qt::SHIFT | Qt::Key_Left, [this] { nudge_by_frames(-1); });
    key(Qt::SHIFT | Qt::Key_Down, [this] { nudge_by_lines(1); });
    key(Qt::SHIFT | Qt::Key_Up, [this] { nudge_by_lines(-1); });
    key(Qt::Key_Plus, [this] { tape_->set_zoom(tape_->zoom() * 1.25); follow(); });
    key(Qt::Key_Minus, [this] { tape_->set_zoom(tape_->zoom() / 1.25); follow(); });
    key(Qt::Key_PageDown, [this] { if (recordings_->currentIndex() + 1 < recordings_->count()) open_recording(core::RecordingId(recordings_->itemData(recordings_->currentIndex() + 1).toString().toStdString())); });
    key(Qt::Key_PageUp, [this] { if (recordings_->currentIndex() > 0) open_recording(core::RecordingId(recordings_->itemData(recordings_->currentIndex() - 1).toString().toStdString())); });
}

QWidget* TapeStation::build_transport() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    play_ = new KeyButton(tr("Play"), Qt::Key_Space, this);
    slow_ = new KeyButton(tr("Slow"), Qt::Key_S, this);
    auto* frame = second(tr("Frame ← →   Line ↑ ↓   Zoom + −"), bar);
    frame->setWordWrap(false);
    row->addWidget(play_);
    row->addWidget(slow_);
    row->addSpacing(6);
    row->addWidget(frame);
    row->addStretch(1);
    clock_ = new QLabel(bar);
    clock_->setTextFormat(Qt::RichText);
    clock_->setAccessibleName(tr("Moment of the recording"));
    row->addWidget(clock_);
    connect(play_, &QPushButton::clicked, film_, &FilmView::toggle_play);
    connect(slow_, &QPushButton::clicked, film_, &FilmView::toggle_slow);
    return bar;
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
    span_ = second(QString(), card);
    span_->setWordWrap(false);
    confirm_ = new KeyButton(tr("Confirm"), Qt::Key_Return, this, true);
    head->addWidget(number_);
    head->addWidget(heading_, 1);
    head->addWidget(span_);
    head->addWidget(confirm_);
    down->addLayout(head);
    heard_ = new HeardPanel(session_, card);
    down->addWidget(heard_, 1);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(5);
    auto* open = new KeyButton(tr("Open"), Qt::Key_BracketLeft, this);
    close_ = new KeyButton(tr("Close"), Qt::Key_BracketRight, this, true);
    auto* take = new KeyButton(tr("Figure"), Qt::Key_F, this);
    auto* caution = new KeyButton(tr("Caution"), Qt::Key_W, this);
    picture_ = new KeyButton(tr("Picture"), Qt::Key_P, this);
    clip_ = new KeyButton(tr("Clip"), Qt::Key_C, this);
    auto* aside = new KeyButton(tr("Aside"), Qt::Key_X, this);
    for (auto* b : {open, close_, take, caution, picture_, clip_, aside}) buttons->addWidget(b);
    buttons->addStretch(1);
    down->addLayout(buttons);
    auto* more = new QHBoxLayout;
    more->setSpacing(4);
    split_ = new KeyButton(tr("Split"), Qt::Key_Slash, this);
    join_ = new KeyButton(tr("Join"), Qt::Key_J, this);
    auto* draft = new KeyButton(tr("Draft"), Qt::Key_D, this);
    auto* missing = new KeyButton(tr("Missing"), Qt::Key_N, this);
    auto* look_up = new KeyButton(tr("Look up"), Qt::Key_L, this);
    auto* note = new KeyButton(tr("Note"), Qt::Key_T, this);
    auto* correct = new KeyButton(tr("Edit"), Qt::Key_E, this);
    auto* talk = new KeyButton(tr("Talk"), Qt::Key_K, this);
    for (auto* b : {split_, join_, draft, missing, look_up, note, correct, talk}) more->addWidget(b);
    more->addStretch(1);
    down->addLayout(more);
    split_->setToolTip(tr("Divide the step at this frame (/)"));
    join_->setToolTip(tr("Join the step with the next one (J)"));
    draft->setToolTip(tr("Draft steps from what was said, where none is bracketed (D)"));
    confirm_->setToolTip(tr("Confirm the drafted step and go to the next one (Enter)"));
    missing->setToolTip(tr("Note what is missing on the film here, for the reshoot list (N)"));
    look_up->setToolTip(tr("Note what has to be looked up (L)"));
    note->setToolTip(tr("Note something for yourself at this moment (T)"));
    correct->setToolTip(tr("Put the words of this line right; the recogniser's words are kept (E)"));
    talk->setToolTip(tr("Drop this line as talk; its marks count no longer (K)"));
    connect(split_, &QPushButton::clicked, this, &TapeStation::split_here);
    connect(join_, &QPushButton::clicked, this, &TapeStation::join_next);
    connect(draft, &QPushButton::clicked, this, &TapeStation::draft);
    connect(confirm_, &QPushButton::clicked, this, &TapeStation::confirm_and_go_on);
    connect(missing, &QPushButton::clicked, this, [this] { note_here(core::NoteKind::NotFilmed, tr("Not filmed"), tr("What is missing here and has to be filmed again?")); });
    connect(look_up, &QPushButton::clicked, this, [this] { note_here(core::NoteKind::LookUp, tr("Look up"), tr("What has to be looked up?")); });
    connect(note, &QPushButton::clicked, this, [this] { note_here(core::NoteKind::Note, tr("Note"), tr("For yourself, at this moment:")); });
    connect(correct, &QPushButton::clicked, this, &TapeStation::correct_line);
    connect(talk, &QPushButton::clicked, this, &TapeStation::drop_line);
    open->setToolTip(tr("Open a step at this frame ([)"));
    close_->setToolTip(tr("Close the step at this frame (])"));
    take->setToolTip(tr("Take the figure said in this line into the step (F)"));
    caution->setToolTip(tr("Take the caution said in this line into the step (W)"));
    picture_->setToolTip(tr("Keep this exact frame as a plate of the step (P)"));
    clip_->setToolTip(tr("Give the step's take to the learner as a clip (C)"));
    aside->setToolTip(tr("Put the marks of this line aside; they count no longer (X)"));
    connect(open, &QPushButton::clicked, this, &TapeStation::open_bracket);
    connect(close_, &QPushButton::clicked, this, &TapeStation::close_bracket);
    connect(take, &QPushButton::clicked, this, &TapeStation::take_figures);
    connect(caution, &QPushButton::clicked, this, &TapeStation::take_cautions);
    connect(picture_, &QPushButton::clicked, this, &TapeStation::keep_picture);
    connect(clip_, &QPushButton::clicked, this, &TapeStation::keep_clip);
    connect(aside, &QPushButton::clicked, this, &TapeStation::put_aside);
    connect(heading_, &QLineEdit::editingFinished, this, &TapeStation::rename_step);
    connect(heading_, &QLineEdit::returnPressed, this, [this] { setFocus(); });
    connect(heard_, &HeardPanel::moment_clicked, this, [this](const core::FrameTime& at) { film_->show_time(at); });
    setFocusPolicy(Qt::StrongFocus);
    return card;
}

void TapeStation::reload_recordings() {
    const auto now = recording() == nullptr ? core::RecordingId{} : recording()->entry.id;
    recordings_->clear();
    const auto order = session_.tape_order();
    int chosen = 0;
    for (std::size_t i = 0; i < order.size(); ++i) {
        const auto entry = session_.library().recording(order[i]);
        if (!entry) continue;
        const auto* use = session_.procedure().find(order[i]);
        const QString name = use == nullptr || use->title.empty() ? text(entry->name) : text(use->title);
        recordings_->addItem(tr("Recording %1 of %2 · %3").arg(i + 1).arg(order.size()).arg(name), text(order[i].text()));
        if (order[i] == now) chosen = recordings_->count() - 1;
    }
    if (recordings_->count() > 0 && recording() == nullptr && isVisible())
        open_recording(core::RecordingId(recordings_->itemData(chosen).toString().toStdString()));
    else if (recordings_->count() > 0)
        recordings_->setCurrentIndex(chosen);
    refresh();
}

void TapeStation::open_recording(const core::RecordingId& id) {
    const auto* r = session_.recording(id);
    if (r == nullptr) return;
    opened_.reset();
    film_->open(r);
    tape_->set_recording(r);
    recordings_->setCurrentIndex(recordings_->findData(text(id.text())));
    refresh();
    follow();
}

void TapeStation::show_moment(const core::RecordingId& id, const core::FrameTime& at, bool play) {
    if (recording() == nullptr || recording()->entry.id != id) open_recording(id);
    film_->pause();
    film_->show_time(at);
    if (play) film_->toggle_play();
}

void TapeStation::showEvent(QShowEvent*) {
    if (recording() == nullptr && recordings_->count() > 0) open_recording(core::RecordingId(recordings_->itemData(0).toString().toStdString()));
    setFocus();
}

void TapeStation::hideEvent(QHideEvent*) { film_->pause(); }

void TapeStation::wheelEvent(QWheelEvent* event) {
    if ((event->modifiers() & Qt::ControlModifier) == 0) return;
    tape_->set_zoom(tape_->zoom() * (event->angleDelta().y() > 0 ? 1.2 : 1 / 1.2));
    follow();
}

void TapeStation::follow() {
    if (recording() == nullptr) {
        clock_->clear();
        return;
    }
    const auto at = film_->time();
    tape_->set_moment(at);
    const QString clock = text(core::clock_text(at));
    const auto dot = clock.lastIndexOf(QLatin1Char('.'));
    clock_->setText(QStringLiteral("<span style='font-size:18pt'>%1</span><span style='font-size:12pt'>%2</span> <span style='color:%3'>%4</span>")
                        .arg(clock.left(dot), clock.mid(dot), theme::colour("second").name(), tr("of %1").arg(text(core::clock_text(recording()->index.end, false)))));
    play_->set_words(film_->playing() ? tr("Pause") : tr("Play"));
    slow_->set_words(film_->slow() ? tr("Full speed") : tr("Slow"));
    const auto* step = core::step_at(session_.procedure(), recording()->entry.id, at);
    if (step != nullptr && step->id != session_.step())
        session_.set_step(step->id);
    else
        refresh();
    // keep the head in the upper half of the view, without jumping at every frame
    const double y = tape_->y_of(at);
    auto* bar = scroll_->verticalScrollBar();
    const double h = scroll_->viewport()->height();
    if (y < bar->value() + h * 0.1 || y > bar->value() + h * 0.72) bar->setValue(static_cast<int>(y - h * 0.35));
}

const core::Step* TapeStation::step_in_hand() const {
    if (recording() == nullptr) return nullptr;
    if (const auto* here = core::step_at(session_.procedure(), recording()->entry.id, film_->time())) return here;
    return nullptr;
}

std::vector<const core::Mark*> TapeStation::marks_here() const {
    std::vector<const core::Mark*> out;
    if (recording() == nullptr) return out;
    const auto line = tape_->line_at(film_->time());
    for (const auto& m : recording()->marks)
        if (line && m.segment == *line) out.push_back(&m);
    return out;
}

void TapeStation::refresh() {
    if (recording() != nullptr) {
        // what is painted follows the guide; the film stays where it is
        tape_->refresh();
        tape_->set_open_bracket(opened_);
    }
    const auto* step = step_in_hand();
    const auto& steps = session_.procedure().steps;
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return step != nullptr && s.id == step->id; });
    number_->setText(step == nullptr ? (opened_ ? tr("…") : QStringLiteral("–")) : QString::number(it - steps.begin() + 1));
    if (!heading_->hasFocus()) heading_->setText(step == nullptr ? QString() : text(step->heading));
    heading_->setEnabled(step != nullptr);
    heading_->setPlaceholderText(step != nullptr ? tr("what is done, as an order") : opened_ ? tr("a step is open: press ] where it ends")
                                                                                             : tr("no step here: press [ where one begins"));
    span_->setText(step == nullptr || step->takes.empty() ? (opened_ ? tr("opened at %1").arg(text(core::clock_text(*opened_))) : QString()) : text(core::clock_text(step->takes.front().from)) + QStringLiteral(" – ") + text(core::clock_text(step->takes.front().to)));
    close_->setEnabled(opened_.has_value());
    picture_->setEnabled(step != nullptr);
    clip_->setEnabled(step != nullptr);
    clip_->set_words(step != nullptr && step->clip ? tr("No clip") : tr("Clip"));
    split_->setEnabled(step != nullptr);
    join_->setEnabled(step != nullptr && steps.back().id != step->id);
    const bool drafts = std::any_of(steps.begin(), steps.end(), [](const core::Step& s) { return s.drafted; });
    confirm_->setVisible(drafts);
    confirm_->set_words(step != nullptr && step->drafted ? tr("Confirm") : tr("Next draft"));
    std::vector<const core::Mark*> marks;
    if (recording() != nullptr) {
        for (const auto& m : recording()->marks)
            if (step != nullptr && core::said_between(m, step->takes.front().from, step->takes.front().to)) marks.push_back(&m);
        if (step == nullptr) marks = marks_here();
    }
    heard_->show_step(step, recording(), std::move(marks));
}

void TapeStation::step_lines(int by) {
    if (recording() == nullptr || recording()->narration.empty()) return;
    const auto line = tape_->line_at(film_->time());
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

void TapeStation::open_bracket() {
    if (recording() == nullptr) return;
    opened_ = film_->time();
    refresh();
}

void TapeStation::close_bracket() {
    if (!opened_) return;
    const auto change = core::bracket_step(session_.procedure(), recording()->entry.id, *opened_, film_->time(), recording()->marks);
    if (!session_.perform(change)) return;
    const auto from = *opened_;
    opened_.reset();
    if (const auto* step = core::step_at(session_.procedure(), recording()->entry.id, from)) session_.set_step(step->id);
    // stay within the step just closed, so that its figures can be taken at once
    film_->step_frames(-1);
    refresh();
}

void TapeStation::take_figures() {
    // by id: every change replaces the guide, and with it the step
    const core::StepId step = step_in_hand() == nullptr ? core::StepId{} : step_in_hand()->id;
    bool any = false;
    for (const auto* m : marks_here()) {
        if (m->kind != core::MarkKind::Figure || m->taken_back || core::taken_as(session_.procedure(), recording()->entry.id, *m) != nullptr) continue;
        any = true;
        if (!session_.perform(core::take_figure(session_.procedure(), recording()->entry.id, *m, step))) return;
    }
    if (!any) session_.tell(tr("No untaken figure is said in this line."));
}

void TapeStation::take_cautions() {
    const auto* step = step_in_hand();
    for (const auto* m : marks_here())
        if (m->kind == core::MarkKind::Caution) {
            session_.perform(core::take_caution(session_.procedure(), *m, step == nullptr ? core::StepId{} : step->id));
            return;
        }
    session_.tell(tr("No caution was found in this line."));
}

void TapeStation::put_aside() {
    for (const auto* m : marks_here())
        if (m->kind != core::MarkKind::Step && m->kind != core::MarkKind::Talk && !core::is_dismissed(session_.procedure(), recording()->entry.id, *m) && core::taken_as(session_.procedure(), recording()->entry.id, *m) == nullptr)
            session_.perform(core::dismiss(session_.procedure(), recording()->entry.id, *m));
}

void TapeStation::keep_picture() {
    const auto* step = step_in_hand();
    if (step == nullptr) return;
    core::Step s = *step;
    std::vector<core::Plate> all;
    for (const auto& x : session_.procedure().steps) all.insert(all.end(), x.plates.begin(), x.plates.end());
    s.plates.push_back({core::fresh_id<core::PlateId>(s.id.text(), all), recording()->entry.id, film_->time(), "", {}});
    session_.perform(core::Change{"keep a picture", {core::Put<core::Step>{std::move(s), std::nullopt}}});
}

void TapeStation::keep_clip() {
    const auto* step = step_in_hand();
    if (step == nullptr) return;
    core::Step s = *step;
    if (s.clip)
        s.clip.reset();
    else
        s.clip = s.takes.front();
    session_.perform(core::Change{s.clip ? "give the step a clip" : "take the clip out", {core::Put<core::Step>{std::move(s), std::nullopt}}});
}

void TapeStation::rename_step() {
    const auto* step = step_in_hand();
    if (step == nullptr || step->heading == heading_->text().trimmed().toStdString()) return;
    core::Step s = *step;
    s.heading = heading_->text().trimmed().toStdString();
    session_.perform(core::Change{"write a heading", {core::Put<core::Step>{std::move(s), std::nullopt}}});
}

void TapeStation::split_here() {
    const auto* step = step_in_hand();
    if (step == nullptr) return;
    if (session_.perform(core::split_step(session_.procedure(), step->id, recording()->entry.id, film_->time()))) follow();
}

void TapeStation::join_next() {
    if (const auto* step = step_in_hand()) session_.perform(core::merge_with_next(session_.procedure(), step->id));
}

void TapeStation::nudge_edge(const core::FrameTime& to) {
    const auto* step = step_in_hand();
    if (step == nullptr) return;
    const auto edge = core::nearer_edge(*step, recording()->entry.id, film_->time());
    session_.perform(core::move_edge(session_.procedure(), step->id, recording()->entry.id, edge, to));
}

void TapeStation::nudge_by_frames(int by) {
    const auto* step = step_in_hand();
    if (step == nullptr) return;
    const auto edge = core::nearer_edge(*step, recording()->entry.id, film_->time());
    for (const auto& t : step->takes)
        if (t.recording == recording()->entry.id) {
            const auto& times = recording()->index.times;
            const auto at = std::lower_bound(times.begin(), times.end(), edge == core::Edge::Begin ? t.from : t.to) - times.begin();
            const auto to = std::clamp<std::ptrdiff_t>(at + by, 0, static_cast<std::ptrdiff_t>(times.size()));
            nudge_edge(to == static_cast<std::ptrdiff_t>(times.size()) ? recording()->index.end : times[static_cast<std::size_t>(to)]);
            return;
        }
}

void TapeStation::nudge_by_lines(int by) {
    const auto* step = step_in_hand();
    if (step == nullptr) return;
    const auto edge = core::nearer_edge(*step, recording()->entry.id, film_->time());
    const auto& index = recording()->index;
    // where the lines begin on the film, from the edge on
    std::optional<core::FrameTime> to;
    for (const auto& t : step->takes) {
        if (t.recording != recording()->entry.id) continue;
        const auto at = edge == core::Edge::Begin ? t.from : t.to;
        for (const auto& line : recording()->narration) {
            const auto begins = index.times[index.frame_from(line.start)];
            if (by < 0 && begins < at) to = begins;
            if (by > 0 && at < begins && !to) to = begins;
        }
        if (by > 0 && !to) to = index.end;
        break;
    }
    if (to) nudge_edge(*to);
}

void TapeStation::draft() {
    if (recording() == nullptr) return;
    const auto before = session_.procedure().steps.size();
    const auto frame_from = [index = &recording()->index](const core::FrameTime& at) { return index->times[index->frame_from(at)]; };
    if (!session_.perform(core::draft_steps(session_.procedure(), recording()->entry.id, recording()->narration, recording()->marks, recording()->index.end, frame_from))) return;
    const auto made = static_cast<qsizetype>(session_.procedure().steps.size() - before);
    session_.tell(theme::counted(made, tr("1 step was drafted from what was said. Enter confirms it."), tr("%1 steps were drafted from what was said. Enter confirms one and goes to the next.")));
    follow();
}

void TapeStation::confirm_and_go_on() {
    if (const auto* step = step_in_hand(); step != nullptr && step->drafted && !session_.perform(core::confirm_step(session_.procedure(), step->id))) return;
    for (const auto& s : session_.procedure().steps)
        if (s.drafted && !s.takes.empty()) {
            show_moment(s.takes.front().recording, s.takes.front().from, false);
            return;
        }
    session_.tell(tr("Every drafted step is confirmed."));
}

void TapeStation::note_here(core::NoteKind kind, const QString& title, const QString& question) {
    if (recording() == nullptr) return;
    film_->pause();
    const auto at = film_->time();
    bool kept = false;
    const QString words = QInputDialog::getText(this, title, question, QLineEdit::Normal, QString(), &kept).trimmed();
    if (kept) session_.perform(core::add_note(session_.procedure(), recording()->entry.id, {kind, at, words.toStdString()}));
    setFocus();
}

void TapeStation::drop_line() {
    if (recording() == nullptr) return;
    if (const auto line = tape_->line_at(film_->time())) session_.perform(core::add_note(session_.procedure(), recording()->entry.id, {core::NoteKind::DropAsTalk, recording()->narration[*line].start, ""}));
}

void TapeStation::correct_line() {
    if (recording() == nullptr) return;
    const auto line = tape_->line_at(film_->time());
    if (!line) {
        session_.tell(tr("Nothing is said at this moment."));
        return;
    }
    film_->pause();
    const core::Segment heard = recording()->heard[*line];
    bool kept = false;
    const QString words = QInputDialog::getText(this, tr("Words of this line"), tr("The recogniser heard: %1").arg(text(heard.text)), QLineEdit::Normal, text(recording()->narration[*line].text), &kept).trimmed();
    if (kept) session_.perform(core::correct_line(session_.procedure(), recording()->entry.id, heard, words.toStdString()));
    setFocus();
}

void TapeStation::write_reshoot() {
    if (!session_.has_guide()) return;
    const auto points = shop::gather_reshoot(session_.library(), session_.guide());
    if (!points) {
        session_.tell(text(points.error().message));
        return;
    }
    const QString file = text(session_.library().folder()) + QStringLiteral("/to-film-again.html");
    const auto count = static_cast<qsizetype>(points->size());
    reshoot_->setEnabled(false);
    auto* watcher = new QFutureWatcher<std::shared_ptr<core::Outcome>>(this);
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher, file, count] {
        const auto done = watcher->result();
        watcher->deleteLater();
        reshoot_->setEnabled(true);
        if (!*done) {
            session_.tell(text(done->error().message));
            return;
        }
        session_.tell(theme::counted(count, tr("1 point has to be filmed again or found out: "), tr("%1 points have to be filmed again or found out: ")) + file);
        QDesktopServices::openUrl(QUrl::fromLocalFile(file));
    });
    // the stills are decoded beside the window
    watcher->setFuture(QtConcurrent::run([p = session_.procedure(), list = *points, file = file.toStdString()] { return std::make_shared<core::Outcome>(shop::write_reshoot(p, list, file)); }));
}

}  // namespace anagraph::app
