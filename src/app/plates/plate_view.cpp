#include "app/plates/plate_view.h"

#include <fmt/format.h>

#include <QKeyEvent>
#include <QLineF>
#include <QMouseEvent>
#include <QPainter>
#include <QSvgRenderer>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/edits/change_label.h"
#include "core/plate/layout.h"
#include "publish/marks_svg.h"
#include "publish/still_care.h"

namespace anagraph::app {

PlateView::PlateView(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAccessibleName(tr("Plate: the still with its callouts"));
    setMinimumSize(420, 240);
}

void PlateView::show_plate(const core::Plate* plate, const QImage& still, const QString& note) {
    const bool other = plate == nullptr || !plate_ || plate->id != plate_->id;
    plate_ = plate == nullptr ? std::nullopt : std::optional(*plate);
    still_ = still;
    note_ = note;
    if (other) {
        selected_.reset();
        mark_.reset();
    }
    if (mark_ && (!plate_ || *mark_ >= plate_->marks.size())) mark_.reset();
    if (selected_ && (!plate_ || *selected_ >= plate_->callouts.size())) selected_.reset();
    update();
}

void PlateView::select_mark(std::optional<std::size_t> mark) {
    mark_ = mark;
    if (mark) selected_.reset();
    update();
    emit selection_changed();
}

void PlateView::show_cursor(bool on) {
    cursor_ = on ? std::optional(core::Place{5000, 5000}) : std::nullopt;
    update();
    emit selection_changed();
}

void PlateView::select(std::optional<std::size_t> callout) {
    selected_ = callout;
    if (callout) mark_.reset();
    update();
    emit selection_changed();
}

void PlateView::select_next() {
    if (plate_ && !plate_->callouts.empty()) select(selected_ ? (*selected_ + 1) % plate_->callouts.size() : 0);
}

double PlateView::aspect() const { return still_.isNull() ? 16.0 / 9 : static_cast<double>(still_.width()) / still_.height(); }

QRectF PlateView::picture_rect() const {
    QSizeF size(aspect() * 1000, 1000);
    size.scale(QSizeF(this->size()), Qt::KeepAspectRatio);
    return {QPointF((width() - size.width()) / 2, 0), size};
}

QPointF PlateView::to_widget(const core::Place& place) const {
    const QRectF r = picture_rect();
    return {r.left() + place.x * r.width() / 10000, r.top() + place.y * r.height() / 10000};
}

core::Place PlateView::to_place(const QPointF& point) const {
    const QRectF r = picture_rect();
    const auto part = [](double v) { return std::clamp(static_cast<int>(std::lround(v * 10000)), 0, 10000); };
    return {part((point.x() - r.left()) / r.width()), part((point.y() - r.top()) / r.height())};
}

double PlateView::radius() const { return core::disc_radius(plate_ ? plate_->callouts.size() : 0) * picture_rect().height() / 10000; }

void PlateView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF r = picture_rect();
    p.fillRect(r, theme::colour("film"));
    if (!still_.isNull()) p.drawImage(r, still_);
    if (still_.isNull() || !note_.isEmpty()) {
        p.setPen(theme::colour("on_film"));
        p.drawText(r.adjusted(30, 30, -30, -30), Qt::AlignCenter | Qt::TextWordWrap, note_);
    }
    if (!plate_) return;
    for (const auto& m : plate_->marks)
        if (m.sign == core::PlateSign::Magnify && !still_.isNull()) {
            const double glass = publish::lens_radius(r.height());
            p.drawImage(QRectF(to_widget(m.to) - QPointF(glass, glass), QSizeF(2 * glass, 2 * glass)),
                publish::magnified(still_, m.at, publish::lens_radius(still_.height())));
        }
    if (!plate_->marks.empty() || !plate_->fasteners.empty() || !plate_->off_order.empty() || plate_->role != core::PairRole::None) {
        // drawn as in the pack
        const std::string svg =
            publish::marks_svg(session_.procedure(), *plate_, r.width(), r.height(), mark_ ? static_cast<int>(*mark_) : -1);
        QSvgRenderer renderer(QByteArray::fromStdString(
            fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {:.1f} {:.1f}\">{}</svg>", r.width(), r.height(), svg)));
        renderer.render(&p, r);
    }
    const auto numbers = core::callout_numbers(session_.procedure());
    for (std::size_t i = 0; i < plate_->callouts.size(); ++i) {
        const auto& c = plate_->callouts[i];
        const auto n = numbers.find(c.item);
        theme::draw_callout(p, to_widget(c.target), to_widget(c.label), radius(),
            n == numbers.end() ? QStringLiteral("?") : QString::number(n->second), selected_ == i);
    }
    if (cursor_) {
        const QPointF at = to_widget(*cursor_);
        for (const auto& [c, w] : {std::pair{theme::colour_on_picture("white"), 4.0}, std::pair{theme::colour_on_picture("accent"), 1.6}}) {
            p.setPen(QPen(c, w));
            p.drawLine(at - QPointF(16, 0), at + QPointF(16, 0));
            p.drawLine(at - QPointF(0, 16), at + QPointF(0, 16));
        }
    }
    if (hasFocus()) {
        p.setPen(QPen(theme::colour("accent"), 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(r.adjusted(1, 1, -1, -1));
    }
}

void PlateView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    // the right button takes in hand what it opens the menu of, and drags and sets down nothing
    const bool left = event->button() == Qt::LeftButton;
    if (!plate_ || (!left && event->button() != Qt::RightButton)) return;
    const QPointF at = event->position();
    dragged_ = false;
    for (std::size_t i = plate_->callouts.size(); i-- > 0;) {
        const auto& c = plate_->callouts[i];
        const bool label = QLineF(at, to_widget(c.label)).length() <= radius() + 3;
        const bool target = QLineF(at, to_widget(c.target)).length() <= std::max(8.0, radius() * 0.5);
        if (!label && !target) continue;
        grip_ = !left ? Grip::None : label ? Grip::Label : Grip::Target;
        select(i);
        return;
    }
    if (!cursor_)
        for (std::size_t i = plate_->marks.size(); i-- > 0;) {
            const bool begin = QLineF(at, to_widget(plate_->marks[i].at)).length() <= radius();
            const bool end = QLineF(at, to_widget(plate_->marks[i].to)).length() <= radius();
            if (!begin && !end) continue;
            grip_ = !left ? Grip::None : end ? Grip::MarkEnd : Grip::Mark;
            select_mark(i);
            return;
        }
    grip_ = Grip::None;
    mark_.reset();
    select(std::nullopt);
    if (left && picture_rect().contains(at)) emit point_clicked(to_place(at));
}

