// The check of a learner, made from the guide itself: from its plates, figures, orders and stops, never from free text of its own. Wrong
// answers come from the same guide and are surely wrong; nothing is asked that hangs on a figure nobody proved.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

#include "core/edition/edition.h"

namespace anagraph::core {

enum class QuestionKind { Part, Figure, Before, Stop, Fastener, Judge };
template <>
struct Names<QuestionKind> {
    static constexpr auto all = std::to_array<Named<QuestionKind>>(
        {{QuestionKind::Part, "part", "which part is it"}, {QuestionKind::Figure, "figure", "what is it"},
            {QuestionKind::Before, "before", "what comes before"}, {QuestionKind::Stop, "stop", "what stops the job"},
            {QuestionKind::Fastener, "fastener", "which fastener goes where"}, {QuestionKind::Judge, "judge", "is it good"}});
};

struct CheckQuestion {
    QuestionKind kind = QuestionKind::Part;
    StepId step;
    std::vector<PlateId> plates = {};  // to be looked at; a pair for Judge
    std::string words;
    std::vector<std::string> choices;  // each once
    std::size_t right = 0;             // which of them
    friend bool operator==(const CheckQuestion&, const CheckQuestion&) = default;
};

/// Questions of one check: ten minutes at the bench.
inline constexpr std::size_t kCheckQuestions = 12;

/// At most `most` questions, kinds taken in turns, so that a guide that has all of them asks all of them; the same for the same edition
/// and seed on every machine. Fewer than three choices are offered only where two exhaust it: two kinds of fastener, a pair of pictures.
std::vector<CheckQuestion> learner_check(const Edition& edition, std::uint64_t seed, std::size_t most = kCheckQuestions);
/// The seed of the check that an edition has where nobody asks for another: the digits of its mark, "KQ-PT60-100 / 2 / a08904e8".
std::uint64_t own_check(std::string_view mark);

}  // namespace anagraph::core
