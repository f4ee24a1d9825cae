// The logbook in print: a book by machine and year, and labels.
#pragma once

#include <string>
#include <vector>

#include "core/logbook/due_list.h"
#include "core/logbook/run.h"

namespace anagraph::publish {

/// Every machine with its years, newest first; struck entries are shown struck.
std::string history_book(const core::Logbook& log);

/// A photograph or a receipt, as it stands in a warranty file.
struct EvidenceShown {
    std::string sha256, words;
    std::string picture;  // file name beside the page; empty: it is no picture
    bool missing = false;
};
/// Services, runs with their readings, photographs and receipts of one machine; `day`: as it stands then.
std::string warranty_file(
    const core::Machine& machine, const std::vector<core::RunInLog>& runs, const std::vector<EvidenceShown>& files, const std::string& day);

/// The form that goes to the laboratory with a sample; `earlier`: what was found before, a sentence each.
std::string sample_form(const core::Machine& machine, const core::SampleInLog& sample, const std::vector<std::string>& earlier);

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
