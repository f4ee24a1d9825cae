#include "app/house/house_dialog.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/house/methods_dialog.h"
#include "app/house/recogniser_dialog.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/editing/editor.h"
#include "core/fluids/refill.h"

namespace anagraph::app {

using theme::text;

namespace {

/// Asks for a pack of the store; nothing when it was called off.
class FluidDialog : public QDialog {
public:
    FluidDialog(const core::StoreFluid& fluid, QWidget* parent) : QDialog(parent) {
        setWindowTitle(HouseDialog::tr("A pack in the store"));
        setMinimumWidth(460);
        auto* form = new QFormLayout(this);
        form->setContentsMargins(20, 16, 20, 16);
        const auto field = [&](const QString& label, const QString& words, const QString& hint) {
            auto* edit = new QLineEdit(words, this);
            edit->setPlaceholderText(hint);
            ask_when_ambiguous(edit);
            form->addRow(label, edit);
            return edit;
        };
        const auto litres = [](double v) { return v > 0 ? text(core::as_typed(QString::number(v).toStdString() + " L")) : QString(); };
        name_ = field(HouseDialog::tr("&Fluid"), text(fluid.name), HouseDialog::tr("gear oil"));
        spec_ = field(HouseDialog::tr("The pack &says"), text(fluid.spec), HouseDialog::tr("75W90 GL5"));
        size_ = field(HouseDialog::tr("&Size when full"), litres(fluid.litres), HouseDialog::tr("1 L, 1 qt, 500 mL"));
        left_ = field(HouseDialog::tr("&Left in it"), litres(fluid.left), HouseDialog::tr("as much as it holds when it is closed"));
        price_ = field(HouseDialog::tr("&Price of a full one"), text(fluid.price), HouseDialog::tr("not known"));
        trouble_ = end_form(form, this);
    }
    const core::StoreFluid& fluid() const { return fluid_; }

protected:
    void accept() override {
        const auto amount = [](const QLineEdit* edit) -> core::Result<double> {
            const auto said = core::Quantity::parse(edit->text().trimmed().toStdString());
            if (!said) return tl::make_unexpected(said.error());
            const auto litres = core::amount_of(*said);
            if (!litres) return tl::make_unexpected(litres.error());
            return litres->litres;
        };
        const auto size = amount(size_);
        const auto left = left_->text().trimmed().isEmpty() ? size : amount(left_);
        const std::string price = price_->text().trimmed().toStdString();
        if (name_->text().trimmed().isEmpty())
            trouble_->setText(HouseDialog::tr("Say what fluid it is."));
        else if (!size || !left)
            trouble_->setText(text((size ? left : size).error().message));
        else if (*size <= 0 || *left < 0 || *left > *size)
            trouble_->setText(HouseDialog::tr("What is left cannot be more than its size, or less than nothing."));
        else if (!price.empty() && !core::Number::parse(price))
            trouble_->setText(HouseDialog::tr("The price is a number, as in 6.50."));
        else {
            fluid_ = {name_->text().trimmed().toStdString(), spec_->text().trimmed().toStdString(), *size, *left, price};
            QDialog::accept();
        }
    }

private:
    core::StoreFluid fluid_;
    QLineEdit* name_;
    QLineEdit* spec_;
    QLineEdit* size_;
    QLineEdit* left_;
    QLineEdit* price_;
    QLabel* trouble_;
};

}  // namespace

HouseDialog::HouseDialog(core::House house, QWidget* parent) : QDialog(parent), house_(std::move(house)) {
    setWindowTitle(tr("House settings: kept for all guides"));
    resize(1180, 640);
    build_commands();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(22, 18, 22, 18);
    down->setSpacing(12);
    auto* across = new QHBoxLayout;
    across->setSpacing(26);
    across->addLayout(rank_column(), 1);
    across->addLayout(store_column(), 1);
    across->addLayout(rules_column(), 1);
    down->addLayout(across, 1);
    methods_ = quiet_label(QString(), this);
    auto* ways = new QHBoxLayout;
    ways->addWidget(command_button(*commands_, QStringLiteral("house.methods"), this));
    ways->addWidget(methods_, 1);
    down->addLayout(ways);
    recogniser_ = quiet_label(QString(), this);
    auto* hearing = new QHBoxLayout;
    hearing->addWidget(command_button(*commands_, QStringLiteral("house.recogniser"), this));
    hearing->addWidget(recogniser_, 1);
    down->addLayout(hearing);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Keep it"));
    buttons->button(QDialogButtonBox::Ok)->setDefault(true);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    for (auto* list : {rank_, store_}) connect(list, &QListWidget::currentRowChanged, commands_, &Commands::refresh);
    // a kind of source the house has not ranked yet comes last, where it can be moved up
    for (const auto kind : core::House{}.rank)
        if (std::find(house_.rank.begin(), house_.rank.end(), kind) == house_.rank.end()) house_.rank.push_back(kind);
    show_house();
    rank_->setCurrentRow(0);
    rank_->setFocus();
}

void HouseDialog::build_commands() {
    commands_ = new Commands(tr("Workshop"), this);
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto can_move = [this](int by) {
        const int to = rank_->currentRow() + by;
        return unless(rank_->currentRow() >= 0 && to >= 0 && to < static_cast<int>(house_.rank.size()), tr("It cannot be moved further."));
    };
    const QString sources = tr("Sources");
    add({"house.move-up", tr("Move up"), Qt::ALT | Qt::Key_Up, tr("This kind of source outranks the one above it."), sources, {},
        [this] { move_rank(-1); }, [can_move] { return can_move(-1); }});
    add({"house.move-down", tr("Move down"), Qt::ALT | Qt::Key_Down, tr("The kind of source below outranks this one."), sources, {},
        [this] { move_rank(1); }, [can_move] { return can_move(1); }});
    const auto pack = [this] { return unless(store_->currentRow() >= 0, tr("No pack is chosen.")); };
    const QString store = tr("Store");
    add({"house.add-pack", tr("Add pack"), Qt::Key_N, tr("A fluid that stands in the store: what it is, how much is left."), store, {},
        [this] { edit_fluid(true); }});
    add({"house.edit-pack", tr("Edit pack"), Qt::Key_E, tr("Changes what is known of the chosen pack."), store, {},
        [this] { edit_fluid(false); }, pack});
    add({"house.used-up", tr("Used up"), Qt::Key_Delete, tr("The chosen pack is empty and goes."), store, {}, [this] { remove_fluid(); },
        pack});
    add({"house.methods", tr("Where practitioners differ"), Qt::Key_W,
        tr("What this workshop says where good practitioners do it differently."), tr("Methods"), {}, [this] {
            MethodsDialog dialog(house_.methods, this);
            if (dialog.exec() != QDialog::Accepted) return;
            house_.methods = dialog.methods();
            show_house();
        }});
    add({"house.recogniser", tr("What listens to films"), Qt::Key_L,
        tr("The program that hears what is said on films without a narration: its own, or a command of the workshop's."), tr("Hearing"), {},
        [this] {
            RecogniserDialog dialog(house_.recogniser, this);
            if (dialog.exec() != QDialog::Accepted) return;
            house_.recogniser = dialog.command();
            show_house();
        }});
}

QVBoxLayout* HouseDialog::rank_column() {
    auto* down = new QVBoxLayout;
    down->addWidget(title_label(tr("Where sources differ, the upper one holds"), this));
    rank_ = new QListWidget(this);
    rank_->setAccessibleName(tr("Which source outranks which"));
    down->addWidget(rank_, 1);
    down->addLayout(command_line(*commands_, {QStringLiteral("house.move-up"), QStringLiteral("house.move-down")}, this));
    rule_ = foot_of_column(QString());
    down->addWidget(rule_);
    return down;
}

QVBoxLayout* HouseDialog::store_column() {
    auto* down = new QVBoxLayout;
    down->addWidget(title_label(tr("In the store"), this));
    store_ = new QListWidget(this);
    store_->setAccessibleName(tr("Packs in the store"));
    down->addWidget(store_, 1);
    down->addLayout(command_line(
        *commands_, {QStringLiteral("house.add-pack"), QStringLiteral("house.edit-pack"), QStringLiteral("house.used-up")}, this));
    down->addWidget(foot_of_column(tr("What is open is used up before a new pack is opened, where the pack says it suits.")));
    return down;
}

QVBoxLayout* HouseDialog::rules_column() {
    auto* down = new QVBoxLayout;
    down->addWidget(title_label(tr("What the editor looks for"), this));
    rules_ = new QListWidget(this);
    rules_->setAccessibleName(tr("Rules of the editor"));
    for (const auto& rule : core::all_of<core::Rule>()) {
        const std::string name(rule.name);
        auto* row = new QListWidgetItem(text(core::words_of(rule.value)), rules_);
        row->setData(Qt::UserRole, text(name));
        row->setToolTip(text(core::reason_of(rule.value)));
        row->setFlags(row->flags() | Qt::ItemIsUserCheckable);
        row->setCheckState(
            std::find(house_.rules_off.begin(), house_.rules_off.end(), name) == house_.rules_off.end() ? Qt::Checked : Qt::Unchecked);
    }
    down->addWidget(rules_, 1);
    auto* whole = new QCheckBox(tr("Issue whole translations only"), this);
    whole->setToolTip(tr("Nothing goes out while a language of the guide has texts that are missing or out of date."));
    whole->setChecked(house_.whole_translations);
    connect(whole, &QCheckBox::toggled, this, [this](bool on) { house_.whole_translations = on; });
    auto* why = foot_of_column(QString());
    why->setMinimumHeight(why->minimumHeight() + fontMetrics().lineSpacing());
    down->addWidget(why);
    down->addWidget(whole);
    connect(rules_, &QListWidget::currentRowChanged, this, [why](int row) {
        why->setText(row < 0 ? QString() : text(core::reason_of(core::all_of<core::Rule>()[static_cast<std::size_t>(row)].value)));
    });
    connect(rules_, &QListWidget::itemChanged, this, [this] {
        house_.rules_off.clear();
        for (int i = 0; i < rules_->count(); ++i)
            if (rules_->item(i)->checkState() == Qt::Unchecked)
                house_.rules_off.push_back(rules_->item(i)->data(Qt::UserRole).toString().toStdString());
    });
    rules_->setCurrentRow(0);
    return down;
}

/// Of as many lines in each column, so that their buttons stand at one height.
QLabel* HouseDialog::foot_of_column(const QString& words) {
    auto* label = quiet_label(words, this);
    label->setMinimumHeight(3 * fontMetrics().lineSpacing());
    label->setAlignment(Qt::AlignTop);
    return label;
}

void HouseDialog::show_house() {
    const int rank = rank_->currentRow();
    const int pack = store_->currentRow();
    rank_->clear();
    for (std::size_t i = 0; i < house_.rank.size(); ++i)
        rank_->addItem(QStringLiteral("%1   %2").arg(i + 1).arg(text(core::words_of(house_.rank[i]))));
    auto* speech = new QListWidgetItem(
        QStringLiteral("%1   %2").arg(house_.rank.size() + 1).arg(tr("speech: always last, and proves nothing alone")), rank_);
    speech->setFlags(Qt::NoItemFlags);
    rule_->setText(tr("Printed with every guide: %1.").arg(text(core::rule_text(house_))));
    store_->clear();
    for (const auto& f : house_.store) {
        QString words = tr("%1, %2: %3 of %4")
                            .arg(text(f.name), f.spec.empty() ? tr("pack says nothing") : text(f.spec), text(core::rounded_text(f.left, 2)),
                                text(core::rounded_text(f.litres, 2)) + QStringLiteral(" L"));
        if (!f.price.empty()) words += tr(", %1 a pack").arg(text(f.price));
        store_->addItem(words);
    }
    const auto picked =
        std::count_if(house_.methods.begin(), house_.methods.end(), [](const core::HouseMethod& m) { return !m.chosen.empty(); });
    methods_->setText(tr("%1 of %2 questions have a rule of this house: how warm oil is drained, whether a seal is used again, and so on.")
                          .arg(picked)
                          .arg(core::method_topics().size()));
    recogniser_->setText(house_.recogniser.empty() ? tr("Films without a narration are heard by the program's own recogniser.")
                                                   : tr("Films without a narration are heard by: %1").arg(text(house_.recogniser)));
    rank_->setCurrentRow(rank);
    store_->setCurrentRow(std::min(pack, store_->count() - 1));
}

void HouseDialog::move_rank(int by) {
    const int now = rank_->currentRow();
    const int next = now + by;
    const int ranked = static_cast<int>(house_.rank.size());
    if (now < 0 || now >= ranked || next < 0 || next >= ranked) return;
    std::swap(house_.rank[static_cast<std::size_t>(now)], house_.rank[static_cast<std::size_t>(next)]);
    rank_->setCurrentRow(next);
    show_house();
}

void HouseDialog::edit_fluid(bool fresh) {
    const int row = store_->currentRow();
    if (!fresh && row < 0) return;
    FluidDialog dialog(fresh ? core::StoreFluid{} : house_.store[static_cast<std::size_t>(row)], this);
    if (dialog.exec() != QDialog::Accepted) return;
    if (fresh)
        house_.store.push_back(dialog.fluid());
    else
        house_.store[static_cast<std::size_t>(row)] = dialog.fluid();
    show_house();
    if (fresh) store_->setCurrentRow(store_->count() - 1);
}

void HouseDialog::remove_fluid() {
    const int row = store_->currentRow();
    if (row < 0) return;
    house_.store.erase(house_.store.begin() + row);
    show_house();
}

}  // namespace anagraph::app
