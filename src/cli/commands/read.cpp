// anagraph-cli read
#include <fmt/format.h>

#include <filesystem>

#include "cli/commands.h"
#include "core/edits/translation.h"
#include "core/narration/reader.h"
#include "core/narration/spoken_language.h"
#include "shop/intake.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Read : public Command {
public:
    Read(CLI::App& app, const Answer& answer) : Command(answer) { app.add_option("FILE", file_, "WebVTT, SRT or timed text")->required(); }

    int run() override {
        const auto narration = shop::read_narration(file_);
        if (!narration)
            return answer_.wrong(narration.error(), narration.error().code == core::ErrorCode::NotFound ? kWrongUse : kFoundWrong);
        const auto marks = core::read_marks(narration->segments);
        if (const auto other = core::other_language(narration->segments); !other.empty())
            fmt::print(stderr, "It sounds {}, and only English is read.\n", core::language_words(other));
        std::string words;
        for (const auto& m : marks) {
            const std::string what = m.kind == core::MarkKind::Figure
                ? fmt::format("{} {}{}", core::spoken_name_of(m.figure_kind), core::text_of(m.value),
                      m.taken_back   ? " (taken back)"
                          : m.hedged ? " (hedged)"
                                     : "")
                : m.verb;
            words += fmt::format("{:>9}  {:8}  {:34} {}\n", core::clock_text(m.at), core::name_of(m.kind),
                what + (m.about.empty() ? "" : ", " + m.about), m.because);
        }
        for (const auto& remark : narration->remarks) fmt::print(stderr, "{}\n", remark);
        json out = core::marks_json(narration->segments, marks);
        out["rec"] = std::filesystem::path(file_).stem().string();
        return answer_.say(out, words);
    }

private:
    std::string file_;
};

}  // namespace

void add_read(CLI::App& app, const Answer& answer, int& code) {
    add<Read>(app, answer, code, "read", "find figures, steps, cautions ... in a narration");
}

}  // namespace anagraph::cli
