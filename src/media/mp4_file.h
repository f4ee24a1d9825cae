// Mp4File: a clip being written: a picture stream, a sound stream where there is one, the index at the front so that a page can
// begin to play before it has all of it.
#pragma once

#include <string>

#include "core/base/result.h"
#include "media/av.h"

namespace anagraph::media {

/// Written beside its name and renamed when it is whole; what is not finished is taken away. Errors of all: NoSpace, Unwritable,
/// NoMemory.
class Mp4File {
public:
    explicit Mp4File(std::string path);
    ~Mp4File();
    Mp4File(const Mp4File&) = delete;
    Mp4File& operator=(const Mp4File&) = delete;

    /// Adds the next stream: pictures first. `upright`: the stream whose rotation it takes over, or null.
    core::Result<AVStream*> add(const AVCodecParameters& parameters, AVRational time_base, const AVStream* upright = nullptr);
    /// Begins the file; no stream can be added after it.
    core::Outcome begin();
    bool begun() const { return begun_; }
    /// Writes a packet of that stream, its times in `time_base`.
    core::Outcome write(AVPacket* packet, int stream, AVRational time_base);
    /// Ends the file and gives it its name.
    core::Outcome finish();
    /// The Error of a libav call that failed while the file was made.
    core::Outcome trouble(int code) const;

private:
    std::string path_;
    av::Output output_;
    bool begun_ = false;
    bool on_disk_ = false;  // under the temporary name
};

}  // namespace anagraph::media
