#include "publish/pack.h"

#include <gtest/gtest.h>

#include <QImage>
#include <QProcess>
#include <QString>
#include <algorithm>
#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

#include "core/learner/learner_guide.h"
#include "core/procedure/text.h"
#include "core/tape/spoken_lines.h"
#include "publish/pack_files.h"
#include "publish/plate_svg.h"
#include "publish/print_form.h"
#include "publish/reshoot_page.h"
#include "publish/resource.h"
#include "shop/issue.h"
#include "store/files.h"
#include "tests/demo_copy.h"

using namespace anagraph;
using anagraph::testing::Scratch;
using core::ErrorCode;
namespace fs = std::filesystem;

namespace {

const store::GuideId kGuide(anagraph::testing::kDemoGuide);

/// One pack for all tests of this file.
class Pack : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        scratch_ = new Scratch;
        anagraph::testing::copy_demo_library(*scratch_ / "library");
        auto library = store::Library::make_or_open(*scratch_ / "library");
        ASSERT_TRUE(library) << library.error().message;
        const auto request = shop::prepare_issue(**library, kGuide, "author", "checker");
        ASSERT_TRUE(request) << request.error().message;
        auto made = shop::make_pack(*request);
        ASSERT_TRUE(made) << made.error().message;
        const auto entered = shop::enter_edition(**library, *request, std::move(*made));
        ASSERT_TRUE(entered) << entered.error().message;
        folder_ = *(*library)->pack_folder(kGuide, 1);
    }
    static void TearDownTestSuite() { delete scratch_; }
    static QString output(const QString& program, const QStringList& arguments) {
        QProcess p;
        p.start(program, arguments);
        p.waitForFinished(-1);
        return QString::fromUtf8(p.readAllStandardOutput() + p.readAllStandardError());
    }
    static Scratch* scratch_;
    static std::string folder_;
};
Scratch* Pack::scratch_ = nullptr;
std::string Pack::folder_;

}  // namespace

TEST_F(Pack, VerifiesAsIssued) {
    const auto v = publish::verify_pack(folder_);
    ASSERT_TRUE(v) << v.error().message;
    EXPECT_TRUE(v->undamaged);
    EXPECT_EQ(v->edition, "Perrick PT60 100 h service, KQ-PT60-100, edition 1");
}

TEST_F(Pack, AnyChangedByteOfAnyFileIsFoundAndTheFileNamed) {
    std::mt19937 random(3);
    int files = 0;
    for (const auto& entry : fs::recursive_directory_iterator(folder_)) {
        if (entry.is_directory()) continue;
        ++files;
        const std::string name = entry.path().lexically_relative(folder_).generic_string();
        const std::string whole = *store::read_file(entry.path().string());
        const auto found = [&](const std::string& changed, const char* how) {
            std::ofstream(entry.path(), std::ios::binary) << changed;
            const auto v = publish::verify_pack(folder_);
            ASSERT_TRUE(v) << name;
            EXPECT_FALSE(v->undamaged) << name << ", " << how;
            EXPECT_TRUE(std::any_of(
                v->troubles.begin(), v->troubles.end(), [&](const std::string& t) { return t.find(name) != std::string::npos; }))
                << name << ", " << how;
        };
        const auto at = [&] { return std::uniform_int_distribution<std::size_t>(0, whole.size() - 1)(random); };
        std::string bit = whole;
        bit[at()] ^= static_cast<char>(1 << std::uniform_int_distribution<int>(0, 7)(random));
        found(bit, "a bit");
        std::string high = whole;
        high[at()] ^= static_cast<char>(0x80);
        found(high, "its highest bit");
        found(whole.substr(0, at()), "cut off");
        found(whole + "x", "a byte more");
        std::ofstream(entry.path(), std::ios::binary) << whole;
    }
    EXPECT_GT(files, 20);
    EXPECT_TRUE(publish::verify_pack(folder_)->undamaged);
}

TEST_F(Pack, MissingAndExtraFilesAreNamed) {
    fs::rename(folder_ + "/guide.css", folder_ + "/gone.css");
    const auto v = publish::verify_pack(folder_);
    fs::rename(folder_ + "/gone.css", folder_ + "/guide.css");
    ASSERT_EQ(v->troubles.size(), 2U);
    EXPECT_EQ(v->troubles[0], "guide.css is missing.");
    EXPECT_EQ(v->troubles[1], "gone.css does not belong to the pack.");
}

