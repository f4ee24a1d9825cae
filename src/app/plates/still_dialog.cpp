#include "app/plates/still_dialog.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
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
    said_ = quiet_label(QString(), this);
    down->addWidget(said_);
    commands_ = new Commands(tr("Still"), this);
    const QString frames = tr("Frames");
    const auto some = [this] { return unless(ready(), tr("The frames are being fetched.")); };
    commands_->add({"still.take", tr("Take this frame"), Qt::Key_Return, tr("The plate shows this frame."), frames, {},
        [this] { accept(); }, some, {}, true, always});
    commands_->add({"still.closer", tr("Closer together"), Qt::Key_Minus, tr("Offers frames that lie closer about this one."), frames, {},
        [this] { widen(1 / 3.0); }, {}, {}, true});
    commands_->add({"still.wider", tr("Further apart"), Qt::Key_Plus, tr("Offers frames from further before and after."), frames, {},
        [this] { widen(3); }, {}, {}, true});
    down->addWidget(new CommandRow(*commands_, this));
    connect(list_, &QListWidget::currentRowChanged, this, &StillDialog::show_row);
    connect(list_, &QListWidget::itemActivated, this, &QDialog::accept);
    connect(&work_, &Work::busy_changed, commands_, &Commands::refresh);
    list_->setFocus();
    look();
}

void StillDialog::widen(double by) {
    seconds_ = std::clamp(seconds_ * by, 0.06, 20.0);
    at_ = chosen_;
    look();
}

void StillDialog::look() {
    said_->setText(tr("Looking at the frames within %1 s …").arg(theme::digits(seconds_, 'g', 2)));
    work_.run([path = recording_.entry.path, times = recording_.index.times, at = at_, seconds = seconds_](
                  const GoOn& go_on) { return media::stills_about(path, times, at, seconds, kOffers, go_on); },
        [this](Offers& offers) { show_offers(offers); });
}

void StillDialog::show_offers(Offers& offers) {
    if (!offers) {
        said_->setText(text(offers.error().message));
        return;
    }
    list_->clear();
    times_.clear();
    images_.clear();
    const auto best = media::sharpest_of(*offers);
    const double most = std::max(1e-9, (*offers)[best].sharpness);
    for (std::size_t i = 0; i < (*offers).size(); ++i) {
        auto& o = (*offers)[i];
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
