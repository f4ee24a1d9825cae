// Objects in a bucket. An object NAME lies under the key objects/NAME, its facts under facts/NAME, written last. What is longer than a
// part is sent in parts, of which a file of this computer remembers those that arrived.
#include <fmt/format.h>

#include <QCryptographicHash>
#include <QXmlStreamReader>
#include <algorithm>
#include <fstream>
#include <nlohmann/json.hpp>

#include "store/destination.h"
#include "store/digest.h"
#include "store/objects/bucket_request.h"
#include "store/objects/objects.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

namespace {

constexpr std::int64_t kPartBytes = 4 * kPieceBytes;  // a store takes no smaller ones than 5 MB
constexpr std::int64_t kMostParts = 10'000;
constexpr const char* kObjects = "objects/";
constexpr const char* kFacts = "facts/";
constexpr double kLookedAt = 0.1;  // of the time a file takes is working out what it is
constexpr double kWritten = 0.2;   // and writing it first, where it is not written yet
constexpr int kListed = 1000;      // names at once

std::int64_t part_bytes(std::int64_t all) {
    const std::int64_t least = (all + kMostParts - 1) / kMostParts;
    return std::max(kPartBytes, (least + kPieceBytes - 1) / kPieceBytes * kPieceBytes);
}

/// Reads the part of a file that begins at `from`.
Result<std::string> part_of(std::ifstream& in, const std::string& path, std::int64_t from, std::int64_t bytes) {
    std::string out(static_cast<std::size_t>(bytes), '\0');
    in.clear();
    in.seekg(from);
    in.read(out.data(), bytes);
    if (in.gcount() != bytes)
        return fail(ErrorCode::Damaged, core::say(core::key("Library", "{0} was changed while it was sent; send it again."), path), path);
    return out;
}

/// What of a file was sent already: in a file of this computer, so that another program goes on from there.
struct Upload {
    std::string id;                  // as the store names it
    std::vector<std::string> parts;  // MD5 of those that arrived, in order
};

class BucketObjects : public Objects {
public:
    BucketObjects(const Bucket& bucket, Credentials credentials, std::string uploads)
        : connection_(bucket, std::move(credentials)), uploads_(std::move(uploads)) {}

    void set_patient(bool patient) override { connection_.set_patient(patient); }

    Outcome put(const std::string& name, const std::string& file, const Progress& progress) override {
        const auto facts = facts_of_file(file, [&](double share) { return !progress || progress(share * kLookedAt); });
        if (!facts) return tl::make_unexpected(facts.error());
        const auto there = this->facts(name);
        if (there && *there == *facts) return {};
        if (!there && there.error().code != ErrorCode::NotFound && there.error().code != ErrorCode::Damaged)
            return tl::make_unexpected(there.error());
        const Progress sent = [&](double share) { return !progress || progress(kLookedAt + share * (1 - kLookedAt)); };
        auto done = facts->bytes <= kPartBytes ? put_at_once(name, file, *facts, sent) : put_in_parts(name, file, *facts, sent);
        if (!done) return done;
        return put_bytes(kFacts + name, to_json(*facts), {});
    }

    Outcome put_written(const std::string& name, const Write& write, const Progress& progress) override {
        if (auto made = make_folder(uploads_); !made) return made;
        auto work = WorkFolder::in(uploads_);
        if (!work) return tl::make_unexpected(work.error());
        const std::string file = work->path() + "/object";
        const auto part = [&](double from, double to) {
            return [&progress, from, to](double share) { return !progress || progress(from + share * (to - from)); };
        };
        if (auto written = write_and_compare(file, write, part(0, kWritten)); !written) return written;
        return put(name, file, part(kWritten, 1));
    }

    Result<std::int64_t> bytes(const std::string& name) override {
        const auto its = facts(name);
        return its ? Result<std::int64_t>(its->bytes) : tl::make_unexpected(its.error());
    }

    Result<ObjectFacts> facts(const std::string& name) override {
        const auto got = got_of({"GET", kFacts + name}, name);
        if (!got) return tl::make_unexpected(got.error());
        return object_facts_from_json(got->body);
    }

    Result<std::string> read(const std::string& name, std::int64_t from, std::int64_t bytes) override {
        if (bytes <= 0) return std::string();
        BucketRequest request{"GET", kObjects + name};
        request.range = fmt::format("{}-{}", from, from + bytes - 1);
        auto got = got_of(request, name);
        if (!got) return tl::make_unexpected(got.error());
        if (got->status == 416) return std::string();  // beyond its end
        // one that knows no ranges gives all of it
        if (got->status != 206)
            got->body = static_cast<std::int64_t>(got->body.size()) > from
                ? got->body.substr(static_cast<std::size_t>(from), static_cast<std::size_t>(bytes))
                : std::string();
        return std::move(got->body);
    }

