#include <gtest/gtest.h>

#include <QApplication>
#include <QSettings>
#include <QTemporaryDir>

#include "app/running/languages.h"
#include "app/spoken/order.h"
#include "app/spoken/painted.h"
#include "app/theme/theme.h"
#include "shop/far_recordings.h"

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    // the tests have settings of their own
    const QTemporaryDir settings;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    for (const char* place : {"XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME"})
        qputenv(place, (settings.path() + '/' + place).toUtf8());
    anagraph::shop::read_far_recordings();
    anagraph::app::theme::apply();
    anagraph::app::speak(QStringLiteral("en"));
    anagraph::app::spoken::tell_painted();
    anagraph::app::spoken::keys_go_in_order();
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
