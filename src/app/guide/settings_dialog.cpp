#include "app/guide/settings_dialog.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

namespace {
constexpr int kWas = Qt::UserRole;  // the name a variant has in the guide; empty: it is new
}

GuideSettingsDialog::GuideSettingsDialog(const core::Procedure& guide, QWidget* parent) : QDialog(parent), guide_(guide) {
    setWindowTitle(tr("Guide settings"));
    setMinimumWidth(560);
    auto* form = new QFormLayout(this);
    form->setContentsMargins(20, 16, 20, 16);
    const auto field = [&](const QString& label, const std::string& value, const QString& hint) {
        auto* edit = new QLineEdit(text(value), this);
        edit->setPlaceholderText(hint);
        edit->setCursorPosition(0);
        edit->setAccessibleName(QString(label).remove(QLatin1Char('&')));
        form->addRow(label, edit);
        return edit;
    };
    const auto now = core::settings_of(guide);
    machine_ = field(tr("&Machine"), now.machine, tr("Perrick PT60"));
    job_ = field(tr("&Job"), now.job, tr("100 h service"));
    number_ = field(tr("Guide &number"), now.number, tr("the workshop's number, as in KQ-PT60-100"));
    interval_ = field(tr("&Interval"), now.interval, tr("every 100 h or 12 months, whichever comes first"));
    workshop_note_ = field(tr("&Workshop note"), now.workshop_note, tr("what the workshop adds to the safety statement"));
    build_variants(form);
    trouble_ = end_form(form, this);
}

void GuideSettingsDialog::build_variants(QFormLayout* form) {
    variants_ = new QListWidget(this);
    variants_->setAccessibleName(tr("Variants"));
    variants_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed | QAbstractItemView::AnyKeyPressed);
    variants_->setMaximumHeight(5 * QFontMetrics(theme::font("text")).lineSpacing() + 40);
    for (const auto& v : guide_.header.variants) {
        auto* item = new QListWidgetItem(text(v), variants_);
        item->setData(kWas, text(v));
        item->setFlags(item->flags() | Qt::ItemIsEditable);
    }
    auto* down = new QVBoxLayout;
    down->addWidget(variants_);
    auto* row = new QHBoxLayout;
    auto* add = new KeyButton(tr("Add variant"), QKeySequence(Qt::CTRL | Qt::Key_I), this);
    auto* remove = new KeyButton(tr("Remove variant"), QKeySequence(Qt::CTRL | Qt::Key_Backspace), this);
    row->addWidget(add);
    row->addWidget(remove);
    row->addStretch(1);
    down->addLayout(row);
    held_ = second(QString(), this);
    down->addWidget(held_);
    form->addRow(tr("Variants"), down);
    connect(add, &QPushButton::clicked, this, &GuideSettingsDialog::add_variant);
    connect(remove, &QPushButton::clicked, this, &GuideSettingsDialog::remove_variant);
    connect(variants_, &QListWidget::currentRowChanged, this, &GuideSettingsDialog::show_held);
    show_held();
}

void GuideSettingsDialog::add_variant() {
    auto* item = new QListWidgetItem(variants_);
    item->setFlags(item->flags() | Qt::ItemIsEditable);
    variants_->setCurrentItem(item);
    variants_->editItem(item);
}

void GuideSettingsDialog::remove_variant() {
    const auto* item = variants_->currentItem();
    if (item == nullptr) return;
    const std::string was = item->data(kWas).toString().toStdString();
    removed_.push_back({was, ""});
    // the others stay as they are in the guide: whether this one may go hangs on what applies to it, not on what is being typed
    auto without = core::settings_of(guide_);
    std::erase_if(without.variants, [this](const core::VariantSetting& v) {
        return std::any_of(removed_.begin(), removed_.end(), [&](const core::VariantSetting& r) { return r.was == v.was; });
    });
    without.variants.insert(without.variants.end(), removed_.begin(), removed_.end());
    if (const auto possible = core::set_guide(guide_, without); !possible) {
        removed_.pop_back();
        trouble_->setText(text(possible.error().message));
        return;
    }
    delete variants_->takeItem(variants_->currentRow());
    trouble_->clear();
}

void GuideSettingsDialog::show_held() {
    const auto* item = variants_->currentItem();
    if (item == nullptr) {
        held_->setText(variants_->count() == 0
                ? tr("The guide is for one kind of machine. Add variants where some steps, figures or parts differ between machines.")
                : QString());
        return;
    }
    QStringList held;
    for (const auto& h : core::only_for(guide_, {item->data(kWas).toString().toStdString()})) held << text(h);
    held_->setText(held.isEmpty() ? tr("Nothing applies to %1 alone.").arg(item->text())
                                  : tr("Only for %1: %2.").arg(item->text(), held.join(QStringLiteral("; "))));
}

core::GuideSettings GuideSettingsDialog::settings() const {
    core::GuideSettings out{machine_->text().toStdString(), job_->text().toStdString(), number_->text().toStdString(),
        interval_->text().toStdString(), workshop_note_->text().toStdString(), removed_};
    for (int i = 0; i < variants_->count(); ++i)
        out.variants.push_back({variants_->item(i)->data(kWas).toString().toStdString(), variants_->item(i)->text().toStdString()});
    return out;
}

void GuideSettingsDialog::accept() {
    auto change = core::set_guide(guide_, settings());
    if (!change) {
        trouble_->setText(text(change.error().message));
        return;
    }
    change_ = std::move(*change);
    QDialog::accept();
}

}  // namespace anagraph::app
