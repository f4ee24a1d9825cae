#include "publish/cover.h"

#include <QBuffer>
#include <QFile>
#include <QImage>
#include <QTransform>
#include <algorithm>

#include "store/files.h"

namespace anagraph::publish {

core::Outcome write_cover(const std::string& folder, const media::RecordingIndex& index) {
    if (index.thumbnails.empty()) return {};
    // a little into the film, past the hand that starts the camera
    const auto& t = index.thumbnails[index.thumbnails.size() / 6];
    QFile file(QString::fromStdString(folder + "/" + media::kThumbnailFile));
    if (!file.open(QIODevice::ReadOnly) || !file.seek(t.offset)) return {};
    const QImage stored = QImage::fromData(file.read(t.size), "JPG");
    if (stored.isNull()) return {};
    const int width = std::max(1, static_cast<int>(stored.width() * index.pixel_aspect));
    const QImage upright = stored.scaled(width, stored.height(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                               .transformed(QTransform().rotate(index.rotation));
    QByteArray bytes;
    QBuffer buffer(&bytes);
    upright.save(&buffer, "JPG", 88);
    return store::write_file(folder + "/" + kCoverFile, std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
}

}  // namespace anagraph::publish
