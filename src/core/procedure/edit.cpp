#include "core/procedure/edit.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

namespace anagraph::core {
namespace {

std::vector<RecordingUse>& list(Procedure& p, const RecordingUse*) { return p.recordings; }
std::vector<Item>& list(Procedure& p, const Item*) { return p.items; }
std::vector<Source>& list(Procedure& p, const Source*) { return p.sources; }
std::vector<Figure>& list(Procedure& p, const Figure*) { return p.figures; }
std::vector<Step>& list(Procedure& p, const Step*) { return p.steps; }
template <class Thing>
std::vector<Thing>& list(Procedure& p) {
    return list(p, static_cast<const Thing*>(nullptr));
}
template <class Thing>
const std::vector<Thing>& list(const Procedure& p) {
    return list<Thing>(const_cast<Procedure&>(p));
}

template <class IdType>
struct ThingOf;
template <>
struct ThingOf<RecordingId> { using type = RecordingUse; };
template <>
struct ThingOf<ItemId> { using type = Item; };
template <>
struct ThingOf<SourceId> { using type = Source; };
template <>
struct ThingOf<FigureId> { using type = Figure; };
template <>
struct ThingOf<StepId> { using type = Step; };

template <class Thing, class IdType>
auto position(std::vector<Thing>& things, const IdType& id) {
    return std::find_if(things.begin(), things.end(), [&](const Thing& t) { return t.id == id; });
}

/// What still refers to a thing that is to be removed, or an empty text. Words that name it do not hold it back: they are
/// pointed out as naming something unknown, and undo brings it back.
std::string holder(const Procedure& p, const RecordingId& id) {
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        const bool take = std::any_of(s.takes.begin(), s.takes.end(), [&](const Take& t) { return t.recording == id; }) || (s.clip && s.clip->recording == id);
        const bool plate = std::any_of(s.plates.begin(), s.plates.end(), [&](const Plate& t) { return t.recording == id; });
        if (take || plate) return fmt::format("step {} still uses this recording", i + 1);
    }
    for (const auto& r : p.recordings)
        if (r.alongside && r.alongside->with == id) return "another recording runs alongside it";
    for (const auto& f : p.figures)
        if (std::any_of(f.claims.begin(), f.claims.end(), [&](const Claim& c) { return c.recording == id; })) return fmt::format("\"{}\" was heard in this recording", title_of(p, f));
    return {};
}
std::string holder(const Procedure& p, const ItemId& id) {
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        const bool done = std::any_of(s.actions.begin(), s.actions.end(), [&](const Action& a) { return std::find(a.items.begin(), a.items.end(), id) != a.items.end(); });
        const bool shown = std::any_of(s.plates.begin(), s.plates.end(), [&](const Plate& x) { return std::any_of(x.callouts.begin(), x.callouts.end(), [&](const Callout& c) { return c.item == id; }) || std::any_of(x.fasteners.begin(), x.fasteners.end(), [&](const FastenerPlace& f) { return f.item == id; }); });
        if (done || shown) return fmt::format("step {} still {} it", i + 1, done ? "acts on" : "calls out");
    }
    for (const auto& f : p.figures)
        if (f.item == id) return fmt::format("the figure \"{}\" is about it", title_of(p, f));
    return {};
}
std::string holder(const Procedure& p, const SourceId& id) {
    for (const auto& f : p.figures)
        if (std::any_of(f.proofs.begin(), f.proofs.end(), [&](const Proof& x) { return x.source == id; })) return fmt::format("\"{}\" is proved by it", title_of(p, f));
    return {};
}
std::string holder(const Procedure& p, const FigureId& id) {
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        const bool done = std::any_of(s.actions.begin(), s.actions.end(), [&](const Action& a) { return a.figure == id; }) || std::any_of(s.waits.begin(), s.waits.end(), [&](const Wait& w) { return w.figure == id; });
        const bool drawn = std::any_of(s.plates.begin(), s.plates.end(), [&](const Plate& x) { return std::any_of(x.marks.begin(), x.marks.end(), [&](const PlateMark& m) { return m.figure == id; }); });
        if (done || drawn || std::find(s.heard.begin(), s.heard.end(), id) != s.heard.end()) return fmt::format("step {} still uses it", i + 1);
    }
    return {};
}
std::string holder(const Procedure&, const StepId&) { return {}; }

