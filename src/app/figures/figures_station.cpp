#include "app/figures/figures_station.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/figure/evidence.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kStripHeight = 36;

/// The printed line of a spot at a readable size, the spot washed over: from where the line begins, and where that is too far
/// away, its beginning and its end.
QPixmap printed_line(const QImage& page, const core::PageSpot& spot, int width, double ratio) {
    constexpr double kWhole = 10000;
    constexpr double kText = 13;     // pixels of a letter's height
    constexpr double kMargin = 0.1;  // of the page, where a line begins
    const auto x = [&](double share) { return share / kWhole * page.width(); };
    const auto y = [&](double share) { return share / kWhole * page.height(); };
    const double scale = std::clamp(kText / std::max(1.0, y(spot.bottom - spot.top)), 0.1, 2.0);
    const double high = kStripHeight / scale;
    const double top = y((spot.top + spot.bottom) / 2.0) - high / 2;
    QPixmap out(QSize(width, kStripHeight) * ratio);
    out.setDevicePixelRatio(ratio);
    out.fill(theme::colour_on_picture("white"));
    QPainter p(&out);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    QColor wash = theme::colour("accent");
    wash.setAlphaF(0.16F);
    const auto piece = [&](double from, double at, double wide) {
        p.drawImage(QRectF(at, 0, wide, kStripHeight), page, QRectF(from, top, wide / scale, high));
        const QRectF box = QRectF(at + (x(spot.left) - from) * scale - 3, 9, x(spot.right - spot.left) * scale + 6, kStripHeight - 18) &
            QRectF(at, 0, wide, kStripHeight);
        if (!box.isEmpty()) p.fillRect(box, wash);
    };
    const double begin = std::min(page.width() * kMargin, x(spot.left)) - 6 / scale;
    const double end = x(spot.right) + 10 / scale;
    if ((end - begin) * scale <= width) {
        piece(begin, 0, width);
    } else {
        const double last = std::min((x(spot.right - spot.left)) * scale + 40, width * 0.6);
        piece(begin, 0, width - last - 12);
        piece(end - last / scale, width - last, last);
    }
    p.setPen(theme::colour("rule"));
    p.drawRect(QRectF(0, 0, width - 1, kStripHeight - 1));
    return out;
}

}  // namespace

FiguresStation::FiguresStation(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("station"));
    setFocusPolicy(Qt::StrongFocus);
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    pages_ = new PageReader(this);
    strip_pages_ = new PageReader(this);
    connect(strip_pages_, &PageReader::page_shown, this, [this] {
        if (strip_spot_ && strip_spot_->page == strip_pages_->page())
            strip_->setPixmap(printed_line(strip_pages_->image(), *strip_spot_, strip_->width(), devicePixelRatioF()));
    });
    build_commands();
    auto* left = new QVBoxLayout;
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(0);
    left->addWidget(build_filter());
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    list_ = new FigureList(session_, scroll_);
    scroll_->setWidget(list_);
    left->addWidget(scroll_, 1);
    across->addLayout(left, 1);
    auto* side = new QFrame(this);
    side->setObjectName(QStringLiteral("panel"));
    side->setFixedWidth(428);
    build_evidence(side);
    across->addWidget(side);
    connect(list_, &FigureList::chosen_changed, this, [this] {
        claim_ = 0;
        refresh();
    });
    connect(list_, &FigureList::claim_clicked, this, &FiguresStation::hear);
    connect(list_, &FigureList::proof_clicked, this, &FiguresStation::see_page);
    // the drag has to end before a question is asked
    connect(list_, &FigureList::source_dropped, this,
        [this](const core::SourceId& id) { QTimer::singleShot(0, this, [this, id] { add_source(id); }); });
    connect(list_, &FigureList::file_dropped, this,
        [this](const QString& path) { QTimer::singleShot(0, this, [this, path] { add_source({}, path); }); });
    connect(&session_, &Session::changed, this, &FiguresStation::follow_guide);
    connect(&session_, &Session::guide_opened, this, &FiguresStation::show_all);
    follow_guide();
}

