#include "app/tape/tape_station.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QScrollBar>
#include <QShortcut>
#include <QStandardPaths>
#include <QUrl>
#include <QVBoxLayout>
#include <QWheelEvent>
#include <algorithm>

#include "app/session/beside.h"
#include "app/tape/heard_panel.h"
#include "app/tape/step_commands.h"
#include "app/tape/takes_dialog.h"
#include "app/tape/word_commands.h"
#include "app/theme/theme.h"
#include "core/procedure/draft.h"
#include "core/procedure/logging.h"
#include "core/procedure/takes.h"
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
    pick->setSpacing(8);
    pick->addWidget(recordings_, 1);
    fold_ = new KeyButton(tr("Fold"), Qt::Key_H, this);
    fold_->setToolTip(tr("Fold talk and silence away, or unfold everything (H)"));
    connect(fold_, &QPushButton::clicked, this, &TapeStation::toggle_folds);
    pick->addWidget(fold_);
    reshoot_ = new KeyButton(tr("Film again"), QKeySequence(Qt::CTRL | Qt::Key_R), this);
    reshoot_->setToolTip(tr("The list of what was not filmed, not seen or promised, as a page for paper or a phone (Ctrl+R)"));
    connect(reshoot_, &QPushButton::clicked, this, &TapeStation::write_reshoot);
    pick->addWidget(reshoot_);
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
    stack->addWidget(film_, 5);
    stack->addWidget(build_transport());
    stack->addWidget(build_step_panel(), 3);
    across->addWidget(right, 1);

    connect(film_, &FilmView::moved, this, &TapeStation::follow);
    connect(tape_, &TapeView::moment_clicked, this, [this](const core::RecordingId& id, const core::FrameTime& at) { show_moment(id, at, false); });
    connect(tape_, &TapeView::step_clicked, this, [this](const core::StepId& id) { session_.set_step(id); });
    connect(recordings_, &QComboBox::activated, this, [this](int i) { open_recording(core::RecordingId(recordings_->itemData(i).toString().toStdString())); });
    key(Qt::Key_Right, [this] { film_->step_frames(1); });
    key(Qt::Key_Left, [this] { film_->step_frames(-1); });
    key(Qt::Key_Down, [this] { step_lines(1); });
    key(Qt::Key_Up, [this] { step_lines(-1); });
    key(Qt::Key_PageDown, [this] { go_to_recording(1); });
    key(Qt::Key_PageUp, [this] { go_to_recording(-1); });
}

void TapeStation::key(const QKeySequence& sequence, const Command& command) {
    auto* shortcut = new QShortcut(sequence, this);
    shortcut->setContext(Qt::WidgetWithChildrenShortcut);
    connect(shortcut, &QShortcut::activated, this, command);
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
    confirm_->setToolTip(tr("Confirm the drafted step and go to the next one (Enter)"));
    connect(confirm_, &QPushButton::clicked, this, &TapeStation::confirm_and_go_on);
    head->addWidget(number_);
    head->addWidget(heading_, 1);
    head->addWidget(span_);
    head->addWidget(confirm_);
    down->addLayout(head);
    heard_ = new HeardPanel(session_, card);
    down->addWidget(heard_, 1);
    why_ = second(QString(), card);
    why_->setObjectName(QStringLiteral("why"));
    why_->setAccessibleName(tr("Why this line is marked"));
    // always the same room, so that nothing moves from line to line
    why_->setFixedHeight(2 * QFontMetrics(theme::font("text")).lineSpacing() + 2);
    why_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    down->addWidget(why_);
    down->addLayout(build_main_commands());
    down->addLayout(build_more_commands());
    connect(heading_, &QLineEdit::editingFinished, this, &TapeStation::rename_step);
    connect(heading_, &QLineEdit::returnPressed, this, [this] { setFocus(); });
    connect(heard_, &HeardPanel::moment_clicked, this, [this](const core::FrameTime& at) { film_->show_time(at); });
    setFocusPolicy(Qt::StrongFocus);
    return card;
}

