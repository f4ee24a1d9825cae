#include "app/figures/mixture_panel.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <cmath>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

MixturePanel::MixturePanel(const core::Figure& figure, QWidget* parent) : QWidget(parent) {
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(20);
    auto* form = new QFormLayout;
    const auto field = [&](const QString& label, const QString& value) {
        auto* edit = new QLineEdit(value, this);
        edit->setFixedWidth(110);
        form->addRow(label, edit);
        connect(edit, &QLineEdit::textChanged, this, &MixturePanel::reckon);
        return edit;
    };
    volume_ = field(tr("The system &holds"), QStringLiteral("8 L"));
    have_ = field(tr("&Measured, %"), QStringLiteral("35"));
    want_ = field(tr("&Wanted, %"), figure.value.known() ? text(figure.value.low) : QStringLiteral("50"));
    concentrate_ = field(tr("&Concentrate, %"), QStringLiteral("100"));
    type_ = new QComboBox(this);
    for (const auto t : {core::Glycol::Ethylene, core::Glycol::Propylene}) type_->addItem(QString::fromUtf8(core::name_of(t).data(), static_cast<qsizetype>(core::name_of(t).size())), static_cast<int>(t));
    form->addRow(tr("&Type"), type_);
    connect(type_, &QComboBox::currentIndexChanged, this, &MixturePanel::reckon);
    across->addLayout(form);
    across->addSpacing(230);  // the jug is painted here
    auto* right = new QVBoxLayout;
    right->addWidget(titled(tr("What to do"), this));
    answer_ = new QLabel(this);
    answer_->setWordWrap(true);
    right->addWidget(answer_);
    right->addStretch(1);
    across->addLayout(right, 1);
    reckon();
    setFocusProxy(have_);
}

void MixturePanel::reckon() {
    drained_ = 0;
    const auto volume = core::Quantity::parse(volume_->text().toStdString());
    const auto read = [](QLineEdit* edit) { return core::Number::parse(edit->text().toStdString()); };
    const auto have = read(have_);
    const auto want = read(want_);
    const auto concentrate = read(concentrate_);
    update();
    if (!volume || volume->unit->dimension != core::Dimension::Volume || !have || !want || !concentrate) {
        answer_->setText(tr("Fill in all four: how much the system holds, the strength measured, the strength wanted, and that of the concentrate."));
        return;
    }
    const auto r = core::drain_and_replace(volume->number.value(), have->value(), want->value(), concentrate->value());
    if (!r) {
        answer_->setText(text(r.error().message));
        return;
    }
    drained_ = r->drain / volume->number.value();
    const QString symbol = QString::fromUtf8(volume->unit->symbol.data(), static_cast<qsizetype>(volume->unit->symbol.size()));
    const QString amount = text(core::rounded_text(r->drain, 2)) + QLatin1Char(' ') + symbol;
    QString words = r->drain == 0 ? tr("It is right as it is.") : tr("<p>Drain <b>%1</b> and keep it for the waste store.</p><p>Fill the jug with <b>%1 of %2</b> and pour it in. Run until it has mixed, then measure again.</p>").arg(amount, r->of_percent > 0 ? tr("concentrate") : tr("water"));
    if (volume->unit->system == core::UnitSystem::Metric && r->drain > 0) {
        const auto* quart = core::find_unit("qt");
        words += tr("<p style='color:%1'>%2 in US quarts.</p>").arg(colour("second").name(), text(core::rounded_text(core::convert(r->drain, *volume->unit, *quart), 2)));
    }
    const auto type = static_cast<core::Glycol>(type_->currentData().toInt());
    const auto freezes = core::freezing_point(type, want->value());
    words += freezes ? tr("<p>%1 % of %2 freezes at about %3 °C. The product's own table counts before this one.</p>").arg(text(want->text()), type_->currentText(), QString::number(*freezes, 'f', 0)) : QStringLiteral("<p>%1</p>").arg(text(freezes.error().message));
    answer_->setText(words);
}

void MixturePanel::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    // a jug: what is poured in, against the whole system
    const double left = type_->geometry().right() + 40;
    const QRectF jug(left, 20, 130, 260);
    const double level = jug.bottom() - 4 - (jug.height() - 24) * drained_;
    if (drained_ > 0) p.fillRect(QRectF(jug.left() + 2, level, jug.width() - 4, jug.bottom() - level - 1), colour("band"));
    p.setPen(QPen(colour("ink"), 2));
    p.drawPolyline(QPolygonF({QPointF(jug.left() - 14, jug.top() - 8), jug.topLeft(), jug.bottomLeft(), jug.bottomRight(), jug.topRight()}));
    p.drawArc(QRectF(jug.right() - 26, jug.top() + 50, 52, 130), -90 * 16, 180 * 16);
    p.setFont(theme::font("small"));
    for (int tenth = 1; tenth <= 10; ++tenth) {
        const double y = jug.bottom() - 4 - (jug.height() - 24) * tenth / 10;
        p.setPen(QPen(colour("ink"), tenth % 5 == 0 ? 1.4 : 0.8));
        p.drawLine(QPointF(jug.left() + 2, y), QPointF(jug.left() + (tenth % 5 == 0 ? 26 : 14), y));
    }
    if (drained_ <= 0) return;
    p.setPen(QPen(colour("accent"), 2.4));
    p.drawLine(QPointF(jug.left() + 2, level), QPointF(jug.right() - 2, level));
    p.setFont(theme::font("small", true));
    p.setPen(colour("accent"));
    p.drawText(QRectF(jug.left() + 30, level - 20, 98, 18), Qt::AlignRight | Qt::AlignVCenter, tr("%1 % of it").arg(std::lround(drained_ * 100)));
}

}  // namespace anagraph::app
