// What the bench draws large enough for two metres: the steps as discs, a figure with its readings, the clocks, the picture.
#pragma once

#include <QImage>
#include <QSvgRenderer>
#include <QWidget>

#include "app/spoken/painted.h"
#include "core/bench/bench.h"
#include "core/bench/reading_scale.h"

namespace anagraph::app {

/// The steps down the left edge: done ones full, the one in hand in the accent, those that wait double, those that stopped or were left
/// out dashed.
class StepDiscs : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit StepDiscs(QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    void show_run(const core::Bench& bench, core::Moment now);

signals:
    void chosen(const QString& step);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    enum class Kind { Open, InHand, Done, Waits, Off };
    struct Disc {
        QString step;
        int number = 0;
        Kind kind = Kind::Open;
        QString said;
    };
    QRectF box(std::size_t place) const;
    std::vector<Disc> discs_;
};

/// A figure that is worked to: its value in large numerals, its limits with what was read on them, and where each wrench is set.
class WantedCard : public QWidget {
    Q_OBJECT
public:
    static constexpr int kNumerals = 64;  // pixels high

    WantedCard(const core::BenchWanted& wanted, std::vector<core::RunReading> readings, QWidget* parent);
    QString words() const { return words_; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override { return {520, heightForWidth(520)}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void paint_scale(QPainter& p, const QRectF& box) const;
    core::BenchWanted wanted_;
    std::vector<core::RunReading> readings_;
    core::ReadingScale scale_;
    QString words_;
};

/// Waits that run, each with its ring and what is left.
class ClockView : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    explicit ClockView(QWidget* parent);
    std::vector<spoken::Painted> painted() const override;
    void show_clocks(const core::Bench& bench, core::Moment now);
    QString words() const { return lines_.join(QLatin1Char('\n')); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<core::BenchClock> clocks_;
    QStringList lines_;
    std::vector<double> shares_;  // of each wait that is still to run
};

/// A plate as the issued pack has it, as large as there is room.
class BenchPicture : public QWidget {
    Q_OBJECT
public:
    explicit BenchPicture(QWidget* parent);
    /// `file`: of the still; nothing is shown where it is empty.
    void show_plate(const core::Procedure& p, const core::Plate& plate, const QString& file);
    void clear();
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override { return {460, heightForWidth(460)}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QImage image_;
    QSvgRenderer marks_;
};

}  // namespace anagraph::app
