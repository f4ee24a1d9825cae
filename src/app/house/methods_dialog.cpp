#include "app/house/methods_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

MethodsDialog::MethodsDialog(std::vector<core::HouseMethod> methods, QWidget* parent) : QDialog(parent), methods_(std::move(methods)) {
    setWindowTitle(tr("Where practitioners differ: what this house does"));
    resize(900, 520);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(22, 18, 22, 18);
    auto* across = new QHBoxLayout;
    across->setSpacing(22);
    topics_ = new QListWidget(this);
    topics_->setFixedWidth(330);
    topics_->setWordWrap(true);
    topics_->setAccessibleName(tr("Questions"));
    for (const auto& t : core::method_topics()) topics_->addItem(text(std::string(t.question)));
    across->addWidget(topics_);
    auto* right = new QVBoxLayout;
    question_ = title_label(QString(), this);
    question_->setWordWrap(true);
    right->addWidget(question_);
    auto* form = new QFormLayout;
    chosen_ = new QComboBox(this);
    chosen_->setAccessibleName(tr("This house"));
    because_ = new QLineEdit(this);
    because_->setPlaceholderText(tr("the house's own reason, printed with the guide"));
    because_->setAccessibleName(tr("Because"));
    form->addRow(tr("&This house"), chosen_);
    form->addRow(tr("&Because"), because_);
    right->addLayout(form);
    right->addWidget(quiet_label(tr("Methods, and what speaks for each; tick those that are accepted too:"), this));
    ways_ = new QVBoxLayout;
    right->addLayout(ways_);
    right->addStretch(1);
    across->addLayout(right, 1);
    down->addLayout(across, 1);
    down->addWidget(quiet_label(tr("Nothing is picked for you: where the house has no rule, the guide says so and leaves it to the maker's "
                                   "book. A step carries the question; the answer reaches all guides."),
        this));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Keep it"));
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(topics_, &QListWidget::currentRowChanged, this, &MethodsDialog::show_chosen);
    connect(chosen_, &QComboBox::currentIndexChanged, this, &MethodsDialog::take);
    connect(because_, &QLineEdit::textChanged, this, &MethodsDialog::take);
    topics_->setCurrentRow(0);
    topics_->setFocus();
}

void MethodsDialog::show_topic(std::string_view id) {
    const auto& all = core::method_topics();
    const auto it = std::find_if(all.begin(), all.end(), [&](const core::MethodTopic& t) { return t.id == id; });
    if (it != all.end()) topics_->setCurrentRow(static_cast<int>(it - all.begin()));
}

const core::MethodTopic& MethodsDialog::topic() const {
    return core::method_topics()[static_cast<std::size_t>(std::max(0, topics_->currentRow()))];
}

core::HouseMethod& MethodsDialog::of(const core::MethodTopic& t) {
    const auto it = std::find_if(methods_.begin(), methods_.end(), [&](const core::HouseMethod& m) { return m.topic == t.id; });
    if (it != methods_.end()) return *it;
    methods_.push_back({std::string(t.id), "", "", {}});
    return methods_.back();
}

void MethodsDialog::show_chosen() {
    showing_ = true;
    const auto& t = topic();
    const auto it = std::find_if(methods_.begin(), methods_.end(), [&](const core::HouseMethod& m) { return m.topic == t.id; });
    const core::HouseMethod now = it == methods_.end() ? core::HouseMethod{std::string(t.id), "", "", {}} : *it;
    question_->setText(text(std::string(t.question)));
    chosen_->clear();
    chosen_->addItem(tr("has chosen no method"), QString());
    for (const auto& way : t.ways) chosen_->addItem(text(std::string(way.name)), text(std::string(way.id)));
    chosen_->setCurrentIndex(std::max(0, chosen_->findData(text(now.chosen))));
    because_->setText(text(now.because));
    for (auto* tick : accepted_) delete tick->parentWidget();
    accepted_.clear();
    for (const auto& way : t.ways) {
        auto* row = new QWidget(this);
        auto* box = new QVBoxLayout(row);
        box->setContentsMargins(0, 4, 0, 4);
        box->setSpacing(1);
        auto* tick = new QCheckBox(text(std::string(way.name)), row);
        tick->setChecked(std::find(now.accepted.begin(), now.accepted.end(), way.id) != now.accepted.end());
        auto* why = quiet_label(text(std::string(way.reason)), row);
        why->setContentsMargins(24, 0, 0, 0);
        box->addWidget(tick);
        box->addWidget(why);
        ways_->addWidget(row);
        connect(tick, &QCheckBox::toggled, this, &MethodsDialog::take);
        accepted_.push_back(tick);
    }
    showing_ = false;
    take();
}

void MethodsDialog::take() {
    if (showing_) return;
    const auto& t = topic();
    auto& m = of(t);
    m.chosen = chosen_->currentData().toString().toStdString();
    m.because = because_->text().trimmed().toStdString();
    m.accepted.clear();
    for (std::size_t i = 0; i < accepted_.size(); ++i) {
        // the picked way is accepted anyhow
        const bool picked = t.ways[i].id == m.chosen;
        accepted_[i]->setEnabled(!picked);
        if (accepted_[i]->isChecked() && !picked) m.accepted.emplace_back(t.ways[i].id);
    }
    std::erase_if(methods_, [](const core::HouseMethod& x) { return x.chosen.empty() && x.because.empty() && x.accepted.empty(); });
}

}  // namespace anagraph::app
