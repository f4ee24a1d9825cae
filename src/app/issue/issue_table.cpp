// The commands of the Issue as a table.
#include "app/command/reasons.h"
#include "app/issue/issue_station.h"
#include "app/people/key_forms.h"
#include "app/people/learners_dialog.h"

namespace anagraph::app {

void IssueStation::build_commands() {
    commands_ = new Commands(tr("Issue"), this, [this] { return in_hand(); });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto no_edition = [this] { return unless(chosen_edition() != 0, tr("No edition is issued yet.")); };
    const QString at_work = tr("An edition is being issued, verified or copied; wait for it, or cancel it.");
    const auto quiet = [this, no_edition, at_work] { return busy() ? at_work : no_edition(); };
    const auto withdrawn = [this] { return facts_ && facts_->records.withdrawal(facts_->editions.guide, chosen_edition()) != nullptr; };
    const QString review = tr("Review");
    const QString edition = tr("Editions");
    const QString people = tr("Keys and learners");
    const auto no_place = [this] { return unless(place() != nullptr, tr("No place is in hand.")); };
    const auto in_review = [this, no_place] {
        if (const QString none = no_place(); !none.isEmpty()) return none;
        return not_by_me();
    };
    const auto all_passed = [this] { return review_ && review_->passed() == review_->places.size(); };
    const auto checked = [this] { return review_ && !review_->checks.empty(); };
    add({"issue.pass", tr("Pass, next place"), Qt::Key_Return,
        tr("The place is right as it stands; goes on to the next that is not passed."), review, {Hand::Place}, [this] { pass_place(); },
        [this, in_review] {
            if (const QString why = in_review(); !why.isEmpty()) return why;
            return unless(!place()->passed, tr("This place is passed as it stands."));
        },
        {tr("approve"), tr("right"), tr("tick")}, true, [this] { return review_ && not_ready_.isEmpty(); }});
    add({"issue.take-back", tr("Take the pass back"), Qt::Key_Backspace,
        tr("The place was passed by mistake; a check of the guide that stood on it is taken back too."), review, {Hand::Place},
        [this] { take_pass_back(); },
        [this, in_review] {
            if (const QString why = in_review(); !why.isEmpty()) return why;
            return unless(place()->passed, tr("This place is not passed."));
        },
        {tr("undo"), tr("mistake")}});
    add({"issue.comment", tr("Comment"), Qt::Key_C, tr("Says to the author what is unclear, wrong or missing here, or answers."), review,
        {Hand::Place}, [this] { comment(); },
        [this, no_place] {
            if (const QString none = no_place(); !none.isEmpty()) return none;
            return unless(!place()->place.step.empty(), tr("No step reads this place; write it on the Sheet."));
        },
        {tr("reviewer"), tr("answer")}, true});
    add({"issue.hear", tr("Hear the moment"), Qt::Key_H, tr("Plays the film where this was said or done."), review, {Hand::Place},
        [this] { hear(); },
        [this, no_place] {
            if (const QString none = no_place(); !none.isEmpty()) return none;
            const auto& p = place()->place;
            const auto* f = session_.procedure().find(p.figure);
            const auto* s = session_.procedure().find(p.step);
            const bool heard = !p.figure.empty() ? f != nullptr && !f->claims.empty() : s != nullptr && !s->takes.empty();
            return unless(heard, tr("No recording says or shows this."));
        },
        {tr("play"), tr("listen")}, true});
    add({"issue.go", tr("Go there"), Qt::Key_G,
        tr("Shows the place where it is written: the step on the Sheet, the figure with its sources."), review, {Hand::Place},
        [this] { go_there(); },
        [this, no_place] {
            if (const QString none = no_place(); !none.isEmpty()) return none;
            const auto& p = place()->place;
            return unless(
                !p.step.empty() || !p.figure.empty(), tr("This is the guide as a whole; its settings open with a press on its name."));
        },
        {tr("page"), tr("source")}, true});
    add({"issue.check", tr("Check the guide"), Qt::CTRL | Qt::Key_K,
        tr("Every place is passed: the guide as it stands is checked, in your name."), review, {}, [this] { check(); },
        [this, all_passed, checked] {
            if (!review_) return no_guide(session_);
            if (const QString why = not_by_me(); !why.isEmpty()) return why;
            if (review_->checked_by(session_.author().toStdString())) return tr("You have checked it as it stands.");
            if (!all_passed()) return tr("Pass every place first.");
            return review_->reasons.empty() ? QString() : QString::fromStdString(review_->reasons.front());
        },
        {tr("sign off"), tr("approve")}, true, always});
    add({"issue.issue", tr("Issue edition"), Qt::CTRL | Qt::Key_Return, tr("Freezes the edition for ever and writes its pack."), edition,
        {}, [this] { issue(); },
        [this, at_work, checked] {
            if (!session_.has_guide()) return no_guide(session_);
            if (busy()) return at_work;
            if (!review_) return tr("Open the Issue first.");
            if (!not_ready_.isEmpty()) return not_ready_;
            if (facts_->records.signs()) return unless(checked(), tr("Somebody else than its authors has to check it first."));
            return unless(!checker_->text().trimmed().isEmpty(), tr("Enter who checked it first."));
        },
        {tr("publish"), tr("release"), tr("freeze")}, true, always,
        [this] {
            return tr("Issue edition %1")
                .arg(facts_ && !facts_->editions.editions.empty() ? facts_->editions.editions.back().number + 1 : 1);
        }});
    add({"issue.open", tr("Open pack"), Qt::CTRL | Qt::Key_P, tr("Shows the edition as its reader sees it."), edition, {},
        [this] { open_pack(); }, no_edition, {tr("browser"), tr("preview")}, true});
    add({"issue.verify", tr("Verify pack"), Qt::CTRL | Qt::Key_Y,
        tr("Reads every file of the pack and says whether it is intact and who vouches for it. A pack dropped on the window is verified "
           "too."),
        edition, {Hand::Edition}, [this] { verify_pack(); }, quiet, {tr("signature"), tr("intact")}, true});
    add({"issue.copy", tr("Copy pack"), Qt::CTRL | Qt::Key_S, tr("Into a folder or onto a stick, as it was issued."), edition,
        {Hand::Edition}, [this] { copy_pack(false); }, quiet, {tr("deliver"), tr("export"), tr("usb")}, true});
    add({"issue.one-file", tr("Copy as one file"), Qt::CTRL | Qt::SHIFT | Qt::Key_S, tr("The pack as one file, to send on."), edition,
        {Hand::Edition}, [this] { copy_pack(true); }, quiet, {tr("archive"), tr("mail")}});
    add({"issue.export", tr("Export"), Qt::CTRL | Qt::Key_E,
        tr("Writes the edition in another form: a card for the bench, a table of figures, DITA topics ..."), edition, {Hand::Edition},
        [this] { export_as(); }, quiet, {tr("pdf"), tr("csv"), tr("json"), tr("dita"), tr("card"), tr("captions")}});
    add({"issue.hand-out", tr("Hand out"), Qt::CTRL | Qt::Key_O, tr("Records to whom the edition went, and how."), edition, {Hand::Edition},
        [this] { hand_out(); },
        [no_edition, withdrawn] { return withdrawn() ? tr("It is withdrawn; hand out the current edition.") : no_edition(); },
        {tr("learner"), tr("give")}, true});
    add({"issue.withdraw", tr("Withdraw"), Qt::CTRL | Qt::Key_W, tr("Takes the edition back, with a reason; says who has it."), edition,
        {Hand::Edition}, [this] { withdraw(); },
        [no_edition, withdrawn] { return withdrawn() ? tr("It is withdrawn already.") : no_edition(); }, {tr("recall")}, true});
    add({"issue.learners", tr("Learners"), Qt::CTRL | Qt::Key_L,
        tr("The register of learners: what each has, has learned and has to read again."), people, {},
        [this] {
            LearnersDialog dialog(session_, this);
            dialog.exec();
            refresh();
        },
        {}, {tr("register"), tr("owes"), tr("group")}, true});
    const auto refreshed = [this](bool done) {
        if (done) refresh();
    };
    add({"issue.make-key", tr("Make a key"), Qt::ALT | Qt::Key_K,
        tr("A key for a post that signs editions, sealed with a passphrase, and registered here."), people, {},
        [this, refreshed] { refreshed(key_forms::make_key(session_, ring_, this)); }, {}, {tr("signature"), tr("passphrase")}});
    add({"issue.register-key", tr("Register a key"), Qt::ALT | Qt::Key_R, tr("The public part of a key that was made elsewhere."), people,
        {}, [this, refreshed] { refreshed(key_forms::register_key(session_, this)); }, {}, {tr("public key")}});
    add({"issue.end-key", tr("End a key"), Qt::ALT | Qt::Key_E, tr("A lost key signs nothing any more; what it signed before stays good."),
        people, {}, [this, refreshed] { refreshed(key_forms::end_key(session_, this)); },
        [this] { return unless(facts_ && facts_->records.signs(), tr("No key is registered.")); }, {tr("lost"), tr("revoke")}});
    add({"issue.cancel", tr("Cancel"), Qt::Key_Escape, tr("Stops what is under way; nothing of it stays."), edition, {},
        [this] { work_.cancel(); }, [this] { return unless(busy(), tr("Nothing is under way.")); }, {tr("stop")}});
    connect(commands_, &Commands::refused, &session_, &Session::tell);
}

}  // namespace anagraph::app
