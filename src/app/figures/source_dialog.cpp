#include "app/figures/source_dialog.h"

#include <QDialogButtonBox>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QMimeData>
#include <QPushButton>
#include <QShortcut>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/theme.h"
#include "core/edits/change_label.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kSideWidth = 404;
constexpr int kSureEnough = 80;  // of 100; below it a reading is said to be hard to read
constexpr int kPlaceWords = 44;  // of the printed line, as the place in the source

/// The number typed in a field whose trouble() was looked at, as it is kept.
std::string number_in(const QLineEdit& field) {
    const auto number = core::Number::parse(field.text().trimmed().toStdString());
    return number ? number->text() : std::string();
}

/// The printed line up to the value: what a checker looks for on the page.
QString place_words(const core::PageValue& v) {
    QString line = text(v.line);
    const int at = static_cast<int>(line.indexOf(text(v.value.low)));
    if (at > 3) line = line.left(at);
    line = line.trimmed();
    return line.size() > kPlaceWords ? line.left(kPlaceWords).trimmed() + QStringLiteral("…") : line;
}

QString value_words(const core::PageValue& v) {
    return text(core::words_of(v.value)) +
        (v.tolerance.empty() ? QString() : QStringLiteral(" ± ") + text(core::Words::number(v.tolerance)));
}

}  // namespace

SourceDialog::SourceDialog(Session& session, PageReader& reader, const core::Figure& figure, QWidget* parent)
    : QDialog(parent), session_(session), reader_(reader), figure_(figure) {
    setWindowTitle(tr("Source of: %1").arg(text(core::title_of(session.procedure(), figure))));
    setAcceptDrops(true);
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    page_ = new PageView(this);
    page_->hide();
    across->addWidget(page_, 1);
    auto* side = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    side->setFixedWidth(kSideWidth);
    across->addWidget(side);
    build_form(side);
    const auto key = [this](const QKeySequence& sequence, auto&& action) {
        auto* shortcut = new QShortcut(sequence, this);
        connect(shortcut, &QShortcut::activated, this, action);
    };
    key(Qt::Key_PageDown, [this] { turn_page(1); });
    key(Qt::Key_PageUp, [this] { turn_page(-1); });
    connect(&reader_, &PageReader::page_shown, this, [this] {
        page_->show_page(reader_.image(), reader_.page());
        const QSignalBlocker quiet(number_);
        number_->setRange(1, reader_.pages());
        number_->setValue(reader_.page());
        of_pages_->setText(tr("of %1").arg(reader_.pages()));
        number_->setEnabled(reader_.pages() > 1);
        reading_->setText(tr("The page is being read …"));
    });
    connect(&reader_, &PageReader::page_read, this, [this] { offer(reader_.words(), false); });
    connect(&reader_, &PageReader::part_read, this, [this](const auto& words) { offer(words, true); });
    connect(&reader_, &PageReader::failed, this, [this](const QString& sentence) { trouble_->setText(sentence); });
    connect(&reader_, &PageReader::busy_changed, this, [this] { commands_->refresh(); });
    connect(page_, &PageView::dragged, this, [this](const core::PageSpot& part) {
        spot_ = part;
        page_->mark(part);
        crop_->setPixmap(page_->crop(part, {kSideWidth - 40, 70}));
        reading_->setText(tr("The marked place is being read …"));
        reader_.read_closely(part);
    });
    connect(page_, &PageView::offer_clicked, this, [this](std::size_t i) { readings_->setCurrentRow(static_cast<int>(i)); });
    source_changed();
}

