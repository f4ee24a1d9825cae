#include "app/people/hand_out_form.h"

#include <QCoreApplication>
#include <QListWidget>
#include <set>

#include "app/theme/form.h"
#include "shop/handout.h"

namespace anagraph::app::people {

using theme::text;

namespace {

/// So that what collects words for translation finds them under one name.
struct HandOutWords {
    Q_DECLARE_TR_FUNCTIONS(HandOutWords)
};

}  // namespace

bool hand_out(Session& session, const store::GuideId& guide, int edition, QWidget* parent) {
    const auto records = session.library().records();
    if (!records) {
        session.tell(text(records.error().message));
        return false;
    }
    Form form(HandOutWords::tr("Hand out edition %1").arg(edition), parent, 560);
    QStringList groups{HandOutWords::tr("chosen below")};
    std::set<QString> seen;
    auto* list = new QListWidget(&form);
    list->setAccessibleName(HandOutWords::tr("Learners"));
    list->setMinimumHeight(240);
    for (const auto& l : records->learners()) {
        if (l.left) continue;
        auto* item = new QListWidgetItem(text(l.name) + (l.group.empty() ? QString() : QStringLiteral(" · ") + text(l.group)), list);
        item->setData(Qt::UserRole, text(l.name));
        item->setData(Qt::UserRole + 1, text(l.group));
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(Qt::Unchecked);
        if (!l.group.empty() && seen.insert(text(l.group)).second) groups << text(l.group);
    }
    if (list->count() == 0) {
        session.tell(HandOutWords::tr("Nobody is in the register of learners yet; add them under Learners first."));
        return false;
    }
    auto* group = form.choice(HandOutWords::tr("&Group"), groups);
    QObject::connect(group, &QComboBox::currentIndexChanged, list, [list, group](int row) {
        if (row == 0) return;
        for (int i = 0; i < list->count(); ++i)
            list->item(i)->setCheckState(
                list->item(i)->data(Qt::UserRole + 1).toString() == group->currentText() ? Qt::Checked : Qt::Unchecked);
    });
    form.rows().addRow(HandOutWords::tr("&To"), list);
    QStringList ways;
    for (const auto& w : core::all_of<core::HandedBy>()) ways << text(core::words_of(w.value));
    auto* by = form.choice(HandOutWords::tr("&How"), ways, 2);
    const auto chosen = [list] {
        std::vector<std::string> out;
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->checkState() == Qt::Checked) out.push_back(list->item(i)->data(Qt::UserRole).toString().toStdString());
        return out;
    };
    list->setFocus();
    if (list->count() > 0) list->setCurrentRow(0);
    if (!form.ask([&] { return chosen().empty() ? HandOutWords::tr("Tick those it is handed out to.") : QString(); })) return false;
    const auto way = core::all_of<core::HandedBy>()[static_cast<std::size_t>(by->currentIndex())].value;
    if (auto done = shop::hand_out(session.library(), guide, edition, chosen(), way, session.author().toStdString()); !done) {
        session.tell(text(done.error().message));
        return false;
    }
    return true;
}

}  // namespace anagraph::app::people
