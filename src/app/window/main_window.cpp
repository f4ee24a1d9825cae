#include "app/window/main_window.h"

#include <QApplication>
#include <QDialog>
#include <QDropEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMimeData>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

#include "app/bench/bench_station.h"
#include "app/command/reasons.h"
#include "app/company/backup_dialog.h"
#include "app/company/decide_dialog.h"
#include "app/company/library_dialog.h"
#include "app/company/shared_bar.h"
#include "app/dryrun/dryrun_station.h"
#include "app/figures/figures_station.h"
#include "app/guide/settings_dialog.h"
#include "app/issue/issue_station.h"
#include "app/logbook/logbook_station.h"
#include "app/people/key_forms.h"
#include "app/plates/plates_station.h"
#include "app/running/colour_choice.h"
#include "app/running/event_log.h"
#include "app/running/keys_dialog.h"
#include "app/running/languages.h"
#include "app/running/settings.h"
#include "app/sheet/sheet_station.h"
#include "app/shelf/shelf_station.h"
#include "app/tape/tape_station.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/window/help.h"
#include "app/window/practice_dialog.h"
#include "app/window/way_round.h"
#include "app/work/work.h"
#include "core/figure/evidence.h"
#include "core/review/open_points.h"
#include "publish/pack_source.h"

namespace anagraph::app {

using theme::text;

MainWindow::MainWindow(std::unique_ptr<store::Library> library)
    : session_(std::move(library)), along_(new TakingAlong(session_)), backing_up_(new BackingUp(session_)) {
    setWindowTitle(tr("Anagraph"));
    resize(1280, 800);
    auto* whole = new QWidget(this);
    auto* across = new QHBoxLayout(whole);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    rail_ = new RouteRail(whole);
    build_commands();
    across->addWidget(rail_);
    auto* right = new QVBoxLayout;
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(0);
    right->addWidget(build_head(whole));
    right->addWidget(shared_bar_ = new SharedBar(session_, *own_, whole));
    stations_ = new QStackedWidget(whole);
    stations_->addWidget(tape_ = new TapeStation(session_, stations_));
    stations_->addWidget(figures_ = new FiguresStation(session_, stations_));
    stations_->addWidget(sheet_ = new SheetStation(session_, stations_));
    stations_->addWidget(plates_ = new PlatesStation(session_, stations_));
    stations_->addWidget(dry_run_ = new DryRunStation(session_, stations_));
    stations_->addWidget(issue_ = new IssueStation(session_, stations_));
    stations_->addWidget(shelf_ = new ShelfStation(session_, stations_));
    stations_->addWidget(bench_ = new BenchStation(session_, stations_));
    stations_->addWidget(logbook_ = new LogbookStation(session_, stations_));
    for (int i = 0; i < stations_->count(); ++i) stations_->widget(i)->setAccessibleName(rail_->stops()[static_cast<std::size_t>(i)].name);
    right->addWidget(stations_, 1);
    notice_ = new QLabel(whole);
    notice_->setWordWrap(true);
    notice_->setContentsMargins(18, 9, 18, 9);
    notice_->setStyleSheet(QStringLiteral("background: %1; color: %2;").arg(theme::colour("ink").name(), theme::colour("sheet").name()));
    notice_->setAccessibleDescription(tr("Notice"));
    notice_->hide();
    right->addWidget(notice_);
    across->addLayout(right, 1);
    setCentralWidget(whole);
    commands_ = {&tape_->commands(), &figures_->commands(), &sheet_->commands(), &plates_->commands(), &dry_run_->commands(),
        &issue_->commands(), &shelf_->commands(), &bench_->commands(), &logbook_->commands(), own_};
    for (auto* c : commands_)
        connect(c, &Commands::performed, this, [this](const Command& command) {
            uses_.count(command.id);
            event_log::command(command.id);
        });
    connect(rail_, &RouteRail::chosen, this, &MainWindow::go);
    connect(dry_run_, &DryRunStation::line_asked, this, [this](const core::StepId& step, int line) {
        session_.set_step(step);
        go(Sheet);
        sheet_->show_line(line);
    });
    connect(issue_, &IssueStation::step_asked, this, [this](const core::StepId& step) {
        session_.set_step(step);
        go(Sheet);
    });
    connect(issue_, &IssueStation::figure_asked, this, [this](const core::FigureId& figure) {
        go(Figures);
        figures_->choose(figure);
    });
    connect(&session_, &Session::author_changed, this, &MainWindow::refresh);
    connect(&session_, &Session::others_changed, this, &MainWindow::refresh);
    connect(&session_, &Session::waiting_changed, this, &MainWindow::refresh);
    connect(&session_, &Session::met_another, this, [this] { QTimer::singleShot(0, this, &MainWindow::decide); });
    // what others did is not put under somebody's hands
    session_.is_typing = [this] {
        const auto* field = qobject_cast<QLineEdit*>(focusWidget());
        return QApplication::activeModalWidget() != nullptr || (field != nullptr && is_typed_in(field));
    };
    setAcceptDrops(true);
    connect(shelf_, &ShelfStation::guide_chosen, this, [this] { go(Tape); });
    connect(&session_, &Session::changed, this, &MainWindow::refresh);
    connect(&session_, &Session::library_changed, this, &MainWindow::refresh);
    connect(&session_, &Session::failed, this, &MainWindow::show_notice);
    connect(&session_, &Session::moment_asked, this, [this](const core::RecordingId& id, const core::FrameTime& at, bool play) {
        go(Tape);
        tape_->show_moment(id, at, play);
    });
    connect(&session_, &Session::run_asked, this, [this](qlonglong entry) {
        go(Logbook);
        logbook_->show_entry(entry);
    });
    go(Shelf);
    refresh();
}

MainWindow::~MainWindow() {
    keep_typing();
    Work::end_all();  // while what the work reports to is still there
    delete takeCentralWidget();
}

// A field keeps its text when it loses the focus.
void MainWindow::keep_typing() {
    if (auto* focus = focusWidget()) {
        tell_it_is_left(focus);
        focus->clearFocus();
        // a window without them would not get them back behind a dialog
        if (stations_->currentWidget()->isAncestorOf(focus) || stations_->currentWidget() == focus) stations_->currentWidget()->setFocus();
    }
}

QWidget* MainWindow::build_head(QWidget* whole) {
    auto* head = new QFrame(whole);
    head->setObjectName(QStringLiteral("panel"));
    head->setFixedHeight(theme::px("header") + 6);
    auto* row = new QHBoxLayout(head);
    row->setContentsMargins(18, 6, 16, 6);
    row->setSpacing(10);
    title_ = title_label(QString(), head);
    title_->setCursor(Qt::PointingHandCursor);
    title_->installEventFilter(this);
    subtitle_ = quiet_label(QString(), head);
    subtitle_->setWordWrap(false);
    saved_ = quiet_label(QString(), head);
    saved_->setWordWrap(false);
    saved_->setAccessibleDescription(tr("Saved state"));
    row->addWidget(title_);
    row->addWidget(subtitle_);
    row->addStretch(1);
    post_ = quiet_label(QString(), head);
    post_->setWordWrap(false);
    post_->setCursor(Qt::PointingHandCursor);
    post_->setAccessibleDescription(tr("Who sits here"));
    post_->installEventFilter(this);
    others_ = quiet_label(QString(), head);
    others_->setWordWrap(false);
    others_->setAccessibleDescription(tr("Who else is here"));
    others_->setStyleSheet(QStringLiteral("color: %1;").arg(theme::colour("seen").name()));
    row->addWidget(others_);
    row->addWidget(saved_);
    row->addWidget(post_);
    row->addWidget(head_row_ = new CommandRow(*own_, head), 0, Qt::AlignVCenter);
    return head;
}

void MainWindow::build_commands() {
    own_ = new Commands(tr("Everywhere"), this);
    const auto add = [this](Command c) { own_->add(std::move(c)); };
    const auto open_here = [this] { return open_[static_cast<std::size_t>(rail_->current())]; };
    const QString changes = tr("Changes");
    add({"window.undo", tr("Undo"), QKeySequence::Undo, tr("Takes the last change back."), changes, {}, [this] { session_.undo(); },
        [this] { return unless(session_.can_undo(), tr("There is nothing to undo.")); }, {tr("take back")}, true, {}, {},
        [this] { return session_.can_undo() ? tr("Takes back: %1.").arg(session_.undo_label()) : tr("Takes the last change back."); }});
    add({"window.redo", tr("Redo"), Qt::CTRL | Qt::SHIFT | Qt::Key_Z, tr("Makes the change that was undone again."), changes, {},
        [this] { session_.redo(); }, [this] { return unless(session_.can_redo(), tr("There is nothing to redo.")); }, {}, true, {}, {},
        [this] {
            return session_.can_redo() ? tr("Makes again: %1.").arg(session_.redo_label()) : tr("Makes the change that was undone again.");
        }});
    add({"window.post", tr("Who sits here"), Qt::CTRL | Qt::SHIFT | Qt::Key_P,
        tr("Every change, comment and check carries the post that sits here."), changes, {},
        [this] {
            keep_typing();
            key_forms::ask_post(session_, this);
        },
        {}, {tr("user"), tr("author"), tr("checker"), tr("sign in")}});
    add({"window.decide", tr("Decide"), Qt::CTRL | Qt::SHIFT | Qt::Key_D,
        tr("Shows what you and somebody else changed at once side by side; you say which stands."), changes, {}, [this] { decide(); },
        [this] { return unless(session_.waiting().to_decide() > 0, tr("No change of yours met another's.")); },
        {tr("conflict"), tr("merge"), tr("both changed")}, false, always});
    add({"window.library", tr("This library"), Qt::CTRL | Qt::SHIFT | Qt::Key_L,
        tr("Where it lives, what of it is on this computer, which guides go along where its server is not, and its move elsewhere."),
        changes, {}, [this] { show_library(); }, {}, {tr("server"), tr("move"), tr("laptop"), tr("offline"), tr("disk")}});
    add({"window.backup", tr("Backup"), Qt::CTRL | Qt::SHIFT | Qt::Key_B,
        tr("Where backups of this library go, how often one is made, and which are there."), changes, {},
        [this] {
            keep_typing();
            BackupDialog(*backing_up_, this).exec();
        },
        [this] { return unless(!session_.is_away(), tr("Its server cannot be reached.")); },
        {tr("archive"), tr("copy"), tr("stick"), tr("save")}});
    const QString way = tr("Finding the way");
    add({"window.next-open", tr("Next open point"), Qt::Key_F4, tr("Goes to the next point of this station that nobody has decided on."),
        way, {}, [this] { next_open(); }, [open_here] { return unless(open_here() > 0, tr("Nothing is open here.")); }, {tr("to do")}, true,
        {}, [open_here] { return tr("%n open points", "1 open point", static_cast<int>(open_here())); }});
    add({"window.find", tr("Find"), QKeySequence::Find, tr("Any command, step, item, figure, guide or spoken line, by typing."), way, {},
        [this] { find(); }, {}, {tr("go to"), tr("command")}, true});
    add({"window.guide-settings", tr("Guide settings"), Qt::CTRL | Qt::Key_G,
        tr("Machine, job, guide number, interval, workshop note and variants."), way, {}, [this] { set_guide(); },
        [this] { return no_guide(session_); },
        {tr("rename guide"), tr("title"), tr("guide number"), tr("interval"), tr("workshop note"), tr("variants"), tr("properties"),
            tr("models")}});
    struct Place {
        const char* name;
        QString words;
        QString help;
        bool shop;
    };
    const Place stops[] = {{"tape", tr("Tape"), tr("The recordings: steps are marked and figures taken."), false},
        {"figures", tr("Figures"), tr("What each figure rests on."), false},
        {"sheet", tr("Sheet"), tr("The guide as its reader will see it."), false},
        {"plates", tr("Plates"), tr("The pictures, and what is called out on them."), false},
        {"dryrun", tr("Dry run"), tr("Whether the order of the steps works; the time it takes; the kit."), false},
        {"issue", tr("Issue"), tr("What changed; freezing the next edition."), false},
        {"shelf", tr("Shelf"), tr("The guides and recordings of the library."), true},
        {"bench", tr("Bench"), tr("A guide at the machine: one step at a time, with what is read and seen."), true},
        {"logbook", tr("Logbook"), tr("The machines: what was done, what is open, what is due."), true}};
    std::vector<RouteRail::Stop> on_rail;
    int number = 0;
    for (const auto& s : stops) {
        const QKeySequence key(Qt::CTRL | static_cast<Qt::Key>(Qt::Key_1 + number));
        add({QStringLiteral("window.") + QLatin1String(s.name), tr("Go to %1").arg(s.words), key, s.help, way, {},
            [this, number] { go(number); }, [this, shop = s.shop] { return shop ? QString() : no_guide(session_); }, {tr("station")}});
        on_rail.push_back({QLatin1String(s.name), s.words, key_words(own_->all().back()->key), 0, true, s.shop});
        ++number;
    }
    rail_->set_stops(std::move(on_rail));
    add({"window.help", tr("Help"), QKeySequence::HelpContents, tr("The way from a recording to a guide, and every command with its key."),
        way, {},
        [this] {
            show_help(commands_, session_.has_guide() ? commands_[static_cast<std::size_t>(rail_->current())]->station() : QString(), this);
        },
        {}, {tr("manual"), tr("keys"), tr("shortcuts")}});
    add({"window.colours", tr("Colours"), Qt::CTRL | Qt::SHIFT | Qt::Key_C,
        tr("Light, dark or high contrast, or as the desktop asks; guides go out as they always do."), way, {}, [this] { choose_colours(); },
        {}, {tr("dark"), tr("night"), tr("contrast"), tr("theme"), tr("bright")}});
    add({"window.language", tr("Language"), Qt::CTRL | Qt::ALT | Qt::Key_L, tr("The language of the window; guides keep theirs."), way, {},
        [this] { choose_language(); }, {}, {QStringLiteral("language"), QStringLiteral("Sprache"), tr("translation")}});
    add({"window.keys", tr("Change keys"), Qt::CTRL | Qt::ALT | Qt::Key_K, tr("Each command gets the key you want it to have."), way, {},
        [this] { change_keys(); }, {}, {tr("shortcuts"), tr("keyboard")}});
    add({"window.tasks", tr("Three tasks"), Qt::CTRL | Qt::SHIFT | Qt::Key_T,
        tr("Three small pieces of work on the demo guide, which say by themselves when they are done."), way, {}, [this] { show_tasks(); },
        {}, {tr("exercise"), tr("practise"), tr("learn"), tr("first steps")}});
    add({"window.way-round", tr("Show me round"), Qt::SHIFT | Qt::Key_F1, tr("The five places of the window, a sentence each."), way, {},
        [this] { show_way_round(); }, {}, {tr("introduction"), tr("tour"), tr("first steps")}});
    connect(own_, &Commands::refused, this, &MainWindow::show_notice);
    qApp->installEventFilter(this);
}

void MainWindow::perform(Commands& where, const Command& command) {
    for (int stop = 0; stop < static_cast<int>(commands_.size()) - 1; ++stop)
        if (commands_[static_cast<std::size_t>(stop)] == &where && rail_->current() != stop) {
            if (stop < Shelf && !session_.has_guide()) return show_notice(no_guide(session_));
            go(stop);
        }
    where.perform(command);
}

// A field takes Ctrl+Z while there is typing in it to take back; otherwise it undoes the last change of the guide.
bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (watched == post_ && event->type() == QEvent::MouseButtonRelease) {
        perform(*own_, *own_->find(QStringLiteral("window.post")));
        return true;
    }
    if (watched == title_ && event->type() == QEvent::MouseButtonRelease) {
        perform(*own_, *own_->find(QStringLiteral("window.guide-settings")));
        return true;
    }
    if (event->type() != QEvent::ShortcutOverride) return false;
    const auto* field = qobject_cast<QLineEdit*>(watched);
    const auto* key = static_cast<QKeyEvent*>(event);
    if (field == nullptr || field->window() != this) return false;
    const bool undo = key->matches(QKeySequence::Undo) && !field->isUndoAvailable();
    const bool redo = key->matches(QKeySequence::Redo) && !field->isRedoAvailable();
    if (undo || redo) event->ignore();
    return undo || redo;
}

