#include "core/logbook/store_need.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

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

std::vector<std::string> to_order(const std::vector<StoreNeed>& needs) {
    std::vector<std::string> out;
    for (const auto& n : needs) {
        if (n.order <= 0) continue;
        std::string said = fmt::format("{}{}: ", n.item, n.number.empty() ? "" : ", " + n.number);
        said += n.counted ? fmt::format("{:.6g} {} there", n.there, n.unit->symbol) : "never counted in the store";
        if (n.least > 0) said += fmt::format(", {:.6g} {} is the least", n.least, n.unit->symbol);
        if (n.taken > 0) said += fmt::format(", {:.6g} {} taken by {}", n.taken, n.unit->symbol, fmt::join(n.jobs, " and "));
        out.push_back(fmt::format("{}; order {:.6g} {}", said, n.order, n.unit->symbol));
    }
    return out;
}

}  // namespace anagraph::core
