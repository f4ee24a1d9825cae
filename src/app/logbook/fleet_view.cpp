#include "app/logbook/fleet_view.h"

#include <QDate>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QScrollBar>
#include <QToolTip>
#include <algorithm>
#include <cmath>
#include <utility>

#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;
using Told = core::FleetMark;

namespace {

constexpr int kColumn = 112;    // pixels of a machine
constexpr int kWeeks = 58;      // pixels of what stands left of them
constexpr int kAboveLine = 58;  // above the line
constexpr int kFoot = 12;       // below it
constexpr int kBack = 12;       // weeks before today
constexpr int kAhead = 40;      // weeks after
constexpr double kShape = 6.5;  // half of a mark

/// What was done is a full round; what comes an open diamond; what is overdue a full one with the word beside it.
void paint_shape(QPainter& p, Told::Kind kind, const QPointF& at) {
    if (kind == Told::Kind::Service) {
        p.setPen(Qt::NoPen);
        p.setBrush(theme::colour("ink"));
        p.drawEllipse(at, kShape - 1, kShape - 1);
        return;
    }
    const bool late = kind == Told::Kind::Overdue;
    p.setPen(QPen(theme::colour(late ? "danger" : "accent"), 2));
    p.setBrush(late ? theme::colour("danger") : theme::colour("sheet"));
    p.drawPolygon(QPolygonF({at + QPointF(0, -kShape), at + QPointF(kShape, 0), at + QPointF(0, kShape), at + QPointF(-kShape, 0)}));
}

}  // namespace

FleetView::FleetView(QWidget* parent) : QAbstractScrollArea(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Machines and weeks"));
    setMinimumWidth(kWeeks + 2 * kColumn);
}

void FleetView::show_fleet(std::vector<core::FleetColumn> columns, core::Day today) {
    const QString kept = machine();
    columns_ = std::move(columns);
    today_ = today;
    current_ = columns_.empty() ? -1 : 0;
    for (std::size_t i = 0; i < columns_.size(); ++i)
        if (text(columns_[i].machine) == kept) current_ = static_cast<int>(i);
    fit();
    set_current(current_);
}

QString FleetView::machine() const {
    return current_ < 0 || current_ >= static_cast<int>(columns_.size()) ? QString()
                                                                         : text(columns_[static_cast<std::size_t>(current_)].machine);
}

void FleetView::choose(const QString& machine) {
    for (std::size_t i = 0; i < columns_.size(); ++i)
        if (text(columns_[i].machine) == machine) set_current(static_cast<int>(i));
}

QString FleetView::words(std::size_t column) const {
    const auto& c = columns_[column];
    QStringList out{text(c.machine)};
    if (!c.place.empty()) out << text(c.place);
    if (!c.reading.empty()) out << text(c.reading);
    if (c.out) out << tr("out of service");
    for (const auto& m : c.marks) {
        if (m.kind == Told::Kind::Service) continue;
        out << (m.kind == Told::Kind::Overdue ? tr("%1 is overdue, %2") : tr("%1 is due %2")).arg(text(m.words), text(m.more));
    }
    if (c.findings > 0) out << tr("%n open findings", "1 open finding", static_cast<int>(c.findings));
    return out.join(QStringLiteral(", "));
}

void FleetView::set_current(int column) {
    current_ = column;
    if (column >= 0) {
        setAccessibleDescription(words(static_cast<std::size_t>(column)));
        const int left = column * kColumn;
        const int room = viewport()->width() - kWeeks;
        auto* bar = horizontalScrollBar();
        if (left < bar->value()) bar->setValue(left);
        if (left + kColumn > bar->value() + room) bar->setValue(left + kColumn - room);
    }
    viewport()->update();
    emit chosen();
}

void FleetView::fit() {
    const int room = viewport()->width() - kWeeks;
    horizontalScrollBar()->setPageStep(room);
    horizontalScrollBar()->setSingleStep(kColumn);
    horizontalScrollBar()->setRange(0, std::max(0, static_cast<int>(columns_.size()) * kColumn - room));
}

void FleetView::resizeEvent(QResizeEvent*) { fit(); }

