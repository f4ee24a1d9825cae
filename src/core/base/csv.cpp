#include "core/base/csv.h"

#include <algorithm>
#include <string_view>

namespace anagraph::core {

Result<std::vector<std::vector<std::string>>> csv_rows(const std::string& given) {
    std::string text = given.starts_with("\xEF\xBB\xBF") ? given.substr(3) : given;
    const auto first = text.substr(0, text.find('\n'));
    const char comma = std::count(first.begin(), first.end(), ';') > std::count(first.begin(), first.end(), ',') ? ';' : ',';
    std::vector<std::vector<std::string>> out;
    std::vector<std::string> row;
    std::string field;
    bool quoted = false;
    const auto end_field = [&] {
        row.push_back(std::move(field));
        field.clear();
    };
    const auto end_row = [&] {
        end_field();
        if (row.size() > 1 || !row[0].empty()) out.push_back(std::move(row));
        row.clear();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c != '"') {
                field += c;
            } else if (i + 1 < text.size() && text[i + 1] == '"') {
                field += '"';
                ++i;
            } else {
                quoted = false;
            }
        } else if (c == '"' && field.empty()) {
            quoted = true;
        } else if (c == comma) {
            end_field();
        } else if (c == '\n') {
            end_row();
        } else if (c != '\r') {
            field += c;
        }
    }
    if (quoted) return fail(ErrorCode::BadInput, key("Base", "A quote in the list is not closed; save it again as CSV."));
    if (!field.empty() || !row.empty()) end_row();
    return out;
}

std::string csv_row(const std::vector<std::string>& fields) {
    std::string out;
    for (std::size_t i = 0; i < fields.size(); ++i) {
        if (i > 0) out += ',';
        // a field that begins like a formula would be worked out by the program that opens the table
        std::string f =
            !fields[i].empty() && std::string_view("=+-@").find(fields[i][0]) != std::string_view::npos ? "'" + fields[i] : fields[i];
        if (f.find_first_of(",;\"\r\n") == std::string::npos) {
            out += f;
            continue;
        }
        out += '"';
        for (const char c : f) out += c == '"' ? std::string("\"\"") : std::string(1, c);
        out += '"';
    }
    return out + "\r\n";
}

}  // namespace anagraph::core
