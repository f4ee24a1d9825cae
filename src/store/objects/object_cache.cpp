#include "store/objects/object_cache.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <filesystem>
#include <nlohmann/json.hpp>

#include "store/digest.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

namespace fs = std::filesystem;

constexpr std::int64_t kUsualLimit = 20'000'000'000;
constexpr std::int64_t kFetchedAtOnce = 4;  // pieces
constexpr const char* kBucketFile = "/bucket.json";
constexpr const char* kLimitFile = "/limit.json";
constexpr const char* kUploads = "/uploads";
constexpr const char* kParts = "/parts";
constexpr const char* kHeld = "/held";
constexpr const char* kWhole = "/whole";
constexpr const char* kItemFolders[] = {"media", "editions", "documents"};

class Descriptor {
public:
    explicit Descriptor(int fd) : fd_(fd) {}
    ~Descriptor() {
        if (fd_ >= 0) ::close(fd_);
    }
    Descriptor(Descriptor&& other) noexcept : fd_(std::exchange(other.fd_, -1)) {}
    Descriptor& operator=(Descriptor&&) = delete;
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;
    int get() const { return fd_; }

private:
    int fd_;
};

/// "media/ID" of "media/ID/proxy.mkv".
std::string item_of(const std::string& name) {
    const auto first = name.find('/');
    return first == std::string::npos ? name : name.substr(0, name.find('/', first + 1));
}

void used_now(const std::string& path) { (void)::utimensat(AT_FDCWD, path.c_str(), nullptr, 0); }

/// The file whose lock says that an item is open.
Descriptor lock_of(const std::string& folder, const std::string& item, int how) {
    if (!make_folder(folder + kHeld)) return Descriptor(-1);
    const std::string file = folder + kHeld + "/" + sha256(item);
    Descriptor fd(::open(file.c_str(), O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0644));
    if (fd.get() >= 0 && ::flock(fd.get(), how) == 0) return fd;
    return Descriptor(-1);
}

core::Error damaged(const std::string& name) {
    return {ErrorCode::Damaged,
        core::say(
            core::key("Library", "{0} did not come from the object store as it was sent there; library check says what depends on it."),
            name),
        name};
}

/// An object of which some pieces are here: a file of its length, and one that has a byte for each piece, 1 where it is here.
class PieceFile : public core::ByteSource {
public:
    static Result<std::unique_ptr<PieceFile>> open(const std::string& folder, const std::string& name, Objects& objects) {
        if (auto made = make_folder(folder + kParts); !made) return tl::make_unexpected(made.error());
        const std::string path = folder + kParts + "/" + sha256(name);
        Descriptor lock = lock_of(folder, "parts/" + sha256(name), LOCK_SH);
        std::optional<ObjectFacts> facts;
        if (const auto kept = read_file(path + ".facts"))
            if (auto read = object_facts_from_json(*kept)) facts = std::move(*read);
        if (!facts) {
            auto asked = objects.facts(name);
            if (!asked) return tl::make_unexpected(asked.error());
            if (auto written = write_file(path + ".facts", to_json(*asked)); !written) return tl::make_unexpected(written.error());
            facts = std::move(*asked);
        }
        Descriptor data(::open(path.c_str(), O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0644));
        Descriptor map(::open((path + ".map").c_str(), O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0644));
        if (data.get() < 0 || map.get() < 0) return tl::make_unexpected(file_trouble(path, errno));
        return std::unique_ptr<PieceFile>(
            new PieceFile(path, name, std::move(*facts), std::move(lock), std::move(data), std::move(map), objects));
    }

    std::int64_t size() const override { return facts_.bytes; }

    Result<std::size_t> read(std::int64_t from, std::span<char> to) override {
        if (from < 0 || from >= facts_.bytes || to.empty()) return std::size_t{0};
        const std::int64_t end = std::min(facts_.bytes, from + static_cast<std::int64_t>(to.size()));
        if (auto here = need(from / kPieceBytes, (end - 1) / kPieceBytes); !here) return tl::make_unexpected(here.error());
        const ssize_t n = ::pread(data_.get(), to.data(), static_cast<std::size_t>(end - from), from);
        if (n < 0) return tl::make_unexpected(file_trouble(path_, errno, "read"));
        return static_cast<std::size_t>(n);
    }