namespace {

/// The pack among what is dragged: a folder with a manifest, or the one file of a pack; empty where there is none.
QString pack_in(const QMimeData& data) {
    for (const auto& url : data.urls()) {
        const QString path = url.toLocalFile();
        if (publish::is_pack(path.toStdString())) return path;
    }
    return {};
}

}  // namespace

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (!pack_in(*event->mimeData()).isEmpty()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    const QString pack = pack_in(*event->mimeData());
    if (pack.isEmpty()) return;
    event->acceptProposedAction();
    verify(pack);
}

void MainWindow::verify(const QString& pack) {
    go(Issue);
    issue_->verify_path(pack);
}

void MainWindow::go(int stop) {
    keep_typing();
    stations_->setCurrentIndex(stop);
    // a station that was there already is not shown anew and would be left without the keys
    if (auto* focus = focusWidget(); focus == nullptr || !stations_->currentWidget()->isAncestorOf(focus))
        stations_->currentWidget()->setFocus();
    rail_->set_current(stop);
    refresh();
}

int MainWindow::station() const { return stations_->currentIndex(); }

void MainWindow::refresh() {
    const bool guide = session_.has_guide();
    for (const int stop : {Tape, Figures, Sheet, Plates, DryRun, Issue}) rail_->set_enabled(stop, guide);
    const auto& h = session_.procedure().header;
    title_->setToolTip(guide ? tr("Guide settings") : QString());
    title_->setText(guide ? text(h.machine + " · " + h.title) : tr("Anagraph"));
    subtitle_->setText(
        guide ? tr("%n steps", "1 step", static_cast<int>(session_.procedure().steps.size())) : tr("open a guide, or import a recording"));
    saved_->setText(guide ? session_.saved_text() : QString());
    others_->setText(others_in_words(session_));
    others_->setVisible(!others_->text().isEmpty());
    post_->setText(session_.author());
    post_->setToolTip(tr("Who sits here: %1. Every change carries it.").arg(session_.author()));
    std::fill(open_.begin(), open_.end(), 0);
    if (guide) {
        open_[Tape] = session_.open_marks();
        const auto points = core::open_points(session_.procedure());
        for (const auto& point : points) ++open_[static_cast<std::size_t>(point.station)];
        open_[Issue] = static_cast<int>(core::reasons_not_to_issue(session_.procedure(), points).size());
        for (int i = Tape; i <= Issue; ++i) rail_->set_open(i, open_[static_cast<std::size_t>(i)]);
        open_[Issue] = 0;  // its points are done at the other stations
    }
    own_->refresh();
}

