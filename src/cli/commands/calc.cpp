// anagraph-cli calc: the arithmetic of the workshop.
#include <fmt/ranges.h>

#include <cmath>
#include <optional>
#include <string>
#include <vector>

#include "cli/commands.h"
#include "core/fluids/mixture.h"
#include "core/fluids/packs.h"
#include "core/fluids/refill.h"
#include "core/quantity/quantity.h"
#include "core/service/due.h"
#include "core/torque/sequence.h"
#include "core/torque/socket_fit.h"
#include "core/torque/wrench.h"

namespace anagraph::cli {
namespace {

using core::Dimension;
using core::ErrorCode;
using core::Quantity;
using core::Result;
using core::Unit;
using nlohmann::json;

json quantity_json(double value, const Unit& unit) { return {{"value", value}, {"unit", std::string(unit.id)}}; }

std::string shown(double value, const Unit& unit, int digits = 3) {
    return core::rounded_text(value, digits) + " " + std::string(unit.symbol);
}

/// What a person typed for an option, and what kind of quantity it has to be.
Result<Quantity> quantity_of(const std::string& option, const std::string& text, Dimension dimension, const char* example) {
    const auto q = Quantity::parse(text);
    if (!q) return tl::make_unexpected(core::Error{ErrorCode::BadInput, option + ": " + q.error().message, option});
    if (q->unit->dimension != dimension)
        return core::fail(ErrorCode::BadInput,
            fmt::format("{}: {} is not what is asked for here; write it as \"{}\".", option, core::display(*q), example), option);
    return *q;
}

/// "4", "4%", "4 %".
Result<double> percent_of(const std::string& option, std::string text) {
    while (!text.empty() && (text.back() == '%' || text.back() == ' ')) text.pop_back();
    const auto n = core::Number::parse(text);
    if (!n) return core::fail(ErrorCode::BadInput, fmt::format("{}: write a share as 4%.", option), option);
    return n->value();
}

/// What keeps a command from being worked out: wrong use, or "not so".
int refused(const Answer& answer, const core::Error& error) {
    return answer.wrong(error, error.code == ErrorCode::Refused ? kFoundWrong : kWrongUse);
}

/// A command that works a number out.
class Calculation : public Command {
public:
    using Command::Command;
    int run() override {
        const auto code = work();
        return code ? *code : refused(answer_, code.error());
    }

protected:
    virtual Result<int> work() = 0;
};

class Convert : public Calculation {
public:
    Convert(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("Q", text_, "quantity, as in \"18 lbf.ft\" or \"1 3/4 L\"")->required();
        app.add_option("UNIT", unit_, "unit wanted, as in Nm")->required();
    }

private:
    Result<int> work() override {
        const auto quantity = Quantity::parse(text_);
        if (!quantity) return tl::make_unexpected(quantity.error());
        if (const auto question = core::ambiguous_unit(unit_); !question.empty())
            return core::fail(ErrorCode::BadInput, fmt::format("\"{}\" can be either: {}", unit_, question));
        const Unit* unit = core::find_unit(unit_);
        if (unit == nullptr)
            return core::fail(ErrorCode::BadInput,
                fmt::format("\"{}\" is no unit known here; use one such as Nm, lbf.ft, L, qt, mm, in, bar, degC.", unit_));
        if (unit->dimension != quantity->unit->dimension) {
            const bool force = (quantity->unit->dimension == Dimension::Force && unit->dimension == Dimension::Torque) ||
                (quantity->unit->dimension == Dimension::Torque && unit->dimension == Dimension::Force);
            return core::fail(ErrorCode::Refused,
                force ? fmt::format("{} is {} and {} is {}: ask which was meant.", core::display(*quantity),
                            quantity->unit->dimension == Dimension::Force ? "a force" : "a torque", unit->symbol,
                            unit->dimension == Dimension::Force ? "a unit of force" : "a unit of torque")
                      : fmt::format("{} cannot be told in {}: they measure different things.", core::display(*quantity), unit->symbol));
        }
        const std::string text = core::display_in(*quantity, *unit);
        return answer_.say({{"exact", quantity_json(quantity->in(*unit), *unit)}, {"text", text}},
            fmt::format("{} is {}.", core::display(*quantity), text));
    }

