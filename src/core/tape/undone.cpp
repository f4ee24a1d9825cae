#include "core/tape/undone.h"

#include <algorithm>

#include "core/tape/logging.h"

namespace anagraph::core {
namespace {

struct Pair {
    std::string_view undoes;
    std::vector<std::string_view> done_by;
    std::string_view state;
};

/// A verb that leaves something open, the verbs that end that, and how it stands meanwhile.
const Pair kPairs[] = {
    {"remove", {"fit", "replace", "tighten"}, "off"},
    {"loosen", {"tighten", "remove", "fit", "replace"}, "loose"},
    {"drain", {"fill"}, "drained"},
    {"open", {"close", "tighten", "fit"}, "open"},
    {"disconnect", {"connect", "fit"}, "disconnected"},
    {"lift", {"lower"}, "lifted"},
};

/// "the drain plug" and "plug" are one thing; so are "sump" and nothing, where a fill closes a drain.
bool same_thing(const std::string& a, const std::string& b) {
    const std::string x = slug_of(a);
    const std::string y = slug_of(b);
    if (x == y) return true;
    const auto ends = [](const std::string& whole, const std::string& end) {
        return whole.size() > end.size() && whole.ends_with("-" + end);
    };
    return ends(x, y) || ends(y, x) || x + "s" == y || y + "s" == x;
}

bool ends(const std::string& verb, const Undone& undone) {
    const auto pair = std::find_if(std::begin(kPairs), std::end(kPairs), [&](const Pair& x) { return x.undoes == undone.verb; });
    return pair != std::end(kPairs) && std::find(pair->done_by.begin(), pair->done_by.end(), verb) != pair->done_by.end();
}

struct Doing {
    std::string verb;
    std::string what;
    FrameTime at;
};

std::vector<Doing> doings(const Procedure& p, const HeardTape& tape) {
    std::vector<Doing> out;
    for (const auto& s : p.steps) {
        const auto take = std::find_if(s.takes.begin(), s.takes.end(), [&](const Take& t) { return t.recording == tape.recording; });
        if (take == s.takes.end()) continue;
        for (const auto& a : s.actions)
            for (const auto& id : a.items)
                if (const auto* item = p.find(id)) out.push_back({a.verb, item->name, take->from});
    }
    for (const auto& m : *tape.marks)
        if (m.kind == MarkKind::Step && !m.guessed && !is_dismissed(p, tape.recording, m)) {
            const Step* step = step_at(p, tape.recording, m.at);
            const bool said_by_the_step = step != nullptr && std::any_of(step->actions.begin(), step->actions.end(), [&](const Action& a) {
                return a.verb == m.verb && !a.items.empty();
            });
            if (!said_by_the_step) out.push_back({m.verb, m.about, m.at});
        }
    std::stable_sort(out.begin(), out.end(), [](const Doing& a, const Doing& b) { return a.at < b.at; });
    return out;
}

}  // namespace

std::vector<Undone> undone_after(const Procedure& p, const std::vector<HeardTape>& tapes) {
    std::vector<Undone> open;
    for (const auto& tape : tapes)
        for (auto& d : doings(p, tape)) {
            if (d.what.empty()) {  // "screw it on": the last thing that can be meant
                const auto meant = std::find_if(open.rbegin(), open.rend(), [&](const Undone& u) { return ends(d.verb, u); });
                if (meant != open.rend() && d.verb == "remove")
                    meant->verb = d.verb;  // loosened before, off now
                else if (meant != open.rend())
                    open.erase(std::next(meant).base());
                continue;
            }
            // oil is drained from one place and filled in at another
            std::erase_if(open, [&](const Undone& u) { return ends(d.verb, u) && (u.verb == "drain" || same_thing(u.what, d.what)); });
            const bool opens = std::any_of(std::begin(kPairs), std::end(kPairs), [&](const Pair& x) { return x.undoes == d.verb; });
            const bool known = std::any_of(open.begin(), open.end(), [&](const Undone& u) { return same_thing(u.what, d.what); });
            if (opens && !known) open.push_back({std::move(d.verb), std::move(d.what), tape.recording, d.at});
        }
    return open;
}

std::string state_text(const Undone& undone) {
    const auto pair = std::find_if(std::begin(kPairs), std::end(kPairs), [&](const Pair& x) { return x.undoes == undone.verb; });
    if (pair != std::end(kPairs) && undone.what == undone.verb) return std::string(pair->state);  // "drain": drained
    return undone.what + " " + std::string(pair == std::end(kPairs) ? undone.verb : pair->state);
}

}  // namespace anagraph::core
