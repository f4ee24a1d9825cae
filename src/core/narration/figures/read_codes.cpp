#include "core/narration/figures/read_codes.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/narration/figures/cues.h"

namespace anagraph::core {
namespace {

using lexicon::Class;
using lexicon::is;
using lexicon::unit_of;

std::string upper(std::string_view s) {
    std::string out(s);
    for (char& c : out) c = static_cast<char>(c >= 'a' && c <= 'z' ? c - 'a' + 'A' : c);
    return out;
}

bool digits_only(std::string_view s) { return !s.empty() && s.find_first_not_of("0123456789") == std::string_view::npos; }
bool letters_only(std::string_view s) { return !s.empty() && s.find_first_not_of("abcdefghijklmnopqrstuvwxyz") == std::string_view::npos; }
FoundFigure coded(FigureKind kind, std::string text, std::size_t from, std::size_t to, std::string because) {
    return {kind, {std::move(text), "", ""}, false, false, from, to, std::move(because)};
}

/// Is the number that ends before words[i] one of something: a unit follows, at once ("12.9 litres") or after the other end
/// of a range ("8.8 to 9.2 newton metres")?
bool measured(const Line& line, std::size_t i) {
    const auto unit_at = [&](std::size_t k) { return unit_of(line.at(k), line.at(k + 1), line.at(k + 2)).has_value(); };
    if (unit_at(i)) return true;
    const auto other = listed("to and or", line.at(i)) ? read_number(line.words, i + 1) : std::nullopt;
    return other && unit_at(i + 1 + other->length);
}

}  // namespace

std::optional<FoundFigure> read_code(const Line& line, std::size_t i) {
    const auto w = line.at(i);
    // two numbers joined by W
    if (const auto split = w.find('w');
        split != std::string_view::npos && split > 0 && digits_only(w.substr(0, split)) && digits_only(w.substr(split + 1)))
        return coded(FigureKind::Grade, upper(w), i, i + 1, "a viscosity: two numbers joined by W");
    if (const auto n = read_number(line.words, i);
        n && !n->open_point && !n->fraction && whole(n->value) && n->value >= 0 && n->value <= 100) {
        std::size_t k = i + n->length;
        const bool tied = line.at(k).size() > 1 && line.at(k)[0] == 'w' && digits_only(line.at(k).substr(1));  // "75 w90"
        if (tied) return coded(FigureKind::Grade, n->digits + upper(line.at(k)), i, k + 1, "a viscosity: two numbers joined by W");
        if (line.at(k) == "w" || line.at(k) == "double-u" || line.at(k) == "weight")
            if (const auto m = read_number(line.words, k + 1); m && m->value >= 8 && whole(m->value))
                return coded(FigureKind::Grade, n->digits + "W" + m->digits, i, k + 1 + m->length, "a viscosity: two numbers joined by W");
    }
    if (w.size() >= 2 && w.back() == 'w' && digits_only(w.substr(0, w.size() - 1)) && digits_only(line.at(i + 1)) &&
        !line.starts_clause(i + 1))
        return coded(FigureKind::Grade, upper(w) + std::string(line.at(i + 1)), i, i + 2, "a viscosity: two numbers joined by W");
    if (w.size() == 2 && (w[0] == 's' || w[0] == 'c') && line.stands_at("or better", i + 1))
        return coded(FigureKind::Grade, upper(w), i, i + 1, "a specification class");
    if (const auto n = read_number(line.words, i); n && listed("8.8 10.9 12.9", n->digits) && !measured(line, i + n->length) &&
        (w == n->digits || line.any_of("class grade bolt bolts stud studs head heads property")))
        return coded(FigureKind::Grade, n->digits, i, i + n->length, "a property class of fasteners");
    // "ten nine bolts": the point is left out
    if (const bool eight = w == "eight"; eight || listed("ten twelve", w))
        if (line.at(i + 1) == (eight ? "eight" : "nine") &&
            listed("bolt bolts stud studs cap caps head heads screw screws class grade steel", line.at(i + 2)))
            return coded(FigureKind::Grade,
                w == "twelve"    ? "12.9"
                    : w == "ten" ? "10.9"
                                 : "8.8",
                i, i + 2, "a property class of fasteners");
    // a family and its number
    static constexpr std::array<std::string_view, 33> kFamilies{"gl", "vg", "dot", "nlgi", "sae", "hvlp", "hlp", "iso", "ma", "mb", "ci",
        "cj", "ck", "cf", "cg", "ch", "sn", "sm", "sl", "sj", "sg", "tc", "ep", "ffl", "iso vg", "g", "hv", "hm", "td", "atf", "fd", "pg",
        "jaso"};
    const auto family = std::find_if(kFamilies.begin(), kFamilies.end(), [&](std::string_view f) {
        return w.starts_with(f) && (w.size() == f.size() || digits_only(w.substr(f.size()))) && (f.size() > 1 || w.size() > f.size());
    });
    const bool oily = line.any(Class::Fluid) || line.any_of("grade spec class viscosity can tin bottle hydraulic brake");
    if (family != kFamilies.end()) {
        const std::string_view f = *family;
        const bool engine_class = listed("ci cj ck cf cg ch", f);
        const bool sure = listed("gl vg dot nlgi sae hvlp hlp iso jaso atf", f) || engine_class;
        if (w.size() > f.size()) {
            if (sure || (oily && w.size() <= f.size() + 2)) return coded(FigureKind::Grade, upper(w), i, i + 1, "a specification class");
        } else if (const auto n = read_number(line.words, i + 1); n && !n->fraction && whole(n->value) && !line.starts_clause(i + 1)) {
            const std::size_t after = i + 1 + n->length;
            const bool longer = line.at(after) == "dash" || read_number(line.words, after).has_value();  // a part number
            if (!unit_of(line.at(after), line.at(after + 1), "") && !(longer && (!sure || engine_class)) &&
                ((sure && !(engine_class && n->value > 9)) || (oily && n->value < 10)))
                return coded(FigureKind::Grade, upper(f) + n->digits, i, after, "a specification class");
        }
    }
    if (w == "grade")
        if (const auto n = read_number(line.words, i + 1);
            n && whole(n->value) && n->value >= 1 && n->value <= 12 && !line.starts_clause(i + 1))
            return coded(FigureKind::Grade, n->digits, i, i + 1 + n->length, "a grade");
    if (listed("oat hoat", w) || (w == "atf" && oily)) return coded(FigureKind::Grade, upper(w), i, i + 1, "a specification class");
    // letter sizes, near something that has a size
    const bool sized = line.any(Class::Tool) || line.any(Class::Fastener) || line.any_of("size thread bit head heads");
    const bool article = listed("a an", line.before(i));
    if (w.size() >= 2 && w.size() <= 3 && (w[0] == 'm' || w[0] == 't') && digits_only(w.substr(1)) &&
        (sized || article || line.at(i + 1) == "by"))
        return coded(FigureKind::Size, upper(w), i, i + 1, "a letter size");
    if (listed("m em t tee", w) && (sized || (article && w != "m" && w != "t")))
        if (const auto n = read_number(line.words, i + 1); n && whole(n->value) && n->value >= 3 && n->value <= 60 &&
            !line.starts_clause(i + 1) && !unit_of(line.at(i + 1 + n->length), "", ""))
            return coded(
                FigureKind::Size, (w.find('m') != std::string_view::npos ? "M" : "T") + n->digits, i, i + 1 + n->length, "a letter size");
    return std::nullopt;
}

std::optional<FoundFigure> read_part_number(const Line& line, std::size_t i) {
    const auto first = line.at(i);
    const bool cued = line.any_of("number numbers number's part order reference ref kit form", i > 8 ? i - 8 : 0, i);
    std::string text;
    std::size_t k = i;
    bool letters = false;
    bool dash = false;
    std::size_t digits = 0;
    std::size_t groups = 0;
    while (k < line.size() && k < i + 14) {
        const auto w = line.at(k);
        if (k > i && line.words[k].sentence_start) break;
        const bool code_token = letters_only(w) && w.size() <= 3 && !is(Class::Adverb, w) &&
            (w.size() == 1 ? (k > i || w != "a") && w != "i"
                           : !lexicon::work_verb(w) &&
                        !listed(
                            "the and for but not you she her him his its our out one two six ten has was are get got can off all any old "
                            "new yes see set put let too now way why who how top cap nut pin oil gas fan rag bit lot mil bar rpm psi in on "
                            "it is to of at by or as so we me my no up an do go he if be us am oh ok uh um er ah ml mm cm km nm cc ",
                            w));
        if (listed("dash hyphen slash stroke", w) && !text.empty()) {
            dash = true;
            text += '-';
            ++k;
        } else if (listed("double triple", w)) {
            const auto n = read_number(std::span(line.words).first(std::min(line.size(), k + 2)), k + 1);
            if (!n || n->value > 9) break;
            for (int r = 0; r < (w == "double" ? 2 : 3); ++r) text += n->digits;
            digits += 2;
            k += 2;
        } else if (const auto n = read_number(line.words, k);
                   n && !n->fraction && !n->open_point && whole(n->value) && n->value >= 0 && w != "a" && w != "minus") {
            // one word group after the other, as they are spelt: "eighteen" is 18, "three zero" 30
            std::size_t length = n->length;
            std::string said = n->digits;
            if (n->grouped > 0) {
                length = n->grouped;
                said = read_number(std::span(line.words).first(k + length), k)->digits;
            }
            if (std::string_view("0123456789").find(w[0]) != std::string_view::npos && length == 1) said = std::string(w);
            if (said.find_first_not_of("0123456789") != std::string::npos) break;
            text += said;
            digits += said.size();
            k += length;
        } else if (code_token && (w.size() == 1 || k == i || !line.starts_clause(k)) &&
            (text.empty() || text.back() == '-' || digits > 0 || letters)) {
            text += upper(w);
            letters = true;
            ++groups;
            ++k;
        } else if (w.find_first_of("0123456789") != std::string_view::npos &&
            w.find_first_of("abcdefghijklmnopqrstuvwxyz") != std::string_view::npos && w.find('.') == std::string_view::npos &&
            w.size() >= (cued ? 2U : 3U)) {
            text += upper(w);
            letters = true;
            digits += static_cast<std::size_t>(std::count_if(w.begin(), w.end(), [](char c) { return c >= '0' && c <= '9'; }));
            ++k;
        } else {
            break;
        }
    }
    while (!text.empty() && text.back() == '-') text.pop_back();
    // "part number six five dash three three one": figures alone, where it is said that they are a number
    const bool numbered = line.any_of("part order oem reference ref catalogue stock kit", i > 4 ? i - 4 : 0, i) &&
        line.any_of("number numbers number's no reference ref", i > 3 ? i - 3 : 0, i);
    if (!letters && numbered && digits >= 4 && !unit_of(line.at(k), line.at(k + 1), ""))
        return coded(FigureKind::PartNumber, text, i, k, "said to be a number of a part");
    // "the b x forty two belt"
    const bool names = letters && groups == 1 && digits >= 2 && text.size() >= 4 && is(Class::Part, line.at(k)) && letters_only(first) &&
        first.size() >= 1 && first.size() <= 3 && !line.starts_clause(k);
    if (names && !read_number(line.words, i) && !unit_of(first, "", "") && !is(Class::Thing, first) &&
        listed("the a an this that", line.before(i)))
        return coded(FigureKind::PartNumber, text, i, k, "letters and digits that name a part");
    if (!letters || text.size() < 4 || (digits < 2 && !(dash && cued && digits == 1))) return std::nullopt;
    if (const auto w = text.find('W'); w != std::string::npos && w > 0 && w + 1 < text.size() && text[w - 1] >= '0' && text[w - 1] <= '9')
        return std::nullopt;  // a viscosity
    const bool mixed = first.find_first_of("0123456789") != std::string_view::npos &&
        first.find_first_of("abcdefghijklmnopqrstuvwxyz") != std::string_view::npos;
    const bool begins_well = (letters_only(first) && first.size() <= 3 && !read_number(line.words, i)) || mixed || cued;
    if (groups > 3 && !dash && !cued) return std::nullopt;
    if (!begins_well || !(dash || cued || (digits >= 3 && !unit_of(line.at(k), line.at(k + 1), "")))) return std::nullopt;
    if (k - i == 1 && !cued && digits < 3) return std::nullopt;
    return coded(FigureKind::PartNumber, text, i, k,
        dash ? "letters and digits with a dash: a part number" : "letters and digits spelt out: a part number");
}

}  // namespace anagraph::core
