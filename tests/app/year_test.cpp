// A whole year of a house: two authors, a checker, twelve learners, three guides, five editions, one withdrawn, one key lost. At its
// end every question is answered right, in the window, on the command line and at the desk: who has what, who has to read what again,
// is this page current.
#include <gtest/gtest.h>

#include <QProcess>
#include <filesystem>
#include <fstream>
#include <map>
#include <nlohmann/json.hpp>
#include <set>

#include "app/issue/issue_station.h"
#include "app/people/learners_dialog.h"
#include "publish/pack.h"
#include "shop/desk/desk.h"
#include "shop/handout.h"
#include "shop/review.h"
#include "shop/verify.h"
#include "store/signing_key.h"
#include "tests/app/window.h"
#include "tests/core/learner/answered.h"
#include "tests/issued_library.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::app::LearnersDialog;
using anagraph::app::MainWindow;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using anagraph::testing::Window;
using nlohmann::json;

namespace {

constexpr const char* kWords = "seven dry harbours";

std::string run(const QString& program, const QStringList& arguments) {
    QProcess p;
    p.start(program, arguments);
    p.waitForFinished(-1);
    return p.readAllStandardOutput().toStdString();
}

json cli(const QStringList& arguments) {
    return json::parse(run(QString::fromUtf8(ANAGRAPH_BINARIES "/anagraph-cli"), arguments + QStringList{"--json"}), nullptr, false);
}

class Year : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        scratch_ = new Scratch;
        play();
    }
    static void TearDownTestSuite() { delete scratch_; }

    static store::SigningKey registered(store::Library& library, const char* post) {
        const auto key = store::SigningKey::make(post);
        EXPECT_TRUE(library.record({core::KeyRegistered{post, key->key()}}, post));
        return *key;
    }
    /// Checked as it stands, signed by these, kept; its mark is remembered.
    static void issue(store::Library& library, const char* name, const store::SigningKey& author, const store::SigningKey& checker) {
        const auto& guide = guides_[name];
        const auto checked = shop::check_guide(library, guide, checker.post(), "");
        ASSERT_TRUE(checked) << name << ": " << checked.error().message;
        const auto request = shop::prepare_issue(library, guide, {author, checker});
        ASSERT_TRUE(request) << name << ": " << request.error().message;
        auto pack = shop::make_pack(*request);
        ASSERT_TRUE(pack) << pack.error().message;
        const auto hash = shop::enter_edition(library, *request, std::move(*pack));
        ASSERT_TRUE(hash) << hash.error().message;
        marks_[name].push_back(hash->substr(0, 8));
    }
    static void play() {
        auto opened = store::Library::make_or_open(place(*scratch_ / "library"));
        ASSERT_TRUE(opened);
        auto& library = **opened;
        const auto first = registered(library, "author, pump bay");
        const auto second = registered(library, "author, lathes");
        auto checker = registered(library, "checker");
        guides_["engine"] = anagraph::testing::new_guide(library, core::testing::engine(), "KQ-M4", first.post());
        guides_["lathe"] = anagraph::testing::new_guide(library, core::testing::lathe(), "KQ-LATHE", second.post());
        guides_["press"] = anagraph::testing::new_guide(library, core::testing::press(), "KQ-PRESS", second.post());
        std::vector<core::Entry> learners;
        for (int i = 1; i <= 12; ++i) learners.emplace_back(core::LearnerAdded{learner(i), i <= 6 ? "spring" : "autumn"});
        ASSERT_TRUE(library.record(learners, "instructor"));
        const auto hands = [&](const char* name, int edition, int from, int to) {
            std::vector<std::string> who;
            for (int i = from; i <= to; ++i) who.push_back(learner(i));
            ASSERT_TRUE(shop::hand_out(library, guides_[name], edition, who, core::HandedBy::Print, "instructor"));
        };
        // spring
        issue(library, "engine", first, checker);
        hands("engine", 1, 1, 6);
        for (int i = 1; i <= 5; ++i) ASSERT_TRUE(shop::confirm(library, guides_["engine"], 1, learner(i), "", "instructor"));
        issue(library, "lathe", second, checker);
        hands("lathe", 1, 1, 3);
        // summer: the checker's key is lost; another one takes its place
        lost_ = checker;
        ASSERT_TRUE(library.record({core::KeyEnded{"checker", "lost on the ferry"}}, "instructor"));
        checker = registered(library, "checker");
        anagraph::testing::change_torque(library, guides_["engine"], "41", first.post());
        issue(library, "engine", first, checker);
        hands("engine", 2, 2, 4);
        ASSERT_TRUE(shop::confirm(library, guides_["engine"], 2, learner(2), "", "instructor"));
        hands("engine", 2, 7, 12);
        ASSERT_TRUE(library.record({core::LearnerLeft{learner(5)}}, "instructor"));
        // autumn
        issue(library, "press", second, checker);
        hands("press", 1, 7, 9);
        ASSERT_TRUE(shop::withdraw(library, guides_["press"], 1, "the accumulators are not vented", "instructor"));
        // the pump bay's author puts a word right in the lathe guide, so that he is one of its authors
        anagraph::testing::change_torque(library, guides_["lathe"], "33", first.post());
        issue(library, "lathe", second, checker);
        // the learner answered the check that lies in the pack, and handed in the file
        const auto lathe = library.editions(guides_["lathe"])->back();
        std::ofstream(*scratch_ / "l.check.json")
            << core::to_json(core::testing::answered(lathe.edition, publish::edition_mark(lathe.edition, lathe.sha256), 7, 1, learner(1)));
        opened->reset();
        const auto taken = cli({"answers", Year::library(), QString::fromStdString(*scratch_ / "l.check.json")});
        ASSERT_TRUE(taken.is_array() && taken[0].value("kept", false)) << taken;
    }
    static std::string learner(int i) { return std::string("learner ") + (i < 10 ? "0" : "") + std::to_string(i); }
    static QString library() { return QString::fromStdString(place(*scratch_ / "library")); }

    /// Who has to read what again, as it was played.
    static const std::set<std::pair<std::string, std::string>>& owing() {
        static const std::set<std::pair<std::string, std::string>> out{{"learner 01", "engine"}, {"learner 03", "engine"},
            {"learner 04", "engine"}, {"learner 06", "engine"}, {"learner 02", "lathe"}, {"learner 03", "lathe"}};
        return out;
    }
    static std::string name_of(const std::string& id) {
        for (const auto& [name, guide] : guides_)
            if (guide.text() == id) return name;
        return id;
    }

    static Scratch* scratch_;
    static std::map<std::string, store::GuideId> guides_;
    static std::map<std::string, std::vector<std::string>> marks_;
    static std::optional<store::SigningKey> lost_;
};
Scratch* Year::scratch_ = nullptr;
std::map<std::string, store::GuideId> Year::guides_;
std::map<std::string, std::vector<std::string>> Year::marks_;
std::optional<store::SigningKey> Year::lost_;

}  // namespace

