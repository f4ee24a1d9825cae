// Designation: grades and part numbers compared, which are no numbers: what is the same, what differs.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace anagraph::core {

struct DesignationRun {
    std::string text;
    bool same = true;
    friend bool operator==(const DesignationRun&, const DesignationRun&) = default;
};

/// `other` cut into stretches that also stand in `value`, in that order, and stretches that do not. Spaces, dashes, dots,
/// slashes and case make no difference, as in agrees(). The stretches together are `other`.
std::vector<DesignationRun> compare_designations(std::string_view value, std::string_view other);

}  // namespace anagraph::core