    /// All of it, in its place under `to`.
    Outcome complete(const std::string& to, const Progress& progress) {
        const auto count = static_cast<std::int64_t>(facts_.pieces.size());
        for (std::int64_t at = 0; at < count; at += kFetchedAtOnce) {
            if (auto here = need(at, std::min(count, at + kFetchedAtOnce) - 1); !here) return here;
            if (progress && !progress(static_cast<double>(std::min(count, at + kFetchedAtOnce)) / static_cast<double>(count)))
                return fail(ErrorCode::Cancelled, core::key("Library", "Fetching was stopped; what has come is kept."), name_);
        }
        if (auto made = make_folder(parent_of(to)); !made) return made;
        if (::fsync(data_.get()) != 0) return tl::make_unexpected(file_trouble(path_, errno));
        // another may have put the same there meanwhile
        if (::rename(path_.c_str(), to.c_str()) != 0 && !is_there(to)) return tl::make_unexpected(file_trouble(to, errno));
        for (const char* part : {".map", ".facts"}) (void)::unlink((path_ + part).c_str());
        return sync_folder(parent_of(to));
    }

private:
    PieceFile(std::string path, std::string name, ObjectFacts facts, Descriptor lock, Descriptor data, Descriptor map, Objects& objects)
        : path_(std::move(path)),
          name_(std::move(name)),
          facts_(std::move(facts)),
          lock_(std::move(lock)),
          data_(std::move(data)),
          map_(std::move(map)),
          objects_(&objects),
          good_(facts_.pieces.size(), false) {}

    std::int64_t length_of(std::int64_t piece) const { return std::min(kPieceBytes, facts_.bytes - piece * kPieceBytes); }
    bool is(std::int64_t piece, std::string_view bytes) const { return sha256(bytes) == facts_.pieces[static_cast<std::size_t>(piece)]; }

    /// Is a piece here, as it was sent? Looked at once by each that reads.
    bool is_here(std::int64_t piece) {
        if (good_[static_cast<std::size_t>(piece)]) return true;
        char mark = 0;
        if (::pread(map_.get(), &mark, 1, piece) != 1 || mark != 1) return false;
        std::string bytes(static_cast<std::size_t>(length_of(piece)), '\0');
        if (::pread(data_.get(), bytes.data(), bytes.size(), piece * kPieceBytes) != static_cast<ssize_t>(bytes.size())) return false;
        return good_[static_cast<std::size_t>(piece)] = is(piece, bytes);
    }

    Outcome need(std::int64_t first, std::int64_t last) {
        for (std::int64_t piece = first; piece <= last; ++piece) {
            if (is_here(piece)) continue;
            std::int64_t end = piece + 1;
            while (end <= last && end - piece < kFetchedAtOnce && !is_here(end)) ++end;
            const std::int64_t from = piece * kPieceBytes;
            const auto got = objects_->read(name_, from, std::min(end * kPieceBytes, facts_.bytes) - from);
            if (!got) return tl::make_unexpected(got.error());
            for (std::int64_t at = piece; at < end; ++at)
                if (auto kept = keep(at,
                        std::string_view(*got).substr(std::min(got->size(), static_cast<std::size_t>((at - piece) * kPieceBytes)),
                            static_cast<std::size_t>(length_of(at))));
                    !kept)
                    return kept;
            piece = end - 1;
        }
        return {};
    }

