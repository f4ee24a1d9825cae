// SamplesDialog: what the laboratory found over time, a line for each thing against its limit, and the samples in words.
#pragma once

#include <QDialog>
#include <QWidget>

#include "app/spoken/painted.h"
#include "core/logbook/sample_trend.h"

namespace anagraph::app {

class TrendView : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    TrendView(core::SampleTrend trend, QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    QAccessible::Role painted_on() const override { return QAccessible::Chart; }
    QSize sizeHint() const override { return {560, 120}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    core::SampleTrend trend_;
};

class SamplesDialog : public QDialog {
    Q_OBJECT
public:
    SamplesDialog(
        const QString& machine, const std::vector<core::SampleTrend>& trends, const std::vector<core::Words>& samples, QWidget* parent);
};

}  // namespace anagraph::app
