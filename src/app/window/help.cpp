#include "app/window/help.h"

#include <QCoreApplication>
#include <QDialog>
#include <QTextBrowser>
#include <QVBoxLayout>

#include "app/theme/theme.h"
#include "core/editing/editor.h"

namespace anagraph::app {

namespace {

QString tr(const char* words) { return QCoreApplication::translate("Help", words); }

QString row(const QString& first, const QString& second, const QString& third) { return QStringLiteral("<tr><td><b>%1</b>&nbsp;&nbsp;</td><td>%2&nbsp;&nbsp;</td><td>%3</td></tr>").arg(first.toHtmlEscaped(), second.toHtmlEscaped(), third.toHtmlEscaped()); }

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
    for (int i = 0; i < core::kRules; ++i) out += row(theme::text(std::string(core::name_of(static_cast<core::Rule>(i)))), theme::text(std::string(core::reason_of(static_cast<core::Rule>(i)))), {});
    return QStringLiteral("<table cellspacing='2'>%1</table>").arg(out);
}

}  // namespace

QString help_page(const std::vector<Commands*>& stations) {
    QString out = tr("<h2>From a recording to a guide</h2>"
                     "<p>The stations stand in the order of the work: import a recording on the <b>Shelf</b> and begin a guide; mark its steps and take its figures on the <b>Tape</b>; prove each value on the <b>Figures</b>; shape the words on the <b>Sheet</b>; call the parts out on the <b>Plates</b>; freeze the edition on the <b>Issue</b>.</p>"
                     "<p>A station shows what fits the thing in hand. The right button, or the menu key, shows the rest, and Find finds everything by typing. Everything can be undone, and what the head calls saved is on disk.</p>"
                     "<p>A solid box with a filled corner is proved, a dashed one open, a double left edge disputed. Speech alone proves nothing.</p>"
                     "<p>In a line of the Sheet, type { to name a figure or an item; Enter begins the next line, Backspace takes an empty one out. On a plate, arrows move the callout in hand, with Shift what it points at.</p>");
    for (const auto* station : stations) out += QStringLiteral("<h3>%1</h3>").arg(station->station().toHtmlEscaped()) + table_of(*station);
    return out + tr("<h3>What the editor looks for</h3><p>It stands beside its line and can be put right or kept as it is, with a reason; the house settings can do without a rule.</p>") + editor_rules();
}

void show_help(const std::vector<Commands*>& stations, QWidget* parent) {
    QDialog dialog(parent);
    dialog.setWindowTitle(tr("Help"));
    dialog.resize(820, 640);
    auto* down = new QVBoxLayout(&dialog);
    auto* page = new QTextBrowser(&dialog);
    page->setHtml(help_page(stations));
    down->addWidget(page);
    dialog.exec();
}

}  // namespace anagraph::app