    std::string text_;
    std::string unit_;
};

class WrenchSetting : public Calculation {
public:
    WrenchSetting(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--torque", torque_, "wanted at the fastener, as in \"25 Nm\"")->required();
        app.add_option("--arm", arm_, "from the drive to the middle of the grip, as in \"400 mm\"")->required();
        app.add_option("--extension", extension_, "from the drive to the fastener, as in \"60 mm\"");
        app.add_option("--angle", angle_, "degrees between extension and handle: 0 in line, 90 at right angles, 180 folded back");
    }

private:
    Result<int> work() override {
        const auto torque = quantity_of("--torque", torque_, Dimension::Torque, "25 Nm");
        if (!torque) return tl::make_unexpected(torque.error());
        const auto arm = quantity_of("--arm", arm_, Dimension::Length, "400 mm");
        if (!arm) return tl::make_unexpected(arm.error());
        const Unit& mm = *core::find_unit("mm");
        double extension = 0;
        if (!extension_.empty()) {
            const auto q = quantity_of("--extension", extension_, Dimension::Length, "60 mm");
            if (!q) return tl::make_unexpected(q.error());
            extension = q->in(mm);
        }
        const auto setting = core::lengthened_setting(torque->number.value(), arm->in(mm), extension, angle_);
        if (!setting) return tl::make_unexpected(setting.error());
        const Unit& unit = *torque->unit;
        const std::string text = shown(*setting, unit);
        return answer_.say({{"setting", quantity_json(*setting, unit)}, {"ok", true}},
            std::abs(*setting - torque->number.value()) < 1e-12
                ? fmt::format("Set {}: the extension changes nothing.", text)
                : fmt::format("Set {} to have {} at the fastener.", text, core::display(*torque)));
    }

    std::string torque_;
    std::string arm_;
    std::string extension_;
    double angle_ = 0;
};

class ScaleMark : public Calculation {
public:
    ScaleMark(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--torque", torque_, "wanted, as in \"25 Nm\"")->required();
        app.add_option("--unit", unit_, "of the scale, as in lbf.ft")->required();
        app.add_option("--from", scale_.from, "first mark")->required();
        app.add_option("--to", scale_.to, "last mark")->required();
        app.add_option("--step", scale_.step, "between two marks")->required();
        app.add_option("--accuracy", accuracy_, "of the wrench, as in 4%");
        app.add_option("--tolerance", tolerance_, "of the figure, as in 10%");
    }

private:
    Result<int> work() override {
        const auto torque = quantity_of("--torque", torque_, Dimension::Torque, "25 Nm");
        if (!torque) return tl::make_unexpected(torque.error());
        const Unit* unit = core::find_unit(unit_);
        if (unit == nullptr || unit->dimension != Dimension::Torque)
            return core::fail(ErrorCode::BadInput, fmt::format("\"{}\" is no unit of torque; use Nm, lbf.ft, lbf.in or kgf.m.", unit_));
        std::optional<double> tolerance;
        if (!accuracy_.empty()) {
            const auto p = percent_of("--accuracy", accuracy_);
            if (!p) return tl::make_unexpected(p.error());
            scale_.accuracy = *p;
        }
        if (!tolerance_.empty()) {
            const auto p = percent_of("--tolerance", tolerance_);
            if (!p) return tl::make_unexpected(p.error());
            tolerance = *p;
        }
        const auto s = core::set_on_scale(torque->in(*unit), core::convert(1, *unit, *torque->unit), scale_, tolerance);
        if (!s) return tl::make_unexpected(s.error());
        const json value{{"setting", s->setting}, {"true", quantity_json(s->true_torque, *torque->unit)},
            {"error_percent", s->error_percent}, {"ok", s->ok}, {"reason", s->reason}};
        const std::string nearest = fmt::format("{} {} is {}, {:+.1f} %", core::rounded_text(s->setting, 4), unit->symbol,
            shown(s->true_torque, *torque->unit), s->error_percent);
        return answer_.say(value, s->ok ? fmt::format("Set {}.", nearest) : s->reason, s->ok ? kFine : kFoundWrong);
    }

