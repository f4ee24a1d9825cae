// Editions in other open forms, notices for learners: read by other programs.
#include "shop/export.h"

#include <gtest/gtest.h>

#include <QProcess>
#include <QString>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <regex>
#include <set>

#include "core/base/csv.h"
#include "core/procedure/json.h"
#include "publish/pack.h"
#include "shop/handout.h"
#include "shop/notices.h"
#include "store/archive.h"
#include "tests/issued_library.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using shop::ExportForm;

namespace {

std::string text_of(const std::string& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

std::string said_by(const QString& program, const QStringList& arguments) {
    QProcess p;
    p.start(program, arguments);
    p.waitForFinished(-1);
    return (p.exitCode() == 0 ? p.readAllStandardOutput() : "failed: " + p.readAllStandardError() + p.readAllStandardOutput())
        .toStdString();
}

class ExportTest : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        scratch_ = new Scratch;
        auto library = store::Library::make_or_open(place(*scratch_ / "library"));
        ASSERT_TRUE(library);
        guide_ = anagraph::testing::new_guide(**library, core::testing::engine(), "KQ-M4");
        anagraph::testing::issue(**library, guide_);
    }
    static void TearDownTestSuite() { delete scratch_; }
    void SetUp() override {
        auto opened = store::Library::read(place(*scratch_ / "library"));
        ASSERT_TRUE(opened);
        library_ = std::move(*opened);
        edition_ = library_->editions(guide_)->back().edition;
    }
    std::string write(ExportForm form, const std::string& name) {
        const std::string file = out_ / name;
        const auto done = shop::export_edition(*library_, guide_, 1, form, file);
        EXPECT_TRUE(done) << (done ? std::string() : done.error().message.english());
        return file;
    }

    static Scratch* scratch_;
    static store::GuideId guide_;
    const Scratch out_;
    std::unique_ptr<store::Library> library_;
    core::Edition edition_;
};
Scratch* ExportTest::scratch_ = nullptr;
store::GuideId ExportTest::guide_;

}  // namespace

TEST_F(ExportTest, TheTableHasEveryFigureWithItsSource) {
    const auto rows = core::csv_rows(text_of(write(ExportForm::Csv, "f.csv")));
    ASSERT_TRUE(rows);
    ASSERT_EQ(rows->size(), edition_.procedure.figures.size() + 1);
    for (std::size_t i = 0; i < edition_.procedure.figures.size(); ++i) {
        EXPECT_EQ((*rows)[i + 1][0], edition_.procedure.figures[i].id.text());
        EXPECT_EQ((*rows)[i + 1].size(), (*rows)[0].size());
        EXPECT_NE((*rows)[i + 1].back().find("service book, issue 2, page 3"), std::string::npos);
    }
}

TEST_F(ExportTest, TheProcedureComesBackFromItsJson) {
    const auto p = core::procedure_from_json(nlohmann::json::parse(text_of(write(ExportForm::Json, "p.json"))));
    ASSERT_TRUE(p);
    EXPECT_EQ(*p, edition_.procedure);
}

TEST_F(ExportTest, ThePackAsOneFileVerifies) {
    const auto v = publish::verify_pack(write(ExportForm::Html, "p.anapack"));
    ASSERT_TRUE(v) << v.error().message;
    EXPECT_TRUE(v->undamaged);
}

TEST_F(ExportTest, TheArchivePdfCarriesTheEditionAndSaysWhatItIs) {
    const std::string file = write(ExportForm::Pdf, "a.pdf");
    EXPECT_NE(said_by("pdfdetach", {"-list", QString::fromStdString(file)}).find("edition.json"), std::string::npos);
    const std::string about = said_by("pdfinfo", {"-meta", QString::fromStdString(file)});
    EXPECT_NE(about.find("pdfaid:part=\"3\""), std::string::npos) << about;
    EXPECT_NE(about.find("pdfaid:conformance=\"B\""), std::string::npos);
    // what ISO 19005-3 asks of an attachment beyond its bytes
    const std::string bytes = text_of(file);
    for (const char* asked : {"/AFRelationship /Source", "/AF [", "/Subtype /application#2Fjson", "/ModDate (D:20", "/ID ["})
        EXPECT_NE(bytes.find(asked), std::string::npos) << asked;
}