void SourceDialog::build_form(QWidget* side) {
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(18, 14, 18, 14);
    down->setSpacing(8);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(7);
    source_ = new QComboBox(side);
    source_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    for (const auto& s : session_.procedure().sources)
        source_->addItem(text(s.title) + (s.edition.empty() ? QString() : QStringLiteral(", ") + text(s.edition)), text(s.id.text()));
    source_->addItem(tr("another source …"), QString());
    form->addRow(tr("&Source"), source_);
    down->addLayout(form);
    build_new_source(side);
    down->addWidget(fresh_);
    build_page(side, down);
    build_given(side, down);
    trouble_ = new QLabel(side);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    down->addWidget(trouble_);
    down->addStretch(0);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, side);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("It stands there"));
    buttons->button(QDialogButtonBox::Ok)->setDefault(true);
    down->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &SourceDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(source_, &QComboBox::currentIndexChanged, this, &SourceDialog::source_changed);
    connect(kind_, &QComboBox::currentIndexChanged, this, &SourceDialog::show_rows);
    connect(number_, &QSpinBox::valueChanged, this, [this] { turn_page(0); });
    connect(readings_, &QListWidget::currentRowChanged, this, &SourceDialog::take);
}

/// What is asked of a source that is new.
void SourceDialog::build_new_source(QWidget* side) {
    fresh_ = new QWidget(side);
    auto* of_new = new QFormLayout(fresh_);
    of_new->setContentsMargins(0, 0, 0, 0);
    of_new->setVerticalSpacing(7);
    kind_ = new QComboBox(fresh_);
    for (const auto kind : core::House{}.rank) kind_->addItem(text(core::words_of(kind)), static_cast<int>(kind));
    const auto field = [&](const QString& hint) {
        auto* edit = new QLineEdit(fresh_);
        edit->setPlaceholderText(hint);
        return edit;
    };
    title_ = field(tr("Perrick PT60 service book"));
    edition_ = field(tr("issue 4"));
    date_ = field(tr("2024, or 2024-05-01"));
    serials_ = field(tr("all; or as in from 4401"));
    instrument_ = field(tr("spring balance 0 to 50 N"));
    of_new->addRow(tr("&Kind"), kind_);
    of_new->addRow(tr("&Title"), title_);
    of_new->addRow(tr("&Edition"), edition_);
    of_new->addRow(tr("&Date of it"), date_);
    if (!session_.procedure().header.variants.empty()) {
        auto* boxes = new QHBoxLayout;
        for (const auto& v : session_.procedure().header.variants) {
            auto* box = new QCheckBox(text(v), fresh_);
            box->setChecked(true);
            boxes->addWidget(box);
            variants_.push_back(box);
        }
        boxes->addStretch(1);
        of_new->addRow(tr("Applies to"), boxes);
    }
    of_new->addRow(tr("Se&rials"), serials_);
    instrument_label_ = new QLabel(tr("&Instrument"), fresh_);
    instrument_label_->setBuddy(instrument_);
    of_new->addRow(instrument_label_, instrument_);
}

/// The page that shows it, and what is read there.
void SourceDialog::build_page(QWidget* side, QVBoxLayout* down) {
    auto* file = new QHBoxLayout;
    commands_ = new Commands(tr("Source"), this);
    const QString page = tr("Page");
    commands_->add({"source.open", tr("Page or picture"), Qt::CTRL | Qt::Key_O,
        tr("Chooses the file that shows it: a page of the book, a picture."), page, {}, [this] { browse(); }});
    commands_->add({"source.stop", tr("Stop reading"), Qt::CTRL | Qt::Key_Period, tr("Stops reading the page."), page, {},
        [this] {
            reader_.stop();
            reading_->setText(tr("Reading was stopped: mark the place with the mouse, or type what stands there."));
        },
        [this] { return unless(reader_.busy(), tr("No page is being read.")); }});
    number_ = new QSpinBox(side);
    number_->setAccessibleName(tr("Page"));
    number_->setPrefix(tr("page "));
    of_pages_ = quiet_label(QString(), side);
    file->addWidget(command_button(*commands_, QStringLiteral("source.open"), side));
    file->addWidget(number_);
    file->addWidget(of_pages_);
    file->addStretch(1);
    down->addLayout(file);
    auto* how = new QHBoxLayout;
    reading_ = quiet_label(QString(), side);
    reading_->setWordWrap(true);
    how->addWidget(reading_, 1);
    how->addWidget(command_button(*commands_, QStringLiteral("source.stop"), side));
    down->addLayout(how);
    readings_ = new QListWidget(side);
    readings_->setAccessibleName(tr("Read on the page"));
    readings_->setMinimumHeight(96);
    readings_->setMaximumHeight(150);
    readings_->setTextElideMode(Qt::ElideRight);
    readings_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    down->addWidget(readings_, 1);
    crop_ = new QLabel(side);
    crop_->setAccessibleName(tr("The place, enlarged"));
    crop_->setAlignment(Qt::AlignCenter);
    down->addWidget(crop_);
}