void MainWindow::decide() {
    if (session_.waiting().to_decide() == 0 || QApplication::activeModalWidget() != nullptr) return;
    keep_typing();
    DecideDialog(session_, this).exec();
}

void MainWindow::show_library() {
    keep_typing();
    LibraryDialog dialog(session_, *along_, this);
    if (dialog.exec() != QDialog::Accepted || dialog.move_to().isEmpty()) return;
    move_to_ = dialog.move_to();
    if (!close()) move_to_.clear();
}

void MainWindow::next_open() {
    switch (rail_->current()) {
        case Tape:
            tape_->next_open();
            break;
        case Figures:
            figures_->next_open();
            break;
        case Sheet:
            sheet_->next_open();
            break;
        case Plates:
            plates_->next_open();
            break;
        case DryRun:
            dry_run_->next_open();
            break;
        default:
            break;
    }
}

std::vector<FinderEntry> MainWindow::findable() {
    std::vector<FinderEntry> out;
    // the commands of the station one is at come before the others
    std::vector<Commands*> tables = commands_;
    std::stable_sort(tables.begin(), tables.end(), [this](const Commands* a, const Commands* b) {
        const auto here = [this](const Commands* c) { return c->scope() == stations_->currentWidget(); };
        return here(a) > here(b);
    });
    for (auto* table : tables)
        for (const auto& c : table->all()) {
            if (c->id == QLatin1String("window.find")) continue;
            const QString why = table->cannot(*c);
            out.push_back({table->station(), table->words(*c), why.isEmpty() ? table->help(*c) : why, key_words(c->key),
                QStringList(c->also) << c->words, why.isEmpty(), uses_.of(c->id),
                [this, table, command = c.get()] { perform(*table, *command); }});
        }
    const auto thing = [&out](const QString& kind, const QString& words, const QString& beside, std::function<void()> go) {
        out.push_back({kind, words, beside, {}, {}, true, 0, std::move(go)});
    };
    const auto& p = session_.procedure();
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        thing(tr("Step"), text(p.steps[i].heading), tr("step %1").arg(i + 1), [this, id = p.steps[i].id] {
            session_.set_step(id);
            go(Sheet);
        });
    for (const auto& f : p.figures)
        thing(tr("Figure"), text(core::title_of(p, f)), text(core::words_of(f.value)), [this, id = f.id] {
            go(Figures);
            figures_->choose(id);
        });
    for (const auto& i : p.items)
        thing(tr("Item"), text(i.name), text(i.spec), [this, id = i.id] {
            go(Plates);
            plates_->choose_item(id);
        });
    if (const auto guides = session_.library().guides())
        for (const auto& g : *guides)
            thing(tr("Guide"), text(g.machine + " · " + g.title), g.id == session_.guide() ? tr("is open") : QString(), [this, id = g.id] {
                if (session_.open_guide(id)) go(Tape);
            });
    return out;
}

