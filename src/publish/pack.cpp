#include "publish/pack.h"

#include <fmt/format.h>

#include <QFile>
#include <QImage>
#include <QProcess>
#include <QStandardPaths>
#include <QString>
#include <algorithm>
#include <cmath>
#include <filesystem>
#include <map>
#include <nlohmann/json.hpp>
#include <set>

#include "media/clip.h"
#include "media/exact_frame.h"
#include "publish/clip_paint.h"
#include "publish/guide_page.h"
#include "publish/marks_svg.h"
#include "publish/resource.h"
#include "publish/still_care.h"
#include "store/digest.h"
#include "store/files.h"

namespace anagraph::publish {
namespace {

namespace fs = std::filesystem;
using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

constexpr const char* kManifest = "manifest.json";
constexpr const char* kSeal = "manifest.sha256";
constexpr int kPdfTimeoutMs = 180000;

/// Relative paths of all files below a folder but the manifest and its seal, with their SHA-256.
Result<std::map<std::string, std::string>> hashes_below(const std::string& folder) {
    std::map<std::string, std::string> out;
    std::error_code ec;
    for (auto it = fs::recursive_directory_iterator(folder, ec); !ec && it != fs::recursive_directory_iterator(); it.increment(ec)) {
        if (it->is_directory()) continue;
        const std::string name = it->path().lexically_relative(folder).generic_string();
        if (name == kManifest || name == kSeal) continue;
        auto hash = store::sha256_of_file(it->path().string());
        if (!hash) return tl::make_unexpected(hash.error());
        out.emplace(name, *hash);
    }
    if (ec) return fail(ErrorCode::Unreadable, fmt::format("The pack {} cannot be read ({}).", folder, ec.message()), folder);
    return out;
}

std::string manifest_text(const std::map<std::string, std::string>& hashes) {
    nlohmann::json j{{"pack", 1}, {"files", hashes}};
    return j.dump(1) + "\n";
}

std::string seal_text(const std::string& manifest) { return store::sha256(manifest) + "  " + kManifest + "\n"; }

class PackWriter {
public:
    PackWriter(const PackRequest& request, const PackProgress& progress) : r_(request), progress_(progress), work_(request.folder + ".making") {}

    Outcome run() {
        if (fs::exists(r_.folder) && !fs::is_empty(r_.folder) && !fs::exists(fs::path(r_.folder) / kManifest))
            return fail(ErrorCode::Refused, fmt::format("{} holds other files; choose an empty folder for the pack.", r_.folder), r_.folder);
        std::error_code ec;
        fs::remove_all(work_, ec);
        auto done = make();
        if (done) done = put_in_place();
        if (!done) fs::remove_all(work_, ec);
        return done;
    }

private:
    const core::Procedure& p() const { return r_.edition.procedure; }

    Outcome tell(const std::string& what, double share) const {
        if (progress_ && !progress_(what, share)) return fail(ErrorCode::Cancelled, "Making the pack was stopped; nothing of it is kept.");
        return {};
    }

    Outcome make() {
        for (const char* sub : {"", "/plates", "/clips", "/fonts"})
            if (auto made = store::make_folder(work_ + sub); !made) return made;
        double jobs = 1;
        for (const auto& s : p().steps) jobs += static_cast<double>(s.plates.size()) + (s.clip ? 2.0 : 0.0);
        double done = 0;
        for (std::size_t i = 0; i < p().steps.size(); ++i) {
            const auto& step = p().steps[i];
            for (std::size_t k = 0; k < step.plates.size(); ++k) {
                if (auto told = tell(fmt::format("Picture of step {}", i + 1), done / jobs); !told) return told;
                if (auto made = still(step.plates[k], fmt::format("step-{}-{}", i + 1, k + 1)); !made) return made;
                done += 1;
            }
            if (step.clip) {
                if (auto made = clip(step, static_cast<int>(i) + 1, done / jobs, 2 / jobs); !made) return made;
                done += 2;
            }
        }
        if (auto told = tell("Page and PDF", done / jobs); !told) return told;
        if (auto made = page(); !made) return made;
        if (auto made = pdf(); !made) return made;
        return seal();
    }

    Result<const RecordingSource*> source(const core::RecordingId& id) const {
        const auto it = std::find_if(r_.recordings.begin(), r_.recordings.end(), [&](const RecordingSource& x) { return x.id == id; });
        if (it == r_.recordings.end() || !fs::exists(it->path)) {
            const auto* use = p().find(id);
            return fail(ErrorCode::NotFound, fmt::format("The recording \"{}\" is away, so its pictures cannot be made; put the file back where it was and issue again.", use == nullptr ? id.text().substr(0, 8) : use->title));
        }
        return &*it;
    }

    Result<QImage> frame(const core::RecordingId& id, const core::FrameTime& at) const {
        auto from = source(id);
        if (!from) return tl::make_unexpected(from.error());
        const auto picture = media::upright_frame((*from)->path, at, (*from)->rotation, (*from)->pixel_aspect);
        if (!picture) return tl::make_unexpected(picture.error());
        return image_of(*picture);
    }

