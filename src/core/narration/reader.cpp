#include "core/narration/reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>
#include <tuple>
#include <utility>

#include "core/narration/figures/read_figures.h"
#include "core/narration/line.h"
#include "core/narration/read_moments.h"
#include "core/narration/read_steps.h"
#include "core/narration/reading_lines.h"
#include "core/narration/sentences.h"
#include "core/narration/spoken_language.h"

namespace anagraph::core {

std::string_view name_of(MarkKind kind) {
    switch (kind) {
        case MarkKind::Figure:
            return "figure";
        case MarkKind::Step:
            return "step";
        case MarkKind::Caution:
            return "caution";
        case MarkKind::Slip:
            return "slip";
        case MarkKind::Unseen:
            return "not seen";
        case MarkKind::Talk:
            return "talk";
    }
    return "";
}

namespace {

/// Marks of one reading line after the other, and which segments are nothing but talk.
class LineReader {
public:
    LineReader(const std::vector<Segment>& segments, const SpeechTables& tables)
        : segments_(segments), tables_(tables), lines_(reading_lines(segments)) {}

    std::vector<Mark> read() {
        std::vector<std::vector<Mark>> found(lines_.size());
        std::vector<double> balances;
        for (std::size_t k = 0; k < lines_.size(); ++k) {
            found[k] = marks_of(k);
            balances.push_back(talk_balance(lines_[k].line, content_of(found[k]), matter_));
        }
        const auto talk = talk_runs(balances);
        std::vector<std::vector<Mark>> by_segment(segments_.size());
        for (std::size_t k = 0; k < lines_.size(); ++k)
            if (!talk[k])
                for (auto& m : found[k]) by_segment[m.segment].push_back(std::move(m));
        // talk is told of the lines as they were written, since they are what is shown and left out
        constexpr double kPlain = 0.9;        // content from which a line is about the machine, whatever the model says of it ...
        constexpr double kPlainMatter = 2.0;  // ... and what is put for that
        balances.clear();
        for (std::size_t i = 0; i < segments_.size(); ++i) {
            const Line whole{words_of(segments_[i].text)};
            const double content = content_of(by_segment[i]);
            const double matter = content >= kPlain ? kPlainMatter : read_moments(whole, false, tables_.moments).matter;
            balances.push_back(talk_balance(whole, content, matter));
        }
        const auto all_talk = talk_runs(balances);
        std::vector<Mark> out;
        for (std::size_t i = 0; i < segments_.size(); ++i) {
            put_once(std::move(by_segment[i]), out);
            if (all_talk[i]) out.push_back(mark(i, MarkKind::Talk, "nothing about the machine is said here"));
        }
        return out;
    }

private:
    /// What is said twice in one segment is marked once, figures excepted. Two warnings of a paragraph are two.
    static void put_once(std::vector<Mark> marks, std::vector<Mark>& out) {
        std::set<std::tuple<MarkKind, std::string, std::string>> told;
        std::map<MarkKind, std::string> last;  // words of the last moment of a kind: stretches overlap
        for (auto& m : marks) {
            const bool step = m.kind == MarkKind::Step;
            if (m.kind != MarkKind::Figure && !told.insert({m.kind, step ? m.verb : m.words, step ? m.about : ""}).second) continue;
            if (m.kind != MarkKind::Figure && !step) {
                if (last[m.kind].find(m.words) != std::string::npos) continue;
                last[m.kind] = m.words;
            }
            out.push_back(std::move(m));
        }
    }

    /// How much of the machine the marks of a line speak, up to 2.2: a count is little, a step or a torque much.
    static double content_of(const std::vector<Mark>& marks) {
        double content = 0;
        for (const auto& m : marks) {
            if (m.kind == MarkKind::Step)
                content += m.about.empty() ? 0.5 : 0.9;
            else if (m.kind == MarkKind::Caution || m.kind == MarkKind::Unseen)
                content += 0.9;
            else if (m.kind == MarkKind::Slip)
                content += 0.5;
            else if (m.figure_kind == FigureKind::Count)
                content += 0.25;
            else
                content += m.figure_kind == FigureKind::Percent || m.figure_kind == FigureKind::Reading ||
                        m.figure_kind == FigureKind::Length || m.figure_kind == FigureKind::Duration
                    ? 0.7
                    : 1.2;
        }
        return std::min(content, 2.2);
    }

    Mark mark(std::size_t segment, MarkKind kind, std::string because) const {
        Mark m;
        m.kind = kind;
        m.segment = segment;
        m.at = segments_[segment].start;
        m.words = segments_[segment].text;
        m.because = std::move(because);
        return m;
    }

