#include "app/sheet/sheet_station.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/theme.h"
#include "core/procedure/open_points.h"

namespace anagraph::app {

using theme::text;

SheetStation::SheetStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    auto* page = new QWidget(scroll_);
    page->setObjectName(QStringLiteral("station"));
    stack_ = new QVBoxLayout(page);
    stack_->setContentsMargins(20, 16, 20, 30);
    stack_->setSpacing(12);
    safety_ = new QLabel(page);
    safety_->setWordWrap(true);
    safety_->setTextFormat(Qt::RichText);
    safety_->setContentsMargins(14, 10, 14, 10);
    safety_->setStyleSheet(QStringLiteral("border: 2px solid %1; background: #fff;").arg(theme::colour("ink").name()));
    stack_->addWidget(safety_);
    stack_->addStretch(1);
    scroll_->setWidget(page);
    across->addWidget(scroll_, 1);

    auto* side = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    side->setFixedWidth(316);
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(16, 16, 16, 16);
    points_title_ = titled(QString(), side);
    down->addWidget(points_title_);
    points_ = new QListWidget(side);
    points_->setWordWrap(true);
    points_->setFrameShape(QFrame::NoFrame);
    points_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    points_->setAccessibleName(tr("Open points of the sheet"));
    down->addWidget(points_, 1);
    down->addWidget(second(tr("Enter in a line begins the next one; type { to name a figure or an item; Backspace in an empty line takes it out."), side));
    const auto row = [&](std::initializer_list<KeyButton*> buttons) {
        auto* line = new QHBoxLayout;
        for (auto* b : buttons) line->addWidget(b);
        line->addStretch(1);
        down->addLayout(line);
    };
    auto* add = new KeyButton(tr("New step"), QKeySequence(Qt::CTRL | Qt::Key_Return), this, true);
    auto* caution = new KeyButton(tr("Caution"), QKeySequence(Qt::CTRL | Qt::Key_W), this);
    auto* check = new KeyButton(tr("Check"), QKeySequence(Qt::CTRL | Qt::Key_T), this);
    auto* up = new KeyButton(tr("Up"), QKeySequence(Qt::ALT | Qt::Key_Up), this);
    auto* lower = new KeyButton(tr("Down"), QKeySequence(Qt::ALT | Qt::Key_Down), this);
    auto* remove = new KeyButton(tr("Remove step"), QKeySequence(Qt::CTRL | Qt::Key_Backspace), this);
    row({add});
    row({caution});
    row({check});
    row({up, lower});
    row({remove});
    connect(add, &QPushButton::clicked, this, &SheetStation::add_step);
    connect(caution, &QPushButton::clicked, this, [this] { if (auto* c = current()) c->add_caution(); });
    connect(check, &QPushButton::clicked, this, [this] { if (auto* c = current()) c->add_check(); });
    connect(up, &QPushButton::clicked, this, [this] { move_step(-1); });
    connect(lower, &QPushButton::clicked, this, [this] { move_step(1); });
    connect(remove, &QPushButton::clicked, this, &SheetStation::remove_step);
    connect(points_, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) {
        session_.set_step(core::StepId(item->data(Qt::UserRole).toString().toStdString()));
        if (auto* c = current()) c->focus_line(0);
    });
    across->addWidget(side);
    connect(&session_, &Session::changed, this, &SheetStation::refresh);
    connect(&session_, &Session::step_changed, this, &SheetStation::mark_current);
    refresh();
}

void SheetStation::showEvent(QShowEvent*) {
    refresh();
    if (auto* c = current()) {
        c->focus_heading();
        QMetaObject::invokeMethod(
            this, [this] { if (auto* card = current()) scroll_->ensureWidgetVisible(card, 0, 40); }, Qt::QueuedConnection);
    }
}

StepCard* SheetStation::current() {
    const auto it = std::find_if(cards_.begin(), cards_.end(), [&](StepCard* c) { return c->step() == session_.step(); });
    return it == cards_.end() ? nullptr : *it;
}

