#include "publish/bench_page.h"

#include <kainjow/mustache.hpp>
#include <nlohmann/json.hpp>

#include "core/bench/bench_sheet.h"
#include "publish/plate_svg.h"
#include "publish/resource.h"

namespace anagraph::publish {
namespace {

using kainjow::mustache::data;
using nlohmann::json;

json unit_json(const core::Unit& unit) {
    return {{"id", unit.id}, {"symbol", unit.symbol}, {"factor", unit.factor}, {"offset", unit.offset}};
}

/// The unit it is written down in, and that of the other system.
json units_json(const core::Unit* unit) {
    json out = json::array();
    if (unit == nullptr) return out;
    out.push_back(unit_json(*unit));
    if (const auto* other = core::find_unit(unit->partner); !unit->partner.empty() && other != nullptr) out.push_back(unit_json(*other));
    return out;
}

json wanted_json(const core::BenchWanted& w) {
    json out{{"what", w.what}, {"value", w.value}, {"other", w.other}, {"units", units_json(w.unit)}, {"settings", w.settings},
        {"needed", w.needed}, {"times", w.times}};
    if (!w.figure.empty()) out["figure"] = w.figure;
    if (w.limits.known()) {
        out["limits"] = {{"unit", unit_json(*w.limits.unit)}};
        if (w.limits.low) out["limits"]["low"] = *w.limits.low;
        if (w.limits.high) out["limits"]["high"] = *w.limits.high;
    }
    return out;
}

std::vector<std::string> texts(const auto& ids) {
    std::vector<std::string> out;
    for (const auto& id : ids) out.push_back(id.text());
    return out;
}

json step_json(const core::BenchStep& s, const PackFiles& files) {
    json out{{"id", s.id.text()}, {"number", s.number}, {"heading", s.heading}, {"states", s.states}, {"lines", s.lines},
        {"cautions", json::array()}, {"wanted", json::array()}, {"waits", json::array()}, {"checks", json::array()},
        {"plates", texts(s.plates)}, {"meanwhile", texts(s.meanwhile)}};
    for (const auto& c : s.cautions) out["cautions"].push_back({{"signal", core::name_of(c.signal)}, {"text", c.text}});
    for (const auto& w : s.wanted) out["wanted"].push_back(wanted_json(w));
    for (const auto& w : s.waits) {
        json wait{{"text", w.text}};
        if (w.seconds) wait["seconds"] = *w.seconds;
        out["waits"].push_back(std::move(wait));
    }
    for (const auto& c : s.checks)
        out["checks"].push_back(
            {{"look", c.look}, {"good", c.good}, {"stop", c.stop}, {"ask", c.ask}, {"write", c.write}, {"pair", texts(c.pair)}});
    if (const auto clip = files.clips.find(s.id); clip != files.clips.end())
        out["clip"] = {{"file", clip->second.file}, {"poster", clip->second.poster}};
    return out;
}

/// As text that may stand within a page: nothing in it ends the element it stands in.
std::string within_page(const json& j) {
    std::string out;
    for (const char c : j.dump(-1, ' ', false, json::error_handler_t::replace))
        out += c == '<' ? std::string("\\u003c") : c == '&' ? std::string("\\u0026") : std::string(1, c);
    return out;
}

}  // namespace

std::string bench_page(const core::Edition& edition, const std::string& mark, const PackFiles& files) {
    const auto& p = edition.procedure;
    json sheet{{"mark", mark}, {"guide", p.header.number}, {"edition", edition.number}, {"title", p.header.title},
        {"machine", p.header.machine}, {"variants", json::array()}};
    const auto variants = p.header.variants.empty() ? std::vector<std::string>{""} : p.header.variants;
    for (const auto& variant : variants) {
        const auto made = core::bench_sheet(edition, p.header.number, mark, variant);
        json one{{"variant", variant}, {"kit", made.kit}, {"gear", made.gear}, {"steps", json::array()}};
        for (const auto& s : made.steps) one["steps"].push_back(step_json(s, files));
        sheet["variants"].push_back(std::move(one));
    }
    data d;
    d.set("machine", p.header.machine);
    d.set("title", p.header.title);
    d.set("number", p.header.number);
    d.set("edition", std::to_string(edition.number));
    d.set("mark", mark);
    d.set("safety", std::string(core::safety_statement()));
    d.set("sheet", within_page(sheet));
    data plates{data::type::list};
    const auto numbers = core::callout_numbers(p);
    for (const auto& plate : core::plates_of(p)) {
        const auto still = files.stills.find(plate.id);
        if (still == files.stills.end()) continue;
        const auto& f = still->second;
        data one;
        one.set("id", plate.id.text());
        one.set("svg", plate_svg(p, plate, numbers, f.file, f.width, f.height, f.lenses));
        plates << one;
    }
    d.set("plates", plates);
    kainjow::mustache::mustache form(template_text("bench.html"));
    return form.render(d);
}

}  // namespace anagraph::publish
