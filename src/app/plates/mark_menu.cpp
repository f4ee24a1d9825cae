#include "app/plates/mark_menu.h"

#include <QCoreApplication>

namespace anagraph::app {
namespace {

QString entry(core::PlateSign sign) {
    const auto tr = [](const char* words) { return QCoreApplication::translate("MarkMenu", words); };
    switch (sign) {
        case core::PlateSign::Turn:
            return tr("&Turn clockwise");
        case core::PlateSign::TurnBack:
            return tr("Turn &back");
        case core::PlateSign::Pull:
            return tr("&Pull");
        case core::PlateSign::Press:
            return tr("P&ress");
        case core::PlateSign::Flow:
            return tr("&Flow of air or oil");
        case core::PlateSign::Look:
            return tr("&Look here");
        case core::PlateSign::DoNotTouch:
            return tr("Do &not touch");
        case core::PlateSign::Distance:
            return tr("&Distance, with its figure");
        case core::PlateSign::Magnify:
            return tr("&Magnify a detail");
    }
    return {};
}

}  // namespace

QString mark_words(core::PlateSign sign) { return entry(sign).remove(QLatin1Char('&')); }

void fill_mark_menu(QMenu& menu, const std::vector<core::PlateSign>& signs) {
    for (const auto sign : signs) menu.addAction(entry(sign))->setData(static_cast<int>(sign));
}

}  // namespace anagraph::app
