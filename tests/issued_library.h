// A library with issued editions of guides without films, made in a second each.
#pragma once

#include <gtest/gtest.h>

#include <algorithm>
#include <string>

#include "shop/issue.h"
#include "store/library.h"
#include "tests/core/dryrun/guides.h"

namespace anagraph::testing {

inline store::GuideId new_guide(
    store::Library& library, const core::Procedure& p, const std::string& number, const std::string& author = "author") {
    core::Procedure guide = core::testing::written(p);
    guide.header.number = number;
    const auto id = library.create_guide(guide, author);
    EXPECT_TRUE(id) << (id ? std::string() : id.error().message.english());
    return id.value_or(store::GuideId("none"));
}

/// The first torque of a guide, proved at another value from now on.
inline void change_torque(
    store::Library& library, const store::GuideId& guide, const std::string& to, const std::string& author = "author") {
    const auto p = *library.load_guide(guide);
    core::Figure f =
        *std::find_if(p.figures.begin(), p.figures.end(), [](const core::Figure& x) { return x.kind == core::FigureKind::Torque; });
    f.value.low = to;
    f.proofs[0].value.low = to;
    const core::Change change{"change a torque", {core::Put<core::Figure>{f, std::nullopt}}};
    EXPECT_TRUE(library.append(guide, change, *core::apply(p, change), author));
}

/// Issues the next edition, unsigned; gives back its SHA-256.
inline std::string issue(store::Library& library, const store::GuideId& guide, const std::string& author = "author") {
    const auto request = shop::prepare_issue(library, guide, author, "checker");
    EXPECT_TRUE(request) << (request ? std::string() : request.error().message.english());
    if (!request) return "";
    auto pack = shop::make_pack(*request);
    EXPECT_TRUE(pack) << (pack ? std::string() : pack.error().message.english());
    if (!pack) return "";
    const auto hash = shop::enter_edition(library, *request, std::move(*pack));
    EXPECT_TRUE(hash) << (hash ? std::string() : hash.error().message.english());
    return hash.value_or("");
}

}  // namespace anagraph::testing
