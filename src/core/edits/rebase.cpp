#include "core/edits/rebase.h"

#include <fmt/format.h>

#include <algorithm>
#include <optional>

#include "core/procedure/json.h"

namespace anagraph::core {
namespace {

using nlohmann::json;

/// Two versions of a value and what both came from, put together part by part; where both changed the same part, which one.
std::optional<json> merged(const json& base, const json& mine, const json& theirs, std::string& part) {
    if (mine == theirs || theirs == base) return mine;
    if (mine == base) return theirs;
    if (!base.is_object() || !mine.is_object() || !theirs.is_object()) return std::nullopt;
    json out = json::object();
    const auto of = [](const json& j, const std::string& key) { return j.contains(key) ? j[key] : json(); };
    json keys = base;
    keys.update(mine);
    keys.update(theirs);
    for (const auto& [key, value] : keys.items()) {
        auto both = merged(of(base, key), of(mine, key), of(theirs, key), part);
        if (!both) {
            part = part.empty() ? key : key + "." + part;
            return std::nullopt;
        }
        if (!both->is_null() || mine.contains(key) || theirs.contains(key)) out[key] = std::move(*both);
    }
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

std::string kind_of(const RecordingId&) { return "recording"; }
std::string kind_of(const ItemId&) { return "item"; }
std::string kind_of(const SourceId&) { return "source"; }
std::string kind_of(const FigureId&) { return "figure"; }
std::string kind_of(const StepId&) { return "step"; }

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
    std::optional<Conflict> conflict = std::nullopt;

    /// The edit for `now`; nothing where others did the same, or where there is a conflict.
    std::optional<Edit> operator()(const SetHeader& e) {
        return put_together(SetHeader{base.header}, e, SetHeader{now.header}, "the guide's head");
    }

    template <class Thing>
    std::optional<Edit> operator()(const Put<Thing>& e) {
        const auto& old = list_of(base, e.thing.id);
        const auto& present = list_of(now, e.thing.id);
        const auto was = find_in(old, e.thing.id);
        const auto is = find_in(present, e.thing.id);
        const std::string what = fmt::format("the {} \"{}\"", kind_of(e.thing.id), e.thing.id.text());
        if (was != old.end() && is == present.end()) return disagree(what, value_of(e), json(), value_of(Put<Thing>{*was, {}}));
        if (was != old.end()) return put_together(Put<Thing>{*was, {}}, Put<Thing>{e.thing, {}}, Put<Thing>{*is, {}}, what);
        if (is != present.end()) {
            if (*is == e.thing) return std::nullopt;
            return disagree(what, value_of(e), value_of(Put<Thing>{*is, {}}), json());
        }
        const auto at = place_in(old, present, e.at.value_or(old.size()), [&](const Thing& t) { return t.id < e.thing.id; });
        if (!at) return disagree_on_order();
        return Put<Thing>{e.thing, at};
    }

    template <class IdType>
    std::optional<Edit> operator()(const Remove<IdType>& e) {
        const auto& old = list_of(base, e.id);
        const auto& present = list_of(now, e.id);
        const auto was = find_in(old, e.id);
        const auto is = find_in(present, e.id);
        if (is == present.end()) return std::nullopt;
        if (was == old.end() || *was == *is) return e;
        return disagree(fmt::format("the {} \"{}\"", kind_of(e.id), e.id.text()), json(), value_of(Put{*is, {}}), value_of(Put{*was, {}}));
    }

    std::optional<Edit> operator()(const MoveStep& e) {
        const auto there = find_in(now.steps, e.id);
        if (there == now.steps.end()) return disagree_on_order();
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
        std::string part;
        auto both = merged(from["value"], out["value"], theirs["value"], part);
        if (!both) {
            const auto of = [&](const json& j) {
                json at = j["value"];
                std::size_t begin = 0;
                while (begin <= part.size() && !part.empty()) {
                    const auto end = std::min(part.find('.', begin), part.size());
                    const auto key = part.substr(begin, end - begin);
                    if (!at.is_object() || !at.contains(key)) return json();
                    at = json(at[key]);
                    begin = end + 1;
                }
                return at;
            };
            return disagree(part.empty() ? what : fmt::format("{}, {}", what, part), of(out), of(theirs), of(from));
        }
        if (*both == theirs["value"]) return std::nullopt;
        out["value"] = std::move(*both);
        auto edit = as_edit(std::move(out));
        return edit ? edit : disagree(what, as_json(mine)["value"], theirs["value"], from["value"]);
    }
};

/// The change over `now`, by what `now` is alone.
std::variant<Change, Conflict> one_way(const Procedure& base, const Procedure& now, const Change& change) {
    Change out{change.label, {}};
    Procedure mine = base;
    Procedure theirs = now;
    for (const auto& edit : change.edits) {
        Rebaser rebaser{mine, theirs};
        const auto rebased = std::visit(rebaser, edit);
        if (rebaser.conflict) return std::move(*rebaser.conflict);
        if (rebased) {
            auto next = core::apply(theirs, *rebased);
            if (!next) return Conflict{next.error().message, as_json(edit), json(), json()};
            theirs = std::move(*next);
            out.edits.push_back(*rebased);
        }
        mine = replay(std::move(mine), Change{"", {edit}});
    }
    return out;
}

}  // namespace

std::variant<Change, Conflict> rebase(const Procedure& base, const Change& theirs, const Change& mine) {
    const Procedure with_theirs = replay(base, theirs);
    const Procedure with_mine = replay(base, mine);
    auto forward = one_way(base, with_theirs, mine);
    if (std::holds_alternative<Conflict>(forward)) return forward;
    // what would stand there had I come first: the same, or nobody knows which of the two is meant
    auto backward = one_way(base, with_mine, theirs);
    if (auto* other = std::get_if<Conflict>(&backward)) return Conflict{other->what, other->theirs, other->mine, other->base};
    const auto& rebased = std::get<Change>(forward);
    if (to_json(replay(with_theirs, rebased)) == to_json(replay(with_mine, std::get<Change>(backward)))) return forward;
    return Conflict{"what stands where, which hangs on who came first", json(), json(), json()};
}

}  // namespace anagraph::core
