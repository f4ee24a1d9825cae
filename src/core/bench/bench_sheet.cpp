#include "core/bench/bench_sheet.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/letters.h"
#include "core/figure/evidence.h"
#include "core/procedure/text.h"
#include "core/procedure/variant_view.h"
#include "core/schedule/kit.h"
#include "core/schedule/plan.h"

namespace anagraph::core {
namespace {

std::string kit_words(const KitEntry& e) {
    std::string out = e.count > 1 ? fmt::format("{} × {}", e.count, e.name) : e.name;
    for (const auto& part : {e.size, e.number})
        if (!part.empty()) out += ", " + part;
    return out;
}

class SheetMaker {
public:
    SheetMaker(const Edition& edition, std::string_view variant)
        : e_(edition), p_(edition.procedure), own_(for_variant(edition.procedure, variant)), variant_(variant) {}

    void kit(BenchSheet& out) const {
        const Kit kit = kit_of(p_, variant_);
        for (const auto& e : kit.protection) out.gear.push_back(kit_words(e));
        for (const auto& e : kit.tools) out.kit.push_back(kit_words(e));
        for (const auto& f : kit.fluids) {
            const std::string packs = packs_text(f);
            out.kit.push_back(kit_words(f.entry) + (packs.empty() ? "" : ": " + packs));
        }
        for (const auto& e : kit.parts) out.kit.push_back(kit_words(e));
    }

    BenchStep step(const Step& s) const {
        BenchStep out;
        out.id = s.id;
        const auto at = std::find_if(p_.steps.begin(), p_.steps.end(), [&](const Step& x) { return x.id == s.id; });
        out.number = static_cast<int>(at - p_.steps.begin()) + 1;
        out.heading = read(s.heading);
        for (const auto state : s.states) out.states.emplace_back(spoken_name_of(state));
        for (const auto& c : s.cautions) out.cautions.push_back({c.signal, read(c.text)});
        for (const auto& line : s.lines) out.lines.push_back(read(line));
        for (const auto& w : s.waits) out.waits.push_back(wait(w));
        for (const auto& c : s.checks)
            out.checks.push_back(
                {read(c.look), read(c.good), read(c.stop), read(c.ask), is_word(c) ? read(c.reading->what) : "", pair_of(s)});
        torques(s, out.wanted);
        for (const auto& c : s.checks)
            if (c.reading && !is_word(c)) out.wanted.push_back(reading(*c.reading));
        for (const auto& plate : s.plates) out.plates.push_back(plate.id);
        return out;
    }

    /// What the plan for one does while each step waits.
    void meanwhile(BenchSheet& out) const {
        const Plan planned = plan(p_, variant_, 1);
        for (auto& s : out.steps)
            for (const auto& wait : planned.tasks) {
                if (wait.step != s.id || wait.part != PlannedTask::Part::Wait) continue;
                for (const auto& task : planned.tasks)
                    if (task.part == PlannedTask::Part::Hands && task.step != s.id && task.from >= wait.from && task.from < wait.to &&
                        std::find(s.meanwhile.begin(), s.meanwhile.end(), task.step) == s.meanwhile.end())
                        s.meanwhile.push_back(task.step);
            }
    }

private:
    std::string read(std::string_view line) const { return rendered_for(p_, line, variant_); }

    BenchWait wait(const Wait& w) const {
        BenchWait out{read(w.text), seconds_of(p_, w.figure, variant_)};
        const auto* named = p_.find(w.figure);
        const auto* f = named == nullptr ? nullptr : figure_for(p_, *named, variant_);
        if (f != nullptr && !f->value.high.empty() && out.text.find(text_of(f->value)) == std::string::npos)
            out.text += fmt::format(" ({})", text_of(f->value));
        return out;
    }

    /// The torques that its lines name, and what it is tightened to.
    void torques(const Step& s, std::vector<BenchWanted>& out) const {
        std::vector<std::pair<FigureId, std::size_t>> named;
        for (std::size_t i = 0; i < s.lines.size(); ++i)
            for (const auto& piece : pieces_of(s.lines[i]))
                if (piece.kind == TokenKind::Figure) named.emplace_back(piece.text, i + 1);
        for (const auto& a : s.actions) named.emplace_back(a.figure, 0);
        for (const auto& [id, line] : named) {
            const auto* f = p_.find(id);
            if (f != nullptr) f = figure_for(p_, *f, variant_);
            if (f == nullptr || f->kind != FigureKind::Torque || find_unit(f->value.unit) == nullptr) continue;
            if (std::any_of(out.begin(), out.end(), [&](const BenchWanted& w) { return w.figure == f->id.text(); })) continue;
            out.push_back(of_figure(*f));
            out.back().times = places_of(s, f->item);
            out.back().line = line;
        }
    }

    BenchWanted of_figure(const Figure& f) const {
        BenchWanted out{f.id.text(), title_of(p_, f), "", "", find_unit(f.value.unit), limits_of(p_, f), {}};
        figure_words(f, out);
        for (const auto& setting : e_.wrenches)
            if (setting.figure == f.id) out.settings.push_back(fmt::format("{}: {}", setting.wrench, text_of(setting)));
        return out;
    }

    /// On so many places of its plates the item is fastened; once where none shows them.
    static int places_of(const Step& s, const ItemId& item) {
        std::ptrdiff_t most = 1;
        for (const auto& plate : s.plates)
            most = std::max(most,
                std::count_if(plate.fasteners.begin(), plate.fasteners.end(), [&](const FastenerPlace& f) { return f.item == item; }));
        return static_cast<int>(most);
    }

    BenchWanted reading(const Reading& r) const {
        BenchWanted out{"", read(r.what), "", "", find_unit(r.unit), {}, {}, true};
        const auto* named = p_.find(r.limits);
        const auto* f = named == nullptr ? nullptr : figure_for(p_, *named, variant_);
        if (f == nullptr) return out;
        out.figure = f->id.text();
        out.limits = limits_of(p_, *f);
        figure_words(*f, out);
        return out;
    }

    void figure_words(const Figure& f, BenchWanted& out) const {
        if (standing_of(p_, f) != Standing::Proved) {
            out.value = "not known";
            return;
        }
        out.value = text_of(f.value) + (f.tolerance.empty() ? "" : fmt::format(" \u00B1 {}", f.tolerance));
        out.other = other_system_text(f);
    }

    static bool is_word(const Check& c) { return c.reading && find_unit(c.reading->unit) == nullptr; }

    static std::vector<PlateId> pair_of(const Step& s) {
        std::vector<PlateId> out;
        for (const auto& plate : s.plates)
            if (plate.role == PairRole::Right || plate.role == PairRole::Wrong) out.push_back(plate.id);
        return out;
    }

public:
    const Procedure& own() const { return own_; }

private:
    const Edition& e_;
    const Procedure& p_;
    Procedure own_;
    std::string variant_;
};

}  // namespace

const BenchStep* BenchSheet::find(const StepId& id) const {
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const BenchStep& s) { return s.id == id; });
    return it == steps.end() ? nullptr : &*it;
}

BenchSheet bench_sheet(const Edition& edition, const std::string& guide, const std::string& mark, std::string_view variant) {
    const SheetMaker maker(edition, variant);
    const auto& header = edition.procedure.header;
    BenchSheet out{guide, header.title, header.machine, mark, std::string(variant), edition.number, {}, {}, {}};
    maker.kit(out);
    for (const auto& s : maker.own().steps) out.steps.push_back(maker.step(s));
    maker.meanwhile(out);
    return out;
}

}  // namespace anagraph::core
