#include "app/bench/bench_views.h"

#include <fmt/format.h>

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "publish/marks_svg.h"
#include "publish/plate_svg.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kDisc = 32;      // across a step
constexpr int kDiscRow = 42;   // from one to the next
constexpr int kClockRow = 54;  // of one wait
constexpr int kEdge = 16;
constexpr int kScale = 74;  // pixels of the number line with its readings

QFont sized(int pixels, bool bold = false) {
    QFont font = theme::font("text", bold);
    font.setPixelSize(pixels);
    return font;
}

QString value_words(const core::Quantity& q) { return text(core::display(q)); }

QString judged_words(core::Judged judged) {
    switch (judged) {
        case core::Judged::Within:
            return QObject::tr("within limits");
        case core::Judged::Below:
            return QObject::tr("below the limits");
        case core::Judged::Above:
            return QObject::tr("above the limits");
        case core::Judged::NoLimits:
            break;
    }
    return QObject::tr("nothing to judge it by");
}

QColor judged_colour(core::Judged judged) {
    switch (judged) {
        case core::Judged::Within:
            return theme::colour("good");
        case core::Judged::Below:
        case core::Judged::Above:
            return theme::colour("danger");
        case core::Judged::NoLimits:
            break;
    }
    return theme::colour("ink");
}

}  // namespace

// -- StepDiscs

StepDiscs::StepDiscs(QWidget* parent) : QWidget(parent) {
    setFixedWidth(kDisc + 22);
    setCursor(Qt::PointingHandCursor);
}

void StepDiscs::show_run(const core::Bench& bench, core::Moment now) {
    discs_.clear();
    const auto clocks = bench.clocks(now);
    QStringList words;
    for (const auto& s : bench.sheet().steps) {
        const auto& e = bench.entered(s.id);
        const bool waits = std::any_of(clocks.begin(), clocks.end(), [&](const core::BenchClock& c) { return c.step == s.id; });
        Kind kind = Kind::Open;
        QString said = tr("open");
        if (bench.step() == &s)
            kind = Kind::InHand, said = tr("in hand");
        else if (e.state && *e.state == core::StepState::Done)
            kind = Kind::Done, said = tr("done");
        else if (e.state)
            kind = Kind::Off, said = text(core::words_of(*e.state));
        else if (waits)
            kind = Kind::Waits, said = tr("waits");
        discs_.push_back({text(s.id.text()), s.number, kind, tr("step %1 %2").arg(s.number).arg(said)});
        words << discs_.back().said;
    }
    setAccessibleName(tr("Steps"));
    setAccessibleDescription(words.join(QStringLiteral(", ")));
    setMinimumHeight(static_cast<int>(discs_.size()) * 24);
    update();
}

QRectF StepDiscs::box(std::size_t place) const {
    const double row =
        std::min<double>(kDiscRow, static_cast<double>(height()) / static_cast<double>(std::max<std::size_t>(1, discs_.size())));
    const double size = std::min<double>(kDisc, row - 4);
    return {(width() - size) / 2.0, static_cast<double>(place) * row + 3, size, size};
}

void StepDiscs::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < discs_.size(); ++i) {
        const auto& d = discs_[i];
        const QRectF b = box(i).adjusted(1, 1, -1, -1);
        const bool full = d.kind == Kind::InHand || d.kind == Kind::Done;
        const QColor colour = theme::colour(d.kind == Kind::InHand || d.kind == Kind::Waits ? "accent"
                : d.kind == Kind::Off                                                       ? "danger"
                : d.kind == Kind::Done                                                      ? "ink"
                                                                                            : "strong");
        p.setPen(QPen(colour, 2, d.kind == Kind::Off ? Qt::DashLine : Qt::SolidLine));
        p.setBrush(full ? colour : theme::colour("sheet"));
        p.drawEllipse(b);
        if (d.kind == Kind::Waits) p.drawEllipse(b.adjusted(4, 4, -4, -4));
        p.setPen(full ? theme::colour("on_accent") : d.kind == Kind::Open ? theme::colour("second") : colour);
        p.setFont(sized(b.height() > 24 ? 14 : 11, d.kind == Kind::InHand));
        p.drawText(b, Qt::AlignCenter, QString::number(d.number));
    }
}

