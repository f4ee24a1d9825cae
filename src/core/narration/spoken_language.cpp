#include "core/narration/spoken_language.h"

#include <set>
#include <string>

#include "core/narration/line.h"

namespace anagraph::core {
namespace {

constexpr std::size_t kEnough = 4;   // different small words from which a language is told: notes of a few tell nothing, nor does a song
constexpr std::size_t kLines = 200;  // of a long narration so many are looked at, all over it: lines are put right while a person waits

struct SmallWords {
    std::string_view language;
    WordList words;
};

/// The commonest words of each language that are not words of another here. The reader sees plain letters only: none with an accent.
constexpr SmallWords kSmallWords[] = {
    {"", "the and you it that this of with for be are have they then if there what your can just up down off out my get got it's that's"},
    {"de", "der die das und nicht ist mit ein eine einen auf wir ich dann noch jetzt auch aber wird bis sind von bei nach wieder"},
    {"fr", "le les et est dans une du pour avec sur vous nous qui que ce il elle puis mais faut bien c'est aux"},
    {"nl", "het een niet en van dat maar nog wordt zijn naar hier bij ook deze weer je goed moet uit"},
    {"pl", "jest nie na tak jak ten teraz przez po od dla tego trzeba potem nowy sie"},
    {"es", "el los las con una por para es del lo pero hay muy luego ahora esto como se y"},
};

}  // namespace

std::string_view other_language(const std::vector<Segment>& narration) {
    std::size_t counts[std::size(kSmallWords)] = {};
    std::set<std::string> found[std::size(kSmallWords)];
    for (std::size_t k = 0; k < narration.size(); k += 1 + narration.size() / kLines)
        for (const auto& word : words_of(narration[k].text))
            for (std::size_t i = 0; i < std::size(kSmallWords); ++i)
                if (kSmallWords[i].words.has(word.text)) {
                    ++counts[i];
                    found[i].insert(word.text);
                }
    std::size_t most = 0;
    for (std::size_t i = 1; i < std::size(kSmallWords); ++i)
        if (counts[i] > counts[most]) most = i;
    return found[most].size() >= kEnough ? kSmallWords[most].language : std::string_view();
}

}  // namespace anagraph::core
