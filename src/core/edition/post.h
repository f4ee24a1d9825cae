// Posts: people appear by post ("author", "checker", "learner 07"), as typed. Two spellings of one post are one post.
#pragma once

#include <string>
#include <string_view>

namespace anagraph::core {

/// The post without spaces at its ends, with single ones within, and without control signs; empty where nothing is left.
std::string post_of(std::string_view typed);
/// The post as it is compared: two are the same post where these are the same text.
std::string folded_post(std::string_view typed);
/// Whether two are the same post: upper and lower case of ASCII letters are alike.
bool same_post(std::string_view a, std::string_view b);

}  // namespace anagraph::core
