#include "app/spoken/painted.h"

#include <QAbstractScrollArea>
#include <QAccessibleWidget>
#include <QApplication>
#include <QComboBox>
#include <QEvent>
#include <QPointer>
#include <QTimer>
#include <algorithm>

namespace anagraph::app::spoken {

namespace {

constexpr int kSettled = 150;  // ms: what is painted anew again and again is told when it rests

Hearer hearer_;

void tell(QAccessibleInterface& of, QAccessible::Event what) {
    if (hearer_) return hearer_(of, what);
    QAccessibleEvent event(&of, what);
    QAccessible::updateAccessibility(&event);
}

class Place;

/// One thing, by where it stands in what its place tells.
class Thing : public QAccessibleInterface, public QAccessibleActionInterface, public QAccessibleValueInterface {
public:
    Thing(Place& place, int index) : place_(place), index_(index) {}
    bool isValid() const override;
    QObject* object() const override { return nullptr; }
    QWindow* window() const override;
    QVector<QPair<QAccessibleInterface*, QAccessible::Relation>> relations(QAccessible::Relation match) const override;
    QAccessibleInterface* childAt(int x, int y) const override;
    QAccessibleInterface* parent() const override;
    QAccessibleInterface* child(int index) const override;
    int childCount() const override;
    int indexOfChild(const QAccessibleInterface* child) const override;
    QString text(QAccessible::Text t) const override;
    void setText(QAccessible::Text, const QString&) override {}
    QRect rect() const override;
    QAccessible::Role role() const override;
    QAccessible::State state() const override;
    void* interface_cast(QAccessible::InterfaceType type) override;

    QStringList actionNames() const override;
    QString localizedActionName(const QString&) const override;
    void doAction(const QString& name) override;
    QStringList keyBindingsForAction(const QString&) const override { return {}; }

    QVariant currentValue() const override { return scale().now; }
    void setCurrentValue(const QVariant&) override {}
    QVariant maximumValue() const override { return scale().most; }
    QVariant minimumValue() const override { return scale().least; }
    QVariant minimumStepSize() const override { return 0; }

    int index() const { return index_; }

private:
    const Painted& told() const;
    OnScale scale() const { return told().scale.value_or(OnScale{}); }

    Place& place_;
    int index_;
};

/// Sees when a place is painted anew.
class Watch : public QObject {
public:
    Watch(QWidget* on, std::function<void()> painted) : QObject(on), painted_(std::move(painted)) { on->installEventFilter(this); }
    bool eventFilter(QObject*, QEvent* event) override {
        const auto type = event->type();
        if (type == QEvent::Paint || type == QEvent::Resize || type == QEvent::Show || type == QEvent::FocusIn) painted_();
        return false;
    }

private:
    std::function<void()> painted_;
};

class Place : public QAccessibleWidget {
public:
    Place(QWidget* widget, const TellsPainted& tells, QAccessible::Role role)
        : QAccessibleWidget(widget, role),
          tells_(tells),
          area_(qobject_cast<QAbstractScrollArea*>(widget)),
          watch_(new Watch(canvas(), [this] { painted_anew(); })) {
        if (area_ != nullptr) focus_watch_ = new Watch(widget, [this] { painted_anew(); });
        later_.setSingleShot(true);
        later_.setInterval(kSettled);
        QObject::connect(&later_, &QTimer::timeout, &later_, [this] { tell_changes(); });
    }
    ~Place() override {
        delete watch_.data();
        delete focus_watch_.data();
        for (const auto id : ids_) QAccessible::deleteAccessibleInterface(id);
    }

    const std::vector<Painted>& things() const {
        if (stale_) {
            stale_ = false;
            things_ = tells_.painted();
        }
        return things_;
    }
    QWidget* canvas() const { return area_ != nullptr ? area_->viewport() : widget(); }

