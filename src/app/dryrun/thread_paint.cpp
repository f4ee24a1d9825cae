// How the dry run is painted: rows, threads, fluids, the machine's band, findings, the plan.
#include <QPainter>
#include <QPainterPath>
#include <QScrollBar>
#include <algorithm>
#include <cmath>

#include "app/dryrun/thread_view.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using core::Sits;
using theme::colour;
using theme::text;

namespace {

constexpr double kThread = 5;
constexpr double kFluid = 16;
constexpr double kKnot = 5;
constexpr double kLean = -38;  // degrees by which names lean

QBrush hatched(const QColor& colour) { return QBrush(colour, Qt::BDiagPattern); }

}  // namespace

void ThreadView::paintEvent(QPaintEvent*) {
    QPainter p(viewport());
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(viewport()->rect(), colour("paper"));
    cut_.clear();
    if (shown_.threads.steps.empty()) {
        p.setPen(colour("second"));
        p.setFont(theme::font("text"));
        p.drawText(viewport()->rect().adjusted(40, 40, -40, -40), Qt::AlignCenter | Qt::TextWordWrap,
            tr("Nothing to walk yet: mark steps on the Tape or write them on the Sheet. What their lines order is walked here."));
        return;
    }
    p.save();
    p.translate(-offset());
    paint_rows(p);
    paint_band(p);
    for (std::size_t i = 0; i < shown_.threads.fluids.size(); ++i) paint_fluid(p, shown_.threads.fluids[i], layout_.fluids[i]);
    for (std::size_t i = 0; i < shown_.threads.threads.size(); ++i) paint_thread(p, shown_.threads.threads[i], layout_.threads[i]);
    paint_plan(p);
    paint_findings(p);
    paint_place(p);
    p.restore();
    paint_names(p);
}

void ThreadView::paint_rows(QPainter& p) {
    const QFontMetricsF metrics(theme::font("text"));
    for (std::size_t i = 0; i < layout_.rows; ++i) {
        const double top = layout_.row_top(static_cast<int>(i));
        const bool now = static_cast<int>(i) == place_.step;
        if (now) p.fillRect(QRectF(0, top, layout_.width, layout_.metrics.row), colour("sheet"));
        p.fillRect(QRectF(0, top + layout_.metrics.row - 1, layout_.width, 1), colour("rule"));
        p.setPen(colour("ink"));
        p.setFont(theme::font("title", now));
        p.drawText(QRectF(14, top, 30, layout_.metrics.row), Qt::AlignVCenter | Qt::AlignLeft, QString::number(shown_.numbers[i]));
        p.setFont(theme::font("text", now));
        const QRectF room(46, top, layout_.metrics.headings - 58, layout_.metrics.row - 1);
        const QString heading = shown_.headings[i] + (shown_.pinned[i] ? tr(" (stays)") : QString());
        const QRectF needs = QFontMetricsF(p.font()).boundingRect(room, Qt::TextWordWrap | Qt::AlignVCenter, heading);
        if (needs.height() > room.height() + 1)
            cut_.draw(p, QRectF(room.left(), room.center().y() - metrics.height() / 2, room.width(), metrics.height()), heading);
        else
            p.drawText(room, Qt::TextWordWrap | Qt::AlignVCenter, heading);
    }
}

