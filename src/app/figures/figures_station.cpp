#include "app/figures/figures_station.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QScrollBar>
#include <QShortcut>
#include <QVBoxLayout>
#include <algorithm>

#include "app/figures/source_dialog.h"
#include "app/figures/work_out.h"
#include "app/theme/theme.h"
#include "core/procedure/evidence.h"

namespace anagraph::app {

using theme::text;

FiguresStation::FiguresStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    setFocusPolicy(Qt::StrongFocus);
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    list_ = new FigureList(session_, scroll_);
    scroll_->setWidget(list_);
    across->addWidget(scroll_, 1);
    auto* side = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    side->setFixedWidth(428);
    build_evidence(side);
    across->addWidget(side);
    connect(list_, &FigureList::chosen_changed, this, [this] {
        claim_ = 0;
        refresh();
    });
    connect(list_, &FigureList::claim_clicked, this, &FiguresStation::hear);
    connect(&session_, &Session::changed, this, &FiguresStation::refresh);
    const auto key = [this](const QKeySequence& sequence, auto&& action) {
        auto* shortcut = new QShortcut(sequence, this);
        shortcut->setContext(Qt::WidgetWithChildrenShortcut);
        connect(shortcut, &QShortcut::activated, this, action);
    };
    key(Qt::Key_Down, [this] { move_choice(1); });
    key(Qt::Key_Up, [this] { move_choice(-1); });
    refresh();
}

void FiguresStation::build_evidence(QWidget* side) {
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(18, 14, 18, 14);
    down->setSpacing(8);
    title_ = titled(QString(), side);
    title_->setWordWrap(true);
    why_ = second(QString(), side);
    film_ = new FilmView(side);
    film_->setFixedHeight(220);
    words_ = new QLabel(side);
    words_->setWordWrap(true);
    down->addWidget(title_);
    down->addWidget(why_);
    down->addWidget(film_);
    auto* hear_row = new QHBoxLayout;
    hear_ = new KeyButton(tr("Hear it"), Qt::Key_Space, this);
    auto* next_claim = new KeyButton(tr("Next claim"), Qt::Key_C, this);
    hear_row->addWidget(hear_);
    hear_row->addWidget(next_claim);
    hear_row->addStretch(1);
    down->addLayout(hear_row);
    down->addWidget(words_);
    auto* form = new QHBoxLayout;
    value_ = new QLineEdit(side);
    value_->setAccessibleName(tr("Value"));
    value_->setPlaceholderText(tr("value and unit"));
    tolerance_ = new QLineEdit(side);
    tolerance_->setAccessibleName(tr("Tolerance"));
    tolerance_->setPlaceholderText(tr("± tolerance"));
    tolerance_->setFixedWidth(110);
    form->addWidget(second(tr("Value"), side));
    form->addWidget(value_, 1);
    form->addWidget(tolerance_);
    down->addLayout(form);
    proofs_ = new QLabel(side);
    proofs_->setWordWrap(true);
    proofs_->setTextFormat(Qt::RichText);
    down->addWidget(proofs_);
    uses_ = second(QString(), side);
    down->addWidget(uses_);
    down->addStretch(1);
    auto* row = new QHBoxLayout;
    auto* source = new KeyButton(tr("Add a source"), Qt::Key_B, this, true);
    settle_ = new KeyButton(tr("Settle it"), Qt::Key_D, this);
    row->addWidget(source);
    row->addWidget(settle_);
    row->addStretch(1);
    down->addLayout(row);
    auto* working = new QHBoxLayout;
    work_ = new KeyButton(tr("Work it out"), Qt::Key_W, this);
    rule_ = new KeyButton(tr("House rule"), Qt::Key_R, this);
    absent_ = new KeyButton(tr("Not found"), Qt::Key_X, this);
    for (auto* b : {work_, rule_, absent_}) working->addWidget(b);
    working->addStretch(1);
    down->addLayout(working);
    auto* together = new QHBoxLayout;
    join_ = new KeyButton(tr("Join"), Qt::Key_J, this);
    part_ = new KeyButton(tr("Part claim"), Qt::Key_P, this);
    auto* row2 = together;
    together->addWidget(join_);
    together->addWidget(part_);
    auto* fresh = new KeyButton(tr("New"), Qt::Key_N, this);
    auto* remove = new KeyButton(tr("Remove"), Qt::Key_Delete, this);
    row2->addWidget(fresh);
    row2->addWidget(remove);
    row2->addStretch(1);
    down->addLayout(row2);
    connect(hear_, &QPushButton::clicked, this, [this] { film_->playing() ? film_->pause() : hear(claim_); });
    connect(next_claim, &QPushButton::clicked, this, &FiguresStation::hear_next);
    connect(source, &QPushButton::clicked, this, &FiguresStation::add_source);
    connect(settle_, &QPushButton::clicked, this, &FiguresStation::settle);
    connect(work_, &QPushButton::clicked, this, &FiguresStation::work_out);
    connect(rule_, &QPushButton::clicked, this, &FiguresStation::take_rule);
    connect(absent_, &QPushButton::clicked, this, &FiguresStation::not_found);
    connect(join_, &QPushButton::clicked, this, &FiguresStation::join);
    connect(part_, &QPushButton::clicked, this, &FiguresStation::part);
    connect(fresh, &QPushButton::clicked, this, &FiguresStation::add_figure);
    connect(remove, &QPushButton::clicked, this, &FiguresStation::remove_figure);
    connect(value_, &QLineEdit::editingFinished, this, &FiguresStation::set_value);
    connect(tolerance_, &QLineEdit::editingFinished, this, &FiguresStation::set_value);
    for (auto* edit : {value_, tolerance_}) connect(edit, &QLineEdit::returnPressed, this, [this] { setFocus(); });
}

