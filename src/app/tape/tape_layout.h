// Where everything on the downward tape stands: a pure function of the recording, the guide and the zoom. Painting and
// clicking both use it; it has its own test.
#pragma once

#include <QRectF>
#include <QString>
#include <vector>

#include "core/narration/reader.h"
#include "core/procedure/procedure.h"
#include "media/recording_index.h"

namespace anagraph::app {

struct TapeInput {
    const media::RecordingIndex* index = nullptr;
    const std::vector<core::Segment>* narration = nullptr;
    const std::vector<core::Mark>* marks = nullptr;
    const core::Procedure* procedure = nullptr;
    core::RecordingId recording;
};

struct TapeMetrics {
    double width = 476;
    double pixels_per_second = 20;
    double line_height = 16;
    double thumb_aspect = 16.0 / 9;
};

/// Column edges, from the left: ruler, sound, pictures, brackets, words.
struct TapeColumns {
    double ruler = 0;
    double sound = 62;
    double pictures = 88;
    double brackets = 190;
    double words = 230;
};

struct TapeLine {
    std::size_t segment = 0;
    QRectF box;                      // of the words
    bool talk = false;               // nothing about the machine
    bool shown = true;               // false when the zoom leaves no room for it
    std::vector<std::size_t> marks;  // indexes into the marks: figures, cautions, slips, unseen
};

struct TapeBracket {
    core::StepId step;
    int number = 0;
    QRectF box;
};

struct TapePicture {
    std::size_t thumbnail = 0;
    QRectF box;
};

struct TapeTick {
    double y = 0;
    core::FrameTime at;
};

struct TapeLayout {
    double height = 0;
    TapeColumns columns;
    std::vector<TapeLine> lines;
    std::vector<TapeBracket> brackets;
    std::vector<TapePicture> pictures;
    std::vector<TapeTick> ticks;
};

double tape_y(const TapeInput& input, const TapeMetrics& metrics, const core::FrameTime& at);
core::FrameTime tape_time(const TapeInput& input, const TapeMetrics& metrics, double y);
TapeLayout tape_layout(const TapeInput& input, const TapeMetrics& metrics);

}  // namespace anagraph::app
