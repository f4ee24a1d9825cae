#include "app/plates/care_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/plate/still_frame.h"
#include "publish/still_care.h"

namespace anagraph::app {

namespace {

std::array<int*, 4> edges_of(core::Area& a) { return {&a.left, &a.top, &a.right, &a.bottom}; }

}  // namespace

CareView::CareView(QImage frame, QWidget* parent) : QWidget(parent), frame_(std::move(frame)) {
    setMinimumSize(600, 360);
    setCursor(Qt::CrossCursor);
    setAccessibleName(tr("The still; draw over what is to be kept or hidden"));
}

void CareView::show_care(const core::StillCare& care) {
    care_ = care;
    core::StillCare whole = care;
    whole.crop = {};
    if (shown_.isNull() || whole != made_) shown_ = publish::cared_for(frame_, whole);
    made_ = whole;
    update();
}

QRectF CareView::picture_rect() const {
    QSizeF size = frame_.size();
    size.scale(QSizeF(this->size()) - QSizeF(6, 6), Qt::KeepAspectRatio);  // room for the frame about it
    return {QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size};
}

core::Place CareView::to_place(const QPointF& point) const {
    const QRectF r = picture_rect();
    const auto part = [](double v) { return std::clamp(static_cast<int>(std::lround(v * 10000)), 0, 10000); };
    return {part((point.x() - r.left()) / r.width()), part((point.y() - r.top()) / r.height())};
}

core::Area CareView::drawn() const {
    return {std::min(from_->x, to_.x), std::min(from_->y, to_.y), std::max(from_->x, to_.x), std::max(from_->y, to_.y)};
}

void CareView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF r = picture_rect();
    p.drawImage(r, shown_);
    const auto rect = [&](const core::Area& a) {
        return QRectF(r.left() + a.left * r.width() / 10000, r.top() + a.top * r.height() / 10000, (a.right - a.left) * r.width() / 10000,
            (a.bottom - a.top) * r.height() / 10000);
    };
    QPainterPath away;
    away.addRect(r);
    QPainterPath kept;
    kept.addRect(rect(care_.crop));
    QColor away_from_it = theme::colour_on_picture("ink");
    away_from_it.setAlpha(150);
    p.fillPath(away - kept, away_from_it);
    p.setPen(QPen(theme::colour_on_picture("white"), 3));
    p.drawRect(rect(care_.crop));
    p.setPen(QPen(theme::colour_on_picture("ink"), 1));
    p.drawRect(rect(care_.crop));
    if (from_) {
        p.setPen(QPen(theme::colour_on_picture("accent"), 2, Qt::DashLine));
        p.drawRect(rect(drawn()));
    }
}

void CareView::mousePressEvent(QMouseEvent* event) {
    from_ = to_place(event->position());
    to_ = *from_;
}
void CareView::mouseMoveEvent(QMouseEvent* event) {
    if (!from_) return;
    to_ = to_place(event->position());
    update();
}
void CareView::mouseReleaseEvent(QMouseEvent* event) {
    if (!from_) return;
    to_ = to_place(event->position());
    const auto area = drawn();
    from_.reset();
    update();
    if (area.right - area.left > 100 && area.bottom - area.top > 100) emit area_drawn(area);
}

