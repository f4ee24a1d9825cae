#include "app/hearing/hearing.h"

#include <algorithm>

#include "app/theme/theme.h"
#include "shop/hear.h"
#include "shop/intake.h"

namespace anagraph::app {

using theme::text;

Hearing::Hearing(Session& session) : QObject(&session), session_(session) {}

bool Hearing::busy_with(const core::RecordingId& id) const { return std::find(waiting_.begin(), waiting_.end(), id) != waiting_.end(); }

void Hearing::hear(const core::RecordingId& id) {
    if (busy_with(id)) return;
    const auto* r = session_.recording(id);
    if (r == nullptr || !r->heard.empty() || !r->index.has_sound) return;
    waiting_.push_back(id);
    if (!work_.busy()) next();
}

void Hearing::cancel() {
    if (!waiting_.empty()) waiting_.erase(waiting_.begin() + 1, waiting_.end());
    work_.cancel();
}

void Hearing::next() {
    if (waiting_.empty()) return;
    const auto id = waiting_.front();
    const auto* r = session_.recording(id);
    const auto house = session_.library().house();
    if (r == nullptr || !house) {
        waiting_.pop_front();
        if (!house) session_.tell(text(house.error().message));
        next();
        return;
    }
    const QString name = text(r->entry.name);
    work_.run(
        [folder = session_.library().place(), path = r->entry.path, id, what = tr("Hearing what is said on %1").arg(name).toStdString(),
            how = shop::Hearing{house->recogniser, core::guide_phrases(session_.procedure())}](
            const GoOn& go_on) -> core::Result<std::size_t> {
            const auto heard = shop::hear(path, how, [&](double share) { return go_on(what, share); });
            if (!heard) return tl::make_unexpected(heard.error());
            if (auto kept = shop::keep_heard_beside(folder, id, *heard); !kept) return tl::make_unexpected(kept.error());
            return heard->segments.size();
        },
        [this, id, name](const core::Result<std::size_t>& lines) {
            waiting_.pop_front();
            if (lines) {
                session_.tell_heard(id);
                session_.tell(
                    tr("%1: %2 by the program. Listen before you rely on them; words it was not sure of are hatched.")
                        .arg(name, tr("%n lines were heard", "1 line was heard", static_cast<int>(*lines))));
            } else {
                session_.tell(text(lines.error().message));
            }
            next();
        });
}

}  // namespace anagraph::app