/// The value as the source gives it.
void SourceDialog::build_given(QWidget* side, QVBoxLayout* down) {
    auto* given = new QFormLayout;
    given->setVerticalSpacing(7);
    value_ = new QLineEdit(side);
    if (figure_.value.known()) value_->setText(text(core::as_typed(core::text_of(figure_.value))));
    value_->setPlaceholderText(tr("25 Nm, 8 to 10 mm, 75W90"));
    tolerance_ = new QLineEdit(text(core::as_typed(figure_.tolerance)), side);
    tolerance_->setPlaceholderText(tr("± in the same unit, if given"));
    slack_ = new QLineEdit(side);
    slack_->setPlaceholderText(tr("± in the same unit"));
    for (auto* edit : {value_, tolerance_, slack_}) ask_when_ambiguous(edit);
    place_ = new QLineEdit(side);
    place_->setPlaceholderText(tr("page 2, torque table"));
    given->addRow(tr("It &gives"), value_);
    given->addRow(tr("T&olerance"), tolerance_);
    slack_label_ = new QLabel(tr("Instrument &off by"), side);
    slack_label_->setBuddy(slack_);
    given->addRow(slack_label_, slack_);
    given->addRow(tr("&Place in it"), place_);
    down->addLayout(given);
}

core::SourceKind SourceDialog::kind() const {
    const auto* s = chosen();
    return s != nullptr ? s->kind : static_cast<core::SourceKind>(kind_->currentData().toInt());
}

void SourceDialog::show_rows() {
    fresh_->setVisible(chosen() == nullptr);
    const bool measured = kind() == core::SourceKind::Measurement;
    for (QWidget* w : {static_cast<QWidget*>(instrument_), static_cast<QWidget*>(instrument_label_), static_cast<QWidget*>(slack_),
             static_cast<QWidget*>(slack_label_)})
        w->setVisible(measured);
    const bool page = !page_->isHidden();
    for (QWidget* w : {static_cast<QWidget*>(number_), static_cast<QWidget*>(of_pages_), static_cast<QWidget*>(readings_),
             static_cast<QWidget*>(crop_), static_cast<QWidget*>(reading_)})
        w->setVisible(page);
}

void SourceDialog::source_changed() {
    file_.clear();
    const auto* s = chosen();
    const std::string path = s == nullptr || s->document.empty() ? std::string() : session_.library().document_path(s->document);
    offers_.clear();
    spot_.reset();
    readings_->clear();
    crop_->clear();
    trouble_->clear();
    page_->setVisible(!path.empty());
    show_rows();
    if (path.empty()) {
        reader_.stop();
        resize(kSideWidth, sizeHint().height());
        (s == nullptr ? title_ : value_)->setFocus();
        return;
    }
    resize(1120, 740);
    page_->set_words(tr("The page is opened …"));
    find_page(path);
}

/// The page a proof of the figure stands on already, or the one that names it.
void SourceDialog::find_page(const std::string& path) {
    const auto* s = chosen();
    const auto known = std::find_if(figure_.proofs.begin(), figure_.proofs.end(),
        [&](const core::Proof& p) { return s != nullptr && p.source == s->id && p.spot && file_.isEmpty(); });
    if (known != figure_.proofs.end())
        reader_.show_page(path, known->spot->page);
    else
        reader_.find_page(path, figure_.kind, core::title_of(session_.procedure(), figure_));
    readings_->setFocus();
}

void SourceDialog::choose_source(const core::SourceId& id) {
    if (const int at = source_->findData(text(id.text())); at >= 0) source_->setCurrentIndex(at);
}

