#include "shop/desk/desk.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <fmt/ranges.h>
#include <ifaddrs.h>
#include <net/if.h>
#include <netinet/in.h>
#include <sodium.h>
#include <sys/socket.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <atomic>
#include <charconv>
#include <map>
#include <mutex>
#include <nlohmann/json.hpp>
#include <set>
#include <sstream>
#include <thread>

#include "core/base/versions.h"
#include "core/learner/check_answers.h"
#include "publish/resource.h"
#include "shop/desk/deadline_stream.h"
#include "shop/desk/desk_pages.h"
#include "shop/desk/desk_shelf.h"
#include "shop/inbox.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/objects/object_cache.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;
using core::Result;
using nlohmann::json;
using namespace std::chrono_literals;

namespace {

constexpr std::size_t kThreads = 256;       // clients at once; the next ones wait
constexpr std::size_t kMostBody = 1 << 20;  // bytes of what is sent to the desk
constexpr std::size_t kMostAddress = 2048;  // bytes of what is asked for
constexpr std::size_t kMostReaders = 50;    // that are remembered
constexpr int kMostTries = 20;              // wrong pairing codes until the code is changed
constexpr std::size_t kMostKept = 1000;     // runs that wait to be taken in
constexpr auto kForRequest = 10s;           // a request has to have come by then
constexpr auto kStall = 15s;                // an answer that nobody takes for so long is given up
constexpr auto kKept = 5s;                  // a connection waits so long for its next request
constexpr int kMostOnOne = 100;             // requests on one connection

constexpr const char* kPolicy =
    "default-src 'none'; img-src 'self' data:; media-src 'self' data:; style-src 'self' 'unsafe-inline'; font-src 'self'; script-src "
    "'self'; connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

/// The plain server with a limit on the time of each request.
class PlainServer : public httplib::Server {
private:
    bool process_and_close_socket(socket_t sock) override {
        DeadlineStream stream(sock);
        bool good = true;
        for (int n = 0; good && n < kMostOnOne && is_running(); ++n) {
            if (!stream.waits_for_request(n == 0 ? std::chrono::milliseconds(kForRequest) : std::chrono::milliseconds(kKept))) break;
            stream.begin(kForRequest, kStall);
            bool closed = false;
            good = process_request(stream, n + 1 == kMostOnOne, closed, nullptr) && !closed;
        }
        ::shutdown(sock, SHUT_RDWR);
        ::close(sock);
        return good;
    }
};

/// The first address of this machine that others can reach; its own name for itself where there is none.
std::string own_address() {
    ifaddrs* all = nullptr;
    std::string out = "127.0.0.1";
    if (::getifaddrs(&all) != 0) return out;
    for (const auto* i = all; i != nullptr; i = i->ifa_next) {
        if (i->ifa_addr == nullptr || i->ifa_addr->sa_family != AF_INET || (i->ifa_flags & IFF_LOOPBACK) != 0 ||
            (i->ifa_flags & IFF_UP) == 0)
            continue;
        char host[NI_MAXHOST] = "";
        if (::getnameinfo(i->ifa_addr, sizeof(sockaddr_in), host, sizeof host, nullptr, 0, NI_NUMERICHOST) == 0) {
            out = host;
            break;
        }
    }
    ::freeifaddrs(all);
    return out;
}

std::string random_text(std::size_t size, std::string_view of) {
    [[maybe_unused]] static const bool ready = sodium_init() >= 0;
    std::string out;
    for (std::size_t i = 0; i < size; ++i) out += of[randombytes_uniform(static_cast<std::uint32_t>(of.size()))];
    return out;
}

std::string fresh_code() { return random_text(8, "23456789abcdefghjkmnpqrstuvwxyz"); }

bool same_secret(const std::string& a, const std::string& b) {
    return a.size() == b.size() && sodium_memcmp(a.data(), b.data(), a.size()) == 0;
}

/// A run as it has to be to be kept; the sentence that says what is wrong, or nothing.
std::optional<std::string> wrong_with(const json& run, const DeskShelf& shelf) {
    const auto text = [&](const char* name) {
        return run.contains(name) && run.at(name).is_string() ? run.at(name).get<std::string>() : "";
    };
    if (!run.is_object() || run.value("format", json()) != core::kRunFormat)
        return fmt::format("This is no run of format {}.", core::kRunFormat);
    const std::string id = text("id");
    if (!core::is_uuid(id)) return "A run carries an id of its own, a UUID.";
    if (!run.contains("edition") || !run.at("edition").is_number_integer()) return "A run says by which edition it was done.";
    const int edition = run.at("edition").get<int>();
    const std::string mark = text("mark").substr(text("mark").rfind(' ') + 1);
    const auto& all = shelf.editions();
    if (std::none_of(all.begin(), all.end(), [&](const DeskEdition& e) {
            return (e.guide == text("guide") || e.number == text("guide")) && e.edition == edition && e.mark == mark;
        }))
        return "This library issued no such edition under that mark.";
    return std::nullopt;
}

}  // namespace

