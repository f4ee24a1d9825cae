#include "publish/run_pages.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <kainjow/mustache.hpp>

#include "publish/resource.h"

namespace anagraph::publish {

using kainjow::mustache::data;

std::string certificate(const core::Run& run, const core::Edition& edition) {
    const auto& p = edition.procedure;
    data d;
    d.set("who", run.who);
    d.set("machine_type", p.header.machine);
    d.set("title", p.header.title);
    d.set("edition", std::to_string(run.edition));
    d.set("mark", run.mark);
    d.set("run", run.id);
    d.set("variant", run.variant.empty() ? data{data::type::bool_false} : data{run.variant});
    d.set("machine", run.machine.empty() ? "a machine" : run.machine);
    d.set("serial", run.serial.empty() ? data{data::type::bool_false} : data{run.serial});
    d.set("day", run.began.substr(0, 10));
    data steps{data::type::list};
    int alone = 0, assessed = 0;
    for (const auto& s : run.steps) {
        const auto at = std::find_if(p.steps.begin(), p.steps.end(), [&](const core::Step& x) { return x.id.text() == s.id; });
        std::vector<std::string> readings;
        for (const auto& r : s.readings) readings.push_back(fmt::format("{} ({})", core::display(r.value), core::spoken_name_of(r.judged)));
        alone += s.assessed == core::Assessed::Alone ? 1 : 0;
        assessed += s.assessed != core::Assessed::Not ? 1 : 0;
        data one;
        one.set("number", at == p.steps.end() ? "" : std::to_string(at - p.steps.begin() + 1));
        one.set("heading", at == p.steps.end() ? s.id : at->heading);
        std::string how(core::spoken_name_of(s.state));
        if (s.assessed != core::Assessed::Not) how += fmt::format(", {}", core::spoken_name_of(s.assessed));
        if (!s.because.empty()) how += fmt::format(": {}", s.because);
        one.set("how", how);
        one.set("readings", fmt::format("{}", fmt::join(readings, "; ")));
        steps << one;
    }
    d.set("steps", steps);
    d.set("sum",
        !run.whole()        ? std::string("The work stopped; it is not whole.")
            : assessed == 0 ? std::string("The work is done; nobody assessed it.")
                            : fmt::format("The work is done; {} of {} steps alone.", alone, run.steps.size()));
    data signed_by{data::type::list};
    for (const auto& s : run.signed_by) {
        data one;
        one.set("post", s.post);
        one.set("how", s.key.empty() ? "signed by name" : "signed with the key " + s.key);
        signed_by << one;
    }
    d.set("signed", signed_by);
    kainjow::mustache::mustache page(template_text("certificate.html"));
    return page.render(d);
}

}  // namespace anagraph::publish
