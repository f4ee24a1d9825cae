// Camera: what a camera on this machine sees now, picture by picture: one that the kernel knows (V4L2), or the stand-in on a socket.
#pragma once

#include <atomic>
#include <memory>
#include <string>
#include <vector>

#include "media/exact_frame.h"

namespace anagraph::media {

class Camera {
public:
    /// The cameras the kernel knows, by their device files.
    static std::vector<std::string> devices();
    /// `device`: a device file, or the socket of the stand-in. `stop`, which outlives the camera, ends whatever waits for it.
    /// Errors: NotFound; BadInput for what is no camera; Unreadable where it is in use, may not be opened, or gives no picture.
    static core::Result<Camera> open(const std::string& device, const std::atomic<bool>& stop);
    Camera(Camera&&) noexcept;
    Camera& operator=(Camera&&) noexcept;
    ~Camera();

    /// Waits for the next picture. Errors: Unreadable where none comes for five seconds or the camera was pulled out; Cancelled by `stop`.
    core::Result<Picture> next();

private:
    struct Parts;
    explicit Camera(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> parts_;
};

}  // namespace anagraph::media
