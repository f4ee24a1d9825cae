#include "app/theme/theme.h"

#include <QApplication>
#include <QFile>
#include <QFontDatabase>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QPainterPath>
#include <QSvgRenderer>
#include <algorithm>
#include <cmath>

#include "app/theme/focus_ring.h"
#include "publish/colours.h"
#include "publish/resource.h"

static void load_app_resources() { Q_INIT_RESOURCE(app); }

namespace anagraph::app::theme {
namespace {

/// Words of a guide, a file or an error are shown as they are written: only what asks for it is read as marked-up text.
class PlainWords : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() != QEvent::Polish) return false;
        if (auto* label = qobject_cast<QLabel*>(watched); label != nullptr && label->textFormat() == Qt::AutoText)
            label->setTextFormat(Qt::PlainText);
        return false;
    }
};

publish::ColourSet set_ = publish::ColourSet::Light;

QByteArray resource(const QString& name) {
    load_app_resources();
    QFile file(QStringLiteral(":/app/") + name);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

const QJsonObject& sizes() {
    static const QJsonObject object = QJsonDocument::fromJson(QByteArray::fromStdString(publish::resource("tokens.json"))).object();
    return object;
}

QString style_sheet() {
    QString style = QString::fromUtf8(resource(QStringLiteral("app.qss")));
    style.replace(QStringLiteral("@titlept"), QString::number(number("title")) + QStringLiteral("pt"));
    style.replace(QStringLiteral("@smallpt"), QString::number(number("small")) + QStringLiteral("pt"));
    if (set_ != publish::ColourSet::Light)
        for (const char* arrow : {"down", "up"})
            style.replace(QStringLiteral("%1.svg").arg(QLatin1String(arrow)), QStringLiteral("%1_on_dark.svg").arg(QLatin1String(arrow)));
    return text(publish::with_colours(style.toStdString(), set_));
}

}  // namespace

publish::ColourSet colours_now() { return set_; }
QColor colour(std::string_view token) { return QColor(text(publish::colour(token, set_))); }
QColor colour_on_picture(std::string_view token) { return QColor(text(publish::colour(token))); }
double number(const char* token) { return sizes().value(QLatin1String(token)).toDouble(); }

QFont font(const char* size_token, bool bold) {
    QFont f(QStringLiteral("B612"));
    f.setPointSizeF(number(size_token));
    f.setBold(bold);
    return f;
}

void apply(publish::ColourSet colours) {
    set_ = colours;
    static bool begun = false;
    if (!std::exchange(begun, true)) {
        load_app_resources();
        for (const char* name : {"B612-Regular.otf", "B612-Bold.otf", "B612-Italic.otf"})
            QFontDatabase::addApplicationFont(QStringLiteral(":/app/fonts/") + QLatin1String(name));
        qApp->installEventFilter(new PlainWords(qApp));
        show_focus_rings();
    }
    QApplication::setStyle(QStringLiteral("Fusion"));
    QApplication::setFont(font("text"));
    QPalette palette;
    palette.setColor(QPalette::Window, colour("paper"));
    palette.setColor(QPalette::Base, colour("sheet"));
    palette.setColor(QPalette::Text, colour("ink"));
    palette.setColor(QPalette::WindowText, colour("ink"));
    palette.setColor(QPalette::Highlight, colour("accent"));
    palette.setColor(QPalette::HighlightedText, colour("on_accent"));
    palette.setColor(QPalette::PlaceholderText, colour("second"));
    palette.setColor(QPalette::Button, colour("sheet"));
    palette.setColor(QPalette::ButtonText, colour("ink"));
    palette.setColor(QPalette::Link, colour("accent"));
    palette.setColor(QPalette::AlternateBase, colour("key"));
    QApplication::setPalette(palette);
    qApp->setStyleSheet(style_sheet());
}

QIcon program_icon() {
    constexpr int kSizes[] = {16, 24, 32, 48, 64, 128, 256};
    QSvgRenderer svg(QByteArray::fromStdString(publish::with_colours(resource(QStringLiteral("icons/anagraph.svg")).toStdString())));
    QIcon out;
    for (const int size : kSizes) {
        QPixmap picture(size, size);
        picture.fill(Qt::transparent);
        QPainter p(&picture);
        svg.render(&p);
        p.end();
        out.addPixmap(picture);
    }
    return out;
}

