#include "bench/bench.h"

#include <fmt/format.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <memory>
#include <nlohmann/json.hpp>
#include <stdexcept>

#include "bench/good.h"
#include "core/edits/edit.h"
#include "core/hearing/spoken_words.h"
#include "core/hearing/word_error.h"
#include "core/narration/reader.h"
#include "media/av.h"
#include "media/clip.h"
#include "media/exact_frame.h"
#include "media/fast_cut.h"
#include "media/import_pass.h"
#include "shop/hear.h"
#include "shop/intake.h"
#include "tools/reader/judgement.h"

namespace anagraph::bench {

namespace fs = std::filesystem;
using core::FrameTime;

double median_ratio(const std::vector<double>& ours, const std::vector<double>& reference) {
    std::vector<double> ratios;
    for (std::size_t i = 0; i < ours.size(); ++i) ratios.push_back(ours[i] / reference[i]);
    return median(std::move(ratios));
}

double quantile(std::vector<double> values, double share) {
    std::sort(values.begin(), values.end());
    return values.empty() ? 0 : values[std::min(values.size() - 1, static_cast<std::size_t>(static_cast<double>(values.size()) * share))];
}

namespace {

constexpr int kRounds = 3;

void shell(const std::string& command) {
    if (std::system((command + " </dev/null").c_str()) != 0) throw std::runtime_error(fmt::format("This command failed: {}", command));
}

class Bench {
public:
    Bench(const Options& options, const std::function<void(const Line&)>& tell) : o_(options), tell_(tell) {
        fs::create_directories(o_.folder);
    }

    std::vector<Line> run() {
        const std::pair<const char*, void (Bench::*)()> parts[] = {{"import", &Bench::import_time}, {"memory", &Bench::import_memory},
            {"frame", &Bench::exact_frame_time}, {"reader", &Bench::reader}, {"figures", &Bench::figures}, {"drafts", &Bench::drafts},
            {"hearing", &Bench::hearing}, {"clips", &Bench::clips}, {"window", &Bench::window}, {"library", &Bench::library},
            {"rest", &Bench::rest}, {"desk", &Bench::desk}, {"logbook", &Bench::logbook}};
        for (const auto& [name, part] : parts)
            if (o_.only.empty() || o_.only == name) (this->*part)();
        return std::move(lines_);
    }

private:
    void add(Line line) {
        tell_(line);
        lines_.push_back(std::move(line));
    }

    /// A minute of moving picture with sound; `gop` pictures between key pictures.
    std::string minute(int width, int height, int gop) {
        const std::string file = fmt::format("{}/minute-{}-{}.mp4", o_.folder, height, gop);
        const char* rate = height > 700 ? "17M" : "300k";  // as phones do
        if (!fs::exists(file))
            shell(
                fmt::format("ffmpeg -v error -y -f lavfi -i testsrc2=size={}x{}:rate=30:duration=60 -f lavfi -i sine=300:duration=60 -vf "
                            "noise=alls=8:allf=t -c:v libx264 -preset veryfast -b:v {} -maxrate {} -bufsize {} -pix_fmt yuv420p -g {} "
                            "-keyint_min {} -sc_threshold 0 -c:a aac -shortest '{}'",
                    width, height, rate, rate, rate, gop, gop, file));
        return file;
    }

    /// The same with few bits, so that hours of it have room.
    std::string light_minute(int width, int height) {
        const std::string file = fmt::format("{}/light-{}.mp4", o_.folder, height);
        if (!fs::exists(file))
            shell(fmt::format(
                "ffmpeg -v error -y -f lavfi -i testsrc2=size={}x{}:rate=30:duration=60 -f lavfi -i sine=300:duration=60 -c:v libx264 "
                "-preset veryfast -b:v 800k -maxrate 800k -bufsize 800k -pix_fmt yuv420p -g 250 -c:a aac -shortest '{}'",
                width, height, file));
        return file;
    }

    std::string minutes(const std::string& of, int count) {
        const std::string file = fmt::format("{}-{}min.mp4", of.substr(0, of.size() - 4), count);
        if (!fs::exists(file)) shell(fmt::format("ffmpeg -v error -y -stream_loop {} -i '{}' -c copy '{}'", count - 1, of, file));
        return file;
    }