    Result<std::vector<std::string>> list(const std::string& prefix) override {
        std::vector<std::string> out;
        const std::string before = connection_.bucket().prefix + kFacts;
        for (std::string after;;) {
            BucketRequest request{"GET", "", {{"max-keys", std::to_string(kListed)}, {"prefix", before + prefix}}};
            if (!after.empty()) request.query.insert(request.query.begin(), {"marker", after});
            const auto got = connection_.ask(request);
            if (!got) return tl::make_unexpected(got.error());
            QXmlStreamReader xml(QByteArray::fromStdString(got->body));
            bool more = false;
            while (!xml.atEnd()) {
                if (xml.readNext() != QXmlStreamReader::StartElement) continue;
                if (xml.name() == QLatin1String("IsTruncated"))
                    more = xml.readElementText() == QLatin1String("true");
                else if (xml.name() == QLatin1String("Key")) {
                    after = xml.readElementText().toStdString();
                    if (after.starts_with(before)) out.push_back(after.substr(before.size()));
                }
            }
            if (xml.hasError() && xml.error() != QXmlStreamReader::PrematureEndOfDocumentError)
                return fail(
                    ErrorCode::Damaged, core::say(core::key("Library", "The list of {0} cannot be read."), connection_.bucket().name));
            if (!more) break;
        }
        std::sort(out.begin(), out.end());
        return out;
    }

    Outcome remove(const std::string& name) override {
        for (const char* part : {kFacts, kObjects})
            if (const auto gone = connection_.ask({"DELETE", part + name}); !gone) return tl::make_unexpected(gone.error());
        return {};
    }

private:
    Result<BucketAnswer> got_of(const BucketRequest& request, const std::string& name) {
        auto got = connection_.ask(request);
        if (got && got->status == 404)
            return fail(ErrorCode::NotFound,
                core::say(core::key("Library", "{0} is not in the object store {1}; library check says what depends on it."), name,
                    connection_.bucket().endpoint),
                name);
        return got;
    }

    /// An answer that names another content than was sent. `etags`: what the store may call it.
    Outcome as_sent(const std::string& name, const BucketAnswer& answer, const std::vector<std::string>& etags) const {
        if (answer.encrypted || std::find(etags.begin(), etags.end(), answer.etag) != etags.end()) return {};
        return fail(ErrorCode::Damaged,
            core::say(core::key("Library", "{0} did not arrive in {1} as it was sent; try again."), name, connection_.bucket().endpoint),
            name);
    }

    Outcome put_bytes(const std::string& key, std::string bytes, const Progress& progress) {
        BucketRequest request{"PUT", key, {}, std::move(bytes)};
        request.progress = progress;
        const auto put = connection_.ask(request);
        if (!put) return tl::make_unexpected(put.error());
        return as_sent(key, *put, {md5(request.body)});
    }

    Outcome put_at_once(const std::string& name, const std::string& file, const ObjectFacts& facts, const Progress& progress) {
        auto bytes = read_file(file);
        if (!bytes) return tl::make_unexpected(bytes.error());
        if (sha256(*bytes) != facts.sha256)
            return fail(
                ErrorCode::Damaged, core::say(core::key("Library", "{0} was changed while it was sent; send it again."), file), file);
        return put_bytes(kObjects + name, std::move(*bytes), progress);
    }

    std::string upload_file(const ObjectFacts& facts, const std::string& name) const {
        return uploads_ + "/" +
            sha256(connection_.bucket().endpoint + "/" + connection_.bucket().name + "/" + connection_.bucket().prefix + name + " " +
                facts.sha256);
    }
    static Upload remembered(const std::string& file) {
        const auto text = read_file(file);
        const json j = text ? json::parse(*text, nullptr, false) : json();
        Upload out;
        if (!j.is_object() || !j.contains("id") || !j["id"].is_string() || !j.contains("parts") || !j["parts"].is_array()) return out;
        for (const auto& p : j["parts"]) {
            if (!p.is_string()) return out;
            out.parts.push_back(p.get<std::string>());
        }
        out.id = j["id"].get<std::string>();
        return out;
    }

