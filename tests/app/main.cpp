#include <gtest/gtest.h>

#include <QApplication>
#include <QSettings>
#include <QTemporaryDir>

#include "app/theme/theme.h"

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    // the tests have settings of their own
    const QTemporaryDir settings;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    qputenv("XDG_DATA_HOME", settings.path().toUtf8());
    anagraph::app::theme::apply();
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
