#include "app/plates/still_dialog.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "app/session/beside.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "publish/still_care.h"

namespace anagraph::app {

using theme::text;

namespace {
constexpr int kOffers = 9;
}

StillDialog::StillDialog(const LoadedRecording& recording, const core::FrameTime& at, core::StillCare care, QWidget* parent)
    : QDialog(parent), recording_(recording), at_(at), chosen_(at), care_(std::move(care)) {
    setWindowTitle(tr("The sharpest frame near the moment"));
    resize(1080, 640);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(16, 14, 16, 14);
    auto* across = new QHBoxLayout;
    list_ = new QListWidget(this);
    list_->setIconSize(QSize(144, 81));
    list_->setFixedWidth(330);
    list_->setAccessibleName(tr("Frames offered, in the order of the film"));
    across->addWidget(list_);
    picture_ = new QLabel(this);
    picture_->setAlignment(Qt::AlignCenter);
    picture_->setMinimumSize(560, 320);
    picture_->setStyleSheet(QStringLiteral("background: %1;").arg(theme::colour("film").name()));
    across->addWidget(picture_, 1);
    down->addLayout(across, 1);
    said_ = second(QString(), this);
    down->addWidget(said_);
    auto* row = new QHBoxLayout;
    auto* closer = new KeyButton(tr("Closer together"), Qt::Key_Minus, this);
    auto* wider = new KeyButton(tr("Further apart"), Qt::Key_Plus, this);
    auto* take = new KeyButton(tr("Take this frame"), Qt::Key_Return, this, true);
    for (auto* b : {closer, wider}) {
        b->setAutoDefault(false);
        row->addWidget(b);
    }
    row->addStretch(1);
    row->addWidget(take);
    down->addLayout(row);
    connect(closer, &QPushButton::clicked, this, [this] { widen(1 / 3.0); });
    connect(wider, &QPushButton::clicked, this, [this] { widen(3); });
    connect(take, &QPushButton::clicked, this, [this] {
        if (ready()) accept();
    });
    connect(list_, &QListWidget::currentRowChanged, this, &StillDialog::show_row);
    connect(list_, &QListWidget::itemActivated, this, &QDialog::accept);
    connect(&watcher_, &QFutureWatcherBase::finished, this, &StillDialog::show_offers);
    list_->setFocus();
    look();
}

StillDialog::~StillDialog() {
    if (stop_) *stop_ = true;
    watcher_.waitForFinished();
}

void StillDialog::widen(double by) {
    seconds_ = std::clamp(seconds_ * by, 0.06, 20.0);
    at_ = chosen_;
    look();
}

void StillDialog::look() {
    if (stop_) *stop_ = true;
    watcher_.waitForFinished();
    stop_ = make_stop();
    said_->setText(tr("Looking at the frames within %1 s …").arg(seconds_, 0, 'g', 2));
    watcher_.setFuture(QtConcurrent::run(
        &work_threads(), [path = recording_.entry.path, times = recording_.index.times, at = at_, seconds = seconds_, stop = stop_] {
            return std::make_shared<Offers>(media::stills_about(path, times, at, seconds, kOffers, [stop](double) { return !*stop; }));
        }));
}

void StillDialog::show_offers() {
    const auto offers = watcher_.result();
    if (!*offers) {
        if ((*offers).error().code != core::ErrorCode::Cancelled) said_->setText(text((*offers).error().message));
        return;
    }
    list_->clear();
    times_.clear();
    images_.clear();
    const auto best = media::sharpest_of(**offers);
    const double most = std::max(1e-9, (**offers)[best].sharpness);
    for (std::size_t i = 0; i < (**offers).size(); ++i) {
        auto& o = (**offers)[i];
        const QImage image = publish::cared_for(
            publish::image_of(media::upright(std::move(o.picture), recording_.index.rotation, recording_.index.pixel_aspect)), care_);
        images_.push_back(image);
        times_.push_back(o.at);
        QString words = QStringLiteral("%1\n%2").arg(
            text(core::clock_text(o.at)), tr("sharpness %1 %").arg(static_cast<int>(100 * o.sharpness / most)));
        if (i == best) words += tr("\n◆ the sharpest");
        if (o.at == at_) words += tr("\nas it was");
        list_->addItem(
            new QListWidgetItem(QIcon(QPixmap::fromImage(image.scaled(288, 162, Qt::KeepAspectRatio, Qt::SmoothTransformation))), words));
    }
    said_->setText(
        tr("The sharpest is offered; ↑ ↓ look at the others, Enter takes one. A sharp picture with a hand in the way is the worse one."));
    list_->setCurrentRow(static_cast<int>(best));
}

void StillDialog::show_row(int row) {
    if (row < 0 || row >= static_cast<int>(images_.size())) return;
    chosen_ = times_[static_cast<std::size_t>(row)];
    picture_->setPixmap(QPixmap::fromImage(
        images_[static_cast<std::size_t>(row)].scaled(picture_->size() - QSize(8, 8), Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

}  // namespace anagraph::app