QWidget* FiguresStation::build_filter() {
    auto* bar = new QFrame(this);
    bar->setObjectName(QStringLiteral("panel"));
    auto* down = new QVBoxLayout(bar);
    down->setContentsMargins(20, 10, 16, 8);
    down->setSpacing(6);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    by_standing_ = new QComboBox(bar);
    by_standing_->setAccessibleName(tr("Show by standing"));
    by_standing_->addItem(tr("any standing"), -1);
    for (const auto s : {core::Standing::Open, core::Standing::Disputed, core::Standing::Proved})
        by_standing_->addItem(tr("only %1").arg(text(core::words_of(s))), static_cast<int>(s));
    by_step_ = new QComboBox(bar);
    by_step_->setAccessibleName(tr("Show by step"));
    by_item_ = new QComboBox(bar);
    by_item_->setAccessibleName(tr("Show by item"));
    for (auto* box : {by_standing_, by_step_, by_item_}) {
        box->setFocusPolicy(Qt::TabFocus);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        row->addWidget(box, 1);
        connect(box, &QComboBox::currentIndexChanged, this, &FiguresStation::filter);
    }
    counted_ = quiet_label(QString(), bar);
    row->addWidget(counted_);
    down->addLayout(row);
    chips_ = new SourceChips(session_, bar);
    down->addWidget(chips_);
    return bar;
}

/// The steps and items to choose from are those of the guide.
void FiguresStation::follow_guide() {
    const auto fill = [](QComboBox* box, const QString& all, const std::vector<std::pair<QString, QString>>& entries) {
        const QSignalBlocker quiet(box);
        const QString now = box->currentData().toString();
        box->clear();
        box->addItem(all, QString());
        for (const auto& [words, id] : entries) box->addItem(words, id);
        box->setCurrentIndex(std::max(0, box->findData(now)));
    };
    const auto& p = session_.procedure();
    std::vector<std::pair<QString, QString>> steps;
    for (std::size_t i = 0; i < p.steps.size(); ++i)
        steps.emplace_back(QStringLiteral("%1 %2").arg(i + 1).arg(text(p.steps[i].heading)), text(p.steps[i].id.text()));
    std::vector<std::pair<QString, QString>> items;
    for (const auto& i : p.items)
        if (std::any_of(p.figures.begin(), p.figures.end(), [&](const core::Figure& f) { return f.item == i.id; }))
            items.emplace_back(text(i.name), text(i.id.text()));
    fill(by_step_, tr("any step"), steps);
    fill(by_item_, tr("any item"), items);
    constexpr int kArrow = 34;
    for (auto* box : {by_standing_, by_step_, by_item_})
        box->setMinimumWidth(box->fontMetrics().horizontalAdvance(box->itemText(0)) + kArrow);
    chips_->refresh();
    refresh();
}

void FiguresStation::filter() {
    FigureFilter f;
    if (const int s = by_standing_->currentData().toInt(); s >= 0) f.standing = static_cast<core::Standing>(s);
    f.step = core::StepId(by_step_->currentData().toString().toStdString());
    f.item = core::ItemId(by_item_->currentData().toString().toStdString());
    list_->filter(f);
    scroll_->verticalScrollBar()->setValue(0);
    refresh();
}

void FiguresStation::show_all() {
    for (auto* box : {by_standing_, by_step_, by_item_}) box->setCurrentIndex(0);
    follow_guide();
}