struct Desk::Serving {
    DeskOptions options;
    std::string folder;  // where files of the library lie
    std::unique_ptr<httplib::Server> server;
    std::thread thread;
    int port = 0;

    std::mutex mutex;  // of all below
    std::shared_ptr<const DeskShelf> shelf;
    std::string list;   // the start page, made once a shelf
    std::string stamp;  // of the library, when the shelf was read
    std::chrono::steady_clock::time_point looked{};
    std::vector<DeskReader> readers;
    std::string code = fresh_code();
    int tries = 0;
    std::set<std::string> tokens;                                   // of paired tablets, hashed
    std::map<std::string, std::pair<std::string, bool>> looked_at;  // files of packs: as they were, and whether that is what was issued

    /// The shelf as the library is now; the one before where it cannot be read just now.
    std::pair<std::shared_ptr<const DeskShelf>, std::string> now() {
        const std::scoped_lock lock(mutex);
        const auto time = std::chrono::steady_clock::now();
        if (shelf != nullptr && time - looked < (folder == options.library ? 200ms : 1000ms)) return {shelf, list};
        looked = time;
        const auto stamped = store::Library::stamp(options.library);
        if (shelf != nullptr && stamped == stamp) return {shelf, list};
        if (auto read = read_shelf(); read) {
            shelf = std::move(*read);
            list = desk_list(*shelf);
            stamp = stamped;
        }
        return {shelf, list};
    }
    Result<std::shared_ptr<const DeskShelf>> read_shelf() const {
        const auto library = store::Library::read(options.library);
        if (!library) return tl::make_unexpected(library.error());
        return DeskShelf::read(**library);
    }

    /// Is the file what was issued? Looked at once, and again when it changes.
    bool as_issued(const DeskFile& file, const struct stat& facts) {
        if (file.sha256.empty()) return true;
        const std::string stamped = fmt::format("{} {}.{} {}", facts.st_size, facts.st_mtim.tv_sec, facts.st_mtim.tv_nsec, facts.st_ino);
        {
            const std::scoped_lock lock(mutex);
            if (const auto it = looked_at.find(file.path); it != looked_at.end() && it->second.first == stamped) return it->second.second;
        }
        const bool same = store::sha256_of_file(file.path).value_or("") == file.sha256;
        const std::scoped_lock lock(mutex);
        looked_at[file.path] = {stamped, same};
        return same;
    }

    void remember(const httplib::Request& request, const std::string& what) {
        const std::scoped_lock lock(mutex);
        std::erase_if(readers, [&](const DeskReader& r) { return r.address == request.remote_addr; });
        readers.insert(readers.begin(), {request.remote_addr, what, store::utc_now()});
        if (readers.size() > kMostReaders) readers.resize(kMostReaders);
    }

    static void html(httplib::Response& answer, const std::string& page, int status = 200) {
        answer.status = status;
        answer.set_header("Cache-Control", "no-store");
        answer.set_content(page, "text/html; charset=utf-8");
    }
    static void refuse(httplib::Response& answer, int status, const std::string& why) {
        answer.status = status;
        answer.set_content(json{{"ok", false}, {"reason", why}}.dump() + "\n", "application/json");
    }

