// Mends: how what the dry run finds is put right. Each gives the changes that may do it, the likeliest first; which of them takes
// the finding away and brings no other is found out by walking the guide again (dry_run.h).
#pragma once

#include "core/dryrun/rules.h"

namespace anagraph::core::dryrun {

/// How many ways to mend something are tried in a guide: fewer in a very long one, so that nobody waits.
std::size_t tries_in(const Procedure& p);

std::vector<Change> open_it_before(const Procedure& p, const OrderFinding& f);
std::vector<Change> fill_later(const Procedure& p, const OrderFinding& f);
std::vector<Change> put_it_back(const Procedure& p, const OrderFinding& f);
std::vector<Change> tighten_it(const Procedure& p, const OrderFinding& f);
std::vector<Change> do_it_later(const Procedure& p, const OrderFinding& f);
std::vector<Change> renew_it(const Procedure& p, const OrderFinding& f);
std::vector<Change> take_off_what_is_before(const Procedure& p, const OrderFinding& f);
std::vector<Change> bring_the_state(const Procedure& p, const OrderFinding& f);
std::vector<Change> warn_of_heat(const Procedure& p, const OrderFinding& f);
std::vector<Change> lower_it_on_stands(const Procedure& p, const OrderFinding& f);
std::vector<Change> name_the_vessel(const Procedure& p, const OrderFinding& f);
std::vector<Change> name_a_larger_vessel(const Procedure& p, const OrderFinding& f);
std::vector<Change> close_after_the_test(const Procedure& p, const OrderFinding& f);
std::vector<Change> look_at_it(const Procedure& p, const OrderFinding& f);
std::vector<Change> fill_it(const Procedure& p, const OrderFinding& f);
std::vector<Change> pour_the_refill(const Procedure& p, const OrderFinding& f);
std::vector<Change> read_the_level(const Procedure& p, const OrderFinding& f);
std::vector<Change> leave_it_out(const Procedure& p, const OrderFinding& f);
std::vector<Change> dispose_of_it(const Procedure& p, const OrderFinding& f);
std::vector<Change> record_it(const Procedure& p, const OrderFinding& f);

}  // namespace anagraph::core::dryrun
