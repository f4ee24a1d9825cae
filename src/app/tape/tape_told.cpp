// What the tape tells those who do not see it: recordings, the steps on them and every line that is said, in the order of time.
#include <algorithm>

#include "app/session/session.h"
#include "app/tape/tape_view.h"
#include "app/theme/theme.h"
#include "core/figure/spoken.h"
#include "core/tape/logging.h"

namespace anagraph::app {

using spoken::Painted;
using theme::text;

namespace {

QString at_words(const core::FrameTime& at) { return text(core::clock_text(at, false)); }

}  // namespace

QString TapeView::told(const TapeBracket& b) const {
    const auto* step = session_.procedure().find(b.step);
    if (step == nullptr || b.take >= step->takes.size()) return {};
    const auto& take = step->takes[b.take];
    QStringList words{
        tr("Step %1, %2, from %3 to %4").arg(QString::number(b.number), text(step->heading), at_words(take.from), at_words(take.to))};
    if (b.takes > 1)
        words << (b.take == 0 ? tr("the best of %n takes", "the only take", static_cast<int>(b.takes)) : tr("take %1").arg(b.take + 1));
    if (step->drafted) words << tr("drafted: nobody has confirmed it");
    return words.join(QStringLiteral(", "));
}

QString TapeView::told(const TapeLine& line) const {
    const auto& r = recording(line.recording);
    const auto& s = r.narration[line.segment];
    QStringList words{tr("%1: “%2”").arg(at_words(s.start), words_of(line))};
    for (const std::size_t k : line.marks) {
        const auto& m = r.marks[k];
        const QString kind = tape_view::mark_words(m);
        const QString mark =
            m.kind == core::MarkKind::Figure && m.value.known() ? tr("%1, %2").arg(kind, theme::said(core::spoken(m.value))) : kind;
        words << (m.taken_back || core::is_dismissed(session_.procedure(), r.entry.id, m) ? tr("%1, dismissed").arg(mark)
                : core::taken_as(session_.procedure(), r.entry.id, m) != nullptr          ? tr("%1, taken").arg(mark)
                                                                                          : mark);
    }
    if (!r.heard_line[line.segment].has_value()) words << tr("typed by the author");
    if (!unsure_in(line, words_of(line)).empty()) words << tr("the program was not sure of every word");
    if (line.talk) words << tr("talk");
    return words.join(QStringLiteral(", "));
}

std::vector<Painted> TapeView::painted() const {
    struct Event {
        double y;
        Painted thing;
    };
    const auto in_view = [&](const QRectF& box) { return box.translated(0, -offset()).toAlignedRect().intersected(viewport()->rect()); };
    std::vector<Event> events;
    auto* self = const_cast<TapeView*>(this);
    const auto go = [self](const core::RecordingId& id, const core::FrameTime& at) {
        return [self, id, at] { emit self->moment_clicked(id, at); };
    };
    for (std::size_t r = 0; r < job_.size(); ++r) {
        const auto id = recording(r).entry.id;
        const QString name = r < headings_.size() ? QStringList{headings_[r].name, headings_[r].relation}.join(QStringLiteral(", "))
                                                  : text(recording(r).entry.name);
        events.push_back({layout_.axis.head(r),
            {.role = QAccessible::Heading, .name = name, .does = tr("Go there"), .act = go(id, recording(r).index.start())}});
        if (r < headings_.size() && !headings_[r].undone.isEmpty())
            events.push_back({layout_.axis.foot(r), {.name = headings_[r].undone, .depth = 1}});
        if (const auto* use = session_.procedure().find(id))
            for (const auto& n : use->notes) {
                const QRectF box = note_box(r, n);
                events.push_back({box.top(),
                    {.role = QAccessible::Note,
                        .name = tr("Note at %1: %2").arg(at_words(n.at), n.text.empty() ? text(core::words_of(n.kind)) : text(n.text)),
                        .box = in_view(box),
                        .depth = 1,
                        .does = tr("Go there"),
                        .act = go(id, n.at)}});
            }
        for (const auto& poor : recording(r).poor)
            events.push_back({layout_.axis.y(r, poor.from.seconds()),
                {.name = (poor.dark ? tr("From %1 to %2 the picture is too dark") : tr("From %1 to %2 the picture is blurred"))
                             .arg(at_words(poor.from), at_words(poor.to)),
                    .depth = 1}});
    }
    for (const auto& b : layout_.brackets) {
        const QString name = told(b);
        if (name.isEmpty()) continue;
        const auto step = b.step;
        const auto& take = session_.procedure().find(b.step)->takes[b.take];
        const auto there = go(recording(b.recording).entry.id, take.from);
        events.push_back({b.box.top() - 0.5,
            {.role = QAccessible::ListItem,
                .name = name,
                .box = in_view(b.box),
                .depth = 1,
                .does = tr("Take in hand"),
                .act = [self, step, there] {
                    emit self->step_clicked(step);
                    there();
                }}});
    }
    const auto now = line_at(moment_);
    for (const auto& line : layout_.lines)
        events.push_back({line.box.top(),
            {.role = QAccessible::ListItem,
                .name = told(line),
                .box = line.shown ? in_view(line.box) : QRect(),
                .depth = 1,
                .in_hand = line.recording == current_ && now == line.segment,
                .does = tr("Go there"),
                .act = go(recording(line.recording).entry.id, recording(line.recording).narration[line.segment].start)}});
    std::stable_sort(events.begin(), events.end(), [](const Event& a, const Event& b) { return a.y < b.y; });
    std::vector<Painted> out;
    for (auto& e : events) out.push_back(std::move(e.thing));
    return out;
}

}  // namespace anagraph::app
