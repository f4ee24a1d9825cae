#include "app/plates/plates_station.h"

#include <QComboBox>
#include <QDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QVBoxLayout>
#include <algorithm>

#include "app/plates/mark_menu.h"
#include "app/sheet/plate_preview.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/work/work.h"
#include "core/edits/change_label.h"
#include "core/plate/layout.h"
#include "core/procedure/text.h"
#include "core/review/open_points.h"
#include "media/exact_frame.h"
#include "publish/plate_svg.h"
#include "publish/still_care.h"

namespace anagraph::app {

using theme::text;

namespace {
constexpr std::size_t kFramesKept = 12;
constexpr int kToldLines = 5;
}  // namespace

PlatesStation::PlatesStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    plates_ = new QListWidget(this);
    plates_->setFixedWidth(176);
    plates_->setIconSize(QSize(112, 63));
    plates_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    plates_->setAccessibleName(tr("Plates"));
    across->addWidget(plates_);

    auto* side = build_side();
    auto* middle = new QVBoxLayout;
    middle->setContentsMargins(16, 14, 16, 14);
    middle->setSpacing(10);
    auto* head = new QHBoxLayout;
    title_ = title_label(QString(), this);
    moment_ = quiet_label(QString(), this);
    moment_->setWordWrap(false);
    head->addWidget(title_, 1);
    head->addWidget(moment_);
    middle->addLayout(head);
    auto* pictures = new QHBoxLayout;
    view_ = new PlateView(session_, this);
    other_ = new PlateView(session_, this);
    other_->setMinimumSize(260, 150);
    other_->hide();
    pictures->addWidget(view_, 3);
    pictures->addWidget(other_, 2);
    middle->addLayout(pictures, 1);
    told_ = quiet_label(QString(), this);
    told_->setTextFormat(Qt::RichText);
    told_->setFont(theme::font("small"));
    told_->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    told_->setMaximumHeight(told_->fontMetrics().lineSpacing() * kToldLines);
    told_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    middle->addWidget(told_);
    build_commands();
    middle->addWidget(new CommandRow(*commands_, this));
    auto* words = new QHBoxLayout;
    words->addWidget(quiet_label(tr("Caption"), this));
    caption_ = new QLineEdit(this);
    caption_->setAccessibleName(tr("Caption of the plate"));
    caption_->setPlaceholderText(tr("what is seen here"));
    words->addWidget(caption_, 1);
    middle->addLayout(words);
    across->addLayout(middle, 1);
    across->addWidget(side);

    connect(plates_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item == nullptr) return;
        chosen_ = core::PlateId(item->data(Qt::UserRole).toString().toStdString());
        if (const auto* s = step_of_plate()) session_.set_step(s->id);
        show_chosen();
    });
    connect(caption_, &QLineEdit::editingFinished, this, &PlatesStation::set_caption);
    connect(view_, &PlateView::point_clicked, this, &PlatesStation::point_at);
    connect(other_, &PlateView::point_clicked, this, [this] {
        if (const auto* now = plate())
            if (const auto* with = counterpart_of(*now)) {
                chosen_ = with->id;
                refresh();
            }
    });
    connect(view_, &PlateView::marks_changed, this, [this](const std::vector<core::PlateMark>& marks) {
        if (const auto* now = plate()) {
            core::Plate next = *now;
            next.marks = marks;
            put(core::laid_out(std::move(next), view_->aspect()), core::change_label("move a mark"));
        }
    });
    connect(view_, &PlateView::callouts_changed, this, [this](const std::vector<core::Callout>& callouts, const QString& label) {
        if (const auto* now = plate()) {
            core::Plate next = *now;
            // a target that moved may leave its label badly placed
            next.callouts = callouts;
            put(core::laid_out(std::move(next), view_->aspect()), label.toUtf8().constData());
        }
    });
    connect(&session_, &Session::changed, this, &PlatesStation::refresh);
    connect(&session_, &Session::guide_opened, this, [this] {
        stills_.clear();
        frames_.clear();
    });
    refresh();
}

QWidget* PlatesStation::build_side() {
    auto* side = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    side->setFixedWidth(252);
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(16, 16, 16, 16);
    down->addWidget(title_label(tr("Call out"), side));
    down->addWidget(quiet_label(
        tr("Choose an item, then click its place on the picture. Arrows move the callout in hand, with Shift what it points at."), side));
    items_ = new QListWidget(side);
    items_->setAccessibleName(tr("Items"));
    items_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    down->addWidget(items_, 1);
    missing_ = quiet_label(QString(), side);
    down->addWidget(missing_);
    connect(items_, &QListWidget::itemDoubleClicked, this, [this] { edit_item(false); });
    return side;
}

