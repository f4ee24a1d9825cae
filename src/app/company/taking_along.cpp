#include "app/company/taking_along.h"

#include <chrono>

#include "app/session/session.h"
#include "app/theme/theme.h"

namespace anagraph::app {

namespace {

constexpr std::chrono::seconds kLookFirst{20};  // the window comes before the copy
constexpr std::chrono::minutes kLook{10};

}  // namespace

TakingAlong::TakingAlong(Session& session) : QObject(&session), session_(session) {
    if (!session_.library().is_on_server() && !session_.is_on_the_road()) return;
    connect(&look_timer_, &QTimer::timeout, this, &TakingAlong::look);
    look_timer_.start(kLookFirst);
}

void TakingAlong::look() {
    look_timer_.start(kLook);
    if (session_.is_away() || work_.busy()) return;
    const auto now = store::taken_along(session_.home());
    const auto written = session_.library().written();
    if (now.guides.empty() || !written || *written == as_taken_) return;
    take(now.guides, now.films);
}

void TakingAlong::take(const std::vector<store::GuideId>& guides, bool films) {
    const auto written = session_.library().written().value_or("");
    work_.run([place = session_.home(), guides, films](const GoOn& go_on) { return store::take_along(place, guides, films, go_on); },
        [this, written](const core::Outcome& done) {
            if (!done) {
                emit failed(theme::text(done.error().message));
                return;
            }
            as_taken_ = written;
            emit taken();
        });
}

}  // namespace anagraph::app
