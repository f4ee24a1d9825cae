#include "app/shelf/shelf_station.h"

#include <QApplication>
#include <QDialog>
#include <QDialogButtonBox>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QMimeData>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QUrl>
#include <QVBoxLayout>
#include <cmath>

#include "app/hearing/hearing.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/edits/change_label.h"
#include "publish/cover.h"
#include "publish/pack_source.h"
#include "shop/intake.h"
#include "shop/relink.h"
#include "store/objects/object_cache.h"

namespace anagraph::app {

using theme::colour;
using theme::text;

namespace {

/// A guide or recording as a card: its picture, two lines of words, and its state.
class CardDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {200, 98}; }
    void paint(QPainter* p, const QStyleOptionViewItem& o, const QModelIndex& index) const override {
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        p->setRenderHint(QPainter::SmoothPixmapTransform);
        const bool chosen = (o.state & QStyle::State_Selected) != 0;
        const QRectF r = o.rect;
        p->fillRect(r, chosen ? colour("wash") : colour("sheet"));
        if (chosen) p->fillRect(QRectF(r.left(), r.top(), 4, r.height()), colour("accent"));
        p->fillRect(QRectF(r.left(), r.bottom() - 1, r.width(), 1), colour("rule"));
        const QRectF picture(r.left() + 14, r.top() + 11, 135, 76);
        const auto pixmap = index.data(kPicture).value<QPixmap>();
        if (pixmap.isNull()) {
            p->setPen(QPen(colour("strong"), 1.4, Qt::DashLine));
            p->drawRoundedRect(picture, 2, 2);
        } else {
            // upright pictures keep their shape
            const QSizeF size = QSizeF(pixmap.size()).scaled(picture.size(), Qt::KeepAspectRatio);
            p->fillRect(picture, colour("rule"));
            p->drawPixmap(QRectF(picture.center().x() - size.width() / 2, picture.top() + (picture.height() - size.height()) / 2,
                              size.width(), size.height()),
                pixmap, QRectF(pixmap.rect()));
        }
        const double x = picture.right() + 16;
        const double w = r.right() - x - 10;
        const auto line = [&](const QString& words, double y, const char* size, bool bold, const char* ink) {
            p->setFont(theme::font(size, bold));
            p->setPen(colour(ink));
            p->drawText(QRectF(x, y, w, 24), Qt::AlignVCenter, QFontMetricsF(p->font()).elidedText(words, Qt::ElideRight, w));
        };
        line(index.data(Qt::DisplayRole).toString(), r.top() + 12, "title", true, "ink");
        line(index.data(kSecond).toString(), r.top() + 38, "text", false, "ink");
        line(index.data(kThird).toString(), r.top() + 61, "text", false, "second");
        p->restore();
    }
};

QListView* card_list(const QString& name, QAbstractListModel* rows, QWidget* parent) {
    auto* list = new QListView(parent);
    list->setItemDelegate(new CardDelegate(list));
    list->setAccessibleName(name);
    list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    list->setEditTriggers(QAbstractItemView::NoEditTriggers);
    list->setUniformItemSizes(true);
    list->setModel(rows);
    return list;
}

}  // namespace

