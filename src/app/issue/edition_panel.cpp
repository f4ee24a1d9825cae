#include "app/issue/edition_panel.h"

#include <QHBoxLayout>
#include <QImageReader>
#include <QPainter>
#include <QScrollBar>
#include <cmath>

#include "app/issue/change_line_view.h"
#include "app/issue/compared_words.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "publish/pack_files.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kMostWide = 560;   // of one picture
constexpr int kGap = 12;         // between two
constexpr int kHead = 22;        // words above a picture
constexpr double kDisc = 12;     // radius of a number
constexpr double kPlaces = 1e4;  // of a plate, from edge to edge

QPointF on(const core::Place& place, const QRectF& picture) {
    return {picture.left() + place.x / kPlaces * picture.width(), picture.top() + place.y / kPlaces * picture.height()};
}

/// With a pale line around it, so that it shows on light and dark.
void stroke(QPainter& p, const QLineF& line, const QColor& colour, double wide, Qt::PenStyle style = Qt::SolidLine) {
    p.setPen(QPen(theme::colour("sheet"), wide + 3, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(line);
    p.setPen(QPen(colour, wide, style, Qt::RoundCap));
    p.drawLine(line);
}

void disc(QPainter& p, const QPointF& at, const QString& words, bool full, const QColor& colour) {
    p.setPen(QPen(theme::colour("sheet"), 5));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(at, kDisc, kDisc);
    p.setPen(QPen(colour, 2.4, full ? Qt::SolidLine : Qt::DashLine));
    p.setBrush(full ? QBrush(colour) : QBrush(theme::colour("sheet")));
    p.drawEllipse(at, kDisc, kDisc);
    p.setFont(theme::font("small", true));
    p.setPen(full ? theme::colour("on_accent") : colour);
    p.drawText(QRectF(at.x() - kDisc, at.y() - kDisc, 2 * kDisc, 2 * kDisc), Qt::AlignCenter, words);
}

QString named(const core::PlateChange::Mark& m) {
    return m.number > 0 ? QStringLiteral("%1 (%2)").arg(text(m.name)).arg(m.number) : text(m.name);
}

}  // namespace

PlateChangeView::PlateChangeView(const core::PlateChange& change, const QString& folder_was, const QString& folder_is,
    const QString& was_words, const QString& is_words, QWidget* parent)
    : QWidget(parent), change_(change) {
    const auto file = [](const QString& folder, const core::PlateChange::Seen& seen) {
        return folder.isEmpty() ? QString()
                                : folder + QLatin1Char('/') +
                text(publish::still_name(static_cast<std::size_t>(seen.step), static_cast<std::size_t>(seen.plate)));
    };
    QStringList said;
    if (!change.was)
        said << tr("a new picture");
    else if (!change.is)
        said << tr("the picture is gone");
    else if (change.other_picture)
        said << tr("another picture");
    for (const auto& m : change.moved) said << tr("%1 is pointed at in another place").arg(named(m));
    for (const auto& m : change.added) said << tr("new on it: %1").arg(named(m));
    for (const auto& m : change.gone) said << tr("no more on it: %1").arg(named(m));
    if (change.marks_changed) said << tr("what is drawn on it has changed");
    const bool both = change.was && change.is;
    if (change.was && (!both || change.other_picture)) pictures_.push_back({file(folder_was, *change.was), was_words, {}, !change.is});
    if (change.is) pictures_.push_back({file(folder_is, *change.is), is_words, {}, false});
    const auto& seen = change.is ? *change.is : *change.was;
    words_ = tr("Picture %1 of step %2: %3.").arg(seen.plate).arg(seen.step).arg(said.join(QStringLiteral("; ")));
    setAccessibleName(words_);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

QSize PlateChangeView::fitted(int width) const {
    const int count = static_cast<int>(std::max<std::size_t>(1, pictures_.size()));
    const int wide = std::min(kMostWide, (width - kGap * (count - 1)) / count);
    QSize size(16, 9);
    if (!pictures_.empty())
        if (const QSize real = QImageReader(pictures_.back().file).size(); real.isValid()) size = real;
    return {wide, static_cast<int>(std::lround(static_cast<double>(wide) * size.height() / size.width()))};
}

int PlateChangeView::heightForWidth(int width) const { return fitted(width).height() + kHead; }

void PlateChangeView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const QSize size = fitted(width());
    double left = 0;
    for (auto& picture : pictures_) {
        const QRectF box(left, kHead, size.width(), size.height());
        p.setFont(theme::font("small"));
        p.setPen(theme::colour("second"));
        p.drawText(QRectF(left, 0, size.width(), kHead - 4), Qt::AlignVCenter | Qt::AlignLeft, picture.words);
        if (picture.image.isNull() && !picture.file.isEmpty()) picture.image = QImage(picture.file);
        if (picture.image.isNull()) {
            p.fillRect(box, theme::colour("band"));
            p.drawText(box, Qt::AlignCenter, tr("The picture is not in the kept pack."));
        } else {
            p.drawImage(box, picture.image);
        }
        if (picture.struck) {
            stroke(p, {box.topLeft(), box.bottomRight()}, theme::colour("danger"), 3);
            stroke(p, {box.topRight(), box.bottomLeft()}, theme::colour("danger"), 3);
        }
        if (&picture == &pictures_.back() && change_.is && !change_.other_picture) paint_marks(p, box);
        left += size.width() + kGap;
    }
}

void PlateChangeView::paint_marks(QPainter& p, const QRectF& picture) const {
    const QColor accent = theme::colour("accent");
    for (const auto& m : change_.gone) {
        const QPointF at = on(m.at, picture);
        disc(p, at, m.number > 0 ? QString::number(m.number) : QString(), false, theme::colour("second"));
        const double r = kDisc * 0.8;
        stroke(p, {at + QPointF(-r, -r), at + QPointF(r, r)}, theme::colour("danger"), 2);
        stroke(p, {at + QPointF(r, -r), at + QPointF(-r, r)}, theme::colour("danger"), 2);
    }
    for (const auto& m : change_.moved) {
        const QPointF from = on(m.before, picture);
        const QPointF to = on(m.at, picture);
        const QLineF whole(from, to);
        disc(p, from, QString(), false, accent);
        if (whole.length() > 3 * kDisc) {
            const QPointF along = (to - from) / whole.length();
            const QPointF tip = to - along * (kDisc + 2);
            const QPointF across(-along.y(), along.x());
            stroke(p, {from + along * kDisc, tip}, accent, 2.4);
            p.setPen(Qt::NoPen);
            p.setBrush(accent);
            p.drawPolygon(QPolygonF({tip, tip - along * 12 + across * 6, tip - along * 12 - across * 6}));
        }
        disc(p, to, m.number > 0 ? QString::number(m.number) : QString(), true, accent);
    }
    for (const auto& m : change_.added) {
        const QPointF at = on(m.at, picture);
        disc(p, at, m.number > 0 ? QString::number(m.number) : QStringLiteral("+"), true, accent);
        p.setPen(QPen(accent, 2));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(at, kDisc + 5, kDisc + 5);
    }
}

EditionPanel::EditionPanel(QWidget* parent) : QScrollArea(parent) {
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("The edition in hand"));
    auto* whole = new QWidget(this);
    whole->setObjectName(QStringLiteral("station"));
    auto* down = new QVBoxLayout(whole);
    down->setContentsMargins(0, 0, 8, 0);
    down->setSpacing(12);
    title_ = title_label(QString(), whole);
    down->addWidget(title_);
    facts_ = new QLabel(whole);
    facts_->setWordWrap(true);
    facts_->setTextFormat(Qt::RichText);
    facts_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    down->addWidget(facts_);
    cards_ = new QVBoxLayout;
    cards_->setSpacing(12);
    down->addLayout(cards_);
    down->addStretch(1);
    setWidget(whole);
}

