// Opens the window on a library: anagraph [LIBRARY | PACK], or on the demo library.

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QIcon>
#include <QLocale>
#include <QMessageBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <optional>

#include "app/company/moving_dialog.h"
#include "app/issue/issue_station.h"
#include "app/running/colour_choice.h"
#include "app/running/ended_dialog.h"
#include "app/running/event_log.h"
#include "app/running/languages.h"
#include "app/running/last_words.h"
#include "app/running/settings.h"
#include "app/running/told_to_close.h"
#include "app/spoken/order.h"
#include "app/spoken/painted.h"
#include "app/theme/theme.h"
#include "app/window/help.h"
#include "app/window/main_window.h"
#include "core/base/versions.h"
#include "publish/pack_source.h"
#include "shop/far_recordings.h"
#include "store/files.h"
#include "store/whole_library.h"

namespace {

using anagraph::core::ErrorCode;
using anagraph::store::Library;
namespace app = anagraph::app;
namespace store = anagraph::store;

struct Main {
    Q_DECLARE_TR_FUNCTIONS(Main)
};

void tell_trouble(const QString& sentence) { QMessageBox::critical(nullptr, Main::tr("Anagraph"), sentence); }

/// The library at a place, or what was taken along of it; nothing where the person was told why not.
std::unique_ptr<Library> opened(const QString& place, bool make) {
    auto library = make ? Library::make_or_open(place.toStdString()) : Library::open(place.toStdString());
    if (!library && library.error().code == ErrorCode::NotFound) {
        const auto answer =
            QMessageBox::question(nullptr, Main::tr("Anagraph"), Main::tr("There is no library in %1. Make a new one there?").arg(place));
        if (answer != QMessageBox::Yes) return nullptr;
        library = Library::make_or_open(place.toStdString());
    }
    // what was taken along is worked on until its server is back
    if (!library && library.error().code == ErrorCode::Away)
        if (auto copy = Library::on_the_road(place.toStdString())) library = std::move(copy);
    if (library) return std::move(*library);
    tell_trouble(app::theme::text(library.error().message));
    return nullptr;
}

/// A copy of the demo library, which stays as it is left; false where the person was told why there is none.
bool make_demo(const QString& place) {
    if (QFileInfo::exists(place)) return true;
    const QString archive = QDir::cleanPath(QApplication::applicationDirPath() + QStringLiteral("/../share/anagraph/demo-library.zip"));
    QApplication::setOverrideCursor(Qt::WaitCursor);
    const auto restored = store::restore_library(archive.toStdString(), place.toStdString());
    QApplication::restoreOverrideCursor();
    if (!restored) tell_trouble(Main::tr("The demo library cannot be opened: %1").arg(app::theme::text(restored.error().message)));
    return restored.has_value();
}

/// A library out of the one file it was put into; never over another. False where the person was told why not.
bool taken_out(const QString& archive, const QString& place) {
    if (QFileInfo::exists(place)) {
        tell_trouble(
            Main::tr("There is a library in %1 already, and nothing is written over it. Take this one out somewhere else: anagraph-cli "
                     "library restore FILE FOLDER")
                .arg(place));
        return false;
    }
    QApplication::setOverrideCursor(Qt::WaitCursor);
    const auto restored = store::restore_library(archive.toStdString(), place.toStdString());
    QApplication::restoreOverrideCursor();
    if (!restored) tell_trouble(app::theme::text(restored.error().message));
    return restored.has_value();
}

/// Notes what is open, for the next start where this one does not end well.
void note_what_is_open(const app::Session& session, store::Running& running) {
    QObject::connect(&session, &app::Session::changed, &session, [&session, &running, noted = store::GuideId()]() mutable {
        if (session.guide() == noted) return;
        noted = session.guide();
        app::event_log::tell("guide opened", running.at(session.home(), noted.text()));
    });
}

int write_help_to(const QString& folder) {
    const QTemporaryDir empty;
    auto library = Library::make_or_open((empty.path() + QStringLiteral("/library")).toStdString());
    if (!library) return 1;
    const app::MainWindow window(std::move(*library));
    return app::write_help(window.commands(), folder.toStdString()) ? 0 : 1;
}

}  // namespace