double FleetView::y_of(core::Day day) const {
    const double days = static_cast<double>((day - today_).count() + kBack * 7);
    const double whole = (kBack + kAhead) * 7;
    return kAboveLine + std::clamp(days / whole, 0.0, 1.0) * (viewport()->height() - kAboveLine - kFoot);
}

core::Day FleetView::day_at(double y) const {
    const double whole = (kBack + kAhead) * 7;
    const double share = std::clamp((y - kAboveLine) / (viewport()->height() - kAboveLine - kFoot), 0.0, 1.0);
    return today_ + std::chrono::days(std::max(0, static_cast<int>(std::lround(share * whole)) - kBack * 7));
}

const core::FleetMark* FleetView::mark_at(const QPoint& at) const {
    const int column = column_at(at.x());
    if (column < 0) return nullptr;
    const core::FleetMark* out = nullptr;
    double nearest = 14;
    for (const auto& m : columns_[static_cast<std::size_t>(column)].marks) {
        if (m.kind == Told::Kind::Service) continue;
        const double far = std::abs(y_of(m.planned.value_or(m.kind == Told::Kind::Overdue ? today_ : m.on)) - at.y());
        if (far < nearest) nearest = far, out = &m;
    }
    return out;
}

int FleetView::column_at(int x) const {
    if (x < kWeeks) return -1;
    const int column = (x - kWeeks + horizontalScrollBar()->value()) / kColumn;
    return column < static_cast<int>(columns_.size()) ? column : -1;
}

void FleetView::paint_weeks(QPainter& p, const QRect& area) const {
    p.setFont(theme::font("small"));
    // a line for each month, named on the left
    using namespace std::chrono;
    const core::Day first = today_ - days(kBack * 7);
    const core::Day last = today_ + days(kAhead * 7);
    year_month_day ymd(first);
    for (auto month = ymd.year() / ymd.month(); sys_days(month / 1) <= last; month += months(1)) {
        const core::Day day = sys_days(month / 1);
        if (day < first) continue;
        const double y = y_of(day);
        p.setPen(QPen(theme::colour("rule"), 1));
        p.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
        if (std::abs(y + 9 - y_of(today_)) < 18) continue;  // the word for today stands there
        p.setPen(theme::colour("second"));
        const QDate date(int(month.year()), static_cast<int>(unsigned(month.month())), 1);
        p.drawText(QRectF(4, y + 1, kWeeks - 8, 16), Qt::AlignLeft,
            QLocale().toString(date, date.month() == 1 ? QStringLiteral("MMM yy") : QStringLiteral("MMM")));
    }
    const double now = y_of(today_);
    p.setPen(QPen(theme::colour("accent"), 2));
    p.drawLine(QPointF(area.left(), now), QPointF(area.right(), now));
    p.setFont(theme::font("small", true));
    p.fillRect(QRectF(0, now - 9, kWeeks - 6, 18), theme::colour("accent"));
    p.setPen(theme::colour("on_accent"));
    p.drawText(QRectF(0, now - 9, kWeeks - 6, 18), Qt::AlignCenter, tr("today"));
}

