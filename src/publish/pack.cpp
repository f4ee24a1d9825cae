#include "publish/pack.h"

#include <fmt/format.h>
#include <sys/stat.h>

#include <QBuffer>
#include <QFile>
#include <QImage>
#include <QString>
#include <QTemporaryFile>
#include <algorithm>
#include <cmath>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <optional>
#include <tuple>

#include "core/base/caught.h"
#include "media/clip.h"
#include "media/exact_frame.h"
#include "publish/bench_page.h"
#include "publish/check_page.h"
#include "publish/clip_paint.h"
#include "publish/guide_page.h"
#include "publish/marks_svg.h"
#include "publish/other_forms.h"
#include "publish/pack_files.h"
#include "publish/pack_manifest.h"
#include "publish/pdf_maker.h"
#include "publish/qr_code.h"
#include "publish/resource.h"
#include "publish/still_care.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/objects/object_cache.h"

namespace anagraph::publish {
namespace {

namespace fs = std::filesystem;
using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

constexpr double kShareOfReading = 0.1;  // of the whole, for reading the recordings to their end

class PackWriter {
public:
    PackWriter(const PackRequest& request, std::string folder, const PackProgress& progress)
        : r_(request), progress_(progress), work_(std::move(folder)) {}

    Result<std::string> run() {
        if (auto read = read_recordings(); !read) return tl::make_unexpected(read.error());
        if (auto made = make(); !made) return tl::make_unexpected(made.error());
        if (auto same = same_recordings(); !same) return tl::make_unexpected(same.error());
        auto sealed = seal();
        if (sealed && progress_) progress_("Done", 1.0);
        return sealed;
    }

private:
    const core::Procedure& p() const { return r_.edition.procedure; }

    Outcome tell(const std::string& what, double share) const {
        return progress_ && !progress_(what, kShareOfReading + share * (1 - kShareOfReading)) ? stopped() : Outcome{};
    }

    /// What a recording was when it had been read: the same when nobody touched it since.
    using Facts = std::tuple<dev_t, ino_t, off_t, std::int64_t, std::int64_t>;
    static std::optional<Facts> facts_of(const std::string& path) {
        struct stat f {};
        if (::stat(path.c_str(), &f) != 0) return std::nullopt;
        return Facts{f.st_dev, f.st_ino, f.st_size, f.st_mtim.tv_sec, f.st_mtim.tv_nsec};
    }

    std::string name_of_recording(const core::RecordingId& id) const {
        const auto* use = p().find(id);
        return use == nullptr || use->title.empty() ? id.text().substr(0, 8) : use->title;
    }

    Outcome read_recordings() {
        for (std::size_t i = 0; i < r_.recordings.size(); ++i) {
            const auto& r = r_.recordings[i];
            const std::string name = name_of_recording(r.id);
            const auto told = [&](double share) {
                return !progress_ ||
                    progress_(fmt::format("Reading {}", name),
                        kShareOfReading * (static_cast<double>(i) + share) / static_cast<double>(r_.recordings.size()));
            };
            // all of a film is read below, so all of it comes
            held_.push_back(store::hold_here(r.path));
            if (auto here = store::make_here(r.path, told); !here) {
                if (here.error().code == ErrorCode::Cancelled) return stopped();
                if (here.error().code != ErrorCode::NotFound) return here;
            }
            read_.push_back(facts_of(r.path));
            const auto hash = store::sha256_of_file(r.path, told);
            if (!hash && hash.error().code == ErrorCode::Cancelled) return stopped();
            if (!hash && hash.error().code == ErrorCode::NotFound) return away(r.id);
            if (!hash) return tl::make_unexpected(hash.error());
            if (*hash != r.id.text())
                return fail(ErrorCode::Damaged,
                    core::say(core::key("Pack",
                                  "The film in {0} is not the recording \u201C{1}\u201D any more: it was replaced, cut or damaged. Put the "
                                  "original back, or import it again."),
                        r.path, name),
                    r.path);
        }
        return {};
    }

    Outcome same_recordings() const {
        for (std::size_t i = 0; i < r_.recordings.size(); ++i)
            if (facts_of(r_.recordings[i].path) != read_[i])
                return fail(ErrorCode::Damaged,
                    core::say(core::key("Pack",
                                  "The recording \u201C{0}\u201D was changed while the pack was made; leave it alone and issue again."),
                        name_of_recording(r_.recordings[i].id)),
                    r_.recordings[i].path);
        return {};
    }

