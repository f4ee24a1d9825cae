// anagraph-cli log, label: the logbook of the machines
#include <fmt/format.h>
#include <fmt/ranges.h>

#include <chrono>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "cli/commands/calc/calculation.h"
#include "core/logbook/fleet.h"
#include "core/logbook/history.h"
#include "shop/logbook.h"
#include "shop/store_need.h"

namespace anagraph::cli {
namespace {

using core::Error;
using core::Outcome;

/// What is mistyped is wrong use; what the logbook refuses is found wrong.
int code_of(const Error& e) { return e.code == ErrorCode::BadInput || e.code == ErrorCode::Ambiguous ? kWrongUse : kFoundWrong; }

Result<core::Day> day_or_today(const std::string& text) {
    if (text.empty()) return std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now());
    return core::parse_day(text);
}

/// A command below `log`, whose library stands before it.
class AtLog : public Command {
public:
    AtLog(const std::string& library, const Answer& answer) : Command(answer), library_(library) {}

protected:
    const std::string& library_;
};

/// Adds one entry and tells its number.
class Adds : public AtLog {
public:
    Adds(CLI::App& app, const std::string& library, const Answer& answer) : AtLog(library, answer) {
        app.add_option("--as", post_, "who writes it, by post")->capture_default_str();
    }

