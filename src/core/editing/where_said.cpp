#include "core/editing/where_said.h"

#include <algorithm>
#include <cctype>

#include "core/editing/line_actions.h"
#include "core/find/likeness.h"
#include "core/procedure/text.h"
#include "core/tape/logging.h"

namespace anagraph::core {
namespace {

/// Small letters and digits, names as a reader sees them; everything else is a space.
std::string plain(const Procedure& p, const std::string& text) {
    std::string out = rendered(p, text);
    for (char& c : out)
        c = std::isalnum(static_cast<unsigned char>(c)) != 0 ? static_cast<char>(std::tolower(static_cast<unsigned char>(c))) : ' ';
    return out;
}

/// Below this a caution or check has too little in common with what was said to be that.
constexpr double kAlike = 0.25;

class Search {
public:
    Search(const Procedure& p, const Step& step, const std::vector<TapeLines>& tapes) : p_(p), step_(step), tapes_(tapes) {}

    /// The mark that fits best, in the best take that has one; `fit` is 0 for one that does not.
    template <class Fit>
    std::optional<Take> best_mark(Fit&& fit) const {
        for (const auto& take : step_.takes) {
            const TapeLines* told = told_on(take.recording);
            if (told == nullptr) continue;
            const Mark* best = nullptr;
            double most = 0;
            for (const auto& m : *told->marks) {
                if (!said_between(m, take.from, take.to) || is_dismissed(p_, take.recording, m)) continue;
                const double fits = fit(m);
                if (fits <= most) continue;
                most = fits;
                best = &m;
            }
            if (best == nullptr) continue;
            if (auto stretch = line_at(*told, take, best->at)) return stretch;
        }
        return std::nullopt;
    }

    std::optional<Take> claim_of(const FigureId& id) const {
        const Figure* f = p_.find(id);
        if (f == nullptr) return std::nullopt;
        for (const auto& take : step_.takes) {
            const TapeLines* told = told_on(take.recording);
            if (told == nullptr) continue;
            for (const auto& c : f->claims)
                if (c.recording == take.recording)
                    if (auto stretch = line_at(*told, take, c.at)) return stretch;
        }
        return std::nullopt;
    }

    /// An action on an item; the verb alone where the item was not made out.
    std::optional<Take> action(const Action& a) const {
        return best_mark([&](const Mark& m) {
            if (m.kind != MarkKind::Step || !same_verb(m.verb, a.verb)) return 0.0;
            return names_one_of(m, a.items) ? 2.0 : 1.0;
        });
    }

    /// A look at an item named in the words, or anything told that has much in common with them.
    std::optional<Take> look(const std::string& words) const {
        return best_mark([&](const Mark& m) {
            if (m.kind != MarkKind::Step || !looks(m.verb)) return 0.0;
            const Item* item = m.about.empty() ? nullptr : item_named(p_, m.about);
            if (item != nullptr && words.find(item->name) != std::string::npos) return 2.0;
            return alike(m.words, words);
        });
    }

    std::optional<Take> caution(const std::string& words) const {
        return best_mark([&](const Mark& m) { return m.kind == MarkKind::Caution ? alike(m.words, words) : 0.0; });
    }

private:
    double alike(const std::string& said, const std::string& written) const {
        const double like = likeness(plain(p_, said), plain(p_, written));
        return like < kAlike ? 0 : like;
    }

    bool names_one_of(const Mark& m, const std::vector<ItemId>& items) const {
        const Item* item = m.about.empty() ? nullptr : item_named(p_, m.about);
        return item != nullptr && std::find(items.begin(), items.end(), item->id) != items.end();
    }

    const TapeLines* told_on(const RecordingId& id) const {
        const auto it = std::find_if(tapes_.begin(), tapes_.end(),
            [&](const TapeLines& t) { return t.recording == id && t.narration != nullptr && t.marks != nullptr; });
        return it == tapes_.end() ? nullptr : &*it;
    }

    /// The line that begins at a moment, as far as it lies in the take.
    static std::optional<Take> line_at(const TapeLines& told, const Take& take, const FrameTime& at) {
        const auto frame = [&](const FrameTime& t) { return told.frame_from ? told.frame_from(t) : t; };
        const auto line = std::find_if(told.narration->begin(), told.narration->end(), [&](const Segment& s) { return s.start == at; });
        if (line == told.narration->end()) return std::nullopt;
        const Take out{take.recording, std::max(frame(line->start), take.from), std::min(frame(line->end), take.to)};
        return out.from < out.to ? std::optional(out) : std::nullopt;
    }

    const Procedure& p_;
    const Step& step_;
    const std::vector<TapeLines>& tapes_;
};

}  // namespace

std::optional<Take> where_said(const Procedure& p, const Step& step, const PartOfStep& part, const std::vector<TapeLines>& tapes) {
    const Search search(p, step, tapes);
    const std::size_t i = part.index;
    switch (part.part) {
        case StepPart::Step:
            return step.actions.empty() ? std::nullopt : search.action(step.actions.front());
        case StepPart::Line: {
            if (i >= step.lines.size()) return std::nullopt;
            const auto actions = actions_of_line(step, i, p.items);
            for (const auto& a : actions)
                if (auto at = search.action(a)) return at;
            for (const auto& a : actions)
                if (auto at = search.claim_of(a.figure)) return at;
            return std::nullopt;
        }
        case StepPart::Caution:
            return i < step.cautions.size() ? search.caution(step.cautions[i].text) : std::nullopt;
        case StepPart::Check:
            if (i >= step.checks.size()) return std::nullopt;
            return step.checks[i].shown ? step.checks[i].shown : search.look(step.checks[i].look + " " + step.checks[i].good);
        case StepPart::Wait:
            if (i >= step.waits.size()) return std::nullopt;
            return step.waits[i].shown ? step.waits[i].shown : search.claim_of(step.waits[i].figure);
    }
    return std::nullopt;
}

}  // namespace anagraph::core
