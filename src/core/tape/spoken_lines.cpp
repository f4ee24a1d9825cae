#include "core/tape/spoken_lines.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/edits/change_label.h"

namespace anagraph::core {
namespace {

constexpr double kSlowest = 0.5;  // pace of a stretched narration: half to double
constexpr double kFastest = 2.0;

bool blank(const std::string& text) { return text.find_first_not_of(' ') == std::string::npos; }

template <class Thing, class Moment>
void insert_by_moment(std::vector<Thing>& things, Thing thing, Moment moment) {
    things.insert(
        std::upper_bound(things.begin(), things.end(), thing, [&](const Thing& a, const Thing& b) { return a.*moment < b.*moment; }),
        thing);
}

double pace(const Anchor& a, const Anchor& b) { return (b.film.seconds() - a.film.seconds()) / (b.said.seconds() - a.said.seconds()); }

/// The change to other anchors, with everything that stands at a line's moment moved along.
Result<Change> tie_anew(const Procedure& p, RecordingUse use, std::vector<Anchor> anchors, const std::vector<Segment>& heard) {
    for (std::size_t i = 1; i < anchors.size(); ++i)
        if (anchors[i - 1].film < anchors[i].film &&
            (pace(anchors[i - 1], anchors[i]) < kSlowest || pace(anchors[i - 1], anchors[i]) > kFastest))
            return fail(ErrorCode::Refused,
                key("Tape",
                    "Between this line and the next one tied to the film the words would run at less than half or more than double their "
                    "pace; "
                    "untie that line, or choose the moment again."));
    std::map<FrameTime, FrameTime> moved;
    for (const auto& s : heard) moved[film_time(use.anchors, s.start)] = film_time(anchors, s.start);
    const auto follow = [&](FrameTime& at) {
        if (const auto it = moved.find(at); it != moved.end()) at = it->second;
    };
    Change change{change_label("tie the words to the film"), {}};
    for (auto& d : use.dismissed) follow(d.at);
    for (auto& n : use.notes)
        if (n.kind == NoteKind::DropAsTalk) follow(n.at);
    std::stable_sort(use.notes.begin(), use.notes.end(), [](const Note& a, const Note& b) { return a.at < b.at; });
    for (Figure f : p.figures) {
        const auto before = f.claims;
        for (auto& c : f.claims)
            if (c.recording == use.id) follow(c.at);
        if (f.claims != before) change.edits.emplace_back(Put<Figure>{std::move(f), std::nullopt});
    }
    use.anchors = std::move(anchors);
    change.edits.emplace_back(Put<RecordingUse>{std::move(use), std::nullopt});
    return tried(p, std::move(change));
}

}  // namespace

FrameTime film_time(const std::vector<Anchor>& anchors, const FrameTime& said) {
    if (anchors.empty()) return said;
    const auto next =
        std::upper_bound(anchors.begin(), anchors.end(), said, [](const FrameTime& t, const Anchor& a) { return t < a.said; });
    const auto& base = next == anchors.begin() ? anchors.front() : *(next - 1);
    double rate = 1;
    if (anchors.size() > 1) {
        const auto second = std::clamp<std::ptrdiff_t>(next - anchors.begin(), 1, static_cast<std::ptrdiff_t>(anchors.size()) - 1);
        rate = pace(anchors[static_cast<std::size_t>(second) - 1], anchors[static_cast<std::size_t>(second)]);
    }
    if (said == base.said) return base.film;
    const double film = base.film.seconds() + (said.seconds() - base.said.seconds()) * rate;
    return FrameTime::from_milliseconds(std::max<std::int64_t>(0, std::llround(film * 1000)));
}

SpokenLines spoken_lines(const std::vector<Segment>& heard, const RecordingUse* use) {
    SpokenLines out;
    out.lines = heard;
    out.heard.resize(heard.size());
    for (std::size_t i = 0; i < heard.size(); ++i) out.heard[i] = i;
    if (use == nullptr) return out;
    std::string speaker;
    auto from = use->speakers.begin();
    auto correction = use->corrections.begin();
    for (std::size_t i = 0; i < heard.size(); ++i) {
        Segment& line = out.lines[i];
        for (; correction != use->corrections.end() && correction->at <= heard[i].start; ++correction)
            if (correction->at == heard[i].start) {
                line.text = correction->text;
                line.words.clear();
                line.by_program = false;
            }
        for (; from != use->speakers.end() && from->at <= heard[i].start; ++from) speaker = from->name;
        if (!speaker.empty()) line.speaker = speaker;
        line.start = film_time(use->anchors, heard[i].start);
        line.end = std::max(line.start, film_time(use->anchors, heard[i].end));
        if (!use->anchors.empty())
            for (auto& word : line.words) word.at = film_time(use->anchors, word.at);
    }
    for (const auto& typed : use->typed) {
        const auto at = std::upper_bound(
            out.lines.begin(), out.lines.end(), typed, [](const Segment& a, const Segment& b) { return a.start < b.start; });
        out.heard.insert(out.heard.begin() + (at - out.lines.begin()), std::nullopt);
        out.lines.insert(at, typed);
    }
    return out;
}

Result<Change> correct_line(const Procedure& p, const RecordingId& recording, const Segment& heard, const std::string& text) {
    if (blank(text)) return fail(ErrorCode::Refused, key("Tape", "A line cannot be emptied; drop it as talk if it says nothing."));
    RecordingUse use = use_of(p, recording);
    std::erase_if(use.corrections, [&](const Correction& c) { return c.at == heard.start; });
    if (text != heard.text) insert_by_moment(use.corrections, Correction{heard.start, text}, &Correction::at);
    return tried(p, Change{change_label("correct a line"), {Put<RecordingUse>{std::move(use), std::nullopt}}});
}

Result<Change> type_line(const Procedure& p, const RecordingId& recording, const Segment& line) {
    RecordingUse use = use_of(p, recording);
    if (blank(line.text)) return fail(ErrorCode::Refused, key("Tape", "An empty line says nothing; write what is done or said here."));
    if (std::any_of(use.typed.begin(), use.typed.end(), [&](const Segment& s) { return s.start == line.start; }))
        return fail(ErrorCode::Refused,
            key("Tape", "A line you typed begins at this moment already; E changes its words, or type the new one a frame later."));
    insert_by_moment(use.typed, line, &Segment::start);
    return tried(p, Change{change_label("type a line"), {Put<RecordingUse>{std::move(use), std::nullopt}}});
}

Result<Change> retype_line(const Procedure& p, const RecordingId& recording, const Segment& line) {
    RecordingUse use = use_of(p, recording);
    if (std::erase_if(use.typed, [&](const Segment& s) { return s.start == line.start; }) == 0)
        return fail(ErrorCode::NotFound, key("Tape", "No line you typed begins at this moment."));
    if (!blank(line.text)) insert_by_moment(use.typed, line, &Segment::start);
    return tried(p,
        Change{blank(line.text) ? change_label("take a typed line out") : change_label("change a typed line"),
            {Put<RecordingUse>{std::move(use), std::nullopt}}});
}

Result<Change> set_speaker(const Procedure& p, const RecordingId& recording, const Segment& heard, const std::string& name) {
    RecordingUse use = use_of(p, recording);
    std::erase_if(use.speakers, [&](const SpeakerFrom& s) { return s.at == heard.start; });
    if (!blank(name)) insert_by_moment(use.speakers, SpeakerFrom{heard.start, name}, &SpeakerFrom::at);
    return tried(p, Change{change_label("say who speaks"), {Put<RecordingUse>{std::move(use), std::nullopt}}});
}

Result<Change> tie_line(
    const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard, std::size_t line, const FrameTime& film) {
    if (line >= heard.size()) return fail(ErrorCode::NotFound, key("Tape", "Nothing is said here that could be tied to the film."));
    RecordingUse use = use_of(p, recording);
    auto anchors = use.anchors;
    std::erase_if(anchors, [&](const Anchor& a) { return a.said == heard[line].start; });
    insert_by_moment(anchors, Anchor{heard[line].start, film}, &Anchor::said);
    return tie_anew(p, std::move(use), std::move(anchors), heard);
}

Result<Change> untie_line(const Procedure& p, const RecordingId& recording, const std::vector<Segment>& heard, std::size_t line) {
    RecordingUse use = use_of(p, recording);
    auto anchors = use.anchors;
    if (line >= heard.size() || std::erase_if(anchors, [&](const Anchor& a) { return a.said == heard[line].start; }) == 0)
        return fail(ErrorCode::NotFound, key("Tape", "This line is not tied to the film."));
    return tie_anew(p, std::move(use), std::move(anchors), heard);
}

}  // namespace anagraph::core