QLayout* TapeStation::build_main_commands() {
    auto* row = new QHBoxLayout;
    row->setSpacing(5);
    const auto button = [&](const QString& words, const QKeySequence& k, const QString& help, void (*command)(TapeHand&), bool main = false) {
        auto* b = new KeyButton(words, k, this, main);
        b->setToolTip(QStringLiteral("%1 (%2)").arg(help, k.toString(QKeySequence::NativeText)));
        connect(b, &QPushButton::clicked, this, [this, command] {
            command(*hand_);
            refresh();
        });
        row->addWidget(b);
        return b;
    };
    button(tr("Open"), Qt::Key_BracketLeft, tr("Open a step at this frame; while the film runs, at the pause just passed"), step_commands::open_bracket);
    close_ = button(tr("Close"), Qt::Key_BracketRight, tr("Close the step at this frame"), step_commands::close_bracket, true);
    button(tr("Figure"), Qt::Key_F, tr("Take the figure said in this line into the step"), step_commands::take_figures);
    button(tr("Caution"), Qt::Key_W, tr("Take the caution said in this line into the step"), step_commands::take_cautions);
    button(tr("Picture"), Qt::Key_P, tr("Keep this exact frame as a plate of the step"), step_commands::keep_picture);
    clip_ = button(tr("Clip"), Qt::Key_C, tr("Give the step's best take to the learner as a clip"), step_commands::keep_clip);
    button(tr("Aside"), Qt::Key_X, tr("Put the marks of this line aside; they count no longer"), step_commands::put_aside);
    row->addStretch(1);
    return row;
}

QMenu* TapeStation::menu_button(QLayout* row, const QString& words) {
    auto* button = new KeyButton(words + QStringLiteral(" ▾"), {}, this);
    button->setAccessibleName(words);
    button->setToolTip(tr("More commands for: %1").arg(words));
    auto* menu = new QMenu(this);
    menu->setToolTipsVisible(true);
    connect(button, &QPushButton::clicked, menu, [button, menu] { menu->popup(button->mapToGlobal(QPoint(0, -menu->sizeHint().height()))); });
    row->addWidget(button);
    return menu;
}

void TapeStation::add(QMenu* menu, const QString& words, const QKeySequence& k, const QString& help, const Command& command) {
    auto* action = new QAction(words, this);
    action->setShortcut(k);
    action->setShortcutContext(Qt::WidgetWithChildrenShortcut);
    action->setToolTip(help);
    connect(action, &QAction::triggered, this, [this, command] {
        command();
        refresh();
    });
    menu->addAction(action);
    addAction(action);  // so that its key works without the menu
}

