// The logbook in print: a book by machine and year, and labels.
#pragma once

#include <string>
#include <vector>

#include "core/logbook/due_list.h"

namespace anagraph::publish {

/// Every machine with its years, newest first; struck entries are shown struck.
std::string history_book(const core::Logbook& log);

/// What a label says, a line each.
struct Label {
    std::string head;                // "Perrick PT60 no. 3"
    std::vector<std::string> lines;  // "100 h service", "302 h, 2026-11-30"
    std::string next;                // "Next at 402 h or 2027-11-30"
    std::string code;                // what its QR code says
};
/// A sheet of A4 full of one label, so many across and down, with room to cut: 2 by 7 for a panel, 3 by 8 for a filter, 4 by 11 for a part.
std::string label_sheet(const Label& label, int across, int down);

}  // namespace anagraph::publish
