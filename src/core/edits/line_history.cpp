#include "core/edits/line_history.h"

#include <algorithm>
#include <map>
#include <optional>

#include "core/find/likeness.h"

namespace anagraph::core {
namespace {

using Lines = std::vector<std::string>;
using LinesOfSteps = std::map<StepId, Lines>;

struct At {
    StepId step;
    std::size_t line = 0;
};

/// Where the line stood before a change, or nothing where the change wrote it anew.
std::optional<At> before(const LinesOfSteps& old, const LinesOfSteps& now, const At& at) {
    const std::string& text = now.at(at.step)[at.line];
    const auto same = old.find(at.step);
    if (same != old.end()) {
        const Lines& was = same->second;
        // unchanged: the same words, as near as may be to where they stand
        std::optional<std::size_t> nearest;
        for (std::size_t i = 0; i < was.size(); ++i)
            if (was[i] == text &&
                (!nearest || std::max(i, at.line) - std::min(i, at.line) < std::max(*nearest, at.line) - std::min(*nearest, at.line)))
                nearest = i;
        if (nearest) return At{at.step, *nearest};
    }
    for (const auto& [id, lines] : old)
        if (const auto it = std::find(lines.begin(), lines.end(), text); id != at.step && it != lines.end())
            return At{id, static_cast<std::size_t>(it - lines.begin())};
    if (same == old.end()) return std::nullopt;
    // rewritten: of the old lines that stand nowhere now, the one most like it, or the only one in its place
    const Lines& was = same->second;
    const Lines& is = now.at(at.step);
    std::optional<std::size_t> best;
    double best_likeness = 0.25;
    for (std::size_t i = 0; i < was.size(); ++i) {
        if (std::find(is.begin(), is.end(), was[i]) != is.end()) continue;
        const double like = likeness(was[i], text) + (i == at.line && was.size() == is.size() ? 0.5 : 0);
        if (like <= best_likeness) continue;
        best_likeness = like;
        best = i;
    }
    return best ? std::optional(At{at.step, *best}) : std::nullopt;
}

/// The lines of the steps that a change touches as they were before it; nothing for a step it brings in.
using Touched = std::map<StepId, std::optional<Lines>>;

Touched enter(LinesOfSteps& state, const Change& change) {
    Touched touched;
    const auto keep = [&](const StepId& id) {
        const auto it = state.find(id);
        touched.try_emplace(id, it == state.end() ? std::nullopt : std::optional(it->second));
    };
    for (const auto& edit : change.edits) {
        if (const auto* put = std::get_if<Put<Step>>(&edit)) {
            keep(put->thing.id);
            state[put->thing.id] = put->thing.lines;
        }
        if (const auto* gone = std::get_if<Remove<StepId>>(&edit)) {
            keep(gone->id);
            state.erase(gone->id);
        }
    }
    return touched;
}

void take_back(LinesOfSteps& state, const Touched& touched) {
    for (const auto& [id, lines] : touched)
        if (lines)
            state[id] = *lines;
        else
            state.erase(id);
}

}  // namespace

std::vector<LineVersion> line_history(const std::vector<Journaled>& journal, const StepId& step, std::size_t line) {
    LinesOfSteps now;
    std::vector<Touched> touched;
    touched.reserve(journal.size());
    for (const auto& j : journal) touched.push_back(enter(now, j.change));
    std::vector<LineVersion> out;
    At at{step, line};
    const auto there = now.find(step);
    if (there == now.end() || line >= there->second.size()) return out;
    for (std::size_t i = journal.size(); i-- > 0;) {
        if (touched[i].count(at.step) == 0) {
            take_back(now, touched[i]);
            continue;
        }
        const LinesOfSteps after = now;
        take_back(now, touched[i]);
        const std::string& text = after.at(at.step)[at.line];
        const auto was = before(now, after, at);
        if (!was || now.at(was->step)[was->line] != text) out.push_back({journal[i].at, journal[i].who, journal[i].change.label, text});
        if (!was) break;
        at = *was;
    }
    return out;
}

}  // namespace anagraph::core