void ThreadView::paint_names(QPainter& p) {
    // the names stay while the steps go by
    const double head = layout_.metrics.head;
    p.fillRect(QRectF(0, 0, viewport()->width(), head - 6), colour("paper"));
    p.fillRect(QRectF(0, head - 7, viewport()->width(), 1), colour("strong"));
    p.setFont(theme::font("small"));
    p.setPen(colour("ink"));
    const QFontMetricsF metrics(p.font());
    const auto lean = [&](double x, const QString& name) {
        p.save();
        p.translate(x - offset().x(), head - 14);
        p.rotate(kLean);
        p.drawText(QPointF(0, 0), metrics.elidedText(name, Qt::ElideRight, (head - 24) / std::sin(-kLean * M_PI / 180)));
        p.restore();
    };
    lean(layout_.band + kBandWidth / 2, tr("machine"));
    for (std::size_t i = 0; i < shown_.threads.threads.size(); ++i) lean(layout_.threads[i], text(shown_.threads.threads[i].name));
    for (std::size_t i = 0; i < shown_.threads.fluids.size(); ++i) lean(layout_.fluids[i], text(shown_.threads.fluids[i].name));
    if (!shown_.plan || layout_.blocks.empty()) return;
    const auto& plan = *shown_.plan;
    const double left = layout_.plan_left + 8 - offset().x();
    p.fillRect(QRectF(left - 8, 0, layout_.width - layout_.plan_left + 8, head - 7), colour("paper"));
    p.setFont(theme::font("text", true));
    p.drawText(QPointF(left, 26), text(core::time_text(plan.seconds)));
    p.setFont(theme::font("small"));
    p.setPen(colour("second"));
    p.drawText(QPointF(left, 44), plan.people == 1 ? tr("one person") : tr("two people"));
    if (plan.as_written > plan.seconds) p.drawText(QPointF(left, 60), tr("%1 as written").arg(text(core::time_text(plan.as_written))));
    p.setPen(colour("ink"));
    for (int who = 0; who <= plan.people; ++who)
        p.drawText(QPointF(left + 22 + who * 40, head - 16),
            who == plan.people     ? tr("waits")
                : plan.people == 1 ? tr("hands")
                                   : QString(QChar(u'A' + who)));
}

void ThreadView::paint_band(QPainter& p) {
    const auto& knots = shown_.threads.machine;
    const double end = layout_.row_top(static_cast<int>(layout_.rows));
    for (std::size_t i = 0; i < knots.size(); ++i) {
        const double top = layout_.y(knots[i].at);
        const double bottom = i + 1 < knots.size() ? layout_.y(knots[i + 1].at) : end;
        const QRectF box(layout_.band, top, kBandWidth, bottom - top);
        p.setPen(Qt::NoPen);
        p.setBrush(knots[i].running ? colour("ink") : colour("band"));
        p.drawRect(box);
        if (knots[i].locked) {
            p.setBrush(hatched(colour("ink")));
            p.drawRect(box);
        }
        // lifted: a line at its side, broken while it hangs on the jack
        if (knots[i].lifted || knots[i].on_stands) {
            p.setPen(QPen(colour("ink"), 3, knots[i].lifted ? Qt::DotLine : Qt::SolidLine));
            p.drawLine(QPointF(box.right() + 4, top), QPointF(box.right() + 4, bottom));
        }
        p.setPen(QPen(colour("ink"), 1));
        p.setBrush(Qt::NoBrush);
        p.drawRect(box);
        const QString words = knots[i].running ? tr("runs") : knots[i].locked ? tr("locked off") : tr("stopped");
        p.setFont(theme::font("small"));
        const QFontMetricsF metrics(p.font());
        if (metrics.horizontalAdvance(words) + 10 > bottom - top) {
            cut_.left_out(box.translated(-offset()), text(core::machine_words(knots[i])));
            continue;
        }
        const QRectF words_box(-metrics.horizontalAdvance(words) / 2 - 3, -metrics.height() / 2 + 1, metrics.horizontalAdvance(words) + 6,
            metrics.height() - 2);
        p.save();
        p.translate(box.center().x(), top + (bottom - top) / 2);
        p.rotate(-90);
        if (knots[i].locked) p.fillRect(words_box, colour("band"));
        p.setPen(knots[i].running ? colour("sheet") : colour("ink"));
        p.drawText(words_box, Qt::AlignCenter, words);
        p.restore();
    }
}