    std::string torque_;
    std::string unit_;
    core::Scale scale_;
    std::string accuracy_;
    std::string tolerance_;
};

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

class Refill : public Calculation {
public:
    Refill(CLI::App& app, const Answer& answer) : Calculation(answer) {
        for (auto& o : options_) app.add_option(o.name, o.text, o.help);
        app.add_option("--reading", reading_, "where the level stands: 0 the lower mark, 1 the upper, above 1 over it");
    }

private:
    struct Given {
        const char* name;
        const char* help;
        std::optional<core::Amount> core::FluidSystem::*part;
        std::string text = {};
    };

    Result<int> work() override {
        core::FluidSystem system;
        const Unit& litre = *core::find_unit("L");
        const Unit* unit = nullptr;
        for (const auto& o : options_) {
            if (o.text.empty()) continue;
            const auto q = quantity_of(o.name, o.text, Dimension::Volume, "1.7 L");
            if (!q) return tl::make_unexpected(q.error());
            if (unit == nullptr) unit = q->unit;
            const auto amount = core::amount_of(*q);
            if (!amount) return tl::make_unexpected(amount.error());
            system.*o.part = *amount;
        }
        if (unit == nullptr)
            return core::fail(ErrorCode::BadInput,
                "Say something of the system: its --total, --refill, --residue, --filter, what was --drained, or what lies "
                "--between-marks.");
        const auto plan = core::plan_refill(system);
        if (!plan) return tl::make_unexpected(plan.error());
        const auto in_unit = [&](double litres) { return quantity_json(core::convert(litres, litre, *unit), *unit); };
        const auto text = [&](double litres) { return shown(core::convert(litres, litre, *unit), *unit, 2); };
        json value{{"ok", true}};
        std::string words;
        if (plan->refill) {
            value["refill"] = in_unit(plan->refill->litres);
            words += fmt::format("Refill {}{}. ", text(plan->refill->litres), plan->measured ? ", by what came out" : "");
        }
        if (plan->residue) {
            value["residue"] = in_unit(plan->residue->litres);
            words += fmt::format("{} stays behind. ", text(plan->residue->litres));
        }
        if (plan->first_pour) {
            value["first_pour"] = in_unit(*plan->first_pour);
            words += fmt::format("Pour {} first, run, wait and read. ", text(*plan->first_pour));
        }
        value["stages"] = json::array();
        for (const double s : plan->stages) value["stages"].push_back(in_unit(s));
        value["because"] = plan->because;
        if (reading_) {
            const auto remedy = core::remedy_for(*reading_, system.between_marks ? system.between_marks->litres : 0);
            if (!remedy) return tl::make_unexpected(remedy.error());
            if (remedy->draw_off > 0) {
                value["draw_off"] = in_unit(remedy->draw_off);
                words += fmt::format("Draw off {}.", text(remedy->draw_off));
            } else {
                value["add"] = in_unit(remedy->add);
                words += remedy->add > 0 ? fmt::format("Add {}.", text(remedy->add)) : "It is full: add nothing.";
            }
        }
        return answer_.say(value, words.empty() ? "Nothing follows from that alone." : words);
    }

    std::vector<Given> options_{{"--total", "what it holds dry, as in \"2.0 L\"", &core::FluidSystem::total},
        {"--refill", "what goes in at a change, with the filter", &core::FluidSystem::refill},
        {"--residue", "what stays behind when it is drained", &core::FluidSystem::residue},
        {"--filter", "what the new filter takes of the refill", &core::FluidSystem::filter},
        {"--drained", "what came out of the drain", &core::FluidSystem::drained},
        {"--between-marks", "from the lower to the upper mark", &core::FluidSystem::between_marks}};
    std::optional<double> reading_;
};

