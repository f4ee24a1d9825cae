#include "app/plates/plates_station.h"

#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <QtConcurrent>
#include <algorithm>

#include "app/sheet/plate_preview.h"
#include "app/theme/theme.h"
#include "core/plate/layout.h"
#include "core/procedure/open_points.h"
#include "core/procedure/text.h"
#include "media/exact_frame.h"

namespace anagraph::app {

using theme::text;

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

    auto* middle = new QVBoxLayout;
    middle->setContentsMargins(16, 14, 16, 14);
    middle->setSpacing(10);
    auto* head = new QHBoxLayout;
    title_ = titled(QString(), this);
    moment_ = second(QString(), this);
    moment_->setWordWrap(false);
    head->addWidget(title_, 1);
    head->addWidget(moment_);
    middle->addLayout(head);
    view_ = new PlateView(session_, this);
    middle->addWidget(view_, 1);
    auto* row = new QHBoxLayout;
    auto* callout = new KeyButton(tr("Callout"), Qt::Key_C, this, true);
    auto* remove = new KeyButton(tr("Take it out"), Qt::Key_Delete, this);
    auto* earlier = new KeyButton(tr("Before"), Qt::Key_Comma, this);
    auto* later = new KeyButton(tr("After"), Qt::Key_Period, this);
    auto* drop = new KeyButton(tr("Remove plate"), QKeySequence(Qt::CTRL | Qt::Key_Backspace), this);
    for (auto* b : {callout, remove, earlier, later, drop}) row->addWidget(b);
    row->addStretch(1);
    middle->addLayout(row);
    auto* words = new QHBoxLayout;
    words->addWidget(second(tr("Words under it"), this));
    caption_ = new QLineEdit(this);
    caption_->setAccessibleName(tr("Words under the plate"));
    caption_->setPlaceholderText(tr("what is seen, for those who cannot see it too"));
    words->addWidget(caption_, 1);
    middle->addLayout(words);
    across->addLayout(middle, 1);
    across->addWidget(build_side());

    earlier->setToolTip(tr("The frame before (,)"));
    later->setToolTip(tr("The frame after (.)"));
    remove->setToolTip(tr("Take the chosen callout out (Del)"));
    connect(plates_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item == nullptr) return;
        chosen_ = core::PlateId(item->data(Qt::UserRole).toString().toStdString());
        if (const auto* s = step_of_plate()) session_.set_step(s->id);
        show_chosen();
    });
    connect(callout, &QPushButton::clicked, this, &PlatesStation::place_callout);
    connect(remove, &QPushButton::clicked, this, &PlatesStation::remove_callout);
    connect(earlier, &QPushButton::clicked, this, [this] { nudge_frame(-1); });
    connect(later, &QPushButton::clicked, this, [this] { nudge_frame(1); });
    connect(drop, &QPushButton::clicked, this, &PlatesStation::remove_plate);
    connect(caption_, &QLineEdit::editingFinished, this, &PlatesStation::set_caption);
    connect(view_, &PlateView::point_clicked, this, &PlatesStation::add_callout);
    connect(view_, &PlateView::callouts_changed, this, [this](const std::vector<core::Callout>& callouts, const QString& label) {
        if (const auto* now = plate()) {
            core::Plate next = *now;
            next.callouts = callouts;
            put(std::move(next), label.toUtf8().constData());
        }
    });
    connect(&session_, &Session::changed, this, &PlatesStation::refresh);
    connect(&session_, &Session::guide_opened, this, [this] { stills_.clear(); });
    refresh();
}

QWidget* PlatesStation::build_side() {
    auto* side = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    side->setFixedWidth(252);
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(16, 16, 16, 16);
    down->addWidget(titled(tr("Call out"), side));
    down->addWidget(second(tr("Choose an item, then click its place on the picture, or press C and move it with the arrows (Shift moves its target)."), side));
    items_ = new QListWidget(side);
    items_->setAccessibleName(tr("Items"));
    items_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    down->addWidget(items_, 1);
    auto* fresh = new KeyButton(tr("New item"), QKeySequence(Qt::CTRL | Qt::Key_I), this);
    auto* row = new QHBoxLayout;
    row->addWidget(fresh);
    row->addStretch(1);
    down->addLayout(row);
    missing_ = second(QString(), side);
    down->addWidget(missing_);
    connect(fresh, &QPushButton::clicked, this, &PlatesStation::new_item);
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
            for (const auto& p : steps[i].plates) {
                auto* item = new QListWidgetItem(QIcon(thumbnail_at(session_, p.recording, p.at)), tr("%1").arg(i + 1), plates_);
                item->setData(Qt::UserRole, text(p.id.text()));
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
        auto* item = new QListWidgetItem(n == numbers.end() ? text(i.name) : QStringLiteral("%1  %2").arg(n->second).arg(text(i.name)), items_);
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
        view_->show_plate(nullptr, {}, tr("On the Tape, stop at the clearest frame of a step and press P: the exact frame becomes a plate here."));
        return;
    }
    const auto& steps = session_.procedure().steps;
    const auto index = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == step->id; }) - steps.begin();
    title_->setText(tr("%1 · %2").arg(index + 1).arg(text(step->heading)));
    moment_->setText(tr("frame at %1").arg(text(core::clock_text(now->at))));
    if (!caption_->hasFocus()) caption_->setText(text(now->caption));
    QStringList missing;
    for (const auto& point : core::open_points(session_.procedure()))
        if (point.station == core::Station::Plates && point.step == step->id) missing << text(point.text);
    missing_->setText(missing.isEmpty() ? tr("Everything the step names is called out.") : missing.join(QStringLiteral("\n\n")));
    load_still(*now);
}

