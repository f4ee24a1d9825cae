#include "app/issue/place_panel.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/issue/compared_words.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

namespace {

QString block(const QString& title, const QStringList& sentences) {
    if (sentences.isEmpty()) return {};
    QString out = QStringLiteral("<p style='margin: 0 0 9px 0'><b>%1</b>").arg(title.toHtmlEscaped());
    for (const auto& s : sentences) out += QStringLiteral("<br>") + s.toHtmlEscaped();
    return out + QStringLiteral("</p>");
}

QStringList list_of(const std::vector<core::Words>& sentences) {
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
    out->setAccessibleDescription(name);
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
    was_->setText(html_of(seen.text.was, Side::Was));
    is_->setText(html_of(seen.text.is, before > 0 ? Side::Is : Side::Alone));
    line_->show_change(seen.was, seen.is, tr("edition %1").arg(before), tr("now"));
    QStringList comments;
    for (const auto& c : seen.comments)
        comments << tr("%1, %2: %3").arg(text(c.who), text(core::Words::day(c.on)), text(c.text)) +
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
