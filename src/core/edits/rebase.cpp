#include "core/edits/rebase.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <optional>

#include "core/procedure/json.h"

namespace anagraph::core {
namespace {

using nlohmann::json;

/// Are both lists the one they came from with something behind it?
bool both_added_to(const json& base, const json& mine, const json& theirs) {
    const auto begins = [&](const json& longer) {
        return longer.is_array() && longer.size() > base.size() && std::equal(base.begin(), base.end(), longer.begin());
    };
    return (base.is_array() || base.is_null()) && begins(mine) && begins(theirs);
}

/// Two versions of a value and what both came from, put together part by part.
struct Merge {
    bool insist = false;                 // where both changed the same part, mine stands
    std::vector<std::string> part = {};  // that both changed: keys from the outside in

    std::optional<json> operator()(const json& base, const json& mine, const json& theirs, const std::string& name = {}) {
        if (mine == theirs || theirs == base) return mine;
        if (mine == base) return theirs;
        if (base.is_object() && mine.is_object() && theirs.is_object()) return objects(base, mine, theirs);
        const auto is_lines = [&](const json& j) { return j.is_array() && j.size() == base.size(); };
        // one line each: the lines of a step are put together like its other parts
        if (name == "lines" && base.is_array() && is_lines(mine) && is_lines(theirs)) return lines(base, mine, theirs);
        // what somebody said to a step stands beside what others said, in one order whoever came first
        if (name == "comments" && both_added_to(base, mine, theirs)) return added(base, mine, theirs);
        return insist ? std::optional<json>(mine) : std::nullopt;
    }

private:
    std::optional<json> of(const std::string& key, const json& base, const json& mine, const json& theirs) {
        auto both = (*this)(base, mine, theirs, key);
        if (!both) part.insert(part.begin(), key);
        return both;
    }

    std::optional<json> objects(const json& base, const json& mine, const json& theirs) {
        json out = json::object();
        const auto value = [](const json& j, const std::string& key) { return j.contains(key) ? j[key] : json(); };
        json keys = base;
        keys.update(mine);
        keys.update(theirs);
        for (const auto& [key, unused] : keys.items()) {
            auto both = of(key, value(base, key), value(mine, key), value(theirs, key));
            if (!both) return std::nullopt;
            if (!both->is_null() || mine.contains(key) || theirs.contains(key)) out[key] = std::move(*both);
        }
        return out;
    }

    std::optional<json> lines(const json& base, const json& mine, const json& theirs) {
        json out = json::array();
        for (std::size_t i = 0; i < base.size(); ++i) {
            auto both = of(std::to_string(i), base[i], mine[i], theirs[i]);
            if (!both) return std::nullopt;
            out.push_back(std::move(*both));
        }
        return out;
    }

