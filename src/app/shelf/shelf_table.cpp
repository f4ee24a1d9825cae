// The commands of the Shelf as a table.
#include "app/command/reasons.h"
#include "app/desk/desk_dialog.h"
#include "app/hearing/hearing.h"
#include "app/shelf/example_dialog.h"
#include "app/shelf/shelf_station.h"
#include "app/theme/controls.h"

namespace anagraph::app {

Hand ShelfStation::in_hand() const {
    if (has_keys(recordings_) && recordings_->currentIndex().isValid()) return Hand::Recording;
    return guides_->currentIndex().isValid() ? Hand::Guide : Hand::Nothing;
}

void ShelfStation::build_commands() {
    commands_ = new Commands(tr("Shelf"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto chosen = [this] { return recording_rows_->at(recordings_->currentIndex()); };
    const auto no_guides = [this] { return guide_rows_->rowCount() == 0; };
    const auto no_recordings = [this] { return recording_rows_->rowCount() == 0; };
    const QString guides = tr("Guides");
    add({"shelf.open", tr("Open guide"), Qt::Key_Return, tr("Takes the chosen guide in hand and goes to its tape."), guides, {},
        [this] { open_chosen(); },
        [this] { return unless(guides_->currentIndex().isValid(), tr("There is no guide yet; begin a new one.")); }, {}, true,
        [this] { return in_hand() == Hand::Guide; }});
    add({"shelf.new", tr("New guide"), Qt::CTRL | Qt::Key_N, tr("Begins a guide; it uses the chosen recording."), guides, {},
        [this] { new_guide(); }, {}, {tr("begin")}, true, [no_guides, no_recordings] { return no_guides() && !no_recordings(); }});
    add({"shelf.example", tr("See an example guide"), Qt::CTRL | Qt::Key_E,
        tr("Shows the printed form of a finished guide: what comes out at the end."), guides, {Hand::Nothing},
        [this] { ExampleDialog(this).exec(); }, {}, {tr("demo"), tr("sample")}, true});
    add({"shelf.desk", tr("The desk"), Qt::CTRL | Qt::Key_D,
        tr("Opens the desk: tablets in the workshop read the current editions and ask whether a page is current."), guides,
        {Hand::Nothing, Hand::Guide},
        [this] {
            DeskDialog dialog(session_, desk_, this);
            dialog.exec();
            commands_->refresh();
        },
        {}, {tr("server"), tr("network"), tr("tablet"), tr("serve")}, true, {},
        [this] { return desk_ != nullptr ? tr("The desk is open") : tr("The desk"); }});
    const QString recordings = tr("Recordings");
    add({"shelf.import", tr("Import recording"), Qt::CTRL | Qt::Key_O,
        tr("Copies a film into the library; a narration of the same name comes with it."), recordings, {},
        [this] { choose_files(shop::Original::Copy); }, {}, {tr("bring in"), tr("load")}, true, no_recordings});
    add({"shelf.import-in-place", tr("Import without copying"), Qt::CTRL | Qt::SHIFT | Qt::Key_O,
        tr("The film stays where it lies; the library remembers where."), recordings, {},
        [this] { choose_files(shop::Original::StaysWhereItLies); }, {}, {tr("link"), tr("in place")}});
    add({"shelf.use", tr("Use in open guide"), Qt::CTRL | Qt::Key_U, tr("The open guide may then take steps from the chosen recording."),
        recordings, {}, [this] { use_recording(); },
        [this, chosen] {
            if (chosen() == nullptr) return tr("There is no recording yet; import one.");
            if (!session_.has_guide()) return tr("No guide is open; open one or begin a new one.");
            return unless(session_.procedure().find(chosen()->id) == nullptr, tr("The open guide uses it already."));
        },
        {tr("add recording")}, true, [this] { return in_hand() == Hand::Recording; }});
    add({"shelf.find-original", tr("Find original"), Qt::CTRL | Qt::Key_L,
        tr("The original is not where it was: looks for it in a folder, by its content."), recordings, {},
        [this] { choose_folder_to_look_in(); },
        [this] { return unless(recordings_->currentIndex().data(kAway).toBool(), tr("The original is where it should be.")); },
        {tr("relink"), tr("missing")}, true});
    add({"shelf.cancel", tr("Cancel"), Qt::Key_Escape, tr("Stops the import; nothing of it stays."), recordings, {}, [this] { cancel(); },
        [this] { return unless(importing(), tr("Nothing is being imported.")); }, {tr("stop")}});
    add({"shelf.hear", tr("Hear what is said"), Qt::CTRL | Qt::Key_H,
        tr("The program listens to the chosen recording, which came without a narration; it goes on while you work."), recordings, {},
        [this] { session_.hearing().hear(chosen_recording()); },
        [this, chosen] {
            if (chosen() == nullptr) return tr("There is no recording yet; import one.");
            if (chosen()->has_narration) return tr("This recording has a narration.");
            return unless(!session_.hearing().busy_with(chosen()->id), tr("It is being heard."));
        },
        {tr("transcribe"), tr("speech"), tr("recognise")}, true,
        [this, chosen] { return in_hand() == Hand::Recording && chosen() != nullptr && !chosen()->has_narration; }});
    add({"shelf.stop-hearing", tr("Stop hearing"), Qt::CTRL | Qt::SHIFT | Qt::Key_H,
        tr("Stops listening; the film stays, without a narration."), recordings, {}, [this] { session_.hearing().cancel(); },
        [this] { return unless(session_.hearing().busy(), tr("No film is being heard.")); }, {tr("stop")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
}

}  // namespace anagraph::app
