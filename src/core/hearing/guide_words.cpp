#include "core/hearing/guide_words.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/hearing/spoken_words.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

constexpr const char* kBegin = "<s>";
constexpr const char* kEnd = "</s>";

void add(SpokenSentences& to, std::string_view text) {
    for (auto& sentence : spoken_sentences(text)) to.push_back(std::move(sentence));
}

/// Items that came with drafted steps and stand in no other.
std::set<ItemId> only_drafted(const Procedure& p) {
    std::set<ItemId> drafted;
    std::set<ItemId> confirmed;
    for (const auto& step : p.steps)
        for (const auto& action : step.actions) (step.drafted ? drafted : confirmed).insert(action.items.begin(), action.items.end());
    std::erase_if(drafted, [&](const ItemId& id) { return confirmed.contains(id); });
    return drafted;
}

/// Is all that speaks for it what a program heard?
bool only_heard(const Figure& f) {
    return f.proofs.empty() && !f.claims.empty() &&
        std::all_of(f.claims.begin(), f.claims.end(), [](const Claim& c) { return c.by_program; });
}

}  // namespace

SpokenSentences guide_phrases(const Procedure& p) {
    SpokenSentences out;
    add(out, p.header.title);
    add(out, p.header.machine);
    const auto drafted = only_drafted(p);
    for (const auto& item : p.items) {
        if (drafted.contains(item.id)) continue;
        add(out, item.name);
        add(out, item.spec);
    }
    for (const auto& f : p.figures) {
        if (f.value.known() && !only_heard(f)) add(out, text_of(f.value));
        // what the book says is said too, and so is what was said once
        for (const auto& proof : f.proofs) add(out, text_of(proof.value));
    }
    for (const auto& step : p.steps) {
        if (step.drafted) continue;
        add(out, step.heading);
        for (const auto& line : step.lines) add(out, rendered(p, line));
    }
    for (const auto& use : p.recordings) {
        for (const auto& c : use.corrections) add(out, c.text);
        for (const auto& typed : use.typed) add(out, typed.text);
    }
    return out;
}

std::string bigram_model(const SpokenSentences& phrases) {
    if (phrases.empty()) return "";
    std::map<std::string, double> count;                           // of each word as what follows
    std::map<std::string, std::map<std::string, double>> follows;  // of each pair
    double all = 0;
    for (const auto& phrase : phrases) {
        std::string before = kBegin;
        const auto take = [&](const std::string& word) {
            ++count[word];
            ++follows[before][word];
            ++all;
            before = word;
        };
        for (const auto& word : phrase) take(word);
        take(kEnd);
    }
    const double kinds = static_cast<double>(count.size());
    const auto alone = [&](const std::string& word) { return count.contains(word) ? count.at(word) / all : 0; };
    std::string pairs;
    std::size_t pair_count = 0;
    std::map<std::string, double> back_off;
    for (const auto& [before, after] : follows) {
        double seen = 0, covered = 0;
        const double types = static_cast<double>(after.size());
        for (const auto& [word, n] : after) seen += n;
        for (const auto& [word, n] : after) {
            pairs += fmt::format("{:.4f} {} {}\n", std::log10(n / (seen + types)), before, word);
            covered += alone(word);
            ++pair_count;
        }
        back_off[before] = covered < 1 - 1e-9 ? std::log10(types / (seen + types) / (1 - covered)) : -99;
    }
    std::string singles = fmt::format("-99 {} {:.4f}\n", kBegin, back_off.at(kBegin));
    for (const auto& [word, n] : count)
        singles += fmt::format(
            "{:.4f} {}{}\n", std::log10(n / all), word, back_off.contains(word) ? fmt::format(" {:.4f}", back_off.at(word)) : "");
    return fmt::format("\\data\\\nngram 1={}\nngram 2={}\n\n\\1-grams:\n{}\n\\2-grams:\n{}\n\\end\\\n", static_cast<std::size_t>(kinds) + 1,
        pair_count, singles, pairs);
}

}  // namespace anagraph::core
