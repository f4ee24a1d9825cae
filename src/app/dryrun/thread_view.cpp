#include "app/dryrun/thread_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QScrollBar>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"

namespace anagraph::app {

using core::Down;
using theme::text;

namespace {

constexpr double kStepsPerSecond = 1.6;  // how fast the job is played

QString names_of(const std::vector<std::string>& list) {
    QStringList out;
    for (const auto& name : list) out << text(name);
    return out.join(QStringLiteral(", "));
}

}  // namespace

ThreadView::ThreadView(QWidget* parent) : QAbstractScrollArea(parent) {
    setAccessibleName(tr("Dry run: steps run down"));
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    viewport()->setMouseTracking(true);
    play_.setInterval(16);
    connect(&play_, &QTimer::timeout, this, &ThreadView::go_down);
}

void ThreadView::show(Shown shown) {
    shown_ = std::move(shown);
    if (finding_ >= static_cast<int>(shown_.findings.size())) finding_ = -1;
    const int last = static_cast<int>(shown_.threads.steps.size()) - 1;
    if (place_.step > last) place_ = {std::max(0, last), 1};
    lay_out();
}

void ThreadView::lay_out() {
    ThreadMetrics m;
    const double line = QFontMetricsF(theme::font("text")).height();
    // all steps at once where two lines of a heading still find room, else they scroll
    const double all = (viewport()->height() - m.head - 15) / std::max<double>(1, static_cast<double>(shown_.threads.steps.size()));
    m.row = std::clamp(all, 2 * line, std::max(60.0, 3 * line));
    const bool scrolls = all < 2 * line;
    m.width = width() - (scrolls ? verticalScrollBar()->sizeHint().width() : 0);
    const auto people = shown_.plan ? shown_.plan->people : 1;
    m.plan = 40 + (people + 1) * 40 + 44;
    layout_ = thread_layout(shown_.threads, shown_.plan && shown_.plan->seconds > 0 ? &*shown_.plan : nullptr, m);
    verticalScrollBar()->setRange(0, std::max(0, static_cast<int>(std::ceil(layout_.height)) - viewport()->height()));
    verticalScrollBar()->setPageStep(viewport()->height());
    verticalScrollBar()->setSingleStep(static_cast<int>(m.row / 2));
    horizontalScrollBar()->setRange(0, std::max(0, static_cast<int>(std::lround(layout_.width - m.width))));
    horizontalScrollBar()->setPageStep(viewport()->width());
    viewport()->update();
}

void ThreadView::resizeEvent(QResizeEvent*) { lay_out(); }

QPointF ThreadView::offset() const { return QPointF(horizontalScrollBar()->value(), verticalScrollBar()->value()); }

void ThreadView::stand_on(const Down& place) {
    if (shown_.threads.steps.empty() || place == place_) return;
    place_ = place;
    keep_in_sight();
    viewport()->update();
    emit stood(place_.step);
}

void ThreadView::choose_finding(int finding) {
    finding_ = finding;
    if (finding >= 0 && finding < static_cast<int>(shown_.findings.size())) {
        const double y = y_of(shown_.findings[static_cast<std::size_t>(finding)]);
        place_ = layout_.down_at(y);
        keep_in_sight();
        emit stood(place_.step);
    }
    viewport()->update();
}

void ThreadView::keep_in_sight() {
    const double y = layout_.y(place_);
    const double top = verticalScrollBar()->value() + layout_.metrics.head;
    const double bottom = verticalScrollBar()->value() + viewport()->height();
    if (y < top + 10) verticalScrollBar()->setValue(static_cast<int>(y - layout_.metrics.head - layout_.metrics.row));
    if (y > bottom - 30) verticalScrollBar()->setValue(static_cast<int>(y - viewport()->height() + layout_.metrics.row));
}

void ThreadView::play(bool on) {
    if (on == playing() || (on && shown_.threads.steps.empty())) return;
    if (!on) {
        play_.stop();
        viewport()->update();
        return;
    }
    const int last = static_cast<int>(shown_.threads.steps.size()) - 1;
    if (place_.step == last && place_.at >= 1) stand_on({0, 0});
    clock_.start();
    play_.start();
}

void ThreadView::go_down() {
    const double by = static_cast<double>(clock_.restart()) / 1000 * kStepsPerSecond;
    const int last = static_cast<int>(shown_.threads.steps.size()) - 1;
    double down = place_.step + place_.at + by;
    if (down >= last + 1) {
        down = last + 1;
        play(false);
    }
    const int step = std::min(static_cast<int>(down), last);
    stand_on({step, down - step});
}

QString ThreadView::told() const {
    if (shown_.threads.steps.empty()) return {};
    const auto beside = shown_.threads.beside(place_);
    const QString machine = text(core::machine_words(shown_.threads.machine_at(place_)));
    const int number = shown_.numbers[static_cast<std::size_t>(place_.step)];
    return beside.empty() ? tr("At step %1 the machine %2; nothing lies beside it.").arg(number).arg(machine)
                          : tr("At step %1 the machine %2. Beside it lie: %3.").arg(number).arg(machine, names_of(beside));
}

// -- where findings stand -------------------------------------------------------------------------------------------------

double ThreadView::y_of(const core::OrderFinding& f) const {
    const auto& steps = shown_.threads.steps;
    const int row = static_cast<int>(std::find(steps.begin(), steps.end(), f.step) - steps.begin());
    if (row >= static_cast<int>(steps.size())) return layout_.height;
    // where its thing is acted on in the step
    for (const auto& id : f.items)
        for (const auto& t : shown_.threads.threads)
            if (t.item == id)
                for (const auto& k : t.knots)
                    if (k.at.step == row) return layout_.y(k.at);
    return layout_.row_top(row) + layout_.metrics.row / 2;
}

QPointF ThreadView::mark_place(const core::OrderFinding& f) const {
    const double y = y_of(f);
    for (const auto& id : f.items) {
        for (std::size_t i = 0; i < shown_.threads.threads.size(); ++i)
            if (shown_.threads.threads[i].item == id) return {layout_.threads[i], y};
        for (std::size_t i = 0; i < shown_.threads.fluids.size(); ++i)
            if (shown_.threads.fluids[i].item == id) return {layout_.fluids[i], y};
    }
    return {layout_.band + kBandWidth / 2, y};
}

QRectF ThreadView::mark_of(int finding) const {
    if (finding < 0 || finding >= static_cast<int>(shown_.findings.size())) return {};
    const QPointF at = mark_place(shown_.findings[static_cast<std::size_t>(finding)]) - offset();
    return QRectF(at.x() - kRing, at.y() - kRing, 2 * kRing, 2 * kRing);
}

// -- keys and mouse -------------------------------------------------------------------------------------------------------

void ThreadView::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton || shown_.threads.steps.empty()) return;
    for (int i = 0; i < static_cast<int>(shown_.findings.size()); ++i)
        if (mark_of(i).adjusted(-3, -3, 3, 3).contains(event->position())) {
            emit finding_clicked(i);
            return;
        }
    const double y = event->position().y();
    if (y > layout_.metrics.head) stand_on(layout_.down_at(y + offset().y()));
}

