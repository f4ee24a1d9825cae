#include "app/running/event_log.h"

#include <spdlog/sinks/rotating_file_sink.h>
#include <spdlog/spdlog.h>

#include <QStandardPaths>
#include <algorithm>
#include <memory>

#include "store/files.h"

namespace anagraph::app::event_log {

namespace {

constexpr std::size_t kBytes = 1'000'000;
constexpr std::size_t kOlder = 2;

std::shared_ptr<spdlog::logger> log_;
std::string file_;

}  // namespace

std::string state_folder() {
    const QByteArray named = qgetenv("XDG_STATE_HOME");
    const QString home = QStandardPaths::writableLocation(QStandardPaths::HomeLocation) + QStringLiteral("/.local/state");
    return (named.startsWith('/') ? QString::fromLocal8Bit(named) : home).toStdString() + "/anagraph";
}

void begin(const std::string& folder) {
    if (!store::make_folder(folder)) return;
    file_ = folder + "/anagraph.log";
    try {
        log_ = std::make_shared<spdlog::logger>("anagraph", std::make_shared<spdlog::sinks::rotating_file_sink_mt>(file_, kBytes, kOlder));
        log_->set_pattern("%Y-%m-%dT%H:%M:%S.%e %P %v", spdlog::pattern_time_type::utc);
        log_->set_error_handler([](const std::string&) {});
        log_->flush_on(spdlog::level::info);
    } catch (const spdlog::spdlog_ex&) {
        log_.reset();  // the program works without
    }
}

void end() { log_.reset(); }

void tell(Words what) {
    if (log_) log_->info("{}", what.text());
}

void tell(Words what, std::int64_t number, Words unit) {
    if (log_) log_->info("{}, {} {}", what.text(), number, unit.text());
}

void tell(Words what, const core::Outcome& done) {
    if (!log_) return;
    if (done)
        log_->info("{}: done", what.text());
    else
        log_->info("{}: error {}", what.text(), static_cast<int>(done.error().code));
}

void command(const QString& id) {
    const bool ours = std::all_of(id.begin(), id.end(), [](QChar c) { return (c >= u'a' && c <= u'z') || c == u'.' || c == u'-'; });
    if (log_ && ours) log_->info("command {}", id.toStdString());
}

std::string last_lines(int most) {
    const auto text = store::read_file(file_, 4 * static_cast<std::int64_t>(kBytes));
    if (!text) return "";
    std::size_t from = text->size();
    for (int lines = 0; from > 0; --from)
        if ((*text)[from - 1] == '\n' && from != text->size() && ++lines == most) break;
    return text->substr(from);
}

}  // namespace anagraph::app::event_log
