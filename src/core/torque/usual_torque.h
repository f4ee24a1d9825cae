// UsualTorque: what is usual for a thread, so that a slip of unit or of digits can be doubted. A doubt is said, never enforced.
#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/base/named.h"
#include "core/base/result.h"

namespace anagraph::core {

/// What the thread is cut in.
enum class ThreadIn { Steel, Aluminium, Plastic };
template <>
struct Names<ThreadIn> {
    static constexpr auto all =
        std::to_array<Named<ThreadIn>>({{ThreadIn::Steel, "steel"}, {ThreadIn::Aluminium, "aluminium"}, {ThreadIn::Plastic, "plastic"}});
};

struct ThreadedJoint {
    double diameter_mm = 0;      // nominal: 6 for M6
    double pitch_mm = 0;         // 0: the coarse one of ISO 261
    std::string property_class;  // "8.8" (taken when empty), "10.9", "12.9", "5.6" ...; ISO 898-1
    ThreadIn in = ThreadIn::Steel;
    bool hollow = false;  // a banjo bolt or plug with a bore: it bears about half
    bool seals = false;   // a plug drawn against a seal needs far less than the thread bears: only too much is doubted
};

/// "M6", "M14x1.5", "M6 x 1": diameter and pitch. Errors: BadInput for what is no metric thread.
Result<ThreadedJoint> parse_thread(std::string_view text);

struct TorqueBand {
    double low = 0;   // N·m, at the lowest usual friction
    double high = 0;  // N·m, at the highest
};

/// The assembly torque of a metric screw at 90 % of its yield strength, for coefficients of friction from 0.10 (oiled) to
/// 0.16 (dry, zinc). Source: VDI 2230 part 1, M = F (0.16 P + 0.58 d2 mu + D_Km / 2 mu),
/// F = 0.9 Rp0.2 A0 / sqrt(1 + 3 (1.5 d2/d0 (P / (pi d2) + 1.155 mu))^2), with Rp0.2 by ISO 898-1, the profile by ISO 724 and
/// the head by ISO 4014. In aluminium two thirds, in plastic a sixth of it: house values for a thread as deep as the screw is
/// thick, where the nut thread and not the screw is the weaker part. A hollow screw half.
/// Errors: BadInput for a diameter outside 2 to 48 mm, an unknown pitch or property class.
Result<TorqueBand> usual_torque(const ThreadedJoint& joint);

/// One sentence where a torque (N·m) is far from the usual ("60 N·m is far above the usual 9 to 13 N·m for M6: a slip of
/// unit?"), nothing where it is not or where the thread is not known well enough.
std::optional<Words> doubt_about(double torque_nm, const ThreadedJoint& joint);

}  // namespace anagraph::core