    Outcome save(const QImage& image, const std::string& file) const {
        if (!image.save(QString::fromStdString(work_ + "/" + file), "PNG", 30)) return fail(ErrorCode::NoSpace, fmt::format("The picture {} could not be written; check that the disk is not full.", file), file);
        return {};
    }

    /// The still as the author left it: what is hidden there is not in the pack.
    Outcome still(const core::Plate& plate, const std::string& name) {
        auto recorded = frame(plate.recording, plate.at);
        if (!recorded) return tl::make_unexpected(recorded.error());
        const QImage image = cared_for(*recorded, plate.care);
        StillFile made{fmt::format("plates/{}.png", name), image.width(), image.height(), {}};
        if (auto saved = save(image, made.file); !saved) return saved;
        for (std::size_t i = 0; i < plate.marks.size(); ++i) {
            if (plate.marks[i].sign != core::PlateSign::Magnify) continue;
            made.lenses[i] = fmt::format("plates/{}-lens-{}.png", name, made.lenses.size() + 1);
            if (auto saved = save(magnified(image, plate.marks[i].at, lens_radius(image.height())), made.lenses[i]); !saved) return saved;
        }
        files_.stills[plate.id] = std::move(made);
        return {};
    }

    Outcome clip(const core::Step& step, int number, double done, double share) {
        const auto& clip = *step.clip;
        const auto& take = clip.take;
        auto from = source(take.recording);
        if (!from) return tl::make_unexpected(from.error());
        ClipFile c{fmt::format("clips/step-{}.mp4", number), fmt::format("clips/step-{}.vtt", number), "", fmt::format("clips/step-{}.png", number), static_cast<int>(std::lround((take.to.seconds() - take.from.seconds()) * clip.slower))};
        const auto report = [&](double part) { return !progress_ || progress_(fmt::format("Clip of step {}", number), done + part * share); };
        if (auto cut = media::cut_clip((*from)->path, take, work_ + "/" + c.file, kClipWidth, report, clip_options(p(), clip, (*from)->rotation, (*from)->pixel_aspect)); !cut) return cut;
        std::error_code ec;
        c.bytes = static_cast<std::int64_t>(fs::file_size(work_ + "/" + c.file, ec));
        auto poster = frame(take.recording, clip.poster.value_or(take.from));
        if (!poster) return tl::make_unexpected(poster.error());
        if (auto saved = save(*poster, c.poster); !saved) return saved;
        c.captions_text = core::write_webvtt(captions(clip, (*from)->narration));
        files_.clips[step.id] = c;
        return store::write_file(work_ + "/" + c.captions, c.captions_text);
    }

    /// What is said within the take, in the clip's own time.
    static std::vector<core::Segment> captions(const core::Clip& clip, const std::vector<core::Segment>& narration) {
        const auto ms = [](const core::FrameTime& t) { return static_cast<std::int64_t>(std::llround(t.seconds() * 1000)); };
        const auto from = ms(clip.take.from);
        const auto to = ms(clip.take.to);
        std::vector<core::Segment> out;
        for (const auto& s : narration) {
            const auto a = std::max(ms(s.start), from) - from;
            const auto b = std::min(ms(s.end), to) - from;
            if (b - a >= 300) out.push_back({core::FrameTime::from_milliseconds(a * clip.slower), core::FrameTime::from_milliseconds(b * clip.slower), s.text});
        }
        return out;
    }

    Outcome page() {
        const std::string html = guide_page(resource("guide.html"), r_.edition, edition_mark(r_.edition, r_.sha256), files_);
        if (auto done = store::write_file(work_ + "/guide.html", html); !done) return done;
        if (auto done = store::write_file(work_ + "/guide.css", resource("guide.css")); !done) return done;
        for (const char* font : {"fonts/B612-Regular.otf", "fonts/B612-Bold.otf"})
            if (auto done = store::write_file(work_ + "/" + font, resource(font)); !done) return done;
        return store::write_file(work_ + "/edition.json", core::canonical_text(core::to_json(r_.edition)));
    }

    /// The PDF is made from the same page, tagged after PDF/UA, with edition.json attached.
    Outcome pdf() {
        const QString program = QStandardPaths::findExecutable(QStringLiteral("weasyprint"));
        if (program.isEmpty()) return fail(ErrorCode::Unwritable, "The PDF cannot be made: the program weasyprint is not installed. Install the package weasyprint and issue again.");
        QProcess process;
        process.setWorkingDirectory(QString::fromStdString(work_));
        process.start(program, {QStringLiteral("--pdf-variant"), QStringLiteral("pdf/ua-1"), QStringLiteral("--attachment"), QStringLiteral("edition.json"), QStringLiteral("guide.html"), QStringLiteral("guide.pdf")});
        for (int waited = 0; !process.waitForFinished(200); waited += 200) {
            if (process.state() == QProcess::NotRunning) break;
            const auto told = tell("Page and PDF", 0.97);
            if (!told || waited > kPdfTimeoutMs) {
                process.kill();
                process.waitForFinished();
                return told ? fail(ErrorCode::Unwritable, "Making the PDF took too long and was given up; issue again.") : told;
            }
        }
        if (process.exitStatus() != QProcess::NormalExit || process.exitCode() != 0 || !fs::exists(work_ + "/guide.pdf"))
            return fail(ErrorCode::Unwritable, fmt::format("The PDF could not be made: {}", process.readAllStandardError().right(300).trimmed().toStdString()));
        return {};
    }

