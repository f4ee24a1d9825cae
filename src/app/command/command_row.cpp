#include "app/command/command_row.h"

#include <QHBoxLayout>
#include <QPainter>
#include <algorithm>
#include <utility>

#include "app/theme/theme.h"

namespace anagraph::app {

namespace {
constexpr int kGap = 4;
constexpr int kSide = 9;           // between a button's edge and its words
constexpr int kLargeSide = 12;     // of a large one
constexpr int kLargeHigh = 60;     // of a large one, in pixels
constexpr double kLargeType = 13;  // in points
}  // namespace

CommandButton::CommandButton(Commands& commands, const Command& command, QWidget* parent)
    : QPushButton(parent), commands_(commands), command_(command), key_(key_words(command.key)) {
    setCursor(Qt::PointingHandCursor);
    setFocusPolicy(Qt::TabFocus);
    setAutoDefault(false);
    follow();
    connect(
        this, &QPushButton::clicked, &commands, [&commands, &command] { commands.perform(command); }, Qt::QueuedConnection);
}

void CommandButton::follow() {
    const QString words = commands_.words(command_);
    // this is asked at every frame of a film: only help that changes is made anew
    if (command_.help_now || toolTip().isEmpty()) {
        const QString help = commands_.help(command_);
        setToolTip(key_.isEmpty() ? help : QStringLiteral("%1 (%2)").arg(help, key_));
        setAccessibleDescription(toolTip());
    }
    if (text() == words) return;
    setText(words);
    setAccessibleName(words);
    updateGeometry();
}

void CommandButton::show_way_on(bool way_on) {
    if (way_on_ == way_on) return;
    way_on_ = way_on;
    update();
}

QSize CommandButton::sizeHint() const {
    const QFontMetrics metrics(font());
    const int beside = key_.isEmpty() ? 0 : QFontMetrics(theme::font("small")).horizontalAdvance(key_) + 7;
    const int side = large_ ? kLargeSide : kSide;
    return {metrics.horizontalAdvance(text()) + beside + 2 * side, large_ ? kLargeHigh : metrics.height() + 12};
}

void CommandButton::set_large() {
    large_ = true;
    QFont font = theme::font("text", true);
    font.setPointSizeF(kLargeType);
    setFont(font);
    updateGeometry();
}

void CommandButton::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(rect()).adjusted(1, 1, -1, -1);
    const bool lit = underMouse() || isDown();
    p.setPen(hasFocus() ? QPen(theme::colour("accent"), 2) : way_on_ ? QPen(Qt::NoPen) : QPen(theme::colour("rule"), 1));
    p.setBrush(theme::colour(way_on_ ? (lit ? "accent_dark" : "accent") : lit ? "wash" : "sheet"));
    p.drawRoundedRect(box, 3, 3);
    if (hasFocus() && way_on_) {
        p.setPen(QPen(theme::colour("on_accent"), 1, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(box.adjusted(3, 3, -3, -3), 2, 2);
    }
    p.setPen(theme::colour(way_on_ ? "on_accent" : "ink"));
    p.setFont(font());
    const int side = large_ ? kLargeSide : kSide;
    p.drawText(box.adjusted(side - 1, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, text());
    p.setFont(theme::font("small"));
    p.setPen(theme::colour(way_on_ ? "on_accent" : "second"));
    p.drawText(box.adjusted(0, 0, 1 - side, 0), Qt::AlignVCenter | Qt::AlignRight, key_);
}

CommandButton* command_button(Commands& commands, const QString& id, QWidget* parent) {
    auto* button = new CommandButton(commands, *commands.find(id), parent);
    const auto follow = [&commands, button] {
        button->follow();
        button->show_way_on(Commands::is_way_on(button->command()));
        button->setVisible(commands.cannot(button->command()).isEmpty());
    };
    QObject::connect(&commands, &Commands::refreshed, button, follow);
    follow();
    return button;
}

QLayout* command_line(Commands& commands, const QStringList& ids, QWidget* parent) {
    auto* line = new QHBoxLayout;
    line->setSpacing(kGap);
    for (const auto& id : ids) line->addWidget(command_button(commands, id, parent));
    line->addStretch(1);
    return line;
}

CommandRow::CommandRow(Commands& commands, QWidget* parent, bool large) : QWidget(parent), commands_(commands), large_(large) {
    setAccessibleName(tr("What can be done here"));
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    connect(&commands, &Commands::refreshed, this, &CommandRow::follow);
    follow();
}

void CommandRow::follow() {
    const auto row = commands_.row();
    const bool same = std::equal(row.begin(), row.end(), buttons_.begin(), buttons_.end(),
        [](const Command* c, const CommandButton* b) { return c == &b->command(); });
    // asked for at every frame of a film: what stays as it is costs nothing
    bool moves = !same || row.empty();
    if (!same) {
        const bool focused = std::any_of(buttons_.begin(), buttons_.end(), [](const CommandButton* b) { return b->hasFocus(); });
        std::vector<CommandButton*> next;
        for (const auto* c : row) {
            const auto it =
                std::find_if(buttons_.begin(), buttons_.end(), [&](CommandButton* b) { return b != nullptr && &b->command() == c; });
            next.push_back(it == buttons_.end() ? new CommandButton(commands_, *c, this) : std::exchange(*it, nullptr));
            if (large_) next.back()->set_large();
        }
        // what is hidden gives its keys away, and whoever hears of that comes here again: the row is whole by then
        const auto before = std::exchange(buttons_, std::move(next));
        for (auto* gone : before)
            if (gone != nullptr) {
                gone->hide();
                gone->deleteLater();
            }
        // the keys go back to the station, not to whatever comes next in the window
        if (focused && std::none_of(buttons_.begin(), buttons_.end(), [](const CommandButton* b) { return b->hasFocus(); }))
            commands_.scope()->setFocus();
        for (auto* b : std::vector(buttons_)) b->show();
    }
    for (auto* b : buttons_) {
        moves = moves || commands_.words(b->command()) != b->text();
        b->follow();
        b->show_way_on(b == buttons_.front() && Commands::is_way_on(b->command()));
    }
    if (!moves) return;
    setAccessibleDescription(buttons_.empty() ? missing() : QString());
    place(width(), true);
    update();
    updateGeometry();
}

void CommandRow::paintEvent(QPaintEvent*) {
    if (!buttons_.empty()) return;
    QPainter p(this);
    p.setFont(theme::font("text"));
    p.setPen(theme::colour("second"));
    p.drawText(rect(), Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap, missing());
}

QString CommandRow::missing() const {
    for (const auto& c : commands_.all())
        if (c->shown && c->way_on && commands_.fits(*c)) return commands_.cannot(*c);
    return {};
}

int CommandRow::place(int width, bool move) const {
    int x = 0;
    int y = 0;
    int high = buttons_.empty() ? QFontMetrics(font()).height() + 12 : 0;
    for (auto* b : buttons_) {
        const QSize size = b->sizeHint();
        if (x > 0 && x + size.width() > width) {
            x = 0;
            y += high + kGap;
        }
        if (move) b->setGeometry(x, y, size.width(), size.height());
        x += size.width() + kGap;
        high = std::max(high, size.height());
    }
    return y + high;
}

QSize CommandRow::sizeHint() const {
    int wide = 0;
    for (const auto* b : buttons_) wide += b->sizeHint().width() + kGap;
    return {std::max(0, wide - kGap), place(std::max(width(), minimumSizeHint().width()), false)};
}

QSize CommandRow::minimumSizeHint() const {
    int widest = 0;
    for (const auto* b : buttons_) widest = std::max(widest, b->sizeHint().width());
    return {widest, QFontMetrics(font()).height() + 12};
}

void CommandRow::resizeEvent(QResizeEvent*) {
    place(width(), true);
    updateGeometry();
}

}  // namespace anagraph::app