void PlatesStation::showEvent(QShowEvent*) {
    refresh();
    // the plate of the step in hand, if it has one
    for (const auto& s : session_.procedure().steps)
        if (s.id == session_.step() && !s.plates.empty())
            for (int i = 0; i < plates_->count(); ++i)
                if (plates_->item(i)->data(Qt::UserRole).toString().toStdString() == s.plates.front().id.text()) plates_->setCurrentRow(i);
    view_->setFocus();
}

const core::Plate* PlatesStation::plate() const {
    for (const auto& s : session_.procedure().steps)
        for (const auto& p : s.plates)
            if (p.id == chosen_) return &p;
    return nullptr;
}

const core::Step* PlatesStation::step_of_plate() const {
    for (const auto& s : session_.procedure().steps)
        for (const auto& p : s.plates)
            if (p.id == chosen_) return &s;
    return nullptr;
}

void PlatesStation::refresh() {
    if (!isVisible()) return;
    const auto& steps = session_.procedure().steps;
    {
        const QSignalBlocker quiet(plates_);
        plates_->clear();
        for (std::size_t i = 0; i < steps.size(); ++i)
            for (std::size_t k = 0; k < steps[i].plates.size(); ++k) {
                const auto& p = steps[i].plates[k];
                auto* item = new QListWidgetItem(QIcon(thumbnail_at(session_, p.recording, p.at)), QString::number(i + 1), plates_);
                item->setData(Qt::UserRole, text(p.id.text()));
                item->setData(Qt::AccessibleTextRole,
                    tr("Step %1, %2, picture %3 of %4")
                        .arg(QString::number(i + 1), text(steps[i].heading), QString::number(k + 1),
                            QString::number(steps[i].plates.size())));
                item->setToolTip(text(steps[i].heading));
                if (p.id == chosen_) plates_->setCurrentItem(item);
            }
        if (plates_->currentItem() == nullptr && plates_->count() > 0) {
            plates_->setCurrentRow(0);
            chosen_ = core::PlateId(plates_->item(0)->data(Qt::UserRole).toString().toStdString());
        }
    }
    const auto numbers = core::callout_numbers(session_.procedure());
    const QVariant kept = items_->currentItem() == nullptr ? QVariant() : items_->currentItem()->data(Qt::UserRole);
    items_->clear();
    for (const auto& i : session_.procedure().items) {
        const auto n = numbers.find(i.id);
        auto* item =
            new QListWidgetItem(n == numbers.end() ? text(i.name) : QStringLiteral("%1  %2").arg(n->second).arg(text(i.name)), items_);
        item->setData(Qt::UserRole, text(i.id.text()));
        if (item->data(Qt::UserRole) == kept) items_->setCurrentItem(item);
    }
    if (items_->currentRow() < 0 && items_->count() > 0) items_->setCurrentRow(0);
    show_chosen();
}

void PlatesStation::show_chosen() {
    const auto* now = plate();
    const auto* step = step_of_plate();
    if (now == nullptr || step == nullptr) {
        title_->setText(tr("No plate yet"));
        moment_->clear();
        missing_->clear();
        other_->hide();
        told_->clear();
        commands_->refresh();
        view_->show_plate(nullptr, {},
            tr("On the Tape, stop at the clearest frame of a step and keep the picture: the exact frame becomes a plate here."));
        return;
    }
    const auto& steps = session_.procedure().steps;
    const auto index = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == step->id; }) - steps.begin();
    title_->setText(tr("%1 · %2").arg(index + 1).arg(text(step->heading)));
    QStringList variants;
    for (const auto& v : now->variants) variants << text(v);
    moment_->setText((variants.isEmpty() ? QString() : tr("%1 only · ").arg(variants.join(QStringLiteral(", ")))) +
        tr("frame at %1").arg(text(core::clock_text(now->at))));
    show_text(caption_, text(now->caption));
    const QString told = text(publish::plate_words(session_.procedure(), *now, core::callout_numbers(session_.procedure())));
    told_->setText(tr("<b>Alternative text:</b> %1")
                       .arg((told.isEmpty() ? tr("none yet; the caption and the callouts make it") : told).toHtmlEscaped()));
    told_->setToolTip(told);
    QStringList missing;
    for (const auto& point : core::open_points(session_.procedure()))
        if (point.station == core::Station::Plates && point.step == step->id) missing << text(point.text);
    something_missing_ = !missing.isEmpty();
    missing_->setText(missing.isEmpty() ? tr("Everything the step names is called out.") : missing.join(QStringLiteral("\n\n")));
    load_still(*now, view_);
    const auto* with = counterpart_of(*now);
    other_->setVisible(with != nullptr);
    if (with != nullptr) load_still(*with, other_);
    commands_->refresh();
}

