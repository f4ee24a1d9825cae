#include "core/review/place_seen.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "core/base/letters.h"
#include "core/dryrun/dry_run.h"
#include "core/figure/evidence.h"
#include "core/learner/learner_guide.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

void line(std::string& out, const std::string& words) {
    if (words.empty()) return;
    if (!out.empty()) out += '\n';
    out += words;
}

std::string step_text(const Edition& e, const StepId& id) {
    const Procedure& p = e.procedure;
    const Step* s = p.find(id);
    if (s == nullptr) return "";
    std::string out = s->heading;
    std::vector<std::string_view> states;
    for (const auto state : s->states) states.push_back(spoken_name_of(state));
    if (!states.empty()) line(out, fmt::format("Machine: {}", fmt::join(states, ", ")));
    if (!s->variants.empty()) line(out, fmt::format("For {}", fmt::join(s->variants, ", ")));
    for (const auto& c : s->cautions) line(out, fmt::format("{}: {}", capitals(spoken_name_of(c.signal)), rendered(p, c.text)));
    for (std::size_t i = 0; i < s->lines.size(); ++i) line(out, fmt::format("{}. {}", i + 1, rendered(p, s->lines[i])));
    for (const auto& w : s->waits) {
        const Figure* time = p.find(w.figure);
        line(out, fmt::format("Wait {} {}", time == nullptr ? "" : text_in_both(*time), rendered(p, w.text)));
    }
    for (const auto& c : s->checks) {
        line(out, fmt::format("Look: {}", rendered(p, c.look)));
        if (!c.good.empty()) line(out, fmt::format("Good: {}", rendered(p, c.good)));
        if (!c.stop.empty()) line(out, fmt::format("Stop: {}", rendered(p, c.stop)));
        if (c.reading) line(out, fmt::format("Write down: {} {}", rendered(p, c.reading->what), c.reading->unit));
    }
    for (const auto& m : methods_of(*s, e.methods)) line(out, summary(m));
    for (const auto& plate : s->plates) {
        std::vector<std::string> names;
        for (const auto& c : plate.callouts)
            if (const Item* item = p.find(c.item)) names.push_back(item->name);
        line(out, names.empty() ? "Picture" : fmt::format("Picture: {}", fmt::join(names, ", ")));
    }
    if (s->clip) line(out, fmt::format("Clip of {:.0f} s", s->clip->take.to.seconds() - s->clip->take.from.seconds()));
    if (s->hands.known()) line(out, fmt::format("Takes {}", text_of(s->hands)));
    return out;
}

std::string figure_text(const Edition& e, const FigureId& id) {
    const Figure* f = e.procedure.find(id);
    if (f == nullptr) return "";
    std::string out = title_of(e.procedure, *f);
    line(out, text_in_both(*f));
    if (!f->variants.empty()) line(out, fmt::format("For {}", fmt::join(f->variants, ", ")));
    if (!f->condition.empty()) line(out, f->condition);
    if (f->level) line(out, text_of(*f->level));
    line(out, fmt::format("It is {}", name_of(standing_of(e.procedure, *f))));
    for (const auto& w : e.wrenches)
        if (w.figure == id) line(out, fmt::format("Set to {} on the {}", text_of(w), w.wrench));
    return out;
}

std::string guide_text(const Edition& e) {
    const auto& h = e.procedure.header;
    std::string out = fmt::format("{} {}", h.machine, h.title);
    line(out, fmt::format("Number {}", h.number));
    if (!h.interval.empty()) line(out, h.interval);
    if (!h.variants.empty()) line(out, fmt::format("For {}", fmt::join(h.variants, ", ")));
    line(out, h.site_note);
    for (std::size_t i = 0; i < e.procedure.steps.size(); ++i) line(out, fmt::format("{} {}", i + 1, e.procedure.steps[i].heading));
    for (const auto& item : e.procedure.items)
        line(out,
            fmt::format("{}{}{}", item.name, item.spec.empty() ? "" : ", " + item.spec, item.number.empty() ? "" : ", " + item.number));
    for (const auto& f : h.follow_ups) line(out, fmt::format("{}: {}", rendered(e.procedure, f.when), rendered(e.procedure, f.what)));
    line(out, e.rule);
    return out;
}

Words who_learned(const ReviewPlace& place, const Edition& before, const Records& records, const GuideEditions& editions) {
    const bool again = std::any_of(place.differences.begin(), place.differences.end(), [](const Difference& d) { return d.read_again; });
    const auto holders = holders_of(records, editions.guide, before.number);
    if (!again || holders.empty()) return {};
    return {
        counted_key("Review", "%n learners have edition {0} and will be told: {1}.", "One learner has edition {0} and will be told: {1}."),
        static_cast<long long>(holders.size()), {std::to_string(before.number), fmt::format("{}", fmt::join(holders, ", "))}};
}

}  // namespace

std::string place_text(const ReviewPlace& place, const Edition& edition) {
    if (!place.figure.empty()) return figure_text(edition, place.figure);
    return place.step.empty() ? guide_text(edition) : step_text(edition, place.step);
}

PlaceSeen place_seen(const ReviewPlace& place, const Edition* before, const Edition& now, const Procedure& guide, const Records& records,
    const GuideEditions& editions) {
    PlaceSeen out;
    out.text = compare_words(before == nullptr ? "" : place_text(place, *before), place_text(place, now));
    for (const auto& d : place.differences) out.why.push_back(d.text);
    if (!place.figure.empty()) {
        if (const Figure* was = before == nullptr ? nullptr : before->procedure.find(place.figure)) out.was = *was;
        if (const Figure* is = guide.find(place.figure)) {
            out.is = *is;
            out.why.push_back(argue_standing(guide, *is));
            if (!is->settled.empty()) out.why.push_back(say(key("Review", "Resolved by the author: {0}"), is->settled));
            for (const auto& c : is->claims) out.moments.push_back({c.recording, c.at, c.words});
        }
    }
    const Step* step = place.figure.empty() ? guide.find(place.step) : nullptr;
    if (step != nullptr) {
        out.comments = step->comments;
        for (const auto& take : step->takes) out.moments.push_back({take.recording, take.from, step->heading});
        for (const auto& f : dry_run(guide))
            if (f.step == step->id) out.dry_run.push_back(f.because);
        for (const auto& kept : learner_guide(now).kept)
            if (static_cast<std::size_t>(kept.step) == static_cast<std::size_t>(step - guide.steps.data()) + 1)
                out.dry_run.push_back(say(key("Review", "{0}, kept as it is: {1}"), kept.what, kept.because));
        if (out.dry_run.empty()) out.dry_run.emplace_back(key("Review", "Nothing found."));
    }
    if (before != nullptr) out.learned = who_learned(place, *before, records, editions);
    return out;
}

}  // namespace anagraph::core
