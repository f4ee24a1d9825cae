#include "core/narration/reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>

#include "core/narration/lexicon.h"
#include "core/narration/words.h"

namespace anagraph::core {
namespace {

using lexicon::unit_of;

/// What one segment looks like to the rules: its words and a few questions about them.
struct View {
    std::vector<Word> words;

    std::string at(std::size_t i) const { return i < words.size() ? words[i].text : std::string(); }
    bool has(std::string_view word) const {
        return std::any_of(words.begin(), words.end(), [&](const Word& w) { return w.text == word; });
    }
    bool says(std::initializer_list<std::string_view> sequence) const {
        const auto it = std::search(words.begin(), words.end(), sequence.begin(), sequence.end(), [](const Word& w, std::string_view s) { return w.text == s; });
        return it != words.end();
    }
    bool any(std::initializer_list<std::string_view> list) const {
        return std::any_of(list.begin(), list.end(), [&](std::string_view w) { return has(w); });
    }
    /// Is one of the words within `reach` of position i?
    template <class Test>
    bool near(std::size_t i, std::size_t reach, Test&& test) const {
        const std::size_t from = i > reach ? i - reach : 0;
        for (std::size_t k = from; k < std::min(words.size(), i + reach + 1); ++k)
            if (k != i && test(words[k].text)) return true;
        return false;
    }
    std::string said(std::size_t from, std::size_t count) const {
        std::string out;
        for (std::size_t i = from; i < std::min(words.size(), from + count); ++i) out += (out.empty() ? "" : " ") + words[i].text;
        return out;
    }
};

/// The part named nearest to words[i] in a segment, with what stands before it ("old copper washer" -> "copper washer").
std::string part_near(const View& v, std::size_t i, bool only_before = false) {
    std::size_t best = v.words.size();
    for (std::size_t reach = 0; reach < v.words.size() && best == v.words.size(); ++reach) {
        if (i >= reach && lexicon::is_part(v.at(i - reach)) && !lexicon::is_tool(v.at(i - reach)))
            best = i - reach;
        else if (!only_before && i + reach < v.words.size() && lexicon::is_part(v.at(i + reach)) && !lexicon::is_tool(v.at(i + reach)))
            best = i + reach;
    }
    if (best == v.words.size()) return {};
    while (best + 1 < v.words.size() && lexicon::is_part(v.at(best + 1))) ++best;
    std::string name = v.at(best);
    static const std::set<std::string_view> kSkip{"the", "a", "an", "old", "new", "of", "more", "same", "good", "clean", "little", "small", "big"};
    for (std::size_t k = best; k > 0 && best - k < 2; --k) {
        const std::string& before = v.words[k - 1].text;
        if (!(lexicon::is_modifier(before) || lexicon::is_part(before)) || kSkip.contains(before)) break;
        name = before + " " + name;
    }
    return name;
}

bool fastening(const View& v) {
    return v.any({"tighten", "tightened", "torque", "torqued", "nip", "click", "plug", "bolt", "bolts", "nut", "nuts", "screw", "screws", "one", "ones", "cap"}) && !v.any({"belt", "sag", "force", "press"});
}

struct Found {
    Mark mark;
    std::size_t from;
    std::size_t to;
};

/// Reads grades and part numbers, which are not numbers with a unit.
std::optional<Found> read_code(const View& v, std::size_t i) {
    const std::string w = v.at(i);
    const auto grade = [&](std::string text, std::size_t length, std::string why) {
        Found f{Mark{}, i, i + length};
        f.mark.figure_kind = FigureKind::Grade;
        f.mark.value = {std::move(text), "", ""};
        f.mark.because = std::move(why);
        return f;
    };
    const auto digits_only = [](std::string_view s) { return !s.empty() && s.find_first_not_of("0123456789") == std::string_view::npos; };
    if (const auto split = w.find('w'); split != std::string::npos && split > 0 && digits_only(w.substr(0, split)) && digits_only(w.substr(split + 1)))
        return grade(w.substr(0, split) + "W" + w.substr(split + 1), 1, "a viscosity: two numbers joined by W");
    if (const auto n = read_number(v.words, i); n && !n->open_point && !n->article && n->value == std::floor(n->value) && n->value <= 100) {
        if (v.at(i + n->length) == "w") {
            if (const auto m = read_number(v.words, i + n->length + 1); m && m->value >= 8) return grade(n->digits + "W" + m->digits, n->length + 1 + m->length, "a viscosity: two numbers joined by W");
        }
    }
    if (w == "8.8" || w == "10.9" || w == "12.9") return grade(w, 1, "a property class of fasteners");
    static constexpr std::array<std::string_view, 5> kFamilies{"gl", "vg", "dot", "nlgi", "sae"};
    for (const auto family : kFamilies) {
        std::string upper(family);
        std::transform(upper.begin(), upper.end(), upper.begin(), [](unsigned char c) { return static_cast<char>(std::toupper(c)); });
        if (w == family) {
            if (const auto n = read_number(v.words, i + 1); n && !n->article && unit_of(v.at(i + 1 + n->length), "", "") == std::nullopt) return grade(upper + n->digits, 1 + n->length, "a specification class");
        } else if (w.starts_with(family) && digits_only(w.substr(family.size()))) {
            return grade(upper + w.substr(family.size()), 1, "a specification class");
        }
    }
    const bool letter_size = w.size() >= 2 && w.size() <= 3 && (w[0] == 'm' || w[0] == 't') && digits_only(w.substr(1));
    if (letter_size) {
        Found f{Mark{}, i, i + 1};
        f.mark.figure_kind = FigureKind::Size;
        f.mark.value = {std::string(1, static_cast<char>(std::toupper(w[0]))) + w.substr(1), "", ""};
        f.mark.because = "a letter size";
        return f;
    }
    return std::nullopt;
}

/// What kind a number with a unit is, from the words around it; empty when it is no figure.
struct Sense {
    FigureKind kind;
    std::string unit;
    std::string because;
    bool doubtful = false;
};

std::optional<Sense> sense_of(const View& v, std::size_t from, std::size_t unit_at, std::size_t after, std::string_view unit, double value) {
    const Unit* known = find_unit(unit);
    if (known == nullptr) return std::nullopt;
    const auto tool = [](const std::string& w) { return lexicon::is_tool(w); };
    switch (known->dimension) {
        case Dimension::Torque:
            return Sense{FigureKind::Torque, std::string(unit), fmt::format("torque, because of the unit ({})", v.said(unit_at, after - unit_at))};
        case Dimension::Force:
            if (unit == "lbf" && !v.any({"tighten", "torque", "torqued", "plug", "bolt", "bolts", "nut", "nuts"})) return std::nullopt;
            if (!fastening(v)) return std::nullopt;
            return Sense{FigureKind::Torque, std::string(unit), fmt::format("torque meant, though \"{}\" is a force: ask", v.said(unit_at, after - unit_at)), true};
        case Dimension::Volume:
            return Sense{FigureKind::Volume, std::string(unit), "an amount of fluid, because of the unit"};
        case Dimension::Length: {
            const bool measure = v.any({"sag", "gap", "clearance", "thick", "long", "length", "play", "travel", "bore", "depth", "wide", "apart", "distance"});
            if (v.near(after == 0 ? 0 : after - 1, 2, tool) || (!measure && v.any({"socket", "spanner", "wrench", "hex", "allen", "key", "af"}))) return Sense{FigureKind::Size, std::string(unit), "a size, because of the tool named with it"};
            return Sense{FigureKind::Length, std::string(unit), "a length, because of the unit"};
        }
        case Dimension::Pressure:
            return Sense{FigureKind::Pressure, std::string(unit), "a pressure, because of the unit"};
        case Dimension::Temperature:
            if (unit == "degC" && v.any({"turn", "further", "tighten", "angle"}) && !v.any({"hot", "warm", "cool", "temperature", "celsius", "heat"}))
                return Sense{FigureKind::Turn, "deg", "an angle of tightening, because of the turning word"};
            return Sense{FigureKind::Temperature, std::string(unit), "a temperature, because of the unit"};
        case Dimension::Duration: {
            if (unit != "h") return Sense{FigureKind::Duration, std::string(unit), "a time, because of the unit"};
            const bool meter = v.any({"meter", "shows", "reads", "says", "clock", "reading", "counter", "write"});
            if (meter && !v.has("every")) return Sense{FigureKind::Reading, std::string(unit), "a reading, because of the meter"};
            const bool often = v.any({"every", "service", "interval", "after", "first", "due", "next"}) || value >= 50;
            if (often) return Sense{FigureKind::Interval, std::string(unit), "an interval, because of how often it is said to come"};
            return Sense{FigureKind::Duration, std::string(unit), "a time, because of the unit"};
        }
        case Dimension::Calendar:
            if (v.at(after) == "old" || v.at(after) == "ago" || v.any({"ago", "since"})) return std::nullopt;
            if (!v.any({"every", "once", "or", "twice", "after", "interval", "months", "whichever"})) return std::nullopt;
            return Sense{FigureKind::Interval, std::string(unit), "an interval, because of the calendar unit"};
        case Dimension::Distance:
            return Sense{v.any({"every", "after", "interval", "or", "next"}) ? FigureKind::Interval : FigureKind::Reading, std::string(unit), "a distance"};
        case Dimension::Speed:
            return Sense{FigureKind::Speed, std::string(unit), "a speed, because of the unit"};
        case Dimension::Percent:
            return Sense{FigureKind::Percent, std::string(unit), "a share, because of the unit"};
        case Dimension::Turn:
            if (from > 0 && v.at(from - 1) == "as") return std::nullopt;
            return Sense{FigureKind::Turn, std::string(unit), "a part of a turn"};
        case Dimension::Count:
            return std::nullopt;
    }
    return std::nullopt;
}

/// Number without a unit: a size before a tool, a count before parts.
std::optional<Sense> bare_sense(const View& v, std::size_t after, const SpokenNumber& n) {
    const std::string next = v.at(after);
    const bool tool_next = next == "socket" || next == "spanner" || next == "wrench" || next == "allen" || next == "hex";
    if (tool_next && n.value >= 2 && n.value <= 60) return Sense{FigureKind::Size, "mm", "a size, because a tool follows"};
    if (n.article || n.value != std::floor(n.value) || n.value < 2) return std::nullopt;
    std::size_t k = after;
    while (k < v.words.size() && k < after + 3 && !lexicon::is_plural_part(v.at(k)) && lexicon::is_modifier(v.at(k))) ++k;
    if (lexicon::is_plural_part(v.at(k))) return Sense{FigureKind::Count, "x", fmt::format("a count of {}", v.at(k))};
    if (next == "times" || next == "strokes") return Sense{FigureKind::Count, "x", "a count"};
    return std::nullopt;
}

/// "that's a fifteen, no, a seventeen": the second number in the words after `after`, or nothing.
std::optional<std::size_t> correction_after(const View& v, std::size_t after) {
    std::size_t k = after;
    if (v.at(k) != "no" && v.at(k) != "sorry" && !(v.at(k) == "i" && v.at(k + 1) == "mean")) return std::nullopt;
    while (k < v.words.size() && k < after + 5) {
        const auto n = read_number(v.words, k);
        if (n && !n->article) return k;
        ++k;
    }
    return std::nullopt;
}

std::vector<Found> read_figures(const View& v, const View* next) {
    std::vector<Found> out;
    for (std::size_t i = 0; i < v.words.size();) {
        if (auto code = read_code(v, i)) {
            const std::size_t to = code->to;
            code->mark.words = v.said(i, to - i);
            out.push_back(std::move(*code));
            i = to;
            continue;
        }
        auto n = read_number(v.words, i);
        if (!n) {
            ++i;
            continue;
        }
        std::size_t after = i + n->length;
        // a figure split over two segments: "takes nine point" / "five litres"
        View joined;
        const View* source = &v;
        const bool at_end = after >= v.words.size();
        if (at_end && next != nullptr && !n->article && (n->open_point || unit_of(next->at(0), next->at(1), next->at(2)))) {
            joined.words = v.words;
            joined.words.insert(joined.words.end(), next->words.begin(), next->words.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(5, next->words.size())));
            if (const auto whole = read_number(joined.words, i)) n = whole;
            after = i + n->length;
            source = &joined;
        }
        // range: "five to ten minutes", "between 18 and 20"
        std::optional<SpokenNumber> high;
        const std::string link = source->at(after);
        if (!n->article && (link == "to" || link == "or" || (link == "and" && i > 0 && source->at(i - 1) == "between"))) {
            high = read_number(source->words, after + 1);
            if (high && (high->value <= n->value || high->article || (link == "or" && !unit_of(source->at(after + 1 + high->length), source->at(after + 2 + high->length), "")))) high.reset();
            if (high) after += 1 + high->length;
        }
        std::size_t unit_at = after;
        if ((source->at(unit_at) == "of" && (source->at(unit_at + 1) == "a" || source->at(unit_at + 1) == "an")))
            unit_at += 2;
        else if (source->at(unit_at) == "of" && n->value < 1)
            unit_at += 1;
        auto unit = unit_of(source->at(unit_at), source->at(unit_at + 1), source->at(unit_at + 2));
        if (unit && unit->id == "L" && source->at(unit_at) == "l" && n->digits.size() > 3) unit.reset();
        std::optional<Sense> sense;
        std::size_t end = after;
        double value = n->value;
        std::string digits = n->digits;
        if (unit) {
            end = unit_at + unit->length;
            // "a minute and a half", "two and a half turns" is read by the number; here the tail after the unit
            if (source->at(end) == "and" && source->at(end + 1) == "a" && source->at(end + 2) == "half") {
                value += 0.5;
                digits = fmt::format("{}", value);
                end += 3;
            }
            sense = sense_of(*source, i, unit_at, end, unit->id, value);
        } else {
            sense = bare_sense(*source, after, *n);
        }
        const auto second = correction_after(v, end);
        if (!sense && second) {
            // the kind follows from what the corrected value is
            const auto m = read_number(v.words, *second);
            const std::size_t m_after = *second + m->length;
            if (const auto u = unit_of(v.at(m_after), v.at(m_after + 1), v.at(m_after + 2)))
                sense = sense_of(v, *second, m_after, m_after + u->length, u->id, m->value);
            else
                sense = bare_sense(v, m_after, *m);
            if (!sense && n->value >= 4 && n->value <= 60 && v.any({"plug", "bolt", "nut", "head", "socket", "spanner", "screw"})) sense = Sense{FigureKind::Size, "mm", "a size, corrected aloud"};
        }
        if (!sense && !out.empty() && out.back().mark.taken_back && out.back().mark.figure_kind == FigureKind::Size && !n->article) sense = Sense{FigureKind::Size, "mm", "a size: the corrected value"};
        if (!sense || n->value > 1e7) {
            i += std::max<std::size_t>(1, n->length);
            continue;
        }
        Found f{Mark{}, i, end};
        f.mark.figure_kind = sense->kind;
        f.mark.value = {digits, high ? high->digits : "", sense->unit};
        f.mark.because = sense->because;
        f.mark.taken_back = second.has_value();
        const std::size_t before = i > 3 ? i - 3 : 0;
        for (std::size_t k = before; k < i; ++k) f.mark.hedged = f.mark.hedged || lexicon::is_hedge(v.at(k));
        f.mark.hedged = f.mark.hedged || sense->doubtful || (source->at(end) == "or" && source->at(end + 1) == "so") || (i > 0 && v.at(i - 1) == "over" && i > 1 && v.at(i - 2) == "just") || source->at(end) == "ish";
        f.mark.words = source->said(i, end - i);
        out.push_back(std::move(f));
        i = std::max(i + 1, std::min(end, v.words.size()));
    }
    return out;
}

/// Steps: a verb of work at the head of a clause, or said of oneself ("I'm pouring", "we undo"), with a part to act on.
std::vector<Mark> read_steps(const View& v) {
    static const std::set<std::string_view> kBefore{"then", "now", "and", "so", "first", "just", "always", "you", "i", "we", "next", "right", "to", "i'm", "we're", "i'll", "me", "again", "carefully", "gently", "please", "it", "also"};
    static const std::set<std::string_view> kUnreal{"don't", "never", "if", "would", "should", "could", "can't", "have", "had", "going", "want", "not", "used", "supposed", "without"};
    std::vector<Mark> out;
    for (std::size_t i = 0; i < v.words.size(); ++i) {
        std::string_view verb = lexicon::work_verb(v.at(i));
        if (verb.empty()) continue;
        const std::string before = i > 0 ? v.at(i - 1) : "";
        const bool head = v.words[i].clause_start || (i < 2 && kBefore.contains(before)) || kBefore.contains(before);
        const bool article = before == "the" || before == "a" || before == "an" || before == "of";
        bool unreal = false;
        for (std::size_t k = i > 3 ? i - 3 : 0; k < i; ++k) unreal = unreal || kUnreal.contains(v.at(k));
        if (!head || article || unreal) continue;
        std::string object = part_near(v, std::min(i + 2, v.words.size() - 1));
        const bool self_standing = verb == "wait" || verb == "run" || verb == "inspect" || verb == "record" || verb == "mark" || verb == "tighten" || verb == "drain" || verb == "clean";
        const bool pronoun = v.near(i, 3, [](const std::string& w) { return w == "it" || w == "them" || w == "that" || w == "those" || w == "one"; });
        if (object.empty() && !self_standing && !pronoun) continue;
        const auto off = v.near(i, 5, [](const std::string& w) { return w == "off" || w == "out"; });
        if (off && verb == "fit") verb = "remove";
        if (lexicon::work_verb(v.at(i)) == "wait" && v.at(i) == "let" && v.has("drain")) verb = "drain";
        if ((v.at(i) == "let" || v.at(i) == "leave") && v.any({"drop", "cool", "settle", "stand"})) verb = "wait";
        if (std::any_of(out.begin(), out.end(), [&](const Mark& m) { return m.verb == verb; })) continue;
        if (!out.empty() && (v.at(i - 1) == "let" || (i > 1 && v.at(i - 2) == "let"))) continue;
        Mark m;
        m.kind = MarkKind::Step;
        m.verb = std::string(verb);
        m.about = object;
        m.words = v.said(i, 4);
        m.because = fmt::format("\"{}\" at the head of a clause: something is done", v.at(i));
        out.push_back(std::move(m));
    }
    return out;
}

std::optional<std::string> caution_in(const View& v) {
    if (v.any({"careful", "warning", "caution", "danger", "dangerous"})) return "a word of warning";
    const bool harm = std::any_of(v.words.begin(), v.words.end(), [](const Word& w) { return lexicon::is_harm(w.text); });
    const bool forbids = v.any({"don't", "never", "mustn't", "mind", "watch", "keep", "otherwise", "won't", "before"});
    if (v.any({"burn", "burns", "scald", "overtighten", "goggles", "poisonous", "explode", "scalds"})) return "harm is named";
    if (v.says({"mix", "them", "up"}) || v.says({"stop", "and", "ask"}) || v.says({"no", "more"}) || v.says({"shoots", "out"})) return "something must not happen";
    if (harm && forbids) return "harm and how to avoid it";
    if (harm && v.any({"aluminium", "aluminum", "plastic"}) && v.any({"thread", "threads", "tighten", "housing", "it's"})) return "a soft thread or housing";
    if (v.any({"gloves", "glasses"}) && v.any({"wear", "put", "on"})) return "protective gear";
    if (v.any({"leak"}) && v.any({"two"})) return "a leak is foretold";
    return std::nullopt;
}

std::optional<std::string> slip_in(const View& v, const std::vector<Found>& figures) {
    if (std::any_of(figures.begin(), figures.end(), [](const Found& f) { return f.mark.taken_back; })) return "a value taken back aloud";
    if (v.says({"should", "have"}) || v.says({"should've"}) || v.says({"forgot"}) || v.says({"forgotten"}) || v.says({"i", "meant"}) || v.says({"i", "mean"})) return "something that belonged earlier, or was meant otherwise";
    if (v.any({"oops", "whoops", "correction", "wrong"}) || v.says({"no", "wait"}) || v.says({"my", "mistake"}) || v.says({"i", "dropped"}) || v.says({"where", "did", "i"})) return "the speaker corrects himself";
    if (v.any({"oh", "ah"}) && v.any({"first", "before", "no"})) return "remembered late";
    if (v.any({"i'll"}) && v.says({"look", "up"})) return "a figure promised";
    return std::nullopt;
}

std::optional<std::string> unseen_in(const View& v) {
    const bool negative = v.any({"can't", "cannot", "couldn't", "won't", "not", "don't", "didn't", "unable"});
    if (negative && v.any({"see", "film", "filmed", "show", "showed"}) && v.any({"you", "this", "camera", "it", "that", "i"}) && !v.says({"don't", "want"})) return "the speaker says that it is not to be seen";
    if (v.any({"dark"}) && v.any({"under", "too", "here", "there"})) return "too dark";
    if (v.says({"out", "of", "shot"}) || v.says({"out", "of", "frame"}) || v.says({"out", "of", "the", "picture"}) || v.says({"camera", "down"}) || v.says({"off", "camera"})) return "out of the picture";
    return std::nullopt;
}

/// 1: certainly talk, 0: may be talk between talk, -1: content.
int talk_weight(const View& v, bool content) {
    if (content) return -1;
    const auto talk = std::count_if(v.words.begin(), v.words.end(), [](const Word& w) { return lexicon::is_talk(w.text); });
    if (v.says({"be", "back"}) || v.says({"press", "the", "button"})) return 1;
    if (talk > 0) return 1;
    const bool technical = std::any_of(v.words.begin(), v.words.end(), [](const Word& w) { return lexicon::is_part(w.text) || lexicon::is_tool(w.text); });
    return technical ? -1 : 0;
}

}  // namespace

