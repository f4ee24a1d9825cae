#include "core/figure/change_line.h"

namespace anagraph::core {

ChangeLine change_line(const Figure& was, const Figure& is) {
    // the old value takes the place of what was said, the new one that of what is proved
    Figure both = is;
    both.claims = {{RecordingId(), FrameTime(), "", was.value}};
    both.proofs = {{SourceId(), "", is.value}};
    ChangeLine out{number_line(both), 0, 0};
    if (!out.line.drawable || out.line.pins.empty() || out.line.blocks.empty()) {
        out.line.drawable = false;
        return out;
    }
    out.was = out.line.pins.front().at;
    out.is = (out.line.blocks.front().from + out.line.blocks.front().to) / 2;
    if (was.value == is.value) out.line.drawable = false;
    return out;
}

}  // namespace anagraph::core