void draw_standing_box(QPainter& p, const QRectF& box, core::Standing standing) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    QPen pen(colour("ink"), 1.6);
    if (standing == core::Standing::Open) pen.setDashPattern({3, 2.2});
    p.setPen(pen);
    p.setBrush(colour("white"));
    p.drawRoundedRect(box, 2, 2);
    if (standing == core::Standing::Proved) {
        const double c = std::min(13.0, box.height() * 0.42);
        QPainterPath corner;
        corner.moveTo(box.topRight());
        corner.lineTo(box.right() - c, box.top());
        corner.lineTo(box.right(), box.top() + c);
        corner.closeSubpath();
        p.fillPath(corner, colour("ink"));
    }
    if (standing == core::Standing::Disputed) {
        p.setPen(QPen(colour("ink"), 1.6));
        p.drawLine(QPointF(box.left() + 4.5, box.top()), QPointF(box.left() + 4.5, box.bottom()));
    }
    p.restore();
}

double standing_box_width(const QFontMetricsF& metrics, const QString& text) { return metrics.horizontalAdvance(text) + 30; }

QRectF draw_figure(QPainter& p, const QPointF& top_left, const QString& text, core::Standing standing) {
    const QFontMetricsF metrics(p.font());
    const QRectF box(top_left, QSizeF(standing_box_width(metrics, text), metrics.height() + 8));
    draw_standing_box(p, box, standing);
    p.setPen(colour("ink"));
    p.drawText(box.adjusted(12, 0, -12, 0), Qt::AlignVCenter | Qt::AlignLeft, text);
    return box;
}

void draw_callout(QPainter& p, const QPointF& target, const QPointF& label, double radius, const QString& text, bool selected) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    const QPointF d = target - label;
    const double length = std::hypot(d.x(), d.y());
    if (length > radius) {
        const QPointF from = label + d / length * radius;
        for (const auto& [c, w] : {std::pair{colour_on_picture("white"), 0.26}, std::pair{colour_on_picture("ink"), 0.1}}) {
            p.setPen(QPen(c, radius * w, Qt::SolidLine, Qt::RoundCap));
            p.drawLine(from, target);
        }
        p.setPen(QPen(colour_on_picture("white"), radius * 0.08));
        p.setBrush(colour_on_picture("ink"));
        p.drawEllipse(target, radius * 0.2, radius * 0.2);
    }
    p.setPen(QPen(selected ? colour_on_picture("accent") : colour_on_picture("ink"), radius * (selected ? 0.2 : 0.12)));
    p.setBrush(colour_on_picture("white"));
    p.drawEllipse(label, radius, radius);
    QFont f = font("text", true);
    f.setPixelSize(static_cast<int>(std::lround(radius * 1.15)));
    p.setFont(f);
    p.setPen(colour_on_picture("ink"));
    p.drawText(QRectF(label.x() - radius, label.y() - radius, radius * 2, radius * 2), Qt::AlignCenter, text);
    p.restore();
}

void draw_focus(QPainter& p, const QRectF& box) {
    p.setPen(QPen(colour("accent"), 2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(box.adjusted(1, 1, -1, -1));
}

QString signal_word(core::Signal signal) {
    switch (signal) {
        case core::Signal::Danger:
            return QApplication::translate("Signal", "DANGER");
        case core::Signal::Warning:
            return QApplication::translate("Signal", "WARNING");
        case core::Signal::Caution:
            return QApplication::translate("Signal", "CAUTION");
        case core::Signal::Notice:
            return QApplication::translate("Signal", "NOTICE");
    }
    return {};
}

void draw_signal(QPainter& p, const QRectF& box, core::Signal signal) {
    const auto colours = publish::signal_colours(signal);
    const QColor on(text(colours.on));
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(box, QColor(text(colours.ground)));
    p.setPen(QPen(on, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const double h = std::min(18.0, box.height() - 8);
    const QPointF at(box.left() + 10, box.center().y() - h / 2);
    QPolygonF sign;
    sign << at + QPointF(h / 2, 0) << at + QPointF(h, h) << at + QPointF(0, h);
    p.drawPolygon(sign);
    p.drawLine(at + QPointF(h / 2, h * 0.36), at + QPointF(h / 2, h * 0.66));
    p.drawPoint(at + QPointF(h / 2, h * 0.84));
    p.setFont(font("small", true));
    p.drawText(box.adjusted(h + 16, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft, signal_word(signal));
    p.restore();
}

QPixmap icon(const QString& name, const QColor& c, int size, double ratio) {
    QByteArray svg = resource(QStringLiteral("icons/") + name + QStringLiteral(".svg"));
    svg.replace("currentColor", c.name().toLatin1());
    QSvgRenderer renderer(svg);
    QPixmap pixmap(QSize(size, size) * ratio);
    pixmap.setDevicePixelRatio(ratio);
    pixmap.fill(Qt::transparent);
    QPainter p(&pixmap);
    renderer.render(&p, QRectF(0, 0, size, size));
    return pixmap;
}

}  // namespace anagraph::app::theme