    static json added(const json& base, const json& mine, const json& theirs) {
        std::vector<json> more;
        for (const json* list : {&mine, &theirs})
            for (std::size_t i = base.size(); i < list->size(); ++i)
                if (std::find(more.begin(), more.end(), (*list)[i]) == more.end()) more.push_back((*list)[i]);
        std::sort(more.begin(), more.end(), [](const json& a, const json& b) { return a.dump() < b.dump(); });
        json out = base.is_null() ? json::array() : base;
        for (auto& m : more) out.push_back(std::move(m));
        return out;
    }
};

/// The part of a thing a person knows by this name.
std::string words_for(const std::vector<std::string>& part) {
    if (part.empty()) return {};
    if (part[0] == "lines" && part.size() > 1) return fmt::format("line {}", std::stoi(part[1]) + 1);
    std::string out = part[0];
    std::replace(out.begin(), out.end(), '_', ' ');
    return out;
}

json as_json(const Edit& edit) { return to_json(Change{"", {edit}})["edits"][0]; }

std::optional<Edit> as_edit(json j) {
    auto change = change_from_json({{"label", ""}, {"edits", json::array({std::move(j)})}});
    if (!change || change->edits.size() != 1) return std::nullopt;
    return std::move(change->edits.front());
}

template <class Thing>
auto find_in(const std::vector<Thing>& things, const decltype(Thing::id)& id) {
    return std::find_if(things.begin(), things.end(), [&](const Thing& t) { return t.id == id; });
}

const std::vector<RecordingUse>& list_of(const Procedure& p, const RecordingId&) { return p.recordings; }
const std::vector<Item>& list_of(const Procedure& p, const ItemId&) { return p.items; }
const std::vector<Source>& list_of(const Procedure& p, const SourceId&) { return p.sources; }
const std::vector<Figure>& list_of(const Procedure& p, const FigureId&) { return p.figures; }
const std::vector<Step>& list_of(const Procedure& p, const StepId&) { return p.steps; }

/// How a thing of a guide is called where a person reads it.
std::string called(const Procedure& p, const Step& s) {
    const auto it = find_in(p.steps, s.id);
    const std::string number = it == p.steps.end() ? "" : fmt::format(" {}", it - p.steps.begin() + 1);
    return s.heading.empty() ? fmt::format("step{}", number) : fmt::format("step{} \u201C{}\u201D", number, s.heading);
}
std::string called(const Procedure& p, const Figure& f) { return fmt::format("the figure \u201C{}\u201D", title_of(p, f)); }
std::string called(const Procedure&, const Item& i) { return fmt::format("the item \u201C{}\u201D", i.name); }
std::string called(const Procedure&, const Source& s) { return fmt::format("the source \u201C{}\u201D", s.title); }
std::string called(const Procedure&, const RecordingUse& r) { return fmt::format("the recording \u201C{}\u201D", r.title); }

/// The ids of the things that both lists have, in the order of the first.
template <class Thing>
auto common(const std::vector<Thing>& a, const std::vector<Thing>& b) {
    std::vector<decltype(Thing::id)> out;
    for (const auto& t : a)
        if (find_in(b, t.id) != b.end()) out.push_back(t.id);
    return out;
}

/// Where position `at` of `base` is in `now`: between the same two things both lists have, after what `passes` of what others added there.
/// Nothing where others moved something in or out between them.
template <class Thing, class Passes>
std::optional<std::size_t> place_in(const std::vector<Thing>& base, const std::vector<Thing>& now, std::size_t at, const Passes& passes) {
    at = std::min(at, base.size());
    const auto before =
        static_cast<std::ptrdiff_t>(common(std::vector(base.begin(), base.begin() + static_cast<std::ptrdiff_t>(at)), now).size());
    const auto was = common(base, now);
    const auto is = common(now, base);
    const auto neighbour = [&](const auto& ids, std::ptrdiff_t i) {
        return i < 0 || i >= static_cast<std::ptrdiff_t>(ids.size()) ? decltype(Thing::id)() : ids[static_cast<std::size_t>(i)];
    };
    const auto left = neighbour(was, before - 1);
    const auto right = neighbour(was, before);
    std::ptrdiff_t after = 0;  // how many of the common things stand before the place in `now`
    if (!left.empty()) after = std::find(is.begin(), is.end(), left) - is.begin() + 1;
    if (neighbour(is, after) != right) return std::nullopt;
    std::size_t place = left.empty() ? 0 : static_cast<std::size_t>(find_in(now, left) - now.begin()) + 1;
    while (place < now.size() && find_in(base, now[place].id) == base.end() && passes(now[place])) ++place;
    return place;
}

/// Do the steps both have stand in the same order?
bool same_order(const std::vector<Step>& a, const std::vector<Step>& b) { return common(a, b) == common(b, a); }

json order_of(const std::vector<Step>& steps) {
    json out = json::array();
    for (const auto& s : steps) out.push_back(s.id.text());
    return out;
}

struct Rebaser {
    const Procedure& base;  // before this edit, as its author had it
    const Procedure& now;   // before this edit, as it stands
    bool insist = false;    // where both changed the same, mine stands
    std::optional<Conflict> conflict = std::nullopt;

