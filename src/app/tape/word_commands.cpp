#include "app/tape/word_commands.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/edits/change_label.h"
#include "core/tape/logging.h"
#include "core/tape/mishearings.h"
#include "core/tape/spoken_lines.h"
#include "media/sound_match.h"

namespace anagraph::app::word_commands {

using core::NoteKind;
using theme::text;

namespace {

/// So that what collects words for translation finds them under one name.
struct WordCommandsWords {
    Q_DECLARE_TR_FUNCTIONS(WordCommandsWords)
};

core::FrameTime plus(const core::FrameTime& t, const core::FrameTime& shift, int sign) {
    return core::FrameTime::from_milliseconds(std::llround((t.seconds() + sign * shift.seconds()) * 1000));
}

}  // namespace

void note(TapeHand& hand, NoteKind kind) {
    const auto [title, question] = kind == NoteKind::NotFilmed
        ? std::pair(WordCommandsWords::tr("Not filmed"), WordCommandsWords::tr("What is missing here and has to be reshot?"))
        : kind == NoteKind::LookUp ? std::pair(WordCommandsWords::tr("Look up"), WordCommandsWords::tr("What has to be looked up?"))
                                   : std::pair(WordCommandsWords::tr("Note"), WordCommandsWords::tr("For yourself, at this moment:"));
    const auto at = hand.now();
    if (const auto words = hand.ask(title, question))
        hand.session.perform(core::add_note(hand.guide(), hand.id(), {kind, at, words->toStdString()}));
}

const core::Note* nearest_note(const TapeHand& hand) {
    if (hand.recording() == nullptr) return nullptr;
    const auto* use = hand.guide().find(hand.id());
    const core::Note* nearest = nullptr;
    const auto far = [&](const core::Note& n) { return std::abs(n.at.seconds() - hand.now().seconds()); };
    if (use != nullptr)
        for (const auto& n : use->notes)
            if (far(n) <= 2 && (nearest == nullptr || far(n) < far(*nearest))) nearest = &n;
    return nearest;
}

void remove_note(TapeHand& hand) { hand.session.perform(core::remove_note(hand.guide(), hand.id(), core::Note(*nearest_note(hand)))); }

void drop_line(TapeHand& hand) {
    if (const auto line = hand.line())
        hand.session.perform(core::add_note(hand.guide(), hand.id(), {NoteKind::DropAsTalk, hand.recording()->narration[*line].start, ""}));
}

namespace {

constexpr std::size_t kLinesShown = 6;

/// The other lines in which the same was misheard, if the author wants them put right together with this one.
std::vector<std::size_t> others_to_correct(TapeHand& hand, std::size_t line, const std::string& words) {
    const auto& heard = hand.recording()->heard;
    const auto wrong = core::mishearings(heard[line].text, words);
    auto others = core::lines_misheard_alike(hand.guide(), hand.id(), heard, line, wrong);
    if (others.empty()) return others;
    QStringList changes, lines;
    for (const auto& w : wrong) changes << WordCommandsWords::tr("“%1” for “%2”").arg(text(w.meant), text(w.heard));
    for (std::size_t i = 0; i < std::min(others.size(), kLinesShown); ++i)
        lines << QStringLiteral("%1   %2").arg(
            text(core::clock_text(heard[others[i]].start, false)), text(core::put_right(heard[others[i]].text, wrong)));
    if (others.size() > kLinesShown) lines << WordCommandsWords::tr("and %1 more").arg(others.size() - kLinesShown);
    if (!hand.agree(WordCommandsWords::tr("The same elsewhere"),
            WordCommandsWords::tr("The same was heard in %n other lines. Put it right there too: %1?",
                "The same was heard in 1 other line. Put it right there too: %1?", static_cast<int>(others.size()))
                .arg(changes.join(QStringLiteral(", "))),
            lines.join(QLatin1Char('\n')), WordCommandsWords::tr("&All of them"), WordCommandsWords::tr("&This line only")))
        others.clear();
    return others;
}

}  // namespace

void correct_line(TapeHand& hand) {
    const auto line = hand.line();
    const core::Segment now = hand.recording()->narration[*line];
    if (const auto heard_line = hand.heard_line()) {
        const core::Segment heard = hand.recording()->heard[*heard_line];
        if (const auto words = hand.ask(WordCommandsWords::tr("Words of this line"),
                WordCommandsWords::tr("The recogniser heard: %1").arg(text(heard.text)), text(now.text)))
            hand.session.perform(core::correct_lines_alike(hand.guide(), hand.id(), hand.recording()->heard, *heard_line,
                words->toStdString(), others_to_correct(hand, *heard_line, words->toStdString())));
    } else if (const auto words = hand.ask(WordCommandsWords::tr("Words of this line"),
                   WordCommandsWords::tr("You typed this line; left empty, it is removed."), text(now.text))) {
        hand.session.perform(core::retype_line(hand.guide(), hand.id(), {now.start, now.end, words->toStdString()}));
    }
}

void type_line(TapeHand& hand) {
    const auto from = hand.now();
    const auto words = hand.ask(WordCommandsWords::tr("Type a line"),
        WordCommandsWords::tr("What is done or said here? The line begins at this moment; the film plays on."), {},
        TapeHand::Meanwhile::Playing);
    if (!words) return;
    // as long as it takes to say it, about three words a second
    const auto length = static_cast<std::int64_t>(words->count(QLatin1Char(' ')) + 1) * 1000 / 3;
    const core::Segment line{
        from, plus(from, core::FrameTime::from_milliseconds(std::max<std::int64_t>(1000, length)), 1), words->toStdString()};
    hand.session.perform(core::type_line(hand.guide(), hand.id(), line));
}

void say_speaker(TapeHand& hand) {
    const auto heard = hand.heard_line();
    const core::Segment line = hand.recording()->heard[*heard];
    if (const auto name =
            hand.ask(WordCommandsWords::tr("Speaker"), WordCommandsWords::tr("Who speaks from this line on? Empty: as the narration says."),
                text(hand.recording()->narration[*hand.line()].speaker)))
        hand.session.perform(core::set_speaker(hand.guide(), hand.id(), line, name->toStdString()));
}

std::optional<std::size_t> line_to_tie(const TapeHand& hand, int which) {
    if (hand.recording() == nullptr) return std::nullopt;
    const auto here = hand.line();
    const std::size_t line = which == 0 ? here.value_or(0) : here ? *here + 1 : 0;
    const auto& heard = hand.recording()->heard_line;
    return line < heard.size() && heard[line] ? std::optional(line) : std::nullopt;
}

void tie_line(TapeHand& hand, int which) {
    const auto& r = *hand.recording();
    const std::size_t line = *line_to_tie(hand, which);
    if (hand.session.perform(core::tie_line(hand.guide(), hand.id(), r.heard, *r.heard_line[line], hand.now())))
        hand.session.tell(WordCommandsWords::tr("“%1” is heard here. Tie a second line further down where words and film drift apart.")
                              .arg(text(r.narration[line].text).left(40)));
}

void untie_line(TapeHand& hand) {
    hand.session.perform(core::untie_line(hand.guide(), hand.id(), hand.recording()->heard, *hand.heard_line()));
}

void align_by_sound(TapeHand& hand) {
    const auto* use = hand.guide().find(hand.id());
    if (use == nullptr) return;
    std::optional<media::SoundMatch> best;
    core::RecordingId with;
    for (const auto& other : hand.guide().recordings) {
        // one way only: a recording that others run alongside stays where it is
        if (other.id == hand.id() || (other.alongside && other.alongside->with == hand.id())) continue;
        const auto* r = hand.session.recording(other.id);
        if (r == nullptr) continue;
        const auto match = media::match_sound(r->index, hand.index());
        if (!match || (best && match->likeness <= best->likeness)) continue;
        best = match;
        with = other.id;
    }
    if (!best) {
        hand.session.tell(WordCommandsWords::tr(
            "No other recording of this guide heard the same; they were made one after the other, or the sound is too different."));
        return;
    }
    core::RecordingUse aligned = *use;
    aligned.alongside = core::Alongside{with, best->shift};
    if (hand.session.perform(
            core::Change{core::change_label("align two recordings"), {core::Put<core::RecordingUse>{std::move(aligned), std::nullopt}}}))
        hand.session.tell(WordCommandsWords::tr("Both heard the same for %1; the same moment can be seen in the other now.")
                              .arg(text(core::clock_text(core::FrameTime(std::llround(best->overlap), 1), false))));
}

std::optional<std::pair<core::RecordingId, core::FrameTime>> same_moment_elsewhere(const TapeHand& hand) {
    if (hand.recording() == nullptr) return std::nullopt;
    const auto* use = hand.guide().find(hand.id());
    if (use != nullptr && use->alongside) return std::pair(use->alongside->with, plus(hand.now(), use->alongside->shift, 1));
    for (const auto& other : hand.guide().recordings)
        if (other.alongside && other.alongside->with == hand.id()) return std::pair(other.id, plus(hand.now(), other.alongside->shift, -1));
    return std::nullopt;
}

}  // namespace anagraph::app::word_commands