class Packs : public Calculation {
public:
    Packs(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--need", need_, "what is needed, as in \"7.5 qt\"")->required();
        app.add_option("--pack", packs_, "a pack to be had and its price, as in \"1 L@6.50\"; once for each size")
            ->required()
            ->allow_extra_args(false);
        app.add_option("--least", least_, "leftover or cost")->check(CLI::IsMember({"leftover", "cost"}))->capture_default_str();
    }

private:
    Result<int> work() override {
        const auto need = quantity_of("--need", need_, Dimension::Volume, "7.5 qt");
        if (!need) return tl::make_unexpected(need.error());
        const Unit& litre = *core::find_unit("L");
        std::vector<core::Pack> packs;
        std::vector<Quantity> sizes;
        for (const auto& text : packs_) {
            const auto pack = core::parse_pack(text);
            if (!pack) return tl::make_unexpected(core::Error{ErrorCode::BadInput, "--pack: " + pack.error().message, "--pack"});
            packs.push_back(pack->pack);
            sizes.push_back(pack->size);
        }
        const auto choice = core::choose_packs(need->in(litre), packs, least_ == "cost" ? core::Least::Cost : core::Least::Leftover);
        if (!choice) return tl::make_unexpected(choice.error());
        json chosen = json::array();
        std::string words;
        for (std::size_t i = 0; i < packs.size(); ++i) {
            if (choice->count[i] == 0) continue;
            chosen.push_back({{"size", quantity_json(sizes[i].number.value(), *sizes[i].unit)}, {"count", choice->count[i]}});
            words += fmt::format("{}{} x {}", words.empty() ? "" : ", ", choice->count[i], core::display(sizes[i]));
        }
        const double left = core::convert(choice->leftover, litre, *need->unit);
        return answer_.say({{"packs", chosen}, {"leftover", quantity_json(left, *need->unit)},
                               {"cost", choice->cost ? json(*choice->cost) : json(nullptr)}, {"ok", true}},
            fmt::format("{}; {} left over{}.", words, shown(left, *need->unit, 2),
                choice->cost ? fmt::format(", cost {:.2f}", *choice->cost) : ", a price is missing"));
    }

    std::string need_;
    std::vector<std::string> packs_;
    std::string least_ = "leftover";
};

class Mixture : public Calculation {
public:
    Mixture(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--volume", volume_, "of the system, as in \"8 L\"")->required();
        app.add_option("--have", have_, "strength measured, as in 35%")->required();
        app.add_option("--want", want_, "strength wanted, as in 50%")->required();
        app.add_option("--concentrate", concentrate_, "strength of what is added, 100% unless said");
    }

private:
    Result<int> work() override {
        const auto volume = quantity_of("--volume", volume_, Dimension::Volume, "8 L");
        if (!volume) return tl::make_unexpected(volume.error());
        const auto have = percent_of("--have", have_);
        if (!have) return tl::make_unexpected(have.error());
        const auto want = percent_of("--want", want_);
        if (!want) return tl::make_unexpected(want.error());
        const auto concentrate = percent_of("--concentrate", concentrate_);
        if (!concentrate) return tl::make_unexpected(concentrate.error());
        const auto r = core::drain_and_replace(volume->number.value(), *have, *want, *concentrate);
        if (!r) return tl::make_unexpected(r.error());
        const std::string what = r->of_percent > 0 ? fmt::format("concentrate of {:g} %", r->of_percent) : std::string("water");
        return answer_.say({{"drain", quantity_json(r->drain, *volume->unit)}, {"add", quantity_json(r->add, *volume->unit)},
                               {"add_percent", r->of_percent}, {"ok", true}},
            r->drain == 0 ? std::string("It is right as it is.")
                          : fmt::format("Drain {} and add as much {}.", shown(r->drain, *volume->unit), what));
    }

    std::string volume_;
    std::string have_;
    std::string want_;
    std::string concentrate_ = "100";
};

