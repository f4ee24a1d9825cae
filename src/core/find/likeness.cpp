#include "core/find/likeness.h"

#include <algorithm>
#include <iterator>
#include <set>
#include <sstream>
#include <string>
#include <vector>

namespace anagraph::core {

double likeness(std::string_view a, std::string_view b) {
    const auto words = [](std::string_view text) {
        std::istringstream in{std::string(text)};
        std::multiset<std::string> out;
        for (std::string w; in >> w;) out.insert(w);
        return out;
    };
    const auto x = words(a);
    const auto y = words(b);
    if (x.empty() || y.empty()) return 0;
    std::vector<std::string> both;
    std::set_intersection(x.begin(), x.end(), y.begin(), y.end(), std::back_inserter(both));
    return 2.0 * static_cast<double>(both.size()) / static_cast<double>(x.size() + y.size());
}

}  // namespace anagraph::core
