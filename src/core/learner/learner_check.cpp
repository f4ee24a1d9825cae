#include "core/learner/learner_check.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <map>
#include <set>

#include "core/figure/evidence.h"
#include "core/plate/fastener_map.h"
#include "core/procedure/text.h"
#include "core/quantity/written_number.h"

namespace anagraph::core {
namespace {

constexpr std::size_t kChoices = 4;

/// The same numbers on every machine (splitmix64).
class Dice {
public:
    explicit Dice(std::uint64_t seed) : state_(seed) {}
    std::size_t below(std::size_t n) { return n == 0 ? 0 : static_cast<std::size_t>(next() % n); }
    template <class T>
    void shuffle(std::vector<T>& things) {
        for (std::size_t i = things.size(); i > 1; --i) std::swap(things[i - 1], things[below(i)]);
    }

private:
    std::uint64_t next() {
        std::uint64_t z = (state_ += 0x9E3779B97F4A7C15ULL);
        z = (z ^ (z >> 30U)) * 0xBF58476D1CE4E5B9ULL;
        z = (z ^ (z >> 27U)) * 0x94D049BB133111EBULL;
        return z ^ (z >> 31U);
    }
    std::uint64_t state_;
};

class Maker {
public:
    Maker(const Edition& e, std::uint64_t seed) : e_(e), p_(e.procedure), numbers_(callout_numbers(e.procedure)), dice_(seed) {}

    std::vector<CheckQuestion> make(std::size_t most) {
        parts();
        figures();
        settings();
        before();
        stops();
        fasteners();
        judging();
        for (auto& [kind, all] : by_kind_) dice_.shuffle(all);
        std::vector<CheckQuestion> out;
        for (bool some = true; some && out.size() < most;) {
            some = false;
            for (auto& [kind, all] : by_kind_) {
                if (all.empty() || out.size() == most) continue;
                out.push_back(std::move(all.back()));
                all.pop_back();
                some = true;
            }
        }
        return out;
    }

private:
    /// Keeps a question whose wrong answers are all different from the right one and from each other; at least `least` of them.
    void add(CheckQuestion q, const std::string& right, std::vector<std::string> wrong, std::size_t least = 2) {
        dice_.shuffle(wrong);
        std::set<std::string> seen{right, ""};
        std::erase_if(wrong, [&](const std::string& w) { return !seen.insert(w).second; });
        if (right.empty() || wrong.size() < least) return;
        if (wrong.size() > kChoices - 1) wrong.resize(kChoices - 1);
        q.choices = std::move(wrong);
        q.right = dice_.below(q.choices.size() + 1);
        q.choices.insert(q.choices.begin() + static_cast<std::ptrdiff_t>(q.right), right);
        by_kind_[q.kind].push_back(std::move(q));
    }

    bool proved(const std::string& line) const {
        for (const auto& piece : pieces_of(line)) {
            if (piece.kind != TokenKind::Figure) continue;
            const Figure* f = p_.find(FigureId(piece.text));
            if (f == nullptr || standing_of(p_, *f) != Standing::Proved) return false;
        }
        return true;
    }

    void parts() {
        for (const auto& s : p_.steps)
            for (const auto& plate : s.plates)
                for (const auto& c : plate.callouts) {
                    const Item* item = p_.find(c.item);
                    if (item == nullptr || !numbers_.contains(c.item)) continue;
                    std::vector<std::string> wrong;
                    for (const auto& other : plate.callouts)
                        // two things of one name look alike, and either would be right
                        if (const Item* x = p_.find(other.item); x != nullptr && x->name != item->name && numbers_.contains(other.item))
                            wrong.push_back(std::to_string(numbers_.at(other.item)));
                    add({QuestionKind::Part, s.id, {plate.id}, fmt::format("Which number is the {}?", item->name), {}, 0},
                        std::to_string(numbers_.at(c.item)), wrong);
                }
    }

    void figures() {
        for (const auto& f : p_.figures) {
            if (standing_of(p_, f) != Standing::Proved) continue;
            const auto steps = steps_using(p_, f.id);
            if (steps.empty()) continue;
            std::vector<std::string> wrong;
            for (const auto& other : p_.figures) {
                // the question names the variant it asks for, so that the other variant's figure is a wrong answer
                const bool plausible = other.kind == f.kind && other.id != f.id && standing_of(p_, other) == Standing::Proved;
                // what agrees with the right answer might be right too
                const bool surely = !agrees(f.value, other.value, f.tolerance) && !agrees(other.value, f.value, other.tolerance);
                if (plausible && surely) wrong.push_back(text_in_both(other));
            }
            add({QuestionKind::Figure, p_.steps[static_cast<std::size_t>(steps.front() - 1)].id, {},
                    fmt::format("{}: what is it?", title_of(p_, f)), {}, 0},
                text_in_both(f), wrong);
        }
    }

