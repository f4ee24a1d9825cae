// The desk as tablets, strangers and broken clients meet it.
#include "shop/desk/desk.h"

#include <arpa/inet.h>
#include <gtest/gtest.h>
#include <httplib.h>
#include <sys/socket.h>
#include <unistd.h>

#include <QProcess>
#include <QString>
#include <filesystem>
#include <fstream>
#include <future>
#include <nlohmann/json.hpp>

#include "shop/answers.h"
#include "shop/handout.h"
#include "store/digest.h"
#include "tests/issued_library.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using nlohmann::json;
using namespace std::chrono_literals;

namespace {

/// Two guides: of one two editions, of the other one that is withdrawn; made once.
class DeskTest : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        scratch_ = new Scratch;
        auto library = store::Library::make_or_open(place(*scratch_ / "library"));
        ASSERT_TRUE(library);
        engine_ = anagraph::testing::new_guide(**library, core::testing::engine(), "KQ-M4");
        mark1_ = anagraph::testing::issue(**library, engine_).substr(0, 8);
        anagraph::testing::change_torque(**library, engine_, "41");
        mark2_ = anagraph::testing::issue(**library, engine_).substr(0, 8);
        lathe_ = anagraph::testing::new_guide(**library, core::testing::lathe(), "KQ-LATHE");
        lathe_mark_ = anagraph::testing::issue(**library, lathe_).substr(0, 8);
        ASSERT_TRUE(shop::withdraw(**library, lathe_, 1, "the belt cover was left out", "author"));
        manifest2_ = (*library)->editions(engine_)->back().pack;
    }
    static void TearDownTestSuite() { delete scratch_; }

    void SetUp() override {
        auto desk = shop::Desk::open({place(*scratch_ / "library"), "127.0.0.1", 0, "", ""});
        ASSERT_TRUE(desk) << desk.error().message;
        desk_ = std::move(*desk);
    }
    httplib::Client client() const {
        httplib::Client c("127.0.0.1", desk_->port());
        c.set_read_timeout(30);
        return c;
    }
    std::string get(const std::string& path) const {
        const auto r = client().Get(path);
        return r ? r->body : "no answer";
    }
    int status(const std::string& path) const {
        const auto r = client().Get(path);
        return r ? r->status : 0;
    }
    /// A bare connection, to send what no client would.
    int bare(const std::string& bytes) const {
        const int s = ::socket(AF_INET, SOCK_STREAM, 0);
        sockaddr_in at{};
        at.sin_family = AF_INET;
        at.sin_port = htons(static_cast<std::uint16_t>(desk_->port()));
        at.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
        EXPECT_EQ(::connect(s, reinterpret_cast<sockaddr*>(&at), sizeof at), 0);
        EXPECT_EQ(::send(s, bytes.data(), bytes.size(), MSG_NOSIGNAL), static_cast<ssize_t>(bytes.size()));
        return s;
    }
    static std::string answer_on(int s) {
        std::string out;
        char buffer[4096];
        for (ssize_t n = 0; (n = ::recv(s, buffer, sizeof buffer, 0)) > 0;) out.append(buffer, static_cast<std::size_t>(n));
        ::close(s);
        return out;
    }
    json run(const char* id = "123e4567-e89b-42d3-a456-426614174000") const {
        return {{"format", 1}, {"id", id}, {"guide", engine_.text()}, {"edition", 2}, {"mark", mark2_}};
    }

    static Scratch* scratch_;
    static store::GuideId engine_, lathe_;
    static std::string mark1_, mark2_, lathe_mark_, manifest2_;
    std::unique_ptr<shop::Desk> desk_;
};
Scratch* DeskTest::scratch_ = nullptr;
store::GuideId DeskTest::engine_, DeskTest::lathe_;
std::string DeskTest::mark1_, DeskTest::mark2_, DeskTest::lathe_mark_, DeskTest::manifest2_;

}  // namespace