TEST_F(ExportTest, TheCardIsOnePageWithEveryFigureAndWhatStopsTheJob) {
    const std::string file = write(ExportForm::Card, "c.pdf");
    EXPECT_NE(said_by("pdfinfo", {QString::fromStdString(file)}).find("Pages:           1\n"), std::string::npos);
    const std::string words = said_by("pdftotext", {"-layout", QString::fromStdString(file), "-"});
    EXPECT_NE(words.find("35 N·m"), std::string::npos) << words;
    EXPECT_NE(words.find("26 lbf·ft"), std::string::npos);
    EXPECT_NE(words.find("WARNING"), std::string::npos);
    for (const auto& s : edition_.procedure.steps) EXPECT_NE(words.find(s.heading), std::string::npos);
}

TEST_F(ExportTest, TheCheckIsPrintedWithItsAnswersAndIsTheSameEachTime) {
    const auto words = [](const std::string& file) { return said_by("pdftotext", {"-layout", QString::fromStdString(file), "-"}); };
    const std::string first = words(write(ExportForm::Check, "c1.pdf"));
    EXPECT_NE(first.find("What comes right before"), std::string::npos) << first;
    const auto answers = first.find("Answers");
    ASSERT_NE(answers, std::string::npos);
    EXPECT_NE(first.rfind('\f', answers), std::string::npos) << "on a sheet of their own";
    EXPECT_EQ(words(write(ExportForm::Check, "c2.pdf")), first);
    ASSERT_TRUE(shop::export_edition(*library_, guide_, 1, ExportForm::Check, out_ / "c3.pdf", {}, 99));
    EXPECT_NE(words(out_ / "c3.pdf"), first);
}

TEST_F(ExportTest, DitaTopicsAreWellFormedWithUniqueIdsResolvedReferencesAndHazardStatements) {
    const auto archive = store::Archive::open(write(ExportForm::Dita, "d.zip"));
    ASSERT_TRUE(archive) << archive.error().message;
    std::set<std::string> ids;
    int hazards = 0;
    for (const auto& name : (*archive)->names()) {
        if (!name.ends_with(".dita") && !name.ends_with(".ditamap")) continue;
        const std::string text = *(*archive)->read(name, 1 << 24);
        std::ofstream(out_ / name) << text;
        EXPECT_EQ(said_by("xmllint", {"--nonet", "--noout", QString::fromStdString(out_ / name)}), "") << name;
        static const std::regex id(" id=\"([^\"]+)\"");
        static const std::regex href(" href=\"([^\"]+)\"");
        for (auto it = std::sregex_iterator(text.begin(), text.end(), id); it != std::sregex_iterator(); ++it)
            EXPECT_TRUE(ids.insert((*it)[1]).second) << (*it)[1];
        for (auto it = std::sregex_iterator(text.begin(), text.end(), href); it != std::sregex_iterator(); ++it)
            EXPECT_TRUE((*archive)->holds((*it)[1])) << (*it)[1];
        for (auto at = text.find("<hazardstatement"); at != std::string::npos; at = text.find("<hazardstatement", at + 1)) ++hazards;
    }
    EXPECT_EQ(ids.size(), edition_.procedure.steps.size() + 1);
    int cautions = 0;
    for (const auto& s : edition_.procedure.steps) cautions += static_cast<int>(s.cautions.size());
    EXPECT_EQ(hazards, cautions);
}

