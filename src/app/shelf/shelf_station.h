// The Shelf: the guides by machine and the recordings of the library; bringing a recording in.
#pragma once

#include <QLabel>
#include <QListWidget>
#include <QProgressBar>
#include <QWidget>
#include <atomic>
#include <deque>
#include <memory>

#include "app/session/session.h"
#include "app/theme/controls.h"
#include "shop/intake.h"

namespace anagraph::app {

class ShelfStation : public QWidget {
    Q_OBJECT
public:
    explicit ShelfStation(Session& session, QWidget* parent = nullptr);
    ~ShelfStation() override;

    /// Begins to bring recordings in, one after the other; progress and cancel show on the station.
    void bring_in(const QStringList& files, shop::Original original = shop::Original::Copy);
    /// Looks for the original of the chosen recording in a folder; progress and cancel show on the station.
    void find_original_in(const QString& folder);
    bool importing() const { return importing_; }

signals:
    void guide_chosen();

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void choose_files(shop::Original original);
    void choose_folder_to_look_in();
    /// Shows the bar with these words; returns what long work reports its progress to.
    media::Progress begin_work(const QString& words);
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
    KeyButton* find_ = nullptr;
    std::deque<std::pair<QString, shop::Original>> queue_;
    bool importing_ = false;
    std::shared_ptr<std::atomic<bool>> stop_;
};

}  // namespace anagraph::app
