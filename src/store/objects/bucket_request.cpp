#include "store/objects/bucket_request.h"

#include <curl/curl.h>
#include <fmt/format.h>

#include <QCryptographicHash>
#include <QUrl>
#include <QXmlStreamReader>
#include <algorithm>
#include <chrono>
#include <thread>

#include "store/digest.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr int kAttempts = 8;
constexpr std::chrono::milliseconds kFirstWait{100};
constexpr std::chrono::milliseconds kLongestWait{5000};
constexpr long kConnectSeconds = 5;
constexpr long kConnectSecondsImpatient = 2;
constexpr long kSlowBytes = 1024;  // a second: slower than this ...
constexpr long kSlowSeconds = 20;  // ... for so long is no answer
constexpr std::size_t kMostBody = std::size_t{64} << 20;

std::string encoded(const std::string& text, const char* kept) {
    return QUrl::toPercentEncoding(QString::fromStdString(text), kept).toStdString();
}

struct Sending {
    const std::string* bytes;
    std::size_t at = 0;
};

std::size_t give(char* to, std::size_t size, std::size_t count, void* state) {
    auto& s = *static_cast<Sending*>(state);
    const std::size_t n = std::min(size * count, s.bytes->size() - s.at);
    std::copy_n(s.bytes->data() + s.at, n, to);
    s.at += n;
    return n;
}

int again(void* state, curl_off_t offset, int origin) {
    if (origin != SEEK_SET) return CURL_SEEKFUNC_CANTSEEK;
    static_cast<Sending*>(state)->at = static_cast<std::size_t>(offset);
    return CURL_SEEKFUNC_OK;
}

std::size_t take(char* from, std::size_t size, std::size_t count, void* state) {
    auto& body = *static_cast<std::string*>(state);
    if (body.size() + size * count > kMostBody) return 0;
    body.append(from, size * count);
    return size * count;
}

std::size_t take_header(char* from, std::size_t size, std::size_t count, void* state) {
    auto& answer = *static_cast<BucketAnswer*>(state);
    const QByteArray line = QByteArray(from, static_cast<qsizetype>(size * count)).trimmed();
    const auto colon = line.indexOf(':');
    const QByteArray name = line.left(colon).toLower();
    const QByteArray value = line.mid(colon + 1).trimmed();
    if (name == "etag") answer.etag = QByteArray(value).replace('"', "").toStdString();
    if (name == "x-amz-server-side-encryption" && value != "AES256") answer.encrypted = true;
    if (name == "content-length") answer.length = value.toLongLong();
    return size * count;
}

int how_far(void* state, curl_off_t to_get, curl_off_t got, curl_off_t to_send, curl_off_t sent) {
    const auto& progress = *static_cast<const std::function<bool(double)>*>(state);
    const auto all = static_cast<double>(to_get + to_send);
    return progress && !progress(all > 0 ? std::min(1.0, static_cast<double>(got + sent) / all) : 0) ? 1 : 0;
}

struct FreeList {
    void operator()(curl_slist* list) const { curl_slist_free_all(list); }
};

bool may_pass(int status) { return status == 408 || status == 429 || (status >= 500 && status != 501 && status != 507); }

core::Error no_space(const Bucket& bucket) {
    return {ErrorCode::NoSpace,
        core::say(
            core::key("Library", "The object store {0} is full, so nothing more can be put into {1}; free some space there and try again."),
            bucket.endpoint, bucket.name),
        bucket.endpoint};
}

/// A store that answers, and says no.
core::Error refusal(const Bucket& bucket, int status, const std::string& code) {
    if (status == 507 || code == "QuotaExceeded" || code == "EntityTooLarge" || code == "XMinioStorageFull" ||
        code == "InsufficientStorage")
        return no_space(bucket);
    const auto refused = [&](core::Words sentence) { return core::Error{ErrorCode::Refused, std::move(sentence), bucket.endpoint}; };
    if (code == "RequestTimeTooSkewed" || code == "RequestExpired")
        return refused(
            core::say(core::key("Library",
                          "The clock of this computer and that of {0} differ too much, so it takes nothing; set the clock, and try again."),
                bucket.endpoint));
    if (code == "SignatureDoesNotMatch" || code == "InvalidAccessKeyId" || code == "MissingSecurityHeader")
        return refused(
            core::say(core::key("Library",
                          "{0} does not know you by the key and secret kept here; keep them anew with anagraph-cli library password."),
                bucket.endpoint));
    if (code == "NoSuchBucket")
        return refused(
            core::say(core::key("Library", "There is no bucket {0} on {1}; its keeper makes one."), bucket.name, bucket.endpoint));
    if (status == 401 || status == 403)
        return refused(core::say(core::key("Library", "{0} does not let you do that in {1}{2}; ask its keeper."), bucket.endpoint,
            bucket.name, code.empty() ? "" : fmt::format(" ({})", code)));
    return {ErrorCode::Unreadable,
        core::say(core::key("Library", "{0} answered with {1}{2}, which nobody expected; try again, or ask its keeper."), bucket.endpoint,
            status, code.empty() ? "" : fmt::format(" ({})", code)),
        bucket.endpoint};
}

}  // namespace

