#include "core/plate/layout.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <optional>

namespace anagraph::core {
namespace {

/// Discs lie so much apart, in radii, because whole ten-thousandths are rounded to.
constexpr double kMargin = 1.03;

/// A point in ten-thousandths of the picture's height, both ways.
struct Point {
    double x = 0;
    double y = 0;
};
Point point_of(const Place& p, double aspect) { return {p.x * aspect, static_cast<double>(p.y)}; }

double distance(const Point& a, const Point& b) { return std::hypot(a.x - b.x, a.y - b.y); }

double distance_to_segment(const Point& p, const Point& a, const Point& b) {
    const double dx = b.x - a.x;
    const double dy = b.y - a.y;
    const double square = dx * dx + dy * dy;
    const double t = square > 0 ? std::clamp(((p.x - a.x) * dx + (p.y - a.y) * dy) / square, 0.0, 1.0) : 0.0;
    return distance(p, {a.x + t * dx, a.y + t * dy});
}

double side(const Point& a, const Point& b, const Point& c) { return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x); }

bool cross(const Point& a, const Point& b, const Point& c, const Point& d) {
    return (side(a, b, c) > 0) != (side(a, b, d) > 0) && (side(c, d, a) > 0) != (side(c, d, b) > 0);
}

/// Targets and labels as points, and what of them lies badly.
class Board {
public:
    Board(const std::vector<Callout>& callouts, double aspect, const std::vector<Area>& kept_clear, double margin = 1)
        : aspect_(aspect), radius_(disc_radius(callouts.size()) * margin) {
        for (const auto& a : kept_clear) clear_.push_back({point_of({a.left, a.top}, aspect), point_of({a.right, a.bottom}, aspect)});
        for (const auto& c : callouts) {
            targets_.push_back(point_of(c.target, aspect));
            labels_.push_back(point_of(c.label, aspect));
        }
        placed_.assign(callouts.size(), true);
    }

    /// Faults of a disc at `label` for callout `i` against all that is placed. Two targets so close that one disc must cover
    /// both cannot be told apart anyway; the callout's own target may not be covered either.
    LayoutFaults faults(std::size_t i, const Point& label) const {
        LayoutFaults out;
        if (!inside(label)) ++out.outside;
        for (const auto& box : clear_)
            if (distance(label, {std::clamp(label.x, box.from.x, box.to.x), std::clamp(label.y, box.from.y, box.to.y)}) < radius_)
                ++out.covered;
        for (std::size_t k = 0; k < targets_.size(); ++k) {
            if (distance(label, targets_[k]) < radius_) ++out.covered;
            if (k == i || !placed_[k]) continue;
            if (distance(label, labels_[k]) < 2 * radius_) ++out.covered;
            if (distance_to_segment(labels_[k], targets_[i], label) < radius_) ++out.covered;
            if (distance_to_segment(label, targets_[k], labels_[k]) < radius_) ++out.covered;
            if (cross(targets_[i], label, targets_[k], labels_[k])) ++out.crossings;
        }
        return out;
    }
    LayoutFaults faults(std::size_t i) const { return faults(i, labels_[i]); }

