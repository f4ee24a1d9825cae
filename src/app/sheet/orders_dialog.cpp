#include "app/sheet/orders_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/editing/line_actions.h"
#include "core/procedure/text.h"
#include "core/procedure/verbs.h"

namespace anagraph::app {

using theme::text;

QString order_words(const core::Procedure& p, const core::Action& a) {
    const auto named = [&](const std::vector<core::ItemId>& ids) {
        QStringList out;
        for (const auto& id : ids) {
            const auto* item = p.find(id);
            out << text(item == nullptr ? id.text() : item->name);
        }
        return out.join(QObject::tr(" and "));
    };
    QString out = text(a.verb);
    if (!a.items.empty()) out += QLatin1Char(' ') + named(a.items);
    if (const auto* f = p.find(a.figure)) out += QStringLiteral(" (%1)").arg(text(core::words_of(f->value)));
    if (!a.needs.empty())
        out += (core::verb_of(a.verb) == core::Verb::Drain ? QObject::tr(", into %1") : QObject::tr(", with %1")).arg(named(a.needs));
    return out;
}

OrdersDialog::OrdersDialog(const core::Procedure& p, const core::Step& step, std::size_t line, QWidget* parent)
    : QDialog(parent), p_(p), line_(step.lines[line]), actions_(core::actions_of_line(step, line, p.items)) {
    setWindowTitle(tr("What the line orders"));
    setMinimumWidth(600);
    build(text(core::rendered(p, line_)));
    fill();
}

void OrdersDialog::build(const QString& line) {
    commands_ = new Commands(tr("Orders"), this);
    const QString group = tr("Orders");
    commands_->add(
        {"orders.add", tr("Add order"), Qt::ALT | Qt::Key_A, tr("One more thing that the line orders."), group, {}, [this] { add(); }});
    commands_->add({"orders.remove", tr("Remove order"), Qt::ALT | Qt::Key_R, tr("The line does not order this."), group, {},
        [this] { remove(); }, [this] { return unless(shown_ >= 0, tr("The line orders nothing.")); }});
    commands_->add({"orders.as-read", tr("As it reads"), Qt::ALT | Qt::Key_D,
        tr("What was put right goes; the line is taken as it reads by itself."), group, {}, [this] { as_read(); },
        [this] { return unless(actions_ != core::actions_of_line(line_, p_.items), tr("The line is taken as it reads.")); }});
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    auto* words = title_label(line, this);
    words->setWordWrap(true);
    down->addWidget(words);
    list_ = new QListWidget(this);
    list_->setAccessibleName(tr("Orders of the line"));
    list_->setFixedHeight(list_->fontMetrics().lineSpacing() * 6);
    down->addWidget(list_);
    down->addLayout(
        command_line(*commands_, {QStringLiteral("orders.add"), QStringLiteral("orders.remove"), QStringLiteral("orders.as-read")}, this));
    auto* form = new QFormLayout;
    verb_ = new QComboBox(this);
    for (const auto& v : core::all_of<core::Verb>()) verb_->addItem(text(core::words_of(v.value)), text(std::string(v.name)));
    form->addRow(tr("&Verb"), verb_);
    const auto ticks = [&](const QString& name, bool tools) {
        auto* box = new QListWidget(this);
        box->setAccessibleName(name);
        box->setFixedHeight(box->fontMetrics().lineSpacing() * 6);
        for (const auto& i : p_.items) {
            const bool tool = i.kind == core::ItemKind::Tool || i.kind == core::ItemKind::Vessel || i.kind == core::ItemKind::Protection;
            if (tools && !tool) continue;
            auto* entry = new QListWidgetItem(text(i.name), box);
            entry->setData(Qt::UserRole, text(i.id.text()));
            entry->setFlags(entry->flags() | Qt::ItemIsUserCheckable);
            entry->setCheckState(Qt::Unchecked);
        }
        return box;
    };
    items_ = ticks(tr("Done to"), false);
    form->addRow(tr("Done &to"), items_);
    needs_ = ticks(tr("Done with"), true);
    form->addRow(tr("Done &with"), needs_);
    figure_ = new QComboBox(this);
    figure_->addItem(tr("no figure"), QString());
    for (const auto& f : p_.figures)
        figure_->addItem(QStringLiteral("%1: %2").arg(text(core::title_of(p_, f)), text(core::words_of(f.value))), text(f.id.text()));
    form->addRow(tr("To the &figure"), figure_);
    down->addLayout(form);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    down->addWidget(buttons);
    connect(list_, &QListWidget::currentRowChanged, this, &OrdersDialog::show_action);
    connect(verb_, &QComboBox::activated, this, &OrdersDialog::keep_action);
    connect(figure_, &QComboBox::activated, this, &OrdersDialog::keep_action);
    for (auto* box : {items_, needs_}) connect(box, &QListWidget::itemChanged, this, &OrdersDialog::keep_action);
}

void OrdersDialog::fill() {
    const int kept = list_->currentRow();
    {
        const QSignalBlocker quiet(list_);
        list_->clear();
        for (const auto& a : actions_) new QListWidgetItem(order_words(p_, a), list_);
        list_->setCurrentRow(std::clamp(kept, actions_.empty() ? -1 : 0, static_cast<int>(actions_.size()) - 1));
    }
    show_action();
}

void OrdersDialog::show_action() {
    shown_ = list_->currentRow();
    const bool any = shown_ >= 0 && shown_ < static_cast<int>(actions_.size());
    if (!any) shown_ = -1;
    for (QWidget* w :
        {static_cast<QWidget*>(verb_), static_cast<QWidget*>(items_), static_cast<QWidget*>(needs_), static_cast<QWidget*>(figure_)})
        w->setEnabled(any);
    commands_->refresh();
    if (!any) return;
    const auto& a = actions_[static_cast<std::size_t>(shown_)];
    const auto verb = core::verb_of(a.verb);
    verb_->setCurrentIndex(verb ? verb_->findData(text(std::string(core::name_of(*verb)))) : -1);
    figure_->setCurrentIndex(std::max(0, figure_->findData(text(a.figure.text()))));
    for (const auto& [box, ids] : {std::pair(items_, &a.items), std::pair(needs_, &a.needs)}) {
        const QSignalBlocker quiet(box);
        for (int i = 0; i < box->count(); ++i) {
            const core::ItemId id(box->item(i)->data(Qt::UserRole).toString().toStdString());
            box->item(i)->setCheckState(std::find(ids->begin(), ids->end(), id) != ids->end() ? Qt::Checked : Qt::Unchecked);
        }
    }
}

void OrdersDialog::keep_action() {
    if (shown_ < 0) return;
    auto& a = actions_[static_cast<std::size_t>(shown_)];
    a.verb = verb_->currentData().toString().toStdString();
    a.figure = core::FigureId(figure_->currentData().toString().toStdString());
    for (const auto& [box, ids] : {std::pair(items_, &a.items), std::pair(needs_, &a.needs)}) {
        // in the order in which they were named, new ones behind
        for (int i = 0; i < box->count(); ++i) {
            const core::ItemId id(box->item(i)->data(Qt::UserRole).toString().toStdString());
            const bool ticked = box->item(i)->checkState() == Qt::Checked;
            const auto it = std::find(ids->begin(), ids->end(), id);
            if (ticked && it == ids->end()) ids->push_back(id);
            if (!ticked && it != ids->end()) ids->erase(it);
        }
    }
    if (auto* entry = list_->item(shown_)) entry->setText(order_words(p_, a));
    commands_->refresh();
}

void OrdersDialog::add() {
    actions_.push_back({"inspect", {}, {}, {}});
    fill();
    list_->setCurrentRow(static_cast<int>(actions_.size()) - 1);
    verb_->setFocus();
}

void OrdersDialog::remove() {
    if (shown_ < 0) return;
    actions_.erase(actions_.begin() + shown_);
    fill();
}

void OrdersDialog::as_read() {
    actions_ = core::actions_of_line(line_, p_.items);
    fill();
}

}  // namespace anagraph::app
