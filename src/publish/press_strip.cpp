#include "publish/press_strip.h"

#include <fmt/format.h>

#include "publish/colours.h"
#include "publish/plate_svg.h"

namespace anagraph::publish {
namespace {

constexpr int kWide = 150;
constexpr int kHigh = 150;

std::string hold_words(const core::Procedure& p, const core::Press& press) {
    const auto* time = p.find(press.hold);
    return time == nullptr ? "time not known" : core::text_of(time->value);
}

/// Held for as long as it takes, where no time is known but what the display then shows.
bool until_shown(const core::Press& press) { return press.kind == core::Press::Kind::Hold && press.hold.empty() && !press.shows.empty(); }

/// A finger on a button; held: with a clock of its length under it; turned: with an arrow about it.
std::string drawing(const core::Procedure& p, const core::Press& press, int x) {
    using Kind = core::Press::Kind;
    const int middle = x + kWide / 2;
    std::string out;
    const auto words = [&](int y, int size, const std::string& text, bool bold) {
        out += fmt::format(
            "<text x=\"{}\" y=\"{}\" font-family=\"B612, sans-serif\" font-size=\"{}\"{} text-anchor=\"middle\" fill=\"{ink}\">{}</text>",
            middle, y, size, bold ? " font-weight=\"bold\"" : "", escaped(text), ink());
    };
    if (!press.shows.empty()) {
        out += fmt::format("<rect x=\"{}\" y=\"4\" width=\"{}\" height=\"30\" rx=\"3\" fill=\"{ink}\"/>", x + 22, kWide - 44, ink());
        out += fmt::format(
            "<text x=\"{}\" y=\"25\" font-family=\"B612 Mono, B612, monospace\" font-size=\"17\" text-anchor=\"middle\" "
            "fill=\"{white}\">{}</text>",
            middle, escaped(press.shows), white());
    }
    out +=
        fmt::format("<rect x=\"{}\" y=\"50\" width=\"{}\" height=\"38\" rx=\"{}\" fill=\"{white}\" stroke=\"{ink}\" stroke-width=\"2.5\"/>",
            x + 28, kWide - 56, press.kind == Kind::Turn ? 19 : 6, ink(), white());
    words(75, press.button.size() > 8 ? 12 : 16, press.button, true);
    if (press.kind == Kind::Turn)
        out += fmt::format("<path d=\"M{} 46a44 30 0 0 1 70 0l4 -9m-4 9l-10 0\" fill=\"none\" stroke=\"{ink}\" stroke-width=\"2.5\"/>",
            middle - 35, ink());
    else
        out += fmt::format(
            "<path d=\"M{0} 86v22m-7 0v-14a7 7 0 0 1 14 0v14\" fill=\"none\" stroke=\"{ink}\" stroke-width=\"2.5\"/>", middle, ink());
    std::string how(core::name_of(press.kind));
    if (press.kind == Kind::Hold) how += until_shown(press) ? " until shown" : " " + hold_words(p, press);
    if (press.times > 1) how += fmt::format(", {} ×", press.times);
    words(132, 16, how, false);
    return out;
}

}  // namespace

std::string press_words(const core::Procedure& p, const core::ResetSequence& sequence) {
    std::string out;
    for (const auto& press : sequence.presses) {
        const char* verb = press.kind == core::Press::Kind::Hold ? "Hold" : press.kind == core::Press::Kind::Turn ? "Turn" : "Press";
        out += fmt::format("{}{} {}", out.empty() ? "" : " ", verb, press.button);
        if (until_shown(press))
            out += fmt::format(" until it shows {}", press.shows);
        else if (press.kind == core::Press::Kind::Hold)
            out += fmt::format(" for {}", press.hold.empty() ? "a time that is not known" : hold_words(p, press));
        if (press.times > 1) out += fmt::format("{} {} times", until_shown(press) ? "," : "", press.times);
        if (!press.shows.empty() && !until_shown(press)) out += fmt::format("; it then shows {}", press.shows);
        out += '.';
    }
    return out;
}

std::string press_strip(const core::Procedure& p, const core::ResetSequence& sequence) {
    const int width = kWide * static_cast<int>(std::max<std::size_t>(1, sequence.presses.size()));
    std::string out = fmt::format(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {0} {1}\" width=\"{3}\" role=\"img\" "
        "aria-label=\"{2}\"><title>{2}</title>",
        width, kHigh, escaped(press_words(p, sequence)), width * 2 / 3);
    for (std::size_t i = 0; i < sequence.presses.size(); ++i) {
        const int x = kWide * static_cast<int>(i);
        if (i > 0) out += fmt::format("<path d=\"M{0} 62l9 7l-9 7\" fill=\"none\" stroke=\"{ink}\" stroke-width=\"2.5\"/>", x - 4, ink());
        out += drawing(p, sequence.presses[i], x);
    }
    return out + "</svg>";
}

}  // namespace anagraph::publish