    void import_time() {
        const int length = o_.full ? 10 : 2;
        const std::string file = minutes(minute(1920, 1080, 250), length);
        const std::string folder = o_.folder + "/import";
        fs::create_directories(folder);
        std::vector<double> ours;
        std::vector<double> reference;
        std::vector<double> whole;
        std::vector<double> all_of_it;
        for (int i = 0; i < kRounds; ++i) {
            reference.push_back(seconds([&] { shell(fmt::format("ffmpeg -v error -i '{}' -f null -", file)); }));
            ours.push_back(seconds([&] { good(media::import_pass(file, folder)); }));
            // as a person brings it in: hashed, copied, the copy read again, looked through, on the disk
            const std::string library = o_.folder + "/import-library";
            fs::remove_all(library);
            whole.push_back(
                seconds([&] { shell(fmt::format("'{}/anagraph-cli' import '{}' '{}' >/dev/null", o_.programs, library, file)); }));
            all_of_it.push_back(seconds([&] {
                shell(
                    fmt::format("sha256sum '{0}' >/dev/null && cp '{0}' '{1}/copy' && sync '{1}/copy' && sha256sum '{1}/copy' >/dev/null "
                                "&& ffmpeg -v error -i '{0}' -f null -",
                        file, folder));
            }));
            fs::remove_all(library);
            fs::remove(folder + "/copy");
        }
        add({fmt::format("looking through {} min of 1080p, against decoding it with ffmpeg", length), median(ours) / median(reference), 1.3,
            false, "", fmt::format("{:.1f} s against {:.1f} s", median(ours), median(reference))});
        add({fmt::format("bringing in {} min of 1080p, against hashing, copying, hashing again and decoding", length),
            median(whole) / median(all_of_it), 1.3, false, "", fmt::format("{:.1f} s against {:.1f} s", median(whole), median(all_of_it))});
    }

    /// Peak memory of another process, MB.
    static double peak_of(const std::vector<std::string>& command) {
        const pid_t child = fork();
        if (child == 0) {
            std::vector<char*> arguments;
            for (const auto& a : command) arguments.push_back(const_cast<char*>(a.c_str()));
            arguments.push_back(nullptr);
            if (std::freopen("/dev/null", "w", stdout) == nullptr) _exit(1);
            execv(arguments[0], arguments.data());
            _exit(1);
        }
        int status = 0;
        rusage usage{};
        if (child < 0 || wait4(child, &status, 0, &usage) < 0 || status != 0)
            throw std::runtime_error(fmt::format("{} ended with an error", command.front()));
        return static_cast<double>(usage.ru_maxrss) / 1024;
    }

    void import_memory() {
        const auto peak = [&](const std::string& film) {
            const std::string library = o_.folder + "/memory-library";
            fs::remove_all(library);
            const double mb = peak_of({o_.programs + "/anagraph-cli", "import", library, film, "--in-place", "--json"});
            fs::remove_all(library);
            return mb;
        };
        // what the tables of the file itself take in libavformat, whoever reads it
        const auto tables = [&](const std::string& film) {
            return peak_of({"/usr/bin/env", "ffmpeg", "-nostdin", "-v", "error", "-i", film, "-map", "0", "-c", "copy", "-f", "null", "-"});
        };
        add({"memory of an import of 1080p", peak(minutes(minute(1920, 1080, 250), o_.full ? 10 : 2)), 400, false, "MB", ""});
        const auto [width, height] = o_.full ? std::pair(1920, 1080) : std::pair(320, 180);
        const std::string of = o_.full ? light_minute(width, height) : minute(width, height, 250);
        const std::string ten = minutes(of, 10);
        const std::string four_hours = minutes(of, 240);
        const double ours = peak(four_hours) - peak(ten);
        const double file = tables(four_hours) - tables(ten);
        add({fmt::format("memory 4 h of {}p take more than 10 min, beyond the tables of the file itself", height), ours - file, 40, false,
            "MB", fmt::format("{:.0f} MB, of which the file's own tables {:.0f} MB; the times of all frames are 7 MB", ours, file)});
    }