std::string element_in(const std::string& text, const char* name) {
    QXmlStreamReader xml(QByteArray::fromStdString(text));
    while (!xml.atEnd())
        if (xml.readNext() == QXmlStreamReader::StartElement && xml.name() == QLatin1String(name))
            return xml.readElementText().toStdString();
    return {};
}

std::string md5(std::string_view bytes) {
    return QCryptographicHash::hash(QByteArrayView(bytes.data(), static_cast<qsizetype>(bytes.size())), QCryptographicHash::Md5)
        .toHex()
        .toStdString();
}

struct BucketConnection::Tried {
    BucketAnswer answer;
    std::string why;                               // there was no answer
    std::optional<core::Error> no = std::nullopt;  // and asking again is of no use
};

BucketConnection::BucketConnection(Bucket bucket, Credentials credentials)
    : bucket_(std::move(bucket)), credentials_(std::move(credentials)) {
    static const bool ready = curl_global_init(CURL_GLOBAL_DEFAULT) == CURLE_OK;
    if (ready) curl_ = curl_easy_init();
}

BucketConnection::~BucketConnection() {
    if (curl_ != nullptr) curl_easy_cleanup(curl_);
}

BucketConnection::Tried BucketConnection::once(const BucketRequest& request) {
    Tried out;
    auto* curl = static_cast<CURL*>(curl_);
    if (curl == nullptr)
        return {
            {}, "", core::Error{ErrorCode::NoMemory, core::key("Library", "The memory does not suffice to reach the object store."), ""}};
    curl_easy_reset(curl);  // the connection stays
    std::string url = fmt::format("{}://{}/{}", bucket_.plain ? "http" : "https", bucket_.endpoint, encoded(bucket_.name, ""));
    if (!request.key.empty()) url += "/" + encoded(bucket_.prefix + request.key, "/");
    for (std::size_t i = 0; i < request.query.size(); ++i)
        url += fmt::format("{}{}={}", i == 0 ? '?' : '&', encoded(request.query[i].first, ""), encoded(request.query[i].second, ""));
    curl_easy_setopt(curl, CURLOPT_URL, url.c_str());
    curl_easy_setopt(curl, CURLOPT_PROTOCOLS_STR, bucket_.plain ? "http" : "https");
    curl_easy_setopt(curl, CURLOPT_NOPROXY, "localhost,127.0.0.1,::1");
    curl_easy_setopt(curl, CURLOPT_NOSIGNAL, 1L);
    curl_easy_setopt(curl, CURLOPT_CONNECTTIMEOUT, patient_ ? kConnectSeconds : kConnectSecondsImpatient);
    curl_easy_setopt(curl, CURLOPT_LOW_SPEED_LIMIT, kSlowBytes);
    curl_easy_setopt(curl, CURLOPT_LOW_SPEED_TIME, kSlowSeconds);
    if (!bucket_.root_certificate.empty()) curl_easy_setopt(curl, CURLOPT_CAINFO, bucket_.root_certificate.c_str());
    curl_easy_setopt(curl, CURLOPT_AWS_SIGV4, fmt::format("aws:amz:{}:s3", bucket_.region).c_str());
    curl_easy_setopt(curl, CURLOPT_USERNAME, credentials_.user.c_str());
    curl_easy_setopt(curl, CURLOPT_PASSWORD, credentials_.secret.c_str());
    curl_easy_setopt(curl, CURLOPT_WRITEFUNCTION, take);
    curl_easy_setopt(curl, CURLOPT_WRITEDATA, &out.answer.body);
    curl_easy_setopt(curl, CURLOPT_HEADERFUNCTION, take_header);
    curl_easy_setopt(curl, CURLOPT_HEADERDATA, &out.answer);
    curl_easy_setopt(curl, CURLOPT_NOPROGRESS, 0L);
    curl_easy_setopt(curl, CURLOPT_XFERINFOFUNCTION, how_far);
    curl_easy_setopt(curl, CURLOPT_XFERINFODATA, &request.progress);
    if (!request.range.empty()) curl_easy_setopt(curl, CURLOPT_RANGE, request.range.c_str());
    std::unique_ptr<curl_slist, FreeList> headers;
    const auto header = [&](const std::string& line) { headers.reset(curl_slist_append(headers.release(), line.c_str())); };
    header("x-amz-content-sha256: " + sha256(request.body));
    Sending sending{&request.body};
    if (request.method == "HEAD") {
        curl_easy_setopt(curl, CURLOPT_NOBODY, 1L);
    } else if (request.method == "PUT" || request.method == "POST") {
        header("Content-MD5: " +
            QByteArray::fromHex(QByteArray::fromStdString(md5(request.body))).toBase64().toStdString());  // checked where it arrives
        header("Content-Type: application/octet-stream");
        curl_easy_setopt(curl, CURLOPT_UPLOAD, 1L);
        curl_easy_setopt(curl, CURLOPT_CUSTOMREQUEST, request.method.c_str());
        curl_easy_setopt(curl, CURLOPT_READFUNCTION, give);
        curl_easy_setopt(curl, CURLOPT_READDATA, &sending);
        curl_easy_setopt(curl, CURLOPT_SEEKFUNCTION, again);
        curl_easy_setopt(curl, CURLOPT_SEEKDATA, &sending);
        curl_easy_setopt(curl, CURLOPT_INFILESIZE_LARGE, static_cast<curl_off_t>(request.body.size()));
    } else if (request.method != "GET") {
        curl_easy_setopt(curl, CURLOPT_CUSTOMREQUEST, request.method.c_str());
    }
    curl_easy_setopt(curl, CURLOPT_HTTPHEADER, headers.get());
    const CURLcode code = curl_easy_perform(curl);
    long status = 0;
    curl_easy_getinfo(curl, CURLINFO_RESPONSE_CODE, &status);
    out.answer.status = static_cast<int>(status);
    if (code == CURLE_OK) return out;
    if (code == CURLE_ABORTED_BY_CALLBACK)
        out.no = core::Error{ErrorCode::Cancelled, core::key("Library", "It was stopped; what was sent is kept for the next time."), ""};
    else if (code == CURLE_PEER_FAILED_VERIFICATION || code == CURLE_SSL_CACERT_BADFILE || code == CURLE_SSL_ISSUER_ERROR)
        out.no = core::Error{ErrorCode::Refused,
            core::say(
                core::key("Library",
                    "{0} does not prove who it is ({1}), so nothing is sent there; ask its keeper for its certificate and name the file "
                    "with objects_rootcert= in the address."),
                bucket_.endpoint, curl_easy_strerror(code)),
            bucket_.endpoint};
    out.why = curl_easy_strerror(code);
    return out;
}

