#include "core/edits/edit.h"

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
struct ThingOf<RecordingId> {
    using type = RecordingUse;
};
template <>
struct ThingOf<ItemId> {
    using type = Item;
};
template <>
struct ThingOf<SourceId> {
    using type = Source;
};
template <>
struct ThingOf<FigureId> {
    using type = Figure;
};
template <>
struct ThingOf<StepId> {
    using type = Step;
};

template <class Thing, class IdType>
auto position(std::vector<Thing>& things, const IdType& id) {
    return std::find_if(things.begin(), things.end(), [&](const Thing& t) { return t.id == id; });
}

bool has(const std::vector<ItemId>& list, const ItemId& id) { return std::find(list.begin(), list.end(), id) != list.end(); }

/// What still refers to a thing that is to be removed, or an empty text. Words that name it do not hold it back: they are
/// pointed out as naming something unknown, and undo brings it back.
Words holder(const Procedure& p, const RecordingId& id) {
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        const bool take = std::any_of(s.takes.begin(), s.takes.end(), [&](const Take& t) { return t.recording == id; }) ||
            (s.clip && s.clip->take.recording == id);
        const bool plate = std::any_of(s.plates.begin(), s.plates.end(), [&](const Plate& t) { return t.recording == id; });
        if (take || plate) return say(key("Edits", "step {0} still uses this recording"), i + 1);
    }
    for (const auto& r : p.recordings)
        if (r.alongside && r.alongside->with == id) return key("Edits", "another recording runs alongside it");
    for (const auto& f : p.figures)
        if (std::any_of(f.claims.begin(), f.claims.end(), [&](const Claim& c) { return c.recording == id; }))
            return say(key("Edits", "\"{0}\" was heard in this recording"), title_of(p, f));
    return {};
}
Words holder(const Procedure& p, const ItemId& id) {
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        const bool done =
            std::any_of(s.actions.begin(), s.actions.end(), [&](const Action& a) { return has(a.items, id) || has(a.needs, id); });
        const bool shown =
            std::any_of(s.plates.begin(), s.plates.end(),
                [&](const Plate& x) {
                    return std::any_of(x.callouts.begin(), x.callouts.end(), [&](const Callout& c) { return c.item == id; }) ||
                        std::any_of(x.fasteners.begin(), x.fasteners.end(), [&](const FastenerPlace& f) { return f.item == id; });
                }) ||
            (s.clip && std::any_of(s.clip->marks.begin(), s.clip->marks.end(), [&](const ClipMark& m) { return m.item == id; }));
        if (done || shown)
            return say(done ? key("Edits", "step {0} still acts on it") : key("Edits", "step {0} still calls it out"), i + 1);
    }
    for (const auto& f : p.figures)
        if (f.item == id) return say(key("Edits", "the figure \"{0}\" is about it"), title_of(p, f));
    for (const auto& i : p.items) {
        if (i.id == id) continue;
        if (i.closes && i.closes->fluid == id) return say(key("Edits", "the {0} closes its system"), i.name);
        if (has(i.behind, id)) return say(key("Edits", "the {0} lies behind it"), i.name);
        if (has(i.under, id)) return say(key("Edits", "the {0} sits under it"), i.name);
    }
    return {};
}
Words holder(const Procedure& p, const SourceId& id) {
    for (const auto& f : p.figures)
        if (std::any_of(f.proofs.begin(), f.proofs.end(), [&](const Proof& x) { return x.source == id; }))
            return say(key("Edits", "\"{0}\" is proved by it"), title_of(p, f));
    return {};
}
Words holder(const Procedure& p, const FigureId& id) {
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        const Step& s = p.steps[i];
        const bool done = std::any_of(s.actions.begin(), s.actions.end(), [&](const Action& a) { return a.figure == id; }) ||
            std::any_of(s.waits.begin(), s.waits.end(), [&](const Wait& w) { return w.figure == id; });
        const bool drawn = std::any_of(s.plates.begin(), s.plates.end(),
                               [&](const Plate& x) {
                                   return std::any_of(x.marks.begin(), x.marks.end(), [&](const PlateMark& m) { return m.figure == id; });
                               }) ||
            (s.clip && std::any_of(s.clip->marks.begin(), s.clip->marks.end(), [&](const ClipMark& m) { return m.mark.figure == id; }));
        const bool limits =
            std::any_of(s.checks.begin(), s.checks.end(), [&](const Check& c) { return c.reading && c.reading->limits == id; });
        const bool held = std::any_of(s.resets.begin(), s.resets.end(), [&](const ResetSequence& r) {
            return std::any_of(r.presses.begin(), r.presses.end(), [&](const Press& x) { return x.hold == id; });
        });
        if (done || drawn || limits || held || std::find(s.heard.begin(), s.heard.end(), id) != s.heard.end())
            return say(key("Edits", "step {0} still uses it"), i + 1);
    }
    for (const auto& i : p.items)
        if (i.total == id || i.refill == id || i.holds == id) return say(key("Edits", "the {0} is said to hold it"), i.name);
    return {};
}
Words holder(const Procedure&, const StepId&) { return {}; }

