#include "core/plate/layout.h"

#include <algorithm>
#include <cmath>

namespace anagraph::core {
namespace {

/// Distance in ten-thousandths of the height.
double distance(const Place& a, const Place& b, double aspect) { return std::hypot((a.x - b.x) * aspect, static_cast<double>(a.y - b.y)); }

}  // namespace

Place clamped(const Place& place, double aspect) {
    const int margin_x = static_cast<int>(std::lround(kDiscRadius * 1.2 / aspect));
    const int margin_y = static_cast<int>(std::lround(kDiscRadius * 1.2));
    return {std::clamp(place.x, margin_x, 10000 - margin_x), std::clamp(place.y, margin_y, 10000 - margin_y)};
}

Place label_place(const Place& target, const std::vector<Callout>& others, double aspect) {
    const double away = std::atan2(target.y - 5000.0, (target.x - 5000.0) * aspect);
    Place best = target;
    double best_score = -1e18;
    for (const double reach : {1500.0, 2100.0, 2800.0}) {
        for (int k = 0; k < 24; ++k) {
            const double turn = (k % 2 == 0 ? 1 : -1) * ((k + 1) / 2) * M_PI / 12;
            const Place p = clamped({static_cast<int>(std::lround(target.x + std::cos(away + turn) * reach / aspect)), static_cast<int>(std::lround(target.y + std::sin(away + turn) * reach))}, aspect);
            double clear = distance(p, target, aspect) - 2.2 * kDiscRadius;
            for (const auto& o : others) clear = std::min({clear, distance(p, o.label, aspect) - 2.6 * kDiscRadius, distance(p, o.target, aspect) - 1.8 * kDiscRadius});
            const double score = std::min(clear, 0.0) * 10 - std::abs(turn) * 150 - reach * 0.2;
            if (score > best_score) {
                best_score = score;
                best = p;
            }
        }
    }
    return best;
}

}  // namespace anagraph::core
