// What does not fit is told whole to whoever points at it, and what fits is not told twice.
#include "app/theme/cut_text.h"

#include <gtest/gtest.h>

#include <QImage>

using anagraph::app::theme::CutText;

TEST(CutText, TellsWhatWasCutAndNothingElse) {
    QImage paper(400, 60, QImage::Format_RGB32);
    QPainter p(&paper);
    CutText cut;
    const QString long_name = QStringLiteral("the torque wrench with the long extension and the short crow-foot");
    cut.draw(p, {0, 0, 120, 20}, long_name);
    cut.draw(p, {0, 30, 380, 20}, QStringLiteral("drain plug"));
    EXPECT_EQ(cut.whole_at({10, 10}), long_name);
    EXPECT_EQ(cut.whole_at({10, 40}), QString());
    EXPECT_EQ(cut.whole_at({200, 10}), QString()) << "beside its place";
    cut.left_out({200, 0, 100, 20}, QStringLiteral("fit the cover"));
    cut.left_out({200, 0, 100, 20}, QStringLiteral("fit the belt"));
    EXPECT_EQ(cut.whole_at({210, 10}), QStringLiteral("fit the cover\nfit the belt"));
    cut.clear();
    EXPECT_EQ(cut.whole_at({10, 10}), QString());
}
