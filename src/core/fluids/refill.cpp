#include "core/fluids/refill.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace anagraph::core {
namespace {

constexpr double kExact = 1e-9;
constexpr int kTopUps = 3;  // small pours after the first, with a reading between them

/// With the digits that tell two figures apart.
std::string exact(double litres) { return amount_text(litres, 3); }

Amount sum(const Amount& a, const Amount& b) { return {a.litres + b.litres, a.slack + b.slack}; }
Amount difference(const Amount& a, const Amount& b) { return {a.litres - b.litres, a.slack + b.slack}; }

/// Is `a` more than `b`? As said: a part cannot be more than its whole, however it was rounded.
bool exceeds(const Amount& a, const Amount& b) { return a.litres > b.litres + kExact; }
/// Do the two differ by more than their digits allow?
bool differ(const Amount& a, const Amount& b) { return std::abs(a.litres - b.litres) > a.slack + b.slack + kExact; }

Outcome positive(const FluidSystem& s) {
    const std::pair<const std::optional<Amount>*, const char*> all[] = {{&s.total, "total"}, {&s.refill, "refill"}, {&s.residue, "residue"},
        {&s.filter, "filter's share"}, {&s.drained, "amount drained"}, {&s.between_marks, "amount between the marks"}};
    for (const auto& [amount, name] : all)
        if (*amount &&
            (!((*amount)->litres >= 0) || !std::isfinite((*amount)->litres) ||
                ((*amount)->litres == 0 && amount != &s.residue && amount != &s.filter)))
            return fail(ErrorCode::BadInput, say(key("Fluids", "The {0} must be more than nothing."), name));
    return {};
}

Outcome agreeing(const FluidSystem& s) {
    const auto no = [](Words why) { return fail(ErrorCode::Refused, std::move(why)); };
    if (s.refill && s.total && exceeds(*s.refill, *s.total))
        return no(say(key("Fluids", "{0} refill out of {1} total cannot be: one of the two is wrong."), exact(s.refill->litres),
            exact(s.total->litres)));
    if (s.residue && s.total && exceeds(*s.residue, *s.total))
        return no(say(key("Fluids", "{0} cannot stay behind of {1} in all."), exact(s.residue->litres), exact(s.total->litres)));
    if (s.total && s.refill && s.residue) {
        const Amount both = sum(*s.refill, *s.residue);
        if (differ(both, *s.total))
            return no(say(key("Fluids", "{0} refill and {1} residue make {2}, not the {3} said to be the total."), exact(s.refill->litres),
                exact(s.residue->litres), exact(both.litres), exact(s.total->litres)));
    }
    const std::optional<Amount> refill = s.refill ? s.refill
        : s.total && s.residue                    ? std::optional(difference(*s.total, *s.residue))
                                                  : std::nullopt;
    for (const auto& [holds, name] : {std::pair(refill, "refill"), std::pair(s.total, "total")}) {
        if (!holds) continue;
        if (s.filter && exceeds(*s.filter, *holds))
            return no(say(key("Fluids", "The filter cannot take {0} of {1} {2}."), exact(s.filter->litres), exact(holds->litres), name));
        if (s.between_marks && exceeds(*s.between_marks, *holds))
            return no(say(key("Fluids", "{0} between the marks is more than the {1} of {2}."), exact(s.between_marks->litres), name,
                exact(holds->litres)));
    }
    if (s.total && s.drained) {
        const Amount out = s.filter ? sum(*s.drained, *s.filter) : *s.drained;
        if (exceeds(out, *s.total))
            return no(say(key("Fluids", "{0} came out of a system that holds {1}: it was overfilled, or one of the two is wrong."),
                exact(out.litres), exact(s.total->litres)));
    }
    return {};
}

/// The least that certainly does not overfill: what the sump takes before the filter has filled.
double safe_pour(const FluidSystem& s, const Amount& refill) {
    const double least = std::max(0.0, refill.litres - refill.slack);
    const double filter = s.filter ? s.filter->litres + s.filter->slack : kMostFilterShare * least;
    const double marks = s.between_marks ? s.between_marks->litres : 0;
    return std::max(0.0, least - std::max(filter, marks));
}

}  // namespace

std::string amount_text(double litres, int digits) {
    const bool small = litres > 0 && litres < 0.1;
    const double value = small ? litres * 1000 : litres;
    std::string text = rounded_text(value, value < 1 ? 2 : digits);
    // without noughts that say nothing: "3 L", "1.7 L"
    if (text.find('.') != std::string::npos) text.erase(text.find_last_not_of('0') + 1);
    if (text.ends_with('.')) text.pop_back();
    return text + (small ? " mL" : " L");
}

std::string amount_in_both(double litres) {
    return fmt::format("{} ({} US qt)", amount_text(litres), rounded_text(convert(litres, *find_unit("L"), *find_unit("qt")), 2));
}

std::optional<double> most_that_comes_out(const RefillPlan& plan, const FluidSystem& system) {
    if (plan.refill) return plan.refill->litres;
    if (system.total) return system.total->litres;
    return std::nullopt;
}

