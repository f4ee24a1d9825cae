#include "store/waiting.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sys/file.h>
#include <unistd.h>

#include <QStandardPaths>
#include <algorithm>
#include <cerrno>
#include <map>
#include <nlohmann/json.hpp>
#include <utility>

#include "core/base/caught.h"
#include "core/procedure/json.h"
#include "store/digest.h"
#include "store/files.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr int kMostWindows = 64;

std::string folder_of_waiting(const std::string& place) {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation).toStdString() + "/anagraph/waiting/" +
        sha256(place).substr(0, 16);
}

json to_json(const WaitingChange& w) {
    json out{{"guide", w.guide.text()}, {"base", w.base}, {"change", core::to_json(w.change)}, {"author", w.author}, {"at", w.at},
        {"transaction", w.transaction}};
    if (w.made_on) out["made_on"] = core::to_json(*w.made_on);
    if (w.conflict)
        out["conflict"] = {
            {"what", w.conflict->what}, {"mine", w.conflict->mine}, {"theirs", w.conflict->theirs}, {"base", w.conflict->base}};
    return out;
}

std::optional<WaitingChange> from_json(const json& j) {
    try {
        WaitingChange out{GuideId(j.at("guide").get<std::string>()), j.at("base").get<std::int64_t>(), {},
            j.at("author").get<std::string>(), j.at("at").get<std::string>(), j.at("transaction").get<std::string>()};
        auto change = core::change_from_json(j.at("change"));
        if (!change) return std::nullopt;
        out.change = std::move(*change);
        if (j.contains("made_on")) {
            auto made_on = core::procedure_from_json(j.at("made_on"));
            if (!made_on) return std::nullopt;
            out.made_on = std::move(*made_on);
        }
        if (j.contains("conflict")) {
            const auto& c = j.at("conflict");
            out.conflict = core::Conflict{c.at("what").get<std::string>(), c.at("mine"), c.at("theirs"), c.at("base")};
        }
        return out;
    } catch (const json::exception&) {
        return std::nullopt;
    }
}

std::string line_of(const WaitingChange& w) { return to_json(w).dump(-1, ' ', false, json::error_handler_t::replace) + "\n"; }

/// What a file of waiting changes holds. A last line that was cut off by a kill was never called kept.
Result<std::vector<WaitingChange>> read_waiting(const std::string& path) {
    const auto text = read_file(path);
    if (!text) return tl::make_unexpected(text.error());
    std::vector<WaitingChange> out;
    for (std::size_t from = 0; from < text->size();) {
        const auto end = text->find('\n', from);
        if (end == std::string::npos) break;
        auto one = from_json(json::parse(text->substr(from, end - from), nullptr, false));
        if (!one)
            return fail(ErrorCode::Damaged,
                core::say(core::key("Library",
                              "{0} holds changes that are not in the library yet, and is damaged; keep a copy of it and take it away."),
                    path),
                path);
        out.push_back(std::move(*one));
        from = end + 1;
    }
    return out;
}

}  // namespace

Waiting Waiting::nowhere(core::Error why) {
    Waiting out("", -1);
    out.nowhere_ = std::move(why);
    return out;
}

Waiting::~Waiting() {
    if (fd_ < 0) return;
    if (all_.empty()) ::unlink(path_.c_str());
    ::close(fd_);
}
Waiting::Waiting(Waiting&& other) noexcept
    : path_(std::move(other.path_)), fd_(std::exchange(other.fd_, -1)), nowhere_(std::move(other.nowhere_)), all_(std::move(other.all_)) {}
Waiting& Waiting::operator=(Waiting&& other) noexcept {
    std::swap(path_, other.path_);
    std::swap(fd_, other.fd_);
    std::swap(nowhere_, other.nowhere_);
    std::swap(all_, other.all_);
    return *this;
}

Result<Waiting> Waiting::open(const std::string& place) {
    return core::caught([&]() -> Result<Waiting> {
        const std::string folder = folder_of_waiting(place);
        if (auto made = make_folder(folder); !made) return tl::make_unexpected(made.error());
        std::optional<Waiting> own;
        for (int n = 0; n < kMostWindows; ++n) {
            const std::string path = fmt::format("{}/{}.jsonl", folder, n);
            if (own && !is_there(path)) continue;
            const int fd = ::open(path.c_str(), O_RDWR | O_CREAT | O_APPEND | O_CLOEXEC, 0600);
            if (fd < 0) return tl::make_unexpected(file_trouble(path, errno));
            Waiting one(path, fd);
            if (::flock(fd, LOCK_EX | LOCK_NB) != 0) {  // another window's
                one.fd_ = -1;
                ::close(fd);
                continue;
            }
            auto kept = read_waiting(path);
            if (!kept) return tl::make_unexpected(kept.error());
            if (!own) {
                one.all_ = std::move(*kept);
                own = std::move(one);
                continue;
            }
            for (auto& change : *kept)
                if (auto added = own->add(std::move(change)); !added) return tl::make_unexpected(added.error());
            // `one` holds nothing any more and takes its file away
        }
        if (!own) return fail(ErrorCode::Busy, core::key("Library", "Too many windows have this library open; close one."), place);
        return std::move(*own);
    });
}

