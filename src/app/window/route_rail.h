// RouteRail: the stations down the left edge in the order of the work, each with its open points.
#pragma once

#include <QWidget>
#include <vector>

#include "app/spoken/painted.h"

namespace anagraph::app {

class RouteRail : public QWidget, public spoken::TellsPainted {
    Q_OBJECT
public:
    struct Stop {
        QString icon;
        QString name;
        QString key;
        int open = 0;
        bool enabled = true;
        bool shop = false;  // below the rule: of the shop, not of the guide
    };
    explicit RouteRail(QWidget* parent = nullptr);
    std::vector<spoken::Painted> painted() const override;
    void set_stops(std::vector<Stop> stops);
    void set_open(int stop, int count);
    void set_enabled(int stop, bool enabled);
    void set_current(int stop);
    int current() const { return current_; }
    const std::vector<Stop>& stops() const { return stops_; }
    QRect stop_rect(int stop) const;

signals:
    void chosen(int stop);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    bool event(QEvent* event) override;

private:
    std::vector<Stop> stops_;
    int current_ = 0;
};

}  // namespace anagraph::app
