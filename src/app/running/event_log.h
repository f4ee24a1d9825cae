// The event log: what the program did and how long it took, for whoever looks for a fault: $XDG_STATE_HOME/anagraph/anagraph.log, two
// older ones beside it, a megabyte each. No word of a guide, a file or a person gets into it: what is logged are words that stand in the
// source, numbers, and ids of commands.
#pragma once

#include <QString>
#include <cstdint>
#include <string>

#include "core/base/result.h"

namespace anagraph::app::event_log {

/// Words of the program itself: only what stands in the source can be one.
class Words {
public:
    consteval Words(const char* words) : words_(words) {}
    const char* text() const { return words_; }

private:
    const char* words_;
};

/// Where this program keeps what it only needs to go on or to be mended: $XDG_STATE_HOME/anagraph.
std::string state_folder();

/// Begins to write; until then, and where it cannot be written, nothing is.
void begin(const std::string& folder);
void end();
/// "guide opened"; "work ended, 312 ms".
void tell(Words what);
void tell(Words what, std::int64_t number, Words unit);
/// What a call came to.
void tell(Words what, const core::Outcome& done);
/// A command that was done. Ids of commands stand in the source.
void command(const QString& id);
/// The last lines of the log as it stands.
std::string last_lines(int most);

}  // namespace anagraph::app::event_log
