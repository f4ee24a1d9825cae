// DeadlineStream: a socket that a request is read from, with a limit on the whole of it: a client that sends a byte now and then holds
// nothing for long.
#pragma once

#include <httplib.h>

#include <chrono>

namespace anagraph::shop {

class DeadlineStream : public httplib::Stream {
public:
    using Clock = std::chrono::steady_clock;

    explicit DeadlineStream(socket_t socket) : socket_(socket) {}
    /// From here on a request has to be read by then; an answer has to make progress within `stall`.
    void begin(std::chrono::milliseconds for_request, std::chrono::milliseconds stall);
    /// Waits for the next request on a connection that is kept. False: none came.
    bool waits_for_request(std::chrono::milliseconds most) const;

    bool is_readable() const override;
    bool is_writable() const override;
    ssize_t read(char* ptr, std::size_t size) override;
    ssize_t write(const char* ptr, std::size_t size) override;
    void get_remote_ip_and_port(std::string& ip, int& port) const override;
    void get_local_ip_and_port(std::string& ip, int& port) const override;
    socket_t socket() const override { return socket_; }

private:
    bool ready(short what, std::chrono::milliseconds most) const;
    socket_t socket_;
    Clock::time_point until_{};
    std::chrono::milliseconds stall_{};
    std::string buffer_;  // read ahead: headers are asked for byte by byte
    std::size_t taken_ = 0;
};

}  // namespace anagraph::shop