    Outcome put_in_parts(const std::string& name, const std::string& file, const ObjectFacts& facts, const Progress& progress) {
        if (auto made = make_folder(uploads_); !made) return made;
        const std::string note = upload_file(facts, name);
        Upload upload = remembered(note);
        for (;;) {
            const bool goes_on = !upload.id.empty();
            if (!goes_on) {
                const auto begun = connection_.ask({"POST", kObjects + name, {{"uploads", ""}}});
                if (!begun) return tl::make_unexpected(begun.error());
                upload = {element_in(begun->body, "UploadId"), {}};
                if (upload.id.empty())
                    return fail(ErrorCode::Refused,
                        core::say(core::key("Library", "{0} takes no file in parts; ask its keeper."), connection_.bucket().endpoint));
            }
            auto done = send_parts(name, file, facts, upload, note, progress);
            if (done && *done) {
                (void)std::remove(note.c_str());
                return {};
            }
            // one that goes on and is known no more, or not as it is remembered here, begins anew; what else went wrong leaves it as it is
            const bool forgotten = done || done.error().code == ErrorCode::Damaged || done.error().code == ErrorCode::Unreadable;
            if (!goes_on || !forgotten) {
                if (!done) return tl::make_unexpected(done.error());
                return fail(ErrorCode::Damaged,
                    core::say(core::key("Library", "{0} forgot the parts of {1} that were sent; try again."), connection_.bucket().endpoint,
                        name),
                    name);
            }
            upload = {};
            (void)std::remove(note.c_str());
        }
    }

    /// False: the store does not know this upload.
    Result<bool> send_parts(const std::string& name, const std::string& file, const ObjectFacts& facts, Upload& upload,
        const std::string& note, const Progress& progress) {
        std::ifstream in(file, std::ios::binary);
        const std::int64_t part = part_bytes(facts.bytes);
        const auto all = static_cast<double>(facts.bytes);
        QCryptographicHash whole(QCryptographicHash::Md5);
        QCryptographicHash of_parts(QCryptographicHash::Md5);
        Digest content;
        std::string list = "<CompleteMultipartUpload>";
        int number = 0;
        for (std::int64_t from = 0; from < facts.bytes; from += part) {
            const auto bytes = part_of(in, file, from, std::min(part, facts.bytes - from));
            if (!bytes) return tl::make_unexpected(bytes.error());
            const std::string its = md5(*bytes);
            if (static_cast<std::size_t>(number) >= upload.parts.size() || upload.parts[static_cast<std::size_t>(number)] != its) {
                upload.parts.resize(static_cast<std::size_t>(number));
                BucketRequest request{
                    "PUT", kObjects + name, {{"partNumber", std::to_string(number + 1)}, {"uploadId", upload.id}}, *bytes};
                request.progress = [&](double share) {
                    return !progress || progress((static_cast<double>(from) + share * static_cast<double>(bytes->size())) / all);
                };
                const auto put = connection_.ask(request);
                if (!put) return tl::make_unexpected(put.error());
                if (put->status == 404) return false;
                if (auto same = as_sent(name, *put, {its}); !same) return tl::make_unexpected(same.error());
                upload.parts.push_back(its);
                if (auto kept = write_file(note, json{{"id", upload.id}, {"parts", upload.parts}}.dump()); !kept)
                    return tl::make_unexpected(kept.error());
            }
            list += fmt::format("<Part><PartNumber>{}</PartNumber><ETag>\"{}\"</ETag></Part>", ++number, its);
            whole.addData(QByteArrayView(bytes->data(), static_cast<qsizetype>(bytes->size())));
            of_parts.addData(QByteArray::fromHex(QByteArray::fromStdString(its)));
            content.add(*bytes);
        }
        if (content.text() != facts.sha256)
            return fail(
                ErrorCode::Damaged, core::say(core::key("Library", "{0} was changed while it was sent; send it again."), file), file);
        const auto ended = connection_.ask({"POST", kObjects + name, {{"uploadId", upload.id}}, list + "</CompleteMultipartUpload>"});
        if (!ended && ended.error().code != ErrorCode::Away) return tl::make_unexpected(ended.error());
        // whatever it said: its answer may have been lost, and asked again it does not know the upload, for it is done
        const auto there = connection_.ask({"HEAD", kObjects + name});
        if (!there) return tl::make_unexpected(there.error());
        return there->status < 300 && there->length == facts.bytes &&
            as_sent(
                name, *there, {whole.result().toHex().toStdString(), fmt::format("{}-{}", of_parts.result().toHex().toStdString(), number)})
                .has_value();
    }

    BucketConnection connection_;
    std::string uploads_;
};

}  // namespace

Result<std::unique_ptr<Objects>> bucket_objects(const Bucket& bucket, const std::string& uploads) {
    const auto credentials = credentials_for(credentials_name(bucket));
    if (!credentials) return tl::make_unexpected(credentials.error());
    if (!*credentials)
        return fail(ErrorCode::Refused,
            core::say(
                core::key("Library", "No key and secret of yours are kept for {0}; keep them with anagraph-cli library password {1}."),
                credentials_name(bucket), credentials_name(bucket)));
    return std::make_unique<BucketObjects>(bucket, std::move(**credentials), uploads);
}

}  // namespace anagraph::store
