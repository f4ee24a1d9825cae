#include "app/window/route_rail.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "app/theme/theme.h"

namespace anagraph::app {
namespace {
constexpr int kStop = 64;
constexpr int kGap = 22;
constexpr int kAroundName = 12;  // of the longest name, both sides together
}  // namespace

RouteRail::RouteRail(QWidget* parent) : QWidget(parent) { setAccessibleName(tr("Stations")); }

void RouteRail::set_stops(std::vector<Stop> stops) {
    stops_ = std::move(stops);
    // a language with longer names has a wider rail
    int widest = theme::px("rail");
    for (const auto& s : stops_) widest = std::max(widest, QFontMetrics(theme::font("text")).horizontalAdvance(s.name) + kAroundName);
    setFixedWidth(widest);
    update();
}

void RouteRail::set_open(int stop, int count) {
    stops_[static_cast<std::size_t>(stop)].open = count;
    update();
}

void RouteRail::set_enabled(int stop, bool enabled) {
    stops_[static_cast<std::size_t>(stop)].enabled = enabled;
    update();
}

void RouteRail::set_current(int stop) {
    current_ = stop;
    update();
}

QRect RouteRail::stop_rect(int stop) const {
    int y = 12;
    for (int i = 0; i < stop; ++i) {
        y += kStop;
        if (!stops_[static_cast<std::size_t>(i)].shop && stops_[static_cast<std::size_t>(i) + 1].shop) y += kGap;
    }
    return {0, y, width(), kStop};
}

void RouteRail::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), theme::colour("sheet"));
    p.fillRect(QRect(width() - 1, 0, 1, height()), theme::colour("rule"));
    for (int i = 0; i < static_cast<int>(stops_.size()); ++i) {
        const auto& s = stops_[static_cast<std::size_t>(i)];
        const QRect r = stop_rect(i);
        const bool now = i == current_;
        if (now) p.fillRect(r.adjusted(0, 0, 0, -4), theme::colour("accent"));
        const QColor ink = now ? theme::colour("on_accent") : s.enabled ? theme::colour("ink") : theme::colour("strong");
        p.drawPixmap(r.center().x() - 13, r.top() + 7, theme::icon(s.icon, ink, 27, devicePixelRatioF()));
        p.setFont(theme::font("text"));
        p.setPen(ink);
        p.drawText(QRect(r.left(), r.top() + 36, r.width(), 20), Qt::AlignCenter, s.name);
        if (s.shop && i > 0 && !stops_[static_cast<std::size_t>(i) - 1].shop)
            p.fillRect(QRect(14, r.top() - kGap / 2 - 2, width() - 28, 1), theme::colour("strong"));
        if (s.open > 0) {
            p.setFont(theme::font("small", true));
            const QString count = s.open > 99 ? QStringLiteral("99+") : QString::number(s.open);
            const double w = std::max(20.0, QFontMetricsF(p.font()).horizontalAdvance(count) + 10);
            const QRectF badge(r.right() - w - 6, r.top() + 4, w, 20);
            p.setPen(Qt::NoPen);
            p.setBrush(now ? theme::colour("sheet") : theme::colour("ink"));
            p.drawRoundedRect(badge, 10, 10);
            p.setPen(now ? theme::colour("ink") : theme::colour("sheet"));
            p.drawText(badge, Qt::AlignCenter, count);
        }
    }
}

void RouteRail::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; i < static_cast<int>(stops_.size()); ++i)
        if (stop_rect(i).contains(event->pos()) && stops_[static_cast<std::size_t>(i)].enabled) emit chosen(i);
}

bool RouteRail::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        for (int i = 0; i < static_cast<int>(stops_.size()); ++i)
            if (stop_rect(i).contains(help->pos())) {
                const auto& s = stops_[static_cast<std::size_t>(i)];
                QToolTip::showText(help->globalPos(),
                    s.enabled ? tr("%1 (%2), %3 open").arg(s.name, s.key).arg(s.open)
                              : tr("%1: open a guide on the Shelf first").arg(s.name),
                    this);
            }
        return true;
    }
    return QWidget::event(event);
}

std::vector<spoken::Painted> RouteRail::painted() const {
    auto* self = const_cast<RouteRail*>(this);
    std::vector<spoken::Painted> out;
    for (int i = 0; i < static_cast<int>(stops_.size()); ++i) {
        const auto& s = stops_[static_cast<std::size_t>(i)];
        spoken::Painted stop{.role = QAccessible::PageTab,
            .name = !s.enabled ? tr("%1: open a guide on the Shelf first").arg(s.name)
                : s.open > 0   ? tr("%1, key %2, %n open points", "%1, key %2, 1 open point", s.open).arg(s.name, s.key)
                               : tr("%1, key %2").arg(s.name, s.key),
            .box = stop_rect(i),
            .in_hand = i == current_};
        if (s.enabled) stop.does = tr("Go there"), stop.act = [self, i] { emit self->chosen(i); };
        out.push_back(std::move(stop));
    }
    return out;
}

}  // namespace anagraph::app
