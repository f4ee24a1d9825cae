// The settings of a guide: its variants get other names everywhere, and none goes that something stands on alone.
#include "core/edits/guide_settings.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include "tests/core/job.h"
#include "tests/core/random_procedure.h"

using namespace anagraph::core;
namespace job = anagraph::core::testing;

namespace {

Procedure guide_to_set() {
    Procedure p = job::guide();
    p.header.variants = {"A", "B", "C"};
    p.steps[0].variants = {"A", "B"};
    p.steps[1].variants = {"B"};
    p.items[0].variants = {"C"};
    return p;
}

Procedure after(const Procedure& p, const GuideSettings& settings) {
    const auto change = set_guide(p, settings);
    EXPECT_TRUE(change) << change.error().message;
    return *apply(p, *change);
}

}  // namespace

TEST(GuideSettings, MachineJobNumberIntervalAndNoteAreSet) {
    auto settings = settings_of(guide_to_set());
    settings.machine = " Perrick PT80 ";
    settings.job = "200 h service";
    settings.number = "KQ-1";
    settings.interval = "every 200 h";
    settings.workshop_note = "Lock the bay.";
    settings.language = "de";
    const auto h = after(guide_to_set(), settings).header;
    EXPECT_EQ(h.machine, "Perrick PT80");
    EXPECT_EQ(h.language, "de");
    EXPECT_EQ(h.title, "200 h service");
    EXPECT_EQ(h.number, "KQ-1");
    EXPECT_EQ(h.interval, "every 200 h");
    EXPECT_EQ(h.site_note, "Lock the bay.");
    settings.job = "  ";
    EXPECT_EQ(set_guide(guide_to_set(), settings).error().code, ErrorCode::BadInput);
    EXPECT_TRUE(set_guide(guide_to_set(), settings_of(guide_to_set()))->edits.empty()) << "nothing is different";
}

TEST(GuideSettings, AVariantGetsItsOtherNameWhereverItStands) {
    auto settings = settings_of(guide_to_set());
    settings.variants[1].name = "B heavy";
    const auto p = after(guide_to_set(), settings);
    EXPECT_EQ(p.header.variants, (std::vector<std::string>{"A", "B heavy", "C"}));
    EXPECT_EQ(p.steps[0].variants, (std::vector<std::string>{"A", "B heavy"}));
    EXPECT_EQ(p.steps[1].variants, (std::vector<std::string>{"B heavy"}));
    settings.variants[0].name = "B";
    settings.variants[1].name = "A";
    EXPECT_EQ(after(guide_to_set(), settings).steps[0].variants, (std::vector<std::string>{"B", "A"})) << "two that change places";
}

TEST(GuideSettings, NoVariantGoesThatSomethingStandsOnAlone) {
    auto settings = settings_of(guide_to_set());
    settings.variants[1].name = "";
    const auto refused = set_guide(guide_to_set(), settings);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.english().find("step 2"), std::string::npos) << refused.error().message;
    settings = settings_of(guide_to_set());
    settings.variants[0].name = "";
    const auto p = after(guide_to_set(), settings);
    EXPECT_EQ(p.header.variants, (std::vector<std::string>{"B", "C"}));
    EXPECT_EQ(p.steps[0].variants, (std::vector<std::string>{"B"})) << "what it shared with another stays the other's";
    settings = settings_of(guide_to_set());
    settings.variants[2].name = "";
    EXPECT_NE(set_guide(guide_to_set(), settings).error().message.english().find("the item"), std::string::npos);
}

TEST(GuideSettings, VariantsThatGoTogetherLeaveNothingThatWouldThenApplyToEveryMachine) {
    Procedure p = guide_to_set();
    p.steps[1].variants = {"A", "B"};
    p.items[0].variants = {};
    auto settings = settings_of(p);
    settings.variants[0].name = "";
    EXPECT_TRUE(set_guide(p, settings)) << "it still applies to B";
    settings.variants[1].name = "";
    const auto refused = set_guide(p, settings);
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ErrorCode::Refused);
    EXPECT_NE(refused.error().message.english().find("step 2"), std::string::npos) << refused.error().message;
}

TEST(GuideSettings, NamesOfVariantsDiffer) {
    auto settings = settings_of(guide_to_set());
    settings.variants.push_back({"", "B "});
    EXPECT_EQ(set_guide(guide_to_set(), settings).error().code, ErrorCode::BadInput);
    settings.variants.back().name = "D";
    EXPECT_EQ(after(guide_to_set(), settings).header.variants.back(), "D");
}

RC_GTEST_PROP(GuideSettings, RenamingThereAndBackIsTheSameGuide, ()) {
    Procedure p = guide_to_set();
    for (int i = job::pick(0, 12); i > 0; --i)
        if (auto next = anagraph::core::apply(p, job::random_edit(p))) p = std::move(*next);
    p.header.variants = {"A", "B", "C"};
    auto settings = settings_of(p);
    for (auto& v : settings.variants) v.name = "x" + v.was;
    const auto there = set_guide(p, settings);
    RC_PRE(there.has_value());  // a random header may have no machine
    const auto renamed = *apply(p, *there);
    auto back = settings_of(renamed);
    for (auto& v : back.variants) v.name = v.was.substr(1);
    const auto again = set_guide(renamed, back);
    RC_ASSERT(again.has_value());
    RC_ASSERT(*apply(renamed, *again) == p);
}

TEST(GuideSettings, ALanguageIsACodeOfTwoLetters) {
    auto settings = settings_of(guide_to_set());
    EXPECT_EQ(settings.language, "en") << "of a guide that says none";
    for (const char* wrong : {"", "German", "DE", "d", "d1"}) {
        settings.language = wrong;
        EXPECT_FALSE(set_guide(guide_to_set(), settings)) << wrong;
    }
}
