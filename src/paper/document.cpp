#include "paper/document.h"

#include <fmt/format.h>

#include <QBuffer>
#include <QFile>
#include <QImageReader>
#include <QProcess>
#include <QStandardPaths>
#include <algorithm>
#include <filesystem>

namespace anagraph::paper {

using core::ErrorCode;
using core::fail;

namespace {

constexpr int kPatienceMs = 60000;
constexpr int kMostPages = 5000;

QString q(const std::string& s) { return QString::fromStdString(s); }

struct Ran {
    QByteArray out;
    QByteArray said;
    bool well = false;
};

/// Runs a program of the system with `input`, and gives what it wrote.
core::Result<Ran> run(const QString& name, const QStringList& arguments, const QByteArray& input, const GoOn& go_on) {
    const QString program = QStandardPaths::findExecutable(name);
    if (program.isEmpty())
        return fail(ErrorCode::Unwritable,
            core::say(
                core::key("Paper", "The program {0} is not installed, so this cannot be read; install it, or type what stands there."),
                name.toStdString()));
    QProcess process;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("OMP_THREAD_LIMIT"), QStringLiteral("1"));  // on small pictures its threads cost more than they give
    process.setProcessEnvironment(environment);
    process.start(program, arguments);
    process.write(input);
    process.closeWriteChannel();
    for (int waited = 0; !process.waitForFinished(100) && process.state() != QProcess::NotRunning; waited += 100) {
        const bool stopped = go_on && !go_on();
        if (!stopped && waited < kPatienceMs) continue;
        process.kill();
        process.waitForFinished();
        return stopped
            ? fail(ErrorCode::Cancelled, core::key("Paper", "Reading was stopped."))
            : fail(ErrorCode::Unreadable, core::key("Paper", "It took too long and was given up; try a smaller file, or one page of it."));
    }
    return Ran{process.readAllStandardOutput(), process.readAllStandardError(),
        process.exitStatus() == QProcess::NormalExit && process.exitCode() == 0};
}

bool is_pdf(const std::string& path) {
    QFile file(q(path));
    return file.open(QIODevice::ReadOnly) && file.read(1024).contains("%PDF-");
}

}  // namespace

core::Result<Document> open_document(const std::string& path) {
    std::error_code ec;
    if (!std::filesystem::exists(path, ec))
        return fail(ErrorCode::NotFound, core::say(core::key("Paper", "{0} is not there; choose the file again."), path), path);
    if (std::filesystem::is_directory(path, ec))
        return fail(ErrorCode::Unreadable, core::say(core::key("Paper", "{0} is a folder; choose the file in it."), path), path);
    if (!is_pdf(path)) {
        QImageReader reader(q(path));
        reader.setDecideFormatFromContent(true);
        if (!reader.canRead())
            return fail(ErrorCode::Unreadable,
                core::say(core::key("Paper", "{0} is neither a PDF nor a picture; scan or photograph the page and choose that."), path),
                path);
        return Document{path, false, 1};
    }
    const auto about = run(QStringLiteral("pdfinfo"), {q(path)}, {}, {});
    if (!about) return tl::make_unexpected(about.error());
    if (!about->well) {
        if (about->said.contains("assword"))
            return fail(ErrorCode::Refused,
                core::say(core::key("Paper", "{0} is locked with a password; unlock it, or photograph the page."), path), path);
        return fail(ErrorCode::Unreadable,
            core::say(core::key("Paper", "{0} is a damaged PDF; get it again, or photograph the page."), path), path);
    }
    int pages = 0;
    for (const auto& line : about->out.split('\n'))
        if (line.startsWith("Pages:")) pages = line.mid(6).trimmed().toInt();
    if (pages < 1 || pages > kMostPages)
        return fail(
            ErrorCode::Unreadable, core::say(core::key("Paper", "{0} has {1} pages, which cannot be shown here."), path, pages), path);
    return Document{path, true, pages};
}