void FiguresStation::showEvent(QShowEvent*) {
    refresh();
    setFocus();
}

void FiguresStation::choose(const core::FigureId& id) {
    list_->choose(id);
    const auto& figures = session_.procedure().figures;
    const auto it = std::find_if(figures.begin(), figures.end(), [&](const core::Figure& f) { return f.id == id; });
    scroll_->ensureVisible(0, static_cast<int>(it - figures.begin()) * FigureList::kRow + FigureList::kRow / 2, 0, FigureList::kRow);
}

void FiguresStation::move_choice(int by) {
    const auto& figures = session_.procedure().figures;
    if (figures.empty()) return;
    const auto it = std::find_if(figures.begin(), figures.end(), [&](const core::Figure& f) { return f.id == list_->chosen(); });
    const auto next = std::clamp<std::ptrdiff_t>(it - figures.begin() + by, 0, static_cast<std::ptrdiff_t>(figures.size()) - 1);
    choose(figures[static_cast<std::size_t>(next)].id);
}

void FiguresStation::next_open() {
    const auto& figures = session_.procedure().figures;
    const auto now = std::find_if(figures.begin(), figures.end(), [&](const core::Figure& f) { return f.id == list_->chosen(); }) - figures.begin();
    for (std::size_t k = 1; k <= figures.size(); ++k) {
        const auto& f = figures[(static_cast<std::size_t>(now) + k) % figures.size()];
        if (core::standing_of(session_.procedure(), f) != core::Standing::Proved) {
            choose(f.id);
            return;
        }
    }
    session_.tell(tr("Every figure is proved."));
}

