// DeskShelf: what the desk may show, read once from a library: issued editions by their marks and packs by their hashes. Nothing else
// of the library can be named.
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/records/owed.h"
#include "store/library.h"

namespace anagraph::shop {

struct DeskEdition {
    std::string guide;   // id
    std::string number;  // of the guide: "KQ-PT60-100"
    int edition = 0;
    std::string mark;      // first eight hex digits
    std::string manifest;  // names its pack; empty: it lies in no pack of this library
    std::string folder;    // of the pack
    std::string machine, title, issued;
    core::EditionStanding standing = core::EditionStanding::Unknown;
    std::string because;                    // why it was withdrawn
    int current = 0;                        // the edition that replaced it and holds; 0: none
    std::vector<core::Difference> changes;  // from this one to that
    std::vector<std::string> headings;      // of its steps
};

/// A file of a pack, to be served.
struct DeskFile {
    std::string path;
    std::string type;    // of its content
    std::string sha256;  // it was issued with; empty: of the manifest itself and what lies beside it
};

class DeskShelf {
public:
    /// Errors: those of reading the library.
    static core::Result<std::shared_ptr<const DeskShelf>> read(const store::Library& library);

    const std::vector<DeskEdition>& editions() const { return editions_; }
    /// Those that hold now, by machine and title.
    std::vector<const DeskEdition*> current() const;
    /// By what is printed on a page; null where nothing was issued under it.
    const DeskEdition* find(const std::string& number, int edition, const std::string& mark) const;
    /// Whether a guide has that edition, whatever its mark.
    bool has(const std::string& number, int edition) const;
    /// A file of a pack, by the pack's manifest and the name that stands in it. Nothing for every other name.
    std::optional<DeskFile> file(const std::string& manifest, const std::string& name) const;

private:
    std::vector<DeskEdition> editions_;
    std::map<std::string, std::map<std::string, std::string>> files_;  // of each pack: names and their SHA-256
    std::map<std::string, std::string> folders_;
};

/// The content type of a file by its ending, after RFC 6838.
std::string content_type(const std::string& name);

}  // namespace anagraph::shop
