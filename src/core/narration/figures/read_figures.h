// Figures in a line: numbers with their units, and numbers whose kind follows from what stands round them.
#pragma once

#include <deque>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/narration/figures/found_figure.h"
#include "core/narration/line.h"

namespace anagraph::core {

/// Reads the lines of one narration in order; what was said before tells about the next.
class FigureReader {
public:
    /// `next` is the following line, into which a figure may run, or null.
    std::vector<FoundFigure> read(const Line& line, const Line* next, std::size_t segment);

private:
    struct Said {
        FigureKind kind;
        std::string unit;
        double value;
        std::size_t segment;
        std::size_t word;  // how many words of the narration came before
    };
    struct Sense {
        FigureKind kind;
        std::string unit;
        std::string because;
        bool doubtful = false;
    };
    /// A number with what belongs to it, before it is known what it is.
    struct Phrase {
        SpokenNumber number;
        std::optional<SpokenNumber> high;
        std::size_t from = 0;
        std::size_t after = 0;  // first word after the numbers
        std::size_t unit_at = 0;
        std::size_t end = 0;  // one past the unit, or `after` without one
        std::string_view unit;
    };

    std::optional<FoundFigure> read_unit_alone(const Line& line, std::size_t i) const;
    Phrase phrase_at(const Line& line, std::size_t i, SpokenNumber number) const;
    std::optional<Sense> sense_of(const Line& line, const Phrase& p) const;
    std::optional<Sense> sense_of_length(const Line& line, const Phrase& p) const;
    std::optional<Sense> sense_of_mil(const Line& line, const Phrase& p) const;
    std::optional<Sense> sense_of_hours(const Line& line, const Phrase& p) const;
    std::optional<Sense> sense_of_calendar(const Line& line, const Phrase& p) const;
    std::optional<Sense> bare_sense(const Line& line, const Phrase& p) const;
    std::optional<Sense> later_sense(const Line& line, const Phrase& p) const;
    std::optional<Sense> carried_sense(const Line& line, const Phrase& p) const;
    std::string meter_unit() const;
    const Said* last_of(FigureKind kind, std::size_t within) const;
    const Said* last_measured(std::size_t within) const;

    std::deque<Said> said_;
    std::size_t segment_ = 0;
    std::size_t word_ = 0;   // words of the lines before this one
    bool distance_ = false;  // the machine's meter counts kilometres
    bool fastener_ = false;  // the last lines were about something that is tightened
    std::size_t fastener_segment_ = 0;
    bool meter_asked_ = false;  // the line before speaks of the meter without its reading
};

}  // namespace anagraph::core