const core::Plate* PlatesStation::counterpart_of(const core::Plate& p) const {
    const auto* step = step_of_plate();
    if (step == nullptr || p.role == core::PairRole::None) return nullptr;
    const auto& all = step->plates;
    const auto it = std::find_if(all.begin(), all.end(), [&](const core::Plate& x) { return x.id == p.id; });
    const auto role = core::counterpart(p.role);
    if (it + 1 != all.end() && (it + 1)->role == role) return &*(it + 1);
    if (it != all.begin() && (it - 1)->role == role) return &*(it - 1);
    return nullptr;
}

const QImage* PlatesStation::frame_of(const core::Plate& p) const {
    const auto it = frames_.find(p.recording.text() + "@" + p.at.text());
    return it == frames_.end() ? nullptr : &it->second;
}

void PlatesStation::load_still(const core::Plate& p, PlateView* view) {
    const std::string key = p.recording.text() + "@" + p.at.text();
    if (const auto* frame = frame_of(p)) {
        auto& shown = stills_[p.id];
        if (shown.frame != key || shown.care != p.care) shown = {key, p.care, publish::cared_for(*frame, p.care)};
        view->show_plate(&p, shown.still, {});
        return;
    }
    view->show_plate(&p, {}, tr("Fetching the exact frame …"));
    const auto* r = session_.recording(p.recording);
    if (r == nullptr) return;
    Work::once(this, frame_reader(*r, p.at), [this, key](const core::Result<media::Picture>& still) {
        if (!still) {
            session_.tell(text(still.error().message));
            return;
        }
        // a frame of 4K is 33 MB: a few are kept, the others are fetched again
        if (frames_.size() >= kFramesKept) {
            frames_.clear();
            stills_.clear();
        }
        frames_[key] = publish::image_of(*still);
        show_chosen();
    });
}

bool PlatesStation::put(core::Plate next, const char* label) {
    const auto* step = step_of_plate();
    if (step == nullptr) return false;
    core::Step s = *step;
    for (auto& p : s.plates)
        if (p.id == next.id) p = next;
    return session_.perform(core::Change{label, {core::Put<core::Step>{std::move(s), std::nullopt}}});
}

void PlatesStation::add_callout(const core::Place& target) {
    const auto* now = plate();
    if (now == nullptr) return;
    if (items_->currentItem() == nullptr) {  // a click on the picture asks nobody before
        session_.tell(tr("The guide has no item yet; add one."));
        return;
    }
    core::Plate next = *now;
    const core::ItemId item(items_->currentItem()->data(Qt::UserRole).toString().toStdString());
    next.callouts.push_back({item, target, core::label_place(target, *now, view_->aspect())});
    if (put(core::laid_out(std::move(next), view_->aspect()), core::change_label("add a callout")))
        view_->select(plate()->callouts.size() - 1);
}

void PlatesStation::place_callout() { add_callout({5000, 5000}); }

/// What is in hand goes: a fastener while they are placed, else the mark or the callout that is chosen.
void PlatesStation::remove_callout() {
    const auto* now = plate();
    if (now == nullptr) return;
    core::Plate next = *now;
    if (view_->cursor_shown()) {
        if (next.fasteners.empty()) return;
        next.fasteners.pop_back();
        put(std::move(next), core::change_label("remove a fastener"));
    } else if (const auto mark = view_->selected_mark()) {
        next.marks.erase(next.marks.begin() + static_cast<std::ptrdiff_t>(*mark));
        view_->select_mark(std::nullopt);
        put(std::move(next), core::change_label("remove a mark"));
    } else if (const auto callout = view_->selected()) {
        std::erase(next.off_order, next.callouts[*callout].item);
        next.callouts.erase(next.callouts.begin() + static_cast<std::ptrdiff_t>(*callout));
        put(std::move(next), core::change_label("remove a callout"));
    }
}

void PlatesStation::point_at(const core::Place& place) {
    if (!view_->cursor_shown()) {
        add_callout(place);
        return;
    }
    const auto* now = plate();
    if (now == nullptr) return;
    const core::ItemId item(
        items_->currentItem() == nullptr ? std::string() : items_->currentItem()->data(Qt::UserRole).toString().toStdString());
    const auto* fastener = session_.procedure().find(item);
    if (fastener == nullptr || fastener->kind != core::ItemKind::Fastener) {
        session_.tell(tr("Choose a fastener in the list on the right; then each click, or Enter on the cross, sets one down."));
        return;
    }
    core::Plate next = *now;
    next.fasteners.push_back({item, place});
    put(core::laid_out(std::move(next), view_->aspect()), core::change_label("place a fastener"));
}