Result<Amount> amount_of(const Quantity& quantity) {
    constexpr double kMostSlack = 0.02;
    if (quantity.unit->dimension != Dimension::Volume)
        return fail(ErrorCode::BadInput, say(key("Fluids", "{0} is no amount of fluid; write it as 1.7 L."), display(quantity)));
    const Unit& litre = *find_unit("L");
    const double half = std::min(quantity.number.half_step(), kMostSlack * std::abs(quantity.number.value()));
    return Amount{quantity.in(litre), convert(half, *quantity.unit, litre)};
}

Result<RefillPlan> plan_refill(const FluidSystem& s) {
    if (auto ok = positive(s); !ok) return tl::make_unexpected(ok.error());
    if (auto ok = agreeing(s); !ok) return tl::make_unexpected(ok.error());
    RefillPlan plan;
    plan.total = s.total;
    plan.refill = s.refill;
    plan.residue = s.residue;
    if (!plan.refill && s.total && s.residue) {
        plan.refill = difference(*s.total, *s.residue);
        plan.because.push_back(
            say(key("Fluids", "Refill: the total less what stays behind, {0} − {1}."), exact(s.total->litres), exact(s.residue->litres)));
    }
    if (!plan.refill && s.drained) {
        plan.refill = s.filter ? sum(*s.drained, *s.filter) : *s.drained;
        plan.measured = true;
        plan.because.push_back(s.filter
                ? key("Fluids", "Refill: what came out and the filter's share; right only if the level was right before.")
                : key("Fluids", "Refill: what came out; right only if the level was right before, and without the filter's share."));
    }
    if (!plan.residue && s.total && plan.refill && !plan.measured) {
        plan.residue = difference(*s.total, *plan.refill);
        plan.residue->litres = std::max(0.0, plan.residue->litres);
        plan.because.push_back(
            say(key("Fluids", "Residue: the total less the refill, {0} − {1}."), exact(s.total->litres), exact(plan.refill->litres)));
    }
    if (!plan.total && plan.refill && s.residue && !plan.measured) plan.total = sum(*plan.refill, *s.residue);
    if (plan.refill) {
        plan.first_pour = safe_pour(s, *plan.refill);
        const double rest = plan.refill->litres - *plan.first_pour;
        plan.stages.push_back(*plan.first_pour);
        // then small pours, each after running, waiting and reading; none of them more than half of what lies between the marks
        int pours = rest > kExact ? kTopUps : 0;
        if (pours > 0 && s.between_marks) pours = std::max(2, static_cast<int>(std::ceil(rest / (s.between_marks->litres / 2) - kExact)));
        for (int i = 0; i < pours; ++i) plan.stages.push_back(rest / pours);
        plan.because.push_back(s.filter
                ? key("Fluids",
                      "First pour: the refill less the filter's share, which fills only when it runs, and a little less than the upper "
                      "mark.")
                : say(key("Fluids",
                          "First pour: the filter's share is not known, so as much as {0} % of the refill is kept back until it has run."),
                      std::lround(kMostFilterShare * 100)));
    } else if (s.total) {
        const Amount least{s.total->litres * (1 - kMostResidueShare), s.total->slack};
        plan.first_pour = safe_pour(s, least);
        plan.because.push_back(
            say(key("Fluids", "First pour: only the total is known; as much as {0} % of it may have stayed behind. Then read and add."),
                std::lround(kMostResidueShare * 100)));
    }
    return plan;
}

Result<LevelRemedy> remedy_for(double reading, double between) {
    if (!(between > 0))
        return fail(
            ErrorCode::BadInput, key("Fluids", "What lies between the marks must be known to say how much to add: give --between-marks."));
    if (!(reading >= -3 && reading <= 5))
        return fail(ErrorCode::BadInput,
            key("Fluids", "A reading is told in shares of the way between the marks: 0 the lower, 1 the upper, 1.2 a fifth over."));
    return LevelRemedy{std::max(0.0, (1 - reading) * between), std::max(0.0, (reading - 1) * between)};
}

Result<VesselPlan> vessel_for(double out, double vessel, double margin) {
    if (!(out > 0) || !(vessel > 0) || !(margin >= 0 && margin < 1))
        return fail(ErrorCode::BadInput, key("Fluids", "The amount and the vessel must be more than nothing."));
    VesselPlan plan;
    const double usable = vessel * (1 - margin);
    plan.trips = static_cast<int>(std::ceil(out / usable - kExact));
    plan.holds = plan.trips <= 1;
    plan.changes = plan.trips - 1;
    plan.change_after = plan.holds ? 0 : usable;
    plan.words = plan.holds
        ? say(key("Fluids", "The vessel of {0} takes all {1} and has {2} to spare."), exact(vessel), exact(out), exact(vessel - out))
        : Words(counted_key("Fluids", "The vessel of {0} does not take {1}: close the plug at {2} and change it, %n times.",
                    "The vessel of {0} does not take {1}: close the plug at {2} and change it, once."),
              plan.changes, {exact(vessel), exact(out), exact(usable)});
    return plan;
}

}  // namespace anagraph::core
