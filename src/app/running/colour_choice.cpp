#include "app/running/colour_choice.h"

#include <QApplication>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVariant>
#include <QDialogButtonBox>
#include <QPainter>
#include <QPalette>
#include <QVBoxLayout>

#include "app/running/settings.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using publish::ColourSet;

namespace {

constexpr const char* kSetting = "colours";
constexpr int kPatience = 500;  // ms; a desktop that does not answer is one that does not say
constexpr QSize kSample{72, 40};

std::optional<uint> portal_says(const char* what) {
    const auto bus = QDBusConnection::sessionBus();
    if (!bus.isConnected()) return std::nullopt;
    auto ask = QDBusMessage::createMethodCall(QStringLiteral("org.freedesktop.portal.Desktop"),
        QStringLiteral("/org/freedesktop/portal/desktop"), QStringLiteral("org.freedesktop.portal.Settings"), QStringLiteral("Read"));
    ask << QStringLiteral("org.freedesktop.appearance") << QLatin1String(what);
    const auto answer = bus.call(ask, QDBus::Block, kPatience);
    if (answer.type() != QDBusMessage::ReplyMessage || answer.arguments().isEmpty()) return std::nullopt;
    QVariant value = answer.arguments().first();
    while (value.canConvert<QDBusVariant>()) value = value.value<QDBusVariant>().variant();
    bool number = false;
    const uint out = value.toUInt(&number);
    return number ? std::optional<uint>(out) : std::nullopt;
}

/// A sheet on its ground, with words and what is in hand.
QPixmap sample(ColourSet set) {
    const auto in = [set](std::string_view token) { return QColor(theme::text(publish::colour(token, set))); };
    QPixmap out(kSample);
    out.fill(in("paper"));
    QPainter p(&out);
    p.fillRect(QRect(8, 6, 56, 28), in("sheet"));
    p.fillRect(QRect(8, 6, 4, 28), in("accent"));
    p.setPen(in("ink"));
    p.setFont(theme::font("text", true));
    p.drawText(QRect(18, 6, 44, 28), Qt::AlignVCenter, QStringLiteral("25"));
    p.setPen(QPen(in("strong"), 1));
    p.drawRect(QRect(0, 0, kSample.width() - 1, kSample.height() - 1));
    return out;
}

}  // namespace

ColourSet asked_by_desktop(std::optional<uint> scheme, std::optional<uint> contrast, bool dark_palette) {
    if (contrast == 1U) return ColourSet::Contrast;
    if (scheme == 1U) return ColourSet::Dark;
    if (scheme == 2U) return ColourSet::Light;
    return dark_palette ? ColourSet::Dark : ColourSet::Light;
}

ColourSet desktop_colours() {
    // of its own palette, which ours replaces later
    static const bool dark =
        QApplication::palette().color(QPalette::Window).lightness() < QApplication::palette().color(QPalette::WindowText).lightness();
    return asked_by_desktop(portal_says("color-scheme"), portal_says("contrast"), dark);
}

std::optional<ColourSet> chosen_colours() {
    return core::from_name<ColourSet>(Settings().value(QLatin1String(kSetting)).toString().toStdString());
}

void choose_colours(std::optional<ColourSet> set) {
    Settings settings;
    if (set)
        settings.setValue(QLatin1String(kSetting), theme::text(std::string(core::name_of(*set))));
    else
        settings.remove(QLatin1String(kSetting));
}

ColourDialog::ColourDialog(QWidget* parent) : QDialog(parent), list_(new QListWidget(this)) {
    setWindowTitle(tr("Colours"));
    setMinimumWidth(420);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(24, 20, 24, 18);
    down->setSpacing(10);
    down->addWidget(title_label(tr("Colours of the window"), this));
    down->addWidget(quiet_label(tr("Guides go out as they always do. The window is opened anew where you were."), this));
    list_->setAccessibleName(tr("Colours"));
    list_->setIconSize(kSample);
    const std::pair<std::optional<ColourSet>, QString> rows[] = {{std::nullopt, tr("As the desktop asks")}, {ColourSet::Light, tr("Light")},
        {ColourSet::Dark, tr("Dark")}, {ColourSet::Contrast, tr("High contrast")}};
    const auto now = chosen_colours();
    const auto desktop = desktop_colours();  // it may take its time to answer
    for (const auto& [set, words] : rows) {
        auto* row = new QListWidgetItem(QIcon(sample(set.value_or(desktop))), words, list_);
        row->setData(Qt::UserRole, set ? static_cast<int>(*set) : -1);
        if (set == now) list_->setCurrentItem(row);
    }
    list_->setFixedHeight(list_->sizeHintForRow(0) * list_->count() + 4);
    down->addWidget(list_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(list_, &QListWidget::itemActivated, this, &QDialog::accept);
    list_->setFocus();
}

std::optional<ColourSet> ColourDialog::chosen() const {
    const int value = list_->currentItem() == nullptr ? -1 : list_->currentItem()->data(Qt::UserRole).toInt();
    return value < 0 ? std::nullopt : std::optional(static_cast<ColourSet>(value));
}

}  // namespace anagraph::app