    Outcome keep(std::int64_t piece, std::string_view bytes) {
        if (!is(piece, bytes)) return tl::make_unexpected(damaged(name_));
        std::int64_t at = piece * kPieceBytes;
        while (!bytes.empty()) {
            const ssize_t n = ::pwrite(data_.get(), bytes.data(), bytes.size(), at);
            if (n < 0 && errno != EINTR) return tl::make_unexpected(file_trouble(path_, errno));
            if (n <= 0) continue;
            at += n;
            bytes.remove_prefix(static_cast<std::size_t>(n));
        }
        const char mark = 1;
        if (::pwrite(map_.get(), &mark, 1, piece) != 1) return tl::make_unexpected(file_trouble(path_, errno));
        good_[static_cast<std::size_t>(piece)] = true;
        return {};
    }

    std::string path_;
    std::string name_;
    ObjectFacts facts_;
    Descriptor lock_;  // it is open
    Descriptor data_;
    Descriptor map_;
    Objects* objects_;
    std::vector<bool> good_;  // pieces that are here, looked at
};

/// A PieceFile with a connection of its own, which keeps its item here while it is open.
class FetchedWhereRead : public core::ByteSource {
public:
    FetchedWhereRead(std::unique_ptr<ObjectCache> cache, std::shared_ptr<void> held, std::unique_ptr<PieceFile> file)
        : cache_(std::move(cache)), held_(std::move(held)), file_(std::move(file)) {}
    std::int64_t size() const override { return file_->size(); }
    Result<std::size_t> read(std::int64_t from, std::span<char> to) override { return file_->read(from, to); }

private:
    std::unique_ptr<ObjectCache> cache_;
    std::shared_ptr<void> held_;
    std::unique_ptr<PieceFile> file_;
};

json bucket_json(const Bucket& b) {
    return {{"endpoint", b.endpoint}, {"name", b.name}, {"plain", b.plain}, {"prefix", b.prefix}, {"region", b.region},
        {"root_certificate", b.root_certificate}};
}

std::optional<LibraryPlace> cache_at(const std::string& folder) {
    const auto text = read_file(folder + kBucketFile, 1 << 16);
    const json j = text ? json::parse(*text, nullptr, false) : json();
    if (!j.is_object()) return std::nullopt;
    LibraryPlace out;
    out.folder = folder;
    out.bucket = Bucket{j.value("endpoint", ""), j.value("name", ""), j.value("prefix", ""), j.value("plain", false), j.value("region", ""),
        j.value("root_certificate", "")};
    return out;
}

}  // namespace

Result<std::unique_ptr<ObjectCache>> ObjectCache::open(const LibraryPlace& place) {
    if (auto made = make_folder(place.folder); !made) return tl::make_unexpected(made.error());
    const std::string file = place.folder + kBucketFile;
    const std::string says = bucket_json(*place.bucket).dump(1) + "\n";
    if (const auto there = read_file(file, 1 << 16); !there || *there != says)
        if (auto written = write_file(file, says); !written) return tl::make_unexpected(written.error());
    auto objects = bucket_objects(*place.bucket, place.folder + kUploads);
    if (!objects) return tl::make_unexpected(objects.error());
    return std::unique_ptr<ObjectCache>(new ObjectCache(place.folder, std::move(*objects)));
}

Result<std::string> ObjectCache::fetch(const std::string& name, const Progress& progress) {
    auto path = bring(name, progress);
    if (path) trim();
    return path;
}

Result<std::string> ObjectCache::bring(const std::string& name, const Progress& progress) {
    const std::string path = folder_ + "/" + name;
    const auto held = hold(item_of(name));
    used_now(folder_ + "/" + item_of(name));
    if (is_there(path)) return path;
    auto file = PieceFile::open(folder_, name, *objects_);
    if (!file) return tl::make_unexpected(file.error());
    if (auto done = (*file)->complete(path, progress); !done) return tl::make_unexpected(done.error());
    return path;
}