void PlatesStation::toggle_fasteners() {
    view_->show_cursor(!view_->cursor_shown());
    view_->setFocus();
}

void PlatesStation::add_mark() {
    const auto* now = plate();
    if (now == nullptr) return;
    QMenu menu(this);
    using core::PlateSign;
    fill_mark_menu(menu,
        {PlateSign::Turn, PlateSign::TurnBack, PlateSign::Pull, PlateSign::Press, PlateSign::Flow, PlateSign::Look, PlateSign::DoNotTouch,
            PlateSign::Distance, PlateSign::Magnify});
    const auto* chosen = chosen_from(menu, view_->mapToGlobal(view_->rect().center()));
    if (chosen == nullptr) return;
    core::PlateMark mark{static_cast<core::PlateSign>(chosen->data().toInt()), {5000, 5000}, {6200, 5000}};
    if (mark.sign == core::PlateSign::Magnify) mark.to = {7800, 3000};
    if (mark.sign == core::PlateSign::Distance) {
        QStringList names{tr("(not measured)")};
        std::vector<core::FigureId> ids{core::FigureId()};
        for (const auto& f : session_.procedure().figures)
            if (f.kind == core::FigureKind::Length || f.kind == core::FigureKind::Size) {
                names << text(core::title_of(session_.procedure(), f));
                ids.push_back(f.id);
            }
        bool ok = false;
        const QString name = QInputDialog::getItem(this, tr("Distance"), tr("Which figure is it?"), names, 0, false, &ok);
        if (!ok) return;
        mark.figure = ids[static_cast<std::size_t>(names.indexOf(name))];
    }
    core::Plate next = *now;
    next.marks.push_back(mark);
    if (put(core::laid_out(std::move(next), view_->aspect()), core::change_label("draw a mark")))
        view_->select_mark(plate()->marks.size() - 1);
    view_->setFocus();
}

void PlatesStation::lay_out_anew(bool all) {
    const auto* now = plate();
    if (now == nullptr) return;
    core::Plate next = *now;
    if (all)
        for (auto& c : next.callouts) c.fixed = false;
    next = core::laid_out_anew(std::move(next), view_->aspect());
    if (next != *now) put(std::move(next), core::change_label("lay out callouts"));
}

void PlatesStation::remove_plate() {
    const auto* step = step_of_plate();
    if (step == nullptr) return;
    core::Step s = *step;
    s.plates.erase(std::remove_if(s.plates.begin(), s.plates.end(), [&](const core::Plate& p) { return p.id == chosen_; }), s.plates.end());
    session_.perform(core::Change{core::change_label("remove a plate"), {core::Put<core::Step>{std::move(s), std::nullopt}}});
}

void PlatesStation::nudge_frame(int by) {
    const auto* now = plate();
    if (now == nullptr) return;
    const auto* r = session_.recording(now->recording);
    if (r == nullptr) return;
    const auto frame = static_cast<long>(r->index.frame_at(now->at)) + by;
    if (frame < 0 || frame >= static_cast<long>(r->index.times.size())) return;
    core::Plate next = *now;
    next.at = r->index.times[static_cast<std::size_t>(frame)];
    put(std::move(next), core::change_label("choose another frame"));
}

void PlatesStation::set_caption() {
    const auto* now = plate();
    if (now == nullptr || now->caption == caption_->text().trimmed().toStdString()) return;
    core::Plate next = *now;
    next.caption = caption_->text().trimmed().toStdString();
    put(std::move(next), core::change_label("write a caption"));
}