void MainWindow::find() {
    // the field in hand keeps its typing and gets the keys back: what is found may be a command for it
    Finder finder(
        findable(), session_.library().place(), [this](const store::SaidLine& said) { show_said(said); }, this);
    if (finder.exec() != QDialog::Accepted) return;
    if (const auto go = finder.chosen()) go();
}

void MainWindow::set_guide() {
    keep_typing();
    GuideSettingsDialog dialog(session_.procedure(), this);
    if (dialog.exec() != QDialog::Accepted || dialog.change().edits.empty()) return;
    session_.perform(dialog.change());
}

void MainWindow::choose_colours() {
    ColourDialog dialog(this);
    if (dialog.exec() != QDialog::Accepted) return;
    app::choose_colours(dialog.chosen());
    if (dialog.chosen().value_or(desktop_colours()) == theme::colours_now()) return;
    wants_anew_ = true;
    close();
}

bool MainWindow::event(QEvent* event) {
    // what had the keys may go away under a dialog: they go back to the station then, not to whatever comes first in the window
    const auto in_station = [this] {
        const auto* has = focusWidget();
        return has != nullptr && has->isVisible() && (has == stations_->currentWidget() || stations_->currentWidget()->isAncestorOf(has));
    };
    if (event->type() == QEvent::WindowDeactivate) keys_in_station_ = in_station();
    if (event->type() == QEvent::WindowActivate && keys_in_station_ && !in_station()) stations_->currentWidget()->setFocus();
    return QMainWindow::event(event);
}

