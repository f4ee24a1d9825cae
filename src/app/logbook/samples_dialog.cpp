#include "app/logbook/samples_dialog.h"

#include <QDialogButtonBox>
#include <QPainter>
#include <QPainterPath>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

namespace {
constexpr int kLeft = 120;         // pixels of the name
constexpr int kRightOfValue = 86;  // of the last value
constexpr int kHigh = 104;
}  // namespace

TrendView::TrendView(core::SampleTrend trend, QWidget* parent) : QWidget(parent), trend_(std::move(trend)) {
    setFixedHeight(kHigh);
    setAccessibleName(text(trend_.words()));
    setToolTip(accessibleName());
}

void TrendView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF room(kLeft, 14, width() - kLeft - kRightOfValue, kHigh - 36);
    double most = trend_.limit.value_or(0);
    for (const auto& point : trend_.points) most = std::max(most, point.value);
    most = most > 0 ? most * 1.15 : 1;
    const auto y = [&](double v) { return room.bottom() - v / most * room.height(); };
    const auto first = trend_.points.front().on;
    const double days = std::max<double>(1, static_cast<double>((trend_.points.back().on - first).count()));
    const auto x = [&](core::Day day) {
        return trend_.points.size() == 1 ? room.center().x()
                                         : room.left() + static_cast<double>((day - first).count()) / days * room.width();
    };
    p.setPen(QPen(theme::colour("rule"), 1));
    p.drawLine(room.bottomLeft(), room.bottomRight());
    p.setFont(theme::font("text", true));
    p.setPen(theme::colour("ink"));
    p.drawText(QRectF(0, 14, kLeft - 10, 20), Qt::AlignLeft | Qt::AlignVCenter, text(trend_.what));
    p.setFont(theme::font("small"));
    p.setPen(theme::colour("second"));
    p.drawText(QRectF(0, 34, kLeft - 10, 18), Qt::AlignLeft | Qt::AlignVCenter, text(trend_.fluid));
    if (trend_.limit) {
        p.setPen(QPen(theme::colour("danger"), 1.6, Qt::DashLine));
        p.drawLine(QPointF(room.left(), y(*trend_.limit)), QPointF(room.right(), y(*trend_.limit)));
        p.drawText(QRectF(kLeft - 70, y(*trend_.limit) - 9, 64, 18), Qt::AlignRight | Qt::AlignVCenter, tr("limit %1").arg(*trend_.limit));
    }
    QPainterPath line;
    for (std::size_t i = 0; i < trend_.points.size(); ++i) {
        const QPointF at(x(trend_.points[i].on), y(trend_.points[i].value));
        i == 0 ? line.moveTo(at) : line.lineTo(at);
    }
    p.setPen(QPen(theme::colour("ink"), 1.6));
    p.setBrush(Qt::NoBrush);
    p.drawPath(line);
    for (std::size_t i = 0; i < trend_.points.size(); ++i) {
        const auto& point = trend_.points[i];
        const QPointF at(x(point.on), y(point.value));
        p.setPen(QPen(theme::colour(point.over ? "danger" : "ink"), 1.6));
        p.setBrush(theme::colour(point.over ? "danger" : "sheet"));
        if (point.over)
            p.drawPolygon(QPolygonF({at + QPointF(0, -7), at + QPointF(7, 6), at + QPointF(-7, 6)}));
        else
            p.drawEllipse(at, 4.5, 4.5);
        p.setPen(theme::colour("second"));
        p.setFont(theme::font("small"));
        const bool last = i + 1 == trend_.points.size();
        if (i == 0 || last) p.drawText(QRectF(at.x() - 45, room.bottom() + 3, 90, 18), Qt::AlignHCenter | Qt::AlignTop, text(point.on));
    }
    const auto& last = trend_.points.back();
    p.setFont(theme::font("text", true));
    p.setPen(theme::colour(last.over ? "danger" : "ink"));
    p.drawText(QRectF(width() - kRightOfValue + 12, y(last.value) - 10, kRightOfValue - 12, 20), Qt::AlignLeft | Qt::AlignVCenter,
        QStringLiteral("%1 %2").arg(last.value).arg(text(trend_.unit)));
}

SamplesDialog::SamplesDialog(
    const QString& machine, const std::vector<core::SampleTrend>& trends, const std::vector<core::Words>& samples, QWidget* parent)
    : QDialog(parent) {
    setWindowTitle(tr("Samples of %1").arg(machine));
    resize(760, 560);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    auto* page = new QWidget(scroll);
    auto* list = new QVBoxLayout(page);
    for (const auto& t : trends) list->addWidget(new TrendView(t, page));
    if (trends.empty()) list->addWidget(quiet_label(tr("The laboratory has found no number yet; enter its answer when it comes."), page));
    list->addWidget(title_label(tr("Samples"), page));
    for (const auto& s : samples) list->addWidget(quiet_label(text(s), page));
    list->addStretch(1);
    scroll->setWidget(page);
    down->addWidget(scroll, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    down->addWidget(buttons);
}

std::vector<spoken::Painted> TrendView::painted() const {
    std::vector<spoken::Painted> out;
    for (const auto& point : trend_.points)
        out.push_back({.name = (point.over ? tr("%1: %2 %3, over its limit") : tr("%1: %2 %3"))
                                   .arg(text(point.on), QLocale().toString(point.value), text(trend_.unit))});
    return out;
}

}  // namespace anagraph::app
