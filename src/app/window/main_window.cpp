#include "app/window/main_window.h"

#include <QApplication>
#include <QDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QShortcut>
#include <QTextBrowser>
#include <QTimer>
#include <QVBoxLayout>

#include "app/figures/figures_station.h"
#include "app/issue/issue_station.h"
#include "app/plates/plates_station.h"
#include "app/session/beside.h"
#include "app/sheet/sheet_station.h"
#include "app/shelf/shelf_station.h"
#include "app/tape/tape_station.h"
#include "app/theme/theme.h"
#include "app/window/said_dialog.h"
#include "core/editing/editor.h"
#include "core/procedure/open_points.h"

namespace anagraph::app {

using theme::text;

MainWindow::MainWindow(std::unique_ptr<store::Library> library) : session_(std::move(library)) {
    setWindowTitle(tr("Anagraph"));
    resize(1280, 800);
    auto* whole = new QWidget(this);
    auto* across = new QHBoxLayout(whole);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    rail_ = new RouteRail(whole);
    rail_->set_stops({{QStringLiteral("tape"), tr("Tape"), QStringLiteral("Ctrl+1")}, {QStringLiteral("figures"), tr("Figures"), QStringLiteral("Ctrl+2")}, {QStringLiteral("sheet"), tr("Sheet"), QStringLiteral("Ctrl+3")}, {QStringLiteral("plates"), tr("Plates"), QStringLiteral("Ctrl+4")}, {QStringLiteral("issue"), tr("Issue"), QStringLiteral("Ctrl+5")}, {QStringLiteral("shelf"), tr("Shelf"), QStringLiteral("Ctrl+6"), 0, true, true}});
    across->addWidget(rail_);
    auto* right = new QVBoxLayout;
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(0);
    right->addWidget(build_head());
    stations_ = new QStackedWidget(whole);
    stations_->addWidget(tape_ = new TapeStation(session_, stations_));
    stations_->addWidget(figures_ = new FiguresStation(session_, stations_));
    stations_->addWidget(sheet_ = new SheetStation(session_, stations_));
    stations_->addWidget(plates_ = new PlatesStation(session_, stations_));
    stations_->addWidget(issue_ = new IssueStation(session_, stations_));
    stations_->addWidget(shelf_ = new ShelfStation(session_, stations_));
    right->addWidget(stations_, 1);
    notice_ = new QLabel(whole);
    notice_->setWordWrap(true);
    notice_->setContentsMargins(18, 9, 18, 9);
    notice_->setStyleSheet(QStringLiteral("background: %1; color: %2;").arg(theme::colour("ink").name(), theme::colour("sheet").name()));
    notice_->setAccessibleName(tr("Notice"));
    notice_->hide();
    right->addWidget(notice_);
    across->addLayout(right, 1);
    setCentralWidget(whole);
    build_keys();
    connect(rail_, &RouteRail::chosen, this, &MainWindow::go);
    connect(shelf_, &ShelfStation::guide_chosen, this, [this] { go(Tape); });
    connect(&session_, &Session::changed, this, &MainWindow::refresh);
    connect(&session_, &Session::library_changed, this, &MainWindow::refresh);
    connect(&session_, &Session::failed, this, &MainWindow::show_notice);
    connect(&session_, &Session::moment_asked, this, [this](const core::RecordingId& id, const core::FrameTime& at, bool play) {
        go(Tape);
        tape_->show_moment(id, at, play);
    });
    go(Shelf);
    refresh();
}

MainWindow::~MainWindow() {
    keep_typing();
    end_all_work();  // while what the work reports to is still there
    delete takeCentralWidget();
}

// A field keeps its text when it loses the focus.
void MainWindow::keep_typing() {
    if (auto* focus = QApplication::focusWidget(); focus != nullptr && isAncestorOf(focus)) focus->clearFocus();
}

QWidget* MainWindow::build_head() {
    auto* head = new QFrame(this);
    head->setObjectName(QStringLiteral("panel"));
    head->setFixedHeight(theme::px("header") + 6);
    auto* row = new QHBoxLayout(head);
    row->setContentsMargins(18, 6, 16, 6);
    row->setSpacing(10);
    title_ = titled(QString(), head);
    subtitle_ = second(QString(), head);
    subtitle_->setWordWrap(false);
    saved_ = second(QString(), head);
    saved_->setWordWrap(false);
    saved_->setAccessibleName(tr("Saved state"));
    undo_ = new KeyButton(tr("Undo"), QKeySequence::Undo, this);
    redo_ = new KeyButton(tr("Redo"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), this);
    open_ = new KeyButton(tr("Next open"), Qt::Key_F4, this);
    row->addWidget(title_);
    row->addWidget(subtitle_);
    row->addStretch(1);
    row->addWidget(saved_);
    row->addWidget(undo_);
    row->addWidget(redo_);
    row->addWidget(open_);
    connect(undo_, &QPushButton::clicked, this, [this] { session_.undo(); });
    connect(redo_, &QPushButton::clicked, this, [this] { session_.redo(); });
    connect(open_, &QPushButton::clicked, this, &MainWindow::next_open);
    return head;
}

void MainWindow::build_keys() {
    for (int i = 0; i < 6; ++i) {
        auto* shortcut = new QShortcut(QKeySequence(Qt::CTRL | static_cast<Qt::Key>(Qt::Key_1 + i)), this);
        connect(shortcut, &QShortcut::activated, this, [this, i] {
            if (rail_->stops()[static_cast<std::size_t>(i)].enabled)
                go(i);
            else
                show_notice(tr("Open a guide on the Shelf first (Ctrl+6)."));
        });
    }
    qApp->installEventFilter(this);
    auto* find = new QShortcut(QKeySequence(Qt::CTRL | Qt::Key_F), this);
    connect(find, &QShortcut::activated, this, &MainWindow::find_said);
    auto* help = new QShortcut(QKeySequence::HelpContents, this);
    connect(help, &QShortcut::activated, this, &MainWindow::show_help);
}

// A field takes Ctrl+Z while there is typing in it to take back; otherwise it undoes the last change of the guide.
bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::ShortcutOverride) return false;
    const auto* field = qobject_cast<QLineEdit*>(watched);
    const auto* key = static_cast<QKeyEvent*>(event);
    if (field == nullptr || field->window() != this) return false;
    const bool undo = key->matches(QKeySequence::Undo) && !field->isUndoAvailable();
    const bool redo = key->matches(QKeySequence::Redo) && !field->isRedoAvailable();
    if (undo || redo) event->ignore();
    return undo || redo;
}

