// anagraph-cli calc socket
#include <fmt/format.h>

#include "cli/commands/calc/calculation.h"
#include "cli/commands/calc/calculations.h"
#include "core/torque/socket_fit.h"

namespace anagraph::cli {
namespace {

class SocketOnHead : public Calculation {
public:
    SocketOnHead(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--head", head_, "width across flats of the head, as in \"24 mm\"")->required();
        app.add_option("--socket", socket_, "size of socket or spanner, as in \"15/16 in\"")->required();
    }

private:
    Result<int> work() override {
        const auto head = quantity_of("--head", head_, Dimension::Length, "24 mm");
        if (!head) return tl::make_unexpected(head.error());
        const auto socket = quantity_of("--socket", socket_, Dimension::Length, "15/16 in");
        if (!socket) return tl::make_unexpected(socket.error());
        const Unit& mm = *core::find_unit("mm");
        const auto fit = core::socket_on_head(head->in(mm), socket->in(mm));
        if (!fit) return tl::make_unexpected(fit.error());
        const std::string name(core::name_of(fit->fit));
        const std::string why = fit->fit == core::Fit::Tight ? "it goes on some heads of that size and not on others"
            : fit->fit == core::Fit::RoundsOff               ? "it turns over the corners"
                                                             : "";
        return answer_.say({{"play_mm", fit->play_mm}, {"verdict", name}},
            fmt::format("{} on a head of {}: {}{} (nominal play {:+.2f} mm).", core::display(*socket), core::display(*head), name,
                why.empty() ? "" : ", " + why, fit->play_mm));
    }

    std::string head_;
    std::string socket_;
};

}  // namespace

void add_calc_socket(CLI::App& to, const Answer& answer, int& code) {
    add<SocketOnHead>(to, answer, code, "socket", "whether a socket goes on a head",
        "Example: calc socket --head \"24 mm\" --socket \"15/16 in\"\nHeads: ISO 4759-1, grade A. Openings: ISO 691 (below 10 and above 36 "
        "mm estimated). Turning before contact: geometry of the hexagon.");
}

}  // namespace anagraph::cli
