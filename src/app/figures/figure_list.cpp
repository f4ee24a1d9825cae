#include "app/figures/figure_list.h"

#include <QDragEnterEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPaintEvent>
#include <QPainter>
#include <algorithm>

#include "app/figures/number_line.h"
#include "app/figures/source_chips.h"
#include "app/theme/theme.h"
#include "core/procedure/designation.h"
#include "core/procedure/evidence.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

FigureList::FigureList(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAccessibleName(tr("Figures on their number lines"));
    setAcceptDrops(true);
    refresh();
}

void FigureList::refresh() {
    shown_ = figures_shown(session_.procedure(), filter_);
    // the one in hand stays in hand where an edit takes it out of the filter, as long as the guide has it
    if (session_.procedure().find(chosen_) == nullptr) chosen_ = shown_.empty() ? core::FigureId{} : shown_.front();
    setMinimumHeight(std::max(kRow, static_cast<int>(shown_.size()) * kRow));
    update();
}

void FigureList::show_both_units(bool both) {
    both_ = both;
    update();
}

void FigureList::filter(const FigureFilter& filter) {
    filter_ = filter;
    refresh();
    if (!shown_.empty() && std::find(shown_.begin(), shown_.end(), chosen_) == shown_.end()) choose(shown_.front());
}

const core::Figure* FigureList::figure_at(const QPointF& at) const {
    const auto row = static_cast<std::size_t>(std::max(0.0, at.y()) / kRow);
    return row < shown_.size() ? session_.procedure().find(shown_[row]) : nullptr;
}

void FigureList::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasFormat(QString::fromLatin1(kSourceMime)) || event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void FigureList::dragMoveEvent(QDragMoveEvent* event) {
    const auto* f = figure_at(event->position());
    over_ = f == nullptr ? core::FigureId{} : f->id;
    event->setAccepted(f != nullptr);
    update();
}

void FigureList::dragLeaveEvent(QDragLeaveEvent*) {
    over_ = {};
    update();
}

void FigureList::dropEvent(QDropEvent* event) {
    const auto* f = figure_at(event->position());
    over_ = {};
    update();
    if (f == nullptr) return;
    choose(f->id);
    event->acceptProposedAction();
    const QByteArray source = event->mimeData()->data(QString::fromLatin1(kSourceMime));
    if (!source.isEmpty()) {
        emit source_dropped(core::SourceId(source.toStdString()));
        return;
    }
    for (const auto& url : event->mimeData()->urls())
        if (url.isLocalFile()) {
            emit file_dropped(url.toLocalFile());
            return;
        }
}

void FigureList::choose(const core::FigureId& id) {
    if (chosen_ == id) return;
    chosen_ = id;
    update();
    emit chosen_changed();
}

void FigureList::mousePressEvent(QMouseEvent* event) {
    for (const auto& place : evidence_)
        if (event->button() == Qt::LeftButton && place.box.contains(event->position())) {
            choose(place.figure);
            if (place.proof)
                emit proof_clicked(place.index);
            else
                emit claim_clicked(place.index);
            return;
        }
    if (const auto* f = figure_at(event->position())) choose(f->id);
}

void FigureList::paint_row(QPainter& p, const core::Figure& f, const QRectF& row) {
    const auto& procedure = session_.procedure();
    const bool chosen = f.id == chosen_;
    p.fillRect(row, f.id == over_ ? colour("wash") : chosen ? colour("sheet")
                                                            : colour("paper"));
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
    const QString other = text(core::other_system_text(f));
    const QString standing_word = standing == core::Standing::Open ? tr("open") : standing == core::Standing::Proved ? tr("proved")
                                                                                                                     : tr("disputed");
    p.drawText(QRectF(x, row.bottom() - 25, words_width, 18), Qt::AlignVCenter, other.isEmpty() ? standing_word : other + QStringLiteral(" · ") + standing_word);

    const double left = row.left() + 260;
    const double right = row.right() - 64;
    const NumberLine line = number_line(f);
    const bool both = both_ && !line.other_unit.isEmpty();
    const double base = row.bottom() - (both ? 50 : 36);
    if (!line.drawable) {
        paint_designations(p, f, {left, row.top() + 16, right + 40 - left, row.height() - 22});
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
    if (both) {
        for (std::size_t i = 0; i < line.ticks.size(); ++i) p.drawText(QRectF(px(line.ticks[i]) - 30, base + 22, 60, 16), Qt::AlignCenter, line.other_ticks[i]);
        p.drawText(QRectF(right + 10, base + 21, 60, 18), Qt::AlignVCenter, line.other_unit);
    }
    for (const auto& b : line.blocks) {
        const double from = px(b.from) - 5;
        const QRectF block(from, base - 24, std::max(10.0, px(b.to) - px(b.from) + 10), 9);
        p.fillRect(block, colour("ink"));
        evidence_.push_back({block.adjusted(-3, -4, 3, 10), f.id, b.proof, true});
        p.setPen(QPen(colour("ink"), 2.4));
        p.drawLine(QPointF((px(b.from) + px(b.to)) / 2, base - 20), QPointF((px(b.from) + px(b.to)) / 2, base));
    }
    const QColor ground = f.id == over_ ? colour("wash") : chosen ? colour("sheet")
                                                                  : colour("paper");
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
        p.fillRect(box.adjusted(-2, 2, 2, -2), ground);  // over the stem of another pin
        p.setPen(colour("ink"));
        p.drawText(box, Qt::AlignVCenter, words);
        evidence_.push_back({box.united(QRectF(px(pin.at) - 8, top - 8, 16, 16)), f.id, pin.claim, false});
    }
}

