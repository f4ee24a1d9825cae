// The words of a line as the search finds them: runs of letters and digits, whatever stands between them. Used within `store` only.
#pragma once

#include <QString>
#include <QStringList>

namespace anagraph::store {

inline QStringList words_in(const QString& text) {
    QStringList out;
    QString word;
    for (const QChar c : text + QLatin1Char(' ')) {
        if (c.isLetterOrNumber() || c.isMark() || c.isSurrogate()) {
            word += c;
        } else if (!word.isEmpty()) {
            out << word;
            word.clear();
        }
    }
    return out;
}

/// Without case and accents.
inline QString folded(const QString& word) {
    QString out;
    for (const QChar c : word.normalized(QString::NormalizationForm_KD).toCaseFolded())
        if (!c.isMark()) out += c;
    return out;
}

}  // namespace anagraph::store
