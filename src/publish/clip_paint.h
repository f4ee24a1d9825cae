// What is drawn over a clip: its signs and numbers, each for its time, as on a plate.
#pragma once

#include <QCoreApplication>
#include <memory>

#include "core/procedure/procedure.h"
#include "media/clip.h"

namespace anagraph::publish {

/// The application of a program without a window that may draw: words over a clip need the fonts of a window system, even where
/// there is no screen. `argc` and `argv` live as long as it does.
std::unique_ptr<QCoreApplication> drawing_application(int& argc, char** argv);

/// How the clip is cut: slowed, silent, drawn on. `rotation` and `pixel_aspect` are the recording's; places of the marks are
/// those of the picture as it is seen, upright.
media::ClipOptions clip_options(const core::Procedure& p, const core::Clip& clip, int rotation, double pixel_aspect);

/// The drawing over the picture at a moment of the recording, as an <svg> of that size; empty when there is none.
std::string clip_overlay(const core::Procedure& p, const core::Clip& clip, const core::FrameTime& at, double width, double height);

}  // namespace anagraph::publish