bool known(const Procedure& p, const RecordingId& id) { return p.find(id) != nullptr; }
constexpr Key kNoRecording = key("Edits", "That recording is not used in this guide yet; add it to the guide first.");

// Refusals of values that cannot be: an empty text means the thing may be put.
Words objection(const Procedure& p, const RecordingUse& r) {
    if (r.alongside && r.alongside->with == r.id) return key("Edits", "A recording cannot run alongside itself.");
    if (r.alongside && !known(p, r.alongside->with)) return kNoRecording;
    for (std::size_t i = 1; i < r.anchors.size(); ++i)
        if (!(r.anchors[i - 1].said < r.anchors[i].said && r.anchors[i - 1].film < r.anchors[i].film))
            return key("Edits", "Lines tied to the film stay in the order in which they are said; untie the other line first.");
    return {};
}
Words objection(const Procedure&, const Source& s) { return s.title.empty() ? Words(key("Edits", "A source needs a title.")) : Words(); }
Words objection(const Procedure& p, const Figure& f) {
    if (!f.item.empty() && p.find(f.item) == nullptr)
        return say(key("Edits", "The figure is about \"{0}\", which is no item of this guide; add the item first."), f.item.text());
    for (const auto& proof : f.proofs)
        if (p.find(proof.source) == nullptr)
            return key("Edits", "The figure is proved by a source that is not in this guide; add the source first.");
    if (std::any_of(f.claims.begin(), f.claims.end(), [&](const Claim& c) { return !known(p, c.recording); })) return kNoRecording;
    return {};
}
constexpr Key kNotNested = key("Edits", "A check or a wait lies within a stretch of its step; move the step's edges first.");
/// Whether a stretch lies within one of the step's takes; nowhere is within.
bool nested(const Step& s, const std::optional<Take>& shown) {
    return !shown || (shown->from < shown->to && std::any_of(s.takes.begin(), s.takes.end(), [&](const Take& t) {
        return t.recording == shown->recording && !(shown->from < t.from) && !(t.to < shown->to);
    }));
}
/// An item that is not in the guide. The sentence takes it, and then `who`.
Words unknown_item(const Procedure& p, const ItemId& id, const Key& sentence, const std::string& who = {}) {
    return p.find(id) == nullptr ? say(sentence, id.text(), who) : Words();
}
bool known_or_empty(const Procedure& p, const FigureId& id) { return id.empty() || p.find(id) != nullptr; }

Words objection(const Procedure& p, const Item& i) {
    if (i.name.empty()) return key("Edits", "An item needs a name.");
    if (i.closes)
        if (Words no = unknown_item(
                p, i.closes->fluid, key("Edits", "The {1} closes \"{0}\", which is no item of this guide; add the item first."), i.name);
            !no.empty())
            return no;
    for (const auto& id : i.behind) {
        if (id == i.id) return say(key("Edits", "Nothing lies behind itself; take the {0} from that list."), i.name);
        if (Words no = unknown_item(
                p, id, key("Edits", "The {1} lies behind \"{0}\", which is no item of this guide; add the item first."), i.name);
            !no.empty())
            return no;
    }
    for (const auto& id : i.under) {
        if (id == i.id) return say(key("Edits", "Nothing sits under itself; take the {0} from that list."), i.name);
        if (Words no = unknown_item(
                p, id, key("Edits", "The {1} sits under \"{0}\", which is no item of this guide; add the item first."), i.name);
            !no.empty())
            return no;
    }
    for (const auto* figure : {&i.total, &i.refill, &i.holds})
        if (!known_or_empty(p, *figure))
            return say(key("Edits", "What the {0} holds is no figure of this guide; add the figure first."), i.name);
    return {};
}

