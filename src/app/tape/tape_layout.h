// Where everything on the downward tape stands: a pure function of the job's recordings, the guide and the zoom. Painting and
// clicking both use it; it has its own test. The recordings of a job stand one below the other, each under a head.
#pragma once

#include <QRectF>
#include <QString>
#include <optional>
#include <vector>

#include "core/narration/reader.h"
#include "core/procedure/procedure.h"
#include "core/tape/folds.h"
#include "media/recording_index.h"

namespace anagraph::app {

struct TapeRecording {
    const media::RecordingIndex* index = nullptr;
    const std::vector<core::Segment>* narration = nullptr;
    const std::vector<core::Mark>* marks = nullptr;
    core::RecordingId id;
    std::vector<core::Fold> folds;  // those that are shut
};

struct TapeInput {
    std::vector<TapeRecording> recordings;
    const core::Procedure* procedure = nullptr;
};

struct TapeMetrics {
    double width = 476;
    double pixels_per_second = 20;
    double line_height = 16;
    double thumb_aspect = 16.0 / 9;
    double head_height = 40;  // above each recording
    double foot_height = 28;  // below each, for what is left undone
    double fold_height = 22;
};

/// Column edges, from the left: ruler, sound, pictures, brackets, words.
struct TapeColumns {
    double ruler = 0;
    double sound = 62;
    double pictures = 88;
    double brackets = 190;
    double words = 230;
};

/// A moment of the job.
struct TapeMoment {
    std::size_t recording = 0;  // index into the input
    core::FrameTime at;
};

/// Time to height and back, through the recordings and the folds.
class TapeAxis {
public:
    TapeAxis() = default;
    TapeAxis(const TapeInput& input, const TapeMetrics& metrics);

    double height() const { return height_; }
    double y(const TapeMoment& moment) const { return y(moment.recording, moment.at.seconds()); }
    double y(std::size_t recording, double seconds) const;
    /// The moment at a height; between two recordings the nearer end.
    TapeMoment at(double y) const;
    /// Top of the head of a recording, and of its foot.
    double head(std::size_t recording) const { return heads_[recording]; }
    double foot(std::size_t recording) const { return feet_[recording]; }

    /// A stretch of even pace.
    struct Span {
        std::size_t recording = 0;
        double from = 0;  // s
        double to = 0;
        double top = 0;
        double height = 0;
        std::optional<std::size_t> fold;  // index into the recording's folds
    };
    const std::vector<Span>& spans() const { return spans_; }

private:
    std::vector<Span> spans_;
    std::vector<std::size_t> first_span_;  // of each recording
    std::vector<double> heads_;
    std::vector<double> feet_;
    double height_ = 0;
};

struct TapeLine {
    std::size_t recording = 0;
    std::size_t segment = 0;
    QRectF box;                      // of the words
    bool talk = false;               // nothing about the machine
    bool shown = true;               // false when the zoom leaves no room for its words
    std::vector<std::size_t> marks;  // indexes into the marks: figures, cautions, slips, unseen
};

struct TapeBracket {
    core::StepId step;
    int number = 0;
    std::size_t recording = 0;
    std::size_t take = 0;   // of the step; the first is the best
    std::size_t takes = 1;  // how many it has
    QRectF box;
};

/// A check or a wait within a step.
struct TapeNested {
    bool wait = false;
    core::StepId step;
    QRectF box;
};

struct TapePicture {
    std::size_t recording = 0;
    std::size_t frame = 0;
    QRectF box;
};

struct TapeTick {
    double y = 0;
    core::FrameTime at;
};

struct TapeLayout {
    TapeAxis axis;
    TapeColumns columns;
    std::vector<TapeLine> lines;  // by height
    std::vector<TapeBracket> brackets;
    std::vector<TapeNested> nested;
    double height() const { return axis.height(); }

    /// The lines that may show between two heights: [first, last) of `lines`.
    std::pair<std::size_t, std::size_t> lines_between(double top, double bottom) const;
};

TapeLayout tape_layout(const TapeInput& input, const TapeMetrics& metrics);

/// What fills the column between two heights, made when it is painted: the same for a given height whatever is asked for
/// around it. Pictures are those of the import, about one a second, until the zoom has room for single frames.
std::vector<TapePicture> tape_pictures(
    const TapeInput& input, const TapeMetrics& metrics, const TapeLayout& layout, double top, double bottom);
std::vector<TapeTick> tape_ticks(const TapeMetrics& metrics, const TapeLayout& layout, double top, double bottom);

}  // namespace anagraph::app