TEST_F(Year, OnTheCommandLine) {
    std::set<std::pair<std::string, std::string>> owes;
    for (const auto& o : cli({"owes", library()})) {
        owes.emplace(o["learner"], name_of(o["guide"]));
        ASSERT_EQ(o["changed"].size(), 1U) << o.dump();
        EXPECT_EQ(o["from"], 1);
        EXPECT_EQ(o["to"], 2);
        if (name_of(o["guide"]) == "engine") {
            EXPECT_TRUE(o["changed"][0]["was"].get<std::string>().starts_with("35 N·m"));
            EXPECT_TRUE(o["changed"][0]["is"].get<std::string>().starts_with("41 N·m"));
        }
    }
    EXPECT_EQ(owes, owing());
    std::map<std::string, int> has;  // engine
    for (const auto& l : cli({"learner", "list", library()}))
        for (const auto& g : l["guides"])
            if (name_of(g["guide"]) == "engine") has[l["learner"]] = g["has"];
    EXPECT_EQ(has["learner 01"], 1);
    EXPECT_EQ(has["learner 03"], 2);
    EXPECT_EQ(has["learner 12"], 2);
    // what the lost key signed is good; its packs say so to whoever trusts this library
    const auto opened = store::Library::read(place(*scratch_ / "library"));
    for (const auto& [name, guide] : guides_) {
        const auto editions = *(*opened)->editions(guide);
        for (const auto& e : editions) {
            const auto pack = *(*opened)->pack_folder(guide, e.edition.number);
            const auto v = cli({"verify", QString::fromStdString(pack), "--trust", library()});
            EXPECT_EQ(v["truth"], "vouched") << name << e.edition.number << v.dump();
            EXPECT_EQ(v["withdrawn"].is_null(), name != "press");
        }
    }
    EXPECT_EQ(cli({"key", "list", library()}).size(), 4U);
}