Outcome ObjectCache::fetch_below(const std::string& prefix, const Progress& progress) {
    const auto held = hold(item_of(prefix));
    const std::string whole = folder_ + kWhole + "/" + sha256(prefix);
    if (is_there(whole)) {  // what came once is not asked for again, for it never changes
        used_now(folder_ + "/" + item_of(prefix));
        return {};
    }
    const auto names = objects_->list(prefix + "/");
    if (!names) return tl::make_unexpected(names.error());
    if (names->empty())
        return fail(ErrorCode::NotFound, core::say(core::key("Library", "{0} is not in the object store."), prefix), prefix);
    for (std::size_t i = 0; i < names->size(); ++i) {
        auto got = bring((*names)[i],
            [&](double share) { return !progress || progress((static_cast<double>(i) + share) / static_cast<double>(names->size())); });
        if (!got) return tl::make_unexpected(got.error());
    }
    trim();
    if (auto made = make_folder(folder_ + kWhole); !made) return made;
    return write_file(whole, prefix + "\n");
}

Outcome ObjectCache::send(const std::string& name, const Progress& progress, const std::string& from) {
    const std::string path = from.empty() ? folder_ + "/" + name : from;
    const auto held = hold(item_of(name));
    std::error_code ec;
    if (!fs::is_directory(path, ec)) return objects_->put(name, path, progress);
    const auto all = static_cast<double>(std::max<std::int64_t>(1, bytes_below(path)));
    double done = 0;
    for (auto it = fs::recursive_directory_iterator(path, ec); it != fs::recursive_directory_iterator(); it.increment(ec)) {
        if (ec) return tl::make_unexpected(file_trouble(path, ec.value(), "read"));
        if (!it->is_regular_file(ec) || it->is_symlink(ec)) continue;
        const auto size = static_cast<double>(it->file_size(ec));
        const std::string its = name + "/" + it->path().lexically_relative(path).generic_string();
        auto sent =
            objects_->put(its, it->path().string(), [&](double share) { return !progress || progress((done + share * size) / all); });
        if (!sent) return sent;
        done += size;
    }
    trim();
    return {};
}

Outcome ObjectCache::remove_below(const std::string& prefix) {
    const auto names = objects_->list(prefix);
    if (!names) return tl::make_unexpected(names.error());
    for (const auto& name : *names)
        if (auto gone = objects_->remove(name); !gone) return gone;
    std::error_code ec;
    fs::remove(folder_ + kWhole + "/" + sha256(prefix), ec);
    if (!is_link(folder_ + "/" + prefix)) fs::remove_all(folder_ + "/" + prefix, ec);
    return {};
}

std::shared_ptr<void> ObjectCache::hold(const std::string& item) const {
    return std::make_shared<Descriptor>(lock_of(folder_, item, LOCK_SH));
}

std::int64_t ObjectCache::limit() const {
    const auto text = read_file(folder_ + kLimitFile, 4096);
    const json j = text ? json::parse(*text, nullptr, false) : json();
    return j.is_object() && j.contains("bytes") && j["bytes"].is_number_integer() ? j["bytes"].get<std::int64_t>() : kUsualLimit;
}

Outcome ObjectCache::set_limit(std::int64_t bytes) {
    if (bytes < 0)
        return fail(ErrorCode::BadInput, core::key("Library", "What this computer keeps of a library cannot be less than nothing."));
    auto written = write_file(folder_ + kLimitFile, json{{"bytes", bytes}}.dump() + "\n");
    if (written) trim();
    return written;
}

namespace {

struct Item {
    std::string name;
    std::string path;
    std::int64_t bytes = 0;
    timespec used{};
};

std::vector<Item> items_in(const std::string& folder) {
    std::vector<Item> out;
    const auto add = [&](const std::string& name, const std::string& path) {
        struct stat facts {};
        if (::lstat(path.c_str(), &facts) != 0) return;
        // of what came in part, the room it takes
        const std::int64_t bytes = S_ISDIR(facts.st_mode) ? bytes_below(path) : static_cast<std::int64_t>(facts.st_blocks) * 512;
        out.push_back({name, path, bytes, facts.st_mtim});
    };
    for (const char* part : kItemFolders)
        for (const auto& name : names_in(folder + "/" + part)) add(std::string(part) + "/" + name, folder + "/" + part + "/" + name);
    for (const auto& name : names_in(folder + kParts))
        if (name.find('.') == std::string::npos) add("parts/" + name, folder + kParts + "/" + name);
    return out;
}

}  // namespace