TEST_F(Pack, ThePdfIsTaggedSelectableAndCarriesTheEditionOnEveryPage) {
    const QString pdf = QString::fromStdString(folder_ + "/guide.pdf");
    const QString facts = output("pdfinfo", {pdf});
    EXPECT_TRUE(facts.contains("Tagged:          yes")) << facts.toStdString();
    const int pages = facts.section("Pages:", 1).section('\n', 0, 0).trimmed().toInt();
    ASSERT_GT(pages, 3);
    for (int page = 1; page <= pages; ++page) {
        const QString text = output("pdftotext", {"-f", QString::number(page), "-l", QString::number(page), pdf, "-"});
        EXPECT_TRUE(text.contains("Edition 1")) << page;
        EXPECT_TRUE(text.contains("KQ-PT60-100 / 1 /")) << page;
    }
    const QString all = output("pdftotext", {pdf, "-"}).simplified();
    EXPECT_TRUE(all.contains("The maker's current book, local codes"));
    EXPECT_TRUE(all.contains("Refit the drain plug"));
    EXPECT_TRUE(all.contains(QString::fromUtf8("25 N·m")));
    EXPECT_TRUE(output("pdfdetach", {"-list", pdf}).contains("edition.json"));
}

TEST_F(Pack, TheDemoGuidePrintsOnNinePagesAndKeepsTogetherWhatBelongsTogether) {
    const QString pdf = QString::fromStdString(folder_ + "/guide.pdf");
    const int pages = output("pdfinfo", {pdf}).section("Pages:", 1).section('\n', 0, 0).trimmed().toInt();
    EXPECT_LE(pages, 9);
    std::vector<QString> texts;
    for (int page = 1; page <= pages; ++page)
        texts.push_back(output("pdftotext", {"-f", QString::number(page), "-l", QString::number(page), pdf, "-"}).simplified());
    const auto page_of = [&](const std::string& words, int from) {
        const QString wanted = QString::fromStdString(words).simplified();
        for (int page = from; page < pages; ++page)
            if (texts[static_cast<std::size_t>(page)].contains(wanted)) return page;
        return -1;
    };
    // the longest run of plain words of a line is enough to find it by
    const auto longest = [](const std::string& line) {
        std::string out;
        for (const auto& piece : core::pieces_of(line))
            if (piece.kind == core::TokenKind::Words && piece.text.size() > out.size()) out = piece.text;
        return out;
    };
    const auto edition = core::edition_from_json(nlohmann::json::parse(*store::read_file(folder_ + "/edition.json")));
    ASSERT_TRUE(edition);
    const auto guide = core::learner_guide(*edition);
    int at = 0;
    int pictures = 0;
    for (std::size_t i = 0; i < guide.steps.size(); ++i) {
        const auto& step = edition->procedure.steps[i];
        at = page_of(std::to_string(i + 1) + " " + step.heading, at);
        ASSERT_GE(at, 0) << step.heading;
        EXPECT_EQ(page_of(longest(step.lines.front()), at), at) << step.heading << ": a heading is never last";
        for (const auto& c : step.cautions) EXPECT_EQ(page_of(longest(c.text), at), at) << c.text << ": a caution stands with its action";
        for (const auto& row : guide.steps[i].rows) {
            const int here = page_of(longest(step.lines[row.first_line]), at);
            ASSERT_GE(here, 0) << step.lines[row.first_line];
            for (const auto plate : row.plates) {
                if (step.plates[plate].caption.empty()) continue;
                ++pictures;
                // the words of a page are read back line by line: so many of a caption stand in one
                const auto begins = QString::fromStdString(step.plates[plate].caption).section(QLatin1Char(' '), 0, 1).toStdString();
                EXPECT_EQ(page_of(begins, here), here) << step.plates[plate].caption << ": a picture stands with its lines";
            }
        }
    }
    EXPECT_GT(pictures, 10);
}

TEST_F(Pack, TheSafetyStatementComesBeforeAnyStepOfThePage) {
    const auto page = *store::read_file(folder_ + "/guide.html");
    const auto safety = page.find("The maker");
    ASSERT_NE(safety, std::string::npos);
    EXPECT_LT(safety, page.find("class=\"step sheet\""));
    EXPECT_EQ(page.find("http://www.w3.org/2000/svg") == std::string::npos, false);
}