void MainWindow::go(int stop) {
    keep_typing();
    stations_->setCurrentIndex(stop);
    // a station that was there already is not shown anew and would be left without the keys
    if (auto* focus = QApplication::focusWidget(); focus == nullptr || !stations_->currentWidget()->isAncestorOf(focus)) stations_->currentWidget()->setFocus();
    rail_->set_current(stop);
    refresh();
}

void MainWindow::refresh() {
    const bool guide = session_.has_guide();
    for (const int stop : {Tape, Figures, Sheet, Plates, Issue}) rail_->set_enabled(stop, guide);
    const auto& h = session_.procedure().header;
    title_->setText(guide ? text(h.machine + " · " + h.title) : tr("Anagraph"));
    subtitle_->setText(guide ? theme::counted(static_cast<qsizetype>(session_.procedure().steps.size()), tr("1 step"), tr("%1 steps")) : tr("open a guide, or bring in a recording"));
    saved_->setText(guide ? session_.saved_text() : QString());
    undo_->setEnabled(session_.can_undo());
    redo_->setEnabled(session_.can_redo());
    undo_->setToolTip(session_.can_undo() ? tr("Undo: %1").arg(session_.undo_label()) : tr("Nothing to undo"));
    redo_->setToolTip(session_.can_redo() ? tr("Redo: %1").arg(session_.redo_label()) : tr("Nothing to redo"));
    open_->setVisible(guide && rail_->current() < Issue);
    if (!guide) return;
    int counts[6] = {session_.open_marks(), 0, 0, 0, 0, 0};
    for (const auto& point : core::open_points(session_.procedure())) ++counts[static_cast<int>(point.station)];
    counts[Issue] = static_cast<int>(core::reasons_not_to_issue(session_.procedure()).size());
    for (int i = 0; i < 5; ++i) rail_->set_open(i, counts[i]);
    const int now = rail_->current();
    open_->set_words(now < Issue && counts[now] > 0 ? tr("%1 open").arg(counts[now]) : tr("Nothing open"));
    open_->setEnabled(now < Issue && counts[now] > 0);
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
        default:
            break;
    }
}

