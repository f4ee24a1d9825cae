#include "core/narration/read_moments.h"

#include <algorithm>
#include <array>
#include <set>

namespace anagraph::core {
namespace {

using lexicon::Class;
using lexicon::is;

constexpr std::size_t kMatter = 3;  // label of the model behind the moments
constexpr double kSurest = 4.0;     // log odds beyond which it is no surer
// Log odds from which a stretch is a moment, by MomentKind: where right and wrong balance over speakers left out.
constexpr double kThresholds[] = {-0.7, -1.2, -0.8};

}  // namespace

Moments read_moments(const Line& line, bool taken_back, const SpeechModel& model) {
    Moments out;
    out.matter = -kSurest;
    for (const auto& stretch : stretches_of(line, kMomentStretch)) {
        const auto scores = model.scores(part_of(line, stretch));
        out.matter = std::clamp(scores[kMatter].total, out.matter, kSurest);
        for (std::size_t m = 0; m < std::size(kThresholds); ++m)
            if (scores[m].total >= kThresholds[m])
                out.found.push_back({static_cast<MomentKind>(m), stretch,
                    scores[m].loudest.empty() ? std::string("by how it is said") : explained(scores[m].loudest)});
    }
    if (taken_back) out.found.push_back({MomentKind::Slip, {0, line.size()}, "a value taken back aloud"});
    return out;
}

std::size_t loudest_part(const Line& line, MomentKind kind, const std::vector<Stretch>& parts, const SpeechModel& model) {
    std::size_t loudest = 0;
    double most = 0;
    for (std::size_t i = 0; i < parts.size() && parts.size() > 1; ++i) {
        const double total = model.scores(part_of(line, parts[i]))[static_cast<std::size_t>(kind)].total;
        if (i > 0 && total <= most) continue;
        most = total;
        loudest = i;
    }
    return loudest;
}

bool promises(const Line& line) {
    const auto at = line.find("look");
    const bool looks_up = at != std::string_view::npos && line.has("up", at, at + 4) && line.any({"i'll", "will", "we'll", "i'd", "let"});
    return looks_up ||
        line.says_any({"i'll put it in the", "i'll find out", "i'll tell you later", "i'll come back to", "i'll let you know"});
}

double talk_balance(const Line& line, double content, double matter) {
    constexpr double kMatterWorth = 0.5;
    constexpr double kMostlyWork = -0.5;  // the model is a little too ready to hear work
    double balance = content + kMatterWorth * matter + kMostlyWork;
    const double size = static_cast<double>(std::max<std::size_t>(line.size(), 1));
    double technical = 0;
    double talk = 0;
    std::set<std::string_view> distinct;
    for (std::size_t i = 0; i < line.size(); ++i) {
        const auto w = line.at(i);
        distinct.insert(w);
        const bool fluid = is(Class::Fluid, w);
        if (is(Class::Part, w) &&
            !listed("back bed bottom car case cup deck door face head hole kit level line machine mark match plate post ring set top tree "
                    "unit window wing winter board box",
                w))
            technical += 1;
        else if (fluid || is(Class::Tool, w))
            technical += 0.9;
        else if (const auto verb = lexicon::work_verb(w); verb && verb->usual != nullptr && verb->usual->need == lexicon::Need::None)
            technical += 0.4;
        else if (is(Class::Spoil, w))
            technical += 0.2;
        if (is(Class::Talk, w))
            talk += 1;
        else if (is(Class::Meal, w) && !fluid && !is(Class::Part, w))
            talk += 0.8;
        else if (is(Class::Being, w) && !is(Class::Part, w) && !listed("engineer mechanic electrician maker driver operator learner", w))
            talk += 0.6;
    }
    if (line.says_any({"thank you", "thanks for", "welcome back", "welcome to", "see you", "good morning", "good night", "good afternoon",
            "say hello", "next week", "next time", "be back", "la la", "na na", "bye bye", "that's me", "that's us", "hello everyone",
            "hi everyone", "is it on"}))
        talk += 1.4;
    balance += 3.2 * technical / (size + 3) * 2 - 3.6 * talk / (size + 3) * 2.2;
    // gibberish and song: the same few words again and again
    if (line.size() >= 5 && static_cast<double>(distinct.size()) < 0.62 * size) balance -= content > 1 ? 0.5 : 2.5;
    if (line.size() <= 2 && line.any({"music", "applause", "laughter", "wind", "noise", "singing"})) balance -= 2.5;
    if (technical == 0 && content == 0) balance -= 0.35;
    return balance;
}

std::vector<bool> talk_runs(const std::vector<double>& balances) {
    constexpr double kChange = 1.1;
    const std::size_t n = balances.size();
    std::vector<bool> talk(n, false);
    if (n == 0) return talk;
    // best[s]: the best sum up to here when this line is work (0) or talk (1); came[i][s]: the state before
    std::array<double, 2> best{balances[0], -balances[0] + 0.3};
    std::vector<std::array<bool, 2>> came(n);
    for (std::size_t i = 1; i < n; ++i) {
        std::array<double, 2> now{};
        for (const bool state : {false, true}) {
            const double stay = best[state];
            const double change = best[!state] - kChange;
            came[i][state] = stay >= change ? state : !state;
            now[state] = std::max(stay, change) + (state ? -balances[i] : balances[i]);
        }
        best = now;
    }
    bool state = best[1] > best[0];
    for (std::size_t i = n; i-- > 0;) {
        talk[i] = state;
        state = came[i][state];
    }
    return talk;
}

}  // namespace anagraph::core
