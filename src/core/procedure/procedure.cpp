#include "core/procedure/procedure.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>

#include "core/base/letters.h"
#include "core/procedure/step_texts.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

template <class Thing, class IdType>
const Thing* find_in(const std::vector<Thing>& things, const IdType& id) {
    const auto it = std::find_if(things.begin(), things.end(), [&](const Thing& t) { return t.id == id; });
    return it == things.end() ? nullptr : &*it;
}

/// Callouts as they stand clockwise about the middle of their targets, from the left below on; those that stand nowhere
/// apart, as they were made.
std::vector<const Callout*> clockwise(const std::vector<Callout>& callouts) {
    double x = 0;
    double y = 0;
    for (const auto& c : callouts) {
        x += c.target.x;
        y += c.target.y;
    }
    const double n = std::max<double>(1, static_cast<double>(callouts.size()));
    const auto angle = [&](const Callout& c) {
        // atan2 runs clockwise where y runs down; it begins here at the lower left
        const double a = std::atan2(c.target.y - y / n, c.target.x - x / n) - 3 * M_PI / 4;
        return a < -1e-9 ? a + 2 * M_PI : a;
    };
    std::vector<const Callout*> out;
    for (const auto& c : callouts) out.push_back(&c);
    std::stable_sort(out.begin(), out.end(), [&](const Callout* a, const Callout* b) { return angle(*a) < angle(*b) - 1e-9; });
    return out;
}

}  // namespace

std::string_view safety_statement() {
    return "The maker's current book, local codes, the site's rules and its lock-off come before this guide, and licensed practice before "
           "both. "
           "Isolate and lock off the machine, relieve pressure and let hot parts cool before you open anything. Wear the protective gear "
           "your site asks for. "
           "Where a figure is shown as open, disputed or not known, ask before you go on. This guide advises; the person who signs for the "
           "work is responsible for it.";
}

PairRole counterpart(PairRole role) {
    switch (role) {
        case PairRole::None:
            return PairRole::None;
        case PairRole::Before:
            return PairRole::After;
        case PairRole::After:
            return PairRole::Before;
        case PairRole::Right:
            return PairRole::Wrong;
        case PairRole::Wrong:
            return PairRole::Right;
        case PairRole::New:
            return PairRole::Old;
        case PairRole::Old:
            return PairRole::New;
    }
    return PairRole::None;
}

std::string contradiction(const std::vector<MachineState>& states) {
    const auto in = [&](MachineState state) { return std::find(states.begin(), states.end(), state) != states.end(); };
    if (in(MachineState::Cold) && in(MachineState::Warm)) return "It cannot be cold and warm at once.";
    if (in(MachineState::Running) && (in(MachineState::Stopped) || in(MachineState::Isolated) || in(MachineState::LockedOff)))
        return "It cannot run while it is stopped, isolated or locked off.";
    return {};
}

const Item* Procedure::find(const ItemId& id) const { return find_in(items, id); }
const Source* Procedure::find(const SourceId& id) const { return find_in(sources, id); }
const Figure* Procedure::find(const FigureId& id) const { return find_in(figures, id); }
const Step* Procedure::find(const StepId& id) const { return find_in(steps, id); }
const RecordingUse* Procedure::find(const RecordingId& id) const { return find_in(recordings, id); }

std::vector<int> steps_using(const Procedure& p, const FigureId& id) {
    const auto drawn = [&](const PlateMark& m) { return m.figure == id; };
    const auto uses = [&](const Step& s) {
        const auto done = [&](const Action& a) { return a.figure == id; };
        bool found = std::any_of(s.actions.begin(), s.actions.end(), done) ||
            std::any_of(s.put_right.begin(), s.put_right.end(),
                [&](const LineActions& l) { return std::any_of(l.actions.begin(), l.actions.end(), done); }) ||
            std::any_of(s.waits.begin(), s.waits.end(), [&](const Wait& w) { return w.figure == id; }) ||
            std::any_of(s.checks.begin(), s.checks.end(), [&](const Check& c) { return c.reading && c.reading->limits == id; }) ||
            std::find(s.heard.begin(), s.heard.end(), id) != s.heard.end();
        each_text(s, [&](const std::string&, const std::string& text) { found = found || names(text, TokenKind::Figure, id.text()); });
        for (const auto& plate : s.plates) found = found || std::any_of(plate.marks.begin(), plate.marks.end(), drawn);
        if (s.clip)
            found = found || std::any_of(s.clip->marks.begin(), s.clip->marks.end(), [&](const ClipMark& m) { return drawn(m.mark); });
        for (const auto& r : s.resets)
            found = found || std::any_of(r.presses.begin(), r.presses.end(), [&](const Press& press) { return press.hold == id; });
        return found;
    };
    std::vector<int> out;
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        if (uses(p.steps[i])) out.push_back(static_cast<int>(i) + 1);
    return out;
}

std::string title_of(const Procedure& p, const Figure& f) {
    const Item* item = p.find(f.item);
    const std::string purpose = f.purpose.empty() ? std::string(spoken_name_of(f.kind)) : f.purpose;
    std::string title = item == nullptr ? purpose : fmt::format("{}, {}", item->name, purpose);
    if (!f.condition.empty()) title += ", " + f.condition;
    if (!f.variants.empty()) title += fmt::format(" ({})", fmt::join(f.variants, ", "));
    return capitalised(std::move(title));
}

RecordingUse use_of(const Procedure& p, const RecordingId& recording) {
    const RecordingUse* known = p.find(recording);
    return known == nullptr ? RecordingUse{recording, "", {}} : *known;
}

std::vector<Plate> plates_of(const Procedure& p) {
    std::vector<Plate> out;
    for (const auto& s : p.steps) out.insert(out.end(), s.plates.begin(), s.plates.end());
    return out;
}

std::map<ItemId, int> callout_numbers(const Procedure& p) {
    std::map<ItemId, int> numbers;
    for (const auto& step : p.steps)
        for (const auto& plate : step.plates)
            for (const auto* callout : clockwise(plate.callouts)) numbers.try_emplace(callout->item, static_cast<int>(numbers.size()) + 1);
    return numbers;
}

std::string slug_of(std::string_view name) {
    std::string out;
    for (const char c : name) {
        if (std::isalnum(static_cast<unsigned char>(c)) != 0)
            out += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
        else if (!out.empty() && out.back() != '-')
            out += '-';
    }
    while (!out.empty() && out.back() == '-') out.pop_back();
    return out.empty() ? "x" : out;
}

}  // namespace anagraph::core
