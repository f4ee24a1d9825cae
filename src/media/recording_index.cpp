#include "media/recording_index.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <numeric>

extern "C" {
#include <libavutil/base64.h>
}

namespace anagraph::media {

using core::ErrorCode;
using core::FrameTime;
using nlohmann::json;

std::size_t RecordingIndex::frame_at(const FrameTime& time) const {
    const auto it = std::upper_bound(times.begin(), times.end(), time);
    return it == times.begin() ? 0 : static_cast<std::size_t>(it - times.begin()) - 1;
}

std::size_t RecordingIndex::frame_from(const FrameTime& time) const {
    const auto it = std::lower_bound(times.begin(), times.end(), time);
    return it == times.end() ? times.size() - 1 : static_cast<std::size_t>(it - times.begin());
}

FrameTime RecordingIndex::snapped(const FrameTime& at, bool begin) const {
    constexpr double kLate = 1.0;   // s: how late a key comes
    constexpr double kEarly = 0.4;  // s
    for (const auto& p : pauses) {
        const double t = at.seconds();
        if (begin && t >= p.from.seconds() && t <= p.to.seconds() + kLate) return times[frame_from(p.to)];
        if (!begin && t >= p.from.seconds() - kEarly && t <= std::max(p.to.seconds(), p.from.seconds() + kLate))
            return times[frame_from(p.from)];
    }
    return times[frame_at(at)];
}

FrameTime RecordingIndex::nearest_pause_edge(const FrameTime& at) const {
    FrameTime best = times[frame_at(at)];
    double distance = -1;
    for (const auto& p : pauses)
        for (const auto& edge : {p.from, p.to}) {
            const double far = std::abs(edge.seconds() - at.seconds());
            if (distance >= 0 && far >= distance) continue;
            distance = far;
            best = times[frame_from(edge)];
        }
    return best;
}

double RecordingIndex::aspect() const {
    if (width <= 0 || height <= 0) return 16.0 / 9;
    const double stored = width * pixel_aspect / height;
    return rotation % 180 == 0 ? stored : 1 / stored;
}

std::size_t RecordingIndex::sharpest(const FrameTime& from, const FrameTime& to) const {
    const Sample* best = nullptr;
    for (const auto& s : samples)
        if (!(times[s.frame] < from) && times[s.frame] < to && (best == nullptr || s.sharpness > best->sharpness)) best = &s;
    return best == nullptr ? frame_at(from) : best->frame;
}

std::vector<PoorStretch> poor_stretches(const RecordingIndex& index) {
    constexpr double kDark = 32;
    constexpr double kBlurred = 0.1;
    constexpr double kShortest = 1.0;  // s
    std::vector<double> sharpness;
    for (const auto& s : index.samples)
        if (s.light >= kDark) sharpness.push_back(s.sharpness);
    std::sort(sharpness.begin(), sharpness.end());
    const double usual = sharpness.empty() ? 0 : sharpness[sharpness.size() / 2];
    std::vector<PoorStretch> out;
    for (std::size_t i = 0; i < index.samples.size();) {
        const auto poor = [&](std::size_t k) {
            return index.samples[k].light < kDark ? 1 : index.samples[k].sharpness < kBlurred * usual ? 2 : 0;
        };
        const int kind = poor(i);
        std::size_t k = i;
        while (k < index.samples.size() && poor(k) == kind) ++k;
        const FrameTime from = index.times[index.samples[i].frame];
        const FrameTime to = k < index.samples.size() ? index.times[index.samples[k].frame] : index.end;
        if (kind != 0 && to.seconds() - from.seconds() >= kShortest) out.push_back({from, to, kind == 1});
        i = k;
    }
    return out;
}

namespace {

/// Moments as runs of even steps in ticks of their smallest common clock: hours at an even rate are a single run.
struct Runs {
    std::int64_t clock = 1;
    std::vector<std::array<std::int64_t, 3>> runs;  // first, step, how many
};

Runs runs_of(const std::vector<FrameTime>& times) {
    Runs out;
    for (const auto& t : times) out.clock = std::lcm(out.clock, t.den());
    for (const auto& t : times) {
        const std::int64_t ticks = t.num() * (out.clock / t.den());
        if (!out.runs.empty()) {
            auto& [first, step, count] = out.runs.back();
            if (count == 1) step = ticks - first;
            if (ticks == first + step * count) {
                ++count;
                continue;
            }
        }
        out.runs.push_back({ticks, 0, 1});
    }
    return out;
}

std::string base64(const std::vector<std::uint8_t>& bytes) {
    std::string out(AV_BASE64_SIZE(bytes.size()), '\0');
    av_base64_encode(out.data(), static_cast<int>(out.size()), bytes.data(), static_cast<int>(bytes.size()));
    out.resize(std::strlen(out.c_str()));
    return out;
}

std::vector<std::uint8_t> from_base64(const std::string& text) {
    std::vector<std::uint8_t> out(AV_BASE64_DECODE_SIZE(text.size()) + 3);
    const int n = av_base64_decode(out.data(), text.c_str(), static_cast<int>(out.size()));
    out.resize(static_cast<std::size_t>(std::max(0, n)));
    return out;
}

}  // namespace

json to_json(const RecordingIndex& i) {
    const Runs runs = runs_of(i.times);
    json out{{"width", i.width}, {"height", i.height}, {"rotation", i.rotation}, {"pixel_aspect", i.pixel_aspect},
        {"has_sound", i.has_sound}, {"bytes", i.bytes}, {"clock", runs.clock}, {"times", runs.runs}, {"end", i.end.text()},
        {"sound", base64(i.sound)}, {"remarks", i.remarks}};
    for (const char* list : {"pauses", "thumbnails", "samples", "shots"}) out[list] = json::array();
    for (const auto& p : i.pauses) out["pauses"].push_back({p.from.text(), p.to.text()});
    for (const auto& t : i.thumbnails) out["thumbnails"].push_back({t.frame, t.offset, t.size});
    for (const auto& s : i.samples)
        for (const std::int64_t x :
            {static_cast<std::int64_t>(s.frame), static_cast<std::int64_t>(s.sharpness * 10), static_cast<std::int64_t>(s.light * 10)})
            out["samples"].push_back(x);
    for (const auto& s : i.shots) out["shots"].push_back(s.text());
    return out;
}

core::Result<RecordingIndex> index_from_json(const json& j) {
    const auto damaged = [] {
        return core::fail(ErrorCode::Damaged,
            core::key("Films", "The index of this recording is damaged or from an older version; import the recording again."));
    };
    const auto moment = [](const json& x) { return FrameTime::parse(x.get<std::string>()).value_or(FrameTime{}); };
    constexpr std::size_t kMostFrames = 20000000;  // two days at 120 a second
    constexpr std::int64_t kMostTicks = std::int64_t{1} << 53;
    constexpr int kMostPixels = 16384;
    constexpr std::int64_t kMostBytes = std::int64_t{1} << 50;
    constexpr std::int64_t kMostThumbnail = 1 << 24;
    // a number with a fraction, where there may be none, is one that no check lets pass
    const auto whole = [](const json& v, std::int64_t otherwise = -1) { return v.is_number_integer() ? v.get<std::int64_t>() : otherwise; };
    const auto small = [&](const json& v) { return static_cast<int>(std::clamp<std::int64_t>(whole(v), -1, kMostPixels + 1)); };
    try {
        RecordingIndex i;
        i.width = small(j.at("width"));
        i.height = small(j.at("height"));
        i.rotation = small(j.at("rotation"));
        i.pixel_aspect = j.at("pixel_aspect").get<double>();
        if (!(i.pixel_aspect > 0.1 && i.pixel_aspect < 10)) i.pixel_aspect = 1;
        i.has_sound = j.at("has_sound").get<bool>();
        i.bytes = whole(j.at("bytes"));
        const auto clock = whole(j.at("clock"));
        if (clock <= 0) return damaged();
        for (const auto& run : j.at("times")) {
            const auto first = whole(run.at(0), kMostTicks);
            const auto step = whole(run.at(1), kMostTicks);
            const auto count = whole(run.at(2));
            const auto within = [](double ticks) { return std::abs(ticks) < static_cast<double>(kMostTicks); };
            if (count < 1 || static_cast<std::size_t>(count) > kMostFrames - std::min(kMostFrames, i.times.size()) ||
                !within(static_cast<double>(first)) ||
                !within(static_cast<double>(first) + static_cast<double>(step) * static_cast<double>(count)))
                return damaged();
            for (std::int64_t n = 0; n < count; ++n) i.times.emplace_back(first + step * n, clock);
        }
        for (const char* list : {"pauses", "thumbnails", "samples", "shots"})
            if (!j.at(list).is_array()) return damaged();
        i.end = moment(j.at("end"));
        i.sound = from_base64(j.at("sound").get<std::string>());
        i.remarks = j.at("remarks").get<std::vector<std::string>>();
        for (const auto& p : j.at("pauses")) i.pauses.push_back({moment(p.at(0)), moment(p.at(1))});
        for (const auto& t : j.at("thumbnails"))
            i.thumbnails.push_back({static_cast<std::size_t>(whole(t.at(0))), whole(t.at(1)), whole(t.at(2))});
        const auto& samples = j.at("samples");
        for (std::size_t n = 0; n + 2 < samples.size(); n += 3)
            i.samples.push_back(
                {static_cast<std::size_t>(whole(samples[n])), samples[n + 1].get<double>() / 10, samples[n + 2].get<double>() / 10});
        for (const auto& s : j.at("shots")) i.shots.push_back(moment(s));
        const bool turned = i.rotation == 0 || i.rotation == 90 || i.rotation == 180 || i.rotation == 270;
        const bool sized = i.width >= 1 && i.width <= kMostPixels && i.height >= 1 && i.height <= kMostPixels && i.pixel_aspect >= 0.01 &&
            i.pixel_aspect <= 100 && i.bytes >= 0;
        const bool placed = std::all_of(i.thumbnails.begin(), i.thumbnails.end(),
            [](const Thumbnail& t) { return t.offset >= 0 && t.offset < kMostBytes && t.size >= 0 && t.size < kMostThumbnail; });
        if (!turned || !sized || !placed || i.times.empty() || i.end < i.times.back()) return damaged();
        const auto beyond = [&](const auto& list) {
            return std::any_of(list.begin(), list.end(), [&](const auto& x) { return x.frame >= i.times.size(); });
        };
        if (!std::is_sorted(i.times.begin(), i.times.end()) || beyond(i.thumbnails) || beyond(i.samples)) return damaged();
        return i;
    } catch (const json::exception&) {
        return damaged();
    }
}

core::Result<RecordingIndex> load_index(const std::string& folder) {
    constexpr std::uintmax_t kMostIndex = 1 << 29;  // bytes
    const std::string file = folder + "/" + kIndexFile;
    std::error_code ec;
    if (std::filesystem::file_size(file, ec) > kMostIndex && !ec)
        return core::fail(
            ErrorCode::Damaged, core::key("Films", "The index of this recording is damaged; import the recording again."), folder);
    std::ifstream in(file, std::ios::binary);
    if (!in)
        return core::fail(
            ErrorCode::NotFound, core::key("Films", "This recording has not been looked through yet; import it again."), folder);
    const json j = json::parse(in, nullptr, false);
    if (j.is_discarded())
        return core::fail(
            ErrorCode::Damaged, core::key("Films", "The index of this recording is damaged; import the recording again."), folder);
    return index_from_json(j);
}

}  // namespace anagraph::media
