#include "store/objects/objects.h"

#include <fmt/format.h>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>

#include "core/procedure/ids.h"
#include "store/archive.h"
#include "store/digest.h"

namespace anagraph::store {

using core::ErrorCode;
using core::fail;
using core::Outcome;
using core::Result;
using nlohmann::json;

Result<ObjectFacts> facts_of_file(const std::string& path, const Progress& progress) {
    ObjectFacts out;
    Digest whole;
    Digest piece;
    std::int64_t in_piece = 0;
    const auto end_piece = [&] {
        out.pieces.push_back(piece.text());
        piece = Digest();
        in_piece = 0;
    };
    auto read = each_piece_of(
        path,
        [&](std::string_view bytes) {
            whole.add(bytes);
            out.bytes += static_cast<std::int64_t>(bytes.size());
            while (!bytes.empty()) {
                const auto part = std::min(bytes.size(), static_cast<std::size_t>(kPieceBytes - in_piece));
                piece.add(bytes.substr(0, part));
                in_piece += static_cast<std::int64_t>(part);
                bytes.remove_prefix(part);
                if (in_piece == kPieceBytes) end_piece();
            }
        },
        progress);
    if (!read) return tl::make_unexpected(read.error());
    if (in_piece > 0) end_piece();
    out.sha256 = whole.text();
    return out;
}

std::string to_json(const ObjectFacts& facts) {
    return json{{"bytes", facts.bytes}, {"piece", kPieceBytes}, {"pieces", facts.pieces}, {"sha256", facts.sha256}}.dump() + "\n";
}

Result<ObjectFacts> object_facts_from_json(const std::string& text) {
    const auto wrong = fail(ErrorCode::Damaged, core::key("Library", "What the library's object store says of a file cannot be read."));
    const json j = json::parse(text, nullptr, false);
    if (!j.is_object() || j.value("piece", std::int64_t{0}) != kPieceBytes) return wrong;
    const auto pieces = j.find("pieces");
    const auto sha256 = j.find("sha256");
    const auto bytes = j.find("bytes");
    if (pieces == j.end() || !pieces->is_array() || sha256 == j.end() || !sha256->is_string() || bytes == j.end() ||
        !bytes->is_number_integer())
        return wrong;
    ObjectFacts out{bytes->get<std::int64_t>(), sha256->get<std::string>(), {}};
    for (const auto& p : *pieces) {
        if (!p.is_string() || !core::is_sha256(p.get<std::string>())) return wrong;
        out.pieces.push_back(p.get<std::string>());
    }
    if (!core::is_sha256(out.sha256) || out.bytes < 0 ||
        static_cast<std::int64_t>(out.pieces.size()) != (out.bytes + kPieceBytes - 1) / kPieceBytes)
        return wrong;
    return out;
}

namespace {

class FolderObjects : public Objects {
public:
    explicit FolderObjects(std::string folder) : folder_(std::move(folder)) {}

    Outcome put(const std::string& name, const std::string& file, const Progress& progress) override {
        return put_written(
            name, [&](const std::string& to, const Progress& told) { return copy_file(file, to, told); }, progress);
    }
    Outcome put_written(const std::string& name, const Write& write, const Progress& progress) override {
        if (auto made = make_folder(parent_of(at(name))); !made) return made;
        if (auto written = write_and_compare(at(name), write, progress); !written) return written;
        return sync_folder(parent_of(at(name)));
    }
    Result<std::int64_t> bytes(const std::string& name) override {
        std::error_code ec;
        const auto size = std::filesystem::file_size(at(name), ec);
        if (ec) return tl::make_unexpected(file_trouble(at(name), ec.value(), "read"));
        return static_cast<std::int64_t>(size);
    }
    Result<ObjectFacts> facts(const std::string& name) override { return facts_of_file(at(name)); }
    Result<std::string> read(const std::string& name, std::int64_t from, std::int64_t bytes) override {
        std::ifstream in(at(name), std::ios::binary);
        if (!in) return tl::make_unexpected(file_trouble(at(name), errno, "read"));
        std::string out(static_cast<std::size_t>(bytes), '\0');
        in.seekg(from);
        in.read(out.data(), bytes);
        out.resize(static_cast<std::size_t>(in.gcount()));
        return out;
    }
    Result<std::vector<std::string>> list(const std::string& prefix) override {
        std::vector<std::string> out;
        // what lies beside the folder of the prefix need not be looked through
        const std::string folder = prefix.substr(0, prefix.rfind('/') + 1);
        for (const auto& file : entries_of(folder_ + "/" + folder))
            if (std::string name = folder + file.name; name.starts_with(prefix)) out.push_back(std::move(name));
        return out;
    }
    Outcome remove(const std::string& name) override {
        std::error_code ec;
        std::filesystem::remove(at(name), ec);
        return ec ? tl::make_unexpected(file_trouble(at(name), ec.value())) : Outcome{};
    }

private:
    std::string at(const std::string& name) const { return folder_ + "/" + name; }
    std::string folder_;
};

}  // namespace

std::unique_ptr<Objects> folder_objects(const std::string& folder) { return std::make_unique<FolderObjects>(folder); }

Outcome write_and_compare(const std::string& path, const Objects::Write& write, const Progress& progress) {
    std::error_code ec;
    if (!is_link(path)) std::filesystem::remove(path, ec);  // what a stopped attempt left
    const auto sent = write(path, progress);
    if (!sent) return tl::make_unexpected(sent.error());
    const auto arrived = sha256_of_file(path);
    if (!arrived) return tl::make_unexpected(arrived.error());
    if (*arrived != *sent)
        return fail(ErrorCode::Damaged,
            core::say(core::key("Library", "{0} is not what was sent there; check the disk and do it again."), path), path);
    return {};
}

}  // namespace anagraph::store