void PlatesStation::load_still(const core::Plate& p) {
    const std::string key = p.recording.text() + "@" + p.at.text();
    if (const auto it = stills_.find(key); it != stills_.end()) {
        view_->show_plate(&p, it->second, {});
        return;
    }
    view_->show_plate(&p, {}, tr("Fetching the exact frame …"));
    const auto* r = session_.recording(p.recording);
    if (r == nullptr) return;
    using Still = core::Result<media::Picture>;
    auto* watcher = new QFutureWatcher<std::shared_ptr<Still>>(this);
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher, key] {
        const auto still = watcher->result();
        watcher->deleteLater();
        const auto* now = plate();
        if (!*still) {
            session_.tell(text((*still).error().message));
            return;
        }
        const auto& pic = **still;
        stills_[key] = QImage(pic.bgra.data(), pic.width, pic.height, pic.width * 4, QImage::Format_RGB32).copy();
        if (now != nullptr && now->recording.text() + "@" + now->at.text() == key) view_->show_plate(now, stills_[key], {});
    });
    watcher->setFuture(QtConcurrent::run([path = r->entry.path, at = p.at, turn = r->index.rotation, shape = r->index.pixel_aspect] {
        auto picture = media::exact_frame(path, at);
        if (picture) *picture = media::upright(std::move(*picture), turn, shape);
        return std::make_shared<Still>(std::move(picture));
    }));
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
    if (items_->currentItem() == nullptr) {
        session_.tell(tr("The guide has no items yet; add one with Ctrl+I."));
        return;
    }
    core::Plate next = *now;
    const core::ItemId item(items_->currentItem()->data(Qt::UserRole).toString().toStdString());
    next.callouts.push_back({item, target, core::label_place(target, now->callouts, view_->aspect())});
    if (put(std::move(next), "call an item out")) view_->select(plate()->callouts.size() - 1);
}

void PlatesStation::place_callout() { add_callout({5000, 5000}); }

void PlatesStation::remove_callout() {
    const auto* now = plate();
    if (now == nullptr || !view_->selected()) return;
    core::Plate next = *now;
    next.callouts.erase(next.callouts.begin() + static_cast<std::ptrdiff_t>(*view_->selected()));
    put(std::move(next), "remove a callout");
}

void PlatesStation::remove_plate() {
    const auto* step = step_of_plate();
    if (step == nullptr) return;
    core::Step s = *step;
    s.plates.erase(std::remove_if(s.plates.begin(), s.plates.end(), [&](const core::Plate& p) { return p.id == chosen_; }), s.plates.end());
    session_.perform(core::Change{"remove a plate", {core::Put<core::Step>{std::move(s), std::nullopt}}});
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
    put(std::move(next), "choose another frame");
}

void PlatesStation::set_caption() {
    const auto* now = plate();
    if (now == nullptr || now->caption == caption_->text().trimmed().toStdString()) return;
    core::Plate next = *now;
    next.caption = caption_->text().trimmed().toStdString();
    put(std::move(next), "write words under a plate");
}

void PlatesStation::new_item() {
    QDialog dialog(this);
    dialog.setWindowTitle(tr("New item"));
    auto* form = new QFormLayout(&dialog);
    auto* name = new QLineEdit(&dialog);
    auto* kind = new QComboBox(&dialog);
    for (int k = 0; k <= static_cast<int>(core::ItemKind::Protection); ++k) kind->addItem(text(std::string(core::name_of(static_cast<core::ItemKind>(k)))), k);
    auto* spec = new QLineEdit(&dialog);
    auto* number = new QLineEdit(&dialog);
    form->addRow(tr("&Name"), name);
    form->addRow(tr("&Kind"), kind);
    form->addRow(tr("&Size or grade"), spec);
    form->addRow(tr("&Part number"), number);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, &dialog);
    form->addRow(buttons);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() != QDialog::Accepted) return;
    const std::string words = name->text().trimmed().toStdString();
    const auto id = core::fresh_id<core::ItemId>(words, session_.procedure().items);
    if (!session_.perform(core::Change{"add an item", {core::Put<core::Item>{{id, static_cast<core::ItemKind>(kind->currentData().toInt()), words, spec->text().trimmed().toStdString(), number->text().trimmed().toStdString()}, std::nullopt}}})) return;
    items_->setCurrentRow(items_->count() - 1);
    view_->setFocus();
}

void PlatesStation::next_open() {
    const auto& steps = session_.procedure().steps;
    const auto* now = step_of_plate();
    const auto from = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return now != nullptr && s.id == now->id; }) - steps.begin();
    const auto points = core::open_points(session_.procedure());
    for (std::size_t k = 1; k <= steps.size(); ++k) {
        const auto& s = steps[(static_cast<std::size_t>(from) + k) % steps.size()];
        const bool open = std::any_of(points.begin(), points.end(), [&](const core::OpenPoint& x) { return x.station == core::Station::Plates && x.step == s.id; });
        if (!open) continue;
        if (s.plates.empty()) {
            session_.tell(tr("\"%1\" has no picture yet: on the Tape, stop at its clearest frame and press P.").arg(text(s.heading)));
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
