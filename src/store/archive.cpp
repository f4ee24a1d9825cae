#include "store/archive.h"

#include <fmt/format.h>
#include <sys/stat.h>
#include <zip.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <filesystem>
#include <map>
#include <set>

#include "core/base/utf8.h"
#include "store/digest.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;

namespace {

constexpr zip_uint64_t kMostSwell = 200;         // an entry is at most this many times what it takes in the file
constexpr zip_uint64_t kSmall = 1 << 20;         // ... or as large as this
constexpr std::int64_t kFixedTime = 1577836800;  // 2020-01-01: the time of making it is no part of what it holds

std::string shown(const char* name) { return name == nullptr ? "an entry" : core::as_utf8(name).substr(0, 200); }

}  // namespace

struct Archive::Zip {
    struct Entry {
        zip_uint64_t index = 0;
        std::int64_t bytes = 0;
    };
    std::string path;
    MostOfArchive most;
    zip_t* za = nullptr;
    std::map<std::string, Entry> entries;
    ~Zip() {
        if (za != nullptr) zip_discard(za);
    }

    Outcome refused(const std::string& name, const char* why) const {
        return fail(ErrorCode::Refused,
            core::say(core::key("Library", "{0} is not opened: its entry \u201C{1}\u201D {2}. Ask for it anew where it comes from."), path,
                name, why),
            path);
    }

    Outcome look() {
        const zip_int64_t count = zip_get_num_entries(za, 0);
        if (count > most.entries)
            return fail(ErrorCode::Refused, core::say(core::key("Library", "{0} holds more files than a pack can have."), path), path);
        struct stat facts {};
        const auto whole = ::stat(path.c_str(), &facts) == 0 ? static_cast<zip_uint64_t>(facts.st_size) : 0;
        zip_uint64_t all = 0;
        zip_uint64_t packed = 0;
        std::set<std::string> folders;
        for (zip_uint64_t i = 0; i < static_cast<zip_uint64_t>(count); ++i) {
            zip_stat_t s;
            zip_stat_init(&s);
            const char* raw = zip_get_name(za, i, ZIP_FL_ENC_RAW);
            if (raw == nullptr || zip_stat_index(za, i, ZIP_FL_ENC_RAW, &s) != 0)
                return fail(ErrorCode::Damaged,
                    core::say(core::key("Library", "{0} is damaged: its list of files cannot be read. Copy it again."), path), path);
            std::string name(raw);
            const bool folder = name.ends_with('/');
            if (folder) name.pop_back();
            if (!is_plain_name(name)) return refused(shown(raw), "has a name that leads out of its folder");
            zip_uint8_t system = 0;
            zip_uint32_t attributes = 0;
            zip_file_get_external_attributes(za, i, 0, &system, &attributes);
            const auto mode = system == ZIP_OPSYS_UNIX ? (attributes >> 16U) & S_IFMT : 0U;
            if (mode != 0 && mode != (folder ? S_IFDIR : S_IFREG)) return refused(shown(raw), "is a link or no ordinary file");
            if ((s.valid & ZIP_STAT_ENCRYPTION_METHOD) != 0 && s.encryption_method != ZIP_EM_NONE)
                return refused(shown(raw), "is encrypted");
            if (folder) {
                if (s.size != 0) return refused(shown(raw), "is a folder with something in it");
                folders.insert(name);
                continue;
            }
            all += s.size;
            packed += s.comp_size;
            if (all > static_cast<zip_uint64_t>(most.bytes) || packed > whole || (s.size > kSmall && s.size / kMostSwell > s.comp_size))
                return refused(shown(raw), "would swell far beyond what is stored of it");
            if (!entries.emplace(name, Entry{i, static_cast<std::int64_t>(s.size)}).second)
                return refused(shown(raw), "stands there twice");
        }
        // a file is no folder of another
        for (const auto& [name, entry] : entries)
            for (auto slash = name.find('/'); slash != std::string::npos; slash = name.find('/', slash + 1))
                if (entries.contains(name.substr(0, slash))) return refused(name.substr(0, slash), "is a file and a folder at once");
        for (const auto& folder : folders)
            if (entries.contains(folder)) return refused(folder, "is a file and a folder at once");
        return {};
    }

