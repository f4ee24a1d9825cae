// Opens the window on a library: anagraph [LIBRARY].

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QMessageBox>
#include <QStandardPaths>

#include "app/theme/theme.h"
#include "app/window/main_window.h"

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("anagraph"));
    QApplication::setApplicationVersion(QStringLiteral(ANAGRAPH_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(QApplication::translate("main", "Turns recorded service jobs into illustrated step-by-step guides."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("LIBRARY"), QApplication::translate("main", "folder of the library; without it, the one in your data folder"));
    parser.process(application);
    anagraph::app::theme::apply();
    const QString folder = parser.positionalArguments().isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/anagraph/library") : parser.positionalArguments().first();
    auto library = anagraph::store::Library::open(folder.toStdString());
    if (!library) {
        QMessageBox::critical(nullptr, QApplication::translate("main", "Anagraph"), QString::fromStdString(library.error().message));
        return 1;
    }
    anagraph::app::MainWindow window(std::move(*library));
    window.show();
    return QApplication::exec();
}
