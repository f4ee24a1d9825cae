// Procedure: the one value a guide is. Everything the stations show and the publisher prints is derived from it; it is
// changed by edits only (edit.h).
#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/named.h"
#include "core/figure/figure.h"
#include "core/narration/timed_text.h"
#include "core/procedure/ids.h"
#include "core/procedure/pictures.h"

namespace anagraph::core {

/// A word of the trade and what it means, for a reader who does not know it yet.
struct Term {
    std::string word;
    std::string meaning;
    friend bool operator==(const Term&, const Term&) = default;
};

/// A text of the guide in another language. The text it was made from is kept with it: where that changed, it is out of date.
/// Tokens stand in it as they are, so that figures and names of items are never translated twice.
struct Translated {
    std::string language;  // "de", after ISO 639-1
    std::string of;        // the text it was made from
    std::string text;
    friend bool operator==(const Translated&, const Translated&) = default;
};

/// What is to be done when the guide is through: "after the first hour", "look again at {item:drain-plug}".
struct FollowUp {
    std::string when;
    std::string what;
    friend bool operator==(const FollowUp&, const FollowUp&) = default;
};

struct Header {
    std::string title;     // "100 h service"
    std::string machine;   // "Perrick PT60"
    std::string number;    // the shop's number of the guide: "KQ-PT60-100"
    std::string interval;  // what the service is due at, as read by a person
    std::vector<std::string> variants;
    std::string site_note;  // what the shop adds to the safety statement; the statement itself cannot be changed
    std::vector<Term> glossary = {};
    std::vector<FollowUp> follow_ups = {};
    std::vector<Translated> translated = {};  // title, site note, words and follow-ups
    std::string language = "en";              // its texts are written in, after ISO 639-1
    friend bool operator==(const Header&, const Header&) = default;
};

/// The statement every guide begins with. It is not data of the guide, so no edit can leave it out.
std::string_view safety_statement();

enum class ItemKind { Part, Fastener, Seal, Fluid, Tool, Vessel, Protection };
template <>
struct Names<ItemKind> {
    static constexpr auto all = std::to_array<Named<ItemKind>>(
        {{ItemKind::Part, "part"}, {ItemKind::Fastener, "fastener"}, {ItemKind::Seal, "seal"}, {ItemKind::Fluid, "fluid"},
            {ItemKind::Tool, "tool"}, {ItemKind::Vessel, "vessel"}, {ItemKind::Protection, "protection", "protective gear"}});
};

/// What tells a fastener from the one beside it, as marked or measured; empty: not known.
struct Fastening {
    std::string length;  // "16 mm", under the head
    std::string head;    // "hexagon, 10 mm across flats"
    std::string washer;  // "plain", "none"
    friend bool operator==(const Fastening&, const Fastening&) = default;
};

/// Where an item closes a fluid's system: what runs out of an opening at the bottom, stands up to one at the side, goes in at the
/// top; a vent lets air in. A canister or a filter closes at the bottom.
enum class Opening { Bottom, Side, Top, Vent };
template <>
struct Names<Opening> {
    static constexpr auto all = std::to_array<Named<Opening>>(
        {{Opening::Bottom, "bottom"}, {Opening::Side, "side"}, {Opening::Top, "top"}, {Opening::Vent, "vent"}});
};
struct Closes {
    ItemId fluid;  // whose system is open while the item is off or open
    Opening at = Opening::Bottom;
    friend bool operator==(const Closes&, const Closes&) = default;
};

/// May a seal that was opened go back? Practitioners differ; where nothing is said it is not known.
enum class Renewal { NotSaid, EachTime, IfDamaged };
template <>
struct Names<Renewal> {
    static constexpr auto all = std::to_array<Named<Renewal>>({{Renewal::NotSaid, "", "not said"},
        {Renewal::EachTime, "each time", "new each time"}, {Renewal::IfDamaged, "if damaged", "new if damaged"}});
};

struct Item {
    ItemId id;
    ItemKind kind = ItemKind::Part;
    std::string name;                         // "drain plug"
    std::string spec;                         // "M14, magnetic tip"
    std::string number;                       // part number
    std::vector<std::string> variants = {};   // it belongs to; empty: to all
    std::vector<Translated> translated = {};  // its name
    Fastening fastening = {};                 // of a fastener
    std::optional<Closes> closes = {};        // of a plug, cap, cover, breather, valve, canister
    std::vector<ItemId> behind = {};          // these must be off or open before it can be reached
    std::vector<ItemId> under = {};           // of a seal: what it sits under
    Renewal renew = Renewal::NotSaid;         // of a seal
    FigureId total = {};                      // of a fluid: what its system holds dry
    FigureId refill = {};                     // of a fluid: what goes in again
    FigureId holds = {};                      // of a vessel
    std::vector<std::string> none_of = {};    // fields that it has none of, as the author said: nothing is worked out for them
    friend bool operator==(const Item&, const Item&) = default;
};

enum class SourceKind { Book, Label, Drawing, Measurement, Standard, Word };  // the maker's word: a letter, a call
template <>
struct Names<SourceKind> {
    static constexpr auto all = std::to_array<Named<SourceKind>>(
        {{SourceKind::Book, "book", "maker's book"}, {SourceKind::Label, "label", "label on the part"}, {SourceKind::Drawing, "drawing"},
            {SourceKind::Measurement, "measurement"}, {SourceKind::Standard, "standard"}, {SourceKind::Word, "word", "maker's word"}});
};

struct Source {
    SourceId id;
    SourceKind kind = SourceKind::Book;
    std::string title;                       // "Perrick PT60 service book"
    std::string edition;                     // "issue 4, 2024"
    std::string date = {};                   // of that edition, "2024-05-01" or "2024"; empty: not known
    std::vector<std::string> variants = {};  // it holds for; empty: for all
    std::string serials = {};                // serial numbers it holds for, as written; empty: for all
    DocumentId document = {};                // its pages or its picture, kept in the library; empty: not at hand
    std::string instrument = {};             // of a measurement: what it was taken with
    friend bool operator==(const Source&, const Source&) = default;
};

/// What the author notes at a moment of a recording, beside the steps.
enum class NoteKind {
    Note,        // for the author
    NotFilmed,   // missing on the recording: `text` says what
    LookUp,      // a figure or name to be looked up
    DropAsTalk,  // the line is nothing but talk
    Keep,        // this picture is wanted; a step bracketed over it takes it as a plate
};
template <>
struct Names<NoteKind> {
    static constexpr auto all = std::to_array<Named<NoteKind>>({{NoteKind::Note, "note"}, {NoteKind::NotFilmed, "not_filmed", "not filmed"},
        {NoteKind::LookUp, "look_up", "look up"}, {NoteKind::DropAsTalk, "talk"}, {NoteKind::Keep, "keep"}});
};

struct Note {
    NoteKind kind = NoteKind::Note;
    FrameTime at;
    std::string text;
    friend bool operator==(const Note&, const Note&) = default;
};

/// A line of the narration put right; the recogniser's words stay with the recording.
struct Correction {
    FrameTime at;      // start of the segment
    std::string text;  // what was really said
    friend bool operator==(const Correction&, const Correction&) = default;
};

/// A line of the narration tied to the moment of the film where it is really heard; see spoken_lines().
struct Anchor {
    FrameTime said;  // start of the segment, as the narration has it
    FrameTime film;  // where it is heard
    friend bool operator==(const Anchor&, const Anchor&) = default;
};

/// Who speaks from a line on, where the narration does not say it or has it wrong.
struct SpeakerFrom {
    FrameTime at;  // start of the segment, as the narration has it
    std::string name;
    friend bool operator==(const SpeakerFrom&, const SpeakerFrom&) = default;
};

/// A second camera: moment t of this recording is moment t + shift of the other one.
struct Alongside {
    RecordingId with;
    FrameTime shift;
    friend bool operator==(const Alongside&, const Alongside&) = default;
};

/// A recording the guide draws on, in the order of the job, and the marks on it that the author has put aside.
struct RecordingUse {
    RecordingId id;
    std::string title;
    struct Dismissed {
        FrameTime at;      // start of the segment
        std::string what;  // the words of the mark
        friend bool operator==(const Dismissed&, const Dismissed&) = default;
    };
    std::vector<Dismissed> dismissed;
    std::vector<Note> notes = {};              // by moment
    std::vector<Correction> corrections = {};  // by moment
    std::vector<Segment> typed = {};           // lines the author wrote against the film, by moment of the film
    std::vector<Anchor> anchors = {};          // by moment, both ways
    std::vector<SpeakerFrom> speakers = {};    // by moment
    std::optional<Alongside> alongside = {};
    friend bool operator==(const RecordingUse&, const RecordingUse&) = default;
};

/// Signal words of ANSI Z535.6 / ISO 3864-2: danger (will kill or maim), warning (can), caution (minor injury), notice (damage).
enum class Signal { Danger, Warning, Caution, Notice };
template <>
struct Names<Signal> {
    static constexpr auto all = std::to_array<Named<Signal>>(
        {{Signal::Danger, "danger"}, {Signal::Warning, "warning"}, {Signal::Caution, "caution"}, {Signal::Notice, "notice"}});
};

struct Caution {
    Signal signal = Signal::Caution;
    std::string text;
    std::string hazard = {};  // of usual_cautions.h: "hot-oil"; empty: of no kind known there
    friend bool operator==(const Caution&, const Caution&) = default;
};

/// A verb on items, with the figure it is done to, and the tools and vessels it is done with or into.
struct Action {
    std::string verb;  // of verbs.h; guides made by older programs hold others
    std::vector<ItemId> items;
    FigureId figure;
    std::vector<ItemId> needs = {};
    friend bool operator==(const Action&, const Action&) = default;
};

/// What a line orders, put right by the author where it was read wrongly. It holds as long as the line reads the same.
struct LineActions {
    std::string line;  // as it stands in the step
    std::vector<Action> actions;
    friend bool operator==(const LineActions&, const LineActions&) = default;
};

/// A value that is read and written down while the job is done.
struct Reading {
    std::string what;      // "hour meter"
    std::string unit;      // unit id, "h"; empty: a word is written
    FigureId limits = {};  // the figure it must lie within; empty: none is known
    friend bool operator==(const Reading&, const Reading&) = default;
};

/// What to look at, what is good, what stops the job; and where the tape shows it, within a take of the step.
struct Check {
    std::string look;
    std::string good;
    std::string stop;
    std::optional<Take> shown = {};
    std::string ask = {};  // whom to ask then: "the instructor"
    std::optional<Reading> reading = {};
    friend bool operator==(const Check&, const Check&) = default;
};

/// Waiting within a step: what for, how long where that is a figure, and where the tape shows it.
struct Wait {
    std::string text;  // "until the oil has run into the sump"
    FigureId figure;   // empty: no time is known
    std::optional<Take> shown = {};
    bool attended = false;  // hands are needed while it lasts: holding, pouring slowly
    friend bool operator==(const Wait&, const Wait&) = default;
};

/// A finding of the editor (editor.h) or of the dry run (dry_run.h) that stands as it is, and why.
struct Answered {
    std::string rule;
    std::string text;     // the words it was found in, or the ids of the items it is about; others are looked at again
    std::string because;  // the author's reason
    friend bool operator==(const Answered&, const Answered&) = default;
};

/// The state the machine must be in for a step.
enum class MachineState { Level, Cold, Warm, Running, Stopped, Isolated, LockedOff, OnStands };
template <>
struct Names<MachineState> {
    static constexpr auto all = std::to_array<Named<MachineState>>(
        {{MachineState::Level, "level", "on level ground"}, {MachineState::Cold, "cold"}, {MachineState::Warm, "warm"},
            {MachineState::Running, "running"}, {MachineState::Stopped, "stopped"}, {MachineState::Isolated, "isolated"},
            {MachineState::LockedOff, "locked off", "isolated and locked off"}, {MachineState::OnStands, "on stands"}});
};

/// Why no machine can be in all of these states, a sentence: "It cannot be cold and warm at once." Empty where it can.
std::string contradiction(const std::vector<MachineState>& states);

/// A question practitioners answer differently (see methods.h), which the step meets. The house's choice holds unless the
/// step has one of its own.
struct StepMethod {
    std::string topic;         // "drain-heat"
    std::string chosen = {};   // a way of the topic, where this step differs from the house
    std::string because = {};  // and why it does
    friend bool operator==(const StepMethod&, const StepMethod&) = default;
};

/// One thing done to a display to set it back.
struct Press {
    enum class Kind { Press, Hold, Turn };
    Kind kind = Kind::Press;
    std::string button;  // as printed on it: "MODE"; two held together: "MODE + SET"
    int times = 1;
    FigureId hold = {};      // how long; empty: not known
    std::string shows = {};  // what the display shows then
    friend bool operator==(const Press&, const Press&) = default;
};
template <>
struct Names<Press::Kind> {
    static constexpr auto all =
        std::to_array<Named<Press::Kind>>({{Press::Kind::Press, "press"}, {Press::Kind::Hold, "hold"}, {Press::Kind::Turn, "turn"}});
};

/// How a reminder or a meter is set back on one kind of display.
struct ResetSequence {
    std::string display;                     // "display with two buttons"
    std::vector<std::string> variants = {};  // that have it; empty: all
    std::vector<Press> presses = {};
    friend bool operator==(const ResetSequence&, const ResetSequence&) = default;
};

/// What a reviewer says at a place of a step, and what came of it.
struct Comment {
    std::string at;  // the line it is about, as it stood; empty: the whole step
    std::string who;
    std::string on;  // day, "2026-11-28"
    std::string text;
    std::string answer = {};
    bool closed = false;
    friend bool operator==(const Comment&, const Comment&) = default;
};

struct Step {
    StepId id;
    std::string heading;
    std::vector<std::string> lines;  // one instruction a line; tokens {figure:ID} and {item:ID}
    std::vector<Caution> cautions;   // stand before the lines
    std::vector<Action> actions;
    std::vector<Check> checks;
    std::vector<FigureId> heard;  // figures taken from the tape into this step
    std::vector<Take> takes;      // where it is done, and done again; the best one first
    std::vector<Plate> plates;
    std::optional<Clip> clip;
    bool drafted = false;  // made by the program from what was said; no person has confirmed it yet
    std::vector<Wait> waits = {};
    std::vector<std::string> variants = {};  // it applies to; empty: to all
    std::vector<Answered> answered = {};
    std::vector<MachineState> states = {};
    std::vector<StepMethod> methods = {};
    std::vector<ResetSequence> resets = {};
    std::vector<Comment> comments = {};
    std::vector<Translated> translated = {};
    std::vector<LineActions> put_right = {};  // lines whose orders the author put right
    FigureValue hands = {};                   // hands-on time as the author set it: "5" min; not known: worked out
    bool pinned = false;                      // stays where it is in every plan
    friend bool operator==(const Step&, const Step&) = default;
};

struct Procedure {
    Header header;
    std::vector<RecordingUse> recordings;
    std::vector<Item> items;
    std::vector<Source> sources;
    std::vector<Figure> figures;
    std::vector<Step> steps;
    friend bool operator==(const Procedure&, const Procedure&) = default;

