#include "cli/manual.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <vector>

#include "core/base/versions.h"
#include "store/files.h"

namespace anagraph::cli {

namespace {

/// As text of a manual page: nothing in it is an order to the typesetter.
std::string plain(std::string_view words) {
    std::string out;
    for (const char c : words)
        if (c == '\\')
            out += "\\e";
        else if (c == '-')
            out += "\\-";
        else
            out += c;
    if (out.starts_with('.') || out.starts_with('\'')) out.insert(0, "\\&");
    return out;
}

/// A sentence, of words that stand in a list.
std::string sentence(std::string words) {
    if (words.empty()) return words;
    words.front() = static_cast<char>(std::toupper(static_cast<unsigned char>(words.front())));
    if (words.back() != '.' && words.back() != '?') words += '.';
    return words;
}

std::vector<const CLI::App*> commands_of(const CLI::App& app) {
    std::vector<const CLI::App*> out;
    for (const auto* command : app.get_subcommands([](const CLI::App*) { return true; }))
        if (!command->get_group().empty()) out.push_back(command);
    return out;
}

/// "anagraph-cli log add", with the places that stand before it.
std::string called(const CLI::App& app) { return app.get_parent() == nullptr ? app.get_name() : called(*app.get_parent()) + " " + app.get_name(); }

std::string joined_by_dashes(const CLI::App& app) {
    std::string out = called(app);
    std::replace(out.begin(), out.end(), ' ', '-');
    return out;
}

std::string synopsis(const CLI::App& app) {
    std::string out = app.get_parent() == nullptr ? "" : synopsis(*app.get_parent());
    out += fmt::format("{}\\fB{}\\fR", out.empty() ? "" : " ", plain(app.get_name()));
    for (const auto* o : app.get_options())
        if (o->get_positional())
            out += o->get_required() ? fmt::format(" \\fI{}\\fR", plain(o->get_name(true)))
                                     : fmt::format(" [\\fI{}\\fR]", plain(o->get_name(true)));
    return out;
}

/// The positional words and options of a command, as a list.
std::string options(const CLI::App& app) {
    std::string out;
    for (const auto* o : app.get_options()) {
        out += ".TP\n";
        if (o->get_positional())
            out += fmt::format("\\fI{}\\fR", plain(o->get_name(true)));
        else {
            std::vector<std::string> names;
            for (const auto& s : o->get_snames()) names.push_back("\\fB\\-" + plain(s) + "\\fR");
            for (const auto& l : o->get_lnames()) names.push_back("\\fB\\-\\-" + plain(l) + "\\fR");
            out += fmt::format("{}", fmt::join(names, ", "));
            if (o->get_items_expected_max() > 0) out += fmt::format(" \\fI{}\\fR", plain(o->get_type_name()));
        }
        const std::string told = sentence(o->get_description());
        out += "\n" + plain(told) + "\n";
    }
    return out;
}

void tell_below(const CLI::App& app, std::string& out) {
    for (const auto* command : commands_of(app)) {
        out += fmt::format(".SS {}\n{}\n.PP\n{}\n{}", plain(called(*command).substr(called(*command).find(' ') + 1)), synopsis(*command),
            plain(sentence(command->get_description())), options(*command));
        tell_below(*command, out);
    }
}

std::vector<std::string> words_after(const CLI::App& app) {
    std::vector<std::string> out;
    for (const auto* command : commands_of(app)) out.push_back(command->get_name());
    for (const auto* o : app.get_options())
        for (const auto& l : o->get_lnames()) out.push_back("--" + l);
    if (app.get_parent() != nullptr) out.push_back("--json");
    return out;
}

void complete_below(const CLI::App& app, std::string& out) {
    out += fmt::format("        '{}') words='{}' ;;\n", called(app), fmt::join(words_after(app), " "));
    for (const auto* command : commands_of(app)) complete_below(*command, out);
}

void names_of_all(const CLI::App& app, std::vector<std::string>& out) {
    for (const auto* command : commands_of(app)) {
        out.push_back("'" + called(*command) + "'");
        names_of_all(*command, out);
    }
}

}  // namespace

std::string manual_page(const CLI::App& program, const CLI::App& of) {
    const bool whole = &program == &of;
    std::string out = fmt::format(".TH {} 1 \"\" \"Anagraph {}\" \"Anagraph\"\n.SH NAME\n{} \\- {}\n.SH SYNOPSIS\n{}", plain(joined_by_dashes(of)),
        core::kVersion, plain(joined_by_dashes(of)), plain(of.get_description()), synopsis(of));
    if (!commands_of(of).empty()) out += " \\fICOMMAND\\fR";
    out += " [\\fIOPTIONS\\fR]\n.SH DESCRIPTION\n";
    out += plain(sentence(of.get_description())) + "\n";
    if (!of.get_footer().empty()) out += ".PP\n" + plain(of.get_footer()) + "\n";
    out += ".SH OPTIONS\n" + options(of);
    if (!whole) out += ".TP\n\\fB\\-\\-json\\fR\nAnswer as JSON.\n";
    if (whole) {
        out += ".SH COMMANDS\nEach has a page of its own.\n";
        for (const auto* command : commands_of(of))
            out += fmt::format(".TP\n\\fB{}\\fR(1)\n{}\n", plain(joined_by_dashes(*command)), plain(sentence(command->get_description())));
    } else if (!commands_of(of).empty()) {
        out += ".SH COMMANDS\n";
        tell_below(of, out);
    }
    out +=
        ".SH EXIT STATUS\n.TP\n0\nFine.\n.TP\n1\nIt ran and found something wrong.\n.TP\n2\nWrong use.\n.TP\n3\n"
        "Of verify: intact, but nobody trusted here vouches for it.\n"
        ".SH SEE ALSO\n.BR anagraph (1)";
    out += whole ? "\n" : ",\n.BR anagraph\\-cli (1)\n";
    return out;
}

std::string bash_completion(const CLI::App& program) {
    std::vector<std::string> all;
    names_of_all(program, all);
    std::string out = fmt::format("# bash completion for {0}\n_anagraph_cli() {{\n    local word at='{0}' words='' known\n"
                                  "    for word in \"${{COMP_WORDS[@]:1:COMP_CWORD-1}}\"; do\n"
                                  "        for known in {1}; do\n"
                                  "            [ \"$known\" = \"$at $word\" ] && at=$known && break\n        done\n    done\n"
                                  "    case $at in\n",
        program.get_name(), fmt::join(all, " "));
    complete_below(program, out);
    out += fmt::format(
        "    esac\n    mapfile -t COMPREPLY < <(compgen -W \"$words\" -- \"${{COMP_WORDS[COMP_CWORD]}}\")\n}}\n"
        "complete -o default -F _anagraph_cli {}\n",
        program.get_name());
    return out;
}

core::Outcome write_manual(const CLI::App& program, const std::string& folder) {
    const std::string pages = folder + "/man1";
    const std::string completions = folder + "/completions";
    for (const auto& made : {store::make_folder(pages), store::make_folder(completions),
             store::write_file(fmt::format("{}/{}.1", pages, program.get_name()), manual_page(program, program)),
             store::write_file(fmt::format("{}/{}", completions, program.get_name()), bash_completion(program))})
        if (!made) return made;
    for (const auto* command : commands_of(program))
        if (auto written = store::write_file(fmt::format("{}/{}.1", pages, joined_by_dashes(*command)), manual_page(program, *command)); !written)
            return written;
    return {};
}

}  // namespace anagraph::cli
