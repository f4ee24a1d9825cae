// anagraph-cli learner, handout, learned, owes, withdraw
#include <fmt/format.h>
#include <fmt/ranges.h>

#include "cli/at_library.h"
#include "cli/commands.h"
#include "shop/answers.h"
#include "shop/handout.h"

namespace anagraph::cli {
namespace {

using nlohmann::json;

class LearnerAdd : public AtLibrary {
public:
    LearnerAdd(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("LEARNER", learner_, "by post: \"learner 07\"")->required();
        app.add_option("--group", group_, "the term, the course");
        app.add_option("--as", post_, "who does this, by post")->capture_default_str();
    }

    int run() override {
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        if (auto done = (*library)->record({core::LearnerAdded{learner_, group_}}, post_); !done) return answer_.wrong(done.error());
        return answer_.say({{"learner", learner_}, {"group", group_}}, fmt::format("{} is in the register of learners.", learner_));
    }

private:
    std::string learner_, group_, post_ = "author";
};

class LearnerList : public AtLibrary {
public:
    using AtLibrary::AtLibrary;

    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto records = (*library)->records();
        if (!records) return answer_.wrong(records.error());
        const auto guides = shop::all_editions(**library);
        if (!guides) return answer_.wrong(guides.error());
        json list = json::array();
        std::string words;
        for (const auto& l : records->learners()) {
            json has = json::array();
            words +=
                fmt::format("{}{}{}{}", words.empty() ? "" : "\n", l.name, l.group.empty() ? "" : ", " + l.group, l.left ? ", left" : "");
            for (const auto& g : *guides) {
                const auto had = core::had_by(*records, g.guide, l.name);
                if (had.last == 0) continue;
                has.push_back(
                    {{"guide", g.guide}, {"has", had.last}, {"learned", had.confirmed == 0 ? json(nullptr) : json(had.confirmed)}});
                words += fmt::format("\n    {}: has edition {}, {}", g.guide, had.last,
                    had.confirmed == 0 ? "learned none" : fmt::format("learned edition {}", had.confirmed));
            }
            list.push_back({{"learner", l.name}, {"group", l.group}, {"left", l.left}, {"guides", has}});
        }
        return answer_.say(list, words.empty() ? "Nobody is in the register of learners." : words);
    }
};

/// A command at an edition of a guide: the first three arguments.
class AtEdition : public AtGuide {
public:
    AtEdition(CLI::App& app, const Answer& answer) : AtGuide(app, answer) {
        app.add_option("EDITION", edition_, "the number of the edition")->required();
        app.add_option("--as", post_, "who does this, by post")->capture_default_str();
    }

protected:
    int edition_ = 0;
    std::string post_ = "author";
};

class Handout : public AtEdition {
public:
    Handout(CLI::App& app, const Answer& answer) : AtEdition(app, answer) {
        app.add_option("--to", learner_, "the learner");
        app.add_option("--group", group_, "all learners of a group");
        app.add_option("--by", by_, "desk, stick, print or platform")->capture_default_str();
    }

    int run() override {
        const auto by = core::from_name<core::HandedBy>(by_);
        if (!by || learner_.empty() == group_.empty())
            return answer_.wrong(
                {core::ErrorCode::BadInput,
                    std::string(by ? "Say to whom: --to LEARNER, or --group GROUP." : "Handed out by desk, stick, print or platform."),
                    by_},
                kWrongUse);
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        std::vector<std::string> learners{learner_};
        if (!group_.empty()) {
            auto of_group = shop::learners_of_group(**library, group_);
            if (!of_group) return answer_.wrong(of_group.error());
            learners = std::move(*of_group);
        }
        if (auto done = shop::hand_out(**library, store::GuideId(guide_), edition_, learners, *by, post_); !done)
            return answer_.wrong(done.error());
        return answer_.say({{"guide", guide_}, {"edition", edition_}, {"to", learners}, {"by", by_}},
            fmt::format("Edition {} of {} is handed out to {}.", edition_, guide_, fmt::join(learners, ", ")));
    }

private:
    std::string learner_, group_, by_ = "print";
};

class Learned : public AtEdition {
public:
    Learned(CLI::App& app, const Answer& answer) : AtEdition(app, answer) {
        app.add_option("--learner", learner_, "who learned it")->required();
    }