void FleetView::paint_column(QPainter& p, const core::FleetColumn& column, const QRectF& box, bool chosen) const {
    if (chosen && hasFocus()) {
        p.setPen(QPen(theme::colour("accent"), 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRectF(box.left() + 1, 1, box.width() - 2, viewport()->height() - 2));
    }
    const QFontMetrics small(theme::font("small"));
    p.setFont(theme::font("text", true));
    p.setPen(theme::colour(column.out ? "second" : "ink"));
    p.drawText(QRectF(box.left() + 6, 4, box.width() - 10, 18), Qt::AlignLeft | Qt::AlignVCenter,
        QFontMetrics(p.font()).elidedText(text(column.machine), Qt::ElideRight, static_cast<int>(box.width()) - 10));
    p.setFont(theme::font("small"));
    p.setPen(theme::colour("second"));
    const QString below = column.out ? tr("out of service") : text(column.reading);
    p.drawText(QRectF(box.left() + 6, 22, box.width() - 10, 15), Qt::AlignLeft,
        small.elidedText(below, Qt::ElideRight, static_cast<int>(box.width()) - 10));
    if (column.findings > 0) {
        p.setPen(theme::colour("danger"));
        p.drawText(QRectF(box.left() + 6, 37, box.width() - 10, 15), Qt::AlignLeft,
            small.elidedText(
                tr("%n findings", "1 finding", static_cast<int>(column.findings)), Qt::ElideRight, static_cast<int>(box.width()) - 10));
    }
    const double x = box.left() + 18;
    const double now = y_of(today_);
    for (const auto& span : column.kept_free) {
        const QRectF band(box.left() + 4, y_of(span.from), 28, std::max(2.0, y_of(span.to + std::chrono::days(1)) - y_of(span.from)));
        p.fillRect(band, QBrush(theme::colour("strong"), Qt::BDiagPattern));
    }
    p.setPen(QPen(theme::colour(column.out ? "rule" : "ink"), 2));
    p.drawLine(QPointF(x, kAboveLine), QPointF(x, now));
    if (!column.out) {
        p.setPen(QPen(theme::colour("second"), 1.4, Qt::DashLine));
        p.drawLine(QPointF(x, now), QPointF(x, viewport()->height() - kFoot));
    }
    for (const auto& m : column.marks) {
        // the day a person set for it, with the way it was pulled
        const bool pulled = chosen && pull_ && pull_->moved && text(m.words) == pull_->rule;
        if (m.kind == Told::Kind::Service || (!m.planned && !pulled)) continue;
        const double from = y_of(m.kind == Told::Kind::Overdue ? today_ : m.on);
        const double to = y_of(pulled ? pull_->day : *m.planned);
        p.setPen(QPen(theme::colour("accent"), 2, Qt::DotLine));
        p.drawLine(QPointF(x, from), QPointF(x, to));
        p.setPen(QPen(theme::colour("accent"), 2));
        p.setBrush(theme::colour("accent"));
        p.drawPolygon(QPolygonF({QPointF(x - 9, to), QPointF(x, to - 6), QPointF(x + 9, to), QPointF(x, to + 6)}));
        p.setFont(theme::font("small", true));
        p.drawText(QRectF(x + 14, to - 8, box.right() - x - 16, 16), Qt::AlignLeft | Qt::AlignVCenter,
            theme::day_of_year(pulled ? pull_->day : *m.planned));
    }
    double last = -100;  // words of what lies close together would stand in each other
    for (const auto& m : column.marks) {
        const bool late = m.kind == Told::Kind::Overdue;
        if (m.kind == Told::Kind::Service && m.on < today_ - std::chrono::days(kBack * 7)) continue;
        const double y = late ? now : y_of(m.on);
        paint_shape(p, m.kind, {x, y});
        if ((m.kind == Told::Kind::Service && !late) || m.planned) continue;
        const double at = std::max(y, last + 15);
        last = at;
        p.setFont(theme::font("small", late));
        p.setPen(theme::colour(late ? "danger" : "ink"));
        const QString said = late ? tr("overdue") : theme::day_of_year(m.on);
        // above today's line, not under it
        const QRectF room(x + 12, late ? at - 19 : at - 8, box.right() - x - 14, 16);
        p.drawText(room, Qt::AlignLeft | Qt::AlignVCenter,
            QFontMetrics(p.font()).elidedText(said, Qt::ElideRight, static_cast<int>(room.width())));
    }
}

void FleetView::paintEvent(QPaintEvent*) {
    QPainter p(viewport());
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(viewport()->rect(), theme::colour("sheet"));
    if (columns_.empty()) {
        p.setFont(theme::font("text"));
        p.setPen(theme::colour("second"));
        p.drawText(viewport()->rect().adjusted(30, 30, -30, -30), Qt::AlignCenter | Qt::TextWordWrap,
            tr("No machine is in the logbook yet. Add the first, then read its meter."));
        return;
    }
    const int shift = horizontalScrollBar()->value();
    p.save();
    p.setClipRect(QRect(kWeeks, 0, viewport()->width() - kWeeks, viewport()->height()));
    // only what is seen is painted, however many machines there are
    const int from = std::max(0, shift / kColumn);
    const int to = std::min(static_cast<int>(columns_.size()), (shift + viewport()->width()) / kColumn + 1);
    if (current_ >= from && current_ < to) {
        const QRectF box(kWeeks + current_ * kColumn - shift, 0, kColumn, viewport()->height());
        p.fillRect(box, theme::colour("wash"));
    }
    p.restore();
    paint_weeks(p, QRect(kWeeks - 4, 0, viewport()->width() - kWeeks + 4, viewport()->height()));
    p.setClipRect(QRect(kWeeks, 0, viewport()->width() - kWeeks, viewport()->height()));
    for (int i = from; i < to; ++i) {
        const QRectF box(kWeeks + i * kColumn - shift, 0, kColumn, viewport()->height());
        paint_column(p, columns_[static_cast<std::size_t>(i)], box, i == current_);
    }
}

void FleetView::mousePressEvent(QMouseEvent* event) {
    const int column = column_at(event->pos().x());
    if (column < 0) return;
    set_current(column);
    if (const auto* mark = mark_at(event->pos())) pull_ = Pull{text(mark->words), {}, false};
}

void FleetView::mouseMoveEvent(QMouseEvent* event) {
    if (!pull_) return;
    pull_->day = day_at(event->position().y());
    pull_->moved = true;
    emit pulled(pull_->rule, pull_->day);
    viewport()->update();
}

void FleetView::mouseReleaseEvent(QMouseEvent*) {
    const auto pull = std::exchange(pull_, std::nullopt);
    viewport()->update();
    if (pull && pull->moved) emit dropped(pull->rule, pull->day);
}

void FleetView::keyPressEvent(QKeyEvent* event) {
    const int last = static_cast<int>(columns_.size()) - 1;
    if (last < 0) return QAbstractScrollArea::keyPressEvent(event);
    switch (event->key()) {
        case Qt::Key_Left:
            return set_current(std::max(0, current_ - 1));
        case Qt::Key_Right:
            return set_current(std::min(last, current_ + 1));
        case Qt::Key_Home:
            return set_current(0);
        case Qt::Key_End:
            return set_current(last);
        default:
            QAbstractScrollArea::keyPressEvent(event);
    }
}

bool FleetView::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const int column = column_at(help->pos().x()); column >= 0)
            QToolTip::showText(help->globalPos(), words(static_cast<std::size_t>(column)), this);
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