QLayout* TapeStation::build_more_commands() {
    using namespace step_commands;
    using namespace word_commands;
    auto* row = new QHBoxLayout;
    row->setSpacing(5);
    auto* draft_button = new KeyButton(tr("Draft"), Qt::Key_D, this);
    draft_button->setToolTip(tr("Draft steps from what was said, where none is bracketed (D)"));
    connect(draft_button, &QPushButton::clicked, this, [this] {
        draft(*hand_);
        follow();
    });
    row->addWidget(draft_button);
    const auto on = [this](void (*command)(TapeHand&)) { return [this, command] { command(*hand_); }; };

    auto* step = menu_button(row, tr("Step"));
    add(step, tr("Split here"), Qt::Key_Slash, tr("Divide the step at this frame"), on(split));
    add(step, tr("Join with the next"), Qt::Key_J, tr("Make one step of this one and the one after it"), on(join_next));
    step->addSeparator();
    add(step, tr("Edge a frame earlier"), Qt::SHIFT | Qt::Key_Left, tr("Move the nearer edge of the step"), [this] { nudge_by_frames(*hand_, -1); });
    add(step, tr("Edge a frame later"), Qt::SHIFT | Qt::Key_Right, tr("Move the nearer edge of the step"), [this] { nudge_by_frames(*hand_, 1); });
    add(step, tr("Edge a line earlier"), Qt::SHIFT | Qt::Key_Up, tr("Move the nearer edge to where the line before begins"), [this] { nudge_by_lines(*hand_, -1); });
    add(step, tr("Edge a line later"), Qt::SHIFT | Qt::Key_Down, tr("Move the nearer edge to where the next line begins"), [this] { nudge_by_lines(*hand_, 1); });
    add(step, tr("Edge to the nearest pause"), Qt::Key_G, tr("Move the nearer edge to where the sound pauses"), on(edge_to_pause));
    step->addSeparator();
    add(step, tr("Check here …"), Qt::Key_I, tr("Something to look at, within the step and at this line"), on(nest_check));
    add(step, tr("Wait here …"), Qt::Key_Q, tr("Waiting, within the step and at this line"), on(nest_wait));
    step->addSeparator();
    add(step, tr("Drop the opened bracket"), Qt::Key_Backspace, tr("Nothing is opened any longer"), on(drop_bracket));

    auto* takes = menu_button(row, tr("Takes"));
    add(takes, tr("Begin another take"), Qt::Key_A, tr("The step in hand is done again from here; ] ends the take"), on(open_take));
    add(takes, tr("This take is the best"), Qt::Key_B, tr("Clip and pictures come from the best take"), on(choose_take));
    add(takes, tr("Two takes side by side …"), Qt::Key_U, tr("Play two takes together and choose"), [this] { compare_takes(); });
    add(takes, tr("Take this take out"), Qt::SHIFT | Qt::Key_A, tr("The step keeps its other takes"), on(remove_take));
    takes->addSeparator();
    add(takes, tr("Go to the sharpest picture"), Qt::SHIFT | Qt::Key_P, tr("The sharpest picture of this take; P keeps it"), on(go_to_sharpest));

    auto* words = menu_button(row, tr("Words"));
    add(words, tr("Put this line right …"), Qt::Key_E, tr("The recogniser's words are kept beside"), on(correct_line));
    add(words, tr("Drop this line as talk"), Qt::Key_K, tr("Its marks count no longer"), on(drop_line));
    add(words, tr("Type a line here …"), Qt::Key_Y, tr("A line of your own at this moment; the film plays on"), on(type_line));
    add(words, tr("Who speaks …"), Qt::Key_R, tr("Who speaks from this line on"), on(say_speaker));
    words->addSeparator();
    add(words, tr("This line is heard here"), Qt::Key_V, tr("Where words and film do not agree: ties the line in hand to this frame, and the others with it"), [this] { tie_line(*hand_, 0); });
    add(words, tr("The next line is heard here"), Qt::CTRL | Qt::Key_V, tr("Ties the next line to this frame"), [this] { tie_line(*hand_, 1); });
    add(words, tr("Untie this line"), Qt::SHIFT | Qt::Key_V, tr("The line goes back to the time of the narration"), on(untie_line));

    auto* notes = menu_button(row, tr("Notes"));
    add(notes, tr("Not filmed …"), Qt::Key_N, tr("What is missing on the film here, for the list of what is filmed again"), [this] { word_commands::note(*hand_, core::NoteKind::NotFilmed); });
    add(notes, tr("To look up …"), Qt::Key_L, tr("What has to be looked up"), [this] { word_commands::note(*hand_, core::NoteKind::LookUp); });
    add(notes, tr("For yourself …"), Qt::Key_T, tr("A note at this moment"), [this] { word_commands::note(*hand_, core::NoteKind::Note); });
    add(notes, tr("Take the note here away"), Qt::SHIFT | Qt::Key_N, tr("The note nearest to this moment"), on(remove_note));

    auto* view = menu_button(row, tr("Tape"));
    add(view, tr("The whole job"), Qt::Key_1, tr("All recordings of the job on one screen"), [this] { tape_->show_whole_job(); });
    add(view, tr("To read along"), Qt::Key_2, tr("The usual zoom, with room for every line"), [this] { tape_->show_for_reading(); });
    add(view, tr("Single frames"), Qt::Key_3, tr("Every frame has its picture"), [this] { tape_->show_single_frames(); });
    add(view, tr("Nearer"), Qt::Key_Plus, tr("Zoom in; the moment in hand keeps its place"), [this] { tape_->set_zoom(tape_->zoom() * 1.25); });
    add(view, tr("Further"), Qt::Key_Minus, tr("Zoom out"), [this] { tape_->set_zoom(tape_->zoom() / 1.25); });
    view->addSeparator();
    add(view, tr("Fold or unfold here"), Qt::SHIFT | Qt::Key_H, tr("The talk or silence at this moment"), [this] { if (!tape_->toggle_fold_here()) session_.tell(tr("Nothing can be folded here: a step, a note or a mark needs this stretch.")); });
    add(view, tr("The tape runs, the head stays"), Qt::Key_M, tr("Or the head runs down the tape"), [this] { tape_->set_head_stays(!tape_->head_stays()); });
    view->addSeparator();
    add(view, tr("The same moment, other camera"), Qt::Key_O, tr("Where two cameras filmed together"), [this] { to_the_other_camera(); });
    add(view, tr("Align the cameras by sound"), Qt::SHIFT | Qt::Key_O, tr("Finds where this recording and another one heard the same"), on(align_by_sound));
    row->addStretch(1);
    return row;
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
        if (r->away) h.relation = tr("the original is away · %1").arg(h.relation);
        if (r->reading) h.relation = tr("being read … · %1").arg(h.relation);
        heard.push_back({order[i], &r->marks});
        QStringList open;
        for (const auto& u : core::undone_after(session_.procedure(), heard)) open << text(core::state_text(u));
        if (!open.isEmpty()) h.undone = (i + 1 < order.size() ? tr("The job goes on with: %1") : tr("The job is left open: %1")).arg(open.join(QStringLiteral(", ")));
        out.push_back(std::move(h));
    }
    return out;
}

