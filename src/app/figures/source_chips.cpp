#include "app/figures/source_chips.h"

#include <QApplication>
#include <QDrag>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>

#include "app/theme/theme.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

namespace {
constexpr double kHeight = 24;
constexpr double kMostWidth = 250;
}  // namespace

SourceChips::SourceChips(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setMouseTracking(true);
    setAccessibleName(tr("Sources of the guide"));
    refresh();
}

QSize SourceChips::sizeHint() const { return {300, chips_.empty() ? 26 : static_cast<int>(chips_.back().box.bottom()) + 2}; }

void SourceChips::refresh() {
    chips_.clear();
    QStringList names;
    for (const auto& s : session_.procedure().sources) {
        chips_.push_back(
            {{}, s.id, text(s.title) + (s.edition.empty() ? QString() : QStringLiteral(", ") + text(s.edition)), !s.document.empty()});
        names << chips_.back().words;
    }
    setAccessibleDescription(names.join(QStringLiteral("; ")));
    lay_out();
}

void SourceChips::lay_out() {
    const QFontMetricsF metrics(theme::font("small"));
    double x = 0;
    double y = 1;
    for (auto& c : chips_) {
        const double wide = std::min(kMostWidth, metrics.horizontalAdvance(c.words) + 34);
        if (x > 0 && x + wide > width()) {
            x = 0;
            y += kHeight + 4;
        }
        c.box = {x, y, wide, kHeight};
        x += wide + 8;
    }
    setFixedHeight(sizeHint().height());
    update();
}

void SourceChips::resizeEvent(QResizeEvent*) { lay_out(); }

void SourceChips::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(theme::font("small"));
    if (chips_.empty()) {
        p.setPen(colour("second"));
        p.drawText(rect(), Qt::AlignVCenter, tr("No source yet: add one, or drop a page on a figure."));
        return;
    }
    cut_.clear();
    for (const auto& c : chips_) {
        p.setPen(QPen(colour("rule"), 1.2));
        p.setBrush(colour("sheet"));
        p.drawRoundedRect(c.box.adjusted(0.6, 0.6, -0.6, -0.6), 3, 3);
        // the block it becomes on the number line; hollow where no page is at hand
        const QRectF block(c.box.left() + 8, c.box.center().y() - 4.5, 9, 9);
        p.setPen(QPen(colour("ink"), 1.4));
        p.setBrush(c.page ? QBrush(colour("ink")) : QBrush(Qt::NoBrush));
        p.drawRect(block);
        p.setPen(colour("ink"));
        cut_.draw(p, c.box.adjusted(24, 0, -8, 0), c.words);
    }
}

void SourceChips::mousePressEvent(QMouseEvent* event) { pressed_ = event->position(); }

void SourceChips::mouseMoveEvent(QMouseEvent* event) {
    const auto over = std::find_if(chips_.begin(), chips_.end(), [&](const Chip& c) { return c.box.contains(event->position()); });
    setCursor(over == chips_.end() ? Qt::ArrowCursor : Qt::OpenHandCursor);
    if (!pressed_ || (event->buttons() & Qt::LeftButton) == 0 ||
        (event->position() - *pressed_).manhattanLength() < QApplication::startDragDistance())
        return;
    const auto from = std::find_if(chips_.begin(), chips_.end(), [&](const Chip& c) { return c.box.contains(*pressed_); });
    pressed_.reset();
    if (from == chips_.end()) return;
    auto* drag = new QDrag(this);
    auto* mime = new QMimeData;
    mime->setData(QString::fromLatin1(kSourceMime), QByteArray::fromStdString(from->source.text()));
    drag->setMimeData(mime);
    drag->setPixmap(grab(from->box.toAlignedRect()));
    drag->exec(Qt::CopyAction);
}

std::vector<spoken::Painted> SourceChips::painted() const {
    std::vector<spoken::Painted> out;
    for (const auto& c : chips_)
        out.push_back({.role = QAccessible::ListItem,
            .name = c.page ? c.words : tr("%1, its page is not at hand").arg(c.words),
            .box = c.box.toAlignedRect()});
    return out;
}

}  // namespace anagraph::app
