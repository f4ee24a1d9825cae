#include "app/spoken/order.h"

#include <QAbstractItemView>
#include <QAbstractScrollArea>
#include <QAbstractSpinBox>
#include <QApplication>
#include <QBoxLayout>
#include <QComboBox>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLayout>
#include <QPlainTextEdit>
#include <QScrollArea>
#include <QSplitter>
#include <QTextEdit>
#include <algorithm>

namespace anagraph::app::spoken {

namespace {

/// What has parts of its own that are no stops on the way.
bool is_one(const QWidget& w) {
    return qobject_cast<const QAbstractSpinBox*>(&w) != nullptr || qobject_cast<const QComboBox*>(&w) != nullptr ||
        qobject_cast<const QAbstractItemView*>(&w) != nullptr;
}

void add(QWidget& w, std::vector<QWidget*>& out);

void add(QLayout& layout, std::vector<QWidget*>& out, std::vector<QWidget*>& placed) {
    std::vector<QLayoutItem*> items;
    for (int i = 0; i < layout.count(); ++i) items.push_back(layout.itemAt(i));
    if (const auto* grid = qobject_cast<QGridLayout*>(&layout)) {
        const auto cell = [grid](QLayoutItem* item) {
            int row = 0, column = 0, rows = 0, columns = 0;
            grid->getItemPosition(grid->indexOf(item), &row, &column, &rows, &columns);
            return std::pair(row, column);
        };
        std::stable_sort(items.begin(), items.end(), [&](QLayoutItem* a, QLayoutItem* b) { return cell(a) < cell(b); });
    }
    for (auto* item : items) {
        if (auto* inner = item->layout()) add(*inner, out, placed);
        if (auto* w = item->widget()) {
            placed.push_back(w);
            add(*w, out);
        }
    }
}

void add_without_layout(std::vector<QWidget*> widgets, std::vector<QWidget*>& out) {
    constexpr int kSameRow = 12;  // pixels
    std::stable_sort(widgets.begin(), widgets.end(),
        [](const QWidget* a, const QWidget* b) { return std::pair(a->y() / kSameRow, a->x()) < std::pair(b->y() / kSameRow, b->x()); });
    for (auto* w : widgets) add(*w, out);
}

void add(QWidget& w, std::vector<QWidget*>& out) {
    if (!w.isVisible() || !w.isEnabled()) return;
    if ((w.focusPolicy() & Qt::TabFocus) != 0 && w.focusProxy() == nullptr) out.push_back(&w);
    if (is_one(w)) return;
    if (const auto* splitter = qobject_cast<const QSplitter*>(&w)) {
        for (int i = 0; i < splitter->count(); ++i) add(*splitter->widget(i), out);
        return;
    }
    if (const auto* area = qobject_cast<const QScrollArea*>(&w)) {
        if (area->widget() != nullptr) add(*area->widget(), out);
        return;
    }
    if (qobject_cast<const QAbstractScrollArea*>(&w) != nullptr) return;
    std::vector<QWidget*> placed;
    if (w.layout() != nullptr) add(*w.layout(), out, placed);
    std::vector<QWidget*> rest;
    for (auto* child : w.findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly))
        if (!child->isWindow() && std::find(placed.begin(), placed.end(), child) == placed.end()) rest.push_back(child);
    add_without_layout(std::move(rest), out);
}

/// Tab is a letter there, or goes from cell to cell.
bool needs_tab(const QWidget& w) {
    if (const auto* edit = qobject_cast<const QTextEdit*>(&w)) return !edit->tabChangesFocus();
    if (const auto* edit = qobject_cast<const QPlainTextEdit*>(&w)) return !edit->tabChangesFocus();
    const auto* view = qobject_cast<const QAbstractItemView*>(&w);
    return (view != nullptr && view->tabKeyNavigation()) || w.window()->windowType() == Qt::Popup;
}

class KeysInOrder : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* on, QEvent* event) override {
        if (event->type() != QEvent::KeyPress || on != QApplication::focusWidget()) return false;
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool back = key->key() == Qt::Key_Backtab;
        if ((key->key() != Qt::Key_Tab && !back) || (key->modifiers() & ~Qt::ShiftModifier) != 0) return false;
        auto* now = static_cast<QWidget*>(on);
        if (needs_tab(*now)) return false;
        const auto order = in_order(*now->window());
        const auto in = [&](QWidget* w) { return std::find(order.begin(), order.end(), w); };
        auto at = in(now);
        for (auto* above = now; at == order.end() && above != nullptr; above = above->parentWidget()) at = in(above);
        if (order.empty()) return false;
        const auto count = static_cast<std::ptrdiff_t>(order.size());
        auto place = at == order.end() ? (back ? count : -1) : at - order.begin();
        // what the thing with the keys is a part of would give them back to it
        do place = (place + (back ? count - 1 : 1) + count) % count;
        while (order[static_cast<std::size_t>(place)]->isAncestorOf(now) && order[static_cast<std::size_t>(place)] != now);
        auto* next = order[static_cast<std::size_t>(place)];
        next->setFocus(back ? Qt::BacktabFocusReason : Qt::TabFocusReason);
        for (auto* above = next->parentWidget(); above != nullptr; above = above->parentWidget())
            if (auto* area = qobject_cast<QScrollArea*>(above); area != nullptr && next->height() < area->viewport()->height())
                area->ensureWidgetVisible(next);
        return true;
    }
};

}  // namespace

std::vector<QWidget*> in_order(QWidget& window) {
    std::vector<QWidget*> out;
    add(window, out);
    return out;
}

void keys_go_in_order() { qApp->installEventFilter(new KeysInOrder(qApp)); }

}  // namespace anagraph::app::spoken