void FleetView::focusInEvent(QFocusEvent* event) {
    QAbstractScrollArea::focusInEvent(event);
    viewport()->update();
}
void FleetView::focusOutEvent(QFocusEvent* event) {
    QAbstractScrollArea::focusOutEvent(event);
    viewport()->update();
}

std::vector<spoken::Painted> FleetView::painted() const {
    auto* self = const_cast<FleetView*>(this);
    std::vector<spoken::Painted> out;
    for (std::size_t i = 0; i < columns_.size(); ++i) {
        const int at = static_cast<int>(i);
        out.push_back({.role = QAccessible::ListItem,
            .name = words(i),
            .box = QRect(kWeeks + at * kColumn - horizontalScrollBar()->value(), 0, kColumn, viewport()->height()),
            .in_hand = at == current_,
            .does = tr("Take in hand"),
            .act = [self, at] { self->set_current(at); }});
        for (const auto& m : columns_[i].marks) {
            QString said = m.kind == Told::Kind::Service ? tr("%1: %2 done")
                : m.kind == Told::Kind::Overdue          ? tr("%1: %2 was due, overdue")
                                                         : tr("%1: %2 is due");
            said = said.arg(text(m.on), text(m.words));
            if (m.planned) said += tr(", planned for %1").arg(text(*m.planned));
            out.push_back({.name = said, .depth = 1});
        }
        for (const auto& s : columns_[i].kept_free)
            out.push_back({.name = tr("kept free from %1 to %2").arg(text(s.from), text(s.to)), .depth = 1});
    }
    return out;
}

}  // namespace anagraph::app