void TapeStation::open_recording(const core::RecordingId& id) {
    const auto* r = session_.recording(id);
    if (r == nullptr) return;
    step_commands::drop_bracket(*hand_);
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
    if (recording() == nullptr && recordings_->count() > 0) open_recording(core::RecordingId(recordings_->currentData().toString().toStdString()));
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
    clock_->setText(QStringLiteral("<span style='font-size:18pt'>%1</span><span style='font-size:12pt'>%2</span> <span style='color:%3'>%4</span>")
                        .arg(clock.left(dot), clock.mid(dot), theme::colour("second").name(), tr("of %1").arg(text(core::clock_text(recording()->index.end, false)))));
    play_->set_words(film_->playing() ? tr("Pause") : tr("Play"));
    slow_->set_words(film_->slow() ? tr("Full speed") : tr("Slow"));
    const auto* step = hand_->step();
    if (step != nullptr && step->id != session_.step())
        session_.set_step(step->id);  // shows it
    else
        show_step();
}

void TapeStation::refresh() {
    if (recording() != nullptr) tape_->set_open_bracket(hand_->opened);
    fold_->set_words(tape_->folded() ? tr("Unfold") : tr("Fold"));
    show_step();
}

void TapeStation::show_step() {
    const auto* step = hand_->step();
    const auto& steps = session_.procedure().steps;
    const auto& opened = hand_->opened;
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return step != nullptr && s.id == step->id; });
    number_->setText(step == nullptr ? (opened ? tr("…") : QStringLiteral("–")) : QString::number(it - steps.begin() + 1));
    if (!heading_->hasFocus()) heading_->setText(step == nullptr ? QString() : text(step->heading));
    heading_->setEnabled(step != nullptr);
    heading_->setPlaceholderText(step != nullptr ? tr("what is done, as an order") : !opened              ? tr("no step here: press [ where one begins")
                                                                                 : hand_->take_of.empty() ? tr("a step is open: press ] where it ends")
                                                                                                          : tr("another take is open: press ] where it ends"));
    QString span = opened ? tr("opened at %1").arg(text(core::clock_text(*opened))) : QString();
    if (step != nullptr) {
        const auto& take = hand_->take();
        span = text(core::clock_text(take.from)) + QStringLiteral(" – ") + text(core::clock_text(take.to));
        if (step->takes.size() > 1) span = tr("take %1 of %2 · %3").arg(core::take_at(*step, hand_->id(), hand_->now()).value_or(0) + 1).arg(step->takes.size()).arg(span);
    }
    span_->setText(span);
    close_->setEnabled(opened.has_value());
    clip_->setEnabled(step != nullptr);
    clip_->set_words(step != nullptr && step->clip ? tr("No clip") : tr("Clip"));
    const bool drafts = std::any_of(steps.begin(), steps.end(), [](const core::Step& s) { return s.drafted; });
    confirm_->setVisible(drafts);
    confirm_->set_words(step != nullptr && step->drafted ? tr("Confirm") : tr("Next draft"));
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
}

