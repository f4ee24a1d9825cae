// Issuing an edition. A request is made once, of the guide as it then stands, and carries everything: nobody is asked again
// later which guide is meant. Its pack is made once, in the library, and delivered by copying.
#pragma once

#include <optional>
#include <string>

#include "core/edits/translation.h"
#include "publish/pack.h"
#include "store/files.h"
#include "store/library.h"
#include "store/signing_key.h"

namespace anagraph::shop {

/// The opened keys of the two who vouch for an edition.
struct Signing {
    store::SigningKey author;
    store::SigningKey checker;
};

/// The next edition of a guide, not yet kept: the guide, its state, and what its pack is made of.
struct IssueRequest {
    std::string library;  // folder
    store::GuideId guide;
    std::int64_t sequence = 0;  // of the state that is issued; later changes are not in it
    publish::PackRequest pack;
    std::optional<Signing> signing;    // nothing: the house signs nothing
    std::vector<std::string> remarks;  // a sentence each, for the person
};

/// A pack that is made and not known to the library yet; taken away again where it does not become known.
struct MadePack {
    store::WorkFolder folder;
    std::string manifest;  // its SHA-256
};

/// What differs between the guide as it stands, issued now, and its last edition, and why it cannot be issued; both empty for a
/// first edition that can. `checker` and `author` are not asked for.
struct Readiness {
    int next = 1;
    std::vector<core::Difference> changes;
    std::vector<core::Words> reasons;
    std::vector<core::TranslationGap> gaps = {};  // of its languages; texts that go out in the original
    std::vector<std::string> taught = {};         // what runs taught, as the next edition says it
    bool current = false;                         // the last edition is what the guide says: the one reason is that nothing has changed
};
/// Errors: those of reading the library.
core::Result<Readiness> readiness(const store::Library& library, const store::GuideId& guide);

/// Errors: Refused with every reason why it cannot be issued (unwritten steps, no checker, the checker changed the guide since the
/// last edition, nothing changed since, pictures of moments that no film has; a house that has keys issues nothing unsigned).
core::Result<IssueRequest> prepare_issue(
    const store::Library& library, const store::GuideId& guide, const std::string& author, const std::string& checker);
/// The same, signed. Errors also: Refused where a key is not the one that the register holds for its post, or the checker has not
/// checked the guide exactly as it stands.
core::Result<IssueRequest> prepare_issue(const store::Library& library, const store::GuideId& guide, const Signing& signing);
/// Makes the pack, and signs it; asks the library nothing, so that it runs on any thread. Errors: those of write_pack().
core::Result<MadePack> make_pack(const IssueRequest& request, const publish::PackProgress& progress = {});
/// Keeps the edition with its pack: from here on it exists. Gives back its SHA-256. Errors: Refused when the number was issued
/// meanwhile; NoSpace, Unwritable.
core::Result<std::string> enter_edition(store::Library& library, const IssueRequest& request, MadePack pack);

/// Where a pack of this guide may be delivered to: a new or empty folder, or a file NAME.anapack; also in place of an undamaged pack
/// of an edition this library issued of the same guide. Errors: those of Destination::folder() and file().
core::Result<store::Destination> delivery(const store::Library& library, const store::GuideId& guide, const std::string& folder);
/// Copies a made pack there, as a folder or as one file, and compares the copy. Errors: those of copying; Damaged.
core::Outcome copy_pack(const std::string& from, const store::Destination& to, const store::Progress& progress = {});
/// Writes the kept pack of an edition again. Errors: NotFound; Damaged where the kept pack is not what was issued.
core::Outcome deliver(const store::Library& library, const store::GuideId& guide, int number, const std::string& folder,
    const store::Progress& progress = {});

}  // namespace anagraph::shop