    /// What decoding to a frame costs with ffmpeg's libraries alone: open, seek, decode the group of pictures up to it.
    static void decode_to(const std::string& file, const FrameTime& time) {
        auto input = good(media::av::open_input(file));
        const int v = av_find_best_stream(input.get(), AVMEDIA_TYPE_VIDEO, -1, -1, nullptr, 0);
        AVStream* stream = input->streams[v];
        auto decoder = good(media::av::open_decoder(*stream));
        const std::int64_t target = media::av::ticks_of(time, stream->time_base);
        av_seek_frame(input.get(), v, target, AVSEEK_FLAG_BACKWARD);
        auto packet = media::av::packet();
        auto frame = media::av::frame();
        while (av_read_frame(input.get(), packet.get()) >= 0) {
            if (packet->stream_index == v) avcodec_send_packet(decoder.get(), packet.get());
            av_packet_unref(packet.get());
            while (avcodec_receive_frame(decoder.get(), frame.get()) >= 0) {
                const bool there = frame->best_effort_timestamp >= target;
                av_frame_unref(frame.get());
                if (there) return;
            }
        }
    }

    void exact_frame_time() {
        const std::string file = minute(1920, 1080, 250);
        std::vector<double> ours;
        std::vector<double> reference;
        // in seven groups of pictures, at places spread through the group
        for (const int frame : {20, 310, 600, 890, 1180, 1470, 1749}) {
            const FrameTime at(frame, 30);
            reference.push_back(seconds([&] { decode_to(file, at); }));
            ours.push_back(seconds([&] { good(media::exact_frame(file, at)); }));
        }
        add({"exact frame of the original, against decoding its group of pictures", median(ours) / median(reference), 1.3, false, "",
            fmt::format("{:.0f} ms against {:.0f} ms", median(ours) * 1000, median(reference) * 1000)});
    }

    static std::vector<core::Segment> narration(int hours) {
        static const char* const kSaid[] = {"undo the drain plug with a seventeen", "that's eighteen foot pounds on the plug",
            "let it drain for about ten minutes", "mind your fingers the cover is sharp", "no sorry that was the filler not the drain",
            "so that's it for the belt", "fill it with one point seven litres of seventy five ninety", "you can't see it from here",
            "and my neighbour came by with his dog", "tighten the six bolts crosswise to eight newton metres"};
        std::vector<core::Segment> out;
        for (int i = 0; i < hours * 1000; ++i) out.push_back({FrameTime(i * 18, 5), FrameTime(i * 18 + 15, 5), kSaid[i % 10]});
        return out;
    }

    void reader() {
        std::array<double, 3> each{};
        const std::array<int, 3> lengths{1, 10, 100};
        for (std::size_t i = 0; i < lengths.size(); ++i) {
            const auto said = narration(lengths[i]);
            std::vector<double> times;
            for (int k = 0; k < (i == 2 ? 1 : kRounds); ++k) times.push_back(seconds([&] { core::read_marks(said); }));
            each[i] = median(times) / lengths[i];
        }
        add({"reading 100 h of narration, an hour, against reading 1 h", each[2] / each[0], 1.3, false, "",
            fmt::format(
                "an hour takes {:.0f} ms of 1 h, {:.0f} ms of 10 h, {:.0f} ms of 100 h", each[0] * 1000, each[1] * 1000, each[2] * 1000)});
        const std::string film = minute(1920, 1080, 250);
        std::vector<double> demuxing;
        for (int k = 0; k < 5; ++k)
            demuxing.push_back(seconds([&] {
                auto input = good(media::av::open_input(film));
                auto packet = media::av::packet();
                while (av_read_frame(input.get(), packet.get()) >= 0) av_packet_unref(packet.get());
            }));
        add({"reading an hour of narration, against demuxing a minute of film", each[0] / median(demuxing), 1, false, "",
            fmt::format("{:.0f} ms against {:.0f} ms", each[0] * 1000, median(demuxing) * 1000)});
    }