    int run() override {
        auto body = entry();
        if (!body) return answer_.wrong(body.error(), code_of(body.error()));
        const auto library = begins() ? store::Library::make_or_open(library_) : store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto log = (*library)->log({std::move(*body)}, post_);
        if (!log) return answer_.wrong(log.error(), code_of(log.error()));
        const auto number = log->all().back().number;
        return answer_.say({{"entry", number}}, fmt::format("Entry {}.", number));
    }

protected:
    virtual Result<core::LogBody> entry() const = 0;
    /// Whether a logbook may begin with it: then a library is made where there is none.
    virtual bool begins() const { return false; }
    static Result<Quantity> quantity(const std::string& text) { return Quantity::parse(text); }
    static Result<std::optional<Quantity>> maybe(const std::string& text) {
        if (text.empty()) return std::optional<Quantity>{};
        auto q = Quantity::parse(text);
        if (!q) return tl::make_unexpected(q.error());
        return std::optional(std::move(*q));
    }
    std::string post_ = "author";
};

class AddMachine : public Adds {
public:
    AddMachine(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("NAME", e_.name, "as it is called: \"PT60 no. 3\"")->required();
        app.add_option("--type", e_.type, "what kind of machine it is, as guides name it")->required();
        app.add_option("--variant", e_.variant, "which variant it is");
        app.add_option("--serial", e_.serial, "its serial number");
        app.add_option("--place", e_.place, "where it stands");
        app.add_option("--on", e_.on, "first day in service");
    }

private:
    Result<core::LogBody> entry() const override { return e_; }
    bool begins() const override { return true; }
    core::MachineAdded e_;
};

class AddReading : public Adds {
public:
    AddReading(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("MACHINE", machine_, "the machine, by its name")->required();
        app.add_option("READING", reading_, "as in \"302 h\"")->required();
        app.add_option("--on", on_, "day, as in 2026-11-30");
        app.add_option("--old", old_, "the meter was replaced: what the old one showed last");
    }

private:
    Result<core::LogBody> entry() const override {
        auto q = quantity(reading_);
        if (!q) return tl::make_unexpected(q.error());
        if (old_.empty()) return core::MeterRead{machine_, std::move(*q), on_};
        auto old = quantity(old_);
        if (!old) return tl::make_unexpected(old.error());
        return core::MeterReplaced{machine_, std::move(*old), std::move(*q), on_};
    }
    std::string machine_, reading_, on_, old_;
};

class AddFinding : public Adds {
public:
    AddFinding(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("MACHINE", e_.machine, "the machine, by its name")->required();
        app.add_option("TEXT", e_.words, "what was found")->required();
        app.add_option("--urgency", urgency_, "now, next service or watch")->capture_default_str();
        app.add_option("--on", e_.on, "day");
    }

private:
    Result<core::LogBody> entry() const override {
        auto e = e_;
        const auto urgency = core::from_name<core::Urgency>(urgency_);
        if (!urgency) return core::fail(ErrorCode::BadInput, std::string("A finding is urgent: now, next service, or watch."), urgency_);
        e.urgency = *urgency;
        return e;
    }
    core::FindingNoted e_;
    std::string urgency_ = "next service";
};

class AddService : public Adds {
public:
    AddService(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("MACHINE", e_.machine, "the machine, by its name")->required();
        app.add_option("--what", e_.what, "as its rule names it: \"100 h service\"")->required();
        app.add_option("--guide", e_.guide, "it was done by");
        app.add_option("--on", e_.on, "day");
        app.add_option("--reading", reading_, "of the meter, as in \"302 h\"");
    }

private:
    Result<core::LogBody> entry() const override {
        auto e = e_;
        auto q = maybe(reading_);
        if (!q) return tl::make_unexpected(q.error());
        e.reading = std::move(*q);
        return e;
    }
    core::ServiceDone e_;
    std::string reading_;
};

class AddRule : public Adds {
public:
    AddRule(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("MACHINE", e_.machine, "the machine, by its name")->required();
        app.add_option("--what", e_.what, "what is due")->required();
        app.add_option("--every", every_, "how often, as in \"100 h\" or \"12 month\"; once for each")->required()->allow_extra_args(false);
        app.add_option("--first", first_, "of a new machine, as in \"20 h\"");
        app.add_option("--avoid", e_.avoid, "days to keep free, as in 2026-07-01..2026-08-15")->allow_extra_args(false);
        app.add_flag("--hard", e_.hard, "hard use: intervals are halved");
        app.add_option("--guide", e_.guide, "it is done by");
    }

private:
    Result<core::LogBody> entry() const override {
        auto e = e_;
        for (const auto& text : every_) {
            auto q = quantity(text);
            if (!q) return tl::make_unexpected(q.error());
            e.every.push_back(std::move(*q));
        }
        auto first = maybe(first_);
        if (!first) return tl::make_unexpected(first.error());
        e.first = std::move(*first);
        return e;
    }
    core::RuleAdded e_;
    std::vector<std::string> every_;
    std::string first_;
};

class AddUnit : public Adds {
public:
    AddUnit(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("NAME", e_.name, "its name")->required();
        app.add_option("--serial", e_.serial, "its serial number")->required();
    }

private:
    Result<core::LogBody> entry() const override { return e_; }
    core::UnitAdded e_;
};

class AddStock : public Adds {
public:
    AddStock(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("ITEM", e_.item, "what is stored, by its name")->required();
        app.add_option("AMOUNT", amount_, "counted now, as in \"6 x\" or \"4 L\"")->required();
        app.add_option("--least", least_, "not to fall below");
        app.add_option("--number", e_.number, "part number");
        app.add_option("--on", e_.on, "day");
    }

private:
    Result<core::LogBody> entry() const override {
        auto e = e_;
        auto amount = quantity(amount_);
        if (!amount) return tl::make_unexpected(amount.error());
        e.amount = std::move(*amount);
        auto least = maybe(least_);
        if (!least) return tl::make_unexpected(least.error());
        e.least = std::move(*least);
        return e;
    }
    core::StockCounted e_;
    std::string amount_, least_;
};

class AddSample : public Adds {
public:
    AddSample(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("MACHINE", e_.machine, "the machine, by its name")->required();
        app.add_option("--fluid", e_.fluid, "which of its fluids was sampled")->required();
        app.add_option("--number", e_.number, "on the bottle");
        app.add_option("--where", e_.where, "in the stream it was taken");
        app.add_option("--reading", on_machine_, "of the machine");
        app.add_option("--on-fluid", on_fluid_, "running time of the fluid");
        app.add_option("--added", added_, "fluid added since it was changed");
        app.add_option("--on", e_.on, "day");
    }

private:
    Result<core::LogBody> entry() const override {
        auto e = e_;
        for (const auto& [text, target] :
            {std::pair(&on_machine_, &e.on_machine), std::pair(&on_fluid_, &e.on_fluid), std::pair(&added_, &e.added)}) {
            auto q = maybe(*text);
            if (!q) return tl::make_unexpected(q.error());
            *target = std::move(*q);
        }
        return e;
    }
    core::SampleTaken e_;
    std::string on_machine_, on_fluid_, added_;
};

class Fit : public Adds {
public:
    Fit(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("SERIAL", serial_, "the serial number of the unit")->required();
        app.add_option("MACHINE", machine_, "the machine, by its name")->required();
        app.add_option("--reading", reading_, "of the machine")->required();
        app.add_option("--on", on_, "day");
    }

private:
    Result<core::LogBody> entry() const override {
        auto q = quantity(reading_);
        if (!q) return tl::make_unexpected(q.error());
        return core::UnitFitted{serial_, machine_, std::move(*q), on_};
    }
    std::string serial_, machine_, reading_, on_;
};

class TakeOff : public Adds {
public:
    TakeOff(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("SERIAL", serial_, "the serial number of the unit")->required();
        app.add_option("--to", to_, "store or repair")->required();
        app.add_option("--reading", reading_, "of the machine")->required();
        app.add_option("--on", on_, "day");
    }

private:
    Result<core::LogBody> entry() const override {
        const auto to = core::from_name<core::UnitPlace>(to_);
        if (!to) return core::fail(ErrorCode::BadInput, std::string("A unit goes to the store or to repair."), to_);
        auto q = quantity(reading_);
        if (!q) return tl::make_unexpected(q.error());
        return core::UnitTakenOff{serial_, *to, std::move(*q), on_};
    }
    std::string serial_, to_, reading_, on_;
};

class Close : public Adds {
public:
    Close(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("FINDING", e_.finding, "number of its entry")->required();
        app.add_option("--because", e_.because, "what became of it")->required();
        app.add_option("--on", e_.on, "day");
    }

private:
    Result<core::LogBody> entry() const override { return e_; }
    core::FindingClosed e_;
};

class Strike : public Adds {
public:
    Strike(CLI::App& app, const std::string& library, const Answer& answer) : Adds(app, library, answer) {
        app.add_option("ENTRY", e_.entry, "the number of the entry")->required();
        app.add_option("--because", e_.because, "why it was a mistake")->required();
    }

private:
    Result<core::LogBody> entry() const override { return e_; }
    core::EntryStruck e_;
};

class AddRun : public AtLog {
public:
    AddRun(CLI::App& app, const std::string& library, const Answer& answer) : AtLog(library, answer) {
        app.add_option("FILE", file_, "NAME.run.json")->required();
        app.add_option("--as", post_, "who takes it in, by post")->capture_default_str();
    }