TEST_F(Pack, EditionTwoSaysWhatChangedAndEditionOneStaysAsItWas) {
    auto library = store::Library::make_or_open(*scratch_ / "library");
    ASSERT_TRUE(library);
    EXPECT_EQ(shop::prepare_issue(**library, kGuide, "author", "checker").error().code, ErrorCode::Refused) << "nothing changed";
    auto p = *(*library)->load_guide(kGuide);
    core::Figure f = *p.find(core::FigureId("drain-torque"));
    f.value = {"27", "", "Nm"};
    const core::Change change{"change a torque", {core::Put<core::Figure>{f, {}}}};
    p = *core::apply(p, change);
    ASSERT_TRUE((*library)->append(kGuide, change, p, "author"));
    auto request = shop::prepare_issue(**library, kGuide, "author", "checker");
    ASSERT_TRUE(request) << request.error().message;
    EXPECT_EQ(request->pack.edition.number, 2);
    ASSERT_FALSE(request->pack.edition.changes.empty());
    EXPECT_NE(request->pack.edition.changes[0].find("now 27 N·m"), std::string::npos);
    auto made = shop::make_pack(*request);
    ASSERT_TRUE(made) << made.error().message;
    ASSERT_TRUE(shop::enter_edition(**library, *request, std::move(*made)));
    EXPECT_NE(
        store::read_file(*(*library)->pack_folder(kGuide, 2) + "/guide.html")->find("What changed since edition 1"), std::string::npos);
    EXPECT_TRUE(publish::verify_pack(folder_)->undamaged);
    EXPECT_EQ((*library)->editions(kGuide)->front().edition.procedure.find(core::FigureId("drain-torque"))->value.low, "25");
}

TEST_F(Pack, CaptionsAreTheWordsAsTheAuthorPutThemRightAndCommentsStayAtHome) {
    const Scratch scratch;
    anagraph::testing::copy_demo_library(scratch / "library");
    auto library = store::Library::make_or_open(scratch / "library");
    ASSERT_TRUE(library);
    auto guide = *(*library)->load_guide(kGuide);
    const auto perform = [&](const core::Change& change) {
        const auto after = core::apply(guide, change);
        ASSERT_TRUE(after) << after.error().message;
        guide = *after;
        ASSERT_TRUE((*library)->append(kGuide, change, guide, "author"));
    };
    // "drain plug that's a fifteen no a seventeen" is put right, and a reviewer says something
    const auto recording = guide.recordings.front().id;
    const auto narration = *(*library)->narration(recording);
    const auto said = std::find_if(
        narration.begin(), narration.end(), [](const core::Segment& s) { return s.text.find("crack it") != std::string::npos; });
    ASSERT_NE(said, narration.end());
    perform(*core::correct_line(guide, recording, *said, "crack it with the seventeen spanner"));
    core::Step drain = *guide.find(core::StepId("drain"));
    drain.comments = {{"", "checker", "2026-11-28", "not for learners"}};
    perform({"comment", {core::Put<core::Step>{drain, std::nullopt}}});
    const auto request = shop::prepare_issue(**library, kGuide, "author", "checker");
    ASSERT_TRUE(request) << request.error().message;
    EXPECT_TRUE(request->pack.edition.procedure.find(core::StepId("drain"))->comments.empty());
    EXPECT_FALSE(request->pack.edition.methods.empty()) << "what the house does is frozen with it";
    const auto& source = *std::find_if(request->pack.recordings.begin(), request->pack.recordings.end(),
        [&](const publish::RecordingSource& r) { return r.id == recording; });
    EXPECT_TRUE(std::any_of(source.narration.begin(), source.narration.end(),
        [](const core::Segment& s) { return s.text == "crack it with the seventeen spanner"; }));
}

