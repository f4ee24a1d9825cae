#include "app/sheet/methods_form.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/editing/usual_methods.h"

namespace anagraph::app {

using theme::text;

MethodsForm::MethodsForm(Session& session, const core::Step& step, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Where practitioners differ, in this step"));
    resize(960, 580);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    down->addWidget(
        quiet_label(tr("A ticked question is answered in the guide by the house's rule; the reader unfolds why and what else is "
                       "accepted. Questions this step raises stand first."),
            this));
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    auto* page = new QWidget(scroll);
    auto* list = new QVBoxLayout(page);
    list->setSpacing(10);
    const auto house = session.library().house();
    const auto rules = house ? house->methods : std::vector<core::HouseMethod>{};
    const auto met = core::questions_met(session.procedure(), step);
    const auto carries = [&](const core::MethodTopic& t) {
        return std::find_if(step.methods.begin(), step.methods.end(), [&](const core::StepMethod& m) { return m.topic == t.id; });
    };
    const auto rank = [&](const core::MethodTopic& t) {
        return carries(t) != step.methods.end() ? 0 : std::find(met.begin(), met.end(), &t) != met.end() ? 1 : 2;
    };
    std::vector<const core::MethodTopic*> order;
    for (const auto& t : core::method_topics()) order.push_back(&t);
    std::stable_sort(order.begin(), order.end(), [&](const auto* a, const auto* b) { return rank(*a) < rank(*b); });
    for (const auto* t : order) {
        const auto now = carries(*t);
        const auto rule = std::find_if(rules.begin(), rules.end(), [&](const core::HouseMethod& m) { return m.topic == t->id; });
        auto* row = new QWidget(page);
        auto* across = new QHBoxLayout(row);
        across->setContentsMargins(0, 0, 0, 0);
        Row r{t, new QCheckBox(text(std::string(t->question)), row), new QComboBox(row), new QLineEdit(row)};
        r.carried->setChecked(now != step.methods.end());
        r.carried->setFixedWidth(330);
        if (rank(*t) == 1) r.carried->setText(tr("%1  (met here)").arg(r.carried->text()));
        const core::Way* picked = rule == rules.end() ? nullptr : t->way(rule->chosen);
        r.way->addItem(picked == nullptr ? tr("house: no method chosen") : tr("house: %1").arg(text(std::string(picked->name))), QString());
        for (const auto& w : t->ways) r.way->addItem(tr("here: %1").arg(text(std::string(w.name))), text(std::string(w.id)));
        if (now != step.methods.end()) {
            r.way->setCurrentIndex(std::max(0, r.way->findData(text(now->chosen))));
            r.because->setText(text(now->because));
        }
        r.way->setAccessibleName(tr("Method: %1").arg(text(std::string(t->question))));
        r.because->setPlaceholderText(tr("why, where it is not the house's"));
        r.because->setAccessibleName(tr("Why: %1").arg(text(std::string(t->question))));
        const auto adapt = [way = r.way, because = r.because, carried = r.carried] {
            way->setEnabled(carried->isChecked());
            because->setEnabled(carried->isChecked() && way->currentIndex() > 0);
        };
        connect(r.carried, &QCheckBox::toggled, this, adapt);
        connect(r.way, &QComboBox::currentIndexChanged, this, adapt);
        adapt();
        across->addWidget(r.carried);
        r.way->setFixedWidth(300);
        across->addWidget(r.way);
        across->addWidget(r.because, 1);
        list->addWidget(row);
        rows_.push_back(r);
    }
    list->addStretch(1);
    scroll->setWidget(page);
    down->addWidget(scroll, 1);
    auto* end = new QFormLayout;
    trouble_ = end_form(end, this);
    down->addLayout(end);
    rows_.front().carried->setFocus();
}

std::vector<core::StepMethod> MethodsForm::methods() const {
    std::vector<core::StepMethod> out;
    // in the catalogue's order, however they stood in the form
    for (const auto& t : core::method_topics()) {
        const auto r = std::find_if(rows_.begin(), rows_.end(), [&](const Row& x) { return x.topic == &t; });
        if (r == rows_.end() || !r->carried->isChecked()) continue;
        const std::string own = r->way->currentData().toString().toStdString();
        out.push_back({std::string(t.id), own, own.empty() ? "" : r->because->text().trimmed().toStdString()});
    }
    return out;
}

void MethodsForm::accept() {
    const auto now = methods();
    const auto bare =
        std::find_if(now.begin(), now.end(), [](const core::StepMethod& m) { return !m.chosen.empty() && m.because.empty(); });
    if (bare != now.end())
        trouble_->setText(
            tr("Say why this step differs from the house's method: %1").arg(text(std::string(core::find_topic(bare->topic)->question))));
    else
        QDialog::accept();
}

}  // namespace anagraph::app
