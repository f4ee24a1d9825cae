// What happens at the bench, each thing as it happens: a run under way is the sum of them, so that nothing that was entered is lost with
// the window, the battery or the mains. Moments are seconds since 1970, UTC.
#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <variant>
#include <vector>

#include "core/logbook/run.h"

namespace anagraph::core {

using Moment = std::int64_t;

/// "2026-11-30T10:42:08Z"
std::string utc_text(Moment at);
/// Errors: BadInput for anything that is no such moment.
Result<Moment> parse_utc(std::string_view text);

struct RunBegun {
    static constexpr const char* kKind = "begun";
    std::string id, guide, mark, variant, machine, serial, who, assessor;
    std::int64_t edition = 0;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("id", e.id), field("guide", e.guide), field("mark", e.mark), field("variant", e.variant), field("machine", e.machine),
            field("serial", e.serial), field("who", e.who), field("assessor", e.assessor), field("edition", e.edition);
    }
};
/// Something of the kit or the gear is at hand, or is not after all.
struct KitTicked {
    static constexpr const char* kKind = "ticked";
    std::string words;
    bool there = true;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("words", e.words), field("there", e.there);
    }
};
/// The person has made the machine safe, by the site's own rules.
struct LockedOff {
    static constexpr const char* kKind = "locked off";
    bool done = true;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("done", e.done);
    }
};
/// The work begins; before it nothing of a step can be entered.
struct WorkBegun {
    static constexpr const char* kKind = "work begun";
    template <class Self, class Field>
    static void fields(Self&, Field&&) {}
};
/// A step is taken into the hand, for the first time or again.
struct StepTaken {
    static constexpr const char* kKind = "step";
    std::string step;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step);
    }
};
/// So many of its lines are done.
struct LinesDone {
    static constexpr const char* kKind = "lines";
    std::string step;
    std::int64_t lines = 0;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("lines", e.lines);
    }
};
struct ReadingTaken {
    static constexpr const char* kKind = "reading";
    std::string step, figure, what;
    Quantity value;
    std::string by, device;  // "typed", "wrench", "meter"
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("figure", e.figure), field("what", e.what), field("value", e.value), field("by", e.by),
            field("device", e.device);
    }
};
struct CheckLooked {
    static constexpr const char* kKind = "looked";
    std::string step;
    std::int64_t check = 0;  // of the step, from 0
    bool good = false;
    std::string words;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("check", e.check), field("good", e.good), field("words", e.words);
    }
};
struct EvidenceTaken {
    static constexpr const char* kKind = "evidence";
    std::string step, sha256;
    EvidenceSort sort = EvidenceSort::Photo;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("sha256", e.sha256), field("sort", e.sort);
    }
};
struct WaitBegun {
    static constexpr const char* kKind = "wait begun";
    std::string step;
    std::int64_t wait = 0;  // of the step, from 0
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("wait", e.wait);
    }
};
struct WaitEnded {
    static constexpr const char* kKind = "wait ended";
    std::string step;
    std::int64_t wait = 0;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("wait", e.wait);
    }
};
struct SomethingFound {
    static constexpr const char* kKind = "found";
    std::string step, words;
    Urgency urgency = Urgency::NextService;
    std::vector<std::string> evidence;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("words", e.words), field("urgency", e.urgency), field("evidence", e.evidence);
    }
};
struct SomethingUsed {
    static constexpr const char* kKind = "used";
    std::string item;
    Quantity amount;
    std::string number, batch;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("item", e.item), field("amount", e.amount), field("number", e.number), field("batch", e.batch);
    }
};
/// Why the step goes on although something of it is not as it should be.
struct ReasonGiven {
    static constexpr const char* kKind = "reason";
    std::string step, because;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("because", e.because);
    }
};
struct StepClosed {
    static constexpr const char* kKind = "closed";
    std::string step;
    StepState state = StepState::Done;
    std::string because;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("state", e.state), field("because", e.because);
    }
};
/// A step is done once more from its first line; what was read and photographed stays.
struct StepAgain {
    static constexpr const char* kKind = "again";
    std::string step;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step);
    }
};
struct RunPaused {
    static constexpr const char* kKind = "paused";
    template <class Self, class Field>
    static void fields(Self&, Field&&) {}
};
struct RunGoesOn {
    static constexpr const char* kKind = "goes on";
    template <class Self, class Field>
    static void fields(Self&, Field&&) {}
};
struct RunEnded {
    static constexpr const char* kKind = "ended";
    template <class Self, class Field>
    static void fields(Self&, Field&&) {}
};
struct StepAssessed {
    static constexpr const char* kKind = "assessed";
    std::string step;
    Assessed how = Assessed::Alone;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("step", e.step), field("how", e.how);
    }
};
struct RunSignedBy {
    static constexpr const char* kKind = "signed";
    std::string post, key, signature;
    template <class Self, class Field>
    static void fields(Self& e, Field&& field) {
        field("post", e.post), field("key", e.key), field("signature", e.signature);
    }
};

using BenchBody = std::variant<RunBegun, KitTicked, LockedOff, WorkBegun, StepTaken, LinesDone, ReadingTaken, CheckLooked, EvidenceTaken,
    WaitBegun, WaitEnded, SomethingFound, SomethingUsed, ReasonGiven, StepClosed, StepAgain, RunPaused, RunGoesOn, RunEnded, StepAssessed,
    RunSignedBy>;

struct BenchEvent {
    Moment at = 0;
    BenchBody body;
};

nlohmann::json to_json(const BenchBody& body);
/// Errors: BadInput; Refused for a kind that a newer version wrote.
Result<BenchBody> bench_body_from_json(const nlohmann::json& j);

/// A run under way as it is kept.
struct BenchKept {
    std::string run;  // its id
    std::vector<BenchEvent> events;
    Moment alive = 0;  // the last moment at which the program was there
};

}  // namespace anagraph::core