    /// 5,000 claims become figures and are judged.
    void figures() {
        const auto claimed = [](int claims) {
            core::Procedure p;
            p.recordings.push_back({core::RecordingId("recording"), "recording", {}});
            p.sources.push_back({core::SourceId("book"), core::SourceKind::Book, "service book", "issue 4"});
            for (int i = 0; i < claims; ++i) {
                const core::FigureId id("figure-" + std::to_string(i / 4));
                if (i % 4 == 0) {
                    core::Figure f;
                    f.id = id;
                    f.value = {std::to_string(10 + i % 50), "", "Nm"};
                    f.proofs.push_back({core::SourceId("book"), "page 2", f.value});
                    p.figures.push_back(std::move(f));
                }
                p.figures.back().claims.push_back(
                    {core::RecordingId("recording"), core::FrameTime(i, 10), "said", {std::to_string(10 + i % 50), "", "Nm"}});
            }
            return p;
        };
        const auto judged = [](const core::Procedure& p) {
            std::size_t proved = 0;
            for (const auto& f : p.figures) proved += core::standing_of(f) == core::Standing::Proved ? 1 : 0;
            return proved;
        };
        std::array<double, 2> whole{};
        const std::array<int, 2> sizes{500, 5000};
        for (std::size_t i = 0; i < sizes.size(); ++i) {
            const auto p = claimed(sizes[i]);
            std::vector<double> times;
            for (int k = 0; k < kRounds; ++k) times.push_back(seconds([&] { judged(p); }));
            whole[i] = median(times) / sizes[i];
        }
        add({"judging 5,000 claims, a claim, against judging 500", whole[1] / whole[0], 1.3, false, "",
            fmt::format("{:.2f} ms for 5,000", whole[1] * 5000 * 1000)});
    }

    /// Words heard wrongly on the demo films, spoken by a synthetic voice and not among what the language was made from.
    /// By speakers left out: the tables that ship have learned from these narrations.
    void drafts() {
        const std::string tools = ANAGRAPH_SOURCE "/tools/reader/";
        const auto found = reader_tools::judge(tools + "narrations", tools + "sentences.txt", tools + "manners.txt");
        for (const auto& [name, manner] : found.manners) {
            const double keys = manner.mean(manner.keys);
            const double typed = manner.mean(manner.typed);
            add({fmt::format("keys from a draft to a good sheet, against typing all of it: {}", name), keys / typed, 0.55, false, "",
                fmt::format("{:.0f} keys a narration, {:.0f} without a draft", keys, typed)});
        }
    }

    void hearing() {
        const std::string folder = o_.folder + "/hearing";
        fs::create_directories(folder);
        const auto trade = good(shop::language_in(folder));
        const auto general = media::general_language();
        std::vector<std::string> said, by_trade, by_general;
        double sound = 0, trade_time = 0, general_time = 0;
        for (const char* name : {"pt60-service-1", "pt60-service-2"}) {
            const std::string film = fmt::format("{}/demo/films/{}", ANAGRAPH_SOURCE, name);
            const auto narration = good(shop::read_narration(film + ".vtt"));
            for (const auto& line : narration.segments)
                for (const auto& sentence : core::spoken_sentences(line.text)) said.insert(said.end(), sentence.begin(), sentence.end());
            sound += narration.segments.back().end.seconds();
            trade_time += seconds([&] {
                for (const auto& w : good(media::hear_words(film + ".mp4", trade))) by_trade.push_back(w.text);
            });
            general_time += seconds([&] {
                for (const auto& w : good(media::hear_words(film + ".mp4", general))) by_general.push_back(w.text);
            });
        }
        const double wrong = core::word_error(said, by_trade), wrong_general = core::word_error(said, by_general);
        add({"words heard wrongly with the trade's language, against a general one", wrong / wrong_general, 0.9, false, "",
            fmt::format("word error {:.2f} against {:.2f} on {} words", wrong, wrong_general, said.size())});
        add({"hearing with the trade's language, against a general one", trade_time / general_time, 1, false, "",
            fmt::format("{:.0f} s against {:.0f} s for {:.0f} s of sound", trade_time, general_time, sound)});
    }

