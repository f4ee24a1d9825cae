// The commands of the Plates as a table.
#include <algorithm>

#include "app/command/reasons.h"
#include "app/plates/plates_station.h"
#include "app/theme/theme.h"

namespace anagraph::app {

Hand PlatesStation::in_hand() const {
    if (plate() == nullptr) return Hand::Nothing;
    if (view_->cursor_shown()) return Hand::Fasteners;
    if (view_->selected_mark()) return Hand::Mark;
    return view_->selected() ? Hand::Callout : Hand::Plate;
}

void PlatesStation::build_commands() {
    commands_ = new Commands(tr("Plates"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto without_guide = [this] { return no_guide(session_); };
    const auto no_plate = [this] { return unless(plate() != nullptr, tr("No plate is in hand; keep a picture on the Tape.")); };
    // a reason asked of the plate in hand
    const auto of_plate = [this, no_plate](const std::function<QString(const core::Plate&)>& reason) {
        return [this, no_plate, reason] { return plate() == nullptr ? no_plate() : reason(*plate()); };
    };
    const auto no_item = [this] { return unless(items_->currentItem() != nullptr, tr("The guide has no item yet; add one.")); };
    const auto with_plate = [no_plate](const std::function<QString()>& reason) {
        return [no_plate, reason] {
            const QString none = no_plate();
            return none.isEmpty() ? reason() : none;
        };
    };
    const std::vector<Hand> any{Hand::Plate, Hand::Callout, Hand::Mark, Hand::Fasteners};
    const std::vector<Hand> whole{Hand::Plate};
    const std::vector<Hand> callout{Hand::Callout};

    const QString on_it = tr("On the picture");
    add({"plates.fasteners", tr("Place fasteners"), Qt::Key_F,
        tr("Each click, or Enter on the cross, sets the chosen fastener down; then they are drawn in their order."), on_it,
        {Hand::Plate, Hand::Fasteners}, [this] { toggle_fasteners(); }, no_plate, {tr("bolts"), tr("tightening sequence"), tr("map")}, true,
        [this] { return in_hand() == Hand::Fasteners; },
        [this] { return view_->cursor_shown() ? tr("Stop placing fasteners") : tr("Place fasteners"); }});
    add({"plates.callout", tr("Call out item"), Qt::Key_C,
        tr("The chosen item gets a number on the picture; arrows move it, with Shift what it points at."), on_it,
        {Hand::Plate, Hand::Callout, Hand::Mark}, [this] { place_callout(); }, with_plate(no_item),
        {tr("label"), tr("number"), tr("pointer")}, true, [this] { return in_hand() == Hand::Plate && something_missing_; }});
    add({"plates.next-callout", tr("Next callout"), Qt::Key_N, tr("Takes the next callout in hand."), on_it, {Hand::Plate, Hand::Callout},
        [this] { view_->select_next(); },
        of_plate([](const core::Plate& p) { return unless(!p.callouts.empty(), tr("Nothing is called out on this plate.")); }), {}, true});
    add({"plates.off-next", tr("Next in removal order"), Qt::Key_O,
        tr("Removal order: the part in hand came off after those named so far; parts go back the other way."), on_it, callout,
        [this] { take_off_next(); },
        with_plate([this] { return unless(view_->selected().has_value(), tr("Take a callout in hand first.")); }),
        {tr("removal order"), tr("disassembly")}, true});
    add({"plates.mark", tr("Draw mark"), Qt::Key_M,
        tr("Turning, pulling, pressing, flow, look here, do not touch, a distance or a magnifier."), on_it, {Hand::Plate, Hand::Mark},
        [this] { add_mark(); }, no_plate, {tr("arrow"), tr("magnifier"), tr("distance")}, true});
    add({"plates.remove", tr("Remove"), Qt::Key_Delete, tr("The callout, mark or fastener in hand."), on_it,
        {Hand::Callout, Hand::Mark, Hand::Fasteners}, [this] { remove_callout(); }, with_plate([this] {
            return unless(view_->selected() || view_->selected_mark() || (view_->cursor_shown() && !plate()->fasteners.empty()),
                tr("Nothing on the picture is in hand."));
        }),
        {tr("delete callout")}, true, {},
        [this] {
            return in_hand() == Hand::Mark     ? tr("Remove mark")
                : in_hand() == Hand::Fasteners ? tr("Remove last fastener")
                                               : tr("Remove callout");
        }});
    add({"plates.lay-out", tr("Lay out labels"), Qt::Key_L, tr("Labels find their best places; those moved by hand stay."), on_it,
        {Hand::Plate, Hand::Callout}, [this] { lay_out_anew(false); }, no_plate, {tr("arrange"), tr("tidy")}});
    add({"plates.lay-out-all", tr("Lay out every label"), Qt::SHIFT | Qt::Key_L, tr("Labels moved by hand find their best places too."),
        on_it, {Hand::Plate, Hand::Callout}, [this] { lay_out_anew(true); }, no_plate, {tr("arrange")}});
    add({"plates.follow", tr("Find callouts again"), Qt::Key_A, tr("Looks for what the plate before calls out on this one."), on_it, whole,
        [this] { follow_callouts(); }, no_plate, {tr("follow"), tr("track")}});

    const QString picture = tr("The picture");
    add({"plates.still", tr("Choose sharper frame"), Qt::Key_K, tr("Offers the sharpest frames near the moment."), picture, whole,
        [this] { choose_still(); }, no_plate, {tr("still"), tr("focus")}, true});
    add({"plates.crop", tr("Crop, hide, brighten"), Qt::Key_X,
        tr("Crops, straightens and brightens the still, and hides a face or a number; the recording stays as it is."), picture, whole,
        [this] { take_care(); },
        of_plate([this](const core::Plate& p) { return unless(frame_of(p) != nullptr, tr("The exact frame is still being fetched.")); }),
        {tr("blur"), tr("redact"), tr("rotate"), tr("privacy")}, true});
    add({"plates.pair", tr("Pair pictures"), Qt::Key_D, tr("Right and wrong, before and after, new and old, side by side."), picture, whole,
        [this] { make_pair(); }, no_plate, {tr("good bad"), tr("compare")}, true});
    add({"plates.clip", tr("Edit clip"), Qt::Key_G, tr("The step's clip: trimmed to the frame, slowed, silenced or drawn over."), picture,
        {Hand::Nothing, Hand::Plate}, [this] { edit_clip(); },
        [this] {
            const auto* step = session_.procedure().find(session_.step());
            return unless(step != nullptr && (step->clip || !step->takes.empty()), tr("The step has no stretch of the tape yet."));
        },
        {tr("trim"), tr("film"), tr("slow motion")}, true});
    add({"plates.applies-to", tr("Say which variants it applies to"), Qt::Key_V, tr("The plate is shown for these variants only."), picture,
        whole, [this] { choose_variants(); }, of_plate([this](const core::Plate&) {
            return unless(!session_.procedure().header.variants.empty(), tr("The guide is for one kind of machine; it has no variants."));
        }),
        {tr("models")}});
    add({"plates.frame-before", tr("Frame before"), Qt::Key_Comma, tr("The plate shows the frame before."), picture, any,
        [this] { nudge_frame(-1); }, no_plate, {}});
    add({"plates.next-frame", tr("Next frame"), Qt::Key_Period, tr("The plate shows the next frame."), picture, any,
        [this] { nudge_frame(1); }, no_plate, {}});
    add({"plates.remove-plate", tr("Remove plate"), Qt::CTRL | Qt::Key_Backspace, tr("Removes the picture and what is drawn on it."),
        picture, any, [this] { remove_plate(); }, no_plate, {}});

    const QString items = tr("Items");
    add({"plates.new-item", tr("New item"), Qt::CTRL | Qt::Key_I, tr("A part, fastener, seal, fluid, tool or protective gear."), items, {},
        [this] { edit_item(true); }, without_guide, {tr("part"), tr("tool"), tr("bolt")}, true});
    add({"plates.change-item", tr("Edit item"), Qt::CTRL | Qt::Key_E, tr("Its name, kind, size and part number, wherever it is named."),
        items, {}, [this] { edit_item(false); }, no_item, {tr("rename item"), tr("part number")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
    connect(view_, &PlateView::selection_changed, commands_, &Commands::refresh);
}

}  // namespace anagraph::app
