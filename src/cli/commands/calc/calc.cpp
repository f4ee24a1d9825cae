// anagraph-cli calc: the arithmetic of the workshop.
#include "cli/commands/calc/calculations.h"

namespace anagraph::cli {

void add_calc(CLI::App& app, const Answer& answer, int& code) {
    auto* calc = app.add_subcommand("calc", "workshop arithmetic");
    calc->require_subcommand(1);
    calc->fallthrough();
    for (auto* add_one : {add_calc_convert, add_calc_wrench, add_calc_scale, add_calc_socket, add_calc_refill, add_calc_packs,
             add_calc_mixture, add_calc_sequence, add_calc_due})
        add_one(*calc, answer, code);
}

}  // namespace anagraph::cli
