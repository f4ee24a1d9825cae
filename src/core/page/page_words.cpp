#include "core/page/page_words.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>
#include <map>
#include <optional>
#include <set>

#include "core/base/letters.h"

namespace anagraph::core {
namespace {

std::vector<std::string_view> split(std::string_view text, char at) {
    std::vector<std::string_view> out;
    for (std::size_t from = 0; from <= text.size();) {
        const std::size_t end = std::min(text.find(at, from), text.size());
        out.push_back(text.substr(from, end - from));
        from = end + 1;
    }
    return out;
}

std::optional<double> number_in(std::string_view text) {
    double value = 0;
    const auto [end, wrong] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (wrong != std::errc{} || end != text.data() + text.size()) return std::nullopt;
    return value;
}

std::string replaced(std::string text, std::string_view from, std::string_view to) {
    for (std::size_t at = text.find(from); at != std::string::npos; at = text.find(from, at + to.size())) text.replace(at, from.size(), to);
    return text;
}

/// A unit and the signs machines take for it. The dot of N·m is read as e, -, * or nothing.
constexpr std::array<std::pair<std::string_view, std::string_view>, 14> kMisread{
    {{"Nem", "Nm"}, {"N-m", "Nm"}, {"N*m", "Nm"}, {"N.m", "Nm"}, {"N+m", "Nm"}, {"Nrn", "Nm"}, {"Nm.", "Nm"}, {"mn", "mm"}, {"rnm", "mm"},
        {"mrn", "mm"}, {"°C", "degC"}, {"*C", "degC"}, {"°F", "degF"}, {"*F", "degF"}}};

/// A printed stretch in the spelling the parser of values knows, and whether signs had to be taken for others.
struct Spelt {
    std::string text;
    std::string tolerance;
    bool mended = false;
};

/// "25 ± 2.5 Nm" into the value and its tolerance. A "+" between two numbers of which the second is much smaller is a ± that
/// lost its foot.
Spelt spelt(std::string text, DecimalMark mark) {
    Spelt out;
    for (const auto& [from, to] : kMisread) {
        const std::size_t at = text.rfind(from);
        if (at == std::string::npos || (at > 0 && is_letter(text[at - 1])) ||
            (at + from.size() < text.size() && is_letter(text[at + from.size()])))
            continue;
        out.mended = out.mended ||
            (from.find('*') != std::string_view::npos || from == "Nem" || from == "mn" || from == "rnm" || from == "mrn" || from == "Nrn");
        text.replace(at, from.size(), to);
    }
    text = replaced(replaced(std::move(text), "+/-", "±"), "\u2013", " to ");
    // "1.7L" and "60degC": a space between a number and its unit
    std::string spaced;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (i > 0 && is_letter(text[i]) && is_digit(text[i - 1]) && text[i] != 'x') spaced += ' ';
        spaced += text[i];
    }
    text = std::move(spaced);
    std::size_t sign = text.find("±");
    std::size_t length = std::string_view("±").size();
    if (sign == std::string::npos) {
        sign = text.find('+');
        length = 1;
    }
    if (sign != std::string::npos) {
        std::string before = text.substr(0, sign);
        std::string after = text.substr(sign + length);
        before.erase(before.find_last_not_of(' ') + 1);
        after.erase(0, after.find_first_not_of(' '));
        std::size_t end = 0;
        while (end < after.size() && (is_digit(after[end]) || after[end] == '.' || after[end] == ',')) ++end;
        const auto value = Number::parse(before, mark);
        const auto tolerance = Number::parse(std::string_view(after).substr(0, end), mark);
        if (value && tolerance && tolerance->value() < value->value() / 2) {
            out.tolerance = tolerance->text();
            out.mended = out.mended || length == 1;
            text = before + after.substr(end);
        }
    }
    out.text = std::move(text);
    return out;
}

std::string trimmed(std::string text) {
    static constexpr std::string_view kEdge = " ,;:()[]{}|\"'";
    text.erase(0, std::min(text.find_first_not_of(kEdge), text.size()));
    text.erase(text.find_last_not_of(kEdge) + 1);
    return text;
}

std::set<std::string> stems(std::string_view text) {
    std::set<std::string> out;
    std::string word;
    for (const char c : std::string(text) + " ") {
        if (std::isalnum(static_cast<unsigned char>(c)) != 0) {
            word += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
            continue;
        }
        if (word.size() > 1) {
            if (word.size() > 4 && word.ends_with("ing")) word.erase(word.size() - 3);
            if (word.size() > 3 && word.back() == 's') word.pop_back();
            out.insert(word);
        }
        word.clear();
    }
    return out;
}

/// The share of the words of `about` that the line has.
double nearness(const std::set<std::string>& about, std::string_view line) {
    if (about.empty()) return 0;
    const auto here = stems(line);
    const auto common = std::count_if(about.begin(), about.end(), [&](const std::string& w) { return here.contains(w); });
    return static_cast<double>(common) / static_cast<double>(about.size());
}

PageSpot around(const std::vector<const PageWord*>& words, std::size_t from, std::size_t to) {
    PageSpot out = words[from]->spot;
    for (std::size_t i = from + 1; i < to; ++i) {
        const PageSpot& s = words[i]->spot;
        out.left = std::min(out.left, s.left);
        out.top = std::min(out.top, s.top);
        out.right = std::max(out.right, s.right);
        out.bottom = std::max(out.bottom, s.bottom);
    }
    return out;
}

/// A grade or a part number: letters and digits in one word, and no size in words ("M14", "No.").
bool is_code(const std::string& word) {
    const bool digits = std::any_of(word.begin(), word.end(), is_digit);
    const bool letters = std::any_of(word.begin(), word.end(), is_letter);
    return digits && letters && word.size() >= 3 && word.size() <= 24;
}

std::optional<PageValue> value_of(
    const std::vector<const PageWord*>& line, std::size_t from, std::size_t to, FigureKind kind, DecimalMark mark) {
    std::string joined;
    for (std::size_t i = from; i < to; ++i) joined += (i > from ? " " : "") + line[i]->text;
    const std::string words = trimmed(joined);
    if (words.empty()) return std::nullopt;
    PageValue out;
    if (kind == FigureKind::Grade || kind == FigureKind::PartNumber) {
        if (to - from > 1 || !is_code(words)) return std::nullopt;
        out.value = {words, "", ""};
    } else {
        if (!is_digit(words.front()) && !words.starts_with("at ") && !words.starts_with("max") && !words.starts_with("min"))
            return std::nullopt;
        const Spelt said = spelt(words, mark);
        const auto value = parse_figure_value(said.text, kind, mark);
        if (!value || !value->known() || value->unit.empty()) return std::nullopt;
        out.value = *value;
        out.tolerance = said.tolerance;
        out.mended = said.mended;
    }
    out.sureness = 100;
    for (std::size_t i = from; i < to; ++i) out.sureness = std::min(out.sureness, line[i]->sureness);
    out.spot = around(line, from, to);
    return out;
}

/// The value of these words, or the two it may be.
std::vector<PageValue> values_of(
    const std::vector<const PageWord*>& line, std::size_t from, std::size_t to, FigureKind kind, DecimalMark mark) {
    if (auto one = value_of(line, from, to, kind, mark)) return {std::move(*one)};
    if (mark != DecimalMark::Unknown) return {};
    auto point = value_of(line, from, to, kind, DecimalMark::Point);
    auto comma = value_of(line, from, to, kind, DecimalMark::Comma);
    if (!point || !comma) return {};
    point->two_ways = comma->two_ways = true;
    return {std::move(*point), std::move(*comma)};
}

constexpr std::size_t kMostWords = 9;  // of one value: "20 , then 40 , then 60 N·m"

}  // namespace