std::vector<WaitingChange> Waiting::to_bring(const GuideId& guide) const {
    std::vector<WaitingChange> out;
    std::copy_if(all_.begin(), all_.end(), std::back_inserter(out), [&](const auto& w) { return w.guide == guide && !w.conflict; });
    return out;
}
int Waiting::to_bring() const {
    return static_cast<int>(std::count_if(all_.begin(), all_.end(), [](const auto& w) { return !w.conflict; }));
}
int Waiting::to_decide() const { return static_cast<int>(all_.size()) - to_bring(); }

Outcome Waiting::add(WaitingChange change) {
    if (nowhere_) return tl::make_unexpected(*nowhere_);
    const std::string line = line_of(change);
    const off_t before = ::lseek(fd_, 0, SEEK_END);
    for (std::size_t done = 0; done < line.size();) {
        const ssize_t n = ::write(fd_, line.data() + done, line.size() - done);
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) {
            const int error = errno;
            (void)!::ftruncate(fd_, before);
            return tl::make_unexpected(file_trouble(path_, error));
        }
        done += static_cast<std::size_t>(n);
    }
    if (::fsync(fd_) != 0) return tl::make_unexpected(file_trouble(path_, errno));
    all_.push_back(std::move(change));
    return {};
}

Outcome Waiting::put(std::vector<WaitingChange> all) {
    std::string text;
    for (const auto& w : all) text += line_of(w);
    // the new file takes the place of the old in one step, and is held before it does
    const std::string beside = path_ + ".new";
    if (auto written = write_file(beside, text, 0600); !written) return written;
    const int fd = ::open(beside.c_str(), O_RDWR | O_APPEND | O_CLOEXEC);
    if (fd < 0) return tl::make_unexpected(file_trouble(beside, errno));
    if (::flock(fd, LOCK_EX | LOCK_NB) != 0 || ::rename(beside.c_str(), path_.c_str()) != 0) {
        const int error = errno;
        ::close(fd);
        return tl::make_unexpected(file_trouble(path_, error));
    }
    ::close(std::exchange(fd_, fd));
    all_ = std::move(all);
    return sync_folder(parent_of(path_));
}

core::Procedure with_waiting(core::Procedure base, const std::vector<WaitingChange>& changes) {
    for (const auto& w : changes) base = core::replay(std::move(base), w.change);
    return base;
}

Outcome bring(Library& library, Waiting& waiting) {
    return core::caught([&]() -> Outcome {
        // each guide as its author had it, change by change
        std::map<GuideId, core::Procedure> had;
        for (std::size_t i = 0; i < waiting.all().size();) {
            const WaitingChange w = waiting.all()[i];
            if (w.conflict) {
                ++i;
                continue;
            }
            auto it = had.find(w.guide);
            if (it == had.end()) {
                auto state = library.guide_state_at(w.guide, w.base);
                if (!state) return tl::make_unexpected(state.error());
                it = had.emplace(w.guide, w.made_on ? *w.made_on : std::move(state->procedure)).first;
            }
            bool kept = false;
            if (!w.transaction.empty()) {
                const auto was = library.was_kept(w.transaction);
                if (!was && was.error().code == ErrorCode::Away && was.error().place != w.transaction)
                    return tl::make_unexpected(was.error());
                kept = was && *was;
            }
            std::optional<core::Conflict> conflict;
            if (!kept) {
                auto done = library.append_all({{w.guide, w.change, {}, 0, it->second}}, std::nullopt, w.author);
                if (!done) return tl::make_unexpected(done.error());
                if (auto* open = std::get_if<core::Conflict>(&*done)) conflict = std::move(*open);
            }
            const core::Procedure made_on = it->second;
            it->second = core::replay(std::move(it->second), w.change);
            // what comes after it was made on the guide with it
            auto rest = waiting.all();
            if (conflict) {
                rest[i].made_on = made_on;
                rest[i].conflict = std::move(conflict);
            } else {
                rest.erase(rest.begin() + static_cast<std::ptrdiff_t>(i));
            }
            const auto next = std::find_if(rest.begin() + static_cast<std::ptrdiff_t>(i), rest.end(),
                [&](const WaitingChange& r) { return r.guide == w.guide && !r.conflict; });
            if (next != rest.end()) next->made_on = it->second;
            if (auto put = waiting.put(std::move(rest)); !put) return put;
            if (i < waiting.all().size() && waiting.all()[i].conflict) ++i;
        }
        return {};
    });
}

Outcome settle(Library& library, Waiting& waiting, std::size_t index, bool mine) {
    return core::caught([&]() -> Outcome {
        const WaitingChange w = waiting.all().at(index);
        if (mine) {
            const auto now = library.guide_state(w.guide);
            if (!now) return tl::make_unexpected(now.error());
            auto change = core::insist(w.made_on.value_or(now->procedure), now->procedure, w.change);
            if (!change) return tl::make_unexpected(change.error());
            if (!change->edits.empty()) {
                const auto done =
                    library.append_all({{w.guide, *change, core::replay(now->procedure, *change), now->sequence}}, std::nullopt, w.author);
                if (!done) return tl::make_unexpected(done.error());
                if (const auto* again = std::get_if<core::Conflict>(&*done))
                    return fail(ErrorCode::Refused,
                        core::say(core::key("Library", "It was changed once more just now: {0}. Look at it again."), again->what));
            }
        }
        auto rest = waiting.all();
        rest.erase(rest.begin() + static_cast<std::ptrdiff_t>(index));
        return waiting.put(std::move(rest));
    });
}

}  // namespace anagraph::store
