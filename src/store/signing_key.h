// SigningKey: the Ed25519 key of a post (RFC 8032, by libsodium). Its secret part lies in a file of its own outside the library,
// sealed with a passphrase (Argon2id, RFC 9106, and XChaCha20-Poly1305); the public part goes to the library's register.
#pragma once

#include <memory>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace anagraph::store {

class SigningKey {
public:
    /// A fresh key. Errors: BadInput without a post.
    static core::Result<SigningKey> make(const std::string& post);
    /// Opens the text of a key file. Takes about a second, wrong passphrases included. Errors: Refused for a wrong passphrase;
    /// BadInput for what is no key file; NoMemory.
    static core::Result<SigningKey> open(std::string_view file_text, std::string_view passphrase);

    const std::string& post() const { return post_; }
    /// The public part: base64 of its 32 bytes.
    const std::string& key() const { return key_; }
    /// The text of a key file. Errors: BadInput for an empty passphrase; NoMemory.
    core::Result<std::string> sealed(std::string_view passphrase) const;
    /// {"post", "key"}: what is given to the library.
    std::string public_text() const;
    /// The signature of a text, base64 of its 64 bytes.
    std::string sign(std::string_view text) const;

private:
    struct Secret;
    SigningKey(std::string post, std::string key, std::shared_ptr<const Secret> secret)
        : post_(std::move(post)), key_(std::move(key)), secret_(std::move(secret)) {}
    std::string post_, key_;
    std::shared_ptr<const Secret> secret_;  // wiped when the last copy goes
};

/// A public key file read. Errors: BadInput.
struct PublicKey {
    std::string post, key;
};
core::Result<PublicKey> public_key(std::string_view file_text);

/// Is it base64 of the 32 bytes of a public key, written in the one way that is used here?
bool is_public_key(std::string_view key);
/// Did the holder of `key` sign the text? False also for what is no key or signature at all.
bool is_signed(std::string_view text, std::string_view signature, std::string_view key);

}  // namespace anagraph::store
