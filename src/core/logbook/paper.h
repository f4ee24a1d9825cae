// Old paper: a table of services done before the logbook began, read with its columns guessed and its doubtful lines told.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/logbook/logbook.h"

namespace anagraph::core {

enum class PaperColumn { Nothing, Machine, On, What, Reading };
template <>
struct Names<PaperColumn> {
    static constexpr auto all =
        std::to_array<Named<PaperColumn>>({{PaperColumn::Nothing, "", "left out"}, {PaperColumn::Machine, "machine"},
            {PaperColumn::On, "day"}, {PaperColumn::What, "what", "what was done"}, {PaperColumn::Reading, "reading"}});
};

struct PaperLine {
    std::size_t line = 0;  // in the file, from 1
    ServiceDone service;
    std::string doubt;  // why it cannot be taken as it stands; empty: it can
};

struct Paper {
    std::vector<PaperColumn> columns;  // what each was taken for
    bool headed = false;               // the first line names them
    std::vector<PaperLine> lines;
    std::size_t doubts() const;
    /// In the order of days, ready to be entered; nothing while a line is doubtful: all are entered, or none.
    std::vector<LogBody> entries() const;
};

/// Reads a table (RFC 4180, commas or semicolons). Columns are taken by their names where the first line has them, otherwise by what stands
/// in them. Doubtful: a machine the logbook does not know, a day that can be read two ways ("03/04/2025"), a reading that is none or runs
/// backwards, nothing said of what was done, a line that is in the logbook already. Errors: BadInput where it is no table of services.
Result<Paper> read_paper(std::string_view text, const Logbook& log);

}  // namespace anagraph::core