TEST_F(Year, NobodyChecksWhatHeWroteAndALostKeySignsNothing) {
    auto opened = store::Library::open(place(*scratch_ / "library"));
    ASSERT_TRUE(opened);
    const Scratch own;
    anagraph::testing::copy_library(*scratch_ / "library", own / "library");
    auto copy = store::Library::open(place(own / "library"));
    anagraph::testing::change_torque(**copy, guides_["lathe"], "44", "checker");
    const auto now = shop::review(**copy, guides_["lathe"], "checker");
    ASSERT_TRUE(now);
    EXPECT_EQ(now->authors, std::vector<std::string>{"checker"}) << "since the last edition";
    EXPECT_FALSE(shop::check_guide(**copy, guides_["lathe"], "checker", ""));
    ASSERT_TRUE(shop::check_guide(**copy, guides_["lathe"], "author, pump bay", ""));
    EXPECT_FALSE(shop::prepare_issue(**copy, guides_["lathe"], {*lost_, *lost_}));
}

TEST_F(Year, AtTheDesk) {
    const auto desk = shop::Desk::open({place(*scratch_ / "library"), "127.0.0.1", 0, "", ""});
    ASSERT_TRUE(desk) << desk.error().message;
    const auto asked = [&](const std::string& path) {
        return run("python3",
            {"-c", "import sys, urllib.request; sys.stdout.buffer.write(urllib.request.urlopen(sys.argv[1]).read())",
                QString::fromStdString("http://127.0.0.1:" + std::to_string((*desk)->port()) + path)});
    };
    const auto is = [&](const char* number, int edition, const std::string& mark) {
        return asked("/is/" + std::string(number) + "/" + std::to_string(edition) + "/" + mark);
    };
    EXPECT_NE(is("KQ-M4", 2, marks_["engine"][1]).find(">Current<"), std::string::npos);
    EXPECT_NE(is("KQ-M4", 1, marks_["engine"][0]).find(">Replaced by edition 2<"), std::string::npos);
    EXPECT_NE(is("KQ-LATHE", 2, marks_["lathe"][1]).find(">Current<"), std::string::npos);
    EXPECT_NE(is("KQ-PRESS", 1, marks_["press"][0]).find("the accumulators are not vented"), std::string::npos);
    EXPECT_NE(is("KQ-PRESS", 2, marks_["press"][0]).find(">Unknown<"), std::string::npos);
    const auto feed = json::parse(asked("/feed.json"));
    EXPECT_EQ(feed["guides"].size(), 3U);
}

TEST_F(Year, InTheWindow) {
    const Scratch own;
    anagraph::testing::copy_library(*scratch_ / "library", own / "library");
    Window w(own / "library");
    ASSERT_TRUE(w->session().open_guide(guides_["press"]));
    w->go(MainWindow::Issue);
    const auto& press = w->issue().life().stages().front();
    EXPECT_EQ(press.title, "Edition 1, withdrawn");
    EXPECT_EQ(press.details[1], "the accumulators are not vented");
    ASSERT_TRUE(w->session().open_guide(guides_["engine"]));
    w->go(MainWindow::Issue);
    const auto& stages = w->issue().life().stages();
    ASSERT_GE(stages.size(), 3U);
    EXPECT_EQ(stages[0].details[1], "2 learners have it, 1 confirmed");
    EXPECT_EQ(stages[1].details[1], "9 learners have it, 1 confirmed");
    EXPECT_EQ(stages[2].title, "Nothing has changed since");
    LearnersDialog learners(w->session(), &*w);
    learners.show();
    std::set<std::string> again;
    for (int i = 0; i < learners.list().topLevelItemCount(); ++i)
        if (!learners.list().topLevelItem(i)->text(3).isEmpty()) again.insert(learners.list().topLevelItem(i)->text(0).toStdString());
    std::set<std::string> expected;
    for (const auto& [who, guide] : owing()) expected.insert(who);
    EXPECT_EQ(again, expected);
    learners.list().setCurrentItem(learners.list().findItems(QStringLiteral("learner 01"), Qt::MatchExactly).front());
    EXPECT_TRUE(learners.owed_words().contains("Passed the check of")) << learners.owed_words().toStdString();
    EXPECT_EQ(learners.list().topLevelItemCount(), 11) << "one has left";
}
