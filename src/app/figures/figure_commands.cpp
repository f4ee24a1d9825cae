// What the keys of the Figures do: values set, sources added and withdrawn, differences settled, figures joined and parted.
#include <QComboBox>
#include <QDate>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QInputDialog>

#include "app/figures/details_dialog.h"
#include "app/figures/figures_station.h"
#include "app/figures/page_view.h"
#include "app/figures/source_dialog.h"
#include "app/figures/work_out.h"
#include "app/house/house_dialog.h"
#include "app/theme/form.h"
#include "app/theme/theme.h"
#include "core/edits/change_label.h"
#include "core/figure/evidence.h"
#include "core/review/taught.h"

namespace anagraph::app {

using theme::text;

bool FiguresStation::put(core::Figure f, const char* label) {
    return session_.perform(core::Change{label, {core::Put<core::Figure>{std::move(f), std::nullopt}}});
}

void FiguresStation::set_value() {
    const auto* f = figure();
    if (f == nullptr) return;
    const auto value = core::parse_figure_value(value_->text().toStdString(), f->kind);
    const std::string typed = tolerance_->text().trimmed().toStdString();
    const auto tolerance = typed.empty() ? core::Result<core::Number>(core::Number()) : core::Number::parse(typed);
    if (!value || !tolerance) {
        session_.tell(!value ? text(value.error().message)
                : tolerance.error().code == core::ErrorCode::Ambiguous
                ? text(tolerance.error().message)
                : tr("The tolerance is a number in the unit of the value, as in 2.5."));
        return;
    }
    // What was typed from the display reads back as the same value; digits are kept.
    const bool same_value = core::as_typed(core::text_of(*value)) == core::as_typed(core::text_of(f->value));
    const bool same_tolerance = typed == core::as_typed(f->tolerance);
    if (same_value && same_tolerance) return;
    core::Figure next = *f;
    if (!same_value) next.value = *value;
    if (!same_tolerance) next.tolerance = typed.empty() ? "" : tolerance->text();
    next.settled.clear();
    put(std::move(next), core::change_label("change a figure"));
}

void FiguresStation::add_source(const core::SourceId& source, const QString& file) {
    const auto* f = figure();
    if (f == nullptr) return;
    SourceDialog dialog(session_, *pages_, *f, this);
    if (!source.empty()) dialog.choose_source(source);
    if (!file.isEmpty()) {
        dialog.choose_source({});
        dialog.choose_file(file);
    }
    if (dialog.exec() == QDialog::Accepted) session_.perform(dialog.change());
    setFocus();
}

void FiguresStation::remove_source() {
    const auto* f = figure();
    if (f == nullptr || f->proofs.empty()) return;
    std::size_t at = 0;
    if (f->proofs.size() > 1) {
        QStringList names;
        for (std::size_t i = 0; i < f->proofs.size(); ++i)
            names << QStringLiteral("%1. %2, %3").arg(i + 1).arg(text(core::words_of(f->proofs[i].value)), text(f->proofs[i].place));
        bool ok = false;
        const QString chosen =
            QInputDialog::getItem(this, tr("Remove a source"), tr("Which source no longer counts?"), names, 0, false, &ok);
        if (!ok) return;
        at = static_cast<std::size_t>(names.indexOf(chosen));
    }
    core::Figure next = *f;
    next.proofs.erase(next.proofs.begin() + static_cast<std::ptrdiff_t>(at));
    next.settled.clear();
    put(std::move(next), core::change_label("remove a source"));
}

void FiguresStation::see_page(std::size_t from) {
    const auto* f = figure();
    if (f == nullptr) return;
    for (std::size_t k = 0; k < f->proofs.size(); ++k) {
        const auto& proof = f->proofs[(from + k) % f->proofs.size()];
        if (!session_.has_page(proof)) continue;
        const auto* source = session_.procedure().find(proof.source);
        QDialog dialog(this);
        dialog.setWindowTitle(tr("%1: %2").arg(text(source->title), text(proof.place)));
        dialog.resize(900, 720);
        auto* down = new QVBoxLayout(&dialog);
        down->setContentsMargins(0, 0, 0, 0);
        auto* view = new PageView(&dialog);
        view->set_words(tr("The page is opened …"));
        down->addWidget(view);
        const auto spot = proof.spot;
        const QString words = tr("%1 stands here for %2. Escape closes.")
                                  .arg(text(core::words_of(proof.value)), text(core::title_of(session_.procedure(), *f)));
        connect(pages_, &PageReader::page_shown, &dialog, [this, view, spot, words] {
            view->show_page(pages_->image(), pages_->page());
            view->mark(spot);
            view->set_words(words);
        });
        connect(pages_, &PageReader::failed, &dialog, [view](const QString& sentence) { view->set_words(sentence); });
        pages_->show_page(session_.library().document_path(source->document), spot ? spot->page : 1);
        dialog.exec();
        pages_->stop();
        setFocus();
        return;
    }
}

void FiguresStation::set_details() {
    const auto* f = figure();
    if (f == nullptr) return;
    DetailsDialog dialog(session_.procedure(), *f, this);
    if (dialog.exec() == QDialog::Accepted && dialog.figure() != *f)
        put(dialog.figure(), core::change_label("say what a figure applies to"));
    setFocus();
}

void FiguresStation::edit_house() {
    const auto house = session_.library().house();
    if (!house) {
        session_.tell(text(house.error().message));
        return;
    }
    HouseDialog dialog(*house, this);
    if (dialog.exec() == QDialog::Accepted) session_.keep_house(dialog.house(), tr("change the house"));
    setFocus();
}

void FiguresStation::settle() {
    const auto* f = figure();
    if (f == nullptr) return;
    core::Figure next = *f;
    if (!f->settled.empty()) {
        next.settled.clear();
        put(std::move(next), core::change_label("reopen a figure"));
        return;
    }
    bool ok = false;
    const QString why = QInputDialog::getText(this, tr("Resolve a difference"),
        tr("Why does %1 hold? (printed with the guide)").arg(text(core::words_of(f->value))), QLineEdit::Normal, QString(), &ok)
                            .trimmed();
    if (!ok) return;
    if (why.isEmpty()) {
        session_.tell(tr("A difference is resolved with a reason; nothing was changed."));
        return;
    }
    next.settled = why.toStdString();
    put(std::move(next), core::change_label("resolve a figure"));
}

void FiguresStation::work_out() {
    const auto* f = figure();
    if (f == nullptr || !WorkOut::serves(session_.procedure(), *f)) return;
    WorkOut dialog(session_, *f, this);
    dialog.exec();
    setFocus();
}

void FiguresStation::take_rule() {
    const auto* f = figure();
    if (f == nullptr) return;
    const auto house = session_.library().house();
    if (!house) {
        session_.tell(text(house.error().message));
        return;
    }
    const auto r = core::ruling(session_.procedure(), *f, *house);
    if (!r) return;
    session_.perform(core::take_ruling(*f, *r));
}

void FiguresStation::take_measured() {
    const auto* f = figure();
    if (f == nullptr) return;
    std::vector<core::Measured> all;
    QStringList names;
    for (auto& m : core::measured(session_.procedure(), session_.came_back().runs))
        if (m.figure == f->id) {
            names << tr("%1, %2, %3").arg(text(core::words_of(m.value)), text(m.instrument), text(core::Words::day(m.on)));
            all.push_back(std::move(m));
        }
    if (all.empty()) return;
    Form form(tr("Take a measured value"), this);
    form.words(
        tr("It becomes a source of the figure, a measurement with its instrument; the maker's book comes first where it says something."));
    auto* which = form.choice(tr("&Measured"), names);
    if (form.ask()) session_.perform(core::take_measured(session_.procedure(), all[static_cast<std::size_t>(which->currentIndex())]));
}

void FiguresStation::not_found() {
    const auto* f = figure();
    if (f == nullptr) return;
    bool ok = false;
    const QString where = QInputDialog::getText(
        this, tr("Not found"), tr("Where was it looked for? (printed with the guide)"), QLineEdit::Normal, QString(), &ok)
                              .trimmed();
    if (!ok) return;
    if (where.isEmpty()) {
        session_.tell(tr("“Not found” says where it was looked for; nothing was changed."));
        return;
    }
    session_.perform(core::note_not_found(
        *f, {where.toStdString(), session_.author().toStdString(), QDate::currentDate().toString(Qt::ISODate).toStdString()}));
}

void FiguresStation::join() {
    const auto* f = figure();
    if (f == nullptr) return;
    QStringList names;
    std::vector<core::FigureId> ids;
    for (const auto& other : session_.procedure().figures)
        if (other.id != f->id && other.kind == f->kind) {
            names << QStringLiteral("%1 · %2").arg(text(core::title_of(session_.procedure(), other)), text(core::words_of(other.value)));
            ids.push_back(other.id);
        }
    if (names.isEmpty()) {
        session_.tell(tr("There is no other %1 to merge it with.").arg(text(core::words_of(f->kind))));
        return;
    }
    bool ok = false;
    const QString chosen = QInputDialog::getItem(this, tr("Merge two figures"),
        tr("Which says the same as %1? Its claims and sources come here.").arg(text(core::title_of(session_.procedure(), *f))), names, 0,
        false, &ok);
    if (ok) session_.perform(core::join_figures(session_.procedure(), f->id, ids[static_cast<std::size_t>(names.indexOf(chosen))]));
}

void FiguresStation::part() {
    const auto* f = figure();
    if (f != nullptr) session_.perform(core::part_claim(session_.procedure(), f->id, claim_));
}

void FiguresStation::add_figure() {
    QDialog dialog(this);
    dialog.setWindowTitle(tr("New figure"));
    auto* form = new QFormLayout(&dialog);
    auto* kind = new QComboBox(&dialog);
    for (const auto& k : core::all_of<core::FigureKind>()) kind->addItem(text(core::words_of(k.value)), static_cast<int>(k.value));
    auto* item = new QComboBox(&dialog);
    item->addItem(tr("(no item)"), QString());
    for (const auto& i : session_.procedure().items) item->addItem(text(i.name), text(i.id.text()));
    auto* purpose = new QLineEdit(&dialog);
    purpose->setPlaceholderText(tr("tightening torque"));
    auto* value = new QLineEdit(&dialog);
    value->setPlaceholderText(tr("leave empty while it is not known"));
    ask_when_ambiguous(value);
    form->addRow(tr("&Kind"), kind);
    form->addRow(tr("&About"), item);
    form->addRow(tr("&Purpose"), purpose);
    form->addRow(tr("&Value"), value);
    auto* trouble = quiet_label(QString(), &dialog);
    form->addRow(trouble);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, &dialog);
    form->addRow(buttons);
    // a wrong value keeps the question open, with what was typed
    connect(buttons, &QDialogButtonBox::accepted, &dialog, [&] {
        const auto fits = core::parse_figure_value(value->text().toStdString(), static_cast<core::FigureKind>(kind->currentData().toInt()));
        if (fits)
            dialog.accept();
        else
            trouble->setText(text(fits.error().message));
    });
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() != QDialog::Accepted) return;
    const auto parsed = core::parse_figure_value(value->text().toStdString(), static_cast<core::FigureKind>(kind->currentData().toInt()));
    if (!parsed) return;
    core::Figure f;
    f.kind = static_cast<core::FigureKind>(kind->currentData().toInt());
    f.item = core::ItemId(item->currentData().toString().toStdString());
    f.purpose = purpose->text().trimmed().toStdString();
    f.value = *parsed;
    f.id = core::fresh_id<core::FigureId>(
        f.item.text() + " " + (f.purpose.empty() ? std::string(core::spoken_name_of(f.kind)) : f.purpose), session_.procedure().figures);
    const auto id = f.id;
    if (put(std::move(f), core::change_label("add a figure"))) choose(id);
    setFocus();
}

void FiguresStation::remove_figure() {
    if (figure() != nullptr)
        session_.perform(core::Change{core::change_label("remove a figure"), {core::Remove<core::FigureId>{list_->chosen()}}});
}

}  // namespace anagraph::app
