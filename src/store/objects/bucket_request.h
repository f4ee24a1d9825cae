// BucketRequest: one request to an object store, signed (AWS Signature Version 4, by libcurl), and what became of it.
#pragma once

#include <functional>
#include <memory>
#include <string>
#include <utility>
#include <vector>

#include "core/base/result.h"
#include "store/credentials.h"
#include "store/place.h"

namespace anagraph::store {

struct BucketRequest {
    std::string method;                                        // GET, PUT, POST, DELETE, HEAD
    std::string key;                                           // of the object; empty: of the bucket itself
    std::vector<std::pair<std::string, std::string>> query{};  // sorted by name, not encoded
    std::string body{};
    std::string range{};                           // "0-99"
    std::function<bool(double share)> progress{};  // of the body; false stops
};

struct BucketAnswer {
    int status = 0;
    std::string body;
    std::string etag;          // without its quotes
    bool encrypted = false;    // by the store with a key of its own: its etag says nothing of the content
    std::int64_t length = -1;  // as the store says it
};

/// The text of the first element of a name in what a store answers; empty: there is none.
std::string element_in(const std::string& xml, const char* name);

/// MD5 (RFC 1321) as the store names what it got; no protection against anybody.
std::string md5(std::string_view bytes);

/// A connection to a bucket, kept open from request to request; of one thread at a time.
class BucketConnection {
public:
    BucketConnection(Bucket bucket, Credentials credentials);
    ~BucketConnection();
    BucketConnection(const BucketConnection&) = delete;
    BucketConnection& operator=(const BucketConnection&) = delete;

    /// Any answer of the store below 300, 404, or 416 (nothing in that range); what may pass (no connection, a server in trouble, too many
    /// requests) is tried again for a while. Errors: Away; Refused with the reason for a wrong certificate, clock or key; NoSpace;
    /// Cancelled.
    core::Result<BucketAnswer> ask(const BucketRequest& request);
    void set_patient(bool patient) { patient_ = patient; }
    const Bucket& bucket() const { return bucket_; }

private:
    struct Tried;
    Tried once(const BucketRequest& request);
    Bucket bucket_;
    Credentials credentials_;
    void* curl_ = nullptr;
    bool patient_ = true;
};

}  // namespace anagraph::store
