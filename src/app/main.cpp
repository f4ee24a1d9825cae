// Opens the window on a library: anagraph [LIBRARY].

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QMessageBox>
#include <QSettings>
#include <QStandardPaths>

#include "app/company/moving_dialog.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "shop/far_recordings.h"
#include "store/files.h"

namespace {

using anagraph::core::ErrorCode;
using anagraph::store::Library;

/// The library at a place, or what was taken along of it; nothing where the person was told why not.
std::unique_ptr<Library> opened(const QString& place, bool make) {
    auto library = make ? Library::make_or_open(place.toStdString()) : Library::open(place.toStdString());
    if (!library && library.error().code == ErrorCode::NotFound) {
        const auto answer = QMessageBox::question(nullptr, QApplication::translate("main", "Anagraph"),
            QApplication::translate("main", "There is no library in %1. Make a new one there?").arg(place));
        if (answer != QMessageBox::Yes) return nullptr;
        library = Library::make_or_open(place.toStdString());
    }
    // what was taken along is worked on until its server is back
    if (!library && library.error().code == ErrorCode::Away)
        if (auto copy = Library::on_the_road(place.toStdString())) library = std::move(copy);
    if (library) return std::move(*library);
    QMessageBox::critical(nullptr, QApplication::translate("main", "Anagraph"), QString::fromStdString(library.error().message));
    return nullptr;
}

}  // namespace

int main(int argc, char** argv) {
    anagraph::store::outlive_size_limits();
    anagraph::shop::read_far_recordings();
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("anagraph"));
    QApplication::setApplicationVersion(QStringLiteral(ANAGRAPH_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(QApplication::translate("main", "Turns recorded service jobs into illustrated step-by-step guides."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("LIBRARY"),
        QApplication::translate("main", "folder of the library, or its address on a server; without it, the one in your data folder"));
    parser.process(application);
    anagraph::app::theme::apply();
    const QString own = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/anagraph/library");
    QSettings settings(QStringLiteral("anagraph"), QStringLiteral("anagraph"));
    const bool named = !parser.positionalArguments().isEmpty();
    // a library that was moved in the window is opened where it is now
    QString place = named ? parser.positionalArguments().first() : settings.value(QStringLiteral("library"), own).toString();
    for (;;) {
        // the person's own place is made; a path that was typed may be mistyped
        auto library = opened(place, place == own);
        if (!library) return 1;
        QString move_to;
        int code = 0;
        {
            anagraph::app::MainWindow window(std::move(library));
            window.show();
            window.ask_post_once();
            window.show_way_round_once();
            code = QApplication::exec();
            move_to = window.move_to();
        }
        if (move_to.isEmpty()) return code;
        anagraph::app::MovingDialog moving(place, move_to);
        if (moving.exec() != QDialog::Accepted) continue;
        place = move_to;
        if (!named) settings.setValue(QStringLiteral("library"), place);
    }
}