/// A new item, or another name, kind, size or number for the one in hand: every place that names it says it so from then on.
void PlatesStation::edit_item(bool fresh) {
    const auto& p = session_.procedure();
    const auto* now = fresh || items_->currentItem() == nullptr
        ? nullptr
        : p.find(core::ItemId(items_->currentItem()->data(Qt::UserRole).toString().toStdString()));
    if (!fresh && now == nullptr) return;
    core::Item item = now == nullptr ? core::Item{} : *now;
    QDialog dialog(this);
    dialog.setWindowTitle(fresh ? tr("New item") : tr("The item, wherever it is named"));
    dialog.setMinimumWidth(440);
    auto* form = new QFormLayout(&dialog);
    form->setContentsMargins(20, 16, 20, 16);
    auto* name = new QLineEdit(text(item.name), &dialog);
    auto* kind = new QComboBox(&dialog);
    for (const auto& k : core::all_of<core::ItemKind>()) kind->addItem(text(core::words_of(k.value)), static_cast<int>(k.value));
    kind->setCurrentIndex(kind->findData(static_cast<int>(item.kind)));
    auto* spec = new QLineEdit(text(item.spec), &dialog);
    auto* number = new QLineEdit(text(item.number), &dialog);
    form->addRow(tr("&Name"), name);
    form->addRow(tr("&Kind"), kind);
    form->addRow(tr("&Size or grade"), spec);
    form->addRow(tr("&Part number"), number);
    // what tells one bolt from the one beside it, on the map of where they go back
    const std::tuple<std::string*, QString, QString> facts[] = {
        {&item.fastening.length, tr("&Length"), tr("under the head: 16 mm; empty: not known")},
        {&item.fastening.head, tr("&Head"), tr("hexagon, 10 mm across flats")},
        {&item.fastening.washer, tr("&Washer"), tr("plain; none; empty: not known")}};
    std::vector<std::pair<QLineEdit*, std::string*>> fastening;
    for (const auto& [fact, label, hint] : facts) {
        auto* field = new QLineEdit(text(*fact), &dialog);
        field->setPlaceholderText(hint);
        form->addRow(label, field);
        fastening.emplace_back(field, fact);
    }
    const auto show_facts = [&] {
        for (const auto& [field, fact] : fastening)
            form->setRowVisible(field, kind->currentData().toInt() == static_cast<int>(core::ItemKind::Fastener));
    };
    connect(kind, &QComboBox::currentIndexChanged, &dialog, show_facts);
    show_facts();
    auto* only = new QComboBox(&dialog);
    only->addItem(tr("to all machines of the guide"), QString());
    for (const auto& v : p.header.variants) only->addItem(tr("to the %1 only").arg(text(v)), text(v));
    if (item.variants.size() == 1) only->setCurrentIndex(std::max(0, only->findData(text(item.variants.front()))));
    if (item.variants.size() > 1) {
        only->addItem(tr("to several, as it stands"), QString());
        only->setCurrentIndex(only->count() - 1);
    }
    const int belongs = only->currentIndex();
    if (!p.header.variants.empty())
        form->addRow(tr("It &belongs"), only);
    else
        only->hide();
    end_form(form, &dialog);
    if (dialog.exec() != QDialog::Accepted) return;
    item.name = name->text().trimmed().toStdString();
    item.kind = static_cast<core::ItemKind>(kind->currentData().toInt());
    item.spec = spec->text().trimmed().toStdString();
    item.number = number->text().trimmed().toStdString();
    for (const auto& [field, fact] : fastening)
        *fact = item.kind == core::ItemKind::Fastener ? field->text().trimmed().toStdString() : std::string();
    // an item of several variants keeps them unless another answer was given
    const auto v = only->currentData().toString().toStdString();
    if (only->currentIndex() != belongs) item.variants = v.empty() ? std::vector<std::string>{} : std::vector<std::string>{v};
    if (fresh) item.id = core::fresh_id<core::ItemId>(item.name, p.items);
    if (now != nullptr && item == *now) return;
    if (!session_.perform(core::Change{fresh ? core::change_label("add an item") : core::change_label("change an item"),
            {core::Put<core::Item>{std::move(item), std::nullopt}}}))
        return;
    if (fresh) items_->setCurrentRow(items_->count() - 1);
    view_->setFocus();
}

void PlatesStation::choose_item(const core::ItemId& id) {
    for (int i = 0; i < items_->count(); ++i)
        if (items_->item(i)->data(Qt::UserRole).toString().toStdString() == id.text()) items_->setCurrentRow(i);
}

void PlatesStation::next_open() {
    const auto& steps = session_.procedure().steps;
    const auto* now = step_of_plate();
    const auto from =
        std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return now != nullptr && s.id == now->id; }) - steps.begin();
    const auto points = core::open_points(session_.procedure());
    for (std::size_t k = 1; k <= steps.size(); ++k) {
        const auto& s = steps[(static_cast<std::size_t>(from) + k) % steps.size()];
        const bool open = std::any_of(
            points.begin(), points.end(), [&](const core::OpenPoint& x) { return x.station == core::Station::Plates && x.step == s.id; });
        if (!open) continue;
        if (s.plates.empty()) {
            session_.tell(tr("\"%1\" has no picture yet: on the Tape, stop at its clearest frame and keep it.").arg(text(s.heading)));
            session_.set_step(s.id);
            return;
        }
        chosen_ = s.plates.front().id;
        session_.set_step(s.id);
        refresh();
        return;
    }
    session_.tell(tr("Every step has its picture and every part named is called out."));
}

}  // namespace anagraph::app