core::Result<QImage> page_image(const Document& document, int page, const GoOn& go_on) {
    if (page < 1 || page > document.pages)
        return fail(ErrorCode::BadInput,
            document.pages == 1 ? core::Words(core::key("Paper", "It has one page only."))
                                : core::say(core::key("Paper", "It has the pages 1 to {0}."), document.pages));
    QImage image;
    if (document.pdf) {
        const QString number = QString::number(page);
        const auto drawn = run(QStringLiteral("pdftoppm"),
            {QStringLiteral("-f"), number, QStringLiteral("-l"), number, QStringLiteral("-scale-to"), QString::number(kPageSide),
                q(document.path)},
            {}, go_on);
        if (!drawn) return tl::make_unexpected(drawn.error());
        image = QImage::fromData(drawn->out, "PPM");
    } else {
        QImageReader reader(q(document.path));
        reader.setDecideFormatFromContent(true);
        reader.setAutoTransform(true);
        const QSize size = reader.size();
        if (size.isValid() && std::max(size.width(), size.height()) > kPageSide)
            reader.setScaledSize(size.scaled(kPageSide, kPageSide, Qt::KeepAspectRatio));
        image = reader.read();
    }
    if (image.isNull())
        return fail(ErrorCode::Unreadable,
            core::say(core::key("Paper", "Page {0} of {1} cannot be shown; the file is damaged."), page, document.path), document.path);
    return image;
}

core::Result<std::vector<std::string>> page_texts(const Document& document, const GoOn& go_on) {
    if (!document.pdf) return std::vector<std::string>(1);
    const auto read = run(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), q(document.path), QStringLiteral("-")}, {}, go_on);
    if (!read) return tl::make_unexpected(read.error());
    std::vector<std::string> out;
    for (const auto& page : read->out.split('\f')) out.push_back(page.toStdString());
    out.resize(static_cast<std::size_t>(document.pages));
    return out;
}

core::Result<std::vector<core::PageWord>> read_words(const QImage& page, const core::PageSpot& part, Layout layout, const GoOn& go_on) {
    const auto at = [](int share, int whole) {
        return static_cast<int>(static_cast<long long>(std::clamp(share, 0, 10000)) * whole / 10000);
    };
    const QRect box(QPoint(at(part.left, page.width()), at(part.top, page.height())),
        QPoint(at(part.right, page.width()) - 1, at(part.bottom, page.height()) - 1));
    if (box.width() < 4 || box.height() < 4) return std::vector<core::PageWord>{};
    QByteArray picture;
    QBuffer buffer(&picture);
    buffer.open(QIODevice::WriteOnly);
    page.copy(box).convertToFormat(QImage::Format_Grayscale8).save(&buffer, "PGM");
    const char* segmentation = layout == Layout::Page ? "4" : layout == Layout::Object ? "11" : "6";
    const auto read = run(QStringLiteral("tesseract"),
        {QStringLiteral("-"), QStringLiteral("-"), QStringLiteral("-l"), QStringLiteral("eng"), QStringLiteral("--psm"),
            QString::fromLatin1(segmentation), QStringLiteral("tsv")},
        picture, go_on);
    if (!read) return tl::make_unexpected(read.error());
    if (!read->well)
        return fail(ErrorCode::Unreadable,
            core::say(core::key("Paper", "This cannot be read: {0}"), read->said.right(200).trimmed().toStdString()));
    auto words = core::read_word_table(read->out.toStdString(), part.page, box.width(), box.height());
    if (!words) return words;
    // back from the part to the page
    for (auto& w : *words) {
        const auto x = [&](int share) {
            return static_cast<int>((box.left() + static_cast<double>(share) * box.width() / 10000) * 10000 / page.width());
        };
        const auto y = [&](int share) {
            return static_cast<int>((box.top() + static_cast<double>(share) * box.height() / 10000) * 10000 / page.height());
        };
        w.spot = {part.page, x(w.spot.left), y(w.spot.top), x(w.spot.right), y(w.spot.bottom)};
    }
    return words;
}

core::PageSpot whole_page(int page) { return {page, 0, 0, 10000, 10000}; }

}  // namespace anagraph::paper
