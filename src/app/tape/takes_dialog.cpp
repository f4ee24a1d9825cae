#include "app/tape/takes_dialog.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/tape/takes.h"

namespace anagraph::app {

using theme::text;

TakesDialog::TakesDialog(Session& session, const core::StepId& step, QWidget* parent) : QDialog(parent), session_(session), step_(step) {
    setObjectName(QStringLiteral("station"));
    const auto* s = session_.procedure().find(step_);
    setWindowTitle(s->heading.empty() ? tr("Takes of this step") : tr("Takes of “%1”").arg(text(s->heading)));
    resize(1120, 440);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(16, 16, 16, 16);
    down->setSpacing(12);
    auto* across = new QHBoxLayout;
    across->setSpacing(16);
    for (auto& side : sides_) {
        auto* column = new QVBoxLayout;
        side.label = title_label(QString(), this);
        side.film = new FilmView(this);
        column->addWidget(side.label);
        column->addWidget(side.film, 1);
        across->addLayout(column, 1);
    }
    down->addLayout(across, 1);
    auto* commands = new Commands(tr("Takes"), this);
    const auto add = [commands](Command c) { commands->add(std::move(c)); };
    const QString films = tr("Films");
    const QString best = tr("Best take");
    add({"takes.right-best", tr("Right is best"), Qt::Key_R, tr("Clip and pictures come from the take on the right."), best, {},
        [this] { choose(sides_[1]); }, {}, {}, true, always});
    add({"takes.left-best", tr("Left is best"), Qt::Key_L, tr("Clip and pictures come from the take on the left."), best, {},
        [this] { choose(sides_[0]); }, {}, {}, true});
    add({"takes.play", tr("Play both"), Qt::Key_Space, tr("Plays both takes, or stops them."), films, {}, [this] { play_both(); }, {}, {},
        true});
    add({"takes.next", tr("Next take on the right"), Qt::Key_PageDown, tr("Compares the left one with the next."), films, {},
        [this] { other_take(1); }, [n = s->takes.size()] { return unless(n > 2, tr("There are two takes, and both are shown.")); }, {},
        true});
    add({"takes.frame-back", tr("Frame back"), Qt::Key_Left, tr("Shows the frame before, on both sides."), films, {},
        [this] { step_both(-1); }});
    add({"takes.frame-on", tr("Frame on"), Qt::Key_Right, tr("Shows the next frame, on both sides."), films, {}, [this] { step_both(1); }});
    down->addWidget(new CommandRow(*commands, this));
    show_take(sides_[0], 0);
    show_take(sides_[1], 1);
    setFocusPolicy(Qt::StrongFocus);
    setFocus();  // the keys are the dialog's own, and none of its buttons is in hand
}

void TakesDialog::show_take(Side& side, std::size_t take) {
    side.take = take;
    const auto* s = session_.procedure().find(step_);
    const auto& t = s->takes[take];
    const auto* r = session_.recording(t.recording);
    if (r == nullptr) return;
    side.film->open(r);
    side.film->show_time(t.from);
    const auto length = core::FrameTime::from_milliseconds(static_cast<std::int64_t>((t.to.seconds() - t.from.seconds()) * 1000));
    side.label->setText(
        tr("Take %1%2 · from %3, %4 long")
            .arg(take + 1)
            .arg(take == 0 ? tr(" · best") : QString(), text(core::clock_text(t.from, false)), text(core::clock_text(length, false))));
    side.film->setAccessibleName(side.label->text());
}

void TakesDialog::other_take(int by) {
    const auto n = static_cast<int>(session_.procedure().find(step_)->takes.size());
    int next = static_cast<int>(sides_[1].take) + by;
    if (next >= n) next = 1;
    show_take(sides_[1], static_cast<std::size_t>(next));
}

void TakesDialog::play_both() {
    const bool playing = sides_[0].film->playing() || sides_[1].film->playing();
    const auto* s = session_.procedure().find(step_);
    for (auto& side : sides_) {
        const auto& t = s->takes[side.take];
        if (playing) {
            side.film->pause();
            continue;
        }
        if (side.film->time() < t.from || !(side.film->time() < t.to)) side.film->show_time(t.from);
        side.film->play_until(t.to);
    }
}

void TakesDialog::step_both(int by) {
    for (auto& side : sides_) side.film->step_frames(by);
}

void TakesDialog::choose(const Side& side) {
    if (side.take == 0 || session_.perform(core::choose_take(session_.procedure(), step_, side.take))) accept();
}

}  // namespace anagraph::app
