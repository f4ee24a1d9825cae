#include "app/plates/clip_dialog.h"

#include <QDialogButtonBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QSvgRenderer>
#include <QTemporaryDir>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/plates/mark_menu.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/tape/takes.h"
#include "publish/clip_paint.h"
#include "publish/pack.h"

namespace anagraph::app {

using theme::text;

/// What is drawn over the film at its moment, as in the pack; takes the clicks that place it.
class ClipOverlay : public QWidget {
public:
    ClipOverlay(Session& session, const core::Clip& clip, FilmView* film) : QWidget(film), session_(session), clip_(clip), film_(film) {}
    std::function<void(const core::Place&, bool far_end)> placed;

protected:
    void paintEvent(QPaintEvent*) override {
        const QRectF r = film_->picture_rect();
        const std::string svg = publish::clip_overlay(session_.procedure(), clip_, film_->time(), r.width(), r.height());
        if (svg.empty()) return;
        QPainter p(this);
        QSvgRenderer(QByteArray::fromStdString(svg)).render(&p, r);
    }
    void mousePressEvent(QMouseEvent* event) override {
        tell(event, (event->modifiers() & Qt::ShiftModifier) != 0 || event->button() == Qt::RightButton);
    }
    void mouseMoveEvent(QMouseEvent* event) override { tell(event, true); }

private:
    void tell(QMouseEvent* event, bool far_end) {
        const QRectF r = film_->picture_rect();
        if (!r.contains(event->position()) || !placed) return;
        placed({static_cast<int>((event->position().x() - r.left()) * 10000 / r.width()),
                   static_cast<int>((event->position().y() - r.top()) * 10000 / r.height())},
            far_end);
    }