Result<std::vector<PageWord>> read_word_table(std::string_view tsv, int page, int width, int height) {
    const auto rows = split(tsv, '\n');
    if (width <= 0 || height <= 0 || !rows.front().starts_with("level\tpage_num"))
        return fail(ErrorCode::BadInput, key("Page", "What was read on the page came back in a form nobody knows."));
    std::vector<PageWord> out;
    int line = -1;
    std::array<std::string_view, 4> last;
    for (std::size_t r = 1; r < rows.size(); ++r) {
        std::string_view row = rows[r];
        if (row.ends_with('\r')) row.remove_suffix(1);
        const auto cells = split(row, '\t');
        if (cells.size() < 12 || cells[0] != "5") continue;
        std::string text(cells[11]);
        text.erase(0, std::min(text.find_first_not_of(' '), text.size()));
        text.erase(text.find_last_not_of(' ') + 1);
        const std::array<std::string_view, 4> now{cells[1], cells[2], cells[3], cells[4]};
        if (text.empty()) continue;
        if (now != last) ++line;
        last = now;
        std::array<double, 5> n{};
        for (std::size_t i = 0; i < n.size(); ++i) {
            const auto value = number_in(cells[6 + i]);
            if (!value || !(*value > -1e6 && *value < 1e6))
                return fail(ErrorCode::BadInput, say(key("Page", "Row {0} of what was read on the page has no place."), r + 1));
            n[i] = *value;
        }
        const auto share = [](double at, int whole) { return std::clamp(static_cast<int>(at * 10000 / whole), 0, 10000); };
        out.push_back(
            {std::move(text), {page, share(n[0], width), share(n[1], height), share(n[0] + n[2], width), share(n[1] + n[3], height)},
                std::clamp(static_cast<int>(n[4]), 0, 100), line});
    }
    return out;
}