void StepDiscs::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = 0; i < discs_.size(); ++i)
        if (box(i).adjusted(-8, -3, 8, 3).contains(event->position())) return emit chosen(discs_[i].step);
}

// -- WantedCard

WantedCard::WantedCard(const core::BenchWanted& wanted, std::vector<core::RunReading> readings, QWidget* parent)
    : QWidget(parent), wanted_(wanted), readings_(std::move(readings)), scale_(core::reading_scale(wanted.limits, readings_)) {
    QStringList all{text(wanted.what)};
    if (!wanted.value.empty()) all << text(wanted.value);
    if (!wanted.other.empty()) all << text(wanted.other);
    for (const auto& s : wanted.settings) all << tr("set %1").arg(text(s));
    for (const auto& r : readings_) all << tr("%1, %2").arg(value_words(r.value), judged_words(r.judged));
    words_ = all.join(QStringLiteral("; "));
    setAccessibleName(words_);
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

int WantedCard::heightForWidth(int width) const {
    int out = kEdge + 24;  // what it is
    if (!wanted_.value.empty()) out += kNumerals + 18;
    if (scale_.drawable) out += kScale;
    const QFontMetrics metrics(sized(17));
    for (const auto& s : wanted_.settings)
        out += metrics.boundingRect(QRect(0, 0, width - 2 * kEdge, 1000), Qt::TextWordWrap, tr("Set %1").arg(text(s))).height() + 2;
    out += static_cast<int>(std::min<std::size_t>(readings_.size(), 4)) * 30;
    return out + kEdge;
}

void WantedCard::paint_scale(QPainter& p, const QRectF& box) const {
    const auto x = [&](double value) { return box.left() + scale_.place(value) * box.width(); };
    const double line = box.top() + 42;
    const double from = scale_.from ? x(*scale_.from) : box.left();
    const double to = scale_.to ? x(*scale_.to) : box.right();
    p.fillRect(QRectF(from, line - 22, to - from, 22), theme::colour("band"));
    p.setPen(QPen(theme::colour("ink"), 2));
    p.drawLine(QPointF(box.left(), line), QPointF(box.right(), line));
    p.setFont(sized(14));
    for (const double t : scale_.ticks) {
        p.setPen(QPen(theme::colour("ink"), 2));
        p.drawLine(QPointF(x(t), line), QPointF(x(t), line + 7));
        p.drawText(QRectF(x(t) - 40, line + 8, 80, 20), Qt::AlignHCenter | Qt::AlignTop, theme::digits(t, 'g', 6));
    }
    for (const auto& pin : scale_.pins) {
        const QPointF at(x(pin.at), line - 30);
        const QColor colour = judged_colour(pin.judged);
        p.setPen(QPen(colour, 2));
        p.setBrush(pin.last ? colour : theme::colour("sheet"));
        if (pin.judged == core::Judged::Within)
            p.drawEllipse(at, 7, 7);
        else
            p.drawPolygon(QPolygonF({at + QPointF(0, -8), at + QPointF(8, 7), at + QPointF(-8, 7)}));
        p.drawLine(at + QPointF(0, 8), QPointF(at.x(), line));
    }
}

void WantedCard::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme::colour("rule"), 1));
    p.setBrush(theme::colour("sheet"));
    p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
    double y = kEdge - 6;
    const double wide = width() - 2 * kEdge;
    p.setFont(sized(16));
    p.setPen(theme::colour("second"));
    QString what = text(wanted_.what);
    if (wanted_.times > 1) what += tr(" (%1 times)").arg(wanted_.times);
    p.drawText(QRectF(kEdge, y, wide, 24), Qt::AlignLeft | Qt::AlignVCenter,
        QFontMetrics(p.font()).elidedText(what, Qt::ElideRight, width() - 2 * kEdge));
    y += 26;
    if (!wanted_.value.empty()) {
        int pixels = kNumerals;
        p.setFont(sized(pixels));
        p.setPen(theme::colour("ink"));
        const QString value = text(wanted_.value);
        while (pixels > 60 && QFontMetrics(p.font()).horizontalAdvance(value) > wide) p.setFont(sized(--pixels));
        const double room = QFontMetricsF(p.font()).horizontalAdvance(value);
        p.drawText(QRectF(kEdge, y, wide, kNumerals + 14), Qt::AlignLeft | Qt::AlignVCenter, value);
        if (!wanted_.other.empty() && room + 16 + QFontMetricsF(sized(20)).horizontalAdvance(text(wanted_.other)) < wide) {
            p.setFont(sized(20));
            p.setPen(theme::colour("second"));
            p.drawText(
                QRectF(kEdge + room + 16, y + 12, wide - room - 16, kNumerals), Qt::AlignLeft | Qt::AlignVCenter, text(wanted_.other));
        }
        y += kNumerals + 18;
    }
    if (scale_.drawable) {
        paint_scale(p, QRectF(kEdge + 8, y, wide - 16, kScale));
        y += kScale;
    }
    p.setFont(sized(17));
    p.setPen(theme::colour("ink"));
    for (const auto& s : wanted_.settings) {
        const QRectF room(kEdge, y, wide, 1000);
        const QString words = tr("Set %1").arg(text(s));
        QRectF used;
        p.drawText(room, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words, &used);
        y += used.height() + 2;
    }
    const std::size_t from = readings_.size() > 4 ? readings_.size() - 4 : 0;
    for (std::size_t i = from; i < readings_.size(); ++i) {
        const auto& r = readings_[i];
        const bool last = i + 1 == readings_.size();
        p.setPen(last ? judged_colour(r.judged) : theme::colour("second"));
        p.setFont(sized(last ? 22 : 17, last));
        const QString value = value_words(r.value);
        p.drawText(QRectF(kEdge, y, wide, 30), Qt::AlignLeft | Qt::AlignVCenter, value);
        const double used = QFontMetricsF(p.font()).horizontalAdvance(value) + 12;
        p.setFont(sized(16));
        p.setPen(theme::colour(last ? "ink" : "second"));
        const QString from_where = r.by == "wrench" ? tr("from the wrench") : tr("typed");
        p.drawText(QRectF(kEdge + used, y, wide - used, 30), Qt::AlignLeft | Qt::AlignVCenter,
            tr("%1, %2 · %3").arg(from_where, text(r.at).mid(11, 5), judged_words(r.judged)));
        y += 30;
    }
}

