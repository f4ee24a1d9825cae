// What a torque wrench or gauge sends over a serial line: "T 24.8 Nm 17\r\n", the letter of the quantity, value, unit and running number.
// "#" begins a remark; "*HH", the exclusive-or of the bytes before it in hex, may stand at the end and is then checked.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/quantity/quantity.h"

namespace anagraph::core {

struct WrenchReading {
    char letter = 'T';  // T: torque
    Quantity value;
    int number = 0;  // counts up on the device
    friend bool operator==(const WrenchReading&, const WrenchReading&) = default;
};

/// One line without its end. Errors: BadInput for a line that is none, a unit nobody knows, a checksum that does not hold.
Result<WrenchReading> read_wrench_line(std::string_view line);
/// The line as a device sends it, with its checksum and its end.
std::string wrench_line(const WrenchReading& reading);

/// What came of the line so far.
struct WrenchNews {
    std::vector<WrenchReading> readings;  // each once
    std::vector<Words> troubles;          // a sentence each: a line that was not understood, readings that were lost
};

/// The bytes of a line, in whatever pieces they come. A reading that comes twice is taken once; lost ones are told by their numbers; what
/// is not understood is told and does no harm to what comes after it.
class WrenchLines {
public:
    WrenchNews take(std::string_view bytes);

private:
    void take_line(std::string_view line, WrenchNews& news);
    std::string rest_;  // of a line whose end has not come yet
    bool too_long_ = false;
    std::optional<int> last_;
};

}  // namespace anagraph::core
