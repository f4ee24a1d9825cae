// anagraph-cli desk
#include "shop/desk/desk.h"

#include <fmt/format.h>

#include <csignal>
#include <thread>

#include "cli/at_library.h"
#include "cli/commands.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

volatile std::sig_atomic_t asked_to_stop = 0;

class DeskCommand : public AtLibrary {
public:
    DeskCommand(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("--port", options_.port, "0: any that is free")->capture_default_str()->check(CLI::Range(0, 65535));
        app.add_option("--host", options_.host, "the address it listens at")->capture_default_str();
        app.add_option("--cert", options_.cert, "a certificate (PEM), for TLS");
        app.add_option("--key", options_.key, "its key (PEM)");
    }

    int run() override {
        options_.library = library_;
        const auto desk = shop::Desk::open(options_);
        if (!desk)
            return answer_.wrong(desk.error(), desk.error().code == core::ErrorCode::BadInput ? kWrongUse : wrong_path(desk.error()));
        answer_.say({{"address", (*desk)->address()}, {"port", (*desk)->port()}, {"pairing_code", (*desk)->pairing_code()}},
            fmt::format("The desk is open at {} (Ctrl+C closes it). The next tablet is paired with the code {}.", (*desk)->address(),
                (*desk)->pairing_code()));
        std::fflush(stdout);
        std::signal(SIGINT, [](int) { asked_to_stop = 1; });
        std::signal(SIGTERM, [](int) { asked_to_stop = 1; });
        std::string code = (*desk)->pairing_code();
        while (asked_to_stop == 0) {
            std::this_thread::sleep_for(std::chrono::milliseconds(200));
            if (const auto next = (*desk)->pairing_code(); next != code && !answer_.as_json) {
                code = next;
                fmt::print("A tablet was paired. The next one is paired with the code {}.\n", code);
                std::fflush(stdout);
            }
        }
        (*desk)->close();
        return kFine;
    }

private:
    shop::DeskOptions options_;
};

}  // namespace

void add_desk(CLI::App& app, const Answer& answer, int& code) {
    add<DeskCommand>(app, answer, code, "desk", "serve the current editions to the workshop's network");
}

}  // namespace anagraph::cli
