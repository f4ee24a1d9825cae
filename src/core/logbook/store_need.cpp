#include "core/logbook/store_need.h"

#include <algorithm>

#include "core/edition/post.h"

namespace anagraph::core {
namespace {

bool is_same(const StoreNeed& need, const TakenByJob& t) {
    if (need.unit == nullptr || t.amount.unit == nullptr || need.unit->dimension != t.amount.unit->dimension) return false;
    if (!need.number.empty() && !t.number.empty()) return same_post(need.number, t.number);
    return same_post(need.item, t.item);
}

}  // namespace

std::vector<StoreNeed> store_needs(const Logbook& log, const std::vector<TakenByJob>& taken) {
    std::vector<StoreNeed> out;
    for (const auto& s : log.stock()) {
        StoreNeed need;
        need.item = s.item;
        need.number = s.number;
        need.unit = s.unit;
        need.there = s.amount;
        need.least = s.least.value_or(0);
        out.push_back(std::move(need));
    }
    for (const auto& t : taken) {
        auto it = std::find_if(out.begin(), out.end(), [&](const StoreNeed& n) { return is_same(n, t); });
        if (it == out.end()) {
            StoreNeed need;
            need.item = t.item;
            need.number = t.number;
            need.unit = t.amount.unit;
            need.counted = false;
            it = out.insert(out.end(), std::move(need));
        }
        it->taken += t.amount.in(*it->unit);
        if (std::find(it->jobs.begin(), it->jobs.end(), t.job) == it->jobs.end()) it->jobs.push_back(t.job);
    }
    for (auto& n : out) n.order = std::max(0.0, n.taken + n.least - n.there);
    std::stable_sort(out.begin(), out.end(), [](const StoreNeed& a, const StoreNeed& b) { return (a.order > 0) > (b.order > 0); });
    return out;
}

std::vector<Words> to_order(const std::vector<StoreNeed>& needs) {
    std::vector<Words> out;
    for (const auto& n : needs) {
        if (n.order <= 0) continue;
        const auto amount = [&](double value) { return amount_words(value, *n.unit); };
        out.push_back(say(key("Logbook", "{0}: {1}; order {2}"), listed({n.item, n.number}),
            listed({n.counted ? say(key("Logbook", "{0} there"), amount(n.there)) : Words(key("Logbook", "never counted in the store")),
                n.least > 0 ? say(key("Logbook", "{0} is the least"), amount(n.least)) : Words(),
                n.taken > 0 ? say(key("Logbook", "{0} taken by {1}"), amount(n.taken), listed_all(n.jobs)) : Words()}),
            amount(n.order)));
    }
    return out;
}

}  // namespace anagraph::core
