// Small controls shared by the stations: fields, the ends of forms, and labels in the house's styles.
#pragma once

#include <QDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>

namespace anagraph::app {

/// What is chosen from a menu; null when nothing is. While it is open a key is the letter of an entry and no command of the
/// station, whose shortcuts would go first.
QAction* chosen_from(QMenu& menu, const QPoint& at);

/// A field for numbers and values: where a number typed there can be read two ways ("2,000 kPa"), both are offered when the field
/// is left, and the one chosen stands there then. To be called before the field's editingFinished is connected to anything.
void ask_when_ambiguous(QLineEdit* field);

/// The end of a form that asks: a line for what is wrong, and the buttons that accept the dialog or call it off.
QLabel* end_form(QFormLayout* form, QDialog* dialog);
/// A column with a title and what is answered under it, at the end of a row.
QLabel* answer_column(QHBoxLayout* across, const QString& title, QWidget* parent);

/// Has the keys, or gets them back when its window is active again: a dialog in front of it takes nothing out of the hand.
bool has_keys(const QWidget* widget);

/// Shows what a field holds now. What is being typed in it is left alone.
void show_text(QLineEdit* field, const QString& now);
/// Is something being typed in it that is not kept yet?
bool is_typed_in(const QLineEdit* field);

/// Tells a field that is about to lose the keys, where its window is not active and nobody else would: a dialog in front is just
/// closing. It then keeps what was typed, as it does otherwise.
void tell_it_is_left(QWidget* field);

/// What is shown of a marked-up text, for those who have it read to them.
QString without_markup(const QString& html);

QLabel* title_label(const QString& words, QWidget* parent);
QLabel* quiet_label(const QString& words, QWidget* parent);

}  // namespace anagraph::app
