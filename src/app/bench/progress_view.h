// ProgressView: learners down, guides across, each meeting a shape that says how far the learner is.
#pragma once

#include <QWidget>

#include "app/spoken/painted.h"
#include "core/learner/progress.h"

namespace anagraph::app {

class ProgressView : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit ProgressView(QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    /// `names`: of the guides, in the same order.
    void show_progress(std::vector<core::LearnerProgress> learners, QStringList names);
    /// All that is drawn, a line each.
    QString words() const;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {300, 120}; }

protected:
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override;

private:
    QString words(const core::LearnerProgress& learner, std::size_t guide) const;
    std::vector<core::LearnerProgress> learners_;
    QStringList names_;
};

}  // namespace anagraph::app