void TapeStation::step_lines(int by) {
    if (recording() == nullptr || recording()->narration.empty()) return;
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
    session_.perform(core::Change{"write a heading", {core::Put<core::Step>{std::move(s), std::nullopt}}});
}

void TapeStation::confirm_and_go_on() {
    if (const auto* step = hand_->step(); step != nullptr && step->drafted && !session_.perform(core::confirm_step(session_.procedure(), step->id))) return;
    for (const auto& s : session_.procedure().steps)
        if (s.drafted && !s.takes.empty()) {
            show_moment(s.takes.front().recording, s.takes.front().from, false);
            return;
        }
    session_.tell(tr("Every drafted step is confirmed."));
}

void TapeStation::compare_takes() {
    const auto* step = hand_->step();
    if (step == nullptr || step->takes.size() < 2) {
        session_.tell(tr("This step has one take only; A begins another one."));
        return;
    }
    film_->pause();
    TakesDialog(session_, step->id, this).exec();
    setFocus();
}

void TapeStation::to_the_other_camera() {
    if (const auto other = word_commands::same_moment_elsewhere(*hand_))
        show_moment(other->first, other->second, false);
    else
        session_.tell(tr("No other camera is laid alongside this recording; Shift+O finds one by its sound."));
}

void TapeStation::toggle_folds() {
    tape_->fold_all(!tape_->folded());
    if (tape_->folded() && tape_->shut_folds() == 0) session_.tell(tr("There is nothing to fold: no stretch of talk or silence is long enough."));
    refresh();
}

void TapeStation::write_reshoot() {
    if (!session_.has_guide()) return;
    const auto points = shop::gather_reshoot(session_.library(), session_.guide());
    if (!points) {
        session_.tell(text(points.error().message));
        return;
    }
    const QString start = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + QLatin1Char('/') + tr("to film again, %1.html").arg(text(session_.procedure().header.machine).replace(QLatin1Char('/'), QLatin1Char(' ')));
    const QString chosen = QFileDialog::getSaveFileName(this, tr("Where shall the list to film again go?"), start, tr("Web page (*.html)"));
    if (chosen.isEmpty()) return;
    // the dialog has asked whether an old list may be written over
    auto place = store::Destination::file(chosen.toStdString(), {}, true);
    if (!place) {
        session_.tell(text(place.error().message));
        return;
    }
    const auto count = static_cast<qsizetype>(points->size());
    reshoot_->setEnabled(false);
    // the stills are decoded beside the window
    beside(
        this, [p = session_.procedure(), list = *points, to = std::make_shared<store::Destination>(std::move(*place))] { return shop::write_reshoot(p, list, *to); },
        [this, chosen, count](const core::Outcome& done) {
            reshoot_->setEnabled(true);
            if (!done) {
                session_.tell(text(done.error().message));
                return;
            }
            session_.tell(theme::counted(count, tr("1 point has to be filmed again or found out: "), tr("%1 points have to be filmed again or found out: ")) + chosen);
            QDesktopServices::openUrl(QUrl::fromLocalFile(chosen));
        });
}

}  // namespace anagraph::app
