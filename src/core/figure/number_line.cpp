#include "core/figure/number_line.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <optional>

namespace anagraph::core {
namespace {

struct Ends {
    double low;
    double high;
};

/// A value in the unit of the line.
std::optional<Ends> in_unit(const FigureValue& v, const Unit& unit) {
    const auto low = Number::kept(v.low);
    const Unit* own = find_unit(v.unit);
    if (!low || own == nullptr) return std::nullopt;
    own = &unit_meant(*own, unit.dimension);
    if (own->dimension != unit.dimension) return std::nullopt;
    const auto high = v.high.empty() ? low : Number::kept(v.high);
    return Ends{convert(low->value(), *own, unit), convert(high ? high->value() : low->value(), *own, unit)};
}

/// Those of a value with more than one.
std::vector<NumberStage> stages_of(const FigureValue& v, const Unit& unit) {
    std::vector<NumberStage> out;
    const Unit* own = find_unit(v.unit);
    if (v.before.empty() || own == nullptr || own->dimension != unit.dimension) return out;
    for (const auto& stage : v.before) {
        if (const auto n = Number::kept(stage))
            out.push_back({convert(n->value(), *own, unit), false});
        else if (!out.empty())
            out.back().loosened = true;
    }
    if (const auto last = in_unit(v, unit)) out.push_back({last->high, false});
    return out;
}

double nice_step(double span) {
    const double raw = span / 5;
    const double power = std::pow(10.0, std::floor(std::log10(raw)));
    for (const double m : {1.0, 2.0, 5.0, 10.0})
        if (m * power >= raw) return m * power;
    return 10 * power;
}

const Unit* line_unit(const Figure& f) {
    if (const auto* u = find_unit(f.value.unit)) return u;
    for (const auto& p : f.proofs)
        if (const auto* u = find_unit(p.value.unit)) return u;
    for (const auto& c : f.claims)
        if (const auto* u = find_unit(c.value.unit)) return f.kind == FigureKind::Torque ? &unit_meant(*u, Dimension::Torque) : u;
    return nullptr;
}

}  // namespace

NumberLine number_line(const Figure& f) {
    NumberLine out;
    const Unit* unit = line_unit(f);
    if (unit == nullptr) return out;
    out.unit = unit;
    std::vector<double> all;
    if (const auto v = in_unit(f.value, *unit)) {
        all = {v->low, v->high};
        const auto tolerance = Number::kept(f.tolerance);
        const double t = tolerance ? tolerance->value() : 0;
        if (t > 0 || v->high > v->low) {
            out.band_from = v->low - t;
            out.band_to = v->high + t;
            all.push_back(out.band_from);
            all.push_back(out.band_to);
        }
    }
    out.stages = stages_of(f.value, *unit);
    out.turned = !f.value.turn.empty();
    for (const auto& stage : out.stages) all.push_back(stage.at);
    for (std::size_t i = 0; i < f.claims.size(); ++i)
        if (const auto v = in_unit(f.claims[i].value, *unit)) {
            out.pins.push_back({(v->low + v->high) / 2, fmt::format("“{}” {}", f.claims[i].words, clock_text(f.claims[i].at, false)), i});
            all.push_back(out.pins.back().at);
        }
    for (std::size_t i = 0; i < f.proofs.size(); ++i)
        if (const auto v = in_unit(f.proofs[i].value, *unit)) {
            out.blocks.push_back({v->low, v->high, i});
            all.push_back(v->low);
            all.push_back(v->high);
        }
    if (all.empty()) return out;
    const auto [least, most] = std::minmax_element(all.begin(), all.end());
    const double centre = (*least + *most) / 2;
    const double span = std::max({*most - *least, std::abs(centre) * 0.2, 1e-6}) * 1.6;
    const double step = nice_step(span);
    out.low = std::floor((centre - span / 2) / step) * step;
    if (*least >= 0) out.low = std::max(0.0, out.low);
    out.high = std::ceil((centre + span / 2) / step) * step;
    for (double t = out.low; t <= out.high + step * 1e-6; t += step) out.ticks.push_back(t);
    if (const Unit* partner = unit->partner.empty() ? nullptr : find_unit(unit->partner)) {
        out.other_unit = partner;
        const double apart = std::abs(convert(out.low + step, *unit, *partner) - convert(out.low, *unit, *partner));
        const int decimals = std::clamp(static_cast<int>(std::ceil(-std::log10(apart))) + 1, 0, 4);
        for (const double t : out.ticks) out.other_ticks.push_back(fmt::format("{:.{}f}", convert(t, *unit, *partner), decimals));
    }
    std::sort(out.pins.begin(), out.pins.end(), [](const NumberPin& a, const NumberPin& b) { return a.at < b.at; });
    out.drawable = true;
    return out;
}

namespace {

struct Room {
    double from;
    double to;
    bool meets(const Room& other) const { return from < other.to && other.from < to; }
};

/// The words in lines no wider than the room; a word wider than that is broken.
std::vector<std::string> wrapped(const std::string& words, double most, const std::function<double(const std::string&)>& width) {
    std::vector<std::string> lines{""};
    const auto add = [&](const std::string& piece) {
        const std::string with = lines.back().empty() ? piece : lines.back() + " " + piece;
        if (lines.back().empty() || width(with) <= most)
            lines.back() = with;
        else
            lines.push_back(piece);
    };
    std::size_t from = 0;
    while (from < words.size()) {
        const auto end = std::min(words.find(' ', from), words.size());
        std::string word = words.substr(from, end - from);
        while (word.size() > 1 && width(word) > most) {
            std::size_t cut = word.size();
            while (cut > 1 && (width(word.substr(0, cut)) > most || (static_cast<unsigned char>(word[cut]) & 0xC0) == 0x80)) --cut;
            add(word.substr(0, cut));
            word.erase(0, cut);
        }
        if (!word.empty()) add(word);
        from = end + 1;
    }
    return lines;
}

/// What stands in each row: labels and heads, and the stems that pass through it.
class Rows {
public:
    bool free(int row, const Room& span, bool of_stems) const {
        const auto at = static_cast<std::size_t>(row);
        const auto meets = [&](const Room& other) { return other.meets(span); };
        return (at >= solid_.size() || std::none_of(solid_[at].begin(), solid_[at].end(), meets)) &&
            (!of_stems || at >= stems_.size() || std::none_of(stems_[at].begin(), stems_[at].end(), meets));
    }
    void put(int row, const Room& span) { into(solid_, row).push_back(span); }
    void put_stem(int row, const Room& span) { into(stems_, row).push_back(span); }

private:
    static std::vector<Room>& into(std::vector<std::vector<Room>>& rows, int row) {
        if (static_cast<std::size_t>(row) >= rows.size()) rows.resize(static_cast<std::size_t>(row) + 1);
        return rows[static_cast<std::size_t>(row)];
    }
    std::vector<std::vector<Room>> solid_;
    std::vector<std::vector<Room>> stems_;
};

}  // namespace

std::vector<PlacedLabel> placed_labels(const std::vector<double>& x, const std::vector<std::string>& words, const LabelRoom& room) {
    constexpr double kApart = 6;    // between two labels of a row
    constexpr double kStem = 1;     // half of a stem's width
    constexpr int kCleanRows = 12;  // above so many a stem may pass behind a label
    std::vector<PlacedLabel> out(x.size());
    Rows rows;
    // from right to left: a label to the right of its pin then passes above those it reaches over
    for (std::size_t k = x.size(); k-- > 0;) {
        PlacedLabel& label = out[k];
        const double most = room.right - room.left;
        label.lines = wrapped(words[k], most, room.width);
        for (const auto& line : label.lines) label.width = std::max(label.width, room.width(line));
        const int high = static_cast<int>(label.lines.size());
        const Room head{x[k] - room.dot, x[k] + room.dot};
        const auto fits = [&](double left, int row, int at, bool clean) {
            const Room span{left - kApart / 2, left + label.width + kApart / 2};
            for (int r = row; r < row + high; ++r)
                if (!rows.free(r, span, clean)) return false;
            if (!rows.free(at, head, clean)) return false;
            for (int r = 0; clean && r < at; ++r)
                if (!rows.free(r, {x[k] - kStem, x[k] + kStem}, false)) return false;
            return true;
        };
        const auto place = [&](double left, int row, int at, bool clean) {
            if (left < room.left || left + label.width > room.right || !fits(left, row, at, clean)) return false;
            label.x = left;
            label.row = row;
            label.head = at;
            return true;
        };
        const double above = std::clamp(x[k] - label.width / 2, room.left, std::max(room.left, room.right - label.width));
        for (int row = 0;; ++row) {
            const bool clean = row < kCleanRows;
            const int from = clean ? row : row - kCleanRows;
            if (place(x[k] + room.gap, from, from, clean) || place(x[k] - room.gap - label.width, from, from, clean) ||
                place(above, from + 1, from, clean))
                break;
        }
        for (int r = label.row; r < label.row + high; ++r) rows.put(r, {label.x - kApart / 2, label.x + label.width + kApart / 2});
        rows.put(label.head, head);
        for (int r = 0; r < label.head; ++r) rows.put_stem(r, {x[k] - kStem, x[k] + kStem});
    }
    return out;
}

int rows_of(const std::vector<PlacedLabel>& labels) {
    int out = 0;
    for (const auto& l : labels) out = std::max({out, l.row + static_cast<int>(l.lines.size()), l.head + 1});
    return out;
}

}  // namespace anagraph::core
