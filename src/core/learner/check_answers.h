// What a learner answered to a check made from a guide, as it comes back from a pack, the desk or a learning platform; and what it comes
// to. A check is judged here only, from the edition and the check's seed, whatever the page that asked made of it.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

#include "core/learner/learner_check.h"

namespace anagraph::core {

struct CheckAnswers {
    std::string id;                    // UUID, RFC 9562
    std::string mark;                  // of the edition: "KQ-PT60-100 / 2 / a08904e8"
    std::uint64_t check = 0;           // seed
    std::string learner;               // by post
    std::string at;                    // UTC
    std::vector<std::string> answers;  // the first given to each question, in their order, as it reads
    friend bool operator==(const CheckAnswers&, const CheckAnswers&) = default;
};

/// The ending of the file it comes back in.
inline constexpr std::string_view kAnswersEnding = ".check.json";

/// {"format": 1, "id", "mark", "check", "learner", "at", "answers": [...]}
std::string to_json(const CheckAnswers& answers);
/// Errors: BadInput, saying what is missing.
Result<CheckAnswers> answers_from_json(std::string_view text);
/// Whether this is a UUID as text: 8-4-4-4-12 hex digits.
bool is_uuid(std::string_view text);

/// Passed with at least this share right at the first answer: a choice of this program and no standard's. A wrong figure is shown at once with its place, and answered again until it
/// is right, so that nobody leaves with it.
inline constexpr double kPassShare = 0.8;
/// How many of `asked` questions must be right.
std::size_t needed_to_pass(std::size_t asked);

struct CheckResult {
    std::size_t asked = 0;
    std::vector<std::size_t> wrong;  // places among the questions
    std::size_t right() const { return asked - wrong.size(); }
    bool passed() const { return asked > 0 && right() >= needed_to_pass(asked); }
    friend bool operator==(const CheckResult&, const CheckResult&) = default;
};
/// Errors: BadInput where these are no answers to that check of this edition.
Result<CheckResult> judged(const Edition& edition, const CheckAnswers& answers);

}  // namespace anagraph::core
