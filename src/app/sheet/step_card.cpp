#include "app/sheet/step_card.h"

#include <fmt/ranges.h>

#include <QCoreApplication>
#include <QEvent>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <QStyle>
#include <QSvgRenderer>
#include <algorithm>

#include "app/sheet/orders_dialog.h"
#include "app/sheet/plate_preview.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/editing/line_actions.h"
#include "core/editing/usual_cautions.h"
#include "core/edits/change_label.h"
#include "publish/colours.h"
#include "publish/hazard_signs.h"
#include "publish/press_strip.h"

namespace anagraph::app {

using theme::text;

namespace {

/// A drawing of the pack as a picture for the card.
QPixmap drawn(const std::string& svg, const QSize& size, double ratio) {
    QPixmap out(size * ratio);
    out.fill(Qt::transparent);
    QPainter p(&out);
    QSvgRenderer renderer(QByteArray::fromStdString(svg));
    renderer.setAspectRatioMode(Qt::KeepAspectRatio);
    renderer.render(&p);
    p.end();
    out.setDevicePixelRatio(ratio);
    return out;
}

/// Where the editor's findings stand: beside what they are about.
QLabel* note(QWidget* parent) {
    auto* label = new QLabel(parent);
    label->setObjectName(QStringLiteral("note"));
    label->setWordWrap(true);
    label->setTextFormat(Qt::RichText);
    label->hide();
    return label;
}

/// What a line orders, small and quiet.
QLabel* orders_mark(QWidget* parent) {
    auto* label = quiet_label(QString(), parent);
    label->setFont(theme::font("small"));
    label->setContentsMargins(30, 0, 0, 2);
    label->setAccessibleDescription(QCoreApplication::translate("StepCard", "What the line orders"));
    label->hide();
    return label;
}

QString order_note(const core::OrderFinding& f) {
    return QStringLiteral("<span style='color:%1'>%2</span> %3")
        .arg(theme::colour("accent").name(), QCoreApplication::translate("StepCard", "Dry run:"), text(f.because).toHtmlEscaped());
}

/// What runs brought back, each with the way to the run it comes from.
QStringList taught_words(const core::StepTaught& taught) {
    QStringList out;
    const auto add = [&](const QString& words, const std::vector<std::int64_t>& runs) {
        QString links;
        for (const auto run : runs)
            links += QStringLiteral(" <a style='color:%1' href='run:%2'>%3</a>")
                         .arg(theme::colour("accent").name())
                         .arg(run)
                         .arg(QCoreApplication::translate("StepCard", "run %1").arg(run));
        out << QStringLiteral("<span style='color:%1'>%2</span> %3%4")
                   .arg(theme::colour("good").name(), QCoreApplication::translate("StepCard", "At the machine:"), words.toHtmlEscaped(),
                       links);
    };
    if (const auto time = taught.time_words(); !time.empty()) add(text(time), {});
    for (const auto& n : taught.notes) add(text(n.text), n.runs);
    return out;
}

QString note_words(const core::Finding& f) {
    return QStringLiteral("%1 <span style='color:%2'>%3</span>")
        .arg(text(f.why).toHtmlEscaped(), theme::colour("accent").name(),
            f.fix ? QCoreApplication::translate("StepCard", "The editor can put it right.") : QString());
}

}  // namespace

StepCard::StepCard(Session& session, const core::StepId& id, QWidget* parent) : QFrame(parent), session_(session), id_(id) {
    setObjectName(QStringLiteral("card"));
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(16, 12, 16, 12);
    across->setSpacing(16);
    auto* words = new QVBoxLayout;
    words->setSpacing(6);
    auto* head = new QHBoxLayout;
    number_ = new QLabel(this);
    number_->setFont(theme::font("large", true));
    number_->setMinimumWidth(34);
    heading_ = new QLineEdit(this);
    heading_->setObjectName(QStringLiteral("heading"));
    heading_->setPlaceholderText(tr("what is done, as an order"));
    heading_->setAccessibleName(tr("Heading"));
    head->addWidget(number_);
    head->addWidget(heading_, 1);
    others_ = new QLabel(this);
    others_->setAccessibleDescription(tr("Who else is in this step"));
    others_->setStyleSheet(QStringLiteral("color: %1; border: 1px solid %1; padding: 1px 7px;").arg(theme::colour("seen").name()));
    head->addWidget(others_);
    connect(&session_, &Session::others_changed, this, &StepCard::show_others);
    words->addLayout(head);
    facts_ = quiet_label(QString(), this);
    facts_->setContentsMargins(38, 0, 0, 0);
    facts_->setTextFormat(Qt::RichText);
    words->addWidget(facts_);
    caution_box_ = new QVBoxLayout;
    caution_box_->setSpacing(5);
    line_box_ = new QVBoxLayout;
    line_box_->setSpacing(1);
    line_box_->setContentsMargins(38, 0, 0, 0);
    check_box_ = new QVBoxLayout;
    check_box_->setContentsMargins(38, 0, 0, 0);
    step_note_ = note(this);
    connect(step_note_, &QLabel::linkActivated, &session_,
        [this](const QString& to) { session_.show_run(to.section(QLatin1Char(':'), 1).toLongLong()); });
    check_note_ = note(this);
    words->addLayout(caution_box_);
    // as far in as the lines' own
    const auto indented = [&](QWidget* w) {
        auto* row = new QHBoxLayout;
        row->setContentsMargins(16, 0, 0, 0);
        row->addWidget(w);
        words->addLayout(row);
    };
    indented(step_note_);
    words->addLayout(line_box_);
    words->addLayout(check_box_);
    indented(check_note_);
    reset_box_ = new QVBoxLayout;
    reset_box_->setContentsMargins(38, 0, 0, 0);
    words->addLayout(reset_box_);
    ways_ = quiet_label(QString(), this);
    ways_->setContentsMargins(38, 0, 0, 0);
    ways_->setTextFormat(Qt::RichText);
    words->addWidget(ways_);
    comments_ = note(this);
    indented(comments_);
    words->addStretch(1);
    across->addLayout(words, 1);
    preview_ = new PlatePreview(session, this);
    across->addWidget(preview_, 0, Qt::AlignTop);
    watch(heading_);
    connect(heading_, &QLineEdit::editingFinished, this, [this] { save(core::change_label("write a heading")); });
    connect(heading_, &QLineEdit::returnPressed, this, [this] {
        save(core::change_label("write a heading"));  // before the focus moves on and the card shows the guide again
        if (lines_.empty())
            add_line(-1);
        else
            focus_line(0);
    });
    refresh();
}

void StepCard::watch(QWidget* widget) { widget->installEventFilter(this); }

bool StepCard::eventFilter(QObject*, QEvent* event) {
    if (event->type() == QEvent::FocusIn && now() != nullptr) {
        session_.set_step(id_);
        emit entered();
    }
    return false;
}

void StepCard::show_others() {
    const QString posts = session_.others_at(id_);
    others_->setText(tr("%1 is here").arg(posts));
    others_->setToolTip(tr("Works on this step just now; what is saved there appears here within a second."));
    others_->setVisible(!posts.isEmpty());
}

void StepCard::refresh() {
    const auto* s = now();
    if (s == nullptr) return;
    const auto& steps = session_.procedure().steps;
    const auto index = std::find_if(steps.begin(), steps.end(), [&](const core::Step& x) { return x.id == id_; }) - steps.begin();
    number_->setText(QString::number(index + 1));
    show_others();
    show_text(heading_, text(s->heading));
    show_cautions(*s);
    show_lines(*s);
    show_checks(*s);
    show_waits(*s);
    show_facts(*s);
    show_resets(*s);
    show_ways(*s);
    show_comments(*s);
    preview_->show_step(*s);
    const QString name = session_.step() == id_ ? QStringLiteral("cardNow") : QStringLiteral("card");
    if (objectName() != name) {
        setObjectName(name);
        style()->unpolish(this);
        style()->polish(this);
    }
}

void StepCard::show_cautions(const core::Step& step) {
    while (cautions_.size() > step.cautions.size()) {
        cautions_.back().row->deleteLater();
        cautions_.pop_back();
    }
    while (cautions_.size() < step.cautions.size()) {
        auto* row = new QWidget(this);
        auto* across = new QHBoxLayout(row);
        across->setContentsMargins(38, 0, 0, 0);
        auto* sign = new QLabel(row);
        sign->setFixedSize(30, 30);
        auto* signal = new QComboBox(row);
        for (const auto& s : core::all_of<core::Signal>()) signal->addItem(theme::signal_word(s.value), static_cast<int>(s.value));
        signal->setAccessibleName(tr("Signal word"));
        signal->setFixedWidth(124);
        signal->setFocusPolicy(Qt::TabFocus);
        auto* words = new LineField(session_, tr("Caution"), row);
        across->addWidget(sign, 0, Qt::AlignTop);
        across->addWidget(signal, 0, Qt::AlignTop);
        across->addWidget(words, 1);
        watch(words->edit());
        caution_box_->addWidget(row);
        const auto i = cautions_.size();
        connect(signal, &QComboBox::activated, this, [this] { save(core::change_label("change a signal word")); });
        connect(words, &LineField::finished, this, [this] { save(core::change_label("write a caution")); });
        connect(words, &LineField::line_after_asked, this, [this] { focus_line(0); });
        connect(words, &LineField::removal_asked, this, [this, i] {
            core::Step s = *now();
            if (i < s.cautions.size()) s.cautions.erase(s.cautions.begin() + static_cast<std::ptrdiff_t>(i));
            heading_->setFocus();
            session_.perform(core::Change{core::change_label("remove a caution"), {core::Put<core::Step>{std::move(s), std::nullopt}}});
        });
        cautions_.push_back({row, sign, signal, words});
    }
    for (std::size_t i = 0; i < cautions_.size(); ++i) {
        auto& row = cautions_[i];
        row.signal->setCurrentIndex(row.signal->findData(static_cast<int>(step.cautions[i].signal)));
        const auto colours = publish::signal_colours(step.cautions[i].signal);
        row.signal->setStyleSheet(QStringLiteral("QComboBox { background: %1; color: %2; font-weight: bold; border: 0; }")
                                      .arg(text(colours.ground), text(colours.on)));
        const auto* hazard = core::find_hazard(step.cautions[i].hazard);
        const QString symbol = hazard == nullptr ? QStringLiteral("general") : text(std::string(hazard->symbol));
        if (row.sign->property("symbol") != symbol) {
            row.sign->setProperty("symbol", symbol);
            row.sign->setPixmap(drawn(publish::hazard_svg(symbol.toStdString(), publish::colour("ink"), publish::colour("white")),
                QSize(30, 27), devicePixelRatioF()));
        }
        row.sign->setToolTip(hazard == nullptr ? tr("General warning: its hazard is not named") : text(std::string(hazard->name)));
        row.words->set_line(step.cautions[i].text);
    }
}

void StepCard::show_lines(const core::Step& step) {
    const std::size_t wanted = std::max<std::size_t>(1, step.lines.size());
    // the field being typed in stays, though its line is not part of the step yet
    while (lines_.size() > wanted && !lines_.back()->editing()) {
        lines_.back()->parentWidget()->deleteLater();
        lines_.pop_back();
        line_notes_.pop_back();
        line_orders_.pop_back();
    }
    while (lines_.size() < wanted) {
        auto* row = new QWidget(this);
        auto* down = new QVBoxLayout(row);
        down->setContentsMargins(0, 0, 0, 0);
        down->setSpacing(2);
        auto* across = new QHBoxLayout;
        across->setContentsMargins(0, 0, 0, 0);
        down->addLayout(across);
        line_orders_.push_back(orders_mark(row));
        down->addWidget(line_orders_.back());
        line_notes_.push_back(note(row));
        down->addWidget(line_notes_.back());
        const int i = static_cast<int>(lines_.size());
        auto* number = quiet_label(QStringLiteral("%1.").arg(i + 1), row);
        number->setWordWrap(false);
        number->setFixedWidth(22);
        number->setContentsMargins(0, 6, 0, 0);
        auto* field = new LineField(session_, tr("Instruction %1").arg(i + 1), row);
        across->addWidget(number, 0, Qt::AlignTop);
        across->addWidget(field, 1);
        line_box_->addWidget(row);
        watch(field->edit());
        connect(field, &LineField::finished, this, [this] { save(core::change_label("write an instruction")); });
        connect(field, &LineField::line_after_asked, this, [this, i] { add_line(i); });
        connect(field, &LineField::removal_asked, this, [this, i] {
            core::Step s = *now();
            auto left = s.lines;
            if (i < static_cast<int>(left.size())) left.erase(left.begin() + i);
            s = core::with_lines(std::move(s), std::move(left), session_.procedure().items);
            if (i > 0)
                focus_line(i - 1);
            else
                heading_->setFocus();
            session_.perform(
                core::Change{core::change_label("remove an instruction"), {core::Put<core::Step>{std::move(s), std::nullopt}}});
        });
        lines_.push_back(field);
    }
    for (std::size_t i = 0; i < lines_.size(); ++i) {
        lines_[i]->set_line(i < step.lines.size() ? step.lines[i] : std::string());
        show_orders(step, i);
    }
}

/// The verbs and items of a line as a small mark under it; a dot before it where its author put it right.
void StepCard::show_orders(const core::Step& step, std::size_t line) {
    QStringList words;
    for (const auto& a : core::actions_of_line(step, line, session_.procedure().items)) words << order_words(session_.procedure(), a);
    const bool put_right = line < step.lines.size() &&
        std::any_of(step.put_right.begin(), step.put_right.end(), [&](const core::LineActions& l) { return l.line == step.lines[line]; });
    if (put_right && words.isEmpty()) words << tr("orders nothing");
    line_orders_[line]->setText((put_right ? QStringLiteral("● ") : QString()) + words.join(QStringLiteral("  ·  ")));
    line_orders_[line]->setVisible(!words.isEmpty());
}

QString StepCard::orders_of(int i) const {
    return i < 0 || i >= static_cast<int>(line_orders_.size()) ? QString() : line_orders_[static_cast<std::size_t>(i)]->text();
}

void StepCard::show_checks(const core::Step& step) {
    while (checks_.size() > step.checks.size()) {
        checks_.back().row->deleteLater();
        checks_.pop_back();
    }
    while (checks_.size() < step.checks.size()) {
        auto* row = new QWidget(this);
        auto* grid = new QGridLayout(row);
        grid->setContentsMargins(0, 4, 0, 0);
        grid->setSpacing(4);
        CheckRow r{row, new QLineEdit(row), new QLineEdit(row), new QLineEdit(row), quiet_label(QString(), row)};
        auto* box = new QLabel(QStringLiteral("☐"), row);
        box->setFont(theme::font("title"));
        grid->addWidget(box, 0, 0);
        const std::tuple<QLineEdit*, QString, int, int> fields[] = {
            {r.look, tr("look at"), 0, 1}, {r.good, tr("good is"), 0, 2}, {r.stop, tr("stop and ask when"), 1, 2}};
        for (const auto& [field, hint, at, column] : fields) {
            field->setPlaceholderText(hint);
            field->setAccessibleName(tr("Check: %1").arg(hint));
            grid->addWidget(field, at, column);
            watch(field);
            connect(field, &QLineEdit::editingFinished, this, [this] { save(core::change_label("write a check")); });
        }
        auto* stop = quiet_label(tr("stop when"), row);
        stop->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        grid->addWidget(stop, 1, 1);
        grid->addWidget(r.more, 2, 1, 1, 2);
        grid->setColumnStretch(1, 2);
        grid->setColumnStretch(2, 4);
        check_box_->addWidget(row);
        checks_.push_back(r);
    }
    for (std::size_t i = 0; i < checks_.size(); ++i) {
        const auto& c = step.checks[i];
        const std::pair<QLineEdit*, const std::string&> shown[] = {
            {checks_[i].look, c.look}, {checks_[i].good, c.good}, {checks_[i].stop, c.stop}};
        for (const auto& [field, words] : shown) {
            show_text(field, text(words));
            if (!has_keys(field)) field->setCursorPosition(0);
            field->setToolTip(text(words));
        }
        QStringList more;
        if (!c.ask.empty()) more << tr("ask %1").arg(text(c.ask));
        if (c.reading) {
            const auto* limits = session_.procedure().find(c.reading->limits);
            more << tr("write down: %1%2")
                        .arg(text(c.reading->what),
                            limits == nullptr ? QString() : tr(", within %1").arg(text(core::words_of(limits->value))));
        }
        checks_[i].more->setText(more.join(QStringLiteral(" · ")));
        checks_[i].more->setVisible(!more.isEmpty());
    }
}

void StepCard::show_waits(const core::Step& step) {
    while (waits_.size() > step.waits.size()) {
        waits_.back().row->deleteLater();
        waits_.pop_back();
    }
    while (waits_.size() < step.waits.size()) {
        auto* row = new QWidget(this);
        auto* across = new QHBoxLayout(row);
        across->setContentsMargins(0, 4, 0, 0);
        WaitRow r{row, new QLabel(row), new QLineEdit(row)};
        r.words->setPlaceholderText(tr("what is waited for; empty removes the wait"));
        r.words->setAccessibleName(tr("Wait"));
        across->addWidget(r.time);
        across->addWidget(r.words, 1);
        watch(r.words);
        connect(r.words, &QLineEdit::editingFinished, this, [this] { save(core::change_label("write a wait")); });
        check_box_->addWidget(row);
        waits_.push_back(r);
    }
    for (std::size_t i = 0; i < waits_.size(); ++i) {
        const auto* time = session_.procedure().find(step.waits[i].figure);
        waits_[i].time->setText(time == nullptr ? tr("Wait") : tr("Wait %1").arg(text(core::words_of(time->value))));
        show_text(waits_[i].words, text(step.waits[i].text));
    }
}

void StepCard::show_facts(const core::Step& step) {
    QStringList facts;
    QStringList variants;
    for (const auto& v : step.variants) variants << text(v);
    if (!variants.isEmpty())
        facts << QStringLiteral("<b>%1</b>").arg(tr("%1 only").arg(variants.join(QStringLiteral(", "))).toHtmlEscaped());
    for (const auto state : step.states) facts << text(core::words_of(state));
    facts_->setText(facts.join(QStringLiteral(" · ")));
    facts_->setVisible(!facts.isEmpty());
}

void StepCard::show_ways(const core::Step& step) {
    if (step.methods.empty()) {
        ways_->hide();
        return;
    }
    const auto house = session_.library().house();
    QStringList lines;
    for (const auto& held : core::methods_of(step, house ? house->methods : std::vector<core::HouseMethod>{})) {
        QStringList accepted;
        for (const auto* way : held.accepted) accepted << text(std::string(way->name));
        QString line = QStringLiteral("<b>%1</b>").arg(text(core::summary(held)).toHtmlEscaped());
        if (held.chosen != nullptr)
            line += QStringLiteral(" %1").arg((accepted.isEmpty() ? tr("No other method is accepted here.")
                                                                  : tr("Also accepted: %1.").arg(accepted.join(QStringLiteral(", "))))
                                                  .toHtmlEscaped());
        lines << line;
    }
    ways_->setText(lines.join(QStringLiteral("<br>")));
    ways_->show();
}

void StepCard::show_resets(const core::Step& step) {
    std::vector<std::string> strips;
    for (const auto& r : step.resets)
        strips.push_back(publish::press_strip(session_.procedure(), r) + r.display + fmt::format("{}", fmt::join(r.variants, ", ")));
    if (strips == strips_) return;
    strips_ = strips;
    for (auto* label : resets_) label->deleteLater();
    resets_.clear();
    for (const auto& r : step.resets) {
        const int presses = static_cast<int>(std::max<std::size_t>(1, r.presses.size()));
        const int high = std::min(104, 560 / presses);
        auto* strip = new QLabel(this);
        strip->setPixmap(drawn(publish::press_strip(session_.procedure(), r), QSize(high * presses, high), devicePixelRatioF()));
        strip->setAccessibleName(QStringLiteral("%1: %2").arg(text(r.display), text(publish::press_words(session_.procedure(), r))));
        QStringList variants;
        for (const auto& v : r.variants) variants << text(v);
        auto* name = quiet_label(
            variants.isEmpty() ? text(r.display) : tr("%1, %2 only").arg(text(r.display), variants.join(QStringLiteral(", "))), this);
        for (auto* label : {name, strip}) {
            reset_box_->addWidget(label);
            resets_.push_back(label);
        }
    }
}

void StepCard::show_comments(const core::Step& step) {
    QStringList lines;
    for (const auto& c : step.comments) {
        if (c.closed) continue;
        const auto at = std::find(step.lines.begin(), step.lines.end(), c.at);
        const QString where = c.at.empty() ? tr("the step")
            : at == step.lines.end()       ? tr("a line that was changed since")
                                           : tr("line %1").arg(at - step.lines.begin() + 1);
        lines << tr("<b>%1</b> on %2: %3%4")
                     .arg(text(c.who).toHtmlEscaped(), where, text(c.text).toHtmlEscaped(),
                         c.answer.empty() ? QString() : tr(" <i>Answer: %1</i>").arg(text(c.answer).toHtmlEscaped()));
    }
    comments_->setText(lines.join(QStringLiteral("<br>")));
    comments_->setVisible(!lines.isEmpty());
}

int StepCard::caution_in_hand() const {
    for (std::size_t i = 0; i < cautions_.size(); ++i)
        if (cautions_[i].words->editing()) return static_cast<int>(i);
    return -1;
}

int StepCard::check_in_hand() const {
    for (std::size_t i = 0; i < checks_.size(); ++i)
        for (const auto* field : {checks_[i].look, checks_[i].good, checks_[i].stop})
            if (has_keys(field)) return static_cast<int>(i);
    return -1;
}

core::PartOfStep StepCard::part_in_hand() const {
    using core::StepPart;
    const std::pair<StepPart, int> in_hand[] = {
        {StepPart::Line, line_in_hand()}, {StepPart::Caution, caution_in_hand()}, {StepPart::Check, check_in_hand()}};
    for (const auto& [part, at] : in_hand)
        if (at >= 0) return {part, static_cast<std::size_t>(at)};
    for (std::size_t i = 0; i < waits_.size(); ++i)
        if (has_keys(waits_[i].words)) return {StepPart::Wait, i};
    return {};
}

void StepCard::save(const char* label) {
    const auto* s = now();
    if (s == nullptr) return;
    core::Step next = *s;
    next.heading = heading_->text().trimmed().toStdString();
    std::vector<std::string> lines;
    for (auto* f : lines_)
        if (!f->line().empty() || f->editing()) lines.push_back(f->line());
    while (!lines.empty() && lines.back().empty()) lines.pop_back();
    if (lines != next.lines) next = core::with_lines(std::move(next), std::move(lines), session_.procedure().items);
    for (std::size_t i = 0; i < cautions_.size() && i < next.cautions.size(); ++i) {
        next.cautions[i].signal = static_cast<core::Signal>(cautions_[i].signal->currentData().toInt());
        next.cautions[i].text = cautions_[i].words->line();
    }
    for (std::size_t i = 0; i < checks_.size() && i < next.checks.size(); ++i) {
        next.checks[i].look = checks_[i].look->text().trimmed().toStdString();
        next.checks[i].good = checks_[i].good->text().trimmed().toStdString();
        next.checks[i].stop = checks_[i].stop->text().trimmed().toStdString();
    }
    for (std::size_t i = 0; i < waits_.size() && i < next.waits.size(); ++i)
        next.waits[i].text = waits_[i].words->text().trimmed().toStdString();
    std::erase_if(next.waits, [](const core::Wait& w) { return w.text.empty() && w.figure.empty(); });
    if (next == *s) return;
    session_.perform(core::Change{label, {core::Put<core::Step>{std::move(next), std::nullopt}}});
}

int StepCard::line_in_hand() const {
    for (std::size_t i = 0; i < lines_.size(); ++i)
        if (lines_[i]->editing()) return static_cast<int>(i);
    return -1;
}

void StepCard::show_findings(
    const std::vector<core::Finding>& found, const std::vector<core::OrderFinding>& of_the_order, const core::StepTaught* taught) {
    const auto show = [](QLabel* label, const QStringList& words) {
        label->setText(words.join(QStringLiteral("<br>")));
        label->setVisible(!words.isEmpty());
    };
    QStringList of_step;
    QStringList of_checks;
    std::vector<QStringList> of_lines(line_notes_.size());
    for (const auto& f : found) {
        if (f.part == core::StepPart::Line && f.index < of_lines.size())
            of_lines[f.index] << note_words(f);
        else if (f.part == core::StepPart::Check)
            of_checks << note_words(f);
        else
            of_step << note_words(f);
    }
    for (const auto& f : of_the_order) (f.line && *f.line < of_lines.size() ? of_lines[*f.line] : of_step) << order_note(f);
    if (taught != nullptr) of_step << taught_words(*taught);
    show(step_note_, of_step);
    show(check_note_, of_checks);
    for (std::size_t i = 0; i < line_notes_.size(); ++i) show(line_notes_[i], of_lines[i]);
}

void StepCard::focus_line(int i) {
    if (auto* f = line(i)) f->begin();
}

void StepCard::add_line(int after) {
    save(core::change_label("write an instruction"));
    core::Step s = *now();
    const auto at = std::min<std::size_t>(static_cast<std::size_t>(after + 1), s.lines.size());
    // an empty line is kept by the field only, until something is written into it
    if (at >= s.lines.size()) {
        if (static_cast<int>(lines_.size()) > after + 1) {
            focus_line(after + 1);
            return;
        }
        s.lines.emplace_back();
        show_lines(s);
        focus_line(static_cast<int>(at));
        return;
    }
    s.lines.insert(s.lines.begin() + static_cast<std::ptrdiff_t>(at), "");
    if (session_.perform(core::Change{core::change_label("add an instruction"), {core::Put<core::Step>{std::move(s), std::nullopt}}}))
        focus_line(static_cast<int>(at));
}

void StepCard::add_caution() {
    core::Step s = *now();
    s.cautions.push_back({core::Signal::Caution, ""});
    if (session_.perform(core::Change{core::change_label("add a caution"), {core::Put<core::Step>{std::move(s), std::nullopt}}}))
        cautions_.back().words->begin();
}

void StepCard::add_check() {
    core::Step s = *now();
    s.checks.push_back({});
    if (session_.perform(core::Change{core::change_label("add a check"), {core::Put<core::Step>{std::move(s), std::nullopt}}}))
        checks_.back().look->setFocus();
}

}  // namespace anagraph::app
