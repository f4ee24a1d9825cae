#include "app/window/practice_dialog.h"

#include <QDialogButtonBox>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/window/help_words.h"

namespace anagraph::app {

using core::Task;
using theme::text;

PracticeDialog::PracticeDialog(Session& session, const std::vector<Commands*>& stations, std::function<void(Task)> go, QWidget* parent)
    : QDialog(parent),
      session_(session),
      stations_(stations),
      list_(new QListWidget(this)),
      todo_(new QLabel(this)),
      state_(new QLabel(this)),
      go_(new QPushButton(tr("Go there"), this)) {
    setWindowTitle(tr("Three tasks"));
    setMinimumWidth(460);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(24, 20, 24, 18);
    down->setSpacing(10);
    down->addWidget(title_label(tr("Three tasks on the demo guide"), this));
    down->addWidget(quiet_label(tr("Do them in any way you like; what stands in the guide counts. Undo takes everything back."), this));
    list_->setAccessibleName(tr("Tasks"));
    for (const auto& task : core::all_of<Task>()) {
        auto* row = new QListWidgetItem(list_);
        row->setData(Qt::UserRole, static_cast<int>(task.value));
    }
    down->addWidget(list_);
    todo_->setWordWrap(true);
    todo_->setTextFormat(Qt::RichText);
    todo_->setAlignment(Qt::AlignTop);
    down->addWidget(todo_, 1);
    state_->setWordWrap(true);
    down->addWidget(state_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    buttons->addButton(go_, QDialogButtonBox::ActionRole);
    down->addWidget(buttons);
    const auto chosen = [this] { return static_cast<Task>(list_->currentItem()->data(Qt::UserRole).toInt()); };
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(list_, &QListWidget::currentRowChanged, this, &PracticeDialog::follow);
    connect(go_, &QPushButton::clicked, this, [chosen, go] { go(chosen()); });
    connect(list_, &QListWidget::itemActivated, this, [this, chosen, go] {
        if (go_->isEnabled()) go(chosen());
    });
    connect(&session_, &Session::changed, this, &PracticeDialog::follow);
    list_->setCurrentRow(0);
    follow();
    list_->setFixedHeight(list_->sizeHintForRow(0) * list_->count() + 6);
    list_->setFocus();
}

QString PracticeDialog::todo(Task task) const {
    const auto& p = session_.procedure();
    const auto place = core::place_of(task);
    QString out;
    switch (task) {
        case Task::Settle:
            out =
                tr("<p>On the film a force is said where a torque is meant. Go to the Figures, to <b>%1</b>. Look at what was said and at "
                   "what the book gives; {figures.hear} plays the moment.</p><p>{figures.house-rule} takes the book's value, as the house "
                   "has ruled; or {figures.resolve}, with your reason.</p><p><b>What should come out:</b> its box gets a filled corner, it "
                   "is proved.</p>")
                    .arg(text(core::title_of(p, *p.find(place.figure))).toHtmlEscaped());
            break;
        case Task::CallOut:
            out = tr(
                "<p>Go to the Plates, to the picture of the suction strainer. Choose <b>%1</b> among the items; {plates.callout} gives it "
                "a number on the picture. Arrows move the number, with Shift what it points at.</p><p><b>What should come out:</b> a "
                "number that is the same in the whole guide, with a leader that crosses no other.</p>")
                      .arg(text(p.find(place.item)->name).toHtmlEscaped());
            break;
        case Task::AddCheck:
            out =
                tr("<p>Go to the Sheet, to the step <b>%1</b>. {sheet.check} adds a check: what to look at (the wing nuts), what is good "
                   "(hand tight, both), and what stops the work (one that turns without end).</p><p><b>What should come out:</b> the check "
                   "stands under the lines as the learner sees it, with all three.</p>")
                    .arg(text(p.find(place.step)->heading).toHtmlEscaped());
            break;
    }
    return with_commands(out, stations_);
}

void PracticeDialog::follow() {
    const bool here = session_.has_guide() && core::has_tasks(session_.procedure());
    const QString titles[] = {tr("Settle a figure"), tr("Call a part out"), tr("Add a check")};
    std::size_t left = 0;
    for (int row = 0; row < list_->count(); ++row) {
        const auto task = core::all_of<Task>()[static_cast<std::size_t>(row)].value;
        const bool done = here && !core::still_missing(task, session_.procedure());
        left += done ? 0 : 1;
        list_->item(row)->setText(done ? tr("%1: done").arg(titles[row]) : titles[row]);
    }
    go_->setEnabled(here);
    if (!here) {
        todo_->setText(
            tr("Open the guide “Perrick PT60 · 100 h service” of the demo library on the Shelf. <b>anagraph --demo</b> opens that "
               "library."));
        state_->clear();
        return;
    }
    const auto task = core::all_of<Task>()[static_cast<std::size_t>(std::max(0, list_->currentRow()))].value;
    todo_->setText(todo(task));
    if (const auto missing = core::still_missing(task, session_.procedure()))
        state_->setText(tr("Not done yet. %1").arg(theme::said(*missing)));
    else
        state_->setText(left == 0 ? tr("Done, and so are the others: you know your way.") : tr("Done."));
}

}  // namespace anagraph::app