TEST_F(ExportTest, CoursesOpenReportToTheirPlatformAndHoldThePackAsItWasIssued) {
    for (const auto form : {ExportForm::Scorm12, ExportForm::Cmi5}) {
        const std::string zip = write(form, std::string(core::name_of(form)) + ".zip");
        const std::string folder = out_ / std::string(core::name_of(form));
        EXPECT_EQ(said_by("python3", {"-m", "zipfile", "-e", QString::fromStdString(zip), QString::fromStdString(folder)}), "")
            << "another program opens it";
        const auto pack = publish::verify_pack(folder + "/pack");
        ASSERT_TRUE(pack) << pack.error().message;
        EXPECT_TRUE(pack->undamaged) << pack->troubles.front();
        const std::string manifest = folder + (form == ExportForm::Scorm12 ? "/imsmanifest.xml" : "/cmi5.xml");
        EXPECT_EQ(said_by("xmllint", {"--nonet", "--noout", QString::fromStdString(manifest)}), "");
    }
    const QString said = QString::fromStdString(said_by("node",
        {QString::fromUtf8(ANAGRAPH_SOURCE "/tests/browser/course_test.mjs"), QString::fromStdString(out_ / "scorm12"),
            QString::fromStdString(out_ / "cmi5")}));
    EXPECT_TRUE(said.contains("8 passed, 0 failed")) << said.toStdString();
}

TEST_F(ExportTest, NothingIsWrittenOverAndAnUnknownEditionIsTold) {
    const std::string file = write(ExportForm::Csv, "f.csv");
    EXPECT_FALSE(shop::export_edition(*library_, guide_, 1, ExportForm::Csv, file));
    EXPECT_EQ(shop::export_edition(*library_, guide_, 7, ExportForm::Csv, out_ / "g.csv").error().code, core::ErrorCode::NotFound);
    EXPECT_FALSE(std::filesystem::exists(out_ / "g.csv"));
}

TEST(Notices, SayJustWhatChangedAndWhatIsWithdrawnInEveryForm) {
    const Scratch s;
    auto library = store::Library::make_or_open(place(s / "library"));
    const auto guide = anagraph::testing::new_guide(**library, core::testing::engine(), "KQ-M4");
    anagraph::testing::issue(**library, guide);
    ASSERT_TRUE((*library)->record({core::LearnerAdded{"learner 07", ""}, core::LearnerAdded{"learner 08", ""}}, "author"));
    ASSERT_TRUE(shop::hand_out(**library, guide, 1, {"learner 07"}, core::HandedBy::Print, "author"));
    EXPECT_FALSE(shop::write_notices(*shop::gather_notices(**library), s / "none.pdf")) << "nobody has to be told anything";
    anagraph::testing::change_torque(**library, guide, "41");
    anagraph::testing::issue(**library, guide);
    auto notices = shop::gather_notices(**library);
    ASSERT_EQ(notices->size(), 1U);
    const std::string sentence = "now 41 N·m (30 lbf·ft); you learned 35 N·m (26 lbf·ft) from edition 1.";
    for (const char* form : {"n.pdf", "n.txt", "n.html", "n.ics"}) ASSERT_TRUE(shop::write_notices(*notices, s / form)) << form;
    std::string print = said_by("pdftotext", {QString::fromStdString(s / "n.pdf"), "-"});
    std::replace(print.begin(), print.end(), '\n', ' ');
    EXPECT_NE(print.find("learner 07"), std::string::npos);
    EXPECT_NE(print.find(sentence), std::string::npos) << print;
    EXPECT_NE(text_of(s / "n.txt").find(sentence), std::string::npos);
    std::string calendar = text_of(s / "n.ics");
    for (std::size_t at = 0, end = 0; (end = calendar.find("\r\n", at)) != std::string::npos; at = end + 2) EXPECT_LE(end - at, 75U);
    for (auto fold = calendar.find("\r\n "); fold != std::string::npos; fold = calendar.find("\r\n ", fold)) calendar.erase(fold, 3);
    EXPECT_NE(calendar.find("you learned 35 N·m (26 lbf·ft) from edition 1."), std::string::npos) << calendar;
    EXPECT_FALSE(shop::write_notices(*notices, s / "n.doc"));
    ASSERT_TRUE(shop::withdraw(**library, guide, 2, "41 was wrong", "author"));
    notices = shop::gather_notices(**library);
    ASSERT_EQ(notices->size(), 1U);
    EXPECT_EQ(notices->front().withdrawn, "41 was wrong");
    EXPECT_TRUE(shop::gather_notices(**library, "learner 08")->empty());
}