// -- ClockView

ClockView::ClockView(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    hide();
}

void ClockView::show_clocks(const core::Bench& bench, core::Moment now) {
    clocks_ = bench.clocks(now);
    lines_.clear();
    shares_.clear();
    for (const auto& c : clocks_) {
        const auto* s = bench.sheet().find(c.step);
        QString said = tr("%1 (step %2)").arg(text(c.words)).arg(s->number);
        QStringList meanwhile;
        for (const auto& id : s->meanwhile)
            if (!bench.closed(id)) meanwhile << QString::number(bench.sheet().find(id)->number);
        if (c.left && *c.left > 0 && !meanwhile.isEmpty()) said += tr("; meanwhile: step %1").arg(meanwhile.join(QStringLiteral(", ")));
        const QString time = !c.left ? text(core::clock_text(c.lasted))
            : *c.left > 0            ? tr("%1 left").arg(text(core::clock_text(*c.left)))
                                     : tr("over");
        lines_ << tr("%1: %2").arg(time, said);
        const auto whole = s->waits[c.wait].seconds.value_or(0);
        shares_.push_back(c.left && whole > 0 ? std::clamp(static_cast<double>(*c.left) / static_cast<double>(whole), 0.0, 1.0) : 0);
    }
    setAccessibleName(lines_.isEmpty() ? tr("No wait is running") : words());
    const int high = clocks_.empty() ? 0 : static_cast<int>(clocks_.size()) * kClockRow + 34;
    if (high != height()) setFixedHeight(high);
    setVisible(!clocks_.empty());
    update();
}