std::string_view name_of(MarkKind kind) {
    switch (kind) {
        case MarkKind::Figure:
            return "figure";
        case MarkKind::Step:
            return "step";
        case MarkKind::Caution:
            return "caution";
        case MarkKind::Slip:
            return "slip";
        case MarkKind::Unseen:
            return "not seen";
        case MarkKind::Talk:
            return "talk";
    }
    return "";
}

std::vector<Mark> read_marks(const std::vector<Segment>& segments) {
    std::vector<View> views;
    views.reserve(segments.size());
    for (const auto& s : segments) views.push_back({words_of(s.text)});
    std::vector<Mark> out;
    std::string last_part;
    std::size_t last_part_segment = 0;
    std::vector<int> weights;
    std::size_t skip_words = 0;  // words of the next segment that belong to a figure begun in this one
    for (std::size_t i = 0; i < segments.size(); ++i) {
        View v = views[i];
        if (skip_words > 0) v.words.erase(v.words.begin(), v.words.begin() + static_cast<std::ptrdiff_t>(std::min(skip_words, v.words.size())));
        skip_words = 0;
        const View* next = i + 1 < views.size() ? &views[i + 1] : nullptr;
        auto figures = v.words.empty() ? std::vector<Found>{} : read_figures(v, next);
        if (!figures.empty() && figures.back().to > v.words.size()) skip_words = figures.back().to - v.words.size();
        auto steps = v.words.empty() ? std::vector<Mark>{} : read_steps(v);
        const auto caution = caution_in(v);
        const auto slip = slip_in(v, figures);
        const auto unseen = unseen_in(v);
        const auto place = [&](Mark m) {
            m.segment = i;
            m.at = segments[i].start;
            if (m.words.empty()) m.words = segments[i].text;
            out.push_back(std::move(m));
        };
        for (auto& f : figures) {
            Mark m = std::move(f.mark);
            m.kind = MarkKind::Figure;
            m.about = part_near(v, std::min(f.from, v.words.size() - 1));
            if (!m.about.empty()) {
                m.because += fmt::format("; about the {}, named here", m.about);
            } else if (!last_part.empty() && i - last_part_segment <= 4) {
                m.about = last_part;
                m.because += fmt::format("; about the {}, named {} lines before", m.about, i - last_part_segment);
            }
            place(std::move(m));
        }
        const bool real_steps = !steps.empty();
        for (auto& m : steps) place(std::move(m));
        const auto sign = [&](MarkKind kind, const std::optional<std::string>& why) {
            if (!why) return;
            Mark m;
            m.kind = kind;
            m.because = *why;
            place(std::move(m));
        };
        sign(MarkKind::Caution, caution);
        sign(MarkKind::Slip, slip);
        sign(MarkKind::Unseen, unseen);
        if (!v.words.empty()) {
            if (const std::string part = part_near(v, v.words.size() - 1); !part.empty()) {
                last_part = part;
                last_part_segment = i;
            }
        }
        weights.push_back(talk_weight(views[i], !figures.empty() || real_steps || caution || slip || unseen));
    }
    // stretches of talk: segments that are talk, and undecided ones between them
    for (std::size_t i = 0; i < weights.size(); ++i) {
        bool talk = weights[i] == 1;
        if (weights[i] == 0) {
            const bool before = i > 0 && weights[i - 1] == 1;
            std::size_t k = i;
            while (k < weights.size() && weights[k] == 0 && k < i + 3) ++k;
            const bool behind = k < weights.size() && weights[k] == 1;
            talk = before && (behind || k == weights.size());
        }
        if (!talk) continue;
        weights[i] = 1;
        Mark m;
        m.kind = MarkKind::Talk;
        m.segment = i;
        m.at = segments[i].start;
        m.words = segments[i].text;
        m.because = "nothing about the machine is said here";
        out.push_back(std::move(m));
    }
    std::stable_sort(out.begin(), out.end(), [](const Mark& a, const Mark& b) { return a.segment < b.segment; });
    return out;
}

