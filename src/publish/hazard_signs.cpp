#include "publish/hazard_signs.h"

#include <fmt/format.h>

#include <map>

namespace anagraph::publish {
namespace {

/// What stands in the triangle, in ink: @ is the ink, # the ground. The triangle's inside runs about from (30, 75) to (70, 75)
/// at the foot and to (50, 28) at the top.
std::string_view drawing(std::string_view symbol) {
    static const std::map<std::string_view, std::string_view> all{// heat rising from a surface
        {"hot",
            R"svg(<path d="M28 74H72" stroke="@" stroke-width="6"/><path d="M38 66q-5-6 0-12t0-12M50 66q-5-7 0-14t0-16M62 66q-5-6 0-12t0-12" fill="none" stroke="@" stroke-width="4.5"/>)svg"},
        // a load above a figure lying under it
        {"crush",
            R"svg(<path d="M37 36H63V51H37Z" fill="@"/><path d="M50 53V60M46 58l4 5 4-5" fill="none" stroke="@" stroke-width="3"/><circle cx="33" cy="70" r="4" fill="@"/><path d="M39 71H70" stroke="@" stroke-width="6"/>)svg"},
        // a vessel that bursts
        {"pressure",
            R"svg(<path d="M40 74V54a10 10 0 0 1 20 0V74Z" fill="@"/><path d="M50 40V33M38 45L33 40M62 45L67 40M35 57H29M65 57H71" stroke="@" stroke-width="4"/>)svg"},
        // a battery with its poles
        {"battery",
            R"svg(<path d="M33 50H67V74H33Z" fill="@"/><path d="M38 44H44V50H38ZM56 44H62V50H56Z" fill="@"/><path d="M37 60H45M55 60H63M59 56V64" stroke="#" stroke-width="3"/>)svg"},
        // a belt drawing a hand in
        {"rotating",
            R"svg(<circle cx="60" cy="62" r="12" fill="none" stroke="@" stroke-width="5"/><circle cx="60" cy="62" r="3" fill="@"/><path d="M60 50H38" stroke="@" stroke-width="4"/><path d="M28 74L40 60l4-7M34 74l9-11" fill="none" stroke="@" stroke-width="4.5"/><path d="M45 53l1-4M45 53l4 0" stroke="@" stroke-width="3"/>)svg"},
        // a flame
        {"fire",
            R"svg(<path d="M50 32c3 9 14 14 14 28a14 14 0 0 1-28 0c0-6 3-10 6-13 0 4 2 6 4 7 0-8 1-15 4-22Z" fill="@"/><path d="M50 74a7 7 0 0 1-6-9c2 1 4 0 5-5 4 3 7 6 7 9a6 6 0 0 1-6 5Z" fill="#"/>)svg"},
        // a drop over water
        {"waste",
            R"svg(<path d="M50 32c6 9 9 13 9 18a9 9 0 0 1-18 0c0-5 3-9 9-18Z" fill="@"/><path d="M29 68q5-5 10 0t11 0 11 0 10 0M33 76q4-4 8 0t9 0 9 0 8 0" fill="none" stroke="@" stroke-width="3.5"/>)svg"},
        // a screw started crooked
        {"thread",
            R"svg(<path d="M31 62H44V76H31ZM56 62H69V76H56Z" fill="@"/><g transform="rotate(18 50 56)"><path d="M42 35H58V43H42Z" fill="@"/><path d="M46 43V72H54V43Z" fill="@"/><path d="M43 49L57 53M43 56L57 60M43 63L57 67" stroke="#" stroke-width="2.5"/></g>)svg"},
        // a blade at a finger
        {"sharp",
            R"svg(<path d="M30 46H66V54L30 58Z" fill="@"/><path d="M44 76V66a5 5 0 0 1 10 0V76Z" fill="@"/><path d="M46 60l-4 4M54 60l4 4" stroke="@" stroke-width="3"/>)svg"}};
    const auto it = all.find(symbol);
    // the general warning sign
    return it == all.end()
        ? R"svg(<path d="M50 34V58" stroke="@" stroke-width="9" stroke-linecap="round"/><circle cx="50" cy="71" r="5.5" fill="@"/>)svg"
        : it->second;
}

}  // namespace

std::string hazard_svg(std::string_view symbol, std::string_view ink, std::string_view ground) {
    std::string inside;
    for (const char c : drawing(symbol))
        if (c == '@')
            inside += ink;
        else if (c == '#')
            inside += ground;
        else
            inside += c;
    return fmt::format(
        R"svg(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 90" aria-hidden="true"><path d="M50 6L95 84L5 84Z" fill="{}" stroke="{}" stroke-width="7" stroke-linejoin="round"/>{}</svg>)svg",
        ground, ink, inside);
}

}  // namespace anagraph::publish
