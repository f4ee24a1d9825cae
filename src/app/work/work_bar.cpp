#include "app/work/work_bar.h"

#include <QHBoxLayout>
#include <cmath>

namespace anagraph::app {
namespace {

constexpr int kWhole = 1000;
constexpr int kSecondsShown = 120;  // from there on minutes are told

}  // namespace

WorkBar::WorkBar(Work& work, const QString& name, QWidget* cancel, QWidget* parent)
    : QWidget(parent), said_(new QLabel(this)), bar_(new QProgressBar(this)) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    bar_->setRange(0, kWhole);
    bar_->setTextVisible(false);
    bar_->setAccessibleName(name);
    across->addWidget(said_);
    across->addWidget(bar_, 1);
    across->addWidget(cancel);
    connect(&work, &Work::progressed, this, &WorkBar::show_progress);
    connect(&work, &Work::busy_changed, this, [this, &work] {
        if (work.busy()) show_progress({}, 0, -1);
        setVisible(work.busy());
    });
    hide();
}

void WorkBar::set_words(const QString& words) {
    words_ = words;
    said_->setText(words);
}

void WorkBar::show_progress(const QString& what, double share, int seconds_left) {
    bar_->setValue(static_cast<int>(std::lround(share * kWhole)));
    const QString words = what.isEmpty() ? words_ : what;
    said_->setText(seconds_left < 0        ? words
            : seconds_left < kSecondsShown ? tr("%1, %2 s left").arg(words).arg(seconds_left)
                                           : tr("%1, %2 min left").arg(words).arg((seconds_left + 30) / 60));
}

}  // namespace anagraph::app
