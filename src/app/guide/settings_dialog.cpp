#include "app/guide/settings_dialog.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/edits/translation.h"

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
    build_language(form, now.language);
    build_variants(form);
    trouble_ = end_form(form, this);
}

void GuideSettingsDialog::build_language(QFormLayout* form, const std::string& now) {
    language_ = new QComboBox(this);
    language_->setAccessibleName(tr("Language"));
    for (const auto& offered : core::kOfferedLanguages)
        language_->addItem(text(core::Words(offered.name)), text(std::string(offered.code)));
    if (language_->findData(text(now)) < 0) language_->addItem(text(now), text(now));
    language_->setCurrentIndex(language_->findData(text(now)));
    form->addRow(tr("&Language"), language_);
    auto* note = quiet_label(tr("The guide's own texts. The page's fixed words stay English; usual cautions and the rules of wording are "
                                "looked for in English only."),
        this);
    form->addRow(QString(), note);
    const auto show = [this, note] { note->setVisible(language_->currentData() != QLatin1String("en")); };
    connect(language_, &QComboBox::currentIndexChanged, this, show);
    show();
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
    auto* commands = new Commands(tr("Guide settings"), this);
    commands->add({"settings.add-variant", tr("Add variant"), Qt::CTRL | Qt::Key_I,
        tr("A further variant of the machine, to which steps, figures and parts can apply."), tr("Variants"), {},
        [this] { add_variant(); }});
    commands->add({"settings.remove-variant", tr("Remove variant"), Qt::CTRL | Qt::Key_Backspace,
        tr("The guide does without it; what applies to it alone has to go first."), tr("Variants"), {}, [this] { remove_variant(); },
        [this] { return unless(variants_->currentItem() != nullptr, tr("No variant is chosen.")); }});
    down->addLayout(command_line(*commands, {QStringLiteral("settings.add-variant"), QStringLiteral("settings.remove-variant")}, this));
    held_ = quiet_label(QString(), this);
    down->addWidget(held_);
    form->addRow(tr("Variants"), down);
    connect(variants_, &QListWidget::currentRowChanged, commands, &Commands::refresh);
    connect(commands, &Commands::refused, this, [this](const QString& why) { trouble_->setText(why); });
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
        interval_->text().toStdString(), workshop_note_->text().toStdString(), language_->currentData().toString().toStdString(), removed_};
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