TEST_F(DeskTest, ShowsWhatIsCurrentAndNothingThatIsNot) {
    const std::string list = get("/");
    EXPECT_NE(list.find("Ostrel M4 launch diesel"), std::string::npos);
    EXPECT_NE(list.find("KQ-M4 / 2 / " + mark2_), std::string::npos);
    EXPECT_EQ(list.find("KQ-LATHE"), std::string::npos) << "withdrawn";
    EXPECT_EQ(list.find("KQ-M4 / 1"), std::string::npos) << "replaced";
    const auto feed = json::parse(get("/feed.json"));
    ASSERT_EQ(feed["guides"].size(), 2U);
    for (const auto& g : feed["guides"]) EXPECT_EQ(g["state"], g["number"] == "KQ-M4" ? "current" : "withdrawn");
    EXPECT_NE(get("/pack/" + manifest2_ + "/guide.html").find("41 N·m"), std::string::npos);
    ASSERT_EQ(desk_->readers().size(), 1U);
    EXPECT_NE(desk_->readers()[0].what.find("edition 2"), std::string::npos);
}

TEST_F(DeskTest, AnswersWhetherAPrintedPageIsCurrent) {
    EXPECT_NE(get("/is/KQ-M4/2/" + mark2_ + "?p=1").find("answer current\">Current"), std::string::npos);
    const std::string replaced = get("/is/KQ-M4/1/" + mark1_);
    EXPECT_NE(replaced.find("Replaced by edition 2"), std::string::npos);
    EXPECT_NE(replaced.find("now 41 N·m"), std::string::npos) << replaced;
    EXPECT_NE(replaced.find("/pack/" + manifest2_), std::string::npos);
    const std::string withdrawn = get("/is/KQ-LATHE/1/" + lathe_mark_);
    EXPECT_NE(withdrawn.find("answer withdrawn\">Withdrawn"), std::string::npos);
    EXPECT_NE(withdrawn.find("the belt cover was left out"), std::string::npos);
    EXPECT_NE(get("/is/KQ-M4/2/" + mark1_).find("Forged"), std::string::npos);
    EXPECT_NE(get("/is/KQ-M4/3/" + mark1_).find("Unknown"), std::string::npos);
    EXPECT_NE(get("/is/%3Cscript%3E/1/00000000").find("&lt;script&gt;"), std::string::npos);
    // of the page with the plug the change is told as of this page
    bool here = false;
    for (int p = 1; p < 8; ++p)
        here = here || get("/is/KQ-M4/1/" + mark1_ + "?p=" + std::to_string(p)).find("What changed on this page") != std::string::npos;
    EXPECT_TRUE(here);
    EXPECT_EQ(get("/is/KQ-M4/1/" + mark1_ + "?p=99").find("What changed on this page"), std::string::npos);
}

TEST_F(DeskTest, WhatIsIssuedOrWithdrawnMeanwhileShowsWithinASecond) {
    const Scratch own;
    anagraph::testing::copy_library(*scratch_ / "library", own / "library");
    const auto desk = shop::Desk::open({place(own / "library"), "127.0.0.1", 0, "", ""});
    httplib::Client c("127.0.0.1", (*desk)->port());
    ASSERT_EQ(c.Get("/")->body.find("KQ-M4 / 2") == std::string::npos, false);
    auto library = store::Library::open(place(own / "library"));
    ASSERT_TRUE(library) << "the desk only reads";
    ASSERT_TRUE(shop::withdraw(**library, engine_, 2, "41 was wrong", "author"));
    std::this_thread::sleep_for(anagraph::testing::on_server() ? 1200ms : 300ms);
    EXPECT_EQ(c.Get("/")->body.find("KQ-M4"), std::string::npos);
    EXPECT_NE(c.Get("/is/KQ-M4/1/" + mark1_)->body.find("The edition that replaced it is withdrawn"), std::string::npos);
}

TEST_F(DeskTest, GivesFilesOfPacksInRangesAndOnlyThose) {
    const std::string folder = *scratch_ / "library/editions/" + manifest2_;
    std::ifstream in(folder + "/guide.pdf", std::ios::binary);
    const std::string pdf{std::istreambuf_iterator<char>(in), {}};
    EXPECT_EQ(get("/pack/" + manifest2_ + "/guide.pdf"), pdf);
    const auto part = client().Get("/pack/" + manifest2_ + "/guide.pdf", {{"Range", "bytes=100-299"}});
    ASSERT_EQ(part->status, 206);
    EXPECT_EQ(part->body, pdf.substr(100, 200));
    EXPECT_EQ(part->get_header_value("X-Content-Type-Options"), "nosniff");
    EXPECT_NE(part->get_header_value("Content-Security-Policy").find("default-src 'none'"), std::string::npos);
    const std::string base = "/pack/" + manifest2_ + "/";
    for (const std::string& name : {std::string("../../library.db"), std::string("%2e%2e/%2e%2e/library.db"),
             std::string("..%2f..%2flibrary.db"), std::string("fonts/../guide.html"), std::string("/etc/passwd"), std::string("fonts"),
             std::string("fonts/"), std::string("none.html"), std::string("guide.html%00.png"), std::string("..\\..\\library.db")})
        EXPECT_EQ(status(base + name), 404) << name;
    for (const std::string& path : {std::string("/pack/"), std::string("/pack/" + manifest2_), std::string("/library.db"),
             std::string("/../library.db"), std::string("/pack/" + std::string(64, '0') + "/guide.html"), std::string("/editions/"),
             std::string("/is/KQ-M4/2"), std::string("//etc/passwd")})
        EXPECT_EQ(status(path), 404) << path;
    EXPECT_EQ(client().Put("/", "x", "text/plain")->status, 404);
    EXPECT_EQ(client().Delete("/")->status, 404);
}

