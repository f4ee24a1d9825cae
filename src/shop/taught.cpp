#include "shop/taught.h"

#include "core/learner/check_answers.h"
#include "shop/issued.h"
#include "shop/logbook.h"

namespace anagraph::shop {

core::Result<CameBack> came_back(const store::Library& library, const store::GuideId& guide) {
    CameBack out;
    const auto log = library.logbook();
    if (!log) return tl::make_unexpected(log.error());
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    if (log->machines().empty() && records->all().empty()) return out;
    auto runs = runs_of(library, *log);
    if (!runs) return tl::make_unexpected(runs.error());
    for (auto& r : *runs)
        if (r.guide == guide.text()) out.runs.push_back(std::move(r));
    const auto editions = editions_by_mark(library);
    if (!editions) return tl::make_unexpected(editions.error());
    for (const auto& learned : records->kept<core::Learned>()) {
        if (learned.what.guide != guide.text() || learned.what.answers.empty()) continue;
        const auto answers = core::answers_from_json(learned.what.answers);
        if (!answers) continue;
        const auto issued = editions->find(answers->mark);
        if (issued == editions->end()) continue;
        const auto result = core::judged(issued->second.edition, *answers);
        if (!result) continue;
        const auto questions = core::learner_check(issued->second.edition, answers->check);
        for (const auto i : result->wrong) out.wrong.push_back({questions[i].step, answers->learner});
    }
    return out;
}

}  // namespace anagraph::shop
