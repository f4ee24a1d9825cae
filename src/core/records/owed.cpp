#include "core/records/owed.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

/// What tells differences of one place and matter apart, whatever edition they are seen from.
std::string matter_of(const Difference& d) {
    if (!d.figure.empty()) return "figure " + d.figure.text();
    return d.step.empty() ? "guide " + d.text : "step " + d.step.text() + " " + d.text;
}

std::string sentence_of(const Difference& d, const Edition& now, const Edition& then) {
    const Figure* f = d.figure.empty() ? nullptr : now.procedure.find(d.figure);
    if (f != nullptr && !d.is.empty() && !d.was.empty())
        return fmt::format("{}: now {}; you learned {} from edition {}.", title_of(now.procedure, *f), d.is, d.was, then.number);
    return d.text;
}

/// What happened between a learner and a guide, in order.
struct Event {
    std::int64_t number;
    int edition;
    bool confirmed;
};
using Events = std::map<std::pair<std::string, std::string>, std::vector<Event>>;  // by guide and learner

Events events_of(const Records& records) {
    Events out;
    for (const auto& h : records.kept<HandedOut>()) out[{h.what.guide, h.what.learner}].push_back({h.number, h.what.edition, false});
    for (const auto& l : records.kept<Learned>()) out[{l.what.guide, l.what.learner}].push_back({l.number, l.what.edition, true});
    for (auto& [who, events] : out)
        std::sort(events.begin(), events.end(), [](const Event& a, const Event& b) { return a.number < b.number; });
    return out;
}

Had had_by(const Events& events, const std::string& guide, const std::string& learner) {
    Had out;
    const auto it = events.find({guide, learner});
    if (it == events.end()) return out;
    std::set<int> since;
    for (const auto& e : it->second) {
        if (e.confirmed) {
            out.confirmed = e.edition;
            since.clear();
        }
        since.insert(e.edition);
        out.last = e.edition;
    }
    out.since.assign(since.begin(), since.end());
    return out;
}

}  // namespace

const Edition* GuideEditions::find(int number) const {
    const auto it = std::find_if(editions.begin(), editions.end(), [&](const Edition& e) { return e.number == number; });
    return it == editions.end() ? nullptr : &*it;
}

const Edition* GuideEditions::before(int number) const {
    const Edition* out = nullptr;
    for (const auto& e : editions)
        if (e.number < number) out = &e;
    return out;
}

const Edition* current_edition(const Records& records, const GuideEditions& guide) {
    if (guide.editions.empty()) return nullptr;
    const Edition& last = guide.editions.back();
    return records.withdrawal(guide.guide, last.number) == nullptr ? &last : nullptr;
}

EditionStanding standing_of(const Records& records, const GuideEditions& guide, int number) {
    if (guide.find(number) == nullptr) return EditionStanding::Unknown;
    if (records.withdrawal(guide.guide, number) != nullptr) return EditionStanding::Withdrawn;
    return guide.editions.back().number == number ? EditionStanding::Current : EditionStanding::Replaced;
}

Had had_by(const Records& records, std::string_view guide, std::string_view learner) {
    const auto* known = records.learner(learner);
    return known == nullptr ? Had{} : had_by(events_of(records), std::string(guide), known->name);
}

std::vector<Owed> owed(const Records& records, const std::vector<GuideEditions>& guides) {
    std::vector<Owed> out;
    const Events events = events_of(records);
    // editions are compared once each, not once a learner
    std::map<std::pair<std::string, int>, std::vector<Difference>> compared;
    for (const auto& learner : records.learners()) {
        if (learner.left) continue;
        for (const auto& guide : guides) {
            const Edition* now = current_edition(records, guide);
            const Had had = had_by(events, guide.guide, learner.name);
            if (now == nullptr || had.since.empty() || had.confirmed == now->number) continue;
            Owed owes{learner.name, guide.guide, had.confirmed > 0 ? had.confirmed : had.since.front(), now->number, {}};
            std::set<std::string> told;
            // what was seen last is what a hand remembers
            for (auto it = had.since.rbegin(); it != had.since.rend(); ++it) {
                const Edition* then = guide.find(*it);
                if (then == nullptr || then->number == now->number) continue;
                const auto [place, fresh] = compared.try_emplace({guide.guide, then->number});
                if (fresh) place->second = differences(*then, *now);
                std::set<std::string> here;
                for (const auto& d : place->second)
                    if (d.read_again && !told.contains(matter_of(d))) {
                        here.insert(matter_of(d));
                        owes.changed.push_back({d, then->number, sentence_of(d, *now, *then)});
                    }
                told.merge(here);
            }
            if (!owes.changed.empty()) out.push_back(std::move(owes));
        }
    }
    return out;
}

std::vector<std::string> holders_of(const Records& records, std::string_view guide, int edition) {
    std::vector<std::string> out;
    const Events events = events_of(records);
    for (const auto& learner : records.learners())
        if (!learner.left && had_by(events, std::string(guide), learner.name).last == edition) out.push_back(learner.name);
    return out;
}

}  // namespace anagraph::core
