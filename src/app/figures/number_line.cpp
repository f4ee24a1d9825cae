#include "app/figures/number_line.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace anagraph::app {
namespace {

struct Ends {
    double low;
    double high;
};

/// A value in the unit of the line. A force said for a torque stands at its number: that is what was meant.
std::optional<Ends> in_unit(const core::FigureValue& v, const core::Unit& unit) {
    const auto low = core::Number::kept(v.low);
    const core::Unit* own = core::find_unit(v.unit);
    if (!low || own == nullptr) return std::nullopt;
    const bool force = own->dimension == core::Dimension::Force && unit.dimension == core::Dimension::Torque;
    if (force) own = core::find_unit(own->id == "lbf" ? "lbf.ft" : "Nm");
    if (own->dimension != unit.dimension) return std::nullopt;
    const auto high = v.high.empty() ? low : core::Number::kept(v.high);
    return Ends{core::convert(low->value(), *own, unit), core::convert(high ? high->value() : low->value(), *own, unit)};
}

double nice_step(double span) {
    const double raw = span / 5;
    const double power = std::pow(10.0, std::floor(std::log10(raw)));
    for (const double m : {1.0, 2.0, 5.0, 10.0})
        if (m * power >= raw) return m * power;
    return 10 * power;
}

const core::Unit* line_unit(const core::Figure& f) {
    const auto usable = [](const core::FigureValue& v) -> const core::Unit* {
        const core::Unit* u = core::find_unit(v.unit);
        if (u != nullptr && u->dimension == core::Dimension::Force) return core::find_unit("Nm");
        return u;
    };
    if (const auto* u = core::find_unit(f.value.unit)) return u;
    for (const auto& p : f.proofs)
        if (const auto* u = core::find_unit(p.value.unit)) return u;
    for (const auto& c : f.claims)
        if (const auto* u = f.kind == core::FigureKind::Torque ? usable(c.value) : core::find_unit(c.value.unit)) return u;
    return nullptr;
}

}  // namespace

NumberLine number_line(const core::Figure& f) {
    NumberLine out;
    const core::Unit* unit = line_unit(f);
    if (unit == nullptr) return out;
    out.unit = QString::fromUtf8(unit->symbol.data(), static_cast<qsizetype>(unit->symbol.size()));
    std::vector<double> all;
    if (const auto v = in_unit(f.value, *unit)) {
        all = {v->low, v->high};
        const auto tolerance = core::Number::kept(f.tolerance);
        const double t = tolerance ? tolerance->value() : 0;
        if (t > 0 || v->high > v->low) {
            out.band_from = v->low - t;
            out.band_to = v->high + t;
            all.push_back(out.band_from);
            all.push_back(out.band_to);
        }
    }
    for (std::size_t i = 0; i < f.claims.size(); ++i)
        if (const auto v = in_unit(f.claims[i].value, *unit)) {
            out.pins.push_back({(v->low + v->high) / 2, QStringLiteral("“%1” %2").arg(QString::fromStdString(f.claims[i].words), QString::fromStdString(core::clock_text(f.claims[i].at, false))), i, 0});
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
    if (const core::Unit* partner = unit->partner.empty() ? nullptr : core::find_unit(unit->partner)) {
        out.other_unit = QString::fromUtf8(partner->symbol.data(), static_cast<qsizetype>(partner->symbol.size()));
        const double apart = std::abs(core::convert(out.low + step, *unit, *partner) - core::convert(out.low, *unit, *partner));
        const int decimals = std::clamp(static_cast<int>(std::ceil(-std::log10(apart))) + 1, 0, 4);
        for (const double t : out.ticks) out.other_ticks.push_back(QString::number(core::convert(t, *unit, *partner), 'f', decimals));
    }
    std::sort(out.pins.begin(), out.pins.end(), [](const NumberPin& a, const NumberPin& b) { return a.at < b.at; });
    for (std::size_t i = 1; i < out.pins.size(); ++i)
        if (out.place(out.pins[i].at) - out.place(out.pins[i - 1].at) < 0.36) out.pins[i].level = (out.pins[i - 1].level + 1) % 3;
    out.drawable = true;
    return out;
}

}  // namespace anagraph::app
