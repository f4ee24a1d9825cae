#include "publish/colours.h"

#include <gtest/gtest.h>

#include <QColor>

#include "publish/marks_svg.h"
#include "publish/plate_svg.h"
#include "publish/resource.h"

using namespace anagraph;

namespace {

/// Contrast after WCAG 2, from 1 to 21.
double contrast(const std::string& a, const std::string& b) {
    const auto light = [](const std::string& name) {
        const QColor c(QString::fromStdString(name));
        const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    const auto [low, high] = std::minmax({light(a), light(b)});
    return (high + 0.05) / (low + 0.05);
}

}  // namespace

TEST(Colours, StandInTheStyleByTheirNamesAndOtherWordsStay) {
    EXPECT_EQ(publish::with_colours("a{color:@ink}@media print{b{color:@accent_dark;}}"),
        "a{color:" + publish::colour("ink") + "}@media print{b{color:" + publish::colour("accent_dark") + ";}}");
    EXPECT_EQ(publish::with_colours("who@example @ @"), "who@example @ @");
    EXPECT_EQ(publish::colour("wombat"), "");
    for (const char* part : {"guide.css", "guide.html", "reshoot.html"}) {
        EXPECT_NE(publish::resource(part).find("@ink"), std::string::npos) << part;
        EXPECT_EQ(publish::template_text(part).find("@ink"), std::string::npos) << part;
    }
}

TEST(Colours, ASignalWordIsReadOnItsGround) {
    for (const auto& signal : core::all_of<core::Signal>()) {
        const auto colours = publish::signal_colours(signal.value);
        EXPECT_GE(contrast(colours.ground, colours.on), 4.5) << signal.name;
    }
    EXPECT_GE(contrast(publish::colour("ink"), publish::colour("sheet")), 7);
    EXPECT_GE(contrast(publish::colour("second"), publish::colour("paper")), 4.5);
    EXPECT_GE(contrast(publish::colour("on_accent"), publish::colour("accent")), 4.5);
}

TEST(Colours, ADrawingIsMadeOfColoursOfTheTable) {
    core::Plate plate;
    plate.callouts = {{core::ItemId("plug"), {2000, 2000}, {6000, 6000}}};
    plate.role = core::PairRole::Right;
    const std::string svg = publish::marks_svg({}, plate, 1280, 720) + publish::callouts_svg(plate, {{core::ItemId("plug"), 7}}, 1280, 720);
    int colours = 0;
    for (const std::string start : {"fill=\"", "stroke=\""})
        for (auto at = svg.find(start); at != std::string::npos; at = svg.find(start, at + 1)) {
            const auto from = at + start.size();
            const std::string value = svg.substr(from, svg.find('"', from) - from);
            EXPECT_TRUE(value == "none" || value == publish::colour("ink") || value == publish::colour("white")) << value;
            ++colours;
        }
    EXPECT_GT(colours, 6);
}