    int run() override {
        const auto text = store::read_file(file_, 64 << 20);
        if (!text) return answer_.wrong(text.error(), kWrongUse);
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto taken = shop::take_run(**library, *text, post_);
        if (!taken) return answer_.wrong(taken.error());
        return answer_.say({{"entry", taken->entry}, {"again", taken->again}, {"machine", taken->machine}},
            taken->again ? fmt::format("This run is in the logbook already, entry {}.", taken->entry)
                         : fmt::format("Entry {}: a run on {}.", taken->entry, taken->machine));
    }

private:
    std::string file_, post_ = "author";
};

/// A command that only reads.
class Reads : public AtLog {
public:
    Reads(CLI::App&, const std::string& library, const Answer& answer) : AtLog(library, answer) {}

    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto log = (*library)->logbook();
        if (!log) return answer_.wrong(log.error());
        return tell(*log);
    }

protected:
    virtual int tell(const core::Logbook& log) = 0;
};

json due_json(const core::DueItem& d) {
    const auto& n = d.next;
    const auto day = [](const std::optional<core::Day>& x) { return x ? json(core::text_of(*x)) : json(nullptr); };
    return {{"machine", d.machine}, {"rule", d.rule}, {"entry", d.entry}, {"due_on", day(n.due_day)},
        {"due_reading", n.due_reading ? quantity_json(*n.due_reading, *d.unit) : json(nullptr)},
        {"first", d.trouble.empty() ? json(n.by_reading ? "reading" : "calendar") : json(nullptr)},
        {"left", n.left ? quantity_json(*n.left, *core::find_unit(n.left_unit)) : json(nullptr)}, {"overdue", n.overdue},
        {"service_by", day(n.service_by)}, {"because", (d.trouble.empty() ? n.because : d.trouble).english()}};
}

std::string due_words(const core::DueItem& d) {
    const auto& n = d.next;
    if (!d.trouble.empty()) return fmt::format("{}, {}: {}", d.machine, d.rule, d.trouble);
    return fmt::format("{}, {}:{}{}{} {}", d.machine, d.rule, n.overdue ? " overdue," : "",
        n.due_reading ? " at " + shown(*n.due_reading, *d.unit, 6) : "",
        n.due_day ? fmt::format("{} {}.", n.by_reading ? ", about" : " on", core::text_of(*n.due_day)) : ".", n.because);
}