Words objection(const Procedure& p, const std::vector<Action>& actions) {
    for (const auto& a : actions) {
        for (const auto* list : {&a.items, &a.needs})
            for (const auto& i : *list)
                if (Words no =
                        unknown_item(p, i, key("Edits", "An action names \"{0}\", which is no item of this guide; add the item first."));
                    !no.empty())
                    return no;
        if (!known_or_empty(p, a.figure)) return key("Edits", "An action is done to a figure that is not in this guide.");
    }
    return {};
}

Words objection(const Procedure& p, const Clip& clip) {
    if (!known(p, clip.take.recording)) return kNoRecording;
    if (!(clip.take.from < clip.take.to)) return key("Edits", "A clip ends after it begins; move its other end first.");
    if (clip.slower < 1 || clip.slower > 8) return key("Edits", "A clip runs as it was filmed, or two to eight times slower.");
    if (clip.poster && (*clip.poster < clip.take.from || !(*clip.poster < clip.take.to)))
        return key("Edits", "The still that stands for a clip is one of its own pictures.");
    for (const auto& m : clip.marks) {
        if (!m.item.empty())
            if (Words no = unknown_item(
                    p, m.item, key("Edits", "The clip shows the number of \"{0}\", which is no item of this guide; add the item first."));
                !no.empty())
                return no;
        if (!known_or_empty(p, m.mark.figure)) return key("Edits", "A distance on the clip is a figure that is not in this guide.");
        if (!(m.from < m.to)) return key("Edits", "What is drawn over a clip stays for a while; its end comes after its beginning.");
    }
    return {};
}
bool within_picture(const Area& a) {
    return a.left >= 0 && a.top >= 0 && a.right <= 10000 && a.bottom <= 10000 && a.left < a.right && a.top < a.bottom;
}
Words objection(const Procedure& p, const Plate& plate) {
    if (!known(p, plate.recording)) return kNoRecording;
    for (const auto& c : plate.callouts)
        if (Words no =
                unknown_item(p, c.item, key("Edits", "The plate calls out \"{0}\", which is no item of this guide; add the item first."));
            !no.empty())
            return no;
    for (const auto& f : plate.fasteners)
        if (Words no = unknown_item(
                p, f.item, key("Edits", "The plate shows the place of \"{0}\", which is no item of this guide; add the item first."));
            !no.empty())
            return no;
    for (const auto& m : plate.marks)
        if (!known_or_empty(p, m.figure)) return key("Edits", "A distance on the plate is a figure that is not in this guide.");
    for (const auto& i : plate.off_order)
        if (std::none_of(plate.callouts.begin(), plate.callouts.end(), [&](const Callout& c) { return c.item == i; }))
            return key("Edits", "The order of taking off names parts that are called out on the plate; call the part out first.");
    const auto& care = plate.care;
    if (care.tilt < -150 || care.tilt > 150) return key("Edits", "A still is turned by 15 degrees at most.");
    if (care.brighten < 0 || care.brighten > 100) return key("Edits", "A still is brightened by 0 to 100.");
    if (!within_picture(care.crop) || care.crop.right - care.crop.left < 500 || care.crop.bottom - care.crop.top < 500)
        return key("Edits", "What is shown of a still lies within it and is not smaller than a twentieth of it.");
    if (!std::all_of(care.hidden.begin(), care.hidden.end(), within_picture)) return key("Edits", "What is hidden lies within the still.");
    return {};
}
Words objection(const Procedure& p, const Step& s) {
    if (s.clip)
        if (Words no = objection(p, *s.clip); !no.empty()) return no;
    for (const auto& t : s.takes) {
        if (!known(p, t.recording)) return kNoRecording;
        if (!(t.from < t.to)) return key("Edits", "A step ends after it begins; set its end further down the tape.");
        for (const auto& own : s.takes)
            if (&own != &t && own.recording == t.recording && t.from < own.to && own.from < t.to)
                return say(key("Edits", "From {0} to {1} the tape is a take of this step already; a moment belongs to one take."),
                    clock_text(own.from, false), clock_text(own.to, false));
        for (const auto& other : p.steps)
            for (const auto& o : other.takes)
                if (other.id != s.id && o.recording == t.recording && t.from < o.to && o.from < t.to)
                    return say(key("Edits", "From {0} to {1} the tape already belongs to \"{2}\"; a moment belongs to one step."),
                        clock_text(o.from, false), clock_text(o.to, false),
                        other.heading.empty() ? Words(key("Edits", "another step")) : Words(other.heading));
    }
    for (const auto& w : s.waits) {
        if (!w.figure.empty() && p.find(w.figure) == nullptr)
            return key("Edits", "The step waits for a time that is no figure of this guide.");
        if (!nested(s, w.shown)) return kNotNested;
    }
    for (const auto& c : s.checks) {
        if (c.reading && !known_or_empty(p, c.reading->limits))
            return key("Edits", "A reading has limits that are no figure of this guide.");
        if (!nested(s, c.shown)) return kNotNested;
    }
    for (const auto& plate : s.plates)
        if (Words no = objection(p, plate); !no.empty()) return no;
    for (const auto& r : s.resets)
        for (const auto& press : r.presses)
            if (!known_or_empty(p, press.hold)) return key("Edits", "A button is held for a time that is no figure of this guide.");
    if (Words no = objection(p, s.actions); !no.empty()) return no;
    for (const auto& l : s.put_right)
        if (Words no = objection(p, l.actions); !no.empty()) return no;
    if (s.hands.known() && s.hands.unit.empty()) return key("Edits", "The time a step takes needs a unit: 5 min.");
    for (const auto& f : s.heard)
        if (p.find(f) == nullptr) return key("Edits", "The step uses a figure that is not in this guide.");
    return {};
}

