// anagraph-cli cut
#include <fmt/format.h>

#include <cmath>
#include <cstdlib>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "media/fast_cut.h"
#include "store/files.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

/// "1:23.4", "1:02:03" or "83.4" as a moment.
core::Result<core::FrameTime> moment(const std::string& words) {
    double seconds = 0;
    std::size_t begin = 0;
    for (;;) {
        const auto colon = words.find(':', begin);
        const std::string part = words.substr(begin, colon == std::string::npos ? colon : colon - begin);
        char* end = nullptr;
        const double value = std::strtod(part.c_str(), &end);
        if (part.empty() || *end != 0 || value < 0)
            return core::fail(core::ErrorCode::BadInput, fmt::format("\"{}\" is no moment; write it as 1:23.4 or 83.4.", words));
        seconds = seconds * 60 + value;
        if (colon == std::string::npos) return core::FrameTime(std::llround(seconds * 1e6), 1000000);
        begin = colon + 1;
    }
}

class Cut : public Command {
public:
    Cut(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("RECORDING", recording_, "the film")->required();
        app.add_option("FROM", from_, "first moment, as 1:23.4 or 83.4")->required();
        app.add_option("TO", until_, "moment after the last, in the same form")->required();
        app.add_option("--to", to_, "the MP4 to write")->required();
        app.add_flag("--replace", replace_, "write over a file that is there");
    }

    int run() override {
        const auto from = moment(from_);
        const auto until = moment(until_);
        if (!from) return answer_.wrong(from.error(), kWrongUse);
        if (!until) return answer_.wrong(until.error(), kWrongUse);
        if (!(*from < *until))
            return answer_.wrong({core::ErrorCode::BadInput, std::string("The stretch ends before it begins."), ""}, kWrongUse);
        auto place = store::Destination::file(to_, {recording_}, replace_);
        if (!place) return answer_.wrong(place.error(), kWrongUse);
        const auto report = media::fast_cut(recording_, {core::RecordingId(recording_), *from, *until}, place->work(),
            [&](double share) { return show_progress(answer_, "Cutting", share); });
        if (!report) return answer_.wrong(report.error());
        if (auto put = place->commit(); !put) return answer_.wrong(put.error());
        return answer_.say({{"file", place->path()}, {"copied", report->copied}, {"encoded", report->encoded}, {"why", report->why}},
            report->why.empty()
                ? fmt::format("{}: {} pictures copied, {} at the ends encoded anew.", place->path(), report->copied, report->encoded)
                : fmt::format("{}: {}", place->path(), report->why));
    }

private:
    std::string recording_;
    std::string from_;
    std::string until_;
    std::string to_;
    bool replace_ = false;
};

}  // namespace

void add_cut(CLI::App& app, const Answer& answer, int& code) {
    add<Cut>(app, answer, code, "cut", "a stretch of a film as its own, exact to the frame");
}

}  // namespace anagraph::cli