std::vector<PageWord> words_within(const std::vector<PageWord>& words, const PageSpot& part) {
    std::vector<PageWord> out;
    for (const auto& w : words) {
        const int x = (w.spot.left + w.spot.right) / 2;
        const int y = (w.spot.top + w.spot.bottom) / 2;
        if (w.spot.page == part.page && x >= part.left && x <= part.right && y >= part.top && y <= part.bottom) out.push_back(w);
    }
    return out;
}

std::vector<PageValue> values_on(const std::vector<PageWord>& words, FigureKind kind, std::string_view about) {
    // Words that stand at one height are one line to a reader, however the machine cut the page into columns.
    std::vector<const PageWord*> order;
    for (const auto& w : words) order.push_back(&w);
    const auto middle = [](const PageWord* w) { return (w->spot.top + w->spot.bottom) / 2; };
    std::stable_sort(order.begin(), order.end(),
        [&](const PageWord* a, const PageWord* b) { return std::pair(a->spot.page, middle(a)) < std::pair(b->spot.page, middle(b)); });
    std::vector<std::vector<const PageWord*>> lines;
    for (const auto* w : order) {
        const bool same = !lines.empty() && lines.back().front()->spot.page == w->spot.page &&
            middle(w) <= lines.back().front()->spot.bottom && middle(w) >= lines.back().front()->spot.top;
        if (same)
            lines.back().push_back(w);
        else
            lines.push_back({w});
    }
    const auto asked = stems(about);
    std::string page;
    for (const auto& w : words) page += w.text + " ";
    const DecimalMark mark = decimal_mark_of(page);
    std::vector<PageValue> out;
    for (auto& line : lines) {
        std::stable_sort(line.begin(), line.end(), [](const PageWord* a, const PageWord* b) { return a->spot.left < b->spot.left; });
        std::string text;
        for (const auto* w : line) text += (text.empty() ? "" : " ") + w->text;
        for (std::size_t from = 0; from < line.size();) {
            std::vector<PageValue> best;
            std::size_t next = from + 1;
            // the longest stretch that is a value, so that "8 to 10 mm" is not read as 10
            for (std::size_t to = std::min(from + kMostWords, line.size()); to > from; --to) {
                best = values_of(line, from, to, kind, mark);
                if (best.empty()) continue;
                next = to;
                break;
            }
            for (auto& value : best) {
                value.line = text;
                value.nearness = nearness(asked, text);
                out.push_back(std::move(value));
            }
            from = next;
        }
    }
    std::stable_sort(out.begin(), out.end(), [](const PageValue& a, const PageValue& b) { return a.nearness > b.nearness; });
    return out;
}

std::size_t value_for_variant(const std::vector<PageValue>& values, const std::vector<std::string>& variants, const std::string& variant) {
    if (values.empty()) return 0;
    const std::string& line = values.front().line;
    // where each variant's name begins; a name is not found within a longer one ("PT60" in "PT60-T")
    std::vector<std::pair<std::size_t, std::string>> named;
    for (const auto& v : variants)
        for (std::size_t at = line.find(v); at != std::string::npos; at = line.find(v, at + 1)) {
            const bool longer = std::any_of(variants.begin(), variants.end(),
                [&](const std::string& other) { return other.size() > v.size() && line.compare(at, other.size(), other) == 0; });
            if (!longer) named.emplace_back(at, v);
        }
    std::sort(named.begin(), named.end());
    std::vector<std::size_t> of_line;
    for (std::size_t i = 0; i < values.size(); ++i)
        if (values[i].line == line && values[i].spot.top < values.front().spot.bottom && values[i].spot.bottom > values.front().spot.top)
            of_line.push_back(i);
    if (named.size() != variants.size() || of_line.size() != named.size()) return 0;
    std::sort(of_line.begin(), of_line.end(), [&](std::size_t a, std::size_t b) { return values[a].spot.left < values[b].spot.left; });
    for (std::size_t i = 0; i < named.size(); ++i)
        if (named[i].second == variant) return of_line[i];
    return 0;
}

std::vector<PageWord> words_of_text(std::string_view text, int page) {
    constexpr int kLine = 20;  // any height will do that keeps one line from the next
    std::vector<PageWord> out;
    int line = 0;
    for (const auto row : split(text, '\n')) {
        int left = 0;
        for (const auto word : split(row, ' ')) {
            if (!word.empty() && word != "\r")
                out.push_back({std::string(word), {page, left, line * kLine, left + 1, line * kLine + kLine / 2}, 100, line});
            ++left;
        }
        ++line;
    }
    return out;
}

std::optional<int> page_naming(const std::vector<std::string>& texts, FigureKind kind, std::string_view about) {
    std::optional<int> best;
    double nearest = 0;
    for (std::size_t i = 0; i < texts.size(); ++i) {
        const auto values = values_on(words_of_text(texts[i], static_cast<int>(i) + 1), kind, about);
        if (values.empty() || values.front().nearness <= nearest) continue;
        nearest = values.front().nearness;
        best = static_cast<int>(i) + 1;
    }
    return best;
}

}  // namespace anagraph::core