    /// The edit for `now`; nothing where others did the same, or where there is a conflict.
    std::optional<Edit> operator()(const SetHeader& e) {
        return put_together(SetHeader{base.header}, e, SetHeader{now.header}, "the head of the guide");
    }

    template <class Thing>
    std::optional<Edit> operator()(const Put<Thing>& e) {
        const auto& old = list_of(base, e.thing.id);
        const auto& present = list_of(now, e.thing.id);
        const auto was = find_in(old, e.thing.id);
        const auto is = find_in(present, e.thing.id);
        const std::string what = called(is != present.end() ? now : base, was != old.end() ? *was : e.thing);
        if (was != old.end() && is == present.end() && insist)
            return Put<Thing>{e.thing, std::min(static_cast<std::size_t>(was - old.begin()), present.size())};
        if (was != old.end() && is == present.end()) return disagree(what, value_of(e), json(), value_of(Put<Thing>{*was, {}}));
        if (was != old.end()) return put_together(Put<Thing>{*was, {}}, Put<Thing>{e.thing, {}}, Put<Thing>{*is, {}}, what);
        if (is != present.end()) {
            if (*is == e.thing) return std::nullopt;
            if (insist) return Put<Thing>{e.thing, std::nullopt};
            return disagree(what, value_of(e), value_of(Put<Thing>{*is, {}}), json());
        }
        const auto at = place_in(old, present, e.at.value_or(old.size()), [&](const Thing& t) { return t.id < e.thing.id; });
        if (!at && !insist) return disagree_on_order();
        return Put<Thing>{e.thing, at.value_or(std::min(e.at.value_or(present.size()), present.size()))};
    }

    template <class IdType>
    std::optional<Edit> operator()(const Remove<IdType>& e) {
        const auto& old = list_of(base, e.id);
        const auto& present = list_of(now, e.id);
        const auto was = find_in(old, e.id);
        const auto is = find_in(present, e.id);
        if (is == present.end()) return std::nullopt;
        if (was == old.end() || *was == *is || insist) return e;
        return disagree(called(now, *was), json(), value_of(Put{*is, {}}), value_of(Put{*was, {}}));
    }

    std::optional<Edit> operator()(const MoveStep& e) {
        const auto there = find_in(now.steps, e.id);
        if (insist && there == now.steps.end()) return std::nullopt;  // it is gone, wherever it should stand
        if (there == now.steps.end()) return disagree_on_order();
        if (insist) return MoveStep{e.id, std::min(e.to, now.steps.size() - 1)};
        auto moved = base.steps;
        std::erase_if(moved, [&](const Step& s) { return s.id == e.id; });
        auto left = now.steps;
        std::erase_if(left, [&](const Step& s) { return s.id == e.id; });
        const auto to = place_in(moved, left, e.to, [](const Step&) { return false; });
        moved.insert(moved.begin() + static_cast<std::ptrdiff_t>(std::min(e.to, moved.size())), *find_in(base.steps, e.id));
        if (!same_order(base.steps, now.steps)) {
            if (same_order(moved, now.steps)) return std::nullopt;
            return disagree_on_order();
        }
        // what others added beside the step, or where it goes, stands by one or the other
        const auto added = [&](const std::vector<Step>& steps, std::size_t i) {
            return i < steps.size() && find_in(base.steps, steps[i].id) == base.steps.end();
        };
        const auto at = static_cast<std::size_t>(there - now.steps.begin());
        if (!to || added(now.steps, at + 1) || (at > 0 && added(now.steps, at - 1)) || added(left, *to)) return disagree_on_order();
        return MoveStep{e.id, *to};
    }

private:
    static json value_of(const Edit& edit) { return as_json(edit)["value"]; }

    std::optional<Edit> disagree(std::string what, json mine, json theirs, json from) {
        conflict = Conflict{std::move(what), std::move(mine), std::move(theirs), std::move(from)};
        return std::nullopt;
    }