void MainWindow::find_said() {
    SaidDialog dialog(session_.library().folder(), this);
    if (dialog.exec() != QDialog::Accepted) return;
    const auto& said = dialog.chosen();
    if (!session_.has_guide()) {
        show_notice(tr("Open a guide on the Shelf first (Ctrl+6); then the moment can be shown."));
        return;
    }
    session_.show_moment(said.recording, said.line.start, false);
    if (session_.procedure().find(said.recording) == nullptr) show_notice(tr("%1 is not in this guide; Ctrl+U on the Shelf uses it.").arg(text(said.name)));
}

void MainWindow::show_notice(const QString& sentence) {
    notice_->setText(sentence);
    notice_->show();
    QTimer::singleShot(12000, notice_, [this, sentence] {
        if (notice_->text() == sentence) notice_->hide();
    });
}

/// The commands of a station's menus as rows: key, name, what it does.
static QString menu_keys(const QList<QAction*>& actions) {
    QString rows;
    for (const auto* a : actions) rows += QStringLiteral("<tr><td><b>%1</b>&nbsp;&nbsp;</td><td>%2&nbsp;&nbsp;</td><td>%3</td></tr>").arg(a->shortcut().toString(QKeySequence::NativeText).toHtmlEscaped(), a->text().toHtmlEscaped(), a->toolTip().toHtmlEscaped());
    return QStringLiteral("<table cellspacing='2'>%1</table>").arg(rows);
}

/// The editor's rules as rows: what each is called, and why.
static QString editor_rules() {
    QString rows;
    for (int i = 0; i < core::kRules; ++i) rows += QStringLiteral("<tr><td><b>%1</b>&nbsp;&nbsp;</td><td>%2</td></tr>").arg(theme::text(std::string(core::name_of(static_cast<core::Rule>(i)))), theme::text(std::string(core::reason_of(static_cast<core::Rule>(i)))));
    return QStringLiteral("<table cellspacing='2'>%1</table>").arg(rows);
}

