// Objects: where the films, documents and packs of a library lie: a folder, or a bucket of an object store that speaks S3. An object is
// a file under a name like a path ("media/ID/proxy.mkv"), written once and never changed: what it is of stands in its name.
#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "store/files.h"
#include "store/place.h"

namespace anagraph::store {

/// Objects are checked, and read in part, by pieces of this length.
inline constexpr std::int64_t kPieceBytes = std::int64_t{2} << 20;

/// What an object is, worked out by who sent it; kept beside it, and written last: an object that has none is not there yet.
struct ObjectFacts {
    std::int64_t bytes = 0;
    std::string sha256;               // of all of it
    std::vector<std::string> pieces;  // SHA-256 of each piece
    friend bool operator==(const ObjectFacts&, const ObjectFacts&) = default;
};

/// By reading the file. Errors: NotFound, Unreadable, Cancelled.
core::Result<ObjectFacts> facts_of_file(const std::string& path, const Progress& progress = {});
std::string to_json(const ObjectFacts& facts);
/// Errors: Damaged.
core::Result<ObjectFacts> object_facts_from_json(const std::string& text);

class Objects {
public:
    virtual ~Objects() = default;
    /// Sends a file; when this returns without an error it is there, whole, on both ends the same. What is there already is not sent
    /// again. Errors: Away, after trying for a while: what arrived is kept, and the next put() of the same goes on from there; NoSpace,
    /// also where the store is full; Refused where it does not let this person write; Damaged; Cancelled.
    virtual core::Outcome put(const std::string& name, const std::string& file, const Progress& progress = {}) = 0;
    /// The same of what `write` writes to a path it is given; it gives back the SHA-256 of what it read, and what arrived is that.
    using Write = std::function<core::Result<std::string>(const std::string& path, const Progress& progress)>;
    virtual core::Outcome put_written(const std::string& name, const Write& write, const Progress& progress = {}) = 0;
    /// Errors: those of facts().
    virtual core::Result<std::int64_t> bytes(const std::string& name) = 0;
    /// Errors: NotFound, Away, Refused.
    virtual core::Result<ObjectFacts> facts(const std::string& name) = 0;
    /// These bytes of it, unchecked; fewer at its end. Errors: those of facts().
    virtual core::Result<std::string> read(const std::string& name, std::int64_t from, std::int64_t bytes) = 0;
    /// Names of the objects below a prefix, sorted. Errors: Away, Refused.
    virtual core::Result<std::vector<std::string>> list(const std::string& prefix) = 0;
    /// What is not there is no error.
    virtual core::Outcome remove(const std::string& name) = 0;
    /// Impatient, as a window is: one attempt, then Away.
    virtual void set_patient(bool /*patient*/) {}
};

/// In a folder, as they are.
std::unique_ptr<Objects> folder_objects(const std::string& folder);
/// In a bucket; `uploads`: a folder of this computer that remembers what of a large file was sent.
/// Errors: Refused where no key is kept for it, or the file of passwords may be read by others.
core::Result<std::unique_ptr<Objects>> bucket_objects(const Bucket& bucket, const std::string& uploads);

/// Writes a file and reads it again: what lies at `path` then is what `write` read, and what lay there before is gone. Errors: those of
/// `write`; Damaged.
core::Outcome write_and_compare(const std::string& path, const Objects::Write& write, const Progress& progress);

}  // namespace anagraph::store
