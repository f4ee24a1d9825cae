// The commands of the Tape as a table.
#include "app/command/reasons.h"
#include "app/film/coming_films.h"
#include "app/hearing/hearing.h"
#include "app/tape/step_commands.h"
#include "app/tape/tape_reasons.h"
#include "app/tape/tape_station.h"
#include "app/tape/word_commands.h"

namespace anagraph::app {

namespace reasons = tape_reasons;

Hand TapeStation::in_hand() const {
    if (recording() == nullptr) return Hand::Nothing;
    if (hand_->opened) return Hand::Bracket;
    if (const auto* step = hand_->step()) return step->drafted ? Hand::Draft : Hand::Step;
    return hand_->line() ? Hand::Line : Hand::Recording;
}

void TapeStation::build_commands() {
    commands_ = new Commands(tr("Tape"), this, [this] { return in_hand(); });
    const auto on = [this](void (*what)(TapeHand&)) { return [this, what] { what(*hand_); }; };
    const auto why = [this](QString (*reason)(const TapeHand&)) { return [this, reason] { return reason(*hand_); }; };
    using std::vector;
    const vector<Hand> on_film{Hand::Recording, Hand::Line, Hand::Step, Hand::Draft, Hand::Bracket};
    const vector<Hand> with_step{Hand::Step, Hand::Draft};
    const vector<Hand> free{Hand::Recording, Hand::Line, Hand::Step, Hand::Draft};
    const vector<Hand> with_line{Hand::Line, Hand::Step, Hand::Draft, Hand::Bracket};
    const auto add = [this](Command c) { commands_->add(std::move(c)); };

    const QString step = tr("Steps");
    add({"tape.close-step", tr("Close step"), Qt::Key_BracketRight,
        tr("The step ends at this frame; while the film runs, at the pause just passed."), step, {Hand::Bracket},
        on(step_commands::close_bracket), why(reasons::no_bracket), {tr("end bracket")}, true, always});
    add({"tape.take-figure", tr("Take figure"), Qt::Key_F, tr("The figure said in this line comes into the step."), step, on_film,
        on(step_commands::take_figures), why(reasons::no_untaken_figure), {tr("torque"), tr("capacity")}, true, always});
    add({"tape.take-caution", tr("Take caution"), Qt::Key_W, tr("The caution said in this line comes into the step."), step, on_film,
        on(step_commands::take_cautions), why(reasons::no_caution), {tr("warning")}, true});
    add({"tape.confirm-step", tr("Confirm step"), Qt::Key_Return, tr("The drafted step is right; on to the next one."), step, free,
        [this] { confirm_and_go_on(); }, why(reasons::no_drafted_step), {tr("accept draft")}, true,
        [this] { return in_hand() != Hand::Step; },
        [this] { return in_hand() == Hand::Draft ? tr("Confirm step") : tr("Next drafted step"); }});
    add({"tape.draft", tr("Draft steps"), Qt::Key_D, tr("Steps are drafted from what was said, where none is marked yet."), step,
        {Hand::Recording, Hand::Line}, [this] { step_commands::draft(*hand_), follow(); }, why(reasons::nothing_to_draft),
        {tr("automatic")}, true, [this] { return session_.procedure().steps.empty(); }});
    add({"tape.open-step", tr("Open step"), Qt::Key_BracketLeft,
        tr("A step begins at this frame; while the film runs, at the pause just passed."), step, {Hand::Recording, Hand::Line},
        on(step_commands::open_bracket), why(reasons::no_recording), {tr("begin bracket"), tr("new step")}, true, always});
    add({"tape.keep-picture", tr("Keep picture"), Qt::Key_P, tr("This exact frame becomes a plate of the step."), step, on_film,
        on(step_commands::keep_picture), why(reasons::no_recording), {tr("plate"), tr("still")}, true});
    add({"tape.clip", tr("Make clip"), Qt::Key_C, tr("The learner sees the step's best take as a clip, or no longer."), step, with_step,
        on(step_commands::keep_clip), why(reasons::no_step), {tr("film")}, true, {}, [this] {
            return hand_->recording() != nullptr && hand_->step() != nullptr && hand_->step()->clip ? tr("Remove clip") : tr("Make clip");
        }});
    add({"tape.dismiss", tr("Dismiss marks"), Qt::Key_X, tr("What was found in this line is not needed; it counts no longer."), step,
        with_line, on(step_commands::dismiss_marks), why(reasons::nothing_to_dismiss), {tr("ignore")}, true});
    add({"tape.discard-step", tr("Cancel step"), Qt::Key_Backspace, tr("Forgets the step that was opened and not closed yet."), step, {Hand::Bracket},
        on(step_commands::drop_bracket), why(reasons::no_bracket), {tr("cancel step")}, true});
    add({"tape.split", tr("Split here"), Qt::Key_Slash, tr("The step is divided at this frame."), step, with_step, on(step_commands::split),
        why(reasons::no_step), {}, true});
    add({"tape.join", tr("Merge with next"), Qt::Key_J, tr("This step and the one after it become one."), step, with_step,
        on(step_commands::join_next), why(reasons::no_step)});
    add({"tape.check", tr("Check here"), Qt::Key_I, tr("Something to look at, within the step and at this line."), step, with_step,
        on(step_commands::nest_check), why(reasons::no_step)});
    add({"tape.wait", tr("Wait here"), Qt::Key_Q, tr("Waiting, within the step and at this line."), step, with_step,
        on(step_commands::nest_wait), why(reasons::no_step)});

    const QString edges = tr("Edges of the step");
    add({"tape.edge-frame-earlier", tr("Edge a frame earlier"), Qt::SHIFT | Qt::Key_Left, tr("Moves the nearer edge of the step."), edges,
        with_step, [this] { step_commands::nudge_by_frames(*hand_, -1); }, why(reasons::no_step)});
    add({"tape.edge-frame-later", tr("Edge a frame later"), Qt::SHIFT | Qt::Key_Right, tr("Moves the nearer edge of the step."), edges,
        with_step, [this] { step_commands::nudge_by_frames(*hand_, 1); }, why(reasons::no_step)});
    add({"tape.edge-line-earlier", tr("Edge a line earlier"), Qt::SHIFT | Qt::Key_Up,
        tr("Moves the nearer edge to where the line before begins."), edges, with_step,
        [this] { step_commands::nudge_by_lines(*hand_, -1); }, why(reasons::no_step)});
    add({"tape.edge-line-later", tr("Edge a line later"), Qt::SHIFT | Qt::Key_Down,
        tr("Moves the nearer edge to where the next line begins."), edges, with_step, [this] { step_commands::nudge_by_lines(*hand_, 1); },
        why(reasons::no_step)});
    add({"tape.edge-to-pause", tr("Edge to nearest pause"), Qt::Key_G, tr("Moves the nearer edge to where the sound pauses."), edges,
        with_step, on(step_commands::edge_to_pause), why(reasons::no_step)});

    const QString takes = tr("Takes");
    add({"tape.open-take", tr("Open another take"), Qt::Key_A, tr("The step in hand is done again from this frame on."), takes, free,
        on(step_commands::open_take), why(reasons::no_step_to_take_again), {tr("repeat")}});
    add({"tape.best-take", tr("Make this the best take"), Qt::Key_B, tr("Clip and pictures come from the best take."), takes, with_step,
        on(step_commands::choose_take), why(reasons::no_second_take)});
    add({"tape.compare-takes", tr("Compare takes"), Qt::Key_U, tr("Plays two takes side by side, to choose the better one."), takes,
        with_step, [this] { compare_takes(); }, why(reasons::no_second_take)});
    add({"tape.remove-take", tr("Remove this take"), Qt::SHIFT | Qt::Key_A, tr("The step keeps its other takes."), takes, with_step,
        on(step_commands::remove_take), why(reasons::no_step)});
    add({"tape.sharpest", tr("Go to sharpest picture"), Qt::SHIFT | Qt::Key_P, tr("Shows the sharpest picture of this take."), takes,
        with_step, on(step_commands::go_to_sharpest), why(reasons::no_step), {tr("focus")}});

    const QString words = tr("Narration");
    add({"tape.hear", tr("Hear what is said"), Qt::SHIFT | Qt::Key_Y,
        tr("The program listens to the film and writes down what is said, a line at a time; it goes on while you work."), words,
        {Hand::Recording}, [this] { session_.hearing().hear(hand_->id()); }, why(reasons::nothing_to_hear),
        {tr("transcribe"), tr("speech"), tr("recognise")}, true, [this] { return reasons::nothing_to_hear(*hand_).isEmpty(); }});
    add({"tape.stop-hearing", tr("Stop hearing"), Qt::Key_Escape, tr("Stops listening to the film; nothing of it is kept."), words, {},
        [this] { session_.hearing().cancel(); },
        [this] { return session_.hearing().busy() ? QString() : tr("No film is being heard."); }, {tr("cancel")}});
    add({"tape.stop-coming", tr("Stop fetching"), Qt::SHIFT | Qt::Key_Escape,
        tr("Stops fetching the film; what has come stays, and the next time it goes on from there."), words, {},
        [this] { session_.coming().cancel(); },
        [this] { return session_.coming().work().busy() ? QString() : tr("No film is on its way."); }, {tr("cancel"), tr("download")}});
    add({"tape.correct-line", tr("Correct line"), Qt::Key_E,
        tr("Puts the words of this line right; what the recogniser heard is kept beside them."), words, with_line,
        on(word_commands::correct_line), why(reasons::no_line), {tr("edit words")}, true});
    add({"tape.drop-line", tr("Mark line as talk"), Qt::Key_K, tr("The line is talk; what was found in it counts no longer."), words,
        with_line, on(word_commands::drop_line), why(reasons::no_line), {tr("drop line")}, true});
    add({"tape.type-line", tr("Type line"), Qt::Key_Y, tr("A line of your own at this moment; the film plays on."), words, on_film,
        on(word_commands::type_line), why(reasons::no_recording), {tr("transcript")}});
    add({"tape.speaker", tr("Name speaker"), Qt::Key_R, tr("Who speaks from this line on."), words, with_line,
        on(word_commands::say_speaker), why(reasons::nobody_heard)});
    add({"tape.tie-line", tr("Tie line to this frame"), Qt::Key_V,
        tr("Where words and film do not agree: this line is heard here, and the others follow."), words, on_film,
        [this] { word_commands::tie_line(*hand_, 0); }, [this] { return reasons::no_line_to_tie(*hand_, 0); },
        {tr("synchronise"), tr("align words")}});
    add({"tape.tie-next-line", tr("Tie next line to this frame"), Qt::CTRL | Qt::Key_V,
        tr("The next line is heard here, and the others follow."), words, on_film, [this] { word_commands::tie_line(*hand_, 1); },
        [this] { return reasons::no_line_to_tie(*hand_, 1); }, {tr("synchronise")}});
    add({"tape.untie-line", tr("Untie line"), Qt::SHIFT | Qt::Key_V, tr("The line goes back to the time of the narration."), words,
        with_line, on(word_commands::untie_line), why(reasons::nobody_heard)});

    const QString notes = tr("Notes");
    add({"tape.not-filmed", tr("Note what is not filmed"), Qt::Key_N, tr("What is missing on the film here, for the reshoot list."), notes,
        on_film, [this] { word_commands::note(*hand_, core::NoteKind::NotFilmed); }, why(reasons::no_recording), {tr("reshoot")}});
    add({"tape.look-up", tr("Note what to look up"), Qt::Key_L, tr("What has to be looked up."), notes, on_film,
        [this] { word_commands::note(*hand_, core::NoteKind::LookUp); }, why(reasons::no_recording)});
    add({"tape.note", tr("Note for yourself"), Qt::Key_T, tr("A note at this moment."), notes, on_film,
        [this] { word_commands::note(*hand_, core::NoteKind::Note); }, why(reasons::no_recording), {tr("comment")}});
    add({"tape.remove-note", tr("Remove note"), Qt::SHIFT | Qt::Key_N, tr("Removes the note nearest to this moment."), notes, on_film,
        on(word_commands::remove_note), why(reasons::no_note)});
    add({"tape.reshoot", tr("Write reshoot list"), Qt::CTRL | Qt::Key_R,
        tr("What was not filmed, not seen or promised, as a page for paper or a phone."), notes, {}, [this] { write_reshoot(); },
        [this] { return writing_reshoot_ ? tr("The reshoot list is being written.") : no_guide(session_); },
        {tr("film again"), tr("shot list")}});

    const QString film = tr("Film");
    add({"tape.play", tr("Play"), Qt::Key_Space, tr("Plays from this moment on, or pauses."), film, on_film,
        [this] { film_->toggle_play(); }, why(reasons::no_recording), {}, true, {},
        [this] { return film_->playing() ? tr("Pause") : tr("Play"); }});
    add({"tape.slow", tr("Play slowly"), Qt::Key_S, tr("Plays at a quarter of the speed, or at full speed again."), film, on_film,
        [this] { film_->toggle_slow(); }, why(reasons::no_recording), {}, false, {},
        [this] { return film_->slow() ? tr("Play at full speed") : tr("Play slowly"); }});
    add({"tape.next-frame", tr("Next frame"), Qt::Key_Right, tr("One frame forward."), film, on_film, [this] { film_->step_frames(1); },
        why(reasons::no_recording)});
    add({"tape.frame-before", tr("Frame before"), Qt::Key_Left, tr("One frame back."), film, on_film, [this] { film_->step_frames(-1); },
        why(reasons::no_recording)});
    add({"tape.next-line", tr("Next line"), Qt::Key_Down, tr("To where the next line of the narration begins."), film, on_film,
        [this] { step_lines(1); }, why(reasons::no_lines)});
    add({"tape.line-before", tr("Line before"), Qt::Key_Up, tr("To where the line before begins."), film, on_film,
        [this] { step_lines(-1); }, why(reasons::no_lines)});
    add({"tape.next-recording", tr("Next recording"), Qt::Key_PageDown, tr("Opens the recording after this one."), film, {},
        [this] { go_to_recording(1); }, why(reasons::no_other_recording)});
    add({"tape.recording-before", tr("Recording before"), Qt::Key_PageUp, tr("Opens the recording before this one."), film, {},
        [this] { go_to_recording(-1); }, why(reasons::no_other_recording)});
    add({"tape.other-camera", tr("Same moment, other camera"), Qt::Key_O, tr("Where two cameras filmed together."), film, on_film,
        [this] { to_the_other_camera(); }, why(reasons::no_other_camera)});
    add({"tape.align", tr("Align cameras by sound"), Qt::SHIFT | Qt::Key_O,
        tr("Finds where this recording and another one heard the same."), film, on_film, on(word_commands::align_by_sound),
        why(reasons::no_other_recording), {tr("synchronise"), tr("multicamera")}});

    const QString view = tr("View");
    add({"tape.fold", tr("Fold talk and silence"), Qt::Key_H, tr("Stretches of talk and silence fold away, or come back."), view, {},
        [this] { toggle_folds(); }, why(reasons::no_recording), {tr("hide"), tr("skip")}, false, {},
        [this] { return tape_->folded() ? tr("Unfold everything") : tr("Fold talk and silence"); }});
    add({"tape.fold-here", tr("Fold or unfold here"), Qt::SHIFT | Qt::Key_H, tr("The talk or silence at this moment."), view, on_film,
        [this] {
            if (!tape_->toggle_fold_here()) session_.tell(tr("Nothing can be folded here: a step, a note or a mark needs this stretch."));
        },
        why(reasons::no_recording)});
    add({"tape.whole-job", tr("Show whole job"), Qt::Key_1, tr("All recordings of the job on one screen."), view, {},
        [this] { tape_->show_whole_job(); }, why(reasons::no_recording), {tr("overview"), tr("zoom out")}});
    add({"tape.for-reading", tr("Show every line"), Qt::Key_2, tr("The usual zoom, with room for every line."), view, {},
        [this] { tape_->show_for_reading(); }, why(reasons::no_recording), {tr("zoom")}});
    add({"tape.single-frames", tr("Show single frames"), Qt::Key_3, tr("Every frame has its picture."), view, {},
        [this] { tape_->show_single_frames(); }, why(reasons::no_recording), {tr("zoom in")}});
    add({"tape.nearer", tr("Zoom in"), Qt::Key_Plus, tr("The moment in hand keeps its place."), view, {},
        [this] { tape_->set_zoom(tape_->zoom() * 1.25); }, why(reasons::no_recording), {tr("nearer")}});
    add({"tape.further", tr("Zoom out"), Qt::Key_Minus, tr("The moment in hand keeps its place."), view, {},
        [this] { tape_->set_zoom(tape_->zoom() / 1.25); }, why(reasons::no_recording), {tr("further")}});
    add({"tape.head-stays", tr("Keep playhead in place"), Qt::Key_M,
        tr("The tape runs and the playhead stays, or the playhead runs down the tape."), view, {},
        [this] { tape_->set_head_stays(!tape_->head_stays()); }, why(reasons::no_recording), {tr("scroll"), tr("follow")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
    connect(commands_, &Commands::performed, this, &TapeStation::refresh);
}

}  // namespace anagraph::app
