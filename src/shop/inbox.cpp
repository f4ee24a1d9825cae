#include "shop/inbox.h"

#include <algorithm>
#include <filesystem>

#include "shop/desk/desk.h"
#include "store/files.h"

namespace anagraph::shop {

std::vector<std::string> waiting_in_inbox(const store::Library& library, std::string_view ending) {
    const std::string inbox = library.own_folder() + kInbox;
    std::vector<std::string> out;
    for (const auto& name : store::names_in(inbox))
        if (name.ends_with(ending)) out.push_back(inbox + "/" + name);
    std::sort(out.begin(), out.end());
    return out;
}

core::Result<std::string> folder_of_taken(const store::Library& library) {
    std::string folder = library.own_folder() + kInbox + "/taken";
    if (auto made = store::make_folder(folder); !made) return tl::make_unexpected(made.error());
    return folder;
}

void put_to_taken(const std::string& file, const std::string& taken) {
    std::error_code ignored;
    std::filesystem::rename(file, taken + file.substr(file.rfind('/')), ignored);
}

}  // namespace anagraph::shop
