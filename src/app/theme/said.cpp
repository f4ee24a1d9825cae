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

}  // namespace anagraph::app::theme
