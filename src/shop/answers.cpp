#include "shop/answers.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>

#include "shop/handout.h"
#include "shop/inbox.h"
#include "shop/issued.h"
#include "store/files.h"

namespace anagraph::shop {

using core::Result;

namespace {

constexpr std::int64_t kMostBytes = 1 << 20;

/// Whether the records hold these very answers already.
bool is_kept(const core::Records& records, const core::CheckAnswers& answers) {
    const auto learned = records.kept<core::Learned>();
    return std::any_of(learned.begin(), learned.end(), [&](const core::Kept<core::Learned>& l) {
        const auto had = core::answers_from_json(l.what.answers);
        return had && had->id == answers.id;
    });
}

TakenAnswers taken(
    store::Library& library, const core::Records& records, const ByMark& editions, const std::string& file, const std::string& post) {
    TakenAnswers out;
    out.file = file;
    const auto text = store::read_file(file, kMostBytes);
    if (!text) return out.words = text.error().message, out;
    const auto answers = core::answers_from_json(*text);
    if (!answers) return out.words = answers.error().message, out;
    out.learner = answers->learner;
    const auto issued = editions.find(answers->mark);
    if (issued == editions.end()) {
        out.words = fmt::format("{}: this library issued nothing under the mark {}.", out.learner, answers->mark);
        return out;
    }
    const auto& e = issued->second.edition;
    out.guide = issued->second.guide;
    out.edition = e.number;
    out.title = fmt::format("{} {}", e.procedure.header.machine, e.procedure.header.title);
    const auto result = core::judged(e, *answers);
    if (!result) return out.words = fmt::format("{}: {}", out.learner, result.error().message), out;
    out.result = *result;
    const std::string came_to =
        fmt::format("{}, {}, edition {}: {} of {} right", out.learner, out.title, e.number, result->right(), result->asked);
    if (!result->passed()) {
        out.words = fmt::format("{}; {} are needed, so it is not passed.", came_to, core::needed_to_pass(result->asked));
        return out;
    }
    out.again = is_kept(records, *answers);
    if (!out.again)
        if (auto done = confirm(library, store::GuideId(out.guide), e.number, answers->learner, core::to_json(*answers), post); !done)
            return out.words = fmt::format("{}; it is not kept: {}", came_to, done.error().message), out;
    out.kept = true;
    out.words = fmt::format("{}, passed{}.", came_to, out.again ? "; it was in the records already" : "");
    return out;
}

}  // namespace

Result<std::vector<TakenAnswers>> take_answers(store::Library& library, const std::vector<std::string>& files, const std::string& post) {
    const auto editions = editions_by_mark(library);
    if (!editions) return tl::make_unexpected(editions.error());
    std::vector<TakenAnswers> out;
    for (const auto& file : files) {
        const auto records = library.records();
        if (!records) return tl::make_unexpected(records.error());
        out.push_back(taken(library, *records, *editions, file, post));
    }
    return out;
}

std::vector<std::string> waiting_answers(const store::Library& library) { return waiting_in_inbox(library, core::kAnswersEnding); }

Result<std::vector<TakenAnswers>> take_waiting_answers(store::Library& library, const std::string& post) {
    auto out = take_answers(library, waiting_answers(library), post);
    if (!out) return out;
    const auto folder = folder_of_taken(library);
    if (!folder) return tl::make_unexpected(folder.error());
    // the record is written: a file that stays is only taken in again, and then known
    for (const auto& t : *out)
        if (t.result.asked > 0 && (!t.result.passed() || t.kept)) put_to_taken(t.file, *folder);
    return out;
}

}  // namespace anagraph::shop
