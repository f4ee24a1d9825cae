// Answers to a check as a learner would give them.
#pragma once

#include <string>

#include "core/learner/check_answers.h"

namespace anagraph::core::testing {

/// All right but the first `wrong`.
inline CheckAnswers answered(const Edition& e, const std::string& mark, std::uint64_t seed, std::size_t wrong = 0,
    const std::string& learner = "learner 07", const std::string& id = "123e4567-e89b-42d3-a456-426614174000") {
    CheckAnswers out{id, mark, seed, learner, "2026-11-30T10:00:00Z", {}};
    for (const auto& q : learner_check(e, seed))
        out.answers.push_back(q.choices[out.answers.size() < wrong ? (q.right + 1) % q.choices.size() : q.right]);
    return out;
}

}  // namespace anagraph::core::testing
