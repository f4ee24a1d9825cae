// The Issue: the life of the editions down a line, the review of the guide place by place, freezing the next edition, and what
// becomes of those that went out.
#pragma once

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QStackedWidget>
#include <QWidget>
#include <optional>

#include "app/command/command_row.h"
#include "app/issue/edition_panel.h"
#include "app/issue/life_line.h"
#include "app/issue/place_panel.h"
#include "app/people/key_ring.h"
#include "app/session/session.h"
#include "app/work/work_bar.h"
#include "shop/export.h"
#include "shop/life.h"

namespace anagraph::app {

class IssueStation : public QWidget {
    Q_OBJECT
public:
    explicit IssueStation(Session& session, QWidget* parent = nullptr);
    QLineEdit& checker() { return *checker_; }
    LifeLine& life() { return *life_; }
    QListWidget& places() { return *places_; }
    PlacePanel& panel() { return *panel_; }
    EditionPanel& edition_panel() { return *edition_panel_; }
    KeyRing& keys() { return ring_; }
    Hand in_hand() const;
    /// Is an edition being issued, or a pack verified or copied?
    bool busy() const { return work_.busy(); }
    /// The folder of the edition in hand, or of the last one; empty where there is none.
    QString chosen_pack() const;
    /// Copies the pack of the edition in hand into this folder: as a folder of its own or as one file.
    void copy_pack_into(const QString& folder, bool one_file = false);
    /// Writes the edition in hand in another form.
    void export_to(shop::ExportForm form, const QString& file, std::uint64_t check = 0);
    /// Says in large words what is true of a pack that was dropped on the window, or chosen.
    void verify_path(const QString& path);
    QString verdict() const { return verdict_->text(); }
    Commands& commands() { return *commands_; }

signals:
    /// The place is to be shown where it is written.
    void step_asked(const anagraph::core::StepId& step);
    void figure_asked(const anagraph::core::FigureId& figure);

protected:
    void showEvent(QShowEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void build_commands();
    void build_left(QHBoxLayout* across);
    void refresh();
    void list_places();
    /// What is chosen in this list is in hand from now on.
    void take_in_hand(QListWidget& list);
    void to_first_open();
    void show_in_hand();
    void show_place();
    void show_stage();
    void show_edition();
    void show_verdict(const QString& headline, const QString& words, bool good);
    const shop::PlaceInReview* place() const;
    QString not_by_me() const;
    void pass_place();
    void take_pass_back();
    void next_place(int from);
    void comment();
    void hear();
    void go_there();
    void check();
    void issue();
    void open_pack();
    void verify_pack();
    void copy_pack(bool one_file);
    void export_as();
    void hand_out();
    void withdraw();
    int chosen_edition() const;

    Session& session_;
    Commands* commands_ = nullptr;
    KeyRing ring_;
    std::optional<shop::ReviewNow> review_;
    std::optional<shop::HouseFacts> facts_;
    QStringList gaps_;    // of its translations
    QStringList taught_;  // by runs, as the next edition says it
    QString not_ready_;   // why nothing can be issued; empty: it can
    LifeLine* life_ = nullptr;
    QLabel* places_title_ = nullptr;
    QListWidget* places_ = nullptr;
    QWidget* checked_by_ = nullptr;
    QLineEdit* checker_ = nullptr;
    PlacePanel* panel_ = nullptr;
    EditionPanel* edition_panel_ = nullptr;
    QStackedWidget* panels_ = nullptr;
    Work work_{this};
    WorkBar* bar_ = nullptr;
    QLabel* verdict_ = nullptr;
    bool edition_in_hand_ = false;
};

}  // namespace anagraph::app
