// Every command of anagraph-cli.
#pragma once

#include "cli/command.h"

namespace anagraph::cli {

using AddCommand = void(CLI::App& app, const Answer& answer, int& code);

AddCommand add_read, add_hear, add_import, add_find, add_cut, add_list, add_check, add_figures, add_page, add_issue, add_deliver,
    add_reshoot, add_bench, add_verify, add_calc, add_actions, add_dryrun, add_plan, add_key, add_review, add_learner, add_desk,
    add_notices, add_export, add_log, add_apply, add_library;

}  // namespace anagraph::cli
