#include "core/procedure/verbs.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

TEST(Verbs, EachIsReadByItsNameAndOlderWordsAsWhatTheyMeant) {
    for (const auto& named : all_of<Verb>()) EXPECT_EQ(verb_of(named.name), named.value);
    EXPECT_EQ(verb_of("pour"), Verb::Fill);
    EXPECT_EQ(verb_of("look"), Verb::Inspect);
    EXPECT_EQ(verb_of("undo"), Verb::Loosen);
    EXPECT_FALSE(verb_of("whistle"));
    EXPECT_FALSE(verb_of(""));
}
