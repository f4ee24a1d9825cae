#include "publish/pdf_maker.h"

#include <fmt/format.h>

#include <QFile>
#include <QProcess>
#include <QStandardPaths>
#include <QString>
#include <QTemporaryDir>
#include <QTemporaryFile>
#include <cerrno>

#include "core/base/utf8.h"
#include "publish/resource.h"
#include "store/files.h"

namespace anagraph::publish {

using core::ErrorCode;
using core::fail;
using core::Result;

namespace {

constexpr int kTimeoutMs = 180000;
constexpr int kReadTimeoutMs = 5000;

/// The last line of what it says is its reason; the rest speaks of its own insides.
std::string reason_in(const std::string& said) {
    const auto end = said.find_last_not_of(" \n");
    if (end == std::string::npos) return "the program weasyprint gave no reason";
    const auto line = said.rfind('\n', end);
    return said.substr(line == std::string::npos ? 0 : line + 1, 200);
}

QString maker() { return QStandardPaths::findExecutable(QStringLiteral("weasyprint")); }

tl::unexpected<core::Error> no_maker() {
    return fail(ErrorCode::Unwritable,
        core::key(
            "Pack", "The PDF cannot be made: the program weasyprint is not installed. Install the package weasyprint and try again."));
}

/// The interpreter that the maker itself is run by: only that one is sure to have its modules.
QString interpreter_of(const QString& program) {
    QFile file(program);
    const QString first = file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readLine(200)).trimmed() : QString();
    return first.startsWith(QLatin1String("#!/")) ? first.mid(2).section(QLatin1Char(' '), 0, 0) : QStringLiteral("/usr/bin/python3");
}

Result<std::string> made_by(
    const QString& program, const QStringList& arguments, const std::string& folder, const std::function<bool()>& go_on) {
    QProcess process;
    process.setWorkingDirectory(QString::fromStdString(folder));
    process.start(program, arguments);
    for (int waited = 0; !process.waitForFinished(200); waited += 200) {
        if (process.state() == QProcess::NotRunning) break;
        const bool on = !go_on || go_on();
        if (!on || waited > kTimeoutMs) {
            process.kill();
            process.waitForFinished();
            return on ? fail(ErrorCode::Unwritable, core::key("Pack", "Making the PDF took too long and was given up; try again."))
                      : fail(ErrorCode::Cancelled, core::key("Pack", "Making the PDF was stopped; nothing of it is kept."));
        }
    }
    const std::string said = core::as_utf8(process.readAllStandardError().toStdString());
    std::string pdf = process.readAllStandardOutput().toStdString();
    if (process.exitStatus() == QProcess::NormalExit && process.exitCode() == 0 && pdf.starts_with("%PDF-")) return pdf;
    if (said.find("No space left") != std::string::npos) return tl::make_unexpected(store::file_trouble("the PDF", ENOSPC));
    return fail(ErrorCode::Unwritable, core::say(core::key("Pack", "The PDF could not be made ({0}); try again."), reason_in(said)));
}

}  // namespace

Result<std::string> pdf_of(
    const std::string& folder, const std::string& page, const std::vector<std::string>& options, const std::function<bool()>& go_on) {
    const QString program = maker();
    if (program.isEmpty()) return no_maker();
    QStringList arguments;
    for (const auto& o : options) arguments << QString::fromStdString(o);
    return made_by(program, arguments << QString::fromStdString(page) << QStringLiteral("-"), folder, go_on);
}

Result<std::string> archive_pdf_of(const std::string& folder, const std::string& page, const std::string& identifier,
    const std::string& issued, const std::function<bool()>& go_on) {
    const QString program = maker();
    if (program.isEmpty()) return no_maker();
    QTemporaryFile script;
    const std::string text = resource("archive_pdf.py");
    if (!script.open() || script.write(text.data(), static_cast<qint64>(text.size())) != static_cast<qint64>(text.size()) ||
        !script.flush())
        return fail(ErrorCode::NoSpace,
            core::key("Pack", "There is no room in the folder for temporary files to make the PDF; free some space and try again."));
    QString date = QString::fromStdString(issued);  // "2026-11-30T10:00:00Z" becomes "D:20261130100000Z", as a PDF writes it
    for (const char sign : {'-', ':', 'T'}) date.remove(QLatin1Char(sign));
    return made_by(interpreter_of(program),
        {script.fileName(), QString::fromStdString(page), QString::fromStdString(identifier), QStringLiteral("D:") + date}, folder, go_on);
}

std::string words_of_page(const std::string& pdf, int page) {
    if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty()) return "";
    const QString number = QString::number(page);
    QProcess process;
    process.start(QStringLiteral("pdftotext"),
        {QStringLiteral("-f"), number, QStringLiteral("-l"), number, QString::fromStdString(pdf), QStringLiteral("-")});
    if (!process.waitForFinished(kReadTimeoutMs)) process.kill();
    return QString::fromUtf8(process.readAllStandardOutput()).simplified().toStdString();
}

Result<std::string> pdf_of_text(
    const std::string& html, const std::function<core::Outcome(const std::string& folder)>& fill, const std::function<bool()>& go_on) {
    const QTemporaryDir folder;
    const std::string path = folder.path().toStdString();
    if (!folder.isValid())
        return fail(ErrorCode::NoSpace,
            core::key("Pack", "There is no room in the folder for temporary files to make the PDF; free some space and try again."));
    if (auto made = store::make_folder(path + "/fonts"); !made) return tl::make_unexpected(made.error());
    for (const char* font : {"fonts/B612-Regular.otf", "fonts/B612-Bold.otf"})
        if (auto written = store::write_file(path + "/" + font, resource(font)); !written) return tl::make_unexpected(written.error());
    if (auto written = store::write_file(path + "/page.html", html); !written) return tl::make_unexpected(written.error());
    if (fill)
        if (auto filled = fill(path); !filled) return tl::make_unexpected(filled.error());
    return pdf_of(path, "page.html", {}, go_on);
}

}  // namespace anagraph::publish