std::int64_t ObjectCache::held() const {
    std::int64_t out = 0;
    for (const auto& item : items_in(folder_)) out += item.bytes;
    return out;
}

void ObjectCache::trim() const {
    auto items = items_in(folder_);
    std::int64_t all = 0;
    for (const auto& item : items) all += item.bytes;
    const std::int64_t most = limit();
    if (all <= most) return;
    std::sort(items.begin(), items.end(),
        [](const Item& a, const Item& b) { return std::tie(a.used.tv_sec, a.used.tv_nsec) < std::tie(b.used.tv_sec, b.used.tv_nsec); });
    for (const auto& item : items) {
        if (all <= most) return;
        if (is_link(item.path)) continue;
        // a file that is read piece by piece may go: who has it open reads on
        const bool part = item.name.starts_with("parts/");
        const Descriptor lock = lock_of(folder_, item.name, LOCK_EX | LOCK_NB);
        if (lock.get() < 0) continue;
        std::error_code ec;
        if (part)
            for (const char* beside : {".map", ".facts"}) fs::remove(item.path + beside, ec);
        fs::remove(folder_ + kWhole + "/" + sha256(item.name), ec);
        fs::remove_all(item.path, ec);
        all -= item.bytes;
    }
}

namespace {

/// The cache a path lies in, and its name there; nothing: in none.
struct InCache {
    std::string folder;
    LibraryPlace place;
    std::string name;
};

std::optional<InCache> in_cache(const std::string& path) {
    const fs::path whole = fs::path(path).lexically_normal();
    for (fs::path folder = whole.parent_path(); folder.has_relative_path(); folder = folder.parent_path())
        if (is_there(folder.string() + kBucketFile)) {
            auto place = cache_at(folder.string());
            if (!place) return std::nullopt;
            return InCache{folder.string(), std::move(*place), whole.lexically_relative(folder).generic_string()};
        }
    return std::nullopt;
}

}  // namespace

Outcome make_here(const std::string& path, const Progress& progress) {
    const auto at = in_cache(path);
    if (!at) return {};
    if (is_there(path)) {
        used_now(at->folder + "/" + item_of(at->name));
        return {};
    }
    const auto cache = ObjectCache::open(at->place);
    if (!cache) return tl::make_unexpected(cache.error());
    const auto got = (*cache)->fetch(at->name, progress);
    return got ? Outcome{} : tl::make_unexpected(got.error());
}

Outcome make_all_here(const std::string& folder, const Progress& progress) {
    const auto at = in_cache(folder);
    if (!at) return {};
    const auto cache = ObjectCache::open(at->place);
    if (!cache) return tl::make_unexpected(cache.error());
    return (*cache)->fetch_below(at->name, progress);
}

std::shared_ptr<void> hold_here(const std::string& path) {
    const auto at = in_cache(path);
    return at ? std::make_shared<Descriptor>(lock_of(at->folder, item_of(at->name), LOCK_SH)) : nullptr;
}

Result<std::unique_ptr<core::ByteSource>> bytes_elsewhere(const std::string& path) {
    if (is_there(path)) return Result<std::unique_ptr<core::ByteSource>>(nullptr);
    const auto at = in_cache(path);
    if (!at) return Result<std::unique_ptr<core::ByteSource>>(nullptr);
    auto cache = ObjectCache::open(at->place);
    if (!cache) return tl::make_unexpected(cache.error());
    auto held = (*cache)->hold(item_of(at->name));
    auto file = PieceFile::open(at->folder, at->name, (*cache)->objects());
    if (!file) return tl::make_unexpected(file.error());
    return std::unique_ptr<core::ByteSource>(std::make_unique<FetchedWhereRead>(std::move(*cache), std::move(held), std::move(*file)));
}

}  // namespace anagraph::store