void FiguresStation::build_evidence(QWidget* side) {
    auto* down = new QVBoxLayout(side);
    down->setContentsMargins(18, 14, 18, 14);
    down->setSpacing(8);
    title_ = title_label(QString(), side);
    title_->setWordWrap(true);
    why_ = quiet_label(QString(), side);
    film_ = new FilmView(side);
    // it gives way where the window is low
    film_->setMinimumHeight(180);
    film_->setMaximumHeight(220);
    film_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    words_ = new QLabel(side);
    words_->setWordWrap(true);
    down->addWidget(title_);
    down->addWidget(why_);
    down->addWidget(film_, 100);  // before the room below everything
    down->addWidget(new CommandRow(*commands_, side));
    down->addWidget(words_);
    auto* form = new QHBoxLayout;
    value_ = new QLineEdit(side);
    value_->setAccessibleName(tr("Value"));
    value_->setPlaceholderText(tr("value and unit"));
    tolerance_ = new QLineEdit(side);
    tolerance_->setAccessibleName(tr("Tolerance"));
    tolerance_->setPlaceholderText(tr("± tolerance"));
    tolerance_->setFixedWidth(110);
    form->addWidget(quiet_label(tr("Value"), side));
    form->addWidget(value_, 1);
    form->addWidget(tolerance_);
    down->addLayout(form);
    proofs_ = new QLabel(side);
    proofs_->setWordWrap(true);
    proofs_->setTextFormat(Qt::RichText);
    down->addWidget(proofs_);
    strip_ = new QLabel(side);
    strip_->setAccessibleName(tr("The printed line of its source"));
    strip_->setFixedHeight(kStripHeight);
    down->addWidget(strip_);
    uses_ = quiet_label(QString(), side);
    down->addWidget(uses_);
    down->addStretch(1);
    for (auto* edit : {value_, tolerance_}) ask_when_ambiguous(edit);
    connect(value_, &QLineEdit::editingFinished, this, &FiguresStation::set_value);
    connect(tolerance_, &QLineEdit::editingFinished, this, &FiguresStation::set_value);
    for (auto* edit : {value_, tolerance_}) connect(edit, &QLineEdit::returnPressed, this, [this] { setFocus(); });
}

void FiguresStation::showEvent(QShowEvent*) {
    refresh();
    setFocus();
}

void FiguresStation::choose(core::FigureId id) {
    const auto place = [&] { return std::find(list_->shown().begin(), list_->shown().end(), id); };
    if (place() == list_->shown().end() && session_.procedure().find(id) != nullptr) show_all();
    list_->choose(id);
    const QRect row = list_->row_of(id);
    scroll_->ensureVisible(0, row.center().y(), 0, row.height());
}

void FiguresStation::move_choice(int by) {
    const auto& shown = list_->shown();
    if (shown.empty()) return;
    const auto it = std::find(shown.begin(), shown.end(), list_->chosen());
    // one that an edit took out of the filter is left for the first that is in it
    const auto next =
        it == shown.end() ? 0 : std::clamp<std::ptrdiff_t>(it - shown.begin() + by, 0, static_cast<std::ptrdiff_t>(shown.size()) - 1);
    choose(shown[static_cast<std::size_t>(next)]);
}

void FiguresStation::next_open() {
    const auto& figures = session_.procedure().figures;
    const auto now =
        std::find_if(figures.begin(), figures.end(), [&](const core::Figure& f) { return f.id == list_->chosen(); }) - figures.begin();
    for (std::size_t k = 1; k <= figures.size(); ++k) {
        const auto& f = figures[(static_cast<std::size_t>(now) + k) % figures.size()];
        if (core::standing_of(session_.procedure(), f) != core::Standing::Proved) {
            choose(f.id);
            return;
        }
    }
    session_.tell(tr("Every figure is proved."));
}

