#include "app/tape/tape_view.h"

#include <QFile>
#include <QHelpEvent>
#include <QMouseEvent>
#include <QPaintEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "app/session/session.h"
#include "app/theme/theme.h"
#include "core/procedure/logging.h"

namespace anagraph::app {

using core::MarkKind;
using theme::colour;
using theme::text;

namespace {

QString tag_words(const core::Mark& m) {
    switch (m.kind) {
        case MarkKind::Figure:
            return m.taken_back ? QObject::tr("taken back") : text(std::string(core::spoken_name_of(m.figure_kind)));
        case MarkKind::Caution:
            return QObject::tr("caution");
        case MarkKind::Slip:
            return QObject::tr("slip");
        case MarkKind::Unseen:
            return QObject::tr("not seen");
        case MarkKind::Step:
        case MarkKind::Talk:
            break;
    }
    return {};
}

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
    }
    return {};
}

}  // namespace

TapeView::TapeView(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAccessibleName(tr("Tape: time runs down"));
    setMouseTracking(true);
    metrics_.line_height = QFontMetricsF(theme::font("text")).height();
}

TapeInput TapeView::input() const { return {&recording_->index, &recording_->narration, &recording_->marks, &session_.procedure(), recording_->entry.id}; }

void TapeView::set_recording(const LoadedRecording* recording) {
    recording_ = recording;
    thumbnails_.clear();
    open_bracket_.reset();
    refresh();
}

void TapeView::set_moment(const core::FrameTime& at) {
    if (moment_ == at || recording_ == nullptr) return;
    const auto strip = [&] { return QRect(0, static_cast<int>(y_of(moment_)) - 12, width(), 24); };
    const auto step_before = core::step_at(session_.procedure(), recording_->entry.id, moment_);
    update(strip());
    moment_ = at;
    if (open_bracket_ || step_before != core::step_at(session_.procedure(), recording_->entry.id, moment_))
        update();
    else
        update(strip());
}

void TapeView::set_open_bracket(std::optional<core::FrameTime> from) {
    open_bracket_ = from;
    update();
}

void TapeView::set_zoom(double pixels_per_second) {
    metrics_.pixels_per_second = std::clamp(pixels_per_second, 4.0, 400.0);
    refresh();
}

void TapeView::refresh() {
    lay_out();
    setMinimumHeight(static_cast<int>(layout_.height));
    update();
}

void TapeView::lay_out() {
    metrics_.width = width();
    layout_ = recording_ == nullptr ? TapeLayout{} : tape_layout(input(), metrics_);
}

void TapeView::resizeEvent(QResizeEvent*) { lay_out(); }

double TapeView::y_of(const core::FrameTime& at) const { return recording_ == nullptr ? 0 : tape_y(input(), metrics_, at); }

std::optional<std::size_t> TapeView::line_at(const core::FrameTime& at) const {
    if (recording_ == nullptr) return std::nullopt;
    const auto& n = recording_->narration;
    const auto it = std::upper_bound(n.begin(), n.end(), at, [](const core::FrameTime& t, const core::Segment& s) { return t < s.start; });
    if (it == n.begin()) return std::nullopt;
    return static_cast<std::size_t>(it - n.begin()) - 1;
}

const QPixmap& TapeView::thumbnail(std::size_t i) {
    auto it = thumbnails_.find(i);
    if (it == thumbnails_.end()) {
        QFile file(recording_->folder + QLatin1Char('/') + QLatin1String(media::kThumbnailFile));
        QPixmap pixmap;
        const auto& t = recording_->index.thumbnails[i];
        if (file.open(QIODevice::ReadOnly) && file.seek(t.offset)) {
            QImage image = QImage::fromData(file.read(t.size), "JPG");
            if (recording_->index.rotation != 0) image = image.transformed(QTransform().rotate(recording_->index.rotation));
            pixmap = QPixmap::fromImage(image);
        }
        it = thumbnails_.emplace(i, pixmap).first;
    }
    return it->second;
}

void TapeView::paint_sound(QPainter& p, const QRectF& clip) const {
    const double x = layout_.columns.sound + 10;
    p.fillRect(QRectF(layout_.columns.sound, clip.top(), 20, clip.height()), colour("key"));
    p.setPen(QPen(colour("strong"), 1));
    const auto& sound = recording_->index.sound;
    for (double y = std::floor(clip.top()); y < clip.bottom(); y += 2) {
        const double from = tape_time(input(), metrics_, y).seconds() * 1000 / media::kSoundStepMs;
        const double to = tape_time(input(), metrics_, y + 2).seconds() * 1000 / media::kSoundStepMs;
        int loud = 0;
        for (auto i = static_cast<long>(std::max(0.0, from)); i <= static_cast<long>(to) && i < static_cast<long>(sound.size()); ++i) loud = std::max<int>(loud, sound[static_cast<std::size_t>(i)]);
        const double half = 1 + loud / 255.0 * 8;
        p.drawLine(QPointF(x - half, y), QPointF(x + half, y));
    }
}

