#include "app/sheet/step_forms.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QDate>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>
#include <algorithm>
#include <functional>

#include "app/command/command_row.h"
#include "app/sheet/orders_dialog.h"
#include "app/theme/controls.h"
#include "app/theme/form.h"
#include "app/theme/theme.h"
#include "core/editing/line_actions.h"
#include "core/editing/usual_cautions.h"
#include "core/edits/change_label.h"

namespace anagraph::app::step_forms {

using theme::text;

namespace {

/// So that what collects words for translation finds them under one name.
struct StepFormsWords {
    Q_DECLARE_TR_FUNCTIONS(StepFormsWords)
};

/// The figures of some kinds, to choose one of; none comes first.
class FigureChoice {
public:
    FigureChoice(Form& form, const QString& label, const core::Procedure& p, const std::vector<core::FigureKind>& kinds,
        const core::FigureId& now, const QString& none) {
        QStringList names{none};
        ids_.emplace_back();
        int row = 0;
        for (const auto& f : p.figures) {
            if (!kinds.empty() && std::find(kinds.begin(), kinds.end(), f.kind) == kinds.end()) continue;
            if (f.id == now) row = static_cast<int>(ids_.size());
            names << QStringLiteral("%1 (%2)").arg(text(core::title_of(p, f)), text(core::words_of(f.value)));
            ids_.push_back(f.id);
        }
        box_ = form.choice(label, names, row);
    }
    core::FigureId id() const { return ids_[static_cast<std::size_t>(box_->currentIndex())]; }

private:
    std::vector<core::FigureId> ids_;
    QComboBox* box_;
};

/// Boxes to tick, side by side in rows of `across`.
std::vector<QCheckBox*> ticks(
    Form& form, const QString& label, const QStringList& names, const std::function<bool(int)>& on, int across = 4) {
    auto* box = new QWidget(&form);
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    std::vector<QCheckBox*> out;
    for (int i = 0; i < names.size(); ++i) {
        auto* tick = new QCheckBox(names[i], box);
        tick->setChecked(on(i));
        grid->addWidget(tick, i / across, i % across);
        out.push_back(tick);
    }
    auto* name = new QLabel(label, &form);
    name->setContentsMargins(0, 2, 0, 0);
    form.rows().addRow(name, box);
    return out;
}

/// "PT60, PT60-T" as the variants of the guide that are ticked; all or none mean: for all.
std::vector<std::string> ticked(const std::vector<QCheckBox*>& boxes, const std::vector<std::string>& names) {
    std::vector<std::string> out;
    for (std::size_t i = 0; i < boxes.size(); ++i)
        if (boxes[i]->isChecked()) out.push_back(names[i]);
    return out.size() == names.size() ? std::vector<std::string>{} : out;
}

QStringList listed(const std::vector<std::string>& names) {
    QStringList out;
    for (const auto& n : names) out << text(n);
    return out;
}

std::vector<QCheckBox*> variant_ticks(Form& form, const core::Procedure& p, const std::vector<std::string>& now) {
    return ticks(form, StepFormsWords::tr("Applies to"), listed(p.header.variants), [&](int i) {
        return now.empty() || std::find(now.begin(), now.end(), p.header.variants[static_cast<std::size_t>(i)]) != now.end();
    });
}

core::Result<core::Change> put(const char* label, core::Step step) {
    return core::Change{label, {core::Put<core::Step>{std::move(step), std::nullopt}}};
}

const core::Step* step_of(Session& session) {
    const auto* step = session.procedure().find(session.step());
    if (step == nullptr) session.tell(StepFormsWords::tr("Choose a step first."));
    return step;
}

}  // namespace

Answer facts(Session& session, QWidget* parent) {
    const auto* now = step_of(session);
    if (now == nullptr) return {};
    const auto& p = session.procedure();
    core::Step s = *now;
    Form form(StepFormsWords::tr("Applies to, and machine state"), parent, 620);
    const auto variants = variant_ticks(form, p, s.variants);
    if (p.header.variants.empty())
        form.words(
            StepFormsWords::tr("The guide is for one kind of machine; name its variants in the guide settings to tell them apart here."));
    QStringList names;
    const auto& known = core::all_of<core::MachineState>();
    for (const auto& state : known) names << text(core::words_of(state.value));
    const auto states = ticks(form, StepFormsWords::tr("The machine is"), names,
        [&](int i) { return std::find(s.states.begin(), s.states.end(), known[static_cast<std::size_t>(i)].value) != s.states.end(); });
    const auto chosen = [&] {
        std::vector<core::MachineState> out;
        for (std::size_t i = 0; i < states.size(); ++i)
            if (states[i]->isChecked()) out.push_back(known[i].value);
        return out;
    };
    const auto check = [&]() -> QString {
        if (!variants.empty() && std::none_of(variants.begin(), variants.end(), [](QCheckBox* b) { return b->isChecked(); }))
            return StepFormsWords::tr("A step applies to at least one variant; remove the step where it applies to none.");
        return text(core::contradiction(chosen()));
    };
    if (!form.ask(check)) return {};
    s.variants = ticked(variants, p.header.variants);
    s.states = chosen();
    return put(core::change_label("say what a step applies to"), std::move(s));
}

Answer caution(Session& session, int which, QWidget* parent) {
    const auto* now = step_of(session);
    if (now == nullptr) return {};
    core::Step s = *now;
    const bool fresh = which < 0 || which >= static_cast<int>(s.cautions.size());
    const core::Caution old = fresh ? core::Caution{} : s.cautions[static_cast<std::size_t>(which)];
    Form form(
        fresh ? StepFormsWords::tr("A caution before what it warns of") : StepFormsWords::tr("The caution by its parts"), parent, 640);
    QStringList kinds{StepFormsWords::tr("another hazard")};
    int row = 0;
    for (const auto& h : core::hazards()) {
        if (h.id == old.hazard) row = static_cast<int>(kinds.size());
        kinds << text(std::string(h.name));
    }
    auto* kind = form.choice(StepFormsWords::tr("&Hazard"), kinds, row);
    auto* harm = form.choice(StepFormsWords::tr("What can &happen"),
        {StepFormsWords::tr("it will kill or seriously injure: DANGER"), StepFormsWords::tr("it can kill or seriously injure: WARNING"),
            StepFormsWords::tr("it can cause a minor injury: CAUTION"),
            StepFormsWords::tr("it can damage the machine or the surroundings: NOTICE")},
        static_cast<int>(fresh ? core::Signal::Warning : old.signal));
    // an old text is one piece; its parts are the author's to tell apart
    auto* source = form.line(StepFormsWords::tr("&Source of harm"), fresh ? "" : old.text, StepFormsWords::tr("Hot oil"));
    auto* what = form.line(StepFormsWords::tr("What it &does"), "", StepFormsWords::tr("burns."));
    auto* avoid = form.line(StepFormsWords::tr("How to &avoid it"), "", StepFormsWords::tr("Let it cool; wear gloves."));
    QObject::connect(kind, &QComboBox::activated, &form, [&](int i) {
        if (i == 0) return;
        const auto& h = core::hazards()[static_cast<std::size_t>(i - 1)];
        harm->setCurrentIndex(static_cast<int>(h.signal));
        source->setText(text(std::string(h.source)));
        what->setText(text(std::string(h.harm)));
        avoid->setText(text(std::string(h.avoid)));
    });
    form.words(StepFormsWords::tr(
        "The signal word follows from what can happen, not from taste (ANSI Z535.6, ISO 3864-2). The maker's book and the site's rules "
        "come first."));
    const auto check = [&]() -> QString {
        if (source->text().trimmed().isEmpty()) return StepFormsWords::tr("Say what does the harm.");
        if (fresh && (what->text().trimmed().isEmpty() || avoid->text().trimmed().isEmpty()))
            return StepFormsWords::tr("Say what can happen and how to avoid it: a warning alone does not help the reader.");
        return {};
    };
    if (!form.ask(check)) return {};
    QStringList parts;
    for (const auto* e : {source, what, avoid})
        if (!e->text().trimmed().isEmpty()) parts << e->text().trimmed();
    core::Caution next{static_cast<core::Signal>(harm->currentIndex()), parts.join(QLatin1Char(' ')).toStdString(),
        kind->currentIndex() == 0 ? "" : std::string(core::hazards()[static_cast<std::size_t>(kind->currentIndex() - 1)].id)};
    if (fresh)
        s.cautions.push_back(std::move(next));
    else
        s.cautions[static_cast<std::size_t>(which)] = std::move(next);
    return put(fresh ? core::change_label("add a caution") : core::change_label("change a caution"), std::move(s));
}

Answer check(Session& session, int which, QWidget* parent) {
    const auto* now = step_of(session);
    if (now == nullptr) return {};
    core::Step s = *now;
    const bool fresh = which < 0 || which >= static_cast<int>(s.checks.size());
    core::Check c = fresh ? core::Check{} : s.checks[static_cast<std::size_t>(which)];
    Form form(StepFormsWords::tr("What is looked at, and what is good"), parent, 640);
    auto* look = form.line(StepFormsWords::tr("&Look at"), c.look, StepFormsWords::tr("mesh of the strainer"));
    auto* good = form.line(StepFormsWords::tr("&Good is"), c.good, StepFormsWords::tr("whole and clean"));
    auto* stop = form.line(StepFormsWords::tr("&Stop when"), c.stop, StepFormsWords::tr("torn or full of chips"));
    auto* ask = form.line(StepFormsWords::tr("Then &ask"), c.ask, StepFormsWords::tr("the instructor"));
    auto* reading = form.line(
        StepFormsWords::tr("&Write down"), c.reading ? c.reading->what : "", StepFormsWords::tr("nothing; or what is read: hour meter"));
    auto* unit = form.line(
        StepFormsWords::tr("&Unit"), c.reading ? c.reading->unit : "", StepFormsWords::tr("h, bar, mm; empty where a word is written"));
    FigureChoice limits(form, StepFormsWords::tr("Must lie &within"), session.procedure(), {},
        c.reading ? c.reading->limits : core::FigureId{}, StepFormsWords::tr("no limits are known"));
    const auto check = [&]() -> QString {
        if (look->text().trimmed().isEmpty()) return StepFormsWords::tr("Say what is looked at.");
        if (good->text().trimmed().isEmpty() || stop->text().trimmed().isEmpty())
            return StepFormsWords::tr("Say what is good and what stops the job; a check without both leaves the learner alone.");
        if (!unit->text().trimmed().isEmpty() && core::find_unit(words_of(unit)) == nullptr)
            return StepFormsWords::tr("\"%1\" is no unit known here; h, bar, mm, L and °C are.").arg(unit->text().trimmed());
        if (reading->text().trimmed().isEmpty() && (!unit->text().trimmed().isEmpty() || !limits.id().empty()))
            return StepFormsWords::tr("Say what is written down.");
        return {};
    };
    if (!form.ask(check)) return {};
    c.look = words_of(look);
    c.good = words_of(good);
    c.stop = words_of(stop);
    c.ask = words_of(ask);
    c.reading.reset();
    const auto* known = core::find_unit(words_of(unit));
    if (!words_of(reading).empty())
        c.reading = core::Reading{words_of(reading), known == nullptr ? "" : std::string(known->id), limits.id()};
    if (fresh)
        s.checks.push_back(std::move(c));
    else
        s.checks[static_cast<std::size_t>(which)] = std::move(c);
    return put(fresh ? core::change_label("add a check") : core::change_label("change a check"), std::move(s));
}

Answer wait(Session& session, QWidget* parent) {
    const auto* now = step_of(session);
    if (now == nullptr) return {};
    core::Step s = *now;
    Form form(StepFormsWords::tr("Wait"), parent);
    FigureChoice time(form, StepFormsWords::tr("How &long"), session.procedure(),
        {core::FigureKind::Duration, core::FigureKind::Temperature}, {}, StepFormsWords::tr("no time is known: until what is said below"));
    auto* what = form.line(StepFormsWords::tr("For &what"), "", StepFormsWords::tr("until the oil has run into the sump"));
    if (!form.ask([&] {
            return time.id().empty() && what->text().trimmed().isEmpty() ? StepFormsWords::tr("Say how long, or what is waited for.")
                                                                         : QString();
        }))
        return {};
    s.waits.push_back({words_of(what), time.id()});
    return put(core::change_label("add a wait"), std::move(s));
}

namespace {

/// One press in a row of fields.
struct PressRow {
    QWidget* row;
    QComboBox* kind;
    QLineEdit* button;
    QSpinBox* times;
    QComboBox* hold;
    QLineEdit* shows;
};

/// The presses of one display, a row each; an empty button takes a row out.
class SequenceDialog : public QDialog {
public:
    SequenceDialog(const core::Procedure& p, const core::ResetSequence& sequence, QWidget* parent) : QDialog(parent), p_(p) {
        setWindowTitle(StepFormsWords::tr("How one kind of display is set back"));
        setMinimumWidth(860);
        auto* down = new QVBoxLayout(this);
        down->setContentsMargins(20, 16, 20, 16);
        auto* head = new QFormLayout;
        display_ = new QLineEdit(text(sequence.display), this);
        display_->setPlaceholderText(StepFormsWords::tr("display with two buttons"));
        display_->setAccessibleName(StepFormsWords::tr("Display"));
        head->addRow(StepFormsWords::tr("&Display"), display_);
        down->addLayout(head);
        for (const auto& v : p.header.variants) {
            auto* tick = new QCheckBox(text(v), this);
            tick->setChecked(
                sequence.variants.empty() || std::find(sequence.variants.begin(), sequence.variants.end(), v) != sequence.variants.end());
            variants_.push_back(tick);
            down->addWidget(tick);
        }
        rows_ = new QVBoxLayout;
        down->addLayout(rows_);
        for (const auto& press : sequence.presses) add(press);
        add({});
        auto* commands = new Commands(StepFormsWords::tr("Display"), this);
        commands->add({"display.add-press", StepFormsWords::tr("One more press"), Qt::CTRL | Qt::Key_Return,
            StepFormsWords::tr("A further row for a button that is pressed."), StepFormsWords::tr("Presses"), {},
            [this] { add({})->button->setFocus(); }});
        down->addLayout(command_line(*commands, {QStringLiteral("display.add-press")}, this));
        auto* end = new QFormLayout;
        trouble_ = end_form(end, this);
        down->addLayout(end);
    }
    core::ResetSequence sequence() const {
        std::vector<std::string> names;
        core::ResetSequence out{words_of(display_), ticked(variants_, p_.header.variants), {}};
        for (const auto& r : presses_) {
            if (words_of(r.button).empty()) continue;
            const auto kind = static_cast<core::Press::Kind>(r.kind->currentData().toInt());
            out.presses.push_back({kind, words_of(r.button), r.times->value(),
                kind == core::Press::Kind::Hold ? core::FigureId(r.hold->currentData().toString().toStdString()) : core::FigureId{},
                words_of(r.shows)});
        }
        return out;
    }

protected:
    void accept() override {
        const auto now = sequence();
        if (now.display.empty())
            trouble_->setText(StepFormsWords::tr("Say which display it is: a learner has to know it again."));
        else if (now.presses.empty())
            trouble_->setText(StepFormsWords::tr("Say which button is pressed first."));
        else
            QDialog::accept();
    }

private:
    PressRow* add(const core::Press& press) {
        auto* row = new QWidget(this);
        auto* across = new QHBoxLayout(row);
        across->setContentsMargins(0, 0, 0, 0);
        PressRow r{row, new QComboBox(row), new QLineEdit(text(press.button), row), new QSpinBox(row), new QComboBox(row),
            new QLineEdit(text(press.shows), row)};
        for (const auto& k : core::all_of<core::Press::Kind>()) r.kind->addItem(text(core::words_of(k.value)), static_cast<int>(k.value));
        r.kind->setCurrentIndex(static_cast<int>(press.kind));
        r.kind->setAccessibleName(StepFormsWords::tr("What is done"));
        r.button->setPlaceholderText(StepFormsWords::tr("button: MODE"));
        r.button->setAccessibleName(StepFormsWords::tr("Button %1").arg(presses_.size() + 1));
        r.times->setRange(1, 20);
        r.times->setValue(press.times);
        r.times->setSuffix(QStringLiteral(" ×"));
        r.times->setAccessibleName(StepFormsWords::tr("How often"));
        r.hold->addItem(StepFormsWords::tr("time not known"), QString());
        for (const auto& f : p_.figures)
            if (f.kind == core::FigureKind::Duration) {
                r.hold->addItem(StepFormsWords::tr("for %1").arg(text(core::words_of(f.value))), text(f.id.text()));
                if (f.id == press.hold) r.hold->setCurrentIndex(r.hold->count() - 1);
            }
        r.hold->setAccessibleName(StepFormsWords::tr("How long"));
        r.shows->setPlaceholderText(StepFormsWords::tr("display shows then"));
        r.shows->setAccessibleName(StepFormsWords::tr("Display shows %1").arg(presses_.size() + 1));
        const auto adapt = [kind = r.kind, hold = r.hold] { hold->setEnabled(kind->currentIndex() == 1); };
        connect(r.kind, &QComboBox::currentIndexChanged, this, adapt);
        adapt();
        for (QWidget* w : {static_cast<QWidget*>(r.kind), static_cast<QWidget*>(r.button), static_cast<QWidget*>(r.times),
                 static_cast<QWidget*>(r.hold), static_cast<QWidget*>(r.shows)})
            across->addWidget(w);
        rows_->addWidget(row);
        presses_.push_back(r);
        return &presses_.back();
    }