void FiguresStation::refresh() {
    list_->refresh();
    const auto* f = figure();
    for (QWidget* w : std::initializer_list<QWidget*>{value_, tolerance_}) w->setEnabled(f != nullptr);
    counted_->setText(list_->shown().size() == session_.procedure().figures.size()
            ? tr("%n figures", "1 figure", static_cast<int>(list_->shown().size()))
            : tr("%1 of %2").arg(list_->shown().size()).arg(session_.procedure().figures.size()));
    if (f == nullptr) {
        title_->setText(tr("No figure yet"));
        why_->clear();
        words_->clear();
        proofs_->clear();
        strip_->hide();
        uses_->clear();
        commands_->refresh();
        return;
    }
    title_->setText(text(core::title_of(session_.procedure(), *f)));
    QString why = text(core::argue_standing(session_.procedure(), *f));
    if (const auto no = core::contradiction(*f); no && core::standing_of(session_.procedure(), *f) != core::Standing::Proved)
        why += QLatin1Char(' ') + text(*no);
    for (const auto* s : core::outdated_sources(session_.procedure(), *f))
        why += tr(" %1 has a newer edition here: look it up again.").arg(text(s->title));
    why_->setText(why);
    show_text(value_, f->value.known() ? text(core::as_typed(core::text_of(f->value))) : QString());
    show_text(tolerance_, text(core::as_typed(f->tolerance)));
    if (f->claims.empty()) {
        words_->setText(tr("Not said in any recording."));
    } else {
        claim_ = std::min(claim_, f->claims.size() - 1);
        const auto& c = f->claims[claim_];
        words_->setText(
            tr("“%1”, %2 (claim %3 of %4)").arg(text(c.words), text(core::clock_text(c.at, false))).arg(claim_ + 1).arg(f->claims.size()));
        if (const auto* r = session_.recording(c.recording);
            r != nullptr && isVisible() && (film_->recording() != r || !film_->playing())) {
            film_->open(r);
            film_->show_time(c.at);
        }
    }
    film_->setVisible(!f->claims.empty());
    QString proofs;
    for (const auto& p : f->proofs) {
        const auto* s = session_.procedure().find(p.source);
        QString from = s == nullptr ? QString() : text(s->title).toHtmlEscaped() + QStringLiteral(", ");
        from += text(p.place).toHtmlEscaped();
        if (s != nullptr && !s->instrument.empty()) from += tr("; with %1").arg(text(s->instrument).toHtmlEscaped());
        if (!p.slack.empty()) from += QStringLiteral(" (± %1)").arg(text(p.slack).toHtmlEscaped());
        if (s != nullptr && !s->serials.empty()) from += tr("; serials %1").arg(text(s->serials).toHtmlEscaped());
        proofs +=
            QStringLiteral("<p style='margin:2px 0'>%1 <b>%2</b> &nbsp; %3</p>")
                .arg(session_.has_page(p) ? QStringLiteral("■") : QStringLiteral("□"), text(core::words_of(p.value)).toHtmlEscaped(), from);
    }
    if (!f->replaces.empty()) {
        QStringList older;
        for (const auto& r : f->replaces) older << text(r).toHtmlEscaped();
        proofs += tr("<p style='margin:2px 0'>Replaces %1</p>").arg(older.join(QStringLiteral(", ")));
    }
    if (f->level) proofs += tr("<p style='margin:2px 0'>Level: %1</p>").arg(text(core::text_of(*f->level)).toHtmlEscaped());
    if (!f->settled.empty()) proofs += tr("<p style='margin:2px 0'>Resolved: %1</p>").arg(text(f->settled).toHtmlEscaped());
    proofs_->setText(proofs.isEmpty() ? tr("No source yet.") : proofs);
    show_strip();
    const auto steps = core::steps_using(session_.procedure(), f->id);
    QStringList numbers;
    for (const int n : steps) numbers << QString::number(n);
    uses_->setText(numbers.isEmpty() ? tr("No step uses it yet.") : tr("Used in step %1.").arg(numbers.join(QStringLiteral(", "))));
    commands_->refresh();
}

/// The line of the page the first marked source gives the figure in, where its page is at hand.
void FiguresStation::show_strip() {
    const auto* f = figure();
    const auto proof =
        std::find_if(f->proofs.begin(), f->proofs.end(), [this](const core::Proof& p) { return p.spot && session_.has_page(p); });
    strip_->setVisible(proof != f->proofs.end());
    if (proof == f->proofs.end() || !isVisible()) return;
    if (strip_spot_ != proof->spot) strip_->clear();
    strip_spot_ = proof->spot;
    strip_pages_->show_page(session_.library().document_path(session_.procedure().find(proof->source)->document), proof->spot->page, false);
}

void FiguresStation::hear(std::size_t claim) {
    const auto* f = figure();
    if (f == nullptr || claim >= f->claims.size()) return;
    claim_ = claim;
    const auto& c = f->claims[claim];
    const auto* r = session_.recording(c.recording);
    if (r == nullptr) return;
    film_->open(r);
    film_->show_time(c.at);
    auto end = c.at;
    for (const auto& s : r->narration)
        if (s.start == c.at) end = s.end;
    refresh();
    film_->play_until(end);
}

void FiguresStation::hear_next() {
    const auto* f = figure();
    if (f != nullptr && !f->claims.empty()) hear((claim_ + 1) % f->claims.size());
}

}  // namespace anagraph::app
