#include "core/base/words.h"

#include <cctype>
#include <ostream>

namespace anagraph::core {

Words Words::number(std::string digits) {
    Words out(std::move(digits));
    out.sort_ = Sort::Number;
    return out;
}

Words Words::day(std::string iso) {
    Words out(std::move(iso));
    out.sort_ = Sort::Day;
    return out;
}

std::string Words::english() const {
    if (!has_key()) return own_;
    std::vector<std::string> with;
    for (const auto& w : with_) with.push_back(w.english());
    return filled(key_.one != nullptr && count_ == 1 ? key_.one : key_.english, count_, with);
}

std::string filled(const std::string& sentence, long long count, const std::vector<std::string>& with) {
    std::string out;
    for (std::size_t i = 0; i < sentence.size(); ++i) {
        if (sentence.compare(i, 2, "%n") == 0) {
            out += std::to_string(count);
            ++i;
        } else if (i + 2 < sentence.size() && sentence[i] == '{' && std::isdigit(static_cast<unsigned char>(sentence[i + 1])) != 0 &&
            sentence[i + 2] == '}' && static_cast<std::size_t>(sentence[i + 1] - '0') < with.size()) {
            out += with[static_cast<std::size_t>(sentence[i + 1] - '0')];
            i += 2;
        } else {
            out += sentence[i];
        }
    }
    return out;
}

std::ostream& operator<<(std::ostream& out, const Words& words) { return out << words.english(); }

Words listed_all(const std::vector<Words>& all) {
    Words out;
    for (std::size_t i = 0; i < all.size(); ++i)
        out = i == 0 ? all[i] : say(i + 1 == all.size() ? key("Lists", "{0} and {1}") : key("Lists", "{0}, {1}"), out, all[i]);
    return out;
}

Words one_after_other(const std::vector<Words>& sentences) {
    Words out;
    for (const auto& s : sentences)
        if (!s.empty()) out = out.empty() ? s : say(key("Lists", "{0} {1}"), out, s);
    return out;
}

Words listed(const std::vector<Words>& all) {
    Words out;
    for (const auto& w : all)
        if (!w.empty()) out = out.empty() ? w : Words(key("Lists", "{0}, {1}"), {out, w});
    return out;
}

}  // namespace anagraph::core