TEST_F(Pack, ASlowedClipIsAsLongAsItPlaysAndItsCaptionsFollow) {
    const auto vtt = *store::read_file(folder_ + "/clips/step-6.vtt");
    const auto segments = core::read_timed_text(vtt);
    ASSERT_TRUE(segments);
    ASSERT_FALSE(segments->segments.empty());
    const auto html = *store::read_file(folder_ + "/guide.html");
    const auto at = html.find("2 times slower");
    ASSERT_NE(at, std::string::npos);
    const auto watch = html.rfind("Watch it: ", at);
    const int seconds = std::stoi(html.substr(watch + 10));
    EXPECT_NEAR(segments->segments.back().end.seconds(), seconds, 3);
    EXPECT_GT(seconds, 14) << "twice as long as it was filmed";
    EXPECT_NE(html.substr(watch, 40).find("MB"), std::string::npos) << "and as large as it is";
}

TEST_F(Pack, WhatCannotBeIssuedLeavesNothing) {
    auto library = store::Library::make_or_open(*scratch_ / "library");
    auto p = *(*library)->load_guide(kGuide);
    EXPECT_FALSE(shop::prepare_issue(**library, kGuide, "author", ""));
    EXPECT_FALSE(shop::prepare_issue(**library, kGuide, "author", "author"));
    publish::PackRequest request;
    request.edition = {9, "2026-11-25T10:00:00Z", "author", "checker", p, {}};
    const auto away = publish::write_pack(request, *scratch_ / "lost");
    ASSERT_FALSE(away);
    EXPECT_NE(away.error().message.english().find("away"), std::string::npos);
    EXPECT_EQ(publish::write_pack(request, *scratch_ / "lost", [](const std::string&, double) { return false; }).error().code,
        ErrorCode::Cancelled);
    EXPECT_TRUE(fs::is_empty(*scratch_ / "library/work"));
}

TEST_F(Pack, PrintsBlackAndWhiteInTwoColumnsAndLosesNothing) {
    const auto edition = core::edition_from_json(nlohmann::json::parse(*store::read_file(folder_ + "/edition.json")));
    ASSERT_TRUE(edition);
    const auto pack = publish::PackSource::open(folder_);
    const auto files = publish::pack_files_in(**pack, edition->procedure);
    const auto pdf = publish::print_form(*edition, "KQ-PT60-100 / 1 / 12345678", files, folder_);
    ASSERT_TRUE(pdf) << pdf.error().message;
    const std::string file = *scratch_ / "print.pdf";
    ASSERT_TRUE(store::write_file(file, *pdf));
    const auto flat = [](QString words) {
        return words.replace(QChar(0xAD), QString()).simplified().remove(QLatin1Char(' ')).remove(QLatin1Char('-'));
    };
    const QString words = flat(output("pdftotext", {QString::fromStdString(file), "-"}));
    const auto guide = core::learner_guide(*edition);
    for (const auto& f : guide.figures) EXPECT_TRUE(words.contains(flat(QString::fromStdString(f.figure.value)))) << f.figure.value;
    for (const auto& step : edition->procedure.steps) {
        EXPECT_TRUE(words.contains(flat(QString::fromStdString(step.heading)))) << step.heading;
        for (const auto& c : step.cautions)
            EXPECT_TRUE(words.contains(flat(QString::fromStdString(core::rendered(edition->procedure, c.text)).left(24)))) << c.text;
    }
    EXPECT_TRUE(words.contains(flat(QString::fromStdString(std::string(core::safety_statement())))));
    const QString images = output("pdfimages", {"-list", QString::fromStdString(file)});
    std::size_t plates = 0;
    for (const auto& step : edition->procedure.steps) plates += step.plates.size();
    EXPECT_GE(static_cast<std::size_t>(images.count("image")), plates);
    output("pdftoppm", {"-r", "40", "-png", QString::fromStdString(file), QString::fromStdString(*scratch_ / "print")});
    int pages = 0;
    for (const auto& entry : fs::directory_iterator(scratch_->text())) {
        if (!entry.path().filename().string().starts_with("print-")) continue;
        ++pages;
        const QImage page(QString::fromStdString(entry.path().string()));
        EXPECT_TRUE(page.allGray()) << entry.path();
    }
    EXPECT_GE(pages, 3);
    EXPECT_LE(pages, 12);
}

