#include "publish/logbook_pages.h"

#include <fmt/format.h>

#include <algorithm>
#include <kainjow/mustache.hpp>
#include <map>

#include "core/base/letters.h"
#include "core/logbook/history.h"
#include "publish/qr_code.h"
#include "publish/resource.h"

namespace anagraph::publish {

using kainjow::mustache::data;

namespace {

constexpr double kSheetHeight = 262;  // mm of an A4 sheet that labels fill

std::string about(const core::Machine& m) {
    std::string out;
    for (const auto& part : {m.about.type, m.about.variant, m.about.serial.empty() ? "" : "serial " + m.about.serial, m.place})
        if (!part.empty()) out += (out.empty() ? "" : ", ") + part;
    return out;
}

data row(const core::EntryRead& e) {
    data out;
    out.set("on", e.on);
    out.set("kind", core::capitalised(e.kind.english()));
    out.set("what", e.what.empty() ? data{data::type::bool_false} : data{e.what.english()});
    out.set("reading", e.reading.english());
    out.set("by", e.by);
    out.set("number", std::to_string(e.number));
    out.set("struck", e.struck ? "struck" : "");
    return out;
}

}  // namespace

std::string history_book(const core::Logbook& log) {
    std::map<std::string, std::map<std::string, std::vector<core::EntryRead>, std::greater<>>> by_machine;
    for (auto& e : core::entries_read(log))
        if (!e.machine.empty()) by_machine[e.machine][e.on.substr(0, 4)].push_back(std::move(e));
    data machines{data::type::list};
    for (const auto& m : log.machines()) {
        data one;
        one.set("machine", m.about.name);
        one.set("about", about(m));
        data years{data::type::list};
        for (const auto& [year, entries] : by_machine[m.about.name]) {
            data rows{data::type::list};
            for (const auto& e : entries) rows << row(e);
            data y;
            y.set("year", year);
            y.set("entries", rows);
            years << y;
        }
        one.set("years", years);
        machines << one;
    }
    data d;
    d.set("none", log.machines().empty());
    d.set("machines", machines);
    kainjow::mustache::mustache page(template_text("logbook.html"));
    return page.render(d);
}

std::string warranty_file(
    const core::Machine& m, const std::vector<core::RunInLog>& runs, const std::vector<EvidenceShown>& files, const std::string& day) {
    data d;
    d.set("machine", m.about.name);
    d.set("about", about(m));
    d.set("day", day);
    data services{data::type::list};
    for (const auto& s : m.services) {
        data one;
        one.set("on", core::text_of(s.on));
        one.set("what", s.what.what);
        one.set("reading", s.what.reading ? core::display(*s.what.reading) : "");
        one.set("entry", std::to_string(s.entry));
        services << one;
    }
    d.set("no_services", m.services.empty());
    d.set("services", services);
    data all_runs{data::type::list};
    for (const auto& r : runs) {
        data one;
        one.set("day", r.run.began.substr(0, 10));
        one.set("guide", r.run.guide);
        one.set("edition", std::to_string(r.run.edition));
        one.set("who", r.run.who);
        one.set("id", r.run.id);
        one.set("mark", r.run.mark);
        std::string signed_by;
        for (const auto& s : r.run.signed_by) signed_by += (signed_by.empty() ? "" : ", ") + s.post;
        one.set("signed", signed_by.empty() ? data{data::type::bool_false} : data{signed_by});
        data readings{data::type::list};
        for (const auto& step : r.run.steps)
            for (const auto& reading : step.readings) {
                data row;
                row.set("what", reading.figure.empty() ? reading.what : reading.figure);
                row.set("value", core::display(reading.value));
                row.set("judged", std::string(core::spoken_name_of(reading.judged)));
                row.set("by", reading.by + (reading.device.empty() ? "" : " " + reading.device));
                readings << row;
            }
        one.set("readings", readings);
        all_runs << one;
    }
    d.set("has_runs", !runs.empty());
    d.set("runs", all_runs);
    data shown{data::type::list};
    for (const auto& f : files) {
        data one;
        one.set("sha256", f.sha256);
        one.set("words", f.words);
        one.set("picture", f.picture.empty() ? data{data::type::bool_false} : data{f.picture});
        one.set("missing", f.missing);
        shown << one;
    }
    d.set("has_files", !files.empty());
    d.set("files", shown);
    data points{data::type::list};
    for (const auto& meter : m.meters)
        for (const auto& p : meter.points) {
            data one;
            one.set("on", core::text_of(p.on));
            one.set("reading", fmt::format("{:.6g} {}", p.shown, meter.unit->symbol));
            points << one;
        }
    d.set("meter", points);
    kainjow::mustache::mustache page(template_text("warranty.html"));
    return page.render(d);
}

std::string sample_form(const core::Machine& m, const core::SampleInLog& s, const std::vector<std::string>& earlier) {
    data rows{data::type::list};
    const auto row = [&](const char* name, const std::string& value) {
        data one;
        one.set("name", name);
        one.set("value", value.empty() ? "not said" : value);
        rows << one;
    };
    const auto quantity = [](const std::optional<core::Quantity>& q) { return q ? core::display(*q) : std::string(); };
    row("Number", s.what.number);
    row("Machine", m.about.name + (m.about.type.empty() ? "" : ", " + m.about.type));
    row("Serial", m.about.serial);
    row("Fluid", s.what.fluid);
    row("Taken on", core::text_of(s.on));
    row("Where", s.what.where);
    row("On the machine", quantity(s.what.on_machine));
    row("On the fluid", quantity(s.what.on_fluid));
    row("Added since", quantity(s.what.added));
    data before{data::type::list};
    for (const auto& e : earlier) before << data{"text", e};
    data d;
    d.set("number", s.what.number);
    d.set("rows", rows);
    d.set("has_earlier", !earlier.empty());
    d.set("earlier", before);
    d.set("code",
        qr_svg(fmt::format("sample {} / {} / {}", s.entry, s.what.number, m.about.serial.empty() ? m.about.name : m.about.serial), 24));
    kainjow::mustache::mustache page(template_text("sample.html"));
    return page.render(d);
}

std::string label_sheet(const Label& label, int across, int down) {
    const double height = kSheetHeight / down;
    const double code = std::min(22.0, height - 4);
    data lines{data::type::list};
    for (const auto& l : label.lines) lines << data{"text", l};
    data cells{data::type::list};
    for (int i = 0; i < across; ++i) {
        data cell;
        cell.set("head", label.head);
        cell.set("lines", lines);
        cell.set("next", label.next);
        cell.set("code", qr_svg(label.code, code));
        cells << cell;
    }
    data rows{data::type::list};
    for (int i = 0; i < down; ++i) rows << data{"cells", cells};
    data d;
    d.set("rows", rows);
    d.set("height", fmt::format("{:.1f}", height - 2.4));
    d.set("size", across <= 2 ? "11" : across == 3 ? "8.5" : "6.5");
    kainjow::mustache::mustache page(template_text("label.html"));
    return page.render(d);
}

}  // namespace anagraph::publish
