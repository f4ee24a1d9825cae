#include "media/recording_index.h"

#include <algorithm>
#include <cmath>
#include <fstream>
#include <nlohmann/json.hpp>

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
        if (!begin && t >= p.from.seconds() - kEarly && t <= std::max(p.to.seconds(), p.from.seconds() + kLate)) return times[frame_from(p.from)];
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
        const auto poor = [&](std::size_t k) { return index.samples[k].light < kDark ? 1 : index.samples[k].sharpness < kBlurred * usual ? 2
                                                                                                                                         : 0; };
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

json to_json(const RecordingIndex& i) {
    // Times in ticks of the smallest common clock keep the file short: all frames of a stream share one.
    std::int64_t clock = 1;
    for (const auto& t : i.times) clock = std::max(clock, t.den());
    for (const auto& t : i.times)
        if (clock % t.den() != 0) clock *= t.den();
    json times = json::array();
    for (const auto& t : i.times) times.push_back(t.num() * (clock / t.den()));
    json out{{"width", i.width}, {"height", i.height}, {"rotation", i.rotation}, {"pixel_aspect", i.pixel_aspect}, {"has_sound", i.has_sound}, {"clock", clock}, {"times", times}, {"end", i.end.text()}, {"sound", i.sound}, {"remarks", i.remarks}};
    for (const char* list : {"pauses", "thumbnails", "samples", "shots"}) out[list] = json::array();
    for (const auto& p : i.pauses) out["pauses"].push_back({p.from.text(), p.to.text()});
    for (const auto& t : i.thumbnails) out["thumbnails"].push_back({t.frame, t.offset, t.size});
    for (const auto& s : i.samples) out["samples"].push_back({s.frame, static_cast<int>(s.sharpness * 10), static_cast<int>(s.light * 10)});
    for (const auto& s : i.shots) out["shots"].push_back(s.text());
    return out;
}

core::Result<RecordingIndex> index_from_json(const json& j) {
    const auto moment = [](const json& x) { return FrameTime::parse(x.get<std::string>()).value_or(FrameTime{}); };
    try {
        RecordingIndex i;
        i.width = j.at("width").get<int>();
        i.height = j.at("height").get<int>();
        i.rotation = j.at("rotation").get<int>();
        i.pixel_aspect = j.value("pixel_aspect", 1.0);
        if (!(i.pixel_aspect > 0.1 && i.pixel_aspect < 10)) i.pixel_aspect = 1;
        i.has_sound = j.at("has_sound").get<bool>();
        const auto clock = j.at("clock").get<std::int64_t>();
        if (clock <= 0) return core::fail(ErrorCode::Damaged, "The index of this recording is damaged; import the recording again.");
        for (const auto& t : j.at("times")) i.times.emplace_back(t.get<std::int64_t>(), clock);
        i.end = moment(j.at("end"));
        i.sound = j.at("sound").get<std::vector<std::uint8_t>>();
        i.remarks = j.at("remarks").get<std::vector<std::string>>();
        for (const auto& p : j.at("pauses")) i.pauses.push_back({moment(p.at(0)), moment(p.at(1))});
        for (const auto& t : j.at("thumbnails")) i.thumbnails.push_back({t.at(0).get<std::size_t>(), t.at(1).get<std::int64_t>(), t.at(2).get<std::int64_t>()});
        for (const auto& s : j.at("samples")) i.samples.push_back({s.at(0).get<std::size_t>(), s.at(1).get<double>() / 10, s.at(2).get<double>() / 10});
        for (const auto& s : j.at("shots")) i.shots.push_back(moment(s));
        const auto beyond = [&](const auto& list) { return std::any_of(list.begin(), list.end(), [&](const auto& x) { return x.frame >= i.times.size(); }); };
        if (i.times.empty() || beyond(i.thumbnails) || beyond(i.samples)) return core::fail(ErrorCode::Damaged, "The index of this recording is damaged; import the recording again.");
        return i;
    } catch (const json::exception&) {
        return core::fail(ErrorCode::Damaged, "The index of this recording is damaged; import the recording again.");
    }
}

core::Result<RecordingIndex> load_index(const std::string& folder) {
    std::ifstream in(folder + "/" + kIndexFile, std::ios::binary);
    if (!in) return core::fail(ErrorCode::NotFound, "This recording has not been looked through yet; import it again.", folder);
    const json j = json::parse(in, nullptr, false);
    if (j.is_discarded()) return core::fail(ErrorCode::Damaged, "The index of this recording is damaged; import the recording again.", folder);
    return index_from_json(j);
}

}  // namespace anagraph::media
