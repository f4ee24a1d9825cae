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
    if (now.guides.empty() || !written || *written == now.state) return;
    take(now.guides, now.films);
}

void TakingAlong::take(const std::vector<store::GuideId>& guides, bool films) {
    work_.run([place = session_.home(), guides, films](const GoOn& go_on) { return store::take_along(place, guides, films, go_on); },
        [this](const core::Outcome& done) {
            if (done)
                emit taken();
            else
                emit failed(theme::text(done.error().message));
        });
}

}  // namespace anagraph::app
