#include "app/figures/figure_list.h"

#include <QMouseEvent>
#include <QPaintEvent>
#include <QPainter>

#include "app/figures/number_line.h"
#include "app/theme/theme.h"
#include "core/procedure/evidence.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

FigureList::FigureList(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAccessibleName(tr("Figures on their number lines"));
    refresh();
}

void FigureList::refresh() {
    const auto& figures = session_.procedure().figures;
    if (session_.procedure().find(chosen_) == nullptr) chosen_ = figures.empty() ? core::FigureId{} : figures.front().id;
    setMinimumHeight(std::max(kRow, static_cast<int>(figures.size()) * kRow));
    update();
}

void FigureList::choose(const core::FigureId& id) {
    if (chosen_ == id) return;
    chosen_ = id;
    update();
    emit chosen_changed();
}

void FigureList::mousePressEvent(QMouseEvent* event) {
    for (const auto& pin : pins_)
        if (pin.box.contains(event->position())) {
            choose(pin.figure);
            emit claim_clicked(pin.claim);
            return;
        }
    const auto row = static_cast<std::size_t>(event->position().y() / kRow);
    if (row < session_.procedure().figures.size()) choose(session_.procedure().figures[row].id);
}

void FigureList::paint_row(QPainter& p, const core::Figure& f, const QRectF& row) {
    const auto& procedure = session_.procedure();
    const bool chosen = f.id == chosen_;
    p.fillRect(row, chosen ? colour("sheet") : colour("paper"));
    if (chosen) p.fillRect(QRectF(row.left(), row.top(), 5, row.height()), colour("accent"));
    p.fillRect(QRectF(row.left(), row.bottom() - 1, row.width(), 1), colour("rule"));
    const double x = row.left() + 20;
    const double words_width = 206;
    const auto* item = procedure.find(f.item);
    QString name = item == nullptr ? text(f.purpose) : text(item->name);
    if (!name.isEmpty()) name[0] = name[0].toUpper();
    p.setFont(theme::font("text", true));
    p.setPen(colour("ink"));
    p.drawText(QRectF(x, row.top() + 10, words_width, 20), Qt::AlignVCenter, QFontMetricsF(p.font()).elidedText(name, Qt::ElideRight, words_width));
    p.setFont(theme::font("small"));
    p.setPen(colour("second"));
    p.drawText(QRectF(x, row.top() + 29, words_width, 18), Qt::AlignVCenter, QFontMetricsF(p.font()).elidedText((item == nullptr ? text(std::string(core::spoken_name_of(f.kind))) : text(f.purpose)) + (f.condition.empty() ? QString() : QStringLiteral(", ") + text(f.condition)) + (f.variants.empty() ? QString() : QStringLiteral(" · ") + text(f.variants.front())), Qt::ElideRight, words_width));
    const auto standing = core::standing_of(procedure, f);
    p.setFont(theme::font("figure"));
    QString value = text(core::text_of(f.value));
    if (!f.tolerance.empty()) value += QStringLiteral(" ± ") + text(f.tolerance);
    if (standing == core::Standing::Open && f.value.known()) value += QStringLiteral(" ?");
    theme::draw_figure(p, {x, row.top() + 51}, value, standing);
    p.setFont(theme::font("small"));
    p.setPen(colour("second"));
    const QString other = text(core::other_system_text(f.value));
    const QString standing_word = standing == core::Standing::Open ? tr("open") : standing == core::Standing::Proved ? tr("proved")
                                                                                                                     : tr("disputed");
    p.drawText(QRectF(x, row.bottom() - 25, words_width, 18), Qt::AlignVCenter, other.isEmpty() ? standing_word : other + QStringLiteral(" · ") + standing_word);

    const double left = row.left() + 260;
    const double right = row.right() - 64;
    const double base = row.bottom() - 36;
    const NumberLine line = number_line(f);
    if (!line.drawable) {
        // no numbers to compare: what is said and what the source gives, one under the other
        p.setFont(theme::font("text"));
        double y = row.top() + 16;
        for (const auto& claim : f.claims) {
            p.setPen(colour("accent"));
            p.drawEllipse(QPointF(left + 4, y + 9), 4, 4);
            p.setPen(colour("ink"));
            p.drawText(QRectF(left + 16, y, right - left, 20), Qt::AlignVCenter, QStringLiteral("%1  “%2” %3").arg(text(core::text_of(claim.value)), text(claim.words), text(core::clock_text(claim.at, false))));
            y += 22;
        }
        for (const auto& proof : f.proofs) {
            p.fillRect(QRectF(left, y + 5, 9, 9), colour("ink"));
            p.setPen(colour("ink"));
            p.drawText(QRectF(left + 16, y, right - left, 20), Qt::AlignVCenter, QStringLiteral("%1  %2").arg(text(core::text_of(proof.value)), text(proof.place)));
            y += 22;
        }
        if (f.claims.empty() && f.proofs.empty()) {
            p.setPen(colour("second"));
            p.drawText(QRectF(left, y, right - left, 20), Qt::AlignVCenter, f.looked.empty() ? tr("nothing said, nothing found") : tr("not found: looked in %1").arg(text(f.looked.back().where)));
        }
        return;
    }
    const auto px = [&](double v) { return left + line.place(v) * (right - left); };
    if (line.band_to > line.band_from) p.fillRect(QRectF(px(line.band_from), base - 12, px(line.band_to) - px(line.band_from), 12), colour("band"));
    p.setPen(QPen(colour("ink"), 1.2));
    p.drawLine(QPointF(left, base), QPointF(right, base));
    p.setFont(theme::font("small"));
    for (const double t : line.ticks) {
        p.setPen(QPen(colour("ink"), 1));
        p.drawLine(QPointF(px(t), base), QPointF(px(t), base + 6));
        p.setPen(colour("second"));
        p.drawText(QRectF(px(t) - 30, base + 7, 60, 16), Qt::AlignCenter, QString::number(t, 'g', 4));
    }
    p.drawText(QRectF(right + 10, base - 9, 60, 18), Qt::AlignVCenter, line.unit);
    for (const auto& b : line.blocks) {
        const double from = px(b.from) - 5;
        p.fillRect(QRectF(from, base - 24, std::max(10.0, px(b.to) - px(b.from) + 10), 9), colour("ink"));
        p.setPen(QPen(colour("ink"), 2.4));
        p.drawLine(QPointF((px(b.from) + px(b.to)) / 2, base - 20), QPointF((px(b.from) + px(b.to)) / 2, base));
    }
    for (const auto& pin : line.pins) {
        const double top = base - 34 - pin.level * 17;
        p.setPen(QPen(colour("accent"), 1.4));
        p.drawLine(QPointF(px(pin.at), base), QPointF(px(pin.at), top));
        p.setBrush(colour("sheet"));
        p.setPen(QPen(colour("accent"), 2));
        p.drawEllipse(QPointF(px(pin.at), top), 4.5, 4.5);
        p.setPen(colour("ink"));
        const QFontMetricsF metrics(p.font());
        const bool to_left = line.place(pin.at) > 0.62;
        const double room = to_left ? px(pin.at) - left : right + 50 - px(pin.at);
        const QString words = metrics.elidedText(pin.words, Qt::ElideMiddle, room - 14);
        const QRectF box(to_left ? px(pin.at) - 10 - metrics.horizontalAdvance(words) : px(pin.at) + 10, top - 9, metrics.horizontalAdvance(words) + 2, 18);
        p.drawText(box, Qt::AlignVCenter, words);
        pins_.push_back({box.united(QRectF(px(pin.at) - 8, top - 8, 16, 16)), f.id, pin.claim});
    }
}

void FigureList::paintEvent(QPaintEvent* event) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    pins_.clear();
    const auto& figures = session_.procedure().figures;
    p.fillRect(event->rect(), colour("paper"));
    if (figures.empty()) {
        p.setPen(colour("second"));
        p.setFont(theme::font("text"));
        p.drawText(QRectF(24, 24, width() - 48, 120), Qt::TextWordWrap, tr("No figures yet. On the Tape, go to a line in which a figure is said and press F; or press N here to add one by hand."));
        return;
    }
    for (std::size_t i = 0; i < figures.size(); ++i) {
        const QRectF row(0, static_cast<double>(i) * kRow, width(), kRow);
        if (row.intersects(event->rect())) paint_row(p, figures[i], row);
    }
}

}  // namespace anagraph::app
