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

}  // namespace

QString said(const core::Words& words) {
    if (!words.has_key()) return words.is_number() ? number_words(words.own()) : text(words.own());
    std::vector<std::string> with;
    for (const auto& w : words.with()) with.push_back(said(w).toStdString());
    return text(core::filled(sentence_of(words.key(), words.count()).toStdString(), words.count(), with));
}

QString text(core::Day day) {
    const QLocale here;
    const QString iso = text(core::text_of(day));
    // the short form of a language without a country is that of one of its countries, and a day and a month are easily swapped
    if (here.language() == QLocale::C || (here.language() == QLocale::English && QLocale::system().language() == QLocale::C)) return iso;
    QString form = here.dateFormat(QLocale::ShortFormat);
    if (!form.contains(QLatin1String("yyyy"))) form.replace(QLatin1String("yy"), QLatin1String("yyyy"));
    return here.toString(QDate::fromString(iso, Qt::ISODate), form);
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