/// No numbers to compare: what is said and what the sources give, one under the other, with what differs marked by a line
/// under it and what the value replaces said to be older.
void FigureList::paint_designations(QPainter& p, const core::Figure& f, const QRectF& place) {
    double y = place.top();
    const QFont plain = theme::font("text");
    const QFont strong = theme::font("text", true);
    const auto row = [&](const core::FigureValue& value, const QString& from, bool proof, bool agrees, std::size_t index) {
        if (y + 20 > place.bottom()) return;
        if (proof) {
            p.fillRect(QRectF(place.left(), y + 5, 9, 9), colour("ink"));
        } else {
            p.setPen(QPen(colour("accent"), 2));
            p.setBrush(colour("sheet"));
            p.drawEllipse(QPointF(place.left() + 4.5, y + 9.5), 4.5, 4.5);
        }
        double x = place.left() + 18;
        p.setPen(colour("ink"));
        for (const auto& run : core::compare_designations(f.value.low, core::text_of(value))) {
            p.setFont(run.same ? plain : strong);
            const QFontMetricsF metrics(p.font());
            const double wide = metrics.horizontalAdvance(text(run.text));
            p.drawText(QPointF(x, y + 14), text(run.text));
            if (!run.same) p.fillRect(QRectF(x, y + 17, wide, 2.4), colour("accent"));
            x += wide;
        }
        const bool older = agrees && core::compare_designations(f.value.low, value.low) != core::compare_designations(value.low, value.low);
        p.setFont(theme::font("small"));
        p.setPen(colour("second"));
        const QString words = (older ? tr("older number, replaced · ") : agrees ? tr("the same · ")
                                                                                : tr("differs · ")) +
                              from;
        p.drawText(QRectF(x + 12, y, place.right() - x - 12, 20), Qt::AlignVCenter, QFontMetricsF(p.font()).elidedText(words, Qt::ElideRight, place.right() - x - 12));
        evidence_.push_back({QRectF(place.left(), y, place.width(), 20), f.id, index, proof});
        y += 22;
    };
    for (std::size_t i = 0; i < f.proofs.size(); ++i) row(f.proofs[i].value, text(f.proofs[i].place), true, core::agrees(f, f.proofs[i]), i);
    for (std::size_t i = 0; i < f.claims.size(); ++i) row(f.claims[i].value, QStringLiteral("“%1” %2").arg(text(f.claims[i].words), text(core::clock_text(f.claims[i].at, false))), false, core::agrees(f, f.claims[i]), i);
    if (!f.claims.empty() || !f.proofs.empty()) return;
    p.setFont(plain);
    p.setPen(colour("second"));
    p.drawText(QRectF(place.left(), y, place.width(), 20), Qt::AlignVCenter, f.looked.empty() ? tr("nothing said, nothing found") : tr("not found: looked in %1").arg(text(f.looked.back().where)));
}

void FigureList::paintEvent(QPaintEvent* event) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    evidence_.clear();
    p.fillRect(event->rect(), colour("paper"));
    if (shown_.empty()) {
        p.setPen(colour("second"));
        p.setFont(theme::font("text"));
        p.drawText(QRectF(24, 24, width() - 48, 120), Qt::TextWordWrap, session_.procedure().figures.empty() ? tr("No figures yet. On the Tape, go to a line in which a figure is said and take it; or add one here by hand.") : tr("No figure passes the filter above."));
        return;
    }
    for (std::size_t i = 0; i < shown_.size(); ++i) {
        const QRectF row(0, static_cast<double>(i) * kRow, width(), kRow);
        const auto* f = session_.procedure().find(shown_[i]);
        if (f != nullptr && row.intersects(event->rect())) paint_row(p, *f, row);
    }
}

}  // namespace anagraph::app
