#include "shop/intake.h"

#include <fmt/format.h>
#include <unistd.h>

#include <algorithm>
#include <cctype>
#include <cmath>
#include <filesystem>

#include "core/base/caught.h"
#include "core/base/utf8.h"
#include "media/new_times.h"
#include "publish/cover.h"
#include "store/digest.h"
#include "store/files.h"

namespace anagraph::shop {

namespace fs = std::filesystem;
using core::ErrorCode;
using core::fail;

namespace {

/// A sentence in which one name stands for another.
core::Words naming(const core::Words& words, const std::string& was, const std::string& is) {
    if (words.has_key()) {
        std::vector<core::Words> with;
        for (const auto& w : words.with()) with.push_back(naming(w, was, is));
        return {words.key(), words.count(), std::move(with)};
    }
    std::string own = words.own();
    if (const auto at = own.find(was); at != std::string::npos) own.replace(at, was.size(), is);
    return own;
}

constexpr std::int64_t kMostNarration = 16 << 20;  // bytes: a day of speech is a tenth of it

// shares of the whole import
constexpr double kHashed = 0.05;
constexpr double kCopied = 0.15;
constexpr double kNotSent = 0.4;  // where a film goes to an object store, of the time it takes, what comes before

/// "mp4" of "film.MP4"; nothing else than a few letters and digits becomes part of a name in the library.
std::string plain_extension(const std::string& recording) {
    std::string out;
    for (const char c : fs::path(recording).extension().string().substr(0, 9))
        if (std::isalnum(static_cast<unsigned char>(c)) != 0) out += c;
    return out.empty() ? "" : "." + out;
}

/// A part of the whole progress.
media::Progress part(const media::Progress& progress, double from, double to) {
    return [&progress, from, to](double share) { return !progress || progress(from + share * (to - from)); };
}

std::optional<std::string> good_copy(const std::string& folder, const std::string& hash, const media::Progress& progress) {
    for (const auto& name : store::names_in(folder)) {
        if (!name.starts_with("original") || store::is_link(folder + "/" + name)) continue;
        if (const auto is = store::sha256_of_file(folder + "/" + name, progress); is && *is == hash) return name;
    }
    return std::nullopt;
}

/// The original in the new folder: the copy the library has, where that is still good, else a new copy.
core::Result<std::string> keep_original(
    const std::string& film, const std::string& hash, const std::string& known, const std::string& work, const media::Progress& progress) {
    if (const auto good = good_copy(known, hash, progress)) {
        // a second name for the same file costs nothing; where the disk knows no such thing it is copied
        if (::link((known + "/" + *good).c_str(), (work + "/" + *good).c_str()) == 0) return *good;
        if (auto copied = store::copy_file(known + "/" + *good, work + "/" + *good, progress); !copied)
            return tl::make_unexpected(copied.error());
        return *good;
    }
    const std::string name = "original" + plain_extension(film);
    const auto copied = store::copy_file(film, work + "/" + name, [&](double share) { return !progress || progress(share * 0.7); });
    if (!copied) return tl::make_unexpected(copied.error());
    const auto reread = store::sha256_of_file(work + "/" + name, [&](double share) { return !progress || progress(0.7 + share * 0.3); });
    if (!reread) return tl::make_unexpected(reread.error());
    if (*copied != hash)
        return fail(ErrorCode::Damaged,
            core::say(core::key("Shop", "{0} was changed while it was copied; wait until it is written, and import it again."), film),
            film);
    if (*reread != hash)
        return fail(ErrorCode::Damaged,
            core::say(core::key("Shop",
                          "The copy of {0} does not read as it was written: the disk of the library fails. Check it, and import the "
                          "recording again."),
                film),
            film);
    return name;
}

/// A film kept and looked through, in a folder of its own.
struct LookedThrough {
    std::string hash;
    std::string original;  // where it lies once the folder is in its place
    media::RecordingIndex index;
    store::WorkFolder files;
};

core::Result<LookedThrough> look_through(
    const std::string& place, const std::string& film, const media::Progress& progress, Original kept) {
    auto work = store::Library::work_folder(place);
    if (!work) return tl::make_unexpected(work.error());
    auto hash = store::sha256_of_file(film, part(progress, 0, kHashed));
    if (!hash) return tl::make_unexpected(hash.error());
    const auto home = store::Library::folder_of(place);
    if (!home) return tl::make_unexpected(home.error());
    const std::string kept_in = *home + "/media/" + *hash;
    std::error_code ec;
    std::string original = fs::absolute(film, ec).lexically_normal().string();
    std::string read_from = film;
    if (kept == Original::Copy) {
        auto name = keep_original(film, *hash, kept_in, work->path(), part(progress, kHashed, kCopied));
        if (!name) return tl::make_unexpected(name.error());
        original = kept_in + "/" + *name;
        read_from = work->path() + "/" + *name;
    }
    auto index = media::import_pass(read_from, work->path(), part(progress, kCopied, 1));
    if (!index) {
        // Name the file the person chose, not the copy.
        index.error().message = naming(index.error().message, read_from, film);
        return tl::make_unexpected(index.error());
    }
    if (auto made = publish::write_cover(work->path(), *index); !made) return tl::make_unexpected(made.error());
    return LookedThrough{std::move(*hash), original, std::move(*index), std::move(*work)};
}

core::Result<PreparedRecording> prepared(
    const std::string& place, const std::string& recording, const std::string& narration, const media::Progress& whole, Original kept) {
    PreparedRecording out;
    const auto at = store::library_place(place);
    const double looked_through = at && at->bucket ? kNotSent : 1;
    const media::Progress progress = part(whole, 0, looked_through);
    // The narration first: a wrong file beside a long film should be told at once.
    const std::string words = narration.empty() ? narration_beside(recording) : narration;
    if (!words.empty()) {
        auto read = read_narration(words);
        if (read) {
            out.narration = std::move(read->segments);
            out.remarks = std::move(read->remarks);
        } else if (!narration.empty() || read.error().code != ErrorCode::BadInput) {
            // a disk that fails is no reason to take the film without what is said on it
            return tl::make_unexpected(read.error());
        } else {
            out.remarks.push_back(read.error().message);
        }
    }
    std::error_code ec;
    if (fs::is_directory(recording, ec))
        return fail(
            ErrorCode::BadInput, core::say(core::key("Shop", "{0} is a folder; choose the recording in it."), recording), recording);
    if (const std::string lies = fs::absolute(recording, ec).string(); kept == Original::StaysWhereItLies && !core::is_utf8(lies))
        return fail(ErrorCode::Refused,
            core::say(
                core::key("Shop",
                    "The path of {0} holds signs that are no text, so it cannot be remembered; rename the file or its folder, or import "
                    "it as a copy."),
                core::as_utf8(recording)),
            core::as_utf8(recording));
    if (const std::string around = store::library_around(recording);
        !around.empty() && fs::equivalent(around, store::Library::folder_of(place).value_or(""), ec))
        return fail(ErrorCode::Refused, core::say(core::key("Shop", "{0} lies in this library already; it is on the Shelf."), recording),
            recording);
    auto looked = look_through(place, recording, progress, kept);
    if (!looked && looked.error().code == ErrorCode::Refused) {
        // Its times cannot be followed: it comes in as a film of the same pictures with times that can.
        const std::string trouble = looked.error().message;
        if (kept == Original::StaysWhereItLies)
            return fail(ErrorCode::Refused,
                core::say(core::key("Shop", "{0} It cannot stay where it lies; import it as a copy, which gets new times."), trouble),
                recording);
        auto work = store::Library::work_folder(place);
        if (!work) return tl::make_unexpected(work.error());
        const std::string film = work->path() + "/film.mkv";
        if (auto written = media::with_new_times(recording, film, part(progress, 0, kHashed)); !written)
            return tl::make_unexpected(written.error());
        looked = look_through(place, film, part(progress, kHashed, 1), kept);
        out.remarks.push_back(trouble + " Its pictures came in one after the other, with new times.");
    }
    if (!looked) return tl::make_unexpected(looked.error());
    out.index = std::move(looked->index);
    out.remarks.insert(out.remarks.end(), out.index.remarks.begin(), out.index.remarks.end());
    const int lines = out.narration ? static_cast<int>(out.narration->size()) : 0;
    const auto length = core::FrameTime::from_milliseconds(std::llround((out.index.end.seconds() - out.index.start().seconds()) * 1000));
    out.entry = {core::RecordingId(looked->hash), core::as_utf8(fs::path(recording).filename().string()), looked->original,
        store::utc_now(), lines > 0, length, lines};
    out.files = std::move(looked->files);
    if (auto sent = store::Library::send_recording(place, out.entry.id, out.files->path(), part(whole, looked_through, 1)); !sent)
        return tl::make_unexpected(sent.error());
    return out;
}

}  // namespace

std::string narration_beside(const std::string& recording) {
    for (const char* extension : {".vtt", ".srt", ".txt", ".md"}) {
        const auto path = fs::path(recording).replace_extension(extension);
        std::error_code ec;
        if (fs::is_regular_file(path, ec)) return path.string();
    }
    return {};
}

core::Result<core::Narration> read_narration(const std::string& path) {
    return core::caught([&]() -> core::Result<core::Narration> {
        const auto bytes = store::read_file(path, kMostNarration);
        if (!bytes) return tl::make_unexpected(bytes.error());
        auto narration = core::read_timed_text(*bytes);
        if (!narration)
            narration.error().message = fmt::format("{}: {}", core::as_utf8(fs::path(path).filename().string()), narration.error().message);
        return narration;
    });
}

core::Result<PreparedRecording> prepare_recording(
    const std::string& place, const std::string& recording, const std::string& narration, const media::Progress& progress, Original kept) {
    return core::caught([&] { return prepared(place, recording, narration, progress, kept); });
}

core::Outcome enter_recording(store::Library& library, PreparedRecording& p) {
    if (!p.files) return {};
    auto files = std::move(*p.files);
    p.files.reset();
    return library.enter_recording(p.entry, p.narration, std::move(files));
}

core::Outcome enter_recording_beside(const std::string& place, PreparedRecording& p) {
    auto library = store::Library::beside(place);
    if (!library) return tl::make_unexpected(library.error());
    return enter_recording(**library, p);
}

core::Outcome keep_heard_beside(const std::string& place, const core::RecordingId& id, const core::Narration& heard) {
    auto library = store::Library::beside(place);
    if (!library) return tl::make_unexpected(library.error());
    return (*library)->keep_narration(id, heard.segments);
}

}  // namespace anagraph::shop
