#include "app/figures/details_dialog.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/quantity/quantity.h"

namespace anagraph::app {

using theme::text;

namespace {

/// A choice of everything an enum may be, by the names files use.
template <class Enum>
QComboBox* choice(int count, Enum now, QWidget* parent) {
    auto* box = new QComboBox(parent);
    for (int i = 0; i < count; ++i)
        box->addItem(i == 0 ? QObject::tr("not known") : text(core::words_of(static_cast<Enum>(i))), i);
    box->setCurrentIndex(static_cast<int>(now));
    return box;
}

}  // namespace

DetailsDialog::DetailsDialog(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent)
    : QDialog(parent), figure_(figure) {
    setWindowTitle(tr("Applies to: %1").arg(text(core::title_of(procedure, figure))));
    setMinimumWidth(540);
    auto* form = new QFormLayout(this);
    form->setContentsMargins(22, 18, 22, 18);
    form->setVerticalSpacing(10);
    item_ = new QComboBox(this);
    item_->addItem(tr("(no item)"), QString());
    for (const auto& i : procedure.items) item_->addItem(text(i.name), text(i.id.text()));
    item_->setCurrentIndex(std::max(0, item_->findData(text(figure.item.text()))));
    form->addRow(tr("&About"), item_);
    purpose_ = new QLineEdit(text(figure.purpose), this);
    purpose_->setPlaceholderText(tr("tightening torque"));
    form->addRow(tr("&Purpose"), purpose_);
    if (!procedure.header.variants.empty()) {
        auto* boxes = new QHBoxLayout;
        for (const auto& v : procedure.header.variants) {
            auto* box = new QCheckBox(text(v), this);
            box->setChecked(
                figure.variants.empty() || std::find(figure.variants.begin(), figure.variants.end(), v) != figure.variants.end());
            boxes->addWidget(box);
            variants_.push_back(box);
        }
        boxes->addStretch(1);
        form->addRow(tr("Applies to"), boxes);
    }
    condition_ = new QLineEdit(text(figure.condition), this);
    condition_->setPlaceholderText(tr("cold; new seal; first 20 h; nothing where it always holds"));
    form->addRow(tr("&When"), condition_);
    if (figure.kind == core::FigureKind::PartNumber || figure.kind == core::FigureKind::Grade) {
        QStringList older;
        for (const auto& r : figure.replaces) older << text(r);
        replaces_ = new QLineEdit(older.join(QStringLiteral(", ")), this);
        replaces_->setPlaceholderText(tr("KQ-FC1, KQ-FC0"));
        form->addRow(tr("&Replaces"), replaces_);
        form->addRow(
            QString(), quiet_label(tr("Older numbers in whose place it stands. Evidence that names one of them then agrees."), this));
    }
    if (figure.kind == core::FigureKind::Volume) {
        const core::LevelRule rule = figure.level.value_or(core::LevelRule{});
        temperature_ = choice(3, rule.temperature, this);
        engine_ = choice(3, rule.engine, this);
        gauge_ = choice(5, rule.gauge, this);
        minutes_ = new QLineEdit(rule.minutes_after > 0 ? QString::number(rule.minutes_after) : QString(), this);
        ask_when_ambiguous(minutes_);
        minutes_->setPlaceholderText(tr("min; not known"));
        form->addRow(title_label(tr("How the level is read"), this));
        form->addRow(tr("&Oil and gear are"), temperature_);
        form->addRow(tr("&Machine is"), engine_);
        form->addRow(tr("&Time after stopping"), minutes_);
        form->addRow(tr("&Read by"), gauge_);
        level_words_ = quiet_label(QString(), this);
        form->addRow(level_words_);
        const auto say = [this] { level_words_->setText(text(core::text_of(level()))); };
        for (auto* box : {temperature_, engine_, gauge_}) connect(box, &QComboBox::currentIndexChanged, this, say);
        connect(minutes_, &QLineEdit::textChanged, this, say);
        say();
    }
    trouble_ = end_form(form, this);
}

core::LevelRule DetailsDialog::level() const {
    core::LevelRule rule;
    rule.temperature = static_cast<core::LevelRule::Temperature>(temperature_->currentData().toInt());
    rule.engine = static_cast<core::LevelRule::Engine>(engine_->currentData().toInt());
    rule.gauge = static_cast<core::LevelRule::Gauge>(gauge_->currentData().toInt());
    const auto minutes = core::Number::parse(minutes_->text().trimmed().toStdString());
    rule.minutes_after = minutes ? std::max(0.0, minutes->value()) : 0;
    return rule;
}

void DetailsDialog::accept() {
    if (!variants_.empty() && std::none_of(variants_.begin(), variants_.end(), [](const QCheckBox* b) { return b->isChecked(); })) {
        trouble_->setText(tr("A figure applies to one variant at least; remove it where it applies to none."));
        return;
    }
    if (minutes_ != nullptr && !minutes_->text().trimmed().isEmpty() && !core::Number::parse(minutes_->text().trimmed().toStdString())) {
        trouble_->setText(tr("“%1” is no number of minutes.").arg(minutes_->text()));
        return;
    }
    figure_.item = core::ItemId(item_->currentData().toString().toStdString());
    figure_.purpose = purpose_->text().trimmed().toStdString();
    figure_.condition = condition_->text().trimmed().toStdString();
    figure_.variants.clear();
    const bool all = std::all_of(variants_.begin(), variants_.end(), [](const QCheckBox* b) { return b->isChecked(); });
    for (const auto* box : variants_)
        if (!all && box->isChecked()) figure_.variants.push_back(box->text().toStdString());
    if (replaces_ != nullptr) {
        figure_.replaces.clear();
        for (const auto& older : replaces_->text().split(QLatin1Char(','), Qt::SkipEmptyParts))
            if (!older.trimmed().isEmpty()) figure_.replaces.push_back(older.trimmed().toStdString());
    }
    if (gauge_ != nullptr) {
        const core::LevelRule rule = level();
        figure_.level = rule == core::LevelRule{} ? std::nullopt : std::optional(rule);
    }
    QDialog::accept();
}

}  // namespace anagraph::app