QRectF TapeView::paint_tag(QPainter& p, const QPointF& right_top, const core::Mark& m) const {
    const QString words = tag_words(m);
    p.setFont(theme::font("small"));
    const QFontMetricsF metrics(p.font());
    const QRectF box(right_top.x() - metrics.horizontalAdvance(words) - 14, right_top.y(), metrics.horizontalAdvance(words) + 14, metrics.height() + 3);
    const bool taken = m.kind == MarkKind::Figure && core::taken_as(session_.procedure(), recording_->entry.id, m) != nullptr;
    const bool aside = m.taken_back || core::is_dismissed(session_.procedure(), recording_->entry.id, m);
    const QColor ink = aside ? colour("strong") : m.kind == MarkKind::Caution ? colour("caution_ink")
                                              : m.kind == MarkKind::Figure    ? colour("ink")
                                                                              : colour("seen");
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
    return box;
}

void TapeView::paint_line(QPainter& p, const TapeLine& line) const {
    if (!line.shown) return;
    const auto& segment = recording_->narration[line.segment];
    double right = line.box.right();
    double tags_width = 0;
    for (const std::size_t k : line.marks) {
        const QRectF box = paint_tag(p, {right, line.box.top() - 1}, recording_->marks[k]);
        right = box.left() - 4;
        tags_width = line.box.right() - box.left() + 6;
    }
    p.setFont(theme::font("text"));
    p.setPen(line.talk ? colour("second") : colour("ink"));
    // many marks in one line: its words go below them
    const bool crowded = line.box.width() - tags_width < 110;
    const double below = crowded ? 21 : 0;
    const double column = crowded ? line.box.width() : line.box.width() - tags_width;
    QRectF box(line.box.left(), line.box.top() + below, column, line.box.height() - below);
    const QFontMetricsF metrics(p.font());
    const int rows = std::max(1, static_cast<int>((box.height() + 2) / metrics.lineSpacing()));
    const QString words = text(segment.text);
    const QRectF needed = metrics.boundingRect(QRectF(0, 0, column, 4000), Qt::TextWordWrap, words);
    if (needed.height() <= rows * metrics.lineSpacing() + 1) {
        p.drawText(box, Qt::TextWordWrap | Qt::AlignTop, words);
    } else if (rows == 1) {
        p.drawText(box, Qt::AlignTop | Qt::TextSingleLine, metrics.elidedText(words, Qt::ElideRight, column));
    } else {
        p.drawText(box, Qt::TextWordWrap | Qt::AlignTop, metrics.elidedText(words, Qt::ElideRight, column * rows * 0.9));
    }
}

QRectF TapeView::note_box(const core::Note& note) const {
    const QFontMetricsF metrics(theme::font("small"));
    return {layout_.columns.pictures + 2, y_of(note.at) + 2, metrics.horizontalAdvance(note_words(note)) + 12, metrics.height() + 3};
}

void TapeView::paint_note(QPainter& p, const core::Note& note) const {
    p.setPen(QPen(colour("seen"), 1.2));
    p.setBrush(colour("sheet"));
    p.setFont(theme::font("small"));
    const QRectF box = note_box(note);
    p.drawRoundedRect(box, 2, 2);
    p.drawText(box, Qt::AlignCenter, note_words(note));
}

