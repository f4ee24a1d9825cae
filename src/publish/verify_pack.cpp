// Is a pack undamaged, and do its parts say the same?
#include <fmt/format.h>

#include <QProcess>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QString>
#include <QTemporaryFile>
#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

#include "core/base/caught.h"
#include "publish/bench_page.h"
#include "publish/check_page.h"
#include "publish/guide_page.h"
#include "publish/other_forms.h"
#include "publish/pack.h"
#include "publish/pack_files.h"
#include "publish/pack_manifest.h"
#include "publish/resource.h"
#include "store/digest.h"
#include "store/signing_key.h"

namespace anagraph::publish {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr std::int64_t kMostText = 64 << 20;  // bytes of a manifest, a page or an edition
constexpr std::int64_t kMostPdf = std::int64_t{1} << 30;
constexpr int kReaderTimeoutMs = 60000;

/// Whether the manifest, its seal and the files agree.
void check_files(const PackSource& pack, const Below& below, Verification& v) {
    const std::string manifest = pack.text(kManifest, kMostText);
    const std::string seal = pack.text(kSeal, kMostText);
    const std::string expected = manifest_text(below.hashes, mark_of_manifest(manifest));
    v.manifest = store::sha256(manifest);
    if (manifest == expected) {
        if (seal != seal_text(manifest)) v.troubles.push_back(fmt::format("{} was changed after the edition was issued.", kSeal));
    } else if (seal == seal_text(expected)) {
        v.troubles.push_back(fmt::format("{} was changed after the edition was issued.", kManifest));
    } else {
        if (seal != seal_text(manifest))
            v.troubles.push_back(fmt::format("{} or {} was changed after the edition was issued.", kManifest, kSeal));
        for (auto& t : compare_with_manifest(below.hashes, manifest)) v.troubles.push_back(std::move(t));
    }
    v.troubles.insert(v.troubles.end(), below.odd.begin(), below.odd.end());
}

/// The pages are written anew from edition.json and the files it names; they must come out the same.
void check_page(const PackSource& pack, const core::Edition& edition, Verification& v) {
    const auto page = pack.text("guide.html", kMostText);
    if (page.empty()) return;  // told as missing
    if (page.find(fmt::format("content=\"anagraph page {}\"", page_form())) == std::string::npos) {
        if (page.find(v.sha256.substr(0, 8)) == std::string::npos)
            v.troubles.push_back(fmt::format("guide.html does not carry the mark of this edition, {}.", v.mark));
        v.notes.emplace_back(
            "guide.html was made by another version of the program, so it was not compared with edition.json word for word.");
        return;
    }
    const auto files = pack_files_in(pack, edition.procedure);
    for (const auto& [file, language] : pages_of(edition.procedure))
        if (pack.text(file, kMostText) != guide_page(template_text("guide.html"), edition, v.mark, files, language))
            v.troubles.push_back(fmt::format("{} does not say what edition.json says: one of them was altered.", file));
    if (pack.text("check.html", kMostText) != check_page(edition, v.mark, files))
        v.troubles.emplace_back("check.html does not ask what edition.json says: one of them was altered.");
    if (pack.text("bench.html", kMostText) != bench_page(edition, v.mark, files))
        v.troubles.emplace_back("bench.html does not say what edition.json says: one of them was altered.");
    if (pack.text("card.html", kMostText) != bench_card(edition, v.mark))
        v.troubles.emplace_back("card.html does not say what edition.json says: one of them was altered.");
    for (const char* part : kPageParts)
        if (pack.text(part, kMostText) != template_text(part))
            v.troubles.push_back(fmt::format("{} is not what was written with this page: it was altered.", part));
}

/// The signatures beside the manifest are those the edition says it was signed with; every one of them holds.
void check_signatures(const PackSource& pack, const core::Edition& edition, Verification& v) {
    const auto changed = [&] { v.troubles.push_back(fmt::format("{} was changed after the edition was issued.", kSignatures)); };
    const std::string text = pack.text(kSignatures, kMostText);
    if (text.empty()) {
        if (!edition.signers.empty() || pack.bytes(kSignatures) > 0)
            v.troubles.push_back(fmt::format("{} is missing: this edition was signed when it was issued.", kSignatures));
        return;
    }
    const auto signatures = signatures_from_text(text);
    if (!signatures || signatures_text(*signatures) != text) return changed();
    const std::string signed_by_them = signed_text(v.manifest);
    for (const auto& s : *signatures) {
        if (!store::is_signed(signed_by_them, s.signature, s.key)) {
            v.troubles.push_back(
                fmt::format("The signature of the {} in {} does not hold for this pack: one of them was altered.", s.post, kSignatures));
            return;
        }
        // under the key the edition names, all else is as it was when it was issued; another key is somebody else's word
        for (const auto& signer : edition.signers)
            if (signer.key == s.key && (signer.role != s.role || signer.post != s.post || s.at != edition.issued)) return changed();
    }
    for (const auto& signer : edition.signers)
        if (std::none_of(signatures->begin(), signatures->end(), [&](const Signature& s) { return s.role == signer.role; }))
            v.troubles.push_back(fmt::format("The signature of the {} is missing in {}.", signer.role, kSignatures));
    v.signatures = *signatures;
    v.signers = edition.signers;
}

QByteArray output_of(const char* program, const QStringList& arguments) {
    QProcess process;
    process.start(QString::fromLatin1(program), arguments);
    if (!process.waitForFinished(kReaderTimeoutMs)) process.kill();
    return process.exitStatus() == QProcess::NormalExit && process.exitCode() == 0 ? process.readAllStandardOutput() : QByteArray();
}

/// Runs of digits with the points between them: what a hand would go by.
std::set<QString> numbers_in(const QString& text) {
    static const QRegularExpression number(QStringLiteral("\\d+(?:[.,/]\\d+)*"));
    std::set<QString> out;
    for (auto it = number.globalMatch(text); it.hasNext();) out.insert(it.next().captured());
    return out;
}

/// The PDF carries edition.json, its mark, and no number that the page does not have.
void check_pdf(const PackSource& pack, const core::Procedure& p, const std::string& edition_text, Verification& v) {
    const std::string bytes = pack.text("guide.pdf", kMostPdf);
    if (bytes.empty()) return;
    if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty()) {
        v.notes.emplace_back("The PDF was not compared: the programs that read it (package poppler-utils) are not installed.");
        return;
    }
    // the programs that read it want a file they can go about in
    QTemporaryFile file;
    if (!file.open() || file.write(bytes.data(), static_cast<qint64>(bytes.size())) != static_cast<qint64>(bytes.size()) || !file.flush()) {
        v.notes.emplace_back("The PDF was not compared: there is no room for a copy of it in the folder for temporary files.");
        return;
    }
    const QString pdf = file.fileName();
    const QByteArray attached =
        output_of("pdfdetach", {QStringLiteral("-save"), QStringLiteral("1"), QStringLiteral("-o"), QStringLiteral("/dev/stdout"), pdf});
    if (attached.toStdString() != edition_text)
        v.troubles.emplace_back("guide.pdf carries another edition than edition.json: one of them was altered.");
    const QString text = QString::fromUtf8(output_of("pdftotext", {QStringLiteral("-layout"), pdf, QStringLiteral("-")}));
    if (!text.simplified().contains(QString::fromStdString(v.mark).simplified()))
        v.troubles.push_back(fmt::format("guide.pdf does not carry the mark of this edition, {}.", v.mark));
    const QString page = QString::fromStdString(pack.text("guide.html", kMostText));
    auto known = numbers_in(page);
    const int pages = static_cast<int>(text.count(QLatin1Char('\f')));
    std::size_t lines = 0;  // they are counted by who shows the page
    for (const auto& step : p.steps) lines = std::max(lines, step.lines.size());
    for (int n = 1; n <= std::max(pages, static_cast<int>(lines)); ++n) known.insert(QString::number(n));
    for (const auto& n : numbers_in(text))
        if (!known.contains(n)) {
            v.troubles.push_back(fmt::format("guide.pdf says {}, which the page does not: one of them was altered.", n.toStdString()));
            break;
        }
}

}  // namespace

