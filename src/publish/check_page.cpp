#include "publish/check_page.h"

#include <fmt/format.h>

#include <algorithm>
#include <kainjow/mustache.hpp>

#include "core/learner/check_answers.h"
#include "core/learner/learner_check.h"
#include "core/plate/fastener_map.h"
#include "publish/plate_svg.h"
#include "publish/resource.h"

namespace anagraph::publish {
namespace {

using kainjow::mustache::data;

constexpr std::uint64_t kChecksInPack = 3;

data head_of(const core::Edition& edition, const std::string& mark) {
    const auto& h = edition.procedure.header;
    data d;
    d.set("machine", h.machine);
    d.set("title", h.title);
    d.set("number", h.number);
    d.set("edition", std::to_string(edition.number));
    d.set("mark", mark);
    return d;
}

class QuestionPrinter {
public:
    /// `before`: what stands before the names of the pictures.
    QuestionPrinter(const core::Edition& edition, const PackFiles& files, std::string before)
        : p_(edition.procedure), files_(files), before_(std::move(before)), numbers_(core::callout_numbers(edition.procedure)) {}

    data question(const core::CheckQuestion& q, std::size_t i, const std::string& name) const {
        data one;
        one.set("number", std::to_string(i + 1));
        one.set("words", q.words);
        one.set("right", std::to_string(q.right));
        data pictures{data::type::list};
        for (std::size_t s = 0; s < p_.steps.size(); ++s) {
            if (p_.steps[s].id == q.step) one.set("step", std::to_string(s + 1));
            for (const auto& plate : p_.steps[s].plates)
                if (std::find(q.plates.begin(), q.plates.end(), plate.id) != q.plates.end()) add_picture(pictures, plate);
        }
        one.set("has_pictures", pictures.is_non_empty_list());
        one.set("pictures", pictures);
        data choices{data::type::list};
        for (std::size_t k = 0; k < q.choices.size(); ++k) {
            data choice;
            choice.set("letter", std::string(1, static_cast<char>('A' + k)));
            choice.set("text", q.choices[k]);
            choice.set("name", name);
            choices << choice;
        }
        one.set("choices", choices);
        return one;
    }

private:
    void add_picture(data& pictures, core::Plate plate) const {
        const auto still = files_.stills.find(plate.id);
        if (still == files_.stills.end()) return;
        // which of a pair is right is what is asked
        plate.role = core::PairRole::None;
        plate.caption.clear();
        const auto& f = still->second;
        pictures << data{"svg", plate_svg(p_, plate, numbers_, before_ + f.file, f.width, f.height)};
    }

    const core::Procedure& p_;
    const PackFiles& files_;
    std::string before_;
    std::map<core::ItemId, int> numbers_;
};

}  // namespace

std::string check_page(const core::Edition& edition, const std::string& mark, const PackFiles& files) {
    const QuestionPrinter printer(edition, files, "");
    data d = head_of(edition, mark);
    data checks{data::type::list};
    std::size_t asked = 0;
    for (std::uint64_t k = 0; k < kChecksInPack; ++k) {
        const std::uint64_t seed = core::own_check(mark) + k;
        const auto questions = core::learner_check(edition, seed);
        asked = questions.size();
        data list{data::type::list};
        for (std::size_t i = 0; i < questions.size(); ++i) list << printer.question(questions[i], i, fmt::format("q-{}-{}", seed, i + 1));
        data one;
        one.set("check", std::to_string(seed));
        one.set("needed", std::to_string(core::needed_to_pass(questions.size())));
        one.set("questions", list);
        checks << one;
    }
    d.set("none", asked == 0);
    d.set("asked", std::to_string(asked));
    d.set("needed", std::to_string(core::needed_to_pass(asked)));
    d.set("checks", checks);
    kainjow::mustache::mustache form(template_text("check.html"));
    return form.render(d);
}

std::string check_sheet(
    const core::Edition& edition, const std::string& mark, std::uint64_t seed, const PackFiles& files, const std::string& folder) {
    const QuestionPrinter printer(edition, files, "file://" + folder + "/");
    const auto questions = core::learner_check(edition, seed);
    data d = head_of(edition, mark);
    d.set("seed", std::to_string(seed));
    data list{data::type::list};
    data answers{data::type::list};
    for (std::size_t i = 0; i < questions.size(); ++i) {
        const auto& q = questions[i];
        list << printer.question(q, i, "");
        data answer;
        answer.set("number", std::to_string(i + 1));
        answer.set("letter", std::string(1, static_cast<char>('A' + q.right)));
        answer.set("text", q.choices[q.right]);
        answers << answer;
    }
    d.set("none", questions.empty());
    d.set("questions", list);
    d.set("answers", answers);
    kainjow::mustache::mustache form(template_text("check_sheet.html"));
    return form.render(d);
}

}  // namespace anagraph::publish
