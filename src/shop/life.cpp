#include "shop/life.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "shop/handout.h"

namespace anagraph::shop {

namespace {

std::string counted(std::size_t n, const char* one, const char* many) { return n == 1 ? one : fmt::format("{} {}", n, many); }

LifeStage issued(const HouseFacts& facts, const core::Edition& e, bool last) {
    LifeStage out{LifeStage::Kind::Edition, LifeStage::Mark::Done, e.number, fmt::format("Edition {}", e.number), {}};
    out.details.push_back(fmt::format("{} · {}, {}", e.issued.substr(0, 10), e.author, e.checker));
    if (const auto* w = facts.records.withdrawal(facts.editions.guide, e.number)) {
        out.mark = LifeStage::Mark::Withdrawn;
        out.title += ", withdrawn";
        out.details.push_back(w->because);
    }
    const auto holders = core::holders_of(facts.records, facts.editions.guide, e.number);
    if (!holders.empty()) {
        const auto learned = std::count_if(holders.begin(), holders.end(),
            [&](const std::string& who) { return core::had_by(facts.records, facts.editions.guide, who).confirmed == e.number; });
        out.details.push_back(fmt::format("{}, {} confirmed", counted(holders.size(), "1 learner has it", "learners have it"),
            static_cast<std::size_t>(learned) == holders.size() ? "all" : std::to_string(learned)));
    } else if (last && out.mark == LifeStage::Mark::Done) {
        out.details.emplace_back("not handed out yet");
    }
    return out;
}

}  // namespace

core::Result<HouseFacts> house_facts(const store::Library& library, const store::GuideId& guide) {
    auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    auto editions = editions_of(library, guide);
    if (!editions) return tl::make_unexpected(editions.error());
    return HouseFacts{std::move(*records), std::move(*editions)};
}

std::vector<LifeStage> life(const HouseFacts& facts, const ReviewNow& review, const std::string& post) {
    using Kind = LifeStage::Kind;
    using Mark = LifeStage::Mark;
    std::vector<LifeStage> out;
    const auto& editions = facts.editions.editions;
    for (std::size_t i = 0; i < editions.size(); ++i) out.push_back(issued(facts, editions[i], i + 1 == editions.size()));
    const auto changed = static_cast<std::size_t>(
        std::count_if(review.places.begin(), review.places.end(), [](const PlaceInReview& p) { return p.place.changed; }));
    if (changed == 0) {
        out.push_back({Kind::Changes, Mark::Now, 0, "Nothing has changed since", {}});
        return out;
    }
    const int next = editions.empty() ? 1 : editions.back().number + 1;
    const bool checked = !review.checks.empty();
    const bool by_author = !review.not_by(post).empty();
    LifeStage changes{Kind::Changes, Mark::Done, 0,
        editions.empty() ? "A first edition" : counted(changed, "1 place changed since", "places changed since"), {}};
    if (!review.authors.empty()) changes.details.push_back(fmt::format("by {}", fmt::join(review.authors, ", ")));
    if (!review.reasons.empty()) {
        changes.mark = Mark::Now;
        changes.details.push_back(counted(review.reasons.size(), "1 point to resolve first", "points to resolve first"));
    }
    out.push_back(std::move(changes));
    LifeStage walk{Kind::Review,
        checked                      ? Mark::Done
            : review.reasons.empty() ? Mark::Now
                                     : Mark::Ahead,
        0, checked || by_author ? "Review" : fmt::format("In review by {}", post), {}};
    if (by_author && !checked) {
        walk.details.emplace_back("by another post than its authors");
    } else if (!by_author) {
        walk.details.push_back(fmt::format("{} of {} passed", review.passed(), counted(review.places.size(), "1 place", "places")));
        walk.share = review.places.empty() ? 1 : static_cast<double>(review.passed()) / static_cast<double>(review.places.size());
    }
    out.push_back(std::move(walk));
    LifeStage check{Kind::Checked, checked ? Mark::Done : Mark::Ahead, 0, "Checked", {}};
    if (checked) {
        const auto& last = review.checks.back();
        check.details.push_back(fmt::format("{} · {}", last.at.substr(0, 10), last.by));
        if (!last.what.note.empty()) check.details.push_back(last.what.note);
    }
    out.push_back(std::move(check));
    out.push_back({Kind::Issued, checked ? Mark::Now : Mark::Ahead, next, fmt::format("Edition {}", next), {}});
    LifeStage hand{Kind::HandedOut, Mark::Ahead, 0, "Handed out", {}};
    if (!editions.empty()) {
        const auto holders = core::holders_of(facts.records, facts.editions.guide, editions.back().number);
        const bool again = std::any_of(review.places.begin(), review.places.end(), [](const PlaceInReview& p) {
            return std::any_of(
                p.place.differences.begin(), p.place.differences.end(), [](const core::Difference& d) { return d.read_again; });
        });
        if (again && !holders.empty())
            hand.details.push_back(
                counted(holders.size(), "1 learned what it changes and will be told", "learned what it changes and will be told"));
    }
    out.push_back(std::move(hand));
    return out;
}

}  // namespace anagraph::shop
