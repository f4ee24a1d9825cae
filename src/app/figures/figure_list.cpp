#include "app/figures/figure_list.h"

#include <QDragEnterEvent>
#include <QHelpEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPaintEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "app/figures/source_chips.h"
#include "app/theme/theme.h"
#include "core/figure/designation.h"
#include "core/figure/evidence.h"
#include "core/figure/number_line.h"
#include "core/figure/spoken.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

FigureList::FigureList(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAccessibleName(tr("Figures on their number lines"));
    setFocusPolicy(Qt::StrongFocus);
    setAcceptDrops(true);
    refresh();
}

void FigureList::refresh() {
    shown_ = figures_shown(session_.procedure(), filter_);
    // the one in hand stays in hand where an edit takes it out of the filter, as long as the guide has it
    if (session_.procedure().find(chosen_) == nullptr) chosen_ = shown_.empty() ? core::FigureId{} : shown_.front();
    lay_out();
    update();
}

/// A row is as high as its evidence takes; what that is depends on how wide the list is. What has not changed is not worked out
/// again: this runs at every edit.
void FigureList::lay_out() {
    const Width now{width(), both_};
    if (laid_out_for_ != now) heights_.clear();
    laid_out_for_ = now;
    std::map<core::FigureId, Height> kept;
    tops_.assign(1, 0);
    for (const auto& id : shown_) {
        const auto* f = session_.procedure().find(id);
        int high = kRow;
        if (f != nullptr) {
            const auto known = heights_.find(id);
            high = known != heights_.end() && known->second.of == *f ? known->second.high : row_height(*f);
            kept[id] = {*f, high};
        }
        tops_.push_back(tops_.back() + high);
    }
    heights_ = std::move(kept);
    setMinimumHeight(std::max(kRow, tops_.back()));
}

QRect FigureList::row_of(const core::FigureId& id) const {
    const auto at = std::find(shown_.begin(), shown_.end(), id);
    if (at == shown_.end()) return {};
    const auto i = static_cast<std::size_t>(at - shown_.begin());
    return {0, tops_[i], width(), tops_[i + 1] - tops_[i]};
}

int FigureList::row_height(const core::Figure& f) const {
    const auto line = core::number_line(f);
    if (!line.drawable) return std::max(kRow, kDesignationTop + kDesignation * static_cast<int>(f.proofs.size() + f.claims.size()) + 12);
    return std::max(kRow, below_line(line) + kFirstLabel + kLabel * core::rows_of(labels_of(line)));
}

int FigureList::below_line(const core::NumberLine& line) const { return both_ && line.other_unit != nullptr ? 50 : 36; }

double FigureList::pixel(const core::NumberLine& line, double value) const {
    return kLineLeft + line.place(value) * (width() - kLineRight - kLineLeft);
}

std::vector<core::PlacedLabel> FigureList::labels_of(const core::NumberLine& line) const {
    const QFontMetricsF metrics(theme::font("small"));
    std::vector<double> x;
    std::vector<std::string> words;
    for (const auto& pin : line.pins) {
        x.push_back(pixel(line, pin.at));
        words.push_back(pin.words);
    }
    return core::placed_labels(x, words, {kLineLeft, std::max<double>(kLineLeft + 160, width() - 12), 10, 7, [&](const std::string& t) {
                                              return metrics.horizontalAdvance(text(t)) + 2;
                                          }});
}

void FigureList::resizeEvent(QResizeEvent*) { lay_out(); }

bool FigureList::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const auto* f = figure_at(help->pos());
    QToolTip::showText(help->globalPos(),
        f == nullptr
            ? QString()
            : text(core::title_of(session_.procedure(), *f)) + QStringLiteral("\n") + text(core::argue_standing(session_.procedure(), *f)),
        this);
    return true;
}

void FigureList::show_both_units(bool both) {
    both_ = both;
    lay_out();
    update();
}

void FigureList::filter(const FigureFilter& filter) {
    filter_ = filter;
    refresh();
    if (!shown_.empty() && std::find(shown_.begin(), shown_.end(), chosen_) == shown_.end()) choose(shown_.front());
}

