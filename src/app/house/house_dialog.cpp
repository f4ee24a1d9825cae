#include "app/house/house_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/house/methods_dialog.h"
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
            trouble_->setText(HouseDialog::tr("There cannot be more in it than it holds, nor less than nothing."));
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
    setWindowTitle(tr("The house: kept for all guides"));
    resize(1180, 580);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(22, 18, 22, 18);
    down->setSpacing(12);
    auto* across = new QHBoxLayout;
    across->setSpacing(26);
    auto* left = new QVBoxLayout;
    left->addWidget(titled(tr("Where sources differ, the upper one holds"), this));
    rank_ = new QListWidget(this);
    rank_->setAccessibleName(tr("Which source outranks which"));
    left->addWidget(rank_, 1);
    auto* moves = new QHBoxLayout;
    moves->setSpacing(8);
    auto* up = new KeyButton(tr("Move up"), QKeySequence(Qt::ALT | Qt::Key_Up), this);
    auto* lower = new KeyButton(tr("Move down"), QKeySequence(Qt::ALT | Qt::Key_Down), this);
    moves->addWidget(up);
    moves->addWidget(lower);
    moves->addStretch(1);
    left->addLayout(moves);
    rule_ = second(QString(), this);
    // both columns end in as many lines, so that their buttons stand at one height
    const int lines = 3 * fontMetrics().lineSpacing();
    rule_->setMinimumHeight(lines);
    rule_->setAlignment(Qt::AlignTop);
    left->addWidget(rule_);
    across->addLayout(left, 1);
    auto* right = new QVBoxLayout;
    right->addWidget(titled(tr("In the store"), this));
    store_ = new QListWidget(this);
    store_->setAccessibleName(tr("Packs in the store"));
    right->addWidget(store_, 1);
    auto* packs = new QHBoxLayout;
    packs->setSpacing(8);
    auto* add = new KeyButton(tr("Add"), Qt::Key_N, this);
    auto* change = new KeyButton(tr("Change"), Qt::Key_E, this);
    auto* remove = new KeyButton(tr("Used up"), Qt::Key_Delete, this);
    for (auto* b : {add, change, remove}) packs->addWidget(b);
    packs->addStretch(1);
    right->addLayout(packs);
    auto* first_used = second(tr("What is open is used up before a new pack is opened, where the pack says it suits."), this);
    first_used->setMinimumHeight(lines);
    first_used->setAlignment(Qt::AlignTop);
    right->addWidget(first_used);
    across->addLayout(right, 1);
    auto* third = new QVBoxLayout;
    third->addWidget(titled(tr("What the editor looks for"), this));
    rules_ = new QListWidget(this);
    rules_->setAccessibleName(tr("Rules of the editor"));
    for (int i = 0; i < core::kRules; ++i) {
        const auto rule = static_cast<core::Rule>(i);
        const std::string name(core::name_of(rule));
        auto* row = new QListWidgetItem(text(name), rules_);
        row->setToolTip(text(std::string(core::reason_of(rule))));
        row->setFlags(row->flags() | Qt::ItemIsUserCheckable);
        row->setCheckState(
            std::find(house_.rules_off.begin(), house_.rules_off.end(), name) == house_.rules_off.end() ? Qt::Checked : Qt::Unchecked);
    }
    third->addWidget(rules_, 1);
    auto* why = second(QString(), this);
    why->setMinimumHeight(lines + fontMetrics().lineSpacing());
    why->setAlignment(Qt::AlignTop);
    third->addWidget(why);
    connect(rules_, &QListWidget::currentRowChanged, this,
        [why](int row) { why->setText(row < 0 ? QString() : text(std::string(core::reason_of(static_cast<core::Rule>(row))))); });
    connect(rules_, &QListWidget::itemChanged, this, [this] {
        house_.rules_off.clear();
        for (int i = 0; i < rules_->count(); ++i)
            if (rules_->item(i)->checkState() == Qt::Unchecked) house_.rules_off.push_back(rules_->item(i)->text().toStdString());
    });
    rules_->setCurrentRow(0);
    across->addLayout(third, 1);
    down->addLayout(across, 1);
    auto* methods = new KeyButton(tr("Where practitioners differ"), Qt::Key_W, this);
    methods->setAutoDefault(false);
    methods_ = second(QString(), this);
    auto* ways = new QHBoxLayout;
    ways->addWidget(methods);
    ways->addWidget(methods_, 1);
    down->addLayout(ways);
    connect(methods, &QPushButton::clicked, this, [this] {
        MethodsDialog dialog(house_.methods, this);
        if (dialog.exec() != QDialog::Accepted) return;
        house_.methods = dialog.methods();
        show_house();
    });
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Keep it"));
    buttons->button(QDialogButtonBox::Ok)->setDefault(true);
    for (auto* b : {up, lower, add, change, remove}) b->setAutoDefault(false);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(up, &QPushButton::clicked, this, [this] { move_rank(-1); });
    connect(lower, &QPushButton::clicked, this, [this] { move_rank(1); });
    connect(add, &QPushButton::clicked, this, [this] { edit_fluid(true); });
    connect(change, &QPushButton::clicked, this, [this] { edit_fluid(false); });
    connect(remove, &QPushButton::clicked, this, &HouseDialog::remove_fluid);
    // a kind of source the house has not ranked yet comes last, where it can be moved up
    for (const auto kind : core::House{}.rank)
        if (std::find(house_.rank.begin(), house_.rank.end(), kind) == house_.rank.end()) house_.rank.push_back(kind);
    show_house();
    rank_->setCurrentRow(0);
    rank_->setFocus();
}

void HouseDialog::show_house() {
    const int rank = rank_->currentRow();
    const int pack = store_->currentRow();
    rank_->clear();
    for (std::size_t i = 0; i < house_.rank.size(); ++i)
        rank_->addItem(QStringLiteral("%1   %2").arg(i + 1).arg(text(std::string(core::spoken_name_of(house_.rank[i])))));
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