    std::optional<Edit> disagree_on_order() {
        return disagree("the order of the steps", json(), order_of(now.steps), order_of(base.steps));
    }

    std::optional<Edit> put_together(const Edit& was, const Edit& mine, const Edit& is, const std::string& what) {
        const json from = as_json(was);
        json out = as_json(mine);
        const json theirs = as_json(is);
        Merge merge{insist};
        auto both = merge(from["value"], out["value"], theirs["value"]);
        if (!both) {
            const auto of = [&](const json& j) {
                json::json_pointer at("/value");
                for (const auto& key : merge.part) at /= key;
                return j.contains(at) ? j.at(at) : json();
            };
            const std::string words = words_for(merge.part);
            return disagree(words.empty() ? what : fmt::format("{}, {}", what, words), of(out), of(theirs), of(from));
        }
        if (*both == theirs["value"]) return std::nullopt;
        out["value"] = std::move(*both);
        auto edit = as_edit(std::move(out));
        return edit ? edit : disagree(what, as_json(mine)["value"], theirs["value"], from["value"]);
    }
};

/// The change over `now`, by what `now` is alone; and what comes of it.
struct Over {
    Change change;
    Procedure after;
};
std::variant<Over, Conflict> one_way(const Procedure& base, const Procedure& now, const Change& change) {
    Over out{{change.label, {}}, now};
    Procedure mine = base;
    for (const auto& edit : change.edits) {
        Rebaser rebaser{mine, out.after};
        auto rebased = std::visit(rebaser, edit);
        if (rebaser.conflict) return std::move(*rebaser.conflict);
        if (rebased) {
            out.after = replay(std::move(out.after), Change{"", {*rebased}});
            out.change.edits.push_back(std::move(*rebased));
        }
        mine = replay(std::move(mine), Change{"", {edit}});
    }
    return out;
}

}  // namespace

Result<Change> insist(const Procedure& base, const Procedure& now, const Change& mine) {
    Change out{mine.label, {}};
    Procedure before = base;
    Procedure stands = now;
    for (const auto& edit : mine.edits) {
        Rebaser rebaser{before, stands, true};
        if (auto kept = std::visit(rebaser, edit)) {
            stands = replay(std::move(stands), Change{"", {*kept}});
            out.edits.push_back(std::move(*kept));
        }
        before = replay(std::move(before), Change{"", {edit}});
    }
    const auto known = objections(now);
    for (const auto& no : objections(stands))
        if (std::find(known.begin(), known.end(), no) == known.end()) return fail(ErrorCode::Refused, no);
    return out;
}

std::variant<Change, Conflict> rebase(const Procedure& base, const Change& theirs, const Change& mine) {
    const Procedure with_theirs = replay(base, theirs);
    const Procedure with_mine = replay(base, mine);
    auto forward = one_way(base, with_theirs, mine);
    if (auto* conflict = std::get_if<Conflict>(&forward)) return std::move(*conflict);
    // what would stand there had I come first: the same, or nobody knows which of the two is meant
    auto backward = one_way(base, with_mine, theirs);
    if (auto* other = std::get_if<Conflict>(&backward)) return Conflict{other->what, other->theirs, other->mine, other->base};
    auto& rebased = std::get<Over>(forward);
    if (!(rebased.after == std::get<Over>(backward).after))
        return Conflict{"what stands where, which hangs on who came first", json(), json(), json()};
    // each of the two was let in by the rules, and both together may not be
    const auto old = [&, known = std::array{objections(base), objections(with_theirs), objections(with_mine)}](const Words& no) {
        return std::any_of(
            known.begin(), known.end(), [&](const auto& list) { return std::find(list.begin(), list.end(), no) != list.end(); });
    };
    for (const auto& no : objections(rebased.after))
        if (!old(no)) return Conflict{no, json(), json(), json()};
    return std::move(rebased.change);
}

}  // namespace anagraph::core
