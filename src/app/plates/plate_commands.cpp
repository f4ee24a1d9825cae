// What the Plates do with whole pictures: choosing the still, its care, pairs, callouts that follow, variants, the clip.
#include <QAction>
#include <QMenu>
#include <QMessageBox>
#include <algorithm>

#include "app/plates/care_dialog.h"
#include "app/plates/clip_dialog.h"
#include "app/plates/plates_station.h"
#include "app/plates/still_dialog.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/work/work.h"
#include "core/edits/change_label.h"
#include "core/plate/layout.h"
#include "core/plate/still_frame.h"
#include "media/stills.h"

namespace anagraph::app {

using theme::text;

void PlatesStation::choose_variants() {
    const auto* now = plate();
    const auto& variants = session_.procedure().header.variants;
    if (now == nullptr) return;
    core::Plate next = *now;
    auto& mine = next.variants;
    const auto has = [&](const std::string& v) { return std::find(mine.begin(), mine.end(), v) != mine.end(); };
    QMenu menu(this);
    menu.addAction(tr("for &all"))->setData(QStringLiteral(""));
    for (const auto& v : variants)
        if (!has(v) || mine.size() > 1)
            menu.addAction((mine.empty() ? tr("%1 only") : has(v) ? tr("not %1") : tr("%1 as well")).arg(text(v)))->setData(text(v));
    const auto* chosen = chosen_from(menu, view_->mapToGlobal(view_->rect().center()));
    if (chosen == nullptr) return;
    const auto v = chosen->data().toString().toStdString();
    if (v.empty())
        mine.clear();
    else if (std::erase(mine, v) == 0)
        mine.push_back(v);
    if (mine.size() == variants.size()) mine.clear();  // all of them is all
    if (next != *now) put(std::move(next), core::change_label("say which variants a plate applies to"));
}

void PlatesStation::choose_still() {
    const auto* now = plate();
    if (now == nullptr) return;
    const auto* r = session_.recording(now->recording);
    if (r == nullptr) return;
    if (r->away) {
        session_.tell(tr("The recording is missing; stills are taken from the recording itself. Find it again on the Shelf."));
        return;
    }
    StillDialog dialog(*r, now->at, now->care, this);
    if (dialog.exec() != QDialog::Accepted || dialog.chosen() == now->at) return;
    core::Plate next = *now;
    next.at = dialog.chosen();
    put(std::move(next), core::change_label("choose another frame"));
}

void PlatesStation::take_care() {
    const auto* now = plate();
    if (now == nullptr) return;
    const auto* frame = frame_of(*now);
    if (frame == nullptr) return;
    CareDialog dialog(*frame, now->care, this);
    if (dialog.exec() != QDialog::Accepted || dialog.care() == now->care) return;
    const double aspect = static_cast<double>(frame->width()) / frame->height();
    core::Plate next = core::with_care(*now, dialog.care(), aspect);
    const auto lost = now->callouts.size() - next.callouts.size();
    const double shown = core::shown_aspect(next.care, aspect);
    if (put(core::laid_out(std::move(next), shown), core::change_label("crop, hide or brighten a still")) && lost > 0)
        session_.tell(tr("%n callouts pointed at what is now cut off and were removed; undo brings them back.",
            "1 callout pointed at what is now cut off and was removed; undo brings it back.", static_cast<int>(lost)));
}

/// A second picture beside this one, or the roles of the two, or two pictures on their own again.
void PlatesStation::make_pair() {
    const auto* now = plate();
    const auto* step = step_of_plate();
    if (now == nullptr || step == nullptr) return;
    const auto* with = counterpart_of(*now);
    QMenu menu(this);
    using core::PairRole;
    for (const auto& [role, words] : {std::pair{PairRole::Right, tr("this is &right, the other wrong")},
             std::pair{PairRole::Wrong, tr("this is &wrong, the other right")},
             std::pair{PairRole::Before, tr("this is &before, the other after")},
             std::pair{PairRole::After, tr("this is &after, the other before")},
             std::pair{PairRole::New, tr("this is the &new part, the other the old")},
             std::pair{PairRole::Old, tr("this is the &old part, the other the new")}})
        menu.addAction(words)->setData(static_cast<int>(role));
    if (with != nullptr) menu.addAction(tr("two pictures on their &own"))->setData(static_cast<int>(PairRole::None));
    const auto* chosen = chosen_from(menu, view_->mapToGlobal(view_->rect().center()));
    if (chosen == nullptr) return;
    const auto role = static_cast<PairRole>(chosen->data().toInt());
    core::Step s = *step;
    const auto at = [&](const core::PlateId& id) {
        return std::find_if(s.plates.begin(), s.plates.end(), [&](const core::Plate& p) { return p.id == id; });
    };
    at(now->id)->role = role;
    *at(now->id) = core::laid_out(*at(now->id), view_->aspect());  // clear of the tag that says it
    if (with != nullptr) {
        at(with->id)->role = core::counterpart(role);
        *at(with->id) = core::laid_out(*at(with->id), view_->aspect());
    } else {
        core::Plate second;
        second.id = core::fresh_id<core::PlateId>(now->id.text(), core::plates_of(session_.procedure()));
        second.recording = now->recording;
        second.at = now->at;
        second.role = core::counterpart(role);
        second.variants = now->variants;
        s.plates.insert(at(now->id) + 1, std::move(second));
    }
    const bool fresh = with == nullptr;
    const auto first = now->id;
    if (!session_.perform(core::Change{core::change_label("pair two pictures"), {core::Put<core::Step>{std::move(s), std::nullopt}}}))
        return;
    if (fresh) {
        // the second picture is in hand next: it is still the same frame
        chosen_ = first;
        if (const auto* other = plate() == nullptr ? nullptr : counterpart_of(*plate())) chosen_ = other->id;
        refresh();
        session_.tell(tr("The second picture still stands at the same moment: choose its frame."));
    }
    view_->setFocus();
}

/// The part in hand came off after those named so far; a part that is named is taken out again.
void PlatesStation::take_off_next() {
    const auto* now = plate();
    const auto callout = view_->selected();
    if (now == nullptr || !callout) return;
    core::Plate next = *now;
    const auto item = next.callouts[*callout].item;
    if (std::erase(next.off_order, item) == 0) next.off_order.push_back(item);
    put(std::move(next), core::change_label("set the removal order"));
}

/// Looks for what the plate before calls out on this one, and proposes what it finds.
void PlatesStation::follow_callouts() {
    const auto* now = plate();
    if (now == nullptr) return;
    const core::Plate* before = nullptr;
    const auto all = core::plates_of(session_.procedure());
    for (const auto& p : all) {
        if (p.id == now->id) break;
        if (p.recording == now->recording && !p.callouts.empty()) before = &p;
    }
    const auto* r = session_.recording(now->recording);
    if (before == nullptr || r == nullptr) {
        session_.tell(tr("No plate before this one, of the same recording, calls anything out."));
        return;
    }
    const auto look = [first = frame_reader(*r, before->at), second = frame_reader(*r, now->at), from = *before,
                          to = *now]() -> core::Result<std::vector<Followed>> {
        const auto a = first();
        if (!a) return tl::make_unexpected(a.error());
        const auto b = second();
        if (!b) return tl::make_unexpected(b.error());
        const double aspect = static_cast<double>(a->width) / a->height;
        std::vector<Followed> out;
        for (const auto& c : from.callouts) {
            if (std::any_of(to.callouts.begin(), to.callouts.end(), [&](const core::Callout& x) { return x.item == c.item; })) continue;
            const auto found = media::follow(*a, core::recorded_at(c.target, from.care, aspect), *b);
            if (!found) continue;
            const auto shown = core::shown_at(found->place, to.care, aspect);
            if (shown.x >= 0 && shown.y >= 0 && shown.x <= 10000 && shown.y <= 10000) out.push_back({c.item, shown, found->certainty});
        }
        return out;
    };
    session_.tell(tr("Looking for what the plate before calls out …"));
    Work::once(this, look, [this, looked_at = *now](const core::Result<std::vector<Followed>>& found) {
        if (!found)
            session_.tell(text(found.error().message));
        else if (const auto* still = plate(); still != nullptr && *still == looked_at)  // nobody has gone on meanwhile
            propose_followed(*found);
    });
}

void PlatesStation::propose_followed(const std::vector<Followed>& found) {
    if (found.empty()) {
        session_.tell(
            tr("Nothing the plate before calls out was found on this one with certainty: too much moved, or it looks alike elsewhere."));
        return;
    }
    QStringList words;
    for (const auto& f : found)
        words << tr("%1 (%2 % alike)").arg(text(session_.procedure().find(f.item)->name)).arg(static_cast<int>(100 * f.certainty));
    const auto answer = QMessageBox::question(this, tr("Callouts of the plate before"),
        tr("Found again on this picture: %1. Take them over? Look at each: what is alike need not be the same.")
            .arg(words.join(QStringLiteral(", "))));
    if (answer != QMessageBox::Yes) return;
    core::Plate next = *plate();
    for (const auto& f : found) next.callouts.push_back({f.item, f.at, core::label_place(f.at, next, view_->aspect())});
    put(core::laid_out(std::move(next), view_->aspect()), core::change_label("take over callouts"));
}

void PlatesStation::edit_clip() {
    const auto* step = session_.procedure().find(session_.step());
    if (step == nullptr || (!step->clip && step->takes.empty())) return;
    const core::Clip now = step->clip ? *step->clip : core::Clip{step->takes.front()};
    if (session_.recording(now.take.recording) == nullptr) return;
    ClipDialog dialog(session_, now, this);
    if (dialog.exec() != QDialog::Accepted || (step->clip && dialog.clip() == *step->clip)) return;
    core::Step next = *step;
    next.clip = dialog.clip();
    session_.perform(core::Change{step->clip ? core::change_label("change a clip") : core::change_label("make a clip"),
        {core::Put<core::Step>{std::move(next), std::nullopt}}});
}

}  // namespace anagraph::app
