#include "media/hearing/pronunciation.h"

#include <espeak-ng/speak_lib.h>

#include <algorithm>
#include <array>
#include <fstream>
#include <iterator>
#include <mutex>
#include <string_view>
#include <utility>

namespace anagraph::media {
namespace {

using std::string;
using std::string_view;

// espeak-ng's names of the phonemes of its American English, by what comes first in them; the longer name first
constexpr std::array<std::pair<string_view, string_view>, 62> kPhones{
    {{"aI3", "AY ER"}, {"aI@", "AY AH"}, {"aU@", "AW ER"}, {"i@3", "IH R"}, {"A@r", "AA R"}, {"tS", "CH"}, {"dZ", "JH"}, {"eI", "EY"},
        {"aI", "AY"}, {"OI", "OY"}, {"aU", "AW"}, {"oU", "OW"}, {"i@", "IY AH"}, {"I@", "IH R"}, {"e@", "EH R"}, {"U@", "UH R"},
        {"3:", "ER"}, {"A:", "AA"}, {"O:", "AO"}, {"i:", "IY"}, {"u:", "UW"}, {"A@", "AA R"}, {"O@", "AO R"}, {"o@", "AO R"},
        {"@L", "AH L"}, {"@5", "AH"}, {"@2", "AH"}, {"I2", "IH"}, {"aa", "AE"}, {"a#", "AH"}, {"t#", "T"}, {"a", "AE"}, {"E", "EH"},
        {"I", "IH"}, {"0", "AA"}, {"V", "AH"}, {"U", "UH"}, {"@", "AH"}, {"3", "ER"}, {"i", "IY"}, {"u", "UW"}, {"e", "EH"}, {"o", "OW"},
        {"A", "AA"}, {"O", "AO"}, {"T", "TH"}, {"D", "DH"}, {"S", "SH"}, {"Z", "ZH"}, {"N", "NG"}, {"j", "Y"}, {"r", "R"}, {"h", "HH"},
        {"p", "P"}, {"b", "B"}, {"t", "T"}, {"d", "D"}, {"k", "K"}, {"g", "G"}, {"f", "F"}, {"v", "V"}, {"s", "S"}}};
constexpr std::array<std::pair<string_view, string_view>, 6> kMorePhones{
    {{"z", "Z"}, {"m", "M"}, {"n", "N"}, {"l", "L"}, {"w", "W"}, {"x", "K"}}};

/// The phones that the rest of a phoneme's name begins with, and how many letters of it that takes.
std::pair<string_view, std::size_t> first_phones(string_view rest) {
    for (const auto& [name, phones] : kPhones)
        if (rest.starts_with(name)) return {phones, name.size()};
    for (const auto& [name, phones] : kMorePhones)
        if (rest.starts_with(name)) return {phones, name.size()};
    return {{}, 1};  // stress, length, syllable: not told apart
}

bool speaks() {
    static const bool ready =
        espeak_Initialize(AUDIO_OUTPUT_RETRIEVAL, 0, nullptr, espeakINITIALIZE_DONT_EXIT) > 0 && espeak_SetVoiceByName("en-us") == EE_OK;
    return ready;
}

string_view word_of(string_view line) {
    const auto word = line.substr(0, line.find(' '));
    return word.substr(0, word.find('('));
}

}  // namespace

string phones_of(const string& word) {
    static std::mutex one_at_a_time;
    const std::lock_guard lock(one_at_a_time);
    if (!speaks()) return "";
    string out;
    const void* text = word.c_str();
    while (text != nullptr) {
        const char* said = espeak_TextToPhonemes(&text, espeakCHARS_UTF8, '_' << 8);
        if (said == nullptr) break;
        for (string_view rest(said); !rest.empty();) {
            const auto [phones, length] = first_phones(rest);
            if (!phones.empty()) out += (out.empty() ? "" : " ") + string(phones);
            rest.remove_prefix(length);
        }
    }
    return out;
}

Pronunciations::Pronunciations(const string& file) {
    std::ifstream in(file, std::ios::binary);
    text_.assign(std::istreambuf_iterator<char>(in), {});
    for (std::size_t at = 0; at < text_.size();) {
        if (text_[at] != '\n') starts_.push_back(at);
        const auto end = text_.find('\n', at);
        at = end == string::npos ? text_.size() : end + 1;
    }
    std::stable_sort(starts_.begin(), starts_.end(),
        [&](std::size_t a, std::size_t b) { return word_of(string_view(text_).substr(a)) < word_of(string_view(text_).substr(b)); });
}

std::vector<std::size_t>::const_iterator Pronunciations::first_of(const string& word) const {
    return std::lower_bound(starts_.begin(), starts_.end(), word,
        [&](std::size_t line, const string& w) { return word_of(string_view(text_).substr(line)) < w; });
}

bool Pronunciations::begins(std::size_t line, const string& word) const { return word_of(string_view(text_).substr(line)) == word; }

bool Pronunciations::has(const string& word) const {
    const auto first = first_of(word);
    return first != starts_.end() && begins(*first, word);
}

string Pronunciations::lines_of(const string& word) const {
    string out;
    for (auto it = first_of(word); it != starts_.end() && begins(*it, word); ++it)
        out += text_.substr(*it, std::min(text_.find('\n', *it), text_.size()) - *it) + "\n";
    if (!out.empty()) return out;
    const auto phones = phones_of(word);
    return phones.empty() ? "" : word + " " + phones + "\n";
}

}  // namespace anagraph::media