namespace {

struct Canonical {
    nlohmann::json value;
    nlohmann::json value_hi;
    nlohmann::json unit;
};

std::string_view canonical_unit(FigureKind kind, const Unit& unit) {
    switch (kind) {
        case FigureKind::Torque:
            return "Nm";
        case FigureKind::Turn:
            return "turn";
        case FigureKind::Volume:
            return "L";
        case FigureKind::Size:
        case FigureKind::Length:
            return "mm";
        case FigureKind::Pressure:
            return "kPa";
        case FigureKind::Temperature:
            return "degC";
        case FigureKind::Duration:
            return "s";
        case FigureKind::Interval:
        case FigureKind::Reading:
            return unit.dimension == Dimension::Calendar ? "month" : unit.dimension == Dimension::Distance ? "km"
                                                                                                           : "h";
        case FigureKind::Speed:
            return "rpm";
        case FigureKind::Percent:
            return "%";
        case FigureKind::Force:
            return "N";
        case FigureKind::Grade:
        case FigureKind::PartNumber:
        case FigureKind::Count:
            return "x";
    }
    return "x";
}

Canonical canonical_value(const Mark& m) {
    const Unit* unit = find_unit(m.value.unit);
    if (unit == nullptr) return {m.value.low, nullptr, nullptr};
    // A force said for a torque keeps its number; the unit is what has to be asked.
    const bool force_for_torque = m.figure_kind == FigureKind::Torque && unit->dimension == Dimension::Force;
    const Unit* source = force_for_torque ? find_unit(unit->id == "lbf" ? "lbf.ft" : "Nm") : unit;
    const Unit* target = find_unit(canonical_unit(m.figure_kind, *source));
    const auto number = [&](const std::string& text) -> nlohmann::json {
        const auto n = Number::parse(text);
        return n ? nlohmann::json(std::round(convert(n->value(), *source, *target) * 1e6) / 1e6) : nlohmann::json(nullptr);
    };
    const std::string name = m.figure_kind == FigureKind::Count ? "number" : m.figure_kind == FigureKind::Turn ? "turns"
                                                                                                               : std::string(target->id);
    return {number(m.value.low), m.value.high.empty() ? nlohmann::json(nullptr) : number(m.value.high), name};
}

}  // namespace