    Outcome away(const core::RecordingId& id) const {
        return fail(ErrorCode::NotFound,
            core::say(core::key("Pack",
                          "The recording \u201C{0}\u201D is away, so its pictures cannot be made; put the file back where it was and issue "
                          "again."),
                name_of_recording(id)));
    }
    static Outcome stopped() {
        return fail(ErrorCode::Cancelled, core::key("Pack", "Making the pack was stopped; nothing of it is kept."));
    }

    Outcome make() {
        const auto& steps = p().steps;
        const bool plates = std::any_of(steps.begin(), steps.end(), [](const core::Step& s) { return !s.plates.empty(); });
        const bool clips = std::any_of(steps.begin(), steps.end(), [](const core::Step& s) { return s.clip.has_value(); });
        for (const auto& [wanted, sub] : {std::pair(true, "/fonts"), std::pair(plates, "/plates"), std::pair(clips, "/clips")})
            if (wanted)
                if (auto made = store::make_folder(work_ + sub); !made) return made;
        double jobs = 1;
        for (const auto& s : p().steps) jobs += static_cast<double>(s.plates.size()) + (s.clip ? 2.0 : 0.0);
        double done = 0;
        for (std::size_t i = 0; i < p().steps.size(); ++i) {
            const auto& step = p().steps[i];
            for (std::size_t k = 0; k < step.plates.size(); ++k) {
                if (auto told = tell(fmt::format("Picture of step {}", i + 1), done / jobs); !told) return told;
                if (auto made = still(step.plates[k], i + 1, k + 1); !made) return made;
                done += 1;
            }
            if (step.clip) {
                if (auto made = clip(step, i + 1, done / jobs, 2 / jobs); !made) return made;
                done += 2;
            }
        }
        if (auto told = tell("Page and PDF", done / jobs); !told) return told;
        if (auto made = page(); !made) return made;
        return pdf();
    }

    Result<const RecordingSource*> source(const core::RecordingId& id) const {
        const auto it = std::find_if(r_.recordings.begin(), r_.recordings.end(), [&](const RecordingSource& x) { return x.id == id; });
        if (it == r_.recordings.end()) return tl::make_unexpected(away(id).error());
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
        QByteArray bytes;
        QBuffer buffer(&bytes);
        if (!image.save(&buffer, "PNG", 30))
            return fail(ErrorCode::NoMemory,
                core::say(core::key("Pack", "The picture {0} could not be made; close other programs and try again."), file), file);
        return store::write_file(work_ + "/" + file, std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
    }

    /// The still as the author left it: what is hidden there is not in the pack.
    Outcome still(const core::Plate& plate, std::size_t step, std::size_t number) {
        auto recorded = frame(plate.recording, plate.at);
        if (!recorded) return tl::make_unexpected(recorded.error());
        const QImage image = cared_for(*recorded, plate.care);
        StillFile made{still_name(step, number), image.width(), image.height(), {}};
        if (auto saved = save(image, made.file); !saved) return saved;
        for (std::size_t i = 0; i < plate.marks.size(); ++i) {
            if (plate.marks[i].sign != core::PlateSign::Magnify) continue;
            made.lenses[i] = lens_name(step, number, made.lenses.size() + 1);
            if (auto saved = save(magnified(image, plate.marks[i].at, lens_radius(image.height())), made.lenses[i]); !saved) return saved;
        }
        files_.stills[plate.id] = std::move(made);
        return {};
    }

    Outcome clip(const core::Step& step, std::size_t number, double done, double share) {
        const auto& clip = *step.clip;
        const auto& take = clip.take;
        auto from = source(take.recording);
        if (!from) return tl::make_unexpected(from.error());
        ClipFile c = clip_names(number, clip);
        const auto report = [&](double part) { return tell(fmt::format("Clip of step {}", number), done + part * share).has_value(); };
        if (auto cut = media::cut_clip((*from)->path, take, work_ + "/" + c.file, kClipWidth, report,
                clip_options(p(), clip, (*from)->rotation, (*from)->pixel_aspect));
            !cut)
            return cut;
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
            if (b - a >= 300)
                out.push_back(
                    {core::FrameTime::from_milliseconds(a * clip.slower), core::FrameTime::from_milliseconds(b * clip.slower), s.text});
        }
        return out;
    }

