#include "core/review/review.h"

#include <fmt/format.h>

#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

#include "core/edition/post.h"
#include "core/figure/evidence.h"
#include "core/procedure/json.h"
#include "core/review/open_points.h"

namespace anagraph::core {

using nlohmann::json;

namespace {

constexpr const char* kGuide = "guide";

/// What of a step is no part of what it says.
void strip_step(json& step) {
    for (const char* own : {"comments", "translated", "takes", "heard", "put_right", "pinned", "drafted"}) step.erase(own);
}

/// Whether a change of `p` does nothing but comment, or answer a comment.
bool only_comments(const Procedure& p, const Change& change) {
    return std::all_of(change.edits.begin(), change.edits.end(), [&](const Edit& edit) {
        const auto* put = std::get_if<Put<Step>>(&edit);
        const Step* old = put == nullptr || put->at ? nullptr : p.find(put->thing.id);
        if (old == nullptr) return false;
        Step same = put->thing;
        same.comments = old->comments;
        return same == *old;
    });
}

void fill(ReviewPlace& place, const std::vector<Difference>& all, bool first) {
    for (const auto& d : all) {
        const bool here = !place.figure.empty() ? d.figure == place.figure
            : place.id == kGuide                ? d.step.empty() && d.figure.empty()
                                                : d.figure.empty() && d.step == place.step;
        if (here) place.differences.push_back(d);
    }
    place.changed = first || !place.differences.empty();
}

}  // namespace

std::vector<ReviewPlace> review_places(const Edition* before, const Edition& now) {
    const Procedure& p = now.procedure;
    const json whole = to_json(now);
    const json& j = whole.at("procedure");
    const auto all = before != nullptr ? differences(*before, now) : std::vector<Difference>{};
    std::vector<ReviewPlace> out;

    json rest = j;
    json order = json::array();
    for (const auto& s : p.steps) order.push_back(s.id.text());
    rest.erase("figures");
    rest["steps"] = order;
    ReviewPlace guide{kGuide, "The guide as a whole", {}, {},
        canonical_text({{"rest", rest}, {"rule", now.rule}, {"desk", now.desk}, {"methods", whole.value("methods", json())}})};
    fill(guide, all, before == nullptr);
    // what is gone has no place of its own any more
    for (const auto& d : all) {
        const bool gone =
            (!d.figure.empty() && p.find(d.figure) == nullptr) || (d.figure.empty() && !d.step.empty() && p.find(d.step) == nullptr);
        if (gone) guide.differences.push_back(d);
    }
    guide.changed = guide.changed || !guide.differences.empty();
    out.push_back(std::move(guide));

    std::set<FigureId> placed;
    const auto add_figure = [&](const FigureId& id, const StepId& step) {
        const Figure* f = p.find(id);
        if (f == nullptr || !placed.insert(id).second) return;
        const auto index = static_cast<std::size_t>(f - p.figures.data());
        json content{{"figure", j.at("figures").at(index)}, {"standing", name_of(standing_of(p, *f))}};
        for (const auto& w : now.wrenches)
            if (w.figure == id) content["set"].push_back(say(key("Review", "{0} on the {1}"), text_of(w), w.wrench));
        ReviewPlace place{"figure:" + id.text(), title_of(p, *f), step, id, canonical_text(content)};
        fill(place, all, before == nullptr);
        out.push_back(std::move(place));
    };
    std::vector<std::vector<FigureId>> read_by(p.steps.size());  // figures whose first step it is
    for (const auto& f : p.figures)
        if (const auto steps = steps_using(p, f.id); !steps.empty()) read_by[static_cast<std::size_t>(steps.front() - 1)].push_back(f.id);
    for (std::size_t i = 0; i < p.steps.size(); ++i) {
        json step = j.at("steps").at(i);
        strip_step(step);
        ReviewPlace place{"step:" + p.steps[i].id.text(),
            say(key("Review", "Step {0}, {1}"), i + 1, p.steps[i].heading.empty() ? "(no heading)" : p.steps[i].heading), p.steps[i].id, {},
            canonical_text(step)};
        fill(place, all, before == nullptr);
        out.push_back(std::move(place));
        for (const auto& id : read_by[i]) add_figure(id, p.steps[i].id);
    }
    for (const auto& f : p.figures) add_figure(f.id, {});
    std::stable_sort(out.begin(), out.end(), [](const ReviewPlace& a, const ReviewPlace& b) { return a.changed && !b.changed; });
    return out;
}

std::string review_content(const std::vector<ReviewPlace>& places) {
    std::map<std::string, std::string> sorted;  // the walk's order says nothing of the guide
    for (const auto& place : places) sorted[place.id] = place.content;
    return json(sorted).dump(-1, ' ', false, json::error_handler_t::replace);
}

std::vector<Words> reasons_not_to_check(const Procedure& p) {
    auto out = reasons_not_to_issue(p);
    for (const auto& f : p.figures)
        if (standing_of(p, f) == Standing::Disputed)
            out.push_back(say(key("Review", "{0} is disputed: resolve it at the Figures with a reason."), title_of(p, f)));
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        for (const auto& c : p.steps[i].comments)
            if (!c.closed && c.answer.empty())
                out.push_back(say(
                    key("Review", "Step {0}: {1} asks \u201C{2}\u201D: answer it, or take it over into the guide."), i + 1, c.who, c.text));
    for (const auto& use : p.recordings)
        for (const auto& n : use.notes)
            if (n.kind == NoteKind::NotFilmed)
                out.push_back(
                    say(key("Review", "Noted as not filmed: \u201C{0}\u201D. Film it and remove the note, or remove what it asks for."),
                        n.text));
    return out;
}

std::vector<std::string> authors_of(Procedure from, const std::vector<Authored>& changes) {
    std::vector<std::string> out;
    for (const auto& c : changes) {
        if (!is_one_of(c.by, out) && !only_comments(from, c.change)) out.push_back(c.by);
        from = replay(std::move(from), c.change);
    }
    return out;
}

bool is_one_of(std::string_view post, const std::vector<std::string>& posts) {
    return std::any_of(posts.begin(), posts.end(), [&](const std::string& p) { return same_post(p, post); });
}

}  // namespace anagraph::core
