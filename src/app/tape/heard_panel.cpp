#include "app/tape/heard_panel.h"

#include <QMouseEvent>
#include <QPainter>

#include "app/tape/tape_view.h"
#include "app/theme/theme.h"
#include "core/figure/spoken.h"
#include "core/tape/logging.h"

namespace anagraph::app {

using core::MarkKind;
using theme::colour;
using theme::text;

HeardPanel::HeardPanel(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAccessibleName(tr("Heard and done in this step"));
    setMinimumHeight(120);
}

void HeardPanel::show_step(const core::Step* step, const LoadedRecording* recording, std::vector<const core::Mark*> marks) {
    step_ = step == nullptr ? core::StepId{} : step->id;
    recording_ = recording;
    marks_ = std::move(marks);
    update();
}

void HeardPanel::mousePressEvent(QMouseEvent* event) {
    for (const auto& [box, at] : rows_)
        if (box.contains(event->position())) emit moment_clicked(at);
}

void HeardPanel::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    rows_.clear();
    cut_.clear();
    const auto& procedure = session_.procedure();
    const core::Step* step = procedure.find(step_);
    const double half = width() * 0.56;
    p.setPen(colour("second"));
    p.setFont(theme::font("text"));
    const double row = QFontMetricsF(p.font()).height() + 14;
    const double head = QFontMetricsF(p.font()).height() + 6;
    p.drawText(QRectF(0, 0, half, head), Qt::AlignLeft, tr("Heard here"));
    p.drawText(QRectF(half + 12, 0, width() - half, head), Qt::AlignLeft, tr("Done here"));
    double y = head;
    for (const auto* m : marks_) {
        if (m->kind == MarkKind::Step || m->kind == MarkKind::Talk || y + row > height() + 4) continue;
        p.setFont(theme::font("text"));
        double x = 0;
        QString words;
        if (m->kind == MarkKind::Figure) {
            const core::Figure* taken = core::taken_as(procedure, recording_->entry.id, *m);
            x = theme::draw_figure(
                    p, {1, y + 1}, text(core::words_of(m->value)), taken != nullptr ? core::standing_of(*taken) : core::Standing::Open)
                    .right() +
                10;
            words = m->taken_back ? tr("taken back aloud") : taken != nullptr ? tr("taken · %1").arg(text(m->about)) : text(m->about);
        } else {
            const QString kind = m->kind == MarkKind::Caution ? tr("caution") : m->kind == MarkKind::Slip ? tr("slip") : tr("not seen");
            p.setPen(m->kind == MarkKind::Caution ? colour("caution_ink") : colour("seen"));
            p.drawText(QRectF(2, y, 84, row), Qt::AlignVCenter, kind);
            x = 88;
            words = QStringLiteral("“%1”").arg(text(m->words));
        }
        words += QStringLiteral(", ") + text(core::clock_text(m->at, false));
        p.setPen(core::is_dismissed(procedure, recording_->entry.id, *m) ? colour("strong") : colour("second"));
        cut_.draw(p, QRectF(x, y, half - x - 4, row - 4), words);
        rows_.emplace_back(QRectF(0, y, half, row), m->at);
        y += row;
    }
    if (marks_.empty()) {
        p.setPen(colour("second"));
        p.drawText(QRectF(0, y, half, row * 2), Qt::TextWordWrap, tr("Nothing was found in what is said here."));
    }
    if (step == nullptr) {
        p.setPen(colour("second"));
        p.drawText(QRectF(half + 12, head, width() - half - 12, 90), Qt::TextWordWrap,
            tr("No step here. Open one where it begins and close it where it ends."));
        return;
    }
    // cautions first: they may not be the ones that find no room
    const double left = half + 12;
    // what finds no room is told at the last that did
    const auto below = [&](double top) { return QRectF(left, top, width() - left, height() - top); };
    y = head;
    for (const auto& c : step->cautions) {
        if (y + 24 > height()) {
            cut_.left_out(below(y - 27), text(c.text));
            continue;
        }
        theme::draw_signal(p, QRectF(left, y, 96, 22), c.signal);
        p.setPen(colour("ink"));
        p.setFont(theme::font("small"));
        cut_.draw(p, QRectF(left + 102, y, width() - left - 102, 22), text(c.text));
        y += 27;
    }
    p.setFont(theme::font("text"));
    p.setPen(colour("ink"));
    for (const auto& a : step->actions) {
        QString words = text(a.verb) + (a.items.empty() ? QString() : QStringLiteral(" ·"));
        for (const auto& i : a.items)
            if (const auto* item = procedure.find(i)) words += QLatin1Char(' ') + text(item->name);
        if (y + head > height() + 4) {
            cut_.left_out(below(y - head), words);
            continue;
        }
        cut_.draw(p, QRectF(left, y, width() - left, head), words);
        y += head;
    }
}

std::vector<spoken::Painted> HeardPanel::painted() const {
    const auto& procedure = session_.procedure();
    auto* self = const_cast<HeardPanel*>(this);
    std::vector<spoken::Painted> out;
    out.push_back({.role = QAccessible::Heading, .name = tr("Heard here")});
    for (const auto* m : marks_) {
        if (m->kind == MarkKind::Step || m->kind == MarkKind::Talk) continue;
        const bool taken = m->kind == MarkKind::Figure && core::taken_as(procedure, recording_->entry.id, *m) != nullptr;
        const QString what = m->kind == MarkKind::Figure ? theme::said(core::spoken(m->value)) : tape_view::mark_words(*m);
        const QString standing = m->taken_back                        ? tr("taken back aloud")
            : taken                                                   ? tr("taken")
            : core::is_dismissed(procedure, recording_->entry.id, *m) ? tr("dismissed")
                                                                      : tr("not taken yet");
        out.push_back({.role = QAccessible::ListItem,
            .name = tr("%1: %2, “%3”, %4").arg(text(core::clock_text(m->at, false)), what, text(m->words), standing),
            .depth = 1,
            .does = tr("Go there"),
            .act = [self, at = m->at] { emit self->moment_clicked(at); }});
    }
    const core::Step* step = procedure.find(step_);
    if (step == nullptr) {
        out.push_back({.name = tr("No step here. Open one where it begins and close it where it ends.")});
        return out;
    }
    out.push_back({.role = QAccessible::Heading, .name = tr("Done here")});
    for (const auto& c : step->cautions)
        out.push_back({.role = QAccessible::ListItem, .name = tr("%1: %2").arg(theme::signal_word(c.signal), text(c.text)), .depth = 1});
    for (const auto& a : step->actions) {
        QStringList items;
        for (const auto& i : a.items)
            if (const auto* item = procedure.find(i)) items << text(item->name);
        out.push_back({.role = QAccessible::ListItem,
            .name = items.isEmpty() ? text(a.verb) : tr("%1: %2").arg(text(a.verb), items.join(QStringLiteral(", "))),
            .depth = 1});
    }
    return out;
}

}  // namespace anagraph::app
