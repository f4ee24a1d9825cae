// anagraph-cli verify
#include "shop/verify.h"

#include <fmt/format.h>

#include "cli/at_library.h"
#include "cli/commands.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Verify : public Command {
public:
    Verify(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("PACK", pack_, "the pack's folder")->required();
        app.add_option("--library", library_, "the library that should have issued it");
    }

    int run() override {
        const auto v = shop::verify(pack_, library_, [&](double share) { return show_progress(answer_, "Reading the pack", share); });
        if (!v)
            return answer_.wrong(v.error(),
                v.error().code == core::ErrorCode::NotFound || v.error().code == core::ErrorCode::BadInput ? kWrongUse : kFoundWrong);
        using shop::PackTruth;
        const bool good = v->truth == PackTruth::Undamaged || v->truth == PackTruth::Issued;
        json known = nullptr;
        if (v->truth == PackTruth::Issued || v->truth == PackTruth::Foreign) known = v->truth == PackTruth::Issued;
        return answer_.say({{"ok", good}, {"undamaged", v->found.undamaged}, {"issued_by_library", known}, {"edition", v->found.edition},
                               {"mark", v->found.mark}, {"sha256", v->found.sha256}, {"manifest", v->found.manifest},
                               {"troubles", v->found.troubles}, {"notes", v->found.notes}, {"words", v->words}},
            v->words, good ? kFine : kFoundWrong);
    }

private:
    std::string pack_;
    std::string library_;
};

}  // namespace

void add_verify(CLI::App& app, const Answer& answer, int& code) {
    add<Verify>(app, answer, code, "verify", "is a pack undamaged, and is it what a library issued?");
}

}  // namespace anagraph::cli
