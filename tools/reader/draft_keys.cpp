#include "tools/reader/draft_keys.h"

#include <algorithm>

#include "core/edits/edit.h"
#include "core/tape/draft.h"
#include "core/tape/logging.h"
#include "tools/reader/score.h"

namespace anagraph::reader_tools {

using namespace anagraph::core;
using nlohmann::json;

namespace {

const RecordingId kFilm("film");

bool seldom_needed(const json& figure) {
    return figure.at("kind") == "count" || figure.at("kind") == "interval" || figure.at("kind") == "reading";
}

json without_the_seldom_needed(json answer) {
    auto& figures = answer.at("figures");
    figures.erase(std::remove_if(figures.begin(), figures.end(), seldom_needed), figures.end());
    return answer;
}

}  // namespace

DraftKeys draft_keys(const Sample& sample, const std::vector<Mark>& marks) {
    Procedure guide;
    guide.recordings.push_back({kFilm, "", {}});
    if (const auto draft = draft_steps(guide, kFilm, sample.segments, marks, sample.segments.back().end))
        if (auto drafted = apply(guide, *draft)) guide = std::move(*drafted);
    // what of the marks has come into a step
    std::vector<Mark> taken;
    for (const auto& m : marks) {
        const bool in_step = step_at(guide, kFilm, m.at) != nullptr;
        if ((m.kind == MarkKind::Figure && taken_as(guide, kFilm, m) != nullptr) || (m.kind == MarkKind::Step && !m.guessed && in_step) ||
            (m.kind == MarkKind::Caution && in_step))
            taken.push_back(m);
    }
    const json gold = without_the_seldom_needed(sample.gold);
    const auto drafted = score(gold, without_the_seldom_needed(marks_json(sample.segments, taken)));
    const auto heard = score(gold, without_the_seldom_needed(marks_json(sample.segments, marks)));
    DraftKeys out;
    out.steps = static_cast<int>(guide.steps.size());
    out.acts_missing = drafted.at("steps").missed;
    out.acts_wrong = drafted.at("steps").wrong;
    out.figures_missing = heard.at("figures").missed;
    out.figures_untaken = std::max(0, drafted.at("figures").missed - out.figures_missing);
    out.figures_wrong = drafted.at("figures").wrong;
    out.cautions_missing = heard.at("cautions").missed;
    out.cautions_untaken = std::max(0, drafted.at("cautions").missed - out.cautions_missing);
    out.cautions_wrong = drafted.at("cautions").wrong;
    return out;
}

}  // namespace anagraph::reader_tools