ShelfStation::ShelfStation(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), covers_([&session] { return session.library().folder(); }) {
    guide_rows_ = new GuideRows(covers_, this);
    recording_rows_ = new RecordingRows(covers_, this);
    recording_rows_->has_original = [this](const store::RecordingEntry& r) { return session_.library().has_original(r); };
    covers_.missing = [this](const core::RecordingId& id) {
        QMetaObject::invokeMethod(
            this, [this, id] { look_at(id); }, Qt::QueuedConnection);
    };
    setObjectName(QStringLiteral("station"));
    setAcceptDrops(true);
    setFocusPolicy(Qt::StrongFocus);
    build_commands();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 18, 20, 10);
    down->setSpacing(10);
    lists_ = new QWidget(this);
    auto* across = new QHBoxLayout(lists_);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(20);
    down->addWidget(lists_, 1);
    welcome_ = new QLabel(this);
    welcome_->setObjectName(QStringLiteral("welcome"));
    welcome_->setStyleSheet(QStringLiteral("#welcome { border: 2px dashed %1; border-radius: 6px; background: %2; }")
                                .arg(colour("strong").name(), colour("sheet").name()));
    welcome_->setAlignment(Qt::AlignCenter);
    welcome_->setWordWrap(true);
    welcome_->setTextFormat(Qt::RichText);
    welcome_->setText(tr(
        "<p style='font-size:22pt'><b>Drop a film of a job here</b></p>"
        "<p style='color:%1'>From a phone or a camera: mp4, mov, mkv, webm, avi, mts. A narration of the same name (.vtt, .srt or .txt) "
        "comes with it.</p>"
        "<p>&nbsp;</p>"
        "<table cellspacing='10' align='center'>"
        "<tr><td><b>1</b></td><td>The film is copied into the library, and what is said on it is read. Without a narration the program "
        "listens to it.</td></tr>"
        "<tr><td><b>2</b></td><td>You name the machine and the job, and the guide begins.</td></tr>"
        "<tr><td><b>3</b></td><td>Its steps are drafted from what was said; you put them right, prove the figures and issue it.</td></tr>"
        "</table>")
                          .arg(colour("second").name()));
    down->addWidget(welcome_, 1);
    welcome_->hide();

    auto* left = new QVBoxLayout;
    left->addWidget(title_label(tr("Guides, by machine"), this));
    guides_ = card_list(tr("Guides"), guide_rows_, this);
    left->addWidget(guides_, 1);
    across->addLayout(left, 1);

    auto* right = new QVBoxLayout;
    right->addWidget(title_label(tr("Recordings"), this));
    recordings_ = card_list(tr("Recordings"), recording_rows_, this);
    right->addWidget(recordings_, 1);
    empty_ = quiet_label(
        tr("Nothing here yet. Drop a film here, or import one; its narration (.vtt, .srt or .txt of the same name) comes with it. A film "
           "without one is listened to."),
        this);
    right->addWidget(empty_);
    bar_ = new WorkBar(
        work_, tr("Import progress"), new CommandButton(*commands_, *commands_->find(QStringLiteral("shelf.cancel")), this), this);
    connect(&work_, &Work::busy_changed, this, [this] { commands_->refresh(); });
    across->addLayout(right, 1);
    down->addWidget(bar_);
    down->addWidget(new WorkBar(session_.hearing().work(), tr("Hearing progress"),
        new CommandButton(*commands_, *commands_->find(QStringLiteral("shelf.stop-hearing")), this), this));
    connect(&session_.hearing().work(), &Work::busy_changed, commands_, &Commands::refresh);
    down->addWidget(new CommandRow(*commands_, this));

    connect(guides_, &QListView::doubleClicked, this, &ShelfStation::open_chosen);
    connect(guides_->selectionModel(), &QItemSelectionModel::currentChanged, commands_, &Commands::refresh);
    connect(recordings_->selectionModel(), &QItemSelectionModel::currentChanged, this, &ShelfStation::show_use);
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        if (now != nullptr && isAncestorOf(now)) commands_->refresh();
    });
    connect(&session_, &Session::library_changed, this, &ShelfStation::refresh);
    connect(&session_, &Session::guide_opened, this, &ShelfStation::refresh);
    connect(&session_, &Session::heard, this, &ShelfStation::refresh);
}

void ShelfStation::showEvent(QShowEvent*) {
    refresh();
    setFocus();
}

store::GuideId ShelfStation::chosen_guide() const { return store::GuideId(guides_->currentIndex().data(kId).toString().toStdString()); }
core::RecordingId ShelfStation::chosen_recording() const {
    return core::RecordingId(recordings_->currentIndex().data(kId).toString().toStdString());
}

