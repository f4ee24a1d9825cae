#include "store/place.h"

#include <fmt/format.h>

#include <QStandardPaths>
#include <QUrl>
#include <charconv>
#include <filesystem>
#include <set>

#include "store/credentials.h"
#include "store/digest.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr const char* kScheme = "postgresql://";
constexpr const char* kLooks = "an address looks like postgresql://HOST/DATABASE?objects=FOLDER";
constexpr const char* kBucket = "s3://";
constexpr const char* kPlainBucket = "s3+http://";

std::string decoded(std::string_view text) {
    return QUrl::fromPercentEncoding(QByteArray(text.data(), static_cast<qsizetype>(text.size()))).toStdString();
}

std::string whole(const std::string& folder) {
    std::error_code ec;
    std::string out = std::filesystem::absolute(folder, ec).lexically_normal().string();
    while (out.size() > 1 && out.back() == '/') out.pop_back();
    return out;
}

/// Where this computer keeps what it fetched of a library whose films lie in a bucket.
std::string cache_folder(const LibraryPlace& place) {
    return fmt::format("{}/anagraph/libraries/{}", QStandardPaths::writableLocation(QStandardPaths::GenericCacheLocation).toStdString(),
        sha256(credentials_name(place) + " " + credentials_name(*place.bucket) + "/" + place.bucket->prefix).substr(0, 20));
}

}  // namespace

Result<Bucket> bucket_at(const std::string& text) {
    Bucket out;
    const auto wrong = [&](const char* what) {
        return fail(ErrorCode::BadInput,
            core::say(core::key("Library", "In {0} {1}; an object store is named as s3://ENDPOINT/BUCKET."), text, what), text);
    };
    out.plain = text.starts_with(kPlainBucket);
    if (!out.plain && !text.starts_with(kBucket)) return wrong("there is no s3:// at its beginning");
    const std::string rest = text.substr(std::string_view(out.plain ? kPlainBucket : kBucket).size());
    if (rest.find('@') != std::string::npos)
        return fail(ErrorCode::Refused,
            core::key("Library",
                "A key or a secret does not belong in the address of a library, where others read it; leave it out and keep it with "
                "anagraph-cli library password s3://ENDPOINT/BUCKET."));
    const auto slash = rest.find('/');
    out.endpoint = rest.substr(0, slash);
    if (out.endpoint.empty()) return wrong("there is no endpoint");
    if (out.endpoint.find_first_not_of("abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.-:[]") != std::string::npos)
        return wrong("the endpoint is no name of a computer");
    const std::string path = slash == std::string::npos ? "" : rest.substr(slash + 1);
    const auto end = path.find('/');
    out.name = path.substr(0, end);
    if (out.name.size() < 3 || out.name.find_first_not_of("abcdefghijklmnopqrstuvwxyz0123456789.-") != std::string::npos)
        return wrong("the bucket has no name that a bucket can have");
    if (end != std::string::npos) out.prefix = path.substr(end + 1);
    while (out.prefix.ends_with('/')) out.prefix.pop_back();
    if (!out.prefix.empty()) out.prefix += '/';
    return out;
}

std::string shown(const Bucket& bucket) { return fmt::format("{} on {}", bucket.name, bucket.endpoint); }

Result<LibraryPlace> library_place(const std::string& text) {
    if (!text.starts_with(kScheme)) {
        if (text.find("://") != std::string::npos)
            return fail(ErrorCode::BadInput,
                core::say(core::key("Library", "{0} is no folder and no address of a library; {1}."), text, kLooks), text);
        const std::string folder = whole(text);
        return LibraryPlace{folder, folder, std::nullopt};
    }
    LibraryPlace out{text, "", LibraryPlace::Server{}};
    auto& server = *out.server;
    const auto wrong = [&](const char* what) {
        return fail(ErrorCode::BadInput, core::say(core::key("Library", "In {0} {1}; {2}."), text, what, kLooks), text);
    };
    std::string_view rest = std::string_view(text).substr(std::string_view(kScheme).size());
    const auto question = rest.find('?');
    const std::string_view query = question == std::string_view::npos ? "" : rest.substr(question + 1);
    rest = rest.substr(0, question);
    const auto slash = rest.find('/');
    if (slash == std::string_view::npos || slash + 1 == rest.size()) return wrong("there is no database");
    server.database = decoded(rest.substr(slash + 1));
    rest = rest.substr(0, slash);
    if (const auto at = rest.rfind('@'); at != std::string_view::npos) {
        if (rest.substr(0, at).find(':') != std::string_view::npos)
            return fail(ErrorCode::Refused,
                core::key("Library",
                    "A password does not belong in the address of a library, where others read it; leave it out and keep it with "
                    "anagraph-cli library password ADDRESS."));
        server.user = decoded(rest.substr(0, at));
        rest.remove_prefix(at + 1);
    }
    if (const auto colon = rest.rfind(':'); colon != std::string_view::npos && rest.find(']', colon) == std::string_view::npos) {
        const std::string_view port = rest.substr(colon + 1);
        const auto read = std::from_chars(port.data(), port.data() + port.size(), server.port);
        if (read.ec != std::errc{} || read.ptr != port.data() + port.size() || server.port < 1 || server.port > 65535)
            return wrong("the port is no number from 1 to 65535");
        rest = rest.substr(0, colon);
    }
    if (rest.starts_with('[') && rest.ends_with(']')) rest = rest.substr(1, rest.size() - 2);
    server.host = decoded(rest);
    std::string objects;
    std::string region;
    std::string certificate;
    for (std::size_t from = 0; from < query.size();) {
        const auto end = std::min(query.find('&', from), query.size());
        const std::string_view part = query.substr(from, end - from);
        from = end + 1;
        const auto equals = part.find('=');
        const std::string name(part.substr(0, equals));
        const std::string value = equals == std::string_view::npos ? "" : decoded(part.substr(equals + 1));
        static const std::set<std::string> kOptions{"sslmode", "sslrootcert", "sslcert", "sslkey", "host"};
        if (name == "objects")
            objects = value;
        else if (name == "objects_region")
            region = value;
        else if (name == "objects_rootcert")
            certificate = value;
        else if (name == "host")
            server.host = value;
        else if (kOptions.contains(name))
            server.options[name] = value;
        else
            return fail(ErrorCode::BadInput,
                core::say(
                    core::key("Library",
                        "{0} is nothing the address of a library says; it says objects, objects_region, objects_rootcert, host, sslmode, "
                        "sslrootcert, sslcert, sslkey."),
                    name),
                text);
    }
    if (objects.empty()) return wrong("it is not said where its films are: objects=FOLDER or objects=s3://ENDPOINT/BUCKET");
    if (server.host.empty()) server.host = "localhost";
    if (objects.find("://") != std::string::npos) {
        auto bucket = bucket_at(objects);
        if (!bucket) return tl::make_unexpected(bucket.error());
        if (!region.empty()) bucket->region = region;
        bucket->root_certificate = certificate;
        out.bucket = std::move(*bucket);
        out.folder = cache_folder(out);
        return out;
    }
    out.folder = whole(objects);
    return out;
}

std::string shown(const LibraryPlace& place) {
    return place.server ? fmt::format("{} on {}", place.server->database, place.server->host) : place.folder;
}

}  // namespace anagraph::store
