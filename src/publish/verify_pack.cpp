// Is a pack undamaged, and do its parts say the same?
#include <fmt/format.h>

#include <QProcess>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QString>
#include <algorithm>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <set>

#include "core/base/caught.h"
#include "publish/guide_page.h"
#include "publish/pack.h"
#include "publish/pack_files.h"
#include "publish/pack_manifest.h"
#include "publish/resource.h"
#include "store/digest.h"
#include "store/files.h"

namespace anagraph::publish {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr std::int64_t kMostText = 64 << 20;  // bytes of a manifest, a page or an edition
constexpr int kReaderTimeoutMs = 60000;

/// Whether the manifest, its seal and the files agree.
void check_files(const std::string& folder, const Below& below, Verification& v) {
    const std::string manifest = store::read_file(folder + "/" + kManifest, kMostText).value_or("");
    const std::string seal = store::read_file(folder + "/" + kSeal, kMostText).value_or("");
    const std::string expected = manifest_text(below.hashes);
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

/// The page is written anew from edition.json and the files it names; it must come out the same.
void check_page(const std::string& folder, const core::Edition& edition, Verification& v) {
    const auto page = store::read_file(folder + "/guide.html", kMostText);
    if (!page) return;  // told as missing
    if (page->find(fmt::format("content=\"anagraph page {}\"", page_form())) == std::string::npos) {
        if (page->find(v.sha256.substr(0, 8)) == std::string::npos)
            v.troubles.push_back(fmt::format("guide.html does not carry the mark of this edition, {}.", v.mark));
        v.notes.emplace_back(
            "guide.html was made by another version of the program, so it was not compared with edition.json word for word.");
        return;
    }
    if (*page != guide_page(template_text("guide.html"), edition, v.mark, pack_files_in(folder, edition.procedure)))
        v.troubles.emplace_back("guide.html does not say what edition.json says: one of them was altered.");
    for (const char* part : kPageParts)
        if (store::read_file(folder + "/" + part, kMostText).value_or("") != template_text(part))
            v.troubles.push_back(fmt::format("{} is not what was written with this page: it was altered.", part));
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
void check_pdf(const std::string& folder, const core::Procedure& p, const std::string& edition_text, Verification& v) {
    const QString pdf = QString::fromStdString(folder + "/guide.pdf");
    if (!store::is_there(folder + "/guide.pdf")) return;
    if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty()) {
        v.notes.emplace_back("The PDF was not compared: the programs that read it (package poppler-utils) are not installed.");
        return;
    }
    const QByteArray attached =
        output_of("pdfdetach", {QStringLiteral("-save"), QStringLiteral("1"), QStringLiteral("-o"), QStringLiteral("/dev/stdout"), pdf});
    if (attached.toStdString() != edition_text)
        v.troubles.emplace_back("guide.pdf carries another edition than edition.json: one of them was altered.");
    const QString text = QString::fromUtf8(output_of("pdftotext", {QStringLiteral("-layout"), pdf, QStringLiteral("-")}));
    if (!text.simplified().contains(QString::fromStdString(v.mark).simplified()))
        v.troubles.push_back(fmt::format("guide.pdf does not carry the mark of this edition, {}.", v.mark));
    const QString page = QString::fromStdString(store::read_file(folder + "/guide.html", kMostText).value_or(""));
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

Result<Verification> verify_pack(const std::string& named, const std::function<bool(double)>& progress) {
    return core::caught([&]() -> Result<Verification> {
        std::string folder = named;
        while (folder.size() > 1 && folder.back() == '/') folder.pop_back();
        std::error_code ec;
        if (!std::filesystem::is_directory(folder, ec))
            return fail(ErrorCode::NotFound, fmt::format("{} is no folder; choose the folder of an issued pack.", folder), folder);
        if (!store::is_there(folder + "/" + kManifest) && !store::is_there(folder + "/edition.json"))
            return fail(ErrorCode::BadInput,
                fmt::format("{} is no issued pack; choose the folder that holds guide.html and manifest.json.", folder), folder);
        const auto below = read_below(folder, progress);
        if (!below) return tl::make_unexpected(below.error());
        Verification v;
        check_files(folder, *below, v);
        const auto text = store::read_file(folder + "/edition.json", kMostText);
        const auto edition =
            text ? core::edition_from_json(nlohmann::json::parse(*text, nullptr, false)) : tl::make_unexpected(text.error());
        if (edition) {
            v.edition = fmt::format("{} {}, {}, edition {}", edition->procedure.header.machine, edition->procedure.header.title,
                edition->procedure.header.number, edition->number);
            v.sha256 = store::sha256(*text);
            v.mark = edition_mark(*edition, v.sha256);
            // what the manifest does not vouch for need not be looked into
            if (v.troubles.empty()) check_page(folder, *edition, v);
            if (v.troubles.empty()) check_pdf(folder, edition->procedure, *text, v);
        } else if (v.troubles.empty()) {
            v.troubles.push_back(edition.error().message);
        }
        v.undamaged = v.troubles.empty();
        return v;
    });
}

}  // namespace anagraph::publish
