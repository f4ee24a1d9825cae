#include "core/figure/figure.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

#include "core/base/letters.h"
#include "core/quantity/unit_words.h"

namespace anagraph::core {
namespace {

std::string folded(std::string_view text) {
    std::string out;
    for (const char c : text)
        if (std::string_view(" -_./").find(c) == std::string_view::npos)
            out += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    return out;
}

struct Span {
    double low;
    double high;
    double slack;  // half of the last place written, in the same unit
};

std::optional<Span> span_in(const FigureValue& v, const Unit& unit) {
    const Unit* own = find_unit(v.unit);
    const auto low = Number::kept(v.low);
    if (own == nullptr || own->dimension != unit.dimension || !low) return std::nullopt;
    const auto high = v.high.empty() ? low : Number::kept(v.high);
    if (!high) return std::nullopt;
    // Half of the last place said, but not more than 4 %: "two litres" does not cover 1.7.
    const double half = std::min(low->half_step(), 0.04 * std::abs(low->value()));
    const double slack = std::abs(convert(low->value() + half, *own, unit) - convert(low->value(), *own, unit));
    return Span{convert(low->value(), *own, unit), convert(high->value(), *own, unit), slack};
}

}  // namespace

namespace {

/// "at most ", where the value is a limit.
std::string_view limit_words(Limit limit) { return limit == Limit::AtMost ? "at most " : limit == Limit::AtLeast ? "at least " : ""; }

/// The stages in words, each made by `each`: "20, then 40, then ".
template <class Each>
std::string stages_text(const FigureValue& v, Each&& each) {
    std::string out;
    for (const auto& stage : v.before) out += each(stage) + ", then ";
    return out;
}

std::string turn_text(const FigureValue& v) { return v.turn.empty() ? std::string() : fmt::format(", then {}°", v.turn); }

}  // namespace

std::string text_of(const FigureValue& v) {
    if (!v.known()) return "not known";
    const Unit* unit = find_unit(v.unit);
    const std::string number = std::string(limit_words(v.limit)) + stages_text(v, [](const std::string& s) { return s; }) +
        (v.high.empty() ? v.low : fmt::format("{} to {}", v.low, v.high));
    if (unit == nullptr) return number;
    if (unit->dimension == Dimension::Count) return number;
    if (unit->id == "turn") return number + (v.low == "1" || v.low.find('/') != std::string::npos ? " turn" : " turns");
    return fmt::format("{} {}{}", number, unit->symbol, turn_text(v));
}

Words words_of(const FigureValue& v) {
    if (!v.known()) return key("Values", "not known");
    const auto number = [](const std::string& digits) { return Words::number(digits); };
    Words out = v.high.empty() ? number(v.low) : say(key("Values", "{0} to {1}"), number(v.low), number(v.high));
    for (auto stage = v.before.rbegin(); stage != v.before.rend(); ++stage) out = say(key("Values", "{0}, then {1}"), number(*stage), out);
    if (v.limit == Limit::AtMost) out = say(key("Values", "at most {0}"), out);
    if (v.limit == Limit::AtLeast) out = say(key("Values", "at least {0}"), out);
    const Unit* unit = find_unit(v.unit);
    // a grade or a part number is no number
    if (unit == nullptr) return text_of(v);
    if (unit->dimension == Dimension::Count) return out;
    if (unit->id == "turn")
        return say(v.low == "1" || v.low.find('/') != std::string::npos ? key("Values", "{0} turn") : key("Values", "{0} turns"), out);
    out = say(key("Values", "{0} {1}"), out, unit_words(*unit));
    return v.turn.empty() ? out : say(key("Values", "{0}, then {1}°"), out, number(v.turn));
}

std::string other_system_text(const FigureValue& v) {
    const Unit* unit = find_unit(v.unit);
    const auto low = Number::kept(v.low);
    if (unit == nullptr || !low || unit->partner.empty()) return {};
    const Unit* partner = find_unit(unit->partner);
    const auto high = Number::kept(v.high);
    if (!v.high.empty() && high) return display_range_in({*low, unit}, {*high, unit}, *partner);
    const Rounding rounding = v.limit == Limit::AtMost ? Rounding::Down : v.limit == Limit::AtLeast ? Rounding::Up : Rounding::Nearest;
    const auto stage = [&](const std::string& text) {
        const auto n = Number::kept(text);
        return n ? rounded_text(convert(n->value(), *unit, *partner), n->significant()) : text;
    };
    return std::string(limit_words(v.limit)) + stages_text(v, stage) + display_other_system({*low, unit}, rounding) + turn_text(v);
}

std::string other_system_text(const Figure& figure) {
    return figure.kind == FigureKind::Size ? std::string() : other_system_text(figure.value);
}

std::string text_in_both(const Figure& figure) {
    const std::string other = other_system_text(figure);
    return other.empty() ? text_of(figure.value) : fmt::format("{} ({})", text_of(figure.value), other);
}

namespace {

/// "20, then 40, then 60 Nm", "40 Nm, then 90 deg": the parts between "then" (or "+", before an angle).
std::vector<std::string> stages_of(const std::string& text) {
    std::vector<std::string> parts;
    std::size_t from = 0;
    while (from <= text.size()) {
        std::size_t end = std::min(text.find("then", from), text.find('+', from));
        const std::size_t next = end == std::string::npos ? text.size() + 1 : end + (text[end] == '+' ? 1 : 4);
        std::string part = text.substr(from, end == std::string::npos ? end : end - from);
        part.erase(0, part.find_first_not_of(" ,"));
        part.erase(part.find_last_not_of(" ,") + 1);
        parts.push_back(std::move(part));
        from = next;
    }
    return parts;
}

Result<FigureValue> parse_staged(const std::string& text, DecimalMark mark) {
    auto parts = stages_of(text);
    FigureValue value;
    if (const auto angle = Quantity::parse(parts.back(), mark); angle && angle->unit->id == "deg" && parts.size() > 1) {
        value.turn = angle->number.text();
        parts.pop_back();
    }
    const auto last = Quantity::parse(parts.back(), mark);
    if (!last) return tl::make_unexpected(last.error());
    value.low = last->number.text();
    value.unit = std::string(last->unit->id);
    double before = -1;
    for (std::size_t i = 0; i + 1 < parts.size(); ++i) {
        // "40, then loosen, then 20, then 60 Nm": from there it begins again
        if (parts[i] == "loosen") {
            value.before.emplace_back(parts[i]);
            before = -1;
            continue;
        }
        // the unit may be said with each stage or with the last alone
        const auto whole = Quantity::parse(parts[i], mark);
        const auto number = whole && whole->unit == last->unit ? Result<Number>(whole->number) : Number::parse(parts[i], mark);
        if (!number && number.error().code == ErrorCode::Ambiguous) return tl::make_unexpected(number.error());
        if (!number)
            return fail(
                ErrorCode::BadInput, say(key("Evidence", "\"{0}\" is no stage; write them as \"20, then 40, then 60 Nm\"."), parts[i]));
        if (number->value() <= before)
            return fail(ErrorCode::BadInput, say(key("Evidence", "\"{0}\" goes back: each stage is above the one before."), text));
        before = number->value();
        value.before.push_back(number->text());
    }
    if (last->number.value() <= before)
        return fail(ErrorCode::BadInput, say(key("Evidence", "\"{0}\" goes back: each stage is above the one before."), text));
    return value;
}

}  // namespace

Result<FigureValue> parse_figure_value(std::string_view text, DecimalMark mark) {
    std::string s(text);
    s.erase(0, s.find_first_not_of(' '));
    s.erase(s.find_last_not_of(' ') + 1);
    if (s.empty() || s == "not known") return FigureValue{};
    static constexpr std::pair<std::string_view, Limit> kLimits[] = {{"at most ", Limit::AtMost}, {"max ", Limit::AtMost},
        {"max. ", Limit::AtMost}, {"up to ", Limit::AtMost}, {"at least ", Limit::AtLeast}, {"min ", Limit::AtLeast},
        {"min. ", Limit::AtLeast}};
    for (const auto& [words, limit] : kLimits)
        if (s.starts_with(words)) {
            auto value = Quantity::parse(s.substr(words.size()), mark);
            if (!value) return tl::make_unexpected(value.error());
            FigureValue out{value->number.text(), "", std::string(value->unit->id)};
            out.limit = limit;
            return out;
        }
    if (s.find(" then ") != std::string::npos || (s.find('+') != std::string::npos && s.find("deg") != std::string::npos) ||
        (s.find('+') != std::string::npos && s.ends_with("°")))
        return parse_staged(s, mark);
    if (const auto to = s.find(" to "); to != std::string::npos) {
        const auto high = Quantity::parse(s.substr(to + 4), mark);
        const auto low = Number::parse(s.substr(0, to), mark);
        if (!high) return tl::make_unexpected(high.error());
        if (!low) return tl::make_unexpected(low.error());
        if (low->value() >= high->number.value())
            return fail(
                ErrorCode::BadInput, say(key("Evidence", "\"{0}\" runs from the larger to the smaller; write the smaller end first."), s));
        return FigureValue{low->text(), high->number.text(), std::string(high->unit->id)};
    }
    const auto quantity = Quantity::parse(s, mark);
    if (quantity) return FigureValue{quantity->number.text(), "", std::string(quantity->unit->id)};
    if (quantity.error().code == ErrorCode::Ambiguous) return tl::make_unexpected(quantity.error());
    // Grades, part numbers and letter sizes hold letters and digits without a unit.
    const bool starts_with_number = s.front() >= '0' && s.front() <= '9';
    const bool has_letter = std::any_of(s.begin(), s.end(), [](unsigned char c) { return std::isalpha(c) != 0; });
    const bool code = has_letter && s.find(' ') == std::string::npos && s.size() <= 24;
    if (code || (!starts_with_number && has_letter && s.size() <= 40)) return FigureValue{s, "", ""};
    return tl::make_unexpected(quantity.error());
}

Result<FigureValue> parse_figure_value(std::string_view text, FigureKind kind, DecimalMark mark) {
    auto value = parse_figure_value(text, mark);
    if (!value || !value->known()) return value;
    struct Fits {
        FigureKind kind;
        std::vector<Dimension> dimensions;
        bool words;  // a grade or a letter size has no unit
        std::string_view example;
    };
    using D = Dimension;
    static const std::array<Fits, 16> table{{{FigureKind::Torque, {D::Torque}, false, "25 Nm"},
        {FigureKind::Turn, {D::Turn}, false, "3/4 turn"}, {FigureKind::Volume, {D::Volume}, false, "1.7 L"},
        {FigureKind::Size, {D::Length}, true, "17 mm"}, {FigureKind::Grade, {}, true, "75W90"},
        {FigureKind::PartNumber, {}, true, "KQ-FC2"}, {FigureKind::Pressure, {D::Pressure}, false, "2.4 bar"},
        {FigureKind::Temperature, {D::Temperature}, false, "60 degC"}, {FigureKind::Duration, {D::Duration}, false, "5 min"},
        {FigureKind::Interval, {D::Duration, D::Calendar, D::Distance}, false, "100 h"},
        {FigureKind::Reading, {D::Duration, D::Distance}, false, "302 h"}, {FigureKind::Length, {D::Length}, false, "0.4 mm"},
        {FigureKind::Speed, {D::Speed}, false, "850 rpm"}, {FigureKind::Percent, {D::Percent}, false, "50 %"},
        {FigureKind::Count, {D::Count}, false, "6 x"}, {FigureKind::Force, {D::Force}, false, "20 N"}}};
    const auto fits = std::find_if(table.begin(), table.end(), [&](const Fits& f) { return f.kind == kind; });
    const Unit* unit = find_unit(value->unit);
    const bool right = unit == nullptr
        ? fits->words
        : std::find(fits->dimensions.begin(), fits->dimensions.end(), unit->dimension) != fits->dimensions.end() ||
            (fits->words && fits->dimensions.empty());
    if (right) return value;
    return fail(
        ErrorCode::BadInput, say(key("Evidence", "\"{0}\" is no {1}; write it as in \"{2}\"."), text, spoken_name_of(kind), fits->example));
}

std::string ambiguous_number(const FigureValue& value) {
    if (value.unit.empty()) return {};
    for (const auto* text : {&value.low, &value.high, &value.turn})
        if (const auto n = Number::kept(*text); !n && n.error().code == ErrorCode::Ambiguous) return *text;
    for (const auto& stage : value.before)
        if (const auto n = Number::kept(stage); !n && n.error().code == ErrorCode::Ambiguous) return stage;
    return {};
}

bool agrees(const FigureValue& value, const FigureValue& other, const std::string& tolerance, const std::string& slack) {
    const Unit* unit = find_unit(value.unit);
    if (unit == nullptr || find_unit(other.unit) == nullptr)
        return folded(value.low) == folded(other.low) && value.high == other.high && value.unit == other.unit;
    const auto a = span_in(value, *unit);
    const auto b = span_in(other, *unit);
    if (!a || !b) return false;
    // A limit, an angle or stages that the other names may not be left out of the value; what the value has beyond the
    // other (speech names a figure in short) is no difference.
    if (other.limit != Limit::None && value.limit != other.limit) return false;
    if (!other.turn.empty() && value.turn != other.turn) return false;
    if (!other.before.empty() && (value.unit != other.unit || value.before != other.before)) return false;
    const auto given = Number::kept(tolerance);
    const auto measured = Number::kept(slack);
    // an offset has no place in a difference: 2 degC off is 2 K, not 275
    const Unit& own = *find_unit(other.unit);
    const double off = measured ? std::abs(convert(measured->value(), own, *unit) - convert(0, own, *unit)) : 0;
    const double reach = (given ? given->value() : a->slack) + std::max(b->slack, off) + 1e-9;
    if (value.high.empty() && other.high.empty()) return std::abs(a->low - b->low) <= reach;
    // A single value agrees with a range it lies in; two ranges agree when both ends do.
    if (value.high.empty()) return a->low >= b->low - reach && a->low <= b->high + reach;
    if (other.high.empty()) return b->low >= a->low - reach && b->low <= a->high + reach;
    return std::abs(a->low - b->low) <= reach && std::abs(a->high - b->high) <= reach;
}

bool within(double share, const FigureValue& value, const FigureValue& other) {
    if (!value.known() || !other.known()) return false;
    const auto unit_of = [](const FigureValue& v, const FigureValue& other_one) {
        const Unit* own = find_unit(v.unit);
        const Unit* its = find_unit(other_one.unit);
        return own != nullptr && its != nullptr ? &unit_meant(*own, its->dimension) : own;
    };
    const Unit* a = unit_of(value, other);
    const Unit* b = unit_of(other, value);
    if (a == nullptr || b == nullptr) return a == b && folded(value.low) == folded(other.low) && folded(value.high) == folded(other.high);
    if (a->dimension != b->dimension) return false;
    const auto close = [&](const std::string& x, const std::string& y) {
        const auto m = Number::kept(x);
        const auto n = Number::kept(y);
        if (!m || !n) return false;
        const double there = convert(n->value(), *b, *a);
        return std::abs(m->value() - there) <= share * std::max(std::abs(m->value()), std::abs(there)) + 1e-9;
    };
    const auto high = [](const FigureValue& v) { return v.high.empty() ? v.low : v.high; };
    return close(value.low, other.low) && close(high(value), high(other));
}

namespace {

bool replaced(const Figure& f, const FigureValue& older) {
    return older.unit.empty() &&
        std::any_of(f.replaces.begin(), f.replaces.end(), [&](const std::string& r) { return folded(r) == folded(older.low); });
}

}  // namespace

bool agrees(const Figure& f, const Claim& c) { return agrees(f.value, c.value, f.tolerance) || replaced(f, c.value); }
bool agrees(const Figure& f, const Proof& p) { return agrees(f.value, p.value, f.tolerance, p.slack) || replaced(f, p.value); }

Standing standing_of(const Figure& f) {
    if (!f.value.known() || f.proofs.empty()) return Standing::Open;
    const auto proof_agrees = [&](const Proof& p) { return agrees(f, p); };
    if (std::none_of(f.proofs.begin(), f.proofs.end(), proof_agrees)) return Standing::Disputed;
    if (!f.settled.empty()) return Standing::Proved;
    const bool all = std::all_of(f.proofs.begin(), f.proofs.end(), proof_agrees) &&
        std::all_of(f.claims.begin(), f.claims.end(), [&](const Claim& c) { return agrees(f, c); });
    return all ? Standing::Proved : Standing::Disputed;
}

namespace {

/// What the evidence comes to, and what its author can do about it.
struct Argument {
    Words finding;
    Words advice;
};

/// "page 2 gives 25 N·m; “fifteen” was said at 0:40"
Words after(const Words& before, const Words& next) { return before.empty() ? next : say(key("Evidence", "{0}; {1}"), before, next); }

Argument argued(const Figure& f) {
    if (f.proofs.empty()) {
        if (!f.looked.empty() && !f.value.known()) {
            Words where;
            for (const auto& l : f.looked) where = after(where, say(key("Evidence", "{0} ({1}, {2})"), l.where, l.who, l.on));
            return {say(key("Evidence", "Not found. Looked in: {0}."), where), {}};
        }
        if (f.claims.empty())
            return {key("Evidence", "Nobody has said it and no source gives it."), key("Evidence", "Find it, or leave it as not known.")};
        if (std::all_of(f.claims.begin(), f.claims.end(), [](const Claim& c) { return c.by_program; }))
            return {key("Evidence", "Heard by the program; nobody has listened to it yet."),
                key("Evidence", "Listen to it and confirm its step, then add the source that gives it.")};
        return {Words(counted_key("Evidence", "Said %n times; speech alone proves nothing.", "Said once; speech alone proves nothing."),
                    static_cast<long long>(f.claims.size())),
            key("Evidence", "Add the source that gives it.")};
    }
    if (!f.value.known()) return {key("Evidence", "A source is named, but no value is chosen."), {}};
    Words differs;
    for (const auto& p : f.proofs)
        if (!agrees(f, p))
            differs = after(differs,
                p.place.empty() ? say(key("Evidence", "a source gives {0}"), words_of(p.value))
                                : say(key("Evidence", "{0} gives {1}"), p.place, words_of(p.value)));
    for (const auto& c : f.claims)
        if (!agrees(f, c)) differs = after(differs, say(key("Evidence", "“{0}” was said at {1}"), c.words, clock_text(c.at, false)));
    if (differs.empty()) {
        const auto& first = f.proofs.front();
        Words given = first.place.empty() ? say(key("Evidence", "The source gives {0}"), words_of(first.value))
                                          : say(key("Evidence", "{0} gives {1}"), capitalised(first.place), words_of(first.value));
        if (f.proofs.size() > 1) given = after(given, key("Evidence", "the other sources agree"));
        if (!f.claims.empty()) given = after(given, key("Evidence", "everything said agrees with it"));
        return {say(key("Evidence", "{0}."), given), {}};
    }
    if (!f.settled.empty()) return {say(key("Evidence", "Resolved: {0}. What differs: {1}."), f.settled, differs), {}};
    return {
        say(key("Evidence", "Against {0}: {1}."), words_of(f.value), differs), key("Evidence", "Say why the value holds, or change it.")};
}

}  // namespace

Words finding_of(const Figure& f) { return argued(f).finding; }

Words argue_standing(const Figure& f) {
    const auto [finding, advice] = argued(f);
    return one_after_other({finding, advice});
}

}  // namespace anagraph::core
