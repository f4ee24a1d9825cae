// anagraph-cli hear
#include "shop/hear.h"

#include <fmt/format.h>

#include <algorithm>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "store/destination.h"
#include "store/files.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class Hear : public Command {
public:
    Hear(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("FILE", file_, "a film or a sound file")->required();
        app.add_option("--to", to_, "the WebVTT to write; without it, it is printed");
        app.add_flag("--replace", replace_, "write over a file that is there");
        app.add_option("--with", command_, "another recogniser: a command that takes a 16 kHz WAV and writes WebVTT or SRT");
        app.add_option("--library", library_, "hear as its house does");
        app.add_option("--guide", guide_, "of the library: listen for its words")->needs("--library");
    }

    int run() override {
        shop::Hearing how{command_, {}};
        if (!library_.empty()) {
            auto library = store::Library::read(library_);
            if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
            const auto house = (*library)->house();
            if (!house) return answer_.wrong(house.error());
            if (command_.empty()) how.command = house->recogniser;
            if (!guide_.empty()) {
                const auto guide = guide_to_look_at(**library, guide_);
                if (!guide) return answer_.wrong(guide.error());
                how.guide = core::guide_phrases(*guide);
            }
        }
        std::optional<store::Destination> place;
        if (!to_.empty()) {
            auto asked = store::Destination::file(to_, {file_}, replace_);
            if (!asked) return answer_.wrong(asked.error(), kWrongUse);
            place.emplace(std::move(*asked));
        }
        const auto heard = shop::hear(file_, how, [&](double share) { return show_progress(answer_, "Hearing what is said", share); });
        if (!heard) return answer_.wrong(heard.error(), wrong_path(heard.error()));
        const std::string vtt = core::write_webvtt(heard->segments);
        if (place) {
            if (auto written = store::write_file(place->work(), vtt); !written) return answer_.wrong(written.error());
            if (auto put = place->commit(); !put) return answer_.wrong(put.error());
        }
        std::size_t words = 0, unsure = 0;
        for (const auto& line : heard->segments) {
            words += core::said_words(line.text).size();
            unsure += static_cast<std::size_t>(std::count_if(line.words.begin(), line.words.end(), [](const auto& w) { return w.unsure; }));
        }
        json said{{"lines", heard->segments.size()}, {"words", words}, {"unsure", unsure}};
        if (place)
            said["file"] = place->path();
        else
            said["webvtt"] = vtt;
        return answer_.say(said,
            place ? fmt::format("{}: {} lines, {} words, of which {} are unsure. Listen before you rely on them.", place->path(),
                        heard->segments.size(), words, unsure)
                  : vtt);
    }

private:
    std::string file_;
    std::string to_;
    std::string command_;
    std::string library_;
    std::string guide_;
    bool replace_ = false;
};

}  // namespace

void add_hear(CLI::App& app, const Answer& answer, int& code) {
    add<Hear>(app, answer, code, "hear", "hear what is said on a film, as WebVTT with the time of every word");
}

}  // namespace anagraph::cli
