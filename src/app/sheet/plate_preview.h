// PlatePreview: a plate in small, with its callouts; the picture comes from the import's thumbnails, so it is quick.
#pragma once

#include <QPixmap>
#include <QSvgRenderer>
#include <QWidget>

#include "app/session/session.h"
#include "app/spoken/painted.h"

namespace anagraph::app {

/// The thumbnail nearest to a moment of a recording; null when the recording is away.
QPixmap thumbnail_at(Session& session, const core::RecordingId& recording, const core::FrameTime& at);

class PlatePreview : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    PlatePreview(Session& session, QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Graphic; }
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
