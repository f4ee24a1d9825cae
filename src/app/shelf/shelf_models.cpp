#include "app/shelf/shelf_models.h"

#include <QFileInfo>
#include <algorithm>

#include "app/theme/theme.h"
#include "publish/cover.h"

namespace anagraph::app {

using theme::text;

QPixmap Covers::of(const core::RecordingId& id) {
    if (id.empty()) return {};
    if (const auto it = known_.find(id); it != known_.end()) return it->second;
    QPixmap picture;
    if (!picture.load(text(folder_() + "/media/" + id.text() + "/" + publish::kCoverFile)) && missing) missing(id);
    constexpr std::size_t kMost = 300;  // some screens full
    if (known_.size() >= kMost) known_.clear();
    return known_[id] = picture;
}

void GuideRows::set(std::vector<store::GuideEntry> guides, const store::GuideId& open) {
    beginResetModel();
    guides_ = std::move(guides);
    open_ = open;
    endResetModel();
}

QModelIndex GuideRows::index_of(const store::GuideId& id) const {
    const auto it = std::find_if(guides_.begin(), guides_.end(), [&](const store::GuideEntry& g) { return g.id == id; });
    return it == guides_.end() ? QModelIndex() : index(static_cast<int>(it - guides_.begin()));
}

QVariant GuideRows::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const auto& g = guides_[static_cast<std::size_t>(index.row())];
    switch (role) {
        case Qt::DisplayRole:
            return text(g.machine);
        case Qt::AccessibleTextRole:
        case Qt::ToolTipRole:
            return tr("%1, %2, %3").arg(text(g.machine), text(g.title), data(index, kThird).toString());
        case kSecond:
            return text(g.title);
        case kThird: {
            const QString state = g.editions == 0 ? tr("not issued yet")
                : g.changed_since                 ? tr("edition %1 issued · changed since").arg(g.editions)
                                                  : tr("edition %1 issued").arg(g.editions);
            return open_ == g.id ? tr("open now · %1").arg(state) : state;
        }
        case kId:
            return text(g.id.text());
        case kPicture:
            return covers_.of(g.cover);
        default:
            return {};
    }
}

void RecordingRows::set(std::vector<store::RecordingEntry> recordings, std::set<core::RecordingId> used) {
    beginResetModel();
    recordings_ = std::move(recordings);
    used_ = std::move(used);
    endResetModel();
}

QModelIndex RecordingRows::index_of(const core::RecordingId& id) const {
    const auto it = std::find_if(recordings_.begin(), recordings_.end(), [&](const store::RecordingEntry& r) { return r.id == id; });
    return it == recordings_.end() ? QModelIndex() : index(static_cast<int>(it - recordings_.begin()));
}

const store::RecordingEntry* RecordingRows::at(const QModelIndex& index) const {
    return index.isValid() && index.row() < rowCount() ? &recordings_[static_cast<std::size_t>(index.row())] : nullptr;
}

void RecordingRows::tell_length(const core::RecordingId& id, const core::FrameTime& length) {
    covers_.forget(id);
    const auto at = index_of(id);
    if (!at.isValid()) return;
    recordings_[static_cast<std::size_t>(at.row())].length = length;
    emit dataChanged(at, at);
}

QVariant RecordingRows::data(const QModelIndex& index, int role) const {
    const auto* r = at(index);
    if (r == nullptr) return {};
    switch (role) {
        case Qt::DisplayRole:
            return text(r->name);
        case Qt::AccessibleTextRole:
        case Qt::ToolTipRole:
            return tr("%1, %2, %3").arg(text(r->name), data(index, kSecond).toString(), data(index, kThird).toString());
        case kSecond: {
            const QString length = r->length ? text(core::clock_text(*r->length, false)) : tr("?");
            return r->has_narration ? tr("%1 long · %2").arg(length, tr("%n lines said", "1 line said", static_cast<int>(r->lines)))
                                    : tr("%1 long · no narration").arg(length);
        }
        case kThird:
            return data(index, kAway).toBool() ? tr("the original is missing: %1").arg(text(r->path))
                : used_.contains(r->id)        ? tr("used in the open guide")
                                               : tr("imported %1").arg(text(r->added).left(10));
        case kId:
            return text(r->id.text());
        case kAway:
            return has_original && !has_original(*r);
        case kPicture:
            return covers_.of(r->id);
        default:
            return {};
    }
}

}  // namespace anagraph::app