int main(int argc, char** argv) {
    store::outlive_size_limits();
    anagraph::shop::read_far_recordings();
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("anagraph"));
    const std::string version = anagraph::core::version_text("anagraph");
    QApplication::setApplicationVersion(QString::fromStdString(version.substr(version.find(' ') + 1)));
    QApplication::setDesktopFileName(QStringLiteral("anagraph"));
    const QString asked = app::language_among(QLocale::system().uiLanguages());
    app::speak(app::chosen_language().value_or(asked));
    QCommandLineParser parser;
    parser.setApplicationDescription(Main::tr("Turns recorded service jobs into illustrated step-by-step guides."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"), Main::tr("opens the demo library, a copy of which is made the first time"));
    parser.addOption(demo);
    // where it is installed the help is also for a browser
    QCommandLineOption write_help(QStringLiteral("write-help"), Main::tr("writes the help"), QStringLiteral("FOLDER"));
    write_help.setFlags(QCommandLineOption::HiddenFromHelp);
    parser.addOption(write_help);
    parser.addPositionalArgument(QStringLiteral("LIBRARY"),
        Main::tr(
            "folder of the library, or its address on a server; without it, the one in your data folder. Or a pack, which is verified; "
            "or a backup, which becomes your library where there is none."));
    parser.process(application);
    const auto desktop = app::desktop_colours();  // before ours are set
    app::theme::apply(app::chosen_colours().value_or(desktop));
    app::spoken::tell_painted();
    app::spoken::keys_go_in_order();
    QApplication::setWindowIcon(app::theme::program_icon());
    if (parser.isSet(write_help)) return write_help_to(parser.value(write_help));

    const std::string state = app::event_log::state_folder();
    app::event_log::begin(state);
    app::event_log::tell(anagraph::core::kVersion.data());
    const app::ToldToClose told(&application);
    auto ended = store::Running::ended(state);
    auto running = store::Running::begin(state);
    if (running) app::leave_last_words(running->file());

    const QString data = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/anagraph/");
    const QString own = data + QStringLiteral("library");
    app::Settings settings;
    const QString given = parser.positionalArguments().isEmpty() ? QString() : parser.positionalArguments().first();
    const bool is_pack = anagraph::publish::is_pack(given.toStdString());
    // a whole library in one file, as on a new computer, becomes the person's own
    const bool is_archive = given.endsWith(QLatin1String(".zip"), Qt::CaseInsensitive) && QFileInfo(given).isFile();
    if (is_archive && !taken_out(given, own)) return 1;
    const bool named = (!given.isEmpty() && !is_pack && !is_archive) || parser.isSet(demo);
    // a library that was moved in the window is opened where it is now
    if (is_archive) settings.remove(QStringLiteral("library"));
    QString place = parser.isSet(demo) ? data + QStringLiteral("demo-library")
        : named                        ? given
                                       : settings.value(QStringLiteral("library"), own).toString();
    if (parser.isSet(demo) && !make_demo(place)) return 1;
    std::optional<std::pair<store::GuideId, int>> was;  // in the window before this one
    for (;;) {
        // the person's own place is made; a path that was typed may be mistyped
        auto library = opened(place, place == own);
        if (!library) return 1;
        QString move_to;
        int code = 0;
        {
            app::MainWindow window(std::move(library));
            if (running) note_what_is_open(window.session(), *running);
            window.show();
            app::event_log::tell("window open");
            if (!ended.empty()) app::EndedDialog(ended.front(), window.session(), &window).exec();
            ended.clear();
            if (!told.was()) window.ask_post_once();
            if (!told.was()) window.show_way_round_once();
            if (is_pack && !was) window.verify(given);
            if (was && !was->first.empty() && window.session().open_guide(was->first)) window.go(was->second);
            was.reset();
            if (!told.was()) code = QApplication::exec();
            move_to = window.move_to();
            if (window.wants_anew()) was = {window.session().guide(), window.station()};
        }
        if (was) {
            app::theme::apply(app::chosen_colours().value_or(desktop));
            app::speak(app::chosen_language().value_or(asked));
            continue;
        }
        if (move_to.isEmpty()) {
            app::event_log::tell("closed");
            return code;
        }
        app::MovingDialog moving(place, move_to);
        if (moving.exec() != QDialog::Accepted) continue;
        place = move_to;
        if (!named) settings.setValue(QStringLiteral("library"), place);
    }
}
