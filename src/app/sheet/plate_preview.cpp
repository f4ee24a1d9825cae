#include "app/sheet/plate_preview.h"

#include <fmt/format.h>

#include <QFile>
#include <QPainter>
#include <cmath>

#include "app/film/upright.h"
#include "app/theme/theme.h"
#include "publish/marks_svg.h"
#include "publish/plate_svg.h"
#include "publish/still_care.h"

namespace anagraph::app {
namespace {

constexpr int kWide = 212;
constexpr int kHigh = 119;

}  // namespace

QPixmap thumbnail_at(Session& session, const core::RecordingId& recording, const core::FrameTime& at) {
    const auto* r = session.recording(recording);
    if (r == nullptr || r->index.thumbnails.empty()) return {};
    const auto* best = &r->index.thumbnails.front();
    for (const auto& t : r->index.thumbnails)
        if (std::abs(r->index.times[t.frame].seconds() - at.seconds()) < std::abs(r->index.times[best->frame].seconds() - at.seconds()))
            best = &t;
    QFile file(r->folder + QLatin1Char('/') + QLatin1String(media::kThumbnailFile));
    if (!file.open(QIODevice::ReadOnly) || !file.seek(best->offset)) return {};
    const QImage image = QImage::fromData(file.read(best->size), "JPG");
    return QPixmap::fromImage(upright(image, r->index));
}

PlatePreview::PlatePreview(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setFixedSize(kWide, kHigh + 5);
    setAccessibleName(tr("Picture of the step"));
}

void PlatePreview::show_step(const core::Step& step) {
    count_ = static_cast<int>(step.plates.size());
    const std::optional<core::Plate> plate = step.plates.empty() ? std::nullopt : std::optional(step.plates.front());
    // the words of a distance may change without the plate
    if (std::string marks = plate ? publish::marks_svg(session_.procedure(), *plate, kWide, kHigh) : ""; marks != marks_) {
        marks_ = std::move(marks);
        drawn_.load(QByteArray::fromStdString(
            fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {} {}\">{}</svg>", kWide, kHigh, marks_)));
        update();
    }
    if (plate == plate_ && !picture_.isNull()) return;
    plate_ = plate;
    picture_ = plate_
        ? QPixmap::fromImage(publish::cared_for(thumbnail_at(session_, plate_->recording, plate_->at).toImage(), plate_->care))
        : QPixmap();
    update();
}

void PlatePreview::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF r(0, 0, kWide, kHigh);
    if (!plate_ || picture_.isNull()) {
        p.setPen(QPen(theme::colour("strong"), 1.2, Qt::DashLine));
        p.drawRoundedRect(r.adjusted(1, 1, -1, -1), 2, 2);
        p.setPen(theme::colour("second"));
        p.setFont(theme::font("small"));
        p.drawText(r.adjusted(14, 0, -14, 0), Qt::AlignCenter | Qt::TextWordWrap,
            tr("No picture yet: on the Tape, stop at the clearest frame and keep it."));
        return;
    }
    p.drawPixmap(r, picture_, picture_.rect());
    if (!marks_.empty()) drawn_.render(&p, r);
    const auto numbers = core::callout_numbers(session_.procedure());
    for (const auto& c : plate_->callouts)
        theme::draw_callout(p, {c.target.x * r.width() / 10000, c.target.y * r.height() / 10000},
            {c.label.x * r.width() / 10000, c.label.y * r.height() / 10000}, 8, QString::number(numbers.at(c.item)), false);
    if (count_ > 1) {
        p.setFont(theme::font("small"));
        const QRectF more(r.right() - 56, r.bottom() - 20, 54, 18);
        p.fillRect(more, theme::colour("sheet"));
        p.setPen(theme::colour("ink"));
        p.drawText(more, Qt::AlignCenter, tr("1 of %1").arg(count_));
    }
}

std::vector<spoken::Painted> PlatePreview::painted() const {
    std::vector<spoken::Painted> out;
    if (!plate_)
        out.push_back({.name = tr("No picture yet: on the Tape, stop at the clearest frame and keep it.")});
    else
        out.push_back({.role = QAccessible::Graphic,
            .name = theme::text(publish::plate_words(session_.procedure(), *plate_, core::callout_numbers(session_.procedure()))),
            .box = rect()});
    if (count_ > 1) out.push_back({.name = tr("1 of %1").arg(count_)});
    return out;
}

}  // namespace anagraph::app
