#include "app/theme/controls.h"

#include <QApplication>
#include <QCoreApplication>
#include <QDialogButtonBox>
#include <QEvent>
#include <QFocusEvent>
#include <QPointer>
#include <QTextDocumentFragment>
#include <QVBoxLayout>

#include "app/theme/theme.h"
#include "core/quantity/quantity.h"

namespace anagraph::app {

namespace {

/// Keeps keys from becoming shortcuts.
class KeysOfTheMenu : public QObject {
public:
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() != QEvent::ShortcutOverride) return false;
        event->accept();
        return true;
    }
};

}  // namespace

QAction* chosen_from(QMenu& menu, const QPoint& at) {
    KeysOfTheMenu keys;
    qApp->installEventFilter(&keys);
    return menu.exec(at);
}

void ask_when_ambiguous(QLineEdit* field) {
    QObject::connect(field, &QLineEdit::editingFinished, field, [field] {
        const auto ways = core::two_ways(field->text().toStdString());
        if (ways.empty() || !field->isModified() || !field->isVisible()) return;
        QMenu menu(field);
        menu.setAccessibleName(QCoreApplication::translate("Controls", "This can be read two ways. Which is meant?"));
        menu.addSection(menu.accessibleName());
        int n = 0;
        for (const auto& way : ways) menu.addAction(QStringLiteral("&%1  %2").arg(++n).arg(theme::text(way)))->setData(theme::text(way));
        const QPointer<QLineEdit> alive(field);
        const auto* chosen = chosen_from(menu, field->mapToGlobal(QPoint(0, field->height())));
        if (alive && chosen != nullptr) field->setText(chosen->data().toString());
    });
}

QLabel* end_form(QFormLayout* form, QDialog* dialog) {
    auto* trouble = new QLabel(dialog);
    trouble->setObjectName(QStringLiteral("trouble"));
    trouble->setWordWrap(true);
    form->addRow(trouble);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, dialog);
    form->addRow(buttons);
    QObject::connect(buttons, &QDialogButtonBox::accepted, dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, dialog, &QDialog::reject);
    return trouble;
}

QLabel* answer_column(QHBoxLayout* across, const QString& title, QWidget* parent) {
    auto* down = new QVBoxLayout;
    down->addWidget(title_label(title, parent));
    auto* answer = new QLabel(parent);
    answer->setWordWrap(true);
    answer->setTextFormat(Qt::RichText);
    down->addWidget(answer);
    down->addStretch(1);
    across->addLayout(down, 1);
    return answer;
}

bool has_keys(const QWidget* widget) { return widget->window()->focusWidget() == widget; }

bool is_typed_in(const QLineEdit* field) { return has_keys(field) && field->isModified(); }

void show_text(QLineEdit* field, const QString& now) {
    if (field->text() == now)
        field->setModified(false);  // what was typed is kept
    else if (!is_typed_in(field))
        field->setText(now);
}

void tell_it_is_left(QWidget* field) {
    if (field->hasFocus()) return;
    QFocusEvent out(QEvent::FocusOut);
    QApplication::sendEvent(field, &out);
}

QString without_markup(const QString& html) { return QTextDocumentFragment::fromHtml(html).toPlainText(); }

QLabel* title_label(const QString& words, QWidget* parent) {
    auto* label = new QLabel(words, parent);
    label->setObjectName(QStringLiteral("title"));
    return label;
}

QLabel* quiet_label(const QString& words, QWidget* parent) {
    auto* label = new QLabel(words, parent);
    label->setObjectName(QStringLiteral("second"));
    label->setWordWrap(true);
    return label;
}

}  // namespace anagraph::app
