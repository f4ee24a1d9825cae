// TapeHand: what is in hand on the Tape: the recording, the moment, its line and its step, and the bracket being opened. The
// commands of the Tape work on it.
#pragma once

#include <optional>
#include <vector>

#include "app/film/film_view.h"
#include "app/session/session.h"
#include "app/tape/tape_view.h"

namespace anagraph::app {

class TapeHand {
public:
    TapeHand(Session& the_session, FilmView& the_film, TapeView& the_tape, QWidget& station)
        : session(the_session), film(the_film), tape(the_tape), station_(station) {}

    Session& session;
    FilmView& film;
    TapeView& tape;
    std::optional<core::FrameTime> opened;  // in the recording in hand
    core::StepId take_of;                   // the opened bracket is another take of this step; empty: it is a new step

    const core::Procedure& guide() const { return session.procedure(); }
    /// Null while nothing is open; the others may then not be asked.
    const LoadedRecording* recording() const { return film.recording(); }
    const core::RecordingId& id() const { return recording()->entry.id; }
    const media::RecordingIndex& index() const { return recording()->index; }
    core::FrameTime now() const { return film.time(); }

    std::optional<std::size_t> line() const;
    /// The recogniser's line at the moment in hand; nothing where the author typed it or nothing is said.
    std::optional<std::size_t> heard_line() const;
    std::vector<const core::Mark*> marks() const;
    const core::Step* step() const;
    /// The take of the step in hand at this moment.
    const core::Take& take() const;

    /// Asks for words; nothing when the person thinks better of it.
    enum class Meanwhile { Paused, Playing };
    std::optional<QString> ask(
        const QString& title, const QString& question, const QString& before = {}, Meanwhile film = Meanwhile::Paused);

    /// Asks yes or no, each in words; `details` stand below the question.
    bool agree(const QString& title, const QString& question, const QString& details, const QString& yes, const QString& no);

private:
    QWidget& station_;
};

}  // namespace anagraph::app
