#include "core/torque/socket_fit.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace anagraph::core {
namespace {

struct Band {
    double up_to;  // nominal width, mm
    double low;
    double high;
};

/// The last band holds for all above it.
template <std::size_t N>
const Band& band_of(const std::array<Band, N>& bands, double width) {
    return *std::find_if(bands.begin(), bands.end() - 1, [&](const Band& b) { return width <= b.up_to + 1e-9; });
}

// ISO 4759-1, grade A: how far a head may stay below its nominal width.
constexpr std::array<Band, 9> kHeads{
    {{3, 0.14, 0}, {6, 0.18, 0}, {10, 0.22, 0}, {18, 0.27, 0}, {30, 0.33, 0}, {32, 0.39, 0}, {50, 0.62, 0}, {80, 0.74, 0}, {120, 0.87, 0}}};
// ISO 691: how far the opening lies above its nominal width, at least and at most. Below 10 and above 36 mm estimated.
constexpr std::array<Band, 11> kSockets{{{4, 0.02, 0.12}, {6, 0.03, 0.15}, {9, 0.03, 0.15}, {11, 0.04, 0.19}, {13, 0.04, 0.24},
    {16, 0.05, 0.27}, {18, 0.05, 0.30}, {24, 0.06, 0.36}, {32, 0.08, 0.48}, {50, 0.10, 0.60}, {120, 0.12, 0.80}}};

}  // namespace

Widths head_widths(double nominal) { return {nominal - band_of(kHeads, nominal).low, nominal}; }
Widths socket_widths(double nominal) {
    const Band& b = band_of(kSockets, nominal);
    return {nominal + b.low, nominal + b.high};
}

Result<SocketFit> socket_on_head(double head, double socket) {
    for (const double width : {head, socket})
        if (!(width >= 3 && width <= 100))
            return fail(ErrorCode::BadInput, key("Torque", "Widths across flats between 3 and 100 mm can be compared."));
    SocketFit out;
    out.play_mm = socket - head;
    const Widths heads = head_widths(head);
    const Widths sockets = socket_widths(socket);
    const double reach = std::min(1.0, socket / head * std::cos(std::numbers::pi / 6));
    const double turn = 30 - std::acos(reach) * 180 / std::numbers::pi;
    if (sockets.most < heads.least)
        out.fit = Fit::DoesNotGoOn;
    else if (sockets.least < heads.most)
        out.fit = Fit::Tight;
    else if (turn > kMostTurn)
        out.fit = Fit::RoundsOff;
    return out;
}

}  // namespace anagraph::core
