// Marks and fasteners as drawn: valid XML, seen without colour, told in words.
#include "publish/marks_svg.h"

#include <gtest/gtest.h>

#include <QXmlStreamReader>
#include <set>

#include "publish/colours.h"
#include "publish/plate_svg.h"

using namespace anagraph;
using namespace anagraph::core;

namespace {

Procedure guide() {
    Procedure p;
    p.items = {{ItemId("bolt"), ItemKind::Fastener, "bolt <M6>", "", ""}};
    p.figures = {{FigureId("sag"), FigureKind::Length, {}, "sag", {"8", "10", "mm"}, "", {}, {}, ""}};
    return p;
}

Plate plate() {
    Plate out{PlateId("p"), RecordingId("r"), {}, "The cover", {}};
    for (int i = 0; i < 8; ++i)
        out.marks.push_back(
            {static_cast<PlateSign>(i), {1000 + 900 * i, 3000}, {1500 + 900 * i, 5000}, i == 7 ? FigureId("sag") : FigureId()});
    out.fasteners = {{ItemId("bolt"), {2000, 2000}}, {ItemId("bolt"), {8000, 8000}}};
    return out;
}

}  // namespace

TEST(MarksSvg, IsWholeAndUnderInkLiesWhite) {
    const auto p = guide();
    const std::string svg = publish::plate_svg(p, plate(), {}, "a.png", 1280, 720);
    QXmlStreamReader xml(QString::fromStdString(svg));
    int paths = 0;
    while (!xml.atEnd())
        if (xml.readNext() == QXmlStreamReader::StartElement && xml.name() == QStringLiteral("path")) ++paths;
    EXPECT_FALSE(xml.hasError()) << xml.errorString().toStdString();
    EXPECT_GT(paths, 20);
    const std::string marks = publish::marks_svg(p, plate(), 1280, 720);
    EXPECT_NE(marks.find("stroke=\"" + publish::colour("white") + "\""), std::string::npos);
    EXPECT_NE(marks.find("8 to 10 mm"), std::string::npos) << "a distance carries its figure as text";
    EXPECT_NE(marks, publish::marks_svg(p, plate(), 1280, 720, 0)) << "the chosen one looks chosen";
}

TEST(MarksSvg, EachKindOfFastenerHasItsShapeNumberAndWordsBesideIt) {
    Procedure p = guide();
    Plate map = plate();
    const auto shapes_of = [&] {
        std::set<std::string> out;
        for (const auto& k : fastener_kinds(map)) out.insert(publish::fastener_sign(fastener_shape(map, k)));
        return out;
    };
    EXPECT_EQ(shapes_of().size(), 1U);
    for (const char* id : {"b2", "b3", "b4"}) {
        p.items.push_back({ItemId(id), ItemKind::Fastener, id, "", ""});
        map.fasteners.push_back({ItemId(id), {5000, 5000}});
    }
    EXPECT_EQ(shapes_of().size(), 4U) << "told apart without colour";
    const std::string svg = publish::marks_svg(p, map, 1280, 720);
    for (int n = 1; n <= 5; ++n) EXPECT_NE(svg.find(">" + std::to_string(n) + "</text>"), std::string::npos) << n;
}

TEST(MarksSvg, IsToldInWords) {
    const auto words = publish::plate_words(guide(), plate(), {});
    for (const char* part : {"2 bolt <M6>. Tightened in the order drawn", "Turn clockwise.", "Turn anticlockwise.", "Do not touch here.",
             "Distance 8 to 10 mm."})
        EXPECT_NE(words.find(part), std::string::npos) << part;
    auto unmeasured = plate();
    unmeasured.marks = {{PlateSign::Distance, {1, 1}, {2, 2}, {}}};
    EXPECT_NE(publish::plate_words(guide(), unmeasured, {}).find("not measured"), std::string::npos);
}
