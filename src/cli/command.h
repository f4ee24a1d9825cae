// A command: its options as typed, and what it works out of them. Each lies in a file of its own, with its help.
#pragma once

#include <CLI/CLI.hpp>
#include <memory>
#include <string>

#include "cli/answer.h"

namespace anagraph::cli {

class Command {
public:
    explicit Command(const Answer& answer) : answer_(answer) {}
    virtual ~Command() = default;
    /// The exit code; see answer.h.
    virtual int run() = 0;

protected:
    const Answer& answer_;
};

/// Adds a command; it lives as long as what calls it. What is chosen puts its exit code into `code`.
template <class Kind>
void add(CLI::App& to, const Answer& answer, int& code, const std::string& name, const std::string& help, const std::string& footer = {}) {
    auto* app = to.add_subcommand(name, help);
    app->footer(footer);
    const auto command = std::make_shared<Kind>(*app, answer);
    app->callback([command, &code] { code = command->run(); });
}

}  // namespace anagraph::cli
