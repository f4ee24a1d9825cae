// Theme: the tokens (colours, spacing, type sizes) every screen is made from, read once from one file, and the small
// painters that make stations look alike.
#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>
#include <QLocale>
#include <QPainter>
#include <QRectF>
#include <QString>
#include <string_view>

#include "core/base/words.h"
#include "core/procedure/procedure.h"
#include "core/service/calendar.h"
#include "publish/colours.h"

namespace anagraph::app::theme {

/// The set of colours the window has now.
publish::ColourSet colours_now();
QColor colour(std::string_view token);
/// Of what is drawn on a picture: as it goes out, whatever the window's colours are.
QColor colour_on_picture(std::string_view token);
double number(const char* token);
inline int px(const char* token) { return static_cast<int>(number(token)); }

/// B612 at a token's size in points.
QFont font(const char* size_token, bool bold = false);

/// Loads fonts and tokens and sets the application's style, after QApplication; again for other colours, before a window is made.
void apply(publish::ColourSet colours = publish::ColourSet::Light);

/// A figure's box: proved = solid with a filled corner, open = dashed, disputed = double left edge.
void draw_standing_box(QPainter& p, const QRectF& box, core::Standing standing);
/// The width a figure box needs for a text in the painter's font.
double standing_box_width(const QFontMetricsF& metrics, const QString& text);
/// Box and text; returns the box.
QRectF draw_figure(QPainter& p, const QPointF& top_left, const QString& text, core::Standing standing);

/// A numbered disc with a leader to its target, white under black.
void draw_callout(QPainter& p, const QPointF& target, const QPointF& label, double radius, const QString& text, bool selected);

/// The frame around what has the keys.
void draw_focus(QPainter& p, const QRectF& box);

/// The signal word with its sign, as on a caution.
void draw_signal(QPainter& p, const QRectF& box, core::Signal signal);
QString signal_word(core::Signal signal);

/// An icon from the resources, in a colour.
QPixmap icon(const QString& name, const QColor& colour, int size, double ratio);

/// The program's own sign.
QIcon program_icon();
/// "3.2 GB"
inline QString bytes_in_words(qint64 bytes) { return QLocale().formattedDataSize(bytes, 1, QLocale::DataSizeSIFormat); }

inline QString text(const std::string& s) { return QString::fromStdString(s); }
/// A sentence of the core in the language of the window.
QString said(const core::Words& words);
inline QString text(const core::Words& words) { return said(words); }
/// What a change is called, in the language of the window; see core/edits/change_label.h.
QString label_words(const std::string& label);
/// A day as the person's country writes it, the year in full; 2026-11-28 where no country is set.
QString text(core::Day day);
core::Day today();
/// What was measured or reckoned, with the marks of the person's country: "2,5".
QString digits(double value, char form = 'g', int precision = 6);
/// A typed day as it is kept, 2026-11-28: it may come so, or as text(Day) shows one. Anything else stays as it is, for who judges it.
std::string kept_day(const QString& typed);
/// The same of a stretch of days, its ends with ".." between.
std::string kept_days(const QString& typed);
/// The same without its year.
QString day_of_year(core::Day day);
/// With a capital at its beginning.
QString capital(QString words);

}  // namespace anagraph::app::theme