const core::Figure* FigureList::figure_at(const QPointF& at) const {
    const auto below = std::upper_bound(tops_.begin(), tops_.end(), static_cast<int>(at.y()));
    if (below == tops_.begin() || below == tops_.end()) return nullptr;
    return session_.procedure().find(shown_[static_cast<std::size_t>(below - tops_.begin()) - 1]);
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
    p.fillRect(row, f.id == over_ ? colour("wash") : chosen ? colour("sheet") : colour("paper"));
    if (chosen) p.fillRect(QRectF(row.left(), row.top(), 5, row.height()), colour("accent"));
    p.fillRect(QRectF(row.left(), row.bottom() - 1, row.width(), 1), colour("rule"));
    const double x = row.left() + 20;
    const double words_width = 206;
    const auto* item = procedure.find(f.item);
    QString name = item == nullptr ? text(f.purpose) : text(item->name);
    if (!name.isEmpty()) name[0] = name[0].toUpper();
    p.setFont(theme::font("text", true));
    p.setPen(colour("ink"));
    p.drawText(QRectF(x, row.top() + 10, words_width, 20), Qt::AlignVCenter,
        QFontMetricsF(p.font()).elidedText(name, Qt::ElideRight, words_width));
    p.setFont(theme::font("small"));
    p.setPen(colour("second"));
    p.drawText(QRectF(x, row.top() + 29, words_width, 18), Qt::AlignVCenter,
        QFontMetricsF(p.font()).elidedText((item == nullptr ? text(core::words_of(f.kind)) : text(f.purpose)) +
                (f.condition.empty() ? QString() : QStringLiteral(", ") + text(f.condition)) +
                (f.variants.empty() ? QString() : QStringLiteral(" · ") + text(f.variants.front())),
            Qt::ElideRight, words_width));
    const auto standing = core::standing_of(procedure, f);
    p.setFont(theme::font("figure"));
    QString value = text(core::words_of(f.value));
    if (!f.tolerance.empty()) value += QStringLiteral(" ± ") + text(core::Words::number(f.tolerance));
    if (standing == core::Standing::Open && f.value.known()) value += QStringLiteral(" ?");
    theme::draw_figure(p, {x, row.top() + 51}, value, standing);
    p.setFont(theme::font("small"));
    p.setPen(colour("second"));
    const QString other = text(core::other_system_text(f));
    const QString standing_word = standing == core::Standing::Open ? tr("open")
        : standing == core::Standing::Proved                       ? tr("proved")
                                                                   : tr("disputed");
    p.drawText(QRectF(x, row.bottom() - 25, words_width, 18), Qt::AlignVCenter,
        other.isEmpty() ? standing_word : other + QStringLiteral(" · ") + standing_word);

    const core::NumberLine line = core::number_line(f);
    if (line.drawable)
        paint_line(p, f, line, row);
    else
        paint_designations(
            p, f, {row.left() + kLineLeft, row.top() + kDesignationTop, width() - 24.0 - kLineLeft, row.height() - kDesignationTop - 6});
}

void FigureList::paint_line(QPainter& p, const core::Figure& f, const core::NumberLine& line, const QRectF& row) {
    const double right = width() - kLineRight;
    const bool both = both_ && line.other_unit != nullptr;
    const double base = row.bottom() - below_line(line);
    const auto px = [&](double v) { return pixel(line, v); };
    if (line.band_to > line.band_from)
        p.fillRect(QRectF(px(line.band_from), base - 12, px(line.band_to) - px(line.band_from), 12), colour("band"));
    p.setPen(QPen(colour("ink"), 1.2));
    p.drawLine(QPointF(kLineLeft, base), QPointF(right, base));
    p.setFont(theme::font("small"));
    for (const double t : line.ticks) {
        p.setPen(QPen(colour("ink"), 1));
        p.drawLine(QPointF(px(t), base), QPointF(px(t), base + 6));
        p.setPen(colour("second"));
        p.drawText(QRectF(px(t) - 30, base + 7, 60, 16), Qt::AlignCenter, theme::digits(t, 'g', 4));
    }
    p.drawText(QRectF(right + 10, base - 9, 60, 18), Qt::AlignVCenter, text(std::string(line.unit->symbol)));
    if (both) {
        for (std::size_t i = 0; i < line.ticks.size(); ++i)
            p.drawText(QRectF(px(line.ticks[i]) - 30, base + 22, 60, 16), Qt::AlignCenter, text(line.other_ticks[i]));
        p.drawText(QRectF(right + 10, base + 21, 60, 18), Qt::AlignVCenter, text(std::string(line.other_unit->symbol)));
    }
    for (const auto& b : line.blocks) {
        const double from = px(b.from) - 5;
        const QRectF block(from, base - 24, std::max(10.0, px(b.to) - px(b.from) + 10), 9);
        p.fillRect(block, colour("ink"));
        evidence_.push_back({block.adjusted(-3, -4, 3, 10), f.id, b.proof, true});
        p.setPen(QPen(colour("ink"), 2.4));
        p.drawLine(QPointF((px(b.from) + px(b.to)) / 2, base - 20), QPointF((px(b.from) + px(b.to)) / 2, base));
    }
    paint_stages(p, line, base);
    paint_pins(p, f, line, base);
}

