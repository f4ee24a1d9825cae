// StillCare carried out: a frame made into the still that is shown, the same on the screen and in the pack.
#pragma once

#include <QImage>

#include "core/procedure/pictures.h"
#include "media/exact_frame.h"

namespace anagraph::publish {

QImage image_of(const media::Picture& picture);

/// The frame (upright) with its hidden parts painted over, turned, cut and brightened. The frame itself is not touched.
QImage cared_for(const QImage& frame, const core::StillCare& care);

/// What a magnifier shows: the surroundings of `at` on the still, round, clear outside the circle. `radius` in pixels of the
/// still; it is shown twice as large.
QImage magnified(const QImage& still, const core::Place& at, double radius);

}  // namespace anagraph::publish