    void clips() {
        const std::string film = minute(1920, 1080, 30);
        const core::Take take{core::RecordingId("bench"), FrameTime(317, 30), FrameTime(917, 30)};
        const std::string out = o_.folder + "/clip.mp4";
        std::vector<double> exact;
        std::vector<double> fast;
        std::vector<double> reference;
        for (int i = 0; i < kRounds; ++i) {
            reference.push_back(seconds([&] {
                shell(
                    fmt::format("ffmpeg -v error -y -ss {:.6f} -i '{}' -t 20 -c:v libx264 -preset medium -crf 23 -c:a aac -ac 1 -ar 48000 "
                                "-b:a 96k -movflags +faststart '{}'",
                        take.from.seconds(), film, out));
            }));
            exact.push_back(seconds([&] {
                if (auto done = media::cut_clip(film, take, out, 1920); !done) throw std::runtime_error(done.error().message);
            }));
            fast.push_back(seconds([&] { good(media::fast_cut(film, take, out)); }));
        }
        add({"a clip of 20 s encoded anew, against ffmpeg with the same settings", median_ratio(exact, reference), 1.05, false, "",
            fmt::format("{:.1f} s against {:.1f} s", median(exact), median(reference))});
        add({"a clip of 20 s by the fast cut, times faster than anew", median_ratio(exact, fast), 10, true, "",
            fmt::format("{:.2f} s against {:.1f} s", median(fast), median(exact))});
    }

    /// The measurements that need the window are a program of their own.
    void window() {
        const std::string library = o_.folder + "/window-library";
        fs::remove_all(library);
        shell(fmt::format("'{}/anagraph-cli' import '{}' '{}' --in-place >/dev/null", o_.programs, library, minute(1920, 1080, 250)));
        in_the_window(fmt::format("'{}'", library));
        in_the_window(fmt::format("--busy '{}' '{}'", o_.folder + "/busy-library", minute(1920, 1080, 250)));
        fs::remove_all(library);
    }

    /// A library as large as a workshop's after many years: made once, then opened, searched and closed.
    void library() {
        const std::string folder = o_.folder + "/large-library";
        in_the_window(fmt::format("--library '{}'", folder));
    }

    /// The demo library, walked through.
    void rest() {
        const std::string library = o_.folder + "/rest-library";
        fs::remove_all(library);
        shell(fmt::format("'{}/make-demo-library' '{}' '{}' >/dev/null", o_.programs, ANAGRAPH_SOURCE "/demo/films", library));
        in_the_window(fmt::format("--rest '{}'", library));
        fs::remove_all(library);
    }

    void logbook() { in_the_window(fmt::format("--logbook '{}'", o_.folder + "/logbook-library")); }

    void desk() { in_the_window(fmt::format("--desk '{}'", o_.folder + "/desk-library")); }

    void in_the_window(const std::string& arguments) {
        const std::string command =
            fmt::format("QT_QPA_PLATFORM=offscreen ANAGRAPH_SILENT=1 '{}/paint-bench' {} 2>/dev/null", o_.programs, arguments);
        std::unique_ptr<FILE, int (*)(FILE*)> pipe(popen(command.c_str(), "r"), pclose);
        std::string answer;
        char buffer[4096];
        while (pipe && std::fgets(buffer, sizeof buffer, pipe.get()) != nullptr) answer += buffer;
        const auto j = nlohmann::json::parse(answer, nullptr, false);
        if (j.is_discarded())
            throw std::runtime_error(
                fmt::format("The measurements in the window did not end ({}); is paint-bench beside this program?", arguments));
        for (const auto& x : j) add({x.at("what"), x.at("value"), x.at("target"), false, x.value("unit", ""), x.at("detail")});
    }

    Options o_;
    const std::function<void(const Line&)>& tell_;
    std::vector<Line> lines_;
};

}  // namespace

std::vector<Line> run(const Options& options, const std::function<void(const Line&)>& tell) { return Bench(options, tell).run(); }

}  // namespace anagraph::bench