class Sequence : public Calculation {
public:
    Sequence(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--count", count_, "how many bolts")->required();
        app.add_option("--pattern", pattern_, "circle, rectangle or line")
            ->check(CLI::IsMember({"circle", "rectangle", "line"}))
            ->capture_default_str();
        app.add_option("--stages", stages_, "torques of the passes, as in 20,40,60")->delimiter(',');
        app.add_option("--unit", unit_, "of the stages")->capture_default_str();
    }

private:
    Result<int> work() override {
        const auto order = core::tightening_order(*core::bolt_pattern(pattern_), count_);
        if (!order) return tl::make_unexpected(order.error());
        const Unit* unit = core::find_unit(unit_);
        if (unit == nullptr || unit->dimension != Dimension::Torque)
            return core::fail(ErrorCode::BadInput, fmt::format("\"{}\" is no unit of torque; use Nm, lbf.ft, lbf.in or kgf.m.", unit_));
        const auto stages = core::stages_checked(stages_);
        if (!stages) return tl::make_unexpected(stages.error());
        json passes = json::array();
        std::string words = fmt::format("{}", fmt::join(*order, ", "));
        for (const double s : *stages) {
            passes.push_back(quantity_json(s, *unit));
            words += fmt::format("{} {}", passes.size() == 1 ? "; all to" : ", then to", shown(s, *unit));
        }
        return answer_.say({{"order", *order}, {"stages", passes}, {"ok", true}}, words + ".");
    }

    int count_ = 0;
    std::string pattern_ = "circle";
    std::vector<double> stages_;
    std::string unit_ = "Nm";
};

class Due : public Calculation {
public:
    Due(CLI::App& app, const Answer& answer) : Calculation(answer) {
        app.add_option("--interval", intervals_, "how often, as in \"100 h\" or \"12 month\"; once for each")
            ->required()
            ->allow_extra_args(false);
        app.add_option("--last-reading", last_reading_, "of the meter at the last service, as in \"202 h\"");
        app.add_option("--last-date", last_date_, "day of the last service, as in 2026-03-31")->required();
        app.add_option("--date", date_, "today")->required();
        app.add_option("--reading", reading_, "of the meter now");
        app.add_option("--avoid", avoid_, "days it cannot be taken away, as in 2026-07-01..2026-08-15")->allow_extra_args(false);
    }

private:
    Result<int> work() override {
        core::ServicePlan plan;
        for (const auto& text : intervals_) {
            const auto q = Quantity::parse(text);
            if (!q) return tl::make_unexpected(q.error());
            plan.intervals.push_back(*q);
        }
        const auto last_day = core::parse_day(last_date_);
        if (!last_day) return tl::make_unexpected(last_day.error());
        const auto today = core::parse_day(date_);
        if (!today) return tl::make_unexpected(today.error());
        plan.last_day = *last_day;
        plan.today = *today;
        for (const auto& [text, target] : {std::pair(&last_reading_, &plan.last_reading), std::pair(&reading_, &plan.reading)}) {
            if (text->empty()) continue;
            const auto q = Quantity::parse(*text);
            if (!q) return tl::make_unexpected(q.error());
            *target = *q;
        }
        for (const auto& text : avoid_) {
            const auto dots = text.find("..");
            if (dots == std::string::npos)
                return core::fail(
                    ErrorCode::BadInput, fmt::format("\"{}\" is no stretch of days; write it as 2026-07-01..2026-08-15.", text), "--avoid");
            const auto from = core::parse_day(text.substr(0, dots));
            if (!from) return tl::make_unexpected(from.error());
            const auto to = core::parse_day(text.substr(dots + 2));
            if (!to) return tl::make_unexpected(to.error());
            plan.avoid.push_back({*from, *to});
        }
        const auto due = core::next_due(plan);
        if (!due) return tl::make_unexpected(due.error());
        const auto day = [](const std::optional<core::Day>& d) { return d ? json(core::text_of(*d)) : json(nullptr); };
        const Unit& left_unit = *core::find_unit(due->left_unit);
        const json value{{"due_reading", due->due_reading ? quantity_json(*due->due_reading, *plan.reading->unit) : json(nullptr)},
            {"due_date", day(due->due_day)}, {"first", due->by_reading ? "reading" : "calendar"},
            {"left", due->left ? quantity_json(*due->left, left_unit) : json(nullptr)}, {"overdue", due->overdue},
            {"service_by", day(due->service_by)}, {"because", due->because}, {"ok", true}};
        std::string words = due->overdue
            ? fmt::format("Overdue by {}.", shown(std::abs(due->left.value_or(0)), left_unit))
            : fmt::format("Due {}{}; {} left. {}",
                  due->due_reading && due->by_reading ? "at " + shown(*due->due_reading, *plan.reading->unit, 4) : "",
                  due->due_day ? (due->by_reading ? ", about " : "on ") + core::text_of(*due->due_day) : "",
                  shown(due->left.value_or(0), left_unit), due->because);
        if (due->service_by && due->service_by != due->due_day && !due->overdue)
            words += fmt::format(" Service by {}.", core::text_of(*due->service_by));
        return answer_.say(value, words);
    }

