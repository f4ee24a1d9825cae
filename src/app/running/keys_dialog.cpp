#include "app/running/keys_dialog.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QVBoxLayout>

#include "app/command/commands.h"
#include "app/theme/controls.h"

namespace anagraph::app {

namespace {

enum Column { Called, Key, Usually };

}  // namespace

KeysDialog::KeysDialog(const std::vector<Commands*>& stations, QWidget* parent)
    : QDialog(parent),
      keys_(stations),
      sought_(new QLineEdit(this)),
      list_(new QTreeWidget(this)),
      key_(new KeyField(this)),
      trouble_(new QLabel(this)),
      swap_(new QPushButton(tr("Swap the two"), this)),
      usual_(new QPushButton(tr("Usual key"), this)),
      all_usual_(new QPushButton(tr("All usual keys"), this)) {
    setWindowTitle(tr("Change keys"));
    resize(720, 620);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(24, 20, 24, 18);
    down->setSpacing(10);
    down->addWidget(title_label(tr("The key of each command"), this));
    down->addWidget(quiet_label(tr("Choose a command and press its new key. The window is opened anew where you were."), this));
    sought_->setPlaceholderText(tr("search by command or key"));
    sought_->setAccessibleName(tr("Search the commands"));
    sought_->setClearButtonEnabled(true);
    down->addWidget(sought_);
    list_->setAccessibleName(tr("Commands and their keys"));
    list_->setHeaderLabels({tr("Command"), tr("Key"), tr("Usual key")});
    list_->setAllColumnsShowFocus(true);
    list_->header()->setSectionResizeMode(Called, QHeaderView::Stretch);
    for (const int column : {Key, Usually}) list_->header()->setSectionResizeMode(column, QHeaderView::ResizeToContents);
    list_->header()->setStretchLastSection(false);
    down->addWidget(list_, 1);
    auto* across = new QHBoxLayout;
    auto* asked = new QLabel(tr("New &key"), this);
    asked->setBuddy(key_);
    key_->setAccessibleName(tr("New key"));
    across->addWidget(asked);
    across->addWidget(key_, 1);
    across->addWidget(usual_);
    across->addWidget(all_usual_);
    down->addLayout(across);
    auto* said = new QHBoxLayout;
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    said->addWidget(trouble_, 1);
    said->addWidget(swap_);
    down->addLayout(said);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    down->addWidget(buttons);
    for (auto* b : {swap_, usual_, all_usual_}) b->setAutoDefault(false);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(sought_, &QLineEdit::textChanged, this, &KeysDialog::seek);
    connect(list_, &QTreeWidget::currentItemChanged, this, &KeysDialog::show_chosen);
    connect(list_, &QTreeWidget::itemActivated, this, [this] {
        if (chosen() != nullptr) key_->setFocus();
    });
    connect(key_, &KeyField::pressed, this, &KeysDialog::press);
    connect(swap_, &QPushButton::clicked, this, [this] {
        if (!keys_.swap(*chosen(), pressed_)) return;
        changed();
        list_->setFocus();  // the button goes
    });
    connect(usual_, &QPushButton::clicked, this, [this] { press(chosen()->usual_key); });
    connect(all_usual_, &QPushButton::clicked, this, [this] {
        keys_.set_all_usual();
        changed();
    });
    fill();
    list_->setCurrentItem(list_->topLevelItem(0)->child(0));
    sought_->setFocus();
}

void KeysDialog::fill() {
    for (const auto* station : keys_.stations()) {
        auto* top = new QTreeWidgetItem(list_, {station->station()});
        top->setFlags(Qt::ItemIsEnabled);
        for (const auto& c : station->all()) {
            auto* row = new QTreeWidgetItem(top, {c->words});
            row->setData(Called, Qt::UserRole, QVariant::fromValue(static_cast<const void*>(c.get())));
            row->setToolTip(Called, c->help);
        }
        top->setExpanded(true);
    }
    changed();
}

const Command* KeysDialog::chosen() const {
    const auto* row = list_->currentItem();
    return row == nullptr ? nullptr : static_cast<const Command*>(row->data(Called, Qt::UserRole).value<const void*>());
}

void KeysDialog::changed() {
    for (int s = 0; s < list_->topLevelItemCount(); ++s)
        for (int i = 0; i < list_->topLevelItem(s)->childCount(); ++i) {
            auto* row = list_->topLevelItem(s)->child(i);
            const auto& c = *static_cast<const Command*>(row->data(Called, Qt::UserRole).value<const void*>());
            const QKeySequence key = keys_.key_of(c);
            row->setText(Key, key_words(key));
            row->setText(Usually, key == c.usual_key ? QString() : key_words(c.usual_key));
            QFont font = list_->font();
            font.setBold(key != c.usual_key);
            row->setFont(Key, font);
        }
    show_chosen();
}

void KeysDialog::seek(const QString& words) {
    QTreeWidgetItem* first = nullptr;
    for (int s = 0; s < list_->topLevelItemCount(); ++s) {
        auto* top = list_->topLevelItem(s);
        bool any = false;
        for (int i = 0; i < top->childCount(); ++i) {
            auto* row = top->child(i);
            const bool there =
                row->text(Called).contains(words, Qt::CaseInsensitive) || row->text(Key).contains(words, Qt::CaseInsensitive);
            row->setHidden(!there);
            any = any || there;
            if (there && (first == nullptr || row == list_->currentItem())) first = row;
        }
        top->setHidden(!any);
    }
    list_->setCurrentItem(first);
}

void KeysDialog::show_chosen() {
    const auto* c = chosen();
    key_->setText(c == nullptr ? QString() : key_words(keys_.key_of(*c)));
    key_->setEnabled(c != nullptr);
    usual_->setEnabled(c != nullptr && keys_.key_of(*c) != c->usual_key);
    trouble_->clear();
    swap_->hide();
}

void KeysDialog::press(const QKeySequence& key) {
    const auto* c = chosen();
    if (keys_.set(*c, key)) return changed();
    pressed_ = key;
    key_->setText(key_words(key));
    OwnKeys tried = keys_;
    const bool can_swap = tried.swap(*c, key);
    QString why = keys_.why_not(*c, key);
    if (why.isEmpty()) {
        const auto held = keys_.holders(*c, key);
        const QString so = can_swap ? tr("%1 is “%2” already (%3). The two can swap their keys, or press another.")
                                    : tr("%1 is “%2” already (%3). Press another.");
        why = so.arg(key_words(key), held.front().command->words, held.front().station->station());
    }
    trouble_->setText(why);
    swap_->setVisible(can_swap);
}

void KeysDialog::keyPressEvent(QKeyEvent* event) {
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (!enter || !(list_->hasFocus() || key_->hasFocus())) QDialog::keyPressEvent(event);
}

KeyField::KeyField(QWidget* parent) : QLineEdit(parent) { setReadOnly(true); }

bool KeyField::event(QEvent* event) {
    // it would be a command of the window behind, or a button of the dialog
    if (event->type() == QEvent::ShortcutOverride) {
        event->accept();
        return true;
    }
    if (event->type() != QEvent::KeyPress) return QLineEdit::event(event);
    const auto* key = static_cast<QKeyEvent*>(event);
    switch (key->key()) {
        case Qt::Key_Tab:
        case Qt::Key_Backtab:
        case Qt::Key_Escape:
            return QLineEdit::event(event);
        case Qt::Key_Shift:
        case Qt::Key_Control:
        case Qt::Key_Alt:
        case Qt::Key_AltGr:
        case Qt::Key_Meta:
        case Qt::Key_CapsLock:
        case Qt::Key_NumLock:
        case Qt::Key_unknown:
            return true;
        default:
            break;
    }
    auto modifiers = key->modifiers() & ~Qt::KeypadModifier;
    // a sign is itself, however it is reached on this keyboard
    const QString text = key->text();
    if (text.size() == 1 && text[0].isPrint() && !text[0].isLetterOrNumber() && !text[0].isSpace()) modifiers &= ~Qt::ShiftModifier;
    emit pressed(QKeySequence(QKeyCombination(modifiers, static_cast<Qt::Key>(key->key()))));
    return true;
}

}  // namespace anagraph::app
