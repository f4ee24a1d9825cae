#include "app/window/way_round.h"

#include <QAccessible>
#include <QEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "app/theme/theme.h"

namespace anagraph::app {

namespace {

constexpr int kNoteWidth = 380;
constexpr int kPadding = 18;
constexpr int kFromPlace = 14;  // between a place and what is said of it

}  // namespace

WayRound::WayRound(QWidget* window, std::vector<Place> places, std::function<void()> left)
    : QWidget(window), places_(std::move(places)), left_(std::move(left)), had_keys_(window->focusWidget()) {
    setFocusPolicy(Qt::StrongFocus);
    setGeometry(window->rect());
    window->installEventFilter(this);
    show_place(0);
    show();
    raise();
    setFocus();
}

bool WayRound::eventFilter(QObject* watched, QEvent* event) {
    if (watched == parentWidget() && event->type() == QEvent::Resize) setGeometry(parentWidget()->rect());
    return false;
}

void WayRound::show_place(std::size_t place) {
    now_ = place;
    setAccessibleName(sentence() + QLatin1Char(' ') + foot());
    QAccessibleEvent said(this, QAccessible::NameChanged);
    QAccessible::updateAccessibility(&said);
    update();
}

void WayRound::leave() {
    hide();
    if (had_keys_ != nullptr) had_keys_->setFocus();
    if (left_) left_();
    deleteLater();
}

QRect WayRound::target() const {
    const auto* at = places_[now_].at.data();
    if (at == nullptr || !at->isVisible()) return {};
    return QRect(at->mapTo(parentWidget(), QPoint(0, 0)), at->size()).adjusted(-4, -4, 4, 4).intersected(rect());
}

QString WayRound::foot() const {
    return tr("%1 of %2.").arg(now_ + 1).arg(places_.size()) + QLatin1Char(' ') +
        (now_ + 1 < places_.size() ? tr("Enter: next. Esc: leave.") : tr("Enter: begin."));
}

void WayRound::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRect place = target();
    QColor veil = theme::colour("ink");
    veil.setAlphaF(0.45F);
    QPainterPath dark;
    dark.addRect(rect());
    QPainterPath clear;
    clear.addRoundedRect(place, 6, 6);
    p.fillPath(dark.subtracted(clear), veil);
    p.setPen(QPen(theme::colour("accent"), 3));
    p.drawRoundedRect(place, 6, 6);
    const QFontMetrics words(theme::font("text"));
    const int high = words.boundingRect(0, 0, kNoteWidth - 2 * kPadding, 2000, Qt::TextWordWrap, sentence()).height() +
        QFontMetrics(theme::font("small")).height() + 2 * kPadding + 8;
    // below the place, else above it, else beside it; always within the window
    const bool tall = place.height() > height() / 2;
    int x = tall ? place.right() + kFromPlace : place.left();
    int y = tall ? place.top() + kPadding : place.bottom() + kFromPlace;
    if (y + high > height() - kPadding) y = place.top() - kFromPlace - high;
    x = std::clamp(x, kPadding, std::max(kPadding, width() - kNoteWidth - kPadding));
    y = std::clamp(y, kPadding, std::max(kPadding, height() - high - kPadding));
    const QRect note(x, y, kNoteWidth, high);
    p.setPen(QPen(theme::colour("ink"), 1.5));
    p.setBrush(theme::colour("sheet"));
    p.drawRoundedRect(note, 6, 6);
    p.setPen(theme::colour("ink"));
    p.setFont(theme::font("text"));
    p.drawText(note.adjusted(kPadding, kPadding, -kPadding, -kPadding), Qt::TextWordWrap | Qt::AlignTop, sentence());
    p.setPen(theme::colour("second"));
    p.setFont(theme::font("small"));
    p.drawText(note.adjusted(kPadding, kPadding, -kPadding, -kPadding + 4), Qt::AlignBottom | Qt::AlignLeft, foot());
}

void WayRound::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_Escape:
            return leave();
        case Qt::Key_Left:
        case Qt::Key_Backspace:
            return show_place(now_ > 0 ? now_ - 1 : 0);
        case Qt::Key_Return:
        case Qt::Key_Enter:
        case Qt::Key_Space:
        case Qt::Key_Right:
            return now_ + 1 < places_.size() ? show_place(now_ + 1) : leave();
        default:
            event->accept();  // no key of the window means anything under it
    }
}

void WayRound::mouseReleaseEvent(QMouseEvent*) { now_ + 1 < places_.size() ? show_place(now_ + 1) : leave(); }

}  // namespace anagraph::app
