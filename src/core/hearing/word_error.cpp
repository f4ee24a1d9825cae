#include "core/hearing/word_error.h"

#include <algorithm>
#include <numeric>

namespace anagraph::core {

double word_error(const std::vector<std::string>& said, const std::vector<std::string>& heard) {
    std::vector<std::size_t> row(heard.size() + 1);  // edits that make the words said so far into the first k heard
    std::iota(row.begin(), row.end(), std::size_t{0});
    for (std::size_t i = 0; i < said.size(); ++i) {
        std::size_t diagonal = row[0];
        row[0] = i + 1;
        for (std::size_t k = 0; k < heard.size(); ++k) {
            const std::size_t other = diagonal + (said[i] == heard[k] ? 0 : 1);
            diagonal = row[k + 1];
            row[k + 1] = std::min({other, row[k] + 1, row[k + 1] + 1});
        }
    }
    return static_cast<double>(row.back()) / static_cast<double>(said.size());
}

}  // namespace anagraph::core