void PlateView::mouseMoveEvent(QMouseEvent* event) {
    if (grip_ == Grip::None || !plate_) return;
    if ((grip_ == Grip::Mark || grip_ == Grip::MarkEnd) && mark_) {
        auto& m = plate_->marks[*mark_];
        const auto now = to_place(event->position());
        if (grip_ == Grip::Mark) m.to = {m.to.x + now.x - m.at.x, m.to.y + now.y - m.at.y};
        (grip_ == Grip::Mark ? m.at : m.to) = now;
        dragged_ = true;
        update();
        return;
    }
    if (!selected_) return;
    auto& c = plate_->callouts[*selected_];
    if (grip_ == Grip::Label) {
        c.label = core::clamped(to_place(event->position()), aspect());
        c.fixed = true;
    } else
        c.target = to_place(event->position());
    dragged_ = true;
    update();
}

void PlateView::mouseReleaseEvent(QMouseEvent*) {
    const Grip grip = grip_;
    grip_ = Grip::None;
    if (grip == Grip::None || !dragged_) return;
    if (grip == Grip::Mark || grip == Grip::MarkEnd)
        emit marks_changed(plate_->marks);
    else
        emit callouts_changed(plate_->callouts, QString::fromUtf8(core::change_label("move a callout")));
}

/// The cross or the mark in hand, moved by an arrow.
bool PlateView::move_by_key(int key, Qt::KeyboardModifiers modifiers) {
    const int step = (modifiers & Qt::ControlModifier) != 0 ? 20 : 150;
    const core::Place by{key == Qt::Key_Left ? -step
            : key == Qt::Key_Right           ? step
                                             : 0,
        key == Qt::Key_Up         ? -step
            : key == Qt::Key_Down ? step
                                  : 0};
    if (by == core::Place{}) return false;
    const auto moved = [&](const core::Place& p) {
        return core::Place{std::clamp(p.x + by.x, 0, 10000), std::clamp(p.y + by.y, 0, 10000)};
    };
    if (cursor_) {
        cursor_ = moved(*cursor_);
        update();
        return true;
    }
    if (!mark_ || !plate_) return false;
    auto marks = plate_->marks;
    auto& m = marks[*mark_];
    if ((modifiers & Qt::ShiftModifier) == 0) m.at = moved(m.at);
    m.to = moved(m.to);
    emit marks_changed(marks);
    return true;
}

