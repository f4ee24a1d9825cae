// Keys, reviews, signed editions, packs in one file: on the command line, as a stranger and a thief would try them.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <random>

#include "publish/pack_manifest.h"
#include "publish/signatures.h"
#include "store/archive.h"
#include "store/digest.h"
#include "store/library.h"
#include "store/signing_key.h"
#include "tests/cli/run_cli.h"
#include "tests/core/dryrun/guides.h"
#include "tests/scratch.h"

using namespace anagraph;
using anagraph::testing::cli;
using anagraph::testing::CliAnswer;
using anagraph::testing::program;
using anagraph::testing::Scratch;
using nlohmann::json;
namespace fs = std::filesystem;

namespace {

const std::string kGuide = "ostrel-m4-launch-diesel-service";

/// A library with one guide, the keys of its author and checker, and its first edition, signed; made once.
class Signing : public ::testing::Test {
protected:
    static void SetUpTestSuite() {
        scratch_ = new Scratch;
        const Scratch& s = *scratch_;
        {
            auto library = store::Library::make_or_open(s / "library");
            ASSERT_TRUE(library) << library.error().message;
            const auto id = (*library)->create_guide(core::testing::written(core::testing::engine()), "author");
            ASSERT_TRUE(id);
            ASSERT_EQ(id->text(), kGuide);
        }
        std::ofstream(s / "words") << "seven dry harbours\n";
        for (const char* post : {"author", "checker", "stranger"}) {
            const auto made = cli({"key", "new", post, "--to", s / post, "--passphrase-file", s / "words"});
            ASSERT_EQ(made.code, 0) << made.err;
        }
        for (const char* post : {"author", "checker"}) ASSERT_EQ(cli({"key", "register", s / "library", (s / post) + ".pub"}).code, 0);
        unchecked_ = issue(s / "library", s / "early").err;
        ASSERT_EQ(cli({"review", s / "library", kGuide, "--as", "checker", "--pass"}).code, 0);
        const auto issued = issue(s / "library", s / "pack");
        ASSERT_EQ(issued.code, 0) << issued.err;
        ASSERT_EQ(cli({"deliver", s / "library", kGuide, "1", "--to", s / "one.anapack"}).code, 0);
    }
    static void TearDownTestSuite() { delete scratch_; }

    static CliAnswer issue(const std::string& library, const std::string& to, const std::string& checker = "checker") {
        const Scratch& s = *scratch_;
        return cli({"issue", library, kGuide, "--to", to, "--sign", "author=" + (s / "author"), "--sign", "checker=" + (s / checker),
            "--passphrase-file", s / "words"});
    }
    static int verify(const std::string& pack, const std::string& trust = {}) {
        std::vector<std::string> call{"verify", pack};
        if (!trust.empty()) call.insert(call.end(), {"--trust", trust});
        return cli(call).code;
    }
    /// A copy of the pack to be changed.
    static std::string copy(const Scratch& to) {
        fs::copy(*scratch_ / "pack", to / "pack", fs::copy_options::recursive);
        return to / "pack";
    }
    static std::string text_of(const std::string& file) {
        std::ifstream in(file, std::ios::binary);
        return {std::istreambuf_iterator<char>(in), {}};
    }
    static void write(const std::string& file, const std::string& text) { std::ofstream(file, std::ios::binary) << text; }
    /// Its manifest written anew, as whoever altered it would.
    static std::string seal_anew(const std::string& pack) {
        const auto below = publish::read_below(**publish::PackSource::open(pack), {});
        const auto manifest = publish::manifest_text(below->hashes, publish::mark_of_manifest(text_of(pack + "/manifest.json")));
        write(pack + "/manifest.json", manifest);
        write(pack + "/manifest.sha256", publish::seal_text(manifest));
        return store::sha256(manifest);
    }

    static Scratch* scratch_;
    static std::string unchecked_;
};
Scratch* Signing::scratch_ = nullptr;
std::string Signing::unchecked_;

}  // namespace

TEST_F(Signing, TellsTrustedUnknownAndAlteredApart) {
    const Scratch& s = *scratch_;
    write(s / "keys.json", cli({"key", "list", s / "library", "--json"}).out);
    write(s / "none.json", "[]");
    for (const std::string& pack : {s / "pack", s / "one.anapack"}) {
        EXPECT_EQ(verify(pack, s / "library"), 0);
        EXPECT_EQ(verify(pack, s / "keys.json"), 0);
        EXPECT_EQ(verify(pack), 3) << "nobody is trusted";
        EXPECT_EQ(verify(pack, s / "none.json"), 3);
        EXPECT_EQ(verify(pack, (s / "author") + ".pub"), 3) << "the checker is not known here";
        EXPECT_EQ(verify(pack, s / "words"), 2) << "no list of keys";
        const auto v = cli({"verify", pack, "--trust", s / "library", "--json"}).value();
        EXPECT_EQ(v["truth"], "vouched");
        EXPECT_EQ(v["signatures"].size(), 2U);
        EXPECT_EQ(v["signatures"][1]["post"], "checker");
        EXPECT_EQ(v["withdrawn"], nullptr);
    }
}

