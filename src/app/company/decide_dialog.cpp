#include "app/company/decide_dialog.h"

#include <QDateTime>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/edits/conflict_words.h"

namespace anagraph::app {

using theme::text;

namespace {

QString clock_of(const std::string& utc) {
    return QDateTime::fromString(text(utc), Qt::ISODate).toLocalTime().toString(QStringLiteral("HH:mm"));
}

}  // namespace

DecideDialog::DecideDialog(Session& session, QWidget* parent) : QDialog(parent), session_(session) {
    setWindowTitle(tr("Two changes of one thing"));
    setMinimumSize(860, 420);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    down->setSpacing(12);
    what_ = title_label(QString(), this);
    what_->setWordWrap(true);
    down->addWidget(what_);
    left_ = quiet_label(QString(), this);
    down->addWidget(left_);
    auto* across = new QHBoxLayout;
    across->setSpacing(12);
    mine_ = column(across, tr("Yours"), "accent");
    theirs_ = column(across, tr("Theirs, as it stands now"), "seen");
    before_ = column(across, tr("Before"), "strong");
    down->addLayout(across, 1);
    auto* row = new QHBoxLayout;
    auto* later = new QPushButton(tr("Decide &later"), this);
    later->setToolTip(tr("Yours stays on this computer; theirs stands in the guide until then."));
    mine_stands_ = new QPushButton(tr("&Mine stands"), this);
    mine_stands_->setToolTip(tr("Where both changed the same, yours takes the place of theirs. What else they changed stays."));
    theirs_stands_ = new QPushButton(tr("&Theirs stands"), this);
    theirs_stands_->setToolTip(tr("Yours is given up."));
    row->addWidget(later);
    row->addStretch(1);
    row->addWidget(theirs_stands_);
    row->addWidget(mine_stands_);
    for (auto* button : {later, mine_stands_, theirs_stands_}) button->setAutoDefault(false);
    down->addLayout(row);
    connect(later, &QPushButton::clicked, this, &QDialog::reject);
    connect(mine_stands_, &QPushButton::clicked, this, [this] { decide(true); });
    connect(theirs_stands_, &QPushButton::clicked, this, [this] { decide(false); });
    show_next();
}

DecideDialog::Column DecideDialog::column(QHBoxLayout* across, const QString& title, const char* edge) {
    auto* card = new QFrame(this);
    card->setObjectName(QStringLiteral("card"));
    card->setStyleSheet(QStringLiteral("QFrame#card { border-top: 4px solid %1; }").arg(theme::colour(edge).name()));
    auto* down = new QVBoxLayout(card);
    down->setContentsMargins(14, 10, 14, 12);
    auto* name = title_label(title, card);
    auto* whose = quiet_label(QString(), card);
    auto* words = new QLabel(card);
    words->setWordWrap(true);
    words->setTextFormat(Qt::PlainText);
    words->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    words->setAccessibleName(title);
    down->addWidget(name);
    down->addWidget(whose);
    auto* scroll = new QScrollArea(card);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setStyleSheet(QStringLiteral("background: transparent;"));
    scroll->setWidgetResizable(true);
    scroll->setWidget(words);
    down->addWidget(scroll, 1);
    across->addWidget(card, 1);
    return {whose, words};
}

void DecideDialog::show_value(const Column& column, const nlohmann::json& value, const QString& none) {
    QStringList lines;
    for (const auto& line : core::conflict_lines(value)) lines << text(line);
    column.words->setText(lines.isEmpty() ? none : lines.join(QStringLiteral("\n")));
    column.words->setEnabled(!lines.isEmpty());
}

void DecideDialog::show_next() {
    const auto& all = session_.waiting().all();
    int left = 0;
    for (std::size_t i = all.size(); i-- > 0;)
        if (all[i].conflict) {
            index_ = i;
            ++left;
        }
    if (left == 0) return accept();
    const auto& w = all[index_];
    const auto& c = *w.conflict;
    QString what = text(c.what);
    if (!what.isEmpty()) what[0] = what[0].toUpper();
    what_->setText(what);
    left_->setText(left == 1 ? tr("You and somebody else changed this. Which of the two stands?")
                             : tr("You and somebody else changed this. Which of the two stands? After it %1 more.").arg(left - 1));
    mine_.whose->setText(tr("%1, %2: %3").arg(text(w.author), clock_of(w.at), theme::label_words(w.change.label)));
    const auto since = session_.library().history(w.guide, w.base);
    const auto other = since && !since->empty()
        ? std::find_if(since->rbegin(), since->rend(), [&](const auto& h) { return h.author != w.author; })
        : std::vector<store::HistoryEntry>::const_reverse_iterator{};
    theirs_.whose->setText(since && !since->empty() && other != since->rend()
            ? tr("%1, %2: %3").arg(text(other->author), clock_of(other->at), theme::label_words(other->change.label))
            : QString());
    before_.whose->setText(tr("what both came from"));
    show_value(mine_, c.mine, tr("not there: you removed it, or nothing can be shown of it"));
    show_value(theirs_, c.theirs, tr("not there: removed"));
    show_value(before_, c.base, tr("not there yet"));
    mine_stands_->setDefault(false);
    theirs_stands_->setFocus();
}

void DecideDialog::decide(bool mine) {
    if (session_.settle(index_, mine)) show_next();
}

}  // namespace anagraph::app