void ThreadView::paint_thread(QPainter& p, const core::Thread& thread, double x) {
    const double end = layout_.row_top(static_cast<int>(layout_.rows));
    const auto stretch = [&](double top, double bottom, Sits sits, bool fresh) {
        const QColor ink = colour("ink");
        const auto line = [&](double at, double width, Qt::PenStyle style) {
            QPen pen(ink, width, style, Qt::FlatCap);
            if (style == Qt::CustomDashLine) pen.setDashPattern({1.6, 1.2});
            p.setPen(pen);
            p.drawLine(QPointF(at, top), QPointF(at, bottom));
        };
        switch (sits) {
            case Sits::Tight:
                if (fresh) {
                    line(x - 3, 2, Qt::SolidLine);
                    line(x + 3, 2, Qt::SolidLine);
                } else {
                    line(x, kThread, Qt::SolidLine);
                }
                break;
            case Sits::Hand:
                // on, and not tightened yet
                if (fresh) {
                    line(x - 3, 1, Qt::SolidLine);
                    line(x + 3, 1, Qt::SolidLine);
                } else {
                    line(x, 1.6, Qt::SolidLine);
                }
                break;
            case Sits::Loose:
                line(x, kThread, Qt::CustomDashLine);
                break;
            case Sits::Open:
                line(x - 4, 1.2, Qt::DashLine);
                line(x + 4, 1.2, Qt::DashLine);
                break;
            case Sits::Off: {
                QPen pen(colour("second"), 1.6, Qt::DotLine, Qt::RoundCap);
                p.setPen(pen);
                p.drawLine(QPointF(x, top), QPointF(x, bottom));
                break;
            }
        }
    };
    double from = layout_.metrics.head;
    Sits sits = thread.first;
    bool fresh = false;
    for (const auto& k : thread.knots) {
        stretch(from, layout_.y(k.at), sits, fresh);
        from = layout_.y(k.at);
        sits = k.sits;
        fresh = k.fresh;
    }
    stretch(from, end, sits, fresh);
    p.setPen(QPen(colour("ink"), 2));
    for (const auto& k : thread.knots) {
        p.setBrush(k.sits == Sits::Off || k.sits == Sits::Open ? colour("paper") : k.sits == Sits::Tight ? colour("ink") : colour("band"));
        p.drawEllipse(QPointF(x, layout_.y(k.at)), kKnot, kKnot);
        cut_.left_out(QRectF(x - 8, layout_.y(k.at) - 8, 16, 16).translated(-offset()),
            tr("%1: %2, %3").arg(text(thread.name), text(k.done), text(core::words_of(k.sits))));
    }
}

void ThreadView::paint_fluid(QPainter& p, const core::FluidThread& fluid, double x) {
    const double end = layout_.row_top(static_cast<int>(layout_.rows));
    const auto stretch = [&](double top, double bottom, double low, double high) {
        const QRectF tube(x - kFluid / 2, top, kFluid, bottom - top);
        p.fillRect(tube, colour("sheet"));
        QColor certain = colour("caution_ink");
        QColor perhaps = certain;
        perhaps.setAlphaF(0.4F);
        const double wide = kFluid * std::min(1.0, high);
        p.fillRect(QRectF(x - wide / 2, top, wide, bottom - top), perhaps);
        const double sure = kFluid * std::min(1.0, low);
        p.fillRect(QRectF(x - sure / 2, top, sure, bottom - top), certain);
        p.setPen(QPen(colour("ink"), 1));
        p.drawLine(tube.topLeft(), tube.bottomLeft());
        p.drawLine(tube.topRight(), tube.bottomRight());
    };
    double from = layout_.metrics.head;
    double low = fluid.first_low;
    double high = fluid.first_high;
    for (const auto& k : fluid.knots) {
        stretch(from, layout_.y(k.at), low, high);
        from = layout_.y(k.at);
        low = k.low;
        high = k.high;
    }
    stretch(from, end, low, high);
    for (const auto& k : fluid.knots) {
        p.setPen(QPen(colour("ink"), 2));
        p.setBrush(colour("paper"));
        p.drawEllipse(QPointF(x, layout_.y(k.at)), kKnot, kKnot);
        cut_.left_out(QRectF(x - 8, layout_.y(k.at) - 8, 16, 16).translated(-offset()), tr("%1: %2").arg(text(fluid.name), text(k.done)));
    }
}