TEST_F(DeskTest, AFileThatIsNotWhatWasIssuedIsNotShown) {
    const Scratch own;
    anagraph::testing::copy_library(*scratch_ / "library", own / "library");
    const std::string page = own / "library/editions/" + manifest2_ + "/guide.html";
    const auto desk = shop::Desk::open({place(own / "library"), "127.0.0.1", 0, "", ""});
    httplib::Client c("127.0.0.1", (*desk)->port());
    const std::string path = "/pack/" + manifest2_ + "/guide.html";
    ASSERT_EQ(c.Get(path)->status, 200);
    std::ofstream(page, std::ios::app) << "Pull the lever up";
    EXPECT_EQ(c.Get(path)->status, 500);
    std::filesystem::remove(page);
    std::filesystem::create_symlink("/etc/hostname", page);
    EXPECT_EQ(c.Get(path)->status, 404);
}

TEST_F(DeskTest, SlowHalfAndOversizeClientsKeepNobodyElseWaiting) {
    std::vector<int> slow;
    for (int i = 0; i < 200; ++i) slow.push_back(bare(i % 3 == 0 ? "" : i % 3 == 1 ? "GET / HTTP/1.1\r\nHost: x\r\nX-Slow: " : "GET"));
    const auto before = std::chrono::steady_clock::now();
    EXPECT_NE(get("/").find("Current guides"), std::string::npos);
    EXPECT_LT(std::chrono::steady_clock::now() - before, 5s);
    std::atomic<bool> stop = false;
    // a byte now and then does not hold a place for ever
    std::thread drips([&] {
        while (!stop) {
            for (const int s : slow) (void)::send(s, "x", 1, MSG_NOSIGNAL | MSG_DONTWAIT);
            std::this_thread::sleep_for(500ms);
        }
    });
    const int patient = slow[1];
    const auto closed = std::async(std::launch::async, [patient] {
        char byte = 0;
        while (::recv(patient, &byte, 1, 0) > 0) {
        }
        return true;
    });
    EXPECT_EQ(closed.wait_for(60s), std::future_status::ready);
    stop = true;
    drips.join();
    for (const int s : slow) ::close(s);
    EXPECT_EQ(status("/" + std::string(5000, 'a')), 414);
    const std::string long_header =
        answer_on(bare("GET / HTTP/1.1\r\nHost: x\r\nX: " + std::string(200000, 'a') + "\r\nConnection: close\r\n\r\n"));
    EXPECT_EQ(long_header.find("200 OK"), std::string::npos);
    EXPECT_EQ(client().Post("/runs", std::string(3 << 20, 'x'), "application/json")->status, 413);
    for (const char* rubbish :
        {"\r\n\r\n", "GET", "GET / HTTP/9.9\r\n\r\n", "\x16\x03\x01\x02", "GET /%zz HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n",
            "POST /runs HTTP/1.1\r\nHost: x\r\nContent-Length: 99999999999999999999\r\n\r\n",
            "GET / HTTP/1.1\r\nRange: bytes=99999999999999999999-1\r\nConnection: close\r\n\r\n"}) {
        const int s = bare(rubbish);
        ::shutdown(s, SHUT_WR);
        (void)answer_on(s);
    }
    EXPECT_EQ(status("/"), 200) << "still there";
}

