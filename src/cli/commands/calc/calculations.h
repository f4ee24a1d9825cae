// Every calculation of anagraph-cli calc.
#pragma once

#include "cli/commands.h"

namespace anagraph::cli {

AddCommand add_calc_convert, add_calc_wrench, add_calc_scale, add_calc_socket, add_calc_refill, add_calc_packs, add_calc_mixture,
    add_calc_sequence, add_calc_due;

}  // namespace anagraph::cli
