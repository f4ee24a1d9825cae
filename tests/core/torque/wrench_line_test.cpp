#include "core/torque/wrench_line.h"

#include <gtest/gtest.h>

#include "tests/core/property.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
using anagraph::core::testing::holds;
namespace rnd = anagraph::core::testing;

namespace {

WrenchReading reading(const std::string& value, int number) { return {'T', *Quantity::parse(value), number}; }

}  // namespace

TEST(WrenchLine, IsReadWithItsRemarkAndItsChecksum) {
    const auto plain = read_wrench_line("T 24.8 Nm 17");
    ASSERT_TRUE(plain);
    EXPECT_EQ(*plain, reading("24.8 Nm", 17));
    EXPECT_EQ(*read_wrench_line("T 24.8 Nm 17 # drain plug"), *plain);
    EXPECT_EQ(wrench_line(*plain), "T 24.8 Nm 17*" + wrench_line(*plain).substr(13, 2) + "\r\n");
    EXPECT_TRUE(read_wrench_line(wrench_line(*plain).substr(0, 15)));
    EXPECT_FALSE(read_wrench_line("T 24.8 Nm 17*00"));
    EXPECT_FALSE(read_wrench_line("T 24.8 Nm 1#*" + wrench_line(*plain).substr(13, 2))) << "a digit that became a remark";
    for (const char* bad : {"", "T", "T 24.8 Nm", "T 24.8 elbows 17", "T many Nm 17", "T 24.8 Nm 17 18", "TT 24.8 Nm 17", "T 24.8 Nm -1",
             "T 24.8 L 17", "t 24.8 Nm 17"})
        EXPECT_FALSE(read_wrench_line(bad)) << bad;
}

TEST(WrenchLine, ComesInPiecesTwiceLostOrDisturbedAndDoesNoHarm) {
    WrenchLines lines;
    EXPECT_TRUE(lines.take("T 24.8 N").readings.empty());
    EXPECT_EQ(lines.take("m 17\r\n").readings, std::vector<WrenchReading>{reading("24.8 Nm", 17)});
    EXPECT_TRUE(lines.take("T 24.8 Nm 17\r\n").readings.empty()) << "it is sent twice";
    auto news = lines.take("\x01\x02~~\r\nT 25.1 Nm 18\r\n");
    EXPECT_EQ(news.readings.size(), 1U);
    EXPECT_EQ(news.troubles.size(), 1U);
    news = lines.take("T 25.2 Nm 20\r\n");
    ASSERT_EQ(news.troubles.size(), 1U);
    EXPECT_EQ(news.troubles[0], "Reading 19 of the wrench was lost; take it again.");
    EXPECT_EQ(news.readings.size(), 1U);
    EXPECT_TRUE(lines.take("T 18 lbf.ft 1\r\n").troubles.empty()) << "it was switched off and on";
    std::string noise(5000, 'x');
    noise.append("\nT 19 lbf.ft 2\r\n");
    news = lines.take(noise);
    EXPECT_EQ(news.troubles.size(), 1U);
    EXPECT_EQ(news.readings.size(), 1U);
    EXPECT_TRUE(lines.take("# a remark\r\n\r\n").troubles.empty());
}

TEST(WrenchLine, AnySingleByteThatIsDisturbedIsFoundAndWhatIsGoodIsReadInAnyPieces) {
    holds([] {
        std::string all;
        std::vector<WrenchReading> sent;
        for (int i = 1; i <= 5; ++i) {
            sent.push_back(reading(std::to_string(rnd::pick(1, 99)) + "." + std::to_string(rnd::pick(0, 9)) + " Nm", i));
            all += wrench_line(sent.back());
        }
        WrenchLines lines;
        std::vector<WrenchReading> got;
        for (std::size_t at = 0; at < all.size();) {
            const auto piece = static_cast<std::size_t>(rnd::pick(1, 9));
            for (auto& r : lines.take(std::string_view(all).substr(at, piece)).readings) got.push_back(r);
            at += piece;
        }
        RC_ASSERT(got == sent);
        std::string line = wrench_line(sent[0]);
        line = line.substr(0, line.size() - 2);
        const auto where = static_cast<std::size_t>(rnd::pick(0, static_cast<int>(line.find('*')) - 1));
        line[where] = static_cast<char>(line[where] ^ (1 << rnd::pick(0, 6)));
        RC_ASSERT(!read_wrench_line(line));
    });
}
