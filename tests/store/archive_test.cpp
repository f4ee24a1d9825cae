#include "store/archive.h"

#include <gtest/gtest.h>

#include <cstdlib>
#include <fstream>

#include "store/digest.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::Scratch;
using core::ErrorCode;

namespace {

std::string text_of(const std::string& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

/// An archive as some other program writes it; `body` uses z, a Python ZipFile.
std::string by_another(const Scratch& s, const std::string& name, const std::string& body) {
    const std::string file = s / name;
    std::ofstream(s / "make.py") << "import zipfile, warnings\nwarnings.simplefilter('ignore')\nz = zipfile.ZipFile('" << file
                                 << "', 'w')\n"
                                 << body << "\nz.close()\n";
    EXPECT_EQ(std::system(("python3 " + (s / "make.py")).c_str()), 0) << body;
    return file;
}

}  // namespace

TEST(Archive, GivesBackWhatWasPutInAndIsTheSameEachTime) {
    const Scratch s;
    std::ofstream(s / "film", std::ios::binary) << std::string(300000, 'x');
    const std::vector<store::ArchiveEntry> entries{{"a.txt", "", "one"}, {"clips/film.mp4", s / "film", ""}, {"zw\u00F6lf.txt", "", ""}};
    ASSERT_TRUE(store::write_archive(s / "a.zip", entries));
    ASSERT_TRUE(store::write_archive(s / "b.zip", entries));
    EXPECT_EQ(text_of(s / "a.zip"), text_of(s / "b.zip"));
    EXPECT_FALSE(store::write_archive(s / "a.zip", entries)) << "never over another file";
    const auto a = store::Archive::open(s / "a.zip");
    ASSERT_TRUE(a) << a.error().message;
    EXPECT_EQ((*a)->names(), (std::vector<std::string>{"a.txt", "clips/film.mp4", "zw\u00F6lf.txt"}));
    EXPECT_EQ(*(*a)->read("a.txt", 100), "one");
    EXPECT_EQ((*a)->read("clips/film.mp4", 1000).error().code, ErrorCode::BadInput);
    EXPECT_EQ(*(*a)->sha256("clips/film.mp4"), store::sha256(std::string(300000, 'x')));
    EXPECT_EQ((*a)->sha256("clips/film.mp4", [](double) { return false; }).error().code, ErrorCode::Cancelled);
    EXPECT_EQ((*a)->read("none", 100).error().code, ErrorCode::NotFound);
    EXPECT_EQ((*a)->bytes("none"), -1);
    EXPECT_EQ(std::system(("python3 -c \"import zipfile; assert zipfile.ZipFile('" + (s / "a.zip") + "').testzip() is None\"").c_str()), 0);
    EXPECT_EQ(store::write_archive(s / "c.zip", {{"../a", "", "x"}}).error().code, ErrorCode::BadInput);
    EXPECT_EQ(store::write_archive(s / "d.zip", entries, [](double) { return false; }).error().code, ErrorCode::Cancelled);
    EXPECT_FALSE(std::filesystem::exists(s / "d.zip"));
}

TEST(Archive, WhatLeavesItsFolderIsALinkStandsTwiceOrSwellsIsRefused) {
    const Scratch s;
    const auto refused = [&](const std::string& body) {
        static int n = 0;
        const auto a = store::Archive::open(by_another(s, "bad-" + std::to_string(++n) + ".zip", body));
        EXPECT_FALSE(a) << body;
        EXPECT_TRUE(!a && (a.error().code == ErrorCode::Refused || a.error().code == ErrorCode::Damaged)) << body;
    };
    for (const char* name : {"../out", "/etc/out", "a/../../out", "a//b", "./a", "a/.", "a\\\\..\\\\b", "c:out", "a/\\x01"})
        refused("z.writestr('" + std::string(name) + "', 'x')");
    refused("z.writestr('a', 'x'); z.writestr('a', 'y')");
    refused("z.writestr('a', 'x'); z.writestr('a/b', 'y')");
    refused("i = zipfile.ZipInfo('link'); i.create_system = 3; i.external_attr = 0o120777 << 16; z.writestr(i, '/etc/passwd')");
    refused("i = zipfile.ZipInfo('pipe'); i.create_system = 3; i.external_attr = 0o010644 << 16; z.writestr(i, '')");
    refused("z.writestr('bomb', b'0' * (1 << 24), zipfile.ZIP_DEFLATED)");
}

TEST(Archive, AnArchiveOfAnotherProgramIsReadAndADamagedOneIsTold) {
    const Scratch s;
    const auto file = by_another(s, "other.zip", "z.writestr('d/', ''); z.writestr('d/a', 'text ' * 100, zipfile.ZIP_DEFLATED)");
    const auto a = store::Archive::open(file);
    ASSERT_TRUE(a) << a.error().message;
    EXPECT_EQ((*a)->names(), std::vector<std::string>{"d/a"});
    EXPECT_EQ((*a)->read("d/a", 1000)->size(), 500U);
    const std::string whole = text_of(file);
    int told = 0;
    for (std::size_t at = 0; at < whole.size(); ++at) {
        std::string changed = whole;
        changed[at] ^= 0x11;
        std::ofstream(s / "changed.zip", std::ios::binary) << changed;
        const auto b = store::Archive::open(s / "changed.zip");
        // whatever the byte was: refused, or what comes out is what went in or is said to be damaged
        if (!b || (*b)->names() != (*a)->names()) {
            ++told;
        } else if (const auto text = (*b)->read("d/a", 1000); !text) {
            ++told;
        } else {
            EXPECT_EQ(*text, *(*a)->read("d/a", 1000)) << at;
        }
    }
    EXPECT_GT(told, static_cast<int>(whole.size() / 3));
    for (std::size_t size : {0U, 1U, 2U, 20U, 60U}) {
        std::ofstream(s / "cut.zip", std::ios::binary) << whole.substr(0, size);
        EXPECT_FALSE(store::Archive::open(s / "cut.zip"));
    }
    EXPECT_EQ(store::Archive::open(s / "none.zip").error().code, ErrorCode::NotFound);
    EXPECT_EQ(store::Archive::open(s.text()).error().code, ErrorCode::BadInput);
}