nlohmann::json marks_json(const std::vector<Segment>& segments, const std::vector<Mark>& marks) {
    using nlohmann::json;
    json out{{"segment_starts", json::array()}, {"figures", json::array()}, {"steps", json::array()}, {"cautions", json::array()}, {"slips", json::array()}, {"unseen", json::array()}, {"chatter", json::array()}};
    for (const auto& s : segments) out["segment_starts"].push_back(s.start.seconds());
    std::optional<std::size_t> talk_end;
    std::set<std::string> seen;
    for (const auto& m : marks) {
        const double t = m.at.seconds();
        switch (m.kind) {
            case MarkKind::Figure: {
                if (m.taken_back) break;
                const auto c = canonical_value(m);
                if (!seen.insert(fmt::format("{}|{}|{}|{}", m.segment, name_of(m.figure_kind), c.value.dump(), c.value_hi.dump())).second) break;
                out["figures"].push_back({{"t", t}, {"kind", name_of(m.figure_kind)}, {"value", c.value}, {"value_hi", c.value_hi}, {"unit", c.unit}, {"about", m.about}, {"hedged", m.hedged}, {"optional", false}, {"because", m.because}});
                break;
            }
            case MarkKind::Step:
                out["steps"].push_back({{"t", t}, {"verb", m.verb}, {"about", m.about}});
                break;
            case MarkKind::Caution:
                out["cautions"].push_back({{"t", t}});
                break;
            case MarkKind::Slip:
                out["slips"].push_back({{"t", t}});
                break;
            case MarkKind::Unseen:
                out["unseen"].push_back({{"t", t}});
                break;
            case MarkKind::Talk:
                if (talk_end && *talk_end + 1 == m.segment)
                    out["chatter"].back()[1] = t;
                else
                    out["chatter"].push_back({t, t});
                talk_end = m.segment;
                break;
        }
    }
    return out;
}

}  // namespace anagraph::core
