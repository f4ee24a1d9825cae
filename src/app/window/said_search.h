// SaidSearch: looks for spoken lines beside the window, on a thread and a connection of its own. Only the words asked for last are
// answered.
#pragma once

#include <QObject>
#include <QString>
#include <QThread>
#include <atomic>
#include <memory>

#include "store/library.h"

namespace anagraph::app {

class SaidSearch : public QObject {
    Q_OBJECT
public:
    static constexpr int kMost = 500;

    /// `folder` of the library.
    explicit SaidSearch(const std::string& folder, QObject* parent = nullptr);
    ~SaidSearch() override;
    void look_for(const QString& words);

signals:
    void found(const QString& words, const std::vector<anagraph::store::SaidLine>& lines);
    void failed(const QString& words, const QString& sentence);

private:
    QThread thread_;
    QObject* worker_ = nullptr;  // lives on the thread
    std::string folder_;
    std::shared_ptr<std::atomic<int>> asked_ = std::make_shared<std::atomic<int>>(0);
    std::shared_ptr<std::unique_ptr<store::Library>> library_ =
        std::make_shared<std::unique_ptr<store::Library>>();  // touched on the thread only
};

}  // namespace anagraph::app
