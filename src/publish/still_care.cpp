#include "publish/still_care.h"

#include <QPainter>
#include <QPainterPath>
#include <QTransform>
#include <algorithm>
#include <array>
#include <cmath>

#include "core/plate/still_frame.h"
#include "publish/colours.h"

namespace anagraph::publish {
namespace {

/// Every pixel the area touches: of what is hidden no edge may be left to be seen.
QRect touched(const core::Area& a, const QSize& size) {
    const auto first = [](int place, int length) { return place * length / 10000; };
    const auto past = [](int place, int length) { return (place * length + 9999) / 10000; };
    const QPoint from(first(a.left, size.width()), first(a.top, size.height()));
    return {from, QSize(past(a.right, size.width()) - from.x(), past(a.bottom, size.height()) - from.y())};
}

/// The cut at the nearest edges of pixels, as a reader would measure it.
QRect nearest(const core::Area& a, const QSize& size) {
    const auto edge = [](int place, int length) { return (place * length + 5000) / 10000; };
    const QPoint from(edge(a.left, size.width()), edge(a.top, size.height()));
    return {from, QSize(edge(a.right, size.width()) - from.x(), edge(a.bottom, size.height()) - from.y())};
}

/// One flat grey with a hatching: nothing of what was there can be worked out, and nobody takes it for a part of the machine.
void hide(QImage& image, const QRect& where) {
    QPainter p(&image);
    p.fillRect(where, QColor(QString::fromStdString(colour("hidden"))));
    p.fillRect(where, QBrush(QColor(QString::fromStdString(colour("hidden_hatch"))), Qt::BDiagPattern));
}

/// Raises what is dark and leaves black and white where they are: a curve of the eye's kind, stronger for larger amounts.
void brighten(QImage& image, int amount) {
    std::array<uchar, 256> curve{};
    const double power = 1.0 / (1.0 + amount / 50.0);
    for (int i = 0; i < 256; ++i)
        curve[static_cast<std::size_t>(i)] = static_cast<uchar>(std::clamp(std::lround(255 * std::pow(i / 255.0, power)), 0L, 255L));
    for (int y = 0; y < image.height(); ++y) {
        auto* row = image.scanLine(y);
        for (int x = 0; x < image.width() * 4; ++x)
            if (x % 4 != 3) row[x] = curve[row[x]];
    }
}

}  // namespace

QImage image_of(const media::Picture& picture) {
    return QImage(picture.bgra.data(), picture.width, picture.height, picture.width * 4, QImage::Format_RGB32).copy();
}

QImage cared_for(const QImage& frame, const core::StillCare& care) {
    if (frame.isNull() || care.empty()) return frame;
    QImage image = frame.convertToFormat(QImage::Format_RGB32);
    for (const auto& area : care.hidden) hide(image, touched(area, image.size()));
    if (care.tilt != 0) {
        const double grow = core::growth(care.tilt, static_cast<double>(image.width()) / image.height());
        QImage turned(image.size(), QImage::Format_RGB32);
        QPainter p(&turned);
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.translate(image.width() / 2.0, image.height() / 2.0);
        p.rotate(care.tilt / 10.0);
        p.scale(grow, grow);
        p.translate(-image.width() / 2.0, -image.height() / 2.0);
        p.drawImage(0, 0, image);
        p.end();
        image = turned;
    }
    if (!care.crop.whole()) image = image.copy(nearest(care.crop, image.size()));
    if (care.brighten > 0) brighten(image, care.brighten);
    return image;
}

QImage magnified(const QImage& still, const core::Place& at, double radius) {
    const int size = std::max(2, static_cast<int>(std::lround(2 * radius)));
    QImage out(size, size, QImage::Format_ARGB32_Premultiplied);
    out.fill(Qt::transparent);
    QPainter p(&out);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    QPainterPath round;
    round.addEllipse(QRectF(0, 0, size, size));
    p.setClipPath(round);
    p.fillRect(out.rect(), QColor(QString::fromStdString(colour("white"))));
    const QPointF middle(at.x * still.width() / 10000.0, at.y * still.height() / 10000.0);
    p.drawImage(QRectF(0, 0, size, size), still, QRectF(middle.x() - radius / 2, middle.y() - radius / 2, radius, radius));
    return out;
}

}  // namespace anagraph::publish
