// The commands of the Issue as a table.
#include "app/command/reasons.h"
#include "app/issue/issue_station.h"

namespace anagraph::app {

void IssueStation::build_commands() {
    commands_ = new Commands(tr("Issue"), this);
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto no_edition = [this] { return unless(chosen_edition() != 0, tr("No edition is issued yet.")); };
    const QString at_work = tr("An edition is being issued, verified or copied; wait for it, or cancel it.");
    const auto quiet = [this, no_edition, at_work] { return busy() ? at_work : no_edition(); };
    const QString edition = tr("Editions");
    add({"issue.issue", tr("Issue edition"), Qt::CTRL | Qt::Key_Return, tr("Freezes the edition for ever and writes its pack."), edition,
        {}, [this] { issue(); },
        [this, at_work] {
            if (!session_.has_guide()) return no_guide(session_);
            if (busy()) return at_work;
            if (!something_to_issue_) return tr("The list says what has to be done first.");
            return unless(!checker_->text().trimmed().isEmpty(), tr("Enter who checked it first."));
        },
        {tr("publish"), tr("release"), tr("freeze")}, true, always, [this] { return tr("Issue edition %1").arg(next_edition_); }});
    add({"issue.open", tr("Open pack"), Qt::CTRL | Qt::Key_P, tr("Shows the chosen edition as its reader sees it."), edition, {},
        [this] { open_pack(); }, no_edition, {tr("browser"), tr("preview")}, true});
    add({"issue.verify", tr("Verify pack"), Qt::CTRL | Qt::Key_Y,
        tr("Reads every file of the pack and says whether it is undamaged and what this library issued."), edition, {},
        [this] { verify_pack(); }, quiet, {}, true});
    add({"issue.copy", tr("Copy pack"), Qt::CTRL | Qt::Key_S, tr("Into a folder or onto a stick, as it was issued."), edition, {},
        [this] { copy_pack(); }, quiet, {tr("deliver"), tr("export"), tr("usb")}, true});
    add({"issue.cancel", tr("Cancel"), Qt::Key_Escape, tr("Stops what is under way; nothing of it stays."), edition, {},
        [this] { work_.cancel(); }, [this] { return unless(busy(), tr("Nothing is under way.")); }, {tr("stop")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
}

}  // namespace anagraph::app
