#include "core/records/records.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/edition/post.h"

namespace anagraph::core {
namespace {

/// Posts and reasons as they are kept.
void tidy(std::string& words) { words = post_of(words); }

template <class... Kinds>
struct Overloaded : Kinds... {
    using Kinds::operator()...;
};
template <class... Kinds>
Overloaded(Kinds...) -> Overloaded<Kinds...>;

Outcome refused(Words why) { return fail(ErrorCode::Refused, std::move(why)); }

Outcome not_known(const std::string& learner) {
    return refused(
        say(key("Records", "Nobody of the name \u201C{0}\u201D is in the register of learners; add the learner first."), learner));
}

}  // namespace

bool Records::is_struck(std::int64_t number) const { return std::binary_search(struck_.begin(), struck_.end(), number); }

const KeyHeld* Records::key_of(std::string_view post) const {
    const auto it = std::find_if(keys_.begin(), keys_.end(), [&](const KeyHeld& k) { return k.holds() && same_post(k.post, post); });
    return it == keys_.end() ? nullptr : &*it;
}

const Learner* Records::learner(std::string_view name) const {
    const auto it = std::find_if(learners_.begin(), learners_.end(), [&](const Learner& l) { return same_post(l.name, name); });
    return it == learners_.end() ? nullptr : &*it;
}

Learner* Records::entered(std::string_view name) {
    const auto* found = learner(name);
    return found == nullptr ? nullptr : &learners_[static_cast<std::size_t>(found - learners_.data())];
}

std::vector<Learner> Records::learners() const {
    auto out = learners_;
    std::sort(
        out.begin(), out.end(), [](const Learner& a, const Learner& b) { return std::tie(a.group, a.name) < std::tie(b.group, b.name); });
    return out;
}

const Withdrawn* Records::withdrawal(std::string_view guide, int edition) const {
    for (const auto& r : all_)
        if (const auto* w = std::get_if<Withdrawn>(&r.entry); w != nullptr && w->guide == guide && w->edition == edition) return w;
    return nullptr;
}

std::vector<Kept<Checked>> Records::checks(std::string_view guide) const {
    auto out = kept<Checked>();
    std::erase_if(out, [&](const Kept<Checked>& c) { return c.what.guide != guide; });
    return out;
}

Outcome Records::add(Record record) {
    if (record.number < next_number()) return refused(key("Records", "Records are added one after the other."));
    tidy(record.by);
    if (record.by.empty()) return refused(key("Records", "Say who you are, by post."));
    const auto because_given = [](std::string& because) {
        tidy(because);
        return !because.empty();
    };
    const Outcome done = std::visit(
        Overloaded{
            [&](KeyRegistered& e) -> Outcome {
                tidy(e.post);
                if (e.post.empty()) return refused(key("Records", "A key is registered for a post; name it."));
                if (const auto* has = key_of(e.post))
                    return refused(has->key == e.key
                            ? say(key("Records", "This key of the {0} is registered already."), has->post)
                            : say(key("Records", "The {0} has a key; end that one before another is registered."), has->post));
                for (const auto& k : keys_)
                    if (k.key == e.key)
                        return refused(say(key("Records", "This key was {0} of the {1}; make a new one."),
                            k.holds() ? "registered as that" : "ended as that", k.post));
                keys_.push_back({e.post, e.key, record.at, "", ""});
                return {};
            },
            [&](KeyEnded& e) -> Outcome {
                tidy(e.post);
                if (!because_given(e.because)) return refused(key("Records", "Say why the key ends."));
                const auto it =
                    std::find_if(keys_.begin(), keys_.end(), [&](const KeyHeld& k) { return k.holds() && same_post(k.post, e.post); });
                if (it == keys_.end()) return refused(say(key("Records", "The {0} has no key that could end."), e.post));
                it->until = record.at;
                it->because = e.because;
                return {};
            },
            [&](PlacePassed&) -> Outcome { return {}; },
            [&](Checked& e) -> Outcome { return tidy(e.note), Outcome{}; },
            [&](LearnerAdded& e) -> Outcome {
                tidy(e.learner);
                tidy(e.group);
                if (e.learner.empty()) return refused(key("Records", "Name the learner, by post: learner 07."));
                if (auto* had = entered(e.learner)) {
                    if (!had->left) return refused(say(key("Records", "{0} is in the register already."), had->name));
                    had->left = false;
                    had->group = e.group;
                    return {};
                }
                learners_.push_back({e.learner, e.group, false});
                return {};
            },
            [&](LearnerMoved& e) -> Outcome {
                tidy(e.group);
                auto* l = entered(e.learner);
                if (l == nullptr) return not_known(e.learner);
                l->group = e.group;
                return {};
            },
            [&](LearnerLeft& e) -> Outcome {
                auto* l = entered(e.learner);
                if (l == nullptr || l->left) return not_known(e.learner);
                l->left = true;
                return {};
            },
            [&](HandedOut& e) -> Outcome {
                const auto* l = learner(e.learner);
                if (l == nullptr || l->left) return not_known(e.learner);
                e.learner = l->name;
                if (const auto* w = withdrawal(e.guide, e.edition))
                    return refused(say(key("Records", "Edition {0} is withdrawn ({1}); it is not handed out."), e.edition, w->because));
                return {};
            },
            [&](Learned& e) -> Outcome {
                const auto* l = learner(e.learner);
                if (l == nullptr || l->left) return not_known(e.learner);
                e.learner = l->name;
                if (const auto* w = withdrawal(e.guide, e.edition))
                    return refused(say(key("Records", "Edition {0} is withdrawn ({1}); nobody learns from it."), e.edition, w->because));
                return {};
            },
            [&](Withdrawn& e) -> Outcome {
                if (!because_given(e.because)) return refused(key("Records", "Say why the edition is withdrawn."));
                if (withdrawal(e.guide, e.edition) != nullptr)
                    return refused(say(key("Records", "Edition {0} is withdrawn already."), e.edition));
                return {};
            },
            [&](Struck& e) -> Outcome {
                if (!because_given(e.because)) return refused(key("Records", "Say why the record was a mistake."));
                const auto it = std::find_if(all_.begin(), all_.end(), [&](const Record& r) { return r.number == e.record; });
                if (it == all_.end() || is_struck(e.record))
                    return refused(key("Records", "There is no such record, or it is struck already."));
                if (!std::holds_alternative<HandedOut>(it->entry) && !std::holds_alternative<Learned>(it->entry) &&
                    !std::holds_alternative<PlacePassed>(it->entry) && !std::holds_alternative<Checked>(it->entry))
                    return refused(key("Records", "Only checks, hand-outs and what was learned can be struck."));
                struck_.insert(std::lower_bound(struck_.begin(), struck_.end(), e.record), e.record);
                return {};
            },
        },
        record.entry);
    if (done) all_.push_back(std::move(record));
    return done;
}

}  // namespace anagraph::core
