#include "app/running/told_to_close.h"

#include <fcntl.h>
#include <unistd.h>

#include <QApplication>
#include <QSocketNotifier>
#include <array>
#include <csignal>

namespace anagraph::app {

namespace {

std::array<int, 2> pipe_{-1, -1};

void pass_on(int) {
    const char sign = 0;
    if (::write(pipe_[1], &sign, 1) < 0) ::_exit(1);  // nobody listens any more
}

}  // namespace

ToldToClose::ToldToClose(QObject* parent) : QObject(parent) {
    if (::pipe2(pipe_.data(), O_CLOEXEC) != 0) return;
    auto* heard = new QSocketNotifier(pipe_[0], QSocketNotifier::Read, this);
    connect(heard, &QSocketNotifier::activated, this, [this, heard] {
        heard->setEnabled(false);
        was_ = true;
        QApplication::exit();  // quit() would leave what is asked before the window's own loop
    });
    struct sigaction action {};
    action.sa_handler = pass_on;
    action.sa_flags = SA_RESTART;
    for (const int signal : {SIGTERM, SIGHUP, SIGINT}) ::sigaction(signal, &action, nullptr);
}

}  // namespace anagraph::app
