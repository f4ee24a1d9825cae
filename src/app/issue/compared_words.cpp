#include "app/issue/compared_words.h"

#include "app/theme/theme.h"

namespace anagraph::app {

QString html_of(const std::vector<core::WordRun>& runs, Side side) {
    QString out;
    for (const auto& run : runs) {
        QString words = theme::text(run.text).toHtmlEscaped();
        // the underline ends with the word, not with the space after it
        QString after;
        while (words.endsWith(QLatin1Char(' ')) || words.endsWith(QLatin1Char('\n'))) {
            after.prepend(words.back());
            words.chop(1);
        }
        if (run.changed && !words.isEmpty() && side != Side::Alone)
            words = side == Side::Is ? QStringLiteral("<span style='text-decoration: underline; color: %1'><b>%2</b></span>")
                              .arg(theme::colour("accent").name(), words)
                        : QStringLiteral("<span style='text-decoration: line-through; color: %1'>%2</span>")
                              .arg(theme::colour("second").name(), words);
        out += words + after;
    }
    return out.trimmed().replace(QLatin1Char('\n'), QLatin1String("<br>"));
}

}  // namespace anagraph::app