QWidget* EditionPanel::change_card(const core::ChangedPlace& change, const Shown& shown) {
    auto* out = new QFrame(widget());
    out->setObjectName(QStringLiteral("card"));
    auto* down = new QVBoxLayout(out);
    down->setContentsMargins(16, 12, 16, 12);
    down->setSpacing(8);
    const auto label = [&](const QString& html, const QString& name) {
        auto* l = new QLabel(html, out);
        l->setWordWrap(true);
        l->setTextFormat(Qt::RichText);
        l->setAlignment(Qt::AlignTop | Qt::AlignLeft);
        l->setTextInteractionFlags(Qt::TextSelectableByMouse);
        l->setAccessibleDescription(name);
        return l;
    };
    auto* head = title_label(text(change.title), out);
    head->setWordWrap(true);
    down->addWidget(head);
    if (change.read_again) down->addWidget(quiet_label(tr("Who learned it has to read it again."), out));
    const QString was_words = tr("Edition %1").arg(shown.before);
    const QString is_words = tr("Edition %1").arg(shown.number);
    if (!change.text.was.empty() || !change.text.is.empty()) {
        auto* pair = new QHBoxLayout;
        pair->setSpacing(18);
        const auto side = [&](const QString& words, const std::vector<core::WordRun>& runs, Side which) {
            auto* column = new QVBoxLayout;
            column->setSpacing(3);
            column->addWidget(quiet_label(words, out));
            column->addWidget(label(runs.empty() ? tr("It was not there.") : html_of(runs, which), words), 1);
            pair->addLayout(column, 1);
        };
        side(was_words, change.text.was, Side::Was);
        if (change.text.is.empty())
            pair->addWidget(label(tr("It is not there any more."), is_words), 1);
        else
            side(is_words, change.text.is, Side::Is);
        down->addLayout(pair);
    }
    auto* line = new ChangeLineView(out);
    line->show_change(change.was, change.is, was_words, is_words);
    if (line->isHidden())
        delete line;
    else
        down->addWidget(line);
    for (const auto& plate : change.plates) {
        auto* view = new PlateChangeView(plate, shown.folder_before, shown.folder, was_words, is_words, out);
        down->addWidget(label(view->words().toHtmlEscaped(), tr("What changed on the picture")));
        down->addWidget(view);
    }
    // what the lines above show needs no sentence
    if (change.text.was.empty() && change.text.is.empty() && change.plates.empty())
        for (const auto& s : change.sentences) down->addWidget(label(text(s).toHtmlEscaped(), tr("What changed")));
    return out;
}

void EditionPanel::show_edition(const Shown& shown) {
    title_->setText(tr("Edition %1").arg(shown.number));
    QString words;
    for (const auto& s : shown.facts) words += QStringLiteral("<p style='margin: 0 0 6px 0'>%1</p>").arg(s.toHtmlEscaped());
    facts_->setText(words);
    while (auto* item = cards_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    for (const auto& change : shown.changes) {
        auto* card = change_card(change, shown);
        cards_->addWidget(card);
        card->show();
    }
    verticalScrollBar()->setValue(0);
}

QString EditionPanel::told() const {
    QStringList out;
    for (const auto* l : widget()->findChildren<QLabel*>())
        if (l->isVisibleTo(this) && !l->text().isEmpty()) out << without_markup(l->text());
    return out.join(QLatin1Char('\n'));
}

}  // namespace anagraph::app