void ShelfStation::refresh() {
    if (!isVisible()) return;  // it is read anew when it is shown
    auto guides = session_.library().guides();
    auto recordings = session_.library().recordings();
    if (!guides || !recordings) {
        session_.tell(text((guides ? recordings.error() : guides.error()).message));
        return;
    }
    // what is chosen stays chosen
    const auto guide = chosen_guide();
    const auto recording = chosen_recording();
    std::set<core::RecordingId> used;
    for (const auto& use : session_.procedure().recordings) used.insert(use.id);
    empty_->setVisible(recordings->empty());
    const bool nothing = recordings->empty() && guides->empty();
    const bool had_keys = has_keys(this) || has_keys(guides_);
    welcome_->setVisible(nothing);
    lists_->setVisible(!nothing);
    setFocusProxy(nothing ? nullptr : guides_);
    if (had_keys) setFocus();
    recording_rows_->set(std::move(*recordings), std::move(used));
    guide_rows_->set(std::move(*guides), session_.guide());
    const auto choose = [](QListView* list, const QModelIndex& at) {
        list->setCurrentIndex(at.isValid() ? at : list->model()->index(0, 0));
    };
    choose(guides_, guide_rows_->index_of(session_.has_guide() ? session_.guide() : guide));
    choose(recordings_, recording_rows_->index_of(recording));
    show_use();
}

void ShelfStation::look_at(const core::RecordingId& id) {
    if (!looked_at_.insert(id).second) return;
    Work::once(
        this,
        [folder = session_.library().recording_folder(id)]() -> core::Result<core::FrameTime> {
            for (const char* file : {media::kIndexFile, publish::kCoverFile})
                if (auto here = store::make_here(folder + "/" + file); !here && here.error().code != core::ErrorCode::NotFound)
                    return tl::make_unexpected(here.error());
            const auto index = media::load_index(folder);
            if (!index) return tl::make_unexpected(index.error());
            if (!store::is_there(folder + "/" + publish::kCoverFile))
                if (auto made = publish::write_cover(folder, *index); !made) return tl::make_unexpected(made.error());
            return core::FrameTime::from_milliseconds(std::llround((index->end.seconds() - index->start().seconds()) * 1000));
        },
        [this, id](const core::Result<core::FrameTime>& length) {
            if (!length) return;  // the Tape says what is wrong with it
            if (const auto known = session_.library().recording(id); known && !known->length)
                if (auto kept = session_.library().set_length(id, *length); !kept) session_.tell(text(kept.error().message));
            recording_rows_->tell_length(id, *length);
            guides_->viewport()->update();
        });
}

void ShelfStation::show_use() {
    const auto* chosen = recording_rows_->at(recordings_->currentIndex());
    session_.set_chosen_recording(chosen == nullptr ? core::RecordingId() : chosen->id);
    commands_->refresh();
}

void ShelfStation::cancel() {
    queue_.clear();
    work_.cancel();
}

void ShelfStation::open_chosen() {
    if (session_.open_guide(chosen_guide())) emit guide_chosen();
}

void ShelfStation::new_guide() {
    QDialog dialog(this);
    dialog.setWindowTitle(tr("New guide"));
    auto* form = new QFormLayout(&dialog);
    auto* machine = new QLineEdit(&dialog);
    auto* title = new QLineEdit(&dialog);
    auto* number = new QLineEdit(&dialog);
    machine->setPlaceholderText(tr("Perrick PT60"));
    title->setPlaceholderText(tr("100 h service"));
    number->setPlaceholderText(tr("the workshop's number, as in KQ-PT60-100"));
    form->addRow(tr("&Machine"), machine);
    form->addRow(tr("&Job"), title);
    form->addRow(tr("&Number"), number);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, &dialog);
    form->addRow(buttons);
    auto* ok = buttons->button(QDialogButtonBox::Ok);
    ok->setText(tr("&Begin"));
    const auto complete = [=] { ok->setEnabled(!machine->text().trimmed().isEmpty() && !title->text().trimmed().isEmpty()); };
    connect(machine, &QLineEdit::textChanged, &dialog, complete);
    connect(title, &QLineEdit::textChanged, &dialog, complete);
    complete();
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() != QDialog::Accepted) return;
    core::Header header;
    header.machine = machine->text().trimmed().toStdString();
    header.title = title->text().trimmed().toStdString();
    header.number = number->text().trimmed().toStdString();
    const auto recording = chosen_recording();
    if (!session_.new_guide(header)) return;
    use(recording);
    emit guide_chosen();
}

void ShelfStation::use_recording() { use(chosen_recording()); }

