#include "shop/intake.h"

#include <fmt/format.h>

#include <cerrno>
#include <filesystem>

#include "store/digest.h"
#include "store/files.h"

namespace anagraph::shop {

namespace fs = std::filesystem;
using core::ErrorCode;
using core::fail;

namespace {

constexpr double kShareOfCopy = 0.08;  // of the whole import

/// Takes away what an import that did not end well has left.
class FolderGuard {
public:
    explicit FolderGuard(std::string folder) : folder_(std::move(folder)), was_there_(fs::exists(folder_)) {}
    ~FolderGuard() {
        std::error_code ec;
        if (!kept_ && !was_there_) fs::remove_all(folder_, ec);
    }
    FolderGuard(const FolderGuard&) = delete;
    FolderGuard& operator=(const FolderGuard&) = delete;
    void keep() { kept_ = true; }

private:
    std::string folder_;
    bool was_there_;
    bool kept_ = false;
};

core::Outcome copy_recording(const std::string& from, const std::string& to) {
    std::error_code ec;
    if (fs::exists(to, ec) && fs::file_size(to, ec) == fs::file_size(from, ec)) return {};
    const std::string beside = to + ".tmp";
    fs::copy_file(from, beside, fs::copy_options::overwrite_existing, ec);
    if (!ec) fs::rename(beside, to, ec);
    if (!ec) return {};
    std::error_code ignored;
    fs::remove(beside, ignored);
    if (ec.value() == ENOSPC) return fail(ErrorCode::NoSpace, fmt::format("The disk is full, so {} could not be copied into the library; free some space and bring it in again.", from), from);
    return fail(ErrorCode::Unwritable, fmt::format("{} could not be copied into the library ({}).", from, ec.message()), from);
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
    const auto bytes = store::read_file(path);
    if (!bytes) return tl::make_unexpected(bytes.error());
    auto narration = core::read_timed_text(*bytes);
    if (!narration) narration.error().message = fmt::format("{}: {}", fs::path(path).filename().string(), narration.error().message);
    return narration;
}

core::Result<PreparedRecording> prepare_recording(const std::string& library_folder, const std::string& recording, const std::string& narration, const media::Progress& progress, Original kept) {
    PreparedRecording out;
    // The narration first: a wrong file beside a long film should be told at once.
    const std::string words = narration.empty() ? narration_beside(recording) : narration;
    if (!words.empty()) {
        auto read = read_narration(words);
        if (read) {
            out.narration = std::move(read->segments);
            out.remarks = std::move(read->remarks);
        } else if (!narration.empty()) {
            return tl::make_unexpected(read.error());
        } else {
            out.remarks.push_back(read.error().message);
        }
    }
    std::error_code ec;
    if (fs::is_directory(recording, ec)) return fail(ErrorCode::BadInput, fmt::format("{} is a folder; choose the recording in it.", recording), recording);
    const auto hash = store::sha256_of_file(recording);
    if (!hash) return tl::make_unexpected(hash.error());
    if (progress && !progress(kShareOfCopy / 2)) return fail(ErrorCode::Cancelled, "The import was stopped; nothing of it is kept.");
    const std::string folder = library_folder + "/media/" + *hash;
    FolderGuard guard(folder);
    if (auto made = store::make_folder(folder); !made) return tl::make_unexpected(made.error());
    const std::string original = kept == Original::Copy ? folder + "/original" + fs::path(recording).extension().string() : fs::absolute(recording, ec).lexically_normal().string();
    if (kept == Original::Copy)
        if (auto copied = copy_recording(recording, original); !copied) return tl::make_unexpected(copied.error());
    auto index = media::import_pass(original, folder, [&](double share) { return !progress || progress(kShareOfCopy + share * (1 - kShareOfCopy)); });
    if (!index) {
        // Name the file the person chose, not the copy.
        if (const auto at = index.error().message.find(original); at != std::string::npos) index.error().message.replace(at, original.size(), recording);
        return tl::make_unexpected(index.error());
    }
    out.index = std::move(*index);
    out.remarks.insert(out.remarks.end(), out.index.remarks.begin(), out.index.remarks.end());
    out.entry = {core::RecordingId(*hash), fs::path(recording).filename().string(), original, store::utc_now(), !out.narration.empty()};
    guard.keep();
    return out;
}

core::Outcome enter_recording(store::Library& library, const PreparedRecording& prepared) {
    if (auto added = library.add_recording(prepared.entry); !added) return added;
    return library.set_narration(prepared.entry.id, prepared.narration);
}

}  // namespace anagraph::shop
