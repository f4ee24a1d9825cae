// A window as a reader says it: the tree of accessible objects in its order, a line each, and what of it makes no sense.
#pragma once

#include <QAbstractItemView>
#include <QAccessible>
#include <QLabel>
#include <QMetaEnum>
#include <QString>
#include <QStringList>
#include <QTextDocument>
#include <QWidget>
#include <functional>

namespace anagraph::testing {

/// "button: Import recording, in hand"
inline QString said_of(QAccessibleInterface& of) {
    QString role = QString::fromLatin1(QMetaEnum::fromType<QAccessible::Role>().valueToKey(of.role())).toLower();
    QStringList out{role + QStringLiteral(": ") + of.text(QAccessible::Name)};
    const auto add = [&](const QString& words) {
        if (!words.isEmpty() && !out.join(QLatin1Char(' ')).contains(words)) out << words;
    };
    add(of.text(QAccessible::Value));
    if (auto* text = of.textInterface(); text != nullptr && of.role() != QAccessible::StaticText)
        add(text->text(0, text->characterCount()));
    add(of.text(QAccessible::Description));
    if (auto* value = of.valueInterface(); value != nullptr && of.text(QAccessible::Value).isEmpty()) add(value->currentValue().toString());
    const auto state = of.state();
    if (state.checkable) out << (state.checked ? QStringLiteral("ticked") : QStringLiteral("not ticked"));
    if (state.disabled) out << QStringLiteral("not to be used now");
    if (state.selected) out << QStringLiteral("in hand");
    if (state.focused) out << QStringLiteral("has the keys");
    return out.join(QStringLiteral(", "));
}

inline void walk(QAccessibleInterface* from, const std::function<void(QAccessibleInterface&, int)>& at, int depth = 0) {
    if (from == nullptr || !from->isValid() || from->state().invisible) return;
    at(*from, depth);
    for (int i = 0; i < from->childCount(); ++i) walk(from->child(i), at, depth + 1);
}

/// Where no reader is, Qt does not tell the objects of lists that their rows are others now; here they are told.
inline void tell_lists(QWidget& window) {
    for (auto* view : window.findChildren<QAbstractItemView*>())
        if (auto* list = QAccessible::queryAccessibleInterface(view); list != nullptr && list->tableInterface() != nullptr) {
            QAccessibleTableModelChangeEvent anew(view, QAccessibleTableModelChangeEvent::ModelReset);
            list->tableInterface()->modelChange(&anew);
        }
}

/// All of it, deeper things further in.
inline QString read_aloud(QWidget& window) {
    tell_lists(window);
    QStringList out;
    walk(QAccessible::queryAccessibleInterface(&window), [&](QAccessibleInterface& of, int depth) {
        if (of.text(QAccessible::Name).isEmpty() && of.text(QAccessible::Value).isEmpty() && of.role() != QAccessible::EditableText) return;
        out << QString(depth, QLatin1Char(' ')) + said_of(of);
    });
    return out.join(QLatin1Char('\n'));
}

/// What a reader would stumble over, a sentence each: what can be used and has no name, words with marks of ours in them, places that are
/// painted and tell nothing, the same said of two neighbours.
inline QStringList makes_no_sense(QWidget& window) {
    QStringList out;
    QString before;
    walk(QAccessible::queryAccessibleInterface(&window), [&](QAccessibleInterface& of, int) {
        const QString name = of.text(QAccessible::Name);
        const auto* object = of.object();
        const QString what = object == nullptr ? said_of(of) : QString::fromLatin1(object->metaObject()->className());
        const bool used = of.state().focusable || (of.actionInterface() != nullptr && !of.actionInterface()->actionNames().isEmpty());
        const bool says = !name.isEmpty() || !of.text(QAccessible::Value).isEmpty();
        if (used && name.isEmpty() && of.role() != QAccessible::Client) out << what + QStringLiteral(" can be used and has no name");
        if (of.role() == QAccessible::Client && used && name.isEmpty()) out << what + QStringLiteral(" takes the keys and has no name");
        for (const auto& mark : {"{figure", "{item", "{0}", "%1", "%2", "%n", "<b>", "<p", "::", "nullptr"})
            if (name.contains(QLatin1String(mark))) out << QStringLiteral("“%1” has %2 in it").arg(name, QLatin1String(mark));
        if (object != nullptr && of.childCount() == 0 && !says && of.role() == QAccessible::Client &&
            QByteArrayView(object->metaObject()->className()).startsWith("anagraph::"))
            out << what + QStringLiteral(" is painted and says nothing");
        const QString line = said_of(of);
        if (object != nullptr && used && !name.isEmpty() && line == before)
            out << QStringLiteral("“%1” is said twice, one after the other").arg(line);
        // a label that is named by what it is for must still say what stands in it
        if (const auto* label = qobject_cast<const QLabel*>(object); label != nullptr && !label->text().isEmpty()) {
            QTextDocument plain;
            plain.setHtml(label->text());
            const QString words = plain.toPlainText().simplified().left(30);
            if (!QString(name).simplified().contains(words)) out << QStringLiteral("the label “%1” is read as “%2”").arg(words, name);
        }
        before = line;
    });
    out.removeDuplicates();
    return out;
}

}  // namespace anagraph::testing
