#include "app/figures/work_out.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>

#include "app/figures/due_panel.h"
#include "app/figures/fill_panel.h"
#include "app/figures/mixture_panel.h"
#include "app/figures/sequence_panel.h"
#include "app/figures/turn_panel.h"
#include "app/figures/wrench_panel.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

bool WorkOut::serves(const core::Procedure& procedure, const core::Figure& figure) {
    using K = core::FigureKind;
    const auto* item = procedure.find(figure.item);
    if (figure.kind == K::Percent) return item == nullptr || item->kind == core::ItemKind::Fluid;
    return figure.kind == K::Torque || figure.kind == K::Volume || figure.kind == K::Count || figure.kind == K::Turn ||
        figure.kind == K::Interval;
}

WorkOut::WorkOut(Session& session, const core::Figure& figure, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Work it out: %1").arg(text(core::title_of(session.procedure(), figure))));
    resize(1020, 700);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(22, 18, 22, 18);
    down->setSpacing(12);
    auto* head = new QHBoxLayout;
    auto* title = title_label(text(core::title_of(session.procedure(), figure)), this);
    head->addWidget(title);
    head->addStretch(1);
    auto* value = new QLabel(text(core::words_of(figure.value)) +
            (figure.tolerance.empty() ? QString() : QStringLiteral(" ± ") + text(core::Words::number(figure.tolerance))),
        this);
    value->setFont(theme::font("figure"));
    head->addWidget(value);
    down->addLayout(head);
    QWidget* panel = nullptr;
    if (figure.kind == core::FigureKind::Torque)
        panel = new WrenchPanel(session, figure, this);
    else if (figure.kind == core::FigureKind::Volume)
        panel = new FillPanel(session, figure, this);
    else if (figure.kind == core::FigureKind::Percent)
        panel = new MixturePanel(session.procedure(), figure, this);
    else if (figure.kind == core::FigureKind::Turn)
        panel = new TurnPanel(figure, this);
    else if (figure.kind == core::FigureKind::Interval)
        panel = new DuePanel(session.procedure(), figure, this);
    else
        panel = new SequencePanel(session.procedure(), figure, this);
    down->addWidget(panel, 1);
    auto* foot = new QHBoxLayout;
    foot->addWidget(quiet_label(tr("This is arithmetic, not permission: the maker's current book comes first."), this), 1);
    auto* close = new QDialogButtonBox(QDialogButtonBox::Close, this);
    connect(close, &QDialogButtonBox::rejected, this, &QDialog::accept);
    foot->addWidget(close);
    down->addLayout(foot);
    panel->setFocus();
}

}  // namespace anagraph::app
