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
    out.set("kind", core::capitalised(e.kind));
    out.set("what", e.what.empty() ? data{data::type::bool_false} : data{e.what});
    out.set("reading", e.reading);
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