void ShelfStation::use(const core::RecordingId& id) {
    const auto* chosen = recording_rows_->at(recording_rows_->index_of(id));
    if (chosen == nullptr || !session_.has_guide() || session_.procedure().find(id) != nullptr) return;
    const QString title = QFileInfo(text(chosen->name)).completeBaseName();
    session_.perform(
        core::Change{core::change_label("use a recording"), {core::Put<core::RecordingUse>{{id, title.toStdString(), {}}, std::nullopt}}});
    emit session_.library_changed();
}

void ShelfStation::choose_files(shop::Original original) {
    bring_in(QFileDialog::getOpenFileNames(this, tr("Import recordings"), QString(),
                 tr("Recordings (*.mp4 *.mov *.m4v *.mkv *.webm *.avi *.ts *.mts);;All files (*)")),
        original);
}

void ShelfStation::dragEnterEvent(QDragEnterEvent* event) {
    // a pack is verified, by the window
    const auto urls = event->mimeData()->urls();
    const bool pack =
        std::any_of(urls.begin(), urls.end(), [](const QUrl& url) { return publish::is_pack(url.toLocalFile().toStdString()); });
    if (event->mimeData()->hasUrls() && !pack) event->acceptProposedAction();
    if (pack) event->ignore();
}

void ShelfStation::dropEvent(QDropEvent* event) {
    QStringList files;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) files << url.toLocalFile();
    event->acceptProposedAction();
    bring_in(files);
}

void ShelfStation::bring_in(const QStringList& files, shop::Original original) {
    for (const auto& f : files) queue_.emplace_back(f, original);
    if (!importing()) next_import();
}

void ShelfStation::next_import() {
    if (queue_.empty()) return;
    const auto [file, original] = queue_.front();
    queue_.pop_front();
    // A narration dropped together with its film is found beside it; alone it is told what to do.
    if (QStringList{QStringLiteral("vtt"), QStringLiteral("srt"), QStringLiteral("txt"), QStringLiteral("md")}.contains(
            QFileInfo(file).suffix().toLower())) {
        if (queue_.empty() && !importing())
            session_.tell(tr("%1 is a narration: import the film beside it (same name), and it is imported with it.")
                              .arg(QFileInfo(file).fileName()));
        next_import();
        return;
    }
    bar_->set_words(tr("Looking through %1").arg(QFileInfo(file).fileName()));
    work_.run(
        [folder = session_.library().place(), path = file.toStdString(), kept = original](const GoOn& go_on) {
            auto prepared = shop::prepare_recording(folder, path, {}, go_on, kept);
            if (prepared)
                if (auto entered = shop::enter_recording_beside(folder, *prepared); !entered)
                    prepared = tl::make_unexpected(entered.error());
            return prepared;
        },
        [this](const core::Result<shop::PreparedRecording>& prepared) {
            if (prepared) {
                session_.reload_recording(prepared->entry.id);
                covers_.forget(prepared->entry.id);
                emit session_.library_changed();
                for (const auto& remark : prepared->remarks) session_.tell(text(remark));
                session_.hearing().hear(prepared->entry.id);  // where it came without a narration
            } else {
                session_.tell(text(prepared.error().message));
            }
            next_import();
        });
}

void ShelfStation::choose_folder_to_look_in() {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Choose a folder to look for the recording in"));
    if (!folder.isEmpty()) find_original_in(folder);
}

void ShelfStation::find_original_in(const QString& folder) {
    const auto* chosen = recording_rows_->at(recordings_->currentIndex());
    if (chosen == nullptr || importing()) return;
    const core::RecordingId id = chosen->id;
    const auto* r = session_.recording(id);
    if (r == nullptr) return;
    bar_->set_words(tr("Looking for %1").arg(text(chosen->name)));
    work_.run([id, bytes = r->index.bytes, where = folder.toStdString()](
                  const GoOn& go_on) { return shop::find_original(id, bytes, where, go_on); },
        [this, id](const core::Result<std::string>& found) {
            if (!found) {
                session_.tell(text(found.error().message));
            } else if (auto moved = session_.library().move_recording(id, *found); !moved) {
                session_.tell(text(moved.error().message));
            } else {
                session_.reload_recording(id);
                emit session_.library_changed();
                session_.tell(tr("Found: the original is %1.").arg(text(*found)));
            }
            next_import();
        });
}

}  // namespace anagraph::app
