#include "store/signing_key.h"

#include <sodium.h>

#include <array>
#include <nlohmann/json.hpp>
#include <vector>

#include "core/edition/post.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Result;
using nlohmann::json;

namespace {

constexpr const char* kForm = "anagraph key 1";
constexpr auto kEncoding = sodium_base64_VARIANT_ORIGINAL;

using Bytes = std::vector<unsigned char>;

const unsigned char* raw(std::string_view text) { return reinterpret_cast<const unsigned char*>(text.data()); }

bool ready() {
    static const bool good = sodium_init() >= 0;
    return good;
}

std::string base64(const unsigned char* bytes, std::size_t size) {
    std::string out(sodium_base64_encoded_len(size, kEncoding), '\0');
    sodium_bin2base64(out.data(), out.size(), bytes, size, kEncoding);
    out.resize(out.size() - 1);  // the zero at its end
    return out;
}

/// The bytes, where it is exactly `size` of them, written as base64() writes them; empty otherwise.
Bytes from_base64(std::string_view text, std::size_t size) {
    Bytes out(size + 3);
    std::size_t got = 0;
    if (sodium_base642bin(out.data(), out.size(), text.data(), text.size(), nullptr, &got, nullptr, kEncoding) != 0 || got != size)
        return {};
    out.resize(size);
    return base64(out.data(), size) == text ? out : Bytes{};
}

/// What the seal vouches for beside the secret.
std::string beside(const std::string& post, const std::string& key) { return std::string(kForm) + "\n" + post + "\n" + key + "\n"; }

struct Stretched {
    std::array<unsigned char, crypto_aead_xchacha20poly1305_ietf_KEYBYTES> key{};
    ~Stretched() { sodium_memzero(key.data(), key.size()); }
};

constexpr unsigned long long kTimes = crypto_pwhash_OPSLIMIT_MODERATE;
constexpr std::size_t kMemory = crypto_pwhash_MEMLIMIT_MODERATE;
// most a file may ask for: a hostile one shall not take the machine
constexpr unsigned long long kMostTimes = 16;
constexpr std::size_t kMostMemory = std::size_t{1} << 30;

}  // namespace

struct SigningKey::Secret {
    std::array<unsigned char, crypto_sign_SECRETKEYBYTES> bytes{};
    Secret() { sodium_mlock(bytes.data(), bytes.size()); }
    ~Secret() { sodium_munlock(bytes.data(), bytes.size()); }  // zeroes it
    Secret(const Secret&) = delete;
    Secret& operator=(const Secret&) = delete;
};

Result<SigningKey> SigningKey::make(const std::string& post) {
    const std::string name = core::post_of(post);
    if (name.empty()) return fail(ErrorCode::BadInput, core::key("Library", "A key is made for a post; name it: author, checker."));
    if (!ready())
        return fail(ErrorCode::NoMemory, core::key("Library", "The signing library did not start; close other programs and try again."));
    auto secret = std::make_shared<Secret>();
    std::array<unsigned char, crypto_sign_PUBLICKEYBYTES> open{};
    crypto_sign_keypair(open.data(), secret->bytes.data());
    return SigningKey(name, base64(open.data(), open.size()), std::move(secret));
}

Result<std::string> SigningKey::sealed(std::string_view passphrase) const {
    if (passphrase.empty()) return fail(ErrorCode::BadInput, core::key("Library", "A key file is sealed with a passphrase; give one."));
    std::array<unsigned char, crypto_pwhash_SALTBYTES> salt{};
    std::array<unsigned char, crypto_aead_xchacha20poly1305_ietf_NPUBBYTES> nonce{};
    randombytes_buf(salt.data(), salt.size());
    randombytes_buf(nonce.data(), nonce.size());
    Stretched stretched;
    if (crypto_pwhash(stretched.key.data(), stretched.key.size(), passphrase.data(), passphrase.size(), salt.data(), kTimes, kMemory,
            crypto_pwhash_ALG_ARGON2ID13) != 0)
        return fail(
            ErrorCode::NoMemory, core::key("Library", "The memory does not suffice to seal the key; close other programs and try again."));
    Bytes box(secret_->bytes.size() + crypto_aead_xchacha20poly1305_ietf_ABYTES);
    const std::string also = beside(post_, key_);
    crypto_aead_xchacha20poly1305_ietf_encrypt(box.data(), nullptr, secret_->bytes.data(), secret_->bytes.size(), raw(also), also.size(),
        nullptr, nonce.data(), stretched.key.data());
    const json j{{"form", kForm}, {"post", post_}, {"key", key_}, {"times", kTimes}, {"memory", kMemory},
        {"salt", base64(salt.data(), salt.size())}, {"nonce", base64(nonce.data(), nonce.size())},
        {"sealed", base64(box.data(), box.size())}};
    return j.dump(1) + "\n";
}