    /// What belongs to a thing; -1: to the place itself.
    std::vector<int> of(int parent) const {
        const auto& all = things();
        const int depth = parent < 0 ? 0 : all[static_cast<std::size_t>(parent)].depth + 1;
        std::vector<int> out;
        for (auto i = static_cast<std::size_t>(parent + 1); i < all.size() && all[i].depth >= depth; ++i)
            if (all[i].depth == depth) out.push_back(static_cast<int>(i));
        return out;
    }
    int parent_of(int thing) const {
        const auto& all = things();
        const int depth = all[static_cast<std::size_t>(thing)].depth;
        for (int i = thing - 1; i >= 0; --i)
            if (all[static_cast<std::size_t>(i)].depth < depth) return i;
        return -1;
    }
    QAccessibleInterface* thing(int index) const {
        while (static_cast<int>(ids_.size()) <= index)
            ids_.push_back(QAccessible::registerAccessibleInterface(new Thing(const_cast<Place&>(*this), static_cast<int>(ids_.size()))));
        return QAccessible::accessibleInterface(ids_[static_cast<std::size_t>(index)]);
    }
    QRect on_screen(const QRect& box) const { return box.isEmpty() ? QRect() : QRect(canvas()->mapToGlobal(box.topLeft()), box.size()); }
    bool in_sight(const QRect& box) const { return canvas()->isVisible() && canvas()->visibleRegion().boundingRect().intersects(box); }
    bool has_keys() const { return widget()->hasFocus(); }

    int childCount() const override { return widgets() + static_cast<int>(of(-1).size()); }
    QAccessibleInterface* child(int index) const override {
        if (index < widgets()) return QAccessibleWidget::child(index);
        const auto own = of(-1);
        const auto i = static_cast<std::size_t>(index - widgets());
        return i < own.size() ? thing(own[i]) : nullptr;
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        for (int i = 0; i < childCount(); ++i)
            if (this->child(i) == child) return i;
        return -1;
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        const auto& all = things();
        int found = -1;
        for (std::size_t i = 0; i < all.size(); ++i)
            if (on_screen(all[i].box).contains(x, y) && (found < 0 || all[i].depth > all[static_cast<std::size_t>(found)].depth))
                found = static_cast<int>(i);
        return found >= 0 ? thing(found) : QAccessibleWidget::childAt(x, y);
    }
    QAccessibleInterface* focusChild() const override {
        const int now = in_hand();
        return has_keys() && now >= 0 ? thing(now) : QAccessibleWidget::focusChild();
    }
    int in_hand() const {
        const auto& all = things();
        const auto it = std::find_if(all.begin(), all.end(), [](const Painted& p) { return p.in_hand; });
        return it == all.end() ? -1 : static_cast<int>(it - all.begin());
    }

private:
    /// Of a scroll area only what is painted in it counts.
    int widgets() const { return area_ != nullptr ? 0 : QAccessibleWidget::childCount(); }

    void painted_anew() {
        stale_ = true;
        if ((hearer_ || QAccessible::isActive()) && !later_.isActive()) later_.start();
    }
    /// What a reader says by itself: another thing is in hand, or the one in hand is not as it was.
    void tell_changes() {
        const std::size_t before = things_.size();
        const int now = in_hand();
        const QString name = now < 0 ? QString() : things_[static_cast<std::size_t>(now)].name;
        if (things_.size() != before) tell(*this, QAccessible::ObjectReorder);
        if (now < 0 || !has_keys() || (now == said_ && name == said_name_)) return;
        tell(*thing(now), now == said_ ? QAccessible::NameChanged : QAccessible::Focus);
        said_ = now;
        said_name_ = name;
    }

    const TellsPainted& tells_;
    QAbstractScrollArea* area_;
    QPointer<Watch> watch_;
    QPointer<Watch> focus_watch_;
    QTimer later_;
    mutable bool stale_ = true;
    mutable std::vector<Painted> things_;
    mutable std::vector<QAccessible::Id> ids_;
    int said_ = -1;
    QString said_name_;
};

bool Thing::isValid() const { return place_.isValid() && index_ < static_cast<int>(place_.things().size()); }

const Painted& Thing::told() const {
    static const Painted kGone;
    return isValid() ? place_.things()[static_cast<std::size_t>(index_)] : kGone;
}

QWindow* Thing::window() const { return place_.window(); }

QVector<QPair<QAccessibleInterface*, QAccessible::Relation>> Thing::relations(QAccessible::Relation match) const {
    QVector<QPair<QAccessibleInterface*, QAccessible::Relation>> out;
    if (!isValid()) return out;
    const auto& all = place_.things();
    if (match.testFlag(QAccessible::Controller) && told().leads_to >= 0 && told().leads_to < static_cast<int>(all.size()))
        out.append({place_.thing(told().leads_to), QAccessible::Controller});
    if (match.testFlag(QAccessible::Controlled))
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].leads_to == index_) out.append({place_.thing(static_cast<int>(i)), QAccessible::Controlled});
    return out;
}

