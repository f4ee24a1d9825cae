#include "app/tape/tape_layout.h"

#include <algorithm>
#include <cmath>

namespace anagraph::app {
namespace {

constexpr double kTop = 14;

/// A round number of seconds that keeps ticks at least 50 pixels apart.
double tick_seconds(double pixels_per_second) {
    for (const double s : {1.0, 2.0, 5.0, 10.0, 20.0, 30.0, 60.0, 120.0, 300.0, 600.0})
        if (s * pixels_per_second >= 50) return s;
    return 1800;
}

}  // namespace

double tape_y(const TapeInput& input, const TapeMetrics& m, const core::FrameTime& at) { return kTop + (at.seconds() - input.index->start().seconds()) * m.pixels_per_second; }

core::FrameTime tape_time(const TapeInput& input, const TapeMetrics& m, double y) {
    const double seconds = input.index->start().seconds() + (y - kTop) / m.pixels_per_second;
    return core::FrameTime(static_cast<std::int64_t>(std::llround(seconds * 1e6)), 1000000);
}

TapeLayout tape_layout(const TapeInput& in, const TapeMetrics& m) {
    TapeLayout out;
    if (in.index == nullptr || in.index->times.empty()) return out;
    const auto y = [&](const core::FrameTime& t) { return tape_y(in, m, t); };
    out.height = y(in.index->end) + kTop;
    const auto& c = out.columns;

    const double every = tick_seconds(m.pixels_per_second);
    const double first = std::ceil(in.index->start().seconds() / every) * every;
    for (double s = first; s < in.index->end.seconds(); s += every) {
        const core::FrameTime at = core::FrameTime::from_milliseconds(static_cast<std::int64_t>(std::llround(s * 1000)));
        out.ticks.push_back({y(at), at});
    }

    const double thumb_width = c.brackets - c.pictures - 8;
    const double thumb_height = thumb_width / m.thumb_aspect;
    double free_from = 0;
    for (std::size_t i = 0; i < in.index->thumbnails.size(); ++i) {
        const double top = y(in.index->times[in.index->thumbnails[i].frame]);
        if (top < free_from) continue;
        out.pictures.push_back({i, QRectF(c.pictures, top, thumb_width, thumb_height)});
        free_from = top + thumb_height + 2;
    }

    for (std::size_t i = 0; i < in.procedure->steps.size(); ++i)
        for (const auto& take : in.procedure->steps[i].takes)
            if (take.recording == in.recording) out.brackets.push_back({in.procedure->steps[i].id, static_cast<int>(i) + 1, QRectF(c.brackets, y(take.from), c.words - c.brackets - 8, std::max(4.0, y(take.to) - y(take.from)))});

    double words_free = 0;
    std::size_t mark = 0;
    for (std::size_t i = 0; i < in.narration->size(); ++i) {
        TapeLine line;
        line.segment = i;
        const double top = y((*in.narration)[i].start);
        const double next = i + 1 < in.narration->size() ? y((*in.narration)[i + 1].start) : out.height;
        const double room = std::clamp(next - top - 2, m.line_height, m.line_height * 3.2);
        line.box = QRectF(c.words, top, m.width - c.words - 10, room);
        line.shown = top >= words_free - 1;
        if (line.shown) words_free = top + m.line_height;
        while (mark < in.marks->size() && (*in.marks)[mark].segment < i) ++mark;
        for (std::size_t k = mark; k < in.marks->size() && (*in.marks)[k].segment == i; ++k) {
            const auto kind = (*in.marks)[k].kind;
            if (kind == core::MarkKind::Talk)
                line.talk = true;
            else if (kind != core::MarkKind::Step)
                line.marks.push_back(k);
        }
        out.lines.push_back(std::move(line));
    }
    return out;
}

}  // namespace anagraph::app