void TapeView::paintEvent(QPaintEvent* event) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF clip = event->rect();
    p.fillRect(clip, colour("sheet"));
    if (recording_ == nullptr) return;
    const auto& c = layout_.columns;
    const auto visible = [&](const QRectF& r) { return r.bottom() >= clip.top() - 30 && r.top() <= clip.bottom() + 30; };

    // the step in hand, and the one being opened, are washed
    const auto wash = [&](double from, double to) { p.fillRect(QRectF(c.words - 8, from, width() - c.words + 8, to - from), colour("wash")); };
    for (const auto& b : layout_.brackets)
        if (b.step == session_.step()) wash(b.box.top(), b.box.bottom());
    if (open_bracket_ && *open_bracket_ < moment_) wash(y_of(*open_bracket_), y_of(moment_));

    paint_sound(p, clip);
    p.setFont(theme::font("small"));
    for (const auto& t : layout_.ticks) {
        if (t.y < clip.top() - 20 || t.y > clip.bottom() + 20) continue;
        p.setPen(colour("second"));
        p.drawText(QRectF(0, t.y - 9, c.sound - 12, 18), Qt::AlignRight | Qt::AlignVCenter, text(core::clock_text(t.at, false)));
        p.setPen(QPen(colour("strong"), 1));
        p.drawLine(QPointF(c.sound - 8, t.y), QPointF(c.sound - 1, t.y));
    }
    for (const auto& picture : layout_.pictures)
        if (visible(picture.box)) p.drawPixmap(picture.box, thumbnail(picture.thumbnail), thumbnail(picture.thumbnail).rect());
    for (const auto& b : layout_.brackets) {
        if (!visible(b.box)) continue;
        const bool now = b.step == session_.step();
        const auto* step = session_.procedure().find(b.step);
        QPen pen(now ? colour("accent") : colour("ink"), now ? 3.2 : 1.8);
        if (step != nullptr && step->drafted) pen.setDashPattern({2, 2});  // drafted: nobody has confirmed it
        p.setPen(pen);
        const double x = b.box.left() + 6;
        p.drawPolyline(QPolygonF({QPointF(x + 8, b.box.top() + 2), QPointF(x, b.box.top() + 2), QPointF(x, b.box.bottom() - 2), QPointF(x + 8, b.box.bottom() - 2)}));
        p.setFont(theme::font("title", now));
        p.drawText(QRectF(x + 6, std::max(b.box.top(), b.box.center().y() - 12), 26, 24), Qt::AlignCenter, QString::number(b.number));
    }
    if (open_bracket_) {
        p.setPen(QPen(colour("accent"), 3, Qt::DashLine));
        const double x = c.brackets + 6;
        const double y = y_of(*open_bracket_);
        p.drawPolyline(QPolygonF({QPointF(x + 8, y), QPointF(x, y), QPointF(x, std::max(y + 12, y_of(moment_)))}));
    }
    for (const auto& line : layout_.lines)
        if (visible(line.box)) paint_line(p, line);
    if (const auto* use = session_.procedure().find(recording_->entry.id))
        for (const auto& note : use->notes) paint_note(p, note);

    const double y = y_of(moment_);
    p.setPen(QPen(colour("accent"), 1.4));
    p.drawLine(QPointF(0, y), QPointF(width(), y));
    p.setBrush(colour("accent"));
    p.setPen(Qt::NoPen);
    p.drawPolygon(QPolygonF({QPointF(0, y - 7), QPointF(10, y), QPointF(0, y + 7)}));
}

void TapeView::mousePressEvent(QMouseEvent* event) {
    if (recording_ == nullptr || event->button() != Qt::LeftButton) return;
    for (const auto& b : layout_.brackets)
        if (b.box.contains(event->position())) {
            emit step_clicked(b.step);
            emit moment_clicked(tape_time(input(), metrics_, b.box.top()));
            return;
        }
    for (const auto& line : layout_.lines)
        if (line.shown && line.box.contains(event->position())) {
            emit moment_clicked(recording_->narration[line.segment].start);
            return;
        }
    emit moment_clicked(tape_time(input(), metrics_, event->position().y()));
}

bool TapeView::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip && recording_ != nullptr) {
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const auto* use = session_.procedure().find(recording_->entry.id))
            for (const auto& note : use->notes)
                if (note_box(note).contains(help->pos())) {
                    QToolTip::showText(help->globalPos(), note_words(note) + (note.text.empty() ? QString() : QStringLiteral(": ") + text(note.text)), this);
                    return true;
                }
        for (const auto& line : layout_.lines) {
            if (!line.box.contains(help->pos())) continue;
            QStringList why;
            for (const std::size_t k : line.marks) why << tag_words(recording_->marks[k]) + QStringLiteral(": ") + text(recording_->marks[k].because);
            if (const auto& heard = recording_->heard[line.segment].text; heard != recording_->narration[line.segment].text) why << tr("the recogniser heard: %1").arg(text(heard));
            if (line.talk) why << tr("talk: nothing about the machine is said here");
            QToolTip::showText(help->globalPos(), why.join(QLatin1Char('\n')), this);
            return true;
        }
        QToolTip::hideText();
        return true;
    }
    return QWidget::event(event);
}

}  // namespace anagraph::app
