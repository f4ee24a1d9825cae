#include "app/plates/clip_dialog.h"

#include <QDialogButtonBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QShortcut>
#include <QSvgRenderer>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>
#include <cmath>

#include "app/plates/mark_menu.h"
#include "app/session/beside.h"
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
    moment_ = second(QString(), this);
    left->addWidget(moment_);
    across->addLayout(left, 1);
    overlay_ = new ClipOverlay(session_, clip_, film_);
    overlay_->placed = [this](const core::Place& at, bool far_end) { place_mark(at, far_end); };
    auto* side = new QVBoxLayout;
    build_side(side);
    across->addLayout(side);
    for (const auto& [key, by] : {std::pair{Qt::Key_Left, -1}, std::pair{Qt::Key_Right, 1}}) {
        auto* step = new QShortcut(key, this);
        connect(step, &QShortcut::activated, this, [this, by = by] { film_->step_frames(by); });
    }
    for (const auto& [key, end] : {std::pair{Qt::Key_Home, false}, std::pair{Qt::Key_End, true}}) {
        auto* go = new QShortcut(key, this);
        connect(go, &QShortcut::activated, this, [this, end = end] {
            film_->pause();
            film_->show_time(end ? clip_.take.to : clip_.take.from);
            if (end) film_->step_frames(-1);
        });
    }
    for (const auto& [key, dx, dy] :
        {std::tuple{Qt::Key_Left, -1, 0}, std::tuple{Qt::Key_Right, 1, 0}, std::tuple{Qt::Key_Up, 0, -1}, std::tuple{Qt::Key_Down, 0, 1}})
        for (const bool far_end : {false, true}) {
            auto* move = new QShortcut(
                QKeySequence(static_cast<int>(Qt::ALT) | (far_end ? static_cast<int>(Qt::SHIFT) : 0) | static_cast<int>(key)), this);
            connect(move, &QShortcut::activated, this, [this, dx = dx, dy = dy, far_end] { move_mark(dx, dy, far_end); });
        }
    rest_.setSingleShot(true);
    rest_.setInterval(600);
    connect(&rest_, &QTimer::timeout, this, &ClipDialog::measure);
    connect(&watcher_, &QFutureWatcherBase::finished, this, [this] {
        const Cut cut = watcher_.result();
        bytes_ = cut.bytes;
        trouble_->setText(text(cut.trouble));
        show_facts();
    });
    connect(film_, &FilmView::moved, this, [this] {
        overlay_->setGeometry(film_->rect());
        overlay_->update();
        show_facts();
    });
    film_->open(recording_);
    film_->show_time(clip_.take.from);
    changed();
}

ClipDialog::~ClipDialog() {
    if (stop_) *stop_ = true;
    watcher_.waitForFinished();
}

void ClipDialog::build_side(QVBoxLayout* side) {
    const auto row = [&](std::initializer_list<KeyButton*> buttons) {
        auto* line = new QHBoxLayout;
        for (auto* b : buttons) {
            b->setAutoDefault(false);
            line->addWidget(b);
        }
        line->addStretch(1);
        side->addLayout(line);
    };
    const auto button = [&](const QString& words, const QKeySequence& key, auto what) {
        auto* b = new KeyButton(words, key, this);
        connect(b, &QPushButton::clicked, this, what);
        return b;
    };
    facts_ = titled(QString(), this);
    facts_->setWordWrap(true);
    facts_->setFixedWidth(330);
    side->addWidget(facts_);
    row({button(tr("Play the clip"), Qt::Key_Space, [this] { play(); }), button(tr("Still for it"), Qt::Key_P, [this] { set_poster(); })});
    row({button(tr("Begins here"), Qt::Key_BracketLeft, [this] { set_begin(); }),
        button(tr("Ends here"), Qt::Key_BracketRight, [this] { set_end(); })});
    row({button(tr("Slower"), Qt::Key_S,
             [this] {
                 clip_.slower = clip_.slower >= 4 ? 1 : clip_.slower * 2;
                 changed();
             }),
        button(tr("Sound"), Qt::Key_N, [this] {
            clip_.silent = !clip_.silent;
            changed();
        })});
    side->addWidget(titled(tr("Drawn over it"), this));
    marks_ = new QListWidget(this);
    marks_->setFixedWidth(330);
    marks_->setWordWrap(true);
    marks_->setAccessibleName(tr("Signs and numbers over the clip"));
    side->addWidget(marks_, 1);
    row({button(tr("Sign or number"), Qt::Key_M, [this] { add_mark(); }), button(tr("Out"), Qt::Key_Delete, [this] { remove_mark(); })});
    row({button(tr("From here"), Qt::Key_F, [this] { time_mark(true); }),
        button(tr("Until here"), Qt::Key_U, [this] { time_mark(false); })});
    side->addWidget(second(tr("← → step by frames, Home and End go to the clip's own ends. A click places the chosen sign, a drag its far "
                              "end; Alt+arrows move it, with Shift the far end."),
        this));
    trouble_ = new QLabel(this);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    side->addWidget(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    side->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(marks_, &QListWidget::currentRowChanged, this, [this](int i) {
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
    bytes_ = 0;
    overlay_->update();
    show_facts();
    rest_.start();
}

void ClipDialog::show_facts() {
    const double seconds = (clip_.take.to.seconds() - clip_.take.from.seconds()) * clip_.slower;
    QString words = tr("%1 s").arg(seconds, 0, 'f', 1);
    words += bytes_ > 0 ? tr(", %1 in the pack").arg(QLocale::c().formattedDataSize(bytes_, 1, QLocale::DataSizeSIFormat))
                        : tr(", size is being measured …");
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
    if (stop_) *stop_ = true;
    watcher_.waitForFinished();
    if (recording_->away || !folder_.isValid()) {
        trouble_->setText(tr("The recording is missing, so its size cannot be measured; the clip is kept all the same."));
        return;
    }
    stop_ = make_stop();
    const std::string out = folder_.filePath(QStringLiteral("clip.mp4")).toStdString();
    watcher_.setFuture(QtConcurrent::run(&work_threads(),
        [path = recording_->entry.path, clip = clip_, out, stop = stop_,
            options = publish::clip_options(session_.procedure(), clip_, recording_->index.rotation, recording_->index.pixel_aspect)] {
            const auto cut = media::cut_clip(
                path, clip.take, out, publish::kClipWidth, [stop](double) { return !*stop; }, options);
            if (!cut) return Cut{0, cut.error().code == core::ErrorCode::Cancelled ? std::string() : cut.error().message};
            return Cut{QFileInfo(QString::fromStdString(out)).size(), {}};
        }));
}

}  // namespace anagraph::app