void ThreadView::mouseMoveEvent(QMouseEvent* event) {
    const double y = event->position().y();
    if ((event->buttons() & Qt::LeftButton) != 0 && y > layout_.metrics.head) stand_on(layout_.down_at(y + offset().y()));
}

void ThreadView::keyPressEvent(QKeyEvent* event) {
    const int last = static_cast<int>(shown_.threads.steps.size()) - 1;
    switch (event->key()) {
        case Qt::Key_Space:
            if (!event->isAutoRepeat()) play(true);
            return;
        case Qt::Key_Down:
            stand_on(place_.at < 1 ? Down{place_.step, 1} : Down{std::min(place_.step + 1, last), 1});
            return;
        case Qt::Key_Up:
            stand_on(place_.step == 0 ? Down{0, 0} : Down{place_.step - 1, 1});
            return;
        case Qt::Key_Home:
            stand_on({0, 0});
            return;
        case Qt::Key_End:
            stand_on({std::max(0, last), 1});
            return;
        default:
            QAbstractScrollArea::keyPressEvent(event);
    }
}

void ThreadView::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat())
        play(false);
    else
        QAbstractScrollArea::keyReleaseEvent(event);
}

void ThreadView::focusOutEvent(QFocusEvent* event) {
    play(false);
    QAbstractScrollArea::focusOutEvent(event);
}

