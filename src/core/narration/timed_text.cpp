#include "core/narration/timed_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstdint>
#include <limits>
#include <optional>

namespace anagraph::core {
namespace {

void append_utf8(std::string& out, char32_t c) {
    if (c < 0x80) {
        out += static_cast<char>(c);
    } else if (c < 0x800) {
        out += static_cast<char>(0xC0 | (c >> 6));
        out += static_cast<char>(0x80 | (c & 0x3F));
    } else if (c < 0x10000) {
        out += static_cast<char>(0xE0 | (c >> 12));
        out += static_cast<char>(0x80 | ((c >> 6) & 0x3F));
        out += static_cast<char>(0x80 | (c & 0x3F));
    } else {
        out += static_cast<char>(0xF0 | (c >> 18));
        out += static_cast<char>(0x80 | ((c >> 12) & 0x3F));
        out += static_cast<char>(0x80 | ((c >> 6) & 0x3F));
        out += static_cast<char>(0x80 | (c & 0x3F));
    }
}

std::string from_utf16(std::string_view bytes, bool big_endian) {
    std::string out;
    const auto unit = [&](std::size_t i) -> char32_t {
        const auto a = static_cast<unsigned char>(bytes[i]);
        const auto b = static_cast<unsigned char>(bytes[i + 1]);
        return big_endian ? static_cast<char32_t>(a << 8 | b) : static_cast<char32_t>(b << 8 | a);
    };
    for (std::size_t i = 2; i + 1 < bytes.size(); i += 2) {
        char32_t c = unit(i);
        if (c >= 0xD800 && c < 0xDC00 && i + 3 < bytes.size() && unit(i + 2) >= 0xDC00 && unit(i + 2) < 0xE000) {
            c = 0x10000 + ((c - 0xD800) << 10) + (unit(i + 2) - 0xDC00);
            i += 2;
        } else if (c >= 0xD800 && c < 0xE000) {
            c = 0xFFFD;
        }
        append_utf8(out, c);
    }
    return out;
}

/// Replaces what is not UTF-8 by U+FFFD, so that nothing behind has to cope with it. True in `mended` if it had to.
std::string clean_utf8(std::string_view bytes, bool& mended) {
    std::string out;
    out.reserve(bytes.size());
    for (std::size_t i = 0; i < bytes.size();) {
        const auto lead = static_cast<unsigned char>(bytes[i]);
        const std::size_t length = lead < 0x80 ? 1
            : lead >= 0xC2 && lead < 0xE0      ? 2
            : lead >= 0xE0 && lead < 0xF0      ? 3
            : lead >= 0xF0 && lead < 0xF5      ? 4
                                               : 0;
        bool good = length > 0 && i + length <= bytes.size();
        for (std::size_t k = 1; good && k < length; ++k) good = (static_cast<unsigned char>(bytes[i + k]) & 0xC0) == 0x80;
        if (good && length == 3) {
            const auto second = static_cast<unsigned char>(bytes[i + 1]);
            good = !(lead == 0xE0 && second < 0xA0) && !(lead == 0xED && second >= 0xA0);
        }
        if (good && length == 4) {
            const auto second = static_cast<unsigned char>(bytes[i + 1]);
            good = !(lead == 0xF0 && second < 0x90) && !(lead == 0xF4 && second >= 0x90);
        }
        if (good && lead != 0) {
            out.append(bytes.substr(i, length));
            i += length;
        } else {
            append_utf8(out, 0xFFFD);
            mended = true;
            ++i;
        }
    }
    return out;
}

std::vector<std::string_view> lines_of(std::string_view text) {
    std::vector<std::string_view> lines;
    while (true) {
        const auto end = text.find_first_of("\r\n");
        lines.push_back(text.substr(0, end));
        if (end == std::string_view::npos) break;
        text.remove_prefix(end + (text.substr(end, 2) == "\r\n" ? 2 : 1));
    }
    return lines;
}

bool blank(std::string_view line) { return line.find_first_not_of(" \t") == std::string_view::npos; }

/// "h:mm:ss.mmm", "mm:ss,mmm", "m:ss": milliseconds, or nothing where it is no time (minutes or seconds above 59 too).
std::optional<std::int64_t> clock_milliseconds(std::string_view s) {
    while (!s.empty() && s.front() == ' ') s.remove_prefix(1);
    while (!s.empty() && s.back() == ' ') s.remove_suffix(1);
    std::vector<std::int64_t> parts{0};
    std::size_t digits = 0;
    std::size_t i = 0;
    for (; i < s.size() && s[i] != '.' && s[i] != ','; ++i) {
        if (s[i] == ':') {
            if (digits == 0 || parts.size() == 3) return std::nullopt;
            parts.push_back(0);
            digits = 0;
        } else if (s[i] >= '0' && s[i] <= '9' && digits < 6) {
            parts.back() = parts.back() * 10 + (s[i] - '0');
            ++digits;
        } else {
            return std::nullopt;
        }
    }
    if (digits == 0 || parts.size() < 2 || parts.back() > 59 || (parts.size() == 3 && parts[1] > 59)) return std::nullopt;
    std::int64_t seconds = 0;
    for (const auto p : parts) seconds = seconds * 60 + p;
    std::int64_t ms = 0;
    if (i < s.size()) {
        const std::string_view tail = s.substr(i + 1);
        if (tail.empty() || tail.size() > 3 || tail.find_first_not_of("0123456789") != std::string_view::npos) return std::nullopt;
        for (std::size_t k = 0; k < 3; ++k) ms = ms * 10 + (k < tail.size() ? tail[k] - '0' : 0);
    }
    return seconds * 1000 + ms;
}

/// Takes out cue markup (<v Name>, <i>, {\an8}), entities and extra spaces.
std::string plain_text(std::string_view line) {
    std::string out;
    // where no mark ends any more, none is looked for again
    const std::size_t last_tag = line.rfind('>');
    const std::size_t last_brace = line.rfind('}');
    for (std::size_t i = 0; i < line.size(); ++i) {
        const char c = line[i];
        const std::size_t last = c == '<' ? last_tag : last_brace;
        if ((c == '<' || (c == '{' && i + 1 < line.size() && line[i + 1] == '\\')) && last != std::string_view::npos && last > i) {
            const auto end = line.find(c == '<' ? '>' : '}', i);
            if (end != std::string_view::npos) {
                i = end;
                continue;
            }
        }
        if (c == '&') {
            static constexpr std::pair<std::string_view, std::string_view> kEntities[] = {
                {"&amp;", "&"}, {"&lt;", "<"}, {"&gt;", ">"}, {"&nbsp;", " "}, {"&quot;", "\""}};
            const auto hit = std::find_if(
                std::begin(kEntities), std::end(kEntities), [&](const auto& e) { return line.substr(i, e.first.size()) == e.first; });
            if (hit != std::end(kEntities)) {
                out += hit->second;
                i += hit->first.size() - 1;
                continue;
            }
        }
        if (c == ' ' || c == '\t') {
            if (!out.empty() && out.back() != ' ') out += ' ';
        } else {
            out += c;
        }
    }
    while (!out.empty() && out.back() == ' ') out.pop_back();
    return out;
}

/// The name in the first voice tag of a line, "<v Name>" or "<v.loud Name>"; empty without one.
std::string voice_of(std::string_view line) {
    const auto tag = line.find("<v");
    const auto end = tag == std::string_view::npos ? tag : line.find('>', tag);
    if (end == std::string_view::npos || tag + 2 >= end || (line[tag + 2] != ' ' && line[tag + 2] != '.')) return {};
    const auto space = line.find(' ', tag);
    return space < end ? plain_text(line.substr(space + 1, end - space - 1)) : std::string();
}

constexpr std::string_view kByProgram = "NOTE Heard by a program; nobody has listened to it yet.";
constexpr std::string_view kUnsureBegins = "<c.unsure>";
constexpr std::string_view kUnsureEnds = "</c>";

/// The words of a cue's line with the times and doubts its marks tell; true in `told` where it tells any.
void add_words(std::vector<TimedWord>& words, std::string_view line, FrameTime& at, bool& told) {
    bool unsure = false;
    // where no mark ends any more, none is looked for again
    const auto last = line.rfind('>');
    const std::size_t after_last = last == std::string_view::npos ? line.size() : line.size() - last - 1;
    while (!line.empty()) {
        const bool mark = line.front() == '<' && line.size() > after_last;
        const std::string_view piece = mark ? line.substr(0, line.find('>') + 1) : line.substr(0, std::max<std::size_t>(1, line.find('<')));
        line.remove_prefix(piece.size());
        if (!mark) {
            for (std::size_t n = said_words(plain_text(piece)).size(); n > 0; --n) words.push_back({at, unsure});
        } else if (piece == kUnsureBegins || (unsure && piece == kUnsureEnds)) {
            unsure = piece == kUnsureBegins;
            told = true;
        } else if (const auto ms = clock_milliseconds(piece.substr(1, piece.size() - 2))) {
            at = FrameTime::from_milliseconds(*ms);
            told = true;
        }
    }
}

void add_line(std::string& text, std::string_view line) {
    const std::string plain = plain_text(line);
    if (plain.empty()) return;
    if (!text.empty()) text += ' ';
    text += plain;
}

void read_cues(const std::vector<std::string_view>& lines, Narration& out) {
    const bool by_program = std::find(lines.begin(), lines.end(), kByProgram) != lines.end();
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto arrow = lines[i].find("-->");
        if (arrow == std::string_view::npos) continue;
        const auto from = clock_milliseconds(lines[i].substr(0, arrow));
        std::string_view rest = lines[i].substr(arrow + 3);
        while (!rest.empty() && (rest.front() == ' ' || rest.front() == '\t')) rest.remove_prefix(1);
        const auto to = clock_milliseconds(rest.substr(0, rest.find_first_of(" \t")));
        const std::size_t at = i + 1;
        std::string text;
        std::string speaker;
        std::vector<TimedWord> words;
        FrameTime word_at = FrameTime::from_milliseconds(from.value_or(0));
        bool told = false;
        while (i + 1 < lines.size() && !blank(lines[i + 1]) && lines[i + 1].find("-->") == std::string_view::npos) {
            add_line(text, lines[++i]);
            add_words(words, lines[i], word_at, told);
            if (speaker.empty()) speaker = voice_of(lines[i]);
        }
        if (!from || !to || *to < *from) {
            out.remarks.push_back(
                fmt::format("The times in line {} could not be read, so what was said there (\"{}\") is left out; mend the line and read "
                            "the file again.",
                    at, text.substr(0, 60)));
        } else if (!text.empty()) {
            out.segments.push_back({FrameTime::from_milliseconds(*from), FrameTime::from_milliseconds(*to), std::move(text),
                std::move(speaker), {}, by_program});
            // marks within a word leave it open which words they mean
            if (told && words.size() == said_words(out.segments.back().text).size()) out.segments.back().words = std::move(words);
        }
    }
}

void read_paragraphs(const std::vector<std::string_view>& lines, Narration& out) {
    bool open = false;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const std::string_view line = lines[i];
        if (blank(line) || line.front() == '#') {
            open = false;
            continue;
        }
        if (line.front() == '[') {
            const auto end = line.find(']');
            const auto from = end == std::string_view::npos ? std::nullopt : clock_milliseconds(line.substr(1, end - 1));
            open = from.has_value();
            if (!open) {
                out.remarks.push_back(
                    fmt::format("The time in line {} could not be read, so that paragraph is left out; write it as [1:23].", i + 1));
                continue;
            }
            const auto start = FrameTime::from_milliseconds(*from);
            out.segments.push_back({start, start, plain_text(line.substr(end + 1))});
        } else if (open) {
            add_line(out.segments.back().text, line);
        }
    }
}

}  // namespace

