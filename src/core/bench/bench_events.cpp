#include "core/bench/bench_events.h"

#include <fmt/chrono.h>

#include <charconv>

#include "core/base/kind_json.h"
#include "core/service/calendar.h"

namespace anagraph::core {

std::string utc_text(Moment at) { return fmt::format("{:%Y-%m-%dT%H:%M:%SZ}", fmt::gmtime(static_cast<std::time_t>(at))); }

Result<Moment> parse_utc(std::string_view text) {
    const auto bad = [&] {
        return fail(ErrorCode::BadInput, say(key("Bench", "\u201C{0}\u201D is no moment; write it as 2026-11-30T10:42:08Z."), text));
    };
    if (text.size() != 20 || text[10] != 'T' || text[13] != ':' || text[16] != ':' || text[19] != 'Z') return bad();
    const auto day = parse_day(text.substr(0, 10));
    if (!day) return bad();
    int part[3] = {0, 0, 0};
    for (int i = 0; i < 3; ++i) {
        const char* from = text.data() + 11 + 3 * i;
        const auto [end, error] = std::from_chars(from, from + 2, part[i]);
        if (error != std::errc() || end != from + 2) return bad();
    }
    if (part[0] > 23 || part[1] > 59 || part[2] > 60) return bad();
    return day->time_since_epoch().count() * Moment{86400} + part[0] * 3600 + part[1] * 60 + part[2];
}

nlohmann::json to_json(const BenchBody& body) { return kind_to_json(body); }

Result<BenchBody> bench_body_from_json(const nlohmann::json& j) { return kind_from_json<BenchBody>(j, "A run at the bench"); }

}  // namespace anagraph::core