bool known(const Procedure& p, const RecordingId& id) { return p.find(id) != nullptr; }
constexpr const char* kNoRecording = "That recording is not used in this guide yet; use it on the Shelf first.";

// Refusals of values that cannot be: an empty text means the thing may be put.
std::string objection(const Procedure& p, const RecordingUse& r) {
    if (r.alongside && r.alongside->with == r.id) return "A recording cannot run alongside itself.";
    if (r.alongside && !known(p, r.alongside->with)) return kNoRecording;
    for (std::size_t i = 1; i < r.anchors.size(); ++i)
        if (!(r.anchors[i - 1].said < r.anchors[i].said && r.anchors[i - 1].film < r.anchors[i].film)) return "Lines tied to the film stay in the order in which they are said; untie the other line first.";
    return {};
}
std::string objection(const Procedure&, const Item& i) { return i.name.empty() ? "An item needs a name." : ""; }
std::string objection(const Procedure&, const Source& s) { return s.title.empty() ? "A source needs a title." : ""; }
std::string objection(const Procedure& p, const Figure& f) {
    if (!f.item.empty() && p.find(f.item) == nullptr) return fmt::format("The figure is about \"{}\", which is no item of this guide; add the item first.", f.item.text());
    for (const auto& proof : f.proofs)
        if (p.find(proof.source) == nullptr) return "The figure is proved by a source that is not in this guide; add the source first.";
    if (std::any_of(f.claims.begin(), f.claims.end(), [&](const Claim& c) { return !known(p, c.recording); })) return kNoRecording;
    return {};
}
constexpr const char* kNotNested = "A check or a wait lies within a stretch of its step; move the step's edges first.";
/// Whether a stretch lies within one of the step's takes; nowhere is within.
bool nested(const Step& s, const std::optional<Take>& shown) {
    return !shown || (shown->from < shown->to && std::any_of(s.takes.begin(), s.takes.end(), [&](const Take& t) { return t.recording == shown->recording && !(shown->from < t.from) && !(t.to < shown->to); }));
}
std::string objection(const Procedure& p, const Step& s) {
    if (s.clip && !known(p, s.clip->recording)) return kNoRecording;
    if (std::any_of(s.plates.begin(), s.plates.end(), [&](const Plate& x) { return !known(p, x.recording); })) return kNoRecording;
    for (const auto& t : s.takes) {
        if (!known(p, t.recording)) return kNoRecording;
        if (!(t.from < t.to)) return "A step ends after it begins; set its end further down the tape.";
        for (const auto& own : s.takes)
            if (&own != &t && own.recording == t.recording && t.from < own.to && own.from < t.to) return fmt::format("From {} to {} the tape is a take of this step already; a moment belongs to one take.", clock_text(own.from, false), clock_text(own.to, false));
        for (const auto& other : p.steps)
            for (const auto& o : other.takes)
                if (other.id != s.id && o.recording == t.recording && t.from < o.to && o.from < t.to)
                    return fmt::format("From {} to {} the tape already belongs to \"{}\"; a moment belongs to one step.", clock_text(o.from, false), clock_text(o.to, false), other.heading.empty() ? "another step" : other.heading);
    }
    for (const auto& w : s.waits) {
        if (!w.figure.empty() && p.find(w.figure) == nullptr) return "The step waits for a time that is no figure of this guide.";
        if (!nested(s, w.shown)) return kNotNested;
    }
    for (const auto& c : s.checks)
        if (!nested(s, c.shown)) return kNotNested;
    for (const auto& plate : s.plates) {
        for (const auto& c : plate.callouts)
            if (p.find(c.item) == nullptr) return fmt::format("The plate calls out \"{}\", which is no item of this guide; add the item first.", c.item.text());
        for (const auto& f : plate.fasteners)
            if (p.find(f.item) == nullptr) return fmt::format("The plate shows where \"{}\" sits, which is no item of this guide; add the item first.", f.item.text());
        for (const auto& m : plate.marks)
            if (!m.figure.empty() && p.find(m.figure) == nullptr) return "A distance on the plate is a figure that is not in this guide.";
    }
    for (const auto& a : s.actions) {
        for (const auto& i : a.items)
            if (p.find(i) == nullptr) return fmt::format("An action names \"{}\", which is no item of this guide; add the item first.", i.text());
        if (!a.figure.empty() && p.find(a.figure) == nullptr) return "An action is done to a figure that is not in this guide.";
    }
    for (const auto& f : s.heard)
        if (p.find(f) == nullptr) return "The step uses a figure that is not in this guide.";
    return {};
}

