// The window in other languages: nothing it says is left in English, and a language that needs more room finds it.
#include "app/running/languages.h"

#include <gtest/gtest.h>

#include <QLocale>
#include <QRegularExpression>
#include <QStackedWidget>
#include <QTranslator>
#include <set>

#include "app/theme/theme.h"
#include "app/window/help.h"
#include "core/dryrun/dry_run.h"
#include "core/dryrun/worked_out.h"
#include "core/editing/editor.h"
#include "core/figure/evidence.h"
#include "core/figure/spoken.h"
#include "core/logbook/fleet.h"
#include "core/logbook/history.h"
#include "core/procedure/verbs.h"
#include "core/review/open_points.h"
#include "tests/app/demo_guide.h"
#include "tests/app/nothing_cut.h"

using namespace anagraph;
using namespace anagraph::app;
using anagraph::testing::what_cannot_be_read;
using anagraph::testing::when_asked;

namespace {

/// Is asked for what no table in force has.
class LeftOver : public QTranslator {
public:
    QString translate(const char* context, const char* source, const char*, int) const override {
        // Qt's own have names that begin with a Q
        if (!QByteArrayView(context).startsWith("Q") || qstrcmp(context, "QObject") == 0)
            found.insert(QStringLiteral("%1: %2").arg(QString::fromUtf8(context), QString::fromUtf8(source)));
        return {};
    }
    bool isEmpty() const override { return false; }

    mutable std::set<QString> found;
};

/// A made-up language: everything with accents, and a third longer.
class LongLanguage : public QTranslator {
public:
    QString translate(const char* context, const char* source, const char*, int) const override {
        // Qt's own dialogs keep theirs
        if (QByteArrayView(context).startsWith("Q") && qstrcmp(context, "QObject") != 0) return {};
        return longer(QString::fromUtf8(source));
    }
    bool isEmpty() const override { return false; }

    static QString longer(const QString& source) {
        if (source.contains(QStringLiteral("(*")) || !source.contains(QRegularExpression(QStringLiteral("[a-zA-Z]{2}")))) return source;
        QString out = source;
        // marks of ours and of a page stay
        if (!source.contains(QLatin1Char('<')) && !source.contains(QLatin1Char('{')))
            for (const auto& [plain, accented] : {std::pair('a', u'å'), std::pair('o', u'ö'), std::pair('i', u'ï'), std::pair('u', u'ů')})
                out.replace(QLatin1Char(plain), QChar(accented));
        const auto more = (source.size() * 3 + 9) / 10;
        QString tail;
        while (tail.size() < more) tail += QStringLiteral("ěñ ");
        tail = tail.left(more).trimmed();
        const auto words = out.trimmed();
        const auto at = out.indexOf(words) + words.size();
        return out.insert(words.endsWith(QLatin1Char('>')) ? words.lastIndexOf(QLatin1String("</")) : at, tail);
    }
};

class Languages : public anagraph::testing::OnDemoGuide {
protected:
    void TearDown() override {
        w.reset();
        speak(QStringLiteral("en"));
    }
    void anew() {
        w.reset();
        w = std::make_unique<anagraph::testing::Window>(scratch / "library");
        ASSERT_TRUE(session().open_guide(store::GuideId(anagraph::testing::kDemoGuide)));
    }
    QString cut(QSize size, const QString& name) {
        QStringList out;
        (*w)->resize(size);
        for (const auto& stop : (*w)->rail().stops())
            if (QFontMetrics(theme::font("text")).horizontalAdvance(stop.name) > (*w)->rail().width() - 8)
                out << stop.name + QStringLiteral(" is cut");
        for (int stop = MainWindow::Tape; stop <= MainWindow::Logbook; ++stop) {
            (*w)->go(stop);
            session().set_step(guide().steps.at(2).id);
            QTest::qWait(60);
            for (const auto& fault : what_cannot_be_read(**w)) out << QStringLiteral("station %1: %2").arg(stop).arg(fault);
            if (const QString folder = qEnvironmentVariable("ANAGRAPH_PICTURES"); !folder.isEmpty()) {
                QTest::qWait(400);
                (*w)->grab().save(folder + QStringLiteral("/%1-%2-%3.png").arg(name).arg(size.width()).arg(stop));
            }
        }
        EXPECT_EQ((*w)->size(), size) << "the window does not become this small";
        for (int stop = MainWindow::Tape; (*w)->size() != size && stop <= MainWindow::Logbook; ++stop) {
            (*w)->go(stop);
            const QSize least = (*w)->findChild<QStackedWidget*>()->currentWidget()->minimumSizeHint();
            ADD_FAILURE() << "station " << stop << " needs " << least.width() << " x " << least.height();
        }
        out.removeDuplicates();
        return out.join(QLatin1Char('\n'));
    }
};

}  // namespace