    std::size_t segment_at(std::size_t k, std::size_t word) const {
        return lines_[k].written[std::min(word, lines_[k].written.size() - 1)].segment;
    }

    std::vector<Mark> marks_of(std::size_t k) {
        leave_out(k, std::exchange(skip_, 0));
        const Line& line = lines_[k].line;
        std::vector<Mark> out;
        matter_ = 0;
        if (line.size() == 0) return out;
        const auto figures = figures_.read(line, k + 1 < lines_.size() ? &lines_[k + 1].line : nullptr, k);
        if (!figures.empty() && figures.back().to > line.size()) skip_ = figures.back().to - line.size();
        for (const auto& f : figures) out.push_back(figure_mark(k, f));
        auto steps = read_steps(line, tables_.steps);
        add_implied(line, figures, steps);
        for (auto& s : steps) {
            Mark m = mark(segment_at(k, s.at), MarkKind::Step, std::move(s.because));
            m.guessed = s.guessed;
            m.verb = std::move(s.verb);
            m.about = std::move(s.about);
            m.words = line.said(s.at, s.words);
            if (m.about.empty() && line.any({"it", "them", "these", "those"}, s.at, s.at + s.words)) {
                m.about = fitting(m.verb, thing_near(line, s.at, 0, s.at));
                if (m.about.empty()) name_before(m, k);
            }
            out.push_back(std::move(m));
        }
        const bool taken_back = std::any_of(figures.begin(), figures.end(), [](const FoundFigure& f) { return f.taken_back; });
        Moments moments = read_moments(line, taken_back, tables_.moments);
        for (auto& m : moments.found) {
            const auto parts = parts_of(k, m.words);
            const Stretch& part = parts[loudest_part(line, m.kind, parts, tables_.moments)];
            out.push_back(mark(segment_at(k, part.from), kind_of(m.kind), std::move(m.because)));
            out.back().words = words_around(k, part);
        }
        matter_ = moments.matter;
        if (auto part = thing_near(line, line.size() - 1); !part.empty()) {
            last_part_ = std::move(part);
            last_part_segment_ = segment_at(k, line.size() - 1);
            last_part_line_ = k;
        }
        return out;
    }

    /// What a mark of line `k` is about, where it does not name it: the part named last, not long before. False where there is none.
    bool name_before(Mark& m, std::size_t k) const {
        constexpr std::size_t kNotLong = 3;  // lines
        if (k - last_part_line_ > kNotLong) return false;
        m.about = m.verb.empty() ? last_part_ : fitting(m.verb, last_part_);
        if (m.about.empty()) return false;
        m.because += fmt::format(
            "; about the {}, named {} s before", m.about, std::lround(m.at.seconds() - segments_[last_part_segment_].start.seconds()));
        return true;
    }

    /// The first words of a line belong to a figure begun in the line before.
    void leave_out(std::size_t k, std::size_t count) {
        auto& [line, written] = lines_[k];
        count = std::min(count, line.size());
        line.words.erase(line.words.begin(), line.words.begin() + static_cast<std::ptrdiff_t>(count));
        written.erase(written.begin(), written.begin() + static_cast<std::ptrdiff_t>(count));
    }

    static MarkKind kind_of(MomentKind kind) {
        return kind == MomentKind::Caution ? MarkKind::Caution : kind == MomentKind::Slip ? MarkKind::Slip : MarkKind::Unseen;
    }

    /// The words of a line in parts, each of one segment.
    std::vector<Stretch> parts_of(std::size_t k, const Stretch& words) const {
        std::vector<Stretch> out{words};
        for (std::size_t i = words.from + 1; i < words.to; ++i)
            if (segment_at(k, i) != segment_at(k, i - 1)) {
                out.back().to = i;
                out.push_back({i, words.to});
            }
        return out;
    }

    /// What words of one segment say as it was written: the segment's text; of a paragraph the sentences that hold them.
    std::string words_around(std::size_t k, const Stretch& words) {
        constexpr std::size_t kLongest = 40;  // words of a text that is shown whole
        const auto& [line, written] = lines_[k];
        const std::size_t segment = segment_at(k, words.from);
        if (!sentences_ || sentences_of_ != segment) {
            sentences_.emplace(segments_[segment].text);
            sentences_of_ = segment;
        }
        if (sentences_->words() <= kLongest) return segments_[segment].text;
        auto out = sentences_->holding(written[words.from].word, written[words.to - 1].word);
        return !out.empty() && words_of(out).size() <= kLongest ? out : line.said(words.from, words.to - words.from);
    }

