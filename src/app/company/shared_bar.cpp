#include "app/company/shared_bar.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <algorithm>

#include "app/command/command_row.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "store/taken_along.h"

namespace anagraph::app {

using theme::text;

SharedBar::SharedBar(Session& session, Commands& window, QWidget* parent) : QFrame(parent), session_(session) {
    setObjectName(QStringLiteral("shared"));
    setStyleSheet(
        QStringLiteral("QFrame#shared { background: %1; border: 0px solid %2; border-bottom: 1px solid %2; border-left: 6px solid %3; }")
            .arg(theme::colour("key").name(), theme::colour("strong").name(), theme::colour("caution").name()));
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(14, 7, 16, 7);
    words_ = new QLabel(this);
    words_->setWordWrap(true);
    words_->setAccessibleDescription(tr("Not saved yet"));
    across->addWidget(words_, 1);
    across->addWidget(command_button(window, QStringLiteral("window.decide"), this));
    connect(&session_, &Session::waiting_changed, this, &SharedBar::refresh);
    connect(&session_, &Session::changed, this, &SharedBar::refresh);
    refresh();
}

void SharedBar::refresh() {
    QStringList said;
    const int waits = session_.waiting().to_bring();
    if (session_.is_away()) {
        said << tr("The library cannot be reached.");
        if (session_.is_on_the_road()) {
            const auto taken = store::taken_along(session_.home());
            const QDateTime at = QDateTime::fromString(text(taken.at), Qt::ISODate).toLocalTime();
            said << tr("%n guides are with you, as they were on %1.", "1 guide is with you, as it was on %1.", static_cast<int>(taken.guides.size()))
                        .arg(at.toString(QStringLiteral("d MMMM, HH:mm")));
        }
        said << (waits == 0 && session_.is_on_the_road() ? tr("What you change in them is kept on this computer until it is back.")
                : waits == 0 ? tr("Go on with the guide in hand: what you change is kept on this computer until it is back.")
                             : tr("%n changes are not saved yet: they are kept on this computer and go there by themselves.", "1 change is not saved yet: it is kept on this computer and goes there by itself.", static_cast<int>(waits)));
    }
    const int decide = session_.waiting().to_decide();
    if (decide > 0)
        said << tr("%n changes of yours met another's; they are kept until you decide.", "1 change of yours met another's; it is kept until you decide.", static_cast<int>(decide));
    words_->setText(said.join(QLatin1Char(' ')));
    setVisible(!said.isEmpty());
}

QString others_in_words(const Session& session) {
    QStringList said;
    const auto& steps = session.procedure().steps;
    for (const auto& o : session.others()) {
        const auto it = std::find_if(steps.begin(), steps.end(), [&](const core::Step& s) { return s.id == o.step; });
        const bool here = session.has_guide() && o.guide == session.guide();
        said << (here && it != steps.end() ? SharedBar::tr("%1 in step %2").arg(text(o.post)).arg(it - steps.begin() + 1)
                : here                     ? SharedBar::tr("%1 in this guide").arg(text(o.post))
                                           : SharedBar::tr("%1 elsewhere").arg(text(o.post)));
    }
    return said.join(QStringLiteral(", "));
}

}  // namespace anagraph::app
