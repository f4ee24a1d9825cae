#include "store/credentials.h"

#include <fmt/format.h>
#include <libsecret/secret.h>
#include <sys/stat.h>

#include <QStandardPaths>
#include <nlohmann/json.hpp>

#include "store/files.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Result;
using nlohmann::json;

namespace {

const SecretSchema kKeyringSchema{"org.anagraph.Library", SECRET_SCHEMA_NONE,
    {{"name", SECRET_SCHEMA_ATTRIBUTE_STRING}, {nullptr, SECRET_SCHEMA_ATTRIBUTE_STRING}}, 0, nullptr, nullptr, nullptr, nullptr, nullptr,
    nullptr, nullptr};

/// Without a session bus there is no keyring to ask, and asking would try to start one.
bool has_keyring() { return qEnvironmentVariableIsSet("DBUS_SESSION_BUS_ADDRESS"); }

std::optional<Credentials> credentials_in(const json& j) {
    if (!j.is_object() || !j.contains("name") || !j.contains("secret") || !j["name"].is_string() || !j["secret"].is_string()) return {};
    return Credentials{j["name"].get<std::string>(), j["secret"].get<std::string>()};
}

std::optional<Credentials> from_keyring(const std::string& name) {
    if (!has_keyring()) return std::nullopt;
    gchar* kept = secret_password_lookup_sync(&kKeyringSchema, nullptr, nullptr, "name", name.c_str(), nullptr);
    if (kept == nullptr) return std::nullopt;
    const auto out = credentials_in(json::parse(kept, nullptr, false));
    secret_password_free(kept);
    return out;
}

Result<json> read_credentials() {
    const std::string file = credentials_file();
    struct stat facts {};
    if (::stat(file.c_str(), &facts) != 0) return json::object();
    if ((facts.st_mode & (S_IRWXG | S_IRWXO)) != 0)
        return fail(ErrorCode::Refused,
            core::say(core::key("Library",
                          "{0} holds passwords and may be read by others; make it yours alone (chmod 600), and choose new ones."),
                file),
            file);
    auto text = read_file(file, 1 << 20);
    if (!text) return tl::make_unexpected(text.error());
    auto all = json::parse(*text, nullptr, false);
    if (!all.is_object())
        return fail(
            ErrorCode::Damaged, core::say(core::key("Library", "{0} is no list of passwords; mend it or take it away."), file), file);
    return all;
}

}  // namespace

std::string credentials_name(const LibraryPlace& place) {
    const auto& server = place.server;
    if (!server) return place.text;
    return fmt::format("postgresql://{}{}/{}", server->host, server->port == 0 ? "" : ":" + std::to_string(server->port), server->database);
}

std::string credentials_name(const Bucket& bucket) {
    return fmt::format("s3{}://{}/{}", bucket.plain ? "+http" : "", bucket.endpoint, bucket.name);
}

Result<std::string> credentials_name(const std::string& address) {
    if (address.starts_with("s3")) {
        const auto bucket = bucket_at(address);
        return bucket ? Result<std::string>(credentials_name(*bucket)) : tl::make_unexpected(bucket.error());
    }
    const bool whole = address.find("objects=") != std::string::npos;
    const auto place = library_place(whole ? address : address + (address.find('?') == std::string::npos ? "?" : "&") + "objects=/");
    return place ? Result<std::string>(credentials_name(*place)) : tl::make_unexpected(place.error());
}

std::string credentials_file() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation).toStdString() + "/anagraph/credentials.json";
}

Result<std::optional<Credentials>> credentials_for(const std::string& name) {
    if (auto kept = from_keyring(name)) return kept;
    const auto all = read_credentials();
    if (!all) return tl::make_unexpected(all.error());
    return all->contains(name) ? credentials_in((*all)[name]) : std::optional<Credentials>{};
}

Result<std::string> keep_credentials(const std::string& name, const Credentials& credentials) {
    const json kept{{"name", credentials.user}, {"secret", credentials.secret}};
    if (has_keyring() &&
        secret_password_store_sync(&kKeyringSchema, SECRET_COLLECTION_DEFAULT, fmt::format("Anagraph: {}", name).c_str(),
            kept.dump().c_str(), nullptr, nullptr, "name", name.c_str(), nullptr))
        return std::string("the keyring");
    auto all = read_credentials();
    if (!all) return tl::make_unexpected(all.error());
    (*all)[name] = kept;
    const std::string file = credentials_file();
    if (auto made = make_folder(parent_of(file)); !made) return tl::make_unexpected(made.error());
    if (auto written = write_file(file, all->dump(1) + "\n", 0600); !written) return tl::make_unexpected(written.error());
    return file;
}

}  // namespace anagraph::store