TEST_F(Languages, NothingTheWindowSaysIsLeftInEnglish) {
    LeftOver left;
    QCoreApplication::installTranslator(&left);  // asked last
    speak(QStringLiteral("de"));
    anew();
    EXPECT_EQ((*w)->rail().stops().front().name, QStringLiteral("Band"));
    EXPECT_EQ(cut({1280, 800}, QStringLiteral("de")).toStdString(), "");
    // every command with its help, and the pages of the help
    EXPECT_GT(help_pages((*w)->commands()).size(), 10U);
    EXPECT_TRUE(theme::said(core::spoken(guide(), guide().figures.front()))
                    .contains(QStringLiteral(", 25 Newtonmeter plus oder minus 2,5, belegt, 2 Angaben, eine Quelle")));
    QCoreApplication::removeTranslator(&left);
    QStringList found;
    for (const auto& f : left.found) found << f;
    EXPECT_EQ(found.join(QLatin1Char('\n')).toStdString(), "");
}

TEST_F(Languages, WhatTheCoreWorksOutIsSaidInTheLanguageOfTheWindow) {
    speak(QStringLiteral("de"));
    const auto& p = guide();
    int said = 0;
    const auto german = [&](const core::Words& words) {
        ++said;
        EXPECT_TRUE(words.has_key()) << words.english() << " is finished English";
        EXPECT_NE(theme::text(words).toStdString(), words.english());
    };
    for (const auto& f : core::dry_run(p)) german(f.because), german(core::words_of(f.rule)), german(core::reason_of(f.rule));
    for (const auto& f : core::worked_out(p)) german(f.says), german(f.because);
    for (const auto& f : core::open_points(p)) german(f.text);
    for (const auto& f : p.figures) german(core::argue_standing(p, f)), german(core::words_of(core::standing_of(p, f)));
    for (const auto& rule : core::all_of<core::Rule>()) german(core::reason_of(rule.value));
    for (const auto& kind : core::all_of<core::ItemKind>()) german(core::words_of(kind.value));
    const auto log = session().library().logbook();
    ASSERT_TRUE(log);
    const core::Day day = *core::parse_day("2026-11-28");
    int of_machines = 0;
    for (const auto& m : log->machines())
        for (const auto& s : core::due_sentences(m, day)) german(s), ++of_machines;
    EXPECT_GT(of_machines, 3);
    for (const auto& e : core::entries_read(*log)) german(e.kind);
    for (const auto& column : core::fleet(*log, day))
        for (const auto& mark : column.marks)
            if (mark.kind != core::FleetMark::Kind::Service) german(mark.more);
    EXPECT_GT(said, 90);
    const auto no = store::Library::open(scratch / "nowhere");
    ASSERT_FALSE(no);
    EXPECT_TRUE(theme::text(no.error().message).startsWith(QStringLiteral("Es gibt keine Bibliothek in "))) << no.error().message;
    core::Procedure broken = p;
    const auto refused = core::apply(broken, core::Edit(core::Remove<core::ItemId>{core::ItemId("drain-plug")}));
    ASSERT_FALSE(refused);
    EXPECT_TRUE(theme::text(refused.error().message).startsWith(QStringLiteral("Es kann nicht entfernt werden: ")))
        << refused.error().message;
    // a verb is no state, though English has one word for both
    EXPECT_EQ(theme::text(core::words_of(core::Verb::Open)), QStringLiteral("öffnen"));
    EXPECT_EQ(theme::text(core::words_of(core::Standing::Open)), QStringLiteral("offen"));
}

TEST_F(Languages, NumbersAndDaysAreShownAsTheCountryWritesThemAndKeptAsTheyAre) {
    const auto value = [](const char* typed) { return *core::parse_figure_value(typed); };
    EXPECT_EQ(theme::text(core::words_of(value("25,5 Nm"))), QStringLiteral("25.5 N·m"));
    EXPECT_EQ(theme::text(*core::parse_day("2026-11-28")), QStringLiteral("2026-11-28")) << "no country is set here";
    speak(QStringLiteral("de"));
    EXPECT_EQ(theme::text(core::words_of(value("25,5 Nm"))), QStringLiteral("25,5 N·m"));
    EXPECT_EQ(theme::text(core::words_of(value("8 to 10.5 mm"))), QStringLiteral("8 bis 10,5 mm"));
    EXPECT_EQ(theme::text(core::words_of(value("at most 0.25 L"))), QStringLiteral("höchstens 0,25 L"));
    EXPECT_EQ(theme::text(core::words_of(value("12 months"))), QStringLiteral("12 Monate"));
    EXPECT_EQ(theme::text(core::words_of(*core::Quantity::parse("2.5 h"))), QStringLiteral("2,5 h"));
    EXPECT_EQ(theme::text(core::words_of(value("75W90"))), QStringLiteral("75W90"));
    EXPECT_EQ(theme::text(*core::parse_day("2026-11-28")), QStringLiteral("28.11.2026"));
    EXPECT_EQ(theme::text(core::words_of(core::Day(*core::parse_day("2026-02-01")))), QStringLiteral("01.02.2026"));
    EXPECT_EQ(theme::kept_day(QStringLiteral(" 28.11.2026 ")), "2026-11-28") << "typed as it is shown";
    EXPECT_EQ(theme::kept_day(QStringLiteral("1.8.2026")), "2026-08-01");
    EXPECT_EQ(theme::kept_day(QStringLiteral("2026-08-01")), "2026-08-01");
    EXPECT_EQ(theme::kept_day(QStringLiteral("yesterday")), "yesterday") << "whoever takes a day says what is wrong with it";
    EXPECT_EQ(theme::kept_day(QStringLiteral("31.2.2026")), "31.2.2026");
    EXPECT_EQ(theme::kept_days(QStringLiteral("1.8.2026..21.8.2026")), "2026-08-01..2026-08-21");
    EXPECT_EQ(theme::digits(2.5), QStringLiteral("2,5"));
    EXPECT_EQ(theme::digits(1866.7), QStringLiteral("1866,7")) << "no mark that could be one of decimals";
    EXPECT_EQ(core::text_of(value("25,5 Nm")), "25.5 N·m") << "what is kept and goes out is not touched";
    EXPECT_EQ(core::two_ways("2.000 kPa").size(), 2U) << "and what can be read two ways is asked";
}

