// Languages: in which language the window speaks, and how numbers and days are written in it. Guides keep the language they are written
// in.
#pragma once

#include <QDialog>
#include <QListWidget>
#include <QString>
#include <QStringList>
#include <optional>

namespace anagraph::app {

/// Those the window can speak, after ISO 639-1, English first.
QStringList languages();
/// "Deutsch"
QString name_of_language(const QString& language);

/// The first the desktop asks for that the window can speak; English where it can speak none of them.
QString language_among(const QStringList& asked);
/// What the person chose; nothing: as the desktop.
std::optional<QString> chosen_language();
void choose_language(std::optional<QString> language);

/// The window speaks it from here on: before it is made, and again before another is made. Numbers and days are written as the desktop's
/// country does.
void speak(const QString& language);
/// What was spoken last.
QString language_now();

/// Asks for it. The window is made anew where it is accepted with another.
class LanguageDialog : public QDialog {
    Q_OBJECT
public:
    explicit LanguageDialog(QWidget* parent);
    std::optional<QString> chosen() const;

private:
    QListWidget* list_;
};

}  // namespace anagraph::app