QAccessibleInterface* Thing::childAt(int x, int y) const {
    if (!isValid()) return nullptr;
    for (const int i : place_.of(index_))
        if (auto* child = place_.thing(i); child->rect().contains(x, y)) return child;
    return nullptr;
}

QAccessibleInterface* Thing::parent() const {
    if (!isValid()) return &place_;
    const int parent = place_.parent_of(index_);
    return parent < 0 ? static_cast<QAccessibleInterface*>(&place_) : place_.thing(parent);
}

QAccessibleInterface* Thing::child(int index) const {
    if (!isValid()) return nullptr;
    const auto own = place_.of(index_);
    return index >= 0 && index < static_cast<int>(own.size()) ? place_.thing(own[static_cast<std::size_t>(index)]) : nullptr;
}

int Thing::childCount() const { return isValid() ? static_cast<int>(place_.of(index_).size()) : 0; }

int Thing::indexOfChild(const QAccessibleInterface* child) const {
    for (int i = 0; i < childCount(); ++i)
        if (this->child(i) == child) return i;
    return -1;
}

QString Thing::text(QAccessible::Text t) const { return t == QAccessible::Name ? told().name : QString(); }

QRect Thing::rect() const { return place_.on_screen(told().box); }

QAccessible::Role Thing::role() const { return told().role; }

QAccessible::State Thing::state() const {
    QAccessible::State out;
    if (!isValid()) {
        out.invalid = true;
        return out;
    }
    const auto& t = told();
    out.readOnly = true;
    out.selectable = static_cast<bool>(t.act);
    out.selected = t.in_hand;
    out.focusable = static_cast<bool>(t.act);
    out.focused = t.in_hand && place_.has_keys();
    out.offscreen = !place_.in_sight(t.box);
    return out;
}

void* Thing::interface_cast(QAccessible::InterfaceType type) {
    if (type == QAccessible::ActionInterface && told().act) return static_cast<QAccessibleActionInterface*>(this);
    if (type == QAccessible::ValueInterface && told().scale) return static_cast<QAccessibleValueInterface*>(this);
    return nullptr;
}

QStringList Thing::actionNames() const { return told().act ? QStringList{pressAction()} : QStringList(); }

QString Thing::localizedActionName(const QString&) const { return told().does; }

void Thing::doAction(const QString& name) {
    if (name != pressAction() || !told().act) return;
    const auto act = told().act;  // it may change what is painted
    act();
}

QAccessibleInterface* place_of(const QString&, QObject* object) {
    auto* widget = qobject_cast<QWidget*>(object);
    const auto* tells = widget == nullptr ? nullptr : dynamic_cast<const TellsPainted*>(object);
    return tells == nullptr ? nullptr : new Place(widget, *tells, tells->painted_on());
}

/// A box to choose from is read by what is chosen in it; what it is for is told beside that.
class TellBoxes : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* on, QEvent* event) override {
        if (event->type() != QEvent::Show) return false;
        if (auto* box = qobject_cast<QComboBox*>(on); box != nullptr && box->accessibleDescription().isEmpty())
            box->setAccessibleDescription(box->accessibleName());
        return false;
    }
};

}  // namespace

void tell_changes_to(Hearer hearer) { hearer_ = std::move(hearer); }

void tell_painted() {
    QAccessible::installFactory(&place_of);
    qApp->installEventFilter(new TellBoxes(qApp));
}

}  // namespace anagraph::app::spoken