TEST_F(DeskTest, ATabletIsPairedOnceAndItsRunsAreKeptOnce) {
    const Scratch own;
    anagraph::testing::copy_library(*scratch_ / "library", own / "library");
    const auto desk = shop::Desk::open({place(own / "library"), "127.0.0.1", 0, "", ""});
    httplib::Client c("127.0.0.1", (*desk)->port());
    EXPECT_EQ(c.Post("/runs", run().dump(), "application/json")->status, 401) << "a stranger changes nothing";
    EXPECT_EQ(c.Post("/pair", R"({"code": "guessed"})", "application/json")->status, 403);
    EXPECT_EQ(c.Post("/pair", "{{", "application/json")->status, 403);
    const std::string code = (*desk)->pairing_code();
    const auto paired = c.Post("/pair", json{{"code", code}}.dump(), "application/json");
    ASSERT_EQ(paired->status, 200);
    EXPECT_EQ(c.Post("/pair", json{{"code", code}}.dump(), "application/json")->status, 403) << "it holds once";
    const httplib::Headers as{{"Authorization", "Bearer " + json::parse(paired->body)["token"].get<std::string>()}};
    const auto sent = [&](const std::string& body) { return c.Post("/runs", as, body, "application/json")->status; };
    EXPECT_EQ(sent("[]"), 422);
    EXPECT_EQ(sent(run("../../../library.db").dump()), 422);
    json other = run();
    other["mark"] = mark1_;
    EXPECT_EQ(sent(other.dump()), 422) << "of another edition";
    EXPECT_FALSE(std::filesystem::exists((own / "library") + shop::kInbox));
    EXPECT_EQ(sent(run().dump()), 201);
    EXPECT_EQ(sent(run().dump()), 200) << "it came twice and is kept once";
    EXPECT_EQ(
        std::distance(std::filesystem::directory_iterator((own / "library") + shop::kInbox), std::filesystem::directory_iterator()), 1);
    // who goes on guessing guesses at another code
    const std::string now = (*desk)->pairing_code();
    for (int i = 0; i < 25; ++i) (void)c.Post("/pair", json{{"code", "guess" + std::to_string(i)}}.dump(), "application/json");
    EXPECT_NE((*desk)->pairing_code(), now);
}

TEST_F(DeskTest, AnswersToACheckComeBackFromAPairedTabletAndItStaysPairedWhenTheDeskClosed) {
    const Scratch own;
    anagraph::testing::copy_library(*scratch_ / "library", own / "library");
    auto desk = shop::Desk::open({place(own / "library"), "127.0.0.1", 0, "", ""});
    std::string token;
    {
        httplib::Client c("127.0.0.1", (*desk)->port());
        const auto page = c.Get("/pack/" + manifest2_ + "/check.html");
        ASSERT_EQ(page->status, 200);
        EXPECT_NE(page->get_header_value("Content-Security-Policy").find("connect-src 'self'"), std::string::npos);
        EXPECT_NE(c.Get("/")->body.find("/pack/" + manifest2_ + "/check.html"), std::string::npos) << "the list leads there";
        token = json::parse(c.Post("/pair", json{{"code", (*desk)->pairing_code()}}.dump(), "application/json")->body)["token"];
    }
    desk->reset();
    desk = shop::Desk::open({place(own / "library"), "127.0.0.1", 0, "", ""});
    ASSERT_TRUE(desk);
    std::ifstream in(own / "library/desk-tablets.txt");
    EXPECT_EQ(std::string(std::istreambuf_iterator<char>(in), {}).find(token), std::string::npos) << "only its hash is kept";
    httplib::Client c("127.0.0.1", (*desk)->port());
    json answers{{"format", 1}, {"id", "123e4567-e89b-42d3-a456-426614174000"}, {"mark", "KQ-M4 / 2 / " + mark2_}, {"check", "7"},
        {"learner", "learner 07"}, {"at", "2026-11-30T10:00:00Z"}, {"answers", {"a", "b"}}};
    EXPECT_EQ(c.Post("/checks", answers.dump(), "application/json")->status, 401);
    const httplib::Headers as{{"Authorization", "Bearer " + token}};
    const auto sent = [&](const json& body) { return c.Post("/checks", as, body.dump(), "application/json")->status; };
    EXPECT_EQ(sent(answers), 201);
    EXPECT_EQ(sent(answers), 200) << "it came twice";
    EXPECT_TRUE(std::filesystem::exists(own / "library/inbox/123e4567-e89b-42d3-a456-426614174000.check.json"));
    answers["mark"] = "KQ-M4 / 2 / 00000000";
    EXPECT_EQ(sent(answers), 422);
    answers["id"] = "../../library.db";
    EXPECT_EQ(sent(answers), 422);
    EXPECT_EQ(sent(json::array()), 422);
}

