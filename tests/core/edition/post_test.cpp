#include "core/edition/post.h"

#include <gtest/gtest.h>

using namespace anagraph::core;

TEST(Post, SpacesAndCaseMakeNoOtherPerson) {
    EXPECT_EQ(post_of("  author \t"), "author");
    EXPECT_EQ(post_of("learner  07"), "learner 07");
    EXPECT_EQ(post_of(" \u00A0\u200B\n"), "");
    EXPECT_TRUE(same_post("author ", "Author"));
    EXPECT_TRUE(same_post("AUTHOR", "\u00A0author"));
    EXPECT_FALSE(same_post("author", "checker"));
    EXPECT_EQ(post_of("Prüfer \xFF"), "Prüfer \xEF\xBF\xBD") << "what is no text is shown as that";
}
