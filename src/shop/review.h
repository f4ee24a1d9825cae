// The review of a guide as its library knows it: which places stand to be looked at by whom, and whether it is checked as it stands.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/review/review.h"
#include "store/library.h"

namespace anagraph::shop {

struct PlaceInReview {
    core::ReviewPlace place;
    std::string state;    // SHA-256 of what stands there
    bool passed = false;  // by this reviewer, as it stands
};

struct ReviewNow {
    std::vector<PlaceInReview> places;    // in the order of the walk
    std::string state;                    // SHA-256 of the whole guide as it would be issued
    std::optional<core::Edition> before;  // the last edition
    core::Edition now;
    std::vector<std::string> authors;               // who changed it since the last edition
    std::vector<core::Words> reasons;               // why it cannot be checked, by anybody
    std::vector<core::Kept<core::Checked>> checks;  // of exactly this state, oldest first

    std::size_t passed() const;
    /// Why this post cannot check it: as an author of what is checked. Empty: it may.
    core::Words not_by(const std::string& post) const;
    bool checked_by(const std::string& post) const;
};

/// `post`: whose passes are looked at. Errors: those of reading the library.
core::Result<ReviewNow> review(const store::Library& library, const store::GuideId& guide, const std::string& post);

/// The state that an edition issued now would freeze, under number 1 and nobody's name; comments left out.
core::Result<core::Edition> edition_as_it_stands(const store::Library& library, core::Procedure p);

/// The post passes these places as they stand. Errors: Refused for an author of what is checked; NotFound for a place that is not there.
core::Outcome pass_places(
    store::Library& library, const store::GuideId& guide, const std::vector<std::string>& places, const std::string& post);
/// The post passed this place by mistake; its check of the guide as it stands goes too. Errors: NotFound where it did not pass it as it
/// stands.
core::Outcome take_pass_back(store::Library& library, const store::GuideId& guide, const std::string& place, const std::string& post);
/// The guide as it stands is checked: every place passed, and the whole. Errors: Refused, with every reason why it cannot be.
core::Outcome check_guide(store::Library& library, const store::GuideId& guide, const std::string& post, const std::string& note);

}  // namespace anagraph::shop