void ThreadView::paint_findings(QPainter& p) {
    for (std::size_t i = 0; i < shown_.findings.size(); ++i) {
        const auto& f = shown_.findings[i];
        const QPointF at = mark_place(f);
        const bool chosen = static_cast<int>(i) == finding_;
        const bool note = f.weight() == core::Weight::Note;
        p.setBrush(chosen ? colour("wash") : Qt::transparent);
        p.setPen(QPen(colour("accent"), chosen ? 3 : 2, note ? Qt::DotLine : Qt::SolidLine));
        p.drawEllipse(at, kRing, kRing);
        // a stop has a second ring
        if (f.weight() == core::Weight::Stop) p.drawEllipse(at, kRing + 4, kRing + 4);
        if (!chosen) continue;
        p.setPen(Qt::NoPen);
        p.setBrush(colour("accent"));
        p.drawEllipse(at, 3, 3);
    }
}

void ThreadView::paint_plan(QPainter& p) {
    if (!shown_.plan || layout_.blocks.empty()) return;
    const auto& plan = *shown_.plan;
    p.fillRect(QRectF(layout_.plan_left, layout_.metrics.head - 6, 1, layout_.height - layout_.metrics.head), colour("rule"));
    for (const auto& b : layout_.blocks) {
        const auto& t = plan.tasks[b.task];
        const bool wait = t.part == core::PlannedTask::Part::Wait;
        const bool critical = std::find(plan.critical.begin(), plan.critical.end(), t.step) != plan.critical.end();
        if (!wait) {
            // from the row of the step to its place in time
            QPainterPath path(QPointF(layout_.plan_left + 2, b.joins_y));
            path.cubicTo(layout_.plan_left + 18, b.joins_y, layout_.plan_left + 12, b.box.center().y(), b.box.left(), b.box.center().y());
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(b.moved ? colour("accent") : colour("strong"), b.moved ? 2 : 1, b.moved ? Qt::DashLine : Qt::SolidLine));
            p.drawPath(path);
        }
        p.setPen(QPen(b.moved ? colour("accent") : critical ? colour("ink") : colour("second"), 1));
        p.setBrush(wait ? hatched(colour("second")) : b.moved ? colour("accent") : critical ? colour("ink") : colour("band"));
        p.drawRect(b.box);
        p.setFont(theme::font("small"));
        const QString time = text(core::time_text(t.to - t.from));
        const QFontMetricsF metrics(p.font());
        const QString said =
            QStringLiteral("%1: %2 %3").arg(shown_.headings[static_cast<std::size_t>(b.row)], wait ? tr("waits") : tr("hands"), time);
        cut_.left_out(b.box.adjusted(0, -2, 0, 2).translated(-offset()), said);
        if (b.box.height() < metrics.height() || t.to == t.from) continue;
        const double wide = metrics.horizontalAdvance(time) + 4;
        const QRectF words(b.box.center().x() - wide / 2, b.box.center().y() - metrics.height() / 2, wide, metrics.height());
        if (wait) p.fillRect(words, colour("paper"));
        p.setPen(wait || !(critical || b.moved) ? colour("ink") : colour("sheet"));
        p.drawText(words, Qt::AlignCenter, QString(time).remove(QStringLiteral(" min")));
    }
}

void ThreadView::paint_place(QPainter& p) {
    const double y = layout_.y(place_);
    const double right = layout_.plan_left - 4;
    p.setPen(QPen(colour("accent"), playing() ? 2 : 1));
    p.drawLine(QPointF(layout_.band - 8, y), QPointF(right, y));
    QPainterPath hand;
    hand.moveTo(layout_.band - 8, y);
    hand.lineTo(layout_.band - 18, y - 6);
    hand.lineTo(layout_.band - 18, y + 6);
    hand.closeSubpath();
    p.setPen(Qt::NoPen);
    p.setBrush(colour("accent"));
    p.drawPath(hand);
}

}  // namespace anagraph::app