    void answer_file(const httplib::Request& request, httplib::Response& answer) {
        const auto [all, page] = now();
        const auto file = all->file(request.matches[1], request.matches[2]);
        if (file) (void)store::make_here(file->path);  // what is not there then is said below
        const int fd = file ? ::open(file->path.c_str(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW) : -1;
        struct stat facts {};
        if (fd < 0 || ::fstat(fd, &facts) != 0 || !S_ISREG(facts.st_mode)) {
            if (fd >= 0) ::close(fd);
            return html(answer, desk_says("Not here", "The desk shows issued editions only."), 404);
        }
        if (!as_issued(*file, facts)) {
            ::close(fd);
            return html(answer,
                desk_says("Damaged", "This pack is not what was issued any more, so it is not shown. Tell whoever keeps the library."),
                500);
        }
        if (request.matches[2] == "guide.html")
            for (const auto& e : all->editions())
                if (e.manifest == request.matches[1]) remember(request, fmt::format("{} {}, edition {}", e.machine, e.title, e.edition));
        // what is named by its content never changes
        answer.set_header("Cache-Control", "public, max-age=31536000, immutable");
        const auto held = std::shared_ptr<const int>(new int(fd), [](const int* f) {
            ::close(*f);
            delete f;
        });
        answer.set_content_provider(
            static_cast<std::size_t>(facts.st_size), file->type, [held](std::size_t at, std::size_t length, httplib::DataSink& sink) {
                char buffer[1 << 16];
                const auto n = ::pread(*held, buffer, std::min(length, sizeof buffer), static_cast<off_t>(at));
                return n > 0 && sink.write(buffer, static_cast<std::size_t>(n));
            });
    }

    void answer_is(const httplib::Request& request, httplib::Response& answer) {
        const auto number_of = [](const std::string& text) {
            int out = 0;
            const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), out);
            return error == std::errc() && end == text.data() + text.size() ? out : 0;
        };
        const int p = request.has_param("p") ? number_of(request.get_param_value("p")) : 0;
        html(answer, desk_is(*now().first, request.matches[1], number_of(request.matches[2]), request.matches[3], p));
    }

    void pair_tablet(const httplib::Request& request, httplib::Response& answer) {
        const json asked = json::parse(request.body, nullptr, false);
        const auto given =
            asked.is_object() && asked.contains("code") && asked.at("code").is_string() ? asked.at("code").get<std::string>() : "";
        const std::scoped_lock lock(mutex);
        if (!same_secret(given, code)) {
            if (++tries >= kMostTries) code = fresh_code(), tries = 0;
            return refuse(answer, 403, "That is not the code that stands on the desk now.");
        }
        code = fresh_code();
        tries = 0;
        const std::string token = random_text(40, "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789");
        tokens.insert(store::sha256(token));
        write_tablets();
        answer.set_content(json{{"token", token}}.dump() + "\n", "application/json");
    }

    /// Whether a tablet that was paired asks; a stranger is told what to do.
    bool is_paired(const httplib::Request& request, httplib::Response& answer) {
        const std::string said = request.get_header_value("Authorization");
        const std::scoped_lock lock(mutex);
        if (said.starts_with("Bearer ") && tokens.contains(store::sha256(said.substr(7)))) return true;
        refuse(answer, 401, "Pair the tablet with the desk first.");
        return false;
    }

    void take_run(const httplib::Request& request, httplib::Response& answer) {
        if (!is_paired(request, answer)) return;
        const json run = json::parse(request.body, nullptr, false);
        if (const auto wrong = wrong_with(run, *now().first)) return refuse(answer, 422, *wrong);
        const std::string id = run.at("id").get<std::string>();
        keep(answer, id, id + ".run.json", request.body);
    }

    void take_check(const httplib::Request& request, httplib::Response& answer) {
        if (!is_paired(request, answer)) return;
        const auto answers = core::answers_from_json(request.body);
        if (!answers) return refuse(answer, 422, answers.error().message);
        const auto shelf_now = now().first;
        const auto& all = shelf_now->editions();
        if (std::none_of(all.begin(), all.end(),
                [&](const DeskEdition& e) { return fmt::format("{} / {} / {}", e.number, e.edition, e.mark) == answers->mark; }))
            return refuse(answer, 422, "This library issued no such edition under that mark.");
        keep(answer, answers->id, answers->id + std::string(core::kAnswersEnding), request.body);
    }

    /// A photograph of a run that comes after it.
    void take_evidence(const httplib::Request& request, httplib::Response& answer) {
        if (!is_paired(request, answer)) return;
        if (request.body.empty()) return refuse(answer, 422, "There is nothing in this photograph.");
        const std::string sha256 = store::sha256(request.body);
        keep(answer, sha256, sha256 + kEvidenceEnding, request.body);
    }

    /// What came back waits in the inbox until the library takes it in.
    void keep(httplib::Response& answer, const std::string& id, const std::string& name, const std::string& body) {
        const std::string inbox = folder + kInbox;
        const std::scoped_lock lock(mutex);
        if (auto made = store::make_folder(inbox); !made) return refuse(answer, 507, made.error().message);
        if (store::is_there(inbox + "/" + name)) {
            answer.set_content(json{{"ok", true}, {"kept", id}, {"again", true}}.dump() + "\n", "application/json");
            return;
        }
        if (store::names_in(inbox).size() >= kMostKept) return refuse(answer, 507, "Too much waits to be taken in; open the library.");
        if (auto written = store::write_file(inbox + "/" + name, body); !written) return refuse(answer, 507, written.error().message);
        answer.status = 201;
        answer.set_content(json{{"ok", true}, {"kept", id}}.dump() + "\n", "application/json");
    }

    /// Tablets that were paired stay so when the desk is closed and opened again: their keys, hashed, a line each.
    std::string tablets_file() const { return folder + "/desk-tablets.txt"; }
    void read_tablets() {
        std::istringstream lines(store::read_file(tablets_file(), 1 << 20).value_or(""));
        for (std::string line; std::getline(lines, line);)
            if (line.size() == 64) tokens.insert(line);
    }
    /// What cannot be written is lost when the desk closes, and the tablet is paired again.
    void write_tablets() const { (void)store::write_file(tablets_file(), fmt::format("{}\n", fmt::join(tokens, "\n"))); }

    void set_up() {
        auto& s = *server;
        s.new_task_queue = [] { return new httplib::ThreadPool(kThreads); };
        s.set_payload_max_length(kMostBody);
        s.set_keep_alive_max_count(kMostOnOne);
        s.set_tcp_nodelay(true);  // an answer is written in pieces, and none of them waits for the other side
        s.set_keep_alive_timeout(5);
        s.set_read_timeout(10);
        s.set_write_timeout(15);
        s.set_default_headers(
            {{"X-Content-Type-Options", "nosniff"}, {"Content-Security-Policy", kPolicy}, {"Referrer-Policy", "no-referrer"}});
        s.set_pre_routing_handler([](const httplib::Request& request, httplib::Response& answer) {
            if (request.target.size() <= kMostAddress) return httplib::Server::HandlerResponse::Unhandled;
            refuse(answer, 414, "What is asked for is too long.");
            return httplib::Server::HandlerResponse::Handled;
        });
        s.set_exception_handler([](const httplib::Request&, httplib::Response& answer, const std::exception_ptr&) {
            refuse(answer, 500, "That could not be answered.");
        });
        s.set_error_handler([](const httplib::Request&, httplib::Response& answer) {
            if (answer.body.empty())
                answer.set_content(
                    desk_says(answer.status == 404 ? "Not here" : "That is not possible", "The desk shows issued editions only."),
                    "text/html; charset=utf-8");
        });
        s.Get("/", [this](const httplib::Request&, httplib::Response& answer) { html(answer, now().second); });
        s.Get("/desk.css", [style = desk_style()](const httplib::Request&, httplib::Response& answer) {
            answer.set_content(style, "text/css; charset=utf-8");
        });
        for (const char* font : {"fonts/B612-Regular.otf", "fonts/B612-Bold.otf"})
            s.Get(std::string("/") + font, [bytes = publish::resource(font)](const httplib::Request&, httplib::Response& answer) {
                answer.set_content(bytes, "font/otf");
            });
        s.Get("/feed.json", [this](const httplib::Request&, httplib::Response& answer) {
            answer.set_header("Cache-Control", "no-store");
            answer.set_content(desk_feed(*now().first), "application/json");
        });
        s.Get(R"(/is/([^/]+)/([0-9]{1,6})/([0-9a-fA-F]{8}))",
            [this](const httplib::Request& request, httplib::Response& answer) { answer_is(request, answer); });
        s.Get(R"(/pack/([0-9a-f]{64})/(.+))",
            [this](const httplib::Request& request, httplib::Response& answer) { answer_file(request, answer); });
        s.Post("/pair", [this](const httplib::Request& request, httplib::Response& answer) { pair_tablet(request, answer); });
        s.Post("/checks", [this](const httplib::Request& request, httplib::Response& answer) { take_check(request, answer); });
        s.Post("/evidence", [this](const httplib::Request& request, httplib::Response& answer) { take_evidence(request, answer); });
        s.Post("/runs", [this](const httplib::Request& request, httplib::Response& answer) { take_run(request, answer); });
    }
};

