#include "core/learner/check_answers.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <nlohmann/json.hpp>

#include "core/base/versions.h"
#include "core/edition/post.h"

namespace anagraph::core {

using nlohmann::json;

std::string to_json(const CheckAnswers& a) {
    return canonical_text({{"format", kCheckAnswersFormat}, {"id", a.id}, {"mark", a.mark}, {"check", std::to_string(a.check)},
        {"learner", a.learner}, {"at", a.at}, {"answers", a.answers}});
}

Result<CheckAnswers> answers_from_json(std::string_view text) {
    const auto bad = [](const std::string& what) {
        return fail(
            ErrorCode::BadInput, say(key("Learner", "These are no answers to a check: {0} Hand in the file as the guide saved it."), what));
    };
    const json j = json::parse(text, nullptr, false);
    if (!j.is_object() || j.value("format", json()) != json(kCheckAnswersFormat)) return bad("the file is of another form.");
    CheckAnswers out;
    for (auto [name, field] :
        {std::pair("id", &out.id), std::pair("mark", &out.mark), std::pair("learner", &out.learner), std::pair("at", &out.at)}) {
        if (!j.contains(name) || !j.at(name).is_string() || j.at(name).get_ref<const std::string&>().empty())
            return bad(fmt::format("\u201C{}\u201D is missing.", name));
        *field = j.at(name).get<std::string>();
    }
    if (!is_uuid(out.id)) return bad("\u201Cid\u201D is no UUID.");
    out.learner = post_of(out.learner);
    const std::string seed = j.contains("check") && j.at("check").is_string() ? j.at("check").get<std::string>() : "";
    const auto [end, error] = std::from_chars(seed.data(), seed.data() + seed.size(), out.check);
    if (seed.empty() || error != std::errc() || end != seed.data() + seed.size()) return bad("\u201Ccheck\u201D names no check.");
    if (!j.contains("answers") || !j.at("answers").is_array() || j.at("answers").size() > kCheckQuestions)
        return bad("\u201Canswers\u201D is missing.");
    for (const auto& a : j.at("answers")) {
        if (!a.is_string()) return bad("an answer is no text.");
        out.answers.push_back(a.get<std::string>());
    }
    return out;
}

bool is_uuid(std::string_view text) {
    static constexpr std::string_view kHex = "0123456789abcdefABCDEF";
    if (text.size() != 36) return false;
    for (std::size_t i = 0; i < text.size(); ++i)
        if (i == 8 || i == 13 || i == 18 || i == 23 ? text[i] != '-' : kHex.find(text[i]) == std::string_view::npos) return false;
    return true;
}

std::size_t needed_to_pass(std::size_t asked) {
    return static_cast<std::size_t>(std::ceil(static_cast<double>(asked) * kPassShare - 1e-9));
}

Result<CheckResult> judged(const Edition& edition, const CheckAnswers& answers) {
    const auto questions = learner_check(edition, answers.check);
    const auto bad = [&](const std::string& why) {
        return fail(ErrorCode::BadInput, say(key("Learner", "These are no answers to check {0} of this edition: {1}"), answers.check, why));
    };
    if (questions.empty()) return bad("it has nothing that can be asked.");
    if (answers.answers.size() != questions.size())
        return bad(fmt::format("it asks {} questions, and {} are answered.", questions.size(), answers.answers.size()));
    CheckResult out{questions.size(), {}};
    for (std::size_t i = 0; i < questions.size(); ++i) {
        const auto& q = questions[i];
        if (std::find(q.choices.begin(), q.choices.end(), answers.answers[i]) == q.choices.end())
            return bad(fmt::format("\u201C{}\u201D is no choice of question {}.", answers.answers[i], i + 1));
        if (answers.answers[i] != q.choices[q.right]) out.wrong.push_back(i);
    }
    return out;
}

}  // namespace anagraph::core
