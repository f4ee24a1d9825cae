#include "app/figures/wrench_panel.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>
#include <cmath>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/torque/usual_torque.h"
#include "core/workout/known.h"

namespace anagraph::app {

using theme::colour;
using theme::text;
using theme::today;

namespace {

QString unit_symbol(const std::string& id) {
    const auto* unit = core::find_unit(id);
    return unit == nullptr ? text(id) : QString::fromUtf8(unit->symbol.data(), static_cast<qsizetype>(unit->symbol.size()));
}

QString plain(double value) { return theme::digits(value, 'g', 5); }

}  // namespace

WrenchScales::WrenchScales(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Wrenches"));
}

void WrenchScales::show_offers(std::vector<core::WrenchOffer> offers) {
    offers_ = std::move(offers);
    chosen_ = std::min(chosen_, offers_.empty() ? 0 : offers_.size() - 1);
    setMinimumHeight(std::max(1, static_cast<int>(offers_.size())) * kRow);
    setAccessibleDescription(words());
    update();
    emit chosen_changed();
}

QString WrenchScales::words() const {
    if (wrench() == nullptr) return {};
    return text(wrench()->name) + QStringLiteral(": ") + text(offers_[chosen_].why);
}

void WrenchScales::choose(std::size_t i) {
    if (i >= offers_.size() || i == chosen_) return;
    chosen_ = i;
    setAccessibleDescription(words());
    update();
    emit chosen_changed();
}

void WrenchScales::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Down)
        choose(chosen_ + 1);
    else if (event->key() == Qt::Key_Up && chosen_ > 0)
        choose(chosen_ - 1);
    else
        QWidget::keyPressEvent(event);
}

void WrenchScales::mousePressEvent(QMouseEvent* event) { choose(static_cast<std::size_t>(event->position().y()) / kRow); }

void WrenchScales::paint_row(QPainter& p, const core::WrenchOffer& offer, const QRectF& row, bool chosen) {
    const auto& w = *offer.wrench;
    p.fillRect(row, colour(chosen ? "sheet" : "paper"));
    if (chosen) p.fillRect(QRectF(row.left(), row.top(), 5, row.height()), colour("accent"));
    p.fillRect(QRectF(row.left(), row.bottom() - 1, row.width(), 1), colour("rule"));
    const double x = row.left() + 18;
    p.setFont(theme::font("text", true));
    p.setPen(colour("ink"));
    cut_.draw(p, QRectF(x, row.top() + 12, 170, 20), text(w.name));
    p.setFont(theme::font("small"));
    p.setPen(colour("second"));
    p.drawText(QRectF(x, row.top() + 32, 170, 18), Qt::AlignVCenter,
        tr("%1 to %2 %3%4")
            .arg(plain(w.from), plain(w.to), unit_symbol(w.unit), w.drive.empty() ? QString() : QStringLiteral(" · ") + text(w.drive)));
    p.drawText(QRectF(x, row.top() + 50, 170, 18), Qt::AlignVCenter,
        w.calibrated.empty() ? tr("never calibrated")
            : w.due.empty()  ? tr("calibrated %1").arg(text(core::Words::day(w.calibrated)))
                             : tr("calibrated to %1").arg(text(core::Words::day(w.due))));
    // the scale
    const double left = row.left() + 206;
    const double right = row.right() - 250;
    const double base = row.top() + 52;
    const auto px = [&](double v) { return left + (v - w.from) / std::max(1e-9, w.to - w.from) * (right - left); };
    const double weak = core::kLeastShare * w.to;
    if (weak > w.from) {
        // where it is not used: hatched
        const QRectF barred(left, base - 10, px(std::min(weak, w.to)) - left, 10);
        p.fillRect(barred, QBrush(colour("second"), Qt::BDiagPattern));
    }
    p.setPen(QPen(colour("ink"), 1.4));
    p.drawLine(QPointF(left, base), QPointF(right, base));
    const auto marks = [&](double step, double length, bool labelled) {
        if (!(step > 0) || (w.to - w.from) / step > 400) return;
        const bool fit = (right - left) / ((w.to - w.from) / step) >= (labelled ? 30 : 3);
        const int every = fit ? 1 : labelled ? static_cast<int>(std::ceil(30 * (w.to - w.from) / step / (right - left))) : 0;
        if (every == 0) return;
        int n = 0;
        for (double v = w.from; v <= w.to + step * 1e-6; v += step, ++n) {
            if (n % every != 0) continue;
            p.setPen(QPen(colour("ink"), labelled ? 1.2 : 0.7));
            p.drawLine(QPointF(px(v), base), QPointF(px(v), base - length));
            if (!labelled) continue;
            p.setPen(colour("second"));
            p.drawText(QRectF(px(v) - 24, base + 3, 48, 16), Qt::AlignCenter, plain(v));
        }
    };
    marks(w.fine_step, 5, false);
    marks(w.main_step > 0 ? w.main_step : w.fine_step, 10, true);
    const double wanted_right = row.right() - 14;
    if (offer.usable) {
        const double at = px(offer.scale.setting);
        p.setPen(Qt::NoPen);
        p.setBrush(colour("accent"));
        p.drawPolygon(QPolygonF({QPointF(at, base - 2), QPointF(at - 6, base - 17), QPointF(at + 6, base - 17)}));
        p.drawRect(QRectF(at - 1, base - 18, 2, 18));
        p.setFont(theme::font("figure"));
        p.setPen(colour("ink"));
        p.drawText(QRectF(right + 20, row.top() + 10, wanted_right - right - 20, 28), Qt::AlignRight | Qt::AlignVCenter,
            plain(offer.scale.setting) + QLatin1Char(' ') + unit_symbol(w.unit));
        p.setFont(theme::font("small"));
        p.setPen(colour("second"));
        p.drawText(QRectF(right + 20, row.top() + 40, wanted_right - right - 20, 18), Qt::AlignRight | Qt::AlignVCenter,
            text(core::marks_text(w, offer.scale.setting)));
        p.drawText(QRectF(right + 20, row.top() + 58, wanted_right - right - 20, 18), Qt::AlignRight | Qt::AlignVCenter,
            tr("is %1 N·m, %2 %")
                .arg(theme::digits(offer.scale.true_torque, 'g', 3),
                    (offer.scale.error_percent < 0 ? QStringLiteral("−") : QStringLiteral("+")) +
                        theme::digits(std::abs(offer.scale.error_percent), 'f', 1)));
    } else {
        p.setFont(theme::font("small", true));
        p.setPen(colour("danger"));
        p.drawText(QRectF(right + 20, row.top() + 8, wanted_right - right - 20, 16), Qt::AlignRight | Qt::AlignVCenter, tr("will not do"));
        p.setFont(theme::font("small"));
        p.setPen(colour("ink"));
        p.drawText(QRectF(right + 20, row.top() + 26, wanted_right - right - 20, 60), Qt::AlignRight | Qt::TextWordWrap, text(offer.why));
    }
}

