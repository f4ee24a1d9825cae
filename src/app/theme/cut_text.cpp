#include "app/theme/cut_text.h"

#include <QFontMetricsF>
#include <QHelpEvent>
#include <QStringList>
#include <QToolTip>

namespace anagraph::app::theme {

void CutText::draw(QPainter& p, const QRectF& box, const QString& words) {
    const QString shown = QFontMetricsF(p.font()).elidedText(words, Qt::ElideRight, box.width());
    if (shown != words) whole_.emplace_back(box, words);
    p.drawText(box, Qt::AlignVCenter, shown);
}

QString CutText::whole_at(const QPointF& at) const {
    QStringList out;
    for (const auto& [box, words] : whole_)
        if (box.contains(at)) out << words;
    return out.join(QLatin1Char('\n'));
}

bool CutText::tell(QEvent* event, QWidget* widget, const QString& else_says) const {
    if (event->type() != QEvent::ToolTip) return false;
    const auto* help = static_cast<QHelpEvent*>(event);
    const QString words = whole_at(help->pos());
    QToolTip::showText(help->globalPos(), words.isEmpty() ? else_says : words, widget);
    return true;
}

}  // namespace anagraph::app::theme