void FiguresStation::refresh() {
    list_->refresh();
    const auto* f = figure();
    for (QWidget* w : {static_cast<QWidget*>(value_), static_cast<QWidget*>(tolerance_), static_cast<QWidget*>(settle_), static_cast<QWidget*>(hear_), static_cast<QWidget*>(work_), static_cast<QWidget*>(rule_), static_cast<QWidget*>(absent_), static_cast<QWidget*>(join_), static_cast<QWidget*>(part_)}) w->setEnabled(f != nullptr);
    if (f == nullptr) {
        title_->setText(tr("No figure yet"));
        why_->clear();
        words_->clear();
        proofs_->clear();
        uses_->clear();
        return;
    }
    title_->setText(text(core::title_of(session_.procedure(), *f)));
    QString why = text(core::argue_standing(session_.procedure(), *f));
    if (const auto no = core::contradiction(*f); no && core::standing_of(session_.procedure(), *f) != core::Standing::Proved) why += QLatin1Char(' ') + text(*no);
    for (const auto* s : core::outdated_sources(session_.procedure(), *f)) why += tr(" %1 has a newer edition here: look it up again.").arg(text(s->title));
    why_->setText(why);
    work_->setEnabled(WorkOut::serves(f->kind));
    part_->setEnabled(f->claims.size() + f->proofs.size() > 1 && !f->claims.empty());
    absent_->setEnabled(f->proofs.empty());
    if (!value_->hasFocus()) value_->setText(f->value.known() ? text(core::text_of(f->value)) : QString());
    if (!tolerance_->hasFocus()) tolerance_->setText(text(f->tolerance));
    hear_->setEnabled(!f->claims.empty());
    settle_->set_words(f->settled.empty() ? tr("Settle it") : tr("Open it again"));
    settle_->setEnabled(!f->settled.empty() || (core::standing_of(session_.procedure(), *f) == core::Standing::Disputed && !f->proofs.empty()));
    if (f->claims.empty()) {
        words_->setText(tr("Not said in any recording."));
    } else {
        claim_ = std::min(claim_, f->claims.size() - 1);
        const auto& c = f->claims[claim_];
        words_->setText(tr("“%1”, %2 (claim %3 of %4)").arg(text(c.words), text(core::clock_text(c.at, false))).arg(claim_ + 1).arg(f->claims.size()));
        if (const auto* r = session_.recording(c.recording); r != nullptr && isVisible() && (film_->recording() != r || !film_->playing())) {
            film_->open(r);
            film_->show_time(c.at);
        }
    }
    film_->setVisible(!f->claims.empty());
    QString proofs;
    for (const auto& p : f->proofs) {
        const auto* s = session_.procedure().find(p.source);
        proofs += QStringLiteral("<p style='margin:2px 0'>■ <b>%1</b> &nbsp; %2, %3</p>").arg(text(core::text_of(p.value)).toHtmlEscaped(), s == nullptr ? QString() : text(s->title).toHtmlEscaped(), text(p.place).toHtmlEscaped());
    }
    if (!f->settled.empty()) proofs += tr("<p style='margin:2px 0'>Settled: %1</p>").arg(text(f->settled).toHtmlEscaped());
    proofs_->setText(proofs.isEmpty() ? tr("No source yet.") : proofs);
    const auto steps = core::steps_using(session_.procedure(), f->id);
    QStringList numbers;
    for (const int n : steps) numbers << QString::number(n);
    uses_->setText(numbers.isEmpty() ? tr("No step uses it yet.") : tr("Used in step %1.").arg(numbers.join(QStringLiteral(", "))));
}

void FiguresStation::hear(std::size_t claim) {
    const auto* f = figure();
    if (f == nullptr || claim >= f->claims.size()) return;
    claim_ = claim;
    const auto& c = f->claims[claim];
    const auto* r = session_.recording(c.recording);
    if (r == nullptr) return;
    film_->open(r);
    film_->show_time(c.at);
    auto end = c.at;
    for (const auto& s : r->narration)
        if (s.start == c.at) end = s.end;
    refresh();
    film_->play_until(end);
}

void FiguresStation::hear_next() {
    const auto* f = figure();
    if (f != nullptr && !f->claims.empty()) hear((claim_ + 1) % f->claims.size());
}

bool FiguresStation::put(core::Figure f, const char* label) { return session_.perform(core::Change{label, {core::Put<core::Figure>{std::move(f), std::nullopt}}}); }

void FiguresStation::set_value() {
    const auto* f = figure();
    if (f == nullptr) return;
    const auto value = core::parse_figure_value(value_->text().toStdString(), f->kind);
    const std::string tolerance = tolerance_->text().trimmed().toStdString();
    if (!value || (!tolerance.empty() && !core::Number::parse(tolerance))) {
        session_.tell(value ? tr("The tolerance is a number in the unit of the value, as in 2.5.") : text(value.error().message));
        return;
    }
    // What was typed from the display reads back as the same value; digits are kept.
    if (core::text_of(*value) == core::text_of(f->value) && tolerance == f->tolerance) return;
    core::Figure next = *f;
    if (core::text_of(*value) != core::text_of(f->value)) next.value = *value;
    next.tolerance = tolerance;
    next.settled.clear();
    put(std::move(next), "change a figure");
}

void FiguresStation::add_source() {
    const auto* f = figure();
    if (f == nullptr) return;
    SourceDialog dialog(session_.procedure(), *f, this);
    if (dialog.exec() == QDialog::Accepted) session_.perform(dialog.change());
    setFocus();
}

