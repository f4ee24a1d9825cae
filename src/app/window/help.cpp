#include "app/window/help.h"

#include <QCoreApplication>
#include <QDialog>
#include <QDir>
#include <QFile>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QTextBrowser>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/window/help_words.h"
#include "core/dryrun/finding.h"
#include "core/editing/editor.h"
#include "store/files.h"

namespace anagraph::app {

namespace {

constexpr int kPicture = 720;  // pixels wide, of 1280

/// So that what collects words for translation finds them under one name.
struct HelpWords {
    Q_DECLARE_TR_FUNCTIONS(HelpWords)
};

QString row(const QString& first, const QString& second, const QString& third) {
    return QStringLiteral("<tr><td><b>%1</b>&nbsp;&nbsp;</td><td>%2&nbsp;&nbsp;</td><td>%3</td></tr>")
        .arg(first.toHtmlEscaped(), second.toHtmlEscaped(), third.toHtmlEscaped());
}

QString table_of(const Commands& station) {
    QString out;
    QString group;
    for (const auto& c : station.all()) {
        if (c->group != group) out += QStringLiteral("<tr><td colspan='3'><i>%1</i></td></tr>").arg(c->group.toHtmlEscaped());
        group = c->group;
        out += row(key_words(c->key), c->words, c->help);
    }
    return QStringLiteral("<table cellspacing='2'>%1</table>").arg(out);
}

/// The editor's rules as rows: what each is called, and why.
QString editor_rules() {
    QString out;
    for (const auto& rule : core::all_of<core::Rule>())
        out += row(theme::text(core::words_of(rule.value)), theme::text(core::reason_of(rule.value)), {});
    return QStringLiteral("<table cellspacing='2'>%1</table>").arg(out);
}

}  // namespace

namespace {

/// The rules of the dry run as rows: what each is called, why, and whether it stops the guide.
QString order_rules() {
    QString out;
    for (const auto& rule : core::all_of<core::OrderRule>())
        out += row(theme::text(core::words_of(core::weight_of(rule.value))), theme::text(core::words_of(rule.value)),
            theme::text(core::reason_of(rule.value)));
    return QStringLiteral("<table cellspacing='2'>%1</table>").arg(out);
}

}  // namespace

std::vector<HelpPage> help_pages(const std::vector<Commands*>& stations) {
    struct About {
        QString station;
        const char* picture;
        QString words;
    };
    const About about[] = {
        {HelpWords::tr("Tape"), "tape",
            HelpWords::tr(
                "<p>Watch the recording once and mark its steps: {tape.open-step} begins one, {tape.close-step} ends it. Figures and "
                "cautions that were said stand beside "
                "their line and are taken with a key. Or have the steps drafted from what was said, look at each and confirm it.</p>"
                "<p>A film that came without a narration is heard by the program, after its import or by {tape.hear}. What it hears is "
                "uncertain: hatched "
                "words most of all, and a figure says that the program heard it until its step is confirmed. Put a line right with "
                "{tape.correct-line}; the "
                "same "
                "mistake in other lines is offered to be put right with it.</p>")},
        {HelpWords::tr("Figures"), "figures",
            HelpWords::tr(
                "<p>What was said stands as pins on the line of a figure, what the sources give as blocks, the tolerance as a band. A "
                "solid "
                "box with a filled corner is proved, a dashed one open, a double left edge disputed. Speech alone proves nothing: add the "
                "source that gives the value.</p>")},
        {HelpWords::tr("Sheet"), "sheet",
            HelpWords::tr(
                "<p>The guide as its reader will see it, one step under the other. In a line, type { to name a figure or an item; Enter "
                "begins the next line, Backspace takes an empty one out.</p>")},
        {HelpWords::tr("Plates"), "plates",
            HelpWords::tr(
                "<p>Call the parts of a picture out: a part has one number in the whole guide. Arrows move the callout in hand, with Shift "
                "what it points at.</p>")},
        {HelpWords::tr("Dry run"), "dryrun",
            HelpWords::tr(
                "<p>The guide is walked before a learner meets it: each item is a thread that runs down the steps, solid while it is "
                "tight, "
                "thin while it is only on, broken while it is loose, dotted while it is off, double once it is new. A ring is a finding, "
                "two "
                "rings stop the guide. Click a place, or hold Space with the picture in hand, and see what lies beside the machine then. "
                "The "
                "plan beside it shows hands and waits in the same direction; plum is what another order moves.</p>")},
        {HelpWords::tr("Issue"), "issue",
            HelpWords::tr(
                "<p>The editions run down a line, from the first to the hand-out of the next. Another post than the authors of the guide "
                "reviews it: the places that changed come first, the old beside the new; each is passed or commented, and when all are "
                "passed the guide is checked. What goes out never changes again. A house with keys signs its editions; a passphrase is "
                "asked for once and not kept. Hand an edition out to learners, and the register says who has to read again what has "
                "changed since. Drop a pack on the window to verify it.</p>")},
        {HelpWords::tr("Shelf"), "shelf",
            HelpWords::tr(
                "<p>The guides and recordings of the library. Import a recording, or drop a film here, and begin a guide on it.</p>")},
        {HelpWords::tr("Bench"), "bench",
            HelpWords::tr(
                "<p>A guide at the machine, one step at a time. Choose an edition, say who works on which machine, tick kit and gear, make "
                "the machine "
                "safe; then {bench.on}, or a foot pedal, goes through lines, waits and steps. Readings are typed or come from the wrench; "
                "one outside its "
                "limits stops the step until it is done again, explained, or the work stops. At the end the trainer says how each step was "
                "done, both "
                "sign, and the run goes into the logbook. What is entered is on disk at once: after a power cut the run waits where it "
                "was.</p>")},
        {HelpWords::tr("Logbook"), "logbook",
            HelpWords::tr(
                "<p>The machines stand across, the weeks run down: a round is a service that was done, a diamond what is due, full and "
                "with "
                "its word "
                "once it is overdue; what is hatched is kept free. Enter readings, services and findings, say what is due and how often, "
                "and take in the "
                "runs of the bench. Nothing is written over: a mistake is struck, and stays to be seen.</p>")}};
    std::vector<HelpPage> out{safety_page()};
    out.push_back({HelpWords::tr("From a recording to a guide"),
        HelpWords::tr(
            "<h2>From a recording to a guide</h2>"
            "<p>The stations stand in the order of the work: import a recording on the <b>Shelf</b> and begin a guide; mark its steps and "
            "take its figures on the <b>Tape</b>; prove each value on the <b>Figures</b>; shape the words on the <b>Sheet</b>; call the "
            "parts out on the <b>Plates</b>; walk it on the <b>Dry run</b>; freeze the edition on the <b>Issue</b>.</p>"
            "<p>A station shows what fits the thing in hand. The right button, or the menu key, shows the rest, and Find finds everything "
            "by typing. Everything can be undone, and what the head calls saved is on disk.</p>")});
    out.push_back(first_week_page(stations));
    for (const auto* station : stations) {
        QString html = QStringLiteral("<h2>%1</h2>").arg(station->station().toHtmlEscaped());
        for (const auto& a : about)
            if (a.station == station->station())
                html += with_commands(a.words, stations) +
                    QStringLiteral("<p><img src=':/app/help/%1.png' width='%2' alt='%3'></p>")
                        .arg(QLatin1String(a.picture))
                        .arg(kPicture)
                        .arg(a.station.toHtmlEscaped());
        out.push_back({station->station(), html + table_of(*station)});
    }
    out.push_back({HelpWords::tr("Several people, one library"),
        with_commands(
            HelpWords::tr(
                "<h2>Several people, one library</h2>"
                "<p>Several windows may have one library open, on one machine or, where it is on a server, on many. The head of the window "
                "says "
                "who else is there; on the <b>Sheet</b> the step they work on shows their post. What they save appears within a second, "
                "but "
                "never under your hands while you type. Undo takes back your own changes, past theirs.</p>"
                "<p>Changes of different things are both kept. Where you and somebody else change the same text, figure, picture or order, "
                "both stand side by side with what they came from, and you say which stands; until then yours is kept on this computer. "
                "{window.decide} shows what is left to decide.</p>"
                "<p>While the server cannot be reached you go on with the guide in hand: what you change is called not saved yet, is kept "
                "on "
                "this computer, also when it is switched off, and goes to the library by itself once it is back.</p>"
                "<p>{window.library} says where it lives. There you tick the guides that go along where the server is not: they "
                "are copied to this computer and kept up to date, and where the server cannot be reached the program opens on that copy. "
                "You "
                "work in the guides as usual; issuing, importing and what belongs to the whole workshop waits until it is back.</p>"
                "<p>Where the films lie in an object store, the small copy of a film comes when you open it; the picture you stop at, "
                "stills and "
                "clips come from the film itself. How much of this computer they may take up is said there too.</p>"
                "<p>There a library is also moved, to a server or back; the window is closed meanwhile. Into one file and out of it, and "
                "what a "
                "person may do in it: <b>anagraph-cli library --help</b>.</p>"),
            stations)});
    out.push_back({HelpWords::tr("What the editor looks for"),
        HelpWords::tr("<h2>What the editor looks for</h2><p>It stands beside its line and can be put right or kept as it is, with a "
                      "reason; the house "
                      "settings can do without a rule.</p>") +
            editor_rules()});
    out.push_back({HelpWords::tr("What the dry run looks for"),
        HelpWords::tr(
            "<h2>What the dry run looks for</h2><p>What stops a guide is mended, or kept as it is with a reason that is printed for the "
            "checker; a warning goes out if you let it; a note is only told.</p>") +
            order_rules()});
    return out;
}

bool is_about(const HelpPage& page, const QString& words) {
    const QString text = without_markup(page.html);
    const auto all = words.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    return std::all_of(all.begin(), all.end(), [&](const QString& word) { return text.contains(word, Qt::CaseInsensitive); });
}

core::Outcome write_help(const std::vector<Commands*>& stations, const std::string& folder) {
    const auto pages = help_pages(stations);
    const auto file_of = [](std::size_t page) { return QStringLiteral("page-%1.html").arg(page + 1); };
    QString list;
    for (std::size_t i = 0; i < pages.size(); ++i)
        list += QStringLiteral("<li><a href='%1'>%2</a></li>").arg(file_of(i), pages[i].title.toHtmlEscaped());
    const QString frame = QStringLiteral(
        "<!DOCTYPE html><html lang='en'><head><meta charset='utf-8'><title>%1</title><style>body{font-family:sans-serif;max-width:52em;"
        "margin:2em auto;padding:0 1em;line-height:1.5}img{max-width:100%;height:auto}td{vertical-align:top}nav ul{columns:3;padding:0;"
        "list-style:none}</style></head><body><nav aria-label='%2'><ul>%3</ul></nav><main>%4</main></body></html>\n");
    if (auto made = store::make_folder(folder + "/pictures"); !made) return made;
    for (std::size_t i = 0; i < pages.size(); ++i) {
        QString html = pages[i].html;
        for (const auto& name : QDir(QStringLiteral(":/app/help")).entryList()) {
            const QString inside = QStringLiteral(":/app/help/") + name;
            if (!html.contains(inside)) continue;
            html.replace(inside, QStringLiteral("pictures/") + name);
            QFile picture(inside);
            if (!picture.open(QIODevice::ReadOnly)) continue;
            if (auto written = store::write_file(folder + "/pictures/" + name.toStdString(), picture.readAll().toStdString()); !written)
                return written;
        }
        const std::string whole = frame.arg(pages[i].title.toHtmlEscaped(), HelpWords::tr("Pages of the help"), list, html).toStdString();
        for (const auto& name : {file_of(i), i == 0 ? QStringLiteral("index.html") : QString()})
            if (!name.isEmpty())
                if (auto written = store::write_file(folder + "/" + name.toStdString(), whole); !written) return written;
    }
    return {};
}

void show_help(const std::vector<Commands*>& stations, const QString& at, QWidget* parent) {
    QDialog dialog(parent);
    dialog.setWindowTitle(HelpWords::tr("Help"));
    dialog.resize(1060, 720);
    auto* across = new QHBoxLayout(&dialog);
    const auto pages = help_pages(stations);
    auto* down = new QVBoxLayout;
    auto* sought = new QLineEdit(&dialog);
    sought->setPlaceholderText(HelpWords::tr("search the help"));
    sought->setAccessibleName(HelpWords::tr("Search the help"));
    sought->setClearButtonEnabled(true);
    auto* list = new QListWidget(&dialog);
    list->setAccessibleName(HelpWords::tr("Pages of the help"));
    for (QWidget* w : {static_cast<QWidget*>(sought), static_cast<QWidget*>(list)}) {
        w->setFixedWidth(230);
        down->addWidget(w);
    }
    auto* page = new QTextBrowser(&dialog);
    page->setAccessibleName(HelpWords::tr("Page of the help"));
    for (const auto& p : pages) list->addItem(p.title);
    QObject::connect(list, &QListWidget::currentRowChanged, page,
        [page, &pages](int row) { page->setHtml(pages[static_cast<std::size_t>(std::max(0, row))].html); });
    QObject::connect(sought, &QLineEdit::textChanged, page, [list, page, &pages](const QString& words) {
        int first = -1;
        for (int row = 0; row < list->count(); ++row) {
            const bool there = is_about(pages[static_cast<std::size_t>(row)], words);
            list->item(row)->setHidden(!there);
            if (there && (first < 0 || row == list->currentRow())) first = row;
        }
        list->setCurrentRow(first);
        page->moveCursor(QTextCursor::Start);
        if (const auto all = words.split(QLatin1Char(' '), Qt::SkipEmptyParts); first >= 0 && !all.isEmpty()) page->find(all.first());
    });
    const auto wanted = std::find_if(pages.begin(), pages.end(), [&](const HelpPage& p) { return p.title == at; });
    list->setCurrentRow(wanted == pages.end() ? 0 : static_cast<int>(wanted - pages.begin()));
    across->addLayout(down);
    across->addWidget(page, 1);
    list->setFocus();
    dialog.exec();
}

}  // namespace anagraph::app
