#include "core/logbook/paper.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <charconv>

#include "core/base/csv.h"
#include "core/edition/post.h"

namespace anagraph::core {
namespace {

using Row = std::vector<std::string>;

/// What a heading names; Nothing: none of ours.
PaperColumn named(const std::string& heading) {
    static constexpr std::array<std::pair<std::string_view, PaperColumn>, 17> names{{{"machine", PaperColumn::Machine},
        {"equipment", PaperColumn::Machine}, {"serial", PaperColumn::Machine}, {"unit", PaperColumn::Machine}, {"date", PaperColumn::On},
        {"day", PaperColumn::On}, {"on", PaperColumn::On}, {"done", PaperColumn::On}, {"what", PaperColumn::What},
        {"service", PaperColumn::What}, {"work", PaperColumn::What}, {"job", PaperColumn::What}, {"reading", PaperColumn::Reading},
        {"hours", PaperColumn::Reading}, {"meter", PaperColumn::Reading}, {"km", PaperColumn::Reading}, {"h", PaperColumn::Reading}}};
    for (const auto& [name, column] : names)
        if (folded_post(heading) == name) return column;
    return PaperColumn::Nothing;
}

/// "2025-03-01", "1.3.2025", "13/3/2025". `doubt` says why it is not certain.
std::string day_in(const std::string& typed, std::string& doubt) {
    const std::string text = post_of(typed);
    if (parse_day(text)) return text;
    for (const char between : {'.', '/'}) {
        std::array<int, 3> parts{};
        std::size_t count = 0;
        const char* at = text.data();
        const char* end = at + text.size();
        while (count < 3 && at < end) {
            const auto [next, error] = std::from_chars(at, end, parts[count]);
            if (error != std::errc()) break;
            ++count;
            at = next;
            if (at < end && *at == between) ++at;
        }
        if (count != 3 || at != end || text.find(between) == std::string::npos) continue;
        auto [day, month, year] = parts;
        // points are written day first; with slashes both orders are used
        if (between == '/' && day <= 12 && month <= 12 && day != month) {
            doubt = fmt::format("\u201C{}\u201D can be read two ways; write it as 2025-03-31.", text);
            return "";
        }
        if (between == '/' && month > 12) std::swap(day, month);
        const std::string out = fmt::format("{:04}-{:02}-{:02}", year < 100 ? 2000 + year : year, month, day);
        if (parse_day(out)) return out;
    }
    doubt = text.empty() ? "No day." : fmt::format("\u201C{}\u201D is no day; write it as 2025-03-31.", text);
    return "";
}

/// "302 h"; a bare number is read by the machine's own meter, otherwise in hours.
std::optional<Quantity> reading_in(const std::string& typed, const Machine* machine, std::string& doubt) {
    const std::string text = post_of(typed);
    if (text.empty()) return std::nullopt;
    if (auto q = Quantity::parse(text)) return *q;
    const Unit* unit = machine != nullptr && !machine->meters.empty() ? machine->meters.front().unit : find_unit("h");
    auto number = Number::parse(text);
    if (!number) {
        doubt = fmt::format("\u201C{}\u201D is no reading.", text);
        return std::nullopt;
    }
    return Quantity{std::move(*number), unit};
}

/// What most of a column's fields look like.
PaperColumn looks_like(const std::vector<Row>& rows, std::size_t column, const Logbook& log) {
    std::array<std::size_t, 5> votes{};
    for (const auto& row : rows) {
        if (column >= row.size() || post_of(row[column]).empty()) continue;
        const std::string& field = row[column];
        std::string doubt;
        const auto vote = [&](PaperColumn c) { ++votes[static_cast<std::size_t>(c)]; };
        if (log.machine(field) != nullptr)
            vote(PaperColumn::Machine);
        else if (!day_in(field, doubt).empty() || doubt.find("two ways") != std::string::npos)
            vote(PaperColumn::On);
        else if (doubt.clear(), reading_in(field, nullptr, doubt))
            vote(PaperColumn::Reading);
        else
            vote(PaperColumn::What);
    }
    const auto most = std::max_element(votes.begin(), votes.end());
    return *most == 0 ? PaperColumn::Nothing : static_cast<PaperColumn>(most - votes.begin());
}

bool is_entered(const Machine& machine, const ServiceDone& service) {
    return std::any_of(machine.services.begin(), machine.services.end(),
        [&](const ServiceInLog& s) { return text_of(s.on) == service.on && same_post(s.what.what, service.what); });
}

}  // namespace

std::size_t Paper::doubts() const {
    return static_cast<std::size_t>(std::count_if(lines.begin(), lines.end(), [](const PaperLine& l) { return !l.doubt.empty(); }));
}

std::vector<LogBody> Paper::entries() const {
    if (doubts() > 0) return {};
    std::vector<const PaperLine*> sorted;
    for (const auto& l : lines) sorted.push_back(&l);
    std::stable_sort(sorted.begin(), sorted.end(), [](const PaperLine* a, const PaperLine* b) { return a->service.on < b->service.on; });
    std::vector<LogBody> out;
    for (const auto* l : sorted) out.emplace_back(l->service);
    return out;
}

Result<Paper> read_paper(std::string_view text, const Logbook& log) {
    auto rows = csv_rows(std::string(text));
    if (!rows) return tl::make_unexpected(rows.error());
    std::erase_if(
        *rows, [](const Row& row) { return std::all_of(row.begin(), row.end(), [](const std::string& f) { return post_of(f).empty(); }); });
    const auto no_table = [] {
        return fail(ErrorCode::BadInput,
            key("Logbook", "This is no table of services: it needs a column of machines, one of days, and one of what was done."));
    };
    if (rows->empty()) return no_table();
    Paper out;
    std::size_t width = 0;
    for (const auto& row : *rows) width = std::max(width, row.size());
    for (std::size_t i = 0; i < width; ++i)
        out.columns.push_back(i < rows->front().size() ? named(rows->front()[i]) : PaperColumn::Nothing);
    out.headed = std::count_if(out.columns.begin(), out.columns.end(), [](PaperColumn c) { return c != PaperColumn::Nothing; }) >= 2;
    if (!out.headed)
        for (std::size_t i = 0; i < width; ++i) out.columns[i] = looks_like(*rows, i, log);
    // each once: the first that names it counts
    for (std::size_t i = 0; i < width; ++i)
        if (std::find(out.columns.begin(), out.columns.begin() + static_cast<std::ptrdiff_t>(i), out.columns[i]) !=
            out.columns.begin() + static_cast<std::ptrdiff_t>(i))
            out.columns[i] = PaperColumn::Nothing;
    const auto has = [&](PaperColumn c) { return std::find(out.columns.begin(), out.columns.end(), c) != out.columns.end(); };
    if (!has(PaperColumn::Machine) || !has(PaperColumn::On) || !has(PaperColumn::What)) return no_table();

    for (std::size_t r = out.headed ? 1 : 0; r < rows->size(); ++r) {
        const auto field = [&](PaperColumn c) {
            const auto i = static_cast<std::size_t>(std::find(out.columns.begin(), out.columns.end(), c) - out.columns.begin());
            return i < (*rows)[r].size() ? (*rows)[r][i] : std::string();
        };
        PaperLine line{r + 1, {}, ""};
        line.service.machine = post_of(field(PaperColumn::Machine));
        line.service.what = post_of(field(PaperColumn::What));
        const auto* machine = log.machine(line.service.machine);
        line.service.on = day_in(field(PaperColumn::On), line.doubt);
        std::string reading_doubt;
        line.service.reading = reading_in(field(PaperColumn::Reading), machine, reading_doubt);
        if (line.doubt.empty()) line.doubt = reading_doubt;
        if (machine == nullptr)
            line.doubt = line.service.machine.empty() ? "No machine."
                                                      : fmt::format("The logbook knows no machine \u201C{}\u201D.", line.service.machine);
        else if (line.service.what.empty())
            line.doubt = "It does not say what was done.";
        else if (line.doubt.empty() && is_entered(*machine, line.service))
            line.doubt = "It is in the logbook already.";
        if (machine != nullptr) line.service.machine = machine->about.name;
        out.lines.push_back(std::move(line));
    }
    // what is right for itself may contradict another line, or what is in the logbook: all are tried together, in the order of days
    Logbook trial = log;
    std::vector<PaperLine*> sorted;
    for (auto& l : out.lines)
        if (l.doubt.empty()) sorted.push_back(&l);
    std::stable_sort(sorted.begin(), sorted.end(), [](const PaperLine* a, const PaperLine* b) { return a->service.on < b->service.on; });
    for (auto* l : sorted)
        if (auto done = trial.add({trial.next_number(), "2000-01-01T00:00:00Z", "paper", l->service}); !done)
            l->doubt = done.error().message;
    return out;
}

}  // namespace anagraph::core
