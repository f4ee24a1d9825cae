#include "core/schedule/kit.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/dryrun/job.h"
#include "core/fluids/refill.h"
#include "core/procedure/step_texts.h"
#include "core/procedure/text.h"

namespace anagraph::core {
namespace {

using dryrun::Doing;
using dryrun::Job;

constexpr WordList kPacks{"bottle can tin jug tub drum keg canister pack tube cartridge"};

class Collector {
public:
    explicit Collector(const Job& job) : job_(job) {}

    Kit collect() {
        for (const auto& step : job_.steps) {
            for (const auto& d : step.doings) collect(*step.step, d);
            Step texts = *step.step;
            each_text(texts, [&](const std::string&, const std::string& text) {
                for (const auto& piece : pieces_of(text))
                    if (piece.kind == TokenKind::Item) named(*step.step, ItemId(piece.text));
            });
        }
        // gear that no step names is put on before the first
        if (!job_.steps.empty())
            for (const auto& item : job_.guide.items)
                if (item.kind == ItemKind::Protection) add(kit_.protection, item, *job_.steps.front().step);
        for (auto& fluid : kit_.fluids) choose_packs_for(fluid);
        return std::move(kit_);
    }

private:
    void collect(const Step& step, const Doing& d) {
        for (const auto* list : {&d.needs, &d.items})
            for (const int n : *list)
                if (job_.thing(n).known) named(step, job_.thing(n).id);
        if (d.verb == Verb::Replace)
            for (const int n : d.items)
                if (const Item* item = job_.guide.find(job_.thing(n).id); item != nullptr && is_part(*item))
                    add(kit_.parts, *item, step, job_.thing(n).pieces);
        if (d.verb == Verb::Fill)
            for (const int f : d.fluids) pour(step, f, d);
    }
    static bool is_part(const Item& i) { return i.kind == ItemKind::Part || i.kind == ItemKind::Fastener || i.kind == ItemKind::Seal; }

    /// Tools, vessels and gear are taken up where they are named; parts only where they are new.
    void named(const Step& step, const ItemId& id) {
        const Item* item = job_.guide.find(id);
        if (item == nullptr) return;
        if (item->kind == ItemKind::Tool || item->kind == ItemKind::Vessel) add(kit_.tools, *item, step);
        if (item->kind == ItemKind::Protection) add(kit_.protection, *item, step);
        if (is_part(*item) && called(item->name, WordList{"new"})) add(kit_.parts, *item, step);
    }

    static KitEntry entry(const Item& item, const Step& step, int count) {
        return {item.id, item.name, item.spec, item.number, count, step.id, item.variants};
    }
    static void add(std::vector<KitEntry>& to, const Item& item, const Step& step, int count = 1) {
        const auto it = std::find_if(to.begin(), to.end(), [&](const KitEntry& e) { return e.item == item.id; });
        if (it == to.end()) to.push_back(entry(item, step, count));
    }

    void pour(const Step& step, int fluid, const Doing& d) {
        const auto& system = job_.fluid(fluid);
        const Item* item = job_.guide.find(job_.thing(system.thing).id);
        if (item == nullptr) return;
        auto it = std::find_if(kit_.fluids.begin(), kit_.fluids.end(), [&](const KitFluid& f) { return f.entry.item == item->id; });
        if (it == kit_.fluids.end()) {
            kit_.fluids.push_back({entry(*item, step, 1), 0.0, {}});
            it = kit_.fluids.end() - 1;
        }
        // a pour up to a mark: no more than goes in altogether
        if (d.litres && d.litres->high < dryrun::kUnknown && it->litres)
            *it->litres += d.litres->high;
        else if (!d.litres && system.refill && it->litres)
            it->litres = std::max(*it->litres, system.refill->high);
        else
            it->litres.reset();
    }

    void choose_packs_for(KitFluid& fluid) const {
        const auto sold = packs_named(fluid.entry.size);
        if (!fluid.litres || *fluid.litres <= 0 || sold.empty()) return;
        const auto choice = choose_packs(*fluid.litres, sold, Least::Leftover);
        if (!choice) return;
        for (std::size_t i = 0; i < sold.size(); ++i)
            if (choice->count[i] > 0) fluid.packs.push_back({sold[i].litres, choice->count[i]});
    }

    const Job& job_;
    Kit kit_;
};

}  // namespace

Kit kit_of(const Procedure& p, std::string_view variant) {
    const Job job = dryrun::job_of(p, variant);
    return Collector(job).collect();
}

std::string packs_text(const KitFluid& fluid) {
    std::string out;
    for (const auto& pack : fluid.packs) out += fmt::format("{}{} × {}", out.empty() ? "" : " + ", pack.count, amount_text(pack.litres));
    return out;
}

std::vector<Pack> packs_named(std::string_view spec) {
    std::vector<std::string> words;
    for (std::size_t from = 0; from < spec.size();) {
        const std::size_t to = std::min(spec.find_first_of(" ,;:()", from), spec.size());
        if (to > from) words.emplace_back(spec.substr(from, to - from));
        from = to + 1;
    }
    std::vector<Pack> out;
    for (std::size_t i = 2; i < words.size(); ++i)
        if (called(words[i], kPacks))
            if (const auto pack = parse_pack(words[i - 2] + " " + words[i - 1])) out.push_back(pack->pack);
    return out;
}

}  // namespace anagraph::core