Result<SigningKey> SigningKey::open(std::string_view file_text, std::string_view passphrase) {
    const auto no_key = [] {
        return fail(ErrorCode::BadInput,
            core::key("Library", "This is no key file, or a damaged one; choose the file that was written when the key was made."));
    };
    if (!ready())
        return fail(ErrorCode::NoMemory, core::key("Library", "The signing library did not start; close other programs and try again."));
    const json j = json::parse(file_text, nullptr, false);
    if (!j.is_object()) return no_key();
    for (const char* name : {"form", "post", "key", "salt", "nonce", "sealed"})
        if (!j.contains(name) || !j.at(name).is_string()) return no_key();
    for (const char* name : {"times", "memory"})
        if (!j.contains(name) || !j.at(name).is_number_unsigned()) return no_key();
    const auto text = [&](const char* name) { return j.at(name).get<std::string>(); };
    if (text("form") != kForm) return no_key();
    const auto salt = from_base64(text("salt"), crypto_pwhash_SALTBYTES);
    const auto nonce = from_base64(text("nonce"), crypto_aead_xchacha20poly1305_ietf_NPUBBYTES);
    const auto box = from_base64(text("sealed"), crypto_sign_SECRETKEYBYTES + crypto_aead_xchacha20poly1305_ietf_ABYTES);
    const auto times = j.at("times").get<unsigned long long>();
    const auto memory = j.at("memory").get<unsigned long long>();
    if (salt.empty() || nonce.empty() || box.empty() || times < 1 || times > kMostTimes || memory < crypto_pwhash_MEMLIMIT_MIN ||
        memory > kMostMemory)
        return no_key();
    Stretched stretched;
    if (crypto_pwhash(stretched.key.data(), stretched.key.size(), passphrase.data(), passphrase.size(), salt.data(), times, memory,
            crypto_pwhash_ALG_ARGON2ID13) != 0)
        return fail(
            ErrorCode::NoMemory, core::key("Library", "The memory does not suffice to open the key; close other programs and try again."));
    const std::string post = text("post");
    const std::string key = text("key");
    auto secret = std::make_shared<Secret>();
    const std::string also = beside(post, key);
    if (crypto_aead_xchacha20poly1305_ietf_decrypt(secret->bytes.data(), nullptr, nullptr, box.data(), box.size(), raw(also), also.size(),
            nonce.data(), stretched.key.data()) != 0)
        return fail(ErrorCode::Refused,
            core::key("Library", "The passphrase is not the one this key was sealed with, or the key file was changed. Type it again."));
    return SigningKey(post, key, std::move(secret));
}

std::string SigningKey::public_text() const { return json{{"post", post_}, {"key", key_}}.dump(1) + "\n"; }

std::string SigningKey::sign(std::string_view text) const {
    std::array<unsigned char, crypto_sign_BYTES> out{};
    crypto_sign_detached(out.data(), nullptr, raw(text), text.size(), secret_->bytes.data());
    return base64(out.data(), out.size());
}

Result<PublicKey> public_key(std::string_view file_text) {
    const json j = json::parse(file_text, nullptr, false);
    const auto text = [&](const char* name) {
        return j.is_object() && j.contains(name) && j.at(name).is_string() ? j.at(name).get<std::string>() : std::string();
    };
    PublicKey out{core::post_of(text("post")), text("key")};
    if (out.post.empty() || !is_public_key(out.key))
        return fail(ErrorCode::BadInput,
            core::key("Library", "This is no public key; choose the file that ends in .pub, written when the key was made."));
    return out;
}

bool is_public_key(std::string_view key) { return ready() && !from_base64(key, crypto_sign_PUBLICKEYBYTES).empty(); }

bool is_signed(std::string_view text, std::string_view signature, std::string_view key) {
    if (!ready()) return false;
    const auto open = from_base64(key, crypto_sign_PUBLICKEYBYTES);
    const auto made = from_base64(signature, crypto_sign_BYTES);
    return !open.empty() && !made.empty() && crypto_sign_verify_detached(made.data(), raw(text), text.size(), open.data()) == 0;
}

}  // namespace anagraph::store