TEST_F(Signing, NeedsACheckOfExactlyThisStateByTheRegisteredKey) {
    const Scratch& s = *scratch_;
    EXPECT_NE(unchecked_.find("has not checked the guide as it stands"), std::string::npos) << unchecked_;
    const Scratch own;
    fs::copy(s / "library", own / "library", fs::copy_options::recursive);
    {
        auto library = store::Library::open(own / "library");
        auto p = *(*library)->load_guide(store::GuideId(kGuide));
        core::Step step = p.steps[0];
        step.heading = "Another heading";
        const core::Change change{"word it", {core::Put<core::Step>{step, std::nullopt}}};
        ASSERT_TRUE((*library)->append(store::GuideId(kGuide), change, *core::apply(p, change), "author"));
    }
    EXPECT_EQ(issue(own / "library", own / "out").code, 1) << "changed after the check";
    const auto review = cli({"review", own / "library", kGuide, "--as", "checker", "--json"}).value();
    EXPECT_EQ(review["checked"], false);
    EXPECT_EQ(review["authors"], json({"author"}));
    int open = 0;
    for (const auto& place : review["places"]) open += place["passed"] == false ? 1 : 0;
    EXPECT_EQ(open, 1) << "only what changed is looked at again";
    EXPECT_EQ(review["places"][0]["passed"], false) << "and it comes first";
    EXPECT_EQ(cli({"review", own / "library", kGuide, "--as", "author", "--pass"}).code, 1) << "an author checks nothing of his own";
    ASSERT_EQ(cli({"review", own / "library", kGuide, "--as", "checker", "--pass"}).code, 0);
    EXPECT_EQ(issue(own / "library", own / "out", "stranger").code, 1);
    EXPECT_EQ(cli({"issue", own / "library", kGuide, "--to", own / "out", "--checker", "checker"}).code, 1) << "a house with keys signs";
    EXPECT_EQ(
        cli({"issue", own / "library", kGuide, "--to", own / "out", "--sign", "author=" + (s / "author")}, "seven dry harbours\n").code, 2);
    EXPECT_EQ(issue(own / "library", own / "out").code, 0);
    EXPECT_EQ(verify(own / "out", own / "library"), 0);
}

TEST_F(Signing, AWrongPassphraseIsToldAndOpensNothing) {
    const Scratch& s = *scratch_;
    const Scratch own;
    write(own / "wrong", "seven wet harbours\n");
    const auto no = cli({"issue", s / "library", kGuide, "--to", own / "out", "--sign", "author=" + (s / "author"), "--sign",
        "checker=" + (s / "checker"), "--passphrase-file", own / "wrong"});
    EXPECT_EQ(no.code, 1);
    EXPECT_NE(no.err.find("passphrase is not the one"), std::string::npos) << no.err;
    EXPECT_FALSE(fs::exists(own / "out"));
    EXPECT_EQ(cli({"key", "new", "author", "--to", own / "key"}).code, 2) << "no passphrase, no key";
    EXPECT_FALSE(fs::exists(own / "key"));
    EXPECT_EQ(cli({"key", "new", "author", "--to", own / "key"}, "typed\n").code, 0);
    EXPECT_EQ(cli({"key", "new", "author", "--to", own / "key"}, "typed\n").code, 2) << "a key is never written over";
    EXPECT_EQ(text_of(own / "key").find("typed"), std::string::npos);
}

TEST_F(Signing, AnotherProgramVerifiesTheSignatures) {
    const Scratch own;
    const auto list = json::parse(text_of((*scratch_ / "pack") + "/signatures.json"));
    ASSERT_EQ(list.size(), 2U);
    const std::string manifest = store::sha256(text_of((*scratch_ / "pack") + "/manifest.json"));
    write(own / "message", "anagraph edition 1\n" + manifest + "\n");
    for (const auto& s : list) {
        write(own / "key.b64", s["key"].get<std::string>());
        write(own / "sig.b64", s["signature"].get<std::string>());
        // the raw key in the form RFC 8410 gives it
        const auto made = program("sh",
            {"-c",
                "cd " + own.text() +
                    " && base64 -d key.b64 > key.raw && base64 -d sig.b64 > sig.raw && "
                    "(printf '\\060\\052\\060\\005\\006\\003\\053\\145\\160\\003\\041\\000'; cat key.raw) > key.der && "
                    "openssl pkeyutl -verify -pubin -keyform DER -inkey key.der -rawin -in message -sigfile sig.raw"});
        EXPECT_EQ(made.code, 0) << made.out << made.err;
    }
}

