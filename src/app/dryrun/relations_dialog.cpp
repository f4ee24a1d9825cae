#include "app/dryrun/relations_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/dryrun/worked_out.h"
#include "core/edits/change_label.h"

namespace anagraph::app {

using theme::text;

RelationsDialog::RelationsDialog(const core::Procedure& p, const core::ItemId& first, QWidget* parent)
    : QDialog(parent), p_(p), items_(p.items) {
    setWindowTitle(tr("Relations of the items"));
    setMinimumWidth(520);
    build();
    const auto it = std::find_if(items_.begin(), items_.end(), [&](const core::Item& i) { return i.id == first; });
    item_->setCurrentIndex(it == items_.end() ? 0 : static_cast<int>(it - items_.begin()));
    show_item();
    connect(item_, &QComboBox::currentIndexChanged, this, [this] {
        keep_item();
        show_item();
    });
}

void RelationsDialog::build() {
    form_ = new QFormLayout(this);
    form_->setContentsMargins(20, 16, 20, 16);
    item_ = new QComboBox(this);
    for (const auto& i : items_) item_->addItem(text(i.name), text(i.id.text()));
    form_->addRow(tr("&Item"), item_);
    fluid_ = new QComboBox(this);
    fluid_->addItem(tr("closes no system"), QString());
    for (const auto& i : items_)
        if (i.kind == core::ItemKind::Fluid) fluid_->addItem(tr("closes the %1").arg(text(i.name)), text(i.id.text()));
    form_->addRow(tr("&Closes"), fluid_);
    at_ = new QComboBox(this);
    const std::pair<core::Opening, QString> places[] = {{core::Opening::Bottom, tr("at the bottom: it drains there")},
        {core::Opening::Side, tr("at the side: a level plug")}, {core::Opening::Top, tr("where it is filled")},
        {core::Opening::Vent, tr("lets air in")}};
    for (const auto& [place, words] : places) at_->addItem(words, static_cast<int>(place));
    form_->addRow(tr("&Where"), at_);
    const auto list = [this](const QString& name) {
        auto* out = new QListWidget(this);
        out->setFixedHeight(out->fontMetrics().lineSpacing() * 6);
        out->setAccessibleName(name);
        return out;
    };
    behind_ = list(tr("Lies behind"));
    form_->addRow(tr("Lies &behind"), behind_);
    under_ = list(tr("Sits under"));
    form_->addRow(tr("Sits &under"), under_);
    renew_ = new QComboBox(this);
    for (const auto& r : core::all_of<core::Renewal>()) renew_->addItem(text(core::words_of(r.value)), static_cast<int>(r.value));
    form_->addRow(tr("&Renewed"), renew_);
    total_ = new QComboBox(this);
    refill_ = new QComboBox(this);
    holds_ = new QComboBox(this);
    form_->addRow(tr("Holds &dry"), total_);
    form_->addRow(tr("&Goes in again"), refill_);
    form_->addRow(tr("Vessel h&olds"), holds_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    connect(buttons, &QDialogButtonBox::accepted, this, &RelationsDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form_->addRow(buttons);
}

void RelationsDialog::accept() {
    keep_item();
    QDialog::accept();
}

core::Item* RelationsDialog::now() {
    return shown_ < 0 || shown_ >= static_cast<int>(items_.size()) ? nullptr : &items_[static_cast<std::size_t>(shown_)];
}

void RelationsDialog::fill_figures(QComboBox* box, const core::FigureId& chosen) const {
    box->clear();
    box->addItem(tr("not said"), QString());
    for (const auto& f : p_.figures)
        if (f.kind == core::FigureKind::Volume)
            box->addItem(QStringLiteral("%1: %2").arg(text(core::title_of(p_, f)), text(core::words_of(f.value))), text(f.id.text()));
    box->setCurrentIndex(std::max(0, box->findData(text(chosen.text()))));
}

void RelationsDialog::show_item() {
    shown_ = item_->currentIndex();
    const auto* item = now();
    if (item == nullptr) return;
    using K = core::ItemKind;
    const bool part = item->kind == K::Part || item->kind == K::Fastener;
    form_->setRowVisible(fluid_, part);
    form_->setRowVisible(at_, part);
    form_->setRowVisible(behind_, part || item->kind == K::Seal);
    form_->setRowVisible(under_, item->kind == K::Seal);
    form_->setRowVisible(renew_, item->kind == K::Seal);
    form_->setRowVisible(total_, item->kind == K::Fluid);
    form_->setRowVisible(refill_, item->kind == K::Fluid);
    form_->setRowVisible(holds_, item->kind == K::Vessel);
    fluid_->setCurrentIndex(item->closes ? std::max(0, fluid_->findData(text(item->closes->fluid.text()))) : 0);
    at_->setCurrentIndex(at_->findData(static_cast<int>(item->closes ? item->closes->at : core::Opening::Bottom)));
    renew_->setCurrentIndex(renew_->findData(static_cast<int>(item->renew)));
    fill_figures(total_, item->total);
    fill_figures(refill_, item->refill);
    fill_figures(holds_, item->holds);
    for (const auto& [box, ids] : {std::pair(behind_, &item->behind), std::pair(under_, &item->under)}) {
        box->clear();
        for (const auto& other : items_) {
            if (other.id == item->id || (other.kind != K::Part && other.kind != K::Fastener)) continue;
            auto* line = new QListWidgetItem(text(other.name), box);
            line->setData(Qt::UserRole, text(other.id.text()));
            line->setFlags(line->flags() | Qt::ItemIsUserCheckable);
            line->setCheckState(std::find(ids->begin(), ids->end(), other.id) != ids->end() ? Qt::Checked : Qt::Unchecked);
        }
    }
    if (part || item->kind == K::Fluid || item->kind == K::Seal || item->kind == K::Vessel) adjustSize();
}

void RelationsDialog::keep_item() {
    auto* item = now();
    if (item == nullptr) return;
    const auto id = [](const QComboBox* box) { return box->currentData().toString().toStdString(); };
    const auto ticked = [](const QListWidget* box) {
        std::vector<core::ItemId> out;
        for (int i = 0; i < box->count(); ++i)
            if (box->item(i)->checkState() == Qt::Checked) out.emplace_back(box->item(i)->data(Qt::UserRole).toString().toStdString());
        return out;
    };
    item->closes = id(fluid_).empty()
        ? std::nullopt
        : std::optional(core::Closes{core::ItemId(id(fluid_)), static_cast<core::Opening>(at_->currentData().toInt())});
    item->behind = ticked(behind_);
    item->under = ticked(under_);
    item->renew = static_cast<core::Renewal>(renew_->currentData().toInt());
    item->total = core::FigureId(id(total_));
    item->refill = core::FigureId(id(refill_));
    item->holds = core::FigureId(id(holds_));
}

core::Change RelationsDialog::change() const {
    core::Change out{core::change_label("say how items belong together"), {}};
    for (std::size_t i = 0; i < items_.size(); ++i)
        if (items_[i] != p_.items[i]) out.edits.emplace_back(core::Put<core::Item>{core::without_denials(items_[i]), std::nullopt});
    return out;
}

}  // namespace anagraph::app
