// The names and facts of the files of a pack: the one list that writing and verifying go by.
#pragma once

#include <string>

#include "core/procedure/procedure.h"
#include "publish/guide_page.h"
#include "publish/pack_source.h"

namespace anagraph::publish {

/// "plates/step-3-1.png" and the like, counted from 1.
std::string still_name(std::size_t step, std::size_t plate);
std::string lens_name(std::size_t step, std::size_t plate, std::size_t lens);
/// Files of a step's clip, named; captions_text and bytes are not filled in.
ClipFile clip_names(std::size_t step, const core::Clip& clip);

/// What the page says of the pack's files, read back from them: sizes of pictures and clips, captions. Files that are not there
/// leave their fact empty.
PackFiles pack_files_in(const PackSource& pack, const core::Procedure& p);

}  // namespace anagraph::publish
