// Painted: what a widget paints by itself, told as things of its own to those who do not see it. A widget that paints more than its
// name says is a `TellsPainted`; what it tells stands in the tree of accessible objects, each thing with its name, its place on the
// screen, whether it is in hand, and what can be done with it.
#pragma once

#include <QAccessible>
#include <QRect>
#include <QString>
#include <functional>
#include <optional>
#include <vector>

namespace anagraph::app::spoken {

/// Where something stands on a scale.
struct OnScale {
    double now = 0;
    double least = 0;
    double most = 0;
};

/// One thing of a painted place.
struct Painted {
    QAccessible::Role role = QAccessible::StaticText;
    QString name = {};  // all that is to be known of it, as it is said: "Drain plug, tightening torque, 25 newton metres, proved"
    QRect box = {};     // in the pixels of what is painted on; empty: it is not in sight
    int depth = 0;      // one more than the thing before it that it belongs to
    bool in_hand = false;
    QString does = {};  // what `act` does, in a word: "Hear"
    std::function<void()> act = {};
    std::optional<OnScale> scale = {};
    int leads_to = -1;  // another thing of the same place: a finding leads to its step
};

/// A widget that tells what it paints.
class TellsPainted {
public:
    virtual ~TellsPainted() = default;
    /// Everything in the order of the work, what is out of sight too.
    virtual std::vector<Painted> painted() const = 0;
    /// What all of it is drawn on.
    virtual QAccessible::Role painted_on() const { return QAccessible::List; }
};

/// Makes such widgets tell, and has a reader hear when what is in hand changes. Once, before the first window.
void tell_painted();

/// Who hears of changes: the desktop's reader, where one runs, unless another is named.
using Hearer = std::function<void(QAccessibleInterface&, QAccessible::Event)>;
void tell_changes_to(Hearer hearer);

}  // namespace anagraph::app::spoken
