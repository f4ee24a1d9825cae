// Opens the window on a library: anagraph [LIBRARY].

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QMessageBox>
#include <QStandardPaths>

#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "shop/far_recordings.h"
#include "store/files.h"

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
    parser.addPositionalArgument(
        QStringLiteral("LIBRARY"), QApplication::translate("main", "folder of the library, or its address on a server; without it, the one in your data folder"));
    parser.process(application);
    anagraph::app::theme::apply();
    const QString folder = parser.positionalArguments().isEmpty()
        ? QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/anagraph/library")
        : parser.positionalArguments().first();
    using anagraph::store::Library;
    // the person's own place is made; a path that was typed may be mistyped
    auto library =
        parser.positionalArguments().isEmpty() ? Library::make_or_open(folder.toStdString()) : Library::open(folder.toStdString());
    if (!library && library.error().code == anagraph::core::ErrorCode::NotFound) {
        const auto answer = QMessageBox::question(nullptr, QApplication::translate("main", "Anagraph"),
            QApplication::translate("main", "There is no library in %1. Make a new one there?").arg(folder));
        if (answer != QMessageBox::Yes) return 1;
        library = Library::make_or_open(folder.toStdString());
    }
    if (!library) {
        QMessageBox::critical(nullptr, QApplication::translate("main", "Anagraph"), QString::fromStdString(library.error().message));
        return 1;
    }
    anagraph::app::MainWindow window(std::move(*library));
    window.show();
    window.ask_post_once();
    window.show_way_round_once();
    return QApplication::exec();
}
