#include <QCoreApplication>
#include <QDate>

#include "app/theme/theme.h"

namespace anagraph::app::theme {

namespace {

/// "2.5" as the reader's country writes it.
QString number_words(const std::string& digits) {
    QString out = text(digits);
    return out.count(QLatin1Char('.')) == 1 ? out.replace(QLatin1Char('.'), QLocale().decimalPoint()) : out;
}

QString sentence_of(const core::Key& key, long long count) {
    return key.one == nullptr ? QCoreApplication::translate(key.about, key.english)
                              : QCoreApplication::translate(key.about, key.english, key.one, static_cast<int>(count));
}

/// How a day is written here, its year in full.
QString form_of_days() {
    const QLocale here;
    // the short form of a language without a country is that of one of its countries, and a day and a month are easily swapped
    if (here.language() == QLocale::C || (here.language() == QLocale::English && QLocale::system().language() == QLocale::C))
        return QStringLiteral("yyyy-MM-dd");
    QString form = here.dateFormat(QLocale::ShortFormat);
    if (!form.contains(QLatin1String("yyyy"))) form.replace(QLatin1String("yy"), QLatin1String("yyyy"));
    return form;
}

}  // namespace

QString said(const core::Words& words) {
    if (words.is_number()) return number_words(words.own());
    if (words.is_day()) {
        const auto day = core::parse_day(words.own());
        return day ? text(*day) : text(words.own());
    }
    if (!words.has_key()) return text(words.own());
    std::vector<std::string> with;
    for (const auto& w : words.with()) with.push_back(said(w).toStdString());
    return text(core::filled(sentence_of(words.key(), words.count()).toStdString(), words.count(), with));
}

QString label_words(const std::string& label) { return QCoreApplication::translate("Changes", label.c_str()); }

QString text(core::Day day) { return QLocale().toString(QDate::fromString(text(core::text_of(day)), Qt::ISODate), form_of_days()); }

QString digits(double value, char form, int precision) {
    QLocale here;
    here.setNumberOptions(QLocale::OmitGroupSeparator);
    return here.toString(value, form, precision);
}

core::Day today() { return *core::parse_day(QDate::currentDate().toString(Qt::ISODate).toStdString()); }

std::string kept_day(const QString& typed) {
    const QString words = typed.trimmed();
    // "1.8.2026" is as good as "01.08.2026"
    for (QString form :
        {form_of_days(), form_of_days().replace(QLatin1String("dd"), QLatin1String("d")).replace(QLatin1String("MM"), QLatin1String("M"))})
        if (const QDate day = QLocale().toDate(words, form); day.isValid()) return day.toString(Qt::ISODate).toStdString();
    return words.toStdString();
}

std::string kept_days(const QString& typed) {
    const auto between = typed.indexOf(QLatin1String(".."));
    return between < 0 ? kept_day(typed) : kept_day(typed.left(between)) + ".." + kept_day(typed.mid(between + 2));
}

QString day_of_year(core::Day day) {
    QString out = text(day);
    out.remove(text(core::text_of(day)).left(4));
    while (out.startsWith(QLatin1Char('-')) || out.startsWith(QLatin1Char('/'))) out.remove(0, 1);
    while (out.endsWith(QLatin1Char('-')) || out.endsWith(QLatin1Char('/'))) out.chop(1);
    return out;
}

QString capital(QString words) {
    if (!words.isEmpty()) words[0] = words[0].toUpper();
    return words;
}

}  // namespace anagraph::app::theme
