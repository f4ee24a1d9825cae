#include "publish/print_form.h"

#include <fmt/format.h>

#include <QImage>
#include <QString>

#include "publish/pdf_maker.h"
#include "publish/resource.h"
#include "store/archive.h"
#include "store/files.h"

namespace anagraph::publish {

using core::ErrorCode;
using core::fail;
using core::Outcome;

namespace {

Outcome grey_picture(const std::string& from, const std::string& to) {
    const QImage picture(QString::fromStdString(from));
    if (picture.isNull())
        return fail(ErrorCode::Damaged, core::key("Pack", "A picture of the kept pack cannot be read; verify the pack."), from);
    if (picture.convertToFormat(QImage::Format_Grayscale8).save(QString::fromStdString(to), "PNG")) return {};
    return fail(ErrorCode::NoSpace,
        core::key("Pack", "There is no room in the folder for temporary files for the pictures; free some space and try again."));
}

}  // namespace

std::string in_greys(const std::string& page) {
    constexpr std::string_view kBefore = "=\"#";
    constexpr std::size_t kDigits = 6;
    std::string out;
    std::size_t taken = 0;
    for (std::size_t at = page.find(kBefore); at != std::string::npos; at = page.find(kBefore, at + 1)) {
        const std::size_t from = at + kBefore.size();
        if (from + kDigits >= page.size() || page[from + kDigits] != '"') continue;
        const std::string digits = page.substr(from, kDigits);
        if (digits.find_first_not_of("0123456789abcdefABCDEF") != std::string::npos) continue;
        const auto part = [&](std::size_t i) { return std::stoi(digits.substr(2 * i, 2), nullptr, 16); };
        const int grey = (299 * part(0) + 587 * part(1) + 114 * part(2) + 500) / 1000;
        out += page.substr(taken, from - taken) + fmt::format("{0:02X}{0:02X}{0:02X}", grey);
        taken = from + kDigits;
    }
    return out + page.substr(taken);
}

core::Result<std::string> print_form(const core::Edition& edition, const std::string& mark, const PackFiles& files,
    const std::string& folder, const std::function<bool()>& go_on) {
    const auto grey_pictures = [&](const std::string& work) -> Outcome {
        if (auto made = store::make_folder(work + "/plates"); !made) return made;
        for (const auto& entry : store::entries_of(folder))
            if (entry.name.starts_with("plates/"))
                if (auto made = grey_picture(entry.file, work + "/" + entry.name); !made) return made;
        return {};
    };
    return pdf_of_text(in_greys(guide_page(template_text("print.html"), edition, mark, files)), grey_pictures, go_on);
}

}  // namespace anagraph::publish
