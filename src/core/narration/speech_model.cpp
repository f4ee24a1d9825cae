#include "core/narration/speech_model.h"

#include <algorithm>
#include <cstdlib>

#include "core/narration/mood.h"
#include "core/narration/speech_cues.h"
#include "core/narration/speech_weights.h"

namespace anagraph::core {
namespace {

using lexicon::Class;
using lexicon::Form;
using lexicon::is;

constexpr std::string_view kCueMark = "cue:";
constexpr std::string_view kMoodMark = "read as ";  // how spoken_name_of(Mood) begins
constexpr std::string_view kEnd = "$";              // after the last word

std::string_view form_tag(Form form) {
    switch (form) {
        case Form::Base:
            return "<do>";
        case Form::Ing:
            return "<doing>";
        case Form::Past:
            return "<did>";
        case Form::Third:
            return "<does>";
    }
    return {};
}

/// "{remove!}" for an order: the verb of the answer that a verb first stands for, and its form.
std::string_view verb_tag(std::string_view canonical, Form form) {
    static const auto tags = [] {
        std::unordered_map<std::string, std::string> out;
        for (const std::string_view verb : {"drain", "fill", "remove", "fit", "replace", "tighten", "loosen", "open", "close", "clean",
                 "inspect", "check", "measure", "lubricate", "run", "wait", "mark", "reset", "lift", "lower", "pump", "bleed", "cut",
                 "adjust", "record", "dispose", "connect", "disconnect", "none"})
            for (const char* mark : {"!", "~", "'", "s"}) out.emplace(std::string(verb) + mark, "{" + std::string(verb) + mark + "}");
        return out;
    }();
    const char* mark = form == Form::Base ? "!" : form == Form::Ing ? "~" : form == Form::Past ? "'" : "s";
    const auto it = tags.find(std::string(canonical) + mark);
    return it == tags.end() ? std::string_view("{none!}") : std::string_view(it->second);
}

/// A word as the model sees it: its class where it names a thing or a deed, itself where it is a word of common use.
std::string_view tag_of(const Line& line, std::size_t i, Seen seen) {
    const auto w = line.at(i);
    auto verb = lexicon::work_verb(w);
    if (verb && verb->usual == nullptr) verb.reset();
    if (seen == Seen::ForSteps && verb) return verb_tag(verb->usual->canonical, verb->form);
    static constexpr std::pair<Class, std::string_view> kMoments[] = {{Class::Harm, "<harm>"}, {Class::Spoil, "<spoil>"},
        {Class::Body, "<body>"}, {Class::Wear, "<wear>"}, {Class::Fluid, "<fluid>"}, {Class::Tool, "<tool>"}, {Class::Part, "<part>"}};
    static constexpr std::pair<Class, std::string_view> kSteps[] = {{Class::Body, "<body>"}, {Class::Wear, "<wear>"},
        {Class::Fluid, "<fluid>"}, {Class::Fastener, "<fastener>"}, {Class::Wired, "<wired>"}, {Class::Switched, "<switch>"},
        {Class::Tool, "<tool>"}, {Class::Part, "<part>"}};
    if (seen == Seen::ForMoments) {
        for (const auto& [what, tag] : kMoments)
            if (is(what, w)) return tag;
        if (verb) return form_tag(verb->form);
    } else {
        for (const auto& [what, tag] : kSteps)
            if (is(what, w)) return tag;
    }
    if (is(Class::Being, w)) return "<being>";
    if (read_number(line.words, i)) return "<num>";
    return is(Class::Thing, w) ? "<thing>" : w;
}

/// Calls each(pieces...) for every feature; a feature is its pieces one after the other.
template <class Each>
void each_feature(const Line& line, Seen seen, Each&& each) {
    std::vector<std::string_view> tags(line.size() + 3, kEnd);
    for (std::size_t i = 0; i < line.size(); ++i) tags[i] = tag_of(line, i, seen);
    for (std::size_t i = 0; i < line.size(); ++i) {
        each({tags[i]});
        each({"w:", line.at(i)});
        each({tags[i], " ", tags[i + 1]});
        if (line.words[i].clause_start) each({"^", tags[i]});
        if (i + 2 < line.size()) {
            each({tags[i], " _ ", tags[i + 2]});
            each({tags[i], " ", tags[i + 1], " ", tags[i + 2]});
        }
        if (seen == Seen::ForMoments) continue;
        if (i + 1 < line.size()) each({"w:", line.at(i), " ", line.at(i + 1)});
        if (i + 3 < line.size()) each({tags[i], " __ ", tags[i + 3]});
    }
    for (const auto& clause : clauses_of(line))
        for (std::size_t i = clause.from; i < clause.to; ++i) {
            const auto verb = lexicon::work_verb(line.at(i));
            if (!verb || verb->usual == nullptr) continue;
            const auto mood = spoken_name_of(mood_of(line, clause, i));
            each({mood});
            if (seen == Seen::ForSteps) each({mood, " ", tags[i]});
        }
    if (seen != Seen::ForMoments) return;
    const auto cues = speech_cues(line);
    for (const auto& cue : cues) each({kCueMark, cue.name});
}

using Pieces = std::initializer_list<std::string_view>;

constexpr std::uint64_t kSeed = 14695981039346656037ULL;
std::uint64_t hash_on(std::uint64_t hash, std::string_view text) {
    for (const char c : text) hash = (hash ^ static_cast<unsigned char>(c)) * 1099511628211ULL;  // FNV-1a
    return hash;
}

/// The next piece of a text up to a character, taken off its front.
std::string_view next_piece(std::string_view& text, char end) {
    const auto at = text.find(end);
    const auto piece = text.substr(0, at);
    text.remove_prefix(at == std::string_view::npos ? text.size() : at + 1);
    return piece;
}

}  // namespace

std::vector<std::string> speech_features(const Line& stretch, Seen seen) {
    std::vector<std::string> out;
    each_feature(stretch, seen, [&](Pieces pieces) {
        std::string whole;
        for (const auto p : pieces) whole += p;
        out.push_back(std::move(whole));
    });
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

SpeechModel::SpeechModel(std::string_view table, Seen seen) : seen_(seen) {
    while (!table.empty()) {
        auto line = next_piece(table, '\n');
        if (line.empty()) continue;
        const auto head = next_piece(line, '\t');
        if (head == "labels") {
            while (!line.empty()) labels_.emplace_back(next_piece(line, ' '));
            continue;
        }
        if (head == "bias") {
            while (!line.empty()) bias_.push_back(std::strtof(std::string(next_piece(line, ' ')).c_str(), nullptr));
            continue;
        }
        Feature feature{head, static_cast<std::uint32_t>(weights_.size()), 0};
        while (!line.empty()) {
            auto pair = next_piece(line, ' ');
            const auto label = static_cast<std::uint16_t>(std::atoi(std::string(next_piece(pair, ':')).c_str()));
            weights_.push_back({label, std::strtof(std::string(pair).c_str(), nullptr)});
            ++feature.count;
        }
        by_hash_.emplace(hash_on(kSeed, feature.name), static_cast<std::uint32_t>(features_.size()));
        features_.push_back(feature);
    }
    bias_.resize(labels_.size(), -9);
}

const SpeechTables& SpeechTables::built_in() {
    static const SpeechTables learned{SpeechModel(moment_weights(), Seen::ForMoments), SpeechModel(step_weights(), Seen::ForSteps)};
    return learned;
}

std::vector<SpeechModel::Score> SpeechModel::scores(const Line& stretch) const {
    constexpr float kLoud = 0.3F;
    constexpr float kTold = 2.0F;
    std::vector<std::uint32_t> found;
    each_feature(stretch, seen_, [&](Pieces pieces) {
        std::uint64_t hash = kSeed;
        for (const auto p : pieces) hash = hash_on(hash, p);
        if (const auto it = by_hash_.find(hash); it != by_hash_.end()) found.push_back(it->second);
    });
    std::sort(found.begin(), found.end());
    found.erase(std::unique(found.begin(), found.end()), found.end());
    std::vector<Score> out(labels_.size());
    std::vector<float> loudest(labels_.size(), kLoud);
    for (std::size_t l = 0; l < out.size(); ++l) out[l].total = bias_[l];
    for (const auto f : found)
        for (std::uint32_t k = 0; k < features_[f].count; ++k) {
            const auto& [label, weight] = weights_[features_[f].first + k];
            out[label].total += weight;
            // a turn of speech tells a person more than a word that happens to stand there
            const float loud = weight + (features_[f].name.starts_with(kCueMark) && weight > 0 ? kTold : 0);
            if (loud <= loudest[label]) continue;
            loudest[label] = loud;
            out[label].loudest = features_[f].name;
        }
    return out;
}

namespace {
enum class Break { Sentence, Clause, Joint };
}  // namespace

std::vector<Stretch> stretches_of(const Line& line, std::size_t most) {
    if (line.size() <= most) return {{0, line.size()}};
    std::vector<Stretch> out;
    std::size_t from = 0;
    while (from < line.size()) {
        std::size_t to = std::min(line.size(), from + most);
        std::size_t next = to;
        // back to where a sentence begins, or else a clause, or a word that joins clauses; where there is none, half a stretch on
        constexpr WordList kJoints = "and so now then okay ok right but because if when alright well next";
        const auto joins = [&](std::size_t k) { return listed(kJoints, line.at(k)) && !listed(kJoints, line.before(k)); };
        for (const Break sort : {Break::Sentence, Break::Clause, Break::Joint}) {
            if (next != from + most) break;
            for (std::size_t k = to; k > from + most / 3; --k)
                if (k < line.size() &&
                    (sort == Break::Sentence        ? line.words[k].sentence_start
                            : sort == Break::Clause ? line.words[k].clause_start
                                                    : joins(k))) {
                    to = next = k;
                    break;
                }
        }
        if (next == from + most && to < line.size()) next = from + most / 2;
        out.push_back({from, to});
        from = next;
    }
    return out;
}

Line part_of(const Line& line, const Stretch& stretch) {
    Line part;
    part.words.assign(
        line.words.begin() + static_cast<std::ptrdiff_t>(stretch.from), line.words.begin() + static_cast<std::ptrdiff_t>(stretch.to));
    return part;
}

std::string explained(std::string_view feature) {
    if (feature.starts_with(kCueMark)) return std::string(feature.substr(kCueMark.size()));
    if (feature.starts_with(kMoodMark)) return std::string(feature);
    if (feature.starts_with("w:")) feature.remove_prefix(2);
    const bool begins = feature.starts_with('^');
    if (begins) feature.remove_prefix(1);
    static constexpr std::pair<std::string_view, std::string_view> kClasses[] = {{"<harm>", "a word of harm"},
        {"<spoil>", "a word of damage"}, {"<body>", "a part of the body"}, {"<wear>", "protective gear"}, {"<fluid>", "a fluid"},
        {"<tool>", "a tool"}, {"<part>", "a part"}, {"<fastener>", "a fastener"}, {"<wired>", "a lead or hose"},
        {"<switch>", "a switch or valve"}, {"<do>", "an order"}, {"<doing>", "something done"}, {"<did>", "something done"},
        {"<does>", "something done"}, {"<being>", "somebody"}, {"<num>", "a number"}, {"<thing>", "a thing"}, {"_", "\u2026"},
        {"__", "\u2026"}};
    std::string out;
    while (!feature.empty()) {
        auto word = next_piece(feature, ' ');
        if (word == kEnd) continue;
        const auto named = std::find_if(std::begin(kClasses), std::end(kClasses), [&](const auto& c) { return c.first == word; });
        if (word.starts_with('{')) word = word.substr(1, word.size() - 3);
        out += (out.empty() ? "" : " ") + (named == std::end(kClasses) ? "\"" + std::string(word) + "\"" : std::string(named->second));
    }
    return begins ? "a clause begins with " + out : "it is said with " + out;
}

}  // namespace anagraph::core
