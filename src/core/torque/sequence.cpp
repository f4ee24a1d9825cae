#include "core/torque/sequence.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <numbers>
#include <optional>
#include <set>

namespace anagraph::core {
namespace {

double distance(const BoltPlace& a, const BoltPlace& b) { return std::hypot(a.x - b.x, a.y - b.y); }

using Neighbours = std::vector<std::set<int>>;

/// Next to each other by number, round the whole.
Neighbours ring(int count, bool closed) {
    Neighbours n(static_cast<std::size_t>(count));
    for (int i = 0; i < count; ++i) {
        const int next = i + 1 < count ? i + 1 : closed ? 0 : -1;
        if (next < 0 || next == i) continue;
        n[static_cast<std::size_t>(i)].insert(next);
        n[static_cast<std::size_t>(next)].insert(i);
    }
    return n;
}

/// The two nearest of each, both ways.
Neighbours nearest_of(const std::vector<BoltPlace>& places) {
    Neighbours n(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        std::vector<int> others;
        for (std::size_t k = 0; k < places.size(); ++k)
            if (k != i) others.push_back(static_cast<int>(k));
        std::sort(others.begin(), others.end(), [&](int a, int b) {
            const double da = distance(places[i], places[static_cast<std::size_t>(a)]);
            const double db = distance(places[i], places[static_cast<std::size_t>(b)]);
            return da != db ? da < db : a < b;
        });
        for (std::size_t k = 0; k < std::min<std::size_t>(2, others.size()); ++k) {
            n[i].insert(others[k]);
            n[static_cast<std::size_t>(others[k])].insert(static_cast<int>(i));
        }
    }
    return n;
}

/// An order in which no two neighbours follow each other: by trying the best next bolt first and taking back what leads
/// nowhere, for as many tries as pay. `better(last, a, b)`: is a to be tried before b? Nothing where none was found.
std::optional<std::vector<int>> apart(
    const Neighbours& neighbours, int first, const std::function<bool(const std::vector<int>&, int, int)>& better) {
    constexpr int kTries = 20000;
    const std::size_t count = neighbours.size();
    std::vector<int> order{first};
    std::vector<bool> used(count, false);
    used[static_cast<std::size_t>(first)] = true;
    std::vector<std::vector<int>> waiting;
    const auto choices = [&] {
        std::vector<int> next;
        for (std::size_t i = 0; i < count; ++i)
            if (!used[i] && !neighbours[static_cast<std::size_t>(order.back())].contains(static_cast<int>(i)))
                next.push_back(static_cast<int>(i));
        std::stable_sort(next.begin(), next.end(), [&](int a, int b) { return better(order, b, a); });  // the best one last
        return next;
    };
    waiting.push_back(choices());
    for (int tries = 0; order.size() < count; ++tries) {
        if (tries > kTries) return std::nullopt;
        if (waiting.back().empty()) {
            waiting.pop_back();
            used[static_cast<std::size_t>(order.back())] = false;
            order.pop_back();
            if (waiting.empty()) return std::nullopt;
            continue;
        }
        const int next = waiting.back().back();
        waiting.back().pop_back();
        order.push_back(next);
        used[static_cast<std::size_t>(next)] = true;
        waiting.push_back(choices());
    }
    return order;
}

std::vector<int> numbered(std::vector<int> order) {
    for (int& i : order) ++i;
    return order;
}

/// Across and across again: each opposite the last, each pair as far as may be from those before.
std::vector<int> star(int count) {
    if (count % 2 == 1) {
        std::vector<int> order;
        for (int k = 0; k < count; ++k) order.push_back(static_cast<int>(static_cast<long>(k) * (count / 2) % count));
        return order;
    }
    const int half = count / 2;
    std::vector<int> order{0};
    std::vector<bool> used(static_cast<std::size_t>(half), false);  // pairs, by their first bolt
    used[0] = true;
    if (half > 0 && count > 1) order.push_back(half);
    const auto apart_on_circle = [&](int a, int b) {
        const int d = std::abs(a - b) % count;
        return std::min(d, count - d);
    };
    while (static_cast<int>(order.size()) < count) {
        int best = -1;
        int best_gap = -1;
        for (int p = 0; p < count; ++p) {
            if (used[static_cast<std::size_t>(p % half)]) continue;
            const bool beside = apart_on_circle(p, order.back()) < 2;
            int gap = beside && count > 4 ? 0 : count;
            for (int q = 0; q < half; ++q)
                if (used[static_cast<std::size_t>(q)]) gap = std::min({gap, apart_on_circle(p, q), apart_on_circle(p, q + half)});
            if (beside && count > 4) gap = 0;
            if (gap > best_gap) {
                best_gap = gap;
                best = p;
            }
        }
        used[static_cast<std::size_t>(best % half)] = true;
        order.push_back(best);
        order.push_back((best + half) % count);
    }
    return order;
}

std::vector<int> from_the_middle(const std::vector<BoltPlace>& places, const Neighbours& neighbours) {
    BoltPlace middle;
    for (const auto& p : places) {
        middle.x += p.x / static_cast<double>(places.size());
        middle.y += p.y / static_cast<double>(places.size());
    }
    // in rings of a little width, so that bolts as good as equally far count as one ring
    double widest = 0;
    for (const auto& p : places) widest = std::max(widest, distance(p, middle));
    const auto out_from = [&](int i) {
        return std::lround(distance(places[static_cast<std::size_t>(i)], middle) / std::max(widest, 1e-9) * 40);
    };
    int first = 0;
    for (int i = 1; i < static_cast<int>(places.size()); ++i)
        if (out_from(i) < out_from(first)) first = i;
    const auto better = [&](const std::vector<int>& order, int a, int b) {
        if (out_from(a) != out_from(b)) return out_from(a) < out_from(b);
        const auto& last = places[static_cast<std::size_t>(order.back())];
        const double da = distance(last, places[static_cast<std::size_t>(a)]);
        const double db = distance(last, places[static_cast<std::size_t>(b)]);
        return std::abs(da - db) > 1e-9 ? da > db : a < b;
    };
    if (auto order = apart(neighbours, first, better)) return *order;
    // too few bolts to keep neighbours apart: only from the middle outwards
    std::vector<int> order{first};
    std::vector<int> rest;
    for (int i = 0; i < static_cast<int>(places.size()); ++i)
        if (i != first) rest.push_back(i);
    while (!rest.empty()) {
        const auto next = std::min_element(rest.begin(), rest.end(), [&](int a, int b) { return better(order, a, b); });
        order.push_back(*next);
        rest.erase(next);
    }
    return order;
}

Outcome fewness(int count) {
    if (count < 1 || count > kMostBolts)
        return fail(ErrorCode::BadInput, say(key("Torque", "Between 1 and {0} bolts can be put in order."), kMostBolts));
    return {};
}

}  // namespace

std::vector<BoltPlace> bolt_places(BoltPattern pattern, int count) {
    std::vector<BoltPlace> places;
    for (int i = 0; i < count; ++i) {
        if (pattern == BoltPattern::Circle) {
            const double turn = 2 * std::numbers::pi * i / count;
            places.push_back({std::sin(turn), -std::cos(turn)});
        } else if (pattern == BoltPattern::Line) {
            places.push_back({count == 1 ? 0 : -1 + 2.0 * i / (count - 1), 0});
        } else {
            const int top = (count + 1) / 2;
            const bool above = i < top;
            const int in_row = above ? top : count - top;
            const int at = above ? i : count - 1 - i;  // the lower row runs back
            places.push_back({in_row == 1 ? 0 : -1 + 2.0 * at / (in_row - 1), above ? -0.5 : 0.5});
        }
    }
    return places;
}

Result<std::vector<int>> tightening_order(BoltPattern pattern, int count) {
    if (auto few = fewness(count); !few) return tl::make_unexpected(few.error());
    if (pattern == BoltPattern::Circle || (pattern == BoltPattern::Rectangle && count <= 4)) return numbered(star(count));
    return numbered(from_the_middle(bolt_places(pattern, count), ring(count, pattern == BoltPattern::Rectangle)));
}

Result<std::vector<int>> tightening_order(const std::vector<BoltPlace>& places) {
    if (auto few = fewness(static_cast<int>(places.size())); !few) return tl::make_unexpected(few.error());
    return numbered(from_the_middle(places, nearest_of(places)));
}

Result<std::vector<double>> stages_checked(std::vector<double> stages) {
    double before = 0;
    for (const double s : stages) {
        if (!(s > before)) return fail(ErrorCode::BadInput, key("Torque", "Each stage must be above the one before, as in 20,40,60."));
        before = s;
    }
    return stages;
}

}  // namespace anagraph::core
