#include "app/window/help_words.h"

#include <QCoreApplication>

#include "app/theme/theme.h"
#include "core/procedure/procedure.h"

namespace anagraph::app {

namespace {

/// So that what collects words for translation finds them under one name.
struct FirstWeekWords {
    Q_DECLARE_TR_FUNCTIONS(FirstWeekWords)
};

}  // namespace

QString with_commands(QString text, const std::vector<Commands*>& stations) {
    for (const auto* station : stations)
        for (const auto& c : station->all()) {
            const QString key = key_words(c->key);
            const QString named = QStringLiteral("<b>%1</b>").arg(c->words.toHtmlEscaped());
            text.replace(QLatin1Char('{') + c->id + QLatin1Char('}'),
                key.isEmpty() ? named : QStringLiteral("%1 (%2, %3)").arg(named, station->station().toHtmlEscaped(), key.toHtmlEscaped()));
        }
    return text;
}

HelpPage safety_page() {
    return {FirstWeekWords::tr("Safety first"),
        FirstWeekWords::tr(
            "<h2>Safety first</h2><p>%1</p>"
            "<p>A learner puts a spanner on a machine because of what you issue. So:</p>"
            "<ul><li>What was said on a film proves nothing. A torque, a capacity or a grade is proved by the maker's book, a label, a "
            "drawing, a standard or a measurement, and shows where it stands there.</li>"
            "<li>What nobody found is printed as \u201Cnot known\u201D. Never guess a figure to close an open point.</li>"
            "<li>Lock off, hot, pressed, raised, turning: say it as a caution before the step it belongs to, not after.</li>"
            "<li>Where practitioners differ, the house says which way it goes and why; the guide shows what else is accepted.</li>"
            "<li>Electrical work, lifting gear, pressure and gas belong to people who are licensed for it, where the law says so.</li>"
            "<li>Another post than the authors checks a guide before it goes out. If an edition turns out to be dangerous, withdraw it: "
            "everybody who has it is told.</li></ul>")
            .arg(theme::text(std::string(core::safety_statement())).toHtmlEscaped())};
}

HelpPage first_week_page(const std::vector<Commands*>& stations) {
    struct Question {
        QString asked;
        QString answer;
    };
    const Question questions[] = {
        {FirstWeekWords::tr("Where do I begin?"),
            FirstWeekWords::tr(
                "With a film of the job: {shelf.import}, or drop it on the Shelf. Then {shelf.new}, and the Tape shows it line by "
                "line. Without a film of your own, open the demo library: <b>anagraph --demo</b>; "
                "{window.tasks} has small work on it that says when it is done.")},
        {FirstWeekWords::tr("Is my work saved, also when the power goes?"),
            FirstWeekWords::tr(
                "Every change is on disk before the head of the window says saved; there is nothing to press. Only words in a field "
                "that you have not left yet are not. If the program ever ends without closing, its next start says what is saved.")},
        {FirstWeekWords::tr("I did something wrong. How do I get back?"),
            FirstWeekWords::tr(
                "{window.undo}, as often as you like, through the whole guide; {window.redo} the other way. What a line said before, "
                "and who wrote it: {sheet.history}.")},
        {FirstWeekWords::tr("It was said clearly on the film. Why is the figure still open?"),
            FirstWeekWords::tr(
                "People slip, and a microphone hears \u201Cnewtons\u201D for \u201Cnewton metres\u201D. A figure is proved by a source: "
                "{figures.add-source}.")},
        {FirstWeekWords::tr("The book and the film give different values."),
            FirstWeekWords::tr(
                "The figure is disputed until you say why its value holds: {figures.resolve}, or {figures.house-rule} where your house "
                "has decided it for all guides.")},
        {FirstWeekWords::tr("Nobody knows the value."),
            FirstWeekWords::tr(
                "{figures.not-found} says where you looked. It is printed as \u201Cnot known\u201D and the guide can still go out.")},
        {FirstWeekWords::tr("A face or a name plate is on the picture."),
            FirstWeekWords::tr("{plates.crop}: what you hide there is not in the picture that goes out, nor behind it. Do it on each "
                               "picture that shows it.")},
        {FirstWeekWords::tr("Why can I not issue?"),
            FirstWeekWords::tr(
                "{window.next-open} goes through what is open. What the dry run stops has to be mended or kept with a reason, and "
                "another post than the authors has to check the guide: {window.post} says who sits here, {issue.check} is the check.")},
        {FirstWeekWords::tr("Something is wrong in an edition that went out."),
            FirstWeekWords::tr(
                "Change the guide and issue the next edition; who learned the old one is told what changed. If it is dangerous, "
                "{issue.withdraw} it at once.")},
        {FirstWeekWords::tr("The learner has no network."),
            FirstWeekWords::tr(
                "{issue.copy} writes the pack to a stick; it opens in any browser, and its bench.html takes a run on a tablet. What "
                "comes back as a file goes into the Logbook with {logbook.run}.")},
        {FirstWeekWords::tr("How do two of us work in one guide?"),
            FirstWeekWords::tr(
                "Open the same library in both windows; each sees the other's step and what is saved, and where both changed the same "
                "thing {window.decide} asks. For several computers the library moves to a server: {window.library}.")},
        {FirstWeekWords::tr("How does my library get to another computer?"),
            FirstWeekWords::tr(
                "{window.backup} writes all of it into one file, on a stick. On the other computer <b>anagraph FILE.zip</b> makes it "
                "your library, never over another.")}};
    QString html = QStringLiteral("<h2>%1</h2>").arg(FirstWeekWords::tr("The first week"));
    for (const auto& q : questions)
        html += QStringLiteral("<h3>%1</h3><p>%2</p>").arg(q.asked.toHtmlEscaped(), with_commands(q.answer, stations));
    return {FirstWeekWords::tr("The first week"), html};
}

}  // namespace anagraph::app
