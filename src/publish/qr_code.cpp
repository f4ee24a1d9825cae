#include "publish/qr_code.h"

#include <fmt/format.h>

#include <QByteArray>
#include <qrcodegen/qrcodegen.hpp>

#include "publish/pack.h"

namespace anagraph::publish {

namespace {

constexpr int kQuiet = 2;         // modules around the code; the paper is white beyond them
constexpr double kPageCode = 10;  // mm: within what office printers print of the margin

/// As a part of an address.
std::string in_address(const std::string& text) {
    std::string out;
    for (const char c : text) {
        const auto u = static_cast<unsigned char>(c);
        const bool plain =
            (u >= 'a' && u <= 'z') || (u >= 'A' && u <= 'Z') || (u >= '0' && u <= '9') || c == '-' || c == '.' || c == '_' || c == '~';
        out += plain ? std::string(1, c) : fmt::format("%{:02X}", u);
    }
    return out;
}

}  // namespace

std::string qr_svg(const std::string& text, double millimetres) {
    try {
        const auto code = qrcodegen::QrCode::encodeText(text.c_str(), qrcodegen::QrCode::Ecc::MEDIUM);
        const int side = code.getSize() + 2 * kQuiet;
        std::string path;
        for (int y = 0; y < code.getSize(); ++y)
            for (int x = 0; x < code.getSize();) {
                int end = x;
                while (end < code.getSize() && code.getModule(end, y)) ++end;
                if (end > x) path += fmt::format("M{} {}h{}v1h-{}z", x + kQuiet, y + kQuiet, end - x, end - x);
                x = std::max(end, x + 1);
            }
        return fmt::format(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{0}mm\" height=\"{0}mm\" viewBox=\"0 0 {1} {1}\" "
            "shape-rendering=\"crispEdges\">"
            "<rect width=\"{1}\" height=\"{1}\" fill=\"white\"/><path d=\"{2}\" fill=\"black\"/></svg>",
            millimetres, side, path);
    } catch (const qrcodegen::data_too_long&) {
        return "";
    }
}

std::string page_code(const core::Edition& edition, const std::string& sha256, int page) {
    if (edition.desk.empty()) return fmt::format("{}, page {}", edition_mark(edition, sha256), page);
    return fmt::format(
        "{}/is/{}/{}/{}?p={}", edition.desk, in_address(edition.procedure.header.number), edition.number, sha256.substr(0, 8), page);
}

std::string page_codes_style(const core::Edition& edition, const std::string& sha256, int pages) {
    std::string out;
    for (int page = 1; page <= pages; ++page) {
        const auto svg = QByteArray::fromStdString(qr_svg(page_code(edition, sha256, page), kPageCode)).toBase64();
        out += fmt::format(
            "@page :nth({}) {{ @bottom-right {{ background: url(data:image/svg+xml;base64,{}) no-repeat right 1mm; background-size: {}mm "
            "{}mm; "
            "padding-right: {}mm; }} }}\n",
            page, svg.toStdString(), kPageCode, kPageCode, kPageCode + 2);
    }
    return out;
}

}  // namespace anagraph::publish