    Outcome seal() {
        auto hashes = hashes_below(work_);
        if (!hashes) return tl::make_unexpected(hashes.error());
        const std::string manifest = manifest_text(*hashes);
        if (auto done = store::write_file(work_ + "/" + kManifest, manifest); !done) return done;
        return store::write_file(work_ + "/" + kSeal, seal_text(manifest));
    }

    Outcome put_in_place() {
        std::error_code ec;
        const std::string old = r_.folder + ".old";
        fs::remove_all(old, ec);
        if (auto made = store::make_folder(fs::path(r_.folder).parent_path().string().empty() ? "." : fs::path(r_.folder).parent_path().string()); !made) return made;
        if (fs::exists(r_.folder)) fs::rename(r_.folder, old, ec);
        fs::rename(work_, r_.folder, ec);
        if (ec) return fail(ErrorCode::Unwritable, fmt::format("The pack could not be put at {} ({}).", r_.folder, ec.message()), r_.folder);
        fs::remove_all(old, ec);
        if (progress_) progress_("Done", 1.0);
        return {};
    }

    const PackRequest& r_;
    const PackProgress& progress_;
    std::string work_;
    PackFiles files_;
};

/// The files whose hash is not the one in the manifest, missing or extra ones, a sentence each.
std::vector<std::string> compare(const std::map<std::string, std::string>& actual, const nlohmann::json& manifest) {
    std::vector<std::string> out;
    const auto listed = manifest.is_object() && manifest.contains("files") && manifest.at("files").is_object() ? manifest.at("files") : nlohmann::json::object();
    for (const auto& [name, hash] : listed.items()) {
        const auto it = actual.find(name);
        if (it == actual.end())
            out.push_back(fmt::format("{} is missing.", name));
        else if (!hash.is_string() || it->second != hash.get<std::string>())
            out.push_back(fmt::format("{} was changed after the edition was issued.", name));
    }
    for (const auto& [name, hash] : actual)
        if (!listed.contains(name)) out.push_back(fmt::format("{} does not belong to the pack.", name));
    return out;
}

}  // namespace

std::string edition_mark(const core::Edition& edition, const std::string& sha256) { return fmt::format("{} / {} / {}", edition.procedure.header.number, edition.number, sha256.substr(0, 8)); }

Outcome write_pack(const PackRequest& request, const PackProgress& progress) { return PackWriter(request, progress).run(); }

Result<Verification> verify_pack(const std::string& folder) {
    std::error_code ec;
    if (!fs::is_directory(folder, ec)) return fail(ErrorCode::NotFound, fmt::format("{} is no folder; choose the folder of an issued pack.", folder), folder);
    const std::string manifest_path = folder + "/" + kManifest;
    if (!fs::exists(manifest_path, ec) && !fs::exists(folder + "/edition.json", ec)) return fail(ErrorCode::BadInput, fmt::format("{} is no issued pack; choose the folder that holds guide.html and manifest.json.", folder), folder);
    auto actual = hashes_below(folder);
    if (!actual) return tl::make_unexpected(actual.error());
    const std::string manifest = store::read_file(manifest_path).value_or("");
    const std::string seal = store::read_file(folder + "/" + kSeal).value_or("");
    const std::string expected = manifest_text(*actual);
    Verification v;
    if (manifest == expected) {
        if (seal != seal_text(manifest)) v.troubles.push_back(fmt::format("{} was changed after the edition was issued.", kSeal));
    } else if (seal == seal_text(expected)) {
        v.troubles.push_back(fmt::format("{} was changed after the edition was issued.", kManifest));
    } else {
        if (seal != seal_text(manifest)) v.troubles.push_back(fmt::format("{} or {} was changed after the edition was issued.", kManifest, kSeal));
        for (auto& t : compare(*actual, nlohmann::json::parse(manifest, nullptr, false))) v.troubles.push_back(std::move(t));
    }
    const auto text = store::read_file(folder + "/edition.json");
    const auto edition = text ? core::edition_from_json(nlohmann::json::parse(*text, nullptr, false)) : tl::make_unexpected(text.error());
    if (edition)
        v.edition = fmt::format("{} {}, {}, edition {}", edition->procedure.header.machine, edition->procedure.header.title, edition->procedure.header.number, edition->number);
    else if (v.troubles.empty())
        v.troubles.push_back(edition.error().message);
    v.good = v.troubles.empty();
    return v;
}

}  // namespace anagraph::publish
