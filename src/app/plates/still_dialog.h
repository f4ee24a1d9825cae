// Choosing the still: the frames about the moment, the sharpest offered, the chosen one large.
#pragma once

#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <vector>

#include "app/command/commands.h"
#include "app/session/session.h"
#include "app/work/work.h"
#include "media/stills.h"

namespace anagraph::app {

class StillDialog : public QDialog {
    Q_OBJECT
public:
    /// `at` must be a frame of the recording; `care` is shown on every offer, so that it is judged as it will be seen.
    StillDialog(const LoadedRecording& recording, const core::FrameTime& at, core::StillCare care, QWidget* parent);
    core::FrameTime chosen() const { return chosen_; }
    bool ready() const { return list_->count() > 0; }

private:
    void look();
    void show_row(int row);
    void widen(double by);

    using Offers = core::Result<std::vector<media::StillOffer>>;
    void show_offers(Offers& offers);

    const LoadedRecording& recording_;
    core::FrameTime at_;
    core::FrameTime chosen_;
    core::StillCare care_;
    double seconds_ = 0.6;
    QListWidget* list_;
    QLabel* picture_;
    QLabel* said_;
    Work work_{this};
    Commands* commands_ = nullptr;
    std::vector<core::FrameTime> times_;
    std::vector<QImage> images_;
};

}  // namespace anagraph::app