void MainWindow::choose_language() {
    LanguageDialog dialog(this);
    if (dialog.exec() != QDialog::Accepted) return;
    app::choose_language(dialog.chosen());
    if (dialog.chosen().value_or(language_among(QLocale::system().uiLanguages())) == language_now()) return;
    wants_anew_ = true;
    close();
}

void MainWindow::change_keys() {
    KeysDialog dialog(commands_, this);
    if (dialog.exec() != QDialog::Accepted || !dialog.keys().differs()) return;
    dialog.keys().keep();
    wants_anew_ = true;
    close();
}

void MainWindow::show_tasks() {
    keep_typing();
    if (tasks_ == nullptr) {
        tasks_ = new PracticeDialog(
            session_, commands_, [this](core::Task task) { take_in_hand(task); }, this);
        // at the right edge, from where it grows downwards
        tasks_->adjustSize();
        tasks_->move(geometry().right() - tasks_->width() - 24, geometry().top() + 90);
    }
    tasks_->show();
    tasks_->activateWindow();
}

void MainWindow::take_in_hand(core::Task task) {
    const auto place = core::place_of(task);
    if (!place.step.empty()) session_.set_step(place.step);
    switch (task) {
        case core::Task::Settle:
            go(Figures);
            figures_->choose(place.figure);
            break;
        case core::Task::CallOut:
            go(Plates);
            plates_->choose_item(place.item);
            break;
        case core::Task::AddCheck:
            go(Sheet);
            break;
    }
    activateWindow();
}

