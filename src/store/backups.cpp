#include "store/backups.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <filesystem>

#include "core/service/calendar.h"
#include "store/destination.h"
#include "store/digest.h"
#include "store/place.h"
#include "store/whole_library.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr const char* kZip = ".zip";
constexpr std::size_t kDay = 10;    // letters of 2026-12-01
constexpr std::size_t kMark = 8;    // letters of the mark that tells libraries of one name apart
constexpr double kMadeShare = 0.6;  // of the time; the rest is trying it

/// "library-3f9a1c02-": what it is called, and a mark of where it lives.
std::string name_of_library(const std::string& library) {
    const auto place = library_place(library);
    const std::string whole = place ? place->text : library;
    std::string name = std::filesystem::path(whole.substr(0, whole.find('?'))).filename().string();
    std::replace_if(
        name.begin(), name.end(), [](unsigned char c) { return c < 0x80 && std::isalnum(c) == 0 && c != '-' && c != '_'; }, '-');
    return fmt::format("{}-{}-", name.empty() ? "library" : name, sha256(whole).substr(0, kMark));
}

}  // namespace

std::vector<Backup> backups_in(const std::string& folder, const std::string& library) {
    const std::string beginning = name_of_library(library);
    std::vector<Backup> out;
    for (const auto& name : names_in(folder)) {
        if (!name.starts_with(beginning) || !name.ends_with(kZip) || name.size() != beginning.size() + kDay + 4) continue;
        const auto day = core::parse_day(name.substr(beginning.size(), kDay));
        std::error_code ec;
        const std::string file = folder + "/" + name;
        if (day && std::filesystem::is_regular_file(std::filesystem::symlink_status(file, ec)))
            out.push_back({file, *day, static_cast<std::int64_t>(std::filesystem::file_size(file, ec))});
    }
    std::sort(out.begin(), out.end(), [](const Backup& a, const Backup& b) { return a.day > b.day; });
    return out;
}

bool is_backup_due(const std::vector<Backup>& there, std::chrono::sys_days today, int every) {
    // one of a day that has not come is of a clock that was wrong
    const auto last = std::find_if(there.begin(), there.end(), [&](const Backup& b) { return b.day <= today; });
    return last == there.end() || today - last->day >= std::chrono::days(every);
}

Result<Backup> back_up(const std::string& library, const std::string& folder, std::chrono::sys_days today, const Progress& progress) {
    if (!std::filesystem::is_directory(folder))
        return fail(ErrorCode::NotFound,
            core::say(core::key("Library", "The folder {0} is not there; put the stick in, or name another."), folder), folder);
    const std::string file = fmt::format("{}/{}{}{}", folder, name_of_library(library), core::text_of(today), kZip);
    // written and tried beside its place: what is there under that name is a backup that was tried
    auto work = WorkFolder::in(folder);
    if (!work) return tl::make_unexpected(work.error());
    const std::string made = work->path() + "/backup.zip";
    const auto part = [&](double from, double to) {
        return [&progress, from, to](double share) { return !progress || progress(from + share * (to - from)); };
    };
    if (auto archived = archive_library(library, made, part(0, kMadeShare)); !archived) return tl::make_unexpected(archived.error());
    if (auto tried = try_archive(made, part(kMadeShare, 1)); !tried) return tl::make_unexpected(tried.error());
    std::error_code ec;
    std::filesystem::rename(made, file, ec);
    if (ec) return tl::make_unexpected(file_trouble(file, ec.value()));
    if (auto synced = sync_folder(folder); !synced) return tl::make_unexpected(synced.error());
    const auto there = backups_in(folder, library);
    for (std::size_t i = kBackupsKept; i < there.size(); ++i)
        if (there[i].file != file) std::filesystem::remove(there[i].file, ec);
    return Backup{file, today, static_cast<std::int64_t>(std::filesystem::file_size(file, ec))};
}

}  // namespace anagraph::store
