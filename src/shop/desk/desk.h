// Desk: a read-only server for the workshop's network. It shows issued editions and answers whether a printed page is current; it takes
// back runs, their photographs and answers to checks from tablets that were paired. No path of the library can be named from outside, and a stranger can change nothing.
#pragma once

#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "core/base/result.h"

namespace anagraph::shop {

struct DeskOptions {
    std::string library;           // its place
    std::string host = "0.0.0.0";  // where it listens
    int port = 8460;               // 0: any that is free
    std::string cert, key;         // PEM files; both empty: without TLS
};

/// Who read what last.
struct DeskReader {
    std::string address;
    std::string what;  // "Perrick PT60 100 h service, edition 2"
    std::string at;    // UTC
};

class Desk {
public:
    /// Listens when it returns. Errors: those of reading the library; Busy where the port is taken; BadInput for a certificate that
    /// cannot be used.
    static core::Result<std::unique_ptr<Desk>> open(const DeskOptions& options);
    /// Ends every answer that is under way.
    ~Desk();
    Desk(const Desk&) = delete;
    Desk& operator=(const Desk&) = delete;

    int port() const;
    /// "http://10.0.0.5:8460", by which others in the network reach it.
    std::string address() const;
    std::vector<DeskReader> readers() const;
    /// The code that pairs the next tablet; it holds once, and another comes after it.
    std::string pairing_code() const;
    /// Waits until the desk is closed from elsewhere; for a program that does nothing else.
    void wait();
    void close();

private:
    struct Serving;
    explicit Desk(std::unique_ptr<Serving> serving);
    std::unique_ptr<Serving> serving_;
};

/// Where runs and answers to checks that came back wait for the library to take them in.
inline constexpr const char* kInbox = "/inbox";

}  // namespace anagraph::shop