Desk::Desk(std::unique_ptr<Serving> serving) : serving_(std::move(serving)) {}

Desk::~Desk() { close(); }

Result<std::unique_ptr<Desk>> Desk::open(const DeskOptions& options) {
    auto serving = std::make_unique<Serving>();
    serving->options = options;
    const auto folder = store::Library::own_folder_of(options.library);
    if (!folder) return tl::make_unexpected(folder.error());
    serving->folder = *folder;
    // a library that cannot be read is told before anybody is invited
    auto shelf = serving->read_shelf();
    if (!shelf) return tl::make_unexpected(shelf.error());
    if (options.cert.empty() != options.key.empty())
        return fail(
            ErrorCode::BadInput, core::key("Shop", "For TLS both are needed, the certificate and its key: --cert FILE --key FILE."));
    if (options.cert.empty())
        serving->server = std::make_unique<PlainServer>();
    else
        serving->server = std::make_unique<httplib::SSLServer>(options.cert.c_str(), options.key.c_str());
    if (!serving->server->is_valid())
        return fail(ErrorCode::BadInput,
            core::say(core::key("Shop", "The certificate {0} and the key {1} cannot be used; both must be PEM files that belong together."),
                options.cert, options.key),
            options.cert);
    serving->read_tablets();
    serving->set_up();
    const bool any = options.port == 0;
    const bool bound = any ? (serving->port = serving->server->bind_to_any_port(options.host)) > 0
                           : serving->server->bind_to_port(options.host, options.port);
    if (!bound)
        return fail(ErrorCode::Busy,
            core::say(core::key("Shop", "Port {0} of {1} cannot be had: another program has it, or it is not allowed. Choose another one."),
                options.port, options.host));
    if (!any) serving->port = options.port;
    auto* server = serving->server.get();
    serving->thread = std::thread([server] { server->listen_after_bind(); });
    while (!server->is_running() && serving->thread.joinable()) std::this_thread::sleep_for(1ms);
    return std::unique_ptr<Desk>(new Desk(std::move(serving)));
}

int Desk::port() const { return serving_->port; }

std::string Desk::address() const {
    const auto& o = serving_->options;
    return fmt::format("http{}://{}:{}", o.cert.empty() ? "" : "s", o.host == "0.0.0.0" ? own_address() : o.host, serving_->port);
}

std::vector<DeskReader> Desk::readers() const {
    const std::scoped_lock lock(serving_->mutex);
    return serving_->readers;
}

std::string Desk::pairing_code() const {
    const std::scoped_lock lock(serving_->mutex);
    return serving_->code;
}

void Desk::wait() {
    if (serving_->thread.joinable()) serving_->thread.join();
}

void Desk::close() {
    if (serving_ == nullptr) return;
    serving_->server->stop();
    if (serving_->thread.joinable()) serving_->thread.join();
}

}  // namespace anagraph::shop
