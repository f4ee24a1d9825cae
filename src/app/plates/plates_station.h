// The Plates: stills of the steps with numbered callouts; what is named and not shown.
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QWidget>
#include <map>

#include "app/command/command_row.h"
#include "app/plates/plate_view.h"

namespace anagraph::app {

class PlatesStation : public QWidget {
    Q_OBJECT
public:
    explicit PlatesStation(Session& session, QWidget* parent = nullptr);
    void next_open();
    PlateView& view() { return *view_; }
    QListWidget& items() { return *items_; }
    PlateView& other_view() { return *other_; }
    bool still_ready() const { return !view_->still().isNull(); }

    void choose_item(const core::ItemId& id);
    Commands& commands() { return *commands_; }
    Hand in_hand() const;

protected:
    void showEvent(QShowEvent* event) override;

private:
    QWidget* build_side();
    void refresh();
    void show_chosen();
    void add_callout(const core::Place& target);
    void place_callout();
    void point_at(const core::Place& place);
    void toggle_fasteners();
    void add_mark();
    void lay_out_anew(bool all);
    void remove_callout();
    void remove_plate();
    void edit_item(bool fresh);
    void nudge_frame(int by);
    void set_caption();
    void choose_variants();
    void choose_still();
    void take_care();
    void make_pair();
    void take_off_next();
    void follow_callouts();
    /// What was found again of what the plate before calls out.
    struct Followed {
        core::ItemId item;
        core::Place at;
        double certainty;
    };
    void propose_followed(const std::vector<Followed>& found);
    void edit_clip();
    void build_commands();
    bool put(core::Plate plate, const char* label);
    const core::Plate* plate() const;
    const core::Step* step_of_plate() const;
    /// The plate it is a pair with, or null.
    const core::Plate* counterpart_of(const core::Plate& plate) const;
    void load_still(const core::Plate& plate, PlateView* view);
    /// The recorded frame of a plate, upright, once it has been fetched.
    const QImage* frame_of(const core::Plate& plate) const;

    Session& session_;
    Commands* commands_ = nullptr;
    QListWidget* plates_ = nullptr;
    PlateView* view_ = nullptr;
    PlateView* other_ = nullptr;  // of a pair
    QLabel* title_ = nullptr;
    QLabel* moment_ = nullptr;
    QLabel* missing_ = nullptr;
    QLabel* told_ = nullptr;  // its alternative text
    QLineEdit* caption_ = nullptr;
    QListWidget* items_ = nullptr;
    core::PlateId chosen_;
    bool something_missing_ = false;  // the step names what none of its plates calls out
    struct Shown {
        std::string frame;  // which it was made from, and with which care
        core::StillCare care;
        QImage still;
    };
    std::map<std::string, QImage> frames_;  // as recorded, by recording and moment
    std::map<core::PlateId, Shown> stills_;
};

}  // namespace anagraph::app
