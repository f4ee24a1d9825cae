// What the Shelf lists: guides and recordings as rows, read from the library once and painted as far as they are seen. Pictures
// and what only a look at the disk tells are read for the rows that are painted.
#pragma once

#include <QAbstractListModel>
#include <QPixmap>
#include <functional>
#include <map>
#include <set>
#include <vector>

#include "store/library.h"

namespace anagraph::app {

/// Roles of a row beside its first line (Qt::DisplayRole).
enum ShelfRole { kPicture = Qt::UserRole + 1, kSecond, kThird, kId, kAway };

/// The covers of a library's recordings.
class Covers {
public:
    /// `folder`: of the library's files, which changes when a library that was away is back.
    explicit Covers(std::function<std::string()> folder) : folder_(std::move(folder)) {}
    /// The recording's picture, or none. What has no cover yet is told once.
    QPixmap of(const core::RecordingId& id);
    void forget(const core::RecordingId& id) { known_.erase(id); }
    std::function<void(const core::RecordingId&)> missing;

private:
    std::function<std::string()> folder_;
    std::map<core::RecordingId, QPixmap> known_;
};

class GuideRows : public QAbstractListModel {
    Q_OBJECT
public:
    GuideRows(Covers& covers, QObject* parent) : QAbstractListModel(parent), covers_(covers) {}
    /// `open`: the guide in hand.
    void set(std::vector<store::GuideEntry> guides, const store::GuideId& open);
    int rowCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : static_cast<int>(guides_.size()); }
    QVariant data(const QModelIndex& index, int role) const override;
    QModelIndex index_of(const store::GuideId& id) const;

private:
    Covers& covers_;
    std::vector<store::GuideEntry> guides_;
    store::GuideId open_;
};

class RecordingRows : public QAbstractListModel {
    Q_OBJECT
public:
    RecordingRows(Covers& covers, QObject* parent) : QAbstractListModel(parent), covers_(covers) {}
    /// `used`: those of the guide in hand.
    void set(std::vector<store::RecordingEntry> recordings, std::set<core::RecordingId> used);
    int rowCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : static_cast<int>(recordings_.size()); }
    QVariant data(const QModelIndex& index, int role) const override;
    QModelIndex index_of(const core::RecordingId& id) const;
    const store::RecordingEntry* at(const QModelIndex& index) const;
    /// What was found out about one of them.
    void tell_length(const core::RecordingId& id, const core::FrameTime& length);
    std::function<bool(const store::RecordingEntry&)> has_original;

private:
    Covers& covers_;
    std::vector<store::RecordingEntry> recordings_;
    std::set<core::RecordingId> used_;
};

}  // namespace anagraph::app
