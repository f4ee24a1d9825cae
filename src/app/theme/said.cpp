#include <QCoreApplication>

#include "app/theme/theme.h"

namespace anagraph::app::theme {

namespace {

/// "2.5" as the reader's country writes it.
QString number_words(const std::string& digits) {
    QString out = text(digits);
    return out.count(QLatin1Char('.')) == 1 ? out.replace(QLatin1Char('.'), QLocale().decimalPoint()) : out;
}

QString sentence_of(const core::Key& key, long long count) {
    if (key.one == nullptr) return QCoreApplication::translate(key.about, key.english);
    const auto n = static_cast<int>(count);
    const QString out = QCoreApplication::translate(key.about, key.english, key.one, n);
    // nobody has translated it: English has two forms
    const bool as_it_is = out == QString::fromUtf8(key.english).replace(QStringLiteral("%n"), QString::number(n));
    return as_it_is && n == 1 ? QString::fromUtf8(key.one) : out;
}

}  // namespace

QString said(const core::Words& words) {
    if (!words.has_key()) return words.is_number() ? number_words(words.own()) : text(words.own());
    std::vector<std::string> with;
    for (const auto& w : words.with()) with.push_back(said(w).toStdString());
    return text(core::filled(sentence_of(words.key(), words.count()).toStdString(), words.count(), with));
}

}  // namespace anagraph::app::theme