    const core::Procedure& p_;
    QLineEdit* display_;
    std::vector<QCheckBox*> variants_;
    QVBoxLayout* rows_;
    std::vector<PressRow> presses_;
    QLabel* trouble_;
};

}  // namespace

Answer resets(Session& session, QWidget* parent) {
    const auto* now = step_of(session);
    if (now == nullptr) return {};
    core::Step s = *now;
    int which = static_cast<int>(s.resets.size());
    if (!s.resets.empty()) {
        Form form(StepFormsWords::tr("Set a display back"), parent);
        QStringList names;
        for (const auto& r : s.resets) names << text(r.display);
        names << StepFormsWords::tr("another display");
        auto* box = form.choice(StepFormsWords::tr("&Which"), names, which);
        QStringList todo{StepFormsWords::tr("write it"), StepFormsWords::tr("take it out")};
        auto* what = form.choice(StepFormsWords::tr("&Do"), todo);
        if (!form.ask([&] {
                return what->currentIndex() == 1 && box->currentIndex() == static_cast<int>(s.resets.size())
                    ? StepFormsWords::tr("There is nothing to remove yet.")
                    : QString();
            }))
            return {};
        which = box->currentIndex();
        if (what->currentIndex() == 1) {
            s.resets.erase(s.resets.begin() + which);
            return put(core::change_label("take a reset out"), std::move(s));
        }
    }
    const bool fresh = which == static_cast<int>(s.resets.size());
    SequenceDialog dialog(session.procedure(), fresh ? core::ResetSequence{} : s.resets[static_cast<std::size_t>(which)], parent);
    if (dialog.exec() != QDialog::Accepted) return {};
    if (fresh)
        s.resets.push_back(dialog.sequence());
    else
        s.resets[static_cast<std::size_t>(which)] = dialog.sequence();
    return put(core::change_label("say how a display is set back"), std::move(s));
}

Answer follow_ups(Session& session, QWidget* parent) {
    core::Header header = session.procedure().header;
    Form form(StepFormsWords::tr("Follow-ups"), parent, 860);
    form.words(StepFormsWords::tr(
        "What is done after the job: look again after the first hour, tomorrow, when cold. It is printed at the end of the guide, with "
        "a box to tick. {item:…} and {figure:…} name things as in a line. An empty row is removed."));
    std::vector<std::pair<QLineEdit*, QLineEdit*>> rows;
    const auto add = [&](const core::FollowUp& f) {
        auto* row = new QWidget(&form);
        auto* across = new QHBoxLayout(row);
        across->setContentsMargins(0, 0, 0, 0);
        auto* when = new QLineEdit(text(f.when), row);
        auto* what = new QLineEdit(text(f.what), row);
        when->setPlaceholderText(StepFormsWords::tr("after the first hour"));
        what->setPlaceholderText(StepFormsWords::tr("look again for a drip"));
        when->setAccessibleName(StepFormsWords::tr("When %1").arg(rows.size() + 1));
        what->setAccessibleName(StepFormsWords::tr("What %1").arg(rows.size() + 1));
        when->setCursorPosition(0);
        what->setCursorPosition(0);
        across->addWidget(when, 1);
        across->addWidget(what, 2);
        form.rows().addRow(row);
        rows.emplace_back(when, what);
    };
    for (const auto& f : header.follow_ups) add(f);
    for (int i = 0; i < 2; ++i) add({});
    if (!form.ask([&] {
            for (const auto& [when, what] : rows)
                if (when->text().trimmed().isEmpty() != what->text().trimmed().isEmpty())
                    return StepFormsWords::tr("Each needs both: when, and what.");
            return QString();
        }))
        return {};
    header.follow_ups.clear();
    for (const auto& [when, what] : rows)
        if (!words_of(what).empty()) header.follow_ups.push_back({words_of(when), words_of(what)});
    return core::Change{core::change_label("edit the follow-ups"), {core::SetHeader{std::move(header)}}};
}

Answer orders(Session& session, int line, QWidget* parent) {
    const auto& p = session.procedure();
    const auto* step = p.find(session.step());
    if (step == nullptr || line < 0 || line >= static_cast<int>(step->lines.size())) return {};
    OrdersDialog dialog(p, *step, static_cast<std::size_t>(line), parent);
    if (dialog.exec() != QDialog::Accepted) return {};
    core::Step next = core::with_line_actions(*step, static_cast<std::size_t>(line), dialog.actions(), p.items);
    if (next == *step) return {};
    return core::tried(p, {core::change_label("put right what a line orders"), {core::Put<core::Step>{std::move(next), std::nullopt}}});
}

Answer comment(Session& session, int line, QWidget* parent) {
    const auto* now = step_of(session);
    if (now == nullptr) return {};
    core::Step s = *now;
    const std::string at = line >= 0 && line < static_cast<int>(s.lines.size()) ? s.lines[static_cast<std::size_t>(line)] : std::string();
    Form form(
        at.empty() ? StepFormsWords::tr("Comments on this step") : StepFormsWords::tr("Comments on line %1").arg(line + 1), parent, 620);
    struct Standing {
        core::Comment* comment;
        QLineEdit* answer;
        QCheckBox* closed;
    };
    std::vector<Standing> standing;
    for (auto& c : s.comments) {
        if (c.at != at) continue;
        form.words(QStringLiteral("%1, %2: %3").arg(text(c.who), text(c.on), text(c.text)));
        auto* answer = form.line(StepFormsWords::tr("Answer"), c.answer, StepFormsWords::tr("what came of it"));
        auto* closed = new QCheckBox(StepFormsWords::tr("done with"), &form);
        closed->setChecked(c.closed);
        form.rows().addRow(QString(), closed);
        standing.push_back({&c, answer, closed});
    }
    auto* who =
        form.line(StepFormsWords::tr("&Who says it"), session.author().toStdString(), StepFormsWords::tr("by post: checker, learner 07"));
    auto* said = form.line(StepFormsWords::tr("&Comment"), "", StepFormsWords::tr("what is unclear, wrong or missing here"));
    said->setFocus();
    if (!form.ask([&] {
            return !said->text().trimmed().isEmpty() && who->text().trimmed().isEmpty() ? StepFormsWords::tr("Say who says it, by post.")
                                                                                        : QString();
        }))
        return {};
    for (const auto& st : standing) {
        st.comment->answer = words_of(st.answer);
        st.comment->closed = st.closed->isChecked();
    }
    if (!words_of(said).empty())
        s.comments.push_back({at, words_of(who), QDate::currentDate().toString(Qt::ISODate).toStdString(), words_of(said)});
    return put(core::change_label("comment"), std::move(s));
}

}  // namespace anagraph::app::step_forms
