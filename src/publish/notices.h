// Notices: what a learner has to be told, a page each: just what changed since the edition that was learned, or that an edition is
// withdrawn and why.
#pragma once

#include <string>
#include <vector>

#include "core/records/owed.h"

namespace anagraph::publish {

struct Notice {
    std::string learner;
    std::string guide;      // as read: "Perrick PT60 100 h service"
    std::string headline;   // "What changed in edition 2"
    std::string withdrawn;  // why; empty: it is a notice of changes
    std::vector<core::ToldChange> changed;
    std::string todo;  // what the learner does now
};

/// The page of all of them, for print.
std::string notices_page(const std::vector<Notice>& notices);
/// As the text of a mail each, one after the other with a line between.
std::string notices_text(const std::vector<Notice>& notices);
/// As things to do (iCalendar, RFC 5545), due a week after `now` (UTC).
std::string notices_calendar(const std::vector<Notice>& notices, const std::string& now);

}  // namespace anagraph::publish