    int run() override {
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        if (auto done = shop::confirm(**library, store::GuideId(guide_), edition_, learner_, "", post_); !done)
            return answer_.wrong(done.error());
        return answer_.say({{"guide", guide_}, {"edition", edition_}, {"learner", learner_}},
            fmt::format("{} has confirmed edition {} of {}.", learner_, edition_, guide_));
    }

private:
    std::string learner_;
};

class Answers : public AtLibrary {
public:
    Answers(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) {
        app.add_option("FILE", files_, "what a guide saved, NAME.check.json; none: those that came back over the desk");
        app.add_option("--as", post_, "who does this, by post")->capture_default_str();
    }

    int run() override {
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto taken = files_.empty() ? shop::take_waiting_answers(**library, post_) : shop::take_answers(**library, files_, post_);
        if (!taken) return answer_.wrong(taken.error());
        json list = json::array();
        std::string words;
        bool all = true;
        for (const auto& t : *taken) {
            list.push_back({{"file", t.file}, {"learner", t.learner}, {"guide", t.guide}, {"edition", t.edition}, {"asked", t.result.asked},
                {"right", t.result.right()}, {"passed", t.result.passed()}, {"kept", t.kept}, {"words", t.words}});
            words += fmt::format("{}{}", words.empty() ? "" : "\n", t.words);
            all = all && t.kept;
        }
        const int code = answer_.say(list, words.empty() ? "No answers wait at the desk." : words);
        return all ? code : kFoundWrong;
    }

private:
    std::vector<std::string> files_;
    std::string post_ = "author";
};

class Owes : public AtLibrary {
public:
    Owes(CLI::App& app, const Answer& answer) : AtLibrary(app, answer) { app.add_option("--learner", learner_, "only this one"); }

    int run() override {
        const auto library = store::Library::read(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto owed = shop::owed(**library, learner_);
        if (!owed) return answer_.wrong(owed.error());
        json list = json::array();
        std::string words;
        for (const auto& o : *owed) {
            json changed = json::array();
            words += fmt::format("{}{}, {}: from edition {} to {}", words.empty() ? "" : "\n", o.learner, o.guide, o.from, o.to);
            for (const auto& c : o.changed) {
                const auto or_null = [](const std::string& text) { return text.empty() ? json(nullptr) : json(text); };
                changed.push_back({{"step", or_null(c.difference.step.text())}, {"figure", or_null(c.difference.figure.text())},
                    {"was", or_null(c.difference.was)}, {"is", or_null(c.difference.is)}, {"sentence", c.sentence}});
                words += fmt::format("\n    {}", c.sentence);
            }
            list.push_back({{"learner", o.learner}, {"guide", o.guide}, {"from", o.from}, {"to", o.to}, {"changed", changed}});
        }
        return answer_.say(list, words.empty() ? "Nobody learned anything that has changed since." : words);
    }

private:
    std::string learner_;
};

class Withdraw : public AtEdition {
public:
    Withdraw(CLI::App& app, const Answer& answer) : AtEdition(app, answer) { app.add_option("--because", because_, "why")->required(); }

    int run() override {
        const auto library = store::Library::open(library_);
        if (!library) return answer_.wrong(library.error(), wrong_path(library.error()));
        const auto holders = shop::withdraw(**library, store::GuideId(guide_), edition_, because_, post_);
        if (!holders) return answer_.wrong(holders.error());
        return answer_.say({{"guide", guide_}, {"edition", edition_}, {"because", because_}, {"held_by", *holders}},
            fmt::format("Edition {} of {} is withdrawn. {}", edition_, guide_,
                holders->empty() ? "Nobody in the register has it."
                                 : fmt::format("It is with: {}. Tell them.", fmt::join(*holders, ", "))));
    }

private:
    std::string because_;
};

}  // namespace

void add_learner(CLI::App& app, const Answer& answer, int& code) {
    auto* learner = app.add_subcommand("learner", "the register of learners");
    learner->require_subcommand(1);
    learner->fallthrough();
    add<LearnerAdd>(*learner, answer, code, "add", "enter a learner");
    add<LearnerList>(*learner, answer, code, "list", "every learner, with what each has and has learned");
    add<Handout>(app, answer, code, "handout", "record to whom an edition went");
    add<Learned>(app, answer, code, "learned", "record that a learner has confirmed an edition");
    add<Answers>(app, answer, code, "answers", "take in what learners answered to the check of a guide, judged anew");
    add<Owes>(app, answer, code, "owes", "who learned what has changed since");
    add<Withdraw>(app, answer, code, "withdraw", "take an edition back, with a reason; tells who has it");
}

}  // namespace anagraph::cli