    Outcome each_piece(const std::string& name, const std::function<bool(std::string_view)>& piece) const {
        const auto it = entries.find(name);
        if (it == entries.end()) return fail(ErrorCode::NotFound, core::say(core::key("Library", "{0} is not in {1}."), name, path), path);
        zip_file_t* file = zip_fopen_index(za, it->second.index, 0);
        const auto damaged = [&] {
            return fail(ErrorCode::Damaged, core::say(core::key("Library", "{0} in {1} is damaged; copy it again."), name, path), path);
        };
        if (file == nullptr) return damaged();
        std::array<char, 1 << 16> buffer{};
        std::int64_t got = 0;
        zip_int64_t n = 0;
        bool on = true;
        while (on && (n = zip_fread(file, buffer.data(), buffer.size())) > 0) {
            got += n;
            on = got <= it->second.bytes && piece({buffer.data(), static_cast<std::size_t>(n)});
        }
        const bool closed = zip_fclose(file) == 0;
        if (n < 0 || got > it->second.bytes || (on && (!closed || got != it->second.bytes))) return damaged();
        return on ? Outcome{} : fail(ErrorCode::Cancelled, core::key("Library", "Stopped."));
    }
};

Archive::Archive(std::unique_ptr<Zip> zip) : zip_(std::move(zip)) {
    for (const auto& [name, entry] : zip_->entries) names_.push_back(name);
}
Archive::~Archive() = default;

Result<std::unique_ptr<Archive>> Archive::open(const std::string& path, const MostOfArchive& most) {
    const auto head = [&]() -> Result<std::string> {
        struct stat facts {};
        if (::stat(path.c_str(), &facts) != 0)
            return fail(ErrorCode::NotFound, core::say(core::key("Library", "There is no file {0}; check the path."), path), path);
        if (!S_ISREG(facts.st_mode))
            return fail(ErrorCode::BadInput, core::say(core::key("Library", "{0} is no ordinary file."), path), path);
        FILE* f = std::fopen(path.c_str(), "rb");
        if (f == nullptr) return tl::make_unexpected(file_trouble(path, errno, "read"));
        std::string two(2, '\0');
        two.resize(std::fread(two.data(), 1, two.size(), f));
        std::fclose(f);
        return two;
    }();
    if (!head) return tl::make_unexpected(head.error());
    int error = 0;
    auto zip = std::make_unique<Zip>();
    zip->path = path;
    zip->most = most;
    zip->za = zip_open(path.c_str(), ZIP_RDONLY | ZIP_CHECKCONS, &error);
    if (zip->za == nullptr)
        return *head == "PK"
            ? fail(ErrorCode::Damaged, core::say(core::key("Library", "{0} is damaged or cut short; copy it again."), path), path)
            : fail(ErrorCode::BadInput, core::say(core::key("Library", "{0} is no pack in one file."), path), path);
    if (auto good = zip->look(); !good) return tl::make_unexpected(good.error());
    return std::unique_ptr<Archive>(new Archive(std::move(zip)));
}

bool Archive::holds(const std::string& name) const { return zip_->entries.contains(name); }

std::int64_t Archive::bytes(const std::string& name) const {
    const auto it = zip_->entries.find(name);
    return it == zip_->entries.end() ? -1 : it->second.bytes;
}

Result<std::string> Archive::read(const std::string& name, std::int64_t most) const {
    if (bytes(name) > most)
        return fail(
            ErrorCode::BadInput, core::say(core::key("Library", "{0} in {1} is larger than it can be."), name, zip_->path), zip_->path);
    std::string out;
    auto done = zip_->each_piece(name, [&](std::string_view piece) { return out.append(piece), true; });
    if (!done) return tl::make_unexpected(done.error());
    return out;
}

Result<std::string> Archive::sha256(const std::string& name, const Progress& progress) const {
    Digest digest;
    std::int64_t done = 0;
    const auto all = static_cast<double>(std::max<std::int64_t>(1, bytes(name)));
    auto read = zip_->each_piece(name, [&](std::string_view piece) {
        digest.add(piece);
        done += static_cast<std::int64_t>(piece.size());
        return !progress || progress(static_cast<double>(done) / all);
    });
    if (!read) return tl::make_unexpected(read.error());
    return digest.text();
}

Outcome Archive::each_piece(const std::string& name, const std::function<bool(std::string_view)>& piece) const {
    return zip_->each_piece(name, piece);
}

Result<std::string> Archive::extract(const std::string& name, const std::string& to, const Progress& progress) const {
    Digest digest;
    std::int64_t done = 0;
    const auto all = static_cast<double>(std::max<std::int64_t>(1, bytes(name)));
    Outcome read;
    auto written = write_new_file(to, [&](const std::function<bool(std::string_view)>& put) {
        read = zip_->each_piece(name, [&](std::string_view piece) {
            digest.add(piece);
            done += static_cast<std::int64_t>(piece.size());
            return put(piece) && (!progress || progress(static_cast<double>(done) / all));
        });
        return read.has_value();
    });
    if (!read && written.has_value()) return tl::make_unexpected(read.error());
    if (!written) return tl::make_unexpected(written.error());
    return digest.text();
}