Result<BucketAnswer> BucketConnection::ask(const BucketRequest& request) {
    const int attempts = patient_ ? kAttempts : 1;
    auto wait = kFirstWait;
    std::string why;
    for (int attempt = 1;; ++attempt) {
        Tried tried = once(request);
        if (tried.no) return tl::make_unexpected(*tried.no);
        const std::string code = tried.answer.status >= 300 ? element_in(tried.answer.body, "Code") : std::string();
        if (tried.why.empty() && !may_pass(tried.answer.status)) {
            if (tried.answer.status < 300 || tried.answer.status == 416 || (tried.answer.status == 404 && code != "NoSuchBucket"))
                return std::move(tried.answer);
            return tl::make_unexpected(refusal(bucket_, tried.answer.status, code));
        }
        why = !tried.why.empty() ? tried.why : fmt::format("{} {}", tried.answer.status, code);
        if (attempt == attempts) break;
        // the first time at once: a connection kept open is often closed just then
        for (auto left = attempt == 1 ? std::chrono::milliseconds(0) : wait; left.count() > 0; left -= kFirstWait) {
            if (request.progress && !request.progress(0))
                return fail(ErrorCode::Cancelled, core::key("Library", "It was stopped; what was sent is kept for the next time."));
            std::this_thread::sleep_for(kFirstWait);
        }
        if (attempt > 1) wait = std::min(wait * 2, kLongestWait);
    }
    return fail(ErrorCode::Away,
        core::say(core::key("Library",
                      "The object store {0} cannot be reached ({1}); what was sent is kept, and goes on from there the next time."),
            bucket_.endpoint, why),
        bucket_.endpoint);
}

}  // namespace anagraph::store
