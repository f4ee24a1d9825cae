#include "app/issue/place_panel.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/figure/figure.h"

namespace anagraph::app {

using theme::text;

namespace {

QString html_of(const std::vector<core::WordRun>& runs, bool now) {
    QString out;
    for (const auto& run : runs) {
        QString words = text(run.text).toHtmlEscaped();
        // the underline ends with the word, not with the space after it
        QString after;
        while (words.endsWith(QLatin1Char(' ')) || words.endsWith(QLatin1Char('\n'))) {
            after.prepend(words.back());
            words.chop(1);
        }
        if (run.changed && !words.isEmpty())
            words = now ? QStringLiteral("<span style='text-decoration: underline; color: %1'><b>%2</b></span>")
                              .arg(theme::colour("accent").name(), words)
                        : QStringLiteral("<span style='text-decoration: line-through; color: %1'>%2</span>")
                              .arg(theme::colour("second").name(), words);
        out += words + after;
    }
    return out.replace(QLatin1Char('\n'), QLatin1String("<br>"));
}

QString block(const QString& title, const QStringList& sentences) {
    if (sentences.isEmpty()) return {};
    QString out = QStringLiteral("<p style='margin: 0 0 9px 0'><b>%1</b>").arg(title.toHtmlEscaped());
    for (const auto& s : sentences) out += QStringLiteral("<br>") + s.toHtmlEscaped();
    return out + QStringLiteral("</p>");
}

QStringList list_of(const std::vector<std::string>& sentences) {
    QStringList out;
    for (const auto& s : sentences)
        if (!s.empty()) out << text(s);
    return out;
}

QFrame* card(QWidget* parent) {
    auto* out = new QFrame(parent);
    out->setObjectName(QStringLiteral("card"));
    auto* down = new QVBoxLayout(out);
    down->setContentsMargins(16, 12, 16, 12);
    down->setSpacing(8);
    return out;
}

}  // namespace

ChangeLineView::ChangeLineView(QWidget* parent) : QWidget(parent) { setFixedHeight(96); }

void ChangeLineView::show_change(const core::PlaceSeen& seen, int edition_before) {
    change_ = seen.was && seen.is ? core::change_line(*seen.was, *seen.is) : core::ChangeLine{};
    setVisible(change_.line.drawable);
    if (!change_.line.drawable) return;
    was_ = tr("edition %1: %2").arg(edition_before).arg(text(core::text_of(seen.was->value)));
    is_ = tr("now: %1").arg(text(core::text_of(seen.is->value)));
    setAccessibleName(tr("On the number line: %1; %2").arg(was_, is_));
    update();
}

void ChangeLineView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double left = 30;
    const double right = width() - 30;
    const double base = height() - 30;
    const auto x = [&](double value) { return left + change_.line.place(value) * (right - left); };
    if (change_.line.band_to > change_.line.band_from)
        p.fillRect(
            QRectF(x(change_.line.band_from), base - 22, x(change_.line.band_to) - x(change_.line.band_from), 22), theme::colour("band"));
    p.setPen(QPen(theme::colour("ink"), 1.6));
    p.drawLine(QPointF(left, base), QPointF(right, base));
    p.setFont(theme::font("small"));
    for (const double tick : change_.line.ticks) {
        p.drawLine(QPointF(x(tick), base), QPointF(x(tick), base + 6));
        p.drawText(QRectF(x(tick) - 40, base + 8, 80, 18), Qt::AlignHCenter, QString::number(tick));
    }
    const double a = x(change_.was);
    const double b = x(change_.is);
    const bool up = b >= a;
    const QFontMetricsF small(theme::font("small"));
    // the two labels stand away from each other, within the line's own room
    const auto label = [&](double at, const QString& words, bool to_left, const QFont& font, const QColor& ink) {
        const double wide = QFontMetricsF(font).horizontalAdvance(words) + 4;
        const double from = std::clamp(to_left ? at - wide + 8 : at - 8, 0.0, std::max(0.0, width() - wide));
        p.setFont(font);
        p.setPen(ink);
        p.drawText(QRectF(from, base - 62, wide, 18), Qt::AlignVCenter | Qt::AlignLeft, words);
    };
    label(a, was_, up, theme::font("small"), theme::colour("second"));
    label(b, is_, !up, theme::font("small", true), theme::colour("accent"));
    p.setPen(QPen(theme::colour("second"), 2));
    p.drawLine(QPointF(a, base), QPointF(a, base - 40));
    p.setPen(QPen(theme::colour("accent"), 3));
    p.drawLine(QPointF(b, base), QPointF(b, base - 40));
    if (std::abs(b - a) > 16) {
        const double tip = b - (up ? 5 : -5);
        p.setPen(QPen(theme::colour("accent"), 1.6));
        p.drawLine(QPointF(a + (up ? 5 : -5), base - 32), QPointF(tip, base - 32));
        p.setBrush(theme::colour("accent"));
        const double back = up ? -9 : 9;
        p.drawPolygon(QPolygonF({QPointF(tip, base - 32), QPointF(tip + back, base - 36), QPointF(tip + back, base - 28)}));
    }
}

