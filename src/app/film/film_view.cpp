#include "app/film/film_view.h"

#include <QPainter>

#include "app/film/upright.h"
#include "app/session/session.h"
#include "app/theme/theme.h"

namespace anagraph::app {

namespace {

constexpr int kRest = 60;  // ms without a key: the hand rests

}  // namespace

FilmView::FilmView(QWidget* parent) : QWidget(parent) {
    setMinimumSize(240, 135);
    setAccessibleName(tr("Moving picture"));
    setAttribute(Qt::WA_OpaquePaintEvent);  // what lies below need not be painted for every frame
    rest_.setSingleShot(true);
    rest_.setInterval(kRest);
    connect(&rest_, &QTimer::timeout, this, &FilmView::seek_wanted);
    // The player calls from its own threads: only a queued call crosses over.
    auto player = media::Player::create([this] {
        QMetaObject::invokeMethod(
            this, [this] { take_news(); }, Qt::QueuedConnection);
    });
    if (player)
        player_ = std::move(*player);
    else
        trouble_ = theme::text(player.error().message);
}

FilmView::~FilmView() = default;

void FilmView::open(const LoadedRecording* recording) {
    if (recording_ == recording) return;
    recording_ = recording;
    stop_at_.reset();
    rest_.stop();
    wanted_.reset();
    small_.reset();
    scrubbed_ = {};
    forget_exact();
    if (player_) {
        player_->close();
        if (recording_ != nullptr && !recording_->coming)
            player_->open(
                recording_->away || recording_->far ? recording_->folder.toStdString() + "/" + media::kProxyFile : recording_->entry.path,
                recording_->index.times);
    }
    emit moved();
    update();
}

std::size_t FilmView::frame() const { return wanted_ ? *wanted_ : player_ ? player_->frame() : 0; }
core::FrameTime FilmView::time() const {
    return recording_ == nullptr || recording_->index.times.empty()
        ? core::FrameTime{}
        : recording_->index.times[std::min(frame(), recording_->index.times.size() - 1)];
}
bool FilmView::playing() const { return player_ && player_->playing(); }
bool FilmView::slow() const { return player_ && player_->speed() < 1; }
bool FilmView::settling() const { return player_ && (wanted_.has_value() || player_->seeking()); }

QImage FilmView::picture() const {
    if (!player_ || player_->picture().empty() || recording_ == nullptr) return {};
    return upright(image_of(player_->picture()), recording_->index);
}

QRectF FilmView::picture_rect() const {
    QSizeF size(recording_ == nullptr ? 16.0 / 9 : recording_->index.aspect(), 1);
    size.scale(QSizeF(this->size()), Qt::KeepAspectRatio);
    return {QPointF((width() - size.width()) / 2, 0), size};
}

void FilmView::show_frame(std::size_t frame) {
    if (!player_ || recording_ == nullptr) return;
    stop_at_.reset();
    forget_exact();
    wanted_ = std::min(frame, recording_->index.times.size() - 1);
    // The small copy is painted before anything else follows; the original's own frame is sought once the hand rests.
    if (show_small_copy())
        rest_.start();
    else
        seek_wanted();
    emit moved();
}

void FilmView::seek_wanted() {
    rest_.stop();
    if (!wanted_ || !player_) return;
    const std::size_t frame = *wanted_;
    wanted_.reset();
    player_->show_frame(frame);
}

void FilmView::forget_exact() {
    exact_work_.drop();
    exact_frame_.reset();
    exact_ = {};
}

void FilmView::fetch_exact() {
    if (!recording_->far || recording_->coming || exact_frame_ == frame()) return;
    forget_exact();
    exact_frame_ = frame();
    exact_work_.run([read = frame_reader(*recording_, time())](const GoOn&) { return read(); },
        [this](const core::Result<media::Picture>& picture) {
            if (!picture) return;  // the small copy stays
            exact_ = image_of(*picture);
            update();
        });
}

bool FilmView::show_small_copy() {
    if (recording_->away || recording_->coming) return false;
    if (!small_)
        if (auto opened = media::ProxyReader::open(recording_->folder.toStdString(), recording_->index)) small_ = std::move(*opened);
    if (!small_) return false;
    // made in the size it is shown in, so that painting is copying
    const QSize shown = (picture_rect().size() * devicePixelRatioF()).toSize();
    const bool turned = recording_->index.rotation % 180 != 0;
    auto picture = small_->frame(frame(), turned ? shown.height() : shown.width(), turned ? shown.width() : shown.height());
    if (!picture) return false;
    small_picture_ = std::move(*picture);
    scrubbed_ = image_of(small_picture_);
    if (recording_->index.rotation != 0) scrubbed_ = scrubbed_.transformed(QTransform().rotate(recording_->index.rotation));
    scrubbed_.setDevicePixelRatio(devicePixelRatioF());
    repaint(picture_rect().toAlignedRect());
    return true;
}

void FilmView::show_time(const core::FrameTime& time) {
    if (recording_ != nullptr) show_frame(recording_->index.frame_from(time));
}

void FilmView::play_until(const core::FrameTime& time) {
    if (!player_ || recording_ == nullptr) return;
    stop_at_ = time;
    seek_wanted();
    player_->play();
    emit moved();
}

void FilmView::toggle_play() {
    if (!player_ || recording_ == nullptr) return;
    stop_at_.reset();
    seek_wanted();
    player_->playing() ? player_->pause() : player_->play();
    emit moved();
}

void FilmView::pause() {
    if (player_ && player_->playing()) toggle_play();
}

void FilmView::step_frames(int by) {
    if (!player_ || recording_ == nullptr) return;
    player_->pause();
    const auto now = static_cast<long>(frame()) + by;
    show_frame(static_cast<std::size_t>(std::max(0L, now)));
}

void FilmView::toggle_slow() {
    if (!player_) return;
    player_->set_speed(slow() ? 1.0 : 0.5);
    emit moved();
}

void FilmView::take_news() {
    if (!player_ || !player_->poll()) return;
    if (!settling()) scrubbed_ = {};
    if (stop_at_ && player_->playing() && !(time() < *stop_at_)) {
        stop_at_.reset();
        player_->pause();
    }
    if (playing())
        forget_exact();
    else if (recording_ != nullptr && !settling())
        fetch_exact();
    update();
    emit moved();
}

void FilmView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const QRectF r = picture_rect();
    const QImage image = scrubbing() ? scrubbed_ : !exact_.isNull() ? exact_ : picture();
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    for (const auto& beside : QRegion(rect()).subtracted(QRegion(r.toRect()))) p.fillRect(beside, theme::colour("paper"));
    if (image.isNull()) p.fillRect(r, theme::colour("film"));
    if (!image.isNull()) {
        if (scrubbing())
            p.drawImage(r.topLeft(), image);
        else
            p.drawImage(r, image);
        if (recording_ != nullptr && recording_->away) {
            const QString words = tr("The original is missing: this is the small copy. Stills and clips wait for it.");
            const QRectF strip(r.left(), r.bottom() - 30, r.width(), 30);
            p.fillRect(strip, theme::colour("sheet"));
            p.setPen(theme::colour("ink"));
            p.drawText(strip, Qt::AlignCenter, words);
        }
        return;
    }
    p.setPen(theme::colour("on_film"));
    p.drawText(r.adjusted(20, 20, -20, -20), Qt::AlignCenter | Qt::TextWordWrap,
        !trouble_.isEmpty()         ? trouble_
            : recording_ == nullptr ? tr("Choose a recording on the Shelf.")
            : recording_->coming    ? tr("The film is on its way to this computer. Its lines are here already.")
                                    : tr("Opening …"));
}

}  // namespace anagraph::app
