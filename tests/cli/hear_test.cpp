// Hearing on the command line: a film becomes WebVTT, by the program itself and by any command that takes a WAV.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>

#include "core/narration/timed_text.h"
#include "store/library.h"
#include "tests/cli/run_cli.h"
#include "tests/media/sample_films.h"
#include "tests/scratch.h"

using anagraph::testing::cli;
using anagraph::testing::run;
using anagraph::testing::Scratch;

namespace {

const std::string kSentence = ANAGRAPH_SOURCE "/resources/hearing/try.flac";

anagraph::core::Narration read(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    return anagraph::core::read_timed_text(std::string(std::istreambuf_iterator<char>(in), {})).value();
}

}  // namespace

TEST(Hear, AFilmBecomesWebVttWithTheTimeOfEveryWord) {
    const Scratch scratch;
    const std::string out = scratch / "heard.vtt";
    const auto a = cli({"hear", kSentence, "--to", out, "--json"});
    ASSERT_EQ(a.code, 0) << a.out << a.err;
    const auto heard = read(out);
    EXPECT_EQ(a.value()["lines"].get<std::size_t>(), heard.segments.size());
    std::string all;
    for (const auto& line : heard.segments) {
        EXPECT_TRUE(line.by_program);
        EXPECT_EQ(line.words.size(), anagraph::core::said_words(line.text).size());
        all += line.text + " ";
    }
    EXPECT_NE(all.find("drain plug"), std::string::npos) << all;
    EXPECT_EQ(cli({"hear", kSentence, "--to", out}).code, 2) << "what is there is not written over";
    EXPECT_EQ(cli({"hear", kSentence, "--to", out, "--replace"}).code, 0);
    const auto printed = cli({"hear", kSentence});
    EXPECT_EQ(printed.out.substr(0, 6), "WEBVTT");
    EXPECT_EQ(cli({"hear", "/no/such/film.mp4"}).code, 2);
}

TEST(Hear, AnotherRecogniserIsACommand) {
    const Scratch scratch;
    const std::string vtt = scratch / "other.vtt";
    std::ofstream(vtt) << "1\n00:00:01,000 --> 00:00:02,500\nTake the drain plug out.\n";
    const auto a = cli({"hear", kSentence, "--with", "test -s {sound} && cat " + vtt, "--json"});
    ASSERT_EQ(a.code, 0) << a.out << a.err;
    EXPECT_EQ(a.value()["lines"], 1);
    EXPECT_NE(a.value()["webvtt"].get<std::string>().find("Take the drain plug out."), std::string::npos);
    EXPECT_NE(a.value()["webvtt"].get<std::string>().find("NOTE Heard by a program"), std::string::npos);
    const auto wrong = cli({"hear", kSentence, "--with", "echo no times in this #"});
    EXPECT_EQ(wrong.code, 1);
    EXPECT_NE(wrong.err.find("WebVTT"), std::string::npos) << wrong.err;
    EXPECT_EQ(cli({"hear", kSentence, "--with", "exit 4 #"}).code, 1);
}

TEST(Hear, AnImportHearsAFilmWithoutANarrationAndKeepsTheFilmWhateverIsHeard) {
    const Scratch scratch;
    const std::string film = scratch / "job.mp4", library = scratch / "library";
    ASSERT_TRUE(run("ffmpeg -y -f lavfi -i testsrc2=size=320x180:rate=25 -i " + kSentence + " -shortest -c:v libx264 -c:a aac " + film));
    const auto a = cli({"import", library, film, "--hear", "--json"});
    ASSERT_EQ(a.code, 0) << a.out << a.err;
    EXPECT_GT(a.value()["lines"].get<int>(), 0);
    auto opened = anagraph::store::Library::make_or_open(library);
    ASSERT_TRUE(opened);
    const anagraph::core::RecordingId id(a.value()["recording"].get<std::string>());
    const auto lines = (*opened)->narration(id);
    ASSERT_TRUE(lines);
    EXPECT_TRUE(lines->front().by_program);
    EXPECT_FALSE(lines->front().words.empty());
    EXPECT_EQ((*opened)->keep_narration(id, *lines).error().code, anagraph::core::ErrorCode::Refused) << "guides may rest on what is there";
    EXPECT_EQ((*opened)->keep_narration(anagraph::core::RecordingId(std::string(64, 'a')), *lines).error().code,
        anagraph::core::ErrorCode::NotFound);
    opened->reset();
    // the house's own recogniser fails: the film is in all the same, and why is told
    auto again = anagraph::store::Library::make_or_open(scratch / "second");
    auto house = *(*again)->house();
    house.recogniser = "echo broken >&2; exit 1 #";
    ASSERT_TRUE((*again)->set_house(house));
    again->reset();
    const auto b = cli({"import", scratch / "second", film, "--hear", "--json"});
    ASSERT_EQ(b.code, 0) << b.out << b.err;
    EXPECT_EQ(b.value()["lines"], 0);
    EXPECT_NE(b.value()["remarks"].dump().find("broken"), std::string::npos);
}
