// Pages of real files, drawn and read by the real programs.
#include "paper/document.h"

#include <gtest/gtest.h>

#include <QImage>
#include <algorithm>
#include <fstream>

#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::Scratch;

namespace {

const std::string kBook = std::string(ANAGRAPH_SOURCE) + "/demo/book/perrick-pt60-book.pdf";

void write(const std::string& path, const std::string& bytes) { std::ofstream(path, std::ios::binary) << bytes; }

bool reads(const std::vector<core::PageWord>& words, const char* word) {
    return std::any_of(words.begin(), words.end(), [&](const core::PageWord& w) { return w.text.find(word) != std::string::npos; });
}

}  // namespace

TEST(Document, ABookIsOpenedDrawnAndRead) {
    const auto book = paper::open_document(kBook);
    ASSERT_TRUE(book) << book.error().message;
    EXPECT_EQ(book->pages, 2);
    const auto page = paper::page_image(*book, 2);
    ASSERT_TRUE(page) << page.error().message;
    EXPECT_EQ(std::max(page->width(), page->height()), paper::kPageSide);
    const auto words = paper::read_words(*page, paper::whole_page(2), paper::Layout::Page);
    ASSERT_TRUE(words) << words.error().message;
    const auto torques = core::values_on(*words, core::FigureKind::Torque, "drain plug, tightening torque");
    ASSERT_GE(torques.size(), 3U);
    EXPECT_EQ(core::text_of(torques.front().value), "25 N·m");
    EXPECT_EQ(torques.front().tolerance, "2.5");
    EXPECT_EQ(torques.front().spot.page, 2);
    // the place is where it is printed: reading that part alone gives it again
    core::PageSpot part = torques.front().spot;
    part.left -= 100;
    part.top -= 100;
    part.right += 100;
    part.bottom += 100;
    const auto again = paper::read_words(*page, part, paper::Layout::Block);
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_TRUE(reads(*again, "25"));
    EXPECT_FALSE(reads(*again, "Plug"));
    for (const auto& w : *again) EXPECT_TRUE(w.spot.left >= part.left && w.spot.bottom <= part.bottom) << w.text;
}

TEST(Document, APictureIsOnePageWhateverItsNameSays) {
    const Scratch scratch;
    const auto page = paper::page_image(*paper::open_document(kBook), 2);
    ASSERT_TRUE(page->save(QString::fromStdString(scratch / "label.png")));
    std::rename((scratch / "label.png").c_str(), (scratch / "label").c_str());
    const auto picture = paper::open_document(scratch / "label");
    ASSERT_TRUE(picture) << picture.error().message;
    EXPECT_EQ(picture->pages, 1);
    EXPECT_FALSE(picture->pdf);
    EXPECT_TRUE(paper::page_image(*picture, 1));
    EXPECT_FALSE(paper::page_image(*picture, 2));
}

TEST(Document, WrongFilesSayWhatIsWrong) {
    const Scratch scratch;
    write(scratch / "notes.txt", "torque 25 Nm");
    write(scratch / "broken.pdf", "%PDF-1.7\nnothing of it is left");
    for (const auto& [path, words] : {std::pair(scratch / "notes.txt", "neither"), std::pair(scratch / "broken.pdf", "damaged"),
             std::pair(scratch / "away.pdf", "not there"), std::pair(scratch / "", "folder")}) {
        const auto opened = paper::open_document(path);
        ASSERT_FALSE(opened) << path;
        EXPECT_NE(opened.error().message.english().find(words), std::string::npos) << opened.error().message;
    }
    EXPECT_FALSE(paper::page_image(*paper::open_document(kBook), 3));
    EXPECT_FALSE(paper::page_image(*paper::open_document(kBook), 0));
}

TEST(Document, ReadingIsStoppedAtOnce) {
    const auto page = paper::page_image(*paper::open_document(kBook), 2);
    const auto words = paper::read_words(*page, paper::whole_page(2), paper::Layout::Page, [] { return false; });
    ASSERT_FALSE(words);
    EXPECT_EQ(words.error().code, core::ErrorCode::Cancelled);
}

TEST(Document, ItsTextTellsThePageWhereThereIsOne) {
    const auto texts = paper::page_texts(*paper::open_document(kBook));
    ASSERT_TRUE(texts) << texts.error().message;
    ASSERT_EQ(texts->size(), 2U);
    EXPECT_EQ(core::page_naming(*texts, core::FigureKind::Torque, "level plug, tightening torque"), 2);
    EXPECT_EQ(core::page_naming(*texts, core::FigureKind::Duration, "oil, run after filling"), 1);
}