    Outcome page() {
        const std::string mark = edition_mark(r_.edition, r_.sha256);
        for (const auto& [file, language] : pages_of(p()))
            if (auto done =
                    store::write_file(work_ + "/" + file, guide_page(template_text("guide.html"), r_.edition, mark, files_, language));
                !done)
                return done;
        if (auto done = store::write_file(work_ + "/check.html", check_page(r_.edition, mark, files_)); !done) return done;
        if (auto done = store::write_file(work_ + "/bench.html", bench_page(r_.edition, mark, files_)); !done) return done;
        if (auto done = store::write_file(work_ + "/card.html", bench_card(r_.edition, mark)); !done) return done;
        std::vector<const char*> parts(std::begin(kPageParts), std::end(kPageParts));
        parts.insert(parts.end(), {"fonts/B612-Regular.otf", "fonts/B612-Bold.otf"});
        for (const char* file : parts)
            if (auto done = store::write_file(work_ + "/" + file, template_text(file)); !done) return done;
        return store::write_file(work_ + "/edition.json", core::canonical_text(core::to_json(r_.edition)));
    }

    /// More pages than the print can come to: codes are made for so many.
    int most_pages() const {
        std::size_t out = 20 + p().figures.size() / 8 + p().items.size() / 8;
        for (const auto& s : p().steps) out += 2 + s.plates.size() + s.lines.size() / 6 + s.checks.size();
        return static_cast<int>(std::min<std::size_t>(out, 2000));
    }

    /// The PDF is made from the same page, tagged after PDF/UA, with edition.json attached.
    Outcome pdf() {
        QTemporaryFile codes;
        const std::string style = page_codes_style(r_.edition, r_.sha256, most_pages());
        if (!codes.open() || codes.write(style.data(), static_cast<qint64>(style.size())) != static_cast<qint64>(style.size()) ||
            !codes.flush())
            return fail(ErrorCode::NoSpace,
                core::key("Pack", "There is no room in the folder for temporary files to make the PDF; free some space and issue again."));
        const auto pdf = pdf_of(work_, "guide.html",
            {"--stylesheet", codes.fileName().toStdString(), "--pdf-variant", "pdf/ua-1", "--attachment", "edition.json"},
            [this] { return tell("Page and PDF", 0.97).has_value(); });
        if (!pdf) return pdf.error().code == ErrorCode::Cancelled ? stopped() : tl::make_unexpected(pdf.error());
        return store::write_file(work_ + "/guide.pdf", *pdf);
    }

    Result<std::string> seal() const {
        const auto pack = PackSource::open(work_);
        if (!pack) return tl::make_unexpected(pack.error());
        auto below = read_below(**pack, {});
        if (!below) return tl::make_unexpected(below.error());
        if (!below->odd.empty())
            return fail(ErrorCode::Damaged,
                core::say(core::key("Pack", "Something else writes where the pack is made: {0}"), below->odd.front()), work_);
        const std::string manifest = manifest_text(below->hashes, edition_mark(r_.edition, r_.sha256));
        if (auto done = store::write_file(work_ + "/" + kManifest, manifest); !done) return tl::make_unexpected(done.error());
        if (auto done = store::write_file(work_ + "/" + kSeal, seal_text(manifest)); !done) return tl::make_unexpected(done.error());
        return store::sha256(manifest);
    }

    const PackRequest& r_;
    const PackProgress& progress_;
    std::string work_;
    PackFiles files_;
    std::vector<std::shared_ptr<void>> held_;  // recordings that came from a bucket stay while they are read
    std::vector<std::optional<Facts>> read_;   // of each recording, as it was read
};

}  // namespace

std::string edition_mark(const core::Edition& edition, const std::string& sha256) {
    return fmt::format("{} / {} / {}", edition.procedure.header.number, edition.number, sha256.substr(0, 8));
}

Result<std::string> write_pack(const PackRequest& request, const std::string& folder, const PackProgress& progress) {
    return core::caught([&] { return PackWriter(request, folder, progress).run(); });
}

}  // namespace anagraph::publish
