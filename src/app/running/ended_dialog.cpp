#include "app/running/ended_dialog.h"

#include <QDateTime>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QGuiApplication>
#include <QPushButton>
#include <QStandardPaths>
#include <QSysInfo>
#include <QVBoxLayout>
#include <algorithm>

#include "app/running/event_log.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "core/base/versions.h"
#include "store/files.h"

namespace anagraph::app {

using theme::text;

namespace {

constexpr int kLogLines = 80;

QString in_this_places_time(const std::string& utc) {
    const auto at = QDateTime::fromString(text(utc), Qt::ISODate);
    return at.isValid() ? at.toLocalTime().toString(QStringLiteral("d MMMM, HH:mm")) : text(utc);
}

/// Of the guide that was open, the last change that is saved.
QString saved_of(const store::Ended& ended, const Session& session) {
    if (ended.guide.empty() || ended.library != session.home()) return EndedDialog::tr("Every change you made is saved.");
    const auto guides = session.library().guides();
    const auto changes = session.library().history(store::GuideId(ended.guide));
    if (!guides || !changes || changes->empty()) return EndedDialog::tr("Every change you made is saved.");
    const auto guide = std::find_if(guides->begin(), guides->end(), [&](const auto& g) { return g.id.text() == ended.guide; });
    const auto& last = changes->back();
    return EndedDialog::tr("\u201C%1\u201D is saved up to its last change: %2, %3, by %4.")
        .arg(guide == guides->end() ? text(ended.guide) : text(guide->machine + " \u00b7 " + guide->title),
            theme::label_words(last.change.label), in_this_places_time(last.at), text(last.author));
}

QString report_of(const store::Ended& ended) {
    QString out = text(core::version_text("anagraph")) + QLatin1Char('\n');
    out += QStringLiteral("system: %1, %2, Qt %3, %4\n")
               .arg(QSysInfo::prettyProductName(), QSysInfo::currentCpuArchitecture(), QLatin1String(qVersion()),
                   QGuiApplication::platformName());
    out += QStringLiteral("opened: %1\n").arg(text(ended.since));
    out += QStringLiteral("\nits last words:\n%1\n").arg(ended.last_words.empty() ? QStringLiteral("none\n") : text(ended.last_words));
    out += QStringLiteral("the end of its log:\n%1").arg(text(event_log::last_lines(kLogLines)));
    // whose home it is goes nowhere
    return out.replace(QStandardPaths::writableLocation(QStandardPaths::HomeLocation) + QLatin1Char('/'), QStringLiteral("~/"));
}

}  // namespace

EndedDialog::EndedDialog(const store::Ended& ended, const Session& session, QWidget* parent)
    : QDialog(parent), saved_(saved_of(ended, session)), report_(new QPlainTextEdit(report_of(ended), this)), trouble_(new QLabel(this)) {
    setWindowTitle(tr("Anagraph ended without closing"));
    resize(760, 560);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(26, 22, 26, 20);
    down->setSpacing(10);
    auto* title = new QLabel(tr("The last time, Anagraph ended without closing"), this);
    title->setFont(theme::font("large"));
    title->setWordWrap(true);
    down->addWidget(title);
    auto* saved = new QLabel(saved_, this);
    saved->setWordWrap(true);
    down->addWidget(saved);
    down->addWidget(quiet_label(tr("Words in a field that was not left yet were not saved. A run on the Bench is where it was."), this));
    down->addSpacing(8);
    down->addWidget(title_label(tr("A report for whoever looks after the program"), this));
    down->addWidget(quiet_label(tr("It goes nowhere by itself. Read it, and save it as a file if you want to hand it on."), this));
    report_->setReadOnly(true);
    report_->setLineWrapMode(QPlainTextEdit::NoWrap);
    report_->setAccessibleName(tr("The report"));
    down->addWidget(report_, 1);
    trouble_->setObjectName(QStringLiteral("trouble"));
    trouble_->setWordWrap(true);
    trouble_->setAccessibleName(tr("What is wrong"));
    trouble_->hide();
    down->addWidget(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    auto* save = buttons->addButton(tr("&Save report"), QDialogButtonBox::ActionRole);
    down->addWidget(buttons);
    connect(save, &QPushButton::clicked, this, &EndedDialog::save);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    buttons->button(QDialogButtonBox::Close)->setFocus();
}

void EndedDialog::save() {
    const QString start = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + QStringLiteral("/anagraph-report.txt");
    const QString to = QFileDialog::getSaveFileName(this, tr("Save report"), start, tr("Text (*.txt)"));
    if (to.isEmpty()) return;
    const auto written = store::write_file(to.toStdString(), report().toStdString());
    if (written) return accept();
    trouble_->setText(text(written.error().message));
    trouble_->show();
}

}  // namespace anagraph::app
