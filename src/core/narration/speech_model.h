// Speech model: how much the make-up of a stretch of speech speaks for each of a few labels: the words of common use in it,
// the classes of the others, and how they follow each other. The weights are learned (tools/reader/learn.cpp) from what
// several speakers share; words of one trade have none, so what was learned on one machine holds for another.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <unordered_map>
#include <vector>

#include "core/narration/line.h"

namespace anagraph::core {

/// What a word is seen as: for moments any deed is a deed; for steps each verb of work is its own.
enum class Seen { ForMoments, ForSteps };

/// The features of a stretch as readable text ("^never", "will <harm>", "{remove!} _ off"), each once. For learning.
std::vector<std::string> speech_features(const Line& stretch, Seen seen);

class SpeechModel {
public:
    struct Score {
        double total = 0;          // log odds
        std::string_view loudest;  // the feature that spoke loudest for it, where one did
    };

    /// `table` must live as long as the model: lines "labels ...", "bias ...", then "feature TAB label:weight ...".
    SpeechModel(std::string_view table, Seen seen);

    const std::vector<std::string>& labels() const { return labels_; }
    /// A score for each label.
    std::vector<Score> scores(const Line& stretch) const;

private:
    struct Weight {
        std::uint16_t label;
        float weight;
    };
    struct Feature {
        std::string_view name;
        std::uint32_t first;  // of weights_
        std::uint32_t count;
    };
    Seen seen_;
    std::vector<std::string> labels_;
    std::vector<float> bias_;
    std::vector<Weight> weights_;
    std::vector<Feature> features_;
    std::unordered_map<std::uint64_t, std::uint32_t> by_hash_;
};

/// What the reader was taught.
struct SpeechTables {
    SpeechModel moments;  // cautions, slips, unseen things, and whether it is about the work, in this order
    SpeechModel steps;    // one label a verb of the answer
    /// The tables that ship with the program.
    static const SpeechTables& built_in();
};

/// A line in stretches of at most `most` words, whole clauses where there are any, so that a long paragraph does not add up
/// what does not belong together: where each begins and ends.
struct Stretch {
    std::size_t from = 0;
    std::size_t to = 0;
};
std::vector<Stretch> stretches_of(const Line& line, std::size_t most);
Line part_of(const Line& line, const Stretch& stretch);

inline constexpr std::size_t kMomentStretch = 22;  // words: about what is said in one breath
inline constexpr std::size_t kStepStretch = 20;

/// A feature in words for a person: "will <harm>" is "will" with a word of harm.
std::string explained(std::string_view feature);

}  // namespace anagraph::core