void WrenchScales::paintEvent(QPaintEvent* event) {
    cut_.clear();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(event->rect(), colour("paper"));
    if (offers_.empty()) {
        p.setFont(theme::font("text"));
        p.setPen(colour("second"));
        p.drawText(QRectF(20, 20, width() - 40, 100), Qt::TextWordWrap,
            tr("No wrench is kept yet. Add one of the shop: its range, its marks and when it was calibrated. It serves all guides."));
    }
    for (std::size_t i = 0; i < offers_.size(); ++i)
        paint_row(p, offers_[i], QRectF(0, static_cast<double>(i) * kRow, width(), kRow), i == chosen_);
}

WrenchPanel::WrenchPanel(Session& session, const core::Figure& figure, QWidget* parent)
    : QWidget(parent), session_(session), figure_(figure) {
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(0, 0, 0, 0);
    down->setSpacing(10);
    auto* row = new QHBoxLayout;
    extension_ = new QLineEdit(this);
    ask_when_ambiguous(extension_);
    extension_->setPlaceholderText(tr("none"));
    extension_->setFixedWidth(96);
    extension_->setAccessibleName(tr("Extension in millimetres"));
    angle_ = new QLineEdit(QStringLiteral("0"), this);
    angle_->setFixedWidth(70);
    angle_->setAccessibleName(tr("Angle of the extension in degrees"));
    auto* extension_label = new QLabel(tr("E&xtension, mm"), this);
    extension_label->setBuddy(extension_);
    auto* angle_label = new QLabel(tr("at an angle o&f"), this);
    angle_label->setBuddy(angle_);
    row->addWidget(extension_label);
    row->addWidget(extension_);
    row->addWidget(angle_label);
    row->addWidget(angle_);
    row->addWidget(quiet_label(tr("0 in line, 90 at right angles (no change), 180 folded back"), this), 1);
    down->addLayout(row);
    doubt_ = new QLabel(this);
    doubt_->setObjectName(QStringLiteral("trouble"));
    doubt_->setWordWrap(true);
    down->addWidget(doubt_);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scales_ = new WrenchScales(scroll);
    scroll->setWidget(scales_);
    down->addWidget(scroll, 1);
    said_ = new QLabel(this);
    said_->setWordWrap(true);
    down->addWidget(said_);
    auto* commands = new Commands(tr("Wrenches"), this);
    const auto chosen = [this] { return unless(scales_->wrench() != nullptr, tr("No wrench is kept yet.")); };
    const QString wrenches = tr("Wrenches of the workshop");
    commands->add({"wrench.new", tr("New wrench"), Qt::Key_N, tr("Adds a wrench of the workshop: its range, its marks, its calibration."),
        wrenches, {}, [this] { edit(nullptr); }});
    commands->add({"wrench.edit", tr("Edit wrench"), Qt::Key_E, tr("Changes what is kept of the chosen wrench."), wrenches, {},
        [this] { edit(scales_->wrench()); }, chosen});
    commands->add({"wrench.remove", tr("Remove wrench"), Qt::Key_Delete, tr("The workshop has it no longer."), wrenches, {},
        [this] { remove(); }, chosen});
    down->addLayout(
        command_line(*commands, {QStringLiteral("wrench.new"), QStringLiteral("wrench.edit"), QStringLiteral("wrench.remove")}, this));
    connect(commands, &Commands::refused, &session_, &Session::tell);
    connect(scales_, &WrenchScales::chosen_changed, commands, &Commands::refresh);
    connect(extension_, &QLineEdit::textChanged, this, &WrenchPanel::reckon);
    connect(angle_, &QLineEdit::textChanged, this, &WrenchPanel::reckon);
    connect(scales_, &WrenchScales::chosen_changed, this, [this] { said_->setText(scales_->words()); });
    if (auto house = session_.library().house())
        house_ = *house;
    else
        session_.tell(text(house.error().message));
    reckon();
    commands->refresh();
    setFocusProxy(scales_);
}