Result<Narration> read_timed_text(std::string_view bytes) {
    Narration out;
    std::string text;
    bool mended = false;
    if (bytes.substr(0, 2) == "\xFF\xFE" || bytes.substr(0, 2) == "\xFE\xFF") {
        text = from_utf16(bytes, bytes.front() == '\xFE');
        out.remarks.emplace_back(
            "The narration is written in UTF-16; it was read and is kept as UTF-8. Look at letters with accents once.");
    } else {
        text = clean_utf8(bytes.substr(0, 3) == "\xEF\xBB\xBF" ? bytes.substr(3) : bytes, mended);
    }
    if (mended)
        out.remarks.emplace_back(
            "Some bytes of the narration are not UTF-8 and show as \xEF\xBF\xBD; save the file as UTF-8 and read it again if they matter.");
    const auto lines = lines_of(text);
    const bool cues = std::any_of(lines.begin(), lines.end(), [](std::string_view l) { return l.find("-->") != std::string_view::npos; });
    if (cues)
        read_cues(lines, out);
    else
        read_paragraphs(lines, out);
    if (out.segments.empty())
        return fail(ErrorCode::BadInput,
            out.remarks.empty()
                ? core::key("Narration",
                      "No timed text is in this file; a narration is WebVTT, SRT or paragraphs that begin with a time such as [1:23].")
                : core::key("Narration",
                      "No line of this narration has times that can be read; check that they look like 00:01:23.000 --> 00:01:26.500."));
    std::stable_sort(out.segments.begin(), out.segments.end(), [](const Segment& a, const Segment& b) { return a.start < b.start; });
    // A paragraph lasts until the next one begins; the last one as long as its words take (about three a second).
    if (!cues)
        for (std::size_t i = 0; i < out.segments.size(); ++i) {
            auto& s = out.segments[i];
            const auto words = static_cast<std::int64_t>(std::count(s.text.begin(), s.text.end(), ' ') + 1);
            s.end = i + 1 < out.segments.size() ? out.segments[i + 1].start
                                                : FrameTime(s.start.num() * 3 + words * s.start.den(), s.start.den() * 3);
        }
    return out;
}

