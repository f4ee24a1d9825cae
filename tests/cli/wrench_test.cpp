// The stand-in for a wrench, read as a real one is.
#include <fcntl.h>
#include <gtest/gtest.h>
#include <poll.h>
#include <unistd.h>

#include <QProcess>
#include <QString>
#include <filesystem>
#include <fstream>

#include "core/torque/wrench_line.h"
#include "tests/pseudo_terminal.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::Scratch;

TEST(WrenchStandIn, PlaysItsScriptAndWhatGoesWrongOnTheLineDoesNoHarm) {
    if (!anagraph::testing::has_pseudo_terminals()) GTEST_SKIP() << "this machine has no pseudo-terminals";
    const Scratch s;
    std::ofstream(s / "script") << "# a good one, twice, a lost one, noise, a disturbed one\nwait 600\n24.8 Nm\nagain\nskip\n25.1 "
                                   "Nm\nnoise\n25.0 Nm\nbroken\n18 lbf.ft\n";
    QProcess wrench;
    wrench.start(QString::fromUtf8(ANAGRAPH_BINARIES "/anagraph-wrench"),
        {QString::fromStdString(s / "port"), "--script", QString::fromStdString(s / "script")});
    ASSERT_TRUE(wrench.waitForReadyRead(30000)) << wrench.readAllStandardError().toStdString();
    const int fd = ::open((s / "port").c_str(), O_RDONLY | O_NOCTTY);
    ASSERT_GE(fd, 0);
    core::WrenchLines lines;
    std::vector<std::string> values;
    std::size_t troubles = 0;
    for (char buffer[64]; values.size() < 4;) {
        pollfd ready{fd, POLLIN, 0};
        ASSERT_GT(::poll(&ready, 1, 30000), 0) << "nothing came";
        const auto n = ::read(fd, buffer, sizeof buffer);
        if (n <= 0) break;
        const auto news = lines.take({buffer, static_cast<std::size_t>(n)});
        for (const auto& r : news.readings) values.push_back(core::display(r.value));
        troubles += news.troubles.size();
    }
    ::close(fd);
    EXPECT_EQ(values, (std::vector<std::string>{"24.8 N·m", "25.1 N·m", "25.0 N·m", "18 lbf·ft"}));
    EXPECT_EQ(troubles, 3U) << "one lost, noise, one disturbed";
    EXPECT_TRUE(wrench.waitForFinished(30000));
    EXPECT_EQ(wrench.exitCode(), 0);
    EXPECT_FALSE(std::filesystem::exists(s / "port")) << "the port goes with it";
}

TEST(WrenchStandIn, SaysWhatItCannotDo) {
    const Scratch s;
    std::ofstream(s / "there") << "x";
    std::ofstream(s / "script") << "dance\n";
    const auto run = [](const QStringList& arguments) {
        QProcess p;
        p.start(QString::fromUtf8(ANAGRAPH_BINARIES "/anagraph-wrench"), arguments);
        p.waitForFinished(30000);
        return p.exitCode();
    };
    EXPECT_EQ(run({}), 2);
    EXPECT_EQ(run({QString::fromStdString(s / "there")}), 1);
    EXPECT_EQ(run({QString::fromStdString(s / "port"), "--script", QString::fromStdString(s / "none")}), 2);
    if (!anagraph::testing::has_pseudo_terminals()) GTEST_SKIP() << "this machine has no pseudo-terminals";
    EXPECT_EQ(run({QString::fromStdString(s / "port"), "--script", QString::fromStdString(s / "script")}), 2);
}
