// The Shelf: the guides by machine and the recordings of the library; bringing a recording in.
#pragma once

#include <QLabel>
#include <QListView>
#include <QWidget>
#include <deque>
#include <memory>

#include "app/command/command_row.h"
#include "app/session/session.h"
#include "app/shelf/shelf_models.h"
#include "app/work/work_bar.h"
#include "shop/desk/desk.h"
#include "shop/intake.h"

namespace anagraph::app {

class ShelfStation : public QWidget {
    Q_OBJECT
public:
    explicit ShelfStation(Session& session, QWidget* parent = nullptr);

    /// Begins to bring recordings in, one after the other; progress and cancel show on the station.
    void bring_in(const QStringList& files, shop::Original original = shop::Original::Copy);
    /// Looks for the original of the chosen recording in a folder; progress and cancel show on the station.
    void find_original_in(const QString& folder);
    Commands& commands() { return *commands_; }
    Hand in_hand() const;
    /// Does the library hold nothing yet, so that the station says what to do?
    bool welcoming() const { return welcome_->isVisible(); }
    bool importing() const { return work_.busy(); }
    QListView& guides() { return *guides_; }
    QListView& recordings() { return *recordings_; }

signals:
    void guide_chosen();

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void build_commands();
    void cancel();
    void refresh();
    void choose_files(shop::Original original);
    void choose_folder_to_look_in();
    void open_chosen();
    void new_guide();
    void use_recording();
    void show_use();
    void next_import();
    /// Looks at a recording that older versions brought in: how long it is, and its cover.
    void look_at(const core::RecordingId& id);
    store::GuideId chosen_guide() const;
    core::RecordingId chosen_recording() const;
    void use(const core::RecordingId& id);

    Session& session_;
    Commands* commands_ = nullptr;
    std::unique_ptr<shop::Desk> desk_;  // open as long as it is held
    Covers covers_;
    GuideRows* guide_rows_ = nullptr;
    RecordingRows* recording_rows_ = nullptr;
    QListView* guides_ = nullptr;
    QListView* recordings_ = nullptr;
    std::set<core::RecordingId> looked_at_;
    Work work_{this};  // an import, or looking for an original
    WorkBar* bar_ = nullptr;
    QLabel* empty_ = nullptr;
    QWidget* lists_ = nullptr;
    QLabel* welcome_ = nullptr;  // in their place while the library holds nothing
    std::deque<std::pair<QString, shop::Original>> queue_;
};

}  // namespace anagraph::app