void WrenchPanel::reckon() {
    const auto* unit = core::find_unit(figure_.value.unit);
    const auto value = core::Number::kept(figure_.value.low);
    doubt_->hide();
    if (unit == nullptr || unit->dimension != core::Dimension::Torque || !value) {
        doubt_->setText(tr("The figure has no torque yet: give it a value, or find the source that does."));
        doubt_->show();
        scales_->show_offers({});
        return;
    }
    const double torque = core::convert(value->value(), *unit, *core::find_unit("Nm"));
    core::Lengthening lengthening;
    const auto extension = core::Number::parse(extension_->text().toStdString());
    const auto angle = core::Number::parse(angle_->text().toStdString());
    if (extension && extension->value() >= 0) lengthening.extension_mm = extension->value();
    if (angle) lengthening.angle_deg = angle->value();
    const auto joint = core::known_joint(session_.procedure(), figure_);
    if (const auto doubt = joint ? core::doubt_about(torque, *joint) : std::nullopt) {
        doubt_->setText(text(*doubt));
        doubt_->show();
    }
    scales_->show_offers(core::wrenches_for(torque, core::tolerance_percent(figure_), house_.wrenches, today(), lengthening));
}

bool WrenchPanel::keep() {
    const bool kept = session_.keep_house(house_, tr("change the wrenches"));
    reckon();
    return kept;
}

void WrenchPanel::remove() {
    const auto* w = scales_->wrench();
    if (w == nullptr) return;
    const std::string id = w->id;
    std::erase_if(house_.wrenches, [&](const core::Wrench& x) { return x.id == id; });
    keep();
}