CareDialog::CareDialog(const QImage& frame, core::StillCare care, QWidget* parent)
    : QDialog(parent), aspect_(static_cast<double>(frame.width()) / std::max(1, frame.height())), care_(std::move(care)) {
    setWindowTitle(tr("The still as it is shown"));
    resize(1120, 640);
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(16, 14, 16, 14);
    across->setSpacing(18);
    view_ = new CareView(frame, this);
    across->addWidget(view_, 1);
    auto* side = new QVBoxLayout;
    side->addWidget(title_label(tr("Draw on the picture"), this));
    cutting_ = new QRadioButton(tr("&Keep this part"), this);
    hiding_ = new QRadioButton(tr("&Hide this part"), this);
    cutting_->setChecked(true);
    side->addWidget(cutting_);
    side->addWidget(hiding_);
    auto* form = new QFormLayout;
    const auto number = [&](int from, int to, int now, const QString& suffix, const QString& name) {
        auto* box = new QSpinBox(this);
        box->setRange(from, to);
        box->setValue(now);
        box->setSuffix(suffix);
        box->setAccessibleName(name);
        connect(box, &QSpinBox::valueChanged, this, &CareDialog::refresh);
        return box;
    };
    tilt_ = number(-150, 150, care_.tilt, tr(" tenths of a degree"), tr("Turned"));
    brighten_ = number(0, 100, care_.brighten, QString(), tr("Brightened"));
    brighten_->setSingleStep(10);
    tilt_->setSingleStep(5);
    form->addRow(tr("&Turn"), tilt_);
    form->addRow(tr("&Brighten"), brighten_);
    side->addLayout(form);
    const auto four = [&](std::array<QSpinBox*, 4>& boxes, core::Area area, const QString& what) {
        auto* grid = new QGridLayout;
        const QString names[] = {tr("left"), tr("top"), tr("right"), tr("bottom")};
        for (std::size_t i = 0; i < 4; ++i) {
            boxes[i] = number(0, 100, *edges_of(area)[i] / 100, QStringLiteral(" %"), tr("%1, %2").arg(what, names[i]));
            grid->addWidget(quiet_label(names[i], this), static_cast<int>(i) / 2, 2 * (static_cast<int>(i) % 2));
            grid->addWidget(boxes[i], static_cast<int>(i) / 2, 2 * (static_cast<int>(i) % 2) + 1);
        }
        side->addLayout(grid);
    };
    side->addWidget(title_label(tr("Kept"), this));
    four(edges_, care_.crop, tr("Kept"));
    side->addWidget(title_label(tr("Hidden"), this));
    hidden_ = new QListWidget(this);
    hidden_->setMaximumHeight(90);
    hidden_->setAccessibleName(tr("Hidden parts"));
    side->addWidget(hidden_);
    four(covers_, {}, tr("Hidden"));
    auto* row = new QHBoxLayout;
    auto* more = new QPushButton(tr("&Add"), this);
    auto* less = new QPushButton(tr("&Show it again"), this);
    for (auto* b : {more, less}) {
        b->setAutoDefault(false);
        row->addWidget(b);
    }
    side->addLayout(row);
    side->addWidget(quiet_label(
        tr("A face, a number plate, a screen: what is hidden is gone from everything that is issued. The recording is not touched."),
        this));
    side->addStretch(1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel | QDialogButtonBox::Reset, this);
    buttons->button(QDialogButtonBox::Reset)->setText(tr("As recorded"));
    side->addWidget(buttons);
    across->addLayout(side);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    const auto all_shown = [this] {
        showing_ = true;
        tilt_->setValue(care_.tilt);
        brighten_->setValue(care_.brighten);
        for (std::size_t i = 0; i < 4; ++i) edges_[i]->setValue(*edges_of(care_.crop)[i] / 100);
        const int now = hidden_->currentRow();
        hidden_->clear();
        for (std::size_t i = 0; i < care_.hidden.size(); ++i) hidden_->addItem(tr("part %1").arg(i + 1));
        hidden_->setCurrentRow(std::min(std::max(now, 0), hidden_->count() - 1));
        showing_ = false;
        view_->show_care(care_);
    };
    connect(buttons->button(QDialogButtonBox::Reset), &QPushButton::clicked, this, [this, all_shown] {
        care_ = {};
        all_shown();
    });
    connect(view_, &CareView::area_drawn, this, [this, all_shown](const core::Area& area) {
        take_area(area);
        all_shown();
        hidden_->setCurrentRow(hidden_->count() - 1);
    });
    connect(more, &QPushButton::clicked, this, [this, all_shown] {
        care_.hidden.push_back({4000, 4000, 6000, 6000});
        all_shown();
        hidden_->setCurrentRow(hidden_->count() - 1);
        covers_[0]->setFocus();
    });
    connect(less, &QPushButton::clicked, this, [this, all_shown] {
        if (hidden_->currentRow() >= 0) care_.hidden.erase(care_.hidden.begin() + hidden_->currentRow());
        all_shown();
    });
    connect(hidden_, &QListWidget::currentRowChanged, this, [this](int row_now) {
        const bool any = row_now >= 0 && row_now < static_cast<int>(care_.hidden.size());
        const bool before = showing_;
        showing_ = true;
        for (std::size_t i = 0; i < 4; ++i) {
            covers_[i]->setEnabled(any);
            if (any) covers_[i]->setValue(*edges_of(care_.hidden[static_cast<std::size_t>(row_now)])[i] / 100);
        }
        showing_ = before;
    });
    for (auto* box : covers_) box->setEnabled(false);
    all_shown();
}

void CareDialog::take_area(const core::Area& area) {
    if (hiding_->isChecked())
        care_.hidden.push_back(core::recorded_area(area, care_.tilt, aspect_));
    else
        care_.crop = area;
}

/// What the numbers say now; numbers that contradict themselves are waited for.
void CareDialog::refresh() {
    if (showing_) return;
    care_.tilt = tilt_->value();
    care_.brighten = brighten_->value();
    const auto read = [](const std::array<QSpinBox*, 4>& boxes, core::Area& out) {
        core::Area a{boxes[0]->value() * 100, boxes[1]->value() * 100, boxes[2]->value() * 100, boxes[3]->value() * 100};
        // a number that shows the same per cent keeps its finer place
        const auto now = edges_of(out);
        const auto next = edges_of(a);
        for (std::size_t i = 0; i < 4; ++i)
            if (*now[i] / 100 == *next[i] / 100) *next[i] = *now[i];
        if (a.right - a.left >= 500 && a.bottom - a.top >= 500) out = a;
    };
    read(edges_, care_.crop);
    if (const int row = hidden_->currentRow(); row >= 0 && row < static_cast<int>(care_.hidden.size()))
        read(covers_, care_.hidden[static_cast<std::size_t>(row)]);
    view_->show_care(care_);
}

}  // namespace anagraph::app