bool is_plain_name(const std::string& name) {
    if (name.empty() || name.size() > 1000 || !core::is_utf8(name) || name.find_first_of(std::string("\\:\0", 3)) != std::string::npos)
        return false;
    std::size_t from = 0;
    while (from <= name.size()) {
        const auto to = std::min(name.find('/', from), name.size());
        const auto part = name.substr(from, to - from);
        if (part.empty() || part == "." || part == "..") return false;
        if (std::any_of(part.begin(), part.end(), [](char c) { return static_cast<unsigned char>(c) < 0x20; })) return false;
        from = to + 1;
    }
    return true;
}

Outcome write_archive(const std::string& path, const std::vector<ArchiveEntry>& entries, const Progress& progress) {
    int error = 0;
    zip_t* za = zip_open(path.c_str(), ZIP_CREATE | ZIP_EXCL, &error);
    if (za == nullptr) return tl::make_unexpected(file_trouble(path, error == ZIP_ER_EXISTS ? EEXIST : errno != 0 ? errno : EIO));
    const auto give_up = [&](core::Error e) -> Outcome {
        zip_discard(za);
        return tl::make_unexpected(std::move(e));
    };
    for (const auto& e : entries) {
        if (!is_plain_name(e.name))
            return give_up({ErrorCode::BadInput, fmt::format("\u201C{}\u201D is no name for a file of an archive.", e.name), path});
        if (!e.file.empty() && !is_there(e.file)) return give_up(file_trouble(e.file, ENOENT, "read"));
        zip_source_t* source =
            e.file.empty() ? zip_source_buffer(za, e.bytes.data(), e.bytes.size(), 0) : zip_source_file(za, e.file.c_str(), 0, -1);
        const zip_int64_t index = source == nullptr ? -1 : zip_file_add(za, e.name.c_str(), source, ZIP_FL_ENC_UTF_8);
        if (index < 0) {
            if (source != nullptr) zip_source_free(source);
            return give_up({ErrorCode::NoMemory,
                core::key("Library", "The memory does not suffice for the archive; close other programs and try again."), path});
        }
        const auto at = static_cast<zip_uint64_t>(index);
        zip_set_file_compression(za, at, ZIP_CM_STORE, 0);
        zip_file_set_mtime(za, at, kFixedTime, 0);
        zip_file_set_external_attributes(za, at, 0, ZIP_OPSYS_UNIX, static_cast<zip_uint32_t>(S_IFREG | 0644) << 16U);
    }
    struct Told {
        const Progress* progress;
        bool stopped = false;
    } told{&progress};
    if (progress) {
        zip_register_progress_callback_with_state(
            za, 0.01,
            [](zip_t*, double share, void* state) {
                auto* t = static_cast<Told*>(state);
                t->stopped = !(*t->progress)(share);
            },
            nullptr, &told);
        zip_register_cancel_callback_with_state(
            za, [](zip_t*, void* state) { return static_cast<Told*>(state)->stopped ? 1 : 0; }, nullptr, &told);
    }
    if (zip_close(za) == 0) return {};
    const zip_error_t* e = zip_get_error(za);
    const int system = zip_error_system_type(e) == ZIP_ET_SYS ? zip_error_code_system(e) : EIO;
    const bool cancelled = zip_error_code_zip(e) == ZIP_ER_CANCELLED;
    return give_up(cancelled
            ? core::Error{ErrorCode::Cancelled, core::key("Library", "Writing the archive was stopped; nothing of it is kept."), path}
            : file_trouble(path, system));
}

std::vector<ArchiveEntry> entries_of(const std::string& folder) {
    std::vector<ArchiveEntry> out;
    std::error_code ec;
    for (auto it = std::filesystem::recursive_directory_iterator(folder, ec); it != std::filesystem::recursive_directory_iterator();
         it.increment(ec)) {
        if (ec) break;
        if (it->is_regular_file(ec) && !it->is_symlink(ec))
            out.push_back({it->path().lexically_relative(folder).generic_string(), it->path().string(), {}});
    }
    std::sort(out.begin(), out.end(), [](const ArchiveEntry& a, const ArchiveEntry& b) { return a.name < b.name; });
    return out;
}

}  // namespace anagraph::store