void WrenchPanel::edit(const core::Wrench* wrench) {
    QDialog dialog(this);
    dialog.setWindowTitle(wrench == nullptr ? tr("New wrench") : tr("Change a wrench"));
    auto* form = new QFormLayout(&dialog);
    core::Wrench w = wrench == nullptr ? core::Wrench{} : *wrench;
    const auto field = [&](const QString& label, const QString& value, const QString& example) {
        auto* edit = new QLineEdit(value, &dialog);
        ask_when_ambiguous(edit);
        edit->setPlaceholderText(example);
        form->addRow(label, edit);
        return edit;
    };
    const auto number = [&](double v) {
        return wrench == nullptr || v == 0 ? QString() : text(core::as_typed(QString::number(v, 'g', 5).toStdString()));
    };
    auto* name = field(tr("&Name"), text(w.name), tr("small click wrench"));
    auto* unit = field(tr("&Unit of its scale"), text(w.unit), QStringLiteral("Nm"));
    auto* from = field(tr("&First mark"), number(w.from), QStringLiteral("5"));
    auto* to = field(tr("&Last mark"), number(w.to), QStringLiteral("25"));
    auto* main = field(tr("Between &numbered marks"), number(w.main_step), QStringLiteral("5"));
    auto* fine = field(tr("Between f&ine marks"), number(w.fine_step), QStringLiteral("0.5"));
    auto* accuracy = field(tr("&Accuracy, %"), plain(w.accuracy), QStringLiteral("4"));
    auto* arm = field(tr("&Effective length, mm"), number(w.arm_mm), tr("drive to middle of grip"));
    auto* drive = field(tr("&Drive"), text(w.drive), QStringLiteral("1/4 in"));
    auto* calibrated = field(tr("&Calibrated on"), text(core::Words::day(w.calibrated)), text(today()));
    auto* due = field(tr("Calibration &due"), text(core::Words::day(w.due)), text(today() + std::chrono::days(365)));
    auto* trouble = new QLabel(&dialog);
    trouble->setObjectName(QStringLiteral("trouble"));
    trouble->setWordWrap(true);
    form->addRow(trouble);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, &dialog);
    form->addRow(buttons);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, [&] {
        const auto read = [](QLineEdit* edit) {
            const auto n = core::Number::parse(edit->text().toStdString());
            return n ? n->value() : 0.0;
        };
        w.name = name->text().trimmed().toStdString();
        const auto* known = core::find_unit(unit->text().trimmed().toStdString());
        w.unit = known == nullptr ? std::string() : std::string(known->id);
        w.from = read(from);
        w.to = read(to);
        w.main_step = read(main);
        w.fine_step = read(fine);
        w.accuracy = read(accuracy);
        w.arm_mm = read(arm);
        w.drive = drive->text().trimmed().toStdString();
        w.calibrated = theme::kept_day(calibrated->text());
        w.due = theme::kept_day(due->text());
        if (w.name.empty())
            trouble->setText(tr("Give the wrench the name it has in the workshop."));
        else if (known == nullptr || known->dimension != core::Dimension::Torque)
            trouble->setText(tr("The unit of a torque wrench is Nm, lbf.ft, lbf.in or kgf.m."));
        else if (!(w.to > w.from))
            trouble->setText(tr("The last mark lies above the first."));
        else if (!(w.main_step > 0) && !(w.fine_step > 0))
            trouble->setText(tr("Say how far apart its marks are."));
        else if ((!w.calibrated.empty() && !core::parse_day(w.calibrated)) || (!w.due.empty() && !core::parse_day(w.due)))
            trouble->setText(tr("Days are written as %1.").arg(text(today())));
        else
            dialog.accept();
    });
    if (dialog.exec() != QDialog::Accepted) return;
    if (w.id.empty()) {
        w.id = core::slug_of(w.name);
        for (int n = 2; std::any_of(house_.wrenches.begin(), house_.wrenches.end(), [&](const core::Wrench& x) { return x.id == w.id; });
             ++n)
            w.id = core::slug_of(w.name) + "-" + std::to_string(n);
        house_.wrenches.push_back(w);
    } else {
        for (auto& x : house_.wrenches)
            if (x.id == w.id) x = w;
    }
    keep();
    scales_->setFocus();
}

std::vector<spoken::Painted> WrenchScales::painted() const {
    auto* self = const_cast<WrenchScales*>(this);
    std::vector<spoken::Painted> out;
    for (std::size_t i = 0; i < offers_.size(); ++i) {
        const auto& o = offers_[i];
        const auto& w = *o.wrench;
        spoken::Painted thing{.role = QAccessible::ListItem,
            .name = tr("%1, from %2 to %3 %4: %5").arg(text(w.name), plain(w.from), plain(w.to), unit_symbol(w.unit), text(o.why)),
            .box = QRect(0, static_cast<int>(i) * kRow, width(), kRow),
            .in_hand = i == chosen_,
            .does = tr("Take in hand"),
            .act = [self, i] { self->choose(i); }};
        if (o.usable) thing.scale = spoken::OnScale{o.scale.setting, w.from, w.to};
        out.push_back(std::move(thing));
    }
    return out;
}

}  // namespace anagraph::app