    /// A figure may say a step by itself: "motor foot bolts back to forty five newton metres", "two litres in".
    void add_implied(const Line& line, const std::vector<FoundFigure>& figures, std::vector<FoundStep>& steps) {
        const auto done = [&](std::string_view verb) {
            return std::any_of(steps.begin(), steps.end(), [&](const FoundStep& s) { return s.verb == verb; });
        };
        const bool tightened_before = tightened_before_;
        tightened_before_ = done("tighten");
        if (line.any({"book", "says", "say", "wrong", "didn't", "would", "metric", "older", "don't", "card", "said"})) return;
        for (const auto& f : figures) {
            if (f.taken_back) continue;
            const auto imply = [&](std::string verb, std::string because) {
                steps.push_back({std::move(verb), thing_near(line, std::min(f.from, line.size() - 1)), f.from,
                    std::min(f.to, line.size()) - f.from, std::move(because)});
            };
            if (f.kind == FigureKind::Torque && !done("tighten") && !tightened_before) {
                imply("tighten", "a torque is said: something is tightened to it");
                tightened_before_ = true;
            }
            if (f.kind == FigureKind::Volume && !done("fill") && !done("drain") && listed("in of", line.at(f.to)) &&
                !line.any({"out", "came", "drained", "left", "takes", "holds", "capacity", "bottle", "can", "drum", "about", "is", "are"}))
                imply("fill", "an amount goes in");
            if (f.kind == FigureKind::Turn && steps.empty()) {
                if (line.any({"adjuster", "adjusters", "screw", "cone", "bush", "bushes", "jacking", "out", "in", "another"}))
                    imply("adjust", "something is turned by a part of a turn");
                else if (line.any({"hand", "filter", "plug", "nut", "bolt", "cap"}))
                    imply("tighten", "something is turned by a part of a turn");
            }
            if (f.kind == FigureKind::Duration && steps.empty() && line.size() < 12 &&
                line.any({"then", "wait", "settle", "give", "leave", "it"}) &&
                !line.any({"takes", "every", "took", "was", "been", "after", "ago", "spin", "runs"}))
                imply("wait", "a time to wait is said");
        }
    }

    Mark figure_mark(std::size_t k, const FoundFigure& f) {
        const Line& line = lines_[k].line;
        const std::size_t i = segment_at(k, f.from);
        Mark m = mark(i, MarkKind::Figure, f.because);
        m.figure_kind = f.kind;
        m.value = f.value;
        m.hedged = f.hedged;
        m.taken_back = f.taken_back;
        m.words = line.said(f.from, f.to - f.from);
        if (f.to > line.size() && k + 1 < lines_.size()) m.words += " " + lines_[k + 1].line.said(0, f.to - line.size());
        const std::size_t at = std::min(f.from, line.size() - 1);
        m.about = thing_of(line, at);
        if (!m.about.empty() || !name_before(m, k)) {
            if (m.about.empty()) m.about = thing_near(line, at);
            if (!m.about.empty()) m.because += fmt::format("; about the {}, named here", m.about);
        }
        m.by_program = segments_[i].by_program;
        m.unsure = rests_on_unsure(i, m.words);
        if (m.by_program)
            m.because += m.unsure ? "; heard by the program, which was not sure of it: listen" : "; heard by the program: listen to it";
        return m;
    }

    /// What a figure is said of: named in its clause, else before it in the line.
    static std::string thing_of(const Line& line, std::size_t at) {
        auto thing = thing_near(line, at, line.clause_begin(at), line.clause_end(at));
        return thing.empty() ? thing_near(line, at, 0, at) : thing;
    }

    /// Is a word of `words` one that the recogniser was not sure of?
    bool rests_on_unsure(std::size_t segment, const std::string& words) {
        const auto& s = segments_[segment];
        if (s.words.empty()) return false;
        if (unsure_of_ != segment) {
            unsure_of_ = segment;
            unsure_.clear();
            const auto said = said_words(s.text);
            for (std::size_t k = 0; k < std::min(said.size(), s.words.size()); ++k)
                if (s.words[k].unsure)
                    for (auto& w : words_of(said[k])) unsure_.insert(std::move(w.text));
        }
        const auto of_mark = words_of(words);
        return std::any_of(of_mark.begin(), of_mark.end(), [&](const Word& w) { return unsure_.contains(w.text); });
    }

