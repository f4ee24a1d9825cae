#include "app/plates/mark_menu.h"

#include <QCoreApplication>

namespace anagraph::app {

namespace {

/// So that what collects words for translation finds them under one name.
struct MarkMenuWords {
    Q_DECLARE_TR_FUNCTIONS(MarkMenuWords)
};

QString entry(core::PlateSign sign) {
    switch (sign) {
        case core::PlateSign::Turn:
            return MarkMenuWords::tr("&Turn clockwise");
        case core::PlateSign::TurnBack:
            return MarkMenuWords::tr("Turn &back");
        case core::PlateSign::Pull:
            return MarkMenuWords::tr("&Pull");
        case core::PlateSign::Press:
            return MarkMenuWords::tr("P&ress");
        case core::PlateSign::Flow:
            return MarkMenuWords::tr("&Flow of air or oil");
        case core::PlateSign::Look:
            return MarkMenuWords::tr("&Look here");
        case core::PlateSign::DoNotTouch:
            return MarkMenuWords::tr("Do &not touch");
        case core::PlateSign::Distance:
            return MarkMenuWords::tr("&Distance, with its figure");
        case core::PlateSign::Magnify:
            return MarkMenuWords::tr("&Magnify a detail");
    }
    return {};
}

}  // namespace

QString mark_words(core::PlateSign sign) { return entry(sign).remove(QLatin1Char('&')); }

void fill_mark_menu(QMenu& menu, const std::vector<core::PlateSign>& signs) {
    for (const auto sign : signs) menu.addAction(entry(sign))->setData(static_cast<int>(sign));
}

}  // namespace anagraph::app
