// RecordingIndex: what one import pass learned about a recording. Small enough to keep in memory; the files it names lie
// beside it in the recording's folder of the library and can be made again from the recording.
#pragma once

#include <cstdint>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/result.h"

namespace anagraph::media {

struct Thumbnail {
    std::size_t frame = 0;  // index into times
    std::int64_t offset = 0;
    std::int64_t size = 0;  // a whole JPEG in thumbnails.mjpeg
};

/// Measures of a sampled frame. Sharpness: variance of the Laplacian of the grey picture at 320 pixels width; larger is
/// sharper, comparable within one recording only. Light: mean grey, 0 to 255.
struct Sample {
    std::size_t frame = 0;
    double sharpness = 0;
    double light = 0;
};

struct Pause {
    core::FrameTime from;
    core::FrameTime to;
};

/// A stretch in which the picture is no good to learn from.
struct PoorStretch {
    core::FrameTime from;
    core::FrameTime to;
    bool dark = false;  // otherwise blurred
};

struct RecordingIndex {
    int width = 0;  // as stored, before rotation
    int height = 0;
    int rotation = 0;         // clockwise degrees to show it upright: 0, 90, 180, 270
    double pixel_aspect = 1;  // width of a stored pixel over its height
    bool has_sound = false;
    std::int64_t bytes = 0;              // of the file
    std::vector<core::FrameTime> times;  // every frame, in order of showing
    core::FrameTime end;                 // when the last frame stops being shown
    std::vector<std::uint8_t> sound;     // loudest sample of every 50 ms, 0 to 255
    std::vector<Pause> pauses;           // silences of half a second and more
    std::vector<Thumbnail> thumbnails;   // about one a second
    std::vector<Sample> samples;         // about five a second
    std::vector<core::FrameTime> shots;  // first frames after a change of shot
    std::vector<std::string> remarks;    // what was damaged or left out, a sentence each

    /// The frame shown at a time: the last one not later. The first frame for earlier times.
    std::size_t frame_at(const core::FrameTime& time) const;
    /// The first frame shown at a time or after it: where a line of narration begins. The last frame beyond the end.
    std::size_t frame_from(const core::FrameTime& time) const;
    /// Where an edge set while the film runs was meant: people press late. A step begins where a pause ends and ends where one
    /// begins; without a pause nearby the frame itself. `at` within a pause, or up to a second behind its edge.
    core::FrameTime snapped(const core::FrameTime& at, bool begin) const;
    /// The edge of a pause nearest to a moment, as a frame; the moment's own frame when there is no pause.
    core::FrameTime nearest_pause_edge(const core::FrameTime& at) const;
    /// Width over height of the picture as it is to be seen: upright, with square pixels.
    double aspect() const;
    core::FrameTime start() const { return times.empty() ? core::FrameTime{} : times.front(); }
    /// Index of the sharpest sampled frame in [from, to).
    std::size_t sharpest(const core::FrameTime& from, const core::FrameTime& to) const;
};

inline constexpr int kSoundStepMs = 50;

/// Stretches of a second and more that are too dark (mean grey below 32) or blurred (sharpness below a tenth of the median
/// of the recording). Chosen on the demo films and on blurred copies of them.
std::vector<PoorStretch> poor_stretches(const RecordingIndex& index);

nlohmann::json to_json(const RecordingIndex& index);
core::Result<RecordingIndex> index_from_json(const nlohmann::json& j);

// Files of an import, in the recording's folder.
inline constexpr const char* kIndexFile = "index.json";
inline constexpr const char* kProxyFile = "proxy.mkv";
inline constexpr const char* kThumbnailFile = "thumbnails.mjpeg";

/// Reads index.json of a recording's folder. Errors: NotFound, Damaged ("import it again").
core::Result<RecordingIndex> load_index(const std::string& folder);

}  // namespace anagraph::media