    bool inside(const Point& p) const {
        return p.x >= radius_ && p.y >= radius_ && p.x <= 10000 * aspect_ - radius_ && p.y <= 10000 - radius_;
    }
    void lift(std::size_t i) { placed_[i] = false; }
    bool placed(std::size_t i) const { return placed_[i]; }
    void put(std::size_t i, const Point& label) {
        labels_[i] = label;
        placed_[i] = true;
    }
    std::size_t size() const { return targets_.size(); }
    double radius() const { return radius_; }
    double aspect() const { return aspect_; }
    const Point& target(std::size_t i) const { return targets_[i]; }
    Place label_place(std::size_t i) const {
        return {static_cast<int>(std::lround(labels_[i].x / aspect_)), static_cast<int>(std::lround(labels_[i].y))};
    }

private:
    double aspect_;
    double radius_;
    std::vector<Point> targets_;
    std::vector<Point> labels_;
    std::vector<bool> placed_;
    struct Box {
        Point from;
        Point to;
    };
    std::vector<Box> clear_;
};

/// Places round the target, outward first, and a ring along the picture's edge.
std::vector<Point> candidates(const Board& board, std::size_t i) {
    std::vector<Point> out;
    const Point& t = board.target(i);
    const Point middle{5000 * board.aspect(), 5000};
    const double away = std::atan2(t.y - middle.y, t.x - middle.x);
    for (const double reach : {3.2, 4.4, 6.2, 8.2, 11.0})
        for (int k = 0; k < 24; ++k) {
            const double turn = away + (k % 2 == 0 ? 1 : -1) * ((k + 1) / 2) * M_PI / 12;
            const Point p{t.x + std::cos(turn) * reach * board.radius(), t.y + std::sin(turn) * reach * board.radius()};
            if (board.inside(p)) out.push_back(p);
        }
    const double inset = board.radius() * 1.25;
    const double wide = 10000 * board.aspect();
    const double step = board.radius() * 2.15;
    for (double x = inset; x <= wide - inset; x += step)
        for (const double y : {inset, 10000 - inset}) out.push_back({x, y});
    for (double y = inset + step; y <= 10000 - inset - step; y += step)
        for (const double x : {inset, wide - inset}) out.push_back({x, y});
    return out;
}

/// How little a place is wanted apart from its faults: long leaders, and labels towards the middle of the picture.
double dislike(const Board& board, std::size_t i, const Point& p) {
    const Point middle{5000 * board.aspect(), 5000};
    return distance(p, board.target(i)) + 0.35 * std::max(0.0, distance(board.target(i), middle) - distance(p, middle));
}

Point best_place(const Board& board, std::size_t i, double& faults) {
    constexpr double kFault = 1e6;
    Point best = board.target(i);
    double least = 1e18;
    for (const auto& p : candidates(board, i)) {
        const double soft = dislike(board, i, p);
        if (soft >= least) continue;
        const double score = board.faults(i, p).all() * kFault + soft;
        if (score >= least) continue;
        least = score;
        best = p;
    }
    faults = std::floor(least / kFault);
    return best;
}

/// Places what is lifted, then moves what lies badly, until nothing does or nothing gets better.
void settle(Board& board, const std::vector<bool>& free) {
    std::vector<std::size_t> order(board.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    const Point middle{5000 * board.aspect(), 5000};
    // outer ones first: they have the shortest way out
    std::stable_sort(order.begin(), order.end(),
        [&](std::size_t a, std::size_t b) { return distance(board.target(a), middle) > distance(board.target(b), middle); });
    double faults = 0;
    for (const std::size_t i : order)
        if (!board.placed(i)) board.put(i, best_place(board, i, faults));
    constexpr int kRounds = 60;
    for (int round = 0; round < kRounds; ++round) {
        bool well = true;
        for (const std::size_t i : order) {
            const int now = board.faults(i).all();
            if (now == 0) continue;
            well = false;
            if (free[i]) {
                board.lift(i);
                board.put(i, best_place(board, i, faults));
            }
            // where its own place does not help, whoever is in the way moves as well
            if (free[i] && faults == 0) continue;
            for (const std::size_t k : order) {
                if (k == i || !free[k] || board.faults(k).all() == 0) continue;
                board.lift(k);
                double other = 0;
                board.put(k, best_place(board, k, other));
                if (board.faults(i).all() == 0) break;
            }
        }
        if (well) return;
        // a tangle that the order keeps: the next round goes round the other way
        std::rotate(order.begin(), order.begin() + 1, order.end());
        if (round % 8 == 7) {
            // all of them anew, in the order that has come about
            for (const std::size_t i : order)
                if (free[i]) board.lift(i);
            for (const std::size_t i : order)
                if (!board.placed(i)) board.put(i, best_place(board, i, faults));
        } else if (round % 3 == 2) {
            for (const std::size_t i : order)
                if (free[i] && board.faults(i).all() > 0) board.lift(i);
            std::reverse(order.begin(), order.end());
            for (const std::size_t i : order)
                if (!board.placed(i)) board.put(i, best_place(board, i, faults));
        }
    }
}

std::vector<Callout> arranged(std::vector<Callout> callouts, double aspect, const std::vector<Area>& kept_clear, bool anew) {
    Board board(callouts, aspect, kept_clear, kMargin);
    std::vector<bool> free;
    for (const auto& c : callouts) free.push_back(!c.fixed);
    for (std::size_t i = 0; i < callouts.size(); ++i)
        if (free[i] && anew) board.lift(i);
    // what lies badly is lifted one by one, so that of two in each other's way one may stay
    for (std::size_t i = 0; i < callouts.size(); ++i)
        if (free[i] && board.placed(i) && board.faults(i).all() > 0) board.lift(i);
    settle(board, free);
    for (std::size_t i = 0; i < callouts.size(); ++i)
        if (free[i]) callouts[i].label = board.label_place(i);
    return callouts;
}

}  // namespace

int disc_radius(std::size_t callouts) {
    constexpr std::size_t kFull = 7;
    return callouts <= kFull
        ? kDiscRadius
        : std::max(200, static_cast<int>(kDiscRadius * std::sqrt(static_cast<double>(kFull) / static_cast<double>(callouts))));
}

LayoutFaults layout_faults(const std::vector<Callout>& callouts, double aspect, const std::vector<Area>& kept_clear) {
    const Board board(callouts, aspect, kept_clear);
    LayoutFaults out;
    for (std::size_t i = 0; i < callouts.size(); ++i) {
        const auto f = board.faults(i);
        out.crossings += f.crossings;
        out.covered += f.covered;
        out.outside += f.outside;
    }
    return out;
}

std::vector<Callout> laid_out(std::vector<Callout> callouts, double aspect, const std::vector<Area>& kept_clear) {
    return arranged(std::move(callouts), aspect, kept_clear, false);
}
std::vector<Callout> laid_out_anew(std::vector<Callout> callouts, double aspect, const std::vector<Area>& kept_clear) {
    return arranged(std::move(callouts), aspect, kept_clear, true);
}

Plate laid_out(Plate plate, double aspect) {
    plate.callouts = laid_out(std::move(plate.callouts), aspect, kept_clear(plate, aspect));
    return plate;
}
Plate laid_out_anew(Plate plate, double aspect) {
    plate.callouts = laid_out_anew(std::move(plate.callouts), aspect, kept_clear(plate, aspect));
    return plate;
}

TagSize role_tag_size(PairRole role) {
    if (role == PairRole::None) return {};
    return {kTagUnit * (2.7 + 0.9 * static_cast<double>(name_of(role).size())), kTagUnit * 2.1};
}

std::vector<Area> kept_clear(const Plate& plate, double aspect) {
    std::vector<Area> out;
    // a box about a place, its reach in units of signs
    const auto add = [&](const Place& at, double left, double up, double right, double down) {
        const auto across = [&](double units) { return static_cast<int>(std::lround(units * kSignUnit / aspect)); };
        const auto along = [&](double units) { return static_cast<int>(std::lround(units * kSignUnit)); };
        out.push_back({std::clamp(at.x - across(left), 0, 10000), std::clamp(at.y - along(up), 0, 10000),
            std::clamp(at.x + across(right), 0, 10000), std::clamp(at.y + along(down), 0, 10000)});
    };
    const auto about = [&](const Place& at, double units) { add(at, units, units, units, units); };
    // a line, as small boxes so close that no disc fits between
    const auto between = [&](const Place& a, const Place& b) {
        const int pieces = std::max(1, static_cast<int>(std::ceil(distance(point_of(a, aspect), point_of(b, aspect)) / kSignUnit)));
        for (int i = 0; i <= pieces; ++i) about({a.x + (b.x - a.x) * i / pieces, a.y + (b.y - a.y) * i / pieces}, 0.15);
    };
    for (const auto& m : plate.marks) {
        const double reach = distance(point_of(m.at, aspect), point_of(m.to, aspect)) / kSignUnit;
        switch (m.sign) {
            case PlateSign::Turn:
            case PlateSign::TurnBack:
            case PlateSign::Look:
                about(m.at, 0.7 * std::max(reach, 1.0));  // the square within the ring: discs may come near it
                break;
            case PlateSign::Pull:
            case PlateSign::Press:
            case PlateSign::Flow:
                between(m.at, m.to);
                about(m.to, 0.8);
                break;
            case PlateSign::DoNotTouch:
                about(m.at, 1.5);
                break;
            case PlateSign::Distance:
                between(m.at, m.to);
                add({(m.at.x + m.to.x) / 2, (m.at.y + m.to.y) / 2}, 1.8, 1.4, 1.8, 0.2);
                break;
            case PlateSign::Magnify:
                between(m.at, m.to);
                about(m.at, 0.5 * kLensRadius / kSignUnit);
                about(m.to, static_cast<double>(kLensRadius) / kSignUnit);
                break;
        }
    }
    for (const auto& f : plate.fasteners) add(f.at, 0.55, 2.0, 2.0, 0.55);
    if (const auto tag = role_tag_size(plate.role); tag.wide > 0) add({0, 0}, 0, 0, tag.wide, tag.high);
    return out;
}

Place clamped(const Place& place, double aspect) {
    const int margin_x = static_cast<int>(std::lround(kDiscRadius * kMargin / aspect));
    const int margin_y = static_cast<int>(std::lround(kDiscRadius * kMargin));
    return {std::clamp(place.x, margin_x, 10000 - margin_x), std::clamp(place.y, margin_y, 10000 - margin_y)};
}

Place label_place(const Place& target, const Plate& plate, double aspect) {
    std::vector<Callout> all = plate.callouts;
    for (auto& c : all) c.fixed = true;
    all.push_back({ItemId(), target, target});
    return arranged(std::move(all), aspect, kept_clear(plate, aspect), true).back().label;
}

}  // namespace anagraph::core
