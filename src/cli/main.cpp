// anagraph-cli: the program's work from a terminal or a script. A public interface: commands and fields stay.
// Exit 0: fine. 1: it ran and found something wrong. 2: wrong use.

#include <fmt/format.h>

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <algorithm>
#include <cstdio>
#include <cstdlib>

#include "cli/commands.h"
#include "cli/manual.h"
#include "core/base/caught.h"
#include "core/base/versions.h"
#include "publish/clip_paint.h"
#include "shop/far_recordings.h"
#include "store/files.h"

namespace {

using namespace anagraph;

int run(int argc, char** argv) {
    store::outlive_size_limits();
    shop::read_far_recordings();
    // what Qt finds remarkable about the machine is nothing to a script
    qInstallMessageHandler([](QtMsgType type, const QMessageLogContext&, const QString& message) {
        if (type == QtCriticalMsg || type == QtFatalMsg) fmt::print(stderr, "{}\n", message.toStdString());
    });
    const bool draws = std::any_of(argv + 1, argv + argc,
        [](const char* a) { return std::string_view(a) == "issue" || std::string_view(a) == "export" || std::string_view(a) == "label"; });
    const std::unique_ptr<QCoreApplication> application(
        draws ? publish::drawing_application(argc, argv) : std::make_unique<QCoreApplication>(argc, argv));
    CLI::App app{"Turns recorded service jobs into illustrated step-by-step guides.", "anagraph-cli"};
    app.require_subcommand(1);
    app.fallthrough();
    app.set_version_flag("--version", core::version_text("anagraph-cli"));
    cli::Answer answer;
    app.add_flag("--json", answer.as_json, "answer as JSON");
    int code = cli::kFine;
    for (auto* add : {cli::add_read, cli::add_hear, cli::add_import, cli::add_find, cli::add_cut, cli::add_list, cli::add_check,
             cli::add_figures, cli::add_page, cli::add_issue, cli::add_deliver, cli::add_reshoot, cli::add_bench, cli::add_verify,
             cli::add_calc, cli::add_actions, cli::add_dryrun, cli::add_plan, cli::add_key, cli::add_review, cli::add_learner,
             cli::add_desk, cli::add_notices, cli::add_export, cli::add_log, cli::add_apply, cli::add_library})
        add(app, answer, code);
    std::string manual_folder;
    auto* manual = app.add_subcommand("manual", "write the manual pages and what a shell completes")->group("");
    manual->add_option("--to", manual_folder, "the folder")->required();
    manual->callback([&] {
        if (const auto written = cli::write_manual(app, manual_folder); !written) code = answer.wrong(written.error());
    });

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        const int r = app.exit(e);
        return r == 0 ? cli::kFine : cli::kWrongUse;
    } catch (...) {
        try {
            return answer.wrong(core::thrown());
        } catch (...) {
            std::fputs("The memory does not suffice for this; close other programs and try again.\n", stderr);
            return cli::kFoundWrong;
        }
    }
    return code;
}

}  // namespace

int main(int argc, char** argv) {
    const int code = run(argc, argv);
    // what libraries leave to the end of the process may wait for threads that a lack of memory never let begin
    std::fflush(nullptr);
    std::_Exit(code);
}