void MainWindow::show_help() {
    QDialog dialog(this);
    dialog.setWindowTitle(tr("Keys and the way through"));
    dialog.resize(760, 600);
    auto* down = new QVBoxLayout(&dialog);
    auto* page = new QTextBrowser(&dialog);
    page->setHtml(tr(
                      "<h2>From a recording to a guide</h2>"
                      "<p><b>Shelf</b> (Ctrl+6): bring a recording in (Ctrl+O, or drop it), open a guide (Enter) or begin one (Ctrl+N).</p>"
                      "<p><b>Tape</b> (Ctrl+1): Space plays, S plays slowly, ← → go by frame, ↑ ↓ by line of narration, Page Up/Down change the recording. "
                      "[ opens a step, ] closes it; while the film runs they snap to the pause just passed. F takes the figure said in this line, W the caution, P keeps the picture, C gives the take as a clip, X puts the marks of the line aside. "
                      "D drafts steps from what was said, Enter confirms a draft and goes to the next; H folds talk and silence away. The menus hold the rest:</p>%1"
                      "<p><b>Figures</b> (Ctrl+2): ↑ ↓ choose, Space hears the claim, C the next claim, B adds a source, D settles a difference with a reason, N adds a figure, Del removes it. R takes what the house rule says where sources differ, X notes where a figure was looked for and not found, J joins two figures that are one, P parts a claim from its figure. "
                      "B opens the page of a source that is at hand: what a machine reads there is compared with the page and confirmed with Enter; a page can also be dropped on a figure, and V shows it again. Shift+B withdraws a source. E says which variants a figure holds for, under which condition, what it replaces and how a level is read; H which source outranks which in this house, and what is in its store. "
                      "O shows only what is open, Escape everything; U tells the lines in both unit systems. "
                      "W works the figure out for what is in hand: a torque for the shop's wrenches, an amount as a filling plan with its packs, a strength as a mixture, a number of bolts as their order, an interval as the next day it falls due. "
                      "A solid box with a filled corner is proved, a dashed one open, a double left edge disputed. Speech alone proves nothing.</p>"
                      "<p><b>Sheet</b> (Ctrl+3): Ctrl+D drafts lines, checks and waits from what was logged, for every step that has none; Alt+P plays the tape where the line, caution, check or wait in hand was said. Ctrl+Enter adds a step, Alt+↑ ↓ move it, Ctrl+Backspace removes it, Ctrl+Shift+Enter splits it at the line, Ctrl+J merges it with the next, Alt+I copies one in from another guide with what it needs, Ctrl+H replaces words here or in all guides. Type { in a line to name a figure or an item. "
                      "Ctrl+W adds a caution, Alt+W asks for it by its parts (hazard, harm, how to avoid it); Ctrl+T a check, Alt+T with whom to ask and a reading with limits; Ctrl+L a wait; Alt+R how a display is set back; Alt+L what is done later. Alt+V says for which variants a step is and in which state the machine, Alt+B shows the variants side by side. Alt+Y names the questions practitioners answer differently: the house answers them once for all guides (H on the Figures, then W). "
                      "Alt+C comments on a line or answers what a reviewer said, Alt+H shows who wrote a line and what stood there before, Alt+O keeps a translation beside the guide. "
                      "What an editor would ask stands beside its line: Alt+M mends it where it is certain how, Alt+A lets it stand with a reason. The house (H on the Figures) can do without a rule. The rules:</p>%2"
                      "<p><b>Plates</b> (Ctrl+4): C calls the chosen item out, N goes to the next callout, arrows move its label, Shift+arrows its target, Del removes it. L lays the callouts out anew (Shift+L also those moved by hand), A looks for those of the plate before on this one, F places fasteners (arrows and Enter, or the mouse) and draws their order; kinds are told apart by shape, and Ctrl+E says their length, head and washer. O says that the part in hand came off next, M draws a mark or a magnifier. "
                      "K offers the sharpest frame near the moment, comma and full stop choose the frame before or after; X cuts, turns and brightens the still and hides a face or a number, without touching the recording. D makes a pair: right and wrong, before and after, new and old. G trims the step's clip to the frame, slows it, takes its sound away and draws over it; V says for which variant a plate is. Ctrl+I makes an item, Ctrl+E changes it wherever it is named.</p>"
                      "<p><b>Issue</b> (Ctrl+5): Ctrl+Enter freezes the next edition, Ctrl+P opens its pack, Ctrl+Y verifies it, Ctrl+S copies it into a folder or onto a stick.</p>"
                      "<p>Everywhere: Ctrl+Z and Ctrl+Shift+Z undo and redo, F4 goes to the next open point, Ctrl+F finds what was said in any recording of the library. What the head calls saved is on disk.</p>")
                      .arg(menu_keys(tape_->actions()), editor_rules()));
    down->addWidget(page);
    dialog.exec();
}

}  // namespace anagraph::app