class Due : public Reads {
public:
    Due(CLI::App& app, const std::string& library, const Answer& answer) : Reads(app, library, answer) {
        app.add_option("--on", on_, "the day it is asked for; today where none is given");
        app.add_option("--days", days_, "only what is due in so many days")->check(CLI::NonNegativeNumber);
    }

private:
    int tell(const core::Logbook& log) override {
        const auto on = day_or_today(on_);
        if (!on) return answer_.wrong(on.error(), kWrongUse);
        json list = json::array();
        std::string words;
        for (const auto& d : core::due_list(log, *on, days_)) {
            list.push_back(due_json(d));
            words += (words.empty() ? "" : "\n") + due_words(d);
        }
        return answer_.say(list, words.empty() ? "Nothing is due." : words);
    }
    std::string on_;
    std::optional<int> days_;
};

class UnitOf : public Reads {
public:
    UnitOf(CLI::App& app, const std::string& library, const Answer& answer) : Reads(app, library, answer) {
        app.add_option("SERIAL", serial_, "the serial number of the unit")->required();
    }

private:
    int tell(const core::Logbook& log) override {
        const auto* u = log.unit(serial_);
        if (u == nullptr)
            return answer_.wrong({ErrorCode::NotFound, fmt::format("The logbook knows no unit with the serial {}.", serial_), serial_});
        json history = json::array();
        std::string words;
        for (const auto& s : u->stretches) {
            const double until = s.until.value_or(0);
            history.push_back({{"machine", s.machine}, {"from", core::text_of(s.from)}, {"from_reading", quantity_json(s.at, *s.unit)},
                {"to", s.to ? json(core::text_of(*s.to)) : json(nullptr)},
                {"to_reading", s.until ? quantity_json(until, *s.unit) : json(nullptr)}});
            words += fmt::format("\n    {}: from {} at {}{}", s.machine, core::text_of(s.from), shown(s.at, *s.unit, 6),
                s.to ? fmt::format(" to {} at {}", core::text_of(*s.to), shown(until, *s.unit, 6)) : ", fitted now");
        }
        const auto hours = log.hours_of(*u);
        const auto since = log.hours_of(*u, true);
        const std::string where = u->fitted() ? u->stretches.back().machine : std::string(core::spoken_name_of(u->place));
        return answer_.say(
            {{"serial", u->about.serial}, {"name", u->about.name}, {"on", u->fitted() ? json(u->stretches.back().machine) : json(nullptr)},
                {"place", u->fitted() ? "machine" : std::string(core::name_of(u->place))}, {"hours_fitted", hours.value_or(0)},
                {"hours_since_overhaul", since.value_or(0)}, {"history", history}},
            fmt::format("{}, serial {}: {}; it has run {:.6g}, since its overhaul {:.6g}.{}", u->about.name, u->about.serial, where,
                hours.value_or(0), since.value_or(0), words));
    }
    std::string serial_;
};

json finding_json(const core::FindingInLog& f) {
    return {{"entry", f.entry}, {"machine", f.what.machine}, {"words", f.what.words}, {"urgency", core::name_of(f.what.urgency)},
        {"on", core::text_of(f.on)}, {"step", f.what.step.empty() ? json(nullptr) : json(f.what.step)},
        {"run", f.what.run.empty() ? json(nullptr) : json(f.what.run)}, {"evidence", f.what.evidence}};
}

class Findings : public Reads {
public:
    Findings(CLI::App& app, const std::string& library, const Answer& answer) : Reads(app, library, answer) {
        app.add_flag("--closed", closed_, "those that are closed too");
    }

private:
    int tell(const core::Logbook& log) override {
        json list = json::array();
        std::string words;
        for (const auto& f : log.findings()) {
            if (f.closed && !closed_) continue;
            json one = finding_json(f);
            one["closed"] = f.closed ? json(f.closed->because) : json(nullptr);
            list.push_back(std::move(one));
            words += fmt::format("{}{}: {}, {} ({}){}", words.empty() ? "" : "\n", f.entry, f.what.machine, f.what.words,
                core::spoken_name_of(f.what.urgency), f.closed ? "; closed: " + f.closed->because : "");
        }
        return answer_.say(list, words.empty() ? "No finding is open." : words);
    }
    bool closed_ = false;
};

