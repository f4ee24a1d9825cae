#include "app/sheet/guide_dialogs.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QDateTime>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QTextBrowser>
#include <QVBoxLayout>
#include <algorithm>

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/editing/line_actions.h"
#include "core/edits/change_label.h"
#include "core/edits/copy_step.h"
#include "core/edits/line_history.h"
#include "core/procedure/text.h"
#include "core/procedure/variant_view.h"

namespace anagraph::app::guide_dialogs {

using theme::text;

namespace {
/// So that what collects words for translation finds them under one name.
struct GuideDialogsWords {
    Q_DECLARE_TR_FUNCTIONS(GuideDialogsWords)
};

/// A text with what only it says of several set apart, by weight and a line under it.
QString with_difference(const std::string& words, const core::SharedEnds& ends) {
    const std::size_t middle = words.size() - ends.front - ends.back;
    QString out = text(words.substr(0, ends.front)).toHtmlEscaped();
    if (middle > 0) out += QStringLiteral("<b><u>%1</u></b>").arg(text(words.substr(ends.front, middle)).toHtmlEscaped());
    return out + text(words.substr(words.size() - ends.back)).toHtmlEscaped();
}

QString variants_page(const core::Procedure& p, const std::vector<std::size_t>& columns, bool differences_only) {
    const QString rule = theme::colour("rule").name();
    const QString cell = QStringLiteral("<td style='border-top:1px solid %1'>%2</td>");
    QString out = QStringLiteral("<table width='100%' cellspacing='0' cellpadding='6'><tr><td width='14%'></td>");
    for (const auto c : columns)
        out += QStringLiteral("<td width='%1%'><b>%2</b></td>")
                   .arg(86 / static_cast<int>(columns.size()))
                   .arg(text(p.header.variants[c]).toHtmlEscaped());
    out += QStringLiteral("</tr>");
    core::StepId last;
    int number = 0;
    for (const auto& row : core::side_by_side(p)) {
        if (row.step != last) {
            last = row.step;
            ++number;
        }
        std::vector<std::string> shown;  // what says nothing has nothing in common
        for (const auto c : columns)
            if (!row.texts[c].empty()) shown.push_back(row.texts[c]);
        const bool differs = std::adjacent_find(columns.begin(), columns.end(),
                                 [&](std::size_t a, std::size_t b) { return row.texts[a] != row.texts[b]; }) != columns.end();
        if (differences_only && !differs) continue;
        const bool heading = row.what == "Heading";
        const QString what = row.step.empty() ? GuideDialogsWords::tr("Items of some only")
            : heading                         ? GuideDialogsWords::tr("Step %1").arg(number)
            : differences_only                ? GuideDialogsWords::tr("Step %1, %2").arg(number).arg(text(row.what).toLower())
                                              : text(row.what);
        // a difference is marked by a bar and a word, not by colour alone
        out += differs ? QStringLiteral("<tr bgcolor='%1'>").arg(theme::colour("wash").name()) +
                cell.arg(rule, QStringLiteral("%1 <b>≠ %2</b>").arg(what, GuideDialogsWords::tr("differs")))
                       : QStringLiteral("<tr>") + cell.arg(rule, what);
        const auto ends = core::shared_ends(shown);
        for (const auto c : columns) {
            const QString words = row.texts[c].empty() ? QStringLiteral("<i>%1</i>").arg(GuideDialogsWords::tr("not for this one"))
                                                       : with_difference(row.texts[c], ends);
            out += cell.arg(rule, heading ? QStringLiteral("<b>%1</b>").arg(words) : words);
        }
        out += QStringLiteral("</tr>");
    }
    return out + QStringLiteral("</table>");
}

}  // namespace

void show_variants(Session& session, QWidget* parent) {
    const auto& p = session.procedure();
    if (p.header.variants.empty()) {
        session.tell(GuideDialogsWords::tr(
            "The guide is for one kind of machine; name its variants in the guide settings to see them side by side."));
        return;
    }
    QDialog dialog(parent);
    dialog.setWindowTitle(GuideDialogsWords::tr("Variants side by side"));
    dialog.resize(1080, 660);
    auto* down = new QVBoxLayout(&dialog);
    down->setContentsMargins(20, 16, 20, 16);
    auto* across = new QHBoxLayout;
    auto* which = new QComboBox(&dialog);
    which->setAccessibleName(GuideDialogsWords::tr("Shown"));
    which->addItem(GuideDialogsWords::tr("all side by side"), -1);
    for (std::size_t i = 0; i < p.header.variants.size(); ++i)
        which->addItem(GuideDialogsWords::tr("%1 alone").arg(text(p.header.variants[i])), static_cast<int>(i));
    auto* only = new QComboBox(&dialog);
    only->setAccessibleName(GuideDialogsWords::tr("Lines"));
    only->addItems({GuideDialogsWords::tr("every line"), GuideDialogsWords::tr("only what differs")});
    across->addWidget(which);
    across->addWidget(only);
    across->addStretch(1);
    down->addLayout(across);
    auto* page = new QTextBrowser(&dialog);
    page->setAccessibleName(GuideDialogsWords::tr("The guide for its variants"));
    down->addWidget(page, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, &dialog);
    down->addWidget(buttons);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    const auto show = [&] {
        std::vector<std::size_t> columns;
        for (std::size_t i = 0; i < p.header.variants.size(); ++i)
            if (which->currentData().toInt() < 0 || which->currentData().toInt() == static_cast<int>(i)) columns.push_back(i);
        only->setEnabled(columns.size() > 1);
        page->setHtml(variants_page(p, columns, columns.size() > 1 && only->currentIndex() == 1));
    };
    QObject::connect(which, &QComboBox::currentIndexChanged, &dialog, show);
    QObject::connect(only, &QComboBox::currentIndexChanged, &dialog, show);
    show();
    dialog.exec();
}

std::optional<core::Result<core::Change>> line_history(Session& session, int line, QWidget* parent) {
    const auto* step = session.procedure().find(session.step());
    if (step == nullptr || line < 0 || line >= static_cast<int>(step->lines.size())) {
        session.tell(GuideDialogsWords::tr("Put the cursor into the line whose history is wanted."));
        return {};
    }
    const auto journal = session.library().history(session.guide());
    if (!journal) {
        session.tell(text(journal.error().message));
        return {};
    }
    std::vector<core::Journaled> entries;
    for (const auto& h : *journal) entries.push_back({h.at, h.author, h.change});
    const auto versions = core::line_history(entries, step->id, static_cast<std::size_t>(line));
    QDialog dialog(parent);
    dialog.setWindowTitle(GuideDialogsWords::tr("Who wrote this line, and what stood there before"));
    dialog.resize(760, 420);
    auto* down = new QVBoxLayout(&dialog);
    down->setContentsMargins(20, 16, 20, 16);
    auto* list = new QListWidget(&dialog);
    list->setWordWrap(true);
    list->setAccessibleName(GuideDialogsWords::tr("Versions of the line, the newest first"));
    for (std::size_t i = 0; i < versions.size(); ++i) {
        const auto& v = versions[i];
        list->addItem(QStringLiteral("%1\n%2").arg(
            v.text.empty() ? GuideDialogsWords::tr("(empty)") : text(core::rendered(session.procedure(), v.text)),
            GuideDialogsWords::tr("%1 · %2 · %3%4")
                .arg(text(v.who), QDateTime::fromString(text(v.at), Qt::ISODate).toLocalTime().toString(QStringLiteral("yyyy-MM-dd hh:mm")),
                    theme::label_words(v.label), i == 0 ? GuideDialogsWords::tr(" · as it stands now") : QString())));
    }
    list->setCurrentRow(0);
    down->addWidget(list, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, &dialog);
    auto* back = buttons->addButton(GuideDialogsWords::tr("Restore this version"), QDialogButtonBox::AcceptRole);
    back->setEnabled(false);
    QObject::connect(list, &QListWidget::currentRowChanged, &dialog, [&](int row) { back->setEnabled(row > 0); });
    QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    down->addWidget(buttons);
    if (dialog.exec() != QDialog::Accepted || list->currentRow() <= 0) return {};
    auto lines = step->lines;
    lines[static_cast<std::size_t>(line)] = versions[static_cast<std::size_t>(list->currentRow())].text;
    return core::Change{core::change_label("write a line as it was"),
        {core::Put<core::Step>{core::with_lines(*step, std::move(lines), session.procedure().items), std::nullopt}}};
}

std::optional<core::Result<core::Change>> copy_step(Session& session, QWidget* parent) {
    const auto guides = session.library().guides();
    if (!guides) {
        session.tell(text(guides.error().message));
        return {};
    }
    QDialog dialog(parent);
    dialog.setWindowTitle(GuideDialogsWords::tr("A step of another guide"));
    dialog.resize(620, 480);
    auto* down = new QVBoxLayout(&dialog);
    down->setContentsMargins(20, 16, 20, 16);
    auto* which = new QComboBox(&dialog);
    which->setAccessibleName(GuideDialogsWords::tr("Guide"));
    for (const auto& g : *guides)
        if (g.id != session.guide())
            which->addItem(GuideDialogsWords::tr("%1 · %2").arg(text(g.machine), text(g.title)), text(g.id.text()));
    if (which->count() == 0) {
        session.tell(GuideDialogsWords::tr("There is no other guide in this library yet."));
        return {};
    }
    auto* list = new QListWidget(&dialog);
    list->setAccessibleName(GuideDialogsWords::tr("Its steps"));
    core::Procedure from;
    const auto show = [&] {
        list->clear();
        const auto loaded = session.library().load_guide(store::GuideId(which->currentData().toString().toStdString()));
        from = loaded ? *loaded : core::Procedure{};
        for (std::size_t i = 0; i < from.steps.size(); ++i)
            list->addItem(QStringLiteral("%1   %2").arg(i + 1).arg(text(from.steps[i].heading)));
        list->setCurrentRow(0);
    };
    QObject::connect(which, &QComboBox::currentIndexChanged, &dialog, show);
    down->addWidget(which);
    down->addWidget(list, 1);
    down->addWidget(quiet_label(
        GuideDialogsWords::tr(
            "It comes in behind the step in hand, with the items, figures and sources it names. What this guide has already is used."),
        &dialog));
    auto* form = new QFormLayout;
    end_form(form, &dialog);
    down->addLayout(form);
    show();
    list->setFocus();
    if (dialog.exec() != QDialog::Accepted || list->currentRow() < 0) return {};
    const auto& steps = session.procedure().steps;
    const auto here = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == session.step(); });
    const auto at = here == steps.end() ? steps.size() : static_cast<std::size_t>(here - steps.begin()) + 1;
    return core::copy_step(from, from.steps[static_cast<std::size_t>(list->currentRow())].id, session.procedure(), at);
}

}  // namespace anagraph::app::guide_dialogs