void MainWindow::show_way_round() {
    auto* row = stations_->currentWidget()->findChild<CommandRow*>();
    new WayRound(this,
        {{rail_,
             tr("The stations stand in the order of the work, from the recording to the issued guide. A number says how much is open "
                "there.")},
            {row, tr("What you can do with the thing in hand, the next sensible step first. The right button shows the rest.")},
            {head_row_, tr("Find goes to any command, step, figure or spoken line: type three letters of it.")},
            {title_, tr("The guide in hand. Press its name to change machine, guide number, interval or variants.")},
            {session_.has_guide() ? static_cast<QWidget*>(saved_) : head_row_,
                tr("Every change is saved as you make it, and each can be undone. %1 is the help.")
                    .arg(key_words(own_->find(QStringLiteral("window.help"))->key))}});
}

void MainWindow::show_way_round_once() {
    Settings settings;
    const QString seen = QStringLiteral("way-round-seen");
    if (settings.value(seen).toBool()) return;
    settings.setValue(seen, true);
    show_way_round();
}

void MainWindow::ask_post_once() {
    if (Session::author_known()) return;
    if (!key_forms::ask_post(session_, this)) session_.set_author(session_.author());
}

void MainWindow::show_said(const store::SaidLine& said) {
    if (!session_.has_guide()) {
        show_notice(tr("Open a guide on the Shelf first; then the moment can be shown."));
        return;
    }
    session_.show_moment(said.recording, said.line.start, false);
    if (session_.procedure().find(said.recording) == nullptr)
        show_notice(tr("%1 is not in this guide; the Shelf lets the guide use it.").arg(text(said.name)));
}

void MainWindow::show_notice(const QString& sentence) {
    notice_->setText(sentence);
    notice_->show();
    QTimer::singleShot(12000, notice_, [this, sentence] {
        if (notice_->text() == sentence) notice_->hide();
    });
}

}  // namespace anagraph::app