void PlateView::keyPressEvent(QKeyEvent* event) {
    if (move_by_key(event->key(), event->modifiers())) return;
    if (cursor_ && (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter)) {
        emit point_clicked(*cursor_);
        return;
    }
    if (!plate_ || plate_->callouts.empty()) {
        QWidget::keyPressEvent(event);
        return;
    }
    const bool arrow =
        event->key() == Qt::Key_Left || event->key() == Qt::Key_Right || event->key() == Qt::Key_Up || event->key() == Qt::Key_Down;
    if (!selected_ || !arrow) {
        QWidget::keyPressEvent(event);
        return;
    }
    // arrows move the label, with Shift the target; Ctrl for fine steps
    const int step = (event->modifiers() & Qt::ControlModifier) != 0 ? 20 : 150;
    auto callouts = plate_->callouts;
    auto& c = callouts[*selected_];
    auto& place = (event->modifiers() & Qt::ShiftModifier) != 0 ? c.target : c.label;
    if (event->key() == Qt::Key_Left) place.x -= step;
    if (event->key() == Qt::Key_Right) place.x += step;
    if (event->key() == Qt::Key_Up) place.y -= step;
    if (event->key() == Qt::Key_Down) place.y += step;
    place.x = std::clamp(place.x, 0, 10000);
    place.y = std::clamp(place.y, 0, 10000);
    c.label = core::clamped(c.label, aspect());
    if ((event->modifiers() & Qt::ShiftModifier) == 0) c.fixed = true;
    emit callouts_changed(callouts, QString::fromUtf8(core::change_label("move a callout")));
}

std::vector<spoken::Painted> PlateView::painted() const {
    std::vector<spoken::Painted> out;
    if (!note_.isEmpty()) out.push_back({.name = note_});
    if (!plate_) return out;
    const auto& procedure = session_.procedure();
    const auto numbers = core::callout_numbers(procedure);
    auto* self = const_cast<PlateView*>(this);
    const auto where = [&](const core::Place& p) { return tr("%1 % across, %2 % down").arg(p.x / 100).arg(p.y / 100); };
    const auto around = [&](const core::Place& p) { return QRectF(to_widget(p) - QPointF(12, 12), QSizeF(24, 24)).toAlignedRect(); };
    for (std::size_t i = 0; i < plate_->callouts.size(); ++i) {
        const auto& c = plate_->callouts[i];
        const auto* item = procedure.find(c.item);
        const auto n = numbers.find(c.item);
        out.push_back({.role = QAccessible::ListItem,
            .name = tr("Callout %1, %2, points to %3; its number stands %4")
                        .arg(n == numbers.end() ? QStringLiteral("?") : QString::number(n->second),
                            item == nullptr ? tr("an item that is gone") : theme::text(item->name), where(c.target), where(c.label)),
            .box = around(c.label),
            .in_hand = selected_ == i,
            .does = tr("Take in hand"),
            .act = [self, i] { self->select(i); }});
    }
    for (std::size_t i = 0; i < plate_->marks.size(); ++i) {
        const auto& m = plate_->marks[i];
        out.push_back({.role = QAccessible::ListItem,
            .name = tr("Sign “%1” from %2 to %3").arg(theme::text(core::words_of(m.sign)), where(m.at), where(m.to)),
            .box = around(m.at),
            .in_hand = mark_ == i,
            .does = tr("Take in hand"),
            .act = [self, i] { self->select_mark(i); }});
    }
    for (const auto& f : plate_->fasteners) {
        const auto* item = procedure.find(f.item);
        out.push_back({.role = QAccessible::Graphic,
            .name = tr("Fastener: %1, %2").arg(item == nullptr ? tr("an item that is gone") : theme::text(item->name), where(f.at)),
            .box = around(f.at)});
    }
    if (cursor_)
        out.push_back({.role = QAccessible::Cursor,
            .name = tr("Cross at %1; Enter sets it down").arg(where(*cursor_)),
            .box = around(*cursor_),
            .in_hand = true});
    return out;
}

}  // namespace anagraph::app