    const std::vector<Segment>& segments_;
    const SpeechTables& tables_;
    std::vector<ReadingLine> lines_;
    FigureReader figures_;
    std::string last_part_;
    std::size_t last_part_segment_ = 0;
    std::size_t last_part_line_ = 0;
    std::size_t skip_ = 0;
    std::set<std::string> unsure_;                         // words the recogniser was not sure of ...
    std::optional<std::size_t> unsure_of_ = std::nullopt;  // ... in this segment
    std::optional<Sentences> sentences_ = std::nullopt;    // of the segment a moment was read in last ...
    std::size_t sentences_of_ = 0;                         // ... which is this one
    double matter_ = 0;                                    // of the line read last
    bool tightened_before_ = false;                        // the line before says that something is tightened
};

}  // namespace

std::vector<Mark> read_marks(const std::vector<Segment>& segments) {
    return other_language(segments).empty() ? read_marks(segments, SpeechTables::built_in()) : std::vector<Mark>{};
}

std::vector<Mark> read_marks(const std::vector<Segment>& segments, const SpeechTables& tables) {
    return LineReader(segments, tables).read();
}

namespace {

struct Canonical {
    nlohmann::json value;
    nlohmann::json value_hi;
    nlohmann::json unit;
};

std::string_view canonical_unit(FigureKind kind, const Unit& unit) {
    switch (kind) {
        case FigureKind::Torque:
            return "Nm";
        case FigureKind::Turn:
            return "turn";
        case FigureKind::Volume:
            return "L";
        case FigureKind::Size:
        case FigureKind::Length:
            return "mm";
        case FigureKind::Pressure:
            return "kPa";
        case FigureKind::Temperature:
            return "degC";
        case FigureKind::Duration:
            return "s";
        case FigureKind::Interval:
        case FigureKind::Reading:
            return unit.dimension == Dimension::Calendar ? "month" : unit.dimension == Dimension::Distance ? "km" : "h";
        case FigureKind::Speed:
            return "rpm";
        case FigureKind::Percent:
            return "%";
        case FigureKind::Force:
            return "N";
        case FigureKind::Grade:
        case FigureKind::PartNumber:
        case FigureKind::Count:
            return "x";
    }
    return "x";
}

Canonical canonical_value(const Mark& m) {
    const Unit* unit = find_unit(m.value.unit);
    if (unit == nullptr) return {m.value.low, nullptr, nullptr};
    // A force said for a torque keeps its number; the unit is what has to be asked.
    const Unit* source = m.figure_kind == FigureKind::Torque ? &unit_meant(*unit, Dimension::Torque) : unit;
    const Unit* target = find_unit(canonical_unit(m.figure_kind, *source));
    const auto number = [&](const std::string& text) -> nlohmann::json {
        const auto n = Number::kept(text);
        return n ? nlohmann::json(std::round(convert(n->value(), *source, *target) * 1e6) / 1e6) : nlohmann::json(nullptr);
    };
    const std::string name = m.figure_kind == FigureKind::Count ? "number"
        : m.figure_kind == FigureKind::Turn                     ? "turns"
                                                                : std::string(target->id);
    return {number(m.value.low), m.value.high.empty() ? nlohmann::json(nullptr) : number(m.value.high), name};
}

}  // namespace

nlohmann::json marks_json(const std::vector<Segment>& segments, const std::vector<Mark>& marks) {
    using nlohmann::json;
    json out{{"segment_starts", json::array()}, {"figures", json::array()}, {"steps", json::array()}, {"cautions", json::array()},
        {"slips", json::array()}, {"unseen", json::array()}, {"chatter", json::array()}};
    for (const auto& s : segments) out["segment_starts"].push_back(s.start.seconds());
    std::optional<std::size_t> talk_end;
    std::set<std::string> seen;
    for (const auto& m : marks) {
        const double t = m.at.seconds();
        switch (m.kind) {
            case MarkKind::Figure: {
                if (m.taken_back) break;
                const auto c = canonical_value(m);
                if (!seen.insert(fmt::format("{}|{}|{}|{}", m.segment, name_of(m.figure_kind), c.value.dump(), c.value_hi.dump())).second)
                    break;
                out["figures"].push_back({{"t", t}, {"kind", name_of(m.figure_kind)}, {"value", c.value}, {"value_hi", c.value_hi},
                    {"unit", c.unit}, {"about", m.about}, {"hedged", m.hedged}, {"optional", false}, {"because", m.because}});
                break;
            }
            case MarkKind::Step:
                out["steps"].push_back({{"t", t}, {"verb", m.verb}, {"about", m.about}});
                break;
            case MarkKind::Caution:
                out["cautions"].push_back({{"t", t}});
                break;
            case MarkKind::Slip:
                out["slips"].push_back({{"t", t}});
                break;
            case MarkKind::Unseen:
                out["unseen"].push_back({{"t", t}});
                break;
            case MarkKind::Talk:
                if (talk_end && *talk_end + 1 == m.segment)
                    out["chatter"].back()[1] = t;
                else
                    out["chatter"].push_back({t, t});
                talk_end = m.segment;
                break;
        }
    }
    return out;
}

}  // namespace anagraph::core
