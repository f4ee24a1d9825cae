// anagraph-cli bench
#include "bench/bench.h"

#include <fmt/format.h>

#include <QCoreApplication>
#include <cstdio>
#include <filesystem>
#include <stdexcept>

#include "cli/commands.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Bench : public Command {
public:
    Bench(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("--folder", folder_, "where the films made for it are kept");
        app.add_flag("--full", full_, "ten minutes and four hours of 1080p; takes an hour and more");
        app.add_option("--only", only_, "one part alone")
            ->check(CLI::IsMember({"import", "memory", "frame", "reader", "figures", "drafts", "hearing", "clips", "window", "library",
                "rest", "desk", "logbook"}));
    }

    int run() override {
        bench::Options options;
        options.folder = folder_.empty() ? (std::filesystem::temp_directory_path() / "anagraph-bench").string() : folder_;
        options.programs = QCoreApplication::applicationDirPath().toStdString();
        options.full = full_;
        options.only = only_;
        const auto row = [&](const bench::Line& l) {
            if (!answer_.as_json)
                fmt::print("{:<74} {:>7.2f}{:<3} {} {:>6.2f}  {:<5} {}\n", l.what, l.value, l.unit.empty() ? "x" : " " + l.unit,
                    l.at_least ? "at least" : "at most ", l.target, l.good() ? "good" : "WORSE", l.detail);
            std::fflush(stdout);
        };
        try {
            const auto lines = bench::run(options, row);
            json out = json::array();
            bool good = true;
            for (const auto& l : lines) {
                out.push_back({{"what", l.what}, {"value", l.value}, {"target", l.target}, {"at_least", l.at_least}, {"unit", l.unit},
                    {"detail", l.detail}, {"good", l.good()}});
                good = good && l.good();
            }
            return answer_.say(out, good ? "Every target is met." : "Not every target is met.", good ? kFine : kFoundWrong);
        } catch (const std::runtime_error& e) {
            return answer_.wrong({core::ErrorCode::Unreadable, std::string(e.what()), ""});
        }
    }

private:
    std::string folder_;
    std::string only_;
    bool full_ = false;
};

}  // namespace

void add_bench(CLI::App& app, const Answer& answer, int& code) {
    add<Bench>(app, answer, code, "bench", "time the slow things against their targets; ratios, so that any machine will do");
}

}  // namespace anagraph::cli