void SourceDialog::choose_file(const QString& path) {
    file_ = path;
    trouble_->clear();
    page_->show();
    show_rows();
    resize(1120, 740);
    if (chosen() == nullptr && title_->text().isEmpty())
        title_->setText(
            QFileInfo(path).completeBaseName().replace(QLatin1Char('-'), QLatin1Char(' ')).replace(QLatin1Char('_'), QLatin1Char(' ')));
    page_->set_words(tr("The page is opened …"));
    find_page(path.toStdString());
}

void SourceDialog::browse() {
    QFileDialog dialog(this, tr("A page or a picture of it"), QString(),
        tr("Pages and pictures (*.pdf *.png *.jpg *.jpeg *.tif *.tiff *.bmp *.webp);;All files (*)"));
    dialog.setFileMode(QFileDialog::ExistingFile);
    dialog.setOption(QFileDialog::DontUseNativeDialog);
    if (dialog.exec() == QDialog::Accepted) choose_file(dialog.selectedFiles().front());
}

void SourceDialog::turn_page(int by) {
    if (page_->isHidden() || reader_.pages() == 0) return;
    const int wanted = std::clamp(number_->value() + by, 1, reader_.pages());
    if (by != 0 && wanted == number_->value()) return;
    const auto* s = chosen();
    const std::string path = !file_.isEmpty() ? file_.toStdString()
        : s == nullptr                        ? std::string()
                                              : session_.library().document_path(s->document);
    reader_.show_page(path, wanted);
}

void SourceDialog::offer(const std::vector<core::PageWord>& words, bool from_part) {
    offers_ = core::values_on(words, figure_.kind, core::title_of(session_.procedure(), figure_));
    const QSignalBlocker quiet(readings_);
    readings_->clear();
    std::vector<core::PageSpot> spots;
    for (const auto& v : offers_) {
        auto* row = new QListWidgetItem(QStringLiteral("%1   %2").arg(value_words(v), place_words(v)), readings_);
        row->setToolTip(text(v.line));
        spots.push_back(v.spot);
    }
    if (!from_part) page_->offer(std::move(spots));
    readings_->setVisible(!offers_.empty());
    const QString kind = text(core::words_of(figure_.kind));
    page_->set_words(
        from_part ? QString() : tr("Drag over a place to read it closely. + and − bring the page nearer, Page Up and Down turn it."));
    if (offers_.empty())
        reading_->setText(from_part ? tr("No %1 could be read there: type what the marked place says.").arg(kind)
                                    : tr("No %1 was read on this page: turn the page, or mark the place with the mouse.").arg(kind));
    else
        reading_->setText(tr("Read by a machine. Compare it with the page before you confirm."));
    // only what goes with the figure is chosen without being asked
    if (!offers_.empty() && (from_part || offers_.front().nearness > 0.3)) {
        const auto row = figure_.variants.size() == 1
            ? static_cast<int>(core::value_for_variant(offers_, session_.procedure().header.variants, figure_.variants.front()))
            : 0;
        readings_->setCurrentRow(row);
        take(row);
    }
}

void SourceDialog::take(int i) {
    if (i < 0 || static_cast<std::size_t>(i) >= offers_.size()) return;
    const auto& v = offers_[static_cast<std::size_t>(i)];
    spot_ = v.spot;
    page_->mark(v.spot);
    crop_->setPixmap(page_->crop(v.spot, {kSideWidth - 40, 70}));
    value_->setText(text(core::as_typed(core::text_of(v.value))));
    tolerance_->setText(text(core::as_typed(v.tolerance)));
    const QString line = place_words(v);
    place_->setText(reader_.pages() > 1 ? tr("page %1, “%2”").arg(v.spot.page).arg(line) : tr("“%1”").arg(line));
    reading_->setText(v.mended || v.sureness < kSureEnough ? tr("A character was hard to read: compare it closely with the page.")
                                                           : tr("Read by a machine. Compare it with the page before you confirm."));
}

