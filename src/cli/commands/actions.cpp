// anagraph-cli actions
#include <fmt/format.h>

#include "cli/commands.h"
#include "core/editing/line_orders.h"
#include "store/files.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

constexpr std::int64_t kMostBytes = 50'000'000;

class Actions : public Command {
public:
    Actions(CLI::App& app, const Answer& answer) : Command(answer) {
        app.add_option("FILE", file_, "JSON with items (id, kind, name) and lines as they stand on the Sheet")->required();
    }

    int run() override {
        const auto text = store::read_file(file_, kMostBytes);
        if (!text) return answer_.wrong(text.error(), kWrongUse);
        const auto given = json::parse(*text, nullptr, false);
        if (!given.is_object() || !given.contains("lines") || !given["lines"].is_array())
            return answer_.wrong({core::ErrorCode::BadInput, fmt::format("{} holds no lines; see docs/format.", file_), file_}, kWrongUse);
        std::vector<core::Item> items;
        for (const auto& i : given.value("items", json::array())) {
            const auto field = [&](const char* name) {
                return i.is_object() && i.contains(name) && i[name].is_string() ? i[name].get<std::string>() : std::string();
            };
            core::Item item;
            item.id = core::ItemId(field("id"));
            item.kind = core::from_name<core::ItemKind>(field("kind")).value_or(core::ItemKind::Part);
            item.name = field("name");
            items.push_back(std::move(item));
        }
        json lines = json::array();
        std::string words;
        for (const auto& line : given["lines"]) {
            if (!line.is_string()) return answer_.wrong({core::ErrorCode::BadInput, std::string("A line is a text."), file_}, kWrongUse);
            json of_line = json::array();
            words += line.get<std::string>() + "\n";
            for (const auto& o : core::line_orders(line.get<std::string>(), items)) {
                json order{{"verb", o.verb}, {"items", json::array()}, {"needs", json::array()}, {"figure", o.figure.text()}};
                words += "    " + o.verb;
                for (const auto& id : o.items) order["items"].push_back(id.text()), words += " " + id.text();
                for (const auto& id : o.needs) order["needs"].push_back(id.text()), words += " with " + id.text();
                if (o.figure.empty()) order["figure"] = nullptr;
                words += "\n";
                of_line.push_back(std::move(order));
            }
            lines.push_back(std::move(of_line));
        }
        if (!words.empty()) words.pop_back();  // its last line ends where it is shown
        return answer_.say({{"lines", lines}}, words);
    }

private:
    std::string file_;
};

}  // namespace

void add_actions(CLI::App& app, const Answer& answer, int& code) {
    add<Actions>(app, answer, code, "actions", "what lines of instructions order: verb, items, and what it is done with");
}

}  // namespace anagraph::cli
