// HeardPanel: what was heard in the step in hand, with what is done in it; painted from the guide, clicked to hear.
#pragma once

#include <QWidget>

#include "app/session/session.h"
#include "app/spoken/painted.h"
#include "app/theme/cut_text.h"

namespace anagraph::app {

class HeardPanel : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit HeardPanel(Session& session, QWidget* parent = nullptr);
    std::vector<spoken::Painted> painted() const override;
    /// The step in hand and the marks to show beside it.
    void show_step(const core::Step* step, const LoadedRecording* recording, std::vector<const core::Mark*> marks);

signals:
    void moment_clicked(const anagraph::core::FrameTime& at);

protected:
    bool event(QEvent* event) override { return cut_.tell(event, this) || QWidget::event(event); }
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    Session& session_;
    const LoadedRecording* recording_ = nullptr;
    core::StepId step_;
    theme::CutText cut_;
    std::vector<const core::Mark*> marks_;
    std::vector<std::pair<QRectF, core::FrameTime>> rows_;
};

}  // namespace anagraph::app
