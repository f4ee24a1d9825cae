// Which colours the window has: those a person chose, or as the desktop asks.
#pragma once

#include <QDialog>
#include <QListWidget>
#include <optional>

#include "publish/colours.h"

namespace anagraph::app {

/// What a desktop asks for, by the numbers of its settings portal (org.freedesktop.appearance): `scheme` 1 is dark, `contrast` 1 high;
/// nothing where it does not say. `dark_palette`: whether its toolkit's own colours are dark.
publish::ColourSet asked_by_desktop(std::optional<uint> scheme, std::optional<uint> contrast, bool dark_palette);
/// As the desktop says now; to be asked before colours of our own are set.
publish::ColourSet desktop_colours();

/// What the person chose; nothing: as the desktop.
std::optional<publish::ColourSet> chosen_colours();
void choose_colours(std::optional<publish::ColourSet> set);

/// Asks for it. The window is made anew where it is accepted with another.
class ColourDialog : public QDialog {
    Q_OBJECT
public:
    explicit ColourDialog(QWidget* parent);
    std::optional<publish::ColourSet> chosen() const;

private:
    QListWidget* list_;
};

}  // namespace anagraph::app
