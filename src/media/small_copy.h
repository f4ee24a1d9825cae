// SmallCopy: what the stations work with in place of a recording's pictures: a copy of all-intra pictures for scrubbing, small
// pictures of the whole film, and measures of sharpness, light and changes of shot.
#pragma once

#include <cstdint>
#include <opencv2/core.hpp>
#include <string>
#include <vector>

#include "media/av.h"
#include "media/jpeg_encoder.h"
#include "media/piece_file.h"
#include "media/recording_index.h"

namespace anagraph::media {

class SmallCopy {
public:
    /// Begins the files in `folder` for a film of that size, under temporary names. Errors: NoSpace, Unwritable, NoMemory.
    core::Outcome open(const std::string& folder, const RecordingIndex& size, AVRational time_base);
    /// The next picture, the `number`th of the film; may be called on another thread than the rest. Errors: as open().
    core::Outcome add(const AVFrame& picture, std::int64_t pts, std::size_t number);
    /// Ends the files and puts what was measured into the index. Errors: as open().
    core::Outcome close(RecordingIndex& index);
    /// Gives the files their names, index.json with them. Errors: as open().
    core::Outcome keep(const RecordingIndex& index);
    /// Takes away what was begun.
    void abandon();

private:
    std::string temporary(const char* name) const;
    void measure(std::size_t number, const core::FrameTime& time);

    std::string folder_;
    AVRational time_base_{1, 1};
    JpegEncoder proxy_encoder_;
    JpegEncoder thumb_encoder_;
    av::Output proxy_;
    PieceFile thumbs_;
    std::int64_t thumb_bytes_ = 0;
    double last_thumb_ = 0;  // s
    double last_entry_ = 0;
    double last_measure_ = 0;
    cv::Mat last_coarse_;
    std::vector<Thumbnail> thumbnails_;
    std::vector<Sample> samples_;
    std::vector<core::FrameTime> shots_;
};

}  // namespace anagraph::media
