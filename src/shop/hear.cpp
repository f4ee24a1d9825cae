#include "shop/hear.h"

#include <fmt/format.h>

#include <filesystem>
#include <set>

#include "core/base/caught.h"
#include "core/base/utf8.h"
#include "core/hearing/heard_lines.h"
#include "media/hearing/hearing_command.h"
#include "media/hearing/pronunciation.h"
#include "media/hearing/recogniser.h"
#include "media/hearing/speech_sound.h"
#include "publish/resource.h"
#include "store/destination.h"
#include "store/files.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr double kGuideWeight = 0.25;  // of the guide's own words beside the trade's
constexpr double kSoundShare = 0.15;   // of the progress of a command: writing the sound for it

Result<store::WorkFolder> scratch() {
    std::error_code ec;
    return store::WorkFolder::in(std::filesystem::temp_directory_path(ec).string());
}

Result<core::Narration> by_command(
    const std::string& command, const std::string& recording, const std::string& folder, const media::Progress& progress) {
    const std::string wav = folder + "/sound.wav";
    const auto sound = media::write_speech_wav(recording, wav, [&](double share) { return !progress || progress(share * kSoundShare); });
    if (!sound) return tl::make_unexpected(sound.error());
    const auto said = media::run_hearing_command(
        command, wav, folder, [&](double share) { return !progress || progress(kSoundShare + share * (1 - kSoundShare)); });
    if (!said) return tl::make_unexpected(said.error());
    auto narration = core::read_timed_text(*said);
    if (!narration)
        return fail(ErrorCode::BadInput,
            core::say(core::key("Shop", "What the recogniser \"{0}\" wrote has no times; it has to write WebVTT or SRT."), command),
            command);
    for (auto& line : narration->segments) line.by_program = true;
    return narration;
}

Result<core::Narration> heard(const std::string& recording, const Hearing& how, const media::Progress& progress) {
    auto folder = scratch();
    if (!folder) return tl::make_unexpected(folder.error());
    core::Narration out;
    if (!how.command.empty()) {
        auto narration = by_command(how.command, recording, folder->path(), progress);
        if (!narration) return narration;
        out = std::move(*narration);
    } else {
        const auto language = language_in(folder->path(), how.guide);
        if (!language) return tl::make_unexpected(language.error());
        const auto words = media::hear_words(recording, *language, progress);
        if (!words) return tl::make_unexpected(words.error());
        out.segments = core::heard_lines(*words);
    }
    if (out.segments.empty())
        return fail(ErrorCode::BadInput,
            core::say(core::key("Shop", "Nothing that is said could be heard in {0}; type what is said on the Tape."),
                core::as_utf8(std::filesystem::path(recording).filename().string())),
            recording);
    return out;
}

}  // namespace

Result<media::Language> language_in(const std::string& folder, const core::SpokenSentences& guide) {
    media::Language out;
    out.dictionary = folder + "/words.dict";
    out.models.push_back({folder + "/trade.lm", guide.empty() ? 1 : 1 - kGuideWeight});
    std::string dictionary = publish::resource("hearing/trade.dict");
    if (auto written = store::write_file(out.models[0].file, publish::resource("hearing/trade.lm")); !written)
        return tl::make_unexpected(written.error());
    if (auto written = store::write_file(out.dictionary, dictionary); !written) return tl::make_unexpected(written.error());
    if (guide.empty()) return out;
    const media::Pronunciations trade(out.dictionary), general(media::general_language().dictionary);
    std::set<std::string> words;
    for (const auto& sentence : guide) words.insert(sentence.begin(), sentence.end());
    for (const auto& word : words)
        if (!trade.has(word)) dictionary += general.lines_of(word);
    out.models.push_back({folder + "/guide.lm", kGuideWeight});
    if (auto written = store::write_file(out.models[1].file, core::bigram_model(guide)); !written)
        return tl::make_unexpected(written.error());
    if (auto written = store::write_file(out.dictionary, dictionary); !written) return tl::make_unexpected(written.error());
    return out;
}

Result<core::Narration> hear(const std::string& recording, const Hearing& how, const media::Progress& progress) {
    return core::caught([&] { return heard(recording, how, progress); });
}

Result<std::string> try_hearing_command(const std::string& command, const media::Progress& progress) {
    return core::caught([&]() -> Result<std::string> {
        auto folder = scratch();
        if (!folder) return tl::make_unexpected(folder.error());
        const std::string sound = folder->path() + "/try.flac";
        if (auto written = store::write_file(sound, publish::resource("hearing/try.flac")); !written)
            return tl::make_unexpected(written.error());
        const auto narration = hear(sound, {command, {}}, progress);
        if (!narration) return tl::make_unexpected(narration.error());
        std::string out;
        for (const auto& line : narration->segments) out += (out.empty() ? "" : " ") + line.text;
        return out;
    });
}

std::string words_to_try() { return "Take the drain plug out with a seventeen, and let the oil run out for ten minutes."; }

}  // namespace anagraph::shop
