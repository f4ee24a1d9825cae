// anagraph-cli page
#include <fmt/format.h>

#include "cli/commands.h"
#include "core/figure/figure.h"
#include "core/page/page_words.h"
#include "paper/document.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

/// What a machine reads on a page of a book or on a picture, as proposals; a person compares them with the page.
class Page : public Command {
public:
    Page(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("FILE", file_, "a PDF or a picture")->required();
        app.add_option("--page", number_, "which page of a PDF")->capture_default_str();
        app.add_option("--kind", kind_, "kind of figure: torque, volume, grade ...")->required();
        app.add_option("--about", about_, "what it is about, so that its line comes first: \"drain plug\"");
    }

    int run() override {
        const auto kind = core::from_name<core::FigureKind>(kind_);
        if (!kind) return answer_.wrong({core::ErrorCode::BadInput, fmt::format("\"{}\" is no kind of figure.", kind_), ""}, kWrongUse);
        const auto document = paper::open_document(file_);
        if (!document) return answer_.wrong(document.error(), kWrongUse);
        const auto image = paper::page_image(*document, number_);
        if (!image) return answer_.wrong(image.error(), image.error().code == core::ErrorCode::BadInput ? kWrongUse : kFoundWrong);
        const auto words =
            paper::read_words(*image, paper::whole_page(number_), document->pdf ? paper::Layout::Page : paper::Layout::Object);
        if (!words) return answer_.wrong(words.error());
        json list = json::array();
        std::string sentences;
        for (const auto& v : core::values_on(*words, *kind, about_)) {
            list.push_back({{"value", core::text_of(v.value)}, {"tolerance", v.tolerance}, {"line", v.line}, {"page", v.spot.page},
                {"box", {v.spot.left, v.spot.top, v.spot.right, v.spot.bottom}}, {"sureness", v.sureness}, {"mended", v.mended}});
            sentences += fmt::format("{:24} {}\n", core::text_of(v.value) + (v.tolerance.empty() ? "" : " ± " + v.tolerance), v.line);
        }
        if (list.empty())
            return answer_.say(
                {{"values", list}}, fmt::format("No {} was read on page {}.", core::spoken_name_of(*kind), number_), kFoundWrong);
        return answer_.say({{"values", list}}, sentences + "Read by a machine: compare each with the page.");
    }

private:
    std::string file_;
    std::string kind_;
    std::string about_;
    int number_ = 1;
};

}  // namespace

void add_page(CLI::App& app, const Answer& answer, int& code) {
    add<Page>(app, answer, code, "page", "values read on a page of a book or on a picture, to be compared with it");
}

}  // namespace anagraph::cli
