#include "app/figures/mixture_panel.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/fluids/refill.h"
#include "core/workout/known.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

namespace {

constexpr int kFieldWidth = 120;

std::optional<double> litres_in(const QLineEdit* edit) {
    const auto said = core::Quantity::parse(edit->text().trimmed().toStdString());
    if (!said) return std::nullopt;
    const auto amount = core::amount_of(*said);
    return amount ? std::optional(amount->litres) : std::nullopt;
}

QString degrees(double value) { return QString::number(value, 'f', 0).replace(QLatin1Char('-'), QChar(0x2212)); }

std::optional<double> number_in(const QString& words) {
    const auto n = core::Number::parse(words.trimmed().toStdString());
    return n ? std::optional(n->value()) : std::nullopt;
}

}  // namespace

MixturePanel::MixturePanel(const core::Procedure& procedure, const core::Figure& figure, QWidget* parent) : QWidget(parent) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(20);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(9);
    way_ = new QComboBox(this);
    way_->addItem(tr("drain some and replace it"), static_cast<int>(Way::Replace));
    way_->addItem(tr("top up, drain nothing"), static_cast<int>(Way::TopUp));
    way_->addItem(tr("mix anew, by ratio"), static_cast<int>(Way::Ratio));
    form->addRow(tr("&Method"), way_);
    const auto field = [&](const QString& label, const QString& value, const QString& hint) {
        Row row{new QLabel(label, this), new QLineEdit(value, this)};
        row.edit->setFixedWidth(kFieldWidth);
        ask_when_ambiguous(row.edit);
        row.edit->setPlaceholderText(hint);
        row.label->setBuddy(row.edit);
        form->addRow(row.label, row.edit);
        connect(row.edit, &QLineEdit::textChanged, this, &MixturePanel::reckon);
        return row;
    };
    // what the guide knows of the system; nothing is made up
    const auto* total = core::known_amount(procedure, figure, &core::FluidSystem::total);
    const QString holds = total == nullptr ? QString() : text(total->value.low + " " + total->value.unit);
    volume_ = field(tr("The system &holds"), holds, tr("8 L"));
    room_ = field(tr("&Room above it"), QString(), tr("1 L"));
    have_ = field(tr("&Measured, %"), QString(), tr("35"));
    want_ = field(tr("&Wanted, %"), figure.value.known() ? text(figure.value.low) : QString(), tr("50"));
    concentrate_ = field(tr("&Concentrate, %"), QStringLiteral("100"), tr("100"));
    ratio_ = field(tr("Rati&o, to water"), QString(), tr("1 : 10"));
    type_ = new QComboBox(this);
    for (const auto& t : core::all_of<core::Glycol>()) type_->addItem(text(core::words_of(t.value)), static_cast<int>(t.value));
    form->addRow(tr("&Type"), type_);
    jug_ = field(tr("The &jug holds"), QString(), tr("2 L"));
    connect(type_, &QComboBox::currentIndexChanged, this, &MixturePanel::reckon);
    connect(way_, &QComboBox::currentIndexChanged, this, &MixturePanel::reckon);
    across->addLayout(form);
    across->addSpacing(230);  // the jug is painted here
    answer_ = answer_column(across, tr("What to do"), this);
    reckon();
    setFocusProxy(holds.isEmpty() ? volume_.edit : have_.edit);
}

QString MixturePanel::protection(double percent) const {
    const auto type = static_cast<core::Glycol>(type_->currentData().toInt());
    const auto freezes = core::freezing_point(type, percent);
    if (!freezes) return QStringLiteral("<p>%1</p>").arg(text(freezes.error().message));
    return tr("<p>%1 % of %2 freezes at about %3 °C (%4 °F). The product's own table counts before this one.</p>")
        .arg(text(core::rounded_text(percent, 2)), type_->currentText(), degrees(*freezes),
            degrees(core::convert(*freezes, *core::find_unit("degC"), *core::find_unit("degF"))));
}

/// The marks for the jug in hand: filled as often as it takes, the parts one after the other.
QString MixturePanel::jug_words() const {
    const auto jug = litres_in(jug_.edit);
    if (!jug || *jug <= 0 || pours_.empty()) return {};
    std::vector<double> parts;
    for (const auto& p : pours_) parts.push_back(p.litres);
    const auto fillings = core::jug_fillings(parts, *jug);
    if (!fillings) return QStringLiteral("<p>%1</p>").arg(text(fillings.error().message));
    const auto& marks = fillings->marks;
    QStringList words;
    for (std::size_t i = 0; i < marks.size(); ++i)
        words << tr("%1 to the mark <b>%2 L</b>").arg(pours_[i].of, text(core::rounded_text(marks[i], 2)));
    return QStringLiteral("<p>%1</p>")
        .arg(fillings->times == 1 ? tr("In the jug: %1.").arg(words.join(tr(", then ")))
                                  : tr("In the jug, %1 times: %2.").arg(fillings->times).arg(words.join(tr(", then "))));
}