PlacePanel::PlacePanel(QWidget* parent) : QScrollArea(parent) {
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("The place in hand"));
    auto* whole = new QWidget(this);
    whole->setObjectName(QStringLiteral("station"));
    auto* down = new QVBoxLayout(whole);
    down->setContentsMargins(0, 0, 8, 0);
    down->setSpacing(12);
    auto* head = new QHBoxLayout;
    head->setSpacing(10);
    title_ = title_label(QString(), whole);
    title_->setWordWrap(true);
    where_ = quiet_label(QString(), whole);
    where_->setWordWrap(false);
    head->addWidget(title_, 1);
    head->addWidget(where_, 0, Qt::AlignRight | Qt::AlignVCenter);
    down->addLayout(head);
    auto* pair = new QHBoxLayout;
    pair->setSpacing(14);
    was_card_ = card(whole);
    is_card_ = card(whole);
    is_card_->setStyleSheet(QStringLiteral("QFrame#card { border: 2px solid %1; }").arg(theme::colour("accent").name()));
    was_title_ = quiet_label(QString(), was_card_);
    is_title_ = quiet_label(tr("As it stands now"), is_card_);
    was_card_->layout()->addWidget(was_title_);
    is_card_->layout()->addWidget(is_title_);
    was_ = card_label(was_card_, tr("As it was"));
    is_ = card_label(is_card_, tr("As it stands now"));
    pair->addWidget(was_card_, 1);
    pair->addWidget(is_card_, 1);
    down->addLayout(pair);
    line_ = new ChangeLineView(whole);
    down->addWidget(line_);
    why_card_ = card(whole);
    why_ = card_label(why_card_, tr("What it rests on"));
    down->addWidget(why_card_);
    down->addStretch(1);
    setWidget(whole);
}

QLabel* PlacePanel::card_label(QFrame* card, const QString& name) {
    auto* out = new QLabel(card);
    out->setWordWrap(true);
    out->setTextFormat(Qt::RichText);
    out->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    out->setAccessibleName(name);
    out->setTextInteractionFlags(Qt::TextSelectableByMouse);
    static_cast<QVBoxLayout*>(card->layout())->addWidget(out, 1);
    return out;
}

void PlacePanel::show_place(const QString& title, const QString& where, const core::PlaceSeen& seen, int before) {
    title_->setText(title);
    where_->setText(where);
    was_title_->setText(tr("Edition %1").arg(before));
    was_card_->setVisible(!seen.text.was.empty());
    is_card_->show();
    was_->setText(html_of(seen.text.was, false));
    is_->setText(html_of(seen.text.is, before > 0));
    line_->show_change(seen, before);
    QStringList comments;
    for (const auto& c : seen.comments)
        comments << tr("%1, %2: %3").arg(text(c.who), text(c.on), text(c.text)) +
                (c.answer.empty() ? QString() : tr(" Answer: %1").arg(text(c.answer)));
    QString why = block(tr("Why"), list_of(seen.why)) + block(tr("Dry run"), list_of(seen.dry_run)) + block(tr("Comments"), comments);
    if (!seen.learned.empty()) why += block(tr("Who learned it"), {text(seen.learned)});
    why_->setText(why);
    why_card_->setVisible(!why.isEmpty());
    verticalScrollBar()->setValue(0);
}

void PlacePanel::show_words(const QString& title, const QString& where, const QStringList& sentences) {
    title_->setText(title);
    where_->setText(where);
    was_card_->hide();
    is_card_->hide();
    line_->hide();
    QString words;
    for (const auto& s : sentences) words += QStringLiteral("<p style='margin: 0 0 8px 0'>%1</p>").arg(s.toHtmlEscaped());
    why_->setText(words);
    why_card_->setVisible(!words.isEmpty());
    verticalScrollBar()->setValue(0);
}

QString PlacePanel::told() const {
    QStringList out{title_->text(), where_->text()};
    for (const auto* label : {was_, is_, why_})
        if (label->isVisibleTo(this)) out << without_markup(label->text());
    return out.join(QLatin1Char('\n'));
}

}  // namespace anagraph::app
