#include "app/figures/source_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>

#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

SourceDialog::SourceDialog(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent) : QDialog(parent), procedure_(procedure), figure_(figure) {
    setWindowTitle(tr("Source of: %1").arg(text(core::title_of(procedure, figure))));
    setMinimumWidth(520);
    auto* form = new QFormLayout(this);
    source_ = new QComboBox(this);
    for (const auto& s : procedure.sources) source_->addItem(text(s.title) + (s.edition.empty() ? QString() : QStringLiteral(", ") + text(s.edition)), text(s.id.text()));
    source_->addItem(tr("another source …"), QString());
    kind_ = new QComboBox(this);
    for (const auto& [kind, words] : {std::pair{core::SourceKind::Book, tr("book")}, std::pair{core::SourceKind::Label, tr("label on the part")}, std::pair{core::SourceKind::Drawing, tr("drawing")}, std::pair{core::SourceKind::Measurement, tr("measured on the job")}, std::pair{core::SourceKind::Standard, tr("standard")}})
        kind_->addItem(words, static_cast<int>(kind));
    title_ = new QLineEdit(this);
    title_->setPlaceholderText(tr("Perrick PT60 service book"));
    edition_ = new QLineEdit(this);
    edition_->setPlaceholderText(tr("issue and year"));
    place_ = new QLineEdit(this);
    place_->setPlaceholderText(tr("page 2, torque table"));
    value_ = new QLineEdit(text(core::text_of(figure.value)), this);
    if (!figure.value.known()) value_->clear();
    value_->setPlaceholderText(tr("25 Nm, 8 to 10 mm, 75W90"));
    tolerance_ = new QLineEdit(text(figure.tolerance), this);
    tolerance_->setPlaceholderText(tr("± in the same unit, if given"));
    trouble_ = new QLabel(this);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    form->addRow(tr("&Source"), source_);
    form->addRow(tr("&Kind"), kind_);
    form->addRow(tr("&Title"), title_);
    form->addRow(tr("&Edition"), edition_);
    form->addRow(tr("&Place in it"), place_);
    form->addRow(tr("It &gives"), value_);
    form->addRow(tr("T&olerance"), tolerance_);
    form->addRow(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    form->addRow(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &SourceDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    const auto fresh = [this] {
        const bool is_new = source_->currentData().toString().isEmpty();
        for (QWidget* w : {static_cast<QWidget*>(kind_), static_cast<QWidget*>(title_), static_cast<QWidget*>(edition_)}) w->setEnabled(is_new);
    };
    connect(source_, &QComboBox::currentIndexChanged, this, fresh);
    fresh();
    place_->setFocus();
}

void SourceDialog::accept() {
    const auto value = core::parse_figure_value(value_->text().toStdString(), figure_.kind);
    if (!value)
        trouble_->setText(text(value.error().message));
    else if (!value->known())
        trouble_->setText(tr("Write what the source gives; a source that gives nothing proves nothing."));
    else if (!tolerance_->text().trimmed().isEmpty() && !core::Number::parse(tolerance_->text().toStdString()))
        trouble_->setText(tr("The tolerance is a number, as in 2.5."));
    else if (source_->currentData().toString().isEmpty() && title_->text().trimmed().isEmpty())
        trouble_->setText(tr("Give the source a title, so that a checker can find it."));
    else if (place_->text().trimmed().isEmpty())
        trouble_->setText(tr("Say where in the source it stands, so that a checker can find it."));
    else
        QDialog::accept();
}

core::Change SourceDialog::change() const {
    core::Change change{"add a source", {}};
    core::SourceId id(source_->currentData().toString().toStdString());
    if (id.empty()) {
        id = core::fresh_id<core::SourceId>(title_->text().toStdString(), procedure_.sources);
        change.edits.emplace_back(core::Put<core::Source>{{id, static_cast<core::SourceKind>(kind_->currentData().toInt()), title_->text().trimmed().toStdString(), edition_->text().trimmed().toStdString()}, std::nullopt});
    }
    core::Figure f = figure_;
    const auto value = core::parse_figure_value(value_->text().toStdString());
    const bool first = f.proofs.empty();
    f.proofs.push_back({id, place_->text().trimmed().toStdString(), value ? *value : core::FigureValue{}});
    // A figure that rests on speech alone takes the value of its first source; what was said stays beside it and is
    // compared. A later source is compared only. A tolerance counts in the unit of the value and in no other.
    if (first && value) f.value = *value;
    const bool same_unit = value && value->unit == f.value.unit;
    if (same_unit && !tolerance_->text().trimmed().isEmpty()) f.tolerance = tolerance_->text().trimmed().toStdString();
    change.edits.emplace_back(core::Put<core::Figure>{std::move(f), std::nullopt});
    return change;
}

}  // namespace anagraph::app
