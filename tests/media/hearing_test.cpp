#include <gtest/gtest.h>

#include <algorithm>
#include <chrono>
#include <csignal>
#include <cstdlib>
#include <filesystem>
#include <fstream>

#include "core/hearing/guide_words.h"
#include "core/hearing/spoken_words.h"
#include "core/hearing/word_error.h"
#include "core/narration/timed_text.h"
#include "media/hearing/hearing_command.h"
#include "media/hearing/pronunciation.h"
#include "media/hearing/recogniser.h"
#include "media/hearing/speech_sound.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using namespace anagraph;
using namespace anagraph::media;
using anagraph::testing::run;
using anagraph::testing::Scratch;

namespace {

const std::string kFilm = ANAGRAPH_SOURCE "/demo/films/pt60-service-2.mp4";
const std::string kLanguage = ANAGRAPH_SOURCE "/resources/hearing/";

Language trade_language() { return {{{kLanguage + "trade.lm", 1}}, kLanguage + "trade.dict"}; }

std::string contents(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

std::vector<std::string> words_of(const std::vector<core::HeardWord>& heard) {
    std::vector<std::string> out;
    for (const auto& w : heard) out.push_back(w.text);
    return out;
}

/// What is said on the film in its first seconds, as words.
std::vector<std::string> said_before(double seconds) {
    std::vector<std::string> out;
    const auto narration = core::read_timed_text(contents(std::filesystem::path(kFilm).replace_extension(".vtt")));
    for (const auto& line : narration->segments)
        if (line.end.seconds() <= seconds)
            for (const auto& sentence : core::spoken_sentences(line.text)) out.insert(out.end(), sentence.begin(), sentence.end());
    return out;
}

}  // namespace

TEST(SpeechSound, KeepsTheTimesOfTheFilmWhateverItsSoundIs) {
    const Scratch scratch;
    // a tone from 2 s on, by a stream that itself begins late, in stereo at 44.1 kHz
    const std::string film = scratch / "late.mkv";
    ASSERT_TRUE(
        run("ffmpeg -y -f lavfi -i testsrc2=size=64x64:rate=25:duration=4 -itsoffset 1 -f lavfi -i "
            "\"sine=440:sample_rate=44100:duration=3,volume='if(lt(t,1),0,0.7)':eval=frame\" -map 0:v -map 1:a -ac 2 -c:v libx264 -c:a "
            "pcm_s16le " +
            film));
    std::vector<std::int16_t> sound;
    double last = 0;
    ASSERT_TRUE(speech_sound(
        film,
        [&](std::span<const std::int16_t> s) {
            sound.insert(sound.end(), s.begin(), s.end());
            return true;
        },
        [&](double share) { return last = share, true; }));
    EXPECT_NEAR(static_cast<double>(sound.size()) / kSpeechRate, 4, 0.1);
    const auto loud = std::find_if(sound.begin(), sound.end(), [](int s) { return std::abs(s) > 1000; });
    EXPECT_NEAR(static_cast<double>(loud - sound.begin()) / kSpeechRate, 2, 0.06);
    EXPECT_GT(last, 0.8);
    EXPECT_EQ(speech_sound(
                  film, [](auto) { return true; }, [](double) { return false; })
                  .error()
                  .code,
        core::ErrorCode::Cancelled);
    const std::string silent = scratch / "silent.mp4";
    ASSERT_TRUE(anagraph::testing::make_variable(silent));
    const auto none = speech_sound(silent, [](auto) { return true; });
    ASSERT_FALSE(none);
    EXPECT_EQ(none.error().code, core::ErrorCode::BadInput);
    EXPECT_EQ(speech_sound("/no/such/film", [](auto) { return true; }).error().code, core::ErrorCode::NotFound);
}

TEST(SpeechSound, AsWavIsWhatOtherRecognisersTake) {
    const Scratch scratch;
    const std::string wav = scratch / "sound.wav";
    ASSERT_TRUE(write_speech_wav(kLanguage + "try.flac", wav));
    ASSERT_TRUE(
        run("ffprobe -v error -show_entries stream=sample_rate,channels,codec_name -of csv " + wav + " | grep -q pcm_s16le,16000,1"));
    EXPECT_EQ(contents(wav).substr(0, 4), "RIFF");
    const auto stopped = write_speech_wav(kFilm, wav + "2", [](double) { return false; });
    EXPECT_EQ(stopped.error().code, core::ErrorCode::Cancelled);
    EXPECT_FALSE(std::filesystem::exists(wav + "2")) << "nothing half written stays";
    EXPECT_EQ(write_speech_wav(kLanguage + "try.flac", "/no/such/folder/sound.wav").error().code, core::ErrorCode::Unwritable);
}

TEST(Pronunciation, KnowsTheWordsOfTheTradeAndWorksOutOthers) {
    const Pronunciations trade(kLanguage + "trade.dict");
    for (const char* word : {"litre", "strainer", "nought", "impeller", "plug", "breather"}) EXPECT_TRUE(trade.has(word)) << word;
    EXPECT_EQ(trade.lines_of("litre"), "litre L IY T ER\n");
    EXPECT_FALSE(trade.has("perrick"));
    EXPECT_FALSE(trade.has("plu")) << "the beginning of a word is none";
    EXPECT_EQ(trade.lines_of("perrick"), "perrick P EH R IH K\n");
    EXPECT_EQ(phones_of(""), "");
    // every phone is one of the acoustic model's
    const std::string known = contents(general_language().dictionary);
    for (const char* word : {"gearbox", "chaulk", "throughout", "zhuzh", "thyme", "oiling", "hour", "fire", "poor", "queue", "vrrr"}) {
        const std::string phones = phones_of(word);
        for (const auto phone : core::said_words(phones))
            EXPECT_NE(known.find(" " + std::string(phone)), std::string::npos) << word << ": " << phone;
    }
}

/// The demo films' narrations are not among what the language was made from.
TEST(Hearing, TheLanguageOfTheTradeHearsAtLeastATenthBetterThanAGeneralOne) {
    const Scratch scratch;
    const std::string sound = scratch / "part.wav";
    constexpr double kSeconds = 24;
    ASSERT_TRUE(run("ffmpeg -y -t 24 -i " + kFilm + " -vn -ac 1 " + sound));
    const auto said = said_before(kSeconds);
    ASSERT_GT(said.size(), 40U);
    const auto trade = hear_words(sound, trade_language());
    const auto general = hear_words(sound, general_language());
    ASSERT_TRUE(trade) << trade.error().message;
    ASSERT_TRUE(general) << general.error().message;
    const double with_trade = core::word_error(said, words_of(*trade));
    const double with_general = core::word_error(said, words_of(*general));
    RecordProperty("trade", std::to_string(with_trade));
    RecordProperty("general", std::to_string(with_general));
    EXPECT_LT(with_trade, 0.9 * with_general) << with_trade << " against " << with_general;
    EXPECT_LT(with_trade, 0.7);
    for (std::size_t i = 1; i < trade->size(); ++i) {
        EXPECT_LE((*trade)[i - 1].from, (*trade)[i].from);
        EXPECT_LE((*trade)[i].from, (*trade)[i].to);
        EXPECT_GE((*trade)[i].sure, 0);
        EXPECT_LE((*trade)[i].sure, 1);
    }
    EXPECT_LE(trade->back().to.seconds(), kSeconds + 0.5);
    // heard again, on as many threads as there are, it is the same
    const auto again = hear_words(sound, trade_language());
    EXPECT_EQ(*again, *trade);
}

/// Two models at once: what a guide's author is likely to say is heard better where it is said.
TEST(Hearing, ListensForTheWordsOfTheGuideInHand) {
    const Scratch scratch;
    const std::string sound = scratch / "part.wav";
    ASSERT_TRUE(run("ffmpeg -y -t 24 -i " + kFilm + " -vn -ac 1 " + sound));
    std::ofstream(scratch / "guide.lm") << core::bigram_model({{"unscrew", "the", "filter"}, {"new", "o", "ring", "into", "the", "groove"},
        {"smear", "some", "oil", "on", "it"}, {"the", "old", "ring", "came", "off", "with", "it"}, {"suction", "strainer"}});
    std::ofstream(scratch / "words.dict") << contents(kLanguage + "trade.dict")
                                          << Pronunciations(general_language().dictionary).lines_of("smear");
    const auto said = said_before(24);
    const auto plain = hear_words(sound, trade_language());
    const auto listening = hear_words(sound, {{{kLanguage + "trade.lm", 0.75}, {scratch / "guide.lm", 0.25}}, scratch / "words.dict"});
    ASSERT_TRUE(plain && listening);
    EXPECT_LT(core::word_error(said, words_of(*listening)), core::word_error(said, words_of(*plain)));
}

TEST(Hearing, IsStoppedAndRefusesALanguageThatIsNotThere) {
    int asked = 0;
    const auto stopped = hear_words(kFilm, trade_language(), [&](double) { return ++asked < 4; });
    ASSERT_FALSE(stopped);
    EXPECT_EQ(stopped.error().code, core::ErrorCode::Cancelled);
    EXPECT_EQ(hear_words(kFilm, {{{"/no/such.lm", 1}}, kLanguage + "trade.dict"}).error().code, core::ErrorCode::BadInput);
    EXPECT_EQ(hear_words(kFilm, {{}, ""}).error().code, core::ErrorCode::BadInput);
    EXPECT_EQ(hear_words("/no/such/film.mp4", trade_language()).error().code, core::ErrorCode::NotFound);
}

TEST(Hearing, SilenceIsNoWords) {
    const Scratch scratch;
    const std::string sound = scratch / "silence.wav";
    ASSERT_TRUE(run("ffmpeg -y -f lavfi -i anullsrc=r=16000:cl=mono -t 100 " + sound));
    const auto heard = hear_words(sound, trade_language());
    ASSERT_TRUE(heard);
    EXPECT_TRUE(heard->empty());
}

class HearingCommand : public ::testing::Test {
protected:
    core::Result<std::string> hear(const std::string& command, const Progress& progress = {}) {
        return run_hearing_command(command, wav, scratch / "", progress);
    }
    void SetUp() override { std::ofstream(wav) << "sound with a 'quote'"; }
    Scratch scratch;
    std::string wav = scratch / "so und's.wav";
};

TEST_F(HearingCommand, GetsTheSoundLastOrWhereItSaysAndWritesEitherWay) {
    EXPECT_EQ(*hear("cat"), "sound with a 'quote'");
    EXPECT_EQ(*hear("cat {sound} | tr a-z A-Z"), "SOUND WITH A 'QUOTE'");
    EXPECT_EQ(*hear("echo noise; cp {sound} {text}"), "sound with a 'quote'");
    EXPECT_EQ(*hear("head -c 5 <"), "sound");
}

TEST_F(HearingCommand, ThatFailsTellsWhatItSaidLast) {
    const auto failed = hear("sh -c 'echo first >&2; echo no model found >&2; exit 3'");
    ASSERT_FALSE(failed);
    EXPECT_EQ(failed.error().code, core::ErrorCode::Refused);
    EXPECT_NE(failed.error().message.english().find("failed: no model found. Try"), std::string::npos) << failed.error().message;
    EXPECT_EQ(hear("no-such-program-at-all").error().code, core::ErrorCode::Refused);
    const auto silent = hear("true");
    ASSERT_FALSE(silent);
    EXPECT_EQ(silent.error().code, core::ErrorCode::BadInput);
    EXPECT_EQ(hear("kill -9 $$ #").error().code, core::ErrorCode::Refused);
}

TEST_F(HearingCommand, ThatIsStoppedEndsWithAllItStarted) {
    const std::string started = scratch / "started";
    int asked = 0;
    const auto stopped = hear("sleep 600 & echo $! > " + started + "; wait #", [&](double) {
        ++asked;
        return !std::filesystem::exists(started) || std::filesystem::file_size(started) == 0;
    });
    ASSERT_FALSE(stopped);
    EXPECT_EQ(stopped.error().code, core::ErrorCode::Cancelled);
    const pid_t child = std::stoi(contents(started));
    bool gone = false;
    for (int i = 0; i < 200 && !gone; ++i) {
        // one that has ended and was not waited for yet counts as gone
        const std::string state = contents("/proc/" + std::to_string(child) + "/stat");
        gone = ::kill(child, 0) != 0 || state.find(") Z ") != std::string::npos;
        if (!gone) run("sleep 0.05");
    }
    EXPECT_TRUE(gone);
}