TEST_F(Languages, GermanFitsTheSmallestWindow) {
    speak(QStringLiteral("de"));
    anew();
    EXPECT_EQ(cut({1024, 640}, QStringLiteral("de")).toStdString(), "");
}

TEST_F(Languages, ALanguageAThirdLongerFits) {
    LongLanguage longer;
    QCoreApplication::installTranslator(&longer);
    anew();
    EXPECT_EQ(cut({1280, 800}, QStringLiteral("long")).toStdString(), "");
    w.reset();
    QCoreApplication::removeTranslator(&longer);
}

TEST(LongLanguage, IsAThirdLongerAndKeepsItsMarks) {
    const QString source = QStringLiteral("Step %1 gains the caution: %2");
    const QString longer = LongLanguage::longer(source);
    EXPECT_GE(longer.size(), source.size() * 13 / 10);
    EXPECT_TRUE(longer.contains(QStringLiteral("%1")) && longer.contains(QStringLiteral("%2"))) << longer.toStdString();
    EXPECT_EQ(LongLanguage::longer(QStringLiteral(" · ")), QStringLiteral(" · "));
    EXPECT_TRUE(LongLanguage::longer(QStringLiteral("<p>You</p>")).endsWith(QStringLiteral("</p>")));
}

TEST(Language, IsTheOneTheDesktopAsksForOrEnglish) {
    EXPECT_TRUE(languages().contains(QStringLiteral("de")));
    EXPECT_EQ(languages().front(), QStringLiteral("en"));
    EXPECT_EQ(name_of_language(QStringLiteral("en")), QStringLiteral("English"));
    EXPECT_EQ(name_of_language(QStringLiteral("de")), QStringLiteral("Deutsch"));
    EXPECT_EQ(language_among({QStringLiteral("de-AT"), QStringLiteral("en")}), QStringLiteral("de"));
    EXPECT_EQ(language_among({QStringLiteral("xx"), QStringLiteral("de_DE")}), QStringLiteral("de"));
    EXPECT_EQ(language_among({QStringLiteral("xx")}), QStringLiteral("en"));
    choose_language(QStringLiteral("de"));
    EXPECT_EQ(chosen_language(), QStringLiteral("de"));
    choose_language(std::nullopt);
    EXPECT_EQ(chosen_language(), std::nullopt);
}

TEST_F(Languages, AreChosenInTheWindowWhichIsOpenedAnew) {
    when_asked<LanguageDialog>([](LanguageDialog* d) {
        auto* list = d->findChild<QListWidget*>();
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->text() == QStringLiteral("Deutsch")) list->setCurrentRow(i);
        QTest::keyClick(list, Qt::Key_Return);
    });
    w->key(Qt::Key_L, Qt::ControlModifier | Qt::AltModifier);
    EXPECT_TRUE((*w)->wants_anew());
    EXPECT_EQ(chosen_language(), QStringLiteral("de"));
    choose_language(std::nullopt);
}

TEST(Language, CountsInItsOwnForms) {
    constexpr core::Key kClaims = core::counted_key("Figures", "%n claims", "one claim");
    EXPECT_EQ(theme::said(core::Words(kClaims, 1)), QStringLiteral("one claim"));
    EXPECT_EQ(theme::said(core::Words(kClaims, 3)), QStringLiteral("3 claims"));
    speak(QStringLiteral("de"));
    EXPECT_EQ(theme::said(core::Words(kClaims, 1)), QStringLiteral("eine Angabe"));
    EXPECT_EQ(theme::said(core::Words(kClaims, 3)), QStringLiteral("3 Angaben"));
    speak(QStringLiteral("en"));
}
