// Frames of the small copy made at import: every one stands alone, so any of them is there at once. For scrubbing and for
// working while the original is away; never for stills.
#pragma once

#include <memory>
#include <string>

#include "media/exact_frame.h"
#include "media/recording_index.h"

namespace anagraph::media {

class ProxyReader {
public:
    /// `folder`: the recording's folder of the library. Errors: NotFound, Unreadable ("import the recording again").
    static core::Result<std::unique_ptr<ProxyReader>> open(const std::string& folder, const RecordingIndex& index);
    ~ProxyReader();
    ProxyReader(const ProxyReader&) = delete;
    ProxyReader& operator=(const ProxyReader&) = delete;

    /// A frame of the recording, not turned upright: as large as the copy, or made `width` by `height` (the next even
    /// numbers) on the way, which is quicker than scaling it afterwards. Errors: NotFound when it is not in the copy.
    core::Result<Picture> frame(std::size_t frame, int width = 0, int height = 0);

private:
    struct State;
    explicit ProxyReader(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace anagraph::media
