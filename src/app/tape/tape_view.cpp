#include "app/tape/tape_view.h"

#include <QFile>
#include <QHelpEvent>
#include <QMouseEvent>
#include <QPaintEvent>
#include <QPainter>
#include <QScrollBar>
#include <QTextLayout>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/film/upright.h"
#include "app/session/session.h"
#include "app/theme/theme.h"
#include "core/tape/logging.h"

namespace anagraph::app {

using core::MarkKind;
using theme::colour;
using theme::text;

namespace {

constexpr int kPicturesKept = 600;
constexpr double kLongestZoom = 4000;  // pixels a second: two pictures a frame at 30 frames a second

QString note_words(const core::Note& note) {
    switch (note.kind) {
        case core::NoteKind::Note:
            return QObject::tr("note");
        case core::NoteKind::NotFilmed:
            return QObject::tr("not filmed");
        case core::NoteKind::LookUp:
            return QObject::tr("look up");
        case core::NoteKind::DropAsTalk:
            return QObject::tr("talk");
        case core::NoteKind::Keep:
            return QObject::tr("keep");
    }
    return {};
}

QColor mark_ink(const core::Mark& m, bool aside) {
    return aside                      ? colour("strong")
        : m.kind == MarkKind::Caution ? colour("caution_ink")
        : m.kind == MarkKind::Figure  ? colour("ink")
                                      : colour("seen");
}

}  // namespace

QString tape_view::mark_words(const core::Mark& m) {
    switch (m.kind) {
        case MarkKind::Figure:
            return m.taken_back ? QObject::tr("taken back") : text(core::words_of(m.figure_kind));
        case MarkKind::Caution:
            return QObject::tr("caution");
        case MarkKind::Slip:
            return QObject::tr("slip");
        case MarkKind::Unseen:
            return QObject::tr("not seen");
        case MarkKind::Step:
            return text(m.verb);
        case MarkKind::Talk:
            return QObject::tr("talk");
    }
    return {};
}

TapeView::TapeView(Session& session, QWidget* parent) : QAbstractScrollArea(parent), session_(session), pictures_(kPicturesKept) {
    setAccessibleName(tr("Tape: time runs down"));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    viewport()->setMouseTracking(true);
    metrics_.line_height = QFontMetricsF(theme::font("text")).height();
}

TapeView::~TapeView() = default;

void TapeView::set_job(std::vector<const LoadedRecording*> recordings) {
    if (recordings == job_) {
        refresh();
        return;
    }
    job_ = std::move(recordings);
    pictures_.clear();
    proxies_.clear();
    open_bracket_.reset();
    if (current_ >= job_.size()) current_ = 0;
    refresh();
}

void TapeView::set_headings(std::vector<Heading> headings) {
    headings_ = std::move(headings);
    viewport()->update();
}

double TapeView::offset() const { return verticalScrollBar()->value(); }

void TapeView::set_moment(const core::RecordingId& id, const core::FrameTime& at) {
    const auto it = std::find_if(job_.begin(), job_.end(), [&](const LoadedRecording* r) { return r->entry.id == id; });
    if (it == job_.end()) return;
    current_ = static_cast<std::size_t>(it - job_.begin());
    moment_ = at;
    keep_in_sight();
    viewport()->update();
}

void TapeView::keep_in_sight() {
    const double y = y_now();
    const double h = viewport()->height();
    if (head_stays_)
        verticalScrollBar()->setValue(static_cast<int>(y - h * 0.4));
    else if (y < offset() + h * 0.1 || y > offset() + h * 0.72)
        verticalScrollBar()->setValue(static_cast<int>(y - h * 0.35));
}

void TapeView::set_open_bracket(std::optional<core::FrameTime> from) {
    open_bracket_ = from;
    viewport()->update();
}

void TapeView::set_head_stays(bool stays) {
    head_stays_ = stays;
    keep_in_sight();
    viewport()->update();
}

double TapeView::whole_job_zoom() const {
    double seconds = 0;
    double fixed = 16;
    for (const auto* r : job_) {
        seconds += r->index.end.seconds() - r->index.start().seconds();
        fixed += metrics_.head_height + metrics_.foot_height;
    }
    return seconds <= 0 ? kReading : std::max(1.0, viewport()->height() - fixed) / seconds;
}

void TapeView::set_zoom(double pixels_per_second) {
    if (job_.empty()) return;
    // the place that must not move: the head while it is in sight, otherwise the middle
    const double h = viewport()->height();
    const bool head = y_now() >= offset() && y_now() <= offset() + h;
    const double place = head ? y_now() - offset() : h / 2;
    const TapeMoment still = head ? TapeMoment{current_, moment_} : layout_.axis.at(offset() + h / 2);
    metrics_.pixels_per_second = std::clamp(pixels_per_second, std::min(kReading, whole_job_zoom()), kLongestZoom);
    lay_out();
    verticalScrollBar()->setValue(static_cast<int>(std::lround(layout_.axis.y(still) - place)));
    viewport()->update();
}

void TapeView::show_whole_job() { set_zoom(whole_job_zoom()); }

void TapeView::show_single_frames() {
    if (job_.empty()) return;
    const auto& index = recording(current_).index;
    const double seconds = index.end.seconds() - index.start().seconds();
    const double picture = (layout_.columns.brackets - layout_.columns.pictures - 8) / metrics_.thumb_aspect + 2;
    if (seconds > 0) set_zoom(picture * static_cast<double>(index.times.size()) / seconds);
}

void TapeView::fold_all(bool shut) {
    folding_ = shut;
    opened_.clear();
    set_zoom(zoom());  // lays out anew and keeps the place
}

bool TapeView::toggle_fold_here() {
    if (job_.empty()) return false;
    const auto& r = recording(current_);
    for (const auto& fold : core::folds(session_.procedure(), r.entry.id, r.narration, r.marks, r.index.start(), r.index.end)) {
        if (moment_ < fold.from || !(moment_ < fold.to)) continue;
        auto& opened = opened_[r.entry.id];
        if (!folding_ || opened.erase(fold.from) == 0) opened.insert(fold.from);
        if (!folding_) {  // everything was open: only this one is shut
            folding_ = true;
            opened_.clear();
            for (const auto* other : job_)
                for (const auto& f : core::folds(
                         session_.procedure(), other->entry.id, other->narration, other->marks, other->index.start(), other->index.end))
                    if (other != &r || f.from != fold.from) opened_[other->entry.id].insert(f.from);
        }
        set_zoom(zoom());
        return true;
    }
    return false;
}

std::size_t TapeView::shut_folds() const {
    return static_cast<std::size_t>(std::count_if(
        layout_.axis.spans().begin(), layout_.axis.spans().end(), [](const TapeAxis::Span& s) { return s.fold.has_value(); }));
}

void TapeView::refresh() {
    lay_out();
    viewport()->update();
}

void TapeView::lay_out() {
    metrics_.width = viewport()->width();
    input_.procedure = &session_.procedure();
    input_.recordings.clear();
    for (const auto* r : job_) {
        TapeRecording tape{&r->index, &r->narration, &r->marks, r->entry.id, {}};
        if (folding_) {
            tape.folds = core::folds(session_.procedure(), r->entry.id, r->narration, r->marks, r->index.start(), r->index.end);
            if (const auto it = opened_.find(r->entry.id); it != opened_.end())
                std::erase_if(tape.folds, [&](const core::Fold& f) { return it->second.contains(f.from); });
        }
        input_.recordings.push_back(std::move(tape));
    }
    if (!job_.empty()) metrics_.thumb_aspect = std::max(0.4, job_.front()->index.aspect());
    layout_ = tape_layout(input_, metrics_);
    fit_scroll_bar();
}

void TapeView::fit_scroll_bar() {
    const int page = viewport()->height();
    verticalScrollBar()->setPageStep(page);
    verticalScrollBar()->setSingleStep(static_cast<int>(metrics_.line_height * 2));
    verticalScrollBar()->setRange(0, std::max(0, static_cast<int>(std::ceil(layout_.height())) - page));
}

void TapeView::resizeEvent(QResizeEvent*) { lay_out(); }

std::optional<std::size_t> TapeView::line_at(const core::FrameTime& at) const {
    if (job_.empty()) return std::nullopt;
    const auto& n = recording(current_).narration;
    const auto it = std::upper_bound(n.begin(), n.end(), at, [](const core::FrameTime& t, const core::Segment& s) { return t < s.start; });
    if (it == n.begin()) return std::nullopt;
    return static_cast<std::size_t>(it - n.begin()) - 1;
}

const QPixmap& TapeView::picture(std::size_t r, std::size_t frame) {
    const QPair<int, int> key(static_cast<int>(r), static_cast<int>(frame));
    if (const auto* kept = pictures_.object(key)) return *kept;
    const auto& rec = recording(r);
    auto pixmap = std::make_unique<QPixmap>();
    const auto& thumbs = rec.index.thumbnails;
    const auto it =
        std::lower_bound(thumbs.begin(), thumbs.end(), frame, [](const media::Thumbnail& t, std::size_t f) { return t.frame < f; });
    if (it != thumbs.end() && it->frame == frame) {
        QFile file(rec.folder + QLatin1Char('/') + QLatin1String(media::kThumbnailFile));
        if (file.open(QIODevice::ReadOnly) && file.seek(it->offset))
            *pixmap = QPixmap::fromImage(upright(QImage::fromData(file.read(it->size), "JPG"), rec.index));
    } else {
        auto& proxy = proxies_[r];
        if (!proxy)
            if (auto opened = media::ProxyReader::open(rec.folder.toStdString(), rec.index)) proxy = std::move(*opened);
        if (proxy)
            if (const auto small = proxy->frame(frame))
                *pixmap = QPixmap::fromImage(upright(image_of(*small).scaledToWidth(200, Qt::SmoothTransformation), rec.index));
    }
    auto* kept = pixmap.release();
    pictures_.insert(key, kept);
    return *kept;
}

void TapeView::paint_sound(QPainter& p, double top, double bottom) const {
    const double x = layout_.columns.sound + 10;
    p.setRenderHint(QPainter::Antialiasing, false);
    for (const auto& span : layout_.axis.spans()) {
        const double from = std::max(top, span.top);
        const double to = std::min(bottom, span.top + span.height);
        if (to <= from || span.fold) continue;
        p.fillRect(QRectF(layout_.columns.sound, from, 20, to - from), colour("key"));
        const auto& sound = recording(span.recording).index.sound;
        const double steps_per_pixel = (span.to - span.from) / span.height * 1000 / media::kSoundStepMs;
        const double first = span.from * 1000 / media::kSoundStepMs;
        QVector<QLineF> lines;
        for (double y = std::floor(from / 2) * 2; y < to; y += 2) {
            const double a = first + (y - span.top) * steps_per_pixel;
            int loud = 0;
            for (auto i = static_cast<long>(std::max(0.0, a));
                 i <= static_cast<long>(a + 2 * steps_per_pixel) && i < static_cast<long>(sound.size()); ++i)
                loud = std::max<int>(loud, sound[static_cast<std::size_t>(i)]);
            const double half = 1 + loud / 255.0 * 8;
            lines.append(QLineF(x - half, y, x + half, y));
        }
        p.setPen(QPen(colour("strong"), 1));
        p.drawLines(lines);
    }
    p.setRenderHint(QPainter::Antialiasing);
}

void TapeView::paint_columns(QPainter& p, double top, double bottom) {
    const auto& c = layout_.columns;
    paint_sound(p, top, bottom);
    p.setFont(theme::font("small"));
    const bool fine = zoom() > 120;
    for (const auto& t : tape_ticks(metrics_, layout_, top - 20, bottom + 20)) {
        p.setPen(colour("second"));
        p.drawText(QRectF(0, t.y - 9, c.sound - 12, 18), Qt::AlignRight | Qt::AlignVCenter, text(core::clock_text(t.at, fine)));
        p.setPen(QPen(colour("strong"), 1));
        p.drawLine(QPointF(c.sound - 8, t.y), QPointF(c.sound - 1, t.y));
    }
    for (const auto& picture_box : tape_pictures(input_, metrics_, layout_, top, bottom)) {
        const QPixmap& shown = picture(picture_box.recording, picture_box.frame);
        p.drawPixmap(picture_box.box, shown, shown.rect());
    }
    paint_poor(p, top, bottom);
}

void TapeView::paint_poor(QPainter& p, double top, double bottom) const {
    const auto& c = layout_.columns;
    p.setFont(theme::font("small"));
    for (std::size_t r = 0; r < job_.size(); ++r)
        for (const auto& poor : recording(r).poor) {
            const double from = layout_.axis.y(r, poor.from.seconds());
            const double to = layout_.axis.y(r, poor.to.seconds());
            if (to < top || from > bottom || to - from < 2) continue;
            const QRectF box(c.pictures, from, c.brackets - c.pictures - 8, to - from);
            p.fillRect(box, QBrush(colour("second"), Qt::BDiagPattern));
            const QString words = poor.dark ? tr("too dark") : tr("blurred");
            const QRectF tag(box.left() + 3, std::max(box.top() + 3, std::min(box.bottom(), bottom) - 20),
                QFontMetricsF(p.font()).horizontalAdvance(words) + 10, 17);
            p.fillRect(tag, colour("sheet"));
            p.setPen(colour("ink"));
            p.drawText(tag, Qt::AlignCenter, words);
        }
}

void TapeView::paint_brackets(QPainter& p, double top, double bottom) const {
    const auto& c = layout_.columns;
    for (const auto& b : layout_.brackets) {
        if (b.box.bottom() < top || b.box.top() > bottom) continue;
        const bool now = b.step == session_.step();
        const auto* step = session_.procedure().find(b.step);
        QPen pen(now ? colour("accent") : colour("ink"), b.take > 0 ? 1.2 : now ? 3.2 : 1.8);
        if (step != nullptr && step->drafted) pen.setDashPattern({2, 2});  // drafted: nobody has confirmed it
        p.setPen(pen);
        const double x = b.box.left() + 6;
        p.drawPolyline(QPolygonF({QPointF(x + 8, b.box.top() + 1), QPointF(x, b.box.top() + 1), QPointF(x, b.box.bottom() - 1),
            QPointF(x + 8, b.box.bottom() - 1)}));
        if (b.box.height() < 12) continue;
        p.setFont(theme::font("title", now && b.take == 0));
        const double middle = std::clamp((std::max(b.box.top(), top) + std::min(b.box.bottom(), bottom)) / 2 - 12, b.box.top(),
            std::max(b.box.top(), b.box.bottom() - 24));
        p.drawText(QRectF(x + 5, middle, 20, 24), Qt::AlignCenter, QString::number(b.number));
        if (b.takes > 1 && b.box.height() > 44) {
            p.setFont(theme::font("small"));
            p.drawText(QRectF(x + 1, middle + 20, 30, 16), Qt::AlignCenter, b.take == 0 ? tr("best") : tr("take %1").arg(b.take + 1));
        }
    }
    for (const auto& n : layout_.nested) {
        if (n.box.bottom() < top || n.box.top() > bottom) continue;
        p.setPen(QPen(colour("seen"), 1.6));
        p.setBrush(colour("sheet"));
        const double x = n.box.right() - 2;
        p.drawLine(QPointF(x, n.box.top()), QPointF(x, n.box.bottom()));
        const QRectF sign(x - 5, n.box.top(), 10, 10);
        if (n.wait) {
            p.drawEllipse(sign);
            p.drawPolyline(QPolygonF({sign.center() - QPointF(0, 3), sign.center(), sign.center() + QPointF(2.5, 0)}));
        } else {
            p.drawRect(sign);
        }
        p.setBrush(Qt::NoBrush);
    }
    if (open_bracket_) {
        p.setPen(QPen(colour("accent"), 3, Qt::DashLine));
        const double x = c.brackets + 6;
        const double y = layout_.axis.y(current_, open_bracket_->seconds());
        p.drawPolyline(QPolygonF({QPointF(x + 8, y), QPointF(x, y), QPointF(x, std::max(y + 12, y_now()))}));
    }
}

QRectF TapeView::paint_tag(QPainter& p, const QPointF& right_top, std::size_t r, const core::Mark& m) const {
    const QString words = tape_view::mark_words(m);
    p.setFont(theme::font("small"));
    const QFontMetricsF metrics(p.font());
    const QRectF box(
        right_top.x() - metrics.horizontalAdvance(words) - 14, right_top.y(), metrics.horizontalAdvance(words) + 14, metrics.height() + 3);
    const bool taken = m.kind == MarkKind::Figure && core::taken_as(session_.procedure(), recording(r).entry.id, m) != nullptr;
    const bool aside = m.taken_back || core::is_dismissed(session_.procedure(), recording(r).entry.id, m);
    const QColor ink = mark_ink(m, aside);
    QPen pen(ink, 1.2);
    if (!taken) pen.setDashPattern({3, 2});
    p.setPen(pen);
    p.setBrush(colour("sheet"));
    p.drawRoundedRect(box, 2, 2);
    p.setPen(ink);
    QFont f = p.font();
    f.setStrikeOut(aside);
    p.setFont(f);
    p.drawText(box, Qt::AlignCenter, words);
    p.setBrush(Qt::NoBrush);
    return box;
}

QString TapeView::words_of(const TapeLine& line) const {
    const auto& narration = recording(line.recording).narration;
    const auto& s = narration[line.segment];
    const bool change = !s.speaker.empty() && (line.segment == 0 || narration[line.segment - 1].speaker != s.speaker);
    return change ? QStringLiteral("%1: %2").arg(text(s.speaker), text(s.text)) : text(s.text);
}

std::vector<std::pair<int, int>> TapeView::unsure_in(const TapeLine& line, const QString& words) const {
    const auto& s = recording(line.recording).narration[line.segment];
    std::vector<std::pair<int, int>> out;
    const auto said = core::said_words(s.text);
    int at = static_cast<int>(words.size() - text(s.text).size());
    for (std::size_t i = 0; i < std::min(said.size(), s.words.size()); ++i) {
        const int length = static_cast<int>(text(std::string(said[i])).size());
        if (s.words[i].unsure) out.emplace_back(at, length);
        at += length + 1;
    }
    return out;
}

/// Hatches words within a text that is painted in `box` at its top left, as far as they show in it.
static void hatch(QPainter& p, const QRectF& box, const QString& words, const std::vector<std::pair<int, int>>& pieces) {
    QTextLayout layout(words, p.font());
    QTextOption wrap;
    wrap.setWrapMode(QTextOption::WordWrap);
    layout.setTextOption(wrap);
    layout.beginLayout();
    double down = 0;
    for (QTextLine line = layout.createLine(); line.isValid() && down + line.height() <= box.height() + 2; line = layout.createLine()) {
        line.setLineWidth(box.width());
        line.setPosition(QPointF(0, down));
        for (const auto& [from, length] : pieces) {
            const int begin = std::max(from, line.textStart());
            const int end = std::min(from + length, line.textStart() + line.textLength());
            if (begin >= end) continue;
            const double left = line.cursorToX(begin), right = line.cursorToX(end);
            p.fillRect(QRectF(box.left() + left, box.top() + down + 1, right - left, line.height() - 1),
                QBrush(colour("strong"), Qt::BDiagPattern));
        }
        down += line.height();
    }
    layout.endLayout();
}

void TapeView::paint_line(QPainter& p, const TapeLine& line) const {
    const auto& marks = recording(line.recording).marks;
    if (!line.shown) {
        // no room for its words: what was found in it still shows
        double x = line.box.left() - 6;
        for (const std::size_t k : line.marks) {
            p.fillRect(QRectF(x, line.box.top(), 4, 2), mark_ink(marks[k], marks[k].taken_back));
            x += 5;
        }
        return;
    }
    double right = line.box.right();
    double tags_width = 0;
    for (const std::size_t k : line.marks) {
        const QRectF box = paint_tag(p, {right, line.box.top() - 1}, line.recording, marks[k]);
        right = box.left() - 4;
        tags_width = line.box.right() - box.left() + 6;
    }
    QFont font = theme::font("text");
    font.setItalic(!recording(line.recording).heard_line[line.segment].has_value());  // typed by the author
    p.setFont(font);
    p.setPen(line.talk ? colour("second") : colour("ink"));
    // many marks in one line: its words go below them
    const bool crowded = line.box.width() - tags_width < 110;
    const double below = crowded ? 21 : 0;
    const double column = crowded ? line.box.width() : line.box.width() - tags_width;
    const QRectF box(line.box.left(), line.box.top() + below, column, line.box.height() - below);
    const QFontMetricsF metrics(p.font());
    const int rows = std::max(1, static_cast<int>((box.height() + 2) / metrics.lineSpacing()));
    const QString words = words_of(line);
    const QRectF needed = metrics.boundingRect(QRectF(0, 0, column, 4000), Qt::TextWordWrap, words);
    const bool fits = needed.height() <= rows * metrics.lineSpacing() + 1;
    const QString shown = fits ? words : metrics.elidedText(words, Qt::ElideRight, rows == 1 ? column : column * rows * 0.9);
    if (const auto unsure = unsure_in(line, words); !unsure.empty()) hatch(p, box, shown, unsure);
    p.drawText(box, Qt::AlignTop | (fits || rows > 1 ? Qt::TextWordWrap : Qt::TextSingleLine), shown);
}

void TapeView::paint_folds(QPainter& p, double top, double bottom) const {
    p.setFont(theme::font("small"));
    for (const auto& span : layout_.axis.spans()) {
        if (!span.fold || span.top + span.height < top || span.top > bottom) continue;
        const auto& fold = input_.recordings[span.recording].folds[*span.fold];
        const QRectF box(layout_.columns.sound, span.top + 1, viewport()->width() - layout_.columns.sound - 8, span.height - 2);
        p.fillRect(box, colour("key"));
        // creases above and below: paper folded away
        p.setPen(QPen(colour("strong"), 1));
        for (const double y : {box.top(), box.bottom()}) {
            QPolygonF crease;
            for (double x = box.left(); x <= box.right(); x += 8)
                crease << QPointF(x, y + ((static_cast<int>((x - box.left()) / 8) % 2) != 0 ? 1.5 : -1.5));
            p.drawPolyline(crease);
        }
        p.setPen(colour("second"));
        const QString length = text(core::clock_text(core::FrameTime(std::llround((span.to - span.from) * 1000), 1000), false));
        p.drawText(box.adjusted(8, 0, -8, 0), Qt::AlignVCenter | Qt::AlignLeft,
            fold.talk ? tr("%1 of talk, %2").arg(length, tr("%n lines", "1 line", static_cast<int>(fold.lines)))
                      : tr("%1 in which nothing is said").arg(length));
        p.drawText(QRectF(0, span.top, layout_.columns.sound - 12, span.height), Qt::AlignRight | Qt::AlignVCenter,
            text(core::clock_text(fold.from, false)));
    }
}

void TapeView::paint_headings(QPainter& p, double top, double bottom) const {
    const double width = viewport()->width();
    for (std::size_t r = 0; r < job_.size() && r < headings_.size(); ++r) {
        const double head = layout_.axis.head(r);
        if (head + metrics_.head_height >= top && head <= bottom) {
            const QRectF box(0, head, width, metrics_.head_height - 6);
            p.fillRect(box, colour("band"));
            p.setPen(colour("ink"));
            p.setFont(theme::font("text", true));
            const double name = std::min(QFontMetricsF(p.font()).horizontalAdvance(headings_[r].name) + 6, width - 24);
            p.drawText(box.adjusted(12, 0, -12, 0), Qt::AlignVCenter | Qt::AlignLeft,
                QFontMetricsF(p.font()).elidedText(headings_[r].name, Qt::ElideMiddle, width - 24));
            p.setFont(theme::font("small"));
            p.setPen(colour("second"));
            p.drawText(box.adjusted(12 + name + 8, 0, -12, 0), Qt::AlignVCenter | Qt::AlignRight,
                QFontMetricsF(p.font()).elidedText(headings_[r].relation, Qt::ElideRight, width - name - 32));
        }
        const double foot = layout_.axis.foot(r);
        if (foot + metrics_.foot_height >= top && foot <= bottom && !headings_[r].undone.isEmpty()) {
            const QRectF box(layout_.columns.sound, foot + 2, width - layout_.columns.sound - 10, metrics_.foot_height - 6);
            p.setFont(theme::font("small"));
            p.setPen(QPen(colour("caution_ink"), 1.2));
            p.drawRoundedRect(box, 2, 2);
            p.drawText(box.adjusted(8, 0, -8, 0), Qt::AlignVCenter,
                QFontMetricsF(p.font()).elidedText(headings_[r].undone, Qt::ElideRight, box.width() - 16));
        }
    }
}

QRectF TapeView::note_box(std::size_t r, const core::Note& note) const {
    const QFontMetricsF metrics(theme::font("small"));
    return {layout_.columns.pictures + 2, layout_.axis.y(r, note.at.seconds()) + 2, metrics.horizontalAdvance(note_words(note)) + 12,
        metrics.height() + 3};
}

void TapeView::paint_notes(QPainter& p) const {
    p.setPen(QPen(colour("seen"), 1.2));
    p.setFont(theme::font("small"));
    for (std::size_t r = 0; r < job_.size(); ++r)
        if (const auto* use = session_.procedure().find(recording(r).entry.id))
            for (const auto& note : use->notes) {
                const QRectF box = note_box(r, note);
                p.setBrush(colour("sheet"));
                p.drawRoundedRect(box, 2, 2);
                p.drawText(box, Qt::AlignCenter, note_words(note));
            }
    p.setBrush(Qt::NoBrush);
}

void TapeView::paint_head(QPainter& p) const {
    const double y = y_now();
    p.setPen(QPen(colour("accent"), 1.4));
    p.drawLine(QPointF(0, y), QPointF(viewport()->width(), y));
    p.setBrush(colour("accent"));
    p.setPen(Qt::NoPen);
    p.drawPolygon(QPolygonF({QPointF(0, y - 7), QPointF(10, y), QPointF(0, y + 7)}));
}

void TapeView::paintEvent(QPaintEvent* event) {
    QPainter p(viewport());
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(event->rect(), colour("sheet"));
    if (job_.empty() || layout_.axis.spans().empty()) return;
    p.translate(0, -offset());
    const double top = offset() + event->rect().top();
    const double bottom = offset() + event->rect().bottom() + 1;
    const auto& c = layout_.columns;
    // the step in hand, and the one being opened, are washed
    const auto wash = [&](double from, double to) {
        p.fillRect(QRectF(c.words - 8, from, viewport()->width() - c.words + 8, to - from), colour("wash"));
    };
    for (const auto& b : layout_.brackets)
        if (b.step == session_.step()) wash(b.box.top(), b.box.bottom());
    if (open_bracket_ && *open_bracket_ < moment_) wash(layout_.axis.y(current_, open_bracket_->seconds()), y_now());
    paint_columns(p, top, bottom);
    paint_brackets(p, top, bottom);
    const auto [first, last] = layout_.lines_between(top, bottom);
    for (std::size_t i = first; i < last; ++i) paint_line(p, layout_.lines[i]);
    paint_folds(p, top, bottom);
    paint_headings(p, top, bottom);
    paint_notes(p);
    paint_head(p);
}

void TapeView::mousePressEvent(QMouseEvent* event) {
    // the right button takes in hand what it opens the menu of
    if (job_.empty() || (event->button() != Qt::LeftButton && event->button() != Qt::RightButton)) return;
    const QPointF place = event->position() + QPointF(0, offset());
    for (const auto& span : layout_.axis.spans())
        if (span.fold && event->button() == Qt::LeftButton && place.y() >= span.top && place.y() < span.top + span.height) {
            opened_[recording(span.recording).entry.id].insert(input_.recordings[span.recording].folds[*span.fold].from);
            set_zoom(zoom());
            return;
        }
    for (const auto& b : layout_.brackets)
        if (b.box.contains(place)) {
            emit step_clicked(b.step);
            emit moment_clicked(recording(b.recording).entry.id, layout_.axis.at(b.box.top()).at);
            return;
        }
    const auto [first, last] = layout_.lines_between(place.y(), place.y() + 1);
    for (std::size_t i = first; i < last; ++i)
        if (const auto& line = layout_.lines[i]; line.shown && line.box.contains(place)) {
            emit moment_clicked(recording(line.recording).entry.id, recording(line.recording).narration[line.segment].start);
            return;
        }
    const TapeMoment moment = layout_.axis.at(place.y());
    emit moment_clicked(recording(moment.recording).entry.id, moment.at);
}

QString TapeView::help_at(const QPointF& place) const {
    for (std::size_t r = 0; r < job_.size(); ++r)
        if (const auto* use = session_.procedure().find(recording(r).entry.id))
            for (const auto& note : use->notes)
                if (note_box(r, note).contains(place))
                    return note_words(note) + (note.text.empty() ? QString() : QStringLiteral(": ") + text(note.text));
    for (std::size_t r = 0; r < job_.size() && r < headings_.size(); ++r)
        if (place.y() >= layout_.axis.foot(r) && place.y() < layout_.axis.foot(r) + metrics_.foot_height) return headings_[r].undone;
    const auto [first, last] = layout_.lines_between(place.y(), place.y() + 1);
    for (std::size_t i = first; i < last; ++i) {
        const auto& line = layout_.lines[i];
        if (!line.shown || !line.box.contains(place)) continue;
        const auto& r = recording(line.recording);
        QStringList why{text(r.narration[line.segment].text)};
        for (const std::size_t k : line.marks) why << tape_view::mark_words(r.marks[k]) + QStringLiteral(": ") + text(r.marks[k].because);
        if (const auto heard = r.heard_line[line.segment]; !heard)
            why << tr("typed by the author");
        else if (r.heard[*heard].text != r.narration[line.segment].text)
            why << tr("the recogniser heard: %1").arg(text(r.heard[*heard].text));
        if (const auto& s = r.narration[line.segment]; s.by_program)
            why << (unsure_in(line, words_of(line)).empty()
                    ? tr("heard by the program: listen to it")
                    : tr("heard by the program, which was not sure of the hatched words: listen to it"));
        if (line.talk) why << tr("talk: nothing about the machine is said here");
        return why.join(QLatin1Char('\n'));
    }
    return {};
}

bool TapeView::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip && !job_.empty()) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const QString words = help_at(help->pos() + QPointF(0, offset()));
        words.isEmpty() ? QToolTip::hideText() : QToolTip::showText(help->globalPos(), words, this);
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

}  // namespace anagraph::app