/// The stages of a torque as numbered steps along the line; a broken way from one that is loosened again, an arc behind the
/// last where it is turned by an angle.
void FigureList::paint_stages(QPainter& p, const core::NumberLine& line, double base) const {
    const auto at = [&](std::size_t i) { return QPointF(pixel(line, line.stages[i].at), base); };
    for (std::size_t i = 1; i < line.stages.size(); ++i) {
        p.setPen(QPen(colour("ink"), 2.4, line.stages[i - 1].loosened ? Qt::DotLine : Qt::SolidLine));
        p.drawLine(at(i - 1), at(i));
    }
    p.setFont(theme::font("small", true));
    for (std::size_t i = 0; i < line.stages.size(); ++i) {
        p.setPen(QPen(colour("ink"), 1.6));
        p.setBrush(colour("sheet"));
        p.drawEllipse(at(i), 9, 9);
        p.drawText(QRectF(at(i).x() - 9, base - 9, 18, 18), Qt::AlignCenter, QString::number(i + 1));
    }
    p.setFont(theme::font("small"));
    if (line.stages.empty() || !line.turned) return;
    p.setPen(QPen(colour("ink"), 2));
    p.drawArc(QRectF(at(line.stages.size() - 1).x() - 13, base - 13, 26, 26), -60 * 16, 150 * 16);
}

void FigureList::paint_pins(QPainter& p, const core::Figure& f, const core::NumberLine& line, double base) {
    const auto labels = labels_of(line);
    const auto y = [&](int up) { return base - kFirstLabel - up * kLabel; };
    p.setPen(QPen(colour("accent"), 1.4));
    for (std::size_t i = 0; i < labels.size(); ++i)
        p.drawLine(QPointF(pixel(line, line.pins[i].at), base), QPointF(pixel(line, line.pins[i].at), y(labels[i].head)));
    const QColor ground = f.id == over_ ? colour("wash") : f.id == chosen_ ? colour("sheet") : colour("paper");
    for (std::size_t i = 0; i < labels.size(); ++i) {
        const auto& label = labels[i];
        const double x = pixel(line, line.pins[i].at);
        p.setBrush(colour("sheet"));
        p.setPen(QPen(colour("accent"), 2));
        p.drawEllipse(QPointF(x, y(label.head)), 4.5, 4.5);
        const auto lines = static_cast<int>(label.lines.size());
        const QRectF box(label.x, y(label.row + lines - 1) - kLabel / 2.0, label.width, lines * kLabel);
        p.fillRect(box, ground);  // over the stem of another pin
        p.setPen(colour("ink"));
        for (int k = 0; k < lines; ++k)
            p.drawText(QRectF(box.left(), box.top() + k * kLabel, box.width(), kLabel), Qt::AlignVCenter,
                text(label.lines[static_cast<std::size_t>(k)]));
        evidence_.push_back({box.united(QRectF(x - 8, y(label.head) - 8, 16, 16)), f.id, line.pins[i].claim, false});
    }
}