TEST(PrintForm, OnlyColoursOfDrawingsBecomeGrey) {
    EXPECT_EQ(publish::in_greys(R"(<path fill="#FF0000"/><p>part #FF0000, "#00FF00"</p><g stroke="#00FF00"/>)"),
        R"(<path fill="#4C4C4C"/><p>part #FF0000, "#00FF00"</p><g stroke="#969696"/>)");
    EXPECT_EQ(publish::in_greys(R"(<a href="#note-1" id="#abcde">)"), R"(<a href="#note-1" id="#abcde">)");
}

TEST_F(Pack, OpensInABrowserWholeQuietAndWithoutScript) {
    // the pack as issued, whichever test ran before
    const QString said =
        output("node", {QString::fromUtf8(ANAGRAPH_SOURCE "/tests/browser/pack_test.mjs"), QString::fromStdString(folder_)});
    EXPECT_TRUE(said.contains("29 passed, 0 failed")) << said.toStdString();
}

TEST(VerifyPack, SaysWhatIsNoPack) {
    const Scratch scratch;
    EXPECT_EQ(publish::verify_pack(scratch / "none").error().code, ErrorCode::NotFound);
    EXPECT_EQ(publish::verify_pack(scratch.text()).error().code, ErrorCode::BadInput);
}

TEST(PlateSvg, DrawsNumbersAsTextAndEscapesNames) {
    core::Procedure p;
    p.items = {{core::ItemId("a"), core::ItemKind::Part, "plug <M14> & washer", "", ""}};
    const core::Plate plate{core::PlateId("p"), core::RecordingId("r"), {}, "", {{core::ItemId("a"), {1000, 1000}, {8000, 8000}}}};
    const auto svg = publish::plate_svg(p, plate, {{core::ItemId("a"), 7}}, "still.png", 1280, 720);
    EXPECT_NE(svg.find(">7</text>"), std::string::npos);
    EXPECT_NE(svg.find("plug &lt;M14&gt; &amp; washer"), std::string::npos);
    EXPECT_EQ(svg.find("<M14>"), std::string::npos);
    EXPECT_NE(publish::plate_words(p, plate, {{core::ItemId("a"), 7}}).find("7: plug <M14> & washer, top left."), std::string::npos);
}

TEST(ReshootPage, ShowsEveryPointWithItsPictureAndKeepsThePointWithoutOne) {
    const Scratch scratch;
    const std::string film = std::string(ANAGRAPH_SOURCE) + "/demo/films/pt60-service-1.mp4";
    core::Procedure p;
    p.header.machine = "Perrick <PT60>";
    p.header.title = "100 h service";
    p.steps.resize(2);
    p.steps[1].id = core::StepId("two");
    const std::string html = publish::reshoot_page(p,
        {{{core::RecordingId("r"), core::FrameTime(12, 1), "the thread & its washer", "noted as not filmed", core::StepId("two")},
             "draining", film, 0},
            {{core::RecordingId("r"), core::FrameTime(3, 1), "the plug", "promised for later", {}}, "draining", "/no/such/film.mp4", 0}});
    EXPECT_NE(html.find("Perrick &lt;PT60&gt;"), std::string::npos);
    EXPECT_NE(html.find("the thread &amp; its washer"), std::string::npos);
    EXPECT_NE(html.find("step 2"), std::string::npos);
    EXPECT_NE(html.find("the plug"), std::string::npos);
    EXPECT_NE(html.find("2 points"), std::string::npos);
    EXPECT_EQ(html.find("data:image/jpeg"), html.rfind("data:image/jpeg"));
    EXPECT_NE(html.find("maker"), std::string::npos) << "the safety statement stands on it";
    EXPECT_EQ(html.find("http"), std::string::npos) << "nothing is fetched";
    for (const char* font : {"fonts/B612-Regular.otf", "fonts/B612-Bold.otf"})
        EXPECT_NE(html.find(QByteArray::fromStdString(publish::resource(font)).toBase64().toStdString()), std::string::npos)
            << "its type goes with it";
    EXPECT_NE(publish::reshoot_page(p, {}).find("Nothing is missing"), std::string::npos);
    core::Figure open;
    open.id = core::FigureId("breather");
    open.purpose = "tightening torque of the breather";
    p.figures = {open};
    const std::string asks = publish::reshoot_page(p, {});
    EXPECT_NE(asks.find("Figures to find out"), std::string::npos);
    EXPECT_NE(asks.find("Tightening torque of the breather"), std::string::npos);
    EXPECT_EQ(asks.find("Nothing is missing"), std::string::npos);
}