class MachineOf : public Reads {
public:
    MachineOf(CLI::App& app, const std::string& library, const Answer& answer) : Reads(app, library, answer) {
        app.add_option("NAME", name_, "or its serial")->required();
        app.add_option("--on", on_, "the day it is asked for");
    }

private:
    int tell(const core::Logbook& log) override {
        const auto on = day_or_today(on_);
        if (!on) return answer_.wrong(on.error(), kWrongUse);
        const auto* m = log.machine(name_);
        if (m == nullptr)
            return answer_.wrong({ErrorCode::NotFound, fmt::format("The logbook knows no machine \u201C{}\u201D.", name_), name_});
        json meters = json::array(), services = json::array(), findings = json::array(), due = json::array(), units = json::array();
        std::string words = fmt::format("{}: {}", m->about.name, m->about.type);
        for (const auto& meter : m->meters) {
            if (meter.points.empty()) continue;
            const auto& last = meter.points.back();
            meters.push_back({{"reading", quantity_json(last.shown, *meter.unit)}, {"total", quantity_json(last.total, *meter.unit)},
                {"on", core::text_of(last.on)}});
            words += fmt::format("\n    {} on {}", shown(last.shown, *meter.unit, 6), core::text_of(last.on));
        }
        for (const auto& s : m->services) {
            services.push_back({{"entry", s.entry}, {"what", s.what.what}, {"on", core::text_of(s.on)},
                {"guide", s.what.guide.empty() ? json(nullptr) : json(s.what.guide)},
                {"reading", s.what.reading ? quantity_json(s.what.reading->number.value(), *s.what.reading->unit) : json(nullptr)},
                {"run", s.what.run.empty() ? json(nullptr) : json(s.what.run)}});
            words += fmt::format("\n    {}: {}", core::text_of(s.on), s.what.what);
        }
        for (const auto& f : log.findings())
            if (!f.closed && f.what.machine == m->about.name) {
                findings.push_back(finding_json(f));
                words += fmt::format("\n    open: {}", f.what.words);
            }
        for (const auto& u : log.units())
            if (u.fitted() && u.stretches.back().machine == m->about.name) {
                units.push_back(u.about.serial);
                words += fmt::format("\n    fitted: {}, serial {}", u.about.name, u.about.serial);
            }
        for (const auto& d : core::due_of_machine(*m, *on)) {
            due.push_back(due_json(d));
            words += "\n    due: " + due_words(d);
        }
        return answer_.say({{"name", m->about.name}, {"type", m->about.type}, {"variant", m->about.variant}, {"serial", m->about.serial},
                               {"place", m->place}, {"in_service", !m->out}, {"meters", meters}, {"services", services},
                               {"findings", findings}, {"units", units}, {"due", due}},
            words);
    }
    std::string name_, on_;
};

class StoreOf : public AtLog {
public:
    StoreOf(CLI::App& app, const std::string& library, const Answer& answer) : AtLog(library, answer) {
        app.add_option("--on", on_, "the day what is due is asked for");
        app.add_option("--days", days_, "days whose work is counted")->check(CLI::Range(0, 3660));
    }

    int run() override {
        const auto on = day_or_today(on_);
        if (!on) return answer_.wrong(on.error(), kWrongUse);
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto log = (*library)->logbook();
        if (!log) return answer_.wrong(log.error());
        const auto needs = shop::store_needs(**library, *log, *on, days_);
        if (!needs) return answer_.wrong(needs.error());
        json list = json::array();
        std::string words;
        for (const auto& n : *needs) {
            const auto amount = [&](double value) { return value > 0 ? quantity_json(value, *n.unit) : json(nullptr); };
            list.push_back({{"item", n.item}, {"number", n.number}, {"amount", n.counted ? quantity_json(n.there, *n.unit) : json(nullptr)},
                {"least", amount(n.least)}, {"taken", amount(n.taken)}, {"jobs", std::vector<std::string>(n.jobs.begin(), n.jobs.end())},
                {"order", amount(n.order)}});
            words += fmt::format("{}{}: {}{}", words.empty() ? "" : "\n", n.item, n.counted ? shown(n.there, *n.unit, 6) : "not counted",
                n.order > 0 ? fmt::format(", order {}", shown(n.order, *n.unit, 6)) : "");
        }
        return answer_.say(list, words.empty() ? "Nothing is counted in the store yet." : words);
    }

private:
    std::string on_;
    int days_ = 30;
};

