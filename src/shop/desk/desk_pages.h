// The pages of the desk: what it shows to whoever asks, made from the shelf alone.
#pragma once

#include <string>

#include "shop/desk/desk_shelf.h"

namespace anagraph::shop {

/// The current editions by machine.
std::string desk_list(const DeskShelf& shelf);
/// Is the page that carries this mark current? One line in large type, then what to do. `page`: its number; 0: not told.
std::string desk_is(const DeskShelf& shelf, const std::string& number, int edition, const std::string& mark, int page);
/// A page that says something else: not found, too much.
std::string desk_says(const std::string& headline, const std::string& words);
/// What is current, for programs.
std::string desk_feed(const DeskShelf& shelf);
/// The style of the desk's own pages.
std::string desk_style();

}  // namespace anagraph::shop
