#include "app/people/learners_dialog.h"

#include <QDialogButtonBox>
#include <QFileDialog>
#include <QHeaderView>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/command/command_row.h"
#include "app/command/reasons.h"
#include "app/theme/form.h"
#include "shop/answers.h"
#include "shop/handout.h"
#include "shop/learner_list.h"
#include "shop/notices.h"

namespace anagraph::app {

using theme::text;

LearnersDialog::LearnersDialog(Session& session, QWidget* parent) : QDialog(parent), session_(session) {
    setWindowTitle(tr("Learners"));
    resize(980, 640);
    list_ = new QTreeWidget(this);
    build_commands();
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(20, 16, 20, 16);
    down->setSpacing(10);
    told_ = quiet_label(QString(), this);
    down->addWidget(told_);
    list_->setRootIsDecorated(false);
    list_->setUniformRowHeights(true);
    list_->setHeaderLabels({tr("Learner"), tr("Group"), tr("Has"), tr("To read again")});
    list_->setAccessibleName(tr("Register of learners"));
    list_->header()->setStretchLastSection(true);
    down->addWidget(list_, 3);
    auto* below = new QScrollArea(this);
    below->setWidgetResizable(true);
    owes_ = new QLabel(below);
    owes_->setWordWrap(true);
    owes_->setTextFormat(Qt::RichText);
    owes_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    owes_->setMargin(12);
    owes_->setAccessibleName(tr("What has changed for the learner in hand"));
    below->setWidget(owes_);
    down->addWidget(below, 2);
    down->addWidget(new CommandRow(*commands_, this));
    auto* close = new QDialogButtonBox(QDialogButtonBox::Close, this);
    close->button(QDialogButtonBox::Close)->setAutoDefault(false);  // Enter confirms an edition, it does not close
    connect(close, &QDialogButtonBox::rejected, this, &QDialog::reject);
    down->addWidget(close);
    connect(list_, &QTreeWidget::currentItemChanged, this, [this] {
        show_owed();
        commands_->refresh();
    });
    refresh();
    list_->setFocus();
}

void LearnersDialog::build_commands() {
    commands_ = new Commands(tr("Learners"), this, [this] { return learner().isEmpty() ? Hand::Nothing : Hand::Learner; });
    const auto add = [this](Command c) { commands_->add(std::move(c)); };
    const auto nobody = [this] { return unless(!learner().isEmpty(), tr("No learner is in hand.")); };
    const QString group = tr("Learners");
    add({"learners.add", tr("Add learner"), Qt::CTRL | Qt::Key_N, tr("Enters a learner by post, with the group of the term."), group, {},
        [this] { add_learner(); }, {}, {tr("new"), tr("enter")}, true, [this] { return list_->topLevelItemCount() == 0; }});
    add({"learners.confirm", tr("Confirm edition"), Qt::CTRL | Qt::Key_Return,
        tr("The learner has read the current edition, or the page of what changed."), group, {Hand::Learner}, [this] { confirm(); }, nobody,
        {tr("learned"), tr("read")}, true,
        [this] { return std::any_of(owed_.begin(), owed_.end(), [this](const core::Owed& o) { return text(o.learner) == learner(); }); }});
    add({"learners.answers", tr("Take in answers"), Qt::CTRL | Qt::Key_R,
        tr("Judges what learners answered to the check of a guide, and keeps what was passed: what came back over the desk, or files."),
        group, {},
        [this] {
            if (waiting_ > 0) return take_answers({});
            const QStringList files = QFileDialog::getOpenFileNames(
                this, tr("Answers to checks"), {}, tr("Answers (*%1);;All files (*)").arg(text(std::string(core::kAnswersEnding))));
            if (!files.isEmpty()) take_answers(files);
        },
        {}, {tr("check"), tr("passed"), tr("desk")}, true, [this] { return waiting_ > 0; }});
    add({"learners.group", tr("Change group"), Qt::Key_F2, tr("Moves the learner to another group."), group, {Hand::Learner},
        [this] { move_to_group(); }, nobody, {tr("term"), tr("course")}, true});
    add({"learners.strike", tr("Take hand-out back"), Qt::CTRL | Qt::Key_Backspace,
        tr("The last hand-out to the learner was entered by mistake; it is struck, with a reason."), group, {Hand::Learner},
        [this] { strike_hand_out(); }, nobody, {tr("mistake"), tr("undo")}, true});
    add({"learners.left", tr("Has left"), Qt::Key_Delete, tr("The learner has left: nothing is owed any more, the records stay."), group,
        {Hand::Learner},
        [this] {
            if (record({core::LearnerLeft{learner().toStdString()}})) refresh();
        },
        nobody, {tr("remove"), tr("delete")}, true});
    add({"learners.notices", tr("Write notices"), Qt::CTRL | Qt::Key_P,
        tr("A page for each learner with just what changed, or what is withdrawn: to print, as mails, or as things to do."), group, {},
        [this] {
            const QString file = QFileDialog::getSaveFileName(this, tr("Notices"), QStringLiteral("notices.pdf"),
                tr("To print (*.pdf);;Mails (*.txt);;Things to do (*.ics);;Page (*.html)"));
            if (!file.isEmpty()) write_notices(file);
        },
        {}, {tr("print"), tr("mail"), tr("calendar"), tr("changed")}, true});
    add({"learners.import", tr("Import list"), Qt::CTRL | Qt::Key_I,
        tr("Reads learners and groups from a CSV file and adds those who are new."), group, {},
        [this] {
            const QString file = QFileDialog::getOpenFileName(this, tr("List of learners"), {}, tr("CSV (*.csv);;All files (*)"));
            if (!file.isEmpty()) import_from(file);
        },
        {}, {tr("csv")}, true});
    add({"learners.export", tr("Export list"), Qt::CTRL | Qt::Key_E,
        tr("Writes everybody with what they have and have learned into a CSV file."), group, {},
        [this] {
            const QString file =
                QFileDialog::getSaveFileName(this, tr("List of learners"), QStringLiteral("learners.csv"), tr("CSV (*.csv)"));
            if (!file.isEmpty()) export_to(file);
        },
        {}, {tr("csv"), tr("table")}, true});
    connect(commands_, &Commands::refused, this, [this](const QString& why) { told_->setText(why); });
}

QString LearnersDialog::learner() const {
    return list_->currentItem() == nullptr ? QString() : list_->currentItem()->data(0, Qt::UserRole).toString();
}

qsizetype LearnersDialog::owing() const {
    QStringList names;
    for (const auto& o : owed_) names << text(o.learner);
    names.removeDuplicates();
    return names.size();
}

void LearnersDialog::refresh() {
    auto records = session_.library().records();
    auto guides = shop::all_editions(session_.library());
    if (!records || !guides) {
        told_->setText(text(records ? guides.error().message : records.error().message));
        return;
    }
    records_ = std::move(*records);
    guides_ = std::move(*guides);
    owed_ = core::owed(records_, guides_);
    const QString kept = learner();
    const QSignalBlocker quiet(list_);
    list_->clear();
    for (const auto& l : records_.learners()) {
        if (l.left) continue;
        QStringList has;
        for (const auto& g : guides_)
            if (const auto had = core::had_by(records_, g.guide, l.name); had.last > 0)
                has << tr("%1, edition %2%3")
                           .arg(text(g.editions.back().procedure.header.machine))
                           .arg(had.last)
                           .arg(had.confirmed == had.last ? tr(", confirmed") : QString());
        const auto changes = std::count_if(owed_.begin(), owed_.end(), [&](const core::Owed& o) { return o.learner == l.name; });
        auto* item = new QTreeWidgetItem(list_,
            {text(l.name), text(l.group), has.join(QStringLiteral("; ")),
                changes == 0 ? QString() : tr("%n guides", "1 guide", static_cast<int>(changes))});
        item->setData(0, Qt::UserRole, text(l.name));
        if (text(l.name) == kept) list_->setCurrentItem(item);
    }
    if (list_->currentItem() == nullptr && list_->topLevelItemCount() > 0) list_->setCurrentItem(list_->topLevelItem(0));
    for (int column = 0; column < 3; ++column) list_->resizeColumnToContents(column);
    list_->setColumnWidth(2, std::min(list_->columnWidth(2), 460));
    waiting_ = static_cast<qsizetype>(shop::waiting_answers(session_.library()).size());
    told_->setText(waiting_ > 0 ? tr("The answers of %n learners came back over the desk: take them in.", "The answers of 1 learner came back over the desk: take them in.", static_cast<int>(waiting_))
            : list_->topLevelItemCount() == 0 ? tr("Nobody is in the register yet. Add learners by post, one by one or from a list.")
            : owed_.empty()
            ? tr("Nobody learned anything that has changed since.")
            : tr("%n learners have to read something again.", "1 learner has to read something again.", static_cast<int>(owing())));
    show_owed();
    commands_->refresh();
}

void LearnersDialog::show_owed() {
    QString out;
    for (const auto& o : owed_) {
        if (text(o.learner) != learner()) continue;
        const auto it = std::find_if(guides_.begin(), guides_.end(), [&](const core::GuideEditions& g) { return g.guide == o.guide; });
        const auto& h = it->editions.back().procedure.header;
        out += QStringLiteral("<p><b>%1</b>")
                   .arg(tr("%1 %2: from edition %3 to %4").arg(text(h.machine), text(h.title)).arg(o.from).arg(o.to).toHtmlEscaped());
        for (const auto& c : o.changed) out += QStringLiteral("<br>▪ ") + text(c.sentence).toHtmlEscaped();
        out += QStringLiteral("</p>");
    }
    for (const auto& l : records_.kept<core::Learned>()) {
        if (text(l.what.learner) != learner() || l.what.answers.empty()) continue;
        const auto it = std::find_if(guides_.begin(), guides_.end(), [&](const core::GuideEditions& g) { return g.guide == l.what.guide; });
        if (it == guides_.end()) continue;
        const auto& h = it->editions.back().procedure.header;
        out += QStringLiteral("<p>%1</p>")
                   .arg(tr("Passed the check of %1 %2, edition %3, on %4.")
                            .arg(text(h.machine), text(h.title))
                            .arg(l.what.edition)
                            .arg(text(l.at).left(10))
                            .toHtmlEscaped());
    }
    if (out.isEmpty() && !learner().isEmpty()) out = tr("%1 has nothing to read again.").arg(learner().toHtmlEscaped());
    owes_->setText(out);
}

QString LearnersDialog::owed_words() const { return without_markup(owes_->text()); }

bool LearnersDialog::record(const std::vector<core::Entry>& entries) {
    const auto done = session_.library().record(entries, session_.author().toStdString());
    if (!done) told_->setText(text(done.error().message));
    return done.has_value();
}

void LearnersDialog::add_learner() {
    Form form(tr("Add learner"), this);
    auto* name = form.line(tr("&Learner"), "", tr("by post: learner 07"));
    auto* group = form.line(
        tr("&Group"), list_->currentItem() == nullptr ? "" : list_->currentItem()->text(1).toStdString(), tr("the term, the course"));
    if (!form.ask([name] { return name->text().trimmed().isEmpty() ? tr("Name the learner, by post.") : QString(); })) return;
    if (record({core::LearnerAdded{words_of(name), words_of(group)}})) refresh();
}

void LearnersDialog::move_to_group() {
    Form form(tr("Change group"), this);
    auto* group = form.line(tr("&Group"), list_->currentItem()->text(1).toStdString(), tr("the term, the course"));
    if (form.ask() && record({core::LearnerMoved{learner().toStdString(), words_of(group)}})) refresh();
}

void LearnersDialog::confirm() {
    std::vector<const core::GuideEditions*> open;
    QStringList names;
    for (const auto& g : guides_) {
        const auto* now = core::current_edition(records_, g);
        const auto had = core::had_by(records_, g.guide, learner().toStdString());
        if (now == nullptr || had.last == 0 || had.confirmed == now->number) continue;
        open.push_back(&g);
        names << tr("%1 %2, edition %3").arg(text(now->procedure.header.machine), text(now->procedure.header.title)).arg(now->number);
    }
    if (open.empty()) return told_->setText(tr("%1 has no current edition left to confirm.").arg(learner()));
    Form form(tr("%1 has read").arg(learner()), this);
    auto* which = form.choice(tr("&Edition"), names);
    if (!form.ask()) return;
    const auto& g = *open[static_cast<std::size_t>(which->currentIndex())];
    if (auto done = shop::confirm(session_.library(), store::GuideId(g.guide), g.editions.back().number, learner().toStdString(), "",
            session_.author().toStdString());
        !done)
        return told_->setText(text(done.error().message));
    refresh();
}

void LearnersDialog::strike_hand_out() {
    const core::Kept<core::HandedOut>* last = nullptr;
    const auto all = records_.kept<core::HandedOut>();
    for (const auto& h : all)
        if (text(h.what.learner) == learner()) last = &h;
    if (last == nullptr) return told_->setText(tr("Nothing was handed out to %1.").arg(learner()));
    Form form(tr("Take a hand-out back"), this, 560);
    form.words(tr("Edition %1 of %2, %3").arg(last->what.edition).arg(text(last->what.guide), text(last->at).left(10)));
    auto* because = form.line(tr("&Why"), "", tr("it was another learner"));
    if (!form.ask([because] { return because->text().trimmed().isEmpty() ? tr("Say why it was a mistake.") : QString(); })) return;
    if (record({core::Struck{last->number, words_of(because)}})) refresh();
}

void LearnersDialog::take_answers(const QStringList& files) {
    std::vector<std::string> paths;
    for (const auto& f : files) paths.push_back(f.toStdString());
    const std::string post = session_.author().toStdString();
    const auto taken =
        paths.empty() ? shop::take_waiting_answers(session_.library(), post) : shop::take_answers(session_.library(), paths, post);
    refresh();
    if (!taken) return told_->setText(text(taken.error().message));
    QStringList words;
    for (const auto& t : *taken) words << text(t.words);
    told_->setText(words.join(QLatin1Char('\n')));
}

void LearnersDialog::write_notices(const QString& file) {
    const auto notices = shop::gather_notices(session_.library());
    if (!notices) return told_->setText(text(notices.error().message));
    const auto done = shop::write_notices(*notices, file.toStdString());
    told_->setText(done ? tr("%n notices are in %1.", "1 notice is in %1.", static_cast<int>(notices->size())).arg(file)
                        : text(done.error().message));
}

void LearnersDialog::import_from(const QString& file) {
    const auto done = shop::import_learners(session_.library(), file.toStdString(), session_.author().toStdString());
    refresh();
    told_->setText(done ? tr("%n learners were added.", "1 learner was added.", static_cast<int>(done->added)) +
                (done->known == 0 ? QString()
                                  : QLatin1Char(' ') +
                            tr("%n were in the register already.", "1 was in the register already.", static_cast<int>(done->known)))
                        : text(done.error().message));
}

void LearnersDialog::export_to(const QString& file) {
    const auto done = shop::export_learners(session_.library(), file.toStdString());
    told_->setText(done ? tr("The list is in %1.").arg(file) : text(done.error().message));
}

}  // namespace anagraph::app
