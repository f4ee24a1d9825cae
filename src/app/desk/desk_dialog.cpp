#include "app/desk/desk_dialog.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <QSvgRenderer>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "publish/qr_code.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kCode = 220;      // pixels
constexpr int kAgainMs = 1000;  // who reads is looked up so often

}  // namespace

DeskDialog::DeskDialog(Session& session, std::unique_ptr<shop::Desk>& desk, QWidget* parent)
    : QDialog(parent), session_(session), desk_(desk) {
    setWindowTitle(tr("The desk"));
    resize(820, 560);
    port_ = new QSpinBox(this);
    build_commands();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    down->setSpacing(10);
    told_ = quiet_label(QString(), this);
    down->addWidget(told_);
    auto* across = new QHBoxLayout;
    across->setSpacing(20);
    code_ = new QLabel(this);
    code_->setFixedSize(kCode, kCode);
    across->addWidget(code_, 0, Qt::AlignTop);
    auto* side = new QVBoxLayout;
    address_ = title_label(QString(), this);
    address_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    address_->setAccessibleName(tr("Address of the desk"));
    side->addWidget(address_);
    auto* port_row = new QHBoxLayout;
    auto* port_label = new QLabel(tr("&Port"), this);
    port_label->setBuddy(port_);
    port_->setRange(1024, 65535);
    port_->setValue(shop::DeskOptions{}.port);
    port_->setAccessibleName(tr("Port"));
    port_row->addWidget(port_label);
    port_row->addWidget(port_);
    port_row->addStretch(1);
    side->addLayout(port_row);
    pairing_ = quiet_label(QString(), this);
    side->addWidget(pairing_);
    printed_ = quiet_label(QString(), this);
    side->addWidget(printed_);
    side->addWidget(title_label(tr("Reading now"), this));
    readers_ = new QListWidget(this);
    readers_->setAccessibleName(tr("Who reads what"));
    readers_->setSelectionMode(QAbstractItemView::NoSelection);
    side->addWidget(readers_, 1);
    across->addLayout(side, 1);
    down->addLayout(across, 1);
    down->addWidget(new CommandRow(*commands_, this));
    auto* close = new QDialogButtonBox(QDialogButtonBox::Close, this);
    close->button(QDialogButtonBox::Close)->setAutoDefault(false);
    connect(close, &QDialogButtonBox::rejected, this, &QDialog::reject);
    down->addWidget(close);
    connect(&again_, &QTimer::timeout, this, &DeskDialog::refresh);
    again_.start(kAgainMs);
    refresh();
}

void DeskDialog::build_commands() {
    commands_ = new Commands(tr("The desk"), this);
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const QString group = tr("The desk");
    const auto closed = [this] { return unless(desk_ != nullptr, tr("The desk is closed.")); };
    add({"desk.open", tr("Open the desk"), Qt::CTRL | Qt::Key_Return,
        tr("Tablets and browsers in the workshop's network can read the current editions."), group, {}, [this] { open_desk(); },
        [this] { return unless(desk_ == nullptr, tr("The desk is open.")); }, {tr("serve"), tr("network")}, true, always});
    add({"desk.print-address", tr("Print this address on pages"), Qt::CTRL | Qt::Key_P,
        tr("Pages of the next editions carry a code that asks this desk whether they are current."), group, {}, [this] { print_address(); },
        [this, closed] {
            if (const QString why = closed(); !why.isEmpty()) return why;
            return unless(printed() != text(desk_->address()), tr("They carry it already."));
        },
        {tr("qr"), tr("code")}, true});
    add({"desk.close", tr("Close the desk"), Qt::CTRL | Qt::Key_W, tr("Nobody can read from it any more; what is being read ends."), group,
        {},
        [this] {
            desk_.reset();
            refresh();
        },
        closed, {tr("stop")}, true});
    connect(commands_, &Commands::refused, this, [this](const QString& why) { told_->setText(why); });
}

QString DeskDialog::printed() const {
    const auto house = session_.library().house();
    return house ? text(house->desk) : QString();
}

void DeskDialog::refresh() {
    const bool open = desk_ != nullptr;
    port_->setEnabled(!open);
    code_->setVisible(open);
    pairing_->setVisible(open);
    readers_->setVisible(open);
    address_->setText(open ? text(desk_->address()) : tr("The desk is closed"));
    if (told_->text().isEmpty() || !open)
        told_->setText(
            tr("The desk shows the current editions and answers whether a printed page is current. It serves issued editions only; a "
               "stranger can read them and change nothing."));
    printed_->setText(printed().isEmpty() ? tr("Printed pages carry their mark as words.") : tr("Printed pages ask %1.").arg(printed()));
    if (open) {
        if (code_->accessibleName() != address_->text()) {
            QPixmap picture(kCode, kCode);
            picture.fill(theme::colour_on_picture("white"));
            QPainter p(&picture);
            QSvgRenderer(QByteArray::fromStdString(publish::qr_svg(desk_->address(), 50))).render(&p);
            code_->setPixmap(picture);
            code_->setAccessibleName(address_->text());
        }
        pairing_->setText(tr("The next tablet is paired with the code %1.").arg(text(desk_->pairing_code())));
        QStringList rows;
        for (const auto& r : desk_->readers()) rows << tr("%1 · %2 · %3").arg(text(r.what), text(r.address), text(r.at).mid(11, 5));
        QStringList shown;
        for (int i = 0; i < readers_->count(); ++i) shown << readers_->item(i)->text();
        if (rows.isEmpty()) rows << tr("Nobody has opened a guide yet.");
        if (rows != shown) {
            readers_->clear();
            readers_->addItems(rows);
        }
    }
    commands_->refresh();
}

void DeskDialog::open_desk() {
    auto desk = shop::Desk::open({session_.library().place(), "0.0.0.0", port_->value(), "", ""});
    if (!desk) return told_->setText(text(desk.error().message));
    desk_ = std::move(*desk);
    told_->setText(tr("The desk is open, also while this is closed. Scan the code with a tablet."));
    refresh();
}

void DeskDialog::print_address() {
    auto house = session_.library().house();
    if (!house) return told_->setText(text(house.error().message));
    house->desk = desk_->address();
    if (session_.keep_house(*house, tr("print the desk's address"))) told_->setText(tr("Pages of the next editions ask this desk."));
    refresh();
}

}  // namespace anagraph::app
