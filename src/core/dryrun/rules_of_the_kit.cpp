// What an action needs and the guide does not have: things on no list, wrenches, proved figures, the entry in the book.
#include <algorithm>

#include "core/base/letters.h"
#include "core/dryrun/rules.h"

namespace anagraph::core::dryrun {
namespace {

bool reaches(const Thing& wrench, double torque) {
    // without a range nobody knows what it can be set to
    return wrench.wrench.empty() ||
        std::any_of(wrench.wrench.begin(), wrench.wrench.end(), [&](const Range& r) { return torque >= r.low && torque <= r.high; });
}

}  // namespace

void not_named(const Scene& in, Findings& out) {
    const auto& d = *in.doing;
    std::vector<ThingNo> unknown;
    for (const auto* list : {&d.items, &d.needs})
        for (const int n : *list)
            if (!in.job.thing(n).known) unknown.push_back(n);
    if (!unknown.empty())
        out.say(in.when, unknown, [&] {
            std::vector<Words> names;
            for (const int n : unknown) names.push_back(say(key("DryRunRules", "“{0}”"), in.job.thing(n).name));
            return say(unknown.size() == 1 ? key("DryRunRules", "{0} is on no list of this guide.")
                                           : key("DryRunRules", "{0} are on no list of this guide."),
                listed(names));
        });
    if (d.verb != Verb::Tighten || !d.torque) return;
    std::vector<ThingNo> wrenches;
    for (const int n : d.needs)
        if (in.job.thing(n).torque_wrench) wrenches.push_back(n);
    if (wrenches.empty())
        for (std::size_t n = 0; n < in.job.things.size(); ++n)
            if (in.job.things[n].torque_wrench) wrenches.push_back(static_cast<int>(n));
    if (std::any_of(wrenches.begin(), wrenches.end(), [&](int n) { return reaches(in.job.thing(n), *d.torque); })) return;
    auto things = d.items;
    things.insert(things.end(), wrenches.begin(), wrenches.end());
    out.say(in.when, things, [&] {
        return wrenches.empty() ? say(key("DryRunRules", "No torque wrench is on the list for {0}."), text_of(d.figure->value))
                                : say(key("DryRunRules", "The {0} cannot be set to {1}."), in.job.name(wrenches), text_of(d.figure->value));
    });
}

void figure_open(const Scene& in, Findings& out) {
    const auto& d = *in.doing;
    if (d.figure_missing) {
        out.say(in.when, d.items, [&] {
            return in.job.variant.empty() ? Words(key("DryRunRules", "It works to a figure that the guide does not have."))
                                          : say(key("DryRunRules", "It works to a figure that is not known for {0}."), in.job.variant);
        });
        return;
    }
    if (d.figure == nullptr || d.standing == Standing::Proved) return;
    out.say(in.when, d.items,
        [&] { return say(key("DryRunRules", "“{0}” is {1}."), title_of(in.job.guide, *d.figure), words_of(d.standing)); });
}

void not_recorded(const Scene& in, Findings& out) {
    if (in.state.recorded || in.job.steps.empty()) return;
    bool serviced = false;
    for (const auto& f : in.state.fluids) serviced = serviced || f.filled.ever() || f.drained.ever();
    for (const auto& t : in.state.things) serviced = serviced || t.replaced;
    if (!serviced) return;
    for (const auto& step : in.job.steps)
        for (const auto& check : step.step->checks)
            if (check.reading) return;
    out.say({static_cast<int>(in.job.steps.size()) - 1, kNone}, {},
        [] { return key("DryRunRules", "Nothing writes the date and the meter's reading into the book."); });
}

}  // namespace anagraph::core::dryrun
