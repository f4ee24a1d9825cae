#include "shop/issue.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <set>

#include "core/edition/post.h"
#include "core/review/moments.h"
#include "core/review/open_points.h"
#include "core/tape/spoken_lines.h"
#include "publish/pack_manifest.h"
#include "shop/far_recordings.h"
#include "shop/review.h"
#include "shop/taught.h"
#include "store/archive.h"
#include "store/digest.h"
#include "store/files.h"
#include "store/objects/object_cache.h"

namespace anagraph::shop {

using core::ErrorCode;
using core::fail;

namespace {

/// The recordings that plates and clips are taken from.
std::set<core::RecordingId> pictured(const core::Procedure& p) {
    std::set<core::RecordingId> out;
    for (const auto& s : p.steps) {
        for (const auto& plate : s.plates) out.insert(plate.recording);
        if (s.clip) out.insert(s.clip->take.recording);
    }
    return out;
}

/// The highest number among packs in the library's folder that its library.db does not know: it was put back from an older copy,
/// and an edition that went out keeps its number.
int highest_unknown(const store::Library& library, const core::Procedure& p) {
    int out = 0;
    for (const auto& folder : library.packs_not_known()) {
        const auto text = store::read_file(folder + "/edition.json", 256 << 20);
        const auto edition =
            text ? core::edition_from_json(nlohmann::json::parse(*text, nullptr, false)) : tl::make_unexpected(text.error());
        if (edition && edition->procedure.header.number == p.header.number && edition->procedure.header.machine == p.header.machine)
            out = std::max(out, edition->number);
    }
    return out;
}

struct Prepared {
    store::GuideState state;
    core::Edition edition;
    Readiness ready;
    int unknown = 0;
};

core::Result<Prepared> prepared(const store::Library& library, const store::GuideId& guide) {
    Prepared out;
    auto state = library.guide_state(guide);
    if (!state) return tl::make_unexpected(state.error());
    out.state = std::move(*state);
    auto edition = edition_as_it_stands(library, out.state.procedure);
    if (!edition) return tl::make_unexpected(edition.error());
    out.edition = std::move(*edition);
    const auto editions = library.editions(guide);
    if (!editions) return tl::make_unexpected(editions.error());
    const auto back = came_back(library, guide);
    if (!back) return tl::make_unexpected(back.error());
    out.edition.taught = core::taught_words(out.state.procedure, core::taught(out.state.procedure, back->runs, back->wrong));
    out.ready.taught = out.edition.taught;
    out.ready.reasons = core::reasons_not_to_issue(out.state.procedure);
    const auto house = library.house();
    if (!house) return tl::make_unexpected(house.error());
    out.ready.gaps = core::translation_gaps(out.state.procedure);
    if (house->whole_translations)
        for (const auto& gap : out.ready.gaps)
            out.ready.reasons.push_back(core::say(
                core::key("Shop", "This house issues whole translations only. {0} Translate them on the Sheet."), core::words_of(gap)));
    if (!out.state.lost.empty())
        out.ready.reasons.push_back(core::Words(
            core::counted_key("Shop", "%n changes of this guide could not be read; look through it, and make the last change again.",
                "1 change of this guide could not be read; look through it, and make the last change again."),
            static_cast<long long>(out.state.lost.size())));
    out.unknown = highest_unknown(library, out.state.procedure);
    out.ready.next = std::max(out.unknown, editions->empty() ? 0 : editions->back().edition.number) + 1;
    out.edition.number = out.ready.next;
    if (!editions->empty()) {
        out.ready.changes = core::differences(editions->back().edition, out.edition);
        out.ready.current = out.ready.changes.empty() && out.ready.reasons.empty();
        if (out.ready.changes.empty())
            out.ready.reasons.push_back(
                core::say(core::key("Shop", "Nothing has changed since edition {0}."), editions->back().edition.number));
    }
    return out;
}

}  // namespace

core::Result<Readiness> readiness(const store::Library& library, const store::GuideId& guide) {
    auto p = prepared(library, guide);
    if (!p) return tl::make_unexpected(p.error());
    return std::move(p->ready);
}

namespace {

/// Why these keys cannot vouch for the guide as it stands.
core::Result<std::vector<core::Words>> reasons_not_to_sign(
    const store::Library& library, const ReviewNow& now, const std::optional<Signing>& signing) {
    const auto records = library.records();
    if (!records) return tl::make_unexpected(records.error());
    std::vector<core::Words> out;
    if (!signing) {
        if (records->signs())
            out.emplace_back(core::key("Shop", "This house signs what it issues: give the key of the author and the key of the checker."));
        return out;
    }
    for (const auto* key : {&signing->author, &signing->checker}) {
        const auto* held = records->key_of(key->post());
        if (held == nullptr)
            out.push_back(core::say(core::key("Shop", "No key of the {0} is registered in this library; register it first."), key->post()));
        else if (held->key != key->key())
            out.push_back(core::say(
                core::key(
                    "Shop", "The key of the {0} is not the one that is registered now; use that one, or end it and register the new one."),
                key->post()));
    }
    if (!now.checked_by(signing->checker.post()))
        out.push_back(core::say(
            core::key("Shop", "The {0} has not checked the guide as it stands; have it reviewed first."), signing->checker.post()));
    return out;
}

core::Result<IssueRequest> prepare(const store::Library& library, const store::GuideId& guide, const std::string& author,
    const std::string& checker, const std::optional<Signing>& signing) {
    auto p = prepared(library, guide);
    if (!p) return tl::make_unexpected(p.error());
    auto& reasons = p->ready.reasons;
    IssueRequest request{library.place(), guide, p->state.sequence, {std::move(p->edition), "", {}}, signing, {}};
    auto& edition = request.pack.edition;
    edition.issued = store::utc_now();
    edition.author = core::post_of(author);
    edition.checker = core::post_of(checker);
    if (edition.author.empty()) reasons.emplace_back(core::key("Shop", "Say who wrote it."));
    if (edition.checker.empty())
        reasons.emplace_back(core::key("Shop", "Say who checked it: a second person, by post."));
    else if (core::same_post(edition.checker, edition.author))
        reasons.emplace_back(core::key("Shop", "Author and checker are the same; a second person checks."));
    const auto now = review(library, guide, checker);
    if (!now) return tl::make_unexpected(now.error());
    if (auto why = now->not_by(checker); !edition.checker.empty() && !core::same_post(edition.checker, edition.author) && !why.empty())
        reasons.push_back(std::move(why));
    auto unsigned_for = reasons_not_to_sign(library, *now, signing);
    if (!unsigned_for) return tl::make_unexpected(unsigned_for.error());
    std::move(unsigned_for->begin(), unsigned_for->end(), std::back_inserter(reasons));
    if (signing)
        edition.signers = {{"author", edition.author, signing->author.key()}, {"checker", edition.checker, signing->checker.key()}};
    for (const auto& c : p->ready.changes) edition.changes.push_back(c.text);
    for (const auto& id : pictured(edition.procedure)) {
        const auto entry = library.recording(id);
        if (!entry) return tl::make_unexpected(entry.error());
        const auto index = recording_index(library, id);
        if (!index) return tl::make_unexpected(index.error());
        const auto narration = library.narration(id);
        if (!narration) return tl::make_unexpected(narration.error());
        for (auto& beyond : core::moments_beyond(edition.procedure, id, index->start(), index->end)) reasons.push_back(std::move(beyond));
        // captions are the words as the author put them right
        request.pack.recordings.push_back(
            {id, entry->path, index->rotation, index->pixel_aspect, core::spoken_lines(*narration, edition.procedure.find(id)).lines});
    }
    if (!reasons.empty()) return fail(ErrorCode::Refused, core::one_after_other(reasons), guide.text());
    if (p->unknown > 0)
        request.remarks.push_back(core::say(core::key("Shop",
                                                "Edition {0} lies in the library's folder, but library.db does not know it: it is older "
                                                "than the pack. This one is edition {1}."),
            p->unknown, edition.number));
    request.pack.sha256 = store::sha256(core::canonical_text(core::to_json(edition)));
    return request;
}

}  // namespace

core::Result<IssueRequest> prepare_issue(
    const store::Library& library, const store::GuideId& guide, const std::string& author, const std::string& checker) {
    return prepare(library, guide, author, checker, std::nullopt);
}

core::Result<IssueRequest> prepare_issue(const store::Library& library, const store::GuideId& guide, const Signing& signing) {
    return prepare(library, guide, signing.author.post(), signing.checker.post(), signing);
}

core::Result<MadePack> make_pack(const IssueRequest& request, const publish::PackProgress& progress) {
    auto folder = store::Library::work_folder(request.library);
    if (!folder) return tl::make_unexpected(folder.error());
    const auto manifest = publish::write_pack(request.pack, folder->path(), progress);
    if (!manifest) return tl::make_unexpected(manifest.error());
    if (request.signing) {
        std::vector<publish::Signature> signatures;
        for (const auto& [role, key] : {std::pair("author", &request.signing->author), std::pair("checker", &request.signing->checker)})
            signatures.push_back({key->post(), role, key->key(), request.pack.edition.issued, key->sign(publish::signed_text(*manifest))});
        if (auto written = store::write_file(folder->path() + "/" + publish::kSignatures, publish::signatures_text(signatures)); !written)
            return tl::make_unexpected(written.error());
    }
    if (auto sent = store::Library::send_pack(request.library, *manifest, folder->path()); !sent) return tl::make_unexpected(sent.error());
    return MadePack{std::move(*folder), *manifest};
}

core::Result<std::string> enter_edition(store::Library& library, const IssueRequest& request, MadePack pack) {
    return library.enter_edition(request.guide, request.sequence, request.pack.edition, pack.manifest, std::move(pack.folder));
}

namespace {

bool is_one_file(const std::string& path) { return path.ends_with(publish::kPackEnding); }

/// Why what lies there is not written over; nothing: it may be.
std::optional<std::string> not_over(const store::Library& library, const store::GuideId& guide, const std::string& there) {
    const auto v = publish::verify_pack(there);
    if (!v) return core::say(core::key("Shop", "{0} holds other files; choose an empty folder for the pack, or another name."), there);
    if (!v->undamaged)
        return core::say(
            core::key("Shop", "{0} holds a pack that was altered, or other files beside one; choose an empty folder, or another name."),
            there);
    const auto known = library.known_pack(v->sha256);
    if (!known || !*known || !((*known)->guide == guide))
        return core::say(core::key("Shop", "{0} holds a pack of another guide; choose an empty folder, or another name."), there);
    return std::nullopt;
}

}  // namespace

core::Result<store::Destination> delivery(const store::Library& library, const store::GuideId& guide, const std::string& path) {
    const auto over = [&](const std::string& there) { return not_over(library, guide, there); };
    if (!is_one_file(path)) return store::Destination::folder(path, over);
    const bool there = store::is_there(path);
    if (there)
        if (const auto why = over(path)) return fail(ErrorCode::Refused, *why, path);
    return store::Destination::file(path, {}, there);
}

core::Outcome copy_pack(const std::string& from, const store::Destination& to, const store::Progress& progress) {
    const auto copying = [&](double share) { return !progress || progress(share * 0.8); };
    if (auto here = store::make_all_here(from, [&](double share) { return !progress || progress(share * 0.1); }); !here) return here;
    const auto held = store::hold_here(from);
    auto copied = is_one_file(to.path()) ? store::write_archive(to.work(), store::entries_of(from), copying)
                                         : store::copy_tree(from, to.work(), copying);
    if (!copied) return copied;
    const auto v = publish::verify_pack(to.work(), [&](double share) { return !progress || progress(0.8 + share * 0.2); });
    if (!v) return tl::make_unexpected(v.error());
    if (!v->undamaged)
        return fail(ErrorCode::Damaged,
            core::say(core::key("Shop", "The copy of the pack is not what was issued ({0}); check the disk of {1}, and try again."),
                v->troubles.front(), to.path()),
            to.path());
    return {};
}

core::Outcome deliver(
    const store::Library& library, const store::GuideId& guide, int number, const std::string& folder, const store::Progress& progress) {
    const auto kept = library.pack_folder(guide, number);
    if (!kept) return tl::make_unexpected(kept.error());
    auto to = delivery(library, guide, folder);
    if (!to) return tl::make_unexpected(to.error());
    if (auto copied = copy_pack(*kept, *to, progress); !copied) return copied;
    return to->commit();
}

}  // namespace anagraph::shop