class History : public AtLog {
public:
    History(CLI::App& app, const std::string& library, const Answer& answer) : AtLog(library, answer) {
        app.add_option("--as", form_, "csv, ics or pdf")->required();
        app.add_option("--to", file_, "file that is written")->required();
        app.add_option("--on", on_, "the day what is due is asked for");
    }

    int run() override {
        const auto form = core::from_name<shop::HistoryForm>(form_);
        const auto on = day_or_today(on_);
        if (!form || !on)
            return answer_.wrong(
                form ? on.error() : Error{ErrorCode::BadInput, std::string("The history is written as csv, ics or pdf."), form_},
                kWrongUse);
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        if (auto done = shop::write_history(**library, *form, file_, *on); !done) return answer_.wrong(done.error());
        return answer_.say({{"file", file_}}, fmt::format("The logbook is in {}.", file_));
    }

private:
    std::string form_, file_, on_;
};

class LabelOf : public AtLibrary {
public:
    LabelOf(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("MACHINE", machine_, "the machine, by its name")->required();
        app.add_option("--as", form_, "panel, filter or part")->required();
        app.add_option("--to", file_, "PDF that is written")->required();
        app.add_option("--on", on_, "the day what is due is asked for");
    }

    int run() override {
        const auto form = core::from_name<shop::LabelForm>(form_);
        const auto on = day_or_today(on_);
        if (!form || !on)
            return answer_.wrong(
                form ? on.error() : Error{ErrorCode::BadInput, std::string("A label is for the panel, the filter or a part."), form_},
                kWrongUse);
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        if (auto done = shop::write_label(**library, machine_, *form, file_, *on); !done) return answer_.wrong(done.error());
        return answer_.say({{"file", file_}}, fmt::format("The labels are in {}.", file_));
    }

private:
    std::string machine_, form_, file_, on_;
};

template <class Kind>
void add_at(
    CLI::App& to, const std::shared_ptr<std::string>& library, const Answer& answer, int& code, const char* name, const char* help) {
    auto* app = to.add_subcommand(name, help);
    const auto command = std::make_shared<Kind>(*app, *library, answer);
    app->callback([command, library, &code] { code = command->run(); });
}

}  // namespace

void add_log(CLI::App& app, const Answer& answer, int& code) {
    const auto library = std::make_shared<std::string>();
    auto* log = app.add_subcommand("log", "the logbook: what the machines remember");
    log->add_option("LIBRARY", *library, "folder of the library, or its address on a server")->required();
    log->require_subcommand(1);
    log->fallthrough();
    auto* adds = log->add_subcommand("add", "write an entry; tells its number");
    adds->require_subcommand(1);
    adds->fallthrough();
    add_at<AddMachine>(*adds, library, answer, code, "machine", "a machine");
    add_at<AddRun>(*adds, library, answer, code, "run", "a run that came back from the bench, with all that follows from it");
    add_at<AddReading>(*adds, library, answer, code, "reading", "what a meter shows");
    add_at<AddFinding>(*adds, library, answer, code, "finding", "what was found and is not put right yet");
    add_at<AddService>(*adds, library, answer, code, "service", "a service that was done");
    add_at<AddRule>(*adds, library, answer, code, "rule", "when something is due");
    add_at<AddUnit>(*adds, library, answer, code, "unit", "a unit that goes round among machines");
    add_at<AddStock>(*adds, library, answer, code, "stock", "what is in the store");
    add_at<AddSample>(*adds, library, answer, code, "sample", "a sample of a fluid");
    add_at<Fit>(*log, library, answer, code, "fit", "a unit is fitted to a machine");
    add_at<TakeOff>(*log, library, answer, code, "take-off", "a unit is taken off its machine");
    add_at<Close>(*log, library, answer, code, "close", "a finding is put right");
    add_at<Strike>(*log, library, answer, code, "strike", "an entry was a mistake");
    add_at<UnitOf>(*log, library, answer, code, "unit", "where a unit was, and what it has run");
    add_at<Due>(*log, library, answer, code, "due", "what is due");
    add_at<MachineOf>(*log, library, answer, code, "machine", "all that is known of a machine");
    add_at<Findings>(*log, library, answer, code, "findings", "what is not put right yet");
    add_at<StoreOf>(*log, library, answer, code, "store", "what is in the store, and what to order");
    add_at<History>(*log, library, answer, code, "history", "the logbook as a table, a calendar or a book");
    add<LabelOf>(app, answer, code, "label", "a sheet of labels for a machine");
}

}  // namespace anagraph::cli
