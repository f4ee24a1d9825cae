#include "app/tape/tape_hand.h"

#include <QInputDialog>
#include <QMessageBox>

#include "core/tape/logging.h"
#include "core/tape/takes.h"

namespace anagraph::app {

std::optional<std::size_t> TapeHand::line() const { return recording() == nullptr ? std::nullopt : tape.line_at(now()); }

std::optional<std::size_t> TapeHand::heard_line() const {
    const auto here = line();
    return here ? recording()->heard_line[*here] : std::nullopt;
}

std::vector<const core::Mark*> TapeHand::marks() const {
    std::vector<const core::Mark*> out;
    if (const auto here = line())
        for (const auto& m : recording()->marks)
            if (m.segment == *here) out.push_back(&m);
    return out;
}

const core::Step* TapeHand::step() const { return recording() == nullptr ? nullptr : core::step_at(guide(), id(), now()); }

const core::Take& TapeHand::take() const { return step()->takes[core::take_at(*step(), id(), now()).value_or(0)]; }

std::optional<QString> TapeHand::ask(const QString& title, const QString& question, const QString& before, Meanwhile meanwhile) {
    if (meanwhile == Meanwhile::Paused) film.pause();
    bool kept = false;
    const QString words = QInputDialog::getText(&station_, title, question, QLineEdit::Normal, before, &kept).trimmed();
    station_.setFocus();
    return kept ? std::optional(words) : std::nullopt;
}

bool TapeHand::agree(const QString& title, const QString& question, const QString& details, const QString& yes, const QString& no) {
    QMessageBox box(QMessageBox::NoIcon, title, question, QMessageBox::NoButton, &station_);
    box.setInformativeText(details);
    const auto* chosen = box.addButton(yes, QMessageBox::YesRole);
    box.setEscapeButton(box.addButton(no, QMessageBox::NoRole));
    box.exec();
    station_.setFocus();
    return box.clickedButton() == chosen;
}

}  // namespace anagraph::app
