#include "core/fluids/packs.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <numeric>

namespace anagraph::core {
namespace {

constexpr double kPerLitre = 1e6;  // amounts are whole microlitres
constexpr std::int64_t kMostStates = 4000000;

/// How a sum of packs was come by.
struct State {
    double cost = 0;
    int packs = -1;  // -1: cannot be made
    int last = -1;   // pack added last
};

bool better(const State& a, const State& b) {
    if (b.packs < 0) return true;
    if (std::abs(a.cost - b.cost) > 1e-9) return a.cost < b.cost;
    return a.packs < b.packs;
}

/// Looks through all sums of packs in steps of their greatest common measure.
class Search {
public:
    Search(std::int64_t need, std::vector<std::int64_t> sizes, const std::vector<Pack>& packs) : sizes_(std::move(sizes)), packs_(&packs) {
        for (const auto s : sizes_) step_ = std::gcd(step_, s);
        need_ = (need + step_ - 1) / step_;  // what is needed, in whole steps upwards
        largest_ = *std::max_element(sizes_.begin(), sizes_.end()) / step_;
    }
    bool fits() const { return need_ + largest_ <= kMostStates; }

    std::vector<int> best(Least least) {
        std::vector<State> states(static_cast<std::size_t>(need_ + largest_));
        states[0].packs = 0;
        for (std::int64_t sum = 1; sum < need_ + largest_; ++sum)
            for (std::size_t p = 0; p < sizes_.size(); ++p) {
                const std::int64_t before = sum - sizes_[p] / step_;
                // a pack is only added while there is not yet enough
                if (before < 0 || before >= need_ || states[static_cast<std::size_t>(before)].packs < 0) continue;
                const State& from = states[static_cast<std::size_t>(before)];
                const State next{from.cost + (*packs_)[p].price.value_or(0), from.packs + 1, static_cast<int>(p)};
                if (better(next, states[static_cast<std::size_t>(sum)])) states[static_cast<std::size_t>(sum)] = next;
            }
        std::int64_t chosen = -1;
        for (std::int64_t sum = need_; sum < need_ + largest_; ++sum) {
            if (states[static_cast<std::size_t>(sum)].packs < 0) continue;
            if (chosen < 0 || (least == Least::Cost && better_cost(states, sum, chosen))) chosen = sum;
        }
        std::vector<int> count(sizes_.size(), 0);
        for (std::int64_t sum = chosen; sum > 0;) {
            const int p = states[static_cast<std::size_t>(sum)].last;
            ++count[static_cast<std::size_t>(p)];
            sum -= sizes_[static_cast<std::size_t>(p)] / step_;
        }
        return count;
    }

private:
    static bool better_cost(const std::vector<State>& states, std::int64_t a, std::int64_t b) {
        return states[static_cast<std::size_t>(a)].cost < states[static_cast<std::size_t>(b)].cost - 1e-9;
    }

    std::vector<std::int64_t> sizes_;
    const std::vector<Pack>* packs_;
    std::int64_t step_ = 0;
    std::int64_t need_ = 0;
    std::int64_t largest_ = 0;
};

}  // namespace

Result<OfferedPack> parse_pack(std::string_view text) {
    const auto at = text.find('@');
    const auto size = Quantity::parse(text.substr(0, at));
    if (!size) return tl::make_unexpected(size.error());
    if (size->unit->dimension != Dimension::Volume)
        return fail(ErrorCode::BadInput, say(key("Fluids", "{0} is no pack of a fluid; write it as 1 L@6.50."), display(*size)));
    OfferedPack out{*size, {size->in(*find_unit("L")), std::nullopt}};
    if (at == std::string_view::npos) return out;
    const auto price = Number::parse(text.substr(at + 1));
    if (!price)
        return fail(ErrorCode::BadInput, say(key("Fluids", "\"{0}\" is no price; write the pack as 1 L@6.50."), text.substr(at + 1)));
    out.pack.price = price->value();
    return out;
}

Result<PackChoice> choose_packs(double need, const std::vector<Pack>& packs, Least least, const std::vector<StoredPack>& store) {
    const auto bad = [](const Key& why) { return fail(ErrorCode::BadInput, why); };
    if (!(need > 0) || !std::isfinite(need)) return bad(key("Fluids", "What is needed must be more than nothing."));
    if (packs.empty()) return bad(key("Fluids", "Say which packs there are, as in --pack \"1 L@6.50\"."));
    for (const auto& p : packs) {
        if (!(p.litres > 0)) return bad(key("Fluids", "A pack must hold more than nothing."));
        if (p.price && !(*p.price >= 0)) return bad(key("Fluids", "A price cannot be less than nothing."));
        if (least == Least::Cost && !p.price)
            return bad(key("Fluids", "The least cost can only be found with a price for every pack, as in \"5 L@24\"."));
    }
    PackChoice choice;
    choice.count.assign(packs.size(), 0);
    choice.from_store.assign(store.size(), false);
    // opened packs first: the smallest rest first, so that they do not gather
    std::vector<std::size_t> order(store.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return store[a].litres < store[b].litres; });
    double open = need;
    for (const auto i : order) {
        if (open <= 0 || store[i].litres <= 0) continue;
        choice.from_store[i] = true;
        open -= store[i].litres;
    }
    const bool priced = std::all_of(packs.begin(), packs.end(), [](const Pack& p) { return p.price.has_value(); });
    std::vector<Pack> weighed = packs;
    if (!priced)
        for (auto& p : weighed) p.price.reset();
    const auto whole = static_cast<std::int64_t>(std::ceil(open * kPerLitre - 0.5));
    if (whole > 0) {
        std::vector<std::int64_t> sizes;
        for (const auto& p : packs) sizes.push_back(std::max<std::int64_t>(1, std::llround(p.litres * kPerLitre)));
        Search search(whole, sizes, weighed);
        if (!search.fits()) {
            // sizes of two systems have no common measure: to the millilitre, packs taken a little small
            constexpr std::int64_t kMillilitre = 1000;
            for (auto& s : sizes) s = std::max(kMillilitre, s / kMillilitre * kMillilitre);
            search = Search(whole, sizes, weighed);
            if (!search.fits())
                return bad(
                    key("Fluids", "That is too much for packs so small to look through: say larger packs, or the need of one machine."));
        }
        choice.count = search.best(least);
    }
    choice.leftover = -open;
    double cost = 0;
    bool known = true;
    for (std::size_t i = 0; i < packs.size(); ++i) {
        choice.leftover += choice.count[i] * packs[i].litres;
        if (choice.count[i] > 0 && !packs[i].price) known = false;
        cost += choice.count[i] * packs[i].price.value_or(0);
    }
    if (std::abs(choice.leftover) < 1 / kPerLitre) choice.leftover = 0;
    if (known) choice.cost = cost;
    return choice;
}

}  // namespace anagraph::core
