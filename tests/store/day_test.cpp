// A day in a workshop: three authors, a checker and a laptop that is away for hours write in one guide on a server; programs are killed,
// the server is stopped and killed in between. Every change that was called saved is there once, in the order its author made it.
#include <gtest/gtest.h>

#include <QCoreApplication>
#include <QProcess>
#include <QTemporaryDir>
#include <QThread>
#include <filesystem>
#include <fstream>
#include <map>
#include <random>

#include "store/waiting.h"
#include "tests/core/job.h"
#include "tests/place.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::place;
using anagraph::testing::Scratch;
using anagraph::testing::server;

namespace {

struct Author {
    std::string post;
    QTemporaryDir home;  // of the computer they sit at
    std::unique_ptr<QProcess> program;
    std::vector<std::string> saved;  // what was said to be

    void hear() {
        if (!program) return;
        while (program->canReadLine()) {
            const auto line = program->readLine().trimmed().toStdString();
            if (line.starts_with("saved ")) saved.push_back(line.substr(6));
        }
    }
    void begin(const std::string& at, const std::string& guide) {
        program = std::make_unique<QProcess>();
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert("XDG_DATA_HOME", home.path());
        program->setProcessEnvironment(environment);
        program->start(QCoreApplication::applicationFilePath(),
            {"--author", QString::fromStdString(at), QString::fromStdString(guide), QString::fromStdString(post)});
        ASSERT_TRUE(program->waitForStarted(10000));
    }
    void kill() {
        program->kill();
        program->waitForFinished();
        hear();
        program.reset();
    }
};

}  // namespace

TEST(Day, EveryChangeThatWasCalledSavedIsThereOnceAndInOrder) {
    if (!anagraph::testing::on_server()) GTEST_SKIP() << "of a library on a server";
    const Scratch s;
    const std::string at = place(s / "lib");
    store::GuideId id;
    {
        auto library = store::Library::make_or_open(at);
        ASSERT_TRUE(library) << library.error().message;
        id = *(*library)->create_guide(core::testing::guide(), "author");
    }
    std::vector<std::unique_ptr<Author>> all;
    for (const char* post : {"author", "trainer", "instructor", "checker", "laptop"}) {
        all.push_back(std::make_unique<Author>());
        all.back()->post = post;
        all.back()->begin(at, id.text());
    }
    std::mt19937 random(20261201);
    const auto work = [&](unsigned ms) {
        for (unsigned i = 0; i < ms / 20; ++i) {
            QThread::msleep(20);
            QCoreApplication::processEvents();
            for (auto& a : all) {
                if (a->program) a->program->waitForReadyRead(0);
                a->hear();
            }
        }
    };
    for (int hour = 0; hour < 8; ++hour) {
        work(700);
        auto& victim = *all[random() % all.size()];
        victim.kill();
        auto& laptop = *all.back();
        if (hour == 1) std::ofstream(laptop.home.filePath("away").toStdString()) << "x";
        if (hour == 5) std::filesystem::remove(laptop.home.filePath("away").toStdString());
        if (hour == 2) server("stop -m fast");
        if (hour == 5) server("stop -m immediate");
        work(600);
        victim.begin(at, id.text());
        if (hour == 3 || hour == 6) server("start");
        if (hour == 7) server("restart -m immediate");
    }
    work(1500);
    for (auto& a : all) a->kill();
    // each computer brings what it still has
    auto library = store::Library::open(at);
    ASSERT_TRUE(library) << library.error().message;
    const QByteArray own_home = qgetenv("XDG_DATA_HOME");
    for (auto& a : all) {
        qputenv("XDG_DATA_HOME", a->home.path().toUtf8());
        auto waiting = store::Waiting::open(at);
        ASSERT_TRUE(waiting);
        const auto brought = store::bring(**library, *waiting);
        ASSERT_TRUE(brought) << brought.error().message;
    }
    qputenv("XDG_DATA_HOME", own_home);
    const auto state = (*library)->guide_state(id);
    ASSERT_TRUE(state);
    EXPECT_TRUE(state->lost.empty());
    std::map<std::string, std::vector<std::string>> added;  // by post, in the order of the journal
    const auto history = (*library)->history(id);
    ASSERT_TRUE(history);
    for (const auto& h : *history)
        for (const auto& edit : h.change.edits)
            if (const auto* put = std::get_if<core::Put<core::Item>>(&edit)) added[h.author].push_back(put->thing.id.text());
    std::size_t count = 0;
    for (auto& a : all) {
        EXPECT_GT(a->saved.size(), 20U) << a->post << " worked";
        count += a->saved.size();
        std::size_t from = 0;
        for (const auto& item : a->saved) {
            EXPECT_NE(state->procedure.find(core::ItemId(item)), nullptr) << item << " was called saved";
            const auto& journal = added[a->post];
            EXPECT_EQ(std::count(journal.begin(), journal.end(), item), 1) << item;
            const auto it = std::find(journal.begin() + static_cast<std::ptrdiff_t>(from), journal.end(), item);
            if (it == journal.end()) {
                ADD_FAILURE() << item << " is out of order";
                break;
            }
            from = static_cast<std::size_t>(it - journal.begin());
        }
    }
    RecordProperty("saved", static_cast<int>(count));
    std::printf("%zu changes were called saved\n", count);
}