QString MixturePanel::answer() {
    const auto volume = litres_in(volume_.edit);
    const auto have = number_in(have_.edit->text());
    const auto want = number_in(want_.edit->text());
    const auto concentrate = number_in(concentrate_.edit->text());
    if (way() == Way::Ratio) {
        const auto parts = ratio_.edit->text().split(QLatin1Char(':'));
        const auto first = number_in(parts.value(0));
        const auto second_part = number_in(parts.value(1));
        if (!volume || parts.size() != 2 || !first || !second_part) return tr("Say how much is to be mixed, and the ratio as in 1 : 10.");
        const auto r = core::mix_by_ratio(*volume, *first, *second_part);
        if (!r) return text(r.error().message);
        pours_ = {{r->concentrate, tr("concentrate")}, {r->water, tr("water")}};
        return tr("<p><b>%1 of concentrate</b> and <b>%2 of water</b> make it.</p>")
            .arg(text(core::amount_in_both(r->concentrate)), text(core::amount_in_both(r->water)));
    }
    if (!volume || !have || !want || !concentrate)
        return tr("Fill in all four: how much the system holds, the strength measured, the strength wanted, and that of the concentrate.");
    if (way() == Way::TopUp) {
        const auto room = litres_in(room_.edit);
        if (!room) return tr("Say how much room there is above what is in it.");
        const auto add = core::top_up(*volume, *room, *have, *want, *concentrate);
        if (!add) return text(add.error().message);
        if (*add == 0) return tr("The strength is right; nothing has to be added.") + protection(*want);
        const QString of = *want < *have ? tr("water") : tr("concentrate");
        pours_ = {{*add, of}};
        return tr("<p>Pour in <b>%1 of %2</b>. Run until it has mixed, then measure again.</p>").arg(text(core::amount_in_both(*add)), of) +
            protection(*want);
    }
    const auto r = core::drain_and_replace(*volume, *have, *want, *concentrate);
    if (!r) return text(r.error().message);
    if (r->drain == 0) return tr("The strength is right; nothing has to be added.") + protection(*want);
    const QString of = r->of_percent > 0 ? tr("concentrate") : tr("water");
    pours_ = {{r->drain, of}};
    return tr("<p>Drain <b>%1</b> and keep it for the waste store.</p><p>Pour <b>%1 of %2</b> in instead. Run until it has mixed, then "
              "measure again.</p>")
               .arg(text(core::amount_in_both(r->drain)), of) +
        protection(*want);
}

void MixturePanel::reckon() {
    const auto show = [](const Row& row, bool on) {
        row.label->setVisible(on);
        row.edit->setVisible(on);
    };
    const bool ratio = way() == Way::Ratio;
    volume_.label->setText(ratio ? tr("To be &mixed") : way() == Way::TopUp ? tr("&Amount in it") : tr("The system &holds"));
    show(room_, way() == Way::TopUp);
    for (const auto& row : {have_, want_, concentrate_}) show(row, !ratio);
    show(ratio_, ratio);
    type_->setEnabled(!ratio);
    pours_.clear();
    const QString words = answer();
    answer_->setText(words + jug_words());
    setAccessibleDescription(without_markup(answer_->text()));
    update();
}

void MixturePanel::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    // the jug of one filling, with the parts in it
    const double left = type_->geometry().right() + 40;
    const QRectF jug(left, 20, 130, 260);
    const auto holds = litres_in(jug_.edit);  // without its size there are no marks to draw
    if (!holds || *holds <= 0) return;
    std::vector<double> parts;
    for (const auto& pour : pours_) parts.push_back(pour.litres);
    const auto fillings = core::jug_fillings(parts, *holds);
    const double fills = fillings ? fillings->times : 1;
    const auto y = [&](double litres) { return jug.bottom() - 4 - (jug.height() - 24) * litres / fills / *holds; };
    double level = 0;
    for (std::size_t i = 0; i < pours_.size(); ++i) {
        p.fillRect(QRectF(QPointF(jug.left() + 2, y(level + pours_[i].litres)), QPointF(jug.right() - 2, y(level))),
            colour(i == 0 ? "band" : "wash"));
        level += pours_[i].litres;
    }
    p.setPen(QPen(colour("ink"), 2));
    p.drawPolyline(
        QPolygonF({QPointF(jug.left() - 14, jug.top() - 8), jug.topLeft(), jug.bottomLeft(), jug.bottomRight(), jug.topRight()}));
    p.drawArc(QRectF(jug.right() - 26, jug.top() + 50, 52, 130), -90 * 16, 180 * 16);
    for (int tenth = 1; tenth <= 10; ++tenth) {
        const double at = jug.bottom() - 4 - (jug.height() - 24) * tenth / 10;
        p.setPen(QPen(colour("ink"), tenth % 5 == 0 ? 1.4 : 0.8));
        p.drawLine(QPointF(jug.left() + 2, at), QPointF(jug.left() + (tenth % 5 == 0 ? 26 : 14), at));
    }
    level = 0;
    for (const auto& pour : pours_) {
        level += pour.litres;
        p.setPen(QPen(colour("accent"), 2.4));
        p.drawLine(QPointF(jug.left() + 2, y(level)), QPointF(jug.right() - 2, y(level)));
        p.setFont(theme::font("small", true));
        p.setPen(colour("accent"));
        p.drawText(QRectF(jug.left() + 30, y(level) - 20, 98, 18), Qt::AlignRight | Qt::AlignVCenter,
            text(core::rounded_text(level / fills, 2)) + QStringLiteral(" L"));
    }
}

std::vector<spoken::Painted> MixturePanel::painted() const {
    std::vector<spoken::Painted> out;
    for (const auto& pour : pours_)
        out.push_back({.role = QAccessible::Graphic, .name = tr("Pour: %1 of %2").arg(text(core::amount_text(pour.litres)), pour.of)});
    return out;
}

}  // namespace anagraph::app