void SheetStation::refresh() {
    const auto& p = session_.procedure();
    safety_->setText(QStringLiteral("<b>%1</b> &nbsp; %2").arg(tr("READ FIRST"), text(std::string(core::safety_statement())).toHtmlEscaped()));
    const bool same = cards_.size() == p.steps.size() && std::equal(cards_.begin(), cards_.end(), p.steps.begin(), [](StepCard* c, const core::Step& s) { return c->step() == s.id; });
    if (!same) {
        // cards are kept by step, so that a moved step keeps its fields and the typing in them
        std::vector<StepCard*> next;
        for (const auto& s : p.steps) {
            const auto it = std::find_if(cards_.begin(), cards_.end(), [&](StepCard* c) { return c != nullptr && c->step() == s.id; });
            if (it != cards_.end()) {
                next.push_back(*it);
                *it = nullptr;
            } else {
                auto* card = new StepCard(session_, s.id, scroll_->widget());
                connect(card, &StepCard::entered, this, &SheetStation::mark_current);
                next.push_back(card);
            }
        }
        for (auto* c : cards_)
            if (c != nullptr) {
                c->hide();
                c->deleteLater();
            }
        cards_ = std::move(next);
        for (std::size_t i = 0; i < cards_.size(); ++i) stack_->insertWidget(static_cast<int>(i) + 1, cards_[i]);
    }
    for (auto* c : cards_) c->refresh();
    points_->clear();
    int count = 0;
    for (const auto& point : core::open_points(p)) {
        if (point.station != core::Station::Sheet) continue;
        auto* item = new QListWidgetItem(text(point.text), points_);
        item->setData(Qt::UserRole, text(point.step.text()));
        ++count;
    }
    points_title_->setText(p.steps.empty() ? tr("No steps yet") : count == 0 ? tr("Nothing open here")
                                                                             : theme::counted(count, tr("1 point open"), tr("%1 points open")));
}

void SheetStation::mark_current() {
    for (auto* c : cards_) c->refresh();
    if (isVisible())
        if (auto* c = current()) scroll_->ensureWidgetVisible(c, 0, 30);
}

void SheetStation::next_open() {
    if (points_->count() == 0) {
        session_.tell(tr("Nothing is open on the sheet."));
        return;
    }
    points_->setCurrentRow((points_->currentRow() + 1) % points_->count());
    emit points_->itemActivated(points_->currentItem());
}

void SheetStation::move_step(int by) {
    const auto& steps = session_.procedure().steps;
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == session_.step(); });
    const auto to = it - steps.begin() + by;
    if (it == steps.end() || to < 0 || to >= static_cast<std::ptrdiff_t>(steps.size())) return;
    if (session_.perform(core::Change{"move a step", {core::MoveStep{session_.step(), static_cast<std::size_t>(to)}}})) {
        if (auto* c = current()) {
            c->focus_heading();
            QMetaObject::invokeMethod(
                this, [this] { if (auto* card = current()) scroll_->ensureWidgetVisible(card, 0, 30); }, Qt::QueuedConnection);
        }
    }
}

void SheetStation::add_step() {
    const auto& steps = session_.procedure().steps;
    const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == session_.step(); });
    core::Step s;
    s.id = core::fresh_id<core::StepId>("step", steps);
    const auto id = s.id;
    const std::size_t at = it == steps.end() ? steps.size() : static_cast<std::size_t>(it - steps.begin()) + 1;
    if (!session_.perform(core::Change{"add a step", {core::Put<core::Step>{std::move(s), at}}})) return;
    session_.set_step(id);
    if (auto* c = current()) c->focus_heading();
}

void SheetStation::remove_step() {
    if (session_.step().empty()) return;
    session_.perform(core::Change{"remove a step", {core::Remove<core::StepId>{session_.step()}}});
    if (auto* c = current()) c->focus_heading();
}

}  // namespace anagraph::app
