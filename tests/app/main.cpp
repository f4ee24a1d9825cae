#include <gtest/gtest.h>

#include <QApplication>

#include "app/theme/theme.h"

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    anagraph::app::theme::apply();
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