TEST_F(DeskTest, InABrowserItLeadsToGuidesTakesAnswersAndSaysWhatIsCurrent) {
    const Scratch own;
    anagraph::testing::copy_library(*scratch_ / "library", own / "library");
    const auto desk = shop::Desk::open({place(own / "library"), "127.0.0.1", 0, "", ""});
    ASSERT_TRUE(desk);
    QProcess node;
    node.start("node",
        {QString::fromUtf8(ANAGRAPH_SOURCE "/tests/browser/desk_test.mjs"), QString::fromStdString((*desk)->address()),
            QString::fromStdString((*desk)->pairing_code()), QString::fromStdString("/is/KQ-M4/2/" + mark2_),
            QString::fromStdString("/is/KQ-M4/1/" + mark1_)});
    node.waitForFinished(-1);
    const QString said = QString::fromUtf8(node.readAllStandardOutput() + node.readAllStandardError());
    EXPECT_TRUE(said.contains("4 passed, 0 failed")) << said.toStdString();
    const auto library = store::Library::make_or_open(place(own / "library"));
    ASSERT_TRUE(library) << library.error().message;
    ASSERT_TRUE((*library)->record({core::LearnerAdded{"learner 07", ""}}, "instructor"));
    const auto taken = shop::take_waiting_answers(**library, "instructor");
    ASSERT_TRUE(taken);
    ASSERT_EQ(taken->size(), 1U);
    EXPECT_TRUE(taken->front().kept) << taken->front().words;
}

TEST_F(DeskTest, IsThereAgainAfterItWasKilledAndTellsATakenPort) {
    const std::string program = ANAGRAPH_BINARIES "/anagraph-cli";
    const auto start = [&](QProcess& p, int port) {
        p.start(QString::fromStdString(program),
            {"desk", QString::fromStdString(place(*scratch_ / "library")), "--host", "127.0.0.1", "--port", QString::number(port),
                "--json"});
        EXPECT_TRUE(p.waitForReadyRead(30000));
        return json::parse(p.readAllStandardOutput().toStdString(), nullptr, false).value("port", 0);
    };
    QProcess first;
    const int port = start(first, 0);
    ASSERT_GT(port, 0);
    httplib::Client c("127.0.0.1", port);
    ASSERT_EQ(c.Get("/")->status, 200);
    const auto taken = shop::Desk::open({place(*scratch_ / "library"), "127.0.0.1", port, "", ""});
    first.kill();
    first.waitForFinished();
    QProcess second;
    ASSERT_EQ(start(second, port), port);
    httplib::Client again("127.0.0.1", port);
    EXPECT_EQ(again.Get("/")->status, 200);
    second.terminate();
    EXPECT_TRUE(second.waitForFinished(20000));
    EXPECT_EQ(second.exitCode(), 0);
    EXPECT_EQ(shop::Desk::open({*scratch_ / "nowhere", "127.0.0.1", 0, "", ""}).error().code, core::ErrorCode::NotFound);
}

TEST_F(DeskTest, SpeaksTlsWithACertificate) {
    const Scratch own;
    QProcess made;
    made.start("openssl",
        {"req", "-x509", "-newkey", "rsa:2048", "-nodes", "-days", "2", "-subj", "/CN=desk", "-keyout",
            QString::fromStdString(own / "key.pem"), "-out", QString::fromStdString(own / "cert.pem")});
    ASSERT_TRUE(made.waitForFinished(-1));
    const auto desk = shop::Desk::open({place(*scratch_ / "library"), "127.0.0.1", 0, own / "cert.pem", own / "key.pem"});
    ASSERT_TRUE(desk) << desk.error().message;
    EXPECT_EQ((*desk)->address().substr(0, 8), "https://");
    httplib::SSLClient c("127.0.0.1", (*desk)->port());
    c.enable_server_certificate_verification(false);
    const auto r = c.Get("/");
    ASSERT_TRUE(r);
    EXPECT_EQ(r->status, 200);
    EXPECT_EQ(shop::Desk::open({place(*scratch_ / "library"), "127.0.0.1", 0, own / "cert.pem", own / "none.pem"}).error().code,
        core::ErrorCode::BadInput);
    EXPECT_EQ(
        shop::Desk::open({place(*scratch_ / "library"), "127.0.0.1", 0, own / "cert.pem", ""}).error().code, core::ErrorCode::BadInput);
}