void ClockView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme::colour("rule"), 1));
    p.setBrush(theme::colour("sheet"));
    p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
    p.setFont(sized(16, true));
    p.setPen(theme::colour("ink"));
    p.drawText(QRectF(kEdge, 6, width() - 2 * kEdge, 24), Qt::AlignLeft | Qt::AlignVCenter, tr("While you work"));
    double y = 30;
    for (std::size_t i = 0; i < clocks_.size(); ++i) {
        const auto& c = clocks_[i];
        const QRectF ring(kEdge, y + 6, 38, 38);
        const bool over = c.left && *c.left <= 0;
        p.setPen(QPen(theme::colour("band"), 6));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(ring);
        p.setPen(QPen(theme::colour(over ? "good" : "accent"), 6));
        p.drawArc(ring, 90 * 16, static_cast<int>(std::lround(-(over || !c.left ? 1.0 : 1 - shares_[i]) * 360 * 16)));
        p.setFont(sized(28, true));
        p.setPen(theme::colour(over ? "good" : "ink"));
        const QString time = !c.left ? text(core::clock_text(c.lasted)) : over ? tr("over") : text(core::clock_text(*c.left));
        const double wide = std::max(96.0, QFontMetricsF(p.font()).horizontalAdvance(time) + 12);
        p.drawText(QRectF(kEdge + 50, y, wide, kClockRow - 4), Qt::AlignLeft | Qt::AlignVCenter, time);
        p.setFont(sized(16));
        p.setPen(theme::colour("ink"));
        p.drawText(QRectF(kEdge + 50 + wide, y, width() - 2 * kEdge - 50 - wide, kClockRow - 4),
            Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
            lines_[static_cast<qsizetype>(i)].mid(lines_[static_cast<qsizetype>(i)].indexOf(QStringLiteral(": ")) + 2));
        y += kClockRow;
    }
}

// -- BenchPicture

BenchPicture::BenchPicture(QWidget* parent) : QWidget(parent) {
    setMinimumWidth(280);
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

int BenchPicture::heightForWidth(int width) const { return image_.isNull() ? 0 : width * image_.height() / std::max(1, image_.width()); }

void BenchPicture::show_plate(const core::Procedure& p, const core::Plate& plate, const QString& file) {
    image_ = QImage(file);
    const auto numbers = core::callout_numbers(p);
    const double w = image_.width(), h = image_.height();
    marks_.load(QByteArray::fromStdString(fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {0} {1}\">{2}{3}</svg>", w,
        h, publish::marks_svg(p, plate, image_.width(), image_.height()), publish::callouts_svg(plate, numbers, w, h))));
    setAccessibleName(text(publish::plate_words(p, plate, numbers)));
    updateGeometry();
    update();
}

void BenchPicture::clear() {
    image_ = {};
    setAccessibleName(tr("No picture"));
    updateGeometry();
    update();
}

void BenchPicture::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    if (image_.isNull()) return;
    const QSizeF size = QSizeF(image_.size()).scaled(this->size(), Qt::KeepAspectRatio);
    const QRectF box((width() - size.width()) / 2, 0, size.width(), size.height());
    p.drawImage(box, image_);
    marks_.render(&p, box);
}

std::vector<spoken::Painted> StepDiscs::painted() const {
    auto* self = const_cast<StepDiscs*>(this);
    std::vector<spoken::Painted> out;
    for (std::size_t i = 0; i < discs_.size(); ++i)
        out.push_back({.role = QAccessible::ListItem,
            .name = discs_[i].said,
            .box = box(i).toAlignedRect(),
            .in_hand = discs_[i].kind == Kind::InHand,
            .does = tr("Take in hand"),
            .act = [self, step = discs_[i].step] { emit self->chosen(step); }});
    return out;
}

std::vector<spoken::Painted> ClockView::painted() const {
    std::vector<spoken::Painted> out;
    for (qsizetype i = 0; i < lines_.size(); ++i)
        out.push_back(
            {.role = QAccessible::Clock, .name = lines_[i], .box = QRect(0, 30 + static_cast<int>(i) * kClockRow, width(), kClockRow)});
    return out;
}

}  // namespace anagraph::app