    /// The same torque as the wrench in hand shows it. Wrong answers: what other torques are on that scale, the number of the other unit
    /// system read on it, and the numbered marks beside it.
    void settings() {
        for (const auto& w : e_.wrenches) {
            const Figure* f = p_.find(w.figure);
            const auto steps = steps_using(p_, w.figure);
            if (f == nullptr || steps.empty()) continue;
            std::vector<FigureValue> wrong;
            const auto on_scale = [&](const std::string& number) { return FigureValue{number, "", w.unit}; };
            for (const auto& other : e_.wrenches)
                if (other.wrench == w.wrench) wrong.push_back(on_scale(other.setting));
            for (const auto& other : {f->value.low, other_number(f->value)})
                if (!other.empty()) wrong.push_back(on_scale(other));
            const auto set = Number::kept(w.setting);
            const auto step = Number::kept(w.step);
            for (const double by : {-2.0, -1.0, 1.0, 2.0})
                if (set && step && set->value() + by * step->value() > 0)
                    wrong.push_back(on_scale(fmt::format("{:.6g}", set->value() + by * step->value())));
            std::vector<std::string> words;
            for (const auto& value : wrong)
                if (!agrees(f->value, value, f->tolerance) && !agrees(on_scale(w.setting), value, "")) words.push_back(text_of(value));
            add({QuestionKind::Figure, p_.steps[static_cast<std::size_t>(steps.front() - 1)].id, {},
                    fmt::format("{}: what do you set on the {}?", title_of(p_, *f), w.wrench), {}, 0},
                text_of(w), words);
        }
    }
    /// The number alone of a torque in the other unit system; empty where there is none.
    static std::string other_number(const FigureValue& value) {
        const std::string other = other_system_text(value);
        return other.substr(0, other.find(' '));
    }

    void before() {
        for (std::size_t i = 1; i < p_.steps.size(); ++i) {
            const auto& s = p_.steps[i];
            if (!s.variants.empty() || !p_.steps[i - 1].variants.empty()) continue;
            std::vector<std::string> wrong;
            for (std::size_t k = 0; k < p_.steps.size(); ++k)
                if (k != i && k + 1 != i && p_.steps[k].heading != s.heading) wrong.push_back(p_.steps[k].heading);
            add({QuestionKind::Before, s.id, {}, fmt::format("What comes right before \u201C{}\u201D?", s.heading), {}, 0},
                p_.steps[i - 1].heading, wrong);
        }
    }

    void stops() {
        for (const auto& s : p_.steps)
            for (const auto& c : s.checks) {
                if (c.stop.empty() || !proved(c.stop) || !proved(c.look)) continue;
                std::vector<std::string> wrong;
                for (const auto& other : p_.steps)
                    for (const auto& o : other.checks) {
                        if (other.id != s.id && o.look != c.look && proved(o.stop)) wrong.push_back(rendered(p_, o.stop));
                        // what is good here never stops it
                        if (&o == &c && !o.good.empty() && proved(o.good)) wrong.push_back(rendered(p_, o.good));
                    }
                add({QuestionKind::Stop, s.id, {}, fmt::format("{}, {}: what stops the job?", s.heading, rendered(p_, c.look)), {}, 0},
                    rendered(p_, c.stop), wrong);
            }
    }

    void fasteners() {
        for (const auto& s : p_.steps)
            for (const auto& plate : s.plates) {
                std::set<ItemId> kinds;
                for (const auto& f : plate.fasteners) kinds.insert(f.item);
                if (kinds.size() < 2) continue;
                for (std::size_t i = 0; i < plate.fasteners.size(); ++i) {
                    const Item* item = p_.find(plate.fasteners[i].item);
                    std::vector<std::string> wrong;
                    for (const auto& id : kinds)
                        if (const Item* x = p_.find(id); x != nullptr && id != plate.fasteners[i].item) wrong.push_back(x->name);
                    if (item != nullptr)
                        add({QuestionKind::Fastener, s.id, {plate.id}, fmt::format("Which fastener goes into place {}?", i + 1), {}, 0},
                            item->name, wrong, 1);
                }
            }
    }

    void judging() {
        for (const auto& s : p_.steps)
            for (std::size_t i = 0; i + 1 < s.plates.size(); ++i) {
                const auto role = s.plates[i].role;
                if ((role != PairRole::Right && role != PairRole::Wrong) || s.plates[i + 1].role != counterpart(role)) continue;
                const bool first = role == PairRole::Right;
                add({QuestionKind::Judge, s.id, {s.plates[i].id, s.plates[i + 1].id},
                        fmt::format("{}: which picture shows it as it must be?", s.heading), {}, 0},
                    first ? "the first" : "the second", {first ? "the second" : "the first"}, 1);
            }
    }

    const Edition& e_;
    const Procedure& p_;
    std::map<ItemId, int> numbers_;
    Dice dice_;
    std::map<QuestionKind, std::vector<CheckQuestion>> by_kind_;
};

}  // namespace

std::vector<CheckQuestion> learner_check(const Edition& edition, std::uint64_t seed, std::size_t most) {
    return Maker(edition, seed).make(most);
}

std::uint64_t own_check(std::string_view mark) {
    std::uint64_t out = 0;
    const auto digits = mark.substr(mark.rfind(' ') + 1);
    std::from_chars(digits.data(), digits.data() + digits.size(), out, 16);
    return out;
}

}  // namespace anagraph::core
