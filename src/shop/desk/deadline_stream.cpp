#include "shop/desk/deadline_stream.h"

#include <arpa/inet.h>
#include <netdb.h>
#include <poll.h>
#include <sys/socket.h>

#include <algorithm>
#include <cerrno>
#include <cstring>

namespace anagraph::shop {

namespace {

constexpr std::size_t kReadAhead = 8192;

void name_of(const sockaddr_storage& at, socklen_t length, std::string& ip, int& port) {
    char host[NI_MAXHOST] = "";
    char service[NI_MAXSERV] = "";
    if (::getnameinfo(reinterpret_cast<const sockaddr*>(&at), length, host, sizeof host, service, sizeof service,
            NI_NUMERICHOST | NI_NUMERICSERV) != 0)
        return;
    ip = host;
    port = std::atoi(service);
}

}  // namespace

void DeadlineStream::begin(std::chrono::milliseconds for_request, std::chrono::milliseconds stall) {
    until_ = Clock::now() + for_request;
    stall_ = stall;
}

bool DeadlineStream::ready(short what, std::chrono::milliseconds most) const {
    pollfd p{socket_, what, 0};
    int n = 0;
    do n = ::poll(&p, 1, static_cast<int>(std::max<std::int64_t>(0, most.count())));
    while (n < 0 && errno == EINTR);
    return n > 0 && (p.revents & (what | POLLHUP)) != 0;
}

bool DeadlineStream::waits_for_request(std::chrono::milliseconds most) const { return taken_ < buffer_.size() || ready(POLLIN, most); }

bool DeadlineStream::is_readable() const {
    return taken_ < buffer_.size() || ready(POLLIN, std::chrono::duration_cast<std::chrono::milliseconds>(until_ - Clock::now()));
}

bool DeadlineStream::is_writable() const { return ready(POLLOUT, stall_); }

ssize_t DeadlineStream::read(char* ptr, std::size_t size) {
    if (taken_ == buffer_.size()) {
        if (Clock::now() >= until_ || !is_readable()) return -1;
        buffer_.resize(kReadAhead);
        taken_ = 0;
        ssize_t n = 0;
        do n = ::recv(socket_, buffer_.data(), buffer_.size(), 0);
        while (n < 0 && errno == EINTR);
        buffer_.resize(n > 0 ? static_cast<std::size_t>(n) : 0);
        if (n <= 0) return n;
    }
    const std::size_t n = std::min(size, buffer_.size() - taken_);
    std::memcpy(ptr, buffer_.data() + taken_, n);
    taken_ += n;
    return static_cast<ssize_t>(n);
}

ssize_t DeadlineStream::write(const char* ptr, std::size_t size) {
    if (!is_writable()) return -1;
    ssize_t n = 0;
    do n = ::send(socket_, ptr, size, MSG_NOSIGNAL | MSG_DONTWAIT);
    while (n < 0 && errno == EINTR);
    return n < 0 && (errno == EAGAIN || errno == EWOULDBLOCK) ? 0 : n;
}

void DeadlineStream::get_remote_ip_and_port(std::string& ip, int& port) const {
    sockaddr_storage at{};
    socklen_t length = sizeof at;
    if (::getpeername(socket_, reinterpret_cast<sockaddr*>(&at), &length) == 0) name_of(at, length, ip, port);
}

void DeadlineStream::get_local_ip_and_port(std::string& ip, int& port) const {
    sockaddr_storage at{};
    socklen_t length = sizeof at;
    if (::getsockname(socket_, reinterpret_cast<sockaddr*>(&at), &length) == 0) name_of(at, length, ip, port);
}

}  // namespace anagraph::shop
