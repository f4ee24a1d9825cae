// Pictures as they are to be seen: stored pictures turned upright, with square pixels.
#pragma once

#include <QImage>
#include <QTransform>
#include <cmath>

#include "media/exact_frame.h"
#include "media/recording_index.h"

namespace anagraph::app {

inline QImage upright(QImage image, const media::RecordingIndex& index) {
    if (const int width = static_cast<int>(std::lround(image.width() * index.pixel_aspect)); width != image.width() && !image.isNull())
        image = image.scaled(width, image.height(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    return index.rotation == 0 ? image : image.transformed(QTransform().rotate(index.rotation));
}

/// A view of a picture; valid as long as the picture is.
inline QImage image_of(const media::Picture& picture) {
    return {picture.bgra.data(), picture.width, picture.height, picture.width * 4, QImage::Format_RGB32};
}

}  // namespace anagraph::app
