#include "app/bench/progress_view.h"

#include <QHelpEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "app/theme/theme.h"

namespace anagraph::app {

using core::Stage;
using theme::text;

namespace {

constexpr int kName = 150;    // pixels of a learner's name
constexpr int kColumn = 128;  // of a guide
constexpr int kHead = 54;
constexpr int kRow = 26;
constexpr int kKey = 30;  // what the shapes mean, below

/// A ring that fills: has it, has learned it, worked by it, with help, alone; "not yet" is struck.
void paint_stage(QPainter& p, const QPointF& at, Stage stage) {
    constexpr double r = 8;
    const QRectF box(at.x() - r, at.y() - r, 2 * r, 2 * r);
    const QColor ink = theme::colour("ink");
    p.setBrush(Qt::NoBrush);
    switch (stage) {
        case Stage::Nothing:
            p.setPen(QPen(theme::colour("strong"), 1.6));
            p.drawLine(at + QPointF(-4, 0), at + QPointF(4, 0));
            return;
        case Stage::HandedOut:
            p.setPen(QPen(ink, 1.6, Qt::DashLine));
            p.drawEllipse(box);
            return;
        case Stage::Learned:
            p.setPen(QPen(ink, 1.8));
            p.drawEllipse(box);
            return;
        case Stage::NotYet:
            p.setPen(QPen(theme::colour("danger"), 2));
            p.drawEllipse(box);
            p.drawLine(box.topLeft() + QPointF(2, 2), box.bottomRight() - QPointF(2, 2));
            return;
        case Stage::Worked:
        case Stage::WithHelp:
        case Stage::Alone:
            break;
    }
    const QColor colour = theme::colour(stage == Stage::Alone ? "good" : "accent");
    p.setPen(QPen(colour, 1.8));
    p.drawEllipse(box);
    p.setBrush(colour);
    const int share = stage == Stage::Worked ? 90 : stage == Stage::WithHelp ? 180 : 360;
    p.drawPie(box, 90 * 16, -share * 16);
}

}  // namespace

ProgressView::ProgressView(QWidget* parent) : QWidget(parent) { setAccessibleName(tr("How far each learner is with each guide")); }

void ProgressView::show_progress(std::vector<core::LearnerProgress> learners, QStringList names) {
    learners_ = std::move(learners);
    names_ = std::move(names);
    setAccessibleDescription(words());
    setMinimumHeight(learners_.empty() ? 120 : kHead + kKey + static_cast<int>(learners_.size()) * kRow);
    updateGeometry();
    update();
}

QSize ProgressView::sizeHint() const {
    return {kName + static_cast<int>(names_.size()) * kColumn, kHead + kKey + static_cast<int>(learners_.size()) * kRow};
}

QString ProgressView::words(const core::LearnerProgress& learner, std::size_t guide) const {
    const auto& g = learner.guides[guide];
    QString out = tr("%1, %2: %3").arg(text(learner.learner), names_[static_cast<qsizetype>(guide)], text(core::words_of(g.stage)));
    if (g.runs > 0) out += tr(", %1, last on %2").arg(tr("%n runs", "1 run", static_cast<int>(g.runs)), text(g.last));
    return out;
}

QString ProgressView::words() const {
    QStringList out;
    for (const auto& l : learners_)
        for (std::size_t i = 0; i < l.guides.size(); ++i)
            if (l.guides[i].stage != Stage::Nothing) out << words(l, i);
    return out.join(QLatin1Char('\n'));
}

void ProgressView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (learners_.empty()) {
        p.setFont(theme::font("text"));
        p.setPen(theme::colour("second"));
        p.drawText(rect(), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
            tr("No learner is in the register yet. Add them at Issue, under Learners; then it stands here how far each is."));
        return;
    }
    p.setFont(theme::font("small"));
    for (qsizetype i = 0; i < names_.size(); ++i) {
        p.setPen(theme::colour("ink"));
        p.drawText(QRectF(kName + static_cast<double>(i) * kColumn + 4, 0, kColumn - 8, kHead - 6),
            Qt::AlignHCenter | Qt::AlignBottom | Qt::TextWordWrap, names_[i]);
    }
    double y = kHead;
    for (const auto& l : learners_) {
        p.setPen(QPen(theme::colour("rule"), 1));
        p.drawLine(QPointF(0, y), QPointF(width(), y));
        p.setPen(theme::colour("ink"));
        p.setFont(theme::font("text"));
        p.drawText(QRectF(0, y, kName - 8, kRow), Qt::AlignLeft | Qt::AlignVCenter,
            QFontMetrics(p.font()).elidedText(text(l.learner), Qt::ElideRight, kName - 8));
        for (std::size_t i = 0; i < l.guides.size(); ++i) {
            const QPointF at(kName + static_cast<double>(i) * kColumn + kColumn / 2.0 - 8, y + kRow / 2.0);
            paint_stage(p, at, l.guides[i].stage);
            if (l.guides[i].runs < 2) continue;
            p.setFont(theme::font("small"));
            p.setPen(theme::colour("second"));
            p.drawText(QRectF(at.x() + 12, y, 40, kRow), Qt::AlignLeft | Qt::AlignVCenter, QStringLiteral("%1 ×").arg(l.guides[i].runs));
        }
        y += kRow;
    }
    p.setFont(theme::font("small"));
    double x = 8;
    for (const auto& [stage, words] :
        {std::pair(Stage::HandedOut, tr("has it")), std::pair(Stage::Learned, tr("learned")), std::pair(Stage::NotYet, tr("not yet")),
            std::pair(Stage::Worked, tr("worked")), std::pair(Stage::WithHelp, tr("with help")), std::pair(Stage::Alone, tr("alone"))}) {
        paint_stage(p, {x + 8, y + kKey / 2.0}, stage);
        p.setPen(theme::colour("second"));
        const double wide = QFontMetricsF(p.font()).horizontalAdvance(words);
        p.drawText(QRectF(x + 20, y, wide + 4, kKey), Qt::AlignLeft | Qt::AlignVCenter, words);
        x += wide + 38;
    }
}

bool ProgressView::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const int row = (help->pos().y() - kHead) / kRow;
    const int column = (help->pos().x() - kName) / kColumn;
    if (help->pos().y() >= kHead && help->pos().x() >= kName && row < static_cast<int>(learners_.size()) &&
        column < static_cast<int>(names_.size()))
        QToolTip::showText(help->globalPos(), words(learners_[static_cast<std::size_t>(row)], static_cast<std::size_t>(column)), this);
    return true;
}

std::vector<spoken::Painted> ProgressView::painted() const {
    std::vector<spoken::Painted> out;
    for (std::size_t row = 0; row < learners_.size(); ++row) {
        const int top = kHead + static_cast<int>(row) * kRow;
        out.push_back({.role = QAccessible::Row, .name = text(learners_[row].learner), .box = QRect(0, top, width(), kRow)});
        for (std::size_t i = 0; i < learners_[row].guides.size(); ++i)
            out.push_back({.role = QAccessible::Cell,
                .name = words(learners_[row], i),
                .box = QRect(kName + static_cast<int>(i) * kColumn, top, kColumn, kRow),
                .depth = 1});
    }
    return out;
}

}  // namespace anagraph::app