bool ThreadView::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip) return cut_.tell(event, viewport());
    return QAbstractScrollArea::viewportEvent(event);
}

std::vector<spoken::Painted> ThreadView::painted() const {
    using spoken::Painted;
    auto* self = const_cast<ThreadView*>(this);
    const auto& threads = shown_.threads;
    std::vector<Painted> out;
    std::map<core::StepId, int> rows;  // where each stands in `out`
    const auto in_view = [&](double top, double high) {
        return QRectF(0, top - offset().y(), viewport()->width(), high).toAlignedRect().intersected(viewport()->rect());
    };
    for (int i = 0; i < static_cast<int>(threads.steps.size()); ++i) {
        const auto row = static_cast<std::size_t>(i);
        rows[threads.steps[row]] = static_cast<int>(out.size());
        QString name =
            tr("Step %1, %2; after it the machine %3")
                .arg(QString::number(shown_.numbers[row]), shown_.headings[row], text(core::machine_words(threads.machine_at({i, 1}))));
        if (shown_.pinned[row]) name += tr(", stays where it is");
        out.push_back({.role = QAccessible::Row,
            .name = name,
            .box = in_view(layout_.row_top(i), layout_.metrics.row),
            .in_hand = place_.step == i,
            .does = tr("Stand there"),
            .act = [self, i] {
                self->stand_on({i, 1});
            }});
        // what is done in it, in its order
        std::vector<std::pair<core::Down, QString>> done;
        for (const auto& t : threads.threads) {
            auto sat = t.first;
            for (const auto& k : t.knots) {
                if (k.at.step == i)
                    done.emplace_back(k.at,
                        k.sits == sat ? tr("%1: %2").arg(text(t.name), text(k.done))
                                      : tr("%1: %2, now %3").arg(text(t.name), text(k.done), text(core::words_of(k.sits))));
                sat = k.sits;
            }
        }
        for (const auto& f : threads.fluids)
            for (const auto& k : f.knots)
                if (k.at.step == i)
                    done.emplace_back(k.at,
                        k.low == k.high ? tr("%1: %2, now %3 % full").arg(text(f.name), text(k.done)).arg(std::lround(k.high * 100))
                                        : tr("%1: %2, now %3 to %4 % full")
                                              .arg(text(f.name), text(k.done))
                                              .arg(std::lround(k.low * 100))
                                              .arg(std::lround(k.high * 100)));
        std::stable_sort(done.begin(), done.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
        for (const auto& [at, words] : done) out.push_back({.role = QAccessible::Cell, .name = words, .depth = 1});
        const auto beside = threads.beside({i, 1});
        if (!beside.empty()) out.push_back({.role = QAccessible::Cell, .name = tr("Beside it lie: %1").arg(names_of(beside)), .depth = 1});
    }
    for (int i = 0; i < static_cast<int>(shown_.findings.size()); ++i) {
        const auto& f = shown_.findings[static_cast<std::size_t>(i)];
        const auto row = rows.find(f.step);
        out.push_back({.role = QAccessible::ListItem,
            .name = tr("Finding: %1").arg(text(f.because)),
            .box = mark_of(i).toAlignedRect(),
            .does = tr("Take in hand"),
            .act = [self, i] { emit self->finding_clicked(i); },
            .leads_to = row == rows.end() ? -1 : row->second});
    }
    if (!shown_.plan) return out;
    for (const auto& task : shown_.plan->tasks) {
        const auto at = std::find(threads.steps.begin(), threads.steps.end(), task.step);
        if (at == threads.steps.end()) continue;
        const auto row = static_cast<std::size_t>(at - threads.steps.begin());
        const QString who = task.who < 0 ? tr("nobody is needed") : task.who == 0 ? tr("A") : tr("B");
        out.push_back({.role = QAccessible::ListItem,
            .name = (task.part == core::PlannedTask::Part::Wait ? tr("Plan: from %1 to %2 step %3 waits, %4")
                                                                : tr("Plan: from %1 to %2 step %3, hands of %4"))
                        .arg(text(core::clock_text(core::FrameTime(task.from, 1), false)),
                            text(core::clock_text(core::FrameTime(task.to, 1), false)), QString::number(shown_.numbers[row]), who),
            .leads_to = rows.at(task.step)});
    }
    return out;
}

}  // namespace anagraph::app
