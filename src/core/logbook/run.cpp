#include "core/logbook/run.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

#include "core/base/versions.h"
#include "core/edition/edition.h"
#include "core/edition/post.h"
#include "core/learner/check_answers.h"
#include "core/service/calendar.h"

namespace anagraph::core {

using nlohmann::json;

namespace {

constexpr std::size_t kMostThings = 20000;  // of a list in a run

/// Reads fields, and remembers the first that is not as it must be.
class Reader {
public:
    std::string text(const json& j, const char* name, bool needed = false) {
        if (!j.is_object() || !j.contains(name) || j.at(name).is_null()) return needed ? wrong(name) : "";
        if (!j.at(name).is_string()) return wrong(name);
        auto out = j.at(name).get<std::string>();
        return out.empty() && needed ? wrong(name) : out;
    }
    const json& list(const json& j, const char* name) {
        static const json none = json::array();
        if (!j.is_object() || !j.contains(name) || j.at(name).is_null()) return none;
        if (!j.at(name).is_array() || j.at(name).size() > kMostThings) return wrong(name), none;
        return j.at(name);
    }
    template <class E>
    E one_of(const json& j, const char* name, E otherwise) {
        const std::string said = text(j, name);
        if (said.empty()) return otherwise;
        const auto e = from_name<E>(said);
        if (!e) wrong(name);
        return e.value_or(otherwise);
    }
    /// {"value", "unit"} or {"amount", "unit"}.
    Quantity quantity(const json& j, const char* name) {
        const auto* unit = find_unit(text(j, "unit"));
        if (unit == nullptr || !j.contains(name)) return wrong(name), Quantity{};
        const json& v = j.at(name);
        std::string digits;
        if (v.is_string())
            digits = v.get<std::string>();
        else if (v.is_number_integer())
            digits = std::to_string(v.get<std::int64_t>());
        else if (v.is_number() && std::isfinite(v.get<double>()))
            digits = fmt::format("{:.10g}", v.get<double>());
        auto number = Number::kept(digits);
        if (!number) return wrong(name), Quantity{};
        return {std::move(*number), unit};
    }
    std::string wrong(const char* name) {
        if (wrong_.empty()) wrong_ = name;
        return "";
    }
    const std::string& what() const { return wrong_; }

private:
    std::string wrong_;
};

std::vector<std::string> texts(Reader& r, const json& j, const char* name) {
    std::vector<std::string> out;
    for (const auto& x : r.list(j, name)) {
        if (x.is_string())
            out.push_back(x.get<std::string>());
        else if (x.is_object())
            out.push_back(r.text(x, "sha256", true));
        else
            r.wrong(name);
    }
    return out;
}

RunStep step_of(Reader& r, const json& j) {
    RunStep out;
    out.id = r.text(j, "id", true);
    out.began = r.text(j, "began");
    out.ended = r.text(j, "ended");
    out.state = r.one_of(j, "state", StepState::Done);
    out.because = r.text(j, "because");
    out.assessed = r.one_of(j, "assessed", Assessed::Not);
    for (const auto& x : r.list(j, "readings")) {
        RunReading one{r.text(x, "figure"), r.text(x, "what"), r.quantity(x, "value"), r.text(x, "by"), r.text(x, "device"),
            r.text(x, "at"), r.one_of(x, "judged", Judged::NoLimits)};
        if (one.figure.empty() && one.what.empty()) r.wrong("what");
        out.readings.push_back(std::move(one));
    }
    for (const auto& x : r.list(j, "checks")) {
        const bool good = x.is_object() && x.contains("good") && x.at("good").is_boolean();
        if (!good) r.wrong("good");
        out.checks.push_back({r.text(x, "look"), good && x.at("good").get<bool>(), r.text(x, "words")});
    }
    for (const auto& x : r.list(j, "evidence")) out.evidence.push_back({r.text(x, "sha256", true), r.text(x, "kind"), r.text(x, "at")});
    if (j.is_object() && j.contains("paused")) {
        if (j.at("paused").is_number_integer() && j.at("paused").get<std::int64_t>() >= 0)
            out.paused = j.at("paused").get<std::int64_t>();
        else
            r.wrong("paused");
    }
    return out;
}

json step_json(const RunStep& s) {
    json out{{"id", s.id}, {"began", s.began}, {"ended", s.ended}, {"state", name_of(s.state)}, {"because", s.because},
        {"readings", json::array()}, {"checks", json::array()}, {"evidence", json::array()}, {"assessed", name_of(s.assessed)}};
    if (s.paused > 0) out["paused"] = s.paused;
    for (const auto& r : s.readings)
        out["readings"].push_back({{r.figure.empty() ? "what" : "figure", r.figure.empty() ? r.what : r.figure},
            {"value", r.value.number.text()}, {"unit", r.value.unit == nullptr ? "" : r.value.unit->id}, {"by", r.by}, {"device", r.device},
            {"at", r.at}, {"judged", name_of(r.judged)}});
    for (const auto& c : s.checks) out["checks"].push_back({{"look", c.look}, {"good", c.good}, {"words", c.words}});
    for (const auto& e : s.evidence) out["evidence"].push_back({{"sha256", e.sha256}, {"kind", e.kind}, {"at", e.at}});
    return out;
}

}  // namespace

std::string to_json(const Run& run) {
    json out{{"format", kRunFormat}, {"id", run.id}, {"guide", run.guide}, {"edition", run.edition}, {"mark", run.mark},
        {"variant", run.variant}, {"machine", {{"name", run.machine}, {"serial", run.serial}}}, {"who", run.who},
        {"assessor", run.assessor}, {"began", run.began}, {"ended", run.ended}, {"steps", json::array()}, {"used", json::array()},
        {"findings", json::array()}, {"signed", json::array()}};
    for (const auto& s : run.steps) out["steps"].push_back(step_json(s));
    for (const auto& u : run.used)
        out["used"].push_back({{"item", u.item}, {"amount", u.amount.number.text()},
            {"unit", u.amount.unit == nullptr ? "" : u.amount.unit->id}, {"number", u.number}, {"batch", u.batch}});
    for (const auto& f : run.findings)
        out["findings"].push_back({{"step", f.step}, {"words", f.words}, {"urgency", name_of(f.urgency)}, {"evidence", f.evidence}});
    for (const auto& s : run.signed_by) out["signed"].push_back({{"post", s.post}, {"key", s.key}, {"signature", s.signature}});
    return canonical_text(out);
}

std::string signed_text(Run run) {
    run.signed_by.clear();
    return to_json(run);
}

bool Run::whole() const {
    return !steps.empty() && std::none_of(steps.begin(), steps.end(), [](const RunStep& s) { return s.state == StepState::Stopped; }) &&
        std::any_of(steps.begin(), steps.end(), [](const RunStep& s) { return s.state == StepState::Done; });
}

Result<Run> run_from_json(std::string_view text) {
    const auto bad = [](const std::string& what) {
        return fail(
            ErrorCode::BadInput, say(key("Logbook", "This is no run of the bench: {0} Hand in the file as the guide saved it."), what));
    };
    const json j = json::parse(text, nullptr, false);
    if (!j.is_object() || j.value("format", json()) != json(kRunFormat)) return bad(fmt::format("it is not of format {}.", kRunFormat));
    Reader r;
    Run out;
    out.id = r.text(j, "id", true);
    if (!is_uuid(out.id)) return bad("\u201Cid\u201D is no UUID.");
    out.guide = r.text(j, "guide", true);
    if (!j.contains("edition") || !j.at("edition").is_number_integer()) return bad("it does not say by which edition it was done.");
    out.edition = j.at("edition").get<int>();
    out.mark = r.text(j, "mark", true);
    out.variant = r.text(j, "variant");
    const json machine = j.value("machine", json());
    out.machine = machine.is_string() ? machine.get<std::string>() : r.text(machine, "name");
    out.serial = machine.is_string() ? "" : r.text(machine, "serial");
    if (out.machine.empty() && out.serial.empty()) r.wrong("machine");
    out.who = post_of(r.text(j, "who", true));
    out.assessor = post_of(r.text(j, "assessor"));
    out.began = r.text(j, "began", true);
    out.ended = r.text(j, "ended");
    for (const auto* at : {&out.began, &out.ended})
        if (!at->empty() && !parse_day(at->substr(0, 10))) return bad(fmt::format("\u201C{}\u201D is no time.", *at));
    for (const auto& x : r.list(j, "steps")) out.steps.push_back(step_of(r, x));
    for (const auto& x : r.list(j, "used"))
        out.used.push_back({r.text(x, "item", true), r.quantity(x, "amount"), r.text(x, "number"), r.text(x, "batch")});
    for (const auto& x : r.list(j, "findings"))
        out.findings.push_back(
            {r.text(x, "step"), r.text(x, "words", true), r.one_of(x, "urgency", Urgency::NextService), texts(r, x, "evidence")});
    for (const auto& x : r.list(j, "signed")) out.signed_by.push_back({r.text(x, "post"), r.text(x, "key"), r.text(x, "signature")});
    if (!r.what().empty()) return bad(fmt::format("\u201C{}\u201D is missing or not as it must be.", r.what()));
    return out;
}

std::vector<LogBody> entries_of(
    const Run& run, const std::string& machine, const std::string& what, const std::vector<std::string>& stocked) {
    std::vector<LogBody> out;
    const std::string on = (run.ended.empty() ? run.began : run.ended).substr(0, 10);
    // what was written down of a meter: hours or a distance that no figure of the guide is about; the last of each kind counts
    std::map<Dimension, MeterRead> meters;
    for (const auto& s : run.steps)
        for (const auto& reading : s.readings) {
            const auto dimension = reading.value.unit->dimension;
            const bool meter = reading.value.unit->id == "h" || dimension == Dimension::Distance;
            if (reading.figure.empty() && meter)
                meters[dimension] = {machine, reading.value, reading.at.size() < 10 ? on : reading.at.substr(0, 10), run.id};
        }
    for (const auto& [dimension, reading] : meters) out.emplace_back(reading);
    if (run.whole()) out.emplace_back(ServiceDone{machine, what, run.guide, on, {}, run.id});
    for (const auto& used : run.used)
        if (std::any_of(stocked.begin(), stocked.end(), [&](const std::string& item) { return same_post(item, used.item); }))
            out.emplace_back(StockUsed{used.item, used.amount, on, run.id, used.batch});
    for (const auto& f : run.findings) out.emplace_back(FindingNoted{machine, f.words, f.urgency, on, f.step, run.id, f.evidence});
    return out;
}

}  // namespace anagraph::core