    std::vector<std::string> intervals_;
    std::string last_reading_;
    std::string last_date_;
    std::string date_;
    std::string reading_;
    std::vector<std::string> avoid_;
};

}  // namespace

void add_calc(CLI::App& app, const Answer& answer, int& code) {
    auto* calc = app.add_subcommand("calc", "workshop arithmetic");
    calc->require_subcommand(1);
    calc->fallthrough();
    add<Convert>(*calc, answer, code, "convert", "a quantity in another unit",
        "Example: calc convert \"18 lbf.ft\" Nm\nFactors: NIST SP 811, appendix B. No more digits come out than went in: 18 lbf.ft is 24 "
        "N·m.");
    add<WrenchSetting>(*calc, answer, code, "wrench", "what a wrench is set to with an extension or crow-foot",
        "Example: calc wrench --torque \"25 Nm\" --arm \"400 mm\" --extension \"60 mm\"\nLaw of the lever: setting = torque x arm / (arm + "
        "extension x cos angle).");
    add<ScaleMark>(*calc, answer, code, "scale", "the nearest mark on a wrench's scale, and whether it will do",
        "Example: calc scale --torque \"25 Nm\" --unit lbf.ft --from 5 --to 80 --step 1 --accuracy 4% --tolerance 10%\nBelow 20 % of the "
        "last mark a wrench is not used: ISO 6789-1.");
    add<SocketOnHead>(*calc, answer, code, "socket", "whether a socket goes on a head",
        "Example: calc socket --head \"24 mm\" --socket \"15/16 in\"\nHeads: ISO 4759-1, grade A. Openings: ISO 691 (below 10 and above 36 "
        "mm estimated). Turning before contact: geometry of the hexagon.");
    add<Refill>(*calc, answer, code, "refill", "how much goes in, and how to pour it",
        "Example: calc refill --total \"2.0 L\" --refill \"1.7 L\" --between-marks \"0.25 L\" --reading 0.33\nVolume is conserved: total = "
        "refill + residue; the refill holds the filter's share.");
    add<Packs>(*calc, answer, code, "packs", "which packs to buy",
        "Example: calc packs --need \"7.5 L\" --pack \"1 L@6.50\" --pack \"5 L@24\" --least cost\nAll sums of packs are looked through; "
        "among equals the cheaper, then the fewer packs.");
    add<Mixture>(*calc, answer, code, "mixture", "raise or lower a strength by draining and replacing",
        "Example: calc mixture --volume \"8 L\" --have 35% --want 50%\nBalance of what is dissolved: volume x (want - have) / (concentrate "
        "- have); with water, volume x (have - want) / have.");
    add<Sequence>(*calc, answer, code, "sequence", "in which order bolts are tightened",
        "Example: calc sequence --count 8 --stages 20,40,60 --unit Nm\nCircle: a star. Rectangle and line: from the middle outwards. "
        "Neighbours are kept apart.");
    add<Due>(*calc, answer, code, "due", "when the next service is due, whichever comes first",
        "Example: calc due --interval \"100 h\" --interval \"12 month\" --last-reading \"202 h\" --last-date 2026-03-31 --date 2026-11-28 "
        "--reading \"280 h\"\nThe forecast takes the rate of use since the last service; whole days, downwards.");
}

}  // namespace anagraph::cli
