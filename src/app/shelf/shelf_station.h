// The Shelf: the guides by machine and the recordings of the library; bringing a recording in.
#pragma once

#include <QLabel>
#include <QListWidget>
#include <QProgressBar>
#include <QWidget>
#include <atomic>
#include <memory>

#include "app/session/session.h"
#include "app/theme/controls.h"

namespace anagraph::app {

class ShelfStation : public QWidget {
    Q_OBJECT
public:
    explicit ShelfStation(Session& session, QWidget* parent = nullptr);
    ~ShelfStation() override;

    /// Begins to bring recordings in, one after the other; progress and cancel show on the station.
    void bring_in(const QStringList& files);
    bool importing() const { return importing_; }

signals:
    void guide_chosen();

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void choose_files();
    void open_chosen();
    void new_guide();
    void use_recording();
    void show_use();
    void next_import();
    QPixmap picture_of(const store::RecordingEntry& entry);

    Session& session_;
    QListWidget* guides_ = nullptr;
    QListWidget* recordings_ = nullptr;
    QWidget* work_ = nullptr;
    QLabel* work_words_ = nullptr;
    QProgressBar* bar_ = nullptr;
    QLabel* empty_ = nullptr;
    KeyButton* use_ = nullptr;
    QStringList queue_;
    bool importing_ = false;
    std::shared_ptr<std::atomic<bool>> stop_;
};

}  // namespace anagraph::app
