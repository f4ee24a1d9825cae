#include "core/figure/designation.h"

#include <algorithm>
#include <cctype>

namespace anagraph::core {
namespace {

bool filling(char c) { return std::string_view(" -_./").find(c) != std::string_view::npos; }
char folded(char c) { return static_cast<char>(std::toupper(static_cast<unsigned char>(c))); }

constexpr std::size_t kLongest = 200;  // characters; longer ones are compared as far as that

}  // namespace

std::vector<DesignationRun> compare_designations(std::string_view value, std::string_view other) {
    std::string a;
    for (const char c : value.substr(0, kLongest))
        if (!filling(c)) a += folded(c);
    const std::size_t n = std::min(other.size(), kLongest);
    // longest[i][k]: the longest common order of a from i and other from k
    std::vector<std::vector<std::size_t>> longest(a.size() + 1, std::vector<std::size_t>(n + 1, 0));
    for (std::size_t i = a.size(); i-- > 0;)
        for (std::size_t k = n; k-- > 0;)
            longest[i][k] =
                !filling(other[k]) && a[i] == folded(other[k]) ? longest[i + 1][k + 1] + 1 : std::max(longest[i + 1][k], longest[i][k + 1]);
    std::vector<DesignationRun> out;
    const auto add = [&](char c, bool same) {
        if (out.empty() || out.back().same != same)
            out.push_back({std::string(1, c), same});
        else
            out.back().text += c;
    };
    std::size_t i = 0;
    for (std::size_t k = 0; k < other.size(); ++k) {
        if (k < n && filling(other[k])) {
            add(other[k], out.empty() || out.back().same);  // goes with what stands before it
            continue;
        }
        if (k >= n) {
            add(other[k], false);
            continue;
        }
        while (i < a.size() && a[i] != folded(other[k]) && longest[i + 1][k] >= longest[i][k + 1] && longest[i + 1][k] > 0) ++i;
        const bool same = i < a.size() && a[i] == folded(other[k]) && longest[i][k] == longest[i + 1][k + 1] + 1;
        if (same) ++i;
        add(other[k], same);
    }
    return out;
}

}  // namespace anagraph::core
