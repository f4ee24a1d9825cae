#include "publish/qr_code.h"

#include <gtest/gtest.h>

#include <QImage>
#include <QPainter>
#include <QProcess>
#include <QString>
#include <QSvgRenderer>
#include <filesystem>

#include "shop/issue.h"
#include "tests/issued_library.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::Scratch;

namespace {

/// What another program reads in a picture.
QStringList read_by_another(const QString& picture) {
    QProcess p;
    p.start("zbarimg", {"--quiet", "--raw", "-Sdisable", "-Sqrcode.enable", picture});
    p.waitForFinished(-1);
    return QString::fromUtf8(p.readAllStandardOutput()).trimmed().split('\n', Qt::SkipEmptyParts);
}

core::Edition edition(const char* desk) {
    core::Edition e;
    e.number = 2;
    e.procedure.header.number = "KQ PT60/100";
    e.desk = desk;
    return e;
}

}  // namespace

TEST(QrCode, AnotherProgramReadsIt) {
    const Scratch s;
    for (const std::string& text : {std::string("http://192.0.2.2:8460/is/KQ-PT60-100/2/a08904e8?p=6"),
             std::string("KQ-PT60-100 / 1 / a08904e8, page 6"), std::string(500, 'x')}) {
        QImage image(900, 900, QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter p(&image);
        QSvgRenderer(QByteArray::fromStdString(publish::qr_svg(text, 50))).render(&p, QRectF(20, 20, 860, 860));
        p.end();
        const QString file = QString::fromStdString(s / "code.png");
        ASSERT_TRUE(image.save(file));
        EXPECT_EQ(read_by_another(file), QStringList{QString::fromStdString(text)});
    }
    EXPECT_EQ(publish::qr_svg(std::string(5000, 'x'), 50), "");
}

TEST(QrCode, OfAPageNamesTheDeskOrSaysTheSameInWords) {
    const std::string hash = "a08904e8" + std::string(56, '0');
    EXPECT_EQ(publish::page_code(edition("http://10.0.0.5:8460"), hash, 6), "http://10.0.0.5:8460/is/KQ%20PT60%2F100/2/a08904e8?p=6");
    EXPECT_EQ(publish::page_code(edition(""), hash, 6), "KQ PT60/100 / 2 / a08904e8, page 6");
}

TEST(QrCode, StandsOnEveryPrintedPageWithItsNumber) {
    const Scratch s;
    auto library = store::Library::make_or_open(s / "library");
    ASSERT_TRUE(library);
    core::House house;
    house.desk = "http://10.0.0.5:8460";
    ASSERT_TRUE((*library)->set_house(house));
    const auto guide = anagraph::testing::new_guide(**library, core::testing::engine(), "KQ-M4");
    const std::string mark = anagraph::testing::issue(**library, guide).substr(0, 8);
    QProcess draw;
    draw.setWorkingDirectory(QString::fromStdString(s.text()));
    draw.start("pdftoppm", {"-r", "300", "-png", QString::fromStdString(*(*library)->pack_folder(guide, 1) + "/guide.pdf"), "page"});
    ASSERT_TRUE(draw.waitForFinished(-1));
    int pages = 0;
    for (const auto& entry : std::filesystem::directory_iterator(s.text())) {
        const auto name = entry.path().filename().string();
        if (!name.starts_with("page-")) continue;
        ++pages;
        const int number = std::stoi(name.substr(5));
        EXPECT_EQ(read_by_another(QString::fromStdString(entry.path().string())),
            QStringList{QStringLiteral("http://10.0.0.5:8460/is/KQ-M4/1/%1?p=%2").arg(QString::fromStdString(mark)).arg(number)});
    }
    EXPECT_GT(pages, 1);
}