Result<Verification> verify_pack(const std::string& path, const std::function<bool(double)>& progress) {
    return core::caught([&]() -> Result<Verification> {
        const auto opened = PackSource::open(path);
        if (!opened) return tl::make_unexpected(opened.error());
        const PackSource& pack = **opened;
        const auto below = read_below(pack, progress);
        if (!below) return tl::make_unexpected(below.error());
        Verification v;
        check_files(pack, *below, v);
        const auto text = pack.text("edition.json", kMostText);
        const auto edition = core::edition_from_json(nlohmann::json::parse(text, nullptr, false));
        if (edition) {
            v.edition = fmt::format("{} {}, {}, edition {}", edition->procedure.header.machine, edition->procedure.header.title,
                edition->procedure.header.number, edition->number);
            v.sha256 = store::sha256(text);
            v.mark = edition_mark(*edition, v.sha256);
            if (const auto mark = mark_of_manifest(pack.text(kManifest, kMostText)); !mark.empty() && mark != v.mark)
                v.troubles.push_back(
                    fmt::format("{} carries the mark {}, and edition.json is {}: one of them was altered.", kManifest, mark, v.mark));
            check_signatures(pack, *edition, v);
            // what the manifest does not vouch for need not be looked into
            if (v.troubles.empty()) check_page(pack, *edition, v);
            if (v.troubles.empty()) check_pdf(pack, edition->procedure, text, v);
        } else if (v.troubles.empty()) {
            v.troubles.push_back(edition.error().message);
        }
        v.undamaged = v.troubles.empty();
        return v;
    });
}

}  // namespace anagraph::publish