TEST_F(Signing, AnyChangedByteAndAnyFileMoreOrLessIsFound) {
    std::mt19937 random(7);
    const Scratch own;
    const std::string pack = copy(own);
    std::vector<std::string> names;
    for (const auto& e : fs::recursive_directory_iterator(pack))
        if (e.is_regular_file()) names.push_back(e.path().string());
    const std::string library = *scratch_ / "library";
    for (const auto& name : names) {
        const std::string whole = text_of(name);
        // signatures.json stands outside the manifest: every kind of place in it
        for (int i = name.ends_with("signatures.json") ? 12 : 1; i > 0; --i) {
            std::string changed = whole;
            changed[random() % changed.size()] ^= static_cast<char>(1 + random() % 255);
            write(name, changed);
            EXPECT_EQ(verify(pack, library), 1) << name;
        }
        fs::rename(name, name + ".away");
        EXPECT_EQ(verify(pack, library), 1) << name << " renamed";
        fs::rename(name + ".away", own / "kept");
        EXPECT_EQ(verify(pack, library), 1) << name << " removed";
        fs::create_symlink(own / "kept", name);
        EXPECT_EQ(verify(pack, library), 1) << name << " linked";
        fs::remove(name);
        write(name, whole);
    }
    EXPECT_EQ(verify(pack, library), 0);
    write(pack + "/more.txt", "more");
    EXPECT_EQ(verify(pack, library), 1);
}

TEST_F(Signing, WritingTheManifestAnewIsFoundAndAStrangersSignatureVouchesForNothing) {
    const Scratch own;
    const std::string pack = copy(own);
    std::string css = text_of(pack + "/guide.css");
    write(pack + "/guide.css", css + "\n");
    const auto manifest = seal_anew(pack);
    EXPECT_EQ(verify(pack, *scratch_ / "library"), 1) << "the signatures do not hold for it";
    fs::remove(pack + "/signatures.json");
    EXPECT_EQ(verify(pack, *scratch_ / "library"), 1) << "the edition says that it was signed";
    // unaltered, but signed by somebody else
    const Scratch other;
    const std::string second = copy(other);
    const auto key = store::SigningKey::open(text_of(*scratch_ / "stranger"), "seven dry harbours");
    ASSERT_TRUE(key);
    auto signatures = *publish::signatures_from_text(text_of(second + "/signatures.json"));
    const auto text = publish::signed_text(store::sha256(text_of(second + "/manifest.json")));
    for (auto& s : signatures) {
        s.key = key->key();
        s.signature = key->sign(text);
    }
    write(second + "/signatures.json", publish::signatures_text(signatures));
    EXPECT_EQ(verify(second, *scratch_ / "library"), 3);
    EXPECT_EQ(verify(second), 3);
}

TEST_F(Signing, WhatALostKeySignedBeforeStaysGoodAndItSignsNothingAfter) {
    const Scratch& s = *scratch_;
    const Scratch own;
    fs::copy(s / "library", own / "library", fs::copy_options::recursive);
    EXPECT_EQ(cli({"key", "end", own / "library", "checker"}).code, 2) << "a reason is asked for";
    ASSERT_EQ(cli({"key", "end", own / "library", "checker", "--because", "left on the ferry"}).code, 0);
    EXPECT_EQ(verify(s / "pack", own / "library"), 0);
    const auto keys = cli({"key", "list", own / "library", "--json"});
    EXPECT_EQ(keys.value()[1]["because"], "left on the ferry");
    write(own / "keys.json", keys.out);
    EXPECT_EQ(verify(s / "pack", own / "keys.json"), 0);
    EXPECT_EQ(issue(own / "library", own / "out").code, 1);
    // a thief signs another pack with the key, and writes a day before it was lost
    const std::string forged = copy(own);
    const auto thief = store::SigningKey::open(text_of(s / "checker"), "seven dry harbours");
    const auto author = store::SigningKey::open(text_of(s / "author"), "seven dry harbours");
    auto edition = json::parse(text_of(forged + "/edition.json"));
    auto signatures = *publish::signatures_from_text(text_of(forged + "/signatures.json"));
    write(forged + "/fonts/B612-Bold.otf", "another font");
    const auto manifest = seal_anew(forged);
    for (auto& sig : signatures) sig.signature = (sig.role == "author" ? *author : *thief).sign(publish::signed_text(manifest));
    write(forged + "/signatures.json", publish::signatures_text(signatures));
    EXPECT_EQ(verify(forged, own / "library"), 3) << "it is not what was issued, and the key has ended";
}

TEST_F(Signing, AnUnsignedPackSaysSo) {
    const Scratch own;
    {
        auto library = store::Library::make_or_open(own / "library");
        ASSERT_TRUE((*library)->create_guide(core::testing::written(core::testing::engine()), "author"));
    }
    ASSERT_EQ(cli({"issue", own / "library", kGuide, "--to", own / "pack", "--checker", "checker"}).code, 0);
    EXPECT_EQ(verify(own / "pack"), 3);
    EXPECT_EQ(verify(own / "pack", own / "library"), 3);
    EXPECT_EQ(cli({"verify", own / "pack", "--library", own / "library"}).code, 0) << "the library itself knows it";
    EXPECT_NE(text_of((own / "pack") + "/guide.html").find("not signed"), std::string::npos);
    EXPECT_EQ(text_of((*scratch_ / "pack") + "/guide.html").find("not signed"), std::string::npos);
    EXPECT_EQ(cli({"issue", own / "library", kGuide, "--to", own / "second", "--checker", "author"}).code, 1);
}
