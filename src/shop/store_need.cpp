#include "shop/store_need.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/edition/post.h"
#include "core/logbook/due_list.h"
#include "core/schedule/kit.h"
#include "shop/issued.h"

namespace anagraph::shop {
namespace {

/// The newest edition of the guide that a rule is served by; null: the house has none.
const core::Edition* edition_for(const ByMark& all, const core::Machine& machine, const std::string& what) {
    const core::Edition* out = nullptr;
    for (const auto& [mark, issued] : all) {
        const auto& h = issued.edition.procedure.header;
        if (!core::same_post(h.title, what) || !core::same_post(h.machine, machine.about.type)) continue;
        if (out == nullptr || issued.edition.number > out->number) out = &issued.edition;
    }
    return out;
}

void add_kit(const core::Edition& e, const core::Machine& machine, const core::Words& job, std::vector<core::TakenByJob>& out) {
    const auto kit = core::kit_of(e.procedure, machine.about.variant);
    for (const auto& part : kit.parts)
        if (const auto count = core::Quantity::parse(fmt::format("{} x", part.count))) out.push_back({job, part.name, part.number, *count});
    for (const auto& fluid : kit.fluids)
        if (fluid.litres)
            if (const auto amount = core::Quantity::parse(fmt::format("{:.6g} L", *fluid.litres), core::DecimalMark::Point))
                out.push_back({job, fluid.entry.name, fluid.entry.number, *amount});
}

}  // namespace

core::Result<std::vector<core::StoreNeed>> store_needs(const store::Library& library, const core::Logbook& log, core::Day on, int days) {
    const auto all = editions_by_mark(library);
    if (!all) return tl::make_unexpected(all.error());
    std::vector<core::TakenByJob> taken;
    for (const auto& due : core::due_list(log, on, days)) {
        const auto* machine = log.machine(due.machine);
        if (machine == nullptr || !due.trouble.empty()) continue;
        if (const auto* edition = edition_for(*all, *machine, due.rule))
            add_kit(*edition, *machine, core::say(core::key("Logbook", "{0} of {1}"), due.rule, due.machine), taken);
    }
    return core::store_needs(log, taken);
}

}  // namespace anagraph::shop
