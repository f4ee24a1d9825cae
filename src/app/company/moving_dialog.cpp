#include "app/company/moving_dialog.h"

#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "store/place.h"
#include "store/whole_library.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kWhole = 1000;
constexpr int kMinute = 60;

QString named(const QString& place) {
    const auto at = store::library_place(place.toStdString());
    return at ? text(store::shown(*at)) : place;
}

}  // namespace

MovingDialog::MovingDialog(const QString& from, const QString& to)
    : from_(from), to_(to), said_(new QLabel(this)), bar_(new QProgressBar(this)), button_(new QPushButton(tr("Stop"), this)) {
    setWindowTitle(tr("The library is being moved"));
    setMinimumWidth(640);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(26, 22, 26, 20);
    down->setSpacing(12);
    auto* title = new QLabel(tr("From %1\nto %2").arg(named(from), named(to)), this);
    title->setFont(theme::font("large"));
    title->setWordWrap(true);
    down->addWidget(title);
    bar_->setRange(0, kWhole);
    bar_->setTextVisible(false);
    bar_->setAccessibleName(tr("How far the move is"));
    down->addWidget(bar_);
    said_->setWordWrap(true);
    said_->setText(tr("Films and packs first, then what is written. The library it comes from stays as it is."));
    said_->setAccessibleDescription(tr("How far it is, or what is wrong"));
    down->addWidget(said_);
    down->addWidget(button_, 0, Qt::AlignRight);
    button_->setFocus();
    connect(button_, &QPushButton::clicked, this, &MovingDialog::reject);
    connect(&work_, &Work::progressed, this, [this](const QString&, double share, int seconds) { show_progress(share, seconds); });
    work_.run([from, to](const GoOn& go_on) { return store::move_library(from.toStdString(), to.toStdString(), go_on); },
        [this](const core::Outcome& done) { ended(done); });
}

void MovingDialog::show_progress(double share, int seconds_left) {
    bar_->setValue(static_cast<int>(std::lround(share * kWhole)));
    if (seconds_left >= 0)
        said_->setText(seconds_left < kMinute
                ? tr("%1 %, less than a minute left").arg(std::lround(share * 100))
                : tr("%1 %, about %2 min left").arg(std::lround(share * 100)).arg((seconds_left + kMinute - 1) / kMinute));
}

void MovingDialog::ended(const core::Outcome& done) {
    if (done) {
        accept();
        return;
    }
    setWindowTitle(tr("The library was not moved"));
    said_->setText(tr("%1 It is opened again where it was.").arg(text(done.error().message)));
    button_->setText(tr("Open it again"));
}

void MovingDialog::reject() {
    if (work_.busy()) {
        work_.cancel();
        button_->setText(tr("Stopping …"));
        return;
    }
    QDialog::reject();
}

}  // namespace anagraph::app