/// No numbers to compare: what is said and what the sources give, one under the other, with what differs marked by a line
/// under it and what the value replaces said to be older.
void FigureList::paint_designations(QPainter& p, const core::Figure& f, const QRectF& place) {
    double y = place.top();
    const QFont plain = theme::font("text");
    const QFont strong = theme::font("text", true);
    const auto row = [&](const core::FigureValue& value, const QString& from, bool proof, bool agrees, std::size_t index) {
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
        const QString words = (older ? tr("older number, replaced · ") : agrees ? tr("the same · ") : tr("differs · ")) + from;
        p.drawText(QRectF(x + 12, y, place.right() - x - 12, 20), Qt::AlignVCenter,
            QFontMetricsF(p.font()).elidedText(words, Qt::ElideRight, place.right() - x - 12));
        evidence_.push_back({QRectF(place.left(), y, place.width(), 20), f.id, index, proof});
        y += kDesignation;
    };
    for (std::size_t i = 0; i < f.proofs.size(); ++i)
        row(f.proofs[i].value, text(f.proofs[i].place), true, core::agrees(f, f.proofs[i]), i);
    for (std::size_t i = 0; i < f.claims.size(); ++i)
        row(f.claims[i].value,
            (f.claims[i].by_program ? tr("“%1” %2, heard by the program") : QStringLiteral("“%1” %2"))
                .arg(text(f.claims[i].words), text(core::clock_text(f.claims[i].at, false))),
            false, core::agrees(f, f.claims[i]), i);
    if (!f.claims.empty() || !f.proofs.empty()) return;
    p.setFont(plain);
    p.setPen(colour("second"));
    p.drawText(QRectF(place.left(), y, place.width(), 20), Qt::AlignVCenter,
        f.looked.empty() ? tr("nothing said, nothing found") : tr("not found: looked in %1").arg(text(f.looked.back().where)));
}

void FigureList::paintEvent(QPaintEvent* event) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    evidence_.clear();
    p.fillRect(event->rect(), colour("paper"));
    if (shown_.empty()) {
        p.setPen(colour("second"));
        p.setFont(theme::font("text"));
        p.drawText(QRectF(24, 24, width() - 48, 120), Qt::TextWordWrap,
            session_.procedure().figures.empty()
                ? tr("No figures yet. On the Tape, go to a line in which a figure is said and take it; or add one here by hand.")
                : tr("No figure passes the filter above."));
        return;
    }
    for (std::size_t i = 0; i < shown_.size(); ++i) {
        const QRectF row(0, tops_[i], width(), tops_[i + 1] - tops_[i]);
        const auto* f = session_.procedure().find(shown_[i]);
        if (f == nullptr || !row.intersects(event->rect())) continue;
        paint_row(p, *f, row);
        if (hasFocus() && f->id == chosen_) theme::draw_focus(p, row);
    }
}

std::vector<spoken::Painted> FigureList::painted() const {
    const auto& procedure = session_.procedure();
    auto* self = const_cast<FigureList*>(this);
    const auto place_of = [&](const core::FigureId& id, std::size_t index, bool proof) {
        const auto it = std::find_if(evidence_.begin(), evidence_.end(),
            [&](const EvidencePlace& e) { return e.figure == id && e.index == index && e.proof == proof; });
        return it == evidence_.end() ? QRect() : it->box.toAlignedRect();
    };
    std::vector<spoken::Painted> out;
    for (const auto& id : shown_) {
        const auto* f = procedure.find(id);
        if (f == nullptr) continue;
        out.push_back({.role = QAccessible::ListItem,
            .name = theme::said(core::spoken(procedure, *f)),
            .box = row_of(id),
            .in_hand = id == chosen_,
            .does = tr("Take in hand"),
            .act = [self, id] { self->choose(id); }});
        for (std::size_t i = 0; i < f->proofs.size(); ++i)
            out.push_back({.role = QAccessible::ListItem,
                .name = theme::said(core::spoken(procedure, *f, f->proofs[i])),
                .box = place_of(id, i, true),
                .depth = 1,
                .does = tr("Show page"),
                .act = [self, id, i] { self->choose(id), emit self->proof_clicked(i); }});
        for (std::size_t i = 0; i < f->claims.size(); ++i)
            out.push_back({.role = QAccessible::ListItem,
                .name = theme::said(core::spoken(*f, f->claims[i])),
                .box = place_of(id, i, false),
                .depth = 1,
                .does = tr("Hear"),
                .act = [self, id, i] { self->choose(id), emit self->claim_clicked(i); }});
    }
    return out;
}

}  // namespace anagraph::app