template <class Thing>
void put(Procedure& p, const Put<Thing>& e) {
    auto& things = list<Thing>(p);
    const auto it = position(things, e.thing.id);
    if (it != things.end())
        *it = e.thing;
    else
        things.insert(things.begin() + static_cast<std::ptrdiff_t>(std::min(e.at.value_or(things.size()), things.size())), e.thing);
}

/// Moves a step that is there.
void move(Procedure& p, const MoveStep& e) {
    const auto it = position(p.steps, e.id);
    Step step = std::move(*it);
    p.steps.erase(it);
    p.steps.insert(p.steps.begin() + static_cast<std::ptrdiff_t>(std::min(e.to, p.steps.size())), std::move(step));
}

struct Applier {
    Procedure p;

    Outcome operator()(const SetHeader& e) {
        if (e.header.title.empty() || e.header.machine.empty())
            return fail(ErrorCode::BadInput, key("Edits", "A guide needs a title and a machine."));
        p.header = e.header;
        return {};
    }
    template <class Thing>
    Outcome operator()(const Put<Thing>& e) {
        if (e.thing.id.empty()) return fail(ErrorCode::BadInput, key("Edits", "What is put into a guide needs an id."));
        if (const Words no = objection(p, e.thing); !no.empty()) return fail(ErrorCode::Refused, no);
        put(p, e);
        return {};
    }
    template <class IdType>
    Outcome operator()(const Remove<IdType>& e) {
        auto& things = list<typename ThingOf<IdType>::type>(p);
        const auto it = position(things, e.id);
        if (it == things.end()) return fail(ErrorCode::NotFound, say(key("Edits", "\"{0}\" is not in this guide."), e.id.text()));
        if (const Words why = holder(p, e.id); !why.empty())
            return fail(ErrorCode::Refused, say(key("Edits", "It cannot be removed: {0}. Remove it there first."), why));
        things.erase(it);
        return {};
    }
    Outcome operator()(const MoveStep& e) {
        if (position(p.steps, e.id) == p.steps.end()) return fail(ErrorCode::NotFound, key("Edits", "That step is not in this guide."));
        move(p, e);
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

std::vector<Words> objections(const Procedure& p) {
    std::vector<Words> out;
    const auto ask = [&](const auto& things) {
        for (const auto& thing : things)
            if (Words no = objection(p, thing); !no.empty()) out.push_back(std::move(no));
    };
    ask(p.recordings);
    ask(p.sources);
    ask(p.items);
    ask(p.figures);
    ask(p.steps);
    return out;
}

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

namespace {

struct Replayer {
    Procedure& p;

    void operator()(const SetHeader& e) const { p.header = e.header; }
    template <class Thing>
    void operator()(const Put<Thing>& e) const {
        put(p, e);
    }
    template <class IdType>
    void operator()(const Remove<IdType>& e) const {
        std::erase_if(list<typename ThingOf<IdType>::type>(p), [&](const auto& thing) { return thing.id == e.id; });
    }
    void operator()(const MoveStep& e) const {
        if (position(p.steps, e.id) != p.steps.end()) move(p, e);
    }
};

}  // namespace

Procedure replay(Procedure p, const Change& change) {
    for (const auto& edit : change.edits) std::visit(Replayer{p}, edit);
    return p;
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
