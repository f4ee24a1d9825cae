// anagraph-cli check
#include <fmt/format.h>

#include <algorithm>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "core/editing/editor.h"
#include "core/review/open_points.h"
#include "shop/spelling.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Check : public AtGuide {
public:
    using AtGuide::AtGuide;

    int run() override {
        auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto procedure = guide_to_look_at(**library, guide_);
        if (!procedure) return answer_.wrong(procedure.error(), kWrongUse);
        const auto points = core::open_points(*procedure);
        json out = json::array();
        std::string words;
        for (const auto& p : points) {
            out.push_back({{"text", p.text}, {"stops_issue", p.stops_issue}});
            words += (p.stops_issue ? "must  " : "open  ") + p.text.english() + "\n";
        }
        // what the editor would say: advice, which stops nothing
        const auto house = (*library)->house();
        const auto speller = shop::dictionary(procedure->header.language);
        const auto found =
            core::findings(*procedure, house ? house->rules_off : std::vector<std::string>{}, speller.value_or(core::Speller{}));
        json advice = json::array();
        for (const auto& f : found) {
            const auto step =
                std::find_if(procedure->steps.begin(), procedure->steps.end(), [&](const core::Step& s) { return s.id == f.step; }) -
                procedure->steps.begin() + 1;
            advice.push_back({{"rule", core::name_of(f.rule)}, {"step", step},
                {"line", f.part == core::StepPart::Line ? json(f.index + 1) : json(nullptr)}, {"text", f.text}, {"why", f.why},
                {"can_be_mended", f.fix.has_value()}});
            words += fmt::format(
                "look  Step {}{}: {}\n", step, f.part == core::StepPart::Line ? fmt::format(", line {}", f.index + 1) : "", f.why);
        }
        return answer_.say(
            {{"open", out}, {"advice", advice}}, words.empty() ? "Nothing is open." : words, points.empty() ? kFine : kFoundWrong);
    }
};

}  // namespace

void add_check(CLI::App& app, const Answer& answer, int& code) { add<Check>(app, answer, code, "check", "what is still open in a guide"); }

}  // namespace anagraph::cli
