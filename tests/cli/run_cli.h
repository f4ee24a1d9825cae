// Runs anagraph-cli as a script does.
#pragma once

#include <QProcess>
#include <QString>
#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace anagraph::testing {

struct CliAnswer {
    int code;
    std::string out;
    std::string err;
    nlohmann::json value() const { return nlohmann::json::parse(out, nullptr, false); }
};

inline CliAnswer program(const std::string& name, const std::vector<std::string>& arguments, const std::string& input = {}) {
    QStringList list;
    for (const auto& a : arguments) list << QString::fromStdString(a);
    QProcess p;
    p.start(QString::fromStdString(name), list);
    p.write(input.data(), static_cast<qint64>(input.size()));
    p.closeWriteChannel();
    p.waitForFinished(-1);
    return {p.exitCode(), p.readAllStandardOutput().toStdString(), p.readAllStandardError().toStdString()};
}

inline CliAnswer cli(const std::vector<std::string>& arguments, const std::string& input = {}) {
    return program(ANAGRAPH_BINARIES "/anagraph-cli", arguments, input);
}

}  // namespace anagraph::testing