    const Item* find(const ItemId& id) const;
    const Source* find(const SourceId& id) const;
    const Figure* find(const FigureId& id) const;
    const Step* find(const StepId& id) const;
    const RecordingUse* find(const RecordingId& id) const;
};

/// The steps (1-based) that use a figure: in any of their texts, in an action, a wait, a reading, a hold, drawn on a plate or a
/// clip, or heard in it.
std::vector<int> steps_using(const Procedure& p, const FigureId& id);

/// "Drain plug, tightening torque": how a figure is called where a person reads it.
std::string title_of(const Procedure& p, const Figure& figure);

/// How the guide uses a recording; one it does not use yet, with nothing in it.
RecordingUse use_of(const Procedure& p, const RecordingId& recording);

/// The plates of all steps, in order.
std::vector<Plate> plates_of(const Procedure& p);

/// The numbers of called-out items: by first appearance over the plates of all steps, clockwise within a plate, so that the
/// same item has the same number in the whole guide.
std::map<ItemId, int> callout_numbers(const Procedure& p);

/// A fresh id that reads like the name: "drain plug" -> "drain-plug", "drain-plug-2" when that is taken.
template <class IdType, class Things>
IdType fresh_id(std::string_view name, const Things& taken);
std::string slug_of(std::string_view name);

template <class IdType, class Things>
IdType fresh_id(std::string_view name, const Things& taken) {
    const std::string base = slug_of(name);
    for (int n = 1;; ++n) {
        IdType id(n == 1 ? base : base + "-" + std::to_string(n));
        bool used = false;
        for (const auto& t : taken) used = used || t.id == id;
        if (!used) return id;
    }
}

}  // namespace anagraph::core
