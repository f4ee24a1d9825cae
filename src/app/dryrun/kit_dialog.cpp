#include "app/dryrun/kit_dialog.h"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QPageSize>
#include <QPdfWriter>
#include <QPushButton>
#include <QSaveFile>
#include <QTextDocument>
#include <QVBoxLayout>
#include <algorithm>

#include "app/command/command_row.h"
#include "app/theme/theme.h"
#include "core/fluids/refill.h"

namespace anagraph::app {

using theme::text;

namespace {

QString row(const core::Procedure& p, const core::KitEntry& e, const QString& amount) {
    const auto step = std::find_if(p.steps.begin(), p.steps.end(), [&](const core::Step& s) { return s.id == e.step; });
    QString what = (amount.isEmpty() ? QString() : QStringLiteral("<b>%1</b> ").arg(amount)) + text(e.name).toHtmlEscaped();
    if (!e.size.empty()) what += QStringLiteral(" · ") + text(e.size).toHtmlEscaped();
    if (!e.number.empty()) what += QObject::tr(" · part number %1").arg(text(e.number).toHtmlEscaped());
    return QStringLiteral("<tr><td width='26'>☐</td><td>%1</td><td width='70' align='right'>%2</td></tr>")
        .arg(what, QObject::tr("step %1").arg(step - p.steps.begin() + 1));
}

QString block(const QString& title, const QString& rows) {
    return rows.isEmpty() ? QString()
                          : QStringLiteral("<h3>%1</h3><table width='100%' cellpadding='4'>%2</table>").arg(title.toHtmlEscaped(), rows);
}

}  // namespace

QString kit_page(const core::Procedure& p, const std::string& variant) {
    const auto kit = core::kit_of(p, variant);
    const auto count = [](const core::KitEntry& e) { return e.count > 1 ? QStringLiteral("%1 ×").arg(e.count) : QString(); };
    const auto rows = [&](const std::vector<core::KitEntry>& list) {
        QString out;
        for (const auto& e : list) out += row(p, e, count(e));
        return out;
    };
    QString fluids;
    for (const auto& f : kit.fluids) {
        auto e = f.entry;
        const std::string packs = core::packs_text(f);
        if (!packs.empty()) e.size = packs + (e.size.empty() ? "" : "; " + e.size);
        fluids += row(p, e, f.litres ? text(core::amount_text(*f.litres)) : QObject::tr("not known"));
    }
    QString out = QStringLiteral("<h2>%1</h2><p>%2</p>")
                      .arg(QObject::tr("Kit: %1").arg(text(p.header.title).toHtmlEscaped()),
                          text(p.header.machine + (variant.empty() ? "" : " · " + variant)).toHtmlEscaped());
    out += block(QObject::tr("Put on"), rows(kit.protection));
    out += block(QObject::tr("Tools and vessels, in the order of use"), rows(kit.tools));
    out += block(QObject::tr("New parts"), rows(kit.parts));
    out += block(QObject::tr("Fluids"), fluids);
    return out;
}

KitDialog::KitDialog(const core::Procedure& p, const std::string& variant, QWidget* parent)
    : QDialog(parent), title_(text(p.header.machine + " " + p.header.title)) {
    setWindowTitle(tr("Kit"));
    resize(760, 700);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    list_ = new QTextBrowser(this);
    list_->setHtml(kit_page(p, variant));
    list_->setAccessibleName(tr("Kit, as a list to tick"));
    down->addWidget(list_, 1);
    commands_ = new Commands(tr("Kit"), this);
    commands_->add(
        {"kit.print", tr("Print as PDF"), Qt::CTRL | Qt::Key_P, tr("Writes the list into a PDF, with a box to tick for each thing."),
            tr("Kit"), {}, [this] { print(); }, {}, {tr("list")}, true, always});
    auto* foot = new QHBoxLayout;
    foot->addWidget(command_button(*commands_, QStringLiteral("kit.print"), this));
    foot->addStretch(1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    buttons->button(QDialogButtonBox::Close)->setAutoDefault(false);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    foot->addWidget(buttons);
    down->addLayout(foot);
}

bool KitDialog::print_into(const QString& name) {
    // written beside and put in its place when it is whole
    QSaveFile file(name);
    if (!file.open(QIODevice::WriteOnly)) {
        trouble_ = tr("%1 cannot be written: %2. Choose another folder.").arg(name, file.errorString());
        return false;
    }
    QPdfWriter pdf(&file);
    pdf.setPageSize(QPageSize(QPageSize::A4));
    pdf.setTitle(title_);
    QTextDocument page;
    page.setDefaultFont(theme::font("text"));
    page.setHtml(list_->toHtml());
    page.print(&pdf);
    if (!file.commit()) {
        trouble_ = tr("%1 cannot be written: %2. Choose another folder.").arg(name, file.errorString());
        return false;
    }
    trouble_.clear();
    return true;
}

void KitDialog::print() {
    const QString name = QFileDialog::getSaveFileName(this, tr("Print the kit as PDF"), title_ + tr(" kit.pdf"), tr("PDF (*.pdf)"));
    if (name.isEmpty()) return;
    if (print_into(name) || trouble_.isEmpty()) return accept();
    reject();
}

}  // namespace anagraph::app
