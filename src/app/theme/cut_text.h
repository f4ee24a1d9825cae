// CutText: words that may be too long for their place. They are painted with dots where they are cut, and told whole to whoever
// points at them.
#pragma once

#include <QEvent>
#include <QPainter>
#include <QString>
#include <QWidget>
#include <utility>
#include <vector>

namespace anagraph::app::theme {

class CutText {
public:
    /// Before the widget is painted anew.
    void clear() { whole_.clear(); }
    /// In one line, in the painter's font and pen, in the middle of the box's height.
    void draw(QPainter& p, const QRectF& box, const QString& words);
    /// Words that find no place at all in the box.
    void left_out(const QRectF& box, const QString& words) { whole_.emplace_back(box, words); }
    /// Takes a widget's event: true where it asked for a tool tip. `else_says`: what is told where nothing was cut.
    bool tell(QEvent* event, QWidget* widget, const QString& else_says = {}) const;
    /// All that is told there, a line each; empty where nothing was cut.
    QString whole_at(const QPointF& at) const;

private:
    std::vector<std::pair<QRectF, QString>> whole_;
};

}  // namespace anagraph::app::theme