struct Applier {
    Procedure p;

    Outcome operator()(const SetHeader& e) {
        if (e.header.title.empty() || e.header.machine.empty()) return fail(ErrorCode::BadInput, "A guide needs a title and a machine.");
        p.header = e.header;
        return {};
    }
    template <class Thing>
    Outcome operator()(const Put<Thing>& e) {
        if (e.thing.id.empty()) return fail(ErrorCode::BadInput, "What is put into a guide needs an id.");
        if (const std::string no = objection(p, e.thing); !no.empty()) return fail(ErrorCode::Refused, no);
        auto& things = list<Thing>(p);
        const auto it = position(things, e.thing.id);
        if (it != things.end())
            *it = e.thing;
        else
            things.insert(things.begin() + static_cast<std::ptrdiff_t>(std::min(e.at.value_or(things.size()), things.size())), e.thing);
        return {};
    }
    template <class IdType>
    Outcome operator()(const Remove<IdType>& e) {
        auto& things = list<typename ThingOf<IdType>::type>(p);
        const auto it = position(things, e.id);
        if (it == things.end()) return fail(ErrorCode::NotFound, fmt::format("\"{}\" is not in this guide.", e.id.text()));
        if (const std::string why = holder(p, e.id); !why.empty()) return fail(ErrorCode::Refused, fmt::format("It cannot be removed: {}. Take it out there first.", why));
        things.erase(it);
        return {};
    }
    Outcome operator()(const MoveStep& e) {
        const auto it = position(p.steps, e.id);
        if (it == p.steps.end()) return fail(ErrorCode::NotFound, "That step is not in this guide.");
        Step step = std::move(*it);
        p.steps.erase(it);
        p.steps.insert(p.steps.begin() + static_cast<std::ptrdiff_t>(std::min(e.to, p.steps.size())), std::move(step));
        return {};
    }
};

struct Inverter {
    const Procedure& before;

    Edit operator()(const SetHeader&) const { return SetHeader{before.header}; }
    template <class Thing>
    Edit operator()(const Put<Thing>& e) const {
        const auto& things = list<Thing>(before);
        const auto it = std::find_if(things.begin(), things.end(), [&](const Thing& t) { return t.id == e.thing.id; });
        if (it == things.end()) return Remove<decltype(e.thing.id)>{e.thing.id};
        return Put<Thing>{*it, std::nullopt};
    }
    template <class IdType>
    Edit operator()(const Remove<IdType>& e) const {
        using Thing = typename ThingOf<IdType>::type;
        const auto& things = list<Thing>(before);
        const auto it = std::find_if(things.begin(), things.end(), [&](const Thing& t) { return t.id == e.id; });
        return Put<Thing>{*it, static_cast<std::size_t>(it - things.begin())};
    }
    Edit operator()(const MoveStep& e) const {
        const auto it = std::find_if(before.steps.begin(), before.steps.end(), [&](const Step& s) { return s.id == e.id; });
        return MoveStep{e.id, static_cast<std::size_t>(it - before.steps.begin())};
    }
};

}  // namespace

Result<Procedure> apply(const Procedure& p, const Edit& edit) {
    Applier applier{p};
    if (auto done = std::visit(applier, edit); !done) return tl::make_unexpected(done.error());
    return std::move(applier.p);
}

Result<Procedure> apply(const Procedure& p, const Change& change) {
    Applier applier{p};
    for (const auto& edit : change.edits)
        if (auto done = std::visit(applier, edit); !done) return tl::make_unexpected(done.error());
    return std::move(applier.p);
}

Result<Change> tried(const Procedure& p, Change change) {
    if (auto after = core::apply(p, change); !after) return tl::make_unexpected(after.error());
    return change;
}

Result<Change> inverse(const Procedure& before, const Change& change) {
    Change back{change.label, {}};
    Procedure state = before;
    for (const auto& edit : change.edits) {
        auto next = core::apply(state, edit);
        if (!next) return tl::make_unexpected(next.error());
        back.edits.push_back(std::visit(Inverter{state}, edit));
        state = std::move(*next);
    }
    std::reverse(back.edits.begin(), back.edits.end());
    return back;
}

}  // namespace anagraph::core