std::vector<std::string_view> said_words(std::string_view text) {
    std::vector<std::string_view> out;
    while (!text.empty()) {
        const auto blank = std::min(text.find(' '), text.size());
        if (blank > 0) out.push_back(text.substr(0, blank));
        text.remove_prefix(std::min(text.size(), blank + 1));
    }
    return out;
}

std::string write_webvtt(const std::vector<Segment>& segments) {
    const auto stamp = [](const FrameTime& t) {
        const auto ms = t.num() / t.den() * 1000 + t.num() % t.den() * 1000 / t.den();
        return fmt::format("{:02}:{:02}:{:02}.{:03}", ms / 3600000, ms / 60000 % 60, ms / 1000 % 60, ms % 1000);
    };
    const auto escaped = [](std::string_view words) {
        std::string text;
        for (const char c : words) text += c == '&' ? "&amp;" : c == '<' ? "&lt;" : c == '>' ? "&gt;" : std::string(1, c);
        return text;
    };
    std::string out = "WEBVTT\n";
    if (std::any_of(segments.begin(), segments.end(), [](const Segment& s) { return s.by_program; }))
        out += fmt::format("\n{}\n", kByProgram);
    for (const auto& s : segments) {
        std::string text = s.speaker.empty() ? "" : fmt::format("<v {}>", s.speaker);
        const auto words = said_words(s.text);
        if (words.size() == s.words.size()) {
            FrameTime at = s.start;
            for (std::size_t i = 0; i < words.size(); ++i) {
                if (i > 0) text += ' ';
                if (at < s.words[i].at) text += fmt::format("<{}>", stamp(at = s.words[i].at));
                text += s.words[i].unsure ? fmt::format("{}{}{}", kUnsureBegins, escaped(words[i]), kUnsureEnds) : escaped(words[i]);
            }
        } else {
            text += escaped(s.text);
        }
        out += fmt::format("\n{} --> {}\n{}\n", stamp(s.start), stamp(s.end), text);
    }
    return out;
}

}  // namespace anagraph::core
