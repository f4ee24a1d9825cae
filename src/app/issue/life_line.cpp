#include "app/issue/life_line.h"

#include <QPainter>
#include <QStyledItemDelegate>
#include <algorithm>

#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;
using Stage = shop::LifeStage;

namespace {

constexpr int kLineX = 22;    // where the line runs
constexpr int kNode = 15;     // size of what stands on it
constexpr int kWords = 46;    // where words begin
constexpr int kTop = 9;       // above the title of a stage
constexpr int kBetween = 13;  // below the last detail
constexpr int kShare = 9;     // height of the bar of a review

QFont title_font(const Stage& s) { return theme::font("text", s.mark != Stage::Mark::Ahead); }

QRect words_rect(const QFont& font, int width, const QString& words) {
    return QFontMetrics(font).boundingRect(QRect(0, 0, width - kWords - 10, 10000), Qt::TextWordWrap, words);
}

int height_of(const Stage& s, int width) {
    int out = kTop + words_rect(title_font(s), width, text(s.title)).height();
    for (const auto& d : s.details) out += 2 + words_rect(theme::font("small"), width, text(d)).height();
    return out + (s.share >= 0 ? kShare + 6 : 0) + kBetween;
}

QColor ink_of(const Stage& s) {
    if (s.mark == Stage::Mark::Ahead) return theme::colour("second");
    return theme::colour(s.mark == Stage::Mark::Now ? "accent" : "ink");
}

/// An issued edition is a square, filled, or crossed out where it was withdrawn; what is not issued is a round: filled where the work
/// is just now, with a border where it is done, pale where it comes.
void paint_node(QPainter& p, const Stage& s, const QPointF& at) {
    const QRectF box(at.x() - kNode / 2.0, at.y() - kNode / 2.0, kNode, kNode);
    p.setRenderHint(QPainter::Antialiasing);
    const QColor ink = s.mark == Stage::Mark::Ahead ? theme::colour("strong") : ink_of(s);
    p.setPen(QPen(ink, 2.4));
    if (s.kind == Stage::Kind::Edition) {
        p.setBrush(s.mark == Stage::Mark::Withdrawn ? theme::colour("sheet") : theme::colour("ink"));
        p.drawRect(box);
        if (s.mark == Stage::Mark::Withdrawn) {
            p.drawLine(box.topLeft(), box.bottomRight());
            p.drawLine(box.topRight(), box.bottomLeft());
        }
        return;
    }
    p.setBrush(s.mark == Stage::Mark::Now ? theme::colour("accent") : theme::colour("sheet"));
    p.drawEllipse(box);
}

class StageDelegate : public QStyledItemDelegate {
public:
    StageDelegate(LifeLine* list) : QStyledItemDelegate(list), list_(list) {}

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override {
        const int width = list_->viewport()->width();
        return {width, height_of(list_->stages()[static_cast<std::size_t>(index.row())], width)};
    }

    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const auto& stages = list_->stages();
        const auto row = static_cast<std::size_t>(index.row());
        const Stage& s = stages[row];
        p->save();
        const QRect r = option.rect;
        if (option.state & QStyle::State_Selected) p->fillRect(r, theme::colour("wash"));
        const int title = QFontMetrics(title_font(s)).height();
        const QPointF node(r.left() + kLineX, r.top() + kTop + title / 2.0);
        const bool done = s.mark != Stage::Mark::Ahead;
        const bool next_done = row + 1 < stages.size() && stages[row + 1].mark != Stage::Mark::Ahead;
        p->setPen(QPen(theme::colour(done ? "ink" : "strong"), 2));
        if (row > 0) p->drawLine(QPointF(node.x(), r.top()), node);
        if (row + 1 < stages.size()) {
            p->setPen(QPen(theme::colour(next_done ? "ink" : "strong"), 2));
            p->drawLine(node, QPointF(node.x(), r.bottom() + 1));
        }
        paint_node(*p, s, node);
        QRect words(r.left() + kWords, r.top() + kTop, r.width() - kWords - 10, r.height());
        const auto line = [&](const QString& what, const QFont& font, const QColor& colour, int gap) {
            p->setFont(font);
            p->setPen(colour);
            const int high = words_rect(font, r.width(), what).height();
            p->drawText(QRect(words.left(), words.top(), words.width(), high), Qt::TextWordWrap, what);
            words.setTop(words.top() + high + gap);
        };
        line(text(s.title), title_font(s), ink_of(s), 2);
        for (std::size_t i = 0; i < s.details.size(); ++i)
            line(text(s.details[i]), theme::font("small"),
                s.mark == Stage::Mark::Withdrawn && i > 0 ? theme::colour("danger") : theme::colour("second"), 2);
        if (s.share >= 0) {
            const QRectF bar(words.left(), words.top() + 4, std::min(180, words.width()), kShare);
            p->fillRect(bar, theme::colour("band"));
            p->fillRect(QRectF(bar.left(), bar.top(), bar.width() * s.share, bar.height()), theme::colour("accent"));
        }
        if (option.state & QStyle::State_HasFocus) {
            p->setPen(QPen(theme::colour("accent"), 1.5));
            p->setBrush(Qt::NoBrush);
            p->drawRect(QRectF(r).adjusted(1, 1, -1, -1));
        }
        p->restore();
    }

private:
    LifeLine* list_;
};

}  // namespace

LifeLine::LifeLine(QWidget* parent) : QListWidget(parent) {
    setItemDelegate(new StageDelegate(this));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setResizeMode(QListView::Adjust);
    setAccessibleName(tr("Life of the editions"));
}

void LifeLine::show_life(std::vector<shop::LifeStage> stages) {
    const QSignalBlocker quiet(this);
    const int kept = currentRow();
    const bool same = stages.size() == stages_.size();
    stages_ = std::move(stages);
    clear();
    for (const auto& s : stages_) {
        auto* item = new QListWidgetItem(this);
        QStringList spoken{text(s.title)};
        for (const auto& d : s.details) spoken << text(d);
        item->setData(Qt::AccessibleTextRole, spoken.join(QStringLiteral(", ")));
        item->setData(Qt::UserRole, s.kind == Stage::Kind::Edition ? s.edition : 0);
    }
    if (same && kept >= 0) setCurrentRow(kept);
}

int LifeLine::whole_height() const {
    int out = 2 * frameWidth() + 2;
    for (const auto& s : stages_) out += height_of(s, viewport()->width());
    return out;
}

int LifeLine::edition() const { return currentItem() == nullptr ? 0 : currentItem()->data(Qt::UserRole).toInt(); }

void LifeLine::choose_edition(int number) {
    for (int i = 0; i < count(); ++i)
        if (item(i)->data(Qt::UserRole).toInt() == number) setCurrentRow(i);
}

}  // namespace anagraph::app
