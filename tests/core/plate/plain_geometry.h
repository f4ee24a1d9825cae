// A second geometry for plates, written from what a reader sees and not from how the layout works: every disc and leader is
// sampled point by point, in pixels of a picture 1000 high. Slow, simple, and independent of the layout's own board.
#pragma once

#include <cmath>
#include <string>
#include <vector>

#include "core/plate/layout.h"

namespace anagraph::core::testing {

struct Dot {
    double x;
    double y;
};

/// The first thing a reader would find wrong, or an empty text.
inline std::string seen_wrong(const std::vector<Callout>& callouts, double aspect, const std::vector<Area>& clear = {}) {
    const auto at = [&](const Place& p) { return Dot{p.x / 10.0 * aspect, p.y / 10.0}; };
    const double radius = disc_radius(callouts.size()) / 10.0;
    const auto far = [](const Dot& a, const Dot& b) { return std::hypot(a.x - b.x, a.y - b.y); };
    const double slip = 0.6;  // places are whole ten-thousandths
    constexpr int kSteps = 200;
    const auto along = [&](const Callout& c, int step) {
        const Dot a = at(c.label);
        const Dot b = at(c.target);
        const double t = static_cast<double>(step) / kSteps;
        return Dot{a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t};
    };
    for (std::size_t i = 0; i < callouts.size(); ++i) {
        const Dot disc = at(callouts[i].label);
        if (disc.x < radius - slip || disc.y < radius - slip || disc.x > 1000 * aspect - radius + slip || disc.y > 1000 - radius + slip)
            return "disc " + std::to_string(i) + " runs out of the picture";
        for (const auto& area : clear) {
            // the nearest point of what is drawn
            const Dot near{std::clamp(disc.x, area.left / 10.0 * aspect, area.right / 10.0 * aspect),
                std::clamp(disc.y, area.top / 10.0, area.bottom / 10.0)};
            if (far(disc, near) < radius - slip) return "disc " + std::to_string(i) + " lies on a mark";
        }
        for (std::size_t k = 0; k < callouts.size(); ++k) {
            if (i == k) continue;
            if (k > i && far(disc, at(callouts[k].label)) < 2 * radius - slip)
                return "discs " + std::to_string(i) + " and " + std::to_string(k) + " overlap";
            if (far(disc, at(callouts[k].target)) < radius - slip)
                return "disc " + std::to_string(i) + " hides the part of " + std::to_string(k);
            for (int step = 0; step <= kSteps; ++step)
                if (far(disc, along(callouts[k], step)) < radius - slip)
                    return "the line of " + std::to_string(k) + " runs under disc " + std::to_string(i);
            if (k < i) continue;
            // the lines cross where the ends of each lie on both sides of the other
            const Dot a = at(callouts[i].label), b = at(callouts[i].target), c = at(callouts[k].label), d = at(callouts[k].target);
            const auto side = [](const Dot& p, const Dot& q, const Dot& r) {
                return (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
            };
            if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0)
                return "the lines of " + std::to_string(i) + " and " + std::to_string(k) + " cross";
        }
    }
    return "";
}

}  // namespace anagraph::core::testing
