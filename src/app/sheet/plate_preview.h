// PlatePreview: a plate in small, with its callouts; the picture comes from the import's thumbnails, so it is quick.
#pragma once

#include <QPixmap>
#include <QSvgRenderer>
#include <QWidget>

#include "app/session/session.h"

namespace anagraph::app {

/// The thumbnail nearest to a moment of a recording; null when the recording is away.
QPixmap thumbnail_at(Session& session, const core::RecordingId& recording, const core::FrameTime& at);

class PlatePreview : public QWidget {
    Q_OBJECT
public:
    PlatePreview(Session& session, QWidget* parent);
    void show_step(const core::Step& step);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Session& session_;
    std::optional<core::Plate> plate_;
    int count_ = 0;
    QPixmap picture_;
    std::string marks_;  // what `drawn_` was made from
    QSvgRenderer drawn_;
};

}  // namespace anagraph::app