QString SourceDialog::trouble() {
    const auto value = core::parse_figure_value(value_->text().toStdString(), figure_.kind);
    if (!value) return text(value.error().message);
    if (!value->known()) return tr("Write what the source gives; a source that gives nothing proves nothing.");
    for (const auto* edit : {tolerance_, slack_})
        if (const auto number = core::Number::parse(edit->text().trimmed().toStdString());
            !edit->isHidden() && !edit->text().trimmed().isEmpty() && !number)
            return number.error().code == core::ErrorCode::Ambiguous
                ? text(number.error().message)
                : tr("“%1” is no number; write how far it may be off as in 2.5.").arg(edit->text().trimmed());
    if (chosen() == nullptr && title_->text().trimmed().isEmpty()) return tr("Give the source a title, so that a checker can find it.");
    if (chosen() == nullptr && !variants_.empty() &&
        std::none_of(variants_.begin(), variants_.end(), [](const QCheckBox* b) { return b->isChecked(); }))
        return tr("Say which variant it applies to; a source that applies to none proves nothing.");
    if (kind() == core::SourceKind::Measurement && chosen() == nullptr && instrument_->text().trimmed().isEmpty())
        return tr("Say what it was measured with; a measurement is as good as its instrument.");
    if (place_->text().trimmed().isEmpty()) return tr("Say where in the source it stands, so that a checker can find it.");
    return {};
}

core::Source SourceDialog::source_as_typed() const {
    if (const auto* s = chosen()) return *s;
    const auto words = [](const QLineEdit* edit) { return edit->text().trimmed().toStdString(); };
    core::Source s;
    s.id = core::fresh_id<core::SourceId>(words(title_), session_.procedure().sources);
    s.kind = kind();
    s.title = words(title_);
    s.edition = words(edition_);
    s.date = words(date_);
    s.serials = words(serials_);
    if (s.kind == core::SourceKind::Measurement) s.instrument = words(instrument_);
    std::size_t checked = 0;
    for (const auto* box : variants_) checked += box->isChecked() ? 1 : 0;
    if (checked < variants_.size())
        for (const auto* box : variants_)
            if (box->isChecked()) s.variants.push_back(box->text().toStdString());
    return s;
}

void SourceDialog::accept() {
    if (const QString wrong = trouble(); !wrong.isEmpty()) {
        trouble_->setText(wrong);
        return;
    }
    core::Source source = source_as_typed();
    if (!file_.isEmpty()) {
        const auto kept = session_.library().keep_document(file_.toStdString());
        if (!kept) {
            trouble_->setText(text(kept.error().message));
            return;
        }
        source.document = *kept;
    }
    change_ = {core::change_label("add a source"), {}};
    const auto* known = chosen();
    if (known == nullptr || *known != source) change_.edits.emplace_back(core::Put<core::Source>{source, std::nullopt});
    core::Figure f = figure_;
    const auto value = core::parse_figure_value(value_->text().toStdString(), f.kind);
    if (!value) return;  // trouble() has said so
    const bool first = f.proofs.empty();
    core::Proof proof{source.id, place_->text().trimmed().toStdString(), *value};
    proof.spot = page_->isHidden() ? std::nullopt : spot_;
    if (!slack_->isHidden()) proof.slack = number_in(*slack_);
    f.proofs.push_back(std::move(proof));
    // A figure that rests on speech alone takes the value of its first source; what was said stays beside it and is
    // compared. A later source is compared only. A tolerance counts in the unit of the value and in no other.
    if (first) f.value = *value;
    if (value->unit == f.value.unit && !tolerance_->text().trimmed().isEmpty()) f.tolerance = number_in(*tolerance_);
    change_.edits.emplace_back(core::Put<core::Figure>{std::move(f), std::nullopt});
    QDialog::accept();
}

void SourceDialog::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void SourceDialog::dropEvent(QDropEvent* event) {
    for (const auto& url : event->mimeData()->urls())
        if (url.isLocalFile()) {
            choose_file(url.toLocalFile());
            return;
        }
}

}  // namespace anagraph::app
