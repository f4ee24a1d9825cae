// What of a window cannot be read: words that are cut, widgets that stick out of their place or lie over each other.
#pragma once

#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QComboBox>
#include <QCoreApplication>
#include <QLabel>
#include <QLayout>
#include <QLineEdit>
#include <QScrollArea>
#include <QScrollBar>
#include <QStringList>
#include <QTest>
#include <QTextDocument>
#include <QWidget>

namespace anagraph::testing {

inline QString words_on(const QWidget* w) {
    if (const auto* label = qobject_cast<const QLabel*>(w)) {
        QTextDocument plain;
        if (label->textFormat() == Qt::RichText)
            plain.setHtml(label->text());
        else
            plain.setPlainText(label->text());
        return plain.toPlainText();
    }
    if (const auto* button = qobject_cast<const QAbstractButton*>(w)) return button->text();
    if (const auto* box = qobject_cast<const QComboBox*>(w)) return box->currentText();
    if (const auto* edit = qobject_cast<const QLineEdit*>(w)) return edit->text().isEmpty() ? edit->placeholderText() : edit->text();
    return {};
}

/// A sentence each; empty where everything can be read. What a scroll area holds may be longer than what is seen of it, and a field
/// scrolls what is typed in it.
inline QStringList what_cannot_be_read_now(const QWidget& window) {
    QStringList out;
    // what is asked to be laid out anew is, before it is looked at
    for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
    const auto named = [](const QWidget* w) {
        return QStringLiteral("%1 \"%2\"").arg(QLatin1String(w->metaObject()->className()), words_on(w).left(60));
    };
    for (const auto* w : window.findChildren<QWidget*>()) {
        if (const auto* area = qobject_cast<const QScrollArea*>(w);
            area != nullptr && area->isVisible() && area->horizontalScrollBar()->isVisible())
            out << QStringLiteral("%1 has to be pushed sideways, %2 wide for %3")
                       .arg(named(w))
                       .arg(area->viewport()->width())
                       .arg(area->widget()->width());
        if (w->isVisible() && w->layout() == nullptr && w->hasHeightForWidth() && qobject_cast<const QLabel*>(w) == nullptr &&
            w->heightForWidth(w->width()) > w->height() + 1)
            out << QStringLiteral("%1 is %2 high and needs %3").arg(named(w)).arg(w->height()).arg(w->heightForWidth(w->width()));
        if (!w->isVisible() || words_on(w).isEmpty() || w->window() != &window) continue;
        const QSize has = w->size();
        if (const auto* label = qobject_cast<const QLabel*>(w)) {
            const int needs = label->wordWrap() ? label->heightForWidth(has.width()) : label->sizeHint().height();
            if (needs > has.height() + 1) out << QStringLiteral("%1 is %2 high and needs %3").arg(named(w)).arg(has.height()).arg(needs);
            const int across = label->wordWrap() ? label->minimumSizeHint().width() : label->sizeHint().width();
            if (across > has.width() + 1) out << QStringLiteral("%1 is %2 wide and needs %3").arg(named(w)).arg(has.width()).arg(across);
        } else if (qobject_cast<const QAbstractButton*>(w) != nullptr) {
            if (w->minimumSizeHint().width() > has.width() + 1 && w->sizeHint().width() > has.width() + 1)
                out << QStringLiteral("%1 is %2 wide and needs %3").arg(named(w)).arg(has.width()).arg(w->sizeHint().width());
        } else if (const auto* box = qobject_cast<const QComboBox*>(w); box != nullptr && box->currentIndex() == 0) {
            // the first is what stands there before a person chose a name of theirs
            constexpr int kArrow = 34;
            if (const int needs = box->fontMetrics().horizontalAdvance(box->currentText()) + kArrow; needs > has.width())
                out << QStringLiteral("%1 is %2 wide and needs %3").arg(named(w)).arg(has.width()).arg(needs);
        } else if (const auto* edit = qobject_cast<const QLineEdit*>(w); edit != nullptr && edit->text().isEmpty()) {
            const int needs = edit->fontMetrics().horizontalAdvance(edit->placeholderText()) + 8;
            if (needs > has.width()) out << QStringLiteral("%1 is %2 wide and needs %3").arg(named(w)).arg(has.width()).arg(needs);
        }
        const auto* parent = w->parentWidget();
        if (parent == nullptr) continue;
        if (parent->layout() != nullptr && !parent->rect().adjusted(-1, -1, 1, 1).contains(w->geometry()))
            out << QStringLiteral("%1 sticks out of its place").arg(named(w));
        for (const auto* other : parent->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly))
            if (other > w && other->isVisible() && !words_on(other).isEmpty() &&
                other->geometry().adjusted(1, 1, -1, -1).intersects(w->geometry()))
                out << QStringLiteral("%1 and %2 lie over each other").arg(named(w), named(other));
    }
    return out;
}

/// What still cannot be read once the station is at rest: a plan or a picture may come, with other words, while it is looked at.
inline QStringList what_cannot_be_read(const QWidget& window) {
    QStringList out = what_cannot_be_read_now(window);
    for (int i = 0; i < 40 && !out.isEmpty(); ++i) {
        QTest::qWait(50);
        out = what_cannot_be_read_now(window);
    }
    return out;
}

}  // namespace anagraph::testing
