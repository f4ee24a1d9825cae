#include "app/logbook/paper_dialog.h"

#include <QDialogButtonBox>
#include <QHeaderView>
#include <QVBoxLayout>

#include "app/theme/controls.h"
#include "app/theme/theme.h"

namespace anagraph::app {

using theme::text;

PaperDialog::PaperDialog(Session& session, const QString& file, core::Paper paper, QWidget* parent)
    : QDialog(parent), session_(session), paper_(std::move(paper)) {
    setWindowTitle(tr("Services from %1").arg(file));
    resize(980, 560);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    down->setSpacing(10);
    told_ = new QLabel(this);
    told_->setWordWrap(true);
    down->addWidget(told_);
    list_ = new QTreeWidget(this);
    list_->setRootIsDecorated(false);
    list_->setHeaderLabels({tr("Line"), tr("Machine"), tr("Day"), tr("What was done"), tr("Reading"), tr("Doubtful")});
    list_->setAccessibleName(tr("Lines of the table"));
    for (const auto& l : paper_.lines) {
        const auto& s = l.service;
        auto* item = new QTreeWidgetItem(list_,
            {QString::number(l.line), text(s.machine), text(s.on), text(s.what), s.reading ? text(core::display(*s.reading)) : QString(),
                text(l.doubt)});
        if (l.doubt.empty()) continue;
        item->setForeground(5, theme::colour("danger"));
        item->setToolTip(5, text(l.doubt));
        if (list_->currentItem() == nullptr) list_->setCurrentItem(item);
    }
    for (int column = 0; column < 5; ++column) list_->resizeColumnToContents(column);
    list_->header()->setStretchLastSection(true);
    down->addWidget(list_, 1);
    auto* buttons = new QDialogButtonBox(this);
    take_ = buttons->addButton(tr("Take in"), QDialogButtonBox::AcceptRole);
    buttons->addButton(QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &PaperDialog::take_in);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    down->addWidget(buttons);
    const auto doubts = static_cast<qsizetype>(paper_.doubts());
    take_->setEnabled(doubts == 0 && !paper_.lines.empty());
    told_->setText(doubts == 0
            ? tr("%n services are read, and nothing is doubtful.", "1 service is read, and nothing is doubtful.", static_cast<int>(paper_.lines.size()))
            : tr("%n lines are doubtful. Put them right in the file and read it again; until then nothing is taken in.", "1 line is doubtful. Put it right in the file and read it again; until then nothing is taken in.", static_cast<int>(doubts)));
}

void PaperDialog::take_in() {
    const auto entries = paper_.entries();
    const auto done = session_.library().log(entries, session_.author().toStdString());
    if (!done) return told_->setText(text(done.error().message));
    taken_ = entries.size();
    accept();
}

}  // namespace anagraph::app
