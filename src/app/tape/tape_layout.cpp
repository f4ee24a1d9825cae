#include "app/tape/tape_layout.h"

#include <algorithm>
#include <cmath>

namespace anagraph::app {
namespace {

constexpr double kTop = 6;
constexpr double kTickRoom = 50;     // pixels between ticks
constexpr double kTallestLine = 52;  // pixels: words run at most this far below their moment

/// A round number of seconds that keeps ticks apart.
double tick_seconds(double pixels_per_second) {
    for (const double s : {0.04, 0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 30.0, 60.0, 120.0, 300.0, 600.0, 1800.0, 3600.0})
        if (s * pixels_per_second >= kTickRoom) return s;
    return 7200;
}

double thumb_width(const TapeColumns& c) { return c.brackets - c.pictures - 8; }

void lay_brackets(const TapeInput& in, TapeLayout& out) {
    const auto& c = out.columns;
    for (std::size_t r = 0; r < in.recordings.size(); ++r) {
        const auto box = [&](const core::Take& t, double left, double right) {
            const double top = out.axis.y(r, t.from.seconds());
            return QRectF(left, top, right - left, std::max(4.0, out.axis.y(r, t.to.seconds()) - top));
        };
        for (std::size_t i = 0; i < in.procedure->steps.size(); ++i) {
            const auto& step = in.procedure->steps[i];
            for (std::size_t k = 0; k < step.takes.size(); ++k)
                if (step.takes[k].recording == in.recordings[r].id)
                    out.brackets.push_back(
                        {step.id, static_cast<int>(i) + 1, r, k, step.takes.size(), box(step.takes[k], c.brackets, c.words - 8)});
            const auto nest = [&](const std::optional<core::Take>& shown, bool wait) {
                if (shown && shown->recording == in.recordings[r].id)
                    out.nested.push_back({wait, step.id, box(*shown, c.words - 16, c.words - 6)});
            };
            for (const auto& check : step.checks) nest(check.shown, false);
            for (const auto& wait : step.waits) nest(wait.shown, true);
        }
    }
}

void lay_lines(const TapeInput& in, const TapeMetrics& m, TapeLayout& out) {
    for (std::size_t r = 0; r < in.recordings.size(); ++r) {
        const auto& rec = in.recordings[r];
        double words_free = 0;
        std::size_t mark = 0;
        std::size_t fold = 0;
        for (std::size_t i = 0; i < rec.narration->size(); ++i) {
            const auto& segment = (*rec.narration)[i];
            TapeLine line;
            line.recording = r;
            line.segment = i;
            const double top = out.axis.y(r, segment.start.seconds());
            const double next = i + 1 < rec.narration->size() ? out.axis.y(r, (*rec.narration)[i + 1].start.seconds()) : out.axis.foot(r);
            line.box =
                QRectF(out.columns.words, top, m.width - out.columns.words - 10, std::clamp(next - top - 2, m.line_height, kTallestLine));
            while (fold < rec.folds.size() && rec.folds[fold].to <= segment.start) ++fold;
            const bool folded = fold < rec.folds.size() && rec.folds[fold].from <= segment.start;
            line.shown = !folded && top >= words_free - 1;
            if (line.shown) words_free = top + m.line_height;
            while (mark < rec.marks->size() && (*rec.marks)[mark].segment < i) ++mark;
            for (std::size_t k = mark; k < rec.marks->size() && (*rec.marks)[k].segment == i; ++k) {
                const auto kind = (*rec.marks)[k].kind;
                if (kind == core::MarkKind::Talk)
                    line.talk = true;
                else if (kind != core::MarkKind::Step)
                    line.marks.push_back(k);
            }
            if (!folded) out.lines.push_back(std::move(line));
        }
    }
}

}  // namespace

TapeAxis::TapeAxis(const TapeInput& in, const TapeMetrics& m) {
    double top = kTop;
    for (std::size_t r = 0; r < in.recordings.size(); ++r) {
        const auto& rec = in.recordings[r];
        heads_.push_back(top);
        top += m.head_height;
        first_span_.push_back(spans_.size());
        double from = rec.index->start().seconds();
        const auto add = [&](double to, double height, std::optional<std::size_t> fold) {
            spans_.push_back({r, from, to, top, height, fold});
            top += height;
            from = to;
        };
        for (std::size_t f = 0; f < rec.folds.size(); ++f) {
            const double begin = rec.folds[f].from.seconds();
            const double end = rec.folds[f].to.seconds();
            if ((end - begin) * m.pixels_per_second <= m.fold_height) continue;  // nothing to be won
            if (begin > from) add(begin, (begin - from) * m.pixels_per_second, std::nullopt);
            add(end, m.fold_height, f);
        }
        const double end = std::max(from, rec.index->end.seconds());
        add(end, (end - from) * m.pixels_per_second, std::nullopt);
        feet_.push_back(top);
        top += m.foot_height;
    }
    height_ = top + kTop;
}

double TapeAxis::y(std::size_t recording, double seconds) const {
    if (recording >= first_span_.size()) return 0;
    const auto begin = spans_.begin() + static_cast<std::ptrdiff_t>(first_span_[recording]);
    const auto end =
        recording + 1 < first_span_.size() ? spans_.begin() + static_cast<std::ptrdiff_t>(first_span_[recording + 1]) : spans_.end();
    auto it = std::upper_bound(begin, end, seconds, [](double s, const Span& span) { return s < span.from; });
    if (it != begin) --it;
    const double length = it->to - it->from;
    return it->top + (length <= 0 ? 0 : std::clamp((seconds - it->from) / length, 0.0, 1.0) * it->height);
}

TapeMoment TapeAxis::at(double y) const {
    if (spans_.empty()) return {};
    auto it = std::upper_bound(spans_.begin(), spans_.end(), y, [](double h, const Span& span) { return h < span.top; });
    if (it != spans_.begin()) --it;
    if (y > it->top + it->height && it + 1 != spans_.end() && (it + 1)->top - y < y - it->top - it->height) ++it;  // in a head or foot
    const double share = it->height <= 0 ? 0 : std::clamp((y - it->top) / it->height, 0.0, 1.0);
    return {it->recording, core::FrameTime(std::llround((it->from + share * (it->to - it->from)) * 1e6), 1000000)};
}

std::pair<std::size_t, std::size_t> TapeLayout::lines_between(double top, double bottom) const {
    const auto above = [](const TapeLine& line, double y) { return line.box.top() < y; };
    const auto first = std::lower_bound(lines.begin(), lines.end(), top - kTallestLine, above);
    const auto last = std::lower_bound(first, lines.end(), bottom, above);
    return {static_cast<std::size_t>(first - lines.begin()), static_cast<std::size_t>(last - lines.begin())};
}

TapeLayout tape_layout(const TapeInput& in, const TapeMetrics& m) {
    TapeLayout out;
    const bool empty = in.recordings.empty() ||
        std::any_of(in.recordings.begin(), in.recordings.end(), [](const TapeRecording& r) { return r.index->times.empty(); });
    if (empty || in.procedure == nullptr) return out;
    out.axis = TapeAxis(in, m);
    lay_brackets(in, out);
    lay_lines(in, m, out);
    return out;
}

std::vector<TapePicture> tape_pictures(const TapeInput& in, const TapeMetrics& m, const TapeLayout& layout, double top, double bottom) {
    std::vector<TapePicture> out;
    const double width = thumb_width(layout.columns);
    const double height = width / m.thumb_aspect;
    const double every = height + 2;
    const bool single_frames = every / m.pixels_per_second < 0.75;  // s: closer together than the pictures of the import
    for (const auto& span : layout.axis.spans()) {
        if (span.fold || span.top + span.height < top || span.top > bottom) continue;
        const auto& index = *in.recordings[span.recording].index;
        const auto first = static_cast<long>(std::max(0.0, std::floor((top - span.top) / every) - 1));
        std::optional<std::size_t> last;
        for (long i = first; span.top + static_cast<double>(i) * every <= bottom; ++i) {
            const double y = span.top + static_cast<double>(i) * every;
            if (y + height > span.top + span.height && i > 0) break;
            const double seconds = span.from + static_cast<double>(i) * every / m.pixels_per_second;
            const core::FrameTime at(std::llround(seconds * 1e6), 1000000);
            std::size_t frame = index.frame_from(at);
            if (frame > 0 && index.times[frame].seconds() - seconds > seconds - index.times[frame - 1].seconds()) --frame;  // the nearest
            if (!single_frames && !index.thumbnails.empty()) {
                auto thumb = std::lower_bound(index.thumbnails.begin(), index.thumbnails.end(), frame,
                    [](const media::Thumbnail& t, std::size_t f) { return t.frame < f; });
                if (thumb == index.thumbnails.end()) --thumb;
                frame = thumb->frame;
            }
            if (last == frame) continue;  // the film has fewer pictures than the column has room for
            last = frame;
            out.push_back({span.recording, frame, QRectF(layout.columns.pictures, y, width, height)});
        }
    }
    return out;
}

std::vector<TapeTick> tape_ticks(const TapeMetrics& m, const TapeLayout& layout, double top, double bottom) {
    std::vector<TapeTick> out;
    const double every = tick_seconds(m.pixels_per_second);
    for (const auto& span : layout.axis.spans()) {
        if (span.fold || span.top + span.height < top || span.top > bottom) continue;
        const double from = span.from + std::max(0.0, top - span.top) / m.pixels_per_second;
        for (double n = std::ceil(from / every); n * every < span.to; ++n) {
            const double y = span.top + (n * every - span.from) * m.pixels_per_second;
            if (y > bottom) break;
            out.push_back({y, core::FrameTime::from_milliseconds(std::llround(n * every * 1000))});
        }
    }
    return out;
}

}  // namespace anagraph::app