void FiguresStation::settle() {
    const auto* f = figure();
    if (f == nullptr) return;
    core::Figure next = *f;
    if (!f->settled.empty()) {
        next.settled.clear();
        put(std::move(next), "open a figure again");
        return;
    }
    bool ok = false;
    const QString why = QInputDialog::getText(this, tr("Settle a difference"), tr("Why does %1 hold? (printed with the guide)").arg(text(core::text_of(f->value))), QLineEdit::Normal, QString(), &ok).trimmed();
    if (!ok) return;
    if (why.isEmpty()) {
        session_.tell(tr("A difference is settled with a reason; nothing was changed."));
        return;
    }
    next.settled = why.toStdString();
    put(std::move(next), "settle a figure");
}

void FiguresStation::work_out() {
    const auto* f = figure();
    if (f == nullptr || !WorkOut::serves(f->kind)) return;
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
    if (!r) {
        session_.tell(f->proofs.empty() ? tr("Speech alone proves nothing, so the house rule has nothing to go by. Add the source that gives it.") : core::standing_of(session_.procedure(), *f) == core::Standing::Proved ? tr("All sources agree: there is nothing to settle.")
                                                                                                                                                                                                                           : tr("Two sources of the same rank differ: find out which holds, and settle it with the reason."));
        return;
    }
    session_.perform(core::take_ruling(*f, *r));
}

void FiguresStation::not_found() {
    const auto* f = figure();
    if (f == nullptr) return;
    bool ok = false;
    const QString where = QInputDialog::getText(this, tr("Not found"), tr("Where was it looked for? (printed with the guide)"), QLineEdit::Normal, QString(), &ok).trimmed();
    if (!ok) return;
    if (where.isEmpty()) {
        session_.tell(tr("“Not found” says where it was looked for; nothing was changed."));
        return;
    }
    session_.perform(core::note_not_found(*f, {where.toStdString(), session_.author().toStdString(), QDate::currentDate().toString(Qt::ISODate).toStdString()}));
}

void FiguresStation::join() {
    const auto* f = figure();
    if (f == nullptr) return;
    QStringList names;
    std::vector<core::FigureId> ids;
    for (const auto& other : session_.procedure().figures)
        if (other.id != f->id && other.kind == f->kind) {
            names << QStringLiteral("%1 · %2").arg(text(core::title_of(session_.procedure(), other)), text(core::text_of(other.value)));
            ids.push_back(other.id);
        }
    if (names.isEmpty()) {
        session_.tell(tr("There is no other %1 to join it with.").arg(text(std::string(core::spoken_name_of(f->kind)))));
        return;
    }
    bool ok = false;
    const QString chosen = QInputDialog::getItem(this, tr("Join two figures"), tr("Which says the same as %1? Its claims and sources come here.").arg(text(core::title_of(session_.procedure(), *f))), names, 0, false, &ok);
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
    for (int k = 0; k <= static_cast<int>(core::FigureKind::Force); ++k) kind->addItem(text(std::string(core::spoken_name_of(static_cast<core::FigureKind>(k)))), k);
    auto* item = new QComboBox(&dialog);
    item->addItem(tr("(no item)"), QString());
    for (const auto& i : session_.procedure().items) item->addItem(text(i.name), text(i.id.text()));
    auto* purpose = new QLineEdit(&dialog);
    purpose->setPlaceholderText(tr("tightening torque"));
    auto* value = new QLineEdit(&dialog);
    value->setPlaceholderText(tr("leave empty while it is not known"));
    form->addRow(tr("&Kind"), kind);
    form->addRow(tr("&About"), item);
    form->addRow(tr("&Purpose"), purpose);
    form->addRow(tr("&Value"), value);
    auto* trouble = second(QString(), &dialog);
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
    f.id = core::fresh_id<core::FigureId>(f.item.text() + " " + (f.purpose.empty() ? std::string(core::spoken_name_of(f.kind)) : f.purpose), session_.procedure().figures);
    const auto id = f.id;
    if (put(std::move(f), "add a figure")) choose(id);
    setFocus();
}

void FiguresStation::remove_figure() {
    if (figure() != nullptr) session_.perform(core::Change{"remove a figure", {core::Remove<core::FigureId>{list_->chosen()}}});
}

}  // namespace anagraph::app