    Session& session_;
    const core::Clip& clip_;
    FilmView* film_;
};

ClipDialog::ClipDialog(Session& session, core::Clip clip, QWidget* parent)
    : QDialog(parent), session_(session), recording_(session.recording(clip.take.recording)), clip_(std::move(clip)) {
    setObjectName(QStringLiteral("station"));
    setWindowTitle(tr("The clip the learner gets"));
    resize(1160, 660);
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(16, 14, 16, 14);
    across->setSpacing(18);
    auto* left = new QVBoxLayout;
    film_ = new FilmView(this);
    film_->setAccessibleName(tr("The film at the frame in hand"));
    left->addWidget(film_, 1);
    moment_ = quiet_label(QString(), this);
    left->addWidget(moment_);
    across->addLayout(left, 1);
    overlay_ = new ClipOverlay(session_, clip_, film_);
    overlay_->placed = [this](const core::Place& at, bool far_end) { place_mark(at, far_end); };
    auto* side = new QVBoxLayout;
    build_side(side);
    across->addLayout(side);
    rest_.setSingleShot(true);
    rest_.setInterval(600);
    connect(&rest_, &QTimer::timeout, this, &ClipDialog::measure);
    connect(film_, &FilmView::moved, this, [this] {
        overlay_->setGeometry(film_->rect());
        overlay_->update();
        show_facts();
    });
    film_->open(recording_);
    film_->show_time(clip_.take.from);
    changed();
}

void ClipDialog::build_commands() {
    commands_ = new Commands(tr("Clip"), this);
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const QString clip = tr("Clip");
    add({"clip.play", tr("Play"), Qt::Key_Space, tr("Plays the clip as the learner sees it."), clip, {}, [this] { play(); }});
    add({"clip.poster", tr("Use as still"), Qt::Key_P, tr("This frame stands for the clip before it is played, and in print."), clip, {},
        [this] { set_poster(); }});
    add({"clip.begin", tr("Begin here"), Qt::Key_BracketLeft, tr("The clip begins with this frame."), clip, {}, [this] { set_begin(); }});
    add({"clip.end", tr("End here"), Qt::Key_BracketRight, tr("This is the last frame of the clip."), clip, {}, [this] { set_end(); }});
    add({"clip.slower", tr("Slower"), Qt::Key_S, tr("At half or a quarter of its speed, and back; slowed clips are silent."), clip, {},
        [this] {
            clip_.slower = clip_.slower >= 4 ? 1 : clip_.slower * 2;
            changed();
        }});
    add({"clip.sound", tr("Sound"), Qt::Key_N, tr("With its sound or silent."), clip, {}, [this] {
             clip_.silent = !clip_.silent;
             changed();
         }});
    const QString drawn = tr("Drawn over it");
    const auto chosen = [this] { return unless(mark() != nullptr, tr("No sign or number is chosen.")); };
    add({"clip.add-mark", tr("Add sign or number"), Qt::Key_M, tr("Draws a sign or a part's number over the clip from this frame on."),
        drawn, {}, [this] { add_mark(); }});
    add({"clip.remove-mark", tr("Remove"), Qt::Key_Delete, tr("The chosen sign or number is drawn no longer."), drawn, {},
        [this] { remove_mark(); }, chosen});
    add({"clip.mark-from", tr("From here"), Qt::Key_F, tr("The chosen sign or number shows from this frame on."), drawn, {},
        [this] { time_mark(true); }, chosen});
    add({"clip.mark-until", tr("Until here"), Qt::Key_U, tr("The chosen sign or number shows until this frame."), drawn, {},
        [this] { time_mark(false); }, chosen});
    const std::tuple<const char*, QString, QString, Qt::Key, int, int> ways[] = {
        {"left", tr("Move left"), tr("Move far end left"), Qt::Key_Left, -1, 0},
        {"right", tr("Move right"), tr("Move far end right"), Qt::Key_Right, 1, 0},
        {"up", tr("Move up"), tr("Move far end up"), Qt::Key_Up, 0, -1},
        {"down", tr("Move down"), tr("Move far end down"), Qt::Key_Down, 0, 1}};
    for (const auto& [id, words, far_words, key, dx, dy] : ways) {
        add({QStringLiteral("clip.mark-") + QLatin1String(id), words, Qt::ALT | key, tr("Moves the chosen sign or number."), drawn, {},
            [this, dx = dx, dy = dy] { move_mark(dx, dy, false); }, chosen});
        add({QStringLiteral("clip.far-end-") + QLatin1String(id), far_words, Qt::ALT | Qt::SHIFT | key,
            tr("Moves the far end of the chosen sign."), drawn, {}, [this, dx = dx, dy = dy] { move_mark(dx, dy, true); }, chosen});
    }
    const QString frames = tr("Frames");
    add({"clip.frame-back", tr("Frame back"), Qt::Key_Left, tr("Shows the frame before."), frames, {}, [this] { film_->step_frames(-1); }});
    add({"clip.frame-on", tr("Frame on"), Qt::Key_Right, tr("Shows the next frame."), frames, {}, [this] { film_->step_frames(1); }});
    add({"clip.first", tr("First frame"), Qt::Key_Home, tr("Goes to where the clip begins."), frames, {}, [this] {
             film_->pause();
             film_->show_time(clip_.take.from);
         }});
    add({"clip.last", tr("Last frame"), Qt::Key_End, tr("Goes to where the clip ends."), frames, {}, [this] {
             film_->pause();
             film_->show_time(clip_.take.to);
             film_->step_frames(-1);
         }});
}

void ClipDialog::build_side(QVBoxLayout* side) {
    build_commands();
    const auto row = [&](const QStringList& ids) { side->addLayout(command_line(*commands_, ids, this)); };
    facts_ = title_label(QString(), this);
    facts_->setWordWrap(true);
    facts_->setFixedWidth(330);
    side->addWidget(facts_);
    row({QStringLiteral("clip.play"), QStringLiteral("clip.poster")});
    row({QStringLiteral("clip.begin"), QStringLiteral("clip.end")});
    row({QStringLiteral("clip.slower"), QStringLiteral("clip.sound")});
    side->addWidget(title_label(tr("Drawn over it"), this));
    marks_ = new QListWidget(this);
    marks_->setFixedWidth(330);
    marks_->setWordWrap(true);
    marks_->setAccessibleName(tr("Signs and numbers over the clip"));
    side->addWidget(marks_, 1);
    row({QStringLiteral("clip.add-mark"), QStringLiteral("clip.remove-mark")});
    row({QStringLiteral("clip.mark-from"), QStringLiteral("clip.mark-until")});
    side->addWidget(
        quiet_label(tr("A click places the chosen sign, a drag its far end. All keys stand in the menu of the right button."), this));
    trouble_ = new QLabel(this);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    side->addWidget(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    side->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(commands_, &Commands::refused, trouble_, &QLabel::setText);
    connect(marks_, &QListWidget::currentRowChanged, this, [this](int i) {
        commands_->refresh();
        if (i < 0 || i >= static_cast<int>(clip_.marks.size())) return;
        const auto& m = clip_.marks[static_cast<std::size_t>(i)];
        if (film_->time() < m.from || !(film_->time() < m.to)) film_->show_time(m.from);
    });
}

core::ClipMark* ClipDialog::mark() {
    const int i = marks_->currentRow();
    return i < 0 || i >= static_cast<int>(clip_.marks.size()) ? nullptr : &clip_.marks[static_cast<std::size_t>(i)];
}

core::FrameTime ClipDialog::next_frame(const core::FrameTime& at) const {
    const auto& times = recording_->index.times;
    const auto i = recording_->index.frame_at(at) + 1;
    return i < times.size() ? times[i] : recording_->index.end;
}

/// Something of the clip is another now: it is shown at once, and cut again when it has rested.
void ClipDialog::changed() {
    const int row = marks_->currentRow();
    {
        const QSignalBlocker quiet(marks_);
        marks_->clear();
        for (const auto& m : clip_.marks) {
            const auto* item = session_.procedure().find(m.item);
            const QString what = item == nullptr ? mark_words(m.mark.sign) : tr("number of %1").arg(text(item->name));
            marks_->addItem(tr("%1\nfrom %2 to %3").arg(what, text(core::clock_text(m.from)), text(core::clock_text(m.to))));
        }
        marks_->setCurrentRow(std::min(row, marks_->count() - 1));
    }
    commands_->refresh();
    bytes_ = 0;
    overlay_->update();
    show_facts();
    rest_.start();
}

void ClipDialog::show_facts() {
    const double seconds = (clip_.take.to.seconds() - clip_.take.from.seconds()) * clip_.slower;
    QString words = tr("%1 s").arg(seconds, 0, 'f', 1);
    words += bytes_ > 0 ? tr(", %1 in the pack").arg(theme::bytes_in_words(bytes_)) : tr(", size is being measured …");
    if (clip_.slower > 1)
        words += tr("; %1 times slower, so without sound").arg(clip_.slower);
    else if (clip_.silent)
        words += tr("; without sound");
    else
        words += tr("; with sound");
    facts_->setText(words);
    const auto at = film_->time();
    const bool within = !(at < clip_.take.from) && at < clip_.take.to;
    moment_->setText(tr("%1, %2. The clip runs from %3 to %4.%5")
                         .arg(text(core::clock_text(at)), within ? tr("in the clip") : tr("outside of the clip"),
                             text(core::clock_text(clip_.take.from)), text(core::clock_text(clip_.take.to)),
                             clip_.poster ? tr(" It is shown by its still at %1.").arg(text(core::clock_text(*clip_.poster))) : QString()));
}

void ClipDialog::set_begin() {
    const auto at = film_->time();
    if (!(at < clip_.take.to)) {
        trouble_->setText(tr("A clip begins before it ends; move its end first."));
        return;
    }
    trouble_->clear();
    clip_ = core::trimmed(clip_, {clip_.take.recording, at, clip_.take.to});
    changed();
}

void ClipDialog::set_end() {
    // the frame in hand is the last one shown
    const auto end = next_frame(film_->time());
    if (!(clip_.take.from < end)) {
        trouble_->setText(tr("A clip ends after it begins; move its beginning first."));
        return;
    }
    trouble_->clear();
    clip_ = core::trimmed(clip_, {clip_.take.recording, clip_.take.from, end});
    changed();
}

void ClipDialog::set_poster() {
    const auto at = film_->time();
    if (at < clip_.take.from || !(at < clip_.take.to)) {
        trouble_->setText(tr("The still is one of the clip's own pictures; go to one of them."));
        return;
    }
    clip_.poster = at;
    changed();
}

void ClipDialog::play() {
    if (film_->playing()) {
        film_->pause();
        return;
    }
    if (film_->time() < clip_.take.from || !(next_frame(film_->time()) < clip_.take.to)) film_->show_time(clip_.take.from);
    film_->play_until(clip_.take.to);
}

void ClipDialog::add_mark() {
    QMenu menu(this);
    fill_mark_menu(menu,
        {core::PlateSign::Turn, core::PlateSign::TurnBack, core::PlateSign::Pull, core::PlateSign::Press, core::PlateSign::Flow,
            core::PlateSign::Look, core::PlateSign::DoNotTouch});
    menu.addSeparator();
    const auto numbers = core::callout_numbers(session_.procedure());
    for (const auto& item : session_.procedure().items)
        if (const auto n = numbers.find(item.id); n != numbers.end())
            menu.addAction(tr("%1  %2").arg(n->second).arg(text(item.name)))->setData(text(item.id.text()));
    const auto* chosen = chosen_from(menu, film_->mapToGlobal(film_->rect().center()));
    if (chosen == nullptr) return;
    core::ClipMark m;
    m.mark.at = {5000, 5000};
    m.mark.to = {6200, 4200};
    if (chosen->data().typeId() == QMetaType::QString)
        m.item = core::ItemId(chosen->data().toString().toStdString());
    else
        m.mark.sign = static_cast<core::PlateSign>(chosen->data().toInt());
    // for three seconds from here, or as long as the clip lasts
    const auto at = std::clamp(film_->time(), clip_.take.from, clip_.take.to);
    m.from = at < clip_.take.to ? at : clip_.take.from;
    m.to = std::min(clip_.take.to,
        recording_->index.times[recording_->index.frame_at(
            core::FrameTime::from_milliseconds(static_cast<std::int64_t>(m.from.seconds() * 1000) + 3000))]);
    if (!(m.from < m.to)) m.to = clip_.take.to;
    clip_.marks.push_back(std::move(m));
    changed();
    marks_->setCurrentRow(marks_->count() - 1);
}

void ClipDialog::remove_mark() {
    if (mark() == nullptr) return;
    clip_.marks.erase(clip_.marks.begin() + marks_->currentRow());
    changed();
}

void ClipDialog::time_mark(bool begin) {
    auto* m = mark();
    if (m == nullptr) return;
    const auto at = begin ? std::max(film_->time(), clip_.take.from) : std::min(next_frame(film_->time()), clip_.take.to);
    if (begin ? !(at < m->to) : !(m->from < at)) {
        trouble_->setText(tr("It stays for a while: its end comes after its beginning."));
        return;
    }
    trouble_->clear();
    (begin ? m->from : m->to) = at;
    changed();
}

void ClipDialog::move_mark(int dx, int dy, bool far_end) {
    auto* m = mark();
    if (m == nullptr) return;
    const auto moved = [&](const core::Place& p) {
        return core::Place{std::clamp(p.x + dx * 150, 0, 10000), std::clamp(p.y + dy * 150, 0, 10000)};
    };
    if (!far_end) m->mark.at = moved(m->mark.at);
    m->mark.to = moved(m->mark.to);
    changed();
}

void ClipDialog::place_mark(const core::Place& place, bool far_end) {
    auto* m = mark();
    if (m == nullptr) return;
    if (far_end)
        m->mark.to = place;
    else {
        m->mark.to = {
            std::clamp(m->mark.to.x + place.x - m->mark.at.x, 0, 10000), std::clamp(m->mark.to.y + place.y - m->mark.at.y, 0, 10000)};
        m->mark.at = place;
    }
    changed();
}

/// Cuts it as the pack will, beside the window.
void ClipDialog::measure() {
    if (recording_->away) {
        trouble_->setText(tr("The recording is missing, so its size cannot be measured; the clip is kept all the same."));
        return;
    }
    work_.run(
        [path = recording_->entry.path, clip = clip_,
            options = publish::clip_options(session_.procedure(), clip_, recording_->index.rotation, recording_->index.pixel_aspect)](
            const GoOn& go_on) -> core::Result<std::int64_t> {
            // each in a folder of its own: one that was told to stop may still write
            const QTemporaryDir folder;
            const QString out = folder.filePath(QStringLiteral("clip.mp4"));
            const auto cut = media::cut_clip(path, clip.take, out.toStdString(), publish::kClipWidth, go_on, options);
            if (!cut) return tl::make_unexpected(cut.error());
            return QFileInfo(out).size();
        },
        [this](const core::Result<std::int64_t>& bytes) {
            bytes_ = bytes.value_or(0);
            trouble_->setText(bytes ? QString() : text(bytes.error().message));
            show_facts();
        });
}

}  // namespace anagraph::app
