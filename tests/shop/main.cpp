#include <gtest/gtest.h>

#include "publish/clip_paint.h"

int main(int argc, char** argv) {
    const auto application = anagraph::publish::drawing_application(argc, argv);
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
